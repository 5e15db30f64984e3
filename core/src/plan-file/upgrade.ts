import { DROPS_PER_ML } from '../mixing/index.js';
import { DEFAULT_WORKSHOP } from '../schedule/index.js';

type Loose = Record<string, unknown>;

const isObject = (value: unknown): value is Loose => typeof value === 'object' && value !== null && !Array.isArray(value);

const each = (list: unknown, change: (thing: Loose) => Loose): unknown =>
  Array.isArray(list) ? list.map((thing: unknown) => (isObject(thing) ? change(thing) : thing)) : list;

/** Version 1 knew no own materials, no sizes, no archive, and a plainer workshop. */
function fromVersion1(plan: Loose): Loose {
  const workshop = isObject(plan['workshop']) ? plan['workshop'] : null;
  const daylight = workshop && isObject(workshop['daylight']) ? workshop['daylight'] : {};
  const climate = workshop && isObject(workshop['climate']) ? workshop['climate'] : {};
  const water = workshop?.['dropsPerMl'];
  const { equipment, room, display, schools } = DEFAULT_WORKSHOP;
  return {
    ...plan,
    version: 2,
    materials: [],
    ...(workshop
      ? {
          workshop: {
            ...workshop,
            climate: { ...climate, places: each(climate['places'], (place) => ({ ...place, models: 4 })) },
            daylight: { ...DEFAULT_WORKSHOP.daylight, ...daylight },
            dropsPerMl: { ...DROPS_PER_ML, ...(water === undefined ? {} : { water }) },
            equipment,
            room,
            display,
            schools,
          },
        }
      : {}),
    bottles: each(plan['bottles'], (bottle) => ({ ...bottle, triedOn: null })),
    pieces: each(plan['pieces'], (piece) => ({
      ...piece,
      sizeMm: null,
      archivedOn: null,
      pictures: each(piece['pictures'], (picture) => ({ ...picture, takenOn: null, widthPx: 0, heightPx: 0 })),
      steps: each(piece['steps'], (step) => ({ ...step, members: null })),
    })),
  };
}

/**
 * A plan file of an older version as one of this version; anything else as it came. The shape is checked afterwards, so
 * a broken file stays broken and is refused with its faults named.
 */
export function upgraded(file: unknown): unknown {
  let plan = file;
  for (const [version, upgrade] of UPGRADES) if (isObject(plan) && plan['version'] === version) plan = upgrade(plan);
  return plan;
}

const UPGRADES: readonly [from: number, upgrade: (plan: Loose) => Loose][] = [
  [1, fromVersion1],
  [2, fromVersion2],
  [3, fromVersion3],
  [4, fromVersion4],
  [5, fromVersion5],
];

/** Version 2 knew no finishes, no wishes and no settings for rules; a batch had nothing to say how alike it should be. */
function fromVersion2(plan: Loose): Loose {
  const workshop = plan['workshop'];
  return {
    ...plan,
    version: 3,
    workshop: isObject(workshop) ? { ...workshop, rules: [] } : workshop,
    finishes: [],
    pieces: each(plan['pieces'], (piece) => ({
      ...piece,
      likeness: 'own',
      varySeed: null,
      finish: null,
      intent: null,
      waivers: [],
      zones: each(piece['zones'], (zone) => ({ ...zone, startColour: null })),
      steps: each(piece['steps'], (step) => ({ ...step, fromWish: null })),
    })),
  };
}

const withMix = (step: Loose): Loose => ({ ...step, mixId: null });

/** Version 3 knew no mixes, no prices and no swatches, and nothing of syringes and spoons. */
function fromVersion3(plan: Loose): Loose {
  const workshop = plan['workshop'];
  return {
    ...plan,
    version: 4,
    workshop: isObject(workshop) ? { ...workshop, measuring: DEFAULT_WORKSHOP.measuring } : workshop,
    bottles: each(plan['bottles'], (bottle) => ({ ...bottle, price: null, whiteSwatch: null, dropsPerMl: null })),
    mixes: [],
    finishes: each(plan['finishes'], (finish) => ({
      ...finish,
      versions: each(finish['versions'], (version) => ({ ...version, steps: each(version['steps'], withMix) })),
    })),
    pieces: each(plan['pieces'], (piece) => ({ ...piece, steps: each(piece['steps'], withMix) })),
  };
}

/** Version 4 knew no wishes for evenings and kept no plan. */
function fromVersion4(plan: Loose): Loose {
  const workshop = plan['workshop'];
  return { ...plan, version: 5, workshop: isObject(workshop) ? { ...workshop, planning: DEFAULT_WORKSHOP.planning } : workshop };
}

/** Version 5 had no log, and learnt nothing. */
function fromVersion5(plan: Loose): Loose {
  const workshop = plan['workshop'];
  return { ...plan, version: 6, workshop: isObject(workshop) ? { ...workshop, learning: DEFAULT_WORKSHOP.learning } : workshop, log: [] };
}
