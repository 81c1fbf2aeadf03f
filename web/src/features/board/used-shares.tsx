import type { UsedShare } from '@dagboek/core/cut';
import { usedOf } from '@dagboek/journal';
import { useState } from 'react';
import { useNames } from '../../asked/names.ts';
import { percent, plural } from '../../asked/format.ts';
import { useBook } from '../../offline/journal-context.tsx';
import { Chips } from '../../ui/chips.tsx';
import { useWidth } from '../../ui/use-width.ts';
import { QUARTERS } from './quarters.ts';

type By = 'person' | 'species' | 'season';
const BY: { value: By; text: string }[] = [
  { value: 'person', text: 'by knife' },
  { value: 'species', text: 'by species' },
  { value: 'season', text: 'by season' },
];
/** Rows at most; the heaviest first. */
const MOST = 6;
/** Each part with its own pattern, so that no colour is needed to tell them apart. */
const PARTS = [
  { of: 'meat', word: 'meat', fill: 'var(--teal)' },
  { of: 'kitchen', word: 'stock and parts eaten', fill: 'url(#used-lines)' },
  { of: 'bait', word: 'bait', fill: 'url(#used-dots)' },
  { of: 'animals', word: 'animals', fill: 'url(#used-dots)' },
  { of: 'waste', word: 'thrown away', fill: 'var(--ink-3)' },
  { of: 'lost', word: 'weighed nowhere', fill: 'var(--paper)' },
] as const;

const say = (s: UsedShare): string =>
  PARTS.filter((p) => s[p.of] >= 0.005)
    .map((p) => `${percent(s[p.of])} ${p.word}`)
    .join(', ');

function Bar({ share, width }: { share: UsedShare; width: number }) {
  let x = 0;
  return (
    <svg className="block" width={width} height="18" role="img" aria-label={say(share)}>
      {PARTS.map((p) => {
        const w = share[p.of] * (width - 2);
        const at = x;
        x += w;
        return w < 0.5 ? null : (
          <rect key={p.of} x={at + 1} y="2" width={w} height="13" fill={p.fill} stroke="var(--ink)" strokeWidth="1.2" />
        );
      })}
    </svg>
  );
}

/** What became of the fish that were cut: how much of them was used, apart by knife, kind and season. */
export function UsedShares() {
  const { book } = useBook();
  const names = useNames();
  const [by, setBy] = useState<By>('person');
  const [ref, width] = useWidth(240);
  const used = usedOf(book);
  if (!used.all) return null;
  const name = (key: string): string =>
    by === 'person'
      ? names.member(key)
      : by === 'species'
        ? names.species(key)
        : `${QUARTERS[Number(key.slice(5))]} ${key.slice(0, 4)}`;
  const rows = by === 'season' ? used.by.season.slice(-MOST) : used.by[by].slice(0, MOST);
  return (
    <section ref={ref} aria-label="What became of them">
      <h2 className="ruled">What became of them</h2>
      <svg className="block" width="0" height="0" aria-hidden="true">
        <defs>
          <pattern id="used-lines" width="5" height="5" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
            <rect width="5" height="5" fill="var(--teal-wash)" />
            <path d="M0 0V5" stroke="var(--teal)" strokeWidth="3" />
          </pattern>
          <pattern id="used-dots" width="6" height="6" patternUnits="userSpaceOnUse">
            <rect width="6" height="6" fill="var(--paper-open)" />
            <circle cx="3" cy="3" r="1.5" fill="var(--ink)" />
          </pattern>
        </defs>
      </svg>
      <p>
        Of {plural(used.all.n, 'cut')}: {say(used.all)}.
      </p>
      <Bar share={used.all} width={width} />
      <Chips label="Apart" hideLabel options={BY} value={by} onChange={setBy} />
      <ul className="plain-list">
        {rows.map(([key, share]) => (
          <li key={key}>
            <span>
              {name(key)} <small>{plural(share.n, 'cut')}</small>
            </span>
            <Bar share={share} width={width} />
            <small>{say(share)}</small>
          </li>
        ))}
      </ul>
    </section>
  );
}
