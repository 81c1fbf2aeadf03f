import { useSyncExternalStore } from 'react';
import { useBook } from '../offline/journal-context.tsx';

const KEY = 'dagboek.pen';
const listeners = new Set<() => void>();

/** Who holds the pen on this device: the member in whose name entries are written. */
export function usePen(): { pen: string | null; setPen: (id: string) => void } {
  const { book } = useBook();
  const kept = useSyncExternalStore(
    (l) => {
      listeners.add(l);
      return () => listeners.delete(l);
    },
    () => localStorage.getItem(KEY),
  );
  const members = book
    .all('member')
    .filter((m) => m.leftAt === null)
    .sort((a, b) => (a.id < b.id ? -1 : 1));
  const pen = members.some((m) => m.id === kept) ? kept : (members[0]?.id ?? null);
  return {
    pen,
    setPen: (id) => {
      localStorage.setItem(KEY, id);
      for (const l of listeners) l();
    },
  };
}
