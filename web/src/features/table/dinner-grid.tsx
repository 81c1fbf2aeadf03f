import {
  DndContext,
  type DragEndEvent,
  type KeyboardCoordinateGetter,
  KeyboardSensor,
  PointerSensor,
  useDraggable,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import type { StepTime } from '@dagboek/journal';
import { stamp } from '@dagboek/core/time';
import { sayAll, useFormat } from '../../asked/format.ts';
import { inSentence } from '../../ui/names-in-text.ts';
import { DishMark } from './dish-mark.tsx';
import { columnOf, inLanes, LINE_PX, PX } from './in-lanes.ts';
import { OtherBlocks, othersOf } from './other-blocks.tsx';
import type { Dinner } from './use-dinner.ts';

const MIN_MS = 60_000;
/** Steps begun longer before serving are told above the axis, min. */
const MOST_MIN = 210;
/** A finger moves so far before it carries, px. */
const FAR_PX = 6;

/** Arrow keys carry a step by five minutes. */
const fiveByFive: KeyboardCoordinateGetter = (e, { currentCoordinates: at }) => {
  if (e.code === 'ArrowDown') return { ...at, y: at.y + 5 * PX };
  if (e.code === 'ArrowUp') return { ...at, y: at.y - 5 * PX };
  return undefined;
};

/** The dinner on the clock: hands, rings, oven, grill as columns, a minute so many pixels, the serving a black flag. Steps are carried along the axis. */
export function DinnerGrid({ dinner, onFail }: { dinner: Dinner; onFail: (why: string | null) => void }) {
  const { time, zone } = useFormat();
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: FAR_PX } }),
    useSensor(KeyboardSensor, { coordinateGetter: fiveByFive }),
  );
  const { steps, lastMs, nowMs, d } = dinner;
  const shown = steps.filter((s) => lastMs - s.startMs <= MOST_MIN * MIN_MS);
  const before = steps.filter((s) => !shown.includes(s));
  const others = othersOf(dinner);
  const first = Math.min(
    lastMs - 30 * MIN_MS,
    ...dinner.courses.map((c) => c.servedMs - 10 * MIN_MS),
    ...shown.map((s) => s.startMs),
  );
  const from = Math.floor((first - 2 * MIN_MS) / (5 * MIN_MS)) * 5 * MIN_MS;
  const y = (ms: number): number => ((ms - from) / MIN_MS) * PX;
  const height = y(lastMs) + 46;
  const hour = (ms: number): string => time(stamp(ms, zone));
  const columns = columnsOf(dinner, [...shown, ...others.map((x) => x.s)]);
  const between = dinner.courses.slice(0, -1);
  const dishes = d.dishes.map((x) => x.id);
  const ticks = Array.from({ length: Math.floor((lastMs - from) / (5 * MIN_MS)) + 1 }, (_, i) => from + i * 5 * MIN_MS);
  const drop = ({ active, delta }: DragEndEvent): void => {
    const s = steps.find((x) => x.task.id === active.id);
    const moved = Math.round(delta.y / PX);
    if (!s || moved === 0 || s.is !== 'to come') return;
    const startMs = Math.round((s.startMs + moved * MIN_MS) / MIN_MS) * MIN_MS;
    void dinner.put(s.task.id, startMs).then((r) => onFail(r.ok ? null : r.why));
  };
  return (
    <DndContext sensors={sensors} onDragEnd={drop}>
      {before.length > 0 && (
        <ul className="plain-list py-2 pr-4 pl-3.5 ml-[calc(var(--time-col)_+_6px)] max-tablet:hidden">
          {before.map((s) => (
            <li key={s.task.id}>
              <b>{hour(s.startMs)}</b> {s.task.dish}: {s.task.name}
            </li>
          ))}
        </ul>
      )}
      <div
        className="dinner-grid border-b grid min-w-0 relative overflow-x-auto border-ink max-tablet:hidden"
        style={{ gridTemplateColumns: `98px repeat(${columns.length}, minmax(96px, 1fr))` }}
      >
        <span className="py-[5px] px-2 border-b [font-family:'Aleo',serif] font-bold text-[1.0625rem] h-8.5 border-ink" />
        {columns.map((c) => (
          <span
            key={c.id}
            className="py-[5px] px-2 border-b [font-family:'Aleo',serif] font-bold text-[1.0625rem] h-8.5 border-ink"
          >
            {c.name}
          </span>
        ))}
        <div className="dinner-axis relative" style={{ height }}>
          {ticks
            .filter((ms) => y(ms) > 12)
            .map((ms) => (
              <span key={ms} className={ms % (15 * MIN_MS) === 0 ? 'quarter' : undefined} style={{ top: y(ms) - 9 }}>
                {hour(ms)}
              </span>
            ))}
          {nowMs > from && nowMs < lastMs && (
            <span
              className="pl-3 left-0 text-[1.125rem] text-ink right-1.5 [font-family:'Aleo',serif] font-bold leading-[30px] bg-paper-open [border-block:1.5px_solid_var(--ink)] z-4"
              style={{ top: y(nowMs) - 15 }}
            >
              {hour(nowMs)}
            </span>
          )}
          {between.map((c) => (
            <span
              key={c.servedMs}
              className="dinner-flag pl-3 left-0 text-[1.125rem] text-ink right-1.5 [font-family:'Aleo',serif] font-bold leading-[26px] bg-paper-open [border-block:1.5px_solid_var(--ink)] z-4"
              style={{ top: y(c.servedMs) - 13 }}
            >
              {hour(c.servedMs)}
            </span>
          ))}
          <span
            className="dinner-flag pl-3 left-0 text-[1.125rem] text-paper right-1.5 [font-family:'Aleo',serif] font-bold leading-[30px] bg-ink [border-block:1.5px_solid_var(--ink)] z-4"
            style={{ top: y(lastMs) - 15 }}
          >
            {hour(lastMs)}
          </span>
        </div>
        {columns.map((c) => (
          <div
            key={c.id}
            className="border-l relative bg-[linear-gradient(to_bottom,var(--rule)_1px,transparent_1px)] border-rule-2"
            style={{ height, backgroundSize: `100% ${5 * PX}px` }}
          >
            <OtherBlocks
              others={others.filter(({ s }) => columnOf(s) === c.id && s.endMs > from)}
              lastMs={lastMs}
              y={y}
            />
            {inLanes(shown.filter((s) => columnOf(s) === c.id)).map(({ s, lane, lanes }) => (
              <Block
                key={s.task.id}
                s={s}
                n={Math.max(0, dishes.indexOf(s.task.id.split('/')[0]!))}
                top={Math.min(y(s.startMs), y(s.endMs) - LINE_PX)}
                height={Math.max(LINE_PX, y(s.endMs) - y(s.startMs)) - 2}
                hour={hour}
                lane={lane / lanes}
                wide={1 / lanes}
              />
            ))}
          </div>
        ))}
        {nowMs > from && nowMs < lastMs && (
          <div
            className="border-t-2 absolute left-24.5 right-0 pointer-events-none border-ink"
            style={{ top: y(nowMs) + 34 }}
          />
        )}
        {between.map((c) => (
          <div
            key={c.servedMs}
            className="px-2.5 border-t-2 border-dashed absolute text-right left-24.5 right-0 pointer-events-none [font-family:'Aleo',serif] border-ink z-3"
            style={{ top: y(c.servedMs) + 34 }}
          >
            <b className="bg-paper-open px-1">Serve {sayAll(c.dishes.map((x) => inSentence(x.name)))}</b>
          </div>
        ))}
        <div
          className="py-1.5 px-2.5 border-t-5 [border-top-style:double] absolute left-24.5 right-0 pointer-events-none [font-family:'Aleo',serif] text-[1.25rem] border-ink"
          style={{ top: y(lastMs) + 34 }}
        >
          <b>Serve{between.length > 0 && ` ${sayAll(dinner.courses.at(-1)!.dishes.map((x) => inSentence(x.name)))}`}</b>
        </div>
      </div>
    </DndContext>
  );
}

