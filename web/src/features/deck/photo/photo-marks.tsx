import { fitHomography, type Point, project } from '@dagboek/core/measure/photo';
import { type KeyboardEvent, type PointerEvent, useRef, useState } from 'react';
import { Loupe } from './loupe.tsx';
import { BODY_NAMES, CORNER_NAMES, cornersOf, MARK_WORDS, type MarkName, type Marks, type View } from './marks.ts';

const LETTERS: Readonly<Record<MarkName, string>> = {
  'corner 1': '1',
  'corner 2': '2',
  'corner 3': '3',
  'corner 4': '4',
  snout: 'S',
  tail: 'T',
  back: '▲',
  belly: '▼',
  eye: 'e',
  dorsal: 'f',
  anal: 'a',
};
const ARROWS: Readonly<Record<string, Point>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

/**
 * A picture with its marks. Each is dragged by pointer, relative to where it was taken hold of, or moved by the arrows: a
 * pixel of the picture, ten with Shift. Over the board lie its centimetres as the corners make them, to be held against
 * the ones printed on it.
 */
export function PhotoMarks({
  url,
  size,
  view,
  boardMm,
  marks,
  onMove,
}: {
  url: string;
  size: readonly [number, number];
  /** The part of the picture that is shown. */
  view: View;
  boardMm: readonly [number, number];
  marks: Marks;
  onMove: (name: MarkName, at: Point) => void;
}) {
  const frame = useRef<HTMLDivElement>(null);
  const held = useRef<{ name: MarkName; from: Point; pointer: Point } | null>(null);
  const [active, setActive] = useState<MarkName | null>(null);
  const names = [...CORNER_NAMES, 'snout', 'tail', ...BODY_NAMES].filter((n): n is MarkName => n in marks);
  const move = (name: MarkName, [x, y]: Point): void => {
    const keep = (v: number, most: number): number => Math.min(most * 1.4, Math.max(-0.4 * most, v));
    onMove(name, [keep(x, size[0]), keep(y, size[1])]);
  };
  const down = (name: MarkName, e: PointerEvent<HTMLButtonElement>): void => {
    e.currentTarget.setPointerCapture(e.pointerId);
    e.currentTarget.focus();
    held.current = { name, from: marks[name] ?? [0, 0], pointer: [e.clientX, e.clientY] };
  };
  const drag = (e: PointerEvent<HTMLButtonElement>): void => {
    const h = held.current;
    const wide = frame.current?.clientWidth;
    if (!h || !wide) return;
    const per = view.wide / wide;
    move(h.name, [h.from[0] + (e.clientX - h.pointer[0]) * per, h.from[1] + (e.clientY - h.pointer[1]) * per]);
  };
  const press = (name: MarkName, e: KeyboardEvent): void => {
    const by = ARROWS[e.key];
    const at = marks[name];
    if (!by || !at) return;
    e.preventDefault();
    const step = e.shiftKey ? 10 : 1;
    move(name, [at[0] + by[0] * step, at[1] + by[1] * step]);
  };
  const spot = active ? marks[active] : undefined;
  return (
    <div
      className="overflow-hidden relative w-full max-h-[calc(100vh_-_130px)] touch-pan-y select-none"
      ref={frame}
      style={{ aspectRatio: `${view.wide} / ${view.high}` }}
    >
      <img
        className="inset-0 size-full absolute max-w-none"
        src={url}
        alt="The fish on its board"
        draggable={false}
        style={{
          left: `${(-view.x / view.wide) * 100}%`,
          top: `${(-view.y / view.high) * 100}%`,
          width: `${(size[0] / view.wide) * 100}%`,
          height: `${(size[1] / view.high) * 100}%`,
        }}
      />
      <Overlay view={view} boardMm={boardMm} marks={marks} />
      {names.map((name) => {
        const [x, y] = marks[name] as Point;
        const sort = name.startsWith('corner') ? 'corner' : name === 'snout' || name === 'tail' ? 'end' : 'body';
        return (
          <button
            key={name}
            type="button"
            className={`mark-handle ${sort}${active === name ? ' held' : ''}`}
            style={{
              left: `${clampShare((x - view.x) / view.wide)}%`,
              top: `${clampShare((y - view.y) / view.high)}%`,
            }}
            aria-label={`${MARK_WORDS[name]}: ${Math.round(x)} across, ${Math.round(y)} down`}
            aria-description="Drag it, or move it with the arrow keys"
            onPointerDown={(e) => down(name, e)}
            onPointerMove={drag}
            onPointerUp={() => (held.current = null)}
            onPointerCancel={() => (held.current = null)}
            onKeyDown={(e) => press(name, e)}
            onFocus={() => setActive(name)}
            onBlur={() => setActive(null)}
          >
            <i>{LETTERS[name]}</i>
          </button>
        );
      })}
      {spot && <Loupe url={url} size={size} at={spot} side={spot[0] > view.x + view.wide / 2 ? 'left' : 'right'} />}
    </div>
  );
}

/** A mark may lie outside of the picture; its handle stays at the rim, where it can be taken hold of. */
const clampShare = (share: number): number => Math.min(100, Math.max(0, share * 100));

function Overlay({ view, boardMm, marks }: { view: View; boardMm: readonly [number, number]; marks: Marks }) {
  const corners = cornersOf(marks);
  const [l, w] = boardMm;
  const flat: Point[] = [
    [0, 0],
    [l, 0],
    [l, w],
    [0, w],
  ];
  const map =
    corners && l > 0 && w > 0 ? fitHomography(flat.map((from, i) => ({ from, to: corners[i] as Point }))) : null;
  const at = (p: Point): string => (map ? project(map, p).map((v) => v.toFixed(1)) : [0, 0]).join(' ');
  const every = l > 300 ? 100 : 50;
  const lines = Array.from({ length: Math.max(0, Math.ceil(l / every) - 1) }, (_, i) => (i + 1) * every);
  const unit = view.wide / 640;
  const path = (...points: (Point | undefined)[]): string =>
    points.every((p) => p !== undefined) ? `M${points.map((p) => (p as Point).join(' ')).join('L')}` : '';
  return (
    <svg
      className="inset-0 overflow-visible size-full absolute max-w-none fill-none"
      viewBox={`${view.x} ${view.y} ${view.wide} ${view.high}`}
      aria-hidden="true"
    >
      {corners && (
        <path
          className="stroke-[#fcf8ec] [paint-order:stroke]"
          strokeWidth={2 * unit}
          d={`M${corners.map((p) => p.join(' ')).join('L')}Z`}
        />
      )}
      {map &&
        lines.map((x) => (
          <path
            key={x}
            className="stroke-[#fcf8ec] [stroke-dasharray:7_6] opacity-85"
            strokeWidth={1.1 * unit}
            d={`M${at([x, 0])}L${at([x, w])}`}
          />
        ))}
      <path className="stroke-[#e95a0c]" strokeWidth={2 * unit} d={path(marks.snout, marks.tail)} />
      <path
        className="stroke-[#e95a0c] [stroke-dasharray:4_4]"
        strokeWidth={1.5 * unit}
        d={path(marks.back, marks.belly)}
      />
    </svg>
  );
}
