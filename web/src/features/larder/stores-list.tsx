import { useNow } from '../../ui/use-now.ts';
import { useAsked } from '../../asked/asked.ts';
import { storeNow, storesOf } from '@dagboek/journal';
import { useState } from 'react';
import { Link } from 'react-router';
import { useBook } from '../../offline/journal-context.tsx';
import { LineKey } from '../../ui/key.tsx';
import { sayStoreNow, storeName } from './say-store.ts';
import { StoreForm } from './store-form.tsx';

/** Where packs lie, how cold it is there; and a key for another one. */
export function StoresList() {
  const { book } = useBook();
  const asked = useAsked(useNow(60_000));
  const [adding, setAdding] = useState(false);
  return (
    <>
      <h2 className="ruled">Stores</h2>
      <ul className="plain-list">
        {storesOf(book).map((s) => (
          <li key={s.id}>
            <Link to={`/larder/store/${s.id}`}>{storeName(s)}</Link>
            <small>{sayStoreNow(storeNow(asked, s))}</small>
          </li>
        ))}
      </ul>
      <p>
        <LineKey onClick={() => setAdding(true)}>Add your own store</LineKey>
      </p>
      {adding && <StoreForm instead={null} onClose={() => setAdding(false)} />}
    </>
  );
}
