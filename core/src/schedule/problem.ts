import { labOf } from '../colour/index.js';
import { quantileFactor, stageMinutes } from '../drying/index.js';
import type { Air } from '../climate/index.js';
import type { Supplies } from '../materials/index.js';
import {
  betweenCoatsMinutes,
  VAPOUR_STAYS_MIN,
  chainsOf,
  incomingOf,
  minutesOfPart,
  relativeOpenings,
  stepPaint,
  subjectOf,
  type RelativeOpening,
} from '../sequence/index.js';
import type { DryingLag, DryingWork, LagWindow, ScheduleLag, ScheduleOperation, ScheduleProblem, Setup, Stand } from '../solver/index.js';
import { modelsOf, type Piece, type Step } from '../subjects/index.js';
import { daylightFrom, eveningsFrom, usualEveningMin } from './calendar.js';
import { MINUTES_PER_DAY, daysBetween, minuteOf, type Interval } from '../units/index.js';
import { begunOf, pastEvenings, withoutBegun } from './begun.js';
import type { Doing } from './doing.js';
import { afterCleaning, stillOwed, type CleaningOwed } from './cleaning-owed.js';
import { operationId } from './operation-id.js';
import { EVENING_SHARE, allSittings, coatsOf, type SplitBench } from './sittings.js';
import { hasFlame, vapourOf, whenAired } from './vapours.js';
import { waysOf, type Allowances } from './ways.js';
import type { Workshop } from './workshop.js';

/** How far ahead evenings are laid out, days. */
export const HORIZON_DAYS = 120;

/** What leaving out a step costs, by how much it is wanted (our numbers); a must is never left out. */
const DROP_COST = { must: null, should: 3, may: 1 } as const;

/** What the steps of all pieces are reckoned with. */
export interface Bench extends SplitBench {
  workshop: Workshop;
  allows: Allowances;
}

export const benchOf = (workshop: Workshop, supplies: Supplies, allows: Allowances = {}): Bench => ({
  workshop,
  supplies,
  allows,
  boothModels: workshop.equipment.boothModels,
  brushesMm: workshop.equipment.brushesMm,
  longestMin: EVENING_SHARE * usualEveningMin(workshop),
  airbrushCleanMin: workshop.airbrushCleanMin,
});

export const placesOf = (workshop: Workshop): Record<string, Air> =>
  Object.fromEntries(workshop.climate.places.map((place) => [place.id, place.air]));

const standAt = (placeId: string | null): string => `stand/${placeId ?? 'bench'}`;

const colourOf = (step: Step): string => step.bottleId ?? `${step.material ?? ''} ${step.colour ?? ''}`;

const airbrushed = (step: Step, bench: Bench): boolean => incomingOf(step, bench.supplies).tool === 'airbrush';

/** A wet coat takes room until it is dry-hard. */
function standOf(piece: Piece, step: Step, { workshop, supplies }: Bench): Stand | null {
  const { material, film } = incomingOf(step, supplies);
  if (!material || !film) return null;
  const own = step.dryingPlace === null ? null : (placesOf(workshop)[step.dryingPlace] ?? null);
  const minutes = (air: Air): number => stageMinutes(material, 'dryHard', film, own ?? air);
  const until = { eveningMin: minutes(workshop.climate.evening), nightMin: minutes(workshop.climate.night) };
  return { place: standAt(step.dryingPlace), units: modelsOf(step, piece), until };
}

const sooner = (a: DryingWork, b: DryingWork): DryingWork => ({
  eveningMin: Math.min(a.eveningMin, b.eveningMin),
  nightMin: Math.min(a.nightMin, b.nightMin),
});

/** What a sitting takes of the workshop. */
const handsAt = (step: Step, durationMin: number, bench: Bench, isLit: boolean) => {
  const vapour = isLit ? vapourOf(step, bench) : null;
  return {
    durationMin,
    ...(airbrushed(step, bench) ? { resources: ['hands', 'airbrush'], colour: colourOf(step) } : { resources: ['hands'], colour: null }),
    ...(vapour ? { vapour } : {}),
  };
};

function operationsOf(doing: Doing, lags: readonly DryingLag[], originDate: string, bench: Bench, isLit: boolean): ScheduleOperation[] {
  const { piece, steps } = doing;
  const all = allSittings(doing, bench);
  const opensAfter = new Map<string, DryingWork[]>();
  for (const { from, windows } of lags) if (windows[0]) opensAfter.set(from, [...(opensAfter.get(from) ?? []), windows[0].open]);
  const dueMin = piece.doneBy === null ? null : (daysBetween(originDate, piece.doneBy) + 1) * MINUTES_PER_DAY;
  return steps.flatMap((step, index) => {
    const own = all[index] ?? [];
    const others = waysOf(bench.allows).flatMap(({ id, byCoat, done }) => {
      if (!byCoat && own.length > 1) return [];
      const other = done(step, bench.supplies);
      return other && coatsOf(other, bench) === coatsOf(step, bench) ? [{ id, step: other }] : [];
    });
    return own.map(({ sitting, minutes: durationMin, part }): ScheduleOperation => {
      const id = operationId(piece, index, sitting);
      const stand = standOf(piece, step, bench);
      // it is moved on when the next work on it begins, which may be before it is hard
      const next = opensAfter.get(id) ?? [];
      return {
        id,
        job: piece.id,
        ...handsAt(step, durationMin, bench, isLit),
        alternatives: others.map(({ id: way, step: other }) => ({
          id: way,
          ...handsAt(other, minutesOfPart(other, piece, bench, part), bench, isLit),
        })),
        daylight: step.daylight,
        pinnedMin: step.pinnedAt === null || sitting > 0 ? null : minuteOf(originDate, step.pinnedAt),
        dueMin,
        dropCost: bench.allows.drops && dueMin !== null ? DROP_COST[step.priority] : null,
        stands: stand && { ...stand, until: next.reduce(sooner, stand.until) },
      };
    });
  });
}

