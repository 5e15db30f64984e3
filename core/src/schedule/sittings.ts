import { partOf, partsLeft, type Progress, type Sat, type WorkPart } from '../log/index.js';
import { againMinutes, coatsApart, incomingOf, minutesMade, minutesOfPart, type HandsOnBench } from '../sequence/index.js';
import { modelsOf, type Piece, type Step } from '../subjects/index.js';
import type { Doing } from './doing.js';

/** An evening is filled to this share: something always takes longer (common practice; our number). */
export const EVENING_SHARE = 0.85;

/** How far a sitting goes, where that is the end of a zone or of a piece of the batch. */
export interface UpTo {
  /** Of the batch, from 0. */
  model: number;
  /** The last zone of it that is done; null: all of it. */
  zoneId: string | null;
}

/** One time of sitting down to a step. */
export interface PlannedSitting {
  /** Its number in the log and in plans. */
  sitting: number;
  minutes: number;
  part: WorkPart;
  /** Null: all that was left of the coat, or anywhere. */
  upTo: UpTo | null;
  sat: Sat | null;
}

/** What long work is split by. */
export interface SplitBench extends HandsOnBench {
  /** The longest that one sits at one thing, cleaning of the airbrush included; Infinity: nothing is split. */
  longestMin: number;
  airbrushCleanMin: number;
}

/** So many coats are counted for a step: all of them in one where they are laid in one go. */
export const coatsOf = (step: Step, bench: HandsOnBench): number => (coatsApart(step, bench) ? step.coats : 1);

/** Where a coat may be put down besides at its end, in shares of it: after each zone of each piece of the batch. */
function ends(step: Step, piece: Piece, bench: HandsOnBench): { at: number; upTo: UpTo }[] {
  const models = modelsOf(step, piece);
  const { zonesMin } = minutesMade(step, piece, bench);
  const perModel = zonesMin.reduce((sum, { minutes }) => sum + minutes, 0);
  return Array.from({ length: models }, (_, model) => {
    let done = 0;
    const within = zonesMin.slice(0, -1).map(({ zoneId, minutes }) => {
      done += minutes;
      return { at: (model + done / perModel) / models, upTo: { model, zoneId } };
    });
    return [...(perModel > 0 ? within : []), { at: (model + 1) / models, upTo: { model, zoneId: null } }];
  })
    .flat()
    .slice(0, -1);
}

/** A stretch of a coat in sittings that fit into an evening, where the technique lets it be put down. */
function split(step: Step, piece: Piece, bench: SplitBench, left: WorkPart): Omit<PlannedSitting, 'sitting' | 'sat'>[] {
  const minutes = minutesOfPart(step, piece, bench, left);
  const { technique, tool } = incomingOf(step, bench.supplies);
  const longest = bench.longestMin - (tool === 'airbrush' ? bench.airbrushCleanMin : 0);
  if (minutes <= longest || technique.putDown === 'never') return [{ minutes, part: left, upTo: null }];
  const setUp = againMinutes(step, piece, bench);
  const count = Math.ceil((minutes - setUp) / Math.max(1, longest - setUp));
  const share = (left.to - left.from) / count;
  const coat = Math.floor(left.from);
  const cuts =
    technique.putDown === 'anywhere'
      ? Array.from({ length: count - 1 }, (_, i) => ({ at: left.from + share * (i + 1), upTo: null }))
      : farthest(
          ends(step, piece, bench).map(({ at, upTo }) => ({ at: coat + at, upTo })),
          left,
          share,
        );
  const stops = [...cuts, { at: left.to, upTo: null }];
  return stops.map(({ at, upTo }, i) => {
    const part = { from: stops[i - 1]?.at ?? left.from, to: at };
    return { minutes: minutesOfPart(step, piece, bench, part), part, upTo };
  });
}

/** As far as each sitting gets without taking more than its share. What is longer by itself is taken alone. */
function farthest<T extends { at: number }>(cuts: readonly T[], { from, to }: WorkPart, share: number): T[] {
  const out: T[] = [];
  let begun = from;
  const inside = cuts.filter(({ at }) => at > from + 1e-6 && at < to - 1e-6);
  inside.forEach((cut, i) => {
    const next = inside[i + 1]?.at ?? to;
    if (next - begun <= share + 1e-6) return;
    out.push(cut);
    begun = cut.at;
  });
  return out;
}

/**
 * All sittings of a step: those that were, with what was done in them, then what is left in as many as it takes, under numbers that are free. A coat is a
 * sitting of its own where coats are laid apart; what is longer than an evening is put down where it may be.
 */
export function sittingsOf(step: Step, piece: Piece, progress: Pick<Progress, 'satsOf'>, bench: SplitBench): PlannedSitting[] {
  const sats = progress.satsOf(step.id);
  const done = [...sats].map(([sitting, sat]): PlannedSitting => {
    const part = partOf(sat.entry);
    return { sitting, minutes: minutesOfPart(step, piece, bench, part), part, upTo: null, sat };
  });
  const left = partsLeft(
    coatsOf(step, bench),
    done.map(({ part }) => part),
  ).flatMap((part) => split(step, piece, bench, part));
  let number = -1;
  const open = left.map((one): PlannedSitting => {
    do number++;
    while (sats.has(number));
    return { ...one, sitting: number, sat: null };
  });
  return [...done.sort((a, b) => a.sitting - b.sitting), ...open];
}

const known = new WeakMap<Doing, { bench: SplitBench; all: PlannedSitting[][] }>();

/** The sittings of all steps of a piece: a plan asks for them again and again, so they are worked out once. */
export function allSittings(doing: Doing, bench: SplitBench): PlannedSitting[][] {
  const before = known.get(doing);
  if (before?.bench === bench) return before.all;
  const { piece, steps, progress } = doing;
  const all = steps.map((step) => sittingsOf(step, piece, progress, bench));
  known.set(doing, { bench, all });
  return all;
}

/** Hands-on minutes of all sittings of a step together. */
export const minutesOfAll = (all: readonly Pick<PlannedSitting, 'minutes'>[]): number => all.reduce((sum, { minutes }) => sum + minutes, 0);
