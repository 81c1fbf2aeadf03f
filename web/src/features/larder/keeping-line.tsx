import { type HeldPack, packTone } from '@dagboek/journal';
import { addDays, daysBetween, sayDate, weekday } from '@dagboek/core/time';
import { Knot } from '../../fish/custody/knot.tsx';
import { TONE_COLOR } from '../../fish/custody/slots.ts';
import { ToneLine } from '../../fish/custody/tone-line.tsx';
import { useWidth } from '../../ui/use-width.ts';

/** Days before and after today on the axis of a place. */
export interface Axis {
  readonly from: number;
  readonly to: number;
}
const xOf = (axis: Axis, day: number, width: number): number => ((day - axis.from) / (axis.to - axis.from)) * width;

/** Heads of the axis: weekdays for the fridge, months for the freezer. */
export function KeepingHead({ axis, today, unit }: { axis: Axis; today: string; unit: 'days' | 'months' }) {
  const [ref, width] = useWidth(270);
  const marks: { at: number; word: string }[] = [];
  for (let d = axis.from; d <= axis.to; d++) {
    const day = addDays(today, d);
    if (d === 0) marks.push({ at: 0, word: 'today' });
    else if (unit === 'days' ? Math.abs(d) > 1 || width > 260 : day.endsWith('-15') && Math.abs(d) > 30)
      marks.push({
        at: d,
        word:
          unit === 'days'
            ? weekday(day).slice(0, width / (axis.to - axis.from) > 34 ? 3 : 2)
            : sayDate(day).slice(3, 6),
      });
  }
  return (
    <div className="max-tablet:hidden max-tablet:col-span-full" ref={ref} aria-hidden="true">
      <svg width={width} height="30">
        {marks
          .filter((m) => xOf(axis, m.at, width) > 12 && xOf(axis, m.at, width) < width - 12)
          .map((m) => (
            <g key={m.at}>
              <text
                x={xOf(axis, m.at, width)}
                y={17}
                textAnchor="middle"
                style={m.at === 0 ? { fontWeight: 700, fontSize: 14 } : { fill: 'var(--ink-2)' }}
              >
                {m.word}
              </text>
              <path d={`M${xOf(axis, m.at, width)} 23v7`} stroke="var(--ink)" strokeWidth={m.at === 0 ? 2 : 1} />
            </g>
          ))}
      </svg>
    </div>
  );
}

/** A pack on the axis: kept since, careful line (dashed post), authority's line (post with hatching beyond). */
export function KeepingLine({
  held,
  axis,
  today,
  mealDay = null,
}: {
  held: HeldPack;
  axis: Axis;
  today: string;
  /** The day on which it is planned for a meal. */
  mealDay?: string | null;
}) {
  const [ref, width] = useWidth(270);
  const tone = packTone(held, today);
  const d = (day: string): number => Math.max(axis.from, Math.min(axis.to, daysBetween(today, day)));
  const x0 = xOf(axis, d(held.since), width);
  const now = xOf(axis, 0, width);
  const careful = xOf(axis, d(held.keeps.careful), width);
  const authority = xOf(axis, d(held.keeps.authority), width);
  const off = daysBetween(today, held.since) < axis.from;
  const end = Math.max(now, authority);
  return (
    <div className="max-tablet:col-span-full" ref={ref}>
      <svg
        width={width}
        height="46"
        role="img"
        aria-label={`kept since ${sayDate(held.since)}; cautious limit ${sayDate(held.keeps.careful)}, official limit ${sayDate(held.keeps.authority)}${mealDay ? `; planned for ${sayDate(mealDay)}` : ''}`}
      >
        <path d={`M${now} 0V46`} stroke="var(--ink)" strokeWidth="2" />
        <ToneLine tone={tone} x1={x0} x2={now} y={23} />
        {end > now && (
          <path
            d={`M${now} 23H${end}`}
            stroke={TONE_COLOR[tone]}
            strokeWidth="2"
            strokeDasharray="2 7"
            strokeLinecap="round"
          />
        )}
        <path d={`M${careful} 13V33`} stroke="var(--ink)" strokeWidth="2.4" strokeDasharray="4 3" />
        <path d={`M${authority} 13V33`} stroke="var(--ink)" strokeWidth="2" />
        <path
          d={`M${authority} 18l6 -4M${authority} 25l6 -4M${authority} 32l6 -4`}
          stroke="var(--ink)"
          strokeWidth="1.4"
        />
        {mealDay && (
          <circle
            cx={xOf(axis, d(mealDay), width)}
            cy={23}
            r="7"
            fill="var(--paper)"
            stroke={TONE_COLOR[tone]}
            strokeWidth="2.4"
          />
        )}
        {off ? (
          <text x={x0} y={28} style={{ fontWeight: 700 }}>
            //
          </text>
        ) : (
          <Knot
            kind={held.place === 'freezer' ? 'frozen' : held.pack.form === 'cooked' ? 'cooked' : 'packed'}
            x={Math.max(12, x0)}
            y={23}
            color={TONE_COLOR[tone]}
          />
        )}
      </svg>
    </div>
  );
}
