import type { TripState } from '@dagboek/journal';
import { useState } from 'react';
import { DeckKey } from '../../lines/deck-key.tsx';
import { lazySoon } from '../../ui/lazy-soon.tsx';

const NoteDialog = lazySoon(async () => ({ default: (await import('./note-dialog.tsx')).NoteDialog }));

/** The key for everything that is no fish: lost ones, sightings, bait, depth, cost, tide, weather. One tap on a phrase writes it. */
export function NoteKey({ trip }: { trip: TripState }) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <DeckKey type="button" name="Note" note="lost fish, sightings, tide" onClick={() => setOpen(true)} />
      {open && <NoteDialog trip={trip} onClose={() => setOpen(false)} />}
    </>
  );
}
