import { putDownAtPct, type LogEntry } from '../log/index.js';
import { isTroubleId, troubleById } from '../remedies/index.js';
import { expandRounds, roundOf, stepIdOf } from '../sequence/index.js';
import { onItsOwn, type Piece, type Step } from '../subjects/index.js';
import { techniqueById } from '../techniques/index.js';

/** Something that was done otherwise than planned. */
export interface Difference {
  kind: 'left out' | 'not done' | 'changed' | 'added' | 'order' | 'trouble';
  text: string;
}

export interface AsDone {
  /** The piece with the steps that were really done, in the order in which they were. */
  piece: Piece;
  differences: Difference[];
}

/** What of a step is told where it was done otherwise. */
const TOLD: { name: string; of: (step: Step) => unknown }[] = [
  { name: 'material', of: ({ material }) => material },
  { name: 'bottle', of: ({ bottleId }) => bottleId },
  { name: 'thinning', of: ({ dilution }) => dilution },
  { name: 'coats', of: ({ coats }) => coats },
  { name: 'cover', of: ({ coverPct }) => coverPct },
  { name: 'strength', of: ({ strength }) => strength },
  { name: 'tool', of: ({ tool }) => tool },
];

/** As one says it; a trouble that is not known any more by its id. */
export const troubleName = (id: string): string => (isTroubleId(id) ? troubleById(id).name.toLowerCase() : id);

/** An id of its own for each round that was done: a plain step, in no group. */
const ownId = (stepId: string): string => (roundOf(stepId) === 1 ? stepId : `${stepIdOf(stepId)}-r${String(roundOf(stepId))}`);

/**
 * A piece as its log says that it was done, not as it was planned: each round a step of its own, with what was noted. What was taken off again counts as
 * trouble, not as done.
 */
export function pieceAsDone(piece: Piece, log: readonly LogEntry[]): AsDone {
  const own = log.filter(({ pieceId }) => pieceId === piece.id);
  const done = new Map<string, { step: Step; entries: LogEntry[] }>();
  for (const entry of [...own].sort((a, b) => a.startedAt.localeCompare(b.startedAt))) {
    if (entry.kind !== 'work' || !entry.step || entry.stepId === null || entry.endedAt === null) continue;
    const known = done.get(entry.stepId);
    if (known) known.entries.push(entry);
    else done.set(entry.stepId, { step: entry.step, entries: [entry] });
  }
  const steps = [...done].map(([stepId, { step, entries }]): Step => {
    const notes = [step.note, ...entries.flatMap(({ marks, note }) => [...marks, note])].filter((words) => words !== '');
    return { ...onItsOwn(step, ownId(stepId)), note: [...new Set(notes)].join(' · ') };
  });
  return { piece: { ...piece, groups: [], waivers: [], steps }, differences: differencesOf(piece, own, done) };
}

function differencesOf(
  piece: Piece,
  log: readonly LogEntry[],
  done: ReadonlyMap<string, { step: Step; entries: readonly LogEntry[] }>,
): Difference[] {
  const planned = expandRounds(piece.steps, piece.groups);
  const words = (step: Step): string => techniqueById(step.technique).name;
  const leftOut = new Set(log.filter(({ kind }) => kind === 'left-out').map(({ stepId }) => stepId));
  const out: Difference[] = [];
  for (const [i, step] of planned.entries()) {
    const at = `step ${String(piece.steps.findIndex(({ id }) => id === stepIdOf(step.id)) + 1)}, ${words(step).toLowerCase()}`;
    const { step: really, entries = [] } = done.get(step.id) ?? {};
    const putDownAt = really ? putDownAtPct(entries) : null;
    if (putDownAt !== null) out.push({ kind: 'not done', text: `${at}: put down at ${String(putDownAt)} %` });
    if (!really) {
      out.push({ kind: leftOut.has(step.id) ? 'left out' : 'not done', text: at });
      continue;
    }
    const changed = TOLD.filter(({ of }) => JSON.stringify(of(step)) !== JSON.stringify(of(really))).map(({ name }) => name);
    if (changed.length > 0) out.push({ kind: 'changed', text: `${at}: ${changed.join(', ')}` });
    const before = planned.slice(0, i).findLast(({ id }) => done.has(id));
    const order = [...done.keys()];
    if (before && order.indexOf(step.id) < order.indexOf(before.id))
      out.push({ kind: 'order', text: `${at}: before ${words(before).toLowerCase()}` });
  }
  const known = new Set(planned.map(({ id }) => id));
  for (const [id, { step }] of done) if (!known.has(id)) out.push({ kind: 'added', text: words(step).toLowerCase() });
  for (const { met, note } of log)
    if (met) out.push({ kind: 'trouble', text: [troubleName(met.trouble), note].filter((part) => part !== '').join(': ') });
  return out;
}
