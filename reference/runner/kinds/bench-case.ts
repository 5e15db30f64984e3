import { useOf } from '@eveningtide/core/coverage';
import { constantAir, type Air } from '@eveningtide/core/climate';
import { CATALOGUE } from '@eveningtide/core/materials';
import { DEFAULT_WORKSHOP, completionOf, planPieces, type Workshop } from '@eveningtide/core/schedule';
import { stateAfter, subjectOf } from '@eveningtide/core/sequence';
import { pieceFromTemplate, plainStep, templateById, isSubstrateId, type Piece, type Step } from '@eveningtide/core/subjects';
import { PENDING_ROWS } from '../pending-rows.js';
import type { Outcome, RunRow } from '../outcome.js';

type Range = [least: number, most: number];
interface OfMaterial {
  material: string;
  range: Range;
}

interface BenchCase {
  name: string;
  template: string;
  scaleRatio?: number;
  sizeMm?: Piece['sizeMm'];
  substrate?: string;
  batch?: number;
  climate: Air;
  nightClimate?: Air;
  eveningMin: number;
  zones?: string[];
  steps?: (Partial<Step> & { technique: string })[];
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

/** Rows name no scale where it does not matter: the commonest one of our templates. */
const USUAL_RATIO = 76;
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
  const { substrate } = row;
  if (substrate !== undefined && !isSubstrateId(substrate)) throw new RangeError(`substrate '${substrate}' is not known`);
  const bare = pieceFromTemplate(templateById(row.template), {
    id: 'piece',
    name: row.name,
    scaleRatio: row.scaleRatio ?? USUAL_RATIO,
    ...(row.sizeMm ? { size: row.sizeMm } : {}),
    ...(substrate === undefined ? {} : { substrate }),
  });
  const count = row.batch ?? 1;
  return {
    ...bare,
    members:
      count < 2
        ? []
        : Array.from({ length: count }, (_, i) => ({ id: `m${String(i + 1)}`, label: `No. ${String(i + 1)}`, differences: [] })),
    steps: (row.steps ?? []).map((step, i) => plainStep({ zones: row.zones ?? ['all'], ...step, id: `s${String(i + 1)}` })),
  };
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

/** What is said of a row that is not so, in words. */
function differences(row: BenchCase): string[] {
  const piece = pieceOf(row);
  const outlook = planPieces({
    pieces: [piece],
    workshop: benchOf(row),
    shelf: { bottles: [], materials: [] },
    log: [],
    originDate: MONDAY,
    nowMin: 0,
  });
  const { plan } = outlook;
  const own = outlook.pieces[0];
  if (!own) return ['no plan came of it'];
  const out: string[] = [];
  const within = (what: string, [least, most]: Range, got: number) => {
    if (!(got >= least && got <= most))
      out.push(`${what} expected ${String(least)}–${String(most)} got ${String(Math.round(got * 100) / 100)}`);
  };
  const { expect } = row;
  const hands = own.handsOnMin.reduce((a, b) => a + b, 0) + plan.cleanings.reduce((sum, { fromMin, toMin }) => sum + toMin - fromMin, 0);
  if (expect.handsOnMin) within('hands-on minutes', expect.handsOnMin, hands);
  for (const { step, range } of expect.stepMin ?? []) within(`minutes of step ${String(step)}`, range, own.handsOnMin[step - 1] ?? NaN);
  const used = taken(piece);
  for (const { material, range } of expect.useMl ?? []) within(`mL of ${material}`, range, used.get(material) ?? 0);
  for (const { material, range } of expect.useG ?? [])
    within(`g of ${material}`, range, (used.get(material) ?? 0) * CATALOGUE.material(material).densityGPerMl);
  if (expect.evenings) within('evenings', expect.evenings, plan.unplaced.length > 0 ? NaN : plan.eveningsUsed);
  const ready = completionOf(own);
  if (expect.elapsedH) within('hours', expect.elapsedH, ready ? (ready.dryMin - (own.reports[0]?.startMin ?? 0)) / 60 : NaN);
  if (expect.filmUm) {
    const { steps } = piece;
    const state = stateAfter({
      subject: subjectOf(piece),
      steps,
      startsMin: steps.map(() => null),
      durationsMin: steps.map(() => 0),
      bench: constantAir(row.climate),
    });
    for (const { zone, range } of expect.filmUm) within(`µm on ${zone}`, range, state.zones.get(zone)?.build.faceUm ?? NaN);
  }
  return out;
}

export const benchCase: RunRow = (raw): Outcome => {
  const row = raw as unknown as BenchCase;
  const listed = PENDING_ROWS[row.name];
  const problems = differences(row);
  if (problems.length === 0)
    return listed ? { as: 'failed', why: 'listed as pending, but passes: take it off the list' } : { as: 'passed' };
  return listed ? { as: 'pending', why: listed } : { as: 'failed', why: problems.join('; ') };
};
