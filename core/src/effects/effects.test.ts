import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { deltaE00OfHex } from '../colour/index.js';
import { plainBottle, CATALOGUE, suppliesOf, type Bottle } from '../materials/index.js';
import { incomingOf } from '../sequence/index.js';
import {
  REGIONS,
  TEMPLATES,
  UPKEEPS,
  USUAL_STORY,
  pieceFromTemplate,
  templateById,
  type Piece,
  type Story,
  type Wish,
} from '../subjects/index.js';
import { USUAL_SCHOOLS } from '../techniques/index.js';
import {
  AMOUNTS,
  DUST,
  EFFECTS,
  SOIL,
  effectById,
  likelyIntensity,
  proposalOf,
  proposedWishes,
  stepsOf,
  suits,
  wayOf,
  zonesOfWish,
  type Fitting,
} from './index.js';

const wish = (effect: string, more: Partial<Wish> = {}): Wish => ({
  id: 'w',
  effect,
  way: null,
  zones: null,
  featureId: null,
  intensity: 0.5,
  priority: 'must',
  colour: null,
  ...more,
});
const bare = (template: string): Piece => pieceFromTemplate(templateById(template), { id: 'p', name: 'P', scaleRatio: 76 });
const fitting = (piece: Piece, more: Partial<Fitting> = {}): Fitting => ({
  piece,
  story: USUAL_STORY,
  supplies: CATALOGUE,
  schools: USUAL_SCHOOLS,
  today: '2026-11-25',
  ...more,
});

describe('the catalogue of effects', () => {
  test('is about forty, each with one to three ways or a few more, and every id once', () => {
    expect(EFFECTS.length).toBeGreaterThanOrEqual(40);
    expect(new Set(EFFECTS.map(({ id }) => id)).size).toBe(EFFECTS.length);
    for (const { ways } of EFFECTS) expect(new Set(ways.map(({ id }) => id)).size).toBe(ways.length);
  });

  test.each(EFFECTS.map((effect) => [effect.id, effect] as const))(
    '%s: every way uses what there is, and suits some piece',
    (_id, effect) => {
      const piece = TEMPLATES.map(({ id }) => bare(id)).find((one) => suits(effect, one));
      expect(piece).toBeDefined();
      const feature = piece!.features.find(({ kind }) => effect.features.includes(kind));
      for (const way of effect.ways) {
        const steps = stepsOf(wish(effect.id, { way: way.id, featureId: effect.needsFeature ? feature!.id : null }), fitting(piece!));
        expect(steps).toHaveLength(way.steps.length);
        for (const step of steps) {
          const { technique, material } = incomingOf(step, CATALOGUE);
          if (material && technique.roles.length > 0) expect(technique.roles).toContain(material.role);
          if (step.tool !== null) expect(technique.tools).toContain(step.tool);
        }
      }
    },
  );

  test('more intensity never means less of it', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...EFFECTS),
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (effect, a, b) => {
          const piece = TEMPLATES.map(({ id }) => bare(id)).find((one) => suits(effect, one))!;
          const [less, more] = [Math.min(a, b), Math.max(a, b)].map((intensity) => stepsOf(wish(effect.id, { intensity }), fitting(piece)));
          less!.forEach((step, i) => {
            expect(step.coverPct ?? 0).toBeLessThanOrEqual(more![i]!.coverPct ?? 0);
            expect(step.strength ?? 0).toBeLessThanOrEqual(more![i]!.strength ?? 0);
          });
        },
      ),
    );
  });

  test('an unknown effect is named', () => {
    expect(() => effectById('glitter')).toThrow("effect 'glitter' is not known");
  });
});

describe('where an effect goes', () => {
  test('on zones that it belongs to, never on what is never seen or kept clean', () => {
    for (const { id } of TEMPLATES) {
      const piece = bare(id);
      const closed = piece.zones.filter(({ seen, keepClean }) => seen === 'never' || keepClean !== null).map((zone) => zone.id);
      for (const effect of EFFECTS) for (const zone of zonesOfWish(wish(effect.id), effect, piece)) expect(closed).not.toContain(zone);
    }
  });

  test('a feature brings its zone, and its name to what runs from it', () => {
    const van = bare('van');
    const hinge = van.features.find(({ kind }) => kind === 'hinge')!;
    const [streak] = stepsOf(wish('rust-streaks', { featureId: hinge.id }), fitting(van));
    expect(streak).toMatchObject({ zones: [hinge.zoneId], source: hinge.label, direction: 'down' });
  });
});

