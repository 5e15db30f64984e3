import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { KEPT_LISTS } from '../../kept/index.js';
import { CATALOGUE } from '../../materials/index.js';
import {
  TEMPLATES,
  beginningOfShape,
  beyondLine,
  carryingZones,
  cutOff,
  elevationsOf,
  joined,
  keptShapeOf,
  madeLike,
  pieceFromTemplate,
  plainStep,
  resized,
  stepsOnlyOn,
  templateById,
  withBody,
  withUndrawnZone,
  withoutZones,
  type Body,
  type Cut,
  type Piece,
} from '../index.js';

const made = (template: string, more: Partial<Piece> = {}): Piece => ({
  ...pieceFromTemplate(templateById(template), { id: 'p', name: 'A piece', scaleRatio: 76 }),
  ...more,
});
const none = new Set<string>();
const around = { supplies: CATALOGUE, mixes: none, places: none, pieces: none, strips: none };
const faults = (piece: Piece): string[] =>
  [...KEPT_LISTS.pieces.faults('piece', piece, around)].map(({ path, allowed }) => `${path}: ${allowed}`);
const zoneOf = (piece: Piece, id: string) => piece.zones.find((zone) => zone.id === id)!;
const total = ({ zones }: Piece): number => zones.reduce((sum, { areaMm2 }) => sum + areaMm2, 0);
const NEW = { id: 'new', name: 'New' };
const wash = (id: string, zones: string[]) => plainStep({ id, technique: 'wash', material: 'wash-enamel', zones });

