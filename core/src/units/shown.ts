/**
 * Figures as the painter reads them. SI is kept everywhere; only what is shown and typed is converted.
 * Factors: NIST SP 811 (inch, foot, US and imperial fluid ounce are exact by definition).
 */
export const UNIT_SYSTEMS = ['metric', 'us', 'imperial'] as const;
export type UnitSystem = (typeof UNIT_SYSTEMS)[number];

export const QUANTITIES = ['length', 'prototypeLength', 'area', 'volume', 'temperature', 'roomVolume'] as const;
export type Quantity = (typeof QUANTITIES)[number];

interface Unit {
  name: string;
  /** Shown = SI × factor + offset. */
  factor: number;
  offset?: number;
  digits: number;
}

const INCH_MM = 25.4;
const FOOT_M = 0.3048;
/** The fluid ounce of the United States, mL. */
export const US_FL_OZ_ML = 29.5735295625;
const IMPERIAL_FL_OZ_ML = 28.4130625;

const INCHES: Unit = { name: 'in', factor: 1 / INCH_MM, digits: 2 };
const FEET_AND_FAHRENHEIT = {
  length: INCHES,
  prototypeLength: { name: 'ft', factor: 1 / (FOOT_M * 1000), digits: 2 },
  area: { name: 'sq in', factor: 1 / INCH_MM ** 2, digits: 2 },
  temperature: { name: '°F', factor: 1.8, offset: 32, digits: 1 },
  roomVolume: { name: 'cu ft', factor: 1 / FOOT_M ** 3, digits: 0 },
} as const;

/** SI side: length and prototypeLength mm, area mm², volume mL, temperature °C, roomVolume m³. */
const UNITS: Record<UnitSystem, Record<Quantity, Unit>> = {
  metric: {
    length: { name: 'mm', factor: 1, digits: 1 },
    prototypeLength: { name: 'm', factor: 0.001, digits: 2 },
    area: { name: 'cm²', factor: 0.01, digits: 1 },
    volume: { name: 'ml', factor: 1, digits: 2 },
    temperature: { name: '°C', factor: 1, digits: 1 },
    roomVolume: { name: 'm³', factor: 1, digits: 1 },
  },
  us: { ...FEET_AND_FAHRENHEIT, volume: { name: 'US fl oz', factor: 1 / US_FL_OZ_ML, digits: 3 } },
  imperial: { ...FEET_AND_FAHRENHEIT, volume: { name: 'fl oz', factor: 1 / IMPERIAL_FL_OZ_ML, digits: 3 } },
};

export const unitName = (quantity: Quantity, system: UnitSystem): string => UNITS[system][quantity].name;

/** The figure to show for an SI figure, not rounded. */
export function toShown(si: number, quantity: Quantity, system: UnitSystem): number {
  const { factor, offset = 0 } = UNITS[system][quantity];
  return si * factor + offset;
}

/** The SI figure for one that was typed. */
export function fromShown(shown: number, quantity: Quantity, system: UnitSystem): number {
  const { factor, offset = 0 } = UNITS[system][quantity];
  return (shown - offset) / factor;
}

/** The figure to put into a field: rounded as it is shown. */
export const fieldValue = (si: number, quantity: Quantity, system: UnitSystem): number =>
  Number(toShown(si, quantity, system).toFixed(UNITS[system][quantity].digits));

/** `12.5 cm²`, `1.94 sq in`: at most as many decimals as the unit is read to. What is there is never told as nothing. */
export function formatShown(si: number, quantity: Quantity, system: UnitSystem): string {
  const { digits, offset } = UNITS[system][quantity];
  const value = fieldValue(si, quantity, system);
  const isSome = offset === undefined && si > 0 && value === 0;
  return `${isSome ? `under ${String(10 ** -digits)}` : String(value)} ${unitName(quantity, system)}`;
}
