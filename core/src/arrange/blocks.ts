import { effectById, stepsOf, wayOf, type Effect, type Fitting } from '../effects/index.js';
import { handsOnMinutes, roomyBench, incomingOf, subjectOf, zonesNamed } from '../sequence/index.js';
import { ARRANGED, plainStep, substrateById, type Intent, type Priority, type Step } from '../subjects/index.js';
import { techniqueById, type Phase } from '../techniques/index.js';
import { doneByHand } from './by-hand.js';
import { coat } from './coat.js';

/**
 * What is put in order: steps that stay together, in the order they have. A wish is one block, a step of the painter's
 * own another; what must follow within a window (scatter into glue, chips after their layers) is one with what it follows.
 */
export interface Block {
  id: string;
  /** For the reasons: the effect, or the technique. */
  name: string;
  steps: Step[];
  phase: Phase;
  /** Why it is done this way. */
  why: string;
  /** Place in the painter's own order; null for a wish. */
  ownRank: number | null;
  /** It is done already: it stays in front. */
  done: boolean;
  priority: Priority;
  minutes: number;
  zones: ReadonlySet<string>;
}

/** What must come right after what it works on. */
const FOLLOWS = new Set(['wet-glue', 'workable', 'chip']);
const FOLLOWS_TECHNIQUES = new Set(['wet', 'flood-glue']);

function phaseOf(step: Step, { supplies }: Pick<Fitting, 'supplies'>): Block['phase'] {
  const { technique, material } = incomingOf(step, supplies);
  if (technique.phase !== null) return technique.phase;
  const role = material?.role;
  if (role === 'primer') return 'undercoat';
  if (role === 'filler') return 'prepare';
  return role === 'clear' ? 'seal' : 'base';
}

/** The steps that a step hangs on, counted back from its own place. */
function reachBack(steps: readonly Step[], at: number, { supplies }: Pick<Fitting, 'supplies'>): number {
  const step = steps[at];
  if (!step) return at;
  const { need, id } = techniqueById(step.technique);
  if (need === 'chip') {
    const soluble = steps.findLastIndex((other, i) => i < at && incomingOf(other, supplies).material?.role === 'soluble');
    return soluble < 0 ? at : soluble;
  }
  return FOLLOWS.has(need) || FOLLOWS_TECHNIQUES.has(id) ? Math.max(0, at - 1) : at;
}

/** Runs of the painter's own steps that stay together, as [from, to) places. */
function runsOf(steps: readonly Step[], fitting: Fitting): [number, number][] {
  const runs: [number, number][] = [];
  for (let at = 0; at < steps.length; at++) {
    let from = reachBack(steps, at, fitting);
    const group = steps[at]?.groupId ?? null;
    if (group !== null && steps[at - 1]?.groupId === group) from = Math.min(from, at - 1);
    while (runs.length > 0 && (runs.at(-1)?.[1] ?? 0) > from) from = Math.min(from, runs.pop()?.[0] ?? from);
    runs.push([from, at + 1]);
  }
  return runs;
}

const zonesOf = (steps: readonly Step[], fitting: Fitting): Set<string> => {
  const subject = subjectOf(fitting.piece);
  return new Set(steps.flatMap((step) => zonesNamed(subject, step.zones).map(({ id }) => id)));
};

const minutesOf = (steps: readonly Step[], { piece, supplies }: Fitting): number =>
  steps.reduce((sum, step) => sum + handsOnMinutes(step, piece, roomyBench(supplies)), 0);

/** The painter's own steps: all that no earlier arranging has made. Those that are done stay whatever made them. */
function ownBlocks(intent: Intent, fitting: Fitting): Block[] {
  const { steps } = fitting.piece;
  const done = steps.slice(0, intent.doneSteps);
  const own = steps.slice(intent.doneSteps).filter((step) => step.fromWish === null);
  const blocks = [...done.map((step, i): [Step[], boolean, number] => [[step], true, i])];
  for (const [from, to] of runsOf(own, fitting)) blocks.push([own.slice(from, to), false, intent.doneSteps + from]);
  return blocks.flatMap(([run, isDone, ownRank]) => {
    const first = run[0];
    if (!first) return [];
    const priorities = run.map(({ priority }) => priority);
    return [
      {
        id: first.id,
        name: techniqueById(first.technique).name,
        steps: run,
        phase: phaseOf(first, fitting),
        why: isDone ? 'Done already.' : 'Your own step.',
        ownRank,
        done: isDone,
        priority: priorities.includes('must') ? 'must' : priorities.includes('should') ? 'should' : 'may',
        minutes: minutesOf(run, fitting),
        zones: zonesOf(run, fitting),
      } satisfies Block,
    ];
  });
}

