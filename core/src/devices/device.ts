/** Something outside that measures. The ones that ship with it are simulated, and say so. */
export interface Device<Reading> {
  id: string;
  name: string;
  /** Not a real device: numbers of a stand-in. */
  simulated: boolean;
  /** What it measures at a local moment, `YYYY-MM-DDTHH:mm:ss`. */
  read: (at: string) => Reading;
}

/** How a device stands: a reading that is older is the last one that came. */
export interface DeviceState<Reading> {
  id: string;
  name: string;
  simulated: boolean;
  on: boolean;
  /** It does not answer any more; what it said last still stands. */
  isSilent: boolean;
  last: (Reading & { at: string }) | null;
}
