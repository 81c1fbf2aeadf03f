import type { TripState } from '@dagboek/journal';
import { useId, useState } from 'react';
import { useNames } from '../kit/catalogue.ts';
import { DeckKey } from '../kit/deck-key.tsx';
import { useWrite } from '../kit/journal/use-write.ts';
import { Chips } from '../kit/ui/chips.tsx';
import { Trouble } from '../kit/ui/trouble.tsx';

/** Who was hurt, what happened, what was done: a line of the trip, after the help. */
export function NoteHarm({ trip, onDone }: { trip: TripState; onDone: () => void }) {
  const { write } = useWrite();
  const names = useNames();
  const id = useId();
  const [who, setWho] = useState(trip.crew[0] ?? '');
  const [text, setText] = useState('');
  const [trouble, setTrouble] = useState<string | null>(null);
  return (
    <>
      <Chips
        label="Who"
        options={trip.crew.map((m) => ({ value: m, text: names.member(m) }))}
        value={who}
        onChange={setWho}
      />
      <div className="field">
        <label htmlFor={id}>What happened, what was done</label>
        <textarea id={id} className="textarea" rows={3} value={text} onChange={(e) => setText(e.target.value)} />
      </div>
      <Trouble says={trouble} />
      <div className="keys">
        <DeckKey
          act
          name="Note it"
          onClick={() =>
            void write('trip.harm', trip.id, { who, text: text.trim() }).then((r) =>
              r.ok ? onDone() : setTrouble(r.why),
            )
          }
        />
      </div>
    </>
  );
}
