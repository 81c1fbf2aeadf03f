import { plural } from '@dagboek/core/units';
import { useNow } from '../../ui/use-now.ts';
import { useAsked } from '../../asked/asked.ts';
import { type PackForm, type Wrapping, wrappingsFor } from '@dagboek/core/larder';
import {
  formsOutOf,
  mergeable,
  mergePacks,
  packLeft,
  packNumber,
  type PackState,
  splitPack,
  storeOfPack,
  storesOf,
  takeTrouble,
  takenFor,
} from '@dagboek/journal';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { useNames } from '../../asked/names.ts';
import { nowMs } from '../../ui/clock.ts';
import { DeckKey } from '../../lines/deck-key.tsx';
import { useBook } from '../../offline/journal-context.tsx';
import { newId } from '../../asked/use-write.ts';
import { useUndoWrite } from '../../lines/take-back.tsx';
import { Chips, plain } from '../../ui/chips.tsx';
import { Dialog } from '../../ui/dialog.tsx';
import { Quantity } from '../../asked/quantity.tsx';
import { Trouble } from '../../ui/trouble.tsx';
import { typedNumber } from '../../ui/typed-number.ts';
import { amountTrouble, asTyped, sayMass, typedAmount, units } from '../../asked/units.ts';
import { TextField } from '../../ui/text-field.tsx';

/** Pieces as typed: null when nothing, NaN when it is no whole number of them. */
function typedPieces(text: string): number | null {
  const n = typedNumber(text);
  return n === null || (Number.isInteger(n) && n >= 1) ? n : Number.NaN;
}
const NO_COUNT = 'Pieces are counted in whole numbers.';
type For = 'a new pack' | ReturnType<typeof takenFor>[number];

/** Takes a part out: into a pack of its own, thrown or given away, for bait. What is left stays as it is. */
export function TakeDialog({ pack, onClose }: { pack: PackState; onClose: () => void }) {
  const { book } = useBook();
  const { write, writeAll } = useUndoWrite();
  const names = useNames();
  const asked = useAsked(useNow(60_000));
  const navigate = useNavigate();
  const left = packLeft(book, pack);
  const stores = storesOf(book);
  const [grams, setGrams] = useState('');
  const [count, setCount] = useState('');
  const [what, setWhat] = useState<For>('a new pack');
  const [why, setWhy] = useState('');
  const [form, setForm] = useState<PackForm>(pack.form);
  const [wrap, setWrap] = useState<Wrapping>(pack.wrapping);
  const [storeId, setStore] = useState(storeOfPack(book, pack).id);
  const [trouble, setTrouble] = useState<string | null>(null);
  const store = stores.find((s) => s.id === storeId) ?? storeOfPack(book, pack);
  const wraps = wrappingsFor(store.place);
  const wrapping = wraps.includes(wrap) ? wrap : 'bag';
  const take = async (): Promise<void> => {
    const wrong = amountTrouble('mass', grams, 'the weight');
    const pieces = typedPieces(count);
    if (wrong || Number.isNaN(pieces)) return setTrouble(wrong ?? NO_COUNT);
    const read = typedAmount('mass', grams);
    // Counted alone, it weighs its share.
    const share = pieces !== null && left.pieces ? (left.leftG * pieces) / left.pieces : 0;
    const massG = read?.value ?? Math.round(share);
    const cannot = takeTrouble(book, pack, massG, pieces, units);
    if (cannot) return setTrouble(cannot);
    if (what === 'a new pack') {
      const id = newId();
      const r = splitPack(book, pack, { massG, pieces, wrapping, store, form }, names.species(pack.species), id, units);
      if (!r.ok) return setTrouble(r.why);
      const w = await writeAll([...r.writings]);
      if (!w.ok) return setTrouble(w.why);
      onClose();
      return void navigate(`/larder/${id}`);
    }
    const r = await write('pack.taken', pack.id, {
      massG,
      ...(pieces === null ? {} : { pieces }),
      is: what,
      ...(why.trim() ? { why: why.trim() } : {}),
      ...asTyped({ massG: read }),
    });
    if (r.ok) onClose();
    else setTrouble(r.why);
  };
  return (
    <Dialog title={`Take some out of pack ${packNumber(book, pack)}`} open onClose={onClose}>
      <p className="hint">
        {sayMass(left.leftG)} are left
        {left.pieces === null ? '' : `, ${plural(left.pieces, 'piece')}`}.
      </p>
      <div className="measure-row">
        <Quantity
          label="How much"
          amount="mass"
          value={grams}
          onChange={(v) => (setGrams(v), setTrouble(null))}
          autoFocus
        />
        <Quantity label="Pieces" whole value={count} onChange={(v) => (setCount(v), setTrouble(null))} />
      </div>
      <Chips
        label="For"
        options={plain<For>(['a new pack', ...takenFor({ ...asked, nowMs: nowMs() }, pack)])}
        value={what}
        onChange={setWhat}
      />
      {what === 'a new pack' ? (
        <>
          {formsOutOf(pack.form).length > 1 && (
            <Chips label="As" options={plain(formsOutOf(pack.form))} value={form} onChange={setForm} />
          )}
          <Chips
            label="Where"
            options={stores.map((s) => ({ value: s.id, text: s.name }))}
            value={store.id}
            onChange={setStore}
          />
          <Chips label="Wrapped in" options={plain(wraps)} value={wrapping} onChange={setWrap} />
        </>
      ) : (
        <TextField
          label={<>{what === 'given away' ? 'To whom' : 'Why'} (optional)</>}
          id="taken-why"
          maxLength={200}
          value={why}
          onChange={(e) => setWhy(e.target.value)}
        />
      )}
      <Trouble says={trouble} />
      <div className="keys">
        <DeckKey
          act
          name="Taken out"
          note={what === 'a new pack' ? 'with its own number' : `${what}, noted`}
          onClick={() => void take()}
        />
      </div>
    </Dialog>
  );
}

