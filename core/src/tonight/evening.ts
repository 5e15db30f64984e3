import type { WorkPart } from '../log/index.js';
import {
  AFTER_EVENING_MIN,
  operationId,
  operationOf,
  type Outlook,
  type PieceOutlook,
  type Sitting,
  type UpTo,
} from '../schedule/index.js';
import { eveningsOf } from '../solver/index.js';
import { openAt, type Finding, type StepReport } from '../sequence/index.js';
import type { Step } from '../subjects/index.js';
import { MINUTES_PER_DAY, type Interval } from '../units/index.js';

/** How a job stands. */
export type JobState = 'planned' | 'running' | 'done';

/** How much of its step a sitting is. */
export interface Share {
  /** Which coat this sitting is of, and of how many; 1 of 1 where they are laid in one go. */
  coat: number;
  coats: number;
  /** What of the step it is, in coats; which of the parts of its coat, and of how many; and where it ends where that has a name. */
  part: WorkPart;
  partNumber: number;
  parts: number;
  upTo: UpTo | null;
}

/** One thing to do in an evening. */
export interface Job extends Share {
  id: string;
  state: JobState;
  startMin: number;
  endMin: number;
  pieceId: string;
  stepIndex: number;
  sitting: number;
  step: Step;
  report: StepReport;
  /** Snags and cautions that are open at its step. */
  open: Finding[];
  /** Hands-on minutes that are planned. */
  plannedMin: number;
}

export interface Evening {
  span: Interval;
  /** It is the evening of today, running or still to come. */
  isTonight: boolean;
  /** By when they begin, done ones first. */
  jobs: Job[];
  cleanings: Interval[];
}

/** The evening that work at some minute counts to: the one it lies in, has just followed, or comes before on the same day. */
export function eveningOf(evenings: readonly Interval[], atMin: number): Interval | null {
  const next = evenings.find(({ toMin }) => toMin + AFTER_EVENING_MIN > atMin);
  return next && atMin >= Math.floor(next.fromMin / MINUTES_PER_DAY) * MINUTES_PER_DAY ? next : null;
}

/** How much of a step one of its sittings is; null where there is no such sitting. */
export function shareOf(all: readonly Sitting[], sitting: number): Share | null {
  const own = all.find((one) => one.sitting === sitting);
  if (!own) return null;
  const coat = Math.floor(own.part.from);
  const ofCoat = all
    .map(({ part }) => part.from)
    .filter((from) => Math.floor(from) === coat)
    .sort((a, b) => a - b);
  return {
    coat: coat + 1,
    coats: Math.round(Math.max(...all.map(({ part }) => part.to))),
    part: own.part,
    partNumber: ofCoat.indexOf(own.part.from) + 1,
    parts: ofCoat.length,
    upTo: own.upTo,
  };
}

export const jobOf = (own: PieceOutlook, stepIndex: number, sitting: number, state: JobState, span: Interval): Job | null => {
  const [step, report, all] = [own.steps[stepIndex], own.reports[stepIndex], own.sittings[stepIndex]];
  const planned = all?.find((one) => one.sitting === sitting);
  const share = all && shareOf(all, sitting);
  if (!step || !report || !planned || !share) return null;
  return {
    id: operationId({ id: own.pieceId }, stepIndex, sitting),
    state,
    startMin: span.fromMin,
    endMin: span.toMin,
    pieceId: own.pieceId,
    stepIndex,
    sitting,
    step,
    report,
    open: openAt(own.findings, stepIndex),
    plannedMin: planned.minutes,
    ...share,
  };
};

/** Why a planned job is not simply begun: so many minutes until what lies below is ready, or something open at its step. */
export type Held = { by: 'wait'; minutes: number } | { by: 'finding'; findings: readonly Finding[] };

export function heldBack({ state, report, open }: Job, nowMin: number): Held | null {
  if (state !== 'planned') return null;
  if (report.earliestMin > nowMin + 0.5) return { by: 'wait', minutes: Math.ceil(report.earliestMin - nowMin) };
  return open.length > 0 ? { by: 'finding', findings: open } : null;
}

