import { Title } from '../../ui/title.tsx';
import { useAsked } from '../../asked/asked.ts';
import { routeOf, stagesOf } from '@dagboek/core/cut';
import {
  bestWeightOf,
  custodyOf,
  type CutState,
  doubtsOf,
  earlierLengths,
  findPictures,
  fishNumbers,
  type FishState,
  coreTemperatureOf,
  freshnessOfFish,
  packNumber,
  placeAt,
  tripsInOrder,
  foundOnCuts,
} from '@dagboek/journal';
import { CORE_HOW, sayCore } from '../../asked/core-words.ts';
import { StruckBanner } from '../../frame/struck-banner.tsx';
import { sayDay, saySpan } from '@dagboek/core/time';
import { Link, useParams } from 'react-router';
import { MissingPage } from '../../frame/missing-page.tsx';
import { sayFish, useCatalogue, useNames } from '../../asked/catalogue.ts';
import { CustodyWide } from '../../fish/custody/custody-wide.tsx';
import { TONE_COLOR, TONE_WORD } from '../../fish/custody/slots.ts';
import { LogLines } from '../../lines/log-lines.tsx';
import { SameFish } from '../../lines/same-fish.tsx';
import { FigureView } from '../../fish/figure-view.tsx';
import { FirstMark } from '../../fish/first-mark.tsx';
import { percent, useFormat } from '../../asked/format.ts';
import { useBook } from '../../offline/journal-context.tsx';
import { FoundNote } from '../../fish/found-note.tsx';
import { HistamineNote } from '../../fish/histamine-note.tsx';
import { meanMark } from '@dagboek/journal';
import { Page, Row } from '../../frame/page.tsx';
import { PictureRow } from '../../offline/photos/picture-row.tsx';
import { PlatesRow } from '../../fish/plates-row.tsx';
import { useNow } from '../../ui/use-now.ts';
import { useWidth } from '../../ui/use-width.ts';
import { FishCold } from './fish-cold.tsx';
import { HourStrip } from './hour-strip.tsx';
import { SettleName } from './settle-name.tsx';
import { LENGTH_UNIT, lengthNumber, massParts, units } from '../../asked/units.ts';
import { KeyLink } from '../../ui/key.tsx';

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
  const mass = bestWeightOf(book, fish, species);
  const core = coreTemperatureOf(asked, fish.id);
  // What was struck of it stays readable here, with the rest of its log.
  const cuts = book.namingAny('cut', fish.id);
  const packs = book.namingAny('pack', fish.id);
  const meals = [...new Map(packs.flatMap((p) => book.namingAny('meal', p.id)).map((m) => [m.id, m])).values()];
  const log = [fish, ...cuts, ...packs, ...meals]
    .flatMap((s) => s.log)
    .sort((a, b) => Date.parse(a.now.at) - Date.parse(b.now.at));
  const number = fishNumbers(book, fish.trip).get(fish.id) ?? '?';
  const wasMm = earlierLengths(fish).at(-1);
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
          label: 'Lines',
          value: `${log.length}${log.some((l) => l.struck || l.was.length) ? `, ${log.filter((l) => l.struck || l.was.length).length} corrected` : ''}`,
        },
      ]}
    >
      <StruckBanner state={fish} />
      <Row
        className="fish-head"
        time={
          <>
            <small className="font-normal text-cap text-ink-2">Fish</small>
            <b className="q">{number}</b>
          </>
        }
      >
        <Title>
          {name}
          <FirstMark fish={fish} small />
        </Title>
        {species && <FigureView spec={species.figure} size={220} />}
        {fish.length && (
          <p className="num big text-[2rem]">
            {typeof wasMm === 'number' && wasMm !== fish.length.mm && <s>{lengthNumber(wasMm)}</s>}{' '}
            {lengthNumber(fish.length.mm)}
            {fish.length.longestMm ? `–${lengthNumber(fish.length.longestMm)}` : ''}
            <u>{LENGTH_UNIT}</u>
          </p>
        )}
        {mass && (
          <p className="num big text-[2rem]">
            {massParts(mass.g * fish.count)[0]}
            <u>
              {massParts(mass.g * fish.count)[1]}
              {mass.how === 'estimated' ? ' est.' : mass.how === 'board' ? ' on the board' : ''}
            </u>
          </p>
        )}
        {fresh && (
          <p
            className="ml-auto text-right max-tablet:ml-0 max-tablet:text-left"
            style={{ color: TONE_COLOR[fresh.tone] }}
          >
            <span className="num text-[2.375rem]">{Math.round(fresh.used * 100)}</span>{' '}
            <b>% of the freshness used{line.eatenAt ? ' when eaten' : ''}</b>
            <small className="block">
              {TONE_WORD[fresh.tone]}; {fresh.iceDaysUsed.toFixed(1)} of about {fresh.iceDaysAllowed.toFixed(0)} days on
              ice.
            </small>
          </p>
        )}
      </Row>
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
        <section className="pad fish-facts px-5.5 pt-4 pb-6 border-l border-rule-2 max-tablet:px-2.5 max-tablet:pt-3 max-tablet:pb-5 max-tablet:ml-[calc(var(--time-col)_+_6px)] max-tablet:border-t max-tablet:border-l-0 max-tablet:border-rule-2">
          <h2>{line.where === 'let go' ? 'Let go' : 'The hours'}</h2>
          <p>
            <b className="num text-[1.875rem] block">
              {saySpan(
                (line.fish.released
                  ? Date.parse(line.fish.released.at)
                  : line.eatenAt
                    ? Date.parse(line.eatenAt)
                    : now) - Date.parse(fish.landed.at),
              )}
            </b>
            <span>
              {line.where === 'let go'
                ? 'out of the water'
                : line.eatenAt
                  ? 'from the water to the plate'
                  : `now: ${line.where}`}
            </span>
          </p>
          {core && (
            <p className="core-note" title={CORE_HOW}>
              <b>{sayCore(core, format, now)}.</b>
            </p>
          )}
          <HourStrip line={line} now={now} />
          <FishCold line={line} now={now} />
          <Pictures fish={fish} name={name} />
          {(line.where === 'in hand' || line.where === 'bleeding') && (
            <div className="keys">
              <KeyLink act to={`/deck?fish=${fish.id}`} name="Take it in hand" note="on the deck" />
            </div>
          )}
          {line.cuts[0] && (
            <Yield
              route={line.cuts[0].route}
              fishCount={line.cuts[0].fish.length}
              stages={line.cuts[0].stages}
              cutId={line.cuts[0].id}
            />
          )}
          {line.meals.map((m) => (
            <div key={m.id} className="fish-meal">
              <h2 className="ruled">The meal</h2>
              <p>
                <Link to={`/table/${m.id}`}>
                  <b>{m.name}</b>
                </Link>
                <br />
                {sayDay(day(m.servedAt))}
                {meanMark(m) !== null ? `; ${meanMark(m)?.toFixed(1)} of 5` : ''}
              </p>
              <PlatesRow have={m.eaters.length + m.guests} want={m.eaters.length + m.guests} size={36} />
            </div>
          ))}
          {line.packs.length > 0 && line.meals.length === 0 && (
            <>
              <h2 className="ruled">In the larder</h2>
              <ul className="plain-list [.in-short+&]:mt-1 [.in-short+&]:col-span-full">
                {line.packs.map((p) => (
                  <li className="[li+&]:mt-1" key={p.id}>
                    <Link to={`/larder/${p.id}`}>
                      <b>{packNumber(book, p)}</b> {p.what}
                    </Link>
                    <small>{p.places.at(-1)?.place}</small>
                  </li>
                ))}
              </ul>
            </>
          )}
          {species && (
            <>
              <h2 className="ruled">Good to know</h2>
              {species.eating.map((e) => (
                <p key={e}>{e}</p>
              ))}
              <SeenMarks fish={fish} />
              <p className="line-keys">
                <Link className="line-key" to={`/catalogue/${species.id}`}>
                  Its page in the catalogue
                </Link>
                <Link className="line-key" to={`/book/weight/${species.id}`}>
                  Weight at length of your own
                </Link>
              </p>
              <small>
                Sources: {species.sources.join('; ')}. Figures {species.confidence}.
              </small>
            </>
          )}
        </section>
      </div>
    </Page>
  );
}

