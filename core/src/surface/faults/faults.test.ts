import { describe, expect, test } from '@jest/globals';
import { deltaE00, type Linear } from '../../colour/index.js';
import {
  RULES,
  SPOILS,
  checkSequence,
  exampleProblem,
  harmsOf,
  strokesOfAll,
  type Example,
  type Rule,
  type Spoil,
} from '../../sequence/index.js';
import { TestCard, exampleStrokes, meanOf, seenExamples, type CardGround } from '../index.js';

const GROUND: CardGround = { of: 'timber', relief: { grooveDepthUm: 300, grooveWidthUm: 300, crestHeightUm: 300 }, pxPerMm: 3, seed: 1 };
const PRIMER = { technique: 'spray-coat', material: 'primer-lacquer-aerosol', colour: '#b9b4a8' };
const COAT = { technique: 'brush-coat', material: 'enamel-matt', colour: '#5d6f45' };
const SEAL = { technique: 'clear-coat', material: 'clear-matt-acrylic' };
const WASH = { technique: 'wash', material: 'wash-enamel', colour: '#2e2620' };
/** A wash on a coat of the same evening, when that can no longer be worked into. */
const HASTY = exampleStrokes([PRIMER, COAT, WASH], [0, 3000, 3200]);
const paint = (strokes = HASTY) => new TestCard(GROUND).after(strokes);
const lightAt = (light: Float32Array, i: number): Linear => [
  light[i] ?? 0,
  light[i + light.length / 3] ?? 0,
  light[i + (2 * light.length) / 3] ?? 0,
];

describe('a layer that comes up', () => {
  test('is told by the check alone: in time, or under a seal, nothing does', () => {
    expect(HASTY.strokes.at(-1)!.spoilt).toEqual([{ spoil: 'lifted', causeIndex: 1 }]);
    expect(exampleStrokes([PRIMER, COAT, WASH], [0, 3000, 60_000]).strokes.at(-1)!.spoilt).toEqual([]);
    expect(exampleStrokes([PRIMER, COAT, SEAL, WASH], [0, 3000, 6000, 9000]).strokes.at(-1)!.spoilt).toEqual([]);
  });

  test('leaves what lay below it bare in patches, and is dragged about between them', () => {
    const holds = { ...HASTY, strokes: HASTY.strokes.map((stroke) => ({ ...stroke, spoilt: [] })) };
    const [spoilt, sound] = [paint(), paint(holds)];
    const primed = new TestCard(GROUND).after(HASTY, 1);
    const n = spoilt.light.length / 3;
    let bare = 0;
    for (let i = 0; i < n; i++) if (deltaE00(lightAt(spoilt.light, i), lightAt(primed.light, i)) < 8) bare++;
    expect(bare / n).toBeGreaterThan(0.15);
    expect(bare / n).toBeLessThan(0.45);
    // between them it is the same paint, only elsewhere: the whole stands between what was sound and what lies bare
    const [is, was, below] = [spoilt, sound, primed].map(({ light }) => meanOf(light)[1]);
    expect(is).toBeGreaterThan(was!);
    expect(is).toBeLessThan(below!);
    expect(paint().light).toEqual(spoilt.light);
  });

  test('kept layers are what fresh ones are, before and after it', () => {
    const card = new TestCard(GROUND);
    const later = exampleStrokes(
      [PRIMER, COAT, WASH, { technique: 'drybrush', material: 'acrylic-matt', colour: '#d8cdb4' }],
      [0, 3000, 3200, 9000],
    );
    card.after(later);
    expect(card.after(HASTY).light).toEqual(paint().light);
    expect(card.after(later).light).toEqual(new TestCard(GROUND).after(later).light);
  });
});

const ALL = Object.keys(SPOILS) as Spoil[];
/** What an example's steps spoil, by the check's own findings: rule, step, zone, and what is seen. */
const spoiltIn = (example: Example) =>
  [...strokesOfAll(exampleProblem(example))].flatMap(([zoneId, { strokes }]) =>
    strokes.flatMap(({ stepIndex, spoilt }) => spoilt.map(({ spoil }) => ({ zoneId, stepIndex, spoil }))),
  );
/** A pale coat that covers all; it spoils what it is told to. */
const COVERED = exampleStrokes([PRIMER, COAT, { technique: 'brush-coat', material: 'acrylic-matt', colour: '#d8cdb4' }]);
const harmedBy = (spoil: Spoil | null) => ({
  ...COVERED,
  strokes: COVERED.strokes.map((stroke, i) => ({ ...stroke, spoilt: spoil && i === 2 ? [{ spoil, causeIndex: 1 }] : [] })),
});
const spoils = ({ examples }: Rule): boolean => spoiltIn(examples.fires).length > 0;

