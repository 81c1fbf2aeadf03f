import { useCallback, useState, useSyncExternalStore } from 'react';

/** Widths seen last, by the first guess: rows of a kind are of one width, and the next needs no second drawing. */
const lastSeen = new Map<number, number>();

/** Width of an element in px, followed as it changes. Give `ref` to the element. */
export function useWidth(initial: number): [(el: HTMLElement | null) => void, number] {
  const [width, set] = useState(() => lastSeen.get(initial) ?? initial);
  const ref = useCallback(
    (el: HTMLElement | null) => {
      if (!el) return;
      const look = (): void => {
        const w = Math.max(80, Math.floor(el.clientWidth));
        lastSeen.set(initial, w);
        set(w);
      };
      const watch = new ResizeObserver(look);
      watch.observe(el);
      look();
      return () => watch.disconnect();
    },
    [initial],
  );
  return [ref, width];
}

const NARROW = '(max-width: 760px)';

/** Whether the page is narrow (a phone). */
export function useNarrow(): boolean {
  return useSyncExternalStore(
    (hear) => {
      const q = matchMedia(NARROW);
      q.addEventListener('change', hear);
      return () => q.removeEventListener('change', hear);
    },
    () => matchMedia(NARROW).matches,
  );
}
