import type { Air } from '../climate/index.js';
import { wayOf, effectById, type Fitting } from '../effects/index.js';
import { handsOnMinutes, roomyBench, ruleById, type Finding, type RuleSeverities } from '../sequence/index.js';
import type { Intent, Step } from '../subjects/index.js';
import { blocksOf, type Block } from './blocks.js';
import { letStandIn } from './finishing.js';
import { precedencesOf, type Precedence } from './order.js';
import { settingOf, type Setting } from './path.js';
import { reasonsFor, type Reason } from './reasons.js';
import { Search, type Cost, type Found } from './search.js';

/** A piece, what it should look like, and what it is made with. */
export interface ArrangeProblem extends Fitting {
  intent: Intent;
  /** Air that drying is reckoned in. */
  air: Air;
  severities?: RuleSeverities;
}

/** Something that was left out. */
export interface LeftOut {
  id: string;
  name: string;
  why: string;
}

/** Wishes that no order brings together, and what would free them. */
export interface Collision {
  /** The fewest blocks that already collide: wishes by id, own steps by id. */
  between: { id: string; name: string }[];
  /** What goes wrong, in the words of the rule. */
  trouble: string;
  /** Changes that were tried and lead to a valid order. */
  freedBy: { label: string; wishId: string; way: string | null }[];
}

export interface Arrangement {
  /** The whole sequence; null where no order is valid. */
  steps: Step[] | null;
  reasons: Reason[];
  leftOut: LeftOut[];
  collision: Collision | null;
  cost: Cost | null;
  /** Rules whose cautions stand, because no order is without them. */
  letStand: string[];
  /** Every other order was ruled out. */
  exact: boolean;
  /** Hands-on minutes of all steps; how many of them are more than the time box. */
  minutes: number;
  overMin: number;
}

/** Up to so many blocks all orders are gone through; above, a few good ones side by side. */
const EXACT_UP_TO = 6;
/** Steps that may be tried: under a third of a second on a slow machine (see the benchmark). */
const MOST_EFFORT = 2500;
const BEAM_WIDTH = 8;
/** Effort of a quick try, for what would free a collision. */
const QUICK = { exactUpTo: 0, beamWidth: 3, mostEffort: 0 };

interface Tried {
  found: Found | null;
  exact: boolean;
  troubles: Search['troubles'];
  precedences: Precedence[];
  /** Rules whose cautions were let stand, because no order was found without them. */
  tolerated: ReadonlySet<string>;
}

const THOROUGH = { exactUpTo: EXACT_UP_TO, beamWidth: BEAM_WIDTH, mostEffort: MOST_EFFORT };
/** So many rules' cautions may be let stand before wishes count as colliding (our number). */
const MOST_TOLERATED = 4;

/**
 * The best order without a caution; where there is none, one rule after the other is let stand that stood in the way. Greedy: fewer rules are not looked for,
 * but only those are named that the order then really has.
 */
function tryOrder(blocks: readonly Block[], given: Setting, keepOrder: boolean, how = THOROUGH): Tried {
  let tried = tryOnce(blocks, given, keepOrder, how);
  for (let round = 0; tried.found === null && round < MOST_TOLERATED; round++) {
    const rule = toTolerate(tried.troubles, given);
    if (rule === null) break;
    tried = tryOnce(blocks, { ...given, tolerated: new Set([...tried.tolerated, rule]) }, keepOrder, how);
  }
  return tried;
}

/** The caution that is best let stand: the one met last, of those for which no coat helps where there are such. */
function toTolerate(troubles: Tried['troubles'], { severities }: Setting): string | null {
  const cautions = troubles.map(({ finding }) => finding).filter(({ rule, severity }) => (severities[rule] ?? severity) === 'caution');
  const last = cautions.findLast(({ rule }) => ruleById(rule).curedBy === undefined) ?? cautions.at(-1);
  return last?.rule ?? null;
}

function tryOnce(blocks: readonly Block[], setting: Setting, keepOrder: boolean, how: typeof THOROUGH): Tried {
  const precedences = precedencesOf(blocks, setting, keepOrder);
  const search = new Search(blocks, precedences, setting, { keepOrder, mostEffort: how.mostEffort });
  const { found, exact } = search.run(how.exactUpTo, how.beamWidth);
  return { found, exact, troubles: search.troubles, precedences, tolerated: setting.tolerated };
}

/**
 * Puts wishes, own steps and what is done already into a valid order: the fewest added coats, then the shortest drying,
 * then the fewest changes of medium and airbrush colour; the painter's own order first where it is to be kept. The same
 * problem gives the same answer. @throws RangeError when a wish or step names something that is not known.
 */
