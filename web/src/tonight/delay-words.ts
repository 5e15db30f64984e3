import type { Delay } from '@eveningtide/core/tonight';
import { MINUTES_PER_DAY, formatMinutes } from '@eveningtide/core/units';
import { countWords } from '../ui/words.js';

/** Less than this is not worth a word, minutes. */
const WORTH_SAYING_MIN = 3;
/** What a late start costs, in words; empty where it costs nothing. */
export function delayWords({ evenings, finishMin, tonightMin, putOff }: Delay): string {
  const out: string[] = [];
  if (Math.abs(tonightMin) >= WORTH_SAYING_MIN)
    out.push(`${formatMinutes(Math.abs(tonightMin))} ${tonightMin > 0 ? 'later' : 'earlier'} tonight`);
  if (putOff > 0) out.push(`${countWords(putOff, 'step')} put off to another evening`);
  if (evenings !== 0) out.push(evenings > 0 ? `${countWords(evenings, 'evening')} more` : `${countWords(-evenings, 'evening')} fewer`);
  if (Math.abs(finishMin) >= MINUTES_PER_DAY / 2) {
    const days = Math.max(1, Math.round(Math.abs(finishMin) / MINUTES_PER_DAY));
    out.push(`all done ${countWords(days, 'day')} ${finishMin > 0 ? 'later' : 'earlier'}`);
  }
  return out.join(', ');
}
