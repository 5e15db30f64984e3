import { USUAL_INSTRUMENTS, type Instruments, type Measured } from './measures.js';
import { isDropped } from './told.js';

/** What a thing can be counted in at the bench. */
export type Countable = 'drops' | 'syringe' | 'caps' | 'spoons';

/** One component, measured out in whole counts. */
export interface CountedOut {
  by: Countable;
  count: number;
  /** What that is really. */
  ml: number;
  exactMl: number;
}

export interface Counted {
  components: CountedOut[];
  totalMl: number;
  /** Largest change of a component's share of the mix, percentage points. */
  worstSharePts: number;
  /** The same against the share it should have had, %. */
  worstSharePct: number;
}

/** Size of one count, mL. */
export function countMl(by: Countable, what: Measured, tools: Instruments = USUAL_INSTRUMENTS): number {
  return { drops: 1 / what.dropsPerMl, syringe: tools.syringeMl, caps: tools.capMl, spoons: tools.spoonMl }[by];
}

/** A powder cannot be dropped or drawn up; it goes by spoons. Nobody counts the drops of more than a few millilitres. */
export function countedBy(by: Countable, what: Measured, ml = 0): Countable {
  if (what.powder) return 'spoons';
  return by === 'spoons' || (by === 'drops' && !isDropped(ml)) ? 'syringe' : by;
}

/**
 * Volumes rounded to whole counts, what is there at all to at least one. Each is off by at most half a count, or by less than one
 * where one is the least. @throws RangeError where nothing is known of a component.
 */
export function countedOut(volumesMl: readonly number[], by: Countable, what: readonly Measured[], tools = USUAL_INSTRUMENTS): Counted {
  const components = volumesMl.map((exactMl, i): CountedOut => {
    const one = what[i];
    if (!one) throw new RangeError(`nothing is known of component ${String(i + 1)}`);
    const own = countedBy(by, one, exactMl);
    const size = countMl(own, one, tools);
    const count = exactMl > 0 ? Math.max(1, Math.round(exactMl / size)) : 0;
    return { by: own, count, ml: count * size, exactMl };
  });
  const totalMl = components.reduce((sum, { ml }) => sum + ml, 0);
  const exactTotal = volumesMl.reduce((a, b) => a + b, 0);
  const shifts = components.map(({ ml, exactMl }) => {
    const should = exactTotal > 0 ? exactMl / exactTotal : 0;
    const is = totalMl > 0 ? ml / totalMl : 0;
    return { pts: Math.abs(is - should) * 100, pct: should > 0 ? (Math.abs(is - should) / should) * 100 : 0 };
  });
  return {
    components,
    totalMl,
    worstSharePts: Math.max(0, ...shifts.map(({ pts }) => pts)),
    worstSharePct: Math.max(0, ...shifts.map(({ pct }) => pct)),
  };
}

/** A ratio that is off by this much of a share is seen in the paint (our number), %. */
export const NOTICED_SHARE_PCT = 10;
/** So much more may be mixed to hit the ratio, and so finely it is looked for (our numbers). */
const MORE = 0.5;
const TRIES = 50;

/**
 * A slightly larger amount that can be counted out truer; the amount itself where that is true enough already. At least
 * `volumesMl` in all is mixed.
 */
export function truerAmount(volumesMl: readonly number[], by: Countable, what: readonly Measured[], tools = USUAL_INSTRUMENTS): Counted {
  const wanted = volumesMl.reduce((a, b) => a + b, 0);
  let best: Counted | null = null;
  for (let i = 0; i <= TRIES; i++) {
    const factor = 1 + (MORE * i) / TRIES;
    const tried = countedOut(
      volumesMl.map((ml) => ml * factor),
      by,
      what,
      tools,
    );
    if (tried.totalMl < wanted - 1e-9) continue;
    if (!best || tried.worstSharePct < best.worstSharePct - 1e-9) best = tried;
    if (best.worstSharePct < NOTICED_SHARE_PCT / 4) break;
  }
  return best ?? countedOut(volumesMl, by, what, tools);
}
