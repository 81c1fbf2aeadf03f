import { useState } from 'react';

/** State that survives a reload on this device, under a name. Something unreadable counts as nothing. */
export function useKept<T>(name: string, initial: T): [T, (v: T) => void] {
  const key = `dagboek.${name}`;
  const [value, set] = useState<T>(() => {
    try {
      const kept = localStorage.getItem(key);
      return kept === null ? initial : (JSON.parse(kept) as T);
    } catch {
      return initial;
    }
  });
  return [
    value,
    (v) => {
      localStorage.setItem(key, JSON.stringify(v));
      set(v);
    },
  ];
}
