import { describe, expect, test } from '@jest/globals';
import { BenchTime } from './bench-time.js';
import type { Mode } from './compile.js';

const evenings = [
  { fromMin: 100, toMin: 200 },
  { fromMin: 300, toMin: 400 },
];
const bench = (rinseMin: number | null = null, shut = 0) =>
  new BenchTime({
    evenings,
    filledTo: Float64Array.from(evenings, ({ toMin }) => toMin - shut),
    daylight: [{ fromMin: 320, toMin: 360 }],
    capacities: { hands: 1, airbrush: 1 },
    setup: { resource: 'airbrush', minutes: 10, holds: ['hands'], rinseMin, darkness: { white: 5, black: 95 } },
  });
type Job = Mode & { daylight?: boolean };
const job = (durationMin: number, more: Partial<Job> = {}): Job => ({
  id: null,
  durationMin,
  resources: ['hands'],
  colour: null,
  isSetUp: false,
  fills: false,
  vapour: null,
  ...more,
});
const spray = (durationMin: number, colour: string) => job(durationMin, { resources: ['hands', 'airbrush'], colour, isSetUp: true });
const anyTime = [{ fromMin: 0, toMin: Infinity }];

/** Places operations one after the other as early as they go; returns their starts. */
function placed(on: BenchTime, ...jobs: Job[]): (number | null)[] {
  return jobs.map((mode, node) => {
    const slot = on.find(mode, mode.daylight ?? false, anyTime);
    if (slot) on.take(node, mode, slot);
    return slot?.startMin ?? null;
  });
}

