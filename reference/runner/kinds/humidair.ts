import { absoluteHumidityGPerM3, dewPointC, mixingRatioGPerKg, saturationPressureKPa, vapourPressureKPa } from '@eveningtide/core/climate';
import { compare, expectedOf, num, type RunRow, type Tolerance } from '../outcome.js';

export const humidair: RunRow = (row, file) => {
  const kind = String(row['kind']);
  const tolerance = (file.tolerance as Record<string, Tolerance>)[kind] ?? {};
  const tempC = num(row, 'tC');
  if (kind === 'saturation') return compare(expectedOf(row, ['pSatKPa']), { pSatKPa: saturationPressureKPa(tempC) }, tolerance);
  const air = { tempC, rhPct: num(row, 'rhPct') };
  if (kind === 'dewPoint') return compare(expectedOf(row, ['dewPointC']), { dewPointC: dewPointC(air) }, tolerance);
  if (kind !== 'vapour') throw new Error(`unknown row kind '${kind}'`);
  const got = {
    vapourPressureKPa: vapourPressureKPa(air),
    mixingRatioGPerKg: mixingRatioGPerKg(air, num(row, 'pressureKPa')),
    absoluteHumidityGPerM3: absoluteHumidityGPerM3(air),
  };
  return compare(expectedOf(row, Object.keys(got)), got, tolerance);
};
