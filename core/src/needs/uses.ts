import { useOf, type Portion, type StepUse, type Stores } from '../coverage/index.js';
import { CATALOGUE } from '../materials/index.js';
import { keepsOfMix, type MixComponent } from '../mixing/index.js';
import { operationId, type Outlook, type PieceOutlook, type Sitting } from '../schedule/index.js';
import { MINUTES_PER_DAY, addDays } from '../units/index.js';
import type { Piece, Step } from '../subjects/index.js';

/** When a step is planned: minute of the plan and its evening's date; null where the plan found no place for it. */
export interface When {
  startMin: number | null;
  date: string | null;
}

/** A step of a piece as it will be done: a step of a repeat group comes once a round. */
export interface StepAt extends When {
  pieceId: string;
  stepIndex: number;
  /** With the coats that are left. */
  step: Step;
  /** Share of these that is really left: less than 1 where work was put down in the middle of a coat. */
  left: number;
}

/** One cup: everything that is stirred once and used within the time it keeps. */
export interface PlannedMix {
  key: string;
  /** The same mix is made for the nth time. */
  time: number;
  /** Parts sum to 1. One component alone is poured, not mixed. */
  components: MixComponent[];
  colour: string | null;
  for: (StepAt & { ml: number })[];
  /** What stays in cup and brush, once. */
  residueMl: number;
  totalMl: number;
  keeps: { minutes: number; why: string; freshOnly: boolean };
}

/** So much of one thing, for one step, at its time. */
export interface Use extends Portion, When {
  pieceId: string;
  stepId: string;
  stepIndex: number;
  why: 'laid' | 'left in cup' | 'cleaning';
}

/** What is still to be done of a step, in coats of it, and its next sitting; null where all is done. What goes on is still to be done. */
function leftOf({ steps, sittings }: PieceOutlook, stepIndex: number): { step: Step; left: number; sitting: number } | null {
  const step = steps[stepIndex];
  const all = sittings[stepIndex] ?? [];
  const open = all.filter(({ begun }) => begun === null || begun.isRunning);
  const [first] = open;
  if (!step || !first) return null;
  const whole = sumOf(all);
  const share = sumOf(open) / whole;
  // the coats that are left, the last of them perhaps in part
  const coats = Math.max(1, Math.ceil(step.coats * share - 1e-6));
  return { step: { ...step, coats }, left: (step.coats * share) / coats, sitting: first.sitting };
}

const sumOf = (all: readonly Sitting[]): number => all.reduce((sum, { part }) => sum + part.to - part.from, 0);

/** What is still to be done of the steps of all pieces of an outlook, soonest first; what has no place comes last. */
export function stepsInTime(outlook: Outlook): StepAt[] {
  const starts = new Map(outlook.plan.placed.map(({ id, startMin }) => [id, startMin]));
  const all = outlook.pieces.flatMap((own) =>
    own.steps.flatMap((_, stepIndex): StepAt[] => {
      const left = leftOf(own, stepIndex);
      if (!left) return [];
      const { step, sitting } = left;
      const begun = own.sittings[stepIndex]?.find((one) => one.sitting === sitting)?.begun ?? null;
      const startMin = begun?.fromMin ?? starts.get(operationId({ id: own.pieceId }, stepIndex, sitting)) ?? null;
      const date = startMin === null ? null : addDays(outlook.originDate, Math.floor(startMin / MINUTES_PER_DAY));
      return [{ pieceId: own.pieceId, stepIndex, step, left: left.left, startMin, date }];
    }),
  );
  return all.sort((a, b) => (a.startMin ?? Infinity) - (b.startMin ?? Infinity));
}

/** What is stirred: cups of more than one thing. */
export const cupsToMix = (mixes: readonly PlannedMix[]): PlannedMix[] =>
  mixes.filter(({ components, totalMl }) => components.length > 1 && totalMl > 0);

/** The cup that a step of the plan is laid from; null where it takes none that is mixed. */
export const cupFor = (mixes: readonly PlannedMix[], pieceId: string, stepIndex: number): PlannedMix | null =>
  mixes.find((mix) => mix.for.some((at) => at.pieceId === pieceId && at.stepIndex === stepIndex)) ?? null;

/** What all pieces need: the cups to mix, and every portion of every thing. */
export interface Needs {
  mixes: PlannedMix[];
  uses: Use[];
}

/**
 * What the pieces of a plan need. One mix is made for everything that takes it while it keeps, across pieces and evenings; what stays
 * in the cup is counted once a cup, and what is used is the sum over its steps.
 */
export function needsOf(pieces: readonly Piece[], outlook: Outlook, stores: Stores = {}): Needs {
  const { supplies = CATALOGUE } = stores;
  const byId = new Map(pieces.map((piece) => [piece.id, piece]));
  const open = new Map<string, PlannedMix>();
  const mixes: PlannedMix[] = [];
  const uses: Use[] = [];
  for (const at of stepsInTime(outlook)) {
    const piece = byId.get(at.pieceId);
    if (!piece) continue;
    const { cup, direct, cleaning } = shareOf(useOf(at.step, piece, stores), at.left);
    const add = (portions: readonly Portion[], why: Use['why']): void => {
      for (const portion of portions)
        uses.push({
          ...portion,
          pieceId: at.pieceId,
          stepId: at.step.id,
          stepIndex: at.stepIndex,
          startMin: at.startMin,
          date: at.date,
          why,
        });
    };
    add(direct, 'laid');
    add(cleaning, 'cleaning');
    if (!cup) continue;
    let mix = open.get(cup.key);
    if (!mix || !keepsUntil(mix, at)) {
      const keeps = keepsOfMix(cup, supplies);
      mix = {
        key: cup.key,
        time: (mix?.time ?? 0) + 1,
        components: cup.components,
        colour: cup.colour,
        for: [],
        residueMl: 0,
        totalMl: 0,
        keeps,
      };
      open.set(cup.key, mix);
      mixes.push(mix);
    }
    add(portionsOf(cup, cup.laidMl), 'laid');
    // a larger cup or brush keeps more; only the largest of one mix counts
    const more = Math.max(0, cup.residueMl - mix.residueMl);
    add(portionsOf(cup, more), 'left in cup');
    mix.residueMl += more;
    mix.totalMl += cup.laidMl + more;
    mix.for.push({ ...at, ml: cup.laidMl });
  }
  return { mixes, uses };
}

/** Of what is laid only what is left; cup and cleaning take what they take. */
const shareOf = (use: StepUse, share: number): StepUse =>
  share === 1
    ? use
    : {
        ...use,
        direct: use.direct.map((portion) => ({ ...portion, ml: portion.ml * share })),
        cup: use.cup && { ...use.cup, laidMl: use.cup.laidMl * share },
      };

/** Whether the cup made at the first step is still good; what has no time yet is taken as near. */
function keepsUntil(mix: PlannedMix, { startMin }: When): boolean {
  const made = mix.for[0]?.startMin ?? null;
  return made === null || startMin === null || startMin <= made + mix.keeps.minutes;
}

function portionsOf({ components, colour }: { components: readonly MixComponent[]; colour: string | null }, ml: number): Portion[] {
  if (ml <= 0) return [];
  return components.map(({ material, bottleId, parts }, i) => ({ material, bottleId, colour: i === 0 ? colour : null, ml: ml * parts }));
}
