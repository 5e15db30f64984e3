import { antoinePressureKPa, antoineTemperatureC, type Antoine } from '@eveningtide/core/materials';
import { AIRBORNE } from '@eveningtide/core/safety';
import { compare, type Outcome, type RunRow } from '../outcome.js';

const valueOf = (cell: unknown): number | null =>
  cell && typeof cell === 'object' && 'value' in cell && typeof cell.value === 'number' ? cell.value : null;

/** Every set of Antoine constants against the vapour pressures and the boiling point of its row. */
export const solvents: RunRow = (row, file) => {
  const tolerance = file.tolerance as { vapourPressureRel: number; boilingPointK: number };
  const sets = row['antoine'] as Antoine[];
  const limit = limitOf(row);
  if (sets.length === 0 && !limit) return { as: 'skipped' };
  const checks = sets.flatMap((set): Outcome[] => {
    const pressures = { at20: valueOf(row['vapourPressure20KPa']), at25: valueOf(row['vapourPressure25KPa']) };
    const boiling = valueOf(row['boilingPointC']);
    return [
      ...(pressures.at20 === null
        ? []
        : [compare({ at20: pressures.at20 }, { at20: antoinePressureKPa(set, 20) }, { rel: tolerance.vapourPressureRel })]),
      ...(pressures.at25 === null
        ? []
        : [compare({ at25: pressures.at25 }, { at25: antoinePressureKPa(set, 25) }, { rel: tolerance.vapourPressureRel })]),
      ...(boiling === null
        ? []
        : [compare({ boilingPointC: boiling }, { boilingPointC: antoineTemperatureC(set) }, { abs: tolerance.boilingPointK })]),
    ];
  });
  return [...checks, ...(limit ? [limit] : [])].find((check) => check.as === 'failed') ?? { as: 'passed' };
};

/** The limit that the caution card names for what stands in for a class. */
function limitOf(row: Parameters<RunRow>[0]): Outcome | null {
  const used = Object.values(AIRBORNE).find(({ name }) => String(row['name']).startsWith(name.split(' for ')[0] ?? name));
  const published = row['nioshRelTwa'] as { mgPerM3: number } | null;
  return used && published ? compare({ limitMgPerM3: published.mgPerM3 }, { limitMgPerM3: used.day.mgPerM3 }, { abs: 0 }) : null;
}