describe('faults', () => {
  test('are where the check says, and nowhere where it says nothing', () => {
    const drawn = RULES.filter(spoils);
    expect(drawn.length).toBeGreaterThanOrEqual(12);
    for (const { examples } of RULES) {
      expect(spoiltIn(examples.silent)).toEqual([]);
      const { findings } = checkSequence(exampleProblem(examples.fires));
      for (const { zoneId, stepIndex, spoil } of spoiltIn(examples.fires))
        expect({ spoil, zoneId, told: findings.filter(({ stepIndex: at }) => at === stepIndex).flatMap(({ zones }) => zones) }).toEqual({
          spoil,
          zoneId,
          told: expect.arrayContaining([zoneId]),
        });
    }
  });

  test('each comes from some rule', () => {
    const cold = { steps: [['brush-coat', 'acrylic-matt']], air: { tempC: 6, rhPct: 50 } } satisfies Example;
    expect(spoiltIn(cold).map(({ spoil }) => spoil)).toContain('cracked');
    const seen = new Set([...RULES.flatMap(({ examples }) => spoiltIn(examples.fires)), ...spoiltIn(cold)].map(({ spoil }) => spoil));
    expect([...seen].sort()).toEqual([...ALL].sort());
  });

  test('spray fogs the window though no step was meant for it', () => {
    const { zone, count } = seenExamples(RULES.find(({ id }) => id === 'glazing-unmasked')!)!.fires;
    expect(zone.strokes.slice(0, count).map(({ spoilt, hides }) => [spoilt.length, hides])).toEqual([[1, null]]);
  });

  test.each(ALL)('%s: seen at once, the same each time, and light stays light', (spoil) => {
    const [is, was] = [paint(harmedBy(spoil)), paint(harmedBy(null))];
    expect(paint(harmedBy(spoil))).toEqual(is);
    let [seen, out] = [0, 0];
    for (let i = 0; i < is.filmUm.length; i++) {
      const higher = Math.abs((is.filmUm[i] ?? 0) - (was.filmUm[i] ?? 0));
      if (higher > 5 || deltaE00(lightAt(is.light, i), lightAt(was.light, i)) > 3) seen++;
      for (const value of lightAt(is.light, i)) if (!(value >= 0 && value <= 1)) out++;
      if (!Number.isFinite(is.filmUm[i])) out++;
    }
    expect(out).toBe(0);
    expect(seen / is.filmUm.length).toBeGreaterThan(0.03);
  });

  test('other seeds, other places; the amount of harm is much the same', () => {
    const of = (seed: number) => new TestCard({ ...GROUND, seed }).after(harmedBy('blushed')).light;
    expect(of(1)).not.toEqual(of(2));
    expect(deltaE00(meanOf(of(1)), meanOf(of(2)))).toBeLessThan(3);
  });
});

describe('harm as the plan tells it', () => {
  const fogging = exampleProblem(RULES.find(({ id }) => id === 'glazing-unmasked')!.examples.fires);
  const { findings } = checkSequence(fogging);

  test('is what is drawn, whatever a walk of its own would say', () => {
    const told = harmsOf(fogging.steps, findings);
    expect(told).toEqual([{ spoil: 'fogged', stepId: 's1', causeId: null, zones: ['glazing'] }]);
    expect(strokesOfAll(fogging, told)).toEqual(strokesOfAll(fogging));
    expect(strokesOfAll(fogging, []).get('glazing')!.strokes).toEqual([]);
    // a rule that is turned off tells nothing, and nothing of it is seen
    const off = checkSequence({ ...fogging, severities: { 'glazing-unmasked': 'off' } }).findings;
    expect(harmsOf(fogging.steps, off)).toEqual([]);
  });

  test('goes by the steps, not by their places: one more before it changes nothing', () => {
    const [fires] = [exampleProblem(RULES.find(({ id }) => id === 'solvent-lifts-layer')!.examples.fires)];
    const told = harmsOf(fires.steps, checkSequence(fires).findings);
    const cleaned = {
      ...fires,
      steps: [{ ...fires.steps[0]!, id: 'first', technique: 'clean', material: 'water-detergent' }, ...fires.steps],
    };
    const spoilt = strokesOfAll(cleaned, told)
      .get('side-lower')!
      .strokes.flatMap((stroke) => stroke.spoilt);
    expect(spoilt).toEqual([{ spoil: 'lifted', causeIndex: 1 }]);
  });

  test('what is only tonight’s is seen too: a can in damp air blushes', () => {
    const damp = exampleProblem(RULES.find(({ id }) => id === 'climate')!.examples.fires);
    const dry = { ...damp, bench: exampleProblem({ steps: [] }).bench };
    const harms = harmsOf(damp.steps, checkSequence(damp).findings);
    expect(strokesOfAll(dry).get('roof')!.strokes[0]!.spoilt).toEqual([]);
    expect(strokesOfAll(dry, harms).get('roof')!.strokes[0]!.spoilt).toEqual([{ spoil: 'blushed', causeIndex: null }]);
  });
});
