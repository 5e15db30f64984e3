import { MINUTES_PER_DAY } from '../../units/index.js';
import type { Compiled } from './compile.js';
import type { Wishes } from './cost.js';
import { firstEndingAfter } from './drying-clock.js';
import { orderBy } from './orders.js';
import type { Choices, Draft } from './placing.js';

/** What found no place is tried last. */
const LAST_MIN = 1e9;

/** What a move works on: keys to sort by, and the choices; both its own to change. */
interface Hand {
  compiled: Compiled;
  starts: Float64Array;
  keys: Float64Array;
  choices: Choices;
  random: () => number;
}

interface Move {
  /** How often it is made against the others (our numbers). */
  weight: number;
  /** It has something to move. */
  applies: (compiled: Compiled, draft: Draft, wishes: Wishes) => boolean;
  make: (hand: Hand) => void;
}

const any = <T>(list: readonly T[], random: () => number): T => list[Math.floor(random() * list.length)] as T;
const always = (): boolean => true;
const isPlaced = (start: number): boolean => !Number.isNaN(start);

function usedEvenings({ evenings }: Compiled, starts: Float64Array): number[] {
  return [...new Set([...starts].filter(isPlaced).map((start) => firstEndingAfter(evenings, start)))];
}

/** Some jobs come earlier, sometimes later. */
const shiftJobs: Move = {
  weight: 30,
  applies: always,
  make({ compiled: { nodes }, keys, random }) {
    const jobs = new Set(Array.from({ length: 1 + Math.floor(random() * 3) }, () => any(nodes, random).job));
    const byMin = (random() * 4 - 3) * MINUTES_PER_DAY;
    for (const { index, job } of nodes) if (jobs.has(job)) keys[index] = (keys[index] as number) + byMin;
  },
};

/** One operation and all of its job before it come earlier. */
const bringForward: Move = {
  weight: 20,
  applies: always,
  make({ compiled: { nodes }, keys, random }) {
    const node = any(nodes, random);
    const [until, byMin] = [keys[node.index] as number, random() * 3 * MINUTES_PER_DAY];
    for (const { index, job } of nodes)
      if (job === node.job && (keys[index] as number) <= until) keys[index] = (keys[index] as number) - byMin;
  },
};

/** What ends last is placed before all else, with another job at times: it is what holds the end up. */
const lastFirst: Move = {
  weight: 14,
  applies: (_compiled, { starts }) => [...starts].some(isPlaced),
  make({ compiled: { nodes }, starts, keys, random }) {
    const last = nodes.reduce((found, node) =>
      (starts[node.index] as number) > (starts[found.index] as number) || !isPlaced(starts[found.index] as number) ? node : found,
    );
    const jobs = new Set([last.job, ...(random() < 0.5 ? [any(nodes, random).job] : [])]);
    const from = random() < 0.5 ? 0 : random() * (starts[last.index] as number);
    for (const { index, job } of nodes)
      if (jobs.has(job) && (keys[index] as number) >= from) keys[index] = (keys[index] as number) - 100 * MINUTES_PER_DAY;
  },
};

/** The operations of an evening change places. */
const shuffleEvening: Move = {
  weight: 18,
  applies: (_compiled, { starts }) => [...starts].some(isPlaced),
  make({ compiled, starts, keys, random }) {
    const evening = any(usedEvenings(compiled, starts), random);
    for (const { index } of compiled.nodes)
      if (firstEndingAfter(compiled.evenings, starts[index] as number) === evening)
        keys[index] = (keys[index] as number) + (random() - 0.5) * 240;
  },
};

/** An evening is kept free, or one that was is used again. */
const keepFree: Move = {
  weight: 12,
  applies: (_compiled, { starts }, { fewest }) => fewest > 0 && [...starts].some(isPlaced),
  make({ compiled, starts, choices, random }) {
    const free = new Set(choices.keptFree);
    if (free.size > 0 && random() < 0.4) free.delete(any([...free], random));
    else free.add(any(usedEvenings(compiled, starts), random));
    choices.keptFree = free;
  },
};

/** Something is put off: to the next evening, behind another, by a little; or no longer. */
const putOff: Move = {
  weight: 12,
  applies: always,
  make({ compiled: { nodes, evenings }, starts, choices, random }) {
    const [node, another] = [any(nodes, random), any(nodes, random)];
    const start = starts[node.index] as number;
    const put = (minute: number): void => {
      choices.fromMin = choices.fromMin.map((before, i) => (i === node.index ? minute : before));
    };
    if ((choices.fromMin[node.index] ?? 0) > 0 && random() < 0.6) put(0);
    else if (isPlaced(start)) {
      const next = evenings[firstEndingAfter(evenings, start) + 1];
      const ends = (starts[another.index] as number) + (another.modes[0]?.durationMin ?? 0);
      const how = random();
      if (how < 0.35 && next) put(next.fromMin);
      else if (how < 0.7 && ends > start) put(ends);
      else put(start + Math.ceil(random() * 45));
    }
  },
};

/** Some operations are done in another way. */
const changeWays: Move = {
  weight: 12,
  applies: ({ nodes }) => nodes.some(({ modes }) => modes.length > 1),
  make({ compiled: { nodes }, choices, random }) {
    const several = nodes.filter(({ modes }) => modes.length > 1);
    const ways = [...choices.modes];
    for (let k = 1 + Math.floor(random() * 3); k > 0; k--) {
      const node = any(several, random);
      ways[node.index] = Math.floor(random() * node.modes.length);
    }
    choices.modes = ways;
  },
};

/** Something is left out, or done after all. */
const leaveOut: Move = {
  weight: 20,
  applies: ({ nodes }) => nodes.some(({ dropCost }) => dropCost !== null),
  make({ compiled: { nodes }, choices, random }) {
    const { index } = any(
      nodes.filter(({ dropCost }) => dropCost !== null),
      random,
    );
    const left = new Set(choices.leftOut);
    if (!left.delete(index)) left.add(index);
    choices.leftOut = left;
  },
};

/** A tenth of all moves a little, so that no corner is out of reach. */
const shake: Move = {
  weight: 6,
  applies: always,
  make({ compiled: { nodes }, keys, random }) {
    for (const { index } of nodes) if (random() < 0.1) keys[index] = (keys[index] as number) + (random() - 0.5) * 2 * MINUTES_PER_DAY;
  },
};

const MOVES: readonly Move[] = [shiftJobs, bringForward, lastFirst, shuffleEvening, keepFree, putOff, changeWays, leaveOut, shake];

/** Another order near to what is there, by one move. */
export function disturbed(compiled: Compiled, draft: Draft, wishes: Wishes, random: () => number): { order: number[]; choices: Choices } {
  const moves = MOVES.filter(({ applies }) => applies(compiled, draft, wishes));
  let at = random() * moves.reduce((sum, { weight }) => sum + weight, 0);
  const move = moves.find(({ weight }) => (at -= weight) < 0) ?? shake;
  const { starts } = draft;
  const keys = Float64Array.from(starts, (start) => (isPlaced(start) ? start : LAST_MIN));
  const choices = { ...draft.choices };
  move.make({ compiled, starts, keys, choices, random });
  return { order: orderBy(compiled, (index) => keys[index] as number), choices };
}
