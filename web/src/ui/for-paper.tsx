import { useEffect, useState, type ReactNode } from 'react';
import { flushSync } from 'react-dom';
import { whenIdle } from './when-idle.js';

/** What is only printed: made when the page has time for it, at the latest when it is printed. */
export function ForPaper({ children }: { children: () => ReactNode }) {
  const [isMade, setMade] = useState(false);
  useEffect(() => {
    const make = () => {
      setMade(true);
    };
    const calledOff = whenIdle(make);
    const atOnce = () => {
      flushSync(make);
    };
    window.addEventListener('beforeprint', atOnce);
    return () => {
      calledOff();
      window.removeEventListener('beforeprint', atOnce);
    };
  }, []);
  return <div className="hidden print:block">{isMade && children()}</div>;
}
