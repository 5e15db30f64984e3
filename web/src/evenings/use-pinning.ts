import { keptPlan, operationOf, type PlanInput } from '@eveningtide/core/schedule';
import { clockOf, dateOf, type Interval } from '@eveningtide/core/units';
import { stepIdOf } from '@eveningtide/core/sequence';
import { useLazyPiecesQuery, useSavePieceMutation } from '../store/api.js';
import { toast } from '../store/toast.js';
import { useDays } from '../ui/days.js';
import { notifyFailure, notifyWithUndo } from '../ui/notify.js';
import { eveningsService } from '../workers/threads.js';
import { usePlan } from '../workers/outlook-context.js';
import { useStepWords } from './step-words.js';
import { useWritePlanning } from './use-keep-planning.js';

/** Blocks are put to every fifth minute. */
export const STEP_MIN = 5;

type Undo = () => Promise<void>;

export interface Pinning {
  /** Pins a step to a minute, drying or not, or lets it go. */
  pin: (id: string, atMin: number | null) => Promise<void>;
  /** Puts a step to a minute where that is possible, the rest closing up; else why it is not. */
  putTo: (id: string, startMin: number) => Promise<string | null>;
  /** Puts a step to the first place of another evening at which it may be. */
  putInto: (id: string, other: Interval) => Promise<void>;
}

/** Steps pinned to a time by hand. */
export function usePinning(): Pinning {
  const { given, outlook } = usePlan();
  const days = useDays();
  const step = useStepWords();
  const writePlanning = useWritePlanning();
  const [save] = useSavePieceMutation();
  const [fetch] = useLazyPiecesQuery();

  const writePin = async (of: PlanInput, id: string, atMin: number | null): Promise<Undo> => {
    const { pieceId, stepIndex } = operationOf(id);
    const done = outlook?.pieces.find((one) => one.pieceId === pieceId)?.steps[stepIndex];
    const stepId = stepIdOf(done?.id ?? '');
    const write = async (pinnedAt: string | null): Promise<string | null> => {
      const stored = (await fetch(undefined, true).unwrap()).find(({ piece }) => piece.id === pieceId);
      const before = stored?.piece.steps.find((one) => one.id === stepId);
      if (!stored || !before) throw new Error('the step is not there any more');
      const steps = stored.piece.steps.map((one) => (one.id === stepId ? { ...one, pinnedAt } : one));
      await save({ version: stored.version, piece: { ...stored.piece, steps } }).unwrap();
      return before.pinnedAt;
    };
    const before = await write(atMin === null ? null : `${dateOf(of.originDate, atMin)}T${clockOf(atMin)}`);
    return async () => {
      await write(before);
    };
  };

  const pin = async (id: string, atMin: number | null): Promise<void> => {
    if (!given) return;
    try {
      const undo = await writePin(given, id, atMin);
      notifyWithUndo(
        atMin === null ? `${step(id)} is no longer pinned` : `${step(id)} pinned to ${days.when(given.originDate, atMin)}`,
        undo,
      );
    } catch (error) {
      notifyFailure('It was not pinned', error);
    }
  };

  const putTo = async (id: string, startMin: number): Promise<string | null> => {
    if (!given) return null;
    const { planned, why, because } = await eveningsService().move(given, id, startMin);
    if (why !== null || !planned) return `${why ?? ''}${because === null ? '' : ` (${step(because)})`}`;
    try {
      // the rest as it was judged, then the pin
      const kept = keptPlan(planned.start, given);
      const undoPlan = await writePlanning((planning) => ({ ...planning, kept }));
      const undoPin = await writePin(given, id, startMin);
      notifyWithUndo(`${step(id)} put to ${days.when(given.originDate, startMin)}`, async () => {
        await undoPin();
        await undoPlan();
      });
    } catch (error) {
      notifyFailure('It was not put there', error);
    }
    return null;
  };

  const putInto = async (id: string, other: Interval): Promise<void> => {
    if (!given) return;
    const places = await eveningsService().places(given, id, other, STEP_MIN);
    const free = places.find(({ why }) => why === null);
    const why = free ? await putTo(id, free.startMin) : (places[0]?.why ?? null);
    if (why !== null) toast.error(`${step(id)} has no place on ${days.dayOf(given.originDate, other.fromMin)}`, { description: why });
  };
  return { pin, putTo, putInto };
}
