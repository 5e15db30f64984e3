import { describe, expect, test } from '@jest/globals';
import { worked } from '../log/testing.js';
import type { LogEntry } from '../log/index.js';
import { MadePlan, planPieces, type Outlook } from '../schedule/index.js';
import { MONDAY, givenAt, vanWith, type Short } from '../schedule/testing.js';
import type { Piece } from '../subjects/index.js';
import { MINUTES_PER_DAY, momentOf } from '../units/index.js';
import {
  cleaningAfterMin,
  cleaningUntilMin,
  delayOf,
  endsRound,
  eveningOf,
  jobNow,
  laterRounds,
  readyNow,
  timersOf,
  tonightOf,
} from './index.js';

const SEVEN = 19 * 60;
const at = (pieces: Piece[], log: LogEntry[], nowMin: number): Outlook => planPieces(givenAt(pieces, log, nowMin));
const done = (piece: Piece, index: number, from: number, to: number | null) => worked(piece, index, [from, to], { date: MONDAY });

const PAINT: Short[] = [
  ['brush-coat', 'acrylic-matt'],
  ['brush-coat', 'acrylic-satin'],
];
const van = vanWith('van', PAINT);
const lorry = vanWith('lorry', PAINT);

describe('what is on', () => {
  test('is what goes on, else what is planned next; what is done stays in the evening', () => {
    const going = tonightOf(at([van, lorry], [done(van, 0, SEVEN, null)], SEVEN + 5), SEVEN + 5)!;
    expect(jobNow(going)).toMatchObject({ pieceId: 'van', stepIndex: 0, state: 'running' });
    const after = tonightOf(at([van, lorry], [done(van, 0, SEVEN, SEVEN + 10)], SEVEN + 10), SEVEN + 10)!;
    expect(after.jobs.map(({ state }) => state)).toEqual(['done', ...after.jobs.slice(1).map(() => 'planned')]);
    expect(jobNow(after)).toMatchObject({ pieceId: 'lorry', state: 'planned' });
  });

  test('what goes on after the evening should have ended still belongs to it', () => {
    const late = tonightOf(at([van], [done(van, 0, SEVEN + 110, null)], SEVEN + 180), SEVEN + 180)!;
    expect(jobNow(late)).toMatchObject({ pieceId: 'van', state: 'running' });
  });

  test('begun at noon, or before midnight of another day, it is seen as long as it goes on', () => {
    const noon = tonightOf(at([van], [done(van, 0, 12 * 60, null)], 12 * 60 + 3), 12 * 60 + 3)!;
    expect(jobNow(noon)).toMatchObject({ pieceId: 'van', state: 'running' });
    const overnight = tonightOf(at([van], [done(van, 0, -20, null)], 10), 10)!;
    expect(jobNow(overnight)).toMatchObject({ pieceId: 'van', state: 'running' });
    // what was done yesterday is not of tonight
    const yesterday = tonightOf(at([van], [done(van, 0, SEVEN - 1440, SEVEN - 1430)], SEVEN), SEVEN)!;
    expect(yesterday.jobs.some(({ state }) => state === 'done')).toBe(false);
    expect(
      eveningOf(
        [
          { fromMin: 1140, toMin: 1260 },
          { fromMin: 2580, toMin: 2700 },
        ],
        1490,
      )?.fromMin,
    ).toBe(1140);
    expect(
      eveningOf(
        [
          { fromMin: 1140, toMin: 1260 },
          { fromMin: 4020, toMin: 4140 },
        ],
        1600,
      ),
    ).toBeNull();
  });

  test('an evening in which all is done is still tonight’s until it ends', () => {
    const one = vanWith('one', PAINT.slice(0, 1));
    const over = tonightOf(at([one], [done(one, 0, SEVEN, SEVEN + 10)], SEVEN + 20), SEVEN + 20)!;
    expect(over.isTonight).toBe(true);
    expect(jobNow(over)).toBeNull();
    expect(tonightOf(at([one], [done(one, 0, SEVEN, SEVEN + 10)], SEVEN + 121), SEVEN + 121 + 300)).toBeNull();
  });

  test('while one dries, others that are ready are named; of each piece the next thing only', () => {
    const outlook = at([van, lorry], [done(van, 0, SEVEN, SEVEN + 10)], SEVEN + 11);
    const ready = readyNow(tonightOf(outlook, SEVEN + 11)!, SEVEN + 11);
    expect(ready.map(({ pieceId, stepIndex }) => [pieceId, stepIndex])).toEqual([['lorry', 0]]);
  });
});

