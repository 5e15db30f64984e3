import type { LogEntry } from '../log/index.js';
import { EMPTY_SHELF } from '../materials/index.js';
import { pieceFromTemplate, plainStep, templateById, type Piece, type Step } from '../subjects/index.js';
import type { PlanInput } from './plan-input.js';
import { DEFAULT_WORKSHOP, type Workshop } from './workshop.js';

/** For tests: a bench with an evening each day, and vans with a few words a step. */
export const MONDAY = '2026-11-23';

export const eachDay = (start: string, end: string): Workshop['weekly'] =>
  [0, 1, 2, 3, 4, 5, 6].map((weekday) => ({ weekday, start, end }));

/** From seven to nine, every day. */
export const everyEvening = (more: Partial<Workshop> = {}): Workshop => ({
  ...DEFAULT_WORKSHOP,
  weekly: eachDay('19:00', '21:00'),
  ...more,
});

/** A step on all zones: technique, material, and what else there is to say. */
export type Short = [technique: string, material: string | null, more?: Partial<Step>];

export function vanWith(id: string, steps: readonly Short[], more: Partial<Piece> = {}): Piece {
  const bare = pieceFromTemplate(templateById('van'), { id, name: id, scaleRatio: 76 });
  return {
    ...bare,
    ...more,
    steps: steps.map(([technique, material, given], i) =>
      plainStep({ id: `s${String(i + 1)}`, technique, material, zones: ['all'], ...given }),
    ),
  };
}

/** What a plan is made from at the everyday bench, with nothing on the shelf. */
export const givenAt = (pieces: readonly Piece[], log: readonly LogEntry[], nowMin: number): PlanInput => ({
  pieces,
  log,
  nowMin,
  workshop: everyEvening(),
  shelf: EMPTY_SHELF,
  originDate: MONDAY,
});
