import type { Stores } from '../coverage/index.js';
import { CATALOGUE, CAUTIONS, DEFER, type Hazard } from '../materials/index.js';
import { incomingOf } from '../sequence/index.js';
import type { Piece, Step } from '../subjects/index.js';
import { emissionsOf } from './emissions.js';
import { BY_WORK } from './by-work.js';
import { roomAir, type Emission, type RoomAir } from './room-air.js';
import { AIRBORNE, type AirborneClass } from './solvents.js';

export interface CardJob {
  step: Step;
  piece: Piece;
  startMin: number;
  endMin: number;
}

/** What to mind, and because of what. */
export interface Caution {
  id: string;
  words: string;
  /** Materials it is for, by name. */
  because: string[];
}

export interface AirFigure extends RoomAir {
  kind: AirborneClass;
  name: string;
  grams: number;
  limitMgPerM3: number | null;
  limitSource: string;
}

export interface CautionCard {
  cautions: Caution[];
  /** Lower bounds for the room; never a proof that it is safe. */
  air: AirFigure[];
  defer: string;
}

const HAZARDS: Hazard[] = ['flammable-vapour', 'dust', 'oily-rags', 'fast-glue', 'hot', 'metal-flake'];

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
  return { cautions: [...warned, ...others], air: airOf(jobs, room, stores), defer: DEFER };
}

function airOf(jobs: readonly CardJob[], room: { volumeM3: number; airChangesPerH: number }, stores: Stores): AirFigure[] {
  const byKind = new Map<AirborneClass, Emission[]>();
  for (const job of jobs)
    for (const [kind, emission] of emissionsOf(job, stores)) byKind.set(kind, [...(byKind.get(kind) ?? []), emission]);
  const fromMin = Math.min(...jobs.map(({ startMin }) => startMin));
  const toMin = Math.max(...jobs.map(({ endMin }) => endMin));
  return [...byKind].map(([kind, emissions]): AirFigure => {
    const { name, limitMgPerM3, limitSource } = AIRBORNE[kind];
    const grams = emissions.reduce((sum, one) => sum + one.grams, 0);
    return { kind, name, grams, limitMgPerM3, limitSource, ...roomAir(emissions, room, { fromMin, toMin }) };
  });
}
