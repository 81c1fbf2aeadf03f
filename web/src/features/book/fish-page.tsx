import { sayDay } from '@dagboek/core/time';
import {
  custodyOf,
  doubtsOf,
  fishNumbers,
  type FishState,
  foundOnCuts,
  freshnessOfFish,
  placeAt,
  tripsInOrder,
} from '@dagboek/journal';
import { Link, useParams } from 'react-router';
import { useAsked } from '../../asked/asked.ts';
import { useCatalogue } from '../../asked/catalogue.ts';
import { sayFish, useNames } from '../../asked/names.ts';
import { useFormat } from '../../asked/format.ts';
import { units } from '../../asked/units.ts';
import { CustodyWide } from '../../fish/custody/custody-wide.tsx';
import { FoundNote } from '../../fish/found-note.tsx';
import { HistamineNote } from '../../fish/histamine-note.tsx';
import { MissingPage } from '../../frame/missing-page.tsx';
import { Page, Row } from '../../frame/page.tsx';
import { StruckBanner } from '../../frame/struck-banner.tsx';
import { LogLines } from '../../lines/log-lines.tsx';
import { SameFish } from '../../lines/same-fish.tsx';
import { useBook } from '../../offline/journal-context.tsx';
import { useNow } from '../../ui/use-now.ts';
import { FishFacts } from './fish-facts.tsx';
import { FishHead } from './fish-head.tsx';
import { SettleName } from './settle-name.tsx';

/** One fish from the water to the plate: its line, its log, its yield, its meal. */
export function FishPage() {
  const { id = '' } = useParams();
  const { book } = useBook();
  const fish = book.getAny('fish', id);
  return fish ? <Fish fish={fish} /> : <MissingPage />;
}

function Fish({ fish }: { fish: FishState }) {
  const { book } = useBook();
  const { byId } = useCatalogue();
  const names = useNames();
  const format = useFormat();
  const { day } = format;
  const now = useNow(30_000);
  const asked = useAsked(now);
  const species = byId(fish.species);
  const trip = book.getAny('trip', fish.trip);
  const line = custodyOf(book, fish.id);
  if (!line) return <MissingPage />;
  const fresh = freshnessOfFish(asked, line.fish.id);

  // What was struck of it stays readable here, with the rest of its log.
  const cuts = book.namingAny('cut', fish.id);
  const packs = book.namingAny('pack', fish.id);
  const meals = [...new Map(packs.flatMap((p) => book.namingAny('meal', p.id)).map((m) => [m.id, m])).values()];
  const log = [fish, ...cuts, ...packs, ...meals]
    .flatMap((s) => s.log)
    .sort((a, b) => Date.parse(a.now.at) - Date.parse(b.now.at));
  const number = fishNumbers(book, fish.trip).get(fish.id) ?? '?';

  const doubts = [fish, ...line.cuts, ...line.packs].flatMap((s) => doubtsOf(book, s, units));
  const name = sayFish(fish, names);
  const found = foundOnCuts(line.cuts);
  return (
    <Page
      title={`Fish ${number}: ${name}`}
      first={{ label: 'Trip', value: trip && book.stands(trip) ? tripsInOrder(book).indexOf(trip) + 1 : '?' }}
      cells={[
        {
          label: 'Caught',
          value: trip ? (
            <Link to={`/trip/${trip.id}`}>
              {sayDay(day(fish.landed.at))}, {names.zone(placeAt(trip, fish.landed.at).zone)}
            </Link>
          ) : (
            ''
          ),
        },
        { label: 'By', value: names.member(fish.angler) },
        {
          label: 'Entries',
          value: `${log.length}${log.some((l) => l.struck || l.was.length) ? `, ${log.filter((l) => l.struck || l.was.length).length} corrected` : ''}`,
        },
      ]}
    >
      <StruckBanner state={fish} />
      <FishHead number={number} name={name} fish={fish} species={species} fresh={fresh} line={line} book={book} />
      <Row className="fish-line">
        <CustodyWide line={line} fresh={fresh} />
        <ToneLegend />
      </Row>
      {fresh && fresh.histamine && fresh.histamine.state !== 'within' && (
        <Row className="note-row">
          <HistamineNote of={name} clock={fresh.histamine} />
        </Row>
      )}
      {found.finds.length > 0 && (
        <Row className="note-row">
          <FoundNote of={name} found={found} />
        </Row>
      )}
      {fish.orElse.length > 0 && (
        <Row className="pad ruled">
          <SettleName fish={fish} />
        </Row>
      )}
      {doubts.map((d) => (
        <Row key={d} className="pad">
          <p className="alert alert-warning">
            <b>This cannot be.</b> {d}
          </p>
        </Row>
      ))}
      <div className="border-t-2 grid grid-cols-[minmax(0,1fr)_minmax(0,1fr)] flex-1 border-ink max-tablet:grid-cols-[minmax(0,1fr)]">
        <section className="log-part" aria-label="Log">
          <Row className="pad tight">
            <LogLines lines={log} from={fish.landed.at} />
            <SameFish fish={fish} />
          </Row>
        </section>
        <FishFacts
          line={line}
          now={now}
          fish={fish}
          format={format}
          name={name}
          day={day}
          book={book}
          species={species}
          asked={asked}
        />
      </div>
    </Page>
  );
}

const ToneLegend = () => (
  <ul className="px-0 pt-0 pb-2.5 flex flex-wrap gap-y-1.5 gap-x-6 text-cap text-ink-2" aria-label="Freshness used">
    <li className="gap-2 flex items-center">
      <svg width="44" height="10" aria-hidden="true">
        <path d="M0 5H44" stroke="var(--teal)" strokeWidth="3" />
      </svg>
      under half used
    </li>
    <li className="gap-2 flex items-center">
      <svg width="44" height="10" aria-hidden="true">
        <path d="M0 5H44" stroke="var(--ochre)" strokeWidth="6" />
        <path d="M0 5H44" stroke="var(--paper)" strokeWidth="1.8" />
      </svg>
      over half
    </li>
    <li className="gap-2 flex items-center">
      <svg width="44" height="10" aria-hidden="true">
        <path d="M0 5H44" stroke="var(--ink)" strokeWidth="7" />
        <path d="M0 5H44" stroke="var(--buoy)" strokeWidth="4" />
      </svg>
      over 80 %, use now
    </li>
    <li className="gap-2 flex items-center">
      <svg width="44" height="12" aria-hidden="true">
        <path d="M0 6H44" stroke="var(--crimson)" strokeWidth="3" />
        <path d="M5 11L11 1M17 11L23 1M29 11L35 1" stroke="var(--crimson)" strokeWidth="1.8" />
      </svg>
      past
    </li>
  </ul>
);
