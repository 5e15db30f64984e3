import { dewPointRule, maxRhForDewPointRule } from '@eveningtide/core/climate';
import { paintNeededMl, spreadingRate, wetFilm } from '@eveningtide/core/coverage';
import { diluteStrength, dropsFromMl, mlFromDrops, volumesFromParts } from '@eveningtide/core/mixing';
import { compare, expectedOf, num, type Outcome, type RunRow, type Tolerance } from '../outcome.js';

const MM2_PER_CM2 = 100;
const MM2_PER_DM2 = 10_000;

type Row = Record<string, unknown>;

function spreading(row: Row): Record<string, number> {
  const solids = num(row, 'volumeSolidsPct');
  const dryFilmUm = num(row, 'dftUm');
  const oneDm2 = (lossPct: number) => paintNeededMl({ areaMm2: MM2_PER_DM2, dryFilmUm, volumeSolidsPct: solids, lossPct, coats: 1 });
  return {
    ...spreadingRate(solids, dryFilmUm, num(row, 'lossPct')),
    mlForOneDm2: oneDm2(0),
    mlForOneDm2WithLoss: oneDm2(num(row, 'lossPct')),
  };
}

function strength(row: Row): Record<string, number> {
  const [stock, wanted] = [num(row, 'c1Pct'), num(row, 'c2Pct')];
  const { totalMl, diluentMl } = diluteStrength(stock, wanted, num(row, 'v1Ml'));
  const stockFor100 = (100 * wanted) / stock;
  return { v2Ml: totalMl, addDiluentMl: diluentMl, stockMl: stockFor100, diluentMl: diluteStrength(stock, wanted, stockFor100).diluentMl };
}

const list = (values: unknown, name: string): Record<string, number> =>
  Object.fromEntries((values as number[]).map((v, i) => [`${name}${String(i)}`, v]));

const QUANTITIES: Record<string, (row: Row, tolerance: Tolerance) => Outcome> = {
  spreadingRate: (row, t) =>
    compare(expectedOf(row, ['theoreticalM2PerL', 'practicalM2PerL', 'mlForOneDm2', 'mlForOneDm2WithLoss']), spreading(row), t),
  paintNeeded: (row, t) =>
    compare(
      expectedOf(row, ['millilitres']),
      {
        millilitres: paintNeededMl({
          areaMm2: num(row, 'areaCm2') * MM2_PER_CM2,
          dryFilmUm: num(row, 'dftUm'),
          volumeSolidsPct: num(row, 'volumeSolidsPct'),
          lossPct: num(row, 'lossPct'),
          coats: num(row, 'coats'),
        }),
      },
      t,
    ),
  wetFilm: (row, t) => {
    const film = wetFilm(num(row, 'dftUm'), num(row, 'volumeSolidsPct'), num(row, 'thinnerPctOfPaintVolume'));
    return compare(
      expectedOf(row, ['wftUm', 'volumeSolidsAfterThinningPct']),
      { wftUm: film.wetFilmUm, volumeSolidsAfterThinningPct: film.volumeSolidsPct },
      t,
    );
  },
  dewPointRule: (row, t) => {
    const rule = dewPointRule({ tempC: num(row, 'airTempC'), rhPct: num(row, 'rhPct') }, num(row, 'surfaceTempC'));
    if (rule.ok !== row['ok']) return { as: 'failed', why: `expected ok ${String(row['ok'])} got ${String(rule.ok)}` };
    // the file gives dew points to a thousandth of a kelvin; half of that is rounding
    return compare(expectedOf(row, ['dewPointC', 'marginK']), { dewPointC: rule.dewPointC, marginK: rule.marginK }, { ...t, abs: 0.0005 });
  },
  maxRhSurfaceAtAir: (row, t) => compare(expectedOf(row, ['maxRhPct']), { maxRhPct: maxRhForDewPointRule(num(row, 'airTempC')) }, t),
  c1v1: (row, t) => {
    const for100 = row['for100MlTarget'] as Row;
    return compare({ ...expectedOf(row, ['v2Ml', 'addDiluentMl']), ...expectedOf(for100, ['stockMl', 'diluentMl']) }, strength(row), t);
  },
  parts: (row, t) => {
    const volumes = volumesFromParts(row['parts'] as number[], num(row, 'totalMl'));
    const drops = volumes.map((ml) => dropsFromMl(ml, 20));
    return compare(
      { ...list(row['volumesMl'], 'ml'), ...list(row['dropsAt20PerMl'], 'drops') },
      { ...list(volumes, 'ml'), ...list(drops, 'drops') },
      t,
    );
  },
  drops: (row, t) => compare(expectedOf(row, ['ml']), { ml: mlFromDrops(num(row, 'drops'), num(row, 'dropsPerMl')) }, t),
};

export const coatings: RunRow = (row, file) => {
  const quantity = QUANTITIES[String(row['kind'])];
  if (!quantity) throw new Error(`unknown row kind '${String(row['kind'])}'`);
  return quantity(row, file.tolerance as Tolerance);
};
