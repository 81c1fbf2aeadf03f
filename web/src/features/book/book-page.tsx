import { sayDate, sayDay, saySpan, stamp, weekday } from '@dagboek/core/time';
import {
  custodyOf,
  diary,
  type DiaryItem,
  type FishState,
  freshnessOf,
  hurtOnTrip,
  meanMark,
  sayTripNote,
  tripRate,
  tripsInOrder,
  type TripState,
} from '@dagboek/journal';
import { useState } from 'react';
import { Link } from 'react-router';
import { useAsked } from '../../asked/asked.ts';
import { useCatalogue } from '../../asked/catalogue.ts';
import { sayFish, useNames } from '../../asked/names.ts';
import { plural, useFormat, sayAll } from '../../asked/format.ts';
import { HEAVY_UNIT, sayHeavy, sayTemperature } from '../../asked/units.ts';
import { CustodyRow } from '../../fish/custody/custody-row.tsx';
import { UsedCell } from '../../fish/custody/used-cell.tsx';
import { FigureView } from '../../fish/figure-view.tsx';
import { FirstMark } from '../../fish/first-mark.tsx';
import { LengthCell } from '../../fish/length-cell.tsx';
import { FateMark } from '../../fish/verdict-mark.tsx';
import { Page, Row } from '../../frame/page.tsx';
import { Paged } from '../../frame/paged.tsx';
import { useBook } from '../../offline/journal-context.tsx';
import { FoldKey } from '../../ui/fold-key.tsx';
import { Key } from '../../ui/key.tsx';
import { useNow } from '../../ui/use-now.ts';
import { useNarrow } from '../../ui/use-width.ts';
import { SeasonStrip } from './season-strip.tsx';
import { useDiaryFilters } from './use-diary-filters.tsx';
import { Term } from '../../ui/words/term.tsx';
import { TripNext } from '../../lines/trip-next.tsx';

/** Trips and meals shown before one asks for earlier ones. */
const PAGE = 8;

/** The diary by day, the newest on top; narrowed by who, species and zone. What is narrowed stands in the address. */
export function BookPage() {
  const { book } = useBook();
  const { byId } = useCatalogue();
  const { day, zone: tz } = useFormat();
  const now = useNow(60_000);
  const asked = useAsked(now);
  const [shown, setShown] = useState(PAGE);
  const trips = tripsInOrder(book);
  const narrow = useNarrow();
  const { filter, filters, search } = useDiaryFilters(() => setShown(PAGE));
  const items = diary(asked, filter);
  return (
    <Page
      title="Book"
      first={{ label: 'Book', value: plural(trips.length, 'trip') }}
      cells={[
        ...(narrow ? [] : filters),
        {
          label: 'Shown',
          value: `${plural(items.filter((i) => i.kind === 'trip').length, 'trip')}, ${plural(items.filter((i) => i.kind === 'meal').length, 'meal')}`,
        },
      ]}
    >
      {narrow && trips.length > 0 && (
        <Row>
          <div className="py-1.5 px-0 flex flex-wrap gap-y-1 gap-x-3.5">
            {filters.map((f) => (
              <span key={f.label}>{f.value}</span>
            ))}
          </div>
        </Row>
      )}
      {trips.length > 0 && (
        <Row
          className="strip-row"
          time={
            <>
              <b>{HEAVY_UNIT} kept</b>
              <span>above,</span>
              <span>released below</span>
              <span>○ empty</span>
            </>
          }
        >
          <SeasonStrip book={book} trips={trips} today={day(stamp(now, tz))} day={day} byId={byId} />
        </Row>
      )}
      {items.length === 0 && (
        <Row className="pad">
          <h2>{trips.length === 0 ? 'The book is empty' : 'Nothing in the book matches'}</h2>
          <p className="lead">
            {trips.length === 0
              ? 'Every trip, fish and meal will appear here, day by day.'
              : 'No trip or meal matches all filters.'}
          </p>
          {trips.length === 0 && <TripNext />}
        </Row>
      )}
      {items
        .slice(0, shown)
        .map((i, n) =>
          i.kind === 'trip' ? (
            <TripEntry key={i.trip.id} item={i} open={n === 0 || i.trip.id === search.get('trip')} now={now} />
          ) : (
            <MealEntry key={i.meal.id} item={i} />
          ),
        )}
      {items.length > shown && (
        <Row className="pad">
          <Key onClick={() => setShown(shown + PAGE)} name="Earlier days" note={<>{items.length - shown} more</>} />
        </Row>
      )}
    </Page>
  );
}

