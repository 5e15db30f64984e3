import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { plainEntry, partsLeft, type LogEntry, type WorkPart } from '../log/index.js';
import { CATALOGUE } from '../materials/index.js';
import { handsOnMinutes } from '../sequence/index.js';
import { plainStep, type Step } from '../subjects/index.js';
import { TECHNIQUES, techniqueById } from '../techniques/index.js';
import { usualEveningMin } from './calendar.js';
import { doingOf } from './doing.js';
import { planPieces } from './made-plan.js';
import { operationOf } from './operation-id.js';
import { benchOf } from './problem.js';
import { minutesOfAll, sittingsOf, type SplitBench } from './sittings.js';
import { MONDAY, everyEvening, givenAt, vanWith } from './testing.js';

const bench: SplitBench = { ...benchOf(everyEvening(), CATALOGUE), longestMin: 100 };
const members = (n: number) =>
  Array.from({ length: n }, (_, i) => ({ id: `m${String(i)}`, label: `No. ${String(i + 1)}`, differences: [] }));
const allOf = (step: Partial<Step>, { models = 1, log = [] as LogEntry[] } = {}) => {
  const piece = vanWith('van', [[step.technique ?? 'drybrush', step.material ?? 'acrylic-matt', step]], { members: members(models) });
  const { progress, steps } = doingOf(piece, log, MONDAY);
  return sittingsOf(steps[0]!, piece, progress, bench);
};
const spans = (all: readonly { part: WorkPart }[]) => all.map(({ part }) => [part.from, part.to]);
const entryOf = (sitting: number, part: WorkPart | undefined, more: Partial<LogEntry> = {}): LogEntry =>
  plainEntry({
    ...{
      id: `e${String(sitting)}`,
      kind: 'work',
      pieceId: 'van',
      stepId: 's1',
      sitting,
      step: plainStep({ id: 's1', technique: 'drybrush', zones: ['all'] }),
    },
    ...{ startedAt: `2026-11-22T20:0${String(sitting)}:00`, endedAt: `2026-11-22T20:0${String(sitting)}:30` },
    ...(part ? { part } : {}),
    ...more,
  });

describe('long work', () => {
  test('is put down where the technique lets it be, and only where it is longer than one sits', () => {
    expect(spans(allOf({ handsOnMin: 100 }))).toEqual([[0, 1]]);
    const dry = allOf({ handsOnMin: 250 });
    expect(dry).toHaveLength(3);
    expect(dry.map(({ minutes }) => minutes)).toEqual([83, 83, 83]);
    // what has to stay wet is not torn
    expect(spans(allOf({ technique: 'flood-glue', material: 'white-glue-dilute', handsOnMin: 250 }))).toEqual([[0, 1]]);
  });

  test('a coat is put down at the end of a zone or of a piece: a wet edge dries', () => {
    const coat = { technique: 'brush-coat', handsOnMin: 60 };
    const all = allOf(coat, { models: 4 });
    expect(all.length).toBeGreaterThan(2);
    for (const { upTo, part } of all.slice(0, -1)) {
      expect(upTo).not.toBeNull();
      if (upTo!.zoneId === null) expect(part.to).toBeCloseTo((upTo!.model + 1) / 4);
    }
    const zones = vanWith('van', []).zones.map(({ id }) => id);
    expect(all.slice(0, -1).every(({ upTo }) => upTo!.zoneId === null || zones.includes(upTo!.zoneId))).toBe(true);
  });

  test('whatever the step, its sittings are the whole of it, one after the other, none longer than it needs to be', () => {
    const techniques = fc.constantFrom(...TECHNIQUES.map(({ id }) => id));
    fc.assert(
      fc.property(
        techniques,
        fc.integer({ min: 1, max: 900 }),
        fc.integer({ min: 1, max: 6 }),
        fc.integer({ min: 1, max: 3 }),
        (technique, handsOnMin, models, coats) => {
          const all = allOf({ technique, material: 'acrylic-matt', handsOnMin, coats }, { models });
          expect(all[0]!.part.from).toBe(0);
          all.slice(1).forEach(({ part }, i) => {
            expect(part.from).toBeCloseTo(all[i]!.part.to, 9);
          });
          expect([1, coats]).toContain(Math.round(all.at(-1)!.part.to));
          expect(all.map(({ sitting }) => sitting)).toEqual(all.map((_, i) => i));
          for (const { minutes } of all) if (techniqueById(technique).putDown === 'anywhere') expect(minutes).toBeLessThanOrEqual(100);
        },
      ),
    );
  });

  test('minutes of all parts are those of the step, and what it takes to set up again', () => {
    const piece = vanWith('van', [['drybrush', 'acrylic-matt', { zones: ['all'], coverPct: 100 }]], {
      members: members(40),
      scaleRatio: 10,
    });
    const { steps, progress } = doingOf(piece, [], MONDAY);
    const whole = handsOnMinutes(steps[0]!, piece, bench);
    const narrow = { ...bench, longestMin: Math.ceil(whole / 3) };
    const all = sittingsOf(steps[0]!, piece, progress, narrow);
    expect(all.length).toBeGreaterThan(2);
    expect(minutesOfAll(all)).toBeGreaterThan(whole);
    expect(minutesOfAll(all)).toBeLessThanOrEqual(whole + 2 * all.length);
  });
});