/** Everything that is to be put in order. Wishes that have no place on the piece, and those that the painter's own steps see to, are named apart. */
export function blocksOf(intent: Intent, fitting: Fitting): { blocks: Block[]; placeless: string[]; byHand: string[] } {
  const own = ownBlocks(intent, fitting);
  const isDone = new Set(fitting.piece.steps.slice(0, intent.doneSteps).flatMap(({ fromWish }) => (fromWish === null ? [] : [fromWish])));
  // each of the painter's own steps stands for one wish at the most
  let handMade = fitting.piece.steps.filter(({ fromWish }) => fromWish === null);
  const [placeless, byHand]: [string[], string[]] = [[], []];
  const wished = intent.wishes.flatMap((wish): Block[] => {
    if (isDone.has(wish.id)) return [];
    const effect = effectById(wish.effect);
    const own = stepsOf(wish, fitting);
    if (own.length === 0) {
      placeless.push(wish.id);
      return [];
    }
    const doing = doneByHand(own, handMade, fitting);
    if (doing) {
      handMade = handMade.filter((step) => !doing.includes(step));
      byHand.push(wish.id);
      return [];
    }
    const steps = [...own, ...sealAfter(wish.id, effect, own, fitting)];
    const way = wayOf(wish, effect, fitting);
    return [
      {
        id: wish.id,
        name: effect.name,
        steps,
        phase: effect.phase,
        why: `${effect.name}: ${way.name.toLowerCase()}. ${way.why}`,
        ownRank: null,
        done: false,
        priority: wish.priority,
        minutes: minutesOf(steps, fitting),
        zones: zonesOf(steps, fitting),
      },
    ];
  });
  return { blocks: [...own, ...washFirst([...own, ...wished], fitting), ...wished], placeless, byHand };
}

/** Layers that some painters seal one by one, so that each can be wiped back by itself. */
const SEALED_ONE_BY_ONE: ReadonlySet<Block['phase']> = new Set(['lettering', 'worn-paint', 'shade', 'run', 'light']);

/** The seal after a layer: what must be held, and for the school that lays one after every layer. */
function sealAfter(wishId: string, { phase, sealed = false }: Effect, steps: readonly Step[], fitting: Fitting): Step[] {
  const isSchool = fitting.schools.sealing === 'every-layer' && SEALED_ONE_BY_ONE.has(phase);
  if (!sealed && !isSchool) return [];
  const zones = [...new Set(steps.flatMap((step) => step.zones))];
  const sheen = sealed ? fitting.piece.sheenWanted : 'matt';
  return [
    {
      ...coat('clear-coat', `clear-${sheen}-acrylic`, zones, fitting),
      id: `${wishId}-seal`,
      fromWish: wishId,
      note: sealed ? 'When it is hard, hours later: it holds what was sprinkled' : 'Your school: a seal after every layer',
    },
  ];
}

/** A wash before the first coat, where nobody thought of it. */
function washFirst(blocks: readonly Block[], fitting: Fitting): Block[] {
  const paints = blocks.some(({ phase, done }) => !done && (phase === 'undercoat' || phase === 'base'));
  const coated = blocks.some(({ phase, done }) => done && (phase === 'undercoat' || phase === 'base'));
  const washed = blocks.some(({ steps }) => steps.some(({ technique }) => technique === 'clean'));
  if (!paints || coated || washed) return [];
  const id = 'wash-first';
  const step = cleaning(id, fitting);
  if (!step) return [];
  const minutes = minutesOf([step], fitting);
  const why = 'Grease and release agent come off before the first coat.';
  return [
    {
      id,
      name: 'Clean',
      steps: [step],
      phase: 'prepare',
      why,
      ownRank: null,
      done: false,
      priority: 'must',
      minutes,
      zones: zonesOf([step], fitting),
    },
  ];
}

/** Soapy water, where the piece does not drink it: plaster, card and the like are only dusted off. */
function cleaning(id: string, { piece }: Fitting): Step | null {
  const zones = piece.zones.filter((zone) => !substrateById(zone.substrate).absorbent && zone.keepClean === null);
  if (zones.length === 0) return null;
  const all = zones.length === piece.zones.filter((zone) => zone.keepClean === null).length;
  return plainStep({
    id,
    technique: 'clean',
    material: 'water-detergent',
    zones: all ? ['all'] : zones.map((zone) => zone.id),
    fromWish: ARRANGED,
  });
}
