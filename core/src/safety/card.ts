import type { Stores } from '../coverage/index.js';
import { CATALOGUE, CAUTIONS, DEFER, type Hazard } from '../materials/index.js';
import { incomingOf } from '../sequence/index.js';
import { emissionsOf } from './emissions.js';
import { BY_WORK } from './by-work.js';
import type { CardJob } from './job.js';
import { roomAir, type Emission, type RoomAir } from './room-air.js';
import { AIRBORNE, type Airborne, type AirborneClass } from './solvents.js';

/** What to mind, and because of what. */
export interface Caution {
  id: string;
  words: string;
  /** Materials it is for, by name. */
  because: string[];
}

export interface AirFigure extends RoomAir, Pick<Airborne, 'name' | 'day' | 'strictestDay' | 'short'> {
  kind: AirborneClass;
  grams: number;
}

/** What the least that can be in the air is too much for; a share of 1 is the limit itself, all that is in the air taken together. */
export interface TooMuch {
  of: 'explosive' | 'short' | 'day' | 'strictest-day';
  share: number;
}

export interface CautionCard {
  cautions: Caution[];
  /** Lower bounds for the room; never a proof that it is safe. */
  air: AirFigure[];
  /** What that is too much for, the worst first. */
  tooMuch: TooMuch[];
  /** More than anybody should work in: it is sprayed elsewhere, or with the air drawn off. */
  notInThisRoom: boolean;
  defer: string;
}

const HAZARDS: Hazard[] = ['flammable-vapour', 'dust', 'oily-rags', 'fast-glue', 'hot', 'metal-flake', 'isocyanate', 'acid'];

/** The caution card of an evening, from the materials in use and the room they are used in. @throws RangeError for a room without volume. */
export function cautionCard(
  jobs: readonly CardJob[],
  room: { volumeM3: number; airChangesPerH: number },
  stores: Stores = {},
): CautionCard {
  const { supplies = CATALOGUE } = stores;
  const namesFor = (test: (materialId: string) => boolean): string[] => [
    ...new Set(
      jobs
        .flatMap(({ step }) => [step.material, step.dilution?.thinner ?? null])
        .flatMap((id) => (id !== null && test(id) ? [supplies.material(id).name.toLowerCase()] : [])),
    ),
  ];
  const warned = HAZARDS.flatMap((hazard): Caution[] => {
    const because = namesFor((id) => supplies.material(id).hazards.includes(hazard));
    return because.length > 0 ? [{ id: hazard, words: CAUTIONS[hazard], because }] : [];
  });
  const others = BY_WORK.flatMap(({ id, words, isFor }): Caution[] => {
    const because = [
      ...new Set(jobs.filter((job) => isFor(job, stores)).map(({ step }) => incomingOf(step, supplies).technique.name.toLowerCase())),
    ];
    return because.length > 0 ? [{ id, words, because }] : [];
  });
  const air = airOf(jobs, room, stores);
  const tooMuch = tooMuchOf(air, hoursOf(jobs));
  const notInThisRoom = tooMuch.some(({ of }) => of !== 'strictest-day');
  return { cautions: [...warned, ...others], air, tooMuch, notInThisRoom, defer: DEFER };
}

const WORKING_DAY_H = 8;
/** Nobody works where a tenth of what can explode is in the air (the alarm of gas meters; common practice). */
const OF_EXPLOSIVE = 0.1;
const MG_PER_G = 1000;

const hoursOf = (jobs: readonly CardJob[]): number =>
  (Math.max(...jobs.map(({ endMin }) => endMin)) - Math.min(...jobs.map(({ startMin }) => startMin))) / 60;

/**
 * What is in the air together, each against its own limit and the shares added up (the mixture formula of OSHA, 29 CFR 1910.1000(d)(2)). A limit for
 * a working day is one of eight hours, and an evening is a part of it.
 */
function tooMuchOf(air: readonly AirFigure[], hours: number): TooMuch[] {
  const sum = (share: (figure: AirFigure) => number): number => air.reduce((all, figure) => all + share(figure), 0);
  const ofDay = Math.min(hours, WORKING_DAY_H) / WORKING_DAY_H;
  const shares: TooMuch[] = [
    { of: 'explosive', share: sum((one) => one.peakMgPerM3 / (AIRBORNE[one.kind].explosiveFromGPerM3 * MG_PER_G * OF_EXPLOSIVE)) },
    { of: 'short', share: sum((one) => one.quarterMgPerM3 / one.short.mgPerM3) },
    { of: 'day', share: sum((one) => one.meanMgPerM3 / one.day.mgPerM3) * ofDay },
    { of: 'strictest-day', share: sum((one) => one.meanMgPerM3 / one.strictestDay.mgPerM3) * ofDay },
  ];
  return shares.filter(({ share }) => share > 1);
}

function airOf(jobs: readonly CardJob[], room: { volumeM3: number; airChangesPerH: number }, stores: Stores): AirFigure[] {
  const byKind = new Map<AirborneClass, Emission[]>();
  for (const job of jobs)
    for (const [kind, emission] of emissionsOf(job, stores)) byKind.set(kind, [...(byKind.get(kind) ?? []), emission]);
  const fromMin = Math.min(...jobs.map(({ startMin }) => startMin));
  const toMin = Math.max(...jobs.map(({ endMin }) => endMin));
  return [...byKind].map(([kind, emissions]): AirFigure => {
    const { name, day, strictestDay, short } = AIRBORNE[kind];
    const grams = emissions.reduce((sum, one) => sum + one.grams, 0);
    return { kind, name, grams, day, strictestDay, short, ...roomAir(emissions, room, { fromMin, toMin }) };
  });
}