/** More green in it than red and blue. */
function isGreen(hex: string): boolean {
  const [red, green, blue] = [1, 3, 5].map((at) => parseInt(hex.slice(at, at + 2), 16));
  return green! > red! && green! > blue!;
}

describe('what a story proposes', () => {
  const van = bare('van');
  const intensity = (effect: string, story: Partial<typeof USUAL_STORY>) =>
    likelyIntensity(effectById(effect), { ...USUAL_STORY, ...story });

  test('neglect shows more than care, age more than youth', () => {
    for (const effect of EFFECTS)
      for (const [less, more] of [
        [{ upkeep: UPKEEPS[0] }, { upkeep: UPKEEPS[2] }],
        [{ ageYears: 1 }, { ageYears: 30 }],
      ] as const)
        expect(likelyIntensity(effect, { ...USUAL_STORY, ...less })).toBeLessThanOrEqual(
          likelyIntensity(effect, { ...USUAL_STORY, ...more }),
        );
    expect(intensity('rust-streaks', { upkeep: 'neglected' })).toBeGreaterThan(intensity('rust-streaks', { upkeep: 'cared-for' }));
  });

  test('salt is for the coast, soot for steam; fine work is not seen across the room', () => {
    expect(intensity('salt-bloom', { region: 'coast', upkeep: 'neglected' })).toBeGreaterThan(0);
    expect(intensity('salt-bloom', { region: 'humid' })).toBe(0);
    expect(intensity('soot', { era: 'steam' })).toBeGreaterThan(intensity('soot', { era: 'modern' }));
    for (const effect of EFFECTS) if (effect.likely?.fine) expect(likelyIntensity(effect, { ...USUAL_STORY, seenFrom: 'room' })).toBe(0);
  });

  test('the camera asks for more', () => {
    expect(intensity('recess-shade', { camera: true })).toBeGreaterThan(intensity('recess-shade', { camera: false }));
  });

  test('proposes only what suits the piece, strong ones before those that may be left out', () => {
    for (const one of proposedWishes(van, USUAL_STORY)) {
      expect(suits(effectById(one.effect), van)).toBe(true);
      if (one.effect !== 'protection') expect(one.priority).toBe(one.intensity >= 0.45 ? 'should' : 'may');
    }
    expect(proposedWishes(van, { ...USUAL_STORY, ageYears: 0 }).length).toBeLessThan(proposedWishes(van, USUAL_STORY).length);
  });

  test('is what one would name: a few, some more, many; the rest is possible too, the likeliest first', () => {
    const [light, typical, heavy] = AMOUNTS.map((amount) => proposalOf(van, USUAL_STORY, amount));
    expect([light, typical, heavy].map((one) => one!.wishes.length)).toEqual([4, 6, 10]);
    for (const { wishes, alsoPossible } of [light!, typical!, heavy!]) {
      const chosen = wishes.filter(({ effect }) => effect !== 'protection');
      const least = Math.min(...chosen.map(({ intensity }) => intensity));
      for (const { intensity } of alsoPossible) expect(intensity).toBeLessThanOrEqual(least);
      expect(alsoPossible.map(({ intensity }) => intensity)).toEqual(alsoPossible.map(({ intensity }) => intensity).sort((a, b) => b - a));
      expect(new Set([...chosen, ...alsoPossible].map(({ effect }) => effect)).size).toBe(chosen.length + alsoPossible.length);
    }
  });

  test('goes by what the real thing is made of: no bare timber on a tank, no load on a footplate, colour first on what is bare', () => {
    const all = (template: string, more: Partial<Story> = {}) => {
      const { wishes, alsoPossible } = proposalOf(bare(template), { ...USUAL_STORY, ageYears: 40, upkeep: 'neglected', ...more }, 'heavy');
      return new Map([...wishes, ...alsoPossible].map((one) => [one.effect, one]));
    };
    expect(all('tank').has('bare-timber')).toBe(false);
    expect(all('open-wagon').has('bare-timber')).toBe(true);
    expect(all('locomotive').has('inside-dirt')).toBe(false);
    expect(all('flat').get('inside-dirt')!.zones ?? ['floor']).toEqual(['floor']);
    expect(all('wall').has('painted-chips')).toBe(false);
    for (const region of ['humid', 'clay', 'desert', 'plains'] as const) expect(all('wall', { region }).has('salt-bloom')).toBe(false);
    expect(proposalOf(bare('wall'), USUAL_STORY).wishes[0]!.effect).toBe('body-colour');
    expect(proposalOf(bare('van'), USUAL_STORY).wishes.map(({ effect }) => effect)).not.toContain('body-colour');
    expect(proposalOf(bare('van'), USUAL_STORY).wishes.at(-1)!.effect).toBe('protection');
    expect(proposalOf(bare('wall'), USUAL_STORY).wishes.map(({ effect }) => effect)).not.toContain('protection');
  });

  test('the colour of a body is never chance: the wish says it, else what the real thing is made of', () => {
    for (const template of TEMPLATES) {
      const piece = bare(template.id);
      const body = stepsOf(wish('body-colour'), fitting(piece))[0]!;
      // nothing painted or built is green without somebody saying so
      expect([template.id, isGreen(body.colour!)]).toEqual([template.id, false]);
      const told = stepsOf(wish('body-colour', { colour: '#47512f' }), fitting(piece))[0]!;
      expect(told.colour).toBe('#47512f');
    }
    expect(stepsOf(wish('body-colour'), fitting(bare('ground')))[0]!.colour).toBe(SOIL[USUAL_STORY.region]);
    expect(stepsOf(wish('body-colour'), fitting(bare('wall')))[0]!.colour).not.toBe(
      stepsOf(wish('body-colour'), fitting(bare('van')))[0]!.colour,
    );
  });

  test('each region has its own soil and dust, told apart by eye', () => {
    for (const tones of [SOIL, DUST])
      for (const a of REGIONS) for (const b of REGIONS) if (a !== b) expect(deltaE00OfHex(tones[a], tones[b])).toBeGreaterThan(4);
  });
});

