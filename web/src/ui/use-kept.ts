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

/** The one of a few that was chosen last, on this device; the first of them at first. */
export function useHabit<T extends string>(name: string, options: readonly T[]): [T, (v: T) => void] {
  const first = options[0] as T;
  const [value, set] = useKept<T>(name, first);
  return [options.includes(value) ? value : first, set];
}
