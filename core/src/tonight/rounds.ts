import type { Outlook } from '../schedule/index.js';
import { roundOf } from '../sequence/index.js';
import { jobOf, type Job } from './evening.js';

/** What is still planned of later rounds of a job's group; empty where it has none. */
export function laterRounds({ pieces }: Pick<Outlook, 'pieces'>, { pieceId, step, stepIndex }: Job): Job[] {
  const own = pieces.find((piece) => piece.pieceId === pieceId);
  if (!own || step.groupId === null) return [];
  return own.steps.flatMap((other, index) => {
    const isLater = index > stepIndex && other.groupId === step.groupId && roundOf(other.id) > roundOf(step.id);
    const isOpen = own.sittings[index]?.every(({ begun }) => begun === null) ?? false;
    const report = own.reports[index];
    const job =
      isLater && isOpen && report
        ? jobOf(own, index, own.sittings[index]?.[0]?.sitting ?? 0, 'planned', { fromMin: report.startMin, toMin: report.endMin })
        : null;
    return job ? [job] : [];
  });
}

/** The round ends with this job: then it is looked at whether it is enough. */
export function endsRound({ pieces }: Pick<Outlook, 'pieces'>, { pieceId, step, stepIndex }: Job): boolean {
  const next = pieces.find((piece) => piece.pieceId === pieceId)?.steps[stepIndex + 1];
  return step.groupId !== null && (next?.groupId !== step.groupId || roundOf(next.id) !== roundOf(step.id));
}
