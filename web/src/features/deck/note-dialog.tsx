import { NOTE_TOPICS, type TripState } from '@dagboek/journal';
import { useState } from 'react';
import { DeckKey } from '../../lines/deck-key.tsx';
import { Chips, plain } from '../../ui/chips.tsx';
import { Dialog } from '../../ui/dialog.tsx';
import { Quantity } from '../../asked/quantity.tsx';
import { numberTrouble, typedNumber } from '../../ui/typed-number.ts';
import { amountTrouble, asTyped, typedAmount } from '../../asked/units.ts';
import { Trouble } from '../../ui/trouble.tsx';
import { NOW, type When, WhenField, whenMs } from '../../asked/when.tsx';
import { useSky } from '../../devices/sky.ts';
import { useUndoWrite } from '../../lines/take-back.tsx';
import { TRIP_PHRASES } from './trip-phrases.ts';

/** What was there besides fish: one tap on a phrase, or on what a source says, writes it. */
export function NoteDialog({ trip, onClose }: { trip: TripState; onClose: () => void }) {
  const { write } = useUndoWrite();
  const [topic, setTopic] = useState<(typeof NOTE_TOPICS)[number]>(NOTE_TOPICS[0]);
  const [text, setText] = useState('');
  const [when, setWhen] = useState<When>(NOW);
  const sky = useSky(trip.waters, trip.zone);
  const heard = topic === 'weather' ? sky.weather : topic === 'tide' ? sky.tide : topic === 'water' ? sky.water : null;
  const [depth, setDepth] = useState('');
  const [cost, setCost] = useState('');
  const [trouble, setTrouble] = useState<string | null>(null);
  const note = async (words: string, more: { airC?: number } = {}): Promise<void> => {
    const deep = topic === 'ground' ? typedAmount('depth', depth) : null;
    const paid = topic === 'cost' && cost.trim() !== '' ? typedNumber(cost) : null;
    const wrong = deep
      ? amountTrouble('depth', depth, 'the depth')
      : paid !== null
        ? numberTrouble(cost, 'the cost')
        : null;
    if (wrong) return setTrouble(wrong);
    const facts = {
      topic,
      text: words,
      ...(deep ? { depthM: deep.value, ...asTyped({ depthM: deep }) } : {}),
      ...(paid !== null ? { cost: paid } : {}),
      ...more,
    };
    const r = await write('trip.noted', trip.id, facts, { atMs: whenMs(when) });
    if (r.ok) onClose();
    else setTrouble(r.why);
  };
  return (
    <Dialog title="What happened?" open onClose={onClose}>
      <Chips label="Of" options={plain(NOTE_TOPICS)} value={topic} onChange={setTopic} />
      {topic === 'ground' && (
        <Quantity label="Depth, if you know it" amount="depth" value={depth} onChange={setDepth} />
      )}
      {topic === 'cost' && <Quantity label="How much" value={cost} onChange={setCost} />}
      <ul
        className="phrases mt-2.5 gap-2 grid grid-cols-[repeat(auto-fill,minmax(160px,1fr))]"
        aria-label={`Of ${topic}`}
      >
        {heard && (
          <li className="col-span-full">
            <DeckKey
              type="button"
              name={heard}
              note={sky.reading?.simulated ? 'from the simulated source' : 'from the source'}
              onClick={() =>
                // The box and the fish reckon with the air as it was.
                void note(heard, topic === 'weather' && sky.reading ? { airC: sky.reading.weather.airC } : {})
              }
            />
          </li>
        )}
        {TRIP_PHRASES[topic].map((p) => (
          <li key={p}>
            <DeckKey type="button" name={p} onClick={() => void note(p)} />
          </li>
        ))}
      </ul>
      <WhenField value={when} onChange={setWhen} />
      <form
        className="remark mt-2 gap-3 flex items-stretch max-tablet:flex-col"
        onSubmit={(e) => {
          e.preventDefault();
          void note(text.trim());
        }}
      >
        <input
          className="input flex-1 min-w-0"
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
