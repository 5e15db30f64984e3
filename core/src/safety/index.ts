export * from './card.js';
export { roomAir, type Emission, type RoomAir } from './room-air.js';
export { AIRBORNE, type AirborneClass } from './solvents.js';
