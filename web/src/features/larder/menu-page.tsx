import { sayDate, weekday } from '@dagboek/core/time';
import { keepMenu, lockPack, menuWishes, movePack, packsHeld, takeOutsFor, type Writing } from '@dagboek/journal';
import {
  DndContext,
  type DragEndEvent,
  type KeyboardCoordinateGetter,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import { useMemo, useRef, useState } from 'react';
import { useAsked } from '../../asked/asked.ts';
import { useRules } from '../../asked/names.ts';
import { units } from '../../asked/units.ts';
import { useWrite } from '../../asked/use-write.ts';
import { Page, Row } from '../../frame/page.tsx';
import { useBook } from '../../offline/journal-context.tsx';
import { nowMs } from '../../ui/clock.ts';
import { drawable } from '../../ui/known.ts';
import { useNow } from '../../ui/use-now.ts';
import { EatsDialog } from './eats-dialog.tsx';
import { MenuDayRow } from './menu-day.tsx';
import type { Length } from './menu-lengths.ts';
import { MenuMargin } from './menu-margin.tsx';
import { fromBook, fromPlan } from './menu-shown.ts';
import { MenuState } from './menu-state.tsx';
import { useMenu } from './use-menu.ts';

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
        { label: 'Meals of fish', value: busy ? 'planning' : shown.meals.length },
      ]}
    >
      <DndContext sensors={sensors} onDragEnd={drop}>
        <div className="with-margin">
          <div>
            {wishes.packs.length === 0 && (
              <Row className="pad">
                <h2>Nothing to plan yet</h2>
                <p className="lead">
                  There is no pack to eat in the larder. Packs from the board appear here with their days.
                </p>
              </Row>
            )}
            {wishes.packs.length > 0 && (
              <MenuState
                busy={busy}
                plan={plan}
                fits={fits}
                menu={menu}
                pale={pale}
                again={again}
                shown={shown}
                trouble={trouble}
                keep={keep}
                writeAll={writeAll}
                setTrouble={setTrouble}
                answer={answer}
              />
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
          <MenuMargin
            length={length}
            setLength={setLength}
            fits={fits}
            keep={keep}
            busy={busy}
            shown={shown}
            menu={menu}
            pale={pale}
            plan={plan}
            move={move}
            list={list}
            about={about}
            setEats={setEats}
          />
        </div>
      </DndContext>
      {eats && <EatsDialog onClose={() => setEats(false)} />}
    </Page>
  );
}

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
