import { geoMercator, geoPath } from 'd3-geo';
import { isClosedZone, type LonLat, type RulePack, tidyRing, type Zone } from '@dagboek/core/rules';
import type { KeyboardEvent, MouseEvent } from 'react';
import { useWidth } from '../../ui/use-width.ts';
import { sayDistance, units } from '../../asked/units.ts';
import { KM_PER_NAUTICAL_MILE } from '@dagboek/core/units';

/** Below this width, px, only the names that matter stand on the map. */
const NARROW = 420;
/** Degrees that an arrow key moves the mark: some 100 m; ten times as far with Shift. */
const STEP_LAT = 0.001;
const STEP_LON = 0.002;
const ARROWS: Readonly<Record<string, LonLat>> = {
  ArrowLeft: [-STEP_LON, 0],
  ArrowRight: [STEP_LON, 0],
  ArrowUp: [0, STEP_LAT],
  ArrowDown: [0, -STEP_LAT],
};

const feature = (ring: readonly LonLat[]): GeoJSON.Polygon => ({
  type: 'Polygon',
  coordinates: [tidyRing(ring).map(([x, y]) => [x, y])],
});

/**
 * The zones of a pack as they are drawn in it, over its coast, with a mark. No tiles: everything is in the pack. The mark
 * is put by a click or moved by the arrows.
 */
export function ZoneMap({
  rules,
  here,
  mark,
  onMark,
}: {
  rules: RulePack;
  /** Zone that decides now. */
  here: string | null;
  mark: LonLat | null;
  onMark?: (at: LonLat) => void;
}) {
  const [ref, width] = useWidth(640);
  const zones = rules.zones.filter((z) => z.bounds);
  const height = Math.round(Math.min(width * 0.92, 620));
  if (zones.length === 0) return <p>The zones of these waters are not drawn. Choose by name.</p>;
  const all: GeoJSON.GeometryCollection = {
    type: 'GeometryCollection',
    geometries: [...zones.map((z) => feature(z.bounds ?? [])), ...(rules.coast ?? []).map(feature)],
  };
  const projection = geoMercator().fitExtent(
    [
      [14, 14],
      [width - 14, height - 34],
    ],
    all,
  );
  const path = geoPath(projection);
  const at = mark ? projection([mark[0], mark[1]]) : null;
  const put = (e: MouseEvent<SVGSVGElement>): void => {
    const box = e.currentTarget.getBoundingClientRect();
    const p = projection.invert?.([e.clientX - box.left, e.clientY - box.top]);
    if (p && onMark) onMark([round(p[0]), round(p[1])]);
  };
  const press = (e: KeyboardEvent): void => {
    const by = ARROWS[e.key];
    if (!by || !onMark) return;
    e.preventDefault();
    const from = mark ?? (projection.invert?.([width / 2, height / 2]) as LonLat);
    const times = e.shiftKey ? 10 : 1;
    onMark([round(from[0] + by[0] * times), round(from[1] + by[1] * times)]);
  };
  // The small zones above the large ones.
  const drawn = [...zones].sort((a, b) => path.area(feature(b.bounds ?? [])) - path.area(feature(a.bounds ?? [])));
  const mile = scaleBar(projection, width, height);
  return (
    <div ref={ref} className="zone-map">
      <svg
        className="block cursor-crosshair in-[.zone-map]:[&[role='img']]:cursor-default"
        width={width}
        height={height}
        viewBox={`0 0 ${width} ${height}`}
        role={onMark ? 'application' : 'img'}
        aria-label={`Map of the zones of ${rules.name}${onMark ? '. Tap, or move the mark with the arrow keys' : ''}`}
        tabIndex={onMark ? 0 : undefined}
        onClick={onMark ? put : undefined}
        onKeyDown={onMark ? press : undefined}
      >
        <defs>
          <pattern id="closed-zone" width="9" height="9" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
            <path d="M0 0V9" stroke="var(--crimson)" strokeWidth="2.2" />
          </pattern>
        </defs>
        <rect width={width} height={height} className="fill-paper-open" />
        {drawn.map((z) => (
          <path key={z.id} d={path(feature(z.bounds ?? [])) ?? ''} className={z.id === here ? 'wash' : 'no-wash'} />
        ))}
        {(rules.coast ?? []).map((ring, i) => (
          <path key={i} d={path(feature(ring)) ?? ''} className="fill-paper-time stroke-ink stroke-[1.4]" />
        ))}
        {drawn.map((z) => (
          <path
            key={z.id}
            d={path(feature(z.bounds ?? [])) ?? ''}
            className={`zone${z.id === here ? ' here' : ''}${isClosedZone(rules, z.id) ? ' closed' : ''}`}
          />
        ))}
        {drawn
          .filter((z) => isClosedZone(rules, z.id))
          .map((z) => (
            <path key={z.id} d={path(feature(z.bounds ?? [])) ?? ''} fill="url(#closed-zone)" opacity="0.55" />
          ))}
        {labelsOf(
          drawn.map((z) => {
            const [[x0, y0], [x1, y1]] = path.bounds(feature(z.bounds ?? []));
            return { zone: z, x0, y0, x1, y1 };
          }),
          width,
        ).map(({ zone: z, x, y, anchor, within }) => {
          // On a small screen the names of small zones would lie on one another; they stand by name below the map.
          if (width < NARROW && !within && z.id !== here && !isClosedZone(rules, z.id)) return null;
          return (
            <text
              key={z.id}
              x={x}
              y={y}
              textAnchor={anchor}
              className={isClosedZone(rules, z.id) ? 'closed' : undefined}
            >
              {z.name}
            </text>
          );
        })}
        <path
          d={`M14 ${height - 12}h${mile}m0 -4v8M14 ${height - 16}v8`}
          className="fill-none stroke-ink stroke-[1.6]"
        />
        <text x={20 + mile} y={height - 7} className="text-[0.8125rem] font-normal">
          {sayDistance(SCALE_KM)}
        </text>
        {at && (
          <g transform={`translate(${at[0]} ${at[1]})`}>
            <circle className="fill-none stroke-ink stroke-[2.4]" r="13" />
            <path className="stroke-ink stroke-[1.6]" d="M-19 0H19M0 -19V19" />
          </g>
        )}
      </svg>
    </div>
  );
}

