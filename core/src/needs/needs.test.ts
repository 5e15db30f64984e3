import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { deltaE00OfHex } from '../colour/index.js';
import { mixFacts, mixForMl, useOf } from '../coverage/index.js';
import { CATALOGUE } from '../materials/index.js';
import { keepsOfMix, type Mix } from '../mixing/index.js';
import { DEFAULT_WORKSHOP, sequenceProblem } from '../schedule/index.js';
import { buildsAlong, checkSequence, readsAsMm } from '../sequence/index.js';
import { type Piece } from '../subjects/index.js';
import { cupFor, cupsToMix, needsOf, sealantsCompared, stepsInTime } from './index.js';
import { DAY, step, van, wash, bottle, umber, spirit, shelfOf, outlookOf, needs, total } from './testing.js';

describe('what a step takes', () => {
  const plate = (areaMm2: number): Piece => {
    const piece = van('plate', []);
    return { ...piece, zones: [{ ...piece.zones[0]!, areaMm2, keepClean: null }] };
  };

  test('by hand: a wash on 1 dm², 2 parts of spirit', () => {
    // 4 µm dry on half of it, 10 % solids thinned to 3.33 %; a brush loses 5 %
    const { cup } = useOf(wash('w', { coverPct: 50, dryUm: 4 }), plate(10_000), { supplies: shelfOf(umber, spirit) });
    expect(cup!.components.map(({ parts }) => parts)).toEqual([expect.closeTo(1 / 3), expect.closeTo(2 / 3)]);
    expect(cup!.laidMl).toBeCloseTo((0.01 * 0.5 * 4 * 100) / (10 / 3) / 0.7);
  });

  test('powder in grams by area, scattered matter by depth, a can by its contents; tape and sheets not at all, tap water though it is never bought', () => {
    const dm2 = plate(10_000);
    const powder = useOf(step('p', 'powder-dry', 'pigment-dry', { coverPct: 50 }), dm2).direct[0]!;
    expect(powder.ml * CATALOGUE.material('pigment-dry').densityGPerMl).toBeCloseTo(0.06);
    expect(useOf(step('s', 'scatter', 'sand', { coverPct: 100 }), dm2).direct[0]!.ml).toBeCloseTo(10);
    expect(useOf(step('c', 'clear-coat', 'clear-matt-lacquer-aerosol'), dm2)).toMatchObject({
      cup: null,
      direct: [{ material: 'clear-matt-lacquer-aerosol' }],
    });
    for (const [technique, material] of [
      ['mask', 'masking-tape'],
      ['decal', 'decal-waterslide'],
      ['line-draw', 'pencil-graphite'],
      ['unmask', null],
    ] as const)
      expect(useOf(step('n', technique, material), dm2)).toEqual({ cup: null, direct: [], cleaning: [] });
    expect(useOf(step('n', 'clean', 'water-detergent'), dm2).direct[0]!.ml).toBeCloseTo(1.5);
  });

  test('cleaning the airbrush takes the thinner of its liquid', () => {
    const uses = (material: string, tool: string) =>
      useOf(step('a', 'airbrush-coat', material, { tool }), plate(1000)).cleaning.map((p) => p.material);
    expect(uses('enamel-matt', 'airbrush')).toEqual(['white-spirit']);
    expect(uses('acrylic-matt', 'airbrush')).toEqual(['acrylic-thinner']);
    expect(useOf(step('b', 'brush-coat', 'acrylic-matt'), plate(1000)).cleaning).toEqual([]);
  });

  test('a mix of one’s own is split over everything in it', () => {
    const mix: Mix = {
      id: 'm',
      number: 1,
      name: 'Wall',
      components: [
        { material: 'acrylic-matt', bottleId: null, parts: 1 },
        { material: 'acrylic-satin', bottleId: null, parts: 1 },
        { material: 'acrylic-thinner', bottleId: null, parts: 2 },
      ],
      madeMl: null,
      madeOn: null,
      colour: null,
      changes: [],
      note: '',
    };
    const own = step('a', 'airbrush-coat', 'acrylic-matt', { mixId: 'm' });
    expect(useOf(own, plate(1000), { mixes: [mix] }).cup!.components.map(({ parts }) => parts)).toEqual([0.25, 0.25, 0.5]);
    expect(useOf(own, plate(1000)).cup!.components).toHaveLength(1);
  });
});