describe('what it is done with', () => {
  const bottle = (id: string, material: string, colour: string, more: Partial<Bottle> = {}): Bottle =>
    plainBottle({ id, name: id, material, colour, sizeMl: 30, leftMl: 20, openedOn: '2026-09-01', ...more });
  const van = bare('van');
  const used = (bottles: Bottle[], colour: string) =>
    stepsOf(wish('body-colour', { way: 'brushed', colour }), fitting(van, { supplies: suppliesOf({ bottles, materials: [] }) }))[0]!;

  test('the nearest bottle of the kind; none that is far off, old or empty', () => {
    const near = bottle('near', 'acrylic-matt', '#5f6f47');
    expect(used([bottle('far', 'acrylic-matt', '#a03020'), near], '#5e6e48')).toMatchObject({ bottleId: 'near', colour: null });
    expect(used([near], '#a03020')).toMatchObject({ bottleId: null, colour: '#a03020' });
    expect(used([{ ...near, leftMl: 0 }], '#5f6f47').bottleId).toBeNull();
    expect(used([{ ...near, openedOn: '2020-01-01' }], '#5f6f47').bottleId).toBeNull();
  });

  test('the way of one’s school, unless the wish names another', () => {
    const shade = effectById('recess-shade');
    const oils = { schools: { ...USUAL_SCHOOLS, shading: 'oil' as const }, supplies: CATALOGUE };
    expect(wayOf(wish('recess-shade'), shade, oils).id).toBe('oil');
    expect(wayOf(wish('recess-shade', { way: 'acrylic' }), shade, oils).id).toBe('acrylic');
  });

  test('as it is usually thinned', () => {
    const [ink] = stepsOf(wish('inked-joints', { way: 'ink' }), fitting(bare('wall')));
    expect(ink!.dilution).toEqual({ thinner: 'isopropanol-70', drops: 8, inMl: 30 });
  });
});
