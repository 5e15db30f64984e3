import type { Priority } from './step.js';

/** Where the prototype stands and how it is kept: what proposes how strong each effect is. */
export const REGIONS = ['coast', 'humid', 'clay', 'desert', 'plains'] as const;
export type Region = (typeof REGIONS)[number];

export const ERAS = ['steam', 'diesel', 'modern'] as const;
export type Era = (typeof ERAS)[number];

export const UPKEEPS = ['cared-for', 'usual', 'neglected'] as const;
export type Upkeep = (typeof UPKEEPS)[number];

export const DISTANCES = ['hand', 'metre', 'room'] as const;
/** Seen from a hand's breadth, a metre, or across the room. */
export type Distance = (typeof DISTANCES)[number];

export interface Story {
  region: Region;
  era: Era;
  /** Years in service since it was last painted. */
  ageYears: number;
  upkeep: Upkeep;
  seenFrom: Distance;
  /** It is made to be photographed. */
  camera: boolean;
}

/** One effect that the piece should show. Null is: as the effect usually is. */
export interface Wish {
  id: string;
  effect: string;
  /** Id of one of the effect's ways. */
  way: string | null;
  /** Zone ids. */
  zones: string[] | null;
  featureId: string | null;
  /** 0–1: from a breath to all that it may be. */
  intensity: number;
  priority: Priority;
  /** #rrggbb of its main colour. */
  colour: string | null;
}

/** What the painter wants, from which the sequence is arranged. */
export interface Intent {
  story: Story;
  wishes: Wish[];
  /** The first so many steps are done: they stay as they are. */
  doneSteps: number;
  /** Steps of one's own keep their order where it is right. */
  keepOrder: boolean;
  /** Hands-on minutes there are; null: as long as it takes. */
  timeBoxMin: number | null;
}

/** A middling story, to be changed. */
export const USUAL_STORY: Story = { region: 'coast', era: 'diesel', ageYears: 8, upkeep: 'usual', seenFrom: 'metre', camera: false };

export const NO_INTENT: Intent = { story: USUAL_STORY, wishes: [], doneSteps: 0, keepOrder: true, timeBoxMin: null };
