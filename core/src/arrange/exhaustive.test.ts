import fc from 'fast-check';
import { describe, expect, test } from '@jest/globals';
import { constantAir } from '../climate/index.js';
import { EFFECTS, suits } from '../effects/index.js';
import { CATALOGUE } from '../materials/index.js';
import { checkSequence, handsOnMinutes, roomyBench, stateAfter, surfaceSheen } from '../sequence/index.js';
import { NO_INTENT, USUAL_STORY, pieceFromTemplate, templateById, type Piece, type Step, type Wish } from '../subjects/index.js';
import { USUAL_SCHOOLS } from '../techniques/index.js';
import { seededFrom } from '../units/index.js';
import { arrange, type ArrangeProblem } from './arrange.js';
import { blocksOf, type Block } from './blocks.js';
import { finished } from './finishing.js';
import { helpersAtEnd, helpersBefore } from './helpers.js';
import { precedencesOf } from './order.js';
import { changesIn, isTrouble, settingOf, type Setting } from './path.js';
import { compareCosts, type Cost } from './search.js';

/**
 * The plainest search there is, to hold the clever one against: every order, every coat at every place, the fewest coats
 * first, each whole sequence judged by the public check. Pieces without windows, so that nothing need be masked.
 */
const AIR = { tempC: 20, rhPct: 50 };
const MOST_COATS = 3;

const problemOf = (steps: readonly Step[], setting: Setting) => ({
  subject: setting.subject,
  steps,
  startsMin: [],
  durationsMin: steps.map((step) => handsOnMinutes(step, setting.piece, roomyBench(CATALOGUE))),
  bench: constantAir(AIR),
});

const LATER = new Set(['clear-mutes-powder', 'tone-lost', 'keep-clean-unprotected']);
const isHopeless = (steps: readonly Step[], setting: Setting): boolean =>
  checkSequence(problemOf(steps, setting)).findings.some((finding) => !LATER.has(finding.rule) && isTrouble(finding, setting));

/** What gleams comes when nothing flat is missing below it any more. */
const isUnfinished = (done: readonly Step[], { phase, zones }: Block, setting: Setting): boolean =>
  phase === 'bright' &&
  checkSequence(problemOf(done, setting)).findings.some(
    (finding) =>
      ['sheen-at-end', 'powder-left-loose'].includes(finding.rule) &&
      isTrouble(finding, setting) &&
      finding.zones.some((id) => zones.has(id)),
  );

function costOf(steps: readonly Step[], coats: number, setting: Setting): Cost {
  const problem = problemOf(steps, setting);
  let dryMin = checkSequence(problem).steps.at(-1)?.endMin ?? 0;
  for (const zone of stateAfter(problem).zones.values())
    for (const layer of zone.layers) {
      const hard = layer.material.drying ? layer.clock.readyMin('dryHard') : 0;
      if (Number.isFinite(hard)) dryMin = Math.max(dryMin, hard);
    }
  return { turned: 0, coats, dryMin, changes: changesIn(steps, setting) };
}

function* permutations(
  items: readonly number[],
  allowed: (before: readonly number[], next: number) => boolean,
  head: number[] = [],
): Generator<number[]> {
  if (items.length === 0) yield head;
  for (const item of items)
    if (allowed(head, item))
      yield* permutations(
        items.filter((other) => other !== item),
        allowed,
        [...head, item],
      );
}

/** All ways to put exactly `left` more coats into the rest of an order. */
function* withCoats(order: readonly Block[], setting: Setting, left: number, done: Step[]): Generator<Step[]> {
  const [next, ...rest] = order;
  const state = stateAfter(problemOf(done, setting));
  if (!next) {
    if (left === 0) {
      yield done;
      return;
    }
    const wrong = [...state.zones.values()].filter((zone) => {
      const { sheenGu, layer } = surfaceSheen(zone);
      return layer && zone.zone.keepClean === null && zone.zone.seen !== 'never' && sheenGu > 15;
    });
    for (const { step } of helpersAtEnd(
      state,
      wrong.map(({ zone }) => zone.id),
      setting,
    ))
      yield* withCoats([], setting, left - step.coats, [...done, step]);
    return;
  }
  if (!isUnfinished(done, next, setting)) yield* withCoats(rest, setting, left, [...done, ...next.steps]);
  if (left > 0)
    for (const { step } of helpersBefore(next, state, setting))
      if (step.coats <= left && !isUnfinished([...done, step], next, setting))
        yield* withCoats(rest, setting, left - step.coats, [...done, step, ...next.steps]);
}

