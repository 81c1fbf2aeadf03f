import { sayCore } from '@dagboek/core/harm';
import { nowMs } from '../kit/clock.ts';
import {
  amendLine,
  custodyOf,
  type MealState,
  nextPackNumber,
  packLeft,
  packNumber,
  standingLine,
} from '@dagboek/journal';
import { saySpan, sayDay } from '@dagboek/core/time';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { MissingPage } from '../app/missing-page.tsx';
import { sayFish, useNames } from '../kit/catalogue.ts';
import { CustodyHead, CustodyRow } from '../kit/custody/custody-row.tsx';
import { DeckKey } from '../kit/deck-key.tsx';
import { LogLines } from '../kit/facts/log-lines.tsx';
import { useFormat } from '../kit/format.ts';
import { useBook } from '../kit/journal/journal-context.tsx';
import { newId, useWrite } from '../kit/journal/use-write.ts';
import { Page, Row } from '../kit/page.tsx';
import { PlatesRow } from '../kit/plates-row.tsx';
import { Quantity } from '../kit/ui/quantity.tsx';
import { useWidth } from '../kit/use-width.ts';
import { meanMark } from '../kit/mean-mark.ts';
import { StruckBanner } from '../kit/struck-banner.tsx';
import { Trouble } from '../kit/ui/trouble.tsx';
import { asTyped, sayGrams, sayMass, sayTemperature, typedAmount, units } from '../kit/units.ts';
import { Key } from '../kit/ui/key.tsx';

/** One meal: its fish from water to plate, how done it was, who liked it, what to change, what was left. */
export function MealPage() {
  const { id = '' } = useParams();
  const { book } = useBook();
  const meal = book.getAny('meal', id);
  return meal ? <Meal meal={meal} /> : <MissingPage />;
}

function Meal({ meal }: { meal: MealState }) {
  const { book } = useBook();
  const names = useNames();
  const { day, time, shortDay } = useFormat();
  const packs = meal.packs.flatMap((p) => {
    const pack = book.getAny('pack', p.pack);
    return pack ? [{ pack, massG: p.massG, leftG: packLeft(book, pack).leftG }] : [];
  });
  const fishIds = [
    ...new Set(
      packs.flatMap((p) =>
        p.pack.fish.length
          ? p.pack.fish
          : (book.get('meal', p.pack.meal)?.packs.flatMap((x) => book.get('pack', x.pack)?.fish ?? []) ?? []),
      ),
    ),
  ];
  const lines = fishIds.flatMap((f) => custodyOf(book, f) ?? []);
  const first = lines.map((l) => Date.parse(l.fish.landed.at)).sort((a, b) => a - b)[0];
  const mark = meanMark(meal);
  const grams = meal.packs.reduce((g, p) => g + p.massG, 0);
  const heads = meal.eaters.length + meal.guests;
  return (
    <Page
      title={meal.name}
      first={{ label: 'Plates', value: heads }}
      cells={[
        { label: 'Day', value: sayDay(day(meal.servedAt)) },
        { label: 'Cook', value: names.member(meal.cook) },
        { label: 'Packs', value: `${packs.map((p) => packNumber(book, p.pack)).join(' and ')}, ${sayMass(grams)}` },
      ]}
    >
      <StruckBanner state={meal} />
      <Row
        className="pad meal-head"
        time={
          <>
            <small>Served</small>
            <b className="now-time">{time(meal.servedAt)}</b>
          </>
        }
      >
        <h2 className="huge">{meal.name}</h2>
        <p className="water-to-plate">
          {first !== undefined && (
            <>
              <b className="num">{saySpan(Date.parse(meal.servedAt) - first)}</b>
              <span>from the water to the plate</span>
            </>
          )}
        </p>
        <PlatesRow have={heads} want={heads} size={38} />
        <p className="meal-mark">
          <span className="num">{mark ? mark.toFixed(1) : '–'}</span> of 5
        </p>
      </Row>
      <Row className="head-row">
        <div className="log-grid head short">
          <span>Fish</span>
          <CustodyHead />
        </div>
      </Row>
      {lines.slice(0, 8).map((l) => (
        <Row key={l.fish.id} className="line" time={shortDay(day(l.fish.landed.at))}>
          <Link to={`/fish/${l.fish.id}`} className="log-grid as-row short">
            <span className="name">{sayFish(l.fish, names)}</span>
            <CustodyRow line={l} fresh={null} />
          </Link>
        </Row>
      ))}
      {lines.length > 8 && (
        <Row className="line">
          <p className="log-sentence">and {lines.length - 8} more fish</p>
        </Row>
      )}
      <div className="three">
        <section className="log-part">
          <Row className="pad">
            <h2>Lines of this meal</h2>
            <LogLines lines={meal.log} />
          </Row>
        </section>
        <section className="pad">
          <h2>Who liked it</h2>
          <Marks meal={meal} />
          <h2 className="ruled">How done it was</h2>
          <p>
            {meal.method.charAt(0).toUpperCase() + meal.method.slice(1)}
            {meal.doneness ? `, ${meal.doneness}` : ', not noted how done'}
            {meal.coreC !== null ? `; ${sayTemperature(meal.coreC)} in the middle` : ''}. {sayCore(meal.coreC, units)}
          </p>
        </section>
        <section className="pad">
          <Afterwards meal={meal} packs={packs} />
        </section>
      </div>
    </Page>
  );
}

