import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { deltaE00, linearOf } from '../colour/index.js';
import { CATALOGUE } from '../materials/index.js';
import { TECHNIQUES, type Technique } from '../techniques/index.js';
import {
  GRAINS,
  SPREADS,
  TestCard,
  bareSurface,
  exampleOf,
  exampleStrokes,
  fieldsOf,
  grainOf,
  lit,
  meanOf,
  mostHidden,
  sharesOf,
  type CardGround,
  type Fields,
} from './index.js';

const PLANKED = { grooveDepthUm: 300, grooveWidthUm: 300, crestHeightUm: 300 };
const ground = (given: Partial<CardGround> = {}): CardGround => ({ of: 'timber', relief: PLANKED, pxPerMm: 3, seed: 1, ...given });
const card = (given: Partial<CardGround> = {}): TestCard => new TestCard(ground(given));
const mean = (values: Float32Array): number => values.reduce((sum, one) => sum + one, 0) / values.length;
/** The mean over one kind of place alone. */
const at = (shares: Float32Array, place: Float32Array): number =>
  shares.reduce((sum, share, i) => sum + share * (place[i] ?? 0), 0) / place.reduce((sum, one) => sum + one, 0);
const BASE = { technique: 'airbrush-coat', material: 'acrylic-matt', colour: '#8a5a44' };
const shown = TECHNIQUES.filter(({ effect }) => ['film', 'tint', 'accent', 'loose', 'slurry', 'inlay'].includes(effect));
const materialsOf = ({ roles }: Technique) => CATALOGUE.materials.filter(({ role, hidingPct }) => hidingPct > 0 && roles.includes(role));

describe('the surface', () => {
  test('kinds of place are the shares that looks are reckoned with, on every sort of surface', () => {
    for (const grain of GRAINS) {
      const fields = fieldsOf(bareSurface(grain, PLANKED, { widthMm: 60, heightMm: 40, pxPerMm: 3 }, 1));
      expect(mean(fields.recess)).toBeCloseTo(0.15, 1);
      expect(mean(fields.crest)).toBeCloseTo(0.15, 1);
      for (let i = 0; i < fields.face.length; i += 97)
        expect((fields.recess[i] ?? 0) + (fields.face[i] ?? 0) + (fields.crest[i] ?? 0)).toBeCloseTo(1, 5);
    }
  });

  test('grooves are recess, what stands out is crest', () => {
    const map = bareSurface('planks', PLANKED, { widthMm: 60, heightMm: 40, pxPerMm: 6 }, 1);
    const { rank } = fieldsOf(map);
    const deep = [...map.um.keys()].filter((i) => (map.um[i] ?? 0) < -200);
    expect(deep.length).toBeGreaterThan(1000);
    expect(mean(Float32Array.from(deep, (i) => rank[i] ?? 1))).toBeLessThan(0.15);
  });

  test('what it is made of says how it is drawn; of what nobody said it goes by its depth', () => {
    expect(grainOf('timber', PLANKED)).toBe('planks');
    expect(grainOf(null, PLANKED)).toBe('plate');
    expect(grainOf(null, { ...PLANKED, crestHeightUm: 1500 })).toBe('rock');
    expect(grainOf('stone', { grooveDepthUm: 0, grooveWidthUm: 0, crestHeightUm: 0 })).toBe('plain');
    expect(() => bareSurface('plate', PLANKED, { widthMm: 0, heightMm: 5, pxPerMm: 3 }, 1)).toThrow('size');
  });
});

const small: Fields = card({ pxPerMm: 2 }).fields;
const SPREAD_NAMES = [...SPREADS.keys()];

