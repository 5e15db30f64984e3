import { checkSequence, expandRounds, stepIdOf, type Finding, type SequenceProblem } from '../sequence/index.js';
import { plainStep, type Piece, type Step } from '../subjects/index.js';
import { begunOf, benchOf, benchSupplies, doingsOf, operationOf, planOf, sequenceProblem, type PlanInput } from '../schedule/index.js';
import { techniqueById } from '../techniques/index.js';
import { troubleById } from './catalogue/index.js';
import { young } from './drafts.js';
import type { Age, Met, Remedy, StepDraft } from './types.js';

/** A remedy, judged by how the piece stands now. */
export interface Judged {
  id: string;
  words: string;
  /** It helps, helps with care, does not help now, or makes it worse. */
  verdict: 'helps' | 'with care' | 'not now' | 'worse';
  /** Why, where it does not simply help: what the check found, or why it is too early or too late. */
  why: string | null;
  /** What it adds to the sequence. */
  steps: StepDraft[];
  /** It takes off what was laid: the step is to be done again. */
  redoes: boolean;
}

export interface Advice {
  trouble: string;
  name: string;
  age: Age;
  ageMin: number;
  remedies: Judged[];
  worse: string[];
  nextTime: string[];
}

function ageOf(ripening: Met['ripening'], nowMin: number): Age {
  if (!ripening) return 'hard';
  if (ripening.touchMin === Infinity) return 'never dries';
  if (nowMin < ripening.touchMin) return 'wet';
  if (nowMin < ripening.recoatFromMin) return 'touch-dry';
  if (nowMin < ripening.dryHardMin) return 'dry';
  return nowMin < ripening.solventProofMin ? 'hard' : 'proof';
}

/** A piece with what was done on it up to a step, as it stands at a minute. */
interface Standing {
  problem: SequenceProblem;
  met: Met;
}

function standing(given: PlanInput, pieceId: string, doneId: string): Standing {
  const piece = given.pieces.find(({ id }) => id === pieceId);
  if (!piece) throw new RangeError(`pieceId must be one of the pieces, got '${pieceId}'`);
  const supplies = benchSupplies(given);
  const {
    open,
    problem,
    planned: { plan },
  } = planOf({ ...given, pieces: [piece], supplies });
  const placed = new Map(plan.placed.filter(({ id }) => operationOf(id).pieceId === pieceId).map((p) => [p.id, p]));
  const doings = doingsOf(open, given.log, given.originDate);
  const begun = begunOf(doings, benchOf(given.workshop, supplies), given.nowMin);
  const whole = sequenceProblem(piece, { ...given, supplies, evenings: problem.calendar?.evenings ?? [], placed, doings, begun });
  const at = whole.steps.findIndex(({ id }) => id === doneId);
  const step = whole.steps[at];
  if (!step) throw new RangeError(`stepId must be a step of ${piece.name}, got '${doneId}'`);
  // done now at the latest, whatever the plan had meant
  const startsMin = whole.startsMin.slice(0, at + 1).map((start) => Math.min(start ?? given.nowMin, given.nowMin));
  const upToIt = { ...whole, steps: whole.steps.slice(0, at + 1), startsMin, durationsMin: whole.durationsMin.slice(0, at + 1) };
  const report = checkSequence(upToIt).steps[at];
  if (!report) throw new RangeError(`stepId must be a step of ${piece.name}, got '${doneId}'`);
  const { ripening } = report;
  const nowMin = Math.max(given.nowMin, report.endMin);
  return {
    problem: upToIt,
    met: {
      step,
      material: step.material === null ? null : supplies.material(step.material),
      report,
      ripening,
      nowMin,
      ageMin: nowMin - report.endMin,
      age: ageOf(ripening, nowMin),
      supplies,
    },
  };
}

const drafted = (draft: StepDraft, zones: readonly string[], id: string): Step => plainStep({ zones: [...zones], ...draft, id });

/** A remedy's step is taken to last so long where it is tried, minutes: windows hang on when it begins (our number). */
const REMEDY_MIN = 5;

