import type { Air } from '../climate/index.js';
import { constantAir } from '../climate/index.js';
import { bottleFor, type Fitting } from '../effects/index.js';
import {
  applyFix,
  checkWithFixes,
  handsOnMinutes,
  roomyBench,
  subjectOf,
  type Finding,
  type RuleSeverities,
  type SequenceProblem,
} from '../sequence/index.js';
import type { Piece, Step, StepGroup, Zone } from '../subjects/index.js';
import { formatNumber } from '../units/index.js';
import type { FinishVersion, FinishZone } from './finish.js';

/** One thing that had to be done otherwise than on the first piece. */
export interface Adapted {
  kind: 'zone' | 'substrate' | 'scale' | 'bottle' | 'place' | 'added' | 'left-out' | 'open';
  text: string;
}

export interface Applied {
  steps: Step[];
  groups: StepGroup[];
  adapted: Adapted[];
}

export interface ApplyProblem extends Omit<Fitting, 'story'> {
  air: Air;
  severities?: RuleSeverities;
}

/** Zones that can stand in for each other, nearest first (common practice of how models are built). */
const KIN: ReadonlyMap<string, readonly string[]> = new Map([
  ['roof', ['crown', 'load']],
  ['crown', ['roof']],
  ['load', ['roof', 'base']],
  ['side-upper', ['face', 'ends']],
  ['side-lower', ['face', 'side-upper', 'base']],
  ['face', ['side-upper', 'ends']],
  ['ends', ['face', 'side-upper']],
  ['doors', ['ends', 'side-upper', 'face']],
  ['floor', ['interior', 'base']],
  ['interior', ['floor']],
  ['underframe', ['running-gear', 'base']],
  ['running-gear', ['underframe', 'wheels']],
  ['wheels', ['running-gear']],
  ['base', ['underframe', 'side-lower']],
]);

/** Which zone of the piece a zone of the finish becomes: the same, one of the same name, else its nearest kin. */
function counterpart(zone: FinishZone, piece: Piece): Zone | undefined {
  const fits = (other: Zone): boolean => (other.keepClean === null) === (zone.keepClean === null);
  return (
    piece.zones.find((other) => other.id === zone.id && fits(other)) ??
    piece.zones.find((other) => other.name.toLowerCase() === zone.name.toLowerCase() && fits(other)) ??
    (KIN.get(zone.id) ?? []).map((id) => piece.zones.find((other) => other.id === id && fits(other))).find((other) => other !== undefined)
  );
}

/** Fixes tried, one after the other, before what is left is told. */
const MOST_FIXES = 24;

const isAlarm = ({ severity, waived }: Finding): boolean => severity !== 'hint' && waived === null;

/**
 * A saved finish on another piece: other zones, scale, substrate, shelf. Zones become their counterparts, bottles that
 * are gone the nearest there is, and what would go wrong on this piece is cured with the fixes of its own rules. Everything
 * that was done otherwise is listed; `open` is what could not be cured.
 */
export function applyFinish(finish: FinishVersion, piece: Piece, given: Omit<ApplyProblem, 'piece'>): Applied {
  const adapted: Adapted[] = [];
  const zones = new Map(finish.zones.map((zone) => [zone.id, counterpart(zone, piece)]));
  adapted.push(...zonesTold(finish, piece, zones));
  const steps = finish.steps.flatMap((step): Step[] => {
    const fitted = fittedStep(step, zones, { ...given, piece }, adapted);
    return fitted ? [fitted] : [];
  });
  if (finish.scaleRatio !== piece.scaleRatio)
    adapted.push({
      kind: 'scale',
      text: `From 1:${formatNumber(finish.scaleRatio, 1)} to 1:${formatNumber(piece.scaleRatio, 1)}: amounts and minutes follow the areas; film is judged by the grooves of this piece.`,
    });
  const cured = curedSteps(steps, finish.groups, piece, given);
  const used = new Set(cured.steps.map(({ groupId }) => groupId));
  return {
    steps: cured.steps,
    groups: finish.groups.filter(({ id }) => used.has(id)).map((group) => ({ ...group })),
    adapted: [...adapted, ...cured.adapted],
  };
}

