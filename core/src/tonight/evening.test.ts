import { describe, expect, test } from '@jest/globals';
import { EMPTY_SHELF } from '../materials/index.js';
import { DEFAULT_WORKSHOP, planPieces, type Outlook } from '../schedule/index.js';
import { pieceFromTemplate, plainStep, templateById } from '../subjects/index.js';
import { busyLeftMin, eveningsAhead, heldBack, stillWet, tonightOf } from './index.js';

const TUESDAY = '2026-11-24';
const coat = (id: string, material: string, coats = 1) => plainStep({ id, technique: 'brush-coat', material, zones: ['all'], coats });
const van = {
  ...pieceFromTemplate(templateById('van'), { id: 'van', name: 'Van', scaleRatio: 76 }),
  steps: [coat('a', 'acrylic-matt', 2), coat('b', 'enamel-matt'), coat('c', 'acrylic-satin')],
};
const outlook = (fromMin: number): Outlook =>
  planPieces({ pieces: [van], workshop: DEFAULT_WORKSHOP, shelf: EMPTY_SHELF, log: [], originDate: TUESDAY, nowMin: fromMin });

describe('tonight', () => {
  test('is the evening that runs or comes next, with its jobs in order', () => {
    const evening = tonightOf(outlook(600), 600)!;
    expect(evening).toMatchObject({ isTonight: true, span: { fromMin: 1170, toMin: 1290 } });
    expect(evening.jobs.map((job) => job.step.id)).toEqual(['a', 'a', 'b']);
    expect(evening.jobs.map((job) => job.startMin)).toEqual([...evening.jobs.map((job) => job.startMin)].sort((a, b) => a - b));
  });

  test('counts the coats that are laid in sittings of their own', () => {
    const evening = tonightOf(outlook(600), 600)!;
    expect(evening.jobs.map(({ coat: n, coats }) => `${String(n)}/${String(coats)}`)).toEqual(['1/2', '2/2', '1/1']);
  });

  test('after the evening it is the next one', () => {
    const evening = tonightOf(outlook(1300), 1300)!;
    expect(evening.isTonight).toBe(false);
    expect(evening.span.fromMin).toBe(2 * 1440 + 1170);
  });

  test('evenings ahead begin with it and hold each planned job once', () => {
    const planned = outlook(600);
    const ahead = eveningsAhead(planned, 600);
    expect(ahead[0]).toEqual(tonightOf(planned, 600));
    expect(ahead.map(({ span }) => span.fromMin)).toEqual([...ahead.map(({ span }) => span.fromMin)].sort((a, b) => a - b));
    expect(ahead.flatMap(({ jobs }) => jobs.map(({ id }) => id)).sort()).toEqual(planned.plan.placed.map(({ id }) => id).sort());
    expect(ahead.map(({ isTonight }) => isTonight)).toEqual(ahead.map((_, i) => i === 0));
    expect(eveningsAhead(planned, 1300).length).toBe(ahead.length - 1);
    // what is done does not keep the hands busy any more
    const [first] = ahead;
    const [job, ...others] = first!.jobs;
    expect(busyLeftMin(first!) - busyLeftMin({ ...first!, jobs: [{ ...job!, state: 'done' }, ...others] })).toBe(
      job!.endMin - job!.startMin,
    );
  });

  test('is nothing when nothing is planned', () => {
    expect(
      tonightOf(planPieces({ pieces: [], workshop: DEFAULT_WORKSHOP, shelf: EMPTY_SHELF, log: [], originDate: TUESDAY, nowMin: 0 }), 0),
    ).toBeNull();
  });

  test('what is open at a step holds it back, and so does what is not ready', () => {
    const foam = {
      ...pieceFromTemplate(templateById('wall'), { id: 'ruin', name: 'Ruin', scaleRatio: 76, substrate: 'foam-xps' as const }),
    };
    const spray = plainStep({ id: 's', technique: 'spray-coat', material: 'primer-lacquer-aerosol', zones: ['all'] });
    const planned = (waivers: (typeof foam)['waivers']): Outlook =>
      planPieces({
        pieces: [{ ...foam, steps: [spray, coat('late', 'acrylic-matt')], waivers }],
        workshop: DEFAULT_WORKSHOP,
        shelf: EMPTY_SHELF,
        log: [],
        originDate: TUESDAY,
        nowMin: 1170,
      });
    const [first, second] = tonightOf(planned([]), 1170)!.jobs;
    expect(first!.open.map(({ rule }) => rule)).toContain('solvent-attacks-substrate');
    expect(heldBack(first!, first!.startMin)).toMatchObject({ by: 'finding' });
    // what is let stand is not open any more
    const waived = tonightOf(planned(first!.open.map(({ rule }) => ({ rule, stepId: 's', reason: 'tried' }))), 1170)!.jobs[0]!;
    expect(heldBack(waived, waived.startMin)).toBeNull();
    expect(heldBack({ ...first!, state: 'running' }, first!.startMin)).toBeNull();
    expect(heldBack(second!, second!.report.earliestMin - 48.2)).toEqual({ by: 'wait', minutes: 49 });
    expect(heldBack({ ...second!, open: [] }, second!.report.earliestMin)).toBeNull();
  });

  test('names the last coat of a piece that is wet when the evening ends', () => {
    const evening = tonightOf(outlook(600), 600)!;
    const [wet, ...others] = stillWet(evening);
    expect(others).toEqual([]);
    expect(wet?.job.step.id).toBe('b');
    expect(wet!.readyMin).toBeGreaterThan(1290);
  });
});
