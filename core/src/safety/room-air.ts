/** Solvent that goes into the air, evenly from one minute to another; a burst where both are the same. */
export interface Emission {
  fromMin: number;
  toMin: number;
  grams: number;
}

export interface RoomAir {
  /** The highest concentration, mg/m³, and when. */
  peakMgPerM3: number;
  peakMin: number;
  /** Mean from the first minute to the last. */
  meanMgPerM3: number;
  /** The highest mean over a quarter of an hour; of a shorter time, over all of it. */
  quarterMgPerM3: number;
}

const MG_PER_G = 1000;
const MIN_PER_H = 60;
const QUARTER_MIN = 15;

/**
 * Concentration in a well-mixed room: V·dC/dt = G − Q·C with Q = V·n, solved exactly from minute to minute (common practice of industrial hygiene; the
 * breathing zone at the bench is worse, so what comes out is a lower bound). Nothing is in the air before.
 * @param airChangesPerH n, fresh air only; 0 is a closed room
 * @throws RangeError unless the volume is above 0 and the air changes are not below 0
 */
export function roomAir(
  emissions: readonly Emission[],
  { volumeM3, airChangesPerH }: { volumeM3: number; airChangesPerH: number },
  { fromMin, toMin }: { fromMin: number; toMin: number },
): RoomAir {
  if (!(volumeM3 > 0)) throw new RangeError(`volumeM3 must be above 0, got ${String(volumeM3)}`);
  if (!(airChangesPerH >= 0)) throw new RangeError(`airChangesPerH must be 0 or more, got ${String(airChangesPerH)}`);
  const perMin = airChangesPerH / MIN_PER_H;
  const kept = Math.exp(-perMin);
  // what one gram, given off evenly over a minute, leaves in the air at its end
  const ofEven = perMin === 0 ? 1 : -Math.expm1(-perMin) / perMin;
  let [now, peakMgPerM3, peakMin, sum] = [0, 0, fromMin, 0];
  const minutes = Math.max(1, Math.ceil(toMin - fromMin));
  const window: number[] = [];
  let [inWindow, quarter] = [0, 0];
  for (let i = 0; i < minutes; i++) {
    const [start, end] = [fromMin + i, fromMin + i + 1];
    const bursts = emissions.filter((one) => one.fromMin === one.toMin && one.fromMin >= start && one.fromMin < end);
    const even = emissions.filter((one) => one.toMin > one.fromMin);
    const grams = even.reduce(
      (all, one) => all + (one.grams * Math.max(0, Math.min(one.toMin, end) - Math.max(one.fromMin, start))) / (one.toMin - one.fromMin),
      0,
    );
    const burst = bursts.reduce((all, one) => all + one.grams, 0);
    now += (burst * MG_PER_G) / volumeM3;
    if (now > peakMgPerM3) [peakMgPerM3, peakMin] = [now, start];
    now = now * kept + (grams * MG_PER_G * ofEven) / volumeM3;
    sum += now;
    window.push(now);
    inWindow += now - (window.length > QUARTER_MIN ? (window.shift() ?? 0) : 0);
    quarter = Math.max(quarter, inWindow);
    if (now > peakMgPerM3) [peakMgPerM3, peakMin] = [now, end];
  }
  return { peakMgPerM3, peakMin, meanMgPerM3: sum / minutes, quarterMgPerM3: quarter / Math.min(QUARTER_MIN, minutes) };
}
