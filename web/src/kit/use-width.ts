import { useCallback, useState, useSyncExternalStore } from 'react';

/** Width of an element in px, followed as it changes. Give `ref` to the element. */
export function useWidth(initial: number): [(el: HTMLElement | null) => void, number] {
  const [width, set] = useState(initial);
  const ref = useCallback((el: HTMLElement | null) => {
    if (!el) return;
    const watch = new ResizeObserver(() => set(Math.max(80, Math.floor(el.clientWidth))));
    watch.observe(el);
    set(Math.max(80, Math.floor(el.clientWidth)));
    return () => watch.disconnect();
  }, []);
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
