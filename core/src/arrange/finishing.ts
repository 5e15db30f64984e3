import { constantAir } from '../climate/index.js';
import {
  checkSequence,
  handsOnMinutes,
  roomyBench,
  incomingOf,
  sprays,
  type Finding,
  type Fix,
  type SequenceProblem,
} from '../sequence/index.js';
import { ARRANGED, plainStep, type Step } from '../subjects/index.js';
import { isTrouble, partStep, type Setting } from './path.js';

/** What is said at a look before a seal. */
const GATE = 'Right as it is? Dry, in good light, from where it will be seen';

/**
 * Sees to what only shows when the order stands: parts put back, masks that stay on from one spray to the next, powder put on stronger
 * for what covers it, a tone lighter that would swallow another, a look before a seal that ends a group of effects, clean treads at the end. Trouble is what is still
 * wrong after that; what was wrong with the steps that are done already is not counted.
 */
export function finished(arranged: readonly Step[], setting: Setting): { steps: Step[]; trouble: Finding | null } {
  const numbered = withOwnIds(withCleanTreads(withRefits(masksJoined(arranged, setting)), setting));
  const adjusted = withGates(withTones(withAllowances(numbered, setting), setting), setting);
  const old = new Set(check(adjusted.slice(0, setting.doneSteps), setting).map(({ rule, stepId }) => `${rule}:${stepId}`));
  const trouble = check(adjusted, setting).find((finding) => isTrouble(finding, setting) && !old.has(`${finding.rule}:${finding.stepId}`));
  return { steps: adjusted, trouble: trouble ?? null };
}

const problemOf = (steps: readonly Step[], setting: Setting): SequenceProblem => ({
  subject: setting.subject,
  steps,
  startsMin: [],
  durationsMin: steps.map((step) => handsOnMinutes(step, setting.piece, roomyBench(setting.supplies))),
  bench: constantAir(setting.air),
  supplies: setting.supplies,
  schools: setting.schools,
});

const check = (steps: readonly Step[], setting: Setting): Finding[] => checkSequence(problemOf(steps, setting), { propose: true }).findings;

/** Rules whose cautions are let stand, of those that a sequence really has. */
export function letStandIn(steps: readonly Step[], setting: Setting): string[] {
  const strict = { ...setting, tolerated: new Set<string>() };
  const stand = check(steps, setting).filter((finding) => isTrouble(finding, strict) && setting.tolerated.has(finding.rule));
  return [...new Set(stand.map(({ rule }) => rule))];
}

const sameZones = (a: Step, b: Step): boolean => a.zones.length === b.zones.length && a.zones.every((zone) => b.zones.includes(zone));

/** Tape may stay on from one evening to the next: longer it is put on anew (our number, half of what it stands). */
const LONGEST_JOINED_MIN = 24 * 60;

/** A mask that comes off only to go on again within a day stays on, if nothing is done below it in between. */
function masksJoined(arranged: readonly Step[], setting: Setting): Step[] {
  let steps = [...arranged];
  for (;;) {
    const pair = joinable(steps, setting);
    if (!pair) return steps;
    steps = steps.filter((_, at) => !pair.includes(at));
  }
}

/** Places of an unmask and of the mask that follows it which can both be left out. */
function joinable(steps: readonly Step[], setting: Setting): number[] | null {
  const isOurs = (step: Step | undefined, technique: string, like: Step): boolean =>
    step?.technique === technique && step.fromWish === ARRANGED && sameZones(step, like);
  for (const [off, unmask] of steps.entries()) {
    if (!isOurs(unmask, 'unmask', unmask)) continue;
    const on = steps.findIndex((step, at) => at > off && step.zones.some((zone) => unmask.zones.includes(zone)));
    if (!isOurs(steps[on], 'mask', unmask)) continue;
    const first = steps.findLastIndex((step, at) => at < off && isOurs(step, 'mask', unmask));
    const last = steps.findIndex((step, at) => at > on && isOurs(step, 'unmask', unmask));
    const { steps: reports } = checkSequence(problemOf(steps, setting));
    if ((reports[last]?.startMin ?? Infinity) - (reports[first]?.endMin ?? 0) <= LONGEST_JOINED_MIN) return [off, on];
  }
  return null;
}

