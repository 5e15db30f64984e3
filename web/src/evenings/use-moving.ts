import { type PlanInput } from '@eveningtide/core/schedule';
import { type Interval } from '@eveningtide/core/units';
import type { Moved } from '@eveningtide/core/solver';
import { useMemo, useState } from 'react';
import { useDays } from '../ui/days.js';
import { eveningsService } from '../workers/threads.js';
import { useAsked } from '../workers/use-asked.js';
import { usePlan } from '../workers/outlook-context.js';
import { useStepWords } from './step-words.js';
import { STEP_MIN, usePinning } from './use-pinning.js';

export interface Moving {
  /** What is in hand, and where it would be put down. */
  held: { id: string; startMin: number } | null;
  /** Where it may and may not be put down; null until it is known. */
  places: readonly Moved[] | null;
  /** What is going on, for reading and hearing. */
  words: string;
  pickUp: (id: string, startMin: number) => void;
  carryTo: (startMin: number) => void;
  putDown: () => void;
  cancel: () => void;
}

/** Taking a block of an evening in hand: legal places are looked for, and only there it is put down. */
export function useMoving(evening: Interval | null): Moving {
  const { given } = usePlan();
  const step = useStepWords();
  const { putTo } = usePinning();
  const [held, setHeld] = useState<Moving['held']>(null);
  const days = useDays();
  const [refusal, setRefusal] = useState('');
  const heldId = held?.id ?? null;
  const ask = useMemo(
    () => (heldId !== null && evening ? (now: PlanInput) => eveningsService().places(now, heldId, evening, STEP_MIN) : null),
    [heldId, evening],
  );
  const { answer, working } = useAsked(given, ask);
  const places = heldId === null || working ? null : answer;

  const pickUp = (id: string, startMin: number): void => {
    if (!evening) return;
    setHeld({ id, startMin });
    setRefusal('');
  };
  const snapped = (minute: number): number => {
    if (!evening) return minute;
    const raw = evening.fromMin + Math.round((minute - evening.fromMin) / STEP_MIN) * STEP_MIN;
    return Math.min(Math.max(raw, evening.fromMin), evening.toMin - STEP_MIN);
  };
  const carryTo = (minute: number): void => {
    setHeld((now) => now && { ...now, startMin: snapped(minute) });
  };
  const cancel = (): void => {
    setHeld(null);
  };
  const putDown = (): void => {
    if (!held) return;
    const { id, startMin } = held;
    void (async () => {
      const why = await putTo(id, startMin);
      setHeld(null);
      if (why !== null) setRefusal(`${step(id)} stays where it was: ${days.clock(startMin)} is not possible, ${why}.`);
    })();
  };

  const place = held ? places?.find(({ startMin }) => startMin === held.startMin) : undefined;
  const standing = (): string => {
    if (!places) return 'looking where it may go …';
    return !place || place.why === null ? 'possible. Enter puts it down, Escape leaves it.' : `not possible, ${place.why}.`;
  };
  const words = held ? `${step(held.id)} at ${days.clock(held.startMin)}: ${standing()}` : refusal;
  return { held, places, words, pickUp, carryTo, putDown, cancel };
}
