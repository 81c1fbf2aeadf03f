import type { Cooking } from '@dagboek/core/cook';
import { CORE_LINES } from '@dagboek/core/harm';
import { sayTemperature } from '../../asked/units.ts';
import { useWidth } from '../../ui/use-width.ts';

const [HEIGHT, LEFT, FOOT, TOP] = [220, 44, 24, 26];
/** Ticks of the clock, min. */
const STEPS = [1, 2, 5, 10, 20, 30, 60];

/** A middle over the minutes: dotted since it is reckoned, off where it is pulled, the wash where it coasts, the authority's line hatched. */
export function CookCurve({
  cooking,
  read = [],
  fires = [],
}: {
  cooking: Cooking;
  read?: readonly { atS: number; c: number }[];
  /** What is hot in each of its fires, in their order; none where there is one alone. */
  fires?: readonly string[];
}) {
  const [ref, width] = useWidth(340);
  const { course } = cooking;
  const end = Math.max(course.peakS, course.pulledS) + Math.max(60, course.pulledS * 0.12);
  const low = Math.min(0, Math.floor(course.coreC[0]! / 10) * 10);
  const high = Math.max(70, Math.ceil((course.peakC + 4) / 10) * 10);
  const x = (s: number): number => LEFT + (s / end) * (width - LEFT - 10);
  const y = (c: number): number => TOP + ((high - c) / (high - low)) * (HEIGHT - FOOT - TOP);
  const line = course.atS
    .map((s, i) => [s, course.coreC[i]!] as const)
    .filter(([s]) => s <= end)
    .map(([s, c], i) => `${i === 0 ? 'M' : 'L'}${x(s).toFixed(1)} ${y(c).toFixed(1)}`)
    .join('');
  const step = STEPS.find((m) => end / 60 / m <= 6) ?? 60;
  const ticks = Array.from({ length: Math.floor(end / 60 / step) + 1 }, (_, i) => i * step);
  const lineY = y(CORE_LINES.usC);
  const coasts = course.peakS > course.pulledS + 20;
  const edges = [0, ...(course.inS > 0 ? [course.inS] : []), course.outS, course.pulledS].filter(
    (s, i, all) => i === 0 || s > all[i - 1]! + 1,
  );
  const text = { fontSize: 13, fill: 'var(--ink-2)' } as const;
  return (
    <div ref={ref} className="mx-0 mt-2.5 mb-1">
      <svg
        width={width}
        height={HEIGHT}
        role="img"
        aria-label={`Middle: off at ${sayTemperature(Math.round(course.pulledC))} after ${Math.round(course.pulledS / 60)} minutes, ${sayTemperature(Math.round(course.peakC))} at the highest`}
      >
        {coasts && (
          <rect
            x={x(course.pulledS)}
            y={y(course.peakC)}
            width={x(course.peakS) - x(course.pulledS)}
            height={y(low) - y(course.peakC)}
            fill="var(--teal-wash)"
          />
        )}
        {[20, 40, 60].map((c) => (
          <g key={c}>
            <path d={`M${LEFT} ${y(c)}H${width - 10}`} stroke="var(--rule)" />
            <text x={LEFT - 6} y={y(c) + 4} textAnchor="end" style={text}>
              {sayTemperature(c)}
            </text>
          </g>
        ))}
        <path d={`M${LEFT} ${y(low)}H${width - 10}`} stroke="var(--ink)" strokeWidth="1.6" />
        <path d={`M${LEFT} ${lineY}H${width - 10}`} stroke="var(--crimson)" strokeWidth="2" />
        {Array.from({ length: Math.floor((width - LEFT - 10) / 14) }, (_, i) => (
          <path key={i} d={`M${LEFT + 4 + i * 14} ${lineY - 1}l6 -6`} stroke="var(--crimson)" strokeWidth="1.4" />
        ))}
        <text x={LEFT} y={lineY - 11} style={{ fontSize: 13, fill: 'var(--crimson)', fontWeight: 600 }}>
          Official limit {sayTemperature(CORE_LINES.usC)}
        </text>
        {edges.slice(1, -1).map((s) => (
          <path
            key={s}
            d={`M${x(s)} ${TOP - 14}V${HEIGHT - FOOT}`}
            stroke="var(--ink)"
            strokeWidth="1.4"
            strokeDasharray="2 4"
          />
        ))}
        {fires.map((of, i) => {
          const [from, to] = [x(edges[i]!), x(edges[i + 1]!)];
          return (
            <text key={from} x={(from + to) / 2} y={TOP - 14} textAnchor="middle" style={{ ...text, fontSize: 12 }}>
              {to - from > of.length * 6 ? of : ''}
            </text>
          );
        })}
        <path d={line} fill="none" stroke="var(--teal)" strokeWidth="3" strokeLinecap="round" strokeDasharray="1 7" />
        <path
          d={`M${x(course.pulledS)} ${y(course.pulledC)}V${y(low)}`}
          stroke="var(--ink)"
          strokeDasharray="3 3"
          strokeWidth="1.4"
        />
        <rect
          x={x(course.pulledS) - 5}
          y={y(course.pulledC) - 9}
          width="10"
          height="18"
          rx="5"
          fill="var(--buoy)"
          stroke="var(--ink)"
          strokeWidth="1.6"
        />
        {coasts && (
          <circle
            cx={x(course.peakS)}
            cy={y(course.peakC)}
            r="6"
            fill="var(--paper)"
            stroke="var(--teal)"
            strokeWidth="3"
          />
        )}
        {read.map((r) => (
          <circle
            key={r.atS}
            cx={x(r.atS)}
            cy={y(r.c)}
            r="4.5"
            fill="var(--paper)"
            stroke="var(--ink)"
            strokeWidth="2"
          />
        ))}
        {ticks.map((m) => (
          <text key={m} x={x(m * 60)} y={HEIGHT - 6} textAnchor={m === 0 ? 'start' : 'middle'} style={text}>
            {m === 0 ? '0 min' : m}
          </text>
        ))}
      </svg>
    </div>
  );
}
