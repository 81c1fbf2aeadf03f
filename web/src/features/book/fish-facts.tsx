import { routeOf, stagesOf } from '@dagboek/core/cut';
import { sayDay, saySpan } from '@dagboek/core/time';
import {
  coreTemperatureOf,
  findPictures,
  meanMark,
  packNumber,
  type Asked,
  type Book,
  type CustodyLine,
  type CutState,
  type FishState,
} from '@dagboek/journal';
import { Link } from 'react-router';
import { useCatalogue, type Species } from '../../asked/catalogue.ts';
import { CORE_HOW, sayCore } from '../../asked/core-words.ts';
import { percent, useFormat, type Format } from '../../asked/format.ts';
import { massParts } from '../../asked/units.ts';
import { PlatesRow } from '../../fish/plates-row.tsx';
import { useBook } from '../../offline/journal-context.tsx';
import { PictureRow } from '../../offline/photos/picture-row.tsx';
import { KeyLink } from '../../ui/key.tsx';
import { useWidth } from '../../ui/use-width.ts';
import { FishCold } from './fish-cold.tsx';
import { HourStrip } from './hour-strip.tsx';

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

/** The hours of a fish, its pictures, its yield, its meals, its packs, and what is good to know of its species. */
export function FishFacts({
  line,
  now,
  fish,
  format,
  name,
  day,
  book,
  species,
  asked,
}: {
  line: CustodyLine;
  now: number;
  fish: FishState;
  format: Format;
  name: string;
  day: (at: string) => string;
  book: Book;
  species: Species | null;
  asked: Asked<Species>;
}) {
  const core = coreTemperatureOf(asked, fish.id);
  return (
    <section className="pad fish-facts px-5.5 pt-4 pb-6 border-l border-rule-2 max-tablet:px-2.5 max-tablet:pt-3 max-tablet:pb-5 max-tablet:ml-[calc(var(--time-col)_+_6px)] max-tablet:border-t max-tablet:border-l-0 max-tablet:border-rule-2">
      <h2>{line.where === 'let go' ? 'Let go' : 'The hours'}</h2>
      <p>
        <b className="num text-[1.875rem] block">
          {saySpan(
            (line.fish.released ? Date.parse(line.fish.released.at) : line.eatenAt ? Date.parse(line.eatenAt) : now) -
              Date.parse(fish.landed.at),
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
          <KeyLink act to={`/deck?fish=${fish.id}`} name="Continue with this fish" note="on the deck" />
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
              Species page in the catalogue
            </Link>
            <Link className="line-key" to={`/book/weight/${species.id}`}>
              Your own weights by length
            </Link>
          </p>
          <small>
            Sources: {species.sources.join('; ')}. Figures {species.confidence}.
          </small>
        </>
      )}
    </section>
  );
}
