import { NOTE_TOPICS, type TripState } from '@dagboek/journal';
import { useState } from 'react';
import { DeckKey } from '../kit/deck-key.tsx';
import { Chips, plain } from '../kit/ui/chips.tsx';
import { Dialog } from '../kit/ui/dialog.tsx';
import { Trouble } from '../kit/ui/trouble.tsx';
import { NOW, type When, WhenField, whenMs } from '../kit/ui/when.tsx';
import { useDeckWrite } from './take-back.tsx';
import { TRIP_PHRASES } from './trip-phrases.ts';

/** The key for everything that is no fish: lost ones, sightings, bait, tide, weather. One tap on a phrase writes it. */
export function NoteKey({ trip }: { trip: TripState }) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <DeckKey type="button" name="Note" note="lost fish, sighting, tide" onClick={() => setOpen(true)} />
      {open && <NoteDialog trip={trip} onClose={() => setOpen(false)} />}
    </>
  );
}

function NoteDialog({ trip, onClose }: { trip: TripState; onClose: () => void }) {
  const { write } = useDeckWrite();
  const [topic, setTopic] = useState<(typeof NOTE_TOPICS)[number]>(NOTE_TOPICS[0]);
  const [text, setText] = useState('');
  const [when, setWhen] = useState<When>(NOW);
  const [trouble, setTrouble] = useState<string | null>(null);
  const note = async (words: string): Promise<void> => {
    const r = await write('trip.noted', trip.id, { topic, text: words }, { atMs: whenMs(when) });
    if (r.ok) onClose();
    else setTrouble(r.why);
  };
  return (
    <Dialog title="What was there?" open onClose={onClose}>
      <Chips label="Of" options={plain(NOTE_TOPICS)} value={topic} onChange={setTopic} />
      <ul className="phrases" aria-label={`Of ${topic}`}>
        {TRIP_PHRASES[topic].map((p) => (
          <li key={p}>
            <DeckKey type="button" name={p} onClick={() => void note(p)} />
          </li>
        ))}
      </ul>
      <WhenField value={when} onChange={setWhen} />
      <form
        className="remark"
        onSubmit={(e) => {
          e.preventDefault();
          void note(text.trim());
        }}
      >
        <input
          className="input"
          aria-label="In your own words"
          placeholder="in your own words"
          maxLength={2000}
          value={text}
          onChange={(e) => setText(e.target.value)}
        />
        <DeckKey type="submit" name="Noted" />
      </form>
      <Trouble says={trouble} />
    </Dialog>
  );
}
