import { wrap, type Remote } from 'comlink';
import type { ArrangeService } from './arrange.worker.js';
import type { CuttingService } from './cutting.worker.js';
import type { EveningsService } from './evenings.worker.js';
import type { FinderService } from './finder.worker.js';
import type { OutlookService } from './outlook.worker.js';
import type { SurfaceService } from './surface.worker.js';

/** A thread that is begun when it is first wanted, and then is the same for all. */
function shared<T>(start: () => Worker): () => Remote<T> {
  let remote: Remote<T> | null = null;
  return () => (remote ??= wrap<T>(start()));
}

const startEvenings = (): Worker => new Worker(new URL('./evenings.worker.ts', import.meta.url), { type: 'module' });

/** Plans and checks. */
export const outlookService = shared<OutlookService>(() => new Worker(new URL('./outlook.worker.ts', import.meta.url), { type: 'module' }));

/** Answers questions about evenings. */
export const eveningsService = shared<EveningsService>(startEvenings);

/** Looks for orders of steps. */
export const arrangeService = shared<ArrangeService>(() => new Worker(new URL('./arrange.worker.ts', import.meta.url), { type: 'module' }));

/** Lays cut lists out on strips. */
export const cuttingService = shared<CuttingService>(() => new Worker(new URL('./cutting.worker.ts', import.meta.url), { type: 'module' }));

/** Paints what surfaces will look like. */
export const surfaceService = shared<SurfaceService>(() => new Worker(new URL('./surface.worker.ts', import.meta.url), { type: 'module' }));

/** Looks for recipes. */
export const finderService = shared<FinderService>(() => new Worker(new URL('./finder.worker.ts', import.meta.url), { type: 'module' }));

/** A thread of one's own for long work about evenings; it is ended to stop it. */
export function ownEveningsService(): { service: Remote<EveningsService>; end: () => void } {
  const worker = startEvenings();
  return {
    service: wrap<EveningsService>(worker),
    end: () => {
      worker.terminate();
    },
  };
}