describe('the airbrush', () => {
  const sprayed = [vanWith('van', [['airbrush-coat', 'acrylic-matt', { colour: '#8a8a8a' }]]), vanWith('lorry', [['clean', null]])];
  const evening = (end: number | null, nowMin: number) => tonightOf(at(sprayed, [done(sprayed[0]!, 0, SEVEN, end)], nowMin), nowMin)!;

  test('while it is used, the cleaning that follows is told; used, until when; in the end nothing', () => {
    const going = evening(null, SEVEN + 2);
    expect(cleaningAfterMin(going, jobNow(going)!)).toBeGreaterThan(0);
    expect(cleaningUntilMin(going, SEVEN + 2)).toBeNull();
    const over = evening(SEVEN + 10, SEVEN + 10);
    const untilMin = cleaningUntilMin(over, SEVEN + 10)!;
    expect(untilMin).toBeGreaterThan(SEVEN + 10);
    expect(jobNow(over)!.startMin).toBeGreaterThanOrEqual(untilMin);
    expect(cleaningAfterMin(over, over.jobs[0]!)).toBe(0);
    expect(cleaningUntilMin(over, untilMin)).toBeNull();
  });
});

describe('timers', () => {
  const outlook = at([van], [done(van, 0, SEVEN, SEVEN + 10)], SEVEN + 11);

  test('run from the end of a coat to when the next may come, and are gone then', () => {
    const [timer] = timersOf(outlook, SEVEN + 11);
    expect(timer).toMatchObject({ id: 'van/s1/opens', kind: 'opens', doneIndex: 0, nextIndex: 1, fromMin: SEVEN + 10 });
    expect(timer!.toMin).toBeCloseTo(outlook.pieces[0]!.reports[1]!.earliestMin, 6);
    expect(timer!.labelMin).toBeCloseTo(timer!.toMin - timer!.fromMin, 6);
    expect(timersOf(outlook, timer!.toMin + 0.1).filter(({ kind }) => kind === 'opens')).toEqual([]);
  });

  test('a window that closes is told until an hour after it has; what begins ends its timers', () => {
    const blended = vanWith('blended', [
      ['brush-coat', 'acrylic-matt'],
      ['clear-coat', 'clear-matt-acrylic'],
      ['wash', 'wash-enamel', { dilution: { thinner: 'white-spirit', parts: [1, 2] } }],
      ['blend', 'white-spirit'],
    ]);
    const log = [0, 1, 2].map((i) => done(blended, i, SEVEN - (2 - i) * 3000, SEVEN - (2 - i) * 3000 + 8));
    const closes = timersOf(at([blended], log, SEVEN + 9), SEVEN + 9).find(({ kind }) => kind === 'closes');
    expect(closes).toMatchObject({ pieceId: 'blended', nextIndex: 3 });
    const missed = closes!.toMin + 30;
    expect(timersOf(at([blended], log, missed), missed).some(({ kind }) => kind === 'closes')).toBe(true);
    expect(timersOf(at([blended], log, missed + 60), missed + 60).some(({ kind }) => kind === 'closes')).toBe(false);
    const begun = [...log, done(blended, 3, SEVEN + 20, null)];
    expect(timersOf(at([blended], begun, SEVEN + 21), SEVEN + 21).map(({ kind }) => kind)).toEqual(['judge']);
  });

  test('the last coat runs until it may be handled', () => {
    const one = vanWith('one', PAINT.slice(0, 1));
    expect(timersOf(at([one], [done(one, 0, SEVEN, SEVEN + 10)], SEVEN + 11), SEVEN + 11)[0]).toMatchObject({
      kind: 'dry',
      nextIndex: null,
    });
  });

  test('nothing done, nothing runs; found dry, it is gone', () => {
    expect(timersOf(at([van], [], SEVEN), SEVEN)).toEqual([]);
    const entry = done(van, 0, SEVEN, SEVEN + 10);
    const [timer] = timersOf(outlook, SEVEN + 11);
    const dry = { ...entry, dryTest: { at: momentOf(MONDAY, SEVEN + 20), labelMin: timer!.labelMin! } };
    expect(timersOf(at([van], [dry], SEVEN + 21), SEVEN + 21).filter(({ kind }) => kind === 'opens')).toEqual([]);
  });
});