/** Weighs a pack again: what it holds from now on. */
export function WeighDialog({ pack, onClose }: { pack: PackState; onClose: () => void }) {
  const { book } = useBook();
  const { write } = useUndoWrite();
  const left = packLeft(book, pack);
  const [grams, setGrams] = useState('');
  const [count, setCount] = useState('');
  const [trouble, setTrouble] = useState<string | null>(null);
  const [asked, setAsked] = useState(false);
  const weigh = async (): Promise<void> => {
    const wrong = amountTrouble('mass', grams, 'the weight');
    const read = typedAmount('mass', grams);
    const pieces = typedPieces(count);
    if (wrong || Number.isNaN(pieces)) return setTrouble(wrong ?? NO_COUNT);
    if (!read) return setTrouble('Enter the weight.');
    if (!asked && (read.value > left.leftG * 1.1 + 5 || read.value < left.leftG * 0.5)) return setAsked(true);
    const r = await write('pack.weighed', pack.id, {
      massG: read.value,
      ...(pieces === null ? {} : { pieces }),
      ...asTyped({ massG: read }),
    });
    if (r.ok) onClose();
    else setTrouble(r.why);
  };
  return (
    <Dialog title={`Weigh pack ${packNumber(book, pack)} again`} open onClose={onClose}>
      <p className="hint">According to the book {sayMass(left.leftG)} are left. Without the wrapping.</p>
      <div className="measure-row">
        <Quantity
          label="It weighs"
          amount="mass"
          value={grams}
          onChange={(v) => (setGrams(v), setAsked(false), setTrouble(null))}
          autoFocus
          onEnter={() => void weigh()}
        />
        <Quantity label="Pieces" whole value={count} onChange={setCount} />
      </div>
      {asked && (
        <p className="alert alert-warning" role="alert">
          <b>Look again.</b> The book has {sayMass(left.leftG)} in it. If it is right, tap once more.
        </p>
      )}
      <Trouble says={trouble} />
      <div className="keys">
        <DeckKey act again={asked} name="Weighed" note="applies from now on" onClick={() => void weigh()} />
      </div>
    </Dialog>
  );
}

/** Puts other packs of the same kind with this one: a new pack with both, and the earliest day of them. */
export function MergeDialog({ pack, onClose }: { pack: PackState; onClose: () => void }) {
  const { book } = useBook();
  const { writeAll } = useUndoWrite();
  const names = useNames();
  const navigate = useNavigate();
  const asked = useAsked(useNow(60_000));
  const others = mergeable(asked, pack);
  const [chosen, setChosen] = useState<readonly string[]>([]);
  const [trouble, setTrouble] = useState<string | null>(null);
  const merge = async (): Promise<void> => {
    const id = newId();
    const chosenToo = others.filter((p) => chosen.includes(p.id));
    const r = mergePacks(asked, [pack, ...chosenToo], names.species(pack.species), id);
    if (!r.ok) return setTrouble(r.why);
    const w = await writeAll([...r.writings]);
    if (!w.ok) return setTrouble(w.why);
    onClose();
    void navigate(`/larder/${id}`);
  };
  return (
    <Dialog title={`Put with pack ${packNumber(book, pack)}`} open onClose={onClose}>
      <p className="hint">They become one pack with a new number. The earliest eat-by day counts for all.</p>
      <ul className="plain-list">
        {others.map((p) => (
          <li key={p.id}>
            <label className="check">
              <input
                type="checkbox"
                className="checkbox"
                checked={chosen.includes(p.id)}
                onChange={(e) => setChosen(e.target.checked ? [...chosen, p.id] : chosen.filter((id) => id !== p.id))}
              />{' '}
              <b>{packNumber(book, p)}</b> {p.what}, {sayMass(packLeft(book, p).leftG)}, {storeOfPack(book, p).name}
            </label>
          </li>
        ))}
      </ul>
      <Trouble says={trouble} />
      <div className="keys">
        <DeckKey act name="Put together" note="with its own number" onClick={() => void merge()} />
      </div>
    </Dialog>
  );
}
