import type { TimerMoment } from './due.js';
import type { Timer } from '@eveningtide/core/tonight';
import { techniqueById } from '@eveningtide/core/techniques';
import type { Step } from '@eveningtide/core/subjects';

/** What a timer counts to, in a few words. */
export function timerWords({ kind, nextIndex }: Timer, steps: readonly Step[]): string {
  const next = nextIndex === null ? null : (steps[nextIndex] ?? null);
  const name = next ? techniqueById(next.technique).name.toLowerCase() : '';
  switch (kind) {
    case 'opens':
      return `${name} from then on`;
    case 'closes':
      return `${name} by then`;
    case 'judge':
      return 'dries lighter: judge it then';
    case 'dry':
      return 'dry-hard then';
  }
}

/** What has come, as it is said once. */
export function alarmWords(timer: Timer, moment: TimerMoment, pieceName: string, steps: readonly Step[]): string {
  const next = timer.nextIndex === null ? null : (steps[timer.nextIndex] ?? null);
  const name = next ? techniqueById(next.technique).name.toLowerCase() : 'handling';
  const on = pieceName || 'A piece';
  if (timer.kind === 'judge') return `${on}: it shows its true tone now.`;
  if (timer.kind === 'dry') return `${on} is dry-hard.`;
  if (moment === 'opened') return `${on}: ${name} may come now.`;
  return moment === 'closing' ? `${on}: the window for ${name} is about to close.` : `${on}: the window for ${name} has closed.`;
}
