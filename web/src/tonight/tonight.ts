import { operationOf, type Outlook } from '@eveningtide/core/schedule';
import type { StepReport } from '@eveningtide/core/sequence';
import type { Step } from '@eveningtide/core/subjects';
import type { Interval } from '@eveningtide/core/units';

/** One thing to do in an evening. */
export interface Job {
  id: string;
  startMin: number;
  endMin: number;
  pieceId: string;
  stepIndex: number;
  step: Step;
  report: StepReport;
  /** Which coat this sitting is, and of how many; 1 of 1 where they are laid in one go. */
  coat: number;
  coats: number;
}

export interface Evening {
  span: Interval;
  /** It is the evening of today, running or still to come. */
  isTonight: boolean;
  jobs: Job[];
  cleanings: Interval[];
}

const MINUTES_PER_DAY = 1440;

const inside = (span: Interval, minute: number): boolean => minute >= span.fromMin && minute < span.toMin;

/** The evening that runs now, or the next one with something to do; null when nothing is planned. */
export function tonightOf(outlook: Outlook, nowMin: number): Evening | null {
  const { plan, evenings } = outlook;
  const span = evenings.find((evening) => evening.toMin > nowMin && plan.placed.some((p) => inside(evening, p.startMin)));
  if (!span) return null;
  const sittings = new Map<string, number>();
  for (const { id } of plan.placed) {
    const { pieceId, stepIndex } = operationOf(id);
    sittings.set(`${pieceId}/${String(stepIndex)}`, (sittings.get(`${pieceId}/${String(stepIndex)}`) ?? 0) + 1);
  }
  const jobs = plan.placed
    .filter((p) => inside(span, p.startMin))
    .flatMap((placed): Job[] => {
      const { pieceId, stepIndex, sitting } = operationOf(placed.id);
      const own = outlook.pieces.find((piece) => piece.pieceId === pieceId);
      const step = own?.steps[stepIndex];
      const report = own?.reports[stepIndex];
      return step && report
        ? [{ ...placed, pieceId, stepIndex, step, report, coat: sitting + 1, coats: sittings.get(`${pieceId}/${String(stepIndex)}`) ?? 1 }]
        : [];
    });
  return { span, isTonight: span.fromMin < MINUTES_PER_DAY, jobs, cleanings: plan.cleanings.filter((c) => inside(span, c.fromMin)) };
}

export interface StillWet {
  pieceId: string;
  job: Job;
  readyMin: number;
}

/** The last coat of each piece that is not ready when the evening ends: to be left alone overnight. */
export function stillWet(evening: Evening): StillWet[] {
  const last = new Map<string, StillWet>();
  for (const job of evening.jobs) {
    const readyMin = job.report.ripening?.recoatFromMin ?? null;
    if (readyMin !== null && readyMin > evening.span.toMin) last.set(job.pieceId, { pieceId: job.pieceId, job, readyMin });
  }
  return [...last.values()];
}
