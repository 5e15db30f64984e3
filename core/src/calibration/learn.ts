import type { LogEntry } from '../log/index.js';
import type { Pace, Supplies } from '../materials/index.js';
import type { HandsOnBench } from '../sequence/index.js';
import type { Piece } from '../subjects/index.js';
import { dryingCases, dryingKey, handsCases, handsKey, type Case } from './cases.js';
import { factorOf, posterior, type Factor } from './posterior.js';

/**
 * How far benches and hands differ from the label (prior), and how far one case differs from its bench (noise): spreads of the logarithm. Drying: the
 * material's own spread, σ 0.25, once for the bench and once for the case. Hands-on: from memory.
 */
export const SPREADS = { drying: { prior: 0.25, noise: 0.25 }, hands: { prior: 0.35, noise: 0.3 } } as const;

/** What was learnt of one bottle, or of one technique with one tool. */
export interface Learnt extends Factor {
  key: string;
  name: string;
  cases: Case[];
  /** How many of them it was learnt from. */
  used: number;
}

function learnt(cases: readonly Case[], { prior, noise }: { prior: number; noise: number }): Learnt[] {
  const byKey = new Map<string, Case[]>();
  for (const one of cases) byKey.set(one.key, [...(byKey.get(one.key) ?? []), one]);
  return [...byKey].map(([key, all]) => {
    const used = all.filter(({ setAside }) => setAside === null);
    const ratios = used.map(({ seenMin, foreseenMin }) => Math.log(seenMin / foreseenMin));
    return { key, name: all.at(-1)?.name ?? key, cases: all, used: used.length, ...factorOf(posterior(ratios, prior, noise)) };
  });
}

/** Hands-on minutes by technique and tool: most cases first. */
export const learntMinutes = (log: readonly LogEntry[], pieces: readonly Piece[], bench: HandsOnBench): Learnt[] =>
  learnt(handsCases(log, pieces, bench), SPREADS.hands).sort((a, b) => b.used - a.used);

/** Drying times by bottle, or by kind where none was named: most cases first. */
export const learntDrying = (log: readonly LogEntry[], supplies: Supplies): Learnt[] =>
  learnt(dryingCases(log, supplies), SPREADS.drying).sort((a, b) => b.used - a.used);

/** A case so many times off, against the others of its kind, looks like a slip (our number). */
const ODD_TIMES = 2.5;

/** It is so far from the others that it may be a slip: the clock ran on, or the cat came by. */
export function looksOdd(one: Case, { cases, factor }: Pick<Learnt, 'cases' | 'factor'>): boolean {
  const others = cases.filter((other) => other !== one && other.setAside === null).map(({ seenMin, foreseenMin }) => seenMin / foreseenMin);
  const usual = others.length >= 3 ? ([...others].sort((a, b) => a - b)[Math.floor(others.length / 2)] ?? factor) : 1;
  const ratio = one.seenMin / one.foreseenMin / usual;
  return ratio > ODD_TIMES || ratio < 1 / ODD_TIMES;
}

/** What the bench has learnt, as plans use it; what is not wanted is as the label has it. */
export function paceOf(
  log: readonly LogEntry[],
  pieces: readonly Piece[],
  bench: HandsOnBench,
  wanted: { minutes: boolean; drying: boolean },
): Pace {
  const minutes = new Map(wanted.minutes ? learntMinutes(log, pieces, bench).map(({ key, factor }) => [key, factor]) : []);
  const drying = new Map(wanted.drying ? learntDrying(log, bench.supplies).map(({ key, factor }) => [key, factor]) : []);
  return {
    minutesFactorOf: (technique, tool) => minutes.get(handsKey(technique, tool)) ?? 1,
    dryingFactorOf: (what) => drying.get(dryingKey(what)) ?? 1,
  };
}
