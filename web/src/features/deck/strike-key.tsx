import type { FishState } from '@dagboek/journal';
import { useState } from 'react';
import { DeckKey, StrikeMark } from '../../lines/deck-key.tsx';
import { lazySoon } from '../../ui/lazy-soon.tsx';

const StrikeDialog = lazySoon(async () => ({ default: (await import('./strike-dialog.tsx')).StrikeDialog }));

/** The key that opens the lines of a fish, each to be corrected or struck. */
export function StrikeKey({ fish }: { fish: FishState }) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <DeckKey
        type="button"
        mark={<StrikeMark />}
        name="Cross out"
        note="nothing is deleted"
        onClick={() => setOpen(true)}
      />
      {open && <StrikeDialog fish={fish} onClose={() => setOpen(false)} />}
    </>
  );
}
