import type { FishState } from '@dagboek/journal';
import { useState } from 'react';
import { DeckKey, StrikeMark } from '../kit/deck-key.tsx';
import { LogLines } from '../kit/facts/log-lines.tsx';
import { Dialog } from '../kit/ui/dialog.tsx';
import { SameFish } from '../kit/facts/same-fish.tsx';

/** The key that opens the lines of a fish, each to be corrected or struck. */
export function StrikeKey({ fish }: { fish: FishState }) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <DeckKey
        type="button"
        mark={<StrikeMark />}
        name="Strike a line"
        note="nothing is erased"
        onClick={() => setOpen(true)}
      />
      <Dialog title="Lines of this fish" open={open} onClose={() => setOpen(false)}>
        <p>A struck line stays readable; a corrected one keeps the old value beside the new.</p>
        <LogLines lines={fish.log} />
        <SameFish fish={fish} onDone={() => setOpen(false)} />
      </Dialog>
    </>
  );
}