/** The steps of a piece are done in their order, each after the wait that is wanted. */
function orderOf(doing: Doing, bench: Bench): ScheduleLag[] {
  const row = allSittings(doing, bench).flatMap((sittings, index) =>
    sittings.map(({ sitting }, i) => ({
      id: operationId(doing.piece, index, sitting),
      waitMin: i === 0 ? (doing.steps[index]?.waitMin ?? 0) : 0,
    })),
  );
  return row.slice(1).map(({ id, waitMin }, i) => ({ from: row[i]?.id ?? '', to: id, minMin: waitMin, maxMin: null }));
}

const NEVER: DryingWork = { eveningMin: Infinity, nightMin: Infinity };
const NOW: DryingWork = { eveningMin: 0, nightMin: 0 };

const always = (minutes: number): LagWindow => ({ open: { eveningMin: minutes, nightMin: minutes }, close: null });

/** The waits of a piece as worked out last, and what they hang on: a plan is made anew far more often than a piece is changed. */
const known = new WeakMap<Piece, { workshop: Workshop; supplies: Supplies; key: string; lags: DryingLag[] }>();

function dryingAsKnown(doing: Doing, bench: Bench): DryingLag[] {
  const { workshop, supplies } = bench;
  const sats = doing.steps.map(({ id }) => [...doing.progress.satsOf(id).values()].map(({ entry }) => [entry.sitting, entry.part]));
  const key = JSON.stringify([doing.steps.map(({ id }) => id), doing.dryFactors, sats]);
  const before = known.get(doing.piece);
  if (before?.workshop === workshop && before.supplies === supplies && before.key === key) return before.lags;
  const lags = dryingAsIs(doing, bench);
  known.set(doing.piece, { workshop, supplies, key, lags });
  return lags;
}

/** The openings in evening air and in night air make the windows of one lag; careful plans take longer drying times. */
function dryingOf(doing: Doing, bench: Bench): DryingLag[] {
  const { steps } = doing;
  const asIs = dryingAsKnown(doing, bench);
  const others = waysOf(bench.allows).map(({ id, done }) => {
    // a step that has not this way keeps its own
    const inThisWay = steps.map((step) => done(step, bench.supplies) ?? step);
    return { id, windows: new Map(dryingAsIs({ ...doing, steps: inThisWay }, bench).map((lag) => [`${lag.from} ${lag.to}`, lag.windows])) };
  });
  if (others.length === 0) return asIs;
  return asIs.map((lag) => {
    const windowsIf = others.flatMap(({ id, windows }) => {
      const found = windows.get(`${lag.from} ${lag.to}`);
      return found ? [[id, found] as const] : [];
    });
    return { ...lag, windowsIf: Object.fromEntries(windowsIf) };
  });
}

function dryingAsIs(doing: Doing, bench: Bench): DryingLag[] {
  const { piece, steps, dryFactors } = doing;
  const { workshop, supplies } = bench;
  const subject = subjectOf(piece);
  const places = placesOf(workshop);
  const factor = quantileFactor(workshop.careful ? 'p80' : 'p50');
  const pair = (o: RelativeOpening): string => `${String(o.fromIndex)}:${String(o.toIndex)}`;
  const evening = relativeOpenings(subject, steps, workshop.climate.evening, places, supplies, dryFactors);
  const night = new Map(relativeOpenings(subject, steps, workshop.climate.night, places, supplies, dryFactors).map((o) => [pair(o), o]));
  const all = allSittings(doing, bench);
  const idOf = (index: number, sitting: number | undefined): string => operationId(piece, index, sitting ?? 0);
  const between = evening.map((opening) => ({
    from: idOf(opening.fromIndex, all[opening.fromIndex]?.at(-1)?.sitting),
    to: idOf(opening.toIndex, all[opening.toIndex]?.[0]?.sitting),
    windows: windowsOf(opening, night.get(pair(opening)) ?? opening, factor),
    prefersFirst: opening.intoWet,
  }));
  const inNight = chainsOf(subject, steps, workshop.climate.night, supplies);
  // torn only where nothing else is possible: then the check says what that spoils
  const chains = chainsOf(subject, steps, workshop.climate.evening, supplies).map(
    ({ fromIndex, toIndex, withinMin, holds }, i): DryingLag => {
      const until = { eveningMin: withinMin, nightMin: inNight[i]?.withinMin ?? withinMin };
      return {
        from: idOf(fromIndex, all[fromIndex]?.at(-1)?.sitting),
        to: idOf(toIndex, all[toIndex]?.[0]?.sitting),
        windows: [
          { open: NOW, close: until },
          { open: until, close: null },
        ],
        prefersFirst: true,
        holds,
      };
    },
  );
  const coats = steps.flatMap((step, index) =>
    (all[index] ?? []).slice(1).flatMap(({ sitting, part }, i): DryingLag[] => {
      const before = all[index]?.[i];
      // what is left of a coat waits for nothing
      if (!before || Math.floor(before.part.from) === Math.floor(part.from)) return [];
      const wait = betweenCoatsMinutes(step, bench) * factor * (dryFactors[index] ?? 1);
      return [{ from: idOf(index, before.sitting), to: idOf(index, sitting), windows: [always(wait)] }];
    }),
  );
  return [...between, ...chains, ...coats];
}

