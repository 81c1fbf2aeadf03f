import { wordFor } from '../../asked/format.ts';
import { sayDate } from '@dagboek/core/time';
import { type HeldPack, type Store, type withoutCurrentOf } from '@dagboek/journal';
import { DeckKey } from '../../lines/deck-key.tsx';
import { KeyLink } from '../../ui/key.tsx';

/** What can be done to a store: read, current off or back, counted, made your own, no longer used. */
export function StoreKeys({
  own,
  setOpen,
  off,
  put,
  held,
  store,
  day,
}: {
  own: Store['own'];
  setOpen: (to: 'own' | 'read' | 'retire' | null) => void;
  off: ReturnType<typeof withoutCurrentOf>;
  put: (kind: 'store.power' | 'store.retired', facts: object) => Promise<void>;
  held: HeldPack[];
  store: Store;
  day: (at: string) => string;
}) {
  return (
    <div className="keys">
      {own && own.retiredAt === null && (
        <>
          <DeckKey act name="Read it" note="typed in, or from its thermometer" onClick={() => setOpen('read')} />
          <DeckKey
            again={off !== null}
            name={off ? 'Power is back' : 'Power failed'}
            note={off ? 'then read the thermometer' : 'shows what thaws when'}
            onClick={() => void put('store.power', { is: off ? 'on' : 'off' })}
          />
          <DeckKey
            name="No longer used"
            {...(held.length > 0
              ? { waits: `move its ${wordFor(held.length, 'pack', `${held.length} packs`)} first` }
              : { note: 'its entries stay' })}
            onClick={() => setOpen('retire')}
          />
        </>
      )}
      {held.length > 0 && (
        <KeyLink
          to={`/larder/store/${store.id}/count`}
          name="Count it"
          note={own?.countedAt ? `last on ${sayDate(day(own.countedAt))}` : 'what is really there'}
        />
      )}
      {!own && (
        <DeckKey act name="Add as your own" note="with a name and its own readings" onClick={() => setOpen('own')} />
      )}
    </div>
  );
}
