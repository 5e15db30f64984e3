import type { Lab } from '../colour/index.js';
import { normal, seededFrom } from '../units/index.js';
import { seedOf, type Device } from './device.js';

/** How a cheap meter wavers from one placing to the next on a matt, uneven surface, one spread of L*, a* and b* (our numbers, from memory of data sheets). */
const NOISE: Lab = { l: 0.5, a: 0.25, b: 0.35 };

export interface UnderTheMeter {
  /** The colour that it is held against. */
  lab: Lab;
  /** Which reading of the moment: each placing is another. */
  turn: number;
}

/** A simulated colour meter: the colour it is said to be held against, with the waver of placing it. Deterministic by moment and turn. */
export function simulatedColourMeter(): Device<'colour-meter', UnderTheMeter> {
  return {
    id: 'colour-meter',
    name: 'Colour meter',
    simulated: true,
    read: (at, { lab, turn }) => {
      const random = seededFrom(seedOf(`${at} ${String(turn)}`));
      const shown = (value: number, spread: number): number => Math.round((value + normal(random) * spread) * 100) / 100;
      return { l: Math.min(100, Math.max(0, shown(lab.l, NOISE.l))), a: shown(lab.a, NOISE.a), b: shown(lab.b, NOISE.b) };
    },
  };
}
