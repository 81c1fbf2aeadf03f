import type { BoxState } from '@dagboek/journal';
import { useState } from 'react';
import { DeckKey } from '../../lines/deck-key.tsx';
import { useUndoWrite } from '../../lines/take-back.tsx';
import { Dialog } from '../../ui/dialog.tsx';
import { Quantity } from '../../asked/quantity.tsx';
import { Trouble } from '../../ui/trouble.tsx';
import { NOW, type When, WhenField, whenMs } from '../../asked/when.tsx';
import { amountTrouble, asTyped, inField, typedAmount } from '../../asked/units.ts';

/** Ice put in, and sea water with it for a slurry. `kg`: as much as the box was said to want; null where it wants none. */
export function IceAdded({ box, kg: wants, onClose }: { box: BoxState; kg: number | null; onClose: () => void }) {
  const { write } = useUndoWrite();
  const [kg, setKg] = useState(wants === null ? '' : inField('heavy', wants));
  const [sea, setSea] = useState('');
  const [when, setWhen] = useState<When>(NOW);
  const [trouble, setTrouble] = useState<string | null>(null);
  const add = async (): Promise<void> => {
    const [ice, water] = [typedAmount('heavy', kg), typedAmount('volume', sea)];
    const wrong =
      amountTrouble('heavy', kg, 'the ice') ??
      amountTrouble('volume', sea, 'the sea water') ??
      (ice ? null : 'Say how much ice went in.');
    if (wrong || !ice) return setTrouble(wrong);
    const facts = { kg: ice.value, ...(water ? { seaL: water.value } : {}), ...asTyped({ kg: ice, seaL: water }) };
    const r = await write('box.filled', box.id, facts, { atMs: whenMs(when) });
    if (r.ok) onClose();
    else if (r.why) setTrouble(r.why);
  };
  return (
    <Dialog title="Ice added" open onClose={onClose}>
      <div className="measure-row">
        <Quantity label="Ice" amount="heavy" value={kg} onChange={setKg} autoFocus onEnter={() => void add()} />
        <Quantity label="Sea water with it" amount="volume" value={sea} onChange={setSea} onEnter={() => void add()} />
      </div>
      <WhenField value={when} onChange={setWhen} />
      <Trouble says={trouble} />
      <div className="keys">
        <DeckKey act name="Put in" note="saves it for this box" onClick={() => void add()} />
      </div>
    </Dialog>
  );
}
