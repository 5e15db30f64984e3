import { arrange, type Arrangement } from '@eveningtide/core/arrange';
import { constantAir } from '@eveningtide/core/climate';
import { proposedWishes } from '@eveningtide/core/effects';
import { CATALOGUE } from '@eveningtide/core/materials';
import {
  checkSequence,
  handsOnMinutes,
  stateAfter,
  subjectOf,
  surfaceSheen,
  zonesNamed,
  type SequenceProblem,
} from '@eveningtide/core/sequence';
import { NO_INTENT, plainStep, type Piece, type Sheen, type Step, type Story, type Wish } from '@eveningtide/core/subjects';
import { USUAL_SCHOOLS, techniqueById } from '@eveningtide/core/techniques';
import { outcomeOf } from '../pending-rows.js';
import type { Outcome, RunRow } from '../outcome.js';
import { templatePiece, wishesOf, type CaseWish, type TemplateCase } from './wished.js';

interface ArrangeCase extends TemplateCase {
  startSheen?: Sheen;
  sheenWanted?: Piece['sheenWanted'];
  handled?: boolean;
  story?: Story;
  /** The wishes are what the story proposes. */
  proposed?: boolean;
  ownSteps?: (Partial<Step> & { technique: string })[];
  wishes?: CaseWish[];
  expect: {
    order?: boolean;
    alarms?: number;
    before?: [string, string][];
    last?: string[];
    never?: { technique: string; afterEffect: string; sameZone?: boolean }[];
    count?: { technique: string; material?: string; effect?: string; min?: number; max?: number }[];
    cover?: { effect?: string; technique?: string; minPct: number }[];
    sheenAtEnd?: Sheen;
  };
}

const ROOM = { tempC: 20, rhPct: 50 };
const MONDAY = '2026-11-23';

/** What lays colour, dust or growth; masks, parts and looks do not. */
const LAYS: ReadonlySet<string> = new Set(['film', 'tint', 'accent', 'loose', 'slurry', 'inlay', 'remove']);
/** What may still follow on what gleams. */
const HARMLESS: ReadonlySet<string> = new Set(['inspect', 'clean', 'clean-treads', 'unmask', 'refit', 'force-dry']);

function pieceOf(row: ArrangeCase): Piece {
  const bare = templatePiece(row);
  const { startSheen, sheenWanted = bare.sheenWanted, handled = bare.handled, ownSteps = [] } = row;
  return {
    ...bare,
    sheenWanted,
    handled,
    zones: bare.zones.map((zone) => (startSheen && zone.keepClean === null ? { ...zone, startSheen } : zone)),
    steps: ownSteps.map((step, i) => plainStep({ zones: ['all'], ...step, id: `own${String(i + 1)}` })),
  };
}

/** The result of a row, with what each step was wished for and where it goes. */
class Result {
  private readonly problem: SequenceProblem;
  private readonly effects: Map<string, string>;

  constructor(
    piece: Piece,
    wishes: readonly Wish[],
    readonly steps: readonly Step[],
  ) {
    this.effects = new Map(wishes.map(({ id, effect }) => [id, effect]));
    this.problem = {
      subject: subjectOf({ ...piece, steps: [...steps] }),
      steps,
      startsMin: [],
      durationsMin: steps.map((step) => handsOnMinutes(step, piece)),
      bench: constantAir(ROOM),
    };
  }

  effectOf(step: Step): string | undefined {
    return step.fromWish === null ? undefined : this.effects.get(step.fromWish);
  }

  of(effect: string): Step[] {
    return this.steps.filter((step) => this.effectOf(step) === effect);
  }

  meet(a: Step, b: Step): boolean {
    const of = (step: Step): string[] => zonesNamed(this.problem.subject, step.zones).map(({ id }) => id);
    const there = new Set(of(a));
    return of(b).some((zone) => there.has(zone));
  }

  alarms(): string[] {
    return checkSequence(this.problem)
      .findings.filter(({ severity }) => severity !== 'hint')
      .map(({ rule, stepIndex }) => `${rule} at ${String(stepIndex + 1)}`);
  }

  /** Sheen of the faces on which something was laid, but for what is kept clean or never seen. */
  sheens(): Set<string> {
    const zones = [...stateAfter(this.problem).zones.values()].filter(({ zone }) => zone.keepClean === null && zone.seen !== 'never');
    return new Set(zones.flatMap((zone) => (surfaceSheen(zone).layer ? [sheenOf(surfaceSheen(zone).sheenGu)] : [])));
  }

  toString(): string {
    return this.steps
      .map(
        (step) =>
          `${step.technique}${step.material === null ? '' : ` ${step.material}`} (${this.effectOf(step) ?? step.fromWish ?? 'own'}: ${step.zones.join(' ')})`,
      )
      .join(' · ');
  }
}

/** Gloss units at 60°: satin from 15, gloss from 55 (our numbers). */
const sheenOf = (gu: number): 'matt' | 'satin' | 'gloss' => (gu >= 55 ? 'gloss' : gu >= 15 ? 'satin' : 'matt');

