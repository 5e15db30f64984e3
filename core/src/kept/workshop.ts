import { DEFAULT_WORKSHOP, movedBy, type Workshop } from '../schedule/index.js';
import { MINUTES_PER_DAY, addDays, isClock, minutesOfClock } from '../units/index.js';
import { duplicates, type PlanFault } from './fault.js';
import { each, isObject, type KeptOne, type Loose } from './kept-thing.js';

/** Longer than this nobody sits at a bench: an end before the begin is a slip, not a night. */
const LONGEST_EVENING_H = 16;

/** Longer than this an evening is rare enough to be asked about: 8 pm to 10 am is more often a slip of the pen. */
const RARE_EVENING_H = 8;

const lengthMin = (start: string, end: string): number => {
  const minutes = minutesOfClock(end) - minutesOfClock(start);
  return minutes > 0 ? minutes : minutes + MINUTES_PER_DAY;
};

/** Evenings that are longer than anybody sits at a bench. */
export function* eveningFaults(path: string, workshop: Pick<Workshop, 'weekly' | 'dates'>): Generator<PlanFault> {
  for (const key of ['weekly', 'dates'] as const)
    for (const [i, { start, end }] of workshop[key].entries())
      if (start !== null && end !== null && lengthMin(start, end) > LONGEST_EVENING_H * 60)
        yield {
          path: `${path}.${key}[${String(i)}].end`,
          value: `${start}–${end}`,
          allowed: `an evening of at most ${String(LONGEST_EVENING_H)} hours; one that ends before it begins goes on over midnight`,
        };
}

/** Hours of the longest of these evenings where that is more than most people sit at a bench; null where all are usual. */
export function rareEveningH({ weekly, dates }: Pick<Workshop, 'weekly' | 'dates'>): number | null {
  const hours = [...weekly, ...dates].flatMap(({ start, end }) =>
    start !== null && end !== null && isClock(start) && isClock(end) ? [lengthMin(start, end) / 60] : [],
  );
  const longest = Math.max(0, ...hours);
  return longest > RARE_EVENING_H ? longest : null;
}

/** What of the workshop makes no sense although each field by itself does. */
function* workshopFaults(path: string, workshop: Workshop): Generator<PlanFault> {
  yield* duplicates(`${path}.climate.places`, workshop.climate.places);
  yield* eveningFaults(path, workshop);
}

const part = (value: unknown): Loose => (isObject(value) ? value : {});

/** The first workshops were plainer: one dropper, typed daylight, nothing of the room and the equipment. */
function fromVersion1(workshop: Loose): Loose {
  const climate = part(workshop['climate']);
  const water = workshop['dropsPerMl'];
  return {
    ...workshop,
    climate: { ...climate, places: each(climate['places'], (place) => ({ ...place, models: 4 })) },
    daylight: { by: 'typed', start: '09:00', end: '15:30', latitudeDeg: 52, noon: '12:00', ...part(workshop['daylight']) },
    dropsPerMl: { water: 20, alcohol: 40, spirit: 35, hot: 40, ...(water === undefined ? {} : { water }) },
    equipment: { airbrush: true, boothModels: 6, benchModels: 12 },
    room: { volumeM3: 30, airChangesPerH: 1 },
    display: { units: 'metric', dates: 'words' },
    schools: {
      fixingPowders: 'fixer',
      base: 'brush',
      sealing: 'at-changes',
      shading: 'enamel',
      drying: 'stand',
      ground: 'grey',
      order: 'wash',
      glue: 'soap',
      repeat: 'photograph',
    },
  };
}

/** Evenings, air, light, equipment, and how the painter likes things done. */
export const workshop: KeptOne<Workshop> = {
  usual: DEFAULT_WORKSHOP,
  since: 1,
  faults: workshopFaults,
  moved: (thing, days) => ({
    ...thing,
    dates: thing.dates.map((date) => ({ ...date, date: addDays(date.date, days) })),
    planning: { ...thing.planning, kept: thing.planning.kept && movedBy(thing.planning.kept, days) },
  }),
  upgrades: {
    1: fromVersion1,
    2: (thing) => ({ ...thing, rules: [] }),
    3: (thing) => ({ ...thing, measuring: { syringeMl: 0.1, capMl: 2, spoonMl: 0.6, countBy: 'drops', currency: '' } }),
    4: (thing) => ({ ...thing, planning: { wishes: { soonest: 1, fewest: 3, easy: 0, safe: 0 }, kept: null } }),
    5: (thing) => ({ ...thing, learning: { minutes: true, drying: true } }),
    7: (thing) => ({ ...thing, equipment: { ...part(thing['equipment']), brushesMm: [3, 6, 12, 25, 50] } }),
    8: (thing) => ({ ...thing, equipment: { ...part(thing['equipment']), cans: true } }),
    9: (thing) => ({ ...thing, display: { ...part(thing['display']), clock: '24', weekFrom: 0 } }),
  },
};
