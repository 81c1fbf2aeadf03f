import { useNow } from '../../ui/use-now.ts';
import { useAsked } from '../../asked/asked.ts';
import {
  costsOf,
  countOf,
  dinnerOf,
  fishInHand,
  fishNumbers,
  sayCost,
  standingLine,
  strikeLine,
  tripBrought,
  tripsInOrder,
  type TripState,
} from '@dagboek/journal';
import { sayDay, saySpan } from '@dagboek/core/time';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { MissingPage } from '../../frame/missing-page.tsx';
import { useCatalogue } from '../../asked/catalogue.ts';
import { sayFish, useNames } from '../../asked/names.ts';
import { DeckKey } from '../../lines/deck-key.tsx';
import { EndTrip } from '../../lines/end-trip.tsx';
import { LogLines } from '../../lines/log-lines.tsx';
import { plural, useFormat, wordFor, sayAll } from '../../asked/format.ts';
import { useBook, useBookValue } from '../../offline/journal-context.tsx';
import { useWrite } from '../../asked/use-write.ts';
import { Page, Row } from '../../frame/page.tsx';
import { StruckBanner } from '../../frame/struck-banner.tsx';
import { Trouble } from '../../ui/trouble.tsx';
import { KeyLink } from '../../ui/key.tsx';
import { sayMass } from '../../asked/units.ts';

/** So many lines are named; the others stand in the margin. */
const MOST_NAMED = 4;

/** One trip, also after it ended: its lines to be corrected, its fish, its end taken back or noted. */
export function TripPage() {
  const { id = '' } = useParams();
  const { book } = useBook();
  const trip = book.getAny('trip', id);
  return trip ? <Trip trip={trip} /> : <MissingPage />;
}

function Trip({ trip }: { trip: TripState }) {
  const { book } = useBook();
  const names = useNames();
  const { time, timeBeside, day } = useFormat();
  const { writeAll } = useWrite();
  const { inHand, bleeding } = fishInHand(book, trip.id);
  const [ending, setEnding] = useState(false);
  const [trouble, setTrouble] = useState<string | null>(null);
  const numbers = fishNumbers(book, trip.id);
  const fish = book
    .namingAny('fish', trip.id)
    .sort((a, b) => Number.parseInt(numbers.get(a.id) ?? '0', 10) - Number.parseInt(numbers.get(b.id) ?? '0', 10));
  const standing = book.stands(trip);
  const number = tripsInOrder(book).findIndex((t) => t.id === trip.id) + 1;
  const unfinished = [...inHand, ...bleeding];
  const end = standingLine(trip, 'trip.ended');
  const reopen = async (): Promise<void> => {
    if (!end) return;
    const r = await writeAll([strikeLine(end, 'the trip goes on')]);
    setTrouble(r.ok ? null : r.why);
  };
  return (
    <Page
      title={standing ? `Trip ${number}, ${names.zone(trip.zone)}` : `Crossed-out trip, ${names.zone(trip.zone)}`}
      first={{ label: 'Trip', value: standing ? number : 'crossed out' }}
      cells={[
        { label: 'Day', value: sayDay(day(trip.startedAt)) },
        { label: 'Crew', value: sayAll(trip.crew.map(names.member)) },
        {
          label: 'Hours',
          value: trip.endedAt
            ? `${time(trip.startedAt)} to ${timeBeside(trip.endedAt, trip.startedAt)}, ${saySpan(Date.parse(trip.endedAt) - Date.parse(trip.startedAt))}`
            : `since ${time(trip.startedAt)}, under way`,
        },
      ]}
    >
      <StruckBanner state={trip} />
      <div className="with-margin">
        <div>
          <Row className="pad">
            <h2>
              {names.zone(trip.zone)}
              {trip.boat ? `, from ${trip.boat}` : ', from the shore'}
            </h2>
            {unfinished.length > 0 && standing && (
              <p className="alert alert-warning">
                {wordFor(unfinished.length, 'One fish is', `${unfinished.length} fish are`)} still in hand or bleeding:{' '}
                {unfinished.map((f, i) => (
                  <span key={f.id}>
                    {i > 0 && ', '}
                    <Link to={`/deck?fish=${f.id}`}>
                      No. {numbers.get(f.id)}, {sayFish(f, names)}
                    </Link>
                  </span>
                ))}
                . Finish {wordFor(unfinished.length, 'it', 'them')} there.
              </p>
            )}
            {standing && <Brought trip={trip} />}
            {standing && (
              <div className="keys">
                {trip.endedAt ? (
                  <DeckKey
                    name="Reopen the trip"
                    note="crosses out its end, so that fish can be added again"
                    onClick={() => void reopen()}
                  />
                ) : (
                  <>
                    <KeyLink act to="/deck" name="To the deck" note="note the next fish" />
                    <DeckKey name="End the trip" note="ashore, or on the way home" onClick={() => setEnding(true)} />
                  </>
                )}
              </div>
            )}
            <Trouble says={trouble} />
          </Row>
          <Row className="pad ruled">
            <h2>Log of this trip</h2>
            <LogLines lines={trip.log} />
          </Row>
        </div>
        <aside className="margin">
          <TripCosts trip={trip} />
          <h2>
            {plural(
              fish.filter((f) => book.stands(f)).reduce((n, f) => n + f.count, 0),
              'fish',
              'fish',
            )}
          </h2>
          {fish.length === 0 && <p>Nothing landed.</p>}
          <ul className="plain-list">
            {fish.map((f) => (
              <li key={f.id} className={book.stands(f) ? undefined : 'struck-row'}>
                <Link to={`/fish/${f.id}`} className="name in-[.struck-row]:line-through in-[.struck-row]:text-ink-3">
                  <b>{numbers.get(f.id)}</b> {sayFish(f, names)}
                </Link>
                <small>{book.stands(f) ? (f.released ? 'released' : '') : 'crossed out'}</small>
              </li>
            ))}
          </ul>
        </aside>
      </div>
      {ending && <EndTrip trip={trip} unfinished={unfinished.length} onClose={() => setEnding(false)} />}
    </Page>
  );
}

