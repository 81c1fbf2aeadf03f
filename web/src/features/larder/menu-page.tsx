import { nowMs } from '../../ui/clock.ts';
import { useAsked } from '../../asked/asked.ts';
import {
  DndContext,
  type DragEndEvent,
  type KeyboardCoordinateGetter,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import { type MenuMeal, type MenuWishes, sayClash, sayUnplanned } from '@dagboek/core/menu';
import { sayDate, weekday } from '@dagboek/core/time';
import {
  type Book,
  keepMenu,
  keptMeals,
  lockPack,
  menuWishes,
  movePack,
  packsHeld,
  plannedDay,
  takeOutsFor,
  type Writing,
} from '@dagboek/journal';
import { useMemo, useRef, useState } from 'react';
import { Link } from 'react-router';
import { useRules } from '../../asked/catalogue.ts';
import { DeckKey } from '../../lines/deck-key.tsx';
import { plural } from '../../asked/format.ts';
import { useBook } from '../../offline/journal-context.tsx';
import { useWrite } from '../../asked/use-write.ts';
import { Page, Row } from '../../frame/page.tsx';
import { Chips } from '../../ui/chips.tsx';
import { LineKey } from '../../ui/key.tsx';
import { Trouble } from '../../ui/trouble.tsx';
import { drawable } from '../../ui/known.ts';
import { useNow } from '../../ui/use-now.ts';
import { massParts, sayMass, units } from '../../asked/units.ts';
import { EatsDialog } from './eats-dialog.tsx';
import { FreezerWish } from './freezer-wish.tsx';
import { MenuDayRow } from './menu-day.tsx';
import { type MenuFound, useMenu } from './use-menu.ts';

const LENGTHS = ['3', '7', '10'] as const;
type Length = (typeof LENGTHS)[number];
/** So far a finger moves before it carries: less is a tap. */
const FAR_PX = 8;
/** Two taps within it are one, ms. */
const DOUBLE_MS = 700;
/** Wishes are taken anew so often, ms: an hour more or less changes no plan. */
const HOUR_MS = 3_600_000;

/** The meals of the days ahead: what is eaten when, why, and what is taken out of the freezer for it. */
export function MenuPage() {
  const { book } = useBook();
  const rules = useRules();
  const { writeAll } = useWrite();
  const hour = Math.floor(useNow(60_000) / HOUR_MS);
  // Reckoned by the hour and by what the book says, not at every second.
  const at = useMemo(() => {
    void [hour, book];
    return nowMs();
  }, [hour, book]);
  const asked = useAsked(at);
  const [length, setLength] = useState<Length>('7');
  const [eats, setEats] = useState(false);
  const [trouble, setTrouble] = useState<string | null>(null);
  const days = Number(length);
  const about = useMemo(() => {
    // Reckoned by the hour and by what the book says, not at every second.
    void hour;
    return menuWishes(asked, packsHeld(asked), days, rules);
  }, [asked, days, hour, rules]);
  const { wishes } = about;
  const { answer, again } = useMenu(wishes.packs.length > 0 ? wishes : null);
  const { value: plan, pale } = drawable(answer) ?? { value: null, pale: false };
  const busy = answer.state === 'reckoning';
  const why = answer.state === 'failed' ? answer.why : null;
  const menu = plan?.planned.ok ? plan.planned.menu : null;
  // A plan of other days, or with packs that are gone meanwhile, is none of these.
  const fits = menu !== null && plan !== null && plan.of.days[0]?.day === wishes.days[0]?.day;
  const kept = fromBook(book, wishes);
  const shown = fits && plan ? fromPlan(plan) : kept;
  const keep =
    fits && plan
      ? keepMenu(
          book,
          plan.of,
          menu,
          plan.methods.map((m) => m?.method ?? null),
        )
      : [];
  const list = wishes.days.map((d) => d.day);
  const put = async (writings: readonly Writing[]): Promise<void> => {
    if (writings.length === 0) return;
    const r = await writeAll(writings);
    setTrouble(r.ok ? null : r.why);
  };
  const move = (pack: string, to: string): Promise<void> => put(movePack(book, list, pack, to));
  // The second tap of a double tap would take back what the first did.
  const tapped = useRef({ pack: '', atMs: 0 });
  const lock = (pack: string, on: string, locked: boolean): void => {
    const last = tapped.current;
    tapped.current = { pack, atMs: performance.now() };
    if (last.pack === pack && tapped.current.atMs - last.atMs < DOUBLE_MS) return;
    void put(locked ? movePack(book, list, pack, on) : lockPack(book, on, pack, false));
  };
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: FAR_PX } }),
    useSensor(KeyboardSensor, { coordinateGetter: dayByDay }),
  );
  const drop = ({ active, over }: DragEndEvent): void => {
    const pack = (active.data.current as { pack?: string } | undefined)?.pack;
    const to = (over?.data.current as { day?: string } | undefined)?.day;
    if (pack && to) void move(pack, to);
  };
  const outs = takeOutsFor(book, shown.meals, about, units);
  return (
    <Page
      title="Meals ahead"
      first={{ label: 'Days', value: days }}
      cells={[
        { label: 'From', value: `${weekday(list[0]!)} ${sayDate(list[0]!)}` },
        { label: 'Packs', value: wishes.packs.length },
        { label: 'Meals of fish', value: busy ? 'being reckoned' : shown.meals.length },
      ]}
    >
      <DndContext sensors={sensors} onDragEnd={drop}>
        <div className="with-margin">
          <div>
            {wishes.packs.length === 0 && (
              <Row className="pad">
                <h2>Nothing to plan yet</h2>
                <p className="lead">
                  The larder holds no pack that can be eaten. What comes off the board is packed, and stands here with
                  its days.
                </p>
              </Row>
            )}
            {wishes.packs.length > 0 && (
              <Row className="pad ruled menu-state">
                <p className="[&[role='status']]:font-semibold" role="status">
                  {busy
                    ? 'Reckoning the plan…'
                    : plan && !plan.planned.ok && plan.planned.clash
                      ? sayClash(plan.of, plan.planned.clash, units)
                      : fits && menu && !pale
                        ? sayMeasures(menu.measures)
                        : why
                          ? WHY_NOT[why]
                          : plan && !plan.planned.ok
                            ? 'No plan was found in its time. Plan fewer days, or lock fewer packs.'
                            : ''}
                </p>
                {fits && menu && !menu.proven && !busy && (
                  <p className="hint [&[role='status']]:font-semibold">
                    Not proven to be the best: its time was up
                    {menu.gap < 1 ? `, and none is better by more than ${Math.ceil(menu.gap * 100)} in 100` : ''}.
                  </p>
                )}
                {(why !== null || (plan !== null && !plan.planned.ok)) && !busy && (
                  <p className="in-[.menu-state]:[&[role='status']]:font-semibold">
                    <LineKey onClick={again}>Plan again</LineKey>
                    {shown.meals.length > 0 && !fits ? ' What was kept last stands below.' : ''}
                  </p>
                )}
                <Trouble says={trouble} />
                <div className="keys mt-2">
                  {keep.length > 0 && !busy && (
                    <DeckKey
                      act
                      name="Keep this plan"
                      note={`writes ${plural(keep.length, 'day')}; the larder shows it`}
                      onClick={() => void writeAll(keep).then((r) => setTrouble(r.ok ? null : r.why))}
                    />
                  )}
                </div>
              </Row>
            )}
            {wishes.days.map((d, i) => (
              <MenuDayRow
                key={d.day}
                day={d}
                days={list}
                meal={shown.meals.find((m) => m.day === i) ?? null}
                wishes={shown.wishes}
                meals={shown.meals}
                method={shown.methodOf(i)}
                outs={outs.filter((o) => o.day === i).map((o) => o.says)}
                dim={pale}
                open={busy && !fits}
                onMove={(pack, to) => void move(pack, to)}
                onLock={lock}
                onTrouble={setTrouble}
              />
            ))}
          </div>
          <aside className="margin">
            <h2>The plan</h2>
            <Chips
              label="Days ahead"
              options={LENGTHS.map((value) => ({ value, text: value }))}
              value={length}
              onChange={setLength}
            />
            {fits && keep.length === 0 && !busy && shown.meals.length > 0 && <p>This plan is kept.</p>}
            {fits && menu && !pale && (
              <Unplanned menu={menu} wishes={plan.of} onMove={(p, to) => void move(p, to)} days={list} />
            )}
            {about.beyond > 0 && (
              <p className="hint">
                {plural(about.beyond, 'pack')} more press less, and are not planned: they keep beyond these days.
              </p>
            )}
            <h2 className="ruled">Wishes</h2>
            <FreezerWish />
            <p>
              <LineKey onClick={() => setEats(true)}>Who eats what</LineKey>
            </p>
            <p className="hint">
              First nothing goes to waste that need not; then nobody has too little, fish is eaten at its best, no kind
              comes twice running, and packs are emptied. Mercury counts by person and month, roughly as the authorities
              advise: for those at risk nothing with much of it, and a plate a week of fish with some.
            </p>
            <p>
              <Link to="/larder">Back to the larder</Link>
            </p>
          </aside>
        </div>
      </DndContext>
      {eats && <EatsDialog onClose={() => setEats(false)} />}
    </Page>
  );
}

