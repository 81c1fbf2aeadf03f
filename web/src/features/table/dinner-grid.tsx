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
import { useFormat } from '../../asked/format.ts';
import { DishMark } from './dish-mark.tsx';
import type { Dinner } from './use-dinner.ts';

const MIN_MS = 60_000;
/** So tall is a minute, px: see look.md. */
const PX = 8.75;
/** Steps begun longer before serving are told above the axis, min. */
const MOST_MIN = 210;
/** A finger moves so far before it carries, px. */
const FAR_PX = 6;
/** Room for one line, px. */
const LINE_PX = 22;

/** Arrow keys carry a step by five minutes. */
const fiveByFive: KeyboardCoordinateGetter = (e, { currentCoordinates: at }) => {
  if (e.code === 'ArrowDown') return { ...at, y: at.y + 5 * PX };
  if (e.code === 'ArrowUp') return { ...at, y: at.y - 5 * PX };
  return undefined;
};

/** Which column a step stands in. */
const columnOf = (s: StepTime): string =>
  s.task.place !== null ? `${s.task.place} ${s.slot ?? 0}` : s.task.hands ? `hands ${s.hand ?? 0}` : 'by itself';

/** The dinner on the clock: hands, rings, oven, grill as columns, a minute so many pixels, the serving a black flag. Steps are carried along the axis. */
export function DinnerGrid({ dinner, onFail }: { dinner: Dinner; onFail: (why: string | null) => void }) {
  const { time, zone } = useFormat();
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: FAR_PX } }),
    useSensor(KeyboardSensor, { coordinateGetter: fiveByFive }),
  );
  const { steps, servedMs, nowMs, d } = dinner;
  const shown = steps.filter((s) => servedMs - s.startMs <= MOST_MIN * MIN_MS);
  const before = steps.filter((s) => !shown.includes(s));
  const first = Math.min(servedMs - 30 * MIN_MS, ...shown.map((s) => s.startMs));
  const from = Math.floor((first - 2 * MIN_MS) / (5 * MIN_MS)) * 5 * MIN_MS;
  const y = (ms: number): number => ((ms - from) / MIN_MS) * PX;
  const height = y(servedMs) + 46;
  const hour = (ms: number): string => time(stamp(ms, zone));
  const columns = columnsOf(dinner, shown);
  const dishes = d.dishes.map((x) => x.id);
  const ticks = Array.from(
    { length: Math.floor((servedMs - from) / (5 * MIN_MS)) + 1 },
    (_, i) => from + i * 5 * MIN_MS,
  );
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
          {nowMs > from && nowMs < servedMs && (
            <span
              className="pl-3 left-0 text-[1.125rem] text-ink right-1.5 [font-family:'Aleo',serif] font-bold leading-[30px] bg-paper-open [border-block:1.5px_solid_var(--ink)] z-4"
              style={{ top: y(nowMs) - 15 }}
            >
              {hour(nowMs)}
            </span>
          )}
          <span
            className="dinner-flag pl-3 left-0 text-[1.125rem] text-paper right-1.5 [font-family:'Aleo',serif] font-bold leading-[30px] bg-ink [border-block:1.5px_solid_var(--ink)] z-4"
            style={{ top: y(servedMs) - 15 }}
          >
            {hour(servedMs)}
          </span>
        </div>
        {columns.map((c) => (
          <div
            key={c.id}
            className="border-l relative bg-[linear-gradient(to_bottom,var(--rule)_1px,transparent_1px)] border-rule-2"
            style={{ height, backgroundSize: `100% ${5 * PX}px` }}
          >
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
        {nowMs > from && nowMs < servedMs && (
          <div
            className="border-t-2 absolute left-24.5 right-0 pointer-events-none border-ink"
            style={{ top: y(nowMs) + 34 }}
          />
        )}
        <div
          className="py-1.5 px-2.5 border-t-5 [border-top-style:double] absolute left-24.5 right-0 pointer-events-none [font-family:'Aleo',serif] text-[1.25rem] border-ink"
          style={{ top: y(servedMs) + 34 }}
        >
          <b>Serve</b>
        </div>
      </div>
    </DndContext>
  );
}

/** Columns that are in use: every hand and ring that there is, oven and grill where a step takes them, what stands by itself last. */
function columnsOf({ d }: Dinner, shown: readonly StepTime[]): { id: string; name: string }[] {
  const used = new Set(shown.map(columnOf));
  const many = (id: string, n: number, name: string): { id: string; name: string }[] =>
    Array.from({ length: n }, (_, i) => ({ id: `${id} ${i}`, name: n === 1 ? name : `${name} ${i + 1}` })).filter((c) =>
      used.has(c.id),
    );
  return [
    ...many('hands', d.means.hands, 'By hand'),
    ...many('ring', d.means.rings, 'Hob ring'),
    ...many('oven', d.means.ovens, 'Oven'),
    ...many('grill', d.means.grills, 'Grill'),
    ...(used.has('by itself') ? [{ id: 'by itself', name: 'By itself' }] : []),
  ];
}

/** Steps that stand side by side, since nothing keeps them apart: each in its own lane. */
function inLanes(list: readonly StepTime[]): { s: StepTime; lane: number; lanes: number }[] {
  const ends: number[] = [];
  const tall = (s: StepTime): number => Math.max(s.endMs - s.startMs, (LINE_PX / PX) * MIN_MS);
  const put = list.map((s) => {
    const startMs = Math.min(s.startMs, s.endMs - tall(s));
    const free = ends.findIndex((e) => e <= startMs + 1);
    const lane = free < 0 ? ends.length : free;
    ends[lane] = s.endMs;
    return { s, lane };
  });
  return put.map((x) => ({ ...x, lanes: Math.max(1, ends.length) }));
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
