import { heldMinutes } from '../drying/index.js';
import { CATALOGUE, type Supplies } from '../materials/index.js';
import { modelsOf, type Piece, type Step, type Zone } from '../subjects/index.js';
import {
  BRUSH_WIDTHS_MM,
  COVER_EXPONENT,
  SET_UP_MIN,
  SMALL_PLACE,
  SPRAY_DM2_PER_MIN,
  brushFor,
  toolOf,
  type Pace,
} from '../techniques/index.js';
import { incomingOf } from './incoming.js';
import { subjectOf, zonesNamed } from './subject.js';

const MM2_PER_DM2 = 10_000;
/** A shorter wait between coats is spent at the bench; in a longer one other work goes on (our number). */
const SPENT_AT_BENCH_MIN = 10;

/** What minutes depend on besides the step: what it is done with, and how many models the booth takes at once. */
export interface HandsOnBench {
  supplies: Supplies;
  boothModels: number;
  /** Widths of the brushes that there are, mm. */
  brushesMm: readonly number[];
}

/** A bench with room and brushes for everything. */
export const roomyBench = (supplies: Supplies): HandsOnBench => ({ supplies, boothModels: Infinity, brushesMm: BRUSH_WIDTHS_MM });

const ROOMY = roomyBench(CATALOGUE);

/** Wait between the coats of one step, minutes; 0 for a single coat. */
export function betweenCoatsMinutes(step: Step, { supplies }: Pick<HandsOnBench, 'supplies'> = ROOMY): number {
  const drying = incomingOf(step, supplies).material?.drying;
  return step.coats > 1 && drying ? drying.betweenCoatsMin : 0;
}

/** The coats are laid in sittings of their own, with other work in between. */
export const coatsApart = (step: Step, bench: Pick<HandsOnBench, 'supplies'> = ROOMY): boolean =>
  betweenCoatsMinutes(step, bench) >= SPENT_AT_BENCH_MIN;

/** What a step's minutes are made of, each for one piece and all its coats but the set-up, which is for the sitting. */
export interface MinutesMade {
  setUpMin: number;
  /** Picking the piece up, turning it, coming to its sides. */
  handlingMin: number;
  workMin: number;
  /** A dryer held over each coat. */
  dryerMin: number;
  /** One coat on each of its zones, in their order, coming to that side of it included. */
  zonesMin: { zoneId: string; minutes: number }[];
  /** The widest brush that is taken, mm; null where none is. */
  brushMm: number | null;
}

/** Minutes of work on one zone, one coat. */
function zoneMinutes(
  pace: Pace,
  { areaMm2, count }: Pick<Zone, 'areaMm2' | 'count'>,
  coverPct: number,
  brushesMm: readonly number[],
): number {
  const areaDm2 = areaMm2 / MM2_PER_DM2;
  const share = (coverPct / 100) ** COVER_EXPONENT;
  switch (pace.by) {
    case 'piece':
      return 0;
    case 'places':
      // things that were counted are done one by one, however large they are
      return Math.max(1, count > 1 ? (count * coverPct) / 100 : Math.round(areaMm2 / pace.mm2Each)) * pace.minutesEach;
    case 'area':
    case 'brush': {
      const dm2PerMin = pace.by === 'area' ? pace.dm2PerMin : brushFor(areaMm2, brushesMm).dm2PerMin * pace.times;
      return Math.max(areaMm2 < SMALL_PLACE.upToMm2 ? SMALL_PLACE.leastMin : 0, (areaDm2 / dm2PerMin) * share);
    }
  }
}

/** What is worked in one go. */
interface Worked extends Pick<Zone, 'areaMm2' | 'count' | 'keepClean'> {
  zones: Zone[];
}

/** Zones that one surface was cut into are worked in one go where a step is on several of them; things that are counted are things of their own. */
function surfacesOf(zones: readonly Zone[]): Worked[] {
  const found = new Map<string, Worked>();
  for (const zone of zones) {
    const { id, partId, role, keepClean, areaMm2, count } = zone;
    const key = count > 1 ? id : `${partId}\n${role}\n${keepClean ?? ''}`;
    const known = found.get(key);
    if (!known) found.set(key, { zones: [zone], areaMm2, count, keepClean });
    else {
      known.zones.push(zone);
      known.areaMm2 += areaMm2;
    }
  }
  return [...found.values()];
}

