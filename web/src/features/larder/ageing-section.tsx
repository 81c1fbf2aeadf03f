import { AGEING_AUTHORITY, AGEING_SIGNS, weightAfter } from '@dagboek/core/larder';
import { type Ageing, mayAge, sayAgeing } from '@dagboek/journal';
import { daysBetween, sayDay } from '@dagboek/core/time';
import { Row } from '../../frame/page.tsx';
import { sayGrams, units } from '../../asked/units.ts';
import { useWidth } from '../../ui/use-width.ts';

const [HEIGHT, LEFT, FOOT] = [190, 60, 24];
const MOST_DAYS = 10;

/** A whole fish on a rack: which day it is, when it is ready, what it weighs and will weigh, what to look and smell for. */
export function AgeingSection({ ageing, today, hung }: { ageing: Ageing; today: string; hung: string }) {
  const { stop, mind } = sayAgeing(ageing.facts, units);
  const { curve, ready } = ageing;
  const last = ageing.weighings.at(-1);
  const end = ready ? weightAfter(ageing.atStartG, curve, daysBetween(hung, ready.to)) : null;
  return (
    <Row className="pad ruled">
      <h2>On the rack, day {Math.floor(ageing.days) + 1}</h2>
      {mayAge(ageing) && ready ? (
        <p className="lead">
          {today > ready.to ? (
            <>
              Best until <b>{sayDay(ready.to)}</b>: eat it now, cooked through, if it smells and looks right.
            </>
          ) : (
            <>
              Ready from <b>{sayDay(ready.from)}</b> to <b>{sayDay(ready.to)}</b>, depending on how warm the rack is and
              how fresh the fish was.
            </>
          )}
        </p>
      ) : (
        <div className="alert alert-warning" role="alert">
          <p>
            <b>Not suitable for ageing.</b> Eat it or put it on ice today.
          </p>
          <ul className="plain-list [.in-short+&]:mt-1 [.in-short+&]:col-span-full">
            {stop.map((s) => (
              <li className="[li+&]:mt-1" key={s}>
                {s}
              </li>
            ))}
          </ul>
        </div>
      )}
      <p>
        Hung at {sayGrams(ageing.atStartG)}
        {last ? `; ${sayGrams(last.massG)} at its last weighing, ${share(1 - last.massG / ageing.atStartG)} less` : ''}.
        It loses {share(curve.perDay)} a day{curve.n === 0 ? ', the usual value: weigh it each morning' : ''}
        {end ? `; ${sayGrams(end[1])} on its last day (${sayGrams(end[0])} to ${sayGrams(end[2])})` : ''}.
      </p>
      <WeightChart
        ageing={ageing}
        days={ready ? { from: daysBetween(hung, ready.from), to: daysBetween(hung, ready.to) } : null}
      />
      {mind.map((m) => (
        <p key={m} className="alert alert-error">
          {m}
        </p>
      ))}
      {AGEING_SIGNS.map((s) => (
        <p key={s} className="hint">
          {s}
        </p>
      ))}
      <p className="hint">{AGEING_AUTHORITY}</p>
    </Row>
  );
}

const share = (x: number): string => `${(x * 100).toFixed(1)} %`;

/** Weight by the day: weighings as rings, the curve through them with its band, the days in which it is ready shaded. */
function WeightChart({ ageing, days }: { ageing: Ageing; days: { from: number; to: number } | null }) {
  const [ref, width] = useWidth(560);
  const { atStartG, curve } = ageing;
  const upTo = Math.max(MOST_DAYS, Math.ceil(ageing.days));
  const ticks = Array.from({ length: upTo + 1 }, (_, d) => d);
  const at = ticks.map((d) => weightAfter(atStartG, curve, d));
  const low = Math.min(...at.map((w) => w[0]), ...ageing.weighings.map((w) => w.massG));
  const high = Math.max(atStartG, ...ageing.weighings.map((w) => w.massG));
  const x = (d: number): number => LEFT + (d / upTo) * (width - LEFT - 12);
  const y = (g: number): number => 10 + ((high - g) / Math.max(1, high - low)) * (HEIGHT - FOOT - 16);
  const path = (of: 0 | 1 | 2): string => at.map((w, d) => `${d === 0 ? 'M' : 'L'}${x(d)} ${y(w[of])}`).join('');
  const band = `${path(0)}${[...at]
    .reverse()
    .map((w, i) => `L${x(upTo - i)} ${y(w[2])}`)
    .join('')}Z`;
  return (
    <div ref={ref}>
      <svg
        width={width}
        height={HEIGHT}
        role="img"
        aria-label={`Its weight by the day, from ${sayGrams(atStartG)} to ${sayGrams(at.at(-1)![1])} after ${upTo} days`}
      >
        {days && (
          <rect
            x={x(days.from)}
            y="4"
            width={x(days.to) - x(days.from)}
            height={HEIGHT - FOOT}
            fill="var(--paper-time)"
          />
        )}
        <path d={band} fill="var(--teal)" opacity="0.16" />
        <path d={path(1)} fill="none" stroke="var(--teal)" strokeWidth="2" />
        <path d={`M${x(ageing.days)} 4V${HEIGHT - FOOT}`} stroke="var(--ink)" strokeWidth="2" />
        {[{ days: 0, massG: atStartG }, ...ageing.weighings].map((w) => (
          <circle
            key={w.days}
            cx={x(w.days)}
            cy={y(w.massG)}
            r="4.5"
            fill="var(--paper)"
            stroke="var(--teal)"
            strokeWidth="2.4"
          />
        ))}
        {[high, low].map((g) => (
          <text key={g} x={LEFT - 6} y={y(g) + 5} textAnchor="end" style={{ fontSize: 13, fill: 'var(--ink-2)' }}>
            {sayGrams(g)}
          </text>
        ))}
        {ticks
          .filter((d) => d % 2 === 0)
          .map((d) => (
            <text
              key={d}
              x={x(d)}
              y={HEIGHT - 5}
              textAnchor={d === upTo ? 'end' : 'middle'}
              style={{ fontSize: 13, fill: 'var(--ink-2)' }}
            >
              {d === 0 ? 'hung' : `${d} d`}
            </text>
          ))}
      </svg>
    </div>
  );
}
