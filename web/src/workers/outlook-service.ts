import { wrap, type Remote } from 'comlink';
import type { OutlookService } from './outlook.worker.js';

let remote: Remote<OutlookService> | null = null;

/** The thread that plans and checks. */
export function outlookService(): Remote<OutlookService> {
  remote ??= wrap<OutlookService>(new Worker(new URL('./outlook.worker.ts', import.meta.url), { type: 'module' }));
  return remote;
}

/** Has the thread ready before it is asked anything. */
export const startThread = (): void => void outlookService();