const DayMark = ({ day }: { day: string }) => (
  <>
    <b className="font-bold text-[1.5rem] leading-none font-head">{Number(day.slice(8))}</b>
    <span>{weekday(day).slice(0, 3)}</span>
    <span>
      {sayDate(day).slice(2).trim().slice(0, 3)} {day.slice(0, 4)}
    </span>
  </>
);

function TripEntry({ item, open, now }: { item: Extract<DiaryItem, { kind: 'trip' }>; open: boolean; now: number }) {
  const { trip } = item;
  const fish = item.fish();
  const names = useNames();
  const { time } = useFormat();
  const [all, setAll] = useState(open);
  const { book } = useBook();
  const standing = fish.filter((f) => book.stands(f));
  const kept = standing.filter((f) => !f.released);
  const back = standing.filter((f) => f.released);
  const count = (list: readonly FishState[]): number => list.reduce((n, f) => n + f.count, 0);
  const rows = all ? fish : kept.slice(0, 5);
  const folded = fish.length - rows.length;
  return (
    <section
      aria-label={item.number === null ? 'Crossed-out trip' : `Trip ${item.number}`}
      className={`diary-entry${trip.endedAt || item.number === null ? '' : ' now'}${item.number === null ? ' struck-trip' : ''}`}
    >
      <div className="in-[.diary-entry.now]:[background:linear-gradient(to_right,transparent_calc(var(--time-col)_+_6px),var(--paper-open)_0)]">
        <Row className="diary-head" time={<DayMark day={item.day} />}>
          <h2 className="px-0 pt-2.5 pb-2">
            <Link to={`/trip/${trip.id}`}>
              {item.number === null ? 'Crossed-out trip' : `Trip ${item.number}`}: {names.zone(trip.zone)}
              {trip.boat ? `, from ${trip.boat}` : ', from the shore'}
            </Link>
          </h2>
        </Row>
        {hurtOnTrip(book, trip, names).map((h) => (
          <Row key={h.id} className="line" time={time(h.at)}>
            <p className="log-sentence py-[7px] px-0 text-crimson font-semibold">
              {h.incident ? (
                <Link to={`/hurt/${h.incident}`}>{h.text}</Link>
              ) : (
                <>
                  <b className="text-inherit">{h.who ? names.member(h.who) : ''}</b> {h.text}
                </>
              )}
            </p>
          </Row>
        ))}
        {fish.length === 0 && (
          <Row className="line" time={time(trip.startedAt)}>
            <p className="log-sentence py-[7px] px-0 text-ink-2">
              <b className="text-ink">Nothing landed.</b>{' '}
              {trip.endedAt ? saySpan(Date.parse(trip.endedAt) - Date.parse(trip.startedAt)) : 'Under way'},{' '}
              {plural(trip.crew.length, 'rod')}.
            </p>
          </Row>
        )}
        <Paged items={rows} keyOf={(f) => f.id} more="More of this trip">
          {(f) => <FishRow fish={f} number={item.numberOf(f.id)} now={now} />}
        </Paged>
        {(folded > 0 || all) && fish.length > 0 && !open && (
          <Row className="line">
            <p className="log-sentence py-[7px] px-0 text-ink-2">
              <FoldKey aria-expanded={all} onClick={() => setAll(!all)}>
                {all
                  ? 'Fold'
                  : `${plural(folded, 'more entry', 'more entries')}: ${kept.length > rows.length ? `${count(kept.slice(rows.length))} kept, ` : ''}${count(back)} let go${fish.length > standing.length ? `, ${fish.length - standing.length} crossed out` : ''}`}
              </FoldKey>
            </p>
          </Row>
        )}
      </div>
      {item.number !== null && <TripMargin trip={trip} fish={standing} />}
    </section>
  );
}

