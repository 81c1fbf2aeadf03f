import { useState } from 'react';
import { DeckKey } from '../lines/deck-key.tsx';
import { Dialog } from '../ui/dialog.tsx';
import { massParts, sayMass } from '../asked/units.ts';
import { useScale } from './use-scale.ts';

const WORDS = {
  lost: 'No reading. Is it switched on?',
  empty: 'Nothing is on it yet.',
  swings: 'It swings: wait a moment.',
  settled: 'Settled.',
} as const;

/** What the scale reads, and the key that takes it once it has settled. */
export function ScaleDialog({
  ofId,
  aboutG,
  onTake,
  onClose,
}: {
  /** What is weighed: the same weighs the same again on the simulated scale. */
  ofId: string;
  aboutG: number;
  onTake: (g: number) => void;
  onClose: () => void;
}) {
  const scale = useScale(true, ofId, aboutG);
  // What hangs on it beside the fish: a bag, a sling.
  const [tareG, setTareG] = useState(0);
  const g = 'g' in scale ? Math.max(0, scale.g - tareG) : null;
  const [number, unit] = g === null ? ['–', ''] : massParts(g);
  return (
    <Dialog title="On the scale" open onClose={onClose}>
      <p>
        <span className="num mr-3 text-[3.5rem]">
          {number} <u>{unit}</u>
        </span>
        {scale.simulated && <small>simulated scale</small>}
      </p>
      <p role="status">
        {WORDS[scale.state]}
        {tareG > 0 ? ` ${sayMass(tareG)} taken off for what it hangs in.` : ''}
      </p>
      <div className="keys">
        <DeckKey
          act
          type="button"
          name={scale.state === 'settled' && g !== null && g > 0 ? `Take ${sayMass(g)}` : 'Take it'}
          waits={scale.state === 'settled' && g !== null && g > 0 ? undefined : 'when it has settled'}
          onClick={() => (g !== null && onTake(g), onClose())}
        />
        <DeckKey
          type="button"
          name={tareG > 0 ? 'Nothing off' : 'Set to zero'}
          note={tareG > 0 ? 'weighs all that hangs on it' : 'with the empty bag on it'}
          onClick={() => setTareG(tareG > 0 ? 0 : 'g' in scale ? scale.g : 0)}
        />
      </div>
    </Dialog>
  );
}
