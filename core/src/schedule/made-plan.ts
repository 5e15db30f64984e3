import { checkSequence, checkWithFixes, handsOnMinutes, type Finding, type SequenceProblem } from '../sequence/index.js';
import { eveningsOf, type Bounds, type Placed } from '../solver/index.js';
import { begunOf } from './begun.js';
import { cleaningBefore, stillOwed } from './cleaning-owed.js';
import type { Doing } from './doing.js';
import { benchSupplies, planOf, type PlanInput, type Planned } from './plan-input.js';
import { operationId, operationOf } from './operation-id.js';
import type { BarePlan, Outlook, Overfull, PieceOutlook, Sitting } from './outlook.js';
import type { OutlookMemory } from './outlook-memory.js';
import { overfull } from './overfull.js';
import { aroundOf, problemFor, type Around, type Placing } from './placed-sequence.js';
import { sprayedOf } from './problem.js';
import { allSittings, minutesOfAll } from './sittings.js';

/**
 * A plan that was made, and its pieces, looked at one by one: with hundreds of them nobody waits for the last to see the first. What is archived takes no
 * evening. With a `memory` the outlook of a piece that nothing has changed for is the same object as before.
 */
export class MadePlan {
  readonly plan: BarePlan;
  /** Pieces that are planned, in the order given. */
  readonly pieceIds: readonly string[];
  /** The problem it solves, and what led to it. */
  readonly solved: Planned;
  private readonly doings: ReadonlyMap<string, Doing>;
  private readonly placing: Required<Placing>;
  private readonly around: Around;
  /** What every outlook hangs on besides its piece, as text. */
  private readonly aroundKey: string;

  /** @throws RangeError when a piece names a technique, material or substrate that is not known. */
  constructor(
    given: PlanInput,
    private readonly memory?: OutlookMemory,
  ) {
    const { workshop, originDate, nowMin, supplies = benchSupplies(given) } = given;
    const solved = planOf({ ...given, supplies });
    const { open, doings, bench, problem } = solved;
    const { plan, cost } = solved.planned;
    const evenings = problem.calendar?.evenings ?? [];
    const begun = begunOf(doings, bench, nowMin);
    const owed = problem.setup && stillOwed(sprayedOf(doings, bench, begun), problem.setup, nowMin);
    const next = owed && problem.operations.find(({ id }) => id === firstOf(plan.placed)?.id);
    const cleaning = problem.setup && owed && cleaningBefore(next ?? null, owed, problem.setup);
    // what is being cleaned away now is in no plan any more, but takes its time
    const withCleaning = cleaning ? { ...plan, cleanings: [cleaning, ...plan.cleanings] } : plan;
    const placed = new Map(plan.placed.map((p) => [p.id, p]));
    this.solved = solved;
    this.plan = { originDate, plan: withCleaning, cost, evenings };
    this.pieceIds = open.map(({ id }) => id);
    this.doings = new Map(doings.map((doing) => [doing.piece.id, doing]));
    this.placing = { workshop, supplies, originDate, evenings, placed, doings, begun };
    this.around = aroundOf(this.placing, bench);
    this.aroundKey = JSON.stringify([originDate, evenings]);
  }

  /** What no plan can beat; it takes as long as a plan, so it is worked out only when it is asked for. */
  get bounds(): Bounds {
    return this.solved.planned.bounds;
  }

  /** Pieces that are under way or come first: all that the evening at hand is about. */
  get nearIds(): ReadonlySet<string> {
    const { plan, evenings } = this.plan;
    const first = eveningsOf(plan, evenings)[0]?.placed ?? [];
    return new Set([...this.placing.begun.keys(), ...first.map(({ id }) => id)].map((id) => operationOf(id).pieceId));
  }

