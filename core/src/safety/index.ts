export * from './card.js';
export type { AirFigure, TooMuch } from './too-much.js';
export type { CardJob } from './job.js';
export { cautionsOfTechnique } from './of-technique.js';
export { roomAir, type Emission, type RoomAir } from './room-air.js';
export { AIRBORNE, type AirborneClass, type Limit } from './solvents.js';
