import type { KnotKind } from '@dagboek/journal';

export type KnotLook = 'done' | 'now' | 'open';

/** Shape of each event, radius r about the origin. */
function shapeOf(kind: KnotKind, r: number, fill: string, line: string, ground: string) {
  const big = r > 7;
  const paint = { fill, stroke: line, strokeWidth: big ? 2.2 : 1.8, strokeLinejoin: 'round' as const };
  switch (kind) {
    case 'landed':
      return <circle r={r * 0.85} fill={ground} stroke={line} strokeWidth={big ? 3.4 : 2.8} />;
    case 'dispatched':
      return <path d={`M0 ${-r * 1.15}L${r * 1.15} 0 0 ${r * 1.15} ${-r * 1.15} 0Z`} {...paint} />;
    case 'bled':
      return (
        <path
          d={`M0 ${-r * 1.25}C${r * 0.5} ${-r * 0.4} ${r * 0.95} 0 ${r * 0.95} ${r * 0.35}A${r * 0.95} ${r * 0.85} 0 0 1 ${-r * 0.95} ${r * 0.35}C${-r * 0.95} 0 ${-r * 0.5} ${-r * 0.4} 0 ${-r * 1.25}Z`}
          {...paint}
        />
      );
    case 'iced':
      return (
        <path
          d={`M${-r} ${-r * 0.58}L0 ${-r * 1.15} ${r} ${-r * 0.58} ${r} ${r * 0.58} 0 ${r * 1.15} ${-r} ${r * 0.58}Z`}
          {...paint}
        />
      );
    case 'gutted':
      return <path d={`M${-r} ${-r * 0.55}H${r}A${r} ${r * 1.35} 0 0 1 ${-r} ${-r * 0.55}Z`} {...paint} />;
    case 'filleted':
      return <path d={`M${-r} ${-r}H${-r * 0.22}V${r}H${-r}ZM${r * 0.22} ${-r}H${r}V${r}H${r * 0.22}Z`} {...paint} />;
    case 'packed':
      return <path d={`M${-r} ${-r}H${r}V${r}H${-r}Z`} {...paint} />;
    case 'frozen':
      return (
        <path
          d={`M0 ${-r * 1.1}V${r * 1.1}M${-r} ${-r * 0.58}L${r} ${r * 0.58}M${-r} ${r * 0.58}L${r} ${-r * 0.58}`}
          stroke={line}
          strokeWidth={big ? 3 : 2.4}
          strokeLinecap="round"
        />
      );
    case 'cooked':
      return (
        <>
          <circle r={r * 1.05} {...paint} />
          <circle r={r * 0.42} fill={ground} />
        </>
      );
  }
}

/** One event on the line: its shape between two whipping ticks. `now` is running (orange), `open` was left out (struck). */
export function Knot({
  kind,
  x,
  y,
  r = 5.4,
  color = 'var(--teal)',
  ground = 'var(--paper)',
  look = 'done',
}: {
  kind: KnotKind;
  x: number;
  y: number;
  r?: number;
  color?: string;
  ground?: string;
  look?: KnotLook;
}) {
  const fill = look === 'now' ? 'var(--buoy)' : look === 'open' ? ground : color;
  const line = look === 'now' ? 'var(--ink)' : color;
  const h = r + 3;
  return (
    <g transform={`translate(${x} ${y})`}>
      {look !== 'open' && (
        <path
          d={`M${-r - 4.5} ${-h * 0.62}V${h * 0.62}M${r + 4.5} ${-h * 0.62}V${h * 0.62}`}
          stroke={line}
          strokeWidth={r > 7 ? 2 : 1.6}
          strokeLinecap="round"
        />
      )}
      {shapeOf(kind, r, fill, line, ground)}
      {look === 'open' && <path d={`M${-r - 3} ${r + 3}L${r + 3} ${-r - 3}`} stroke="var(--ink)" strokeWidth="1.8" />}
    </g>
  );
}

/** The float: where a fish is now; orange when it waits for someone. */
export function FloatMark({ x, y, waits, scale = 1 }: { x: number; y: number; waits: boolean; scale?: number }) {
  return (
    <g transform={`translate(${x} ${y}) scale(${scale})`}>
      <path d="M0 -15V13" stroke="var(--ink)" strokeWidth="1.6" />
      <path
        d="M-5 -3A5 5.5 0 0 1 5 -3V3A5 5.5 0 0 1 -5 3Z"
        fill={waits ? 'var(--buoy)' : 'var(--teal)'}
        stroke="var(--ink)"
        strokeWidth="1.5"
      />
      <path d="M-5 0H5" stroke="var(--ink)" strokeWidth="1.5" />
    </g>
  );
}
