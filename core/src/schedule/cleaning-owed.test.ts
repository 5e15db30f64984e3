import { describe, expect, test } from '@jest/globals';
import { worked } from '../log/testing.js';
import type { LogEntry } from '../log/index.js';
import { planPieces, type Outlook } from './index.js';
import { MONDAY, everyEvening, givenAt, vanWith, type Short } from './testing.js';

const SEVEN = 19 * 60;
const CLEAN_MIN = 6;
const sprayed = (colour: string): Short => ['airbrush-coat', 'acrylic-matt', { colour }];
const GREY = '#8a8a8a';

const van = vanWith('van', [sprayed(GREY)]);
const planned = (next: Short, toMin: number | null, nowMin = SEVEN + 10): Outlook => {
  const log: LogEntry[] = [worked(van, 0, [SEVEN, toMin], { date: MONDAY })];
  return planPieces({ ...givenAt([van, vanWith('lorry', [next])], log, nowMin), workshop: everyEvening({ airbrushCleanMin: CLEAN_MIN }) });
};
const startsAt = ({ plan }: Outlook): number => plan.placed.find(({ id }) => id.startsWith('lorry'))!.startMin;

describe('the cleaning after what was sprayed last', () => {
  test('is waited for by whatever comes next by hand, and stands in the evening', () => {
    const outlook = planned(['brush-coat', 'acrylic-matt', { colour: GREY }], SEVEN + 10);
    expect(startsAt(outlook)).toBe(SEVEN + 10 + CLEAN_MIN);
    expect(outlook.plan.cleanings[0]).toEqual({ fromMin: SEVEN + 10, toMin: SEVEN + 10 + CLEAN_MIN });
  });

  test('is left out while the colour stays, and is a rinse before a darker one', () => {
    const same = planned(sprayed(GREY), SEVEN + 10);
    expect(startsAt(same)).toBe(SEVEN + 10);
    expect(same.plan.cleanings.every(({ fromMin }) => fromMin > SEVEN + 10)).toBe(true);
    expect(startsAt(planned(sprayed('#202020'), SEVEN + 10))).toBe(SEVEN + 10 + CLEAN_MIN / 2);
    expect(startsAt(planned(sprayed('#f0f0f0'), SEVEN + 10))).toBe(SEVEN + 10 + CLEAN_MIN);
  });

  test('comes after what is still being sprayed, by when that should end', () => {
    const outlook = planned(['clean', null], null, SEVEN + 1);
    expect(outlook.plan.cleanings).toHaveLength(1);
    expect(startsAt(outlook)).toBe(outlook.plan.cleanings[0]!.toMin);
    expect(startsAt(outlook)).toBeGreaterThan(SEVEN + 1 + CLEAN_MIN);
  });

  test('is put off for what cannot wait, in the plan and when it has been sprayed', () => {
    const wet = vanWith('van', [sprayed(GREY), ['wipe-back', 'water', { handsOnMin: 1 }], ['drybrush', 'acrylic-satin']]);
    const at = (outlook: Outlook, index: number) => outlook.plan.placed.find(({ id }) => id === `van/${String(index)}/0`)!;
    const ahead = planPieces(givenAt([wet], [], SEVEN));
    expect(ahead.plan.unplaced).toEqual([]);
    expect(at(ahead, 1).startMin).toBe(at(ahead, 0).endMin);
    expect(ahead.plan.cleanings[0]!.fromMin).toBe(at(ahead, 1).endMin);
    const now = planPieces(givenAt([wet], [worked(wet, 0, [SEVEN, SEVEN + 10], { date: MONDAY })], SEVEN + 10));
    expect(at(now, 1).startMin).toBe(SEVEN + 10);
  });

  test('is not owed any more when there has been time enough', () => {
    const later = planned(['clean', null], SEVEN + 10, SEVEN + 40);
    expect(startsAt(later)).toBe(SEVEN + 40);
    expect(later.plan.cleanings).toEqual([]);
  });
});
