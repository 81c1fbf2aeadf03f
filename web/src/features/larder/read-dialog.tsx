import { readingOddity, type Store } from '@dagboek/journal';
import { useState } from 'react';
import { DeckKey } from '../../lines/deck-key.tsx';
import { useUndoWrite } from '../../lines/take-back.tsx';
import { ProbeReading } from '../../devices/probe-reading.tsx';
import { Dialog } from '../../ui/dialog.tsx';
import { Quantity } from '../../asked/quantity.tsx';
import { Trouble } from '../../ui/trouble.tsx';
import { typedNumber } from '../../ui/typed-number.ts';
import { amountTrouble, asTyped, typedAmount } from '../../asked/units.ts';
import { storeName } from './say-store.ts';

/** Reads a store's thermometer: the (simulated) one beside it, or as it was typed; what is odd is asked about. */
export function ReadDialog({ store, aboutC, onClose }: { store: Store; aboutC: number; onClose: () => void }) {
  const { write } = useUndoWrite();
  const [typed, setTyped] = useState('');
  const [damp, setDamp] = useState('');
  const [trouble, setTrouble] = useState<string | null>(null);
  const [asked, setAsked] = useState<string | null>(null);
  const put = async (c: number, more: object): Promise<void> => {
    const percent = typedNumber(damp);
    if (percent !== null && !(percent >= 1 && percent <= 100))
      return setTrouble('Humidity is a number from 1 to 100, as the hygrometer shows.');
    const odd = readingOddity(store, c);
    if (odd && asked !== odd) return setAsked(odd);
    const r = await write('store.read', store.id, {
      c,
      ...more,
      ...(percent === null ? {} : { damp: percent }),
    });
    if (r.ok) onClose();
    else setTrouble(r.why);
  };
  const take = (): void => {
    const read = typedAmount('temperature', typed);
    const wrong = amountTrouble('temperature', typed, 'the reading');
    if (wrong || !read) return setTrouble(wrong ?? 'Type what it reads.');
    void put(read.value, asTyped({ c: read }));
  };
  return (
    <Dialog title={`Read ${storeName(store)}`} open onClose={onClose}>
      <p className="hint">Between the packs, not against the wall, ten minutes with the door shut.</p>
      {store.is === 'ageing rack' && (
        <Quantity
          label="Humidity, if you have a hygrometer"
          unit="%"
          value={damp}
          onChange={(v) => (setDamp(v), setTrouble(null))}
        />
      )}
      <ProbeReading aboutC={aboutC} onTake={(c) => void put(c, { by: 'thermometer' })} />
      <div className="measure-row">
        <Quantity
          label="Or typed"
          amount="temperature"
          value={typed}
          onChange={(v) => (setTyped(v), setAsked(null), setTrouble(null))}
          onEnter={take}
        />
        <DeckKey again={asked} name="Read" note={asked ? 'saves it as typed' : 'as it was typed'} onClick={take} />
      </div>
      {asked && (
        <p className="alert alert-warning" role="alert">
          <b>Look again.</b> {asked} If it is right, tap once more.
        </p>
      )}
      <Trouble says={trouble} />
    </Dialog>
  );
}