describe('what all pieces need', () => {
  test('one cup for every piece that takes the mix while it keeps: what stays in it is counted once', () => {
    const pieces = ['1', '2', '3'].map((id) => van(id, [wash()]));
    const { mixes, uses } = needs(pieces);
    expect(mixes).toHaveLength(1);
    expect(mixes[0]!.for.map(({ pieceId }) => pieceId).sort()).toEqual(['1', '2', '3']);
    expect(mixes[0]!.totalMl).toBeCloseTo(total(mixes[0]!.for) + 0.2);
    expect(total(uses.filter(({ why }) => why === 'left in cup'))).toBeCloseTo(0.2);
  });

  test('a mix that does not keep until the next piece is made again', () => {
    const acrylic = (id: string, pinnedAt: string) =>
      van(id, [step('a', 'wash', 'wash-acrylic', { dilution: { thinner: 'water', parts: [1, 3] }, pinnedAt })]);
    const times = (second: string) => needs([acrylic('1', '2026-11-24T19:30'), acrylic('2', second)]).mixes.map(({ time }) => time);
    expect(times('2026-11-26T19:30')).toEqual([1]);
    expect(times('2026-12-01T19:30')).toEqual([1, 2]);
  });

  test('what is done takes nothing any more; what goes on still does; of coats the rest', () => {
    const coats = step('base', 'brush-coat', 'acrylic-matt', { coats: 3 });
    const outlook = outlookOf([van('a', [wash('w1'), wash('w2'), coats])]);
    const [own] = outlook.pieces;
    const begun = (stepIndex: number, sitting: number, isRunning: boolean): void => {
      own!.sittings[stepIndex]![sitting]!.begun = { fromMin: 1170, toMin: 1180, isRunning };
    };
    begun(0, 0, false);
    begun(1, 0, true);
    const count = own!.sittings[2]!.length;
    if (count > 1) begun(2, 0, false);
    const left = stepsInTime(outlook);
    expect(left.map(({ stepIndex }) => stepIndex).sort()).toEqual([1, 2]);
    expect(left.find(({ stepIndex }) => stepIndex === 1)?.startMin).toBe(1170);
    expect(left.find(({ stepIndex }) => stepIndex === 2)?.step.coats).toBe(count > 1 ? 2 : 3);
  });

  test('the cup that a step is laid from is the one that is mixed', () => {
    const pieces = [van('a', [wash()]), van('b', [wash()])];
    const { mixes } = needsOf(pieces, outlookOf(pieces), { supplies: shelfOf(umber, spirit) });
    const cup = cupFor(mixes, 'b', 0);
    expect(cupsToMix(mixes)).toContain(cup);
    expect(cupFor(mixes, 'b', 1)).toBeNull();
  });

  test('use is the sum over the steps, and nothing is below zero', () => {
    const technique = fc.constantFrom(
      ['wash', 'wash-enamel'],
      ['airbrush-coat', 'acrylic-matt'],
      ['brush-coat', 'enamel-matt'],
      ['powder-dry', 'pigment-dry'],
      ['clear-coat', 'clear-matt-acrylic'],
      ['drybrush', 'acrylic-matt'],
      ['wet', 'isopropanol-70'],
    );
    fc.assert(
      fc.property(
        fc.array(fc.tuple(technique, fc.integer({ min: 1, max: 3 }), fc.integer({ min: 1, max: 100 })), { minLength: 1, maxLength: 6 }),
        fc.integer({ min: 1, max: 4 }),
        (given, models) => {
          const steps = given.map(([[name, material], coats, coverPct], i) => step(`s${String(i)}`, name, material, { coats, coverPct }));
          const members = Array.from({ length: models }, (_, i) => ({ id: `m${String(i)}`, label: String(i), differences: [] }));
          const piece = van('1', steps, { members });
          const { uses, mixes } = needs([piece]);
          expect(uses.every(({ ml }) => ml >= 0)).toBe(true);
          const alone = steps.map((one) => useOf(one, piece));
          const laid = alone.reduce((sum, { cup, direct, cleaning }) => sum + (cup?.laidMl ?? 0) + total(direct) + total(cleaning), 0);
          expect(total(uses)).toBeCloseTo(laid + mixes.reduce((sum, { residueMl }) => sum + residueMl, 0), 6);
        },
      ),
      { numRuns: 60 },
    );
  });

  test('twice the models take twice what is laid', () => {
    const members = (n: number) => Array.from({ length: n }, (_, i) => ({ id: `m${String(i)}`, label: String(i), differences: [] }));
    const laid = (n: number) => total(needs([van('1', [wash()], { members: members(n) })]).uses.filter(({ why }) => why === 'laid'));
    expect(laid(6)).toBeCloseTo(2 * laid(3));
  });

  test('steps come in time, those of a repeat group once a round', () => {
    const group = { id: 'g', name: 'Mud', rounds: 2, gate: '' };
    const piece = van('1', [wash('w', { groupId: 'g' }), step('p', 'powder-dry', 'pigment-dry', { groupId: 'g' })], { groups: [group] });
    const at = stepsInTime(outlookOf([piece]));
    expect(at).toHaveLength(4);
    const minutes = at.map(({ startMin }) => startMin!);
    expect([...minutes].sort((a, b) => a - b)).toEqual(minutes);
    expect(at[0]!.date).toBe(DAY);
  });
});

