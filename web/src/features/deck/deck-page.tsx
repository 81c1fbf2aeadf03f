import { useNow } from '../../ui/use-now.ts';
import { useAsked } from '../../asked/asked.ts';
import {
  custodyOf,
  fishInHand,
  fishNumbers,
  fishOfTrip,
  nextFishNumber,
  openTrip,
  placeNow,
  suffersFirst,
  tripsInOrder,
} from '@dagboek/journal';
import { sayDay } from '@dagboek/core/time';
import { Link, useSearchParams } from 'react-router';
import { useNames } from '../../asked/names.ts';
import { nowMs } from '../../ui/clock.ts';
import { useFormat, sayAll } from '../../asked/format.ts';
import { useBook } from '../../offline/journal-context.tsx';
import { Page, Row } from '../../frame/page.tsx';
import { Crossing } from './crossing.tsx';
import { DeckMargin } from './deck-margin.tsx';
import { DeckLog } from './deck-log.tsx';
import { FishInHand } from './fish-in-hand.tsx';
import { NextFish } from './next-fish.tsx';
import { bleedingsOf, RUNNING_ROWS } from './running.tsx';
import { TakeBackProvider } from '../../lines/take-back.tsx';
import { ToCome } from './to-come.tsx';
import { sayTemperature } from '../../asked/units.ts';
import { TripNext } from '../../lines/trip-next.tsx';

/** The deck: the log of the trip under way, the fish in hand on the open ground, what is to come below. */
export function DeckPage() {
  const { book } = useBook();
  const [search, setSearch] = useSearchParams();
  // A fish left in hand when its trip ended is finished here too.
  const askedFish = book.get('fish', search.get('fish'));
  const unfinished = askedFish && ['in hand', 'bleeding'].includes(custodyOf(book, askedFish.id)?.where ?? '');
  const trip = (unfinished ? book.get('trip', askedFish.trip) : null) ?? openTrip(book);
  const names = useNames();
  const asked = useAsked(useNow(60_000));
  const { day } = useFormat();
  if (!trip)
    return (
      <Page title="Deck" first={{ label: 'Trip', value: 'none' }} cells={[]}>
        <Row className="pad">
          <h2>No trip is open</h2>
          <p>Fish are added to a trip, because place and time decide which rules apply.</p>
          <TripNext />
        </Row>
      </Page>
    );
  const fish = fishOfTrip(book, trip.id);
  const { inHand, bleeding } = fishInHand(book, trip.id);
  const wanted = search.get('fish');
  const current = [...inHand, ...bleeding].find((f) => f.id === wanted) ?? inHand.at(-1) ?? null;
  const over = trip.endedAt !== null;
  const choose = (id: string | null): void =>
    setSearch(id ? { fish: id } : {}, { replace: true, preventScrollReset: true });
  const waiting = suffersFirst(
    { ...asked, nowMs: nowMs() },
    inHand.filter((f) => f.id !== current?.id),
  );
  const numbers = fishNumbers(book, trip.id);
  const number = (id: string): string => numbers.get(id) ?? '?';
  const next = nextFishNumber(book, trip.id);
  // What was struck keeps its number and its place in the log.
  const struck = book.namingAny('fish', trip.id).filter((f) => !book.stands(f));
  const log = [...fish.filter((f) => f.id !== current?.id), ...struck].sort(
    (a, b) => Date.parse(a.landed.at) - Date.parse(b.landed.at) || (a.id < b.id ? -1 : 1),
  );
  return (
    <Page
      title={`Deck, trip ${tripsInOrder(book).indexOf(trip) + 1}`}
      first={{ label: 'Trip', value: tripsInOrder(book).indexOf(trip) + 1 }}
      cells={[
        { label: 'Day', value: sayDay(day(trip.startedAt)) },
        {
          label: trip.boat ? 'Boat and crew' : 'Crew',
          value: `${trip.boat ? `${trip.boat}: ` : ''}${sayAll(trip.crew.map(names.member))}`,
        },
        {
          label: 'Water',
          value: (
            <Link to="/plan/map">
              {names.zone(placeNow(trip).zone)}
              {trip.waterC !== null ? `, ${sayTemperature(trip.waterC)}` : ''}
            </Link>
          ),
        },
      ]}
    >
      <TakeBackProvider>
        <div className="with-margin">
          <div className="flex flex-col">
            {over ? (
              <Row className="pad">
                <p className="alert alert-warning">
                  This trip has ended. Finish the fish still in hand here; <Link to={`/trip/${trip.id}`}>its page</Link>{' '}
                  reopens it.
                </p>
              </Row>
            ) : (
              <Crossing trip={trip} />
            )}
            <DeckLog trip={trip} fish={log} numberOf={number} onChoose={choose} />
            {current ? (
              <FishInHand
                key={current.id}
                fish={current}
                number={number(current.id)}
                trip={trip}
                onBegun={() => choose(current.id)}
                onDone={() => choose(null)}
              />
            ) : (
              !over && <NextFish trip={trip} number={next} onLanded={choose} />
            )}
            <ToCome
              bleeding={bleedingsOf(book, trip.id, current?.id ?? null).slice(RUNNING_ROWS)}
              waiting={waiting}
              numberOf={number}
              onChoose={choose}
            />
            {current && !trip.endedAt && <NextFish trip={trip} number={next} onLanded={choose} small />}
          </div>
          <DeckMargin trip={trip} lines={fish.flatMap((f) => custodyOf(book, f.id) ?? [])} current={current} />
        </div>
      </TakeBackProvider>
    </Page>
  );
}
