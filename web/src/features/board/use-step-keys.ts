import { useEffect, useRef } from 'react';
import { tinykeys } from 'tinykeys';

/** Space bar, pedal and arrows go on and back through the steps of a cut. */
export function useStepKeys(on: () => Promise<void>, back: () => void): void {
  const keys = useRef({ on, back });
  keys.current = { on, back };
  // Space bar and pedal come from outside React; a pedal sends what a keyboard would.
  useEffect(() => {
    const press = (what: 'on' | 'back') => (e: KeyboardEvent) => {
      // In a field, on a key or in a dialog these keys have a meaning of their own.
      const at = e.target instanceof Element ? e.target : null;
      if (e.repeat || at?.closest('input, textarea, button, a, summary, dialog')) return;
      e.preventDefault();
      void keys.current[what]();
    };
    return tinykeys(window, {
      Space: press('on'),
      Enter: press('on'),
      ArrowRight: press('on'),
      PageDown: press('on'),
      ArrowLeft: press('back'),
      PageUp: press('back'),
    });
  }, []);
}
