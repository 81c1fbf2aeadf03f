import { leastOf, rulesAbout } from '@dagboek/core/rules';
import type { Species } from '@dagboek/catalogue';
import { inMonths } from '@dagboek/core/time';
import { firstsOf, type FishState, stomachsOf } from '@dagboek/journal';
import { Link } from 'react-router';
import { useNames, useRules } from '../../asked/names.ts';
import { nowMs } from '../../ui/clock.ts';
import { plural, useFormat, sayAll } from '../../asked/format.ts';
import { useBook } from '../../offline/journal-context.tsx';
import { lengthShown, sayLength, shortLength, units } from '../../asked/units.ts';
import { MM_PER_INCH } from '@dagboek/core/units';

const MONTHS = 'JFMAMJJASOND';

/** What this book has met of a species: lengths against the rule, where, when, and whose first it was. */
export function OwnRecord({ species }: { species: Species }) {
  const { book } = useBook();
  const names = useNames();
  const { day, shortDay } = useFormat();
  const fish = book.fishNamed(species.id).filter((f) => f.species === species.id && f.orElse.length === 0);
  const count = fish.reduce((n, f) => n + f.count, 0);
  const firsts = firstsOf(book).filter((f) => f.species === species.id);
  const zones = new Map<string, number>();
  for (const f of fish) {
    const zone = book.get('trip', f.trip)?.zone;
    if (zone) zones.set(zone, (zones.get(zone) ?? 0) + f.count);
  }
  const most = Math.max(1, ...zones.values());
  if (count === 0)
    return (
      <section className="px-0 pt-3 pb-3.5 [break-inside:avoid]" aria-label="In this book">
        <h3 className="text-[length:var(--t-lead,20px)]">In this book</h3>
        <p>Not caught yet.</p>
        <Season species={species} fish={[]} />
      </section>
    );
  return (
    <section className="px-0 pt-3 pb-3.5 [break-inside:avoid]" aria-label="In this book">
      <h3 className="text-[length:var(--t-lead,20px)]">
        In this book{' '}
        <small className="font-normal text-s leading-[normal] font-text">
          {count} met, {fish.filter((f) => !f.released).reduce((n, f) => n + f.count, 0)} kept
        </small>
      </h3>
      <Lengths species={species} fish={fish} />
      <dl className="where">
        {[...zones]
          .sort((a, b) => b[1] - a[1])
          .map(([zone, n]) => (
            <div
              className="py-[5px] px-0 gap-2.5 border-b grid grid-cols-[108px_minmax(0,1fr)] border-rule max-tablet:grid-cols-[88px_minmax(0,1fr)]"
              key={zone}
            >
              <dt className="text-ink-2">{names.zone(zone)}</dt>
              <dd>
                <svg width="90" height="12" aria-hidden="true">
                  <path d={`M0 6H${(n / most) * 90}`} stroke="var(--teal)" strokeWidth="9" strokeDasharray="4 2" />
                </svg>{' '}
                {n}
              </dd>
            </div>
          ))}
      </dl>
      <Season species={species} fish={fish} />
      <p>
        <Link to={`/book/weight/${species.id}`}>Your own weights by length</Link>
      </p>
      <WhatTheyAte species={species} />
      <h4 className="mt-2 font-bold text-m leading-[normal] font-head">Life lists</h4>
      <ul className="plain-list">
        {firsts.map((f) => (
          <li key={f.angler}>
            <Link to={`/fish/${f.fish.id}`}>
              {names.member(f.angler)}’s first, {shortDay(day(f.fish.landed.at))} {day(f.fish.landed.at).slice(0, 4)}
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** What was in their stomachs, by place and month; nothing before one was looked into. */
function WhatTheyAte({ species }: { species: Species }) {
  const { book } = useBook();
  const names = useNames();
  const { looked, prey } = stomachsOf(book, species.id);
  if (looked === 0) return null;
  return (
    <>
      <h4 className="mt-2 font-bold text-m leading-[normal] font-head">Stomach contents</h4>
      <p className="hint">
        {plural(looked, 'stomach')} looked into{looked < FEW ? ': too few to show a habit' : ''}.
      </p>
      <ul className="plain-list">
        {prey.map((p) => (
          <li key={p.is}>
            {p.is} <b>{p.n}</b>{' '}
            <small>
              {p.zones.map(([zone, n]) => `${names.zone(zone)} ${n}`).join(', ')};{' '}
              {p.months.map((m) => MONTH_NAMES[m - 1]).join(', ')}
            </small>
          </li>
        ))}
      </ul>
    </>
  );
}
const MONTH_NAMES = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'June', 'July', 'Aug', 'Sept', 'Oct', 'Nov', 'Dec'];
/** So few stomachs tell of those fish alone. */
const FEW = 5;

/** Dots on a ruled axis: filled kept, open let go; the minimum size a dashed line. */
function Lengths({ species, fish }: { species: Species; fish: readonly FishState[] }) {
  const rules = useRules();
  const { dayOfMs } = useFormat();
  const kind = species.lengthKinds[0];
  const list = fish.flatMap((f) =>
    f.length && f.length.kind === kind ? [{ mm: f.length.mm, kept: !f.released }] : [],
  );
  if (list.length === 0) return <p>{plural(fish.length, 'entry', 'entries')}, none measured.</p>;
  const least = rules ? leastOf(rulesAbout(rules, species.id, null, dayOfMs(nowMs()))) : null;
  const leastMm = least?.kind === kind ? least.mm : null;
  const all = [...list.map((l) => l.mm), ...(leastMm ? [leastMm] : [])];
  // Ruled each 5 cm, or each 2 inches.
  const grid = units.length === 'in' ? 2 * MM_PER_INCH : 50;
  const from = Math.floor((Math.min(...all) - 10) / grid) * grid;
  const to = Math.ceil((Math.max(...all) + 10) / grid) * grid;
  const W = 380;
  const x = (mm: number): number => 10 + ((mm - from) / (to - from)) * (W - 20);
  const stacks = new Map<number, number>();
  const step = (to - from) / 60;
  const ticks = Array.from({ length: Math.round((to - from) / grid) + 1 }, (_, i) => from + i * grid).filter(
    (_, i, a) => i % Math.ceil(a.length / 7) === 0,
  );
  const longest = list.reduce((a, b) => (b.mm > a.mm ? b : a));
  return (
    <figure>
      <svg
        className="mt-1.5 w-full max-w-105 h-auto"
        viewBox={`0 0 ${W} 96`}
        role="img"
        aria-label={`${list.length} lengths from ${lengthShown(Math.min(...list.map((l) => l.mm)))} to ${sayLength(longest.mm)}${leastMm ? `, minimum size ${lengthShown(leastMm)}` : ''}`}
      >
        {leastMm && (
          <>
            <rect x={x(leastMm)} y="14" width={Math.max(0, W - 10 - x(leastMm))} height="56" fill="var(--teal-wash)" />
            <path d={`M${x(leastMm)} 10V74`} stroke="var(--ink)" strokeWidth="1.5" strokeDasharray="4 3" />
            <text x={x(leastMm)} y="9" textAnchor={x(leastMm) > W - 60 ? 'end' : x(leastMm) < 60 ? 'start' : 'middle'}>
              minimum {shortLength(leastMm)}
            </text>
          </>
        )}
        <path d={`M10 70H${W - 10}`} stroke="var(--ink)" strokeWidth="1.5" />
        {ticks.map((t) => (
          <g key={t}>
            <path d={`M${x(t)} 70v6`} stroke="var(--ink)" />
            <text x={x(t)} y="91" textAnchor="middle">
              {shortLength(t)}
            </text>
          </g>
        ))}
        {list.map((l, i) => {
          const bin = Math.round(l.mm / step);
          const up = stacks.get(bin) ?? 0;
          stacks.set(bin, up + 1);
          return (
            <circle
              key={i}
              cx={x(l.mm)}
              cy={64 - Math.min(up, 5) * 9}
              r="4"
              fill={l.kept ? 'var(--teal)' : 'var(--paper)'}
              stroke="var(--teal)"
              strokeWidth="1.6"
            />
          );
        })}
      </svg>
      <figcaption className="text-cap text-ink-2">
        Filled: kept; open season: release. Longest {sayLength(longest.mm)}.
        {leastMm && rules?.sample ? ' Made-up rules, not law.' : ''}
      </figcaption>
    </figure>
  );
}

/** When it is about, as a line, and when it was met, as notches. */
function Season({ species, fish }: { species: Species; fish: readonly FishState[] }) {
  const { day } = useFormat();
  const byMonth = Array.from({ length: 12 }, () => 0);
  for (const f of fish) {
    const m = Number(day(f.landed.at).slice(5, 7)) - 1;
    byMonth[m] = (byMonth[m] ?? 0) + f.count;
  }
  const most = Math.max(1, ...byMonth);
  const [from, to] = species.months;
  const about = (m: number): boolean => inMonths(m, species.months);
  const met = byMonth.flatMap((n, i) => (n > 0 ? [`${n} in month ${i + 1}`] : []));
  return (
    <svg
      className="mt-1.5 w-full max-w-105 h-auto"
      viewBox="0 0 264 64"
      role="img"
      aria-label={`About from month ${from} to ${to}. ${met.length > 0 ? `Met: ${sayAll(met)}.` : 'Not met.'}`}
    >
      {byMonth.map((n, i) => (
        <g key={i}>
          {n > 0 && (
            <path
              d={`M${i * 22 + 11} 40V${40 - (n / most) * 34}`}
              stroke="var(--teal)"
              strokeWidth="12"
              strokeDasharray="4 2"
            />
          )}
          <text x={i * 22 + 11} y="62" textAnchor="middle">
            {MONTHS[i]}
          </text>
          <path
            d={`M${i * 22} 46H${i * 22 + 22}`}
            stroke="var(--ink)"
            strokeWidth={about(i + 1) ? 3 : 1}
            strokeDasharray={about(i + 1) ? undefined : '2 4'}
          />
        </g>
      ))}
    </svg>
  );
}