describe('what is laid is what is reckoned', () => {
  test('whatever is spread, its mean is kept, and nothing hides more than it can', () => {
    const share = fc.double({ min: 0, max: 1, noNaN: true });
    fc.assert(
      fc.property(
        fc.constantFrom(...SPREAD_NAMES),
        share,
        share,
        share,
        fc.integer({ min: 1, max: 100 }),
        fc.nat(50),
        (id, a, b, c, coverPct, seed) => {
          const cover = coverPct / 100;
          const hides = { recess: a * cover, face: b * cover, crest: c * cover, patch: null };
          const spread = SPREADS.get(id)!(small, { coverPct, sprayed: false }, seed);
          const shares = sharesOf(hides, coverPct, spread, small);
          const want = mean(small.recess) * hides.recess + mean(small.face) * hides.face + mean(small.crest) * hides.crest;
          // two hundredths, and of all that is laid two
          expect(Math.abs(mean(shares) - want)).toBeLessThan(0.004 + 0.02 * want);
          const most = spread.kind === 'film' ? 1 : mostHidden(hides, coverPct);
          expect(Math.max(...shares)).toBeLessThanOrEqual(most + 1e-6);
        },
      ),
      { numRuns: 60 },
    );
  });

  test.each(SPREAD_NAMES)('%s: recess, face and crest as the technique says', (id) => {
    const technique = TECHNIQUES.find((one) => one.id === id)!;
    const { recess, face, crest } = technique.deposit;
    if (recess + face + crest === 0) return;
    const scale = 0.3;
    const hides = { recess: scale * recess, face: scale * face, crest: scale * crest, patch: technique.accent === null ? null : 0.9 };
    const shares = sharesOf(hides, 30, SPREADS.get(id)!(small, { coverPct: 30, sprayed: false }, 5), small);
    // places pass softly into each other, so the least of the three gets some of its neighbour's
    const near = (got: number, want: number): void => {
      expect(Math.abs(got - want)).toBeLessThan(0.1 * scale * Math.max(recess, face, crest) + 0.015);
    };
    near(at(shares, small.recess), hides.recess);
    near(at(shares, small.face), hides.face);
    near(at(shares, small.crest), hides.crest);
  });

  test.each(shown.map((technique) => [technique.id, technique] as const))(
    '%s: each material looks from afar as its zone does',
    (_id, technique) => {
      const patch = card({ pxPerMm: 2 });
      for (const { id } of materialsOf(technique)) {
        const { start, strokes } = exampleStrokes([BASE, { technique: technique.id, material: id, colour: '#d9c9a8' }]);
        // looks of zones know no faults: what comes up is drawn besides
        const zone = { start, strokes: strokes.map((stroke) => ({ ...stroke, spoilt: [] })) };
        const { light } = patch.after(zone);
        const want = zone.strokes.at(-1)!.mean;
        expect({ id, far: deltaE00(meanOf(light), want) > 2 }).toEqual({ id, far: false });
      }
    },
  );

  const SHARP = [
    'sponge',
    'chip',
    'scrape',
    'speckle',
    'line-draw',
    'stipple-paste',
    'glue',
    'scatter',
    'plant',
    'decal',
    'edge-highlight',
  ];

  test.each(SHARP)('%s: so much is covered as was said', (id) => {
    const { fields } = card({ pxPerMm: 4 });
    for (const coverPct of [4, 15, 40]) {
      const hides = 0.9 * (coverPct / 100);
      const spread = SPREADS.get(id)!(fields, { coverPct, sprayed: false }, 3);
      const shares = sharesOf({ recess: hides, face: hides, crest: hides, patch: 0.9 }, coverPct, spread, fields);
      const covered = shares.reduce((count, share) => count + (share > 0.45 ? 1 : 0), 0) / shares.length;
      expect(Math.abs(100 * covered - coverPct)).toBeLessThan(2);
    }
  });
});

