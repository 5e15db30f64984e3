/** A surface cut across, in a frame of 160 × 72: a groove at the left, a raised edge at the right. */
export const SURFACE = {
  recess: 'M36 34V56Q36 60 40 60H56Q60 60 60 56V34',
  face: 'M0 34H36M60 34H94M134 34H160',
  crest: 'M94 34V20Q94 8 106 8H122Q134 8 134 20V34',
  /** From end to end. */
  all: 'M0 34H36V56Q36 60 40 60H56Q60 60 60 56V34H94V20Q94 8 106 8H122Q134 8 134 20V34H160',
} as const;

/** What lies below it. */
export const BODY = `${SURFACE.all}V72H0z`;