const WHY_NOT = {
  'not loaded':
    'The part that plans is not on this device yet; it comes with the next signal. What was kept last stands below.',
  'too long': 'Planning took too long on this device, and was given up. Plan fewer days.',
  'given up': '',
  failed: 'The plan could not be reckoned. What was kept last stands below.',
} as const;

/** By keys a pack is carried a day at a time. */
const dayByDay: KeyboardCoordinateGetter = (event, { context, currentCoordinates }) => {
  const step = event.code === 'ArrowDown' ? 1 : event.code === 'ArrowUp' ? -1 : 0;
  const { droppableRects, over, collisionRect } = context;
  if (step === 0 || !collisionRect) return;
  const days = [...droppableRects.entries()].sort((a, b) => a[1].top - b[1].top);
  const at = days.findIndex(([id]) => id === over?.id);
  const to = days[Math.max(0, Math.min(days.length - 1, at + step))]?.[1];
  if (!to) return;
  event.preventDefault();
  return { x: currentCoordinates.x, y: to.top + to.height / 2 - collisionRect.height / 2 };
};

interface Shown {
  readonly meals: readonly MenuMeal[];
  readonly wishes: MenuWishes;
  readonly methodOf: (day: number) => { readonly method: string; readonly why: string | null } | null;
}

/** What the solver found. */
function fromPlan(plan: MenuFound): Shown {
  const meals = plan.planned.ok ? plan.planned.menu.meals : [];
  return {
    meals,
    wishes: plan.of,
    methodOf: (d) => plan.methods[meals.findIndex((m) => m.day === d)] ?? null,
  };
}

