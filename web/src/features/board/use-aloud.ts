import { useEffect } from 'react';
import { useKept } from '../../ui/use-kept.ts';

/** Whether this device can read aloud. */
export const CAN_SPEAK = typeof speechSynthesis !== 'undefined' && typeof SpeechSynthesisUtterance !== 'undefined';

/** Reads what stands on the screen aloud when it changes, if that is wished; with the browser's own voice. */
export function useAloud(text: string): [boolean, (on: boolean) => void] {
  const [on, set] = useKept('board.aloud', false);
  // The voice is outside React.
  useEffect(() => {
    if (!on || !CAN_SPEAK) return;
    const said = new SpeechSynthesisUtterance(text);
    said.lang = 'en';
    speechSynthesis.cancel();
    speechSynthesis.speak(said);
    return () => speechSynthesis.cancel();
  }, [on, text]);
  return [on, set];
}
