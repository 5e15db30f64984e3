import { constantAir } from '../climate/index.js';
import { formatDilution } from '../mixing/index.js';
import type { Supplies } from '../materials/index.js';
import { ALONE, incomingOf, looksAlong, type Looks } from '../sequence/index.js';
import type { Step } from '../subjects/index.js';
import { techniqueById } from '../techniques/index.js';
import type { FinishVersion } from './finish.js';

/** Two sequences side by side: what they share stands in one row. */
export interface ComparedRow {
  left: Step | null;
  right: Step | null;
  /** What differs between the two, in words: `cover 8 % · 12 %`. */
  differs: string[];
}

/** Steps that do the same with the same kind of material are the same step. */
const keyOf = (step: Step, supplies: Supplies): string => `${step.technique} ${step.material === null ? '' : supplies.like(step.material)}`;

/** The longest run of rows in common, in order; what is left over stands alone. */
export function compareSteps(left: readonly Step[], right: readonly Step[], supplies: Supplies): ComparedRow[] {
  const a = left.map((step) => keyOf(step, supplies));
  const b = right.map((step) => keyOf(step, supplies));
  const longest = Array.from({ length: a.length + 1 }, () => new Array<number>(b.length + 1).fill(0));
  const at = (i: number, j: number): number => longest[i]?.[j] ?? 0;
  for (let i = a.length - 1; i >= 0; i--)
    for (let j = b.length - 1; j >= 0; j--) {
      const row = longest[i];
      if (row) row[j] = a[i] === b[j] ? 1 + at(i + 1, j + 1) : Math.max(at(i + 1, j), at(i, j + 1));
    }
  const out: ComparedRow[] = [];
  let [i, j] = [0, 0];
  while (i < a.length || j < b.length) {
    const [mine, theirs] = [left[i], right[j]];
    if (mine && theirs && a[i] === b[j]) {
      out.push({ left: mine, right: theirs, differs: differences(mine, theirs, supplies) });
      i += 1;
      j += 1;
    } else if (mine && (!theirs || at(i + 1, j) >= at(i, j + 1))) {
      out.push({ left: mine, right: null, differs: [] });
      i += 1;
    } else {
      out.push({ left: null, right: theirs ?? null, differs: [] });
      j += 1;
    }
  }
  return out;
}

const FIGURES: readonly { name: string; of: (step: Step, supplies: Supplies) => string }[] = [
  { name: 'zones', of: ({ zones }) => zones.join(', ') },
  { name: 'colour', of: (step, supplies) => incomingOf(step, supplies).colour ?? 'none' },
  { name: 'coats', of: ({ coats }) => String(coats) },
  { name: 'cover', of: (step) => `${String(step.coverPct ?? techniqueById(step.technique).usualCoverPct)} %` },
  { name: 'strength', of: ({ strength }) => (strength === null ? 'usual' : String(strength)) },
  { name: 'put on', of: ({ allowance }) => (allowance === null ? 'as it is' : `${String(allowance)} ×`) },
  { name: 'mix', of: ({ dilution }) => formatDilution(dilution) },
  { name: 'tool', of: ({ tool }) => tool ?? 'usual' },
  { name: 'gate', of: ({ gate }) => gate ?? 'none' },
];

const differences = (left: Step, right: Step, supplies: Supplies): string[] =>
  FIGURES.flatMap(({ name, of }) => {
    const [a, b] = [of(left, supplies), of(right, supplies)];
    return a === b ? [] : [`${name}: ${a} · ${b}`];
  });

/** How the zones of a finish are predicted to look in the end. */
export function looksOfFinish(finish: FinishVersion, supplies: Supplies): Record<string, Looks> {
  const zones = finish.zones.map((zone) => ({ ...zone, partId: 'body', role: zone.id, startColour: null }));
  const looks = looksAlong({
    subject: {
      kind: finish.kind,
      handled: finish.handled,
      sheenWanted: finish.sheenWanted,
      zones,
      keepClean: [],
      features: [],
      cleaned: true,
      company: ALONE,
    },
    steps: finish.steps,
    startsMin: [],
    durationsMin: [],
    bench: constantAir({ tempC: 20, rhPct: 50 }),
    supplies,
  });
  return looks.at(-1) ?? {};
}
