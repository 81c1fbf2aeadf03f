import type { LengthKind } from '@dagboek/core/species';
import type { FishState } from '@dagboek/journal';
import { Camera } from 'lucide-react';
import { lazy, Suspense, useState } from 'react';
import type { Species } from '../../../asked/catalogue.ts';
import { DeckKey } from '../../../lines/deck-key.tsx';

/** With its picture reader it is larger than the rest of the deck, and seldom wanted. */
const PhotoDialog = lazy(async () => ({ default: (await import('./photo-dialog.tsx')).PhotoDialog }));

/** The key that opens the picture reader over a fish. */
export function PictureKey({
  fish,
  species,
  wants,
  note,
  onDone,
}: {
  fish: FishState;
  species: Species | null;
  wants: LengthKind | null;
  note: string;
  onDone?: (() => void) | undefined;
}) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <DeckKey
        type="button"
        mark={<Camera size={26} aria-hidden="true" />}
        name="Picture"
        note={note}
        onClick={() => setOpen(true)}
      />
      {open && (
        <Suspense fallback={<p role="status">One moment.</p>}>
          <PhotoDialog
            fish={fish}
            species={species}
            wants={wants}
            onClose={() => setOpen(false)}
            onDone={() => (setOpen(false), onDone?.())}
          />
        </Suspense>
      )}
    </>
  );
}
