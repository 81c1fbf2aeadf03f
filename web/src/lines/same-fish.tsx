import { fishNumbers, type FishState, maybeSameFish, mergeOf, mergeWritings } from '@dagboek/journal';
import { useState } from 'react';
import { sayFish, useNames } from '../asked/names.ts';
import { DeckKey } from './deck-key.tsx';
import { useFormat } from '../asked/format.ts';
import { useBook } from '../offline/journal-context.tsx';
import { useWrite } from '../asked/use-write.ts';
import { Trouble } from '../ui/trouble.tsx';
import { sayLength } from '../asked/units.ts';

/** One fish noted by two hands: each line that may be the same, and the key that makes them one. Nothing when there is none. */
export function SameFish({ fish, onDone }: { fish: FishState; onDone?: (stays: string) => void }) {
  const { book } = useBook();
  const names = useNames();
  const { time } = useFormat();
  const { writeAll } = useWrite();
  const [trouble, setTrouble] = useState<string | null>(null);
  const numbers = fishNumbers(book, fish.trip);
  const list = book.stands(fish) ? maybeSameFish(book, fish) : [];
  if (list.length === 0) return null;
  const merge = async (other: FishState): Promise<void> => {
    const m = mergeOf(book, fish, other);
    if (!m.ok) return setTrouble(m.why);
    const r = await writeAll(mergeWritings(m.stays, m.gone, numbers.get(m.stays.id) ?? '?'));
    setTrouble(r.ok ? null : r.why);
    if (r.ok) onDone?.(m.stays.id);
  };
  return (
    <section className="same-fish" aria-label="Noted twice?">
      <h3>Noted twice?</h3>
      <p>
        If someone else noted the same fish, the two become one entry. Everything noted is kept, and the crossed-out
        entry stays readable.
      </p>
      <ul className="plain-list">
        {list.map((f) => (
          <li key={f.id}>
            <DeckKey
              name={`Same as no. ${numbers.get(f.id) ?? '?'}`}
              note={`${time(f.landed.at)}, ${sayFish(f, names)}${f.length ? `, ${sayLength(f.length.mm)}` : ''}, caught by ${names.member(f.angler)}`}
              onClick={() => void merge(f)}
            />
          </li>
        ))}
      </ul>
      <Trouble says={trouble} />
    </section>
  );
}