describe('work that was put down', () => {
  test('goes on where it stopped', () => {
    const all = allOf({ handsOnMin: 50 }, { log: [entryOf(0, { from: 0, to: 0.4 })] });
    expect(all.map(({ sitting, part, minutes, sat }) => [sitting, part.from, part.to, minutes, sat !== null])).toEqual([
      [0, 0, 0.4, 20, true],
      [1, 0.4, 1, 30, false],
    ]);
    // taken back from the log, what was done in it is open again under a number that is free
    const later = allOf({ handsOnMin: 50 }, { log: [entryOf(1, { from: 0.4, to: 1 })] });
    expect(later.map(({ sitting, part, sat }) => [sitting, part.from, part.to, sat !== null])).toEqual([
      [1, 0.4, 1, true],
      [0, 0, 0.4, false],
    ]);
    expect(allOf({ handsOnMin: 50 }, { log: [entryOf(0, undefined)] })).toHaveLength(1);
  });

  test('whatever was done and however often, what is left and what was done are the whole', () => {
    const cuts = fc.array(fc.double({ min: 0.01, max: 0.99, noNaN: true }), { maxLength: 5 });
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 3 }), cuts, fc.array(fc.boolean(), { minLength: 20, maxLength: 20 }), (coats, at, isDone) => {
        const bounds = [...new Set([0, ...at.map((a) => a * coats), ...Array.from({ length: coats + 1 }, (_, i) => i)])].sort(
          (a, b) => a - b,
        );
        const all = bounds.slice(1).map((to, i) => ({ from: bounds[i]!, to }));
        const done = all.filter((_, i) => isDone[i]);
        const left = partsLeft(coats, done);
        const sum = (parts: readonly WorkPart[]) => parts.reduce((total, { from, to }) => total + to - from, 0);
        expect(sum(done) + sum(left)).toBeCloseTo(coats, 4);
        for (const { from, to } of left) expect(Math.ceil(from + 1e-9)).toBe(Math.ceil(to - 1e-9));
      }),
    );
  });

  test('is planned again, on the evenings that are left, and is done only when all of it is', () => {
    const rock = vanWith('rock', [
      ['drybrush', 'acrylic-matt', { handsOnMin: 240 }],
      ['clear-coat', 'clear-matt-acrylic', { handsOnMin: 10 }],
    ]);
    const fresh = planPieces(givenAt([rock], [], 0));
    expect(fresh.plan.unplaced).toEqual([]);
    expect(fresh.pieces[0]!.sittings[0]).toHaveLength(3);
    expect(fresh.plan.eveningsUsed).toBe(3);
    const step = rock.steps[0]!;
    const log = [entryOf(0, { from: 0, to: 0.9 }, { pieceId: 'rock', step })];
    const later = planPieces(givenAt([rock], log, 0));
    expect(later.pieces[0]!.sittings[0]!.map(({ begun }) => begun !== null)).toEqual([true, false]);
    expect(later.plan.placed.map(({ id }) => [operationOf(id).stepIndex, operationOf(id).sitting])).toEqual([
      [0, 1],
      [1, 0],
    ]);
    expect(later.plan.eveningsUsed).toBe(1);
  });
});

test('what was planned for tonight may take the end of the evening when it gets late; nothing else moves up into it', () => {
  const first = vanWith('first', [['clean', null, { handsOnMin: 60 }]]);
  const second = vanWith('second', [['clean', null, { handsOnMin: 38 }]]);
  const third = vanWith('third', [['clean', null, { handsOnMin: 12 }]]);
  const EIGHT = 20 * 60;
  const startsAt = (nowMin: number) =>
    new Map(
      planPieces(givenAt([first, second, third], [], nowMin)).plan.placed.map(({ id, startMin }) => [operationOf(id).pieceId, startMin]),
    );
  const asPlanned = startsAt(19 * 60);
  expect([...asPlanned.values()].filter((at) => at < 21 * 60)).toHaveLength(2);
  // twenty minutes late: with 85 % the second would be put off
  const late = startsAt(19 * 60 + 20);
  const tonight = [...late].filter(([, at]) => at < 21 * 60 && at >= 19 * 60 + 20).map(([id]) => id);
  expect(tonight).toEqual(expect.arrayContaining([...asPlanned].filter(([, at]) => at < 21 * 60).map(([id]) => id)));
  expect(tonight).toHaveLength(2);
  expect(late.get(tonight[1]!)!).toBeGreaterThanOrEqual(EIGHT);
});

test('an evening is as long as most are, past midnight too', () => {
  const weekly = [
    { weekday: 0, start: '19:00', end: '21:00' },
    { weekday: 1, start: '22:00', end: '01:00' },
    { weekday: 2, start: '19:00', end: '19:30' },
  ];
  expect(usualEveningMin({ weekly, dates: [] })).toBe(120);
  expect(usualEveningMin({ weekly: [], dates: [{ date: MONDAY, start: '10:00', end: '10:45' }] })).toBe(45);
  expect(usualEveningMin({ weekly: [], dates: [] })).toBe(Infinity);
});