/** What was kept, while no plan is reckoned, or none could be. */
const fromBook = (book: Book, wishes: MenuWishes): Shown => ({
  meals: keptMeals(book, wishes),
  wishes,
  methodOf: (d) => {
    const method = plannedDay(book, wishes.days[d]!.day)?.method;
    return method ? { method, why: null } : null;
  },
});

const sayMeasures = (m: { wasteG: number; short: number; again: number }): string =>
  [
    m.wasteG < 5 ? 'Nothing passes its day.' : `${sayMass(m.wasteG)} cannot be eaten in time.`,
    m.short > 0.3 ? `${m.short.toFixed(1)} plates are short.` : '',
    m.again === 0 ? 'No kind comes twice running.' : '',
  ]
    .filter(Boolean)
    .join(' ');

/** What has no meal in these days: what that means, and a way to give it one. */
function Unplanned({
  menu,
  wishes,
  days,
  onMove,
}: {
  menu: { readonly unplanned: MenuWishes['packs'] };
  wishes: MenuWishes;
  days: readonly string[];
  onMove: (pack: string, to: string) => void;
}) {
  const { unplanned } = menu;
  const pressing = unplanned.flatMap((p) => sayUnplanned(wishes, p) ?? []);
  const grams = unplanned.reduce((g, p) => g + p.meatG, 0);
  if (unplanned.length === 0) return <p>Every pack has its meal.</p>;
  return (
    <>
      {pressing.map((says) => (
        <p key={says} className="alert alert-warning">
          {says}
        </p>
      ))}
      <details className="why-days">
        <summary>
          {plural(unplanned.length, 'pack')} without a meal, {massParts(grams).join(' ')}
        </summary>
        <ul className="plain-list">
          {unplanned.map((p) => (
            <li key={p.id}>
              <Link to={`/larder/${p.id}`}>
                <b>{p.number}</b> {p.name}
              </Link>
              <label className="put-on">
                <span className="sr-only">Put pack {p.number} on</span>
                <select className="select min-h-11 w-auto" value="" onChange={(e) => onMove(p.id, e.target.value)}>
                  <option value="">no day</option>
                  {days.map((d) => (
                    <option key={d} value={d}>
                      {weekday(d)}
                    </option>
                  ))}
                </select>
              </label>
            </li>
          ))}
        </ul>
      </details>
    </>
  );
}