/** What was taken out for the sprays goes back when nothing more is laid. */
function withRefits(steps: readonly Step[]): Step[] {
  const out = steps.filter(({ technique, fromWish }) => technique === 'take-off' && fromWish === ARRANGED).flatMap(({ zones }) => zones);
  const back = [...new Set(out)];
  return back.length === 0 ? [...steps] : [...steps, partStep('refit', back, steps.length)];
}

/** Treads that spray reached are cleaned when nothing more comes. */
function withCleanTreads(steps: readonly Step[], { subject, supplies, piece }: Setting): Step[] {
  const treads = piece.zones.filter(({ keepClean }) => keepClean === 'wheel-treads').map(({ id }) => id);
  const last = steps.findLastIndex((step) => sprays(step, subject, 'wheel-treads', supplies));
  if (treads.length === 0 || last < 0 || steps.some((step, i) => i > last && step.technique === 'clean-treads')) return [...steps];
  const isOff = steps.some(
    (step) =>
      step.technique === 'take-off' &&
      step.zones.some((zone) => piece.zones.find(({ id }) => id === zone)?.partId === partOf(piece, treads[0])),
  );
  if (isOff) return [...steps];
  return [
    ...steps,
    plainStep({ id: 'treads', technique: 'clean-treads', zones: treads, fromWish: ARRANGED, note: 'The contact side as well' }),
  ];
}

const partOf = (piece: Setting['piece'], zoneId: string | undefined): string | undefined =>
  piece.zones.find(({ id }) => id === zoneId)?.partId;

/** Each step an id of its own; what the arranger added is numbered. */
function withOwnIds(steps: readonly Step[]): Step[] {
  const taken = new Set(steps.filter(({ fromWish }) => fromWish !== ARRANGED).map(({ id }) => id));
  let n = 0;
  return steps.map((step) => {
    if (step.fromWish !== ARRANGED) return step;
    do n += 1;
    while (taken.has(`a${String(n)}`));
    return { ...step, id: `a${String(n)}` };
  });
}

/** Patches that a rule proposes, made; what would insert or move steps is left. */
const patched = (steps: readonly Step[], fixes: readonly Fix[]): Step[] =>
  steps.map((step, at) => {
    const patches = fixes.flatMap(({ edits }) => edits.flatMap((edit) => (edit.kind === 'patch' && edit.at === at ? [edit.patch] : [])));
    return Object.assign({}, step, ...patches) as Step;
  });

function withAllowances(steps: readonly Step[], setting: Setting): Step[] {
  const muted = check(steps, setting).filter(({ rule }) => rule === 'clear-mutes-powder');
  return muted.length === 0
    ? [...steps]
    : patched(
        steps,
        muted.flatMap(({ fixes }) => fixes.filter(({ way }) => way === 'adjust')),
      );
}

/** Rounds in which tones are brought back; a step made lighter so often hides nothing to speak of. */
const TONE_ROUNDS = 6;
const MOST_ALLOWANCE = 4;

/** What would swallow an earlier tone is put on lighter; what a clear coat would swallow, stronger. */
function withTones(steps: readonly Step[], setting: Setting): Step[] {
  let now = [...steps];
  for (let round = 0; round < TONE_ROUNDS; round++) {
    const lost = check(now, setting).find(({ rule, stepIndex }) => rule === 'tone-lost' && stepIndex >= setting.doneSteps);
    if (!lost) break;
    const culprit = now[lost.stepIndex];
    if (!culprit) break;
    const { hides, coverPct } = incomingOf(culprit, setting.supplies);
    now = now.map((step, at) => {
      if (hides && at === lost.stepIndex)
        return { ...step, coverPct: Math.max(1, Math.round(coverPct * 0.6)), strength: Math.round((step.strength ?? 1) * 16) / 20 };
      if (!hides && at === lost.causeIndex) return { ...step, allowance: Math.min(MOST_ALLOWANCE, (step.allowance ?? 1) + 1), strength: 1 };
      return step;
    });
  }
  return now;
}

/** The last effect before a seal gets the gate; the arranger's own steps carry none. */
function withGates(steps: readonly Step[], setting: Setting): Step[] {
  const looks = check(steps, setting).filter(({ rule }) => rule === 'look-first');
  const gated = new Set(looks.flatMap(({ causeIndex }) => (causeIndex === null ? [] : [causeIndex])));
  return steps.map((step, at) => (gated.has(at) && step.gate === null ? { ...step, gate: GATE } : step));
}