describe('a zone is cut', () => {
  test('at a level: what lies below is a zone of its own, from the side and from the end', () => {
    // 180 × 70 mm, its foot from 59.5 mm on
    const wall = made('wall');
    const cut = cutOff(wall, ['face'], { by: 'level', fromTopMm: 40 }, { id: 'low', name: 'Face, lower' });
    expect(zoneOf(cut, 'face').areaMm2 / zoneOf(wall, 'face').areaMm2).toBeCloseTo(40 / 59.5);
    expect(zoneOf(cut, 'low')).toMatchObject({ name: 'Face, lower', role: 'face', partId: 'casting', substrate: 'plaster', count: 1 });
    expect(cut.zones.map(({ id }) => id)).toEqual(['face', 'low', 'crown', 'base']);
    for (const view of elevationsOf(cut).filter(({ id }) => id !== 'top'))
      expect(view.patches.some(({ zoneId }) => zoneId === 'low')).toBe(true);
    expect(faults(cut)).toEqual([]);
  });

  test('upright, and along a line that leans', () => {
    const slab = made('slab');
    const half = cutOff(slab, ['face'], { by: 'upright', view: 'top', fromLeftMm: 40 }, NEW);
    expect(zoneOf(half, 'new').areaMm2).toBeCloseTo(zoneOf(slab, 'face').areaMm2 * 0.75);
    // from corner to corner
    const outline = beyondLine({ xMm: 0, yMm: 0 }, { xMm: 160, yMm: 80 });
    expect(zoneOf(cutOff(slab, ['face'], { by: 'outline', view: 'top', outline }, NEW), 'new').areaMm2).toBeCloseTo(
      zoneOf(slab, 'face').areaMm2 / 2,
    );
  });

  test('what is planned does not change: steps and wishes that name it name both', () => {
    const wishes = [
      { id: 'w', effect: 'dust', way: null, zones: ['face'], featureId: null, intensity: 0.5, priority: 'must', colour: null },
    ] as const;
    const wall = made('wall', {
      steps: [wash('s1', ['face', 'crown']), wash('s2', ['all']), wash('s3', ['crown'])],
      intent: { wishes: wishes.map((wish) => ({ ...wish, zones: [...wish.zones] })) } as unknown as Piece['intent'],
    });
    const cut = cutOff(wall, ['face'], { by: 'level', fromTopMm: 40 }, NEW);
    expect(cut.steps.map(({ zones }) => zones)).toEqual([['face', 'crown', 'new'], ['all'], ['crown']]);
    expect(cut.intent!.wishes[0]!.zones).toEqual(['face', 'new']);
  });

  test('a feature stays where it is on the drawing', () => {
    // the drain mouth lies at 0.3 and 0.6 of the face: 54 and 35.7 mm
    const cut = cutOff(made('wall'), ['face'], { by: 'level', fromTopMm: 30 }, NEW);
    expect(cut.features[0]).toMatchObject({ zoneId: 'new', xMm: 54, yMm: 5.7 });
    const higher = cutOff(made('wall'), ['face'], { by: 'level', fromTopMm: 50 }, NEW);
    expect(higher.features[0]).toMatchObject({ zoneId: 'face', xMm: 54, yMm: 35.7 });
  });

  test('what cannot be cut is told by name', () => {
    const wall = made('wall');
    expect(() => cutOff(wall, ['face'], { by: 'level', fromTopMm: 65 }, NEW)).toThrow('nothing of Face lies there');
    expect(() => cutOff(wall, ['face'], { by: 'level', fromTopMm: -5 }, NEW)).toThrow('all of Face lies there');
    expect(() => cutOff({ ...wall, sizeMm: null }, ['face'], { by: 'level', fromTopMm: 5 }, NEW)).toThrow('no dimensions');
    expect(() => beyondLine({ xMm: 1, yMm: 1 }, { xMm: 1, yMm: 1 })).toThrow('two points');
  });

  test('on any template, anywhere: nothing of its surface is gained or lost, and joined again it is as before', () => {
    const share = fc.double({ min: -0.1, max: 1.1, noNaN: true });
    const cutFor = (
      view: { id: Cut extends { view: infer V } ? V : never } & ReturnType<typeof elevationsOf>[number],
      x: number,
      y: number,
    ): Cut[] => [
      { by: 'level', fromTopMm: y * view.heightMm },
      { by: 'upright', view: view.id, fromLeftMm: x * view.widthMm },
      {
        by: 'outline',
        view: view.id,
        outline: [
          { xMm: 0, yMm: 0 },
          { xMm: x * view.widthMm, yMm: y * view.heightMm },
          { xMm: 0, yMm: view.heightMm },
        ],
      },
    ];
    fc.assert(
      fc.property(fc.constantFrom(...TEMPLATES), fc.nat(), fc.nat(), fc.nat(2), share, share, (template, zone, view, way, x, y) => {
        const piece = made(template.id);
        const views = elevationsOf(piece);
        const zoneId = piece.zones[zone % piece.zones.length]!.id;
        let cut: Piece;
        try {
          cut = cutOff(piece, [zoneId], cutFor(views[view % views.length] as never, x, y)[way]!, NEW);
        } catch (error) {
          expect(String(error)).toMatch(/lies there/);
          return;
        }
        expect(total(cut)).toBeCloseTo(total(piece), 6);
        for (const { areaMm2 } of cut.zones) expect(areaMm2).toBeGreaterThanOrEqual(0);
        expect(faults(cut)).toEqual([]);
        const back = joined(cut, 'new', zoneId);
        expect(zoneOf(back, zoneId).areaMm2).toBeCloseTo(zoneOf(piece, zoneId).areaMm2, 6);
        for (const [i, { xMm, yMm }] of back.features.entries()) {
          expect(Math.abs(xMm - piece.features[i]!.xMm)).toBeLessThan(0.21);
          expect(Math.abs(yMm - piece.features[i]!.yMm)).toBeLessThan(0.21);
        }
        expect(faults(back)).toEqual([]);
      }),
      { numRuns: 200 },
    );
  });
});

describe('zones go', () => {
  test('a wagon without its windows: their part, their rules and what was done on them only go along', () => {
    const van = made('van', { steps: [wash('s1', ['all']), wash('s2', ['glazing']), wash('s3', ['ends', 'glazing'])] });
    expect(stepsOnlyOn(van, ['glazing']).map(({ id }) => id)).toEqual(['s2']);
    const open = withoutZones(van, ['glazing']);
    expect(open.zones.some(({ keepClean }) => keepClean === 'glazing')).toBe(false);
    expect(open.parts.some(({ id }) => id === 'glazing')).toBe(false);
    expect(open.steps.map(({ id, zones }) => [id, zones])).toEqual([
      ['s1', ['all']],
      ['s3', ['ends']],
    ]);
    expect(
      elevationsOf(open)
        .flatMap(({ patches }) => patches)
        .some(({ zoneId }) => zoneId === 'glazing'),
    ).toBe(false);
    expect(faults(open)).toEqual([]);
  });

  test('wishes, pins and waivers that stood on them go or lose their place', () => {
    const van = made('van');
    const feature = { ...van.features[0]!, id: 'f', zoneId: 'roof' };
    const pin = { id: 'pin', xShare: 0.5, yShare: 0.5, zoneId: 'roof', featureId: 'f', note: 'rust' };
    const picture = { id: 'pic', fileName: 'a.png', caption: '', takenOn: null, widthPx: 10, heightPx: 10, pins: [pin] };
    const bare = withoutZones(
      {
        ...van,
        features: [feature],
        pictures: [picture],
        steps: [wash('s', ['roof'])],
        waivers: [{ rule: 'r', stepId: 's', reason: 'so' }],
      },
      ['roof'],
    );
    expect(bare.features).toEqual([]);
    expect(bare.pictures[0]!.pins[0]).toMatchObject({ zoneId: null, featureId: null, note: 'rust' });
    expect(bare.waivers).toEqual([]);
    expect(faults(bare)).toEqual([]);
  });

  test('the last zone that is painted stays', () => {
    const pipe = made('pipes');
    expect(() =>
      withoutZones(
        pipe,
        pipe.zones.map(({ id }) => id),
      ),
    ).toThrow('at least one zone that is painted');
  });
});

