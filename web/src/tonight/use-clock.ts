import { useEffect, useState } from 'react';
import { benchNow } from '../store/bench-clock.js';

/** The wall clock, told each second. */
export function useClock(): Date {
  const [now, setNow] = useState(benchNow);
  useEffect(() => {
    const timer = setInterval(() => {
      setNow(benchNow());
    }, 1000);
    return () => {
      clearInterval(timer);
    };
  }, []);
  return now;
}
