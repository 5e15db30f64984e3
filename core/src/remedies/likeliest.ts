import type { LogEntry } from '../log/index.js';
import { CATALOGUE, MATERIALS, type Supplies } from '../materials/index.js';
import type { Finding, StepReport } from '../sequence/index.js';
import { plainStep, type Step } from '../subjects/index.js';
import { TECHNIQUES } from '../techniques/index.js';
import { TROUBLES } from './catalogue/index.js';
import type { Trouble } from './types.js';

/** A step on which trouble is met: what was said of it, and how far it has dried. */
export interface TroubledStep {
  step: Step;
  /** Snags and cautions that speak at it. */
  open: readonly Finding[];
  report: Pick<StepReport, 'ripening'>;
}

/** The bench it is met at. */
export interface TroubledBench {
  supplies: Supplies;
  log: readonly LogEntry[];
  nowMin: number;
}

const befalls = (trouble: Trouble, step: Step, supplies: Supplies): boolean =>
  trouble.fits({ step, material: step.material === null ? null : supplies.material(step.material), supplies });

/** Techniques that a trouble can befall: one that befalls few is rather meant where one of those was done. */
function breadthOf(trouble: Trouble): number {
  return TECHNIQUES.filter((technique) =>
    [null, ...MATERIALS.filter(({ role }) => technique.roles.includes(role)).map(({ id }) => id)].some((material) =>
      befalls(trouble, plainStep({ id: 's', technique: technique.id, material, zones: ['all'] }), CATALOGUE),
    ),
  ).length;
}

let breadths: ReadonlyMap<string, number> | null = null;

/** How often each has been met at this bench with a technique. */
function metWith(technique: string, log: readonly LogEntry[]): ReadonlyMap<string, number> {
  const times = new Map<string, number>();
  for (const { met, step } of log) if (met && step?.technique === technique) times.set(met.trouble, (times.get(met.trouble) ?? 0) + 1);
  return times;
}

/**
 * Troubles that can be met on what a step left, the likeliest first: what a rule warned of, then what has been met with this technique before, then what
 * shows at this age, then what befalls few techniques besides.
 */
export function troublesOf({ step, open, report }: TroubledStep, { supplies, log, nowMin }: TroubledBench): Trouble[] {
  const warned = new Set(open.map(({ rule }) => rule));
  const times = metWith(step.technique, log);
  const isDry = report.ripening !== null && nowMin >= report.ripening.recoatFromMin;
  const breadth = (breadths ??= new Map(TROUBLES.map((one) => [one.id, breadthOf(one)])));
  const keyOf = (one: Trouble): number[] => [
    one.warnedBy?.some((rule) => warned.has(rule)) === true ? 0 : 1,
    -(times.get(one.id) ?? 0),
    (one.showsLater === true) === isDry ? 0 : 1,
    breadth.get(one.id) ?? 0,
  ];
  return TROUBLES.filter((one) => befalls(one, step, supplies))
    .map((trouble) => ({ trouble, key: keyOf(trouble) }))
    .sort((a, b) => a.key.map((value, i) => value - (b.key[i] ?? 0)).find((difference) => difference !== 0) ?? 0)
    .map(({ trouble }) => trouble);
}
