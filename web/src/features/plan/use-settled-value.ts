import { useEffect, useState } from 'react';

/** A value once it has stood still for so long, by what it says: typing is waited for. */
export function useSettledValue<T>(value: T, ms: number): T {
  const [settled, set] = useState(value);
  const text = JSON.stringify(value);
  // Time is outside React.
  useEffect(() => {
    const timer = setTimeout(() => set(JSON.parse(text) as T), ms);
    return () => clearTimeout(timer);
  }, [text, ms]);
  return settled;
}