describe('a mix', () => {
  const components = [
    { material: 'acrylic-matt', bottleId: null, parts: 3 },
    { material: 'acrylic-thinner', bottleId: null, parts: 2 },
  ];

  test('for three wagons makes three times what lands, and one cup', () => {
    const on = (count: number) => ({
      technique: 'airbrush-coat',
      tool: null,
      coats: 2,
      coverPct: null,
      on: Array.from({ length: count }, () => ({ piece: van('1', []), zones: ['all'] })),
    });
    const [one, three] = [1, 3].map((count) => mixForMl(components, 'acrylic-matt', on(count)));
    expect(three! - 0.5).toBeCloseTo(3 * (one! - 0.5));
  });

  test('of powder stirred into water comes from a cup, keeps for hours only, and takes twice as much for twice the vans', () => {
    const slurry = [
      { material: 'pigment-dry', bottleId: null, parts: 1 },
      { material: 'water', bottleId: null, parts: 3 },
    ];
    const members = (n: number) => Array.from({ length: n }, (_, i) => ({ id: String(i), label: String(i), differences: [] }));
    const ml = (models: number) =>
      mixForMl(slurry, 'pigment-dry', {
        technique: 'powder-slurry',
        tool: null,
        coats: 1,
        coverPct: null,
        on: [{ piece: van('1', [], { members: members(models) }), zones: ['all'] }],
      });
    expect(ml(3)).toBeGreaterThan(0.2);
    expect(ml(6) - 0.2).toBeCloseTo(2 * (ml(3) - 0.2));
    expect(mixFacts(slurry, 'powder-slurry', null)!.solidsPct).toBeCloseTo(25);
    expect(keepsOfMix({ components: slurry }, CATALOGUE)).toMatchObject({ minutes: 120, freshOnly: true });
  });

  test('has solids, films and a spreading rate of its own, not the bottle’s', () => {
    const facts = mixFacts(components, 'airbrush-coat', null)!;
    expect(facts.solidsPct).toBeCloseTo(21);
    // airbrushed acrylic lies not quite 10 µm dry; two thirds of it miss
    expect(facts.wetFilmUm).toBeCloseTo(9.75 / 0.21);
    expect(facts.spreadingCm2PerMl).toBeCloseTo(((10 * 21) / 9.75) * 0.33 * 10);
    expect(facts.flow.verdict).toBe('right');
    expect(mixFacts([components[1]!], 'airbrush-coat', null)).toBeNull();
  });

  test('each tool loses its own share; a stirred slurry and a thin wash have films of their own', () => {
    const [air, brush] = ['airbrush-coat', 'brush-coat'].map((technique) => mixFacts(components, technique, null)!);
    const perMl = ({ solidsPct, dryFilmUm }: { solidsPct: number; dryFilmUm: number }) => (10 * 10 * solidsPct) / dryFilmUm;
    expect(air!.spreadingCm2PerMl / perMl(air!)).toBeCloseTo(0.33);
    expect(brush!.spreadingCm2PerMl / perMl(brush!)).toBeCloseTo(0.95);
    const sponge = mixFacts(components, 'sponge', 'sponge')!;
    expect(sponge.spreadingCm2PerMl / perMl(sponge)).toBeCloseTo(0.6);
    const slurry = [
      { material: 'pigment-dry', bottleId: null, parts: 1 },
      { material: 'water', bottleId: null, parts: 3 },
    ];
    expect(mixFacts(slurry, 'powder-slurry', null)).toMatchObject({ dryFilmUm: 20, wetFilmUm: 80 });
    // loose, the same powder leaves no film
    expect(mixFacts([slurry[0]!], 'powder-dry', null)?.dryFilmUm).not.toBe(20);
    // one that comes as a slurry lies as thick as its kind does
    const spill = mixFacts([{ material: 'spill-slurry', bottleId: null, parts: 1 }], 'powder-slurry', null)!;
    expect(spill.dryFilmUm).toBe(CATALOGUE.material('spill-slurry').drying!.referenceDryUm);
    // however far it is thinned, a brush lays as much of it, which leaves less
    const wash = (thinner: number) =>
      mixFacts(
        [
          { material: 'wash-acrylic', bottleId: null, parts: 1 },
          { material: 'acrylic-thinner', bottleId: null, parts: thinner },
        ],
        'wash',
        null,
      )!;
    expect(wash(60).wetFilmUm).toBeCloseTo(60);
    expect(wash(60).dryFilmUm).toBeLessThan(wash(0.1).dryFilmUm);
  });

  test('flows by its tool: sprayed with pressure, a fixer softly whatever its solids', () => {
    const flowOf = (material: string, technique: string, tool: string) =>
      mixFacts([{ material, bottleId: null, parts: 1 }], technique, tool)!.flow;
    expect(flowOf('acrylic-matt', 'brush-coat', 'brush').pressureBar).toBeNull();
    expect(flowOf('acrylic-matt', 'airbrush-coat', 'airbrush').pressureBar).toEqual([1.3, 1.8]);
    expect(flowOf('fixer-spirit', 'fix', 'airbrush')).toMatchObject({ verdict: 'right', pressureBar: [0.5, 0.8] });
  });
});