export function arrange(problem: ArrangeProblem): Arrangement {
  const { intent, air, severities = {} } = problem;
  const setting = settingOf(problem, air, severities, intent.doneSteps);
  const { blocks: all, placeless, byHand } = blocksOf(intent, problem);
  const apart = (id: string, why: string): LeftOut => {
    const wish = intent.wishes.find((one) => one.id === id);
    return { id, name: wish ? effectById(wish.effect).name : id, why };
  };
  const leftOut: LeftOut[] = [
    ...placeless.map((id) => apart(id, 'No zone of this piece that is seen has a place for it.')),
    ...byHand.map((id) => apart(id, 'Your own steps do it already.')),
  ];
  const { blocks, tried, dropped } = withinTheBox(all, setting, intent);
  leftOut.push(...dropped);
  if (!tried.found)
    return {
      steps: null,
      reasons: [],
      leftOut,
      collision: collisionOf(blocks, setting, problem),
      cost: null,
      letStand: [],
      exact: tried.exact,
      minutes: 0,
      overMin: 0,
    };
  const { steps, cost } = tried.found;
  const minutes = minutesOf(steps, setting);
  return {
    steps,
    reasons: reasonsFor(tried.found, blocks, tried.precedences, setting),
    leftOut,
    collision: null,
    cost,
    letStand: letStandIn(steps, { ...setting, tolerated: tried.tolerated }),
    exact: tried.exact,
    minutes,
    overMin: intent.timeBoxMin === null ? 0 : Math.max(0, minutes - intent.timeBoxMin),
  };
}

const minutesOf = (steps: readonly Step[], { piece, supplies }: Setting): number =>
  steps.reduce((sum, step) => sum + handsOnMinutes(step, piece, roomyBench(supplies)), 0);

/** Leaves out what may be left out, then what should be there, until the rest fits into the minutes there are: as few as possible. */
function withinTheBox(all: Block[], setting: Setting, intent: Intent): { blocks: Block[]; tried: Tried; dropped: LeftOut[] } {
  let blocks = all;
  let tried = tryOrder(blocks, setting, intent.keepOrder);
  const dropped: Block[] = [];
  const box = intent.timeBoxMin;
  if (box === null) return { blocks, tried, dropped: [] };
  for (const priority of ['may', 'should'] as const) {
    while (tried.found && minutesOf(tried.found.steps, setting) > box) {
      const over = minutesOf(tried.found.steps, setting) - box;
      const candidates = blocks.filter((block) => block.priority === priority && !block.done).sort((a, b) => a.minutes - b.minutes);
      // the least that is enough by itself, else the longest
      const out = candidates.find(({ minutes }) => minutes >= over) ?? candidates.at(-1);
      if (!out) break;
      dropped.push(out);
      blocks = blocks.filter((block) => block !== out);
      tried = tryOrder(blocks, setting, intent.keepOrder);
    }
  }
  const why = ({ priority, minutes }: Block): string =>
    `${priority === 'may' ? 'It may be left out' : 'It should be there'}; its ${String(Math.round(minutes))} min do not fit into ${String(box)}.`;
  return { blocks, tried, dropped: dropped.map((block) => ({ id: block.id, name: block.name, why: why(block) })) };
}

/** The fewest blocks that cannot be brought together, and which change of one of them helps. */
function collisionOf(blocks: readonly Block[], setting: Setting, problem: ArrangeProblem): Collision {
  const { intent } = problem;
  const works = (some: readonly Block[]): boolean => tryOrder(some, setting, intent.keepOrder, QUICK).found !== null;
  let core = [...blocks];
  for (const block of [...blocks].reverse()) {
    if (block.done) continue;
    const without = core.filter((one) => one !== block);
    if (!works(without)) core = without;
  }
  const { troubles } = tryOrder(core, setting, intent.keepOrder, QUICK);
  const trouble: Finding | undefined = troubles.at(-1)?.finding;
  const colliding = core.filter((block) => !block.done);
  const freedBy = colliding.flatMap((block) => {
    const wish = intent.wishes.find(({ id }) => id === block.id);
    if (!wish) return [];
    const effect = effectById(wish.effect);
    const now = wayOf(wish, effect, problem).id;
    const otherWays = effect.ways
      .filter(({ id }) => id !== now)
      .flatMap((way) => {
        const changed = { ...intent, wishes: intent.wishes.map((one) => (one === wish ? { ...wish, way: way.id } : one)) };
        return works(blocksOf(changed, problem).blocks)
          ? [{ label: `${effect.name}: ${way.name.toLowerCase()}`, wishId: wish.id, way: way.id }]
          : [];
      });
    const gone = works(blocks.filter((one) => one !== block))
      ? [{ label: `Without ${effect.name.toLowerCase()}`, wishId: wish.id, way: null }]
      : [];
    return [...otherWays, ...gone];
  });
  return {
    between: colliding.map(({ id, name }) => ({ id, name })),
    trouble: trouble ? `${trouble.message} ${trouble.evidence}` : 'What must come first of them must also come last.',
    freedBy,
  };
}
