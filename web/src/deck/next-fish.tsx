import { fishOfTrip, GEARS, type TripState } from '@dagboek/journal';
import { useRef, useState } from 'react';
import { useNames } from '../kit/catalogue.ts';
import { DeckKey } from '../kit/deck-key.tsx';
import { useBook } from '../kit/journal/journal-context.tsx';
import { newId, useWrite } from '../kit/journal/use-write.ts';
import { Row } from '../kit/page.tsx';
import { Chips, plain } from '../kit/ui/chips.tsx';
import { NOW, type When, WhenField, whenMs } from '../kit/ui/when.tsx';
import { useCatchFocus } from '../kit/use-catch-focus.ts';
import { Quantity } from '../kit/ui/quantity.tsx';
import { numberTrouble, typedNumber } from '../kit/ui/typed-number.ts';
import { Trouble } from '../kit/ui/trouble.tsx';

/** A fish comes aboard: who caught it, with what, one or a lot. `small`: below a fish in hand, where it must not be the orange key. */
export function NextFish({
  trip,
  number,
  onLanded,
  small = false,
}: {
  trip: TripState;
  number: number;
  onLanded: (id: string) => void;
  small?: boolean;
}) {
  const { book } = useBook();
  const names = useNames();
  const before = fishOfTrip(book, trip.id).at(-1);
  const [angler, setAngler] = useState(before?.angler ?? trip.crew[0] ?? '');
  const [gear, setGear] = useState<(typeof GEARS)[number]>((before?.gear as (typeof GEARS)[number] | null) ?? 'rod');
  const [lot, setLot] = useState('');
  const [when, setWhen] = useState<When>(NOW);
  const [trouble, setTrouble] = useState<string | null>(null);
  const { write } = useWrite();
  const keys = useRef<HTMLDivElement>(null);
  useCatchFocus(keys, trip.id);
  const many = typedNumber(lot);
  const land = async (): Promise<void> => {
    const unread = numberTrouble(lot, 'how many');
    if (unread) return setTrouble(unread);
    const id = newId();
    const r = await write(
      'fish.landed',
      id,
      { trip: trip.id, number, angler, gear, count: many ?? 1 },
      { atMs: whenMs(when) },
    );
    if (!r.ok) return setTrouble(r.why);
    setLot('');
    setWhen(NOW);
    setTrouble(null);
    onLanded(id);
  };
  const fields = (
    <>
      <Chips
        label="Caught by"
        options={trip.crew.map((m) => ({ value: m, text: names.member(m) }))}
        value={angler}
        onChange={setAngler}
      />
      <Chips label="With" options={plain(GEARS)} value={gear} onChange={setGear} />
      <Quantity whole label="How many" unit="" placeholder="1" value={lot} onChange={setLot} />
      <WhenField value={when} onChange={setWhen} />
      <Trouble says={trouble} />
    </>
  );
  const key = (
    <DeckKey
      act={!small}
      name={many && many > 1 ? `${many} aboard` : 'Fish aboard'}
      note={many && many > 1 ? `writes one lot, No. ${number}` : `writes No. ${number}, then what it is`}
      onClick={() => void land()}
    />
  );
  if (small)
    return (
      <Row className="next-small">
        <details>
          <summary>Another fish aboard meanwhile</summary>
          <div className="next-fields">{fields}</div>
          <div className="keys">{key}</div>
        </details>
      </Row>
    );
  return (
    <Row className="open-entry next" time={<b className="now-time">next</b>}>
      <h2>
        <small>{number}</small> Nothing in hand
      </h2>
      <div className="next-fields">{fields}</div>
      <div className="keys foot-keys" ref={keys} tabIndex={-1}>
        {key}
      </div>
    </Row>
  );
}
