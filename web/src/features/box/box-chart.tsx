import { bandOf, boxAt, COLD_C, coreLine, type Filling, type FleshHistory } from '@dagboek/journal';
import { stamp } from '@dagboek/core/time';
import { useFormat } from '../../asked/format.ts';
import { sayHeavy, sayTemperature } from '../../asked/units.ts';
import { useWidth } from '../../ui/use-width.ts';

const HOUR_MS = 3_600_000;
/** Room left of the axis, and heights of the two parts, px. */
const [LEFT, RIGHT, TOP, ICE_H, GAP, CORE_H, FOOT] = [46, 14, 16, 84, 18, 96, 22];
const HEIGHT = TOP + ICE_H + GAP + CORE_H + FOOT;

export interface ChartFish {
  readonly id: string;
  readonly label: string;
  readonly fromMs: number;
  readonly history: FleshHistory;
}

const path = (list: readonly (readonly [number, number])[]): string =>
  list.map(([x, y], i) => `${i === 0 ? 'M' : 'L'}${x.toFixed(1)} ${y.toFixed(1)}`).join('');

/** Whole hours that divide a span into at most so many. */
const tickH = (hours: number, most: number): number => [1, 2, 3, 4, 6, 12, 24, 48].find((h) => hours / h <= most) ?? 96;