function TripMargin({ trip, fish }: { trip: TripState; fish: readonly FishState[] }) {
  const names = useNames();
  const now = useNow(60_000);
  const rate = tripRate(trip, fish, now);
  return (
    <div className="diary-margin py-3 px-4 border-l border-rule-2 max-tablet:py-2 max-tablet:px-2.5 max-tablet:ml-[calc(var(--time-col)_+_6px)] max-tablet:border-t max-tablet:border-l-0 max-tablet:border-rule in-[.diary-entry.now]:bg-paper-open">
      {rate && (
        <p title="90 % interval, assuming the fish come independently">
          <b>
            {rate.perHour.toFixed(1)} fish per <Term of="Rod hour">rod hour</Term>
          </b>{' '}
          ({rate.low.toFixed(1)} to {rate.high.toFixed(1)}): {rate.n} in {plural(Math.round(rate.hours), 'hour')}.
        </p>
      )}
      <p>
        {sayAll(trip.crew.map(names.member))}.{trip.waterC !== null ? ` Water ${sayTemperature(trip.waterC)}.` : ''}
        {trip.iceKg ? ` ${sayHeavy(trip.iceKg)} of ice.` : ''}
      </p>
      {trip.notes.map((n) => (
        <p key={n.at + n.text}>
          {n.topic === null && n.depthM === null && n.cost === null ? `“${n.text}”` : sayTripNote(n, names.units)}{' '}
          <i>{names.member(n.by)}</i>
        </p>
      ))}
    </div>
  );
}

function FishRow({ fish, number, now }: { fish: FishState; number: string; now: number }) {
  const { book } = useBook();
  const { byId } = useCatalogue();
  const asked = useAsked(now);
  const names = useNames();
  const { time } = useFormat();
  const line = custodyOf(book, fish.id);
  if (!line) return null;
  const s = byId(fish.species);
  const fresh = freshnessOf(asked, line);
  return (
    <Row className={line.where === 'struck' ? 'line struck-row' : 'line'} time={time(fish.landed.at)}>
      <Link to={`/fish/${fish.id}`} className="log-grid as-row diary-row">
        <span className="font-bold text-[1rem] leading-[normal] font-text in-[.struck-row]:line-through in-[.struck-row]:text-ink-3">
          {number}
        </span>
        <FateMark
          fate={
            line.where === 'struck' ? 'struck' : fish.released ? 'letGo' : line.where === 'in hand' ? 'again' : 'keep'
          }
        />
        <span className="icon max-tablet:hidden">{s && <FigureView spec={s.figure} size={64} plain />}</span>
        <span className="name font-semibold text-[1rem] leading-[1.15] in-[.struck-row]:line-through in-[.struck-row]:text-ink-3">
          {sayFish(fish, names)}
          <FirstMark fish={fish} small />
        </span>
        <LengthCell fish={fish} />
        <CustodyRow line={line} fresh={fresh} ground="transparent" quiet />
        <UsedCell fresh={fresh} />
      </Link>
    </Row>
  );
}

function MealEntry({ item }: { item: Extract<DiaryItem, { kind: 'meal' }> }) {
  const { meal } = item;
  const names = useNames();
  const { time } = useFormat();
  const mark = meanMark(meal);
  return (
    <section aria-label={`Meal: ${meal.name}`} className="diary-entry">
      <div>
        <Row className="diary-head" time={<DayMark day={item.day} />}>
          <h2 className="px-0 pt-2.5 pb-2">
            <Link to={`/table/${meal.id}`}>Meal: {meal.name}</Link>
          </h2>
        </Row>
        <Row className="line" time={time(meal.servedAt)}>
          <p className="log-sentence py-[7px] px-0 text-ink-2">
            {mark && <b className="text-ink">{mark.toFixed(1)} of 5. </b>}
            {meal.method.charAt(0).toUpperCase() + meal.method.slice(1)} by {names.member(meal.cook)} for{' '}
            {plural(meal.eaters.length + meal.guests, 'plate')}
            {meal.doneness ? `; ${meal.doneness}` : ''}.
          </p>
        </Row>
      </div>
      <div className="diary-margin py-3 px-4 border-l border-rule-2 max-tablet:py-2 max-tablet:px-2.5 max-tablet:ml-[calc(var(--time-col)_+_6px)] max-tablet:border-t max-tablet:border-l-0 max-tablet:border-rule">
        {meal.notes.map((n) => (
          <p key={n.at}>{n.text}</p>
        ))}
        {meal.notes.length === 0 && <p>{sayDay(item.day)}.</p>}
      </div>
    </section>
  );
}
