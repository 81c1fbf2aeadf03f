import { stretchesOf } from '@dagboek/core/larder';
import { courseOfStore, type Store } from '@dagboek/journal';
import { epochMs, sayShortDate, stamp } from '@dagboek/core/time';
import { useFormat } from '../../asked/format.ts';
import { useBook } from '../../offline/journal-context.tsx';
import { sayTemperature } from '../../asked/units.ts';
import { useWidth } from '../../ui/use-width.ts';

const DAY_MS = 86_400_000;
const [DAYS, HEIGHT, LEFT, FOOT] = [30, 190, 44, 22];

/** How warm a store was over the last thirty days: readings as rings, the line between them, and what is wanted of it dashed. */
export function StoreChart({ store, now }: { store: Store; now: number }) {
  const { book } = useBook();
  const { day, zone } = useFormat();
  const [ref, width] = useWidth(560);
  const from = now - DAYS * DAY_MS;
  const x = (ms: number): number => LEFT + ((ms - from) / (now - from)) * (width - LEFT - 8);
  const reads = (store.own?.reads ?? []).filter((r) => epochMs(r.at) >= from && epochMs(r.at) <= now);
  const stretches = stretchesOf(courseOfStore(book, store), from, now);
  const wanted = store.place === 'freezer' ? -18 : 5;
  const all = [wanted, ...stretches.flatMap((s) => [s.fromC, s.toC]), ...reads.map((r) => r.c)];
  const [low, high] = [Math.floor(Math.min(...all) - 1.5), Math.ceil(Math.max(...all) + 1.5)];
  const y = (c: number): number => 8 + ((high - c) / (high - low)) * (HEIGHT - FOOT - 8);
  const weeks = [28, 21, 14, 7, 0].map((d) => now - d * DAY_MS);
  const line = stretches.map((s, i) => `${i === 0 ? 'M' : 'L'}${x(s.fromMs)} ${y(s.fromC)}L${x(s.toMs)} ${y(s.toC)}`);
  return (
    <div ref={ref}>
      <svg
        width={width}
        height={HEIGHT}
        role="img"
        aria-label={`Temperature over thirty days: from ${sayTemperature(Math.min(...all))} to ${sayTemperature(Math.max(...all))}`}
      >
        <path d={`M${LEFT} ${y(wanted)}H${width - 8}`} stroke="var(--ink)" strokeWidth="1.4" strokeDasharray="5 4" />
        <text x={LEFT - 6} y={y(wanted) + 4} textAnchor="end" style={{ fontSize: 13, fill: 'var(--ink)' }}>
          {sayTemperature(wanted)}
        </text>
        <path d={line.join('')} fill="none" stroke="var(--teal)" strokeWidth="2" />
        {reads.map((r) => (
          <circle
            key={r.at}
            cx={x(epochMs(r.at))}
            cy={y(r.c)}
            r="4.5"
            fill="var(--paper)"
            stroke="var(--teal)"
            strokeWidth="2.4"
          />
        ))}
        {weeks.map((ms) => (
          <text
            key={ms}
            x={Math.min(x(ms), width - 24)}
            y={HEIGHT - 5}
            textAnchor="middle"
            style={{ fontSize: 13, fill: 'var(--ink-2)' }}
          >
            {ms === now ? 'today' : sayShortDate(day(stamp(ms, zone)))}
          </text>
        ))}
      </svg>
    </div>
  );
}
