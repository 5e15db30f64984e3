import type { Air } from '@eveningtide/core/climate';
import { planningAir } from '@eveningtide/core/devices';
import type { AirSource } from '@eveningtide/core/log';
import { useMemo } from 'react';
import { useWorkshopQuery } from './api.js';
import { useDevice } from './devices.js';

export interface BenchAir {
  /** At the bench now: as the hygrometer reads, else as the painter typed it. */
  air: Air;
  from: AirSource;
  /** Local moment of the reading; null where it was typed. */
  at: string | null;
  /** The hygrometer is on and does not answer: what it said last stands. */
  isSilent: boolean;
}

/** The air at the bench and where it is known from; null until the workshop is known. */
export function useBenchAir(): BenchAir | null {
  const { data: workshop } = useWorkshopQuery();
  const typed = workshop?.workshop.climate.evening;
  const hygrometer = useDevice('hygrometer');
  return useMemo(() => {
    if (!typed) return null;
    const { last = null, isSilent = false } = hygrometer ?? {};
    if (!last) return { air: typed, from: 'typed' as const, at: null, isSilent };
    const { at, ...air } = last;
    return { air, from: 'hygrometer' as const, at, isSilent };
  }, [typed, hygrometer]);
}

/** The same as plans take it: coarse, so that they do not change with every waver. */
export function usePlanningAir(): Air | null {
  const bench = useBenchAir();
  const coarse = bench && (bench.from === 'typed' ? bench.air : planningAir(bench.air));
  const [tempC, rhPct] = [coarse?.tempC ?? null, coarse?.rhPct ?? null];
  return useMemo(() => (tempC === null || rhPct === null ? null : { tempC, rhPct }), [tempC, rhPct]);
}
