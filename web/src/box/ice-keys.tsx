import { type BoxState, ICE_SEEN } from '@dagboek/journal';
import { useState } from 'react';
import { DeckKey } from '../kit/deck-key.tsx';
import { useWrite } from '../kit/journal/use-write.ts';
import { Dialog } from '../kit/ui/dialog.tsx';
import { Quantity } from '../kit/ui/quantity.tsx';
import { Trouble } from '../kit/ui/trouble.tsx';
import { NOW, type When, WhenField, whenMs } from '../kit/ui/when.tsx';
import { amountTrouble, asTyped, typedAmount } from '../kit/units.ts';

/** What is done with the ice of a box: some put in, or a look under the lid. */
export function IceKeys({ box }: { box: BoxState }) {
  const [open, setOpen] = useState<'filled' | 'looked' | null>(null);
  const close = (): void => setOpen(null);
  return (
    <div className="keys">
      <DeckKey name="Ice added" note="how much" onClick={() => setOpen('filled')} />
      <DeckKey name="Look under the lid" note="how much ice there is" onClick={() => setOpen('looked')} />
      {open === 'filled' && <IceAdded box={box} onClose={close} />}
      {open === 'looked' && <IceSeen box={box} onClose={close} />}
    </div>
  );
}

function IceAdded({ box, onClose }: { box: BoxState; onClose: () => void }) {
  const { write } = useWrite();
  const [kg, setKg] = useState('');
  const [when, setWhen] = useState<When>(NOW);
  const [trouble, setTrouble] = useState<string | null>(null);
  const add = async (): Promise<void> => {
    const read = typedAmount('heavy', kg);
    const wrong = amountTrouble('heavy', kg, 'the ice') ?? (read ? null : 'Say how much ice went in.');
    if (wrong || !read) return setTrouble(wrong);
    const r = await write('box.filled', box.id, { kg: read.value, ...asTyped({ kg: read }) }, { atMs: whenMs(when) });
    if (r.ok) onClose();
    else if (r.why) setTrouble(r.why);
  };
  return (
    <Dialog title="Ice added" open onClose={onClose}>
      <Quantity label="Ice" amount="heavy" value={kg} onChange={setKg} autoFocus onEnter={() => void add()} />
      <WhenField value={when} onChange={setWhen} />
      <Trouble says={trouble} />
      <div className="keys">
        <DeckKey act name="Put in" note="writes it for this box" onClick={() => void add()} />
      </div>
    </Dialog>
  );
}

function IceSeen({ box, onClose }: { box: BoxState; onClose: () => void }) {
  const { write } = useWrite();
  const [when, setWhen] = useState<When>(NOW);
  const [trouble, setTrouble] = useState<string | null>(null);
  const see = async (ice: (typeof ICE_SEEN)[number]): Promise<void> => {
    const r = await write('box.looked', box.id, { ice }, { atMs: whenMs(when) });
    if (r.ok) onClose();
    else if (r.why) setTrouble(r.why);
  };
  return (
    <Dialog title="Under the lid" open onClose={onClose}>
      <p>How much ice is there? One tap writes it.</p>
      <ul className="phrases" aria-label="Ice">
        {ICE_SEEN.map((ice) => (
          <li key={ice}>
            <DeckKey
              type="button"
              name={ice === 'full' ? 'full of ice' : ice === 'half' ? 'half' : ice}
              onClick={() => void see(ice)}
            />
          </li>
        ))}
      </ul>
      <WhenField value={when} onChange={setWhen} />
      <Trouble says={trouble} />
    </Dialog>
  );
}
