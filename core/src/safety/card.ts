import type { Stores } from '../coverage/index.js';
import { CATALOGUE, CAUTIONS, DEFER, type Hazard } from '../materials/index.js';
import { incomingOf } from '../sequence/index.js';
import { emissionsOf } from './emissions.js';
import { BY_WORK } from './by-work.js';
import type { CardJob } from './job.js';
import { isNotInThisRoom, tooMuchOf, type AirFigure, type TooMuch } from './too-much.js';
import { roomAir, type Emission } from './room-air.js';
import { AIRBORNE, type AirborneClass } from './solvents.js';

/** What to mind, and because of what. */
export interface Caution {
  id: string;
  words: string;
  /** Materials it is for, by name. */
  because: string[];
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
  const air = airOf(jobs, room, stores);
  const tooMuch = tooMuchOf(air, hoursOf(jobs));
  const notInThisRoom = isNotInThisRoom(tooMuch);
  return { cautions: cautionsOf(jobs, stores), air, tooMuch, notInThisRoom, defer: DEFER };
}

/** What to mind in some work: of its materials first, then of what is done. */
export function cautionsOf(jobs: readonly CardJob[], stores: Stores = {}): Caution[] {
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
  return [...warned, ...others];
}

const hoursOf = (jobs: readonly CardJob[]): number =>
  (Math.max(...jobs.map(({ endMin }) => endMin)) - Math.min(...jobs.map(({ startMin }) => startMin))) / 60;

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