describe('bench time', () => {
  test('keeps the end of an evening free, but for what may fill it', () => {
    expect(placed(bench(null, 20), job(60), job(30), job(15), job(20, { fills: true }))).toEqual([100, 300, 160, 175]);
  });

  test('what cannot wait is done before the airbrush is cleaned, what can is not', () => {
    const on = bench();
    expect(placed(on, spray(20, 'white'))).toEqual([100]);
    const wipe = job(5);
    // the cleaning is until 130
    expect(on.find(wipe, false, [{ fromMin: 120, toMin: 131 }])).toMatchObject({ startMin: 130, replaces: null });
    const slot = on.find(wipe, false, [{ fromMin: 120, toMin: 123 }])!;
    expect(slot).toMatchObject({ startMin: 120, cleansFromMin: 125 });
    const mark = on.mark();
    on.take(1, wipe, slot);
    expect(on.cleanings).toEqual([{ fromMin: 125, toMin: 135 }]);
    // by then it is cleaned; what takes longer than paint may stand in it is not put before it
    expect(placed(on, job(30))).toEqual([135]);
    on.backTo(mark);
    expect(on.cleanings).toEqual([{ fromMin: 120, toMin: 130 }]);
    expect(on.find(job(16), false, [{ fromMin: 120, toMin: 123 }])).toBeNull();
  });

  test('fills an evening, then the next, then has none', () => {
    expect(placed(bench(), job(60), job(60), job(40), job(40), job(40))).toEqual([100, 300, 160, 360, null]);
  });

  test('nothing is split over a night', () => {
    expect(placed(bench(), job(101))).toEqual([null]);
  });

  test('cleaning must fit into the evening as well', () => {
    expect(placed(bench(), spray(90, 'green'))).toEqual([100]);
    expect(placed(bench(), spray(91, 'green'))).toEqual([null]);
  });

  test('one colour after another: the cleaning moves behind the second', () => {
    const on = bench();
    expect(placed(on, spray(20, 'green'), spray(20, 'green'), spray(20, 'black'))).toEqual([100, 120, 150]);
    expect(on.cleanings).toEqual([
      { fromMin: 140, toMin: 150 },
      { fromMin: 170, toMin: 180 },
    ]);
  });

  test('other work goes between, not into, the cleaning', () => {
    expect(placed(bench(), spray(20, 'green'), job(5))).toEqual([100, 130]);
  });

  test('before a darker colour a rinse is enough, back to the light all is cleaned', () => {
    expect(placed(bench(4), spray(20, 'white'), spray(20, 'black'), spray(10, 'white'))).toEqual([100, 124, 154]);
    expect(placed(bench(), spray(20, 'white'), spray(20, 'black'))).toEqual([100, 130]);
    expect(placed(bench(4), spray(20, 'white'), spray(20, 'green'))).toEqual([100, 130]);
  });

  test('time that is given back can be taken again', () => {
    const on = bench();
    placed(on, spray(50, 'green'));
    expect(on.holder('hands', 120)).toMatchObject({ kind: 'work', node: 0 });
    expect(on.holder('hands', 155)).toMatchObject({ kind: 'cleaning' });
    on.release(0);
    expect(on.holder('hands', 120)).toBeNull();
    expect(placed(on, job(100))).toEqual([100]);
  });

  test('a cleaning that gave way is done after all when that for which it did is given back', () => {
    const same = bench(4);
    expect(placed(same, spray(20, 'black'), spray(10, 'black'), spray(10, 'white'))).toEqual([100, 120, 140]);
    same.release(1);
    expect(same.cleanings).toEqual([
      { fromMin: 120, toMin: 130 },
      { fromMin: 150, toMin: 160 },
    ]);
    const darker = bench(4);
    expect(placed(darker, spray(20, 'white'), spray(10, 'black'), job(5))).toEqual([100, 124, 144]);
    darker.release(1);
    expect(darker.cleanings).toEqual([{ fromMin: 120, toMin: 130 }]);
    // and it can be taken back
    const busy = bench(4);
    expect(placed(busy, spray(20, 'black'), spray(10, 'black'), spray(10, 'white'))).toEqual([100, 120, 140]);
    const mark = busy.mark();
    busy.release(1);
    busy.backTo(mark);
    expect(busy.cleanings).toEqual([
      { fromMin: 130, toMin: 140 },
      { fromMin: 150, toMin: 160 },
    ]);
  });

  test('the same where it gave way to one, and the one after that is given back last', () => {
    const on = bench(4);
    expect(placed(on, spray(20, 'black'), spray(10, 'black'), spray(10, 'black'), spray(10, 'white'))).toEqual([100, 120, 130, 150]);
    on.release(1);
    // the third goes on in the same colour: nothing to clean
    expect(on.cleanings[0]).toEqual({ fromMin: 140, toMin: 150 });
    on.release(2);
    expect(on.cleanings[0]).toEqual({ fromMin: 120, toMin: 130 });
  });

  test('daylight waits for the day', () => {
    expect(placed(bench(), job(20, { daylight: true }), job(30, { daylight: true }))).toEqual([320, null]);
  });

  test('only inside what is allowed, from whole minutes', () => {
    const on = bench();
    expect(on.find(job(10), false, [{ fromMin: 110.2, toMin: 130 }])?.startMin).toBe(111);
    expect(on.find(job(10), false, [{ fromMin: 110.2, toMin: 110.7 }])?.startMin).toBe(110.2);
    expect(on.find(job(10), false, [{ fromMin: 200, toMin: 250 }])).toBeNull();
    expect(on.find(job(10), false, [])).toBeNull();
  });

  test('goes back to a mark', () => {
    const on = bench();
    placed(on, job(50));
    const mark = on.mark();
    placed(on, spray(20, 'green'));
    on.backTo(mark);
    expect(on.cleanings).toEqual([]);
    expect(placed(on, job(50))).toEqual([150]);
  });

  test('what would light what is in the air keeps half an hour from it, whichever comes first', () => {
    const aired = () =>
      new BenchTime({
        evenings,
        filledTo: Float64Array.from(evenings, ({ toMin }) => toMin),
        daylight: [],
        setup: null,
        vapourMin: 30,
      });
    const [wash, gun] = [job(10, { vapour: 'gives' }), job(10, { vapour: 'lights' })];
    expect(placed(aired(), wash, gun, job(10))).toEqual([100, 140, 110]);
    expect(placed(aired(), wash, wash, gun)).toEqual([100, 110, 150]);
    const bench = aired();
    const later = bench.find(gun, false, [{ fromMin: 150, toMin: Infinity }])!;
    bench.take(0, gun, later);
    expect(later.startMin).toBe(150);
    // a wash before it must have left the air by then
    expect(bench.find(wash, false, [{ fromMin: 105, toMin: Infinity }])?.startMin).toBe(105);
    expect(bench.find(wash, false, [{ fromMin: 115, toMin: Infinity }])?.startMin).toBe(160);
    expect(bench.find(job(10, { vapour: 'both' }), false, [{ fromMin: 115, toMin: Infinity }])?.startMin).toBe(160);
    bench.release(0);
    expect(bench.find(wash, false, [{ fromMin: 115, toMin: Infinity }])?.startMin).toBe(115);
  });
});
