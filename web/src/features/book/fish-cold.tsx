import { sayAll } from '@dagboek/core/units';
import { useAsked } from '../../asked/asked.ts';
import { type Keeping, warmSide } from '@dagboek/core/fresh';
import {
  coreLine,
  COLD_C,
  type CustodyLine,
  fleshHistory,
  freshnessOfFish,
  handlingCost,
  stiffnessOf,
  usedParts,
} from '@dagboek/journal';
import { saySpan, stamp } from '@dagboek/core/time';
import { plural, useFormat } from '../../asked/format.ts';
import { sayTemperature, units } from '../../asked/units.ts';
import { useWidth } from '../../ui/use-width.ts';
import { sayStiff, STIFF_WHY } from '../../asked/stiff-words.ts';
import { Term } from '../../ui/words/term.tsx';

const HOUR_MS = 3_600_000;
const WHERE: Readonly<Record<Keeping, string>> = {
  air: 'in the air',
  bucket: 'in the bucket',
  box: 'on ice',
  'box without ice': 'in the box without ice',
  board: 'on the board',
  fridge: 'in the fridge',
  freezer: 'in the freezer',
};
const PENALTY = { notBled: 'not bled', gutBurst: 'gut pierced', freshWater: 'rinsed in fresh water' } as const;
const days = (d: number): string => (d < 0.05 ? 'none' : plural(Math.round(d * 10) / 10, 'day'));

/** How warm a fish was inside, what its freshness is made of, what its handling cost, and when it is stiff. */
export function FishCold({ line, now }: { line: CustodyLine; now: number }) {
  const asked = useAsked(now);
  const format = useFormat();
  const fresh = freshnessOfFish(asked, line.fish.id);
  if (!fresh) return null;
  const cost = handlingCost(asked, line);
  const stiff =
    line.where === 'in hand' || line.where === 'bleeding' || line.where === 'box' ? stiffnessOf(asked, line) : null;
  const parts = usedParts(asked, line);
  return (
    <>
      <h2 className="ruled">How cold it was kept</h2>
      <CoreLine line={line} now={now} />
      {stiff && (
        <p>
          {sayStiff(stiff, format)} {STIFF_WHY}
        </p>
      )}
      {!line.eatenAt && line.where !== 'larder' && (
        <p>
          Days left on ice: raw, if nothing else forbids it, <b>{days(fresh.daysLeft.raw)}</b>; to freeze{' '}
          <b>{days(fresh.daysLeft.freezing)}</b>; to cook <b>{days(fresh.daysLeft.cooking)}</b>.
        </p>
      )}
      {cost && (
        <p>
          {cost.days < 0.1 ? (
            <>
              <b>Handled as well as possible:</b> killing, bleeding and icing at once would have given no more days.
            </>
          ) : (
            <>
              <b>Handling cost {plural(Math.round(cost.days * 10) / 10, 'day')}</b> compared with a fish killed, bled
              and iced within ten minutes
              {cost.own.penalties.length > 0 ? `: ${sayAll(cost.own.penalties.map((p) => PENALTY[p]))}` : ''}.
            </>
          )}
        </p>
      )}
      <details className="mt-1.5">
        <summary className="inline-flex items-center min-h-11 cursor-pointer underline [text-decoration-style:dotted]">
          What {fresh.iceDaysUsed.toFixed(1)} days on ice are made of
        </summary>
        <ul className="plain-list">
          {parts.map((p) => (
            <li key={`${p.keeping} ${p.hours}`}>
              <span>
                {saySpan(p.hours * HOUR_MS)} {WHERE[p.keeping]}
              </span>
              <small>
                {p.iceDays.toFixed(2)} ice-days, {sayTemperature(Math.round(p.endC))} at the end
              </small>
            </li>
          ))}
        </ul>
        <p className="hint">
          One <Term of="Ice-day">ice-day</Term> is one day at 0 °C. Fish spoils faster when warmer (square-root model;
          of warm reefs the exponential; FAO Fisheries Technical Paper 348). This fish keeps for{' '}
          {fresh.iceDaysAllowed.toFixed(0)} ice-days
          {fresh.penalties.length > 0
            ? `, fewer than usual because ${sayAll(fresh.penalties.map((p) => PENALTY[p]))}`
            : ''}
          . The first third of these days counts for raw dishes, the first half for freezing. {warmSide(units)}
        </p>
      </details>
    </>
  );
}

const [LEFT, H, TOP, FOOT] = [40, 92, 8, 22];

/** Its middle since it was killed, up to a while after now. */
function CoreLine({ line, now }: { line: CustodyLine; now: number }) {
  const asked = useAsked(now);
  const [ref, width] = useWidth(360);
  const { time, zone } = useFormat();
  const history = fleshHistory(asked, line);
  const ends = line.cuts[0] ? Date.parse(line.cuts[0].startedAt) : now;
  const [fromMs, toMs] = [
    history.deathMs,
    Math.min(history.deathMs + 60 * HOUR_MS, Math.max(ends, history.deathMs + HOUR_MS)),
  ];
  const list = coreLine(history, fromMs, toMs);
  if (list.length < 2) return <div ref={ref} />;
  const top = Math.max(8, ...list.map((p) => p.c));
  const low = Math.min(-1, ...list.map((p) => p.c));
  const x = (ms: number): number => LEFT + ((ms - fromMs) / (toMs - fromMs)) * (width - LEFT - 8);
  const y = (c: number): number => TOP + ((top - c) / (top - low)) * H;
  const d = list.map((p, i) => `${i === 0 ? 'M' : 'L'}${x(p.atMs).toFixed(1)} ${y(p.c).toFixed(1)}`).join('');
  const last = list.at(-1)!;
  return (
    <figure ref={ref} className="box-chart core-line min-w-0">
      <svg
        width={width}
        height={TOP + H + FOOT}
        role="img"
        aria-label={`Inside: from ${sayTemperature(Math.round(list[0]!.c))} at ${time(stamp(fromMs, zone))} to ${sayTemperature(Math.round(last.c))} at ${time(stamp(toMs, zone))}`}
      >
        <path d={`M${LEFT} ${y(COLD_C)}H${width - 8}`} stroke="var(--ink)" strokeDasharray="6 4" />
        <text x={LEFT - 6} y={y(COLD_C) + 4} textAnchor="end" className="tick">
          {sayTemperature(COLD_C)}
        </text>
        <text x={LEFT - 6} y={y(top) + 8} textAnchor="end" className="tick">
          {sayTemperature(Math.round(top))}
        </text>
        <path d={d} fill="none" stroke="var(--teal)" strokeWidth="3" />
        {history.course.readAs.map((r) => (
          <circle
            key={r.atMs}
            cx={x(r.atMs)}
            cy={y(r.c)}
            r="5"
            fill="var(--paper-open)"
            stroke="var(--ink)"
            strokeWidth="2"
          />
        ))}
        <text x={LEFT} y={TOP + H + 16} className="tick">
          {time(stamp(fromMs, zone))}
        </text>
        <text x={width - 8} y={TOP + H + 16} textAnchor="end" className="tick">
          {time(stamp(toMs, zone))}
        </text>
      </svg>
    </figure>
  );
}