/** Everything that has begun, in order. */
function begunJobs({ pieces }: Outlook): Job[] {
  return pieces
    .flatMap((own) =>
      own.sittings.flatMap((all, stepIndex) =>
        all.flatMap(({ begun, sitting }) => {
          const job = begun && jobOf(own, stepIndex, sitting, begun.isRunning ? 'running' : 'done', begun);
          return job ? [job] : [];
        }),
      ),
    )
    .sort((a, b) => a.startMin - b.startMin);
}

/** The evening that runs now, or the next one with something to do; null when nothing is planned and nothing was done tonight. */
export function tonightOf(outlook: Outlook, nowMin: number): Evening | null {
  const { plan, evenings } = outlook;
  const begun = begunJobs(outlook);
  const belongs = (evening: Interval, at: number): boolean => eveningOf(evenings, at)?.fromMin === evening.fromMin;
  const goingOn = begun.find(({ state }) => state === 'running');
  const planned = eveningsOf(plan, evenings);
  const span =
    (goingOn && (eveningOf(evenings, goingOn.startMin) ?? evenings[0])) ??
    evenings.find(
      (evening) =>
        evening.toMin > nowMin &&
        (planned.some((one) => one.evening.fromMin === evening.fromMin) || begun.some(({ startMin }) => belongs(evening, startMin))),
    );
  return span ? eveningAt(outlook, span, ({ state, startMin }) => state === 'running' || belongs(span, startMin)) : null;
}

/** All evenings ahead in which something is planned, this one first; as `tonightOf` where that is one of them. */
export function eveningsAhead(outlook: Outlook, nowMin: number): Evening[] {
  const tonight = tonightOf(outlook, nowMin);
  const ahead = eveningsOf(outlook.plan, outlook.evenings)
    .filter(({ evening }) => evening.toMin > nowMin && evening.fromMin !== tonight?.span.fromMin)
    .map(({ evening }) => eveningAt(outlook, evening, () => false));
  return [...(tonight ? [tonight] : []), ...ahead].sort((a, b) => a.span.fromMin - b.span.fromMin);
}

/** One evening: what of the begun work counts to it, and what is planned in it. */
function eveningAt(outlook: Outlook, span: Interval, counts: (begun: Job) => boolean): Evening {
  const next = eveningsOf(outlook.plan, outlook.evenings).find(({ evening }) => evening.fromMin === span.fromMin);
  const toDo = (next?.placed ?? []).flatMap((placed): Job[] => {
    const { pieceId, stepIndex, sitting } = operationOf(placed.id);
    const own = outlook.pieces.find((piece) => piece.pieceId === pieceId);
    const job = own && jobOf(own, stepIndex, sitting, 'planned', { fromMin: placed.startMin, toMin: placed.endMin });
    return job ? [job] : [];
  });
  return {
    span,
    isTonight: span.fromMin < MINUTES_PER_DAY && span.toMin > 0,
    // what goes on is shown whenever it began
    jobs: [...begunJobs(outlook).filter(counts), ...toDo],
    cleanings: next?.cleanings ?? [],
  };
}

/** Minutes in which the hands are busy, cleaning included; what is done already is left out. */
export const busyLeftMin = ({ jobs, cleanings }: Evening): number =>
  jobs.filter(({ state }) => state !== 'done').reduce((sum, job) => sum + job.endMin - job.startMin, 0) +
  cleanings.reduce((sum, cleaning) => sum + cleaning.toMin - cleaning.fromMin, 0);

export interface StillWet {
  pieceId: string;
  job: Job;
  readyMin: number;
}

/** The last coat of each piece that is not ready when the evening ends: to be left alone overnight. */
export function stillWet(evening: Evening): StillWet[] {
  const last = new Map<string, StillWet>();
  for (const job of evening.jobs) {
    // what is laid in parts is counted from the last of them
    const isLast = job.coat === job.coats && job.partNumber === job.parts;
    const readyMin = isLast ? (job.report.ripening?.recoatFromMin ?? null) : null;
    if (readyMin !== null && readyMin > evening.span.toMin) last.set(job.pieceId, { pieceId: job.pieceId, job, readyMin });
  }
  return [...last.values()];
}