  /** How a piece goes by this plan. Its findings carry no fixes: `cured` looks for them. */
  look(pieceId: string): PieceOutlook {
    const doing = this.doingOf(pieceId);
    const problem = problemFor(doing, this.placing, this.around);
    const look = (): PieceOutlook => this.lookedAt(doing, problem);
    if (!this.memory) return look();
    const { workshop, supplies } = this.placing;
    return this.memory.recall(doing.piece, [workshop, supplies], this.keyOf(doing, problem), look);
  }

  /** The findings of a piece, each with the fixes that help, found by trying what is proposed. */
  cured(pieceId: string): Finding[] {
    return checkWithFixes(problemFor(this.doingOf(pieceId), this.placing, this.around)).findings;
  }

  /** Where more would stand wet at once than there is room for. */
  overfull(pieces: readonly PieceOutlook[]): Overfull[] {
    const own = [...this.doings.values()].map(({ piece }) => piece);
    return overfull(own, pieces, this.placing.workshop);
  }

  private doingOf(pieceId: string): Doing {
    const doing = this.doings.get(pieceId);
    if (!doing) throw new RangeError(`pieceId must be one of the pieces that are planned, got '${pieceId}'`);
    return doing;
  }

  private lookedAt(doing: Doing, problem: SequenceProblem): PieceOutlook {
    const { piece, dryFactors } = doing;
    const { supplies, begun, placed } = this.placing;
    const { bench } = this.around;
    const { steps: reports, findings } = checkSequence(problem);
    const all = allSittings(doing, bench);
    const isSplit = (index: number): boolean => (all[index] ?? []).some(({ part }) => part.to - part.from < 1);
    return {
      pieceId: piece.id,
      steps: [...problem.steps],
      reports,
      findings,
      handsOnMin: problem.steps.map((step, index) =>
        isSplit(index) ? minutesOfAll(all[index] ?? []) : handsOnMinutes(step, piece, bench),
      ),
      sittings: problem.steps.map((_, index) =>
        (all[index] ?? []).map(({ sat, ...own }): Sitting => {
          const span = begun.get(operationId(piece, index, own.sitting));
          return { ...own, begun: sat && span ? { ...span, isRunning: sat.endMin === null } : null };
        }),
      ),
      dryPaces: problem.steps.map((step, index) => (supplies.pace?.dryingFactorOf(step) ?? 1) * (dryFactors[index] ?? 1)),
      placed: problem.steps.map((_, index) =>
        (all[index] ?? []).every(({ sitting }) => {
          const id = operationId(piece, index, sitting);
          return begun.has(id) || placed.has(id);
        }),
      ),
    };
  }

  /** All that the outlook of a piece hangs on besides the piece, the workshop and what is on the shelf. */
  private keyOf(doing: Doing, problem: SequenceProblem): string {
    const { piece, steps } = doing;
    const done = allSittings(doing, this.around.bench).map((sittings, index) =>
      sittings.map(({ sitting, minutes, sat }) => {
        const id = operationId(piece, index, sitting);
        const span = this.placing.begun.get(id);
        return span ? [span.fromMin, span.toMin, sat?.endMin === null] : [minutes, this.placing.placed.has(id)];
      }),
    );
    const { subject, startsMin, durationsMin, dryFactors, bottleAgesDays } = problem;
    const ids = steps.map(({ id }) => id);
    return this.aroundKey + JSON.stringify([ids, done, subject.company, startsMin, durationsMin, dryFactors, bottleAgesDays]);
  }
}

const firstOf = (placed: readonly Placed[]): Placed | undefined =>
  placed.reduce<Placed | undefined>((first, one) => (first && first.startMin <= one.startMin ? first : one), undefined);

/** Places the steps of all pieces into the painter's evenings and checks every sequence at the times it then has. @throws RangeError when a piece names a technique, material or substrate that is not known. */
export function planPieces(given: PlanInput, memory?: OutlookMemory): Outlook {
  const made = new MadePlan(given, memory);
  const pieces = made.pieceIds.map((id) => made.look(id));
  return { ...made.plan, pieces, overfull: made.overfull(pieces) };
}