describe('rounds', () => {
  const group = { id: 'g', name: 'Wash', rounds: 3, gate: 'Enough?' };
  const washed = vanWith(
    'van',
    [
      ['wash', 'wash-enamel', { groupId: 'g' }],
      ['inspect', null, { groupId: 'g' }],
      ['fix', 'fixer-spirit'],
    ],
    { groups: [group] },
  );
  const first = [done(washed, 0, SEVEN, SEVEN + 8), done(washed, 1, SEVEN + 10, SEVEN + 12)];

  test('end with the last step of the group; the later ones are known, so that they can be left out', () => {
    const outlook = at([washed], first, SEVEN + 12);
    const jobs = tonightOf(outlook, SEVEN + 12)!.jobs.filter(({ state }) => state === 'done');
    expect(jobs.map((job) => endsRound(outlook, job))).toEqual([false, true]);
    expect(laterRounds(outlook, jobs[1]!).map(({ step }) => step.id)).toEqual(['s1~2', 's2~2', 's1~3', 's2~3']);
  });
});

describe('what a late start costs', () => {
  const many = Array.from({ length: 6 }, (_, i) => vanWith(`van-${String(i)}`, [['clean', 'water-detergent'], ...PAINT]));

  test('nothing on time; later, what is put off and by how much', () => {
    expect(delayOf(givenAt(many, [], SEVEN - 30))).toBeNull();
    expect(delayOf(givenAt(many, [], SEVEN))).toBeNull();
    const late = delayOf(givenAt(many, [], SEVEN + 60))!;
    expect(late.putOff).toBeGreaterThan(0);
    expect(late.evenings).toBeGreaterThanOrEqual(0);
    expect(delayOf(givenAt(many, [], SEVEN + 5))!.putOff).toBeLessThanOrEqual(late.putOff);
  });

  test('counted out: two of three were to be done tonight, and half an hour later one still fits', () => {
    const coat: Short[] = [['brush-coat', 'acrylic-matt', { handsOnMin: 50 }]];
    const three = ['a', 'b', 'c'].map((id) => vanWith(id, coat));
    // tonight from seven to nine: 50 + 50 were planned, 50 fit into what is left; tomorrow takes the other two instead of one
    expect(delayOf(givenAt(three, [], SEVEN + 30))).toEqual({ evenings: 0, finishMin: 50, tonightMin: -20, putOff: 1 });
    // with a fourth, tomorrow is too short
    expect(delayOf(givenAt([...three, vanWith('d', coat)], [], SEVEN + 30))).toMatchObject({ evenings: 1, putOff: 1 });
    // what was begun in time and is left out is not put off
    const leftOut = { ...done(three[1]!, 0, SEVEN + 1, SEVEN + 1), kind: 'left-out' as const };
    expect(delayOf(givenAt(three, [leftOut], SEVEN + 30))!.putOff).toBe(0);
    // half an hour late with the plan at hand is the same
    const given = givenAt(three, [], SEVEN + 30);
    expect(delayOf(given, new MadePlan(given).solved)).toEqual(delayOf(given));
  });

  test('an evening in which nothing fits any more is lost: what was planned for it costs another', () => {
    const [long] = [vanWith('a', [['brush-coat', 'acrylic-matt', { handsOnMin: 100 }]])];
    const lost = delayOf(givenAt([long], [], SEVEN + 30))!;
    expect(lost).toMatchObject({ evenings: 1, tonightMin: 30 - 100, putOff: 1 });
    // the evening that is on is the one that counts, not the first of all
    expect(delayOf(givenAt([long], [], MINUTES_PER_DAY + SEVEN + 30))).toEqual(lost);
  });

  test('a step that is left out since then moves the count of those after it, and none of them is put off for that', () => {
    const piece = vanWith(
      'a',
      [10, 10, 60, 60].map((handsOnMin): Short => ['inspect', null, { handsOnMin }]),
    );
    const log = [done(piece, 0, SEVEN, SEVEN + 10), { ...done(piece, 1, SEVEN + 10, SEVEN + 10), kind: 'left-out' as const }];
    expect(delayOf(givenAt([piece], log, SEVEN + 30))).toMatchObject({ evenings: 0, putOff: 0, tonightMin: 10 });
  });
});
