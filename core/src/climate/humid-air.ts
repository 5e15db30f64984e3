/**
 * Humid air by the Magnus form with the constants of Sonntag, Z. Meteorol. 70 (1990) 340:
 * 6.112 hPa, 17.62, 243.12 °C over liquid water. Ideal gas, no enhancement factor.
 * 0.2–0.31 % low against steam tables between 10 and 40 °C; in dew points the error nearly cancels.
 */
const MAGNUS_KPA = 0.6112;
const MAGNUS_B = 17.62;
const MAGNUS_C = 243.12;

/** Standard atmosphere, kPa. */
export const STANDARD_PRESSURE_KPA = 101.325;
/** Specific gas constant of water vapour, J/(kg·K). */
const WATER_VAPOUR_R = 461.5;
/** Molar mass of water over that of dry air. */
const MASS_RATIO = 0.62198;

/** ISO 8502-4: a surface should be at least this much warmer than the dew point before it is coated. */
export const DEW_POINT_MARGIN_K = 3;

export interface Air {
  tempC: number;
  rhPct: number;
}

/** Standard atmosphere 23/50, ISO 291: the air in which drying times of data sheets hold. */
export const REFERENCE_AIR: Readonly<Air> = { tempC: 23, rhPct: 50 };
/** A living room: the air in which the trade’s own times hold ("overnight", "ten minutes"). */
export const ROOM_AIR: Readonly<Air> = { tempC: 20, rhPct: 50 };

/** Psychrometer constant at standard pressure, kPa/K: c_p · p / (0.622 · latent heat of evaporation). */
const PSYCHROMETER_KPA_PER_K = 0.0665;

function assertTemp(tempC: number): void {
  if (!(tempC >= -40 && tempC <= 200)) throw new RangeError(`tempC must be between -40 and 200, got ${String(tempC)}`);
}

function assertRh(rhPct: number): void {
  if (!(rhPct > 0 && rhPct <= 100)) throw new RangeError(`rhPct must be above 0 and at most 100, got ${String(rhPct)}`);
}

/** Saturation vapour pressure over water, kPa. @throws RangeError outside -40…200 °C. */
export function saturationPressureKPa(tempC: number): number {
  assertTemp(tempC);
  return MAGNUS_KPA * Math.exp((MAGNUS_B * tempC) / (MAGNUS_C + tempC));
}

/** Partial pressure of water vapour, kPa. */
export function vapourPressureKPa(air: Air): number {
  assertRh(air.rhPct);
  return (saturationPressureKPa(air.tempC) * air.rhPct) / 100;
}

/** Dew point, °C: the Magnus form solved for temperature. */
export function dewPointC(air: Air): number {
  const g = Math.log(vapourPressureKPa(air) / MAGNUS_KPA);
  return (MAGNUS_C * g) / (MAGNUS_B - g);
}

/** Grams of water per kilogram of dry air. */
export function mixingRatioGPerKg(air: Air, pressureKPa = STANDARD_PRESSURE_KPA): number {
  const e = vapourPressureKPa(air);
  return (1000 * MASS_RATIO * e) / (pressureKPa - e);
}

/** Grams of water per cubic metre of air. */
export function absoluteHumidityGPerM3(air: Air): number {
  return (vapourPressureKPa(air) * 1e6) / (WATER_VAPOUR_R * (air.tempC + 273.15));
}

/** What the air can still take up, kPa: saturation minus present vapour pressure. */
export function dryingDeficitKPa(air: Air): number {
  return saturationPressureKPa(air.tempC) - vapourPressureKPa(air);
}

/**
 * Temperature, °C, of a wet film in air of this temperature that holds so much vapour (kPa): what evaporates cools it, until
 * as much heat comes as goes. Psychrometer equation, by bisection.
 */
export function wetBulbC(airTempC: number, vapourKPa: number): number {
  let [low, high] = [-20, airTempC];
  for (let i = 0; i < 40; i++) {
    const mid = (low + high) / 2;
    const left = saturationPressureKPa(mid) - PSYCHROMETER_KPA_PER_K * (airTempC - mid);
    if (left > vapourKPa) high = mid;
    else low = mid;
  }
  return (low + high) / 2;
}

/** ISO 8502-4 check. `surfaceTempC` defaults to the air's temperature. */
export function dewPointRule(air: Air, surfaceTempC = air.tempC): { dewPointC: number; marginK: number; ok: boolean } {
  const dew = dewPointC(air);
  const marginK = surfaceTempC - dew;
  return { dewPointC: dew, marginK, ok: marginK >= DEW_POINT_MARGIN_K };
}

/** Highest relative humidity, %, at which a surface at air temperature still keeps the dew-point margin. */
export function maxRhForDewPointRule(airTempC: number): number {
  return (100 * saturationPressureKPa(airTempC - DEW_POINT_MARGIN_K)) / saturationPressureKPa(airTempC);
}
