/**
 * Unit conversions at the edges of the core. Inside, everything is mm, mm², mL, µm, minutes, °C, %RH, kPa and g.
 * Factors: NIST Special Publication 811 (2008), appendix B; exact where the definition is exact.
 */

/** Multiply a value in the first unit by the factor to get the second. Keys read `from -> to`. */
export const FACTORS = {
  'inch -> mm': 25.4,
  'foot -> mm': 304.8,
  'US gallon -> L': 3.785411784,
  'US fluid ounce -> mL': 29.5735295625,
  'US quart -> mL': 946.352946,
  'US pint -> mL': 473.176473,
  'imperial gallon -> L': 4.54609,
  'imperial fluid ounce -> mL': 28.4130625,
  'imperial pint -> mL': 568.26125,
  'ounce avoirdupois -> g': 28.349523125,
  'pound avoirdupois -> g': 453.59237,
  'psi -> kPa': 6.894757293168361,
  'psi -> bar': 0.06894757293168362,
  'bar -> psi': 14.50377377302092,
  'mil -> um': 25.4,
  'ft2/US gal -> m2/L': 0.024542386747111157,
  'mmHg -> kPa': 0.133322387415,
  'atm -> kPa': 101.325,
  'square foot -> m2': 0.09290304,
} as const;

export type Conversion = keyof typeof FACTORS;

/** @throws RangeError when the value is not a finite number. */
export function convert(value: number, conversion: Conversion): number {
  if (!Number.isFinite(value)) throw new RangeError(`value must be a finite number, got ${String(value)}`);
  return value * FACTORS[conversion];
}

export const celsiusFromFahrenheit = (tempF: number): number => ((tempF - 32) * 5) / 9;
export const fahrenheitFromCelsius = (tempC: number): number => (tempC * 9) / 5 + 32;
