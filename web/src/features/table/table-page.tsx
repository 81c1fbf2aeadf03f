import { NowTime } from '../../ui/now-time.tsx';
import { CORE_LINE_WORDS } from '@dagboek/core/harm';
import { PLATE_G, platesFrom } from '@dagboek/core/plates';
import { sayMonth, stamp } from '@dagboek/core/time';
import {
  dinnersOpen,
  marksOfMeals,
  mealsByMonth,
  mealsFound,
  mealsInOrder,
  mealsListed,
  type MealState,
  meanMark,
} from '@dagboek/journal';
import { memo, useDeferredValue, useMemo, useState } from 'react';
import { Link } from 'react-router';
import { useCatalogue } from '../../asked/catalogue.ts';
import { useNames } from '../../asked/names.ts';
import { FigureView } from '../../fish/figure-view.tsx';
import { plural, useFormat } from '../../asked/format.ts';
import { useBook } from '../../offline/journal-context.tsx';
import { Page, Row } from '../../frame/page.tsx';
import { Key, KeyLink } from '../../ui/key.tsx';
import { SearchField } from '../../ui/search-field.tsx';
import { nowMs } from '../../ui/clock.ts';
import { useAddressed } from '../../ui/use-addressed.ts';
import { BestByKind } from './best-ways.tsx';
import { degrees, sayGrams, sayMass } from '../../asked/units.ts';

const PAGE = 20;

/** Meals, the latest first, by month, found by a word; the dinner that is planned stands above them. */
export function TablePage() {
  const { book } = useBook();
  const { shortDay, day, time, zone } = useFormat();
  const names = useNames();
  const [q, setQ] = useAddressed('q');
  const asked = useDeferredValue(q ?? '');
  const [shown, setShown] = useState(PAGE);
  const meals = mealsInOrder(book);
  const listed = mealsFound(book, mealsListed(book), asked, names);
  const { mean, best } = marksOfMeals(book);
  const open = dinnersOpen(book);
  const now = useMemo(nowMs, []);
  return (
    <Page
      title="Table"
      first={{ label: 'Meals', value: meals.length }}
      cells={[
        { label: 'Latest', value: meals[0] ? shortDay(day(meals[0].servedAt)) : 'none yet' },
        { label: 'Mean mark', value: mean ? `${mean.toFixed(1)} of 5` : 'none yet' },
      ]}
    >
      <div className="with-margin">
        <div>
          {open.map((d) => {
            const at = stamp(d.serveAtMs, zone);
            return (
              <Row
                key={d.id}
                className="pad open-entry"
                time={
                  <>
                    <small className="font-normal text-cap text-ink-2">{shortDay(day(at))}</small>
                    <NowTime>{time(at)}</NowTime>
                  </>
                }
              >
                <h2>
                  <Link to={`/table/dinner/${d.id}`}>{d.dishes[0]?.name}</Link>
                </h2>
                <p>
                  {d.dishes
                    .slice(1)
                    .map((x) => x.name)
                    .join(', ')}
                  {d.dishes.length > 1 ? '; ' : ''}
                  {plural(d.eaters.length + d.guests, 'plate')}, {names.member(d.cook)} cooks
                </p>
                <div className="keys">
                  <KeyLink to={`/table/dinner/${d.id}`} name="To the stove" note="every step, up to serving time" />
                </div>
              </Row>
            );
          })}
          <Row className="pad">
            <h2>{meals.length ? 'Meals' : 'Nothing cooked yet'}</h2>
            {meals.length === 0 ? (
              <p className="lead">
                Choose packs from the larder, plan the dinner for a serving time, and rate it. Your ratings improve the
                next suggestions.
              </p>
            ) : (
              <>
                <SearchField
                  label="Find a meal"
                  value={q ?? ''}
                  onChange={setQ}
                  placeholder="pollack, roasted, September"
                />
                <p role="status">
                  {asked.trim()
                    ? listed.length === 0
                      ? 'No meal found.'
                      : `${plural(listed.length, 'meal')} found.`
                    : ''}
                </p>
              </>
            )}
          </Row>
          {mealsByMonth(listed.slice(0, shown)).map((g) => (
            <section key={g.month} aria-label={sayMonth(g.month)}>
              <Row>
                <h3 className="px-0 pt-2.5 pb-1">{sayMonth(g.month)}</h3>
              </Row>
              {g.meals.map((m) => (
                <MealRow key={m.id} m={m} />
              ))}
            </section>
          ))}
          {listed.length > shown && (
            <Row className="pad">
              <Key
                onClick={() => setShown(shown + PAGE)}
                name="Earlier meals"
                note={<>{listed.length - shown} more</>}
              />
            </Row>
          )}
        </div>
        <aside className="margin">
          <div className="keys">
            <KeyLink act to="/table/new" name="Cook a meal" note="choose the packs" />
            <KeyLink to="/table/fire" name="Into the fire" note="straight from the deck, no pack" />
            <KeyLink to="/table/recipes" name="Recipes" note="by cooking method and fish" />
            <KeyLink to="/table/kitchen" name="The kitchen" note="cooks, hob rings, pans" />
          </div>
          <h2 className="ruled">Best so far</h2>
          {best.length === 0 && <p>No meal has been rated yet.</p>}
          <ul className="plain-list">
            {best.map((m) => (
              <li key={m.id}>
                <Link to={`/table/${m.id}`}>{m.name}</Link>
                <small>{meanMark(m)?.toFixed(1)} of 5</small>
              </li>
            ))}
          </ul>
          <BestByKind nowMs={now} />
          <h2 className="ruled">One plate</h2>
          <p>
            One plate is {sayGrams(PLATE_G)} of boneless fish: {sayMass(1000)} makes {platesFrom(1000).plates} plates.
          </p>
          <h2 className="ruled">Stove safety</h2>
          <p>
            Dry the fish, fill the pot less than half with oil, keep a lid ready. Never put water on burning oil.{' '}
            {degrees(CORE_LINE_WORDS)}
          </p>
          <p className="line-links">
            <Link to="/hurt">Someone is ill, burnt or cut</Link>
          </p>
        </aside>
      </div>
    </Page>
  );
}

