import { useEffect, useState } from 'react';

/** So long what has just appeared takes no taps, ms: the second tap of a double tap must not fall on it. */
const SETTLE_MS = 350;

/** False for a moment after the component appeared (and anew whenever `again` changes); it takes no taps until then. */
export function useSettled(again?: unknown): boolean {
  const [settled, set] = useState<{ is: boolean; of: unknown }>({ is: false, of: again });
  // The passing of time is outside React.
  useEffect(() => {
    const t = setTimeout(() => set({ is: true, of: again }), SETTLE_MS);
    return () => clearTimeout(t);
  }, [again]);
  return settled.is && settled.of === again;
}

/** The class of what is not settled yet: pointers pass it by, the keyboard does not. */
export const settlingClass = (settled: boolean): string => (settled ? '' : ' settling');