/** Marks per eater on one axis from 1 to 5; given with one tap. */
function Marks({ meal }: { meal: MealState }) {
  const names = useNames();
  const { write, writeAll } = useWrite();
  const [ref, width] = useWidth(220);
  const x = (m: number): number => 8 + ((m - 1) / 4) * (width - 16);
  return (
    <ul className="marks">
      {meal.eaters.map((e) => {
        const mark = meal.marks[e];
        return (
          <li key={e}>
            <span>{names.member(e)}</span>
            <span ref={e === meal.eaters[0] ? ref : undefined} className="mark-line">
              {mark !== undefined && (
                <svg width={width} height="20" aria-hidden="true">
                  <path d={`M${x(1)} 10H${x(mark)}`} stroke="var(--teal)" strokeWidth="3" />
                  <circle cx={x(mark)} cy="10" r="7" fill="var(--paper)" stroke="var(--teal)" strokeWidth="2.4" />
                  <circle cx={x(mark)} cy="10" r="2.6" fill="var(--teal)" />
                </svg>
              )}
            </span>
            <select
              aria-label={`${names.member(e)}’s mark`}
              className="select"
              value={mark ?? ''}
              onChange={(ev) => {
                const m = Number(ev.target.value);
                const line = standingLine(meal, 'meal.rated', (f) => f.eater === e);
                void (line
                  ? writeAll([amendLine<'meal.rated'>(line, { mark: m }, { atMs: nowMs() })])
                  : write('meal.rated', meal.id, { eater: e, mark: m }));
              }}
            >
              <option value="" disabled>
                mark
              </option>
              {[5, 4.5, 4, 3.5, 3, 2.5, 2, 1.5, 1].map((m) => (
                <option key={m} value={m}>
                  {m}
                </option>
              ))}
            </select>
          </li>
        );
      })}
    </ul>
  );
}

function Afterwards({
  meal,
  packs,
}: {
  meal: MealState;
  packs: readonly { pack: { id: string; number: number; species: string; what: string }; leftG: number }[];
}) {
  const { book } = useBook();
  const { write } = useWrite();
  const [text, setText] = useState('');
  const [grams, setGrams] = useState('');
  const [trouble, setTrouble] = useState<string | null>(null);
  const leftovers = book.naming('pack', meal.id);
  const taken = meal.packs.reduce((g, p) => g + p.massG, 0);
  const note = async (): Promise<void> => {
    const r = await write('meal.noted', meal.id, { text: text.trim() });
    setTrouble(r.ok ? null : r.why);
    if (r.ok) setText((now) => (now === text ? '' : now));
  };
  const keep = async (): Promise<void> => {
    const read = typedAmount('mass', grams);
    if (!read || Number.isNaN(read.value))
      return setTrouble(`Give the weight of what is left, for example ${sayGrams(200)}.`);
    const massG = read.value;
    if (massG + leftovers.reduce((g, p) => g + p.massG, 0) > taken * 1.5)
      return setTrouble(
        `More is left than was cooked: ${sayGrams(taken)} of fish went in. With sauce and all, half as much again is the most that can be.`,
      );
    const r = await write('pack.stored', newId(), {
      number: nextPackNumber(book),
      what: `${meal.name}, left over`,
      species: packs[0]?.pack.species ?? 'unknown',
      form: 'cooked',
      massG,
      wrapping: 'box',
      place: 'fridge',
      fish: [],
      meal: meal.id,
      ...asTyped({ massG: read }),
    });
    setTrouble(r.ok ? null : r.why);
    if (r.ok) setGrams('');
  };
  return (
    <>
      <h2>What to change</h2>
      {meal.notes.map((n) => (
        <p key={n.at + n.text}>
          <b>{n.text}</b>
        </p>
      ))}
      <form
        className="remark"
        onSubmit={(e) => {
          e.preventDefault();
          void note();
        }}
      >
        <label className="sr-only" htmlFor="change">
          What to change
        </label>
        <textarea
          id="change"
          className="textarea"
          rows={2}
          value={text}
          onChange={(e) => setText(e.target.value)}
          placeholder="a minute less, butter a shade less"
        />
        <Key type="submit" name="Note it" />
      </form>
      <h2 className="ruled">What is left over</h2>
      {leftovers.length === 0 && packs.every((p) => p.leftG < 1) && <p>All eaten, as far as the book knows.</p>}
      {packs
        .filter((p) => p.leftG >= 1)
        .map((p) => (
          <p key={p.pack.id}>
            <Link to={`/larder/${p.pack.id}`}>
              Pack {packNumber(book, p.pack)} still holds {sayMass(p.leftG)}
            </Link>
            .
          </p>
        ))}
      {leftovers.map((p) => (
        <p key={p.id}>
          <Link to={`/larder/${p.id}`}>
            Pack {packNumber(book, p)}: {p.what}, {sayMass(p.massG)}
          </Link>
        </p>
      ))}
      <div className="by-row">
        <Quantity label="Cooked, left over" amount="mass" value={grams} onChange={setGrams} />
        <DeckKey name="Back to the larder" note="two days in the fridge" onClick={() => void keep()} />
      </div>
      <Trouble says={trouble} />
    </>
  );
}
