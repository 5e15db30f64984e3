import { constantAir, type Air } from '@eveningtide/core/climate';
import { ALONE, checkSequence, type Finding, type SequenceProblem, type Subject } from '@eveningtide/core/sequence';
import { KEEP_CLEAN, isSubstrateId, plainStep, type KeepClean, type Sheen, type Step } from '@eveningtide/core/subjects';
import { outcomeOf } from '../pending-rows.js';
import type { Outcome, RunRow } from '../outcome.js';

interface CasePiece {
  kind: Subject['kind'];
  substrate: string;
  startSheen: Sheen;
  handled: boolean;
  keepClean: KeepClean[];
  grooveDepthUm: number;
  grooveWidthUm?: number;
  sheenWanted: Subject['sheenWanted'];
}

type CaseStep = Partial<Omit<Step, 'id' | 'drying'>> & {
  technique: string;
  zones: string[];
  startMin?: number;
  bottleOpenedDays?: number;
  drying?: Step['drying'];
};

export interface SequenceCase {
  name: string;
  climate: Air;
  piece: CasePiece;
  steps: CaseStep[];
  expect: { rule: string; step: number }[];
  expectNone: string[];
  noAlarm: boolean;
}

/** A zone for what the named zones leave over, so that `all` is more than their sum. */
const ELSEWHERE = 'elsewhere';

/** Zones that come off together; every other zone is a part of its own. */
const WHEELSETS = new Set(['wheels', 'wheel-treads', 'bearings']);
const partOf = (zone: string): string => (WHEELSETS.has(zone) ? 'wheelsets' : zone);

function caseSubject({ piece, steps }: SequenceCase): Subject {
  const { substrate } = piece;
  if (!isSubstrateId(substrate)) throw new RangeError(`substrate '${substrate}' is not known`);
  const keepClean = new Set<string>(KEEP_CLEAN);
  const named = steps.flatMap((step) => step.zones).filter((zone) => zone !== 'all');
  const ids = [...new Set([...named, ...piece.keepClean, ELSEWHERE])];
  return {
    kind: piece.kind,
    handled: piece.handled,
    sheenWanted: piece.sheenWanted,
    keepClean: piece.keepClean,
    features: [],
    // a plain metal, plastic or resin piece counts as cleaned
    cleaned: true,
    company: ALONE,
    zones: ids.map((id) => ({
      id,
      name: id,
      substrate,
      startSheen: piece.startSheen,
      relief: { grooveDepthUm: piece.grooveDepthUm, grooveWidthUm: piece.grooveWidthUm ?? piece.grooveDepthUm, crestHeightUm: 0 },
      keepClean: keepClean.has(id) ? (id as KeepClean) : null,
      partId: partOf(id),
      seen: 'yes',
      role: id,
      startColour: null,
    })),
  };
}

/** A case as the walker takes it: one substrate, steps that take no time unless they say so, constant air. */
export function caseProblem(row: SequenceCase): SequenceProblem {
  const steps = row.steps.map(({ startMin: _start, bottleOpenedDays: _opened, ...step }, i) =>
    plainStep({ ...step, id: `step-${String(i + 1)}` }),
  );
  return {
    subject: caseSubject(row),
    steps,
    startsMin: row.steps.map((step) => step.startMin ?? null),
    durationsMin: row.steps.map((step) => step.handsOnMin ?? 0),
    bench: constantAir(row.climate),
    bottleAgesDays: row.steps.map((step) => step.bottleOpenedDays ?? null),
  };
}

function judge(row: SequenceCase, findings: readonly Finding[]): string[] {
  const said = findings.map((f) => `${f.rule}@${String(f.stepIndex + 1)}(${f.severity})`).join(', ') || 'nothing';
  const missing = row.expect
    .filter((e) => !findings.some((f) => f.rule === e.rule && f.stepIndex + 1 === e.step))
    .map((e) => `expected ${e.rule} at step ${String(e.step)} got ${said}`);
  const alarms = findings.filter((f) => f.severity !== 'hint');
  const unwanted = alarms
    .filter((f) => row.noAlarm || row.expectNone.includes(f.rule))
    .map((f) => `expected no ${f.rule} got it at step ${String(f.stepIndex + 1)} (${f.message})`);
  return [...missing, ...unwanted];
}

export const sequenceCase: RunRow = (raw): Outcome => {
  const row = raw as unknown as SequenceCase;
  return outcomeOf(row.name, judge(row, checkSequence(caseProblem(row)).findings));
};