function windowsOf(evening: RelativeOpening, night: RelativeOpening, factor: number): LagWindow[] {
  // one zone asks for what another forbids
  if (evening.list.length === 0) return [{ open: NEVER, close: null }];
  return evening.list.map((gap, i) => {
    const dark = night.list[i] ?? gap;
    return {
      open: { eveningMin: gap.fromMin * factor, nightMin: dark.fromMin * factor },
      close: Number.isFinite(gap.toMin) ? { eveningMin: gap.toMin, nightMin: dark.toMin } : null,
    };
  });
}

/** The airbrush is cleaned by hand between colours; a darker one wants a rinse only. */
function setupOf(doings: readonly Doing[], { workshop: { airbrushCleanMin }, supplies }: Bench): Setup {
  const darkness: Record<string, number> = {};
  for (const { steps } of doings)
    for (const step of steps) {
      // one pot serves many steps
      if (step.material === null || colourOf(step) in darkness) continue;
      const colour = stepPaint(step, supplies)?.colour;
      if (colour) darkness[colourOf(step)] = 100 - labOf(colour).l;
    }
  return { resource: 'airbrush', minutes: airbrushCleanMin, holds: ['hands'], rinseMin: Math.ceil(airbrushCleanMin / 2), darkness };
}

/** What has been sprayed, or is being: when it ends, and in which colour. */
export const sprayedOf = (doings: readonly Doing[], bench: Bench, begun: ReadonlyMap<string, Interval>): CleaningOwed[] =>
  begun.size === 0
    ? []
    : doings.flatMap((doing) =>
        doing.steps.flatMap((step, index) =>
          airbrushed(step, bench)
            ? (allSittings(doing, bench)[index] ?? []).flatMap(({ sitting }) => {
                const span = begun.get(operationId(doing.piece, index, sitting));
                return span ? [{ fromMin: span.toMin, colour: colourOf(step) }] : [];
              })
            : [],
        ),
      );

/** The planning problem of some pieces, from a minute of an origin date on: of what is not done yet. */
export function planningProblem(doings: readonly Doing[], bench: Bench, originDate: string, nowMin: number): ScheduleProblem {
  const { workshop } = bench;
  const { equipment, climate } = workshop;
  const evenings = eveningsFrom(workshop, originDate, HORIZON_DAYS);
  const drying = doings.map((doing) => dryingOf(doing, bench));
  const isLit = hasFlame(doings);
  const whole = {
    operations: doings.flatMap((doing, i) => operationsOf(doing, drying[i] ?? [], originDate, bench, isLit)),
    lags: doings.flatMap((doing) => orderOf(doing, bench)),
    drying: drying.flat(),
  };
  const begun = begunOf(doings, bench, nowMin);
  // hands are taken until what is going on is done
  const notBeforeMin = Math.max(nowMin, ...[...begun.values()].map(({ toMin }) => toMin));
  const left = withoutBegun(whole, begun, [...pastEvenings(workshop, originDate, doings), ...evenings], nowMin);
  const aired = whenAired(left.operations, doings, bench, begun);
  const setup = setupOf(doings, bench);
  const owed = stillOwed(sprayedOf(doings, bench, begun), setup, nowMin);
  return {
    ...left,
    operations: owed === null ? aired : afterCleaning(aired, owed, setup),
    setup,
    vapourMin: VAPOUR_STAYS_MIN,
    calendar: {
      evenings,
      daylight: daylightFrom(workshop, originDate, HORIZON_DAYS),
      notBeforeMin,
      fillShare: EVENING_SHARE,
      overNights: workshop.careful ? 1 : quantileFactor('p80'),
    },
    capacities: {
      hands: 1,
      airbrush: equipment.airbrush ? 1 : 0,
      [standAt(null)]: equipment.benchModels,
      ...Object.fromEntries(climate.places.map(({ id, models }) => [standAt(id), models])),
    },
  };
}
