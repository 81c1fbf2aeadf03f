import { NowTime } from '../../ui/now-time.tsx';
import { useAsked } from '../../asked/asked.ts';
import { boxAt, currentFilling, fishInHand, fishOfTrip, placeNow, type TripState } from '@dagboek/journal';
import { saySpan } from '@dagboek/core/time';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { useNames } from '../../asked/names.ts';
import { DeckKey } from '../../lines/deck-key.tsx';
import { LogLines } from '../../lines/log-lines.tsx';
import { plural, useFormat, sayAll } from '../../asked/format.ts';
import { useBook } from '../../offline/journal-context.tsx';
import { useWrite } from '../../asked/use-write.ts';
import { Row } from '../../frame/page.tsx';
import { useNow } from '../../ui/use-now.ts';
import { RulesHere } from './rules-here.tsx';
import { EndTrip } from '../../lines/end-trip.tsx';
import { Trouble } from '../../ui/trouble.tsx';
import { sayHeavy } from '../../asked/units.ts';
import { Key, KeyLink } from '../../ui/key.tsx';

/** The trip under way: what was noted of it, a remark, someone hurt, and its end. */
export function OpenTrip({ trip }: { trip: TripState }) {
  const { book } = useBook();
  const names = useNames();
  const { dayOfMs, time } = useFormat();
  const now = useNow();
  const { inHand, bleeding } = fishInHand(book, trip.id);
  const [text, setText] = useState('');
  const [trouble, setTrouble] = useState<string | null>(null);
  const [ending, setEnding] = useState(false);
  const { write } = useWrite();
  const navigate = useNavigate();
  const asked = useAsked(now);
  const filling = trip.box ? currentFilling(asked, trip.box) : null;
  const inBox = filling ? boxAt(filling, now) : null;
  const iceNow = inBox && !inBox.assumed ? inBox.iceKg : null;
  const fish = fishOfTrip(book, trip.id);
  const note = async (): Promise<void> => {
    const r = await write('trip.noted', trip.id, { text: text.trim() });
    setTrouble(r.ok ? null : r.why);
    if (r.ok) setText((now) => (now === text ? '' : now));
  };
  return (
    <div className="with-margin">
      <div>
        <Row className="pad" time={<NowTime>{time(trip.startedAt)}</NowTime>}>
          <h2>
            {names.zone(trip.zone)}
            {trip.boat ? `, from ${trip.boat}` : ', from the shore'}
          </h2>
          <p className="lead">
            Out for {saySpan(now - Date.parse(trip.startedAt))} with {sayAll(trip.crew.map(names.member))}.
            {iceNow !== null && trip.box
              ? ` Some ${sayHeavy(Math.round(iceNow * 10) / 10)} of ice left in ${names.box(trip.box)}.`
              : trip.box
                ? ` No ice noted in ${names.box(trip.box)}.`
                : ''}{' '}
            {plural(
              fish.filter((f) => !f.released).reduce((n, f) => n + f.count, 0),
              'fish',
              'fish',
            )}{' '}
            aboard, {fish.filter((f) => f.released).reduce((n, f) => n + f.count, 0)} let go.
          </p>
          <div className="keys">
            <KeyLink
              act
              to="/deck"
              name="To the deck"
              note={inHand.length ? `${inHand.length} in hand` : 'note the next fish'}
            />
            <KeyLink to="/plan/officer" name="Officer’s sheet" note="to show or print" />
            <KeyLink to="/plan/map" name="Map" note="our position, by zone" />
            <DeckKey name="End the trip" note="ashore, or on the way home" onClick={() => setEnding(true)} />
            <KeyLink to="/hurt" name="Someone is hurt" note="first aid" />
          </div>
        </Row>
        <Row className="pad ruled">
          <h2>A remark</h2>
          <form
            className="remark mt-2 gap-3 flex items-stretch max-tablet:flex-col"
            onSubmit={(e) => {
              e.preventDefault();
              void note();
            }}
          >
            <label className="sr-only" htmlFor="remark">
              Remark
            </label>
            <textarea
              id="remark"
              className="textarea flex-1 min-w-0"
              rows={2}
              placeholder="weather, water, a sighting, something lost"
              value={text}
              onChange={(e) => setText(e.target.value)}
            />
            <Key type="submit" name="Note it" />
          </form>
          <Trouble says={trouble} />
        </Row>
        <Row className="pad ruled">
          <h2>Log of this trip</h2>
          <LogLines lines={trip.log} />
        </Row>
      </div>
      <RulesHere zone={placeNow(trip).zone} day={dayOfMs(now)} />
      {ending && (
        <EndTrip
          trip={trip}
          unfinished={inHand.length + bleeding.length}
          onClose={(ended) => (ended ? void navigate(`/trip/${trip.id}`) : setEnding(false))}
        />
      )}
    </div>
  );
}
