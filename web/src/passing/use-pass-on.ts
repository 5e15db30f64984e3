import type { PartKey } from '@eveningtide/core/plan-file';
import { useLazyExportPlanQuery } from '../store/api.js';
import { download } from '../ui/download.js';
import { notifyFailure } from '../ui/notify.js';

const fileName = (name: string): string =>
  `${
    name
      .normalize('NFKD')
      .replace(/[^\w]+/g, '-')
      .replace(/^-|-$/g, '')
      .toLowerCase() || 'part'
  }.eveningtide-part.json`;

/** Saves one thing with all that it points to as a file of its own, to be passed on. */
export function usePassOn(): (key: PartKey, id: string, name: string) => Promise<void> {
  const [fetchPlan] = useLazyExportPlanQuery();
  return async (key, id, name) => {
    try {
      const plan = await fetchPlan().unwrap();
      const { partOf } = await import('@eveningtide/core/plan-file');
      download(fileName(name), 'application/json', JSON.stringify(partOf(plan, key, id), null, 2));
    } catch (error) {
      notifyFailure(`${name} was not saved to a file`, error);
    }
  };
}
