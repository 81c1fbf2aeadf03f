import { type Book, isHurtOn, tripCatch, type TripState } from '@dagboek/journal';
import { addMonths, daysBetween, sayDate } from '@dagboek/core/time';
import type { Species } from '../../asked/catalogue.ts';
import { FloatMark } from '../../fish/custody/knot.tsx';
import { useWidth } from '../../ui/use-width.ts';
import { sayHeavy } from '../../asked/units.ts';

/** The strip reaches back so far: more months than these stand too close to be told apart. */
const MOST_MONTHS = 36;
const H = 118;
const BASE = 76;

/** The seasons along one axis: up = kilograms kept, dashes below = let go, a ring = an empty trip, a crimson triangle = someone hurt. */
export function SeasonStrip({
  book,
  trips: all,
  today,
  day,
  byId,
}: {
  book: Book;
  trips: readonly TripState[];
  today: string;
  day: (at: string) => string;
  byId: (id: string | null) => Species | null;
}) {
  const [ref, width] = useWidth(1040);
  const earliest = `${addMonths(today, -MOST_MONTHS).slice(0, 7)}-01`;
  const trips = all.slice(all.findLastIndex((t) => day(t.startedAt) < earliest) + 1);
  const days = trips.map((t) => day(t.startedAt));
  const start = days[0] ?? today;
  const from = `${start.slice(0, 7)}-01`;
  const span = Math.max(60, daysBetween(from, today) + 12);
  const x = (d: string): number => 8 + (daysBetween(from, d) / span) * (width - 70);
  const points = trips.map((trip, i) => {
    const { keptKg: kg, back, empty } = tripCatch({ book, species: byId }, trip.id);
    return { trip, x: x(days[i] ?? today), kg, back, empty };
  });
  const top = Math.max(1, ...points.map((p) => p.kg));
  const months: string[] = [];
  for (let m = from; m <= today; m = addMonths(m, 1)) months.push(m);
  const step = Math.ceil(34 / ((width - 70) / (span / 30.4)));
  const last = points.at(-1);
  return (
    <div ref={ref}>
      <svg
        width={width}
        height={H}
        role="img"
        aria-label={`${trips.length} trips since ${sayDate(start)} ${start.slice(0, 4)}; ${points.filter((p) => p.empty).length} of them empty; most kept on one trip ${sayHeavy(Math.round(top * 10) / 10)}`}
      >
        {months.map((m, i) => (
          <g key={m}>
            {m.endsWith('-01-01') || i === 0 ? (
              <text x={x(m) + 4} y={14} style={{ fontWeight: 700, fontSize: 16 }}>
                {m.slice(0, 4)}
              </text>
            ) : null}
            <path
              d={`M${x(m)} ${m.endsWith('-01-01') ? 4 : 10}V${H - 18}`}
              stroke={m.endsWith('-01-01') ? 'var(--rule-2)' : 'var(--rule)'}
            />
            {i % step === 0 && (
              <text x={x(m) + 4} y={H - 4} fill="var(--ink-2)">
                {sayDate(m).slice(2, 5)}
              </text>
            )}
          </g>
        ))}
        <path d={`M0 ${BASE}H${width - 20}`} stroke="var(--ink)" strokeWidth="1.4" />
        {points.map((p) => (
          <g key={p.trip.id}>
            {p.kg > 0 && (
              <path
                d={`M${p.x} ${BASE}V${BASE - Math.max(3, (p.kg / top) * 56)}`}
                stroke={p.trip.endedAt ? 'var(--teal)' : 'var(--ink)'}
                strokeWidth="6"
              />
            )}
            {Array.from({ length: Math.min(4, p.back) }, (_, i) => (
              <path key={i} d={`M${p.x - 4} ${BASE + 6 + i * 5}h8`} stroke="var(--ink-2)" strokeWidth="1.8" />
            ))}
            {p.empty && p.trip.endedAt && (
              <circle cx={p.x} cy={BASE} r="4.6" fill="var(--paper)" stroke="var(--ink-2)" strokeWidth="2" />
            )}
            {isHurtOn(book, p.trip) && <path d={`M${p.x} 20l7 13h-14Z`} fill="var(--crimson)" />}
          </g>
        ))}
        {last && !last.trip.endedAt && (
          <>
            <FloatMark x={last.x} y={BASE - Math.max(3, (last.kg / top) * 56) - 16} waits={false} scale={0.8} />
            <text x={last.x + 9} y={BASE - 6} style={{ fontWeight: 700 }}>
              {sayHeavy(Math.round(last.kg * 10) / 10)}
            </text>
          </>
        )}
      </svg>
    </div>
  );
}
