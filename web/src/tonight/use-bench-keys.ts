import { useEffect } from 'react';
import { useAppSelector } from '../store/store.js';

/** Something else wants the key: what is typed in wants all, what is pressed wants space. */
const isTaken = (target: EventTarget | null, key: string): boolean =>
  target instanceof HTMLElement &&
  (target.matches('input, textarea, select') || target.isContentEditable || (key === ' ' && target.matches('button, summary')));

/** Space, or the key that was learnt for it, begins and ends what is on; up and down choose another job. Not while something else has the keys. */
export function useBenchKeys({ onGo, onStep }: { onGo: () => void; onStep: (by: number) => void }): void {
  const { singleKeys, goKey } = useAppSelector((state) => state.display);
  useEffect(() => {
    if (!singleKeys) return;
    const onKey = (event: KeyboardEvent): void => {
      if (event.ctrlKey || event.metaKey || event.altKey || isTaken(event.target, event.key) || document.querySelector('[role=dialog]'))
        return;
      if (event.key === goKey) {
        // held down it must not begin and end at once
        if (!event.repeat) onGo();
      } else if (event.key === 'ArrowDown' || event.key === 'ArrowRight') onStep(1);
      else if (event.key === 'ArrowUp' || event.key === 'ArrowLeft') onStep(-1);
      else return;
      event.preventDefault();
    };
    window.addEventListener('keydown', onKey);
    return () => {
      window.removeEventListener('keydown', onKey);
    };
  }, [singleKeys, goKey, onGo, onStep]);
}