const body = (more: Partial<Body> = {}): Body => ({
  id: 'hut',
  kind: 'box',
  name: 'Hut',
  size: { lengthMm: 20, widthMm: 30, heightMm: 40 },
  surface: 'planked',
  substrate: 'wood',
  where: 'on',
  removable: true,
  ...more,
});

describe('a body is put to a piece', () => {
  test('it is a part with zones of its own; what it covers is taken off what it stands on', () => {
    const slab = made('slab');
    const both = withBody(slab, body());
    expect(both.parts.at(-1)).toEqual({ id: 'hut', name: 'Hut', removable: true });
    expect(zoneOf(both, 'hut-sides')).toMatchObject({ name: 'Hut, sides', role: 'face', of: 'timber', substrate: 'wood' });
    // planks: a tenth more
    expect(zoneOf(both, 'hut-sides').areaMm2).toBe(Math.round(2 * 20 * 40 * 1.1));
    expect(zoneOf(both, 'face').areaMm2).toBe(Math.round(zoneOf(slab, 'face').areaMm2 * (1 - (20 * 30) / (160 * 80))));
    expect(both.sizeMm).toEqual({ lengthMm: 160, widthMm: 80, heightMm: 48 });
    expect(faults(both)).toEqual([]);
  });

  test('measured anew, all of it grows with the piece', () => {
    const both = withBody(made('slab'), body());
    const twice = resized(both, { lengthMm: 320, widthMm: 160, heightMm: 96 });
    for (const { id, areaMm2 } of both.zones) expect(zoneOf(twice, id).areaMm2 / areaMm2).toBeCloseTo(4, 2);
    const longer = resized(both, { lengthMm: 320, widthMm: 80, heightMm: 48 });
    expect(zoneOf(longer, 'hut-sides').areaMm2 / zoneOf(both, 'hut-sides').areaMm2).toBeCloseTo(2, 2);
    expect(zoneOf(longer, 'hut-ends').areaMm2).toBe(zoneOf(both, 'hut-ends').areaMm2);
  });

  test('measured anew, features keep their places on their zones, of templates too', () => {
    for (const piece of [made('wall'), withBody(made('wall'), body())]) {
      const { lengthMm, widthMm, heightMm } = piece.sizeMm!;
      const [before] = piece.features;
      const [after] = resized(piece, { lengthMm: 2 * lengthMm, widthMm, heightMm: 3 * heightMm }).features;
      expect(after!.xMm).toBeCloseTo(2 * before!.xMm, 0);
      expect(after!.yMm).toBeCloseTo(3 * before!.yMm, 0);
    }
  });

  test('what is not known or has no size is told', () => {
    expect(() => withBody(made('slab'), body({ kind: 'sphere' }))).toThrow(/a kind of body/);
    expect(() => withBody(made('slab'), body({ size: { lengthMm: 0, widthMm: 1, heightMm: 1 } }))).toThrow('lengthMm must be above 0');
  });

  test('a piece of bodies alone, without any template’s drawing', () => {
    const nothing: Piece = { ...made('slab'), template: 'own', sizeMm: null, zones: [], parts: [], features: [] };
    const tower = withBody(
      withBody(nothing, body()),
      body({ id: 'cap', name: 'Cap', kind: 'roof', size: { lengthMm: 20, widthMm: 30, heightMm: 10 } }),
    );
    // the roof covers the top of the hut whole
    expect(zoneOf(tower, 'hut-top').areaMm2).toBe(0);
    expect(tower.sizeMm).toEqual({ lengthMm: 20, widthMm: 30, heightMm: 50 });
    expect(faults(tower)).toEqual([]);
  });
});