/** How the minutes of a step come about: by the tool that a painter would take, by places where that is what is done. */
export function minutesMade(step: Step, piece: Piece, { supplies, brushesMm }: Omit<HandsOnBench, 'boothModels'> = ROOMY): MinutesMade {
  const { technique, material, film, tool, coverPct, sprayed } = incomingOf(step, supplies);
  const { handsOn } = technique;
  const named = new Set(zonesNamed(subjectOf(piece), step.zones).map((zone) => zone.id));
  const zones = piece.zones.filter((zone) => named.has(zone.id));
  const known = toolOf(tool);
  const sprayRate = sprayed && known ? SPRAY_DM2_PER_MIN[known] : undefined;
  const paceOn = (keepClean: Zone['keepClean']): Pace =>
    sprayRate === undefined ? ((keepClean === null ? null : handsOn.onKeptClean) ?? handsOn.pace) : { by: 'area', dm2PerMin: sprayRate };
  const surfaces = surfacesOf(zones);
  const sprayedMm2 = zones.reduce((sum, { areaMm2 }) => sum + areaMm2, 0);
  const workOn = (surface: Worked): number =>
    sprayRate === undefined
      ? zoneMinutes(paceOn(surface.keepClean), surface, coverPct, brushesMm)
      : (sprayedMin * surface.areaMm2) / Math.max(1, sprayedMm2);
  const sprayedMin =
    sprayRate === undefined
      ? 0
      : zoneMinutes(
          { by: 'area', dm2PerMin: sprayRate },
          { areaMm2: Math.max(sprayedMm2, SMALL_PLACE.upToMm2), count: 1 },
          coverPct,
          brushesMm,
        );
  const once = sprayRate === undefined ? surfaces.reduce((sum, surface) => sum + workOn(surface), 0) : sprayedMin;
  const sideMin = sprayRate === undefined && handsOn.pace.by !== 'piece' ? handsOn.perZoneMin : 0;
  // each of forty bricks is come to by itself, as far as they are done
  const thingsOf = ({ count }: Worked): number => (count > 1 ? Math.max(1, (count * coverPct) / 100) : 1);
  const zonesMin = surfaces.flatMap((surface) => {
    const minutes = sideMin * thingsOf(surface) + workOn(surface);
    return surface.zones.map(({ id, areaMm2 }) => ({
      zoneId: id,
      minutes: surface.areaMm2 > 0 ? (minutes * areaMm2) / surface.areaMm2 : minutes / surface.zones.length,
    }));
  });
  const byBrush = sprayRate === undefined && handsOn.pace.by === 'brush';
  return {
    setUpMin: handsOn.setUpMin ?? (known ? SET_UP_MIN[known] : 1),
    handlingMin: (handsOn.perPieceMin + sideMin * surfaces.reduce((sum, surface) => sum + thingsOf(surface), 0)) * step.coats,
    workMin: once * step.coats,
    dryerMin: material && film ? heldMinutes(material, film) * step.coats : 0,
    zonesMin,
    brushMm: byBrush && surfaces.length > 0 ? Math.max(...surfaces.map(({ areaMm2 }) => brushFor(areaMm2, brushesMm).widthMm)) : null,
  };
}

/**
 * Hands-on minutes of a step: what the painter typed, else the set-up, and for every piece of the batch that it is done on
 * what handling and work take, plus waits between coats that are too short for anything else. What is sprayed is set up
 * once for each load of the booth. What the bench has learnt scales it. Whole minutes, at least 1. Common practice; the
 * figures are from memory (`techniques/pace.ts`).
 */
export function handsOnMinutes(step: Step, piece: Piece, bench: HandsOnBench = ROOMY): number {
  const models = modelsOf(step, piece);
  if (step.handsOnMin !== null) return step.handsOnMin * models;
  const { setUpMin, handlingMin, workMin, dryerMin } = minutesMade(step, piece, bench);
  const work = (handlingMin + workMin + dryerMin) * models;
  const { sprayed, tool } = incomingOf(step, bench.supplies);
  const loads = sprayed ? Math.max(1, Math.ceil(models / bench.boothModels)) : 1;
  const pace = bench.supplies.pace?.minutesFactorOf(step.technique, tool) ?? 1;
  // while the last piece of a batch gets its coat, the first dries: the short wait is not waited twice
  const idle = coatsApart(step, bench)
    ? 0
    : Math.max(0, betweenCoatsMinutes(step, bench) * (step.coats - 1) - (work * (models - 1)) / models);
  return Math.max(1, Math.round((setUpMin * loads + work) * pace + idle));
}

/** Minutes of each sitting a step is done in: one, or one a coat. */
export function sittings(step: Step, piece: Piece, bench: HandsOnBench = ROOMY): number[] {
  const total = handsOnMinutes(step, piece, bench);
  if (!coatsApart(step, bench)) return [total];
  return Array.from({ length: step.coats }, () => Math.max(1, Math.round(total / step.coats)));
}

/** Setting up anew when the work is taken up again, minutes; of what the painter typed none is told apart. */
export const againMinutes = (step: Step, piece: Piece, bench: HandsOnBench): number =>
  step.handsOnMin === null ? minutesMade(step, piece, bench).setUpMin : 0;

/** Hands-on minutes of some of a step, in coats from its beginning and within one of them; what is not a whole coat is set up for by itself. */
export function minutesOfPart(step: Step, piece: Piece, bench: HandsOnBench, { from, to }: { from: number; to: number }): number {
  const whole = sittings(step, piece, bench)[Math.floor(from)] ?? 0;
  const share = to - from;
  if (share > 1 - 1e-6) return whole;
  const setUp = Math.min(againMinutes(step, piece, bench), whole);
  return Math.max(1, Math.round(setUp + (whole - setUp) * share));
}

/** Minutes from the first touch to the last, waits between coats included, if nothing comes between. */
export function elapsedMinutes(step: Step, piece: Piece, bench: HandsOnBench = ROOMY): number {
  const waits = coatsApart(step, bench) ? betweenCoatsMinutes(step, bench) * (step.coats - 1) : 0;
  return sittings(step, piece, bench).reduce((a, b) => a + b, 0) + waits;
}
