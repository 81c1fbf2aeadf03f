import type { BoxState, ICE_SEEN } from '@dagboek/journal';
import { useState } from 'react';
import { DeckKey } from '../../lines/deck-key.tsx';
import { useUndoWrite } from '../../lines/take-back.tsx';
import { Dialog } from '../../ui/dialog.tsx';
import { Trouble } from '../../ui/trouble.tsx';
import { NOW, type When, WhenField, whenMs } from '../../asked/when.tsx';

const WORDS = { full: 'full of ice', half: 'half', 'a few lumps': 'a few lumps', gone: 'gone' } as const;

/** How much ice was seen, one tap. */
export function IceSeen({ box, seen, onClose }: { box: BoxState; seen: typeof ICE_SEEN; onClose: () => void }) {
  const { write } = useUndoWrite();
  const [when, setWhen] = useState<When>(NOW);
  const [trouble, setTrouble] = useState<string | null>(null);
  const see = async (ice: (typeof ICE_SEEN)[number]): Promise<void> => {
    const r = await write('box.looked', box.id, { ice }, { atMs: whenMs(when) });
    if (r.ok) onClose();
    else if (r.why) setTrouble(r.why);
  };
  return (
    <Dialog title="Under the lid" open onClose={onClose}>
      <p>How much of the ice is left? One tap saves it.</p>
      <ul className="phrases mt-2.5 gap-2 grid grid-cols-[repeat(auto-fill,minmax(160px,1fr))]" aria-label="Ice">
        {seen.map((ice) => (
          <li key={ice}>
            <DeckKey type="button" name={WORDS[ice]} onClick={() => void see(ice)} />
          </li>
        ))}
      </ul>
      <WhenField value={when} onChange={setWhen} />
      <Trouble says={trouble} />
    </Dialog>
  );
}
