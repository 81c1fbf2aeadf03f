import { type RefObject, useEffect } from 'react';

/** Whether someone has pressed anything since the page was opened: before that the focus is where it belongs, at the beginning. */
let pressed = false;
for (const kind of ['keydown', 'pointerdown'] as const)
  addEventListener(kind, () => (pressed = true), { capture: true, passive: true });

/**
 * When the key that had the focus is gone (it replaced itself, or its dialog closed), the focus goes to the first key within
 * `ref`, or to `ref` itself, and not to the beginning of the page. Anew whenever `again` changes. A focus that is
 * somewhere already is left there.
 */
export function useCatchFocus(ref: RefObject<HTMLElement | null>, again: unknown): void {
  // Which element has the focus is the document's state, not React's.
  useEffect(() => {
    const lost = document.activeElement === null || document.activeElement === document.body;
    if (!pressed || !lost || !ref.current) return;
    const key = ref.current.querySelector<HTMLElement>('.key.act:not([disabled]), .key:not([disabled])');
    (key ?? ref.current).focus({ preventScroll: true });
  }, [ref, again]);
}