/** The cost of the best order of all; null where none is valid with so few coats. */
function exhaustive(problem: ArrangeProblem): Cost | null {
  const setting = settingOf(problem, AIR);
  const { blocks } = blocksOf(problem.intent, problem);
  const precedences = precedencesOf(blocks, setting, problem.intent.keepOrder);
  const allowed = (before: readonly number[], next: number) => precedences.every((p) => p.after !== next || before.includes(p.before));
  for (let coats = 0; coats <= MOST_COATS; coats++) {
    let best: Cost | null = null;
    for (const order of permutations(
      blocks.map((_, i) => i),
      allowed,
    ))
      for (const steps of withCoats(
        order.map((i) => blocks[i]!),
        setting,
        coats,
        [],
      )) {
        if (isHopeless(steps, setting) || finished(steps, setting).trouble) continue;
        const cost = costOf(steps, coats, setting);
        if (!best || compareCosts(cost, best) < 0) best = cost;
      }
    if (best) return best;
  }
  return null;
}

const TEMPLATES = ['wall', 'slab', 'rock', 'tracked', 'flat', 'open-wagon', 'load'];

/** A small problem, the same for the same seed: two or three wishes on a piece. */
function smallProblem(seed: number): ArrangeProblem {
  const random = seededFrom(seed);
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)]!;
  const made = pieceFromTemplate(templateById(pick(TEMPLATES)), { id: 'p', name: 'P', scaleRatio: 76 });
  const piece: Piece = { ...made, handled: random() < 0.6 };
  const fitting = EFFECTS.filter((effect) => suits(effect, piece));
  const count = random() < 0.7 ? 2 : 3;
  const wishes = Array.from({ length: count }, (_, i): Wish => {
    const effect = pick(fitting);
    const feature = piece.features.find(({ kind }) => effect.features.includes(kind));
    return {
      id: `w${String(i)}`,
      effect: effect.id,
      way: pick(effect.ways).id,
      zones: null,
      featureId: effect.needsFeature ? (feature?.id ?? null) : null,
      intensity: Math.round(random() * 10) / 10,
      priority: 'must',
      colour: null,
    };
  });
  const intent = { ...NO_INTENT, wishes, keepOrder: false };
  return { piece, story: USUAL_STORY, supplies: CATALOGUE, schools: USUAL_SCHOOLS, today: '2026-11-25', air: AIR, intent };
}

describe('what an order costs', () => {
  const cost = fc.record({
    turned: fc.nat(2),
    coats: fc.nat(2),
    dryMin: fc.integer({ min: 0, max: 3 }),
    changes: fc.nat(2),
  });

  test('is compared one after the other: turned steps, coats, drying, changes', () => {
    const listOf = ({ turned, coats, dryMin, changes }: Cost): number[] => [turned, coats, dryMin, changes];
    fc.assert(
      fc.property(cost, cost, (a, b) => {
        const first = listOf(a).findIndex((value, i) => value !== listOf(b)[i]);
        const wanted = first < 0 ? 0 : Math.sign(listOf(a)[first]! - listOf(b)[first]!);
        expect(Math.sign(compareCosts(a, b))).toBe(wanted);
      }),
    );
    // a rounding in the sum of drying times is no difference
    const base = { turned: 0, coats: 0, dryMin: 100, changes: 1 };
    expect(compareCosts(base, { ...base, dryMin: 100 + 1e-9, changes: 0 })).toBeGreaterThan(0);
  });
});

describe('arranging, held against a search through everything', () => {
  test('200 random small sets cost exactly as little', () => {
    const differing: string[] = [];
    for (let seed = 1; seed <= 200; seed++) {
      const problem = smallProblem(seed);
      const wanted = exhaustive(problem);
      const { cost: found, exact, letStand } = arrange(problem);
      const cost = letStand.length === 0 ? found : null;
      const same = wanted && cost ? compareCosts(wanted, cost) === 0 : wanted === null && (cost === null || cost.coats > MOST_COATS);
      if (!same || !exact)
        differing.push(
          `${String(seed)} ${problem.intent.wishes.map(({ effect, way }) => `${effect}/${String(way)}`).join(' + ')}: ${JSON.stringify(wanted)} but ${JSON.stringify(cost)}`,
        );
    }
    expect(differing).toEqual([]);
  }, 600_000);
});
