import { clockOf, dateOf, keptPlan, operationOf } from '@eveningtide/core/schedule';
import { stepIdOf } from '@eveningtide/core/sequence';
import type { Moved } from '@eveningtide/core/solver';
import type { Interval } from '@eveningtide/core/units';
import { useEffect, useRef, useState } from 'react';
import { toast } from 'sonner';
import { refusalOf, useLazyPiecesQuery, useSavePieceMutation } from '../store/api.js';
import { useDays } from '../ui/days.js';
import { eveningsService } from '../workers/evenings-service.js';
import { usePlan } from '../workers/outlook-context.js';
import { toldWithUndo, useWritePlanning } from './use-keep-planning.js';
import { useStepWords } from './step-words.js';

/** Blocks are put to every fifth minute. */
export const STEP_MIN = 5;

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
  /** Puts a step to the first place of another evening at which it may be. */
  putInto: (id: string, other: Interval) => Promise<void>;
  /** Pins a step where it is, or lets it go. */
  pin: (id: string, atMin: number | null) => Promise<void>;
}

/** Taking a block of an evening in hand: legal places are looked for, and only there it is put down. */
export function useMoving(evening: Interval | null): Moving {
  const { given, outlook } = usePlan();
  const days = useDays();
  const step = useStepWords();
  const writePlanning = useWritePlanning();
  const [save] = useSavePieceMutation();
  const [fetch] = useLazyPiecesQuery();
  const [held, setHeld] = useState<Moving['held']>(null);
  const [places, setPlaces] = useState<readonly Moved[] | null>(null);
  const [refusal, setRefusal] = useState('');
  const asked = useRef(0);
  const fromMin = evening?.fromMin ?? null;
  useEffect(() => {
    asked.current++;
  }, [given, fromMin]);

  const pickUp = (id: string, startMin: number): void => {
    if (!given || !evening) return;
    setHeld({ id, startMin });
    setPlaces(null);
    setRefusal('');
    const question = ++asked.current;
    void eveningsService()
      .places(given, id, evening, STEP_MIN)
      .then((found) => {
        if (question === asked.current) setPlaces(found);
      });
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
    asked.current++;
    setHeld(null);
    setPlaces(null);
  };

  /** Writes the pin of a step; the piece before, to go back to. */
  const writePin = async (id: string, atMin: number | null): Promise<() => Promise<void>> => {
    const { pieceId, stepIndex } = operationOf(id);
    const stored = (await fetch(undefined, true).unwrap()).find(({ piece }) => piece.id === pieceId);
    const done = outlook?.pieces.find((one) => one.pieceId === pieceId)?.steps[stepIndex];
    if (!stored || !done || !given) throw new Error('the step is not there any more');
    const pinnedAt = atMin === null ? null : `${dateOf(given.originDate, atMin)}T${clockOf(atMin)}`;
    const stepId = stepIdOf(done.id);
    const before = stored.piece.steps.find((one) => one.id === stepId)?.pinnedAt ?? null;
    const write = async (value: string | null): Promise<void> => {
      const now = (await fetch(undefined, true).unwrap()).find(({ piece }) => piece.id === pieceId);
      if (!now) return;
      const steps = now.piece.steps.map((one) => (one.id === stepId ? { ...one, pinnedAt: value } : one));
      await save({ version: now.version, piece: { ...now.piece, steps } }).unwrap();
    };
    await write(pinnedAt);
    return () => write(before);
  };

  const failed = (error: unknown): void => {
    toast.error('It was not pinned', { description: refusalOf(error)?.data.message ?? 'The server does not answer.' });
  };

  const pin = async (id: string, atMin: number | null): Promise<void> => {
    try {
      const undo = await writePin(id, atMin);
      toldWithUndo(
        atMin === null ? `${step(id)} is no longer pinned` : `${step(id)} pinned to ${days.when(given?.originDate ?? '', atMin)}`,
        undo,
      );
    } catch (error) {
      failed(error);
    }
  };

  const putInto = async (id: string, other: Interval): Promise<void> => {
    if (!given) return;
    const found = await eveningsService().places(given, id, other, STEP_MIN);
    const free = found.find(({ why }) => why === null);
    if (free) await put(id, free.startMin);
    else {
      const why = found[0]?.why;
      toast.error(
        `${step(id)} has no place on ${days.dayOf(given.originDate, other.fromMin)}`,
        why == null ? {} : { description: `${why[0]?.toUpperCase() ?? ''}${why.slice(1)}.` },
      );
    }
  };

  const putDown = (): void => {
    if (held) void put(held.id, held.startMin);
  };

  const put = async (id: string, startMin: number): Promise<void> => {
    if (!given) return;
    const question = ++asked.current;
    const result = await eveningsService().move(given, id, startMin);
    if (question !== asked.current) return;
    setHeld(null);
    setPlaces(null);
    if (result.why !== null || !result.planned) {
      const because = result.because === null ? '' : ` (${step(result.because)})`;
      setRefusal(`${step(id)} stays where it was: ${clockOf(startMin)} is not possible, ${result.why ?? ''}${because}.`);
      return;
    }
    const open = given.pieces.filter(({ archivedOn }) => archivedOn === null);
    const kept = keptPlan(result.planned.start, open, given.originDate);
    try {
      // the rest as it was judged, then the pin
      const undoPlan = await writePlanning((planning) => ({ ...planning, kept }));
      const undoPin = await writePin(id, startMin);
      toldWithUndo(`${step(id)} put to ${days.when(given.originDate, startMin)}`, async () => {
        await undoPin();
        await undoPlan();
      });
    } catch (error) {
      failed(error);
    }
  };

  const place = held ? places?.find(({ startMin }) => startMin === held.startMin) : undefined;
  const words = !held
    ? refusal
    : `${step(held.id)} at ${clockOf(held.startMin)}: ${
        !places
          ? 'looking where it may go …'
          : !place || place.why === null
            ? 'possible. Enter puts it down, Escape leaves it.'
            : `not possible, ${place.why}.`
      }`;
  return { held, places, words, pickUp, carryTo, putDown, cancel, putInto, pin };
}