describe('along a sequence', () => {
  const piece = van('1', [
    step('p', 'brush-coat', 'primer-acrylic-brush'),
    step('b', 'brush-coat', 'emulsion-matt', { coats: 3, colour: '#8b8a88' }),
    step('c', 'brush-coat', 'emulsion-matt', { coats: 4, colour: '#8b8a88' }),
  ]);
  const outlook = outlookOf([piece], []);
  const placed = new Map(outlook.plan.placed.map((p) => [p.id, p]));
  const problem = sequenceProblem(piece, {
    workshop: DEFAULT_WORKSHOP,
    supplies: CATALOGUE,
    originDate: DAY,
    evenings: outlook.evenings,
    placed,
  });

  test('film grows, the groove shrinks, and the step that goes too far is the one the rule names', () => {
    const zone = buildsAlong(problem).find(({ along }) => along[0]!.depthLeftUm !== null)!;
    expect(zone.along).toHaveLength(4);
    for (const key of ['faceUm', 'recessUm', 'lost'] as const) {
      const values = zone.along.map((at) => at[key]);
      expect([...values].sort((a, b) => a - b)).toEqual(values);
    }
    const said = checkSequence(problem).findings.filter(({ rule, zones }) => rule === 'build-over-detail' && zones.includes(zone.zoneId));
    expect(said.find(({ severity }) => severity === 'caution')?.stepIndex ?? null).toBe(
      zone.cautionAt === zone.snagAt ? null : zone.cautionAt,
    );
    expect(said.find(({ severity }) => severity === 'snag')?.stepIndex ?? null).toBe(zone.snagAt);
    expect(zone.cautionAt).not.toBeNull();
  });

  test('25 µm at 1:87 reads as 2.2 mm', () => {
    expect(readsAsMm(25, 87)).toBeCloseTo(2.2, 1);
  });

  test('sealants: those on the shelf first, least change of colour first, with film, use and price', () => {
    const clear = bottle('matt', 'clear-matt-acrylic', { price: 10, colour: '#e9e7e1' });
    const found = sealantsCompared(piece, piece.zones[0]!.id, { ...problem, supplies: shelfOf(clear) }, shelfOf(clear));
    expect(found[0]).toMatchObject({ material: 'clear-matt-acrylic', onShelf: true, name: 'matt' });
    expect(found[0]!.cost).toBeCloseTo((10 / 20) * found[0]!.ml);
    const rest = found.filter(({ onShelf }) => !onShelf).map(({ shiftDe00 }) => shiftDe00);
    expect([...rest].sort((a, b) => a - b)).toEqual(rest);
    expect(found.every(({ filmUm, ml }) => filmUm > 0 && ml > 0)).toBe(true);
    // how plainly it shows goes with how far it shifts
    for (const { shiftDe00, seen, before, after } of found) {
      expect(seen).toBe(shiftDe00 < 1 ? 'not' : shiftDe00 < 3 ? 'a little' : 'plainly');
      expect(deltaE00OfHex(before, after)).toBeCloseTo(shiftDe00, 0);
    }
    // on matt emulsion a gloss shifts more than a matt, and deeper
    const of = (material: string) => found.find((one) => one.material === material)!;
    expect(of('clear-gloss-acrylic').shiftDe00).toBeGreaterThan(of('clear-matt-acrylic').shiftDe00);
    expect(of('clear-gloss-acrylic').shiftL).toBeLessThan(0);
    expect(() => sealantsCompared(piece, 'attic', problem, CATALOGUE)).toThrow("zone 'attic' is not of this piece");
  });
});
