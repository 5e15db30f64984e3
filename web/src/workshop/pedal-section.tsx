import { useEffect, useState } from 'react';
import { displayActions } from '../store/display.js';
import { useAppDispatch, useAppSelector } from '../store/store.js';
import { Button } from '../ui/button.js';
import { Section } from './section.js';

/** Keys that do something else on every page. */
const TAKEN = new Set(['Tab', 'Escape', 'Enter', 'Shift', 'Control', 'Alt', 'Meta', 'ArrowUp', 'ArrowDown', 'ArrowLeft', 'ArrowRight']);

const nameOf = (key: string): string => (key === ' ' ? 'Space' : key);

/** The key that begins and ends a step at the bench: space, or what a foot pedal sends. It belongs to this screen. */
export function PedalSection() {
  const dispatch = useAppDispatch();
  const goKey = useAppSelector((state) => state.display.goKey);
  const [waiting, setWaiting] = useState(false);
  useEffect(() => {
    if (!waiting) return;
    const learn = (event: KeyboardEvent): void => {
      event.preventDefault();
      event.stopPropagation();
      if (event.key !== 'Escape' && TAKEN.has(event.key)) return;
      if (event.key !== 'Escape') dispatch(displayActions.goKeySet(event.key));
      setWaiting(false);
    };
    window.addEventListener('keydown', learn, { capture: true });
    return () => {
      window.removeEventListener('keydown', learn, { capture: true });
    };
  }, [waiting, dispatch]);
  return (
    <Section title="Key or foot pedal" note="Begins and ends a step at the bench, without a clean hand. It is kept for this screen.">
      <p role="status" className="mb-2">
        {waiting ? (
          'Press the key or the pedal now; Escape leaves it as it was.'
        ) : (
          <>
            Start and Done: <b>{nameOf(goKey)}</b>
          </>
        )}
      </p>
      <div className="flex flex-wrap gap-2">
        <Button
          disabled={waiting}
          onClick={() => {
            setWaiting(true);
          }}
        >
          Learn another
        </Button>
        {goKey !== ' ' && (
          <Button
            onClick={() => {
              dispatch(displayActions.goKeySet(' '));
            }}
          >
            Space again
          </Button>
        )}
      </div>
    </Section>
  );
}