/** What the check says of the steps of a remedy if they were done now, one after the other as each may. */
function findingsOf({ problem, met }: Standing, drafts: readonly StepDraft[]): Finding[] {
  const at = problem.steps.length;
  const steps = [...problem.steps, ...drafts.map((draft, i) => drafted(draft, met.step.zones, `remedy-${String(i)}`))];
  const findings = checkSequence({
    ...problem,
    steps,
    // the first is done now; the others wait for what they need
    startsMin: [...problem.startsMin, met.nowMin, ...drafts.slice(1).map(() => null)],
    durationsMin: [...problem.durationsMin, ...drafts.map(() => REMEDY_MIN)],
  }).findings;
  return findings.filter(({ stepIndex, severity }) => stepIndex >= at && severity !== 'hint');
}

/** What goes into a coat that is still wet goes there on purpose: it is judged, and put into the sequence, as that. */
const onPurpose = (drafts: StepDraft[], met: Met): StepDraft[] =>
  drafts.map((draft, i) => (i === 0 && young(met) && techniqueById(draft.technique).dose !== null ? { ...draft, intoWet: true } : draft));

function judged(remedy: Remedy, now: Standing): Judged {
  const { met } = now;
  const steps = onPurpose(remedy.steps?.(met) ?? [], met);
  const tooLate = remedy.tooLate?.(met) ?? null;
  const redoes = remedy.redoes === true;
  const base = { id: remedy.id, words: remedy.words, steps: redoes ? [] : steps, redoes };
  if (tooLate !== null) return { ...base, verdict: 'not now', why: tooLate };
  // what is taken off again is asked of the walk: it comes off alone, or not at all
  const found = steps.length === 0 || redoes ? [] : findingsOf(now, steps);
  const worst = found.find(({ severity }) => severity === 'snag') ?? found[0];
  if (!worst) return { ...base, verdict: 'helps', why: null };
  // what only comes too soon is no harm if one waits
  if (worst.rule === 'too-soon') return { ...base, verdict: 'not now', why: worst.message };
  return { ...base, verdict: worst.severity === 'snag' ? 'worse' : 'with care', why: worst.message };
}

const RANK: Record<Judged['verdict'], number> = { helps: 0, 'with care': 1, 'not now': 2, worse: 3 };

/**
 * What helps against a trouble on what a step left, as the piece stands now: each remedy is tried by the same check that the whole sequence is, so what
 * would spoil something below is told as making it worse.
 * @throws RangeError when the trouble, the piece or the step is not known.
 */
export function adviceFor(given: PlanInput, pieceId: string, doneId: string, troubleId: string): Advice {
  const trouble = troubleById(troubleId);
  const now = standing(given, pieceId, doneId);
  const remedies = trouble.remedies.map((remedy) => judged(remedy, now)).sort((a, b) => RANK[a.verdict] - RANK[b.verdict]);
  const { age, ageMin } = now.met;
  return { trouble: trouble.id, name: trouble.name, age, ageMin, remedies, worse: trouble.worse, nextTime: trouble.nextTime };
}

/** The piece with the steps of a remedy after the step that it mends; of a repeat group after its last round. `newId` numbers them from 1. */
export function withRemedy(piece: Piece, doneId: string, drafts: readonly StepDraft[], newId: (n: number) => string): Piece {
  const at = piece.steps.findIndex(({ id }) => id === stepIdOf(doneId));
  const step = piece.steps[at];
  if (!step) throw new RangeError(`stepId must be a step of ${piece.name}, got '${doneId}'`);
  const isRepeated = step.groupId !== null && expandRounds(piece.steps, piece.groups).length > piece.steps.length;
  const after = isRepeated ? piece.steps.findLastIndex(({ groupId }) => groupId === step.groupId) : at;
  const added = drafts.map((draft, i) => drafted({ ...draft, groupId: null }, step.zones, newId(i + 1)));
  return { ...piece, steps: piece.steps.toSpliced(after + 1, 0, ...added) };
}
