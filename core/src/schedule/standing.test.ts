import { describe, expect, test } from '@jest/globals';
import type { StepReport } from '../sequence/index.js';
import type { Outlook, PieceOutlook } from './outlook.js';
import { coatDays, completionOf, waitAfter } from './standing.js';

const report = (stepIndex: number, endMin: number, more: Partial<StepReport> = {}): StepReport => ({
  stepIndex,
  startMin: endMin - 10,
  endMin,
  earliestMin: endMin - 10,
  heldUpBy: null,
  waits: null,
  closesMin: null,
  ripening: null,
  takeBack: null,
  judgeFromMin: null,
  ...more,
});
const ripening = (dryHardMin: number, recoatFromMin = dryHardMin) =>
  ({ touchMin: 5, recoatFromMin, dryHardMin, solventProofMin: dryHardMin }) as StepReport['ripening'];

describe('when a piece is finished', () => {
  test('not before all is dry', () => {
    const reports = [report(0, 100, { ripening: ripening(900) }), report(1, 200, { ripening: ripening(400) })];
    expect(completionOf({ reports, placed: [true, true] })).toEqual({ paintedMin: 200, dryMin: 900 });
    expect(completionOf({ reports: [report(0, 60)], placed: [true] })).toEqual({ paintedMin: 60, dryMin: 60 });
  });

  test('never, where a step finds no evening or there is none', () => {
    expect(completionOf({ reports: [report(0, 100), report(1, 200)], placed: [true, false] })).toBeNull();
    expect(completionOf({ reports: [], placed: [] })).toBeNull();
  });
});

describe('what is waited for', () => {
  test('is what holds the next step up, else another coat', () => {
    const held = [report(0, 100, { ripening: ripening(900, 136) }), report(1, 200, { heldUpBy: 0, earliestMin: 172, closesMin: 500 })];
    expect(waitAfter({ reports: held }, 0)).toEqual({ readyMin: 172, closesMin: 500 });
    const free = [report(0, 100, { ripening: ripening(900, 136) }), report(1, 200)];
    expect(waitAfter({ reports: free }, 0)).toEqual({ readyMin: 136, closesMin: null });
    // the next one asks less than a coat, or nothing
    const [coat] = free;
    expect(waitAfter({ reports: [coat!, report(1, 200, { earliestMin: 110 })] }, 0)).toEqual({ readyMin: 110, closesMin: null });
    expect(waitAfter({ reports: [coat!, report(1, 200, { earliestMin: 100 })] }, 0)).toBeNull();
    expect(waitAfter({ reports: [report(0, 100)] }, 0)).toBeNull();
  });
});

describe('coats of one step', () => {
  test('say the day of each: what was done, what is planned, what finds no evening', () => {
    const placed = [{ id: 'van/0/1', startMin: 1440 + 1170, endMin: 1440 + 1180 }];
    const sitting = (fromMin: number | null, i: number) => ({
      sitting: i,
      minutes: 10,
      begun: fromMin === null ? null : { fromMin, toMin: fromMin + 10, isRunning: false },
    });
    const own = { pieceId: 'van', sittings: [[1170, null, null].map(sitting)] } as unknown as PieceOutlook;
    const outlook = { originDate: '2026-11-24', plan: { placed } } as unknown as Outlook;
    expect(coatDays(outlook, own, 0)).toEqual(['2026-11-24', '2026-11-25', null]);
  });
});
