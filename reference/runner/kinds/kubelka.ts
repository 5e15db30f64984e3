import { OPAQUE_FROM, contrastRatio, filmOverBacking, ksFromReflectance, ksOfEvenMix, reflectanceFromKs } from '@eveningtide/core/colour';
import { compare, expectedOf, num, type Outcome, type RunRow, type Tolerance } from '../outcome.js';

type Row = Record<string, unknown>;

const filmOf = (row: Row) => ({ k: num(row, 'K'), s: num(row, 'S'), x: num(row, 'X') });

/** A film that does not scatter has no reflectance of its own; the file then says null. */
const ownReflectance = (row: Row): Record<string, number> => {
  const { k, s } = filmOf(row);
  return s === 0 ? {} : { RinfOfLayer: reflectanceFromKs(k / s) };
};

function evenMix(row: Row): Record<string, number> {
  const [r1, r2, share] = [num(row, 'R1'), num(row, 'R2'), num(row, 'volumeFractionOf2')];
  const ks = ksOfEvenMix(ksFromReflectance(r1), ksFromReflectance(r2), share);
  return { KSmix: ks, Rmix: reflectanceFromKs(ks) };
}

const QUANTITIES: Record<string, (row: Row, tolerance: Tolerance) => Outcome> = {
  ksFromReflectance: (row, t) => compare(expectedOf(row, ['KS']), { KS: ksFromReflectance(num(row, 'R')) }, t),
  rInfFromKS: (row, t) => compare(expectedOf(row, ['Rinf']), { Rinf: reflectanceFromKs(num(row, 'KS')) }, t),
  mixtureEqualScattering: (row, t) => compare(expectedOf(row, ['KSmix', 'Rmix']), evenMix(row), t),
  finiteLayerOverBacking: (row, t) =>
    compare(expectedOf(row, ['R', 'RinfOfLayer']), { R: filmOverBacking(filmOf(row), num(row, 'Rg')), ...ownReflectance(row) }, t),
  contrastRatio: (row, t) => {
    if (num(row, 'RgBlack') !== 0) throw new Error('row compares against a backing that is not black');
    const { overBlack, overWhite, ratio } = contrastRatio(filmOf(row), num(row, 'RgWhite'));
    const opaque = ratio >= OPAQUE_FROM;
    if (opaque !== row['opaqueAt098'])
      return { as: 'failed', why: `expected opaqueAt098 ${String(row['opaqueAt098'])} got ${String(opaque)}` };
    return compare(
      expectedOf(row, ['Rblack', 'Rwhite', 'contrastRatio']),
      { Rblack: overBlack, Rwhite: overWhite, contrastRatio: ratio },
      t,
    );
  },
};

export const kubelka: RunRow = (row, file) => {
  const quantity = QUANTITIES[String(row['kind'])];
  if (!quantity) throw new Error(`unknown row kind '${String(row['kind'])}'`);
  return quantity(row, file.tolerance as Tolerance);
};