/** One meal of the list: found again by its own state alone, so that typing redraws none. */
const MealRow = memo(function MealRow({ m }: { m: MealState }) {
  const { book } = useBook();
  const { byId } = useCatalogue();
  const names = useNames();
  const { shortDay, day, time } = useFormat();
  const pack = book.getAny('pack', m.packs[0]?.pack);
  const s = byId(pack?.species);
  const mark = meanMark(m);
  return (
    <Row
      className={book.stands(m) ? 'line' : 'line struck-row'}
      time={
        <>
          <b>{shortDay(day(m.servedAt)).split(' ').slice(0, 2).join(' ')}</b>
          <span>
            {shortDay(day(m.servedAt)).split(' ')[2]}, {time(m.servedAt)}
          </span>
        </>
      }
    >
      <Link to={`/table/${m.id}`} className="meal-grid as-row">
        <span className="icon max-tablet:hidden">{s && <FigureView spec={s.figure} size={64} plain />}</span>
        <span className="name font-semibold text-[1rem] leading-[1.15] in-[.struck-row]:line-through in-[.struck-row]:text-ink-3">
          {m.name}
          <small>
            {[...(m.name.toLowerCase().includes(m.method) ? [] : [m.method]), ...(m.doneness ? [m.doneness] : [])].join(
              ', ',
            )}
            {m.doneness || !m.name.toLowerCase().includes(m.method) ? '; ' : ''}
            {names.member(m.cook)} cooked
          </small>
        </span>
        <span className="num-cell text-right whitespace-nowrap max-tablet:hidden">
          {plural(m.eaters.length + m.guests, 'plate')}
        </span>
        <span className="num text-[1.5rem] text-right">
          {mark ? mark.toFixed(1) : ''}
          <u className="text-[0.8125rem]">{mark ? 'of 5' : 'no mark'}</u>
        </span>
      </Link>
    </Row>
  );
});
