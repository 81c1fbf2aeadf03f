import { useAsked } from '../../asked/asked.ts';
import { REFREEZE } from '@dagboek/core/larder';
import {
  ageingFacts,
  type HeldPack,
  type PackState,
  sayAgeing,
  type Store,
  storeNow,
  storeOfPack,
  storesOf,
} from '@dagboek/journal';
import { useState } from 'react';
import { units } from '../../asked/units.ts';
import { DeckKey } from '../../lines/deck-key.tsx';
import { useBook } from '../../offline/journal-context.tsx';
import { useUndoWrite } from '../../lines/take-back.tsx';
import { useNow } from '../../ui/use-now.ts';
import { Dialog } from '../../ui/dialog.tsx';
import { Trouble } from '../../ui/trouble.tsx';
import { sayStoreNow, storeName } from './say-store.ts';

/** With no more other stores than this each has its own key. */
const KEYS = 3;

/** Moves a pack: a key for each other store, or one that lists them. What thawed is frozen again only after it was asked about. */
export function MoveKeys({ pack, held }: { pack: PackState; held: HeldPack }) {
  const { book } = useBook();
  const { write } = useUndoWrite();
  const now = useNow(60_000);
  const asked = useAsked(now);
  const [listing, setListing] = useState(false);
  const [age, setAge] = useState<Store | null>(null);
  const [refreeze, setRefreeze] = useState<Store | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const here = storeOfPack(book, pack);
  const others = storesOf(book).filter((s) => s.id !== here.id);
  const move = async (to: Store): Promise<void> => {
    const r = await write('pack.moved', pack.id, { place: to.place, ...(to.own ? { store: to.id } : {}) });
    setTrouble(r.ok ? null : r.why);
    if (r.ok) (setListing(false), setRefreeze(null), setAge(null));
  };
  // What must not be aged is asked about before it is hung.
  const forbids = (to: Store): string[] => {
    if (to.is !== 'ageing rack') return [];
    const f = ageingFacts(asked, pack, to, now, held.leftG, held.thawed);
    return sayAgeing(f, units).stop;
  };
  const choose = (to: Store): void => {
    if (forbids(to).length > 0) return void (setListing(false), setAge(to));
    if (to.place === 'freezer' && held.thawed) (setListing(false), setRefreeze(to));
    else void move(to);
  };
  const note = (to: Store): string => {
    if (to.place !== here.place) return to.place === 'fridge' ? 'thaw it overnight' : 'as soon as possible';
    return sayStoreNow(storeNow(asked, to));
  };
  const keyOf = (s: Store) => (
    <DeckKey key={s.id} name={`To ${storeName(s)}`} note={note(s)} onClick={() => choose(s)} />
  );
  return (
    <>
      {others.length <= KEYS ? (
        others.map(keyOf)
      ) : (
        <DeckKey name="Move it" note={`from ${storeName(here)}`} onClick={() => setListing(true)} />
      )}
      {listing && (
        <Dialog title="Where to" open onClose={() => setListing(false)}>
          <div className="keys">{others.map(keyOf)}</div>
          <Trouble says={trouble} />
        </Dialog>
      )}
      {age && (
        <Dialog title="Hang it anyway?" open onClose={() => setAge(null)}>
          <ul className="plain-list alert alert-warning">
            {forbids(age).map((f) => (
              <li key={f}>{f}</li>
            ))}
          </ul>
          <div className="keys">
            <DeckKey name="Leave it" note="where it lies" onClick={() => setAge(null)} />
            <DeckKey
              name={`To ${storeName(age)}`}
              note="it is not aged, and does not keep longer"
              onClick={() => void move(age)}
            />
          </div>
          <Trouble says={trouble} />
        </Dialog>
      )}
      {refreeze && (
        <Dialog title="Freeze it again?" open onClose={() => setRefreeze(null)}>
          <p className="alert alert-warning">{REFREEZE}</p>
          <div className="keys">
            <DeckKey name="Leave it" note="cook it by tomorrow" onClick={() => setRefreeze(null)} />
            <DeckKey
              act
              name={`To ${storeName(refreeze)}`}
              note="it stayed icy or cold"
              onClick={() => void move(refreeze)}
            />
          </div>
          <Trouble says={trouble} />
        </Dialog>
      )}
      {!listing && !refreeze && !age && <Trouble says={trouble} />}
    </>
  );
}
