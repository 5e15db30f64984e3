import { useOf } from '@eveningtide/core/coverage';
import { constantAir, type Air } from '@eveningtide/core/climate';
import { CATALOGUE } from '@eveningtide/core/materials';
import { DEFAULT_WORKSHOP, completionOf, planPieces, type Workshop } from '@eveningtide/core/schedule';
import { stateAfter, subjectOf } from '@eveningtide/core/sequence';
import { arrange } from '@eveningtide/core/arrange';
import { USUAL_SCHOOLS } from '@eveningtide/core/techniques';
import { NO_INTENT, plainStep, type Intent, type Piece, type Step } from '@eveningtide/core/subjects';
import { outcomeOf } from '../pending-rows.js';
import type { Outcome, RunRow } from '../outcome.js';
import { templatePiece, wishesOf, type CaseWish, type TemplateCase } from './wished.js';

type Range = [least: number, most: number];
interface OfMaterial {
  material: string;
  range: Range;
}

interface BenchCase extends TemplateCase {
  batch?: number;
  climate: Air;
  nightClimate?: Air;
  eveningMin: number;
  zones?: string[];
  steps?: (Partial<Step> & { technique: string })[];
  /** Instead of steps: what is arranged for these is planned. */
  wishes?: CaseWish[];
  expect: {
    handsOnMin?: Range;
    stepMin?: { step: number; range: Range }[];
    useMl?: OfMaterial[];
    useG?: OfMaterial[];
    evenings?: Range;
    elapsedH?: Range;
    filmUm?: { zone: string; range: Range }[];
  };
}

const MONDAY = '2026-11-23';
const EVENING_FROM_MIN = 18 * 60;

const clockTime = (min: number): string =>
  `${String(Math.floor(min / 60) % 24).padStart(2, '0')}:${String(Math.round(min % 60)).padStart(2, '0')}`;

function benchOf({ climate, nightClimate = climate, eveningMin }: BenchCase): Workshop {
  const [start, end] = [clockTime(EVENING_FROM_MIN), clockTime(EVENING_FROM_MIN + eveningMin)];
  return {
    ...DEFAULT_WORKSHOP,
    weekly: [0, 1, 2, 3, 4, 5, 6].map((weekday) => ({ weekday, start, end })),
    climate: { evening: climate, night: nightClimate, places: [] },
  };
}

function pieceOf(row: BenchCase): Piece {
  const bare = templatePiece(row);
  const count = row.batch ?? 1;
  const whole: Piece = {
    ...bare,
    members:
      count < 2
        ? []
        : Array.from({ length: count }, (_, i) => ({ id: `m${String(i + 1)}`, label: `No. ${String(i + 1)}`, differences: [] })),
    steps: (row.steps ?? []).map((step, i) => plainStep({ zones: row.zones ?? ['all'], ...step, id: `s${String(i + 1)}` })),
  };
  return row.wishes ? { ...whole, steps: arrangedFor(whole, row) } : whole;
}

function arrangedFor(piece: Piece, { wishes = [], climate }: BenchCase): Step[] {
  const intent: Intent = { ...NO_INTENT, wishes: wishesOf(wishes, piece) };
  const { steps, collision } = arrange({
    piece,
    intent,
    story: intent.story,
    air: climate,
    schools: USUAL_SCHOOLS,
    supplies: CATALOGUE,
    today: MONDAY,
  });
  if (!steps) throw new RangeError(`wishes must go together, got ${collision?.trouble ?? 'no order'}`);
  return steps;
}

/** All that is taken of each material, mL, losses and what stays in the cup included. */
function taken(piece: Piece): Map<string, number> {
  const out = new Map<string, number>();
  const add = (material: string, ml: number) => out.set(material, (out.get(material) ?? 0) + ml);
  for (const step of piece.steps) {
    const { cup, direct, cleaning } = useOf(step, piece);
    for (const { material, parts } of cup?.components ?? []) add(material, parts * ((cup?.laidMl ?? 0) + (cup?.residueMl ?? 0)));
    for (const { material, ml } of [...direct, ...cleaning]) add(material, ml);
  }
  return out;
}

/** Film on the face of each zone when all is done, µm. */
function filmsOf({ steps, ...piece }: Piece, climate: Air): Map<string, number> {
  const state = stateAfter({
    subject: subjectOf({ ...piece, steps }),
    steps,
    startsMin: steps.map(() => null),
    durationsMin: steps.map(() => 0),
    bench: constantAir(climate),
  });
  return new Map([...state.zones].map(([id, { build }]) => [id, build.faceUm]));
}

/** What the core makes of a row, figure by figure beside what is expected. */
function* figures(row: BenchCase): Generator<[what: string, range: Range | undefined, got: number]> {
  const piece = pieceOf(row);
  const { plan, pieces } = planPieces({
    pieces: [piece],
    workshop: benchOf(row),
    shelf: { bottles: [], materials: [] },
    log: [],
    originDate: MONDAY,
    nowMin: 0,
  });
  const own = pieces[0];
  if (!own) throw new Error('no plan came of it');
  const { handsOnMin, stepMin = [], useMl = [], useG = [], evenings, elapsedH, filmUm = [] } = row.expect;
  const cleaning = plan.cleanings.reduce((sum, { fromMin, toMin }) => sum + toMin - fromMin, 0);
  yield ['hands-on minutes', handsOnMin, own.handsOnMin.reduce((a, b) => a + b, 0) + cleaning];
  for (const { step, range } of stepMin) yield [`minutes of step ${String(step)}`, range, own.handsOnMin[step - 1] ?? NaN];
  const used = taken(piece);
  for (const { material, range } of useMl) yield [`mL of ${material}`, range, used.get(material) ?? 0];
  for (const { material, range } of useG)
    yield [`g of ${material}`, range, (used.get(material) ?? 0) * CATALOGUE.material(material).densityGPerMl];
  yield ['evenings', evenings, plan.unplaced.length > 0 ? NaN : plan.eveningsUsed];
  const ready = completionOf(own);
  yield ['hours', elapsedH, ready ? (ready.dryMin - (own.reports[0]?.startMin ?? 0)) / 60 : NaN];
  const films = filmsOf(piece, row.climate);
  for (const { zone, range } of filmUm) yield [`µm on ${zone}`, range, films.get(zone) ?? NaN];
}

/** What of a row is not so, in words. */
const differences = (row: BenchCase): string[] =>
  [...figures(row)].flatMap(([what, range, got]) =>
    !range || (got >= range[0] && got <= range[1])
      ? []
      : [`${what} expected ${String(range[0])}–${String(range[1])} got ${String(Math.round(got * 100) / 100)}`],
  );

export const benchCase: RunRow = (raw): Outcome => {
  const row = raw as unknown as BenchCase;
  return outcomeOf(row.name, differences(row));
};