describe('a shape is kept, and begins further pieces', () => {
  const wall = (): Piece => {
    const cut = cutOff(made('wall'), ['face'], { by: 'level', fromTopMm: 30 }, { ...NEW, count: 40, of: 'rock' });
    return withBody({ ...cut, steps: [wash('s', ['all'])], checks: cut.checks.map((check) => ({ ...check, done: true })) }, body());
  };
  const again = (size = wall().sizeMm!): Piece =>
    beginningOfShape(keptShapeOf(wall(), 'k', 'My wall')).piece({ id: 'q', name: 'Second wall', scaleRatio: 87, size });

  test('all of it but the work: zones with their areas, counts and places, features, parts; nothing is ticked off', () => {
    const [was, is] = [wall(), again()];
    // what its template said of them, they say by themselves: nobody knows the template of a kept shape
    const made = madeLike(was);
    expect(is.zones).toEqual(was.zones.map((zone) => ({ ...zone, of: made.get(zone.id)!.of, carries: false })));
    expect(madeLike(is)).toEqual(made);
    expect(is.features).toEqual(was.features);
    expect(is.parts).toEqual(was.parts);
    expect(is.shape).toEqual(was.shape);
    expect(is.steps).toEqual([]);
    expect(is.checks.every(({ done }) => !done)).toBe(true);
    expect(faults(is)).toEqual([]);
  });

  test('in another size it is drawn and measured in that size', () => {
    const { lengthMm, widthMm, heightMm } = wall().sizeMm!;
    const twice = again({ lengthMm: 2 * lengthMm, widthMm: 2 * widthMm, heightMm: 2 * heightMm });
    for (const { id, areaMm2 } of wall().zones) expect(zoneOf(twice, id).areaMm2 / areaMm2).toBeCloseTo(4, 1);
    expect(twice.features[0]).toMatchObject({ xMm: 108, yMm: 11.4 });
    expect(elevationsOf(twice)[0]!.widthMm).toBeCloseTo(2 * lengthMm);
  });

  test('of another stuff, all that was of the usual one is; a load still lies where it lay', () => {
    const kept = keptShapeOf(made('open-wagon'), 'k', 'My wagon');
    const brass = beginningOfShape(kept).piece({ id: 'q', name: 'q', scaleRatio: 76, substrate: 'brass' });
    expect(new Set(brass.zones.map(({ substrate }) => substrate))).toEqual(new Set(['brass']));
    expect(carryingZones(brass).map(({ id }) => id)).toEqual(['interior']);
  });

  test('an area that was typed by hand is kept', () => {
    const typed = wall();
    const kept = keptShapeOf(
      { ...typed, zones: typed.zones.map((zone) => (zone.id === 'crown' ? { ...zone, areaMm2: 77 } : zone)) },
      'k',
      'x',
    );
    expect(zoneOf(beginningOfShape(kept).piece({ id: 'q', name: 'q', scaleRatio: 76 }), 'crown').areaMm2).toBe(77);
  });

  test('without dimensions there is no shape to keep', () => {
    expect(() => keptShapeOf({ ...made('wall'), sizeMm: null }, 'k', 'x')).toThrow('no dimensions');
  });
});

describe('a zone that no drawing shows', () => {
  const chains = { id: 'chains', name: 'Chains', areaMm2: 240 };

  test('comes as most of the piece does, smooth, and grows with a drawing of its own', () => {
    const wall = made('wall');
    const more = withUndrawnZone(wall, chains);
    const face = wall.zones.find(({ id }) => id === 'face')!;
    expect(more.zones.at(-1)).toMatchObject({
      ...chains,
      substrate: face.substrate,
      partId: face.partId,
      role: 'details',
      keepClean: null,
    });
    expect(elevationsOf(more)).toEqual(elevationsOf(wall));
    const cut = cutOff(wall, ['face'], { by: 'level', fromTopMm: 40 }, { id: 'low', name: 'Face, lower' });
    const { lengthMm, widthMm, heightMm } = cut.sizeMm!;
    const larger = resized(withUndrawnZone(cut, chains), { lengthMm: 2 * lengthMm, widthMm: 2 * widthMm, heightMm: 2 * heightMm });
    expect(larger.zones.find(({ id }) => id === 'chains')!.areaMm2).toBeCloseTo(4 * 240, 0);
    expect(faults(more)).toEqual([]);
  });

  test('needs a surface', () => {
    expect(() => withUndrawnZone(made('wall'), { ...chains, areaMm2: 0 })).toThrow(/areaMm2 must be above 0, got 0/);
  });
});
