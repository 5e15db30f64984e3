import { DROPS_PER_ML, USUAL_INSTRUMENTS, measuredOf, type MixComponent } from '@eveningtide/core/mixing';
import { DEFAULT_WORKSHOP, type Measuring } from '@eveningtide/core/schedule';
import { useMemo } from 'react';
import { useWorkshopQuery } from '../store/api.js';
import { useOnHand } from '../workers/outlook-context.js';

/** What there is to measure with, and the droppers of the things in a mix. */
export function useBench() {
  const { data } = useWorkshopQuery();
  const { supplies, mixes } = useOnHand();
  return useMemo(() => {
    const measuring: Measuring = data?.workshop.measuring ?? { ...DEFAULT_WORKSHOP.measuring, ...USUAL_INSTRUMENTS };
    const droppers = data?.workshop.dropsPerMl ?? DROPS_PER_ML;
    return {
      measuring,
      droppers,
      supplies,
      mixes,
      measured: (components: readonly Pick<MixComponent, 'material' | 'bottleId'>[]) =>
        components.map((component) => measuredOf(component, supplies, droppers)),
    };
  }, [data, supplies, mixes]);
}
