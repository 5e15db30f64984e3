import type { LogEntry } from '../log/index.js';
import { isTroubleId } from '../remedies/index.js';
import { isTechniqueId } from '../techniques/index.js';
import { movedByDays } from '../units/index.js';
import { unknown, type PlanFault } from './fault.js';
import { isObject, keptList, type Upgrade, type Surroundings } from './kept-thing.js';
import { momentMoved } from './moved.js';
import { STEP_UPGRADES } from './step-faults.js';

/** What an entry of the log names that is not there. Bottles, mixes and zones may have gone since: that is no fault. */
function* entryFaults(path: string, entry: LogEntry, { supplies, pieces }: Surroundings): Generator<PlanFault> {
  yield* unknown(`${path}.pieceId`, entry.pieceId, pieces, 'the id of a piece');
  const isOfStep = entry.kind === 'work' || entry.kind === 'left-out';
  if (isOfStep && (entry.stepId === null || entry.step === null))
    yield { path: `${path}.${entry.stepId === null ? 'stepId' : 'step'}`, value: 'null', allowed: `a step: “${entry.kind}” is of one` };
  if (entry.kind === 'trouble' && entry.met === null) yield { path: `${path}.met`, value: 'null', allowed: 'the trouble that was met' };
  yield* unknown(`${path}.met.trouble`, entry.met?.trouble ?? null, isTroubleId, 'a trouble of the handbook');
  if (entry.endedAt !== null && entry.endedAt < entry.startedAt)
    yield { path: `${path}.endedAt`, value: entry.endedAt, allowed: `not before it began, ${entry.startedAt}` };
  if (entry.kind !== 'work' && entry.endedAt === null)
    yield { path: `${path}.endedAt`, value: 'null', allowed: 'a time: only work goes on' };
  if (entry.part && (entry.part.to <= entry.part.from || entry.part.to > Math.floor(entry.part.from) + 1))
    yield { path: `${path}.part.to`, value: String(entry.part.to), allowed: `above ${String(entry.part.from)} and within the same coat` };
  if (!entry.step) return;
  yield* unknown(`${path}.step.technique`, entry.step.technique, isTechniqueId, 'a technique of the catalogue');
  yield* unknown(`${path}.step.material`, entry.step.material, supplies.isMaterial, 'a material of the catalogue or of your own, or null');
}

/** The same sitting of the same step is done once. */
function* twiceDone(path: string, log: readonly LogEntry[]): Generator<PlanFault> {
  const done = new Set<string>();
  for (const [i, { kind, pieceId, stepId, sitting }] of log.entries()) {
    if (kind !== 'work') continue;
    const one = `${pieceId}/${stepId ?? ''}/${String(sitting)}`;
    if (done.has(one)) yield { path: `${path}[${String(i)}].stepId`, value: one, allowed: 'a sitting that is logged once' };
    done.add(one);
  }
}

/** The step of an entry brought up, where it is about one. */
const stepUpgraded =
  (upgrade: Upgrade): Upgrade =>
  (entry) => ({ ...entry, step: isObject(entry['step']) ? upgrade(entry['step']) : null });

/** What was done, oldest first. */
export const log = keptList<LogEntry, 'entry'>({
  one: 'entry',
  words: 'log entry',
  most: 1_000_000,
  since: 6,
  pointsTo: ['materials', 'pieces'],
  loses: [],
  faults: entryFaults,
  faultsTogether: twiceDone,
  moved: (entry, days) => ({
    ...entry,
    startedAt: movedByDays(entry.startedAt, days),
    endedAt: momentMoved(entry.endedAt, days),
    dryTest: entry.dryTest && { ...entry.dryTest, at: movedByDays(entry.dryTest.at, days) },
  }),
  upgrades: { 6: stepUpgraded(STEP_UPGRADES[6]), 11: stepUpgraded(STEP_UPGRADES[11]) },
});