/** A trip that is over: what it brought, and the next step. */
function Brought({ trip }: { trip: TripState }) {
  const asked = useAsked(useNow(60_000));
  const names = useNames();
  const brought = tripBrought(asked, trip);
  if (!brought) return null;
  const { kept, letGo, keptKg, spanMs, waiting } = brought;
  const n = countOf(waiting);
  return (
    <>
      <p className="lead">
        Home after {saySpan(spanMs)}.{' '}
        {kept === 0
          ? 'No fish kept'
          : `${plural(kept, 'fish', 'fish')} kept${keptKg > 0 ? `, some ${sayMass(keptKg * 1000)}` : ''}`}
        {letGo > 0 ? `, ${letGo} let go.` : '.'}
      </p>
      {n > 0 && (
        <>
          <p>
            {plural(n, 'fish waits', 'fish wait')} for the knife:{' '}
            {waiting
              .slice(0, MOST_NAMED)
              .map((f) => sayFish(f, names))
              .join(', ')}
            {waiting.length > MOST_NAMED ? ` and ${waiting.length - MOST_NAMED} more entries` : ''}.
          </p>
          <div className="keys">
            <KeyLink act to="/board" name="To the board" note="shows what to cut first" />
            <KeyLink to="/box" name="The box" note="shows whether the ice lasts" />
          </div>
        </>
      )}
    </>
  );
}

/** What the trip cost, and what that makes of a plate. */
function TripCosts({ trip }: { trip: TripState }) {
  const { byId } = useCatalogue();
  const costs = costsOf(trip);
  const plates = useBookValue((book) => dinnerOf({ book, species: byId }, trip.id, null).kept.plates);
  if (!costs) return null;
  return (
    <>
      <h2>Cost {sayCost(costs.total)}</h2>
      <p>
        {costs.of.map((c) => `${c.text} ${sayCost(c.cost)}`).join(', ')}.
        {plates > 0 ? ` Kept for about ${plural(plates, 'plate')}: ${sayCost(costs.total / plates)} each.` : ''}
      </p>
    </>
  );
}
