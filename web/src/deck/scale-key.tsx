import type { FishState } from '@dagboek/journal';
import { lazy, Suspense, useState } from 'react';
import { DeckKey } from '../kit/deck-key.tsx';

/** Fetched when it is asked for, as the picture reader is. */
const ScaleDialog = lazy(async () => ({ default: (await import('./scale-dialog.tsx')).ScaleDialog }));

/** The key that reads the scale: a settled reading is taken by one tap. `aboutG`: what the fish is reckoned at, for the stand-in. */
export function ScaleKey({ fish, aboutG, onTake }: { fish: FishState; aboutG: number; onTake: (g: number) => void }) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <DeckKey type="button" name="Scale" note="takes a settled reading" onClick={() => setOpen(true)} />
      {open && (
        <Suspense fallback={<p role="status">One moment.</p>}>
          <ScaleDialog fish={fish} aboutG={aboutG} onTake={onTake} onClose={() => setOpen(false)} />
        </Suspense>
      )}
    </>
  );
}
