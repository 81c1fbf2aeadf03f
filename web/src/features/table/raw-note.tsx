import { sayFreezing } from '@dagboek/core/larder';
import { rawBy } from '@dagboek/journal';
import { useState } from 'react';
import { useBook } from '../../offline/journal-context.tsx';
import { useWrite } from '../../asked/use-write.ts';
import { Chips } from '../../ui/chips.tsx';
import { Trouble } from '../../ui/trouble.tsx';
import { degrees, units } from '../../asked/units.ts';
import type { NewMeal } from './use-new-meal.ts';

/** Whether the packs of a meal may be eaten raw: the verdict, each reason with its source. Never "safe". */
export function RawNote({ meal }: { meal: NewMeal }) {
  const { raw } = meal;
  return (
    <section
      className={raw.verdict === 'conditions met' ? 'raw-note' : 'raw-note alert alert-warning'}
      aria-label="Can it be eaten raw?"
    >
      <p>
        <b>{meal.rawWords}</b>
      </p>
      <ul className="plain-list">
        {raw.reasons.map((r) => (
          <li key={`${r.of ?? ''}${r.say}`}>
            {r.of ? `${r.of}: ` : ''}
            {degrees(r.say)} <small>{r.source}</small>
          </li>
        ))}
      </ul>
      <p>
        <small>
          Cured, cold-smoked, and seared with a raw middle count as raw. Your authorities and a doctor come first.
          Authorities differ about tuna and farmed fish; here both are frozen like wild fish.
        </small>
      </p>
      <RawBy />
    </section>
  );
}

/** Whose line of freezing the house goes by: the stricter one, until it chooses. */
function RawBy() {
  const { book } = useBook();
  const { write } = useWrite();
  const [trouble, setTrouble] = useState<string | null>(null);
  const id = book.all('book')[0]?.id;
  if (!id) return null;
  return (
    <>
      <Chips
        label="This kitchen follows the limit of"
        options={(['US', 'EU'] as const).map((by) => ({ value: by, text: `${by}: ${sayFreezing(by, units)}` }))}
        value={rawBy(book)}
        onChange={(is) => void write('book.way', id, { of: 'raw by', is }).then((r) => setTrouble(r.ok ? null : r.why))}
      />
      <Trouble says={trouble} />
    </>
  );
}