/** Ice with its band, and the middles of the fish, over time: solid so far, dashed from now on. */
export function BoxChart({
  filling,
  fish,
  fromMs,
  toMs,
  nowMs,
  atMs,
}: {
  filling: Filling;
  fish: readonly ChartFish[];
  fromMs: number;
  toMs: number;
  nowMs: number;
  /** The instant that is looked at. */
  atMs: number;
}) {
  const [ref, width] = useWidth(640);
  const { zone, time, tickTime, timeBesideMs } = useFormat();
  const right = width - RIGHT;
  const x = (ms: number): number => LEFT + ((ms - fromMs) / (toMs - fromMs)) * (right - LEFT);
  const within = (ms: number): boolean => ms >= fromMs && ms <= toMs;
  const samples = filling.course.samples.filter((s) => within(s.atMs));
  const end = boxAt(filling, toMs);
  const known = bandOf(filling);
  const held = Math.max(1, ...samples.map((s) => s.iceKg));
  // The band is seen whole, unless next to nothing is known.
  const most = Math.min(held * 1.6, Math.max(held * 1.12, ...known.highKg));
  const lines = fish.map((f) => ({ ...f, line: coreLine(f.history, Math.max(f.fromMs, fromMs), toMs) }));
  const warmest = Math.max(10, ...lines.flatMap((l) => l.line.map((p) => p.c)));
  const [iceY, coreY] = [
    (kg: number): number => TOP + ICE_H - (Math.min(kg, most) / most) * ICE_H,
    (c: number): number => TOP + ICE_H + GAP + CORE_H - ((Math.max(-1.5, c) + 1.5) / (warmest + 1.5)) * CORE_H,
  ];
  const ice = [...samples.map((s) => [x(s.atMs), iceY(s.iceKg)] as const), [x(toMs), iceY(end.iceKg)] as const];
  const future = filling.melting.samples
    .map((s, i) => ({ ms: s.atMs, low: known.lowKg[i] ?? 0, high: known.highKg[i] ?? 0 }))
    .filter((b) => within(b.ms));
  const band = [
    ...future.map((b) => [x(b.ms), iceY(b.high)] as const),
    ...[...future].reverse().map((b) => [x(b.ms), iceY(b.low)] as const),
  ];
  const step = tickH((toMs - fromMs) / HOUR_MS, width < 480 ? 5 : 12) * HOUR_MS;
  const ticks: number[] = [];
  for (let t = Math.ceil(fromMs / step) * step; t <= toMs; t += step) ticks.push(t);
  const bottom = TOP + ICE_H + GAP + CORE_H;
  const clip = Math.min(Math.max(x(nowMs), LEFT), right);
  const gone = filling.course.without.filter((w) => within(w.fromMs));
  return (
    <figure ref={ref} className="box-chart min-w-0">
      <svg
        width={width}
        height={HEIGHT}
        role="img"
        aria-label={`Ice and the warmth inside the fish from ${timeBesideMs(fromMs, nowMs)} to ${timeBesideMs(toMs, nowMs)}`}
      >
        {ticks.map((t, i) => (
          <g key={t}>
            <path d={`M${x(t)} ${TOP}V${bottom}`} stroke="var(--rule)" />
            <text x={x(t)} y={bottom + 16} textAnchor="middle" className="tick">
              {tickTime(stamp(t, zone), i > 0 ? stamp(ticks[i - 1]!, zone) : undefined)}
            </text>
          </g>
        ))}
        <path d={`${path(band)}Z`} fill="var(--teal-wash)" />
        <clipPath id="box-past">
          <rect x="0" y="0" width={clip} height={HEIGHT} />
        </clipPath>
        <clipPath id="box-next">
          <rect x={clip} y="0" width={Math.max(0, width - clip)} height={HEIGHT} />
        </clipPath>
        <g clipPath="url(#box-past)" fill="none">
          <path d={path(ice)} stroke="var(--teal)" strokeWidth="3" />
          {lines.map((l) => (
            <path
              key={l.id}
              d={path(l.line.map((p) => [x(p.atMs), coreY(p.c)] as const))}
              stroke="var(--ink)"
              strokeWidth="1.8"
            />
          ))}
        </g>
        <g clipPath="url(#box-next)" fill="none">
          <path d={path(ice)} stroke="var(--teal)" strokeWidth="2.4" strokeDasharray="3 5" />
          {lines.map((l) => (
            <path
              key={l.id}
              d={path(l.line.map((p) => [x(p.atMs), coreY(p.c)] as const))}
              stroke="var(--ink)"
              strokeWidth="1.4"
              strokeDasharray="2 5"
            />
          ))}
        </g>
        <path d={`M${LEFT} ${TOP + ICE_H}H${right}M${LEFT} ${bottom}H${right}`} stroke="var(--rule-2)" />
        <path d={`M${LEFT} ${coreY(COLD_C)}H${right}`} stroke="var(--ink)" strokeDasharray="6 4" strokeWidth="1.2" />
        <text x={LEFT - 6} y={iceY(Math.round(most)) + 6} textAnchor="end" className="tick">
          {sayHeavy(Math.round(most))}
        </text>
        <text x={LEFT - 6} y={TOP + ICE_H} textAnchor="end" className="tick">
          0
        </text>
        <text x={LEFT + 6} y={TOP + ICE_H - 8} className="text-[13px] font-bold fill-ink">
          ice
        </text>
        <text x={LEFT - 6} y={coreY(COLD_C) + 4} textAnchor="end" className="tick">
          {sayTemperature(COLD_C)}
        </text>
        <text x={LEFT - 6} y={coreY(Math.floor(warmest)) + 4} textAnchor="end" className="tick">
          {sayTemperature(Math.floor(warmest))}
        </text>
        {lines.map((l) => {
          const p = l.line[0];
          if (!p) return null;
          return (
            <g key={l.id}>
              <path d={`M${x(p.atMs) - 6} ${coreY(p.c)}l3-5h6l3 5-3 5h-6z`} fill="var(--ink)" />
              <text x={x(p.atMs) - 9} y={coreY(p.c) + 4} textAnchor="end" className="text-[13px] font-bold fill-ink">
                {l.label}
              </text>
            </g>
          );
        })}
        {gone.map((w) => (
          <g key={w.fromMs}>
            <path
              d={`M${x(w.fromMs)} ${TOP + ICE_H - 8}V${TOP + ICE_H + 8}`}
              stroke="var(--buoy-ink)"
              strokeWidth="2.5"
            />
            <text
              x={Math.min(x(w.fromMs), right - 40)}
              y={TOP + ICE_H - 12}
              textAnchor="middle"
              className="text-[13px] font-bold fill-buoy-ink"
            >
              out {time(stamp(w.fromMs, zone))}
            </text>
          </g>
        ))}
        <path d={`M${x(nowMs)} ${TOP - 6}V${bottom}`} stroke="var(--ink)" strokeWidth="2" />
        {Math.abs(atMs - nowMs) > 60_000 && (
          <path d={`M${x(atMs)} ${TOP - 10}V${bottom}`} stroke="var(--ink)" strokeWidth="2.4" strokeDasharray="2 4" />
        )}
      </svg>
    </figure>
  );
}
