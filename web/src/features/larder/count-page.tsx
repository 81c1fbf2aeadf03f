import { countedIn, mendByCount, packLeft, packNumber, packsIn, type Store, storeById } from '@dagboek/journal';
import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { MissingPage } from '../../frame/missing-page.tsx';
import { DeckKey } from '../../lines/deck-key.tsx';
import { plural, wordFor } from '../../asked/format.ts';
import { useBook } from '../../offline/journal-context.tsx';
import { useUndoWrite } from '../../lines/take-back.tsx';
import { Page, Row } from '../../frame/page.tsx';
import { KeyLink } from '../../ui/key.tsx';
import { Trouble } from '../../ui/trouble.tsx';
import { useKept } from '../../ui/use-kept.ts';
import { sayMass } from '../../asked/units.ts';
import { storeName } from './say-store.ts';

/** Counting what is really there: each pack ticked as it is found; what was not is taken out of the book, after it was asked about. */
export function CountPage() {
  const { id = '' } = useParams();
  const { book } = useBook();
  const store = storeById(book, id);
  return store ? <Count store={store} /> : <MissingPage />;
}

function Count({ store }: { store: Store }) {
  const { book } = useBook();
  const { writeAll } = useUndoWrite();
  const navigate = useNavigate();
  // What was ticked survives a reload: one counts with cold hands, and is called away.
  const [kept, setKept] = useKept<{ store: string; found: readonly string[] }>('counting', { store: '', found: [] });
  const found = new Set(kept.store === store.id ? kept.found : []);
  const [asked, setAsked] = useState(false);
  const [trouble, setTrouble] = useState<string | null>(null);
  const packs = [...packsIn(book, store.id)].sort((a, b) => a.number - b.number);
  const { there, missing, missingG } = countedIn(book, store.id, found);
  const tick = (id: string, on: boolean): void => {
    setKept({ store: store.id, found: on ? [...found, id] : [...found].filter((x) => x !== id) });
    setAsked(false);
  };
  const finish = async (): Promise<void> => {
    if (missing.length > 0 && !asked) return setAsked(true);
    const r = await writeAll(mendByCount(book, store, found));
    if (!r.ok) return setTrouble(r.why);
    setKept({ store: '', found: [] });
    void navigate(`/larder/store/${store.id}`);
  };
  return (
    <Page
      title={`Count ${storeName(store)}`}
      first={{ label: 'Found', value: `${there.length} of ${packs.length}` }}
      cells={[
        { label: 'Counting', value: storeName(store) },
        { label: 'Not found yet', value: missing.length === 0 ? 'none' : sayMass(missingG) },
      ]}
    >
      <Row className="pad">
        <h2>What is really there</h2>
        <p className="hint">Tick each pack as you lift it out. To add a pack that is missing here, use the Board.</p>
        {packs.length === 0 && <p>According to the book, this store is empty.</p>}
        <ul className="plain-list count-list">
          {packs.map((p) => (
            <li key={p.id}>
              <label className="check gap-2.5 flex items-center min-h-12">
                <input
                  type="checkbox"
                  className="checkbox"
                  checked={found.has(p.id)}
                  onChange={(e) => tick(p.id, e.target.checked)}
                />{' '}
                <b className="num">{packNumber(book, p)}</b> {p.what} <small>{sayMass(packLeft(book, p).leftG)}</small>
              </label>
            </li>
          ))}
        </ul>
        {asked && (
          <p className="alert alert-warning" role="alert">
            <b>{plural(missing.length, 'pack')} not found,</b> {sayMass(missingG)} in all:{' '}
            {wordFor(missing.length, 'it', 'they')} will be noted as not found. Tap once more to confirm. A wrong entry
            can be crossed out later.
          </p>
        )}
        <Trouble says={trouble} />
        <div className="keys">
          <DeckKey
            act
            again={asked}
            name="Counted"
            {...(packs.length === 0
              ? { waits: 'nothing to count' }
              : { note: missing.length === 0 ? 'all found' : `${plural(missing.length, 'pack')} not found` })}
            onClick={() => void finish()}
          />
          <KeyLink to={`/larder/store/${store.id}`} name="Later" note="ticked packs stay" />
        </div>
      </Row>
    </Page>
  );
}