describe('a test card', () => {
  const wash = { technique: 'wash', material: 'wash-enamel', colour: '#2e2620' };

  test('the same card each time; another seed is another patch of the same look', () => {
    const zone = exampleStrokes([BASE, { technique: 'sponge', material: 'acrylic-matt', colour: '#3b2a22' }]);
    const [one, same, other] = [card(), card(), card({ seed: 2 })].map((each) => each.after(zone).light) as [
      Float32Array,
      Float32Array,
      Float32Array,
    ];
    expect(same).toEqual(one);
    expect(other).not.toEqual(one);
    expect(deltaE00(meanOf(other), meanOf(one))).toBeLessThan(1);
  });

  test('looked at back and forth, and with a step changed, it is as one painted anew', () => {
    const kept = card();
    const zone = exampleStrokes([BASE, wash, { technique: 'drybrush', material: 'acrylic-matt', colour: '#e0d6c0' }]);
    kept.after(zone);
    expect(kept.after(zone, 1).light).toEqual(card().after(zone, 1).light);
    expect(kept.after(zone).light).toEqual(card().after(zone).light);
    const changed = exampleStrokes([
      BASE,
      { ...wash, colour: '#6a3a1a' },
      { technique: 'drybrush', material: 'acrylic-matt', colour: '#e0d6c0' },
    ]);
    expect(kept.after(changed).light).toEqual(card().after(changed).light);
    expect(kept.after(changed).light).not.toEqual(kept.after(zone).light);
  });

  test('a wash gathers in what is deep, a drybrush on what stands out', () => {
    const patch = card();
    const { recess, face, crest } = patch.fields;
    const redAt = (light: Float32Array, place: Float32Array): number => at(light.subarray(0, place.length), place);
    const washed = patch.after(exampleStrokes([BASE, wash])).light;
    expect(redAt(washed, recess)).toBeLessThan(0.85 * redAt(washed, face));
    const brushed = patch.after(exampleStrokes([BASE, { technique: 'drybrush', material: 'acrylic-matt', colour: '#f0e8d8' }])).light;
    expect(redAt(brushed, crest)).toBeGreaterThan(1.3 * redAt(brushed, face));
  });

  test('a clear seal below a wash changes no colour; dust under a clear coat is muted, pale dust most', () => {
    const patch = card();
    const seal = { technique: 'clear-coat', material: 'clear-satin-acrylic' };
    const plain = meanOf(patch.after(exampleStrokes([BASE, wash])).light);
    expect(deltaE00(meanOf(patch.after(exampleStrokes([BASE, seal, wash])).light), plain)).toBeLessThan(0.5);
    const left = (colour: string): number => {
      const dust = { technique: 'powder-dry', material: 'pigment-dry', colour, coverPct: 60 };
      const [bare, dusty, sealed] = [[BASE], [BASE, dust], [BASE, dust, seal]].map((steps) =>
        meanOf(patch.after(exampleStrokes(steps)).light),
      ) as [never, never, never];
      return deltaE00(sealed, bare) / deltaE00(dusty, bare);
    };
    expect(left('#e6dcc4')).toBeLessThan(0.3);
    expect(left('#2a2622')).toBeGreaterThan(0.8);
  });

  test('chips show what lay under the soluble layer, edges first, and nothing where there is none', () => {
    const patch = card({ pxPerMm: 5 });
    const over = { technique: 'airbrush-coat', material: 'acrylic-matt', colour: '#e6e2d8', coats: 3 };
    const chip = { technique: 'chip', material: 'water', coverPct: 10 };
    const chipped = patch.after(
      exampleStrokes([BASE, { technique: 'brush-coat', material: 'chipping-medium' }, over, chip], [0, 3000, 3120, 3180]),
    ).light;
    const n = patch.fields.face.length;
    const below = linearOf(BASE.colour)[0];
    const open = Float32Array.from({ length: n }, (_, i) => ((chipped[i] ?? 1) < 2 * below ? 1 : 0));
    expect(mean(open)).toBeGreaterThan(0.04);
    expect(at(open, patch.fields.crest)).toBeGreaterThan(3 * at(open, patch.fields.face));
    // it is scuffed, and whole
    const solid = exampleStrokes([BASE, over, chip]);
    const [scuffed, whole] = [patch.after(solid), patch.after(solid, 2)];
    expect(deltaE00(meanOf(scuffed.light), meanOf(whole.light))).toBeLessThan(1);
    expect(scuffed.light.reduce((least, one) => Math.min(least, one), 1)).toBeGreaterThan(2 * linearOf(BASE.colour)[2]);
  });

  test('blended while it is wet there is as much of it, only softer', () => {
    const patch = card();
    const zone = exampleStrokes([BASE, wash, { technique: 'blend', material: 'white-spirit' }]);
    const [before, after] = [patch.after(zone, 2), patch.after(zone)];
    expect(deltaE00(meanOf(after.light), meanOf(before.light))).toBeLessThan(1);
    const spreadOf = (light: Float32Array): number => {
      const red = light.subarray(0, patch.fields.face.length);
      const middle = mean(red);
      return mean(red.map((one) => (one - middle) ** 2));
    };
    expect(spreadOf(after.light)).toBeLessThan(0.7 * spreadOf(before.light));
  });

  test('flat light shows the colour as it is; from the side relief is seen, and gloss glints', () => {
    const patch = card({ pxPerMm: 4 });
    const { map } = patch.fields;
    const painted = patch.after(exampleStrokes([BASE]));
    const red = (rgba: Uint8ClampedArray): number[] => Array.from({ length: rgba.length / 4 }, (_, i) => rgba[4 * i] ?? 0);
    const flat = red(lit(painted, map, 'flat'));
    expect(Math.max(...flat) - Math.min(...flat)).toBeLessThan(12);
    const day = red(lit(painted, map, 'day'));
    expect(Math.max(...day) - Math.min(...day)).toBeGreaterThan(60);
    const mostOf = (sheenGu: number): number => Math.max(...red(lit({ ...painted, sheenGu }, map, 'day')));
    expect(mostOf(85)).toBeGreaterThan(mostOf(3));
    expect(lit(painted, map, 'day')).toHaveLength(4 * map.um.length);
  });
});

describe('examples of techniques', () => {
  // under it nothing is seen of these: they are clear, dry clear, or are laid under what comes over them
  const UNSEEN = ['clear-coat', 'fix', 'flood-glue', 'laminate', 'wipe-back'];

  test.each(
    shown
      .map(({ id }) => id)
      .concat(['chip', 'blend', 'draw-out'])
      .filter((id) => !UNSEEN.includes(id)),
  )('%s changes what is seen of it', (id) => {
    const zone = exampleOf(id);
    // shown as it is when it is done right
    expect(zone?.strokes.flatMap(({ spoilt }) => spoilt) ?? []).toEqual([]);
    expect(zone).not.toBeNull();
    const patch = card({ pxPerMm: 4 });
    const n = zone!.strokes.length;
    const [before, after] = [patch.after(zone!, n - 1).light, patch.after(zone!, n).light];
    const changed = before.reduce((count, one, i) => count + (Math.abs(one - (after[i] ?? 0)) > 0.01 ? 1 : 0), 0) / before.length;
    expect(changed).toBeGreaterThan(0.01);
  });

  test('what leaves nothing has none', () => {
    expect(exampleOf('inspect')).toBeNull();
    expect(exampleOf('mask')).toBeNull();
  });
});
