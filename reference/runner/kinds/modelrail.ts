import {
  FACTORS,
  carWeightRule,
  convert,
  modelLengthMm,
  recommendedCarWeightG,
  scaleUnits,
  type Conversion,
  type WeightScale,
} from '@eveningtide/core/units';
import { compare, expectedOf, num, type RunRow, type Tolerance } from '../outcome.js';

/** The file's names of conversions, where they are longer than the core's. */
const LONG_NAMES: Record<string, Conversion> = {
  'mil (0.001 in) -> um': 'mil -> um',
  'US gallon/ft2 coverage: 1 ft2/US gal -> m2/L': 'ft2/US gal -> m2/L',
  'mmHg conventional -> kPa (13595.1 kg/m3 x g0 x 1 mm)': 'mmHg -> kPa',
};

function factor(name: string): number {
  const known = LONG_NAMES[name] ?? (name in FACTORS ? (name as Conversion) : null);
  if (!known) throw new Error(`conversion '${name}' is not known`);
  return convert(1, known);
}

export const modelrail: RunRow = (row, file) => {
  const tolerance = file.tolerance as Tolerance;
  const kind = String(row['kind']);
  if (kind === 'scale')
    return compare(expectedOf(row, ['mmPerScaleFoot', 'mmPerScaleInch', 'mmPerScaleMetre']), scaleUnits(num(row, 'ratio')), tolerance);
  if (kind === 'scaleLength')
    return compare(
      expectedOf(row, ['modelMm']),
      { modelMm: modelLengthMm(convert(num(row, 'prototypeFeet'), 'foot -> mm'), num(row, 'ratio')) },
      tolerance,
    );
  if (kind === 'unit') return compare(expectedOf(row, ['factor']), { factor: factor(String(row['conversion'])) }, tolerance);
  const scale = String(row['scale']) as WeightScale;
  if (kind === 'rp20_1') return compare(expectedOf(row, ['initialG', 'gPerInch', 'gPerCm']), carWeightRule(scale), tolerance);
  if (kind === 'rp20_1_example') {
    const grams = recommendedCarWeightG(scale, num(row, 'lengthMm'));
    return compare(expectedOf(row, ['grams', 'ounces']), { grams, ounces: grams / FACTORS['ounce avoirdupois -> g'] }, tolerance);
  }
  throw new Error(`unknown row kind '${kind}'`);
};
