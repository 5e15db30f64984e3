import type { Timer } from '@eveningtide/core/tonight';
import { useEffect, useRef, useState } from 'react';
import { heardSince, type Heard, type TimerMoment } from './due.js';

const TONE_HZ = { opens: 660, closes: 440 };
const TONE_S = 0.5;
/** So long what was told stands in the page for whoever has it read aloud. */
const TOLD_MS = 10_000;

/** Each tone once, and low enough not to startle. */
function sound(frequency: number): void {
  try {
    const context = new AudioContext();
    const [tone, volume] = [context.createOscillator(), context.createGain()];
    tone.frequency.value = frequency;
    volume.gain.setValueAtTime(0.2, context.currentTime);
    volume.gain.exponentialRampToValueAtTime(0.001, context.currentTime + TONE_S);
    tone.connect(volume).connect(context.destination);
    tone.start();
    tone.stop(context.currentTime + TONE_S);
    tone.onended = () => {
      void context.close();
    };
  } catch {
    // no sound on this machine
  }
}

function notify(words: string): void {
  if ('Notification' in window && Notification.permission === 'granted') new Notification('Eveningtide', { body: words, tag: words });
}

/**
 * Tells once when a window opens, is about to close, or has closed: in words for the page, as a notification, and with a tone unless it is to be silent.
 * What had come already when the page was opened is not told again.
 */
export function useAlarms(
  timers: readonly Timer[],
  nowMin: number,
  words: (timer: Timer, moment: TimerMoment) => string,
  silent: boolean,
): string {
  const [told, setTold] = useState<readonly string[]>([]);
  const heard = useRef<Heard | null>(null);
  const leaving = useRef(new Set<ReturnType<typeof setTimeout>>());
  useEffect(() => {
    const timers = leaving.current;
    return () => {
      for (const timer of timers) clearTimeout(timer);
    };
  }, []);
  useEffect(() => {
    const since = heardSince(heard.current, timers, nowMin);
    heard.current = since.heard;
    if (since.told.length === 0) return;
    // what comes at the same moment stands beside it: none takes the place of another
    const texts = since.told.map(({ timer, moment }) => words(timer, moment));
    setTold((before) => [...before, ...texts]);
    // said once, then it is gone: it must not be read again long after
    const gone = setTimeout(() => {
      leaving.current.delete(gone);
      setTold((before) => before.slice(texts.length));
    }, TOLD_MS);
    leaving.current.add(gone);
    for (const text of texts) notify(text);
    if (!silent) for (const { moment } of since.told) sound(moment === 'opened' ? TONE_HZ.opens : TONE_HZ.closes);
  }, [timers, nowMin, words, silent]);
  return told.join(' ');
}