function zonesTold(finish: FinishVersion, piece: Piece, zones: ReadonlyMap<string, Zone | undefined>): Adapted[] {
  const out: Adapted[] = [];
  const touched = new Set(finish.steps.flatMap((step) => step.zones));
  for (const zone of finish.zones) {
    const other = zones.get(zone.id);
    if (!other) {
      if (touched.has(zone.id)) out.push({ kind: 'zone', text: `${zone.name}: this piece has nothing like it.` });
      continue;
    }
    if (other.id !== zone.id) out.push({ kind: 'zone', text: `${zone.name} becomes ${other.name.toLowerCase()}.` });
    if (other.substrate !== zone.substrate)
      out.push({ kind: 'substrate', text: `${other.name}: ${other.substrate} instead of ${zone.substrate}.` });
  }
  const reached = new Set([...zones.values()].map((zone) => zone?.id));
  const bare = piece.zones.filter(({ id, keepClean, seen }) => keepClean === null && seen !== 'never' && !reached.has(id));
  if (bare.length > 0 && !finish.steps.some((step) => step.zones.includes('all')))
    out.push({ kind: 'zone', text: `The finish knows nothing of: ${bare.map(({ name }) => name.toLowerCase()).join(', ')}.` });
  return out;
}

/** The step on this piece; null where nothing of the piece is left for it. */
function fittedStep(step: Step, zones: ReadonlyMap<string, Zone | undefined>, given: ApplyProblem, adapted: Adapted[]): Step | null {
  const own = [...new Set(step.zones.flatMap((id) => (id === 'all' ? ['all'] : (zones.get(id)?.id ?? []))))];
  const words = `${step.technique}${step.material === null ? '' : `, ${step.material}`}`;
  if (own.length === 0) {
    adapted.push({ kind: 'left-out', text: `${words}: no zone of this piece is left for it.` });
    return null;
  }
  const placed = placedStep({ ...step, zones: own }, given.piece, adapted, words);
  return placed && bottled(placed, given, adapted, words);
}

/** A streak runs from a feature of this piece, or not at all. */
function placedStep(step: Step, piece: Piece, adapted: Adapted[], words: string): Step | null {
  if (step.source === null || /\bspill/i.test(step.source) || piece.features.some(({ label }) => label === step.source)) return step;
  const other = piece.features.find(({ zoneId }) => step.zones.includes(zoneId));
  if (!other) {
    adapted.push({ kind: 'left-out', text: `${words}: nothing on its zone that it could run from (it ran from “${step.source}”).` });
    return null;
  }
  adapted.push({ kind: 'place', text: `${words}: from “${other.label}” instead of “${step.source}”.` });
  return { ...step, source: other.label };
}

/** With the bottle there is: the same, else the nearest of its kind, else none. */
function bottled(step: Step, given: ApplyProblem, adapted: Adapted[], words: string): Step {
  const { supplies } = given;
  const known = step.material === null || supplies.isMaterial(step.material);
  const material = known ? step.material : null;
  if (step.bottleId === null || supplies.bottle(step.bottleId)) {
    const bottle = supplies.bottle(step.bottleId);
    return { ...step, material: bottle?.material ?? material, colour: bottle && bottle.colour === step.colour ? null : step.colour };
  }
  if (material === null) return { ...step, bottleId: null, material };
  const near = bottleFor(supplies.material(supplies.like(material)), step.colour, given);
  adapted.push({
    kind: 'bottle',
    text: near ? `${words}: ${near.name}, the nearest there is.` : `${words}: its bottle is gone and none is near; the colour is kept.`,
  });
  return { ...step, material: near?.material ?? material, bottleId: near?.id ?? null, colour: near ? null : step.colour };
}

/** Cures what would go wrong on this piece, one fix after the other. */
function curedSteps(
  steps: Step[],
  groups: readonly StepGroup[],
  piece: Piece,
  given: Omit<ApplyProblem, 'piece'>,
): { steps: Step[]; adapted: Adapted[] } {
  const target = { ...piece, steps, groups: [...groups] };
  const problemOf = (now: readonly Step[]): SequenceProblem => ({
    subject: subjectOf(target),
    steps: now,
    startsMin: [],
    durationsMin: now.map((step) => handsOnMinutes(step, target, roomyBench(given.supplies))),
    bench: constantAir(given.air),
    supplies: given.supplies,
    schools: given.schools,
    severities: given.severities ?? {},
  });
  const adapted: Adapted[] = [];
  let now = steps;
  for (let n = 0; n < MOST_FIXES; n++) {
    const alarms = checkWithFixes(problemOf(now)).findings.filter(isAlarm);
    const curable = alarms.find(({ fixes }) => fixes.length > 0);
    const fix = curable?.fixes[0];
    if (!fix || n === MOST_FIXES - 1) {
      adapted.push(
        ...alarms.map((finding): Adapted => ({ kind: 'open', text: `Step ${String(finding.stepIndex + 1)}: ${finding.message}` })),
      );
      break;
    }
    adapted.push({ kind: 'added', text: `${curable.message} ${fix.label}.` });
    now = applyFix(now, fix, (made) => `fit${String(n)}-${String(made)}`);
  }
  return { steps: now, adapted };
}
