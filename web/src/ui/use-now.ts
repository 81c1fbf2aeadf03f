import { useEffect, useState } from 'react';
import { nowMs } from './clock.ts';

/** The time now, renewed every `everyMs`. */
export function useNow(everyMs = 10_000): number {
  const [now, set] = useState(nowMs);
  // The clock is outside React: it is looked at in steps.
  useEffect(() => {
    const t = setInterval(() => set(nowMs()), everyMs);
    return () => clearInterval(t);
  }, [everyMs]);
  return now;
}