/** Columns that are in use: every hand and ring that there is, oven and grill where a step takes them, what stands by itself last. */
function columnsOf({ means }: Dinner, shown: readonly StepTime[]): { id: string; name: string }[] {
  const used = new Set(shown.map(columnOf));
  const many = (id: string, n: number, name: string): { id: string; name: string }[] =>
    Array.from({ length: n }, (_, i) => ({ id: `${id} ${i}`, name: n === 1 ? name : `${name} ${i + 1}` })).filter((c) =>
      used.has(c.id),
    );
  return [
    ...many('hands', means.hands, 'By hand'),
    ...many('ring', means.rings, 'Hob ring'),
    ...many('oven', means.ovens, 'Oven'),
    ...many('grill', means.grills, 'Grill'),
    ...(used.has('by itself') ? [{ id: 'by itself', name: 'By itself' }] : []),
  ];
}

function Block({
  s,
  n,
  top,
  height,
  hour,
  lane,
  wide,
}: {
  lane: number;
  wide: number;
  s: StepTime;
  n: number;
  top: number;
  height: number;
  hour: (ms: number) => string;
}) {
  const fixed = s.is !== 'to come';
  const { attributes, listeners, setNodeRef, transform, isDragging } = useDraggable({ id: s.task.id, disabled: fixed });
  const shift = transform ? Math.round(transform.y / PX) : 0;
  const words = `${s.task.dish}, ${s.task.name}, ${hour(s.startMs)}, ${s.task.minutes} minutes${s.pinned ? ', moved by hand' : ''}`;
  return (
    <div
      ref={setNodeRef}
      {...attributes}
      {...listeners}
      className={`dinner-block is-${s.is.replace(' ', '-')}${s.pinned ? ' pinned' : ''}${isDragging ? ' carried' : ''}`}
      aria-label={words}
      title={words}
      style={{
        left: `calc(${lane * 100}% + 4px)`,
        width: `calc(${wide * 100}% - 8px)`,
        top,
        height,
        ...(transform ? { transform: `translateY(${transform.y}px)`, zIndex: 5 } : {}),
      }}
    >
      <DishMark n={n} height={height} faded={s.is === 'done'} />
      <span className="pt-px overflow-hidden min-w-0 text-ellipsis wrap-normal [hyphens:auto]">
        {s.task.name}
        {height > 2 * LINE_PX && (
          <small className="block font-normal text-ink-2">
            {s.task.minutes} min{s.pinned ? ', moved by hand' : ''}
            {shift !== 0 ? `, ${hour(s.startMs + shift * MIN_MS)}` : ''}
          </small>
        )}
      </span>
    </div>
  );
}
