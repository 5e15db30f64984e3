import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { MONDAY, vanWith } from '../schedule/testing.js';
import { roundOf, expandRounds } from '../sequence/index.js';
import { onItsOwn } from '../subjects/index.js';
import { minuteOf, momentOf } from '../units/index.js';
import { alreadyDone, minutesTaken, plainEntry, progressOf, type LogEntry } from './index.js';
import { worked } from './testing.js';

const van = vanWith(
  'van',
  [
    ['clean', 'water-detergent'],
    ['wash', 'wash-enamel', { groupId: 'g' }],
  ],
  { groups: [{ id: 'g', name: 'Wash', rounds: 3, gate: '' }] },
);
const SEVEN = 19 * 60;
const entry = (more: Partial<LogEntry> = {}): LogEntry =>
  plainEntry({ id: 'e', kind: 'work', pieceId: 'van', stepId: 's1', startedAt: `${MONDAY}T19:30:00`, ...more });

describe('progress', () => {
  test('is told by step with its round, and by sitting; other pieces do not count', () => {
    const log = [worked(van, 2, [SEVEN, SEVEN + 8], { date: MONDAY }), worked(van, 0, [SEVEN, null], { date: MONDAY, pieceId: 'lorry' })];
    const { sat, hasBegun } = progressOf('van', log, MONDAY);
    expect(sat('s2~2', 0)).toMatchObject({ startMin: SEVEN, endMin: SEVEN + 8 });
    expect([sat('s2', 0), sat('s2~2', 1), sat('s1', 0)]).toEqual([null, null, null]);
    expect(hasBegun).toBe(true);
    expect(progressOf('other', log, MONDAY).hasBegun).toBe(false);
  });

  test('counts its minutes from whatever day is asked for', () => {
    const [one] = [worked(van, 0, [SEVEN, SEVEN + 8], { date: MONDAY })];
    expect(progressOf('van', [one], '2026-11-25').sat('s1', 0)).toMatchObject({ startMin: SEVEN - 2880, endMin: SEVEN - 2872 });
  });

  test('trouble and notes are not progress, what was left out is', () => {
    const left = { ...entry({ kind: 'left-out' }), endedAt: `${MONDAY}T19:30:00` };
    const { sat, isLeftOut, hasBegun } = progressOf('van', [left, entry({ id: 't', kind: 'trouble' })], MONDAY);
    expect([sat('s1', 0), isLeftOut('s1'), isLeftOut('s2'), hasBegun]).toEqual([null, true, false, false]);
  });
});

describe('minutes', () => {
  test('are the clock’s, unless the painter says otherwise; none while it goes on', () => {
    expect(minutesTaken(entry({ endedAt: `${MONDAY}T19:41:30` }))).toBeCloseTo(11.5);
    expect(minutesTaken(entry({ endedAt: `${MONDAY}T19:41:30`, tookMin: 9 }))).toBe(9);
    expect(minutesTaken(entry())).toBeNull();
    // past midnight
    expect(minutesTaken(entry({ startedAt: `${MONDAY}T23:50:00`, endedAt: '2026-11-24T00:10:00' }))).toBeCloseTo(20);
  });

  test('done already: it took what was planned, but never began before hands were free', () => {
    const ended = entry({ endedAt: `${MONDAY}T19:25:00`, startedAt: `${MONDAY}T19:10:00` });
    expect(alreadyDone(entry({ id: 'n' }), 12, [])).toMatchObject({ startedAt: `${MONDAY}T19:18:00`, endedAt: `${MONDAY}T19:30:00` });
    expect(alreadyDone(entry({ id: 'n' }), 12, [ended])).toMatchObject({ startedAt: `${MONDAY}T19:25:00`, endedAt: `${MONDAY}T19:30:00` });
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 300 }), fc.array(fc.integer({ min: 0, max: 1400 })), (plannedMin, ends) => {
        const log = ends.map((end, i) => entry({ id: String(i), startedAt: momentOf(MONDAY, end), endedAt: momentOf(MONDAY, end) }));
        const told = alreadyDone(entry({ id: 'n' }), plannedMin, log);
        const [from, to] = [minuteOf(MONDAY, told.startedAt), minuteOf(MONDAY, told.endedAt!)];
        expect(from).toBeLessThanOrEqual(to);
        expect(to - from).toBeLessThanOrEqual(plannedMin + 1e-9);
        for (const end of ends) expect(end <= from + 1e-9 || end > to - 1e-9).toBe(true);
      }),
    );
  });
});

describe('rounds and repeats', () => {
  test('a step says which round it is of', () => {
    expect(expandRounds(van.steps, van.groups).map(({ id }) => roundOf(id))).toEqual([1, 1, 2, 3]);
  });

  test('on its own a step leaves its group, its pin and its wish, and nothing else', () => {
    const step = { ...van.steps[1]!, pinnedAt: '2026-11-24T20:00', fromWish: 'w' };
    expect(onItsOwn(step, 'new')).toEqual({ ...van.steps[1]!, id: 'new', groupId: null, pinnedAt: null, fromWish: null });
  });
});

describe('moments', () => {
  test('are written and read to the second, on any day', () => {
    fc.assert(
      fc.property(fc.integer({ min: -500_000, max: 500_000 }), (second) => {
        const moment = momentOf(MONDAY, second / 60);
        expect(minuteOf(MONDAY, moment) * 60).toBeCloseTo(second, 6);
        expect(moment).toMatch(/^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d$/);
      }),
    );
    expect(() => minuteOf(MONDAY, `${MONDAY}T19:30:77`)).toThrow('HH:mm');
  });
});
