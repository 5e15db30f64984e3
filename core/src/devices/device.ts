import type { Air } from '../climate/index.js';
import type { Lab } from '../colour/index.js';

/** What a scale shows. */
export interface Weight {
  /** Null: too much lies on it. */
  grams: number | null;
  /** It has come to rest: only then is it read. */
  isSteady: boolean;
}

/** What each device measures. */
export interface Readings {
  hygrometer: Air;
  scale: Weight;
  'colour-meter': Lab;
}
export type DeviceId = keyof Readings;

export const DEVICE_IDS = ['hygrometer', 'scale', 'colour-meter'] as const satisfies readonly DeviceId[];

/**
 * Something outside that measures. The ones that ship with it are simulated, and say so. `Before` is what a stand-in is told to have before it,
 * as there is nothing real: a real device has no need of it.
 */
export interface Device<Id extends DeviceId, Before> {
  id: Id;
  name: string;
  /** Not a real device: numbers of a stand-in. */
  simulated: boolean;
  /** What it measures at a local moment, `YYYY-MM-DDTHH:mm:ss`. */
  read: (at: string, before: Before) => Readings[Id];
}

/** How a device stands: a reading that is older is the last one that came. */
export interface DeviceState<Id extends DeviceId = DeviceId> {
  id: Id;
  name: string;
  simulated: boolean;
  on: boolean;
  /** It does not answer any more; what it said last still stands. */
  isSilent: boolean;
  last: (Readings[Id] & { at: string }) | null;
}

/** The state of any device, told apart by its id. */
export type AnyDeviceState = { [Id in DeviceId]: DeviceState<Id> }[DeviceId];

/** A number that belongs to a word: stand-ins read the same at the same moment. */
export function seedOf(word: string): number {
  let seed = 17;
  for (const sign of word) seed = (seed * 31 + sign.charCodeAt(0)) >>> 0;
  return seed;
}
