import { useNow } from '../../ui/use-now.ts';
import { useAsked } from '../../asked/asked.ts';
import { type PackForm, type Wrapping, wrappingsFor } from '@dagboek/core/larder';
import { sayDate, stamp } from '@dagboek/core/time';
import { FORMS, isNotToEat, nextPackNumber, packAsIf, packByHand, storesOf } from '@dagboek/journal';
import { useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import { useCatalogue } from '../../asked/catalogue.ts';
import { nowMs } from '../../ui/clock.ts';
import { DeckKey } from '../../lines/deck-key.tsx';
import { speciesFinder } from '../../asked/find-species.ts';
import { useFormat } from '../../asked/format.ts';
import { useBook } from '../../offline/journal-context.tsx';
import { newId } from '../../asked/use-write.ts';
import { useUndoWrite } from '../../lines/take-back.tsx';
import { Chips, plain } from '../../ui/chips.tsx';
import { Dialog } from '../../ui/dialog.tsx';
import { LineKey } from '../../ui/key.tsx';
import { Quantity } from '../../asked/quantity.tsx';
import { SearchField } from '../../ui/search-field.tsx';
import { Trouble } from '../../ui/trouble.tsx';
import { NotToEat } from '../../fish/not-to-eat.tsx';
import { typedNumber } from '../../ui/typed-number.ts';
import { amountTrouble, asTyped, sayGrams, typedAmount } from '../../asked/units.ts';
import { SelectField } from '../../ui/text-field.tsx';

/** What is weighed changes no day, g. */
const SOME_G = 400;
/** So many kinds are offered at a time. */
const MOST = 5;
/** Packed so many days ago. Older than a month nobody remembers to the day. */
const AGO = ['0', '1', '2', '3', '7', '14', '30'] as const;
type Ago = (typeof AGO)[number];
const AGO_WORDS: Readonly<Record<Ago, string>> = {
  '0': 'today',
  '1': 'yesterday',
  '2': '2 days ago',
  '3': '3 days ago',
  '7': 'a week ago',
  '14': 'two weeks',
  '30': 'a month',
};

/** A pack that the board never saw: given, bought, or packed before there was a book. Its fish have no line, and its days count from the day it was packed. */
export function AddPack({ onClose }: { onClose: () => void }) {
  const { book } = useBook();
  const { all } = useCatalogue();
  const { writeAll } = useUndoWrite();
  const { day, zone } = useFormat();
  const asked = useAsked(useNow(60_000));
  const navigate = useNavigate();
  const find = useMemo(() => speciesFinder(all), [all]);
  const stores = storesOf(book);
  const [word, setWord] = useState('');
  const [kind, setKind] = useState<string | null>(null);
  const [form, setForm] = useState<PackForm>('fillets');
  const [grams, setGrams] = useState('');
  const [count, setCount] = useState('');
  const [ago, setAgo] = useState<Ago>('0');
  const [storeId, setStore] = useState(stores[0]!.id);
  const [wrap, setWrap] = useState<Wrapping | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const store = stores.find((s) => s.id === storeId) ?? stores[0]!;
  const wraps = wrappingsFor(store.place);
  const wrapping = wrap && wraps.includes(wrap) ? wrap : store.place === 'fridge' ? 'cloth' : 'bag';
  const found = word.trim() === '' ? [] : find(word).slice(0, MOST);
  const species = all.find((s) => s.id === kind) ?? null;
  const today = day(stamp(nowMs(), zone));
  const pieces = typedNumber(count);
  // As it would be held: the same function as once it is written.
  const asIf = useMemo(() => {
    if (!species) return null;
    const told = { species, form, massG: SOME_G, pieces: null, wrapping, store, daysAgo: Number(ago) };
    return packAsIf({ ...asked, nowMs: nowMs() }, packByHand(asked, told, today, newId()));
  }, [asked, species, form, wrapping, store, ago, today]);
  const keep = async (): Promise<void> => {
    if (!species) return setTrouble('Which species? Type its name, and choose it.');
    const wrong = amountTrouble('mass', grams, 'the weight');
    const read = typedAmount('mass', grams);
    if (wrong || !read) return setTrouble(wrong ?? `Enter its weight, for example ${sayGrams(420)}.`);
    if (pieces !== null && !(Number.isInteger(pieces) && pieces >= 1))
      return setTrouble('Pieces are counted in whole numbers.');
    const id = newId();
    const told = { species, form, massG: read.value, pieces, wrapping, store, daysAgo: Number(ago) };
    const w = packByHand(asked, told, today, id);
    const r = await writeAll([{ ...w, facts: { ...w.facts, ...asTyped({ massG: read }) } }]);
    if (!r.ok) return setTrouble(r.why);
    onClose();
    void navigate(`/larder/${id}`);
  };
  return (
    <Dialog title="Add a pack that was not cut here" open onClose={onClose}>
      <p className="hint">
        A gift, bought, or packed before this book. How its fish was handled is not known: follow the eat-by day.
      </p>
      {species ? (
        <p>
          <b>{species.name}</b> <LineKey onClick={() => setKind(null)}>Another species</LineKey>
        </p>
      ) : (
        <>
          <SearchField
            label="Which species"
            value={word}
            onChange={(w) => (setWord(w), setTrouble(null))}
            placeholder="in any language"
            onEnter={() => setKind(found[0]?.species.id ?? null)}
          />
          <Chips
            label="Found"
            hideLabel
            options={found.map((f) => ({
              value: f.species.id,
              text: f.byName ? `${f.species.name} (${f.byName})` : f.species.name,
            }))}
            value={kind}
            onChange={setKind}
          />
        </>
      )}
      <SelectField label="Form" id="add-form" value={form} onChange={(e) => setForm(e.target.value as PackForm)}>
        {FORMS.map((f) => (
          <option key={f}>{f}</option>
        ))}
      </SelectField>
      <div className="measure-row">
        <Quantity label="It weighs" amount="mass" value={grams} onChange={(v) => (setGrams(v), setTrouble(null))} />
        <Quantity label="Pieces" whole value={count} onChange={setCount} />
      </div>
      <Chips
        label="Packed"
        options={AGO.map((value) => ({ value, text: AGO_WORDS[value] }))}
        value={ago}
        onChange={setAgo}
      />
      <Chips
        label="Where"
        options={stores.map((s) => ({ value: s.id, text: s.name }))}
        value={store.id}
        onChange={setStore}
      />
      <Chips label="Wrapped in" options={plain(wraps)} value={wrapping} onChange={setWrap} />
      {asIf && <NotToEat of={asIf.pack.what} harm={asIf} />}
      {asIf && !isNotToEat(asIf) && (
        <p className="hint">
          Eat by <b>{sayDate(asIf.keeps.eatBy)}</b>; official limit {sayDate(asIf.keeps.authority)}.
        </p>
      )}
      <Trouble says={trouble} />
      <div className="keys">
        <DeckKey
          act
          name="Into the larder"
          note={`saved as pack ${nextPackNumber(book)}`}
          onClick={() => void keep()}
        />
      </div>
    </Dialog>
  );
}
