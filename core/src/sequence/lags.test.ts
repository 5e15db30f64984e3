import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { problem, subject, type Short } from './example.js';
import { checkSequence, relativeOpenings } from './index.js';
import { openingsOn, type Opening } from './openings.js';
import { Walk, type Visit } from './walker.js';

const WARM = { tempC: 20, rhPct: 50 };
const COLD = { tempC: 13, rhPct: 70 };
const lagsOf = (steps: readonly Short[], air = WARM) => relativeOpenings(subject(), problem(steps).steps, air);

describe('lags between steps', () => {
  test('count from the end of the step that laid the layer', () => {
    const [lag] = lagsOf([
      ['brush-coat', 'acrylic-matt'],
      ['drybrush', 'acrylic-satin'],
    ]);
    expect(lag).toMatchObject({ fromIndex: 0, toIndex: 1 });
    // tack-free is enough for a brush that is almost dry
    expect(lag?.list).toEqual([{ fromMin: 15, toMin: Infinity }]);
  });

  test('a later step still waits for an early layer while that lies open; under an unbroken coat it asks nothing more', () => {
    const lags = lagsOf([
      ['brush-coat', 'enamel-matt'],
      ['mask', 'masking-tape', { zones: ['roof'], coverPct: 10 }],
      ['sponge', 'acrylic-matt', { coverPct: 20 }],
      ['brush-coat', 'acrylic-matt'],
      ['wash', 'wash-acrylic'],
    ]);
    expect(lags.map(({ fromIndex, toIndex }) => `${String(fromIndex)}>${String(toIndex)}`)).toEqual(['0>1', '0>2', '0>3', '2>3', '3>4']);
  });

  test('zones that differ are met together', () => {
    const lags = lagsOf([
      ['wash', 'wash-enamel', { zones: ['roof'] }],
      ['wash', 'wash-oil', { zones: ['side-lower'] }],
      ['blend', 'white-spirit', { zones: ['all'] }],
    ]).filter(({ toIndex }) => toIndex === 2);
    expect(lags.sort((a, b) => a.fromIndex - b.fromIndex).map(({ fromIndex, list }) => [fromIndex, ...list])).toEqual([
      [0, { fromMin: 3, toMin: 40 }],
      [1, { fromMin: 3, toMin: 240 }],
    ]);
  });

  test('of zones in which the same layer asks otherwise the narrowest window counts', () => {
    const [lag] = lagsOf([
      ['spray-coat', 'chipping-medium'],
      ['airbrush-coat', 'acrylic-matt', { zones: ['roof'], coverPct: 60 }],
      ['airbrush-coat', 'acrylic-satin'],
    ]).filter(({ fromIndex, toIndex }) => fromIndex === 0 && toIndex === 2);
    // on the roof a coat has come in time; on the side the window still closes
    expect(lag?.list).toHaveLength(1);
    expect(Number.isFinite(lag!.list[0]!.toMin)).toBe(true);
  });

  test('chipping waits for the coat under the soluble layer, and does not for the soluble layer', () => {
    const lags = lagsOf([
      ['brush-coat', 'enamel-matt'],
      ['spray-coat', 'chipping-medium'],
      ['airbrush-coat', 'acrylic-matt'],
      ['chip', 'water'],
    ]).filter(({ toIndex }) => toIndex === 3);
    expect(lags.map(({ fromIndex }) => fromIndex)).toEqual([0, 2]);
    const [base, top] = lags;
    expect(base?.list).toEqual([{ fromMin: expect.any(Number), toMin: Infinity }]);
    expect(base!.list[0]!.fromMin).toBeGreaterThan(600);
    // more than half of the liquid has gone on the way; how long it stays open hangs on the film
    expect(top!.list).toEqual([{ fromMin: expect.closeTo(15 * 0.65 * 0.49, 6), toMin: expect.closeTo(360 * 0.65, 6) }]);
  });

  const material = fc.constantFrom('acrylic-matt', 'enamel-matt', 'lacquer-matt', 'clear-matt-acrylic', 'emulsion-matt');
  const coats = fc.array(material, { minLength: 2, maxLength: 6 }).map((list) => list.map((m): Short => ['brush-coat', m]));

  test('dry powder may fall into the wet paste, and that is the window that is meant; on what only hardens there is one, and none is meant', () => {
    const powdered = lagsOf([
      ['stipple-paste', 'texture-paste-acrylic'],
      ['powder-dry', 'pigment-dry'],
    ]);
    expect(powdered.map(({ intoWet, list }) => [intoWet, list.length])).toEqual(powdered.map(() => [true, 2]));
    const painted = lagsOf([
      ['brush-coat', 'acrylic-matt'],
      ['powder-dry', 'pigment-dry'],
    ]);
    expect(painted.map(({ intoWet }) => intoWet)).toEqual(painted.map(() => false));
    expect(powdered.length * painted.length).toBeGreaterThan(0);
  });

  test('have the same windows in every air, only stretched', () => {
    fc.assert(
      fc.property(coats, (steps) => {
        const warm = lagsOf(steps);
        const cold = lagsOf(steps, COLD);
        expect(cold.map((lag) => [lag.fromIndex, lag.toIndex, lag.list.length])).toEqual(
          warm.map((lag) => [lag.fromIndex, lag.toIndex, lag.list.length]),
        );
        warm.forEach((lag, i) => lag.list.forEach((gap, k) => expect(cold[i]!.list[k]!.fromMin).toBeGreaterThanOrEqual(gap.fromMin)));
      }),
    );
  });

  test('a zone answers for others only where they would ask the same', () => {
    const zones = ['side-lower', 'side-upper', 'roof'];
    const kinds = fc.constantFrom<Short>(
      ['brush-coat', 'enamel-matt'],
      ['wash', 'wash-oil', { coverPct: 60 }],
      ['wipe-back', 'white-spirit'],
      ['force-dry', null],
      ['stipple-paste', 'texture-paste-acrylic', { coverPct: 30 }],
      ['powder-dry', 'pigment-dry', { coverPct: 40 }],
      ['brush-coat', 'clear-matt-acrylic'],
    );
    const where = fc.subarray(zones, { minLength: 1 });
    const laid = fc.array(fc.tuple(kinds, where), { minLength: 2, maxLength: 7 });
    fc.assert(
      fc.property(laid, (list) => {
        const short = list.map(([[technique, material, more], on]): Short => [technique, material, { ...more, zones: on }]);
        const { steps, ...around } = problem(short, subject({ zones }), WARM);
        for (const wantsAll of [true, false]) {
          const walk = Walk.begin(around);
          const before = ({ moment }: Visit): void => {
            const since = wantsAll ? -Infinity : moment.startMin - moment.sinceLastMin;
            const asked = moment.zones.map((zone) => ({ id: zone.zone.id, told: openingsOn(zone, moment.incoming, false, since) }));
            const given = moment.zones.map(({ zone: { id } }) => moment.openings.filter(({ zone }) => zone.zone.id === id));
            const inShort = (told: readonly Opening[]): string => JSON.stringify(told.map(({ layer, ...rest }) => [layer.stepIndex, rest]));
            if (wantsAll)
              expect(new Set(given.filter((told) => told.length > 0).map((told) => inShort(told.map(({ opening }) => opening))))).toEqual(
                new Set(asked.filter(({ told }) => told.length > 0).map(({ told }) => inShort(told))),
              );
            else given.forEach((told, i) => expect(inShort(told.map(({ opening }) => opening))).toBe(inShort(asked[i]!.told)));
          };
          steps.forEach((_, i) => walk.take(steps, i, { startMin: null, durationMin: 5 }, { before, wantsAll }));
        }
      }),
    );
  });

  test('agree with the walk: a step started at its lag is neither too soon nor too late', () => {
    fc.assert(
      fc.property(coats, (steps) => {
        const p = problem(steps, subject(), WARM);
        const starts: number[] = [];
        steps.forEach((_, to) => {
          const waits = relativeOpenings(p.subject, p.steps, WARM).filter((lag) => lag.toIndex === to);
          // the last window of each layer is the one that never closes
          starts.push(Math.max(starts[to - 1] ?? 0, ...waits.map((lag) => (starts[lag.fromIndex] ?? 0) + (lag.list.at(-1)?.fromMin ?? 0))));
        });
        const rules = checkSequence({ ...p, startsMin: starts }).findings.map((f) => f.rule);
        expect(rules).not.toContain('too-soon');
        expect(rules).not.toContain('too-late');
        expect(rules).not.toContain('between-windows');
      }),
    );
  });
});
