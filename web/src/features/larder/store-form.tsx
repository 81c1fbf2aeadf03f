import { STORE_ABOUT, STORE_FACTS, STORE_KINDS, type StoreKind } from '@dagboek/core/larder';
import { type PlainStore, type Store, storesOf } from '@dagboek/journal';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { DeckKey } from '../../lines/deck-key.tsx';
import { useBook } from '../../offline/journal-context.tsx';
import { newId, useWrite } from '../../asked/use-write.ts';
import { Chips, plain } from '../../ui/chips.tsx';
import { Dialog } from '../../ui/dialog.tsx';
import { Quantity } from '../../asked/quantity.tsx';
import { Trouble } from '../../ui/trouble.tsx';
import { amountTrouble, asTyped, degrees, inField, typedAmount } from '../../asked/units.ts';
import { TextField } from '../../ui/text-field.tsx';

/** A store of one's own: its name, what it is, what it is set to. `instead`: the plain one that it takes over from. */
export function StoreForm({ instead, onClose }: { instead: Store | null; onClose: () => void }) {
  const { book } = useBook();
  const { write } = useWrite();
  const navigate = useNavigate();
  const [name, setName] = useState('');
  const [is, setIs] = useState<StoreKind>(instead?.is ?? 'freezer');
  const [set, setSet] = useState('');
  const [litres, setLitres] = useState('');
  const [takes, setTakes] = useState(true);
  const [trouble, setTrouble] = useState<string | null>(null);
  const facts = STORE_FACTS[is];
  // What was put simply into the freezer can lie in the first that is named.
  const taken = storesOf(book).find((s) => s.own === null && s.place === facts.place) ?? null;
  const add = async (): Promise<void> => {
    const wrong =
      amountTrouble('temperature', set, 'the temperature') ?? amountTrouble('volume', litres, 'what it holds');
    if (wrong) return setTrouble(wrong);
    if (name.trim() === '') return setTrouble('Enter a name, such as chest freezer in the shed.');
    const [c, l] = [typedAmount('temperature', set), typedAmount('volume', litres)];
    const id = newId();
    const r = await write('store.added', id, {
      name: name.trim(),
      is,
      ...(c ? { setC: c.value } : {}),
      ...(l ? { litres: l.value } : {}),
      ...(takes && taken ? { standsFor: taken.id as PlainStore } : {}),
      ...asTyped({ setC: c, litres: l }),
    });
    if (!r.ok) return setTrouble(r.why);
    onClose();
    void navigate(`/larder/store/${id}`);
  };
  return (
    <Dialog title="Add your own store" open onClose={onClose}>
      <TextField
        label="Name"
        id="store-name"
        maxLength={60}
        autoFocus
        value={name}
        placeholder="chest freezer in the shed"
        onChange={(e) => (setName(e.target.value), setTrouble(null))}
      />
      <Chips label="What it is" options={plain(STORE_KINDS)} value={is} onChange={setIs} />
      <p className="hint">{degrees(STORE_ABOUT[is])}</p>
      <div className="measure-row">
        <Quantity
          label="Set to"
          amount="temperature"
          value={set}
          onChange={setSet}
          placeholder={inField('temperature', facts.typicalC)}
        />
        <Quantity label="Holds" amount="volume" value={litres} onChange={setLitres} />
      </div>
      {taken && (
        <label className="check">
          <input type="checkbox" className="checkbox" checked={takes} onChange={(e) => setTakes(e.target.checked)} />{' '}
          Move the packs from the {taken.name} here
        </label>
      )}
      <Trouble says={trouble} />
      <div className="keys">
        <DeckKey act name="Add it" note="packs can be put in at once" onClick={() => void add()} />
      </div>
    </Dialog>
  );
}
