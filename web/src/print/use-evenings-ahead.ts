import { eveningsAhead, type Evening } from '@eveningtide/core/tonight';
import { useMemo } from 'react';
import { useBenchNow, usePlan } from '../workers/outlook-context.js';

/** The evenings ahead with something to do, as they are planned; null until they are known. */
export function useEveningsAhead(): { evenings: readonly Evening[]; originDate: string } | null {
  const { outlook } = usePlan();
  const { minute } = useBenchNow();
  return useMemo(() => outlook && { evenings: eveningsAhead(outlook, minute), originDate: outlook.originDate }, [outlook, minute]);
}