interface Drawn {
  readonly zone: Zone;
  readonly x0: number;
  readonly y0: number;
  readonly x1: number;
  readonly y1: number;
}

/** Where each zone's name stands: within a large one; beside a small one, away from its neighbour; above one at the map's edge. */
function labelsOf(
  list: readonly Drawn[],
  width: number,
): { zone: Zone; x: number; y: number; anchor: 'start' | 'end'; within: boolean }[] {
  return list.map((d) => {
    const { zone, x0, y0, x1, y1 } = d;
    const wide = zone.name.length * 8 + 12;
    if (x1 - x0 > wide + 8) return { zone, x: x0 + 7, y: y0 + 19, anchor: 'start', within: true };
    if (x1 + wide > width) return { zone, x: x1, y: y0 - 7, anchor: 'end', within: false };
    const neighbour = list.some((o) => o !== d && o.x1 - o.x0 < 2 * (x1 - x0) && o.x0 > x0 && Math.abs(o.y0 - y0) < 60);
    const y = (y0 + y1) / 2 + 5;
    return neighbour
      ? { zone, x: x0 - 5, y, anchor: 'end', within: false }
      : { zone, x: x1 + 5, y, anchor: 'start', within: false };
  });
}

const round = (x: number): number => Math.round(x * 1e5) / 1e5;

/** What the bar on the map stands for, km: 2 km, or a nautical mile. */
const SCALE_KM = units.distance === 'nm' ? KM_PER_NAUTICAL_MILE : 2;

/** Its length on the map, px, at its middle. */
function scaleBar(projection: ReturnType<typeof geoMercator>, width: number, height: number): number {
  const middle = projection.invert?.([width / 2, height / 2]);
  if (!middle) return 0;
  const east = projection([
    middle[0] + (SCALE_KM * 1000) / (111_320 * Math.cos((middle[1] * Math.PI) / 180)),
    middle[1],
  ]);
  return east ? Math.round(east[0] - width / 2) : 0;
}

/** "58.9500 N, 9.4200 W". */
export const sayPosition = ([lon, lat]: LonLat): string =>
  `${Math.abs(lat).toFixed(4)} ${lat >= 0 ? 'N' : 'S'}, ${Math.abs(lon).toFixed(4)} ${lon >= 0 ? 'E' : 'W'}`;