/** Its pictures, and those of what was found in it; each opens large. */
function Pictures({ fish, name }: { fish: FishState; name: string }) {
  const { time } = useFormat();
  const { book } = useBook();
  const own = fish.pictures.map((p) => ({ photo: p.photo, of: `${name}, picture of ${time(p.at)}` }));
  return <PictureRow label="Pictures" of={[...own, ...findPictures(book.naming('cut', fish.id))]} />;
}

/** What was seen on it when it was named. */
function SeenMarks({ fish }: { fish: FishState }) {
  const { traits } = useCatalogue();
  const seen = Object.entries(fish.seen).flatMap(([id, state]) => {
    const t = traits.find((x) => x.id === id);
    const words = t?.states.find((s) => s.id === state)?.words;
    return t && words ? [`${t.name ?? t.question}: ${words}`] : [];
  });
  if (seen.length === 0) return null;
  return <p>Named by the key from {seen.join('; ')}.</p>;
}

function Yield({
  stages,
  route,
  cutId,
  fishCount,
}: {
  stages: CutState['stages'];
  route: string;
  cutId: string;
  fishCount: number;
}) {
  const [ref, width] = useWidth(360);
  const round = stages.round?.massG;
  return (
    <div ref={ref}>
      <h2 className="ruled">
        Yield <small>{fishCount > 1 ? `of ${fishCount} lines cut together` : ''}</small>
      </h2>
      {stagesOf(routeOf(route), stages).flatMap(({ stage: s, name }) => {
        if (!stages[s]) return [];
        const g = stages[s]?.massG ?? 0;
        const [n, u] = massParts(g);
        return (
          <div key={s} className="mt-2">
            <p className="mx-0 mb-0 gap-3 flex items-baseline">
              <span className="flex-1">{name}</span>
              <small>{round ? percent(g / round) : ''}</small>
              <b className="num text-[1.375rem]">
                {n}
                <u className="text-[0.8125rem]">{u}</u>
              </b>
            </p>
            <svg width={width} height="10" aria-hidden="true">
              <path d={`M0 4H${round ? (g / round) * width : width}`} stroke="var(--teal)" strokeWidth="4" />
            </svg>
          </div>
        );
      })}
      <p>
        <Link to={`/board/${cutId}`}>The cut</Link>
      </p>
    </div>
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