const lays = ({ technique }: Step): boolean => LAYS.has(techniqueById(technique).effect);

type Expected = ArrangeCase['expect'];
/** One part of what is expected, held against the result: what is not so, in words. */
type Judge = (expect: Expected, result: Result) => string[];

const place = (result: Result, step: Step): string => String(result.steps.indexOf(step) + 1);
const after = ({ steps }: Result, step: Step): readonly Step[] => steps.slice(steps.indexOf(step) + 1);

const alarms: Judge = ({ alarms: most }, result) => {
  const found = result.alarms();
  return most !== undefined && found.length > most ? [`alarms: ${found.join(', ')}`] : [];
};

const before: Judge = ({ before: pairs = [] }, result) =>
  pairs.flatMap(([first, then]) =>
    result
      .of(first)
      .filter(lays)
      .flatMap((a) => {
        const early = result.of(then).find((b) => lays(b) && result.meet(a, b) && after(result, b).includes(a));
        return early ? [`${first} must come before ${then}, got step ${place(result, a)} after ${place(result, early)}`] : [];
      }),
  );

const last: Judge = (expect, result) => {
  const lasting = new Set(expect.last);
  return [...lasting].flatMap((effect) => {
    const own = result.of(effect);
    const [first] = own;
    if (!first) return [`${effect} is not there`];
    const late = after(result, first).find(
      (step) => !lasting.has(result.effectOf(step) ?? '') && !HARMLESS.has(step.technique) && own.some((one) => result.meet(one, step)),
    );
    return late ? [`${effect} must be last, got ${late.technique} at step ${place(result, late)} after it`] : [];
  });
};

const never: Judge = ({ never: list = [] }, result) =>
  list.flatMap(({ technique, afterEffect, sameZone = false }) => {
    const [bad] = result
      .of(afterEffect)
      .filter(lays)
      .flatMap((one) =>
        after(result, one).filter(
          (step) => step.technique === technique && result.effectOf(step) !== afterEffect && (!sameZone || result.meet(one, step)),
        ),
      );
    return bad ? [`no ${technique} may follow ${afterEffect}, got it at step ${place(result, bad)}`] : [];
  });

const count: Judge = ({ count: list = [] }, result) =>
  list.flatMap(({ technique, material, effect, min = 0, max = Infinity }) => {
    const got = result.steps.filter(
      (step) =>
        step.technique === technique &&
        (material === undefined || step.material === material) &&
        (effect === undefined || result.effectOf(step) === effect),
    ).length;
    const what = [technique, material, effect].filter(Boolean).join(' ');
    return got < min || got > max ? [`${what} expected ${String(min)}–${String(max)} times got ${String(got)}`] : [];
  });

const cover: Judge = ({ cover: list = [] }, result) =>
  list.flatMap(({ effect, technique, minPct }) => {
    const covers = result.steps
      .filter(
        (step) => (effect === undefined || result.effectOf(step) === effect) && (technique === undefined || step.technique === technique),
      )
      .map((step) => step.coverPct ?? techniqueById(step.technique).usualCoverPct);
    const got = Math.max(0, ...covers);
    return got < minPct ? [`cover of ${effect ?? technique ?? ''} expected ${String(minPct)} got ${String(got)}`] : [];
  });

const sheen: Judge = ({ sheenAtEnd }, result) => {
  const got = [...result.sheens()];
  return sheenAtEnd !== undefined && got.some((one) => one !== sheenAtEnd) ? [`sheen expected ${sheenAtEnd} got ${got.join(', ')}`] : [];
};

const JUDGES: readonly Judge[] = [alarms, before, last, never, count, cover, sheen];

function judge(row: ArrangeCase): string[] {
  const piece = pieceOf(row);
  const story = row.story ?? NO_INTENT.story;
  const wishes = row.proposed ? proposedWishes(piece, story) : wishesOf(row.wishes ?? [], piece);
  const made: Arrangement = arrange({
    piece,
    intent: { ...NO_INTENT, story, wishes },
    story,
    air: ROOM,
    schools: USUAL_SCHOOLS,
    supplies: CATALOGUE,
    today: MONDAY,
  });
  const wanted = row.expect.order ?? true;
  if (!made.steps)
    return wanted
      ? [
          `an order expected, got none: ${made.collision?.trouble ?? ''} between ${made.collision?.between.map(({ id }) => id).join(', ') ?? ''}`,
        ]
      : [];
  if (!wanted) return ['no order expected, got one'];
  const result = new Result(piece, wishes, made.steps);
  const problems = JUDGES.flatMap((judge) => judge(row.expect, result));
  return problems.length === 0 || process.env['EVENINGTIDE_SHOW'] === undefined ? problems : [...problems, `\n    ${String(result)}`];
}

export const arrangeCase: RunRow = (raw): Outcome => {
  const row = raw as unknown as ArrangeCase;
  return outcomeOf(row.name, judge(row));
};
