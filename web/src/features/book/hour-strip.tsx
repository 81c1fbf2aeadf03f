import { useAsked } from '../../asked/asked.ts';
import { type CustodyLine, layStretches, type LayStretch } from '@dagboek/journal';
import type { Keeping } from '@dagboek/core/fresh';
import { saySpan } from '@dagboek/core/time';
import { useWidth } from '../../ui/use-width.ts';

const WORDS: Readonly<Record<Keeping, { readonly what: string; readonly warm: boolean }>> = {
  air: { what: 'warm', warm: true },
  bucket: { what: 'in the bucket', warm: true },
  box: { what: 'on ice', warm: false },
  'box without ice': { what: 'in the box without ice', warm: true },
  board: { what: 'board', warm: true },
  fridge: { what: 'fridge', warm: false },
  freezer: { what: 'freezer', warm: false },
};

/** The same hours by the clock: how long warm, on ice, on the board, in the larder. Short stretches are widened to be seen. */
export function HourStrip({ line, now }: { line: CustodyLine; now: number }) {
  const [ref, width] = useWidth(420);
  const asked = useAsked(now);
  if (line.fish.released || (!line.fish.dispatched && !line.fish.iced)) return <div ref={ref} />;
  const list = layStretches(asked, line, line.eatenAt ? Date.parse(line.eatenAt) : now).map((s) => ({
    ...s,
    ...WORDS[s.keeping],
  }));
  // Square roots let twelve warm minutes be seen beside two days of ice; the words carry the true spans.
  const weight = (s: LayStretch): number => Math.sqrt(Math.max(60_000, s.toMs - s.fromMs));
  const total = list.reduce((n, s) => n + weight(s), 0) || 1;
  let at = 0;
  return (
    <div ref={ref}>
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
      <p className="mt-0.5 text-cap text-ink-2">
        {list.map((s) => `${s.what} ${saySpan(s.toMs - s.fromMs)}`).join(' · ')}
      </p>
    </div>
  );
}
