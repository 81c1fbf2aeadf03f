import type { FishState } from '@dagboek/journal';
import { useState } from 'react';
import { DeckKey } from '../../lines/deck-key.tsx';
import { lazySoon } from '../../ui/lazy-soon.tsx';

const ScaleDialog = lazySoon(async () => ({ default: (await import('../../devices/scale-dialog.tsx')).ScaleDialog }));

/** The key that reads the scale: a settled reading is taken by one tap. `aboutG`: what the fish is reckoned at, for the stand-in. */
export function ScaleKey({ fish, aboutG, onTake }: { fish: FishState; aboutG: number; onTake: (g: number) => void }) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <DeckKey type="button" name="Scale" note="takes a steady weight" onClick={() => setOpen(true)} />
      {open && <ScaleDialog ofId={fish.id} aboutG={aboutG} onTake={onTake} onClose={() => setOpen(false)} />}
    </>
  );
}
