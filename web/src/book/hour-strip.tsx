import type { CustodyLine } from '@dagboek/journal';
import { saySpan } from '@dagboek/core/time';
import { useWidth } from '../kit/use-width.ts';

interface Stretch {
  readonly what: string;
  readonly warm: boolean;
  readonly fromMs: number;
  readonly toMs: number;
}

/** Where the fish lay, hour by hour of the clock: warm stretches thick. */
function stretchesOf(line: CustodyLine, endMs: number): Stretch[] {
  const { fish, cuts, packs } = line;
  const marks: { at: number; what: string; warm: boolean }[] = [];
  const mark = (at: string | undefined, what: string, warm: boolean): void =>
    void (at && marks.push({ at: Date.parse(at), what, warm }));
  mark(fish.dispatched?.at ?? fish.landed.at, 'warm', true);
  mark(fish.iced?.at, 'on ice', false);
  mark(cuts[0]?.startedAt, 'board', true);
  for (const p of packs.find((x) => x.form !== 'stock' && x.form !== 'cooked')?.places ?? [])
    mark(p.at, p.place, false);
  marks.sort((a, b) => a.at - b.at);
  return marks.flatMap((m, i) => {
    const toMs = Math.min(endMs, marks[i + 1]?.at ?? endMs);
    return toMs > m.at ? [{ what: m.what, warm: m.warm, fromMs: m.at, toMs }] : [];
  });
}

/** The same hours by the clock: how long warm, on ice, on the board, in the larder. Short stretches are widened to be seen. */
export function HourStrip({ line, now }: { line: CustodyLine; now: number }) {
  const [ref, width] = useWidth(420);
  if (line.fish.released || (!line.fish.dispatched && !line.fish.iced)) return <div ref={ref} />;
  const list = stretchesOf(line, line.eatenAt ? Date.parse(line.eatenAt) : now);
  // Square roots let twelve warm minutes be seen beside two days of ice; the words carry the true spans.
  const weight = (s: Stretch): number => Math.sqrt(Math.max(60_000, s.toMs - s.fromMs));
  const total = list.reduce((n, s) => n + weight(s), 0) || 1;
  let at = 0;
  return (
    <div ref={ref} className="hour-strip">
      <svg
        width={width}
        height="14"
        role="img"
        aria-label={list.map((s) => `${s.what} ${saySpan(s.toMs - s.fromMs)}`).join(', ')}
      >
        {list.map((s) => {
          const x = at;
          at += (weight(s) / total) * width;
          return (
            <path
              key={s.fromMs}
              d={`M${x} 7H${at}`}
              stroke={s.warm ? 'var(--ochre)' : 'var(--teal)'}
              strokeWidth={s.warm ? 12 : 4}
            />
          );
        })}
      </svg>
      <p>{list.map((s) => `${s.what} ${saySpan(s.toMs - s.fromMs)}`).join(' · ')}</p>
    </div>
  );
}
