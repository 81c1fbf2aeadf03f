import { useState } from 'react';
import { HOT_WATER, saySoak, SOAK_TEST } from '@dagboek/core/harm';
import { type IncidentState, soakOf } from '@dagboek/journal';
import { useFormatIfHere } from '../../asked/format.ts';
import { useKept } from '../../ui/use-kept.ts';
import { type Thermometer, useThermometer } from '../../devices/use-thermometer.ts';
import { useNow } from '../../ui/use-now.ts';
import { useWidth } from '../../ui/use-width.ts';
import { Quantity } from '../../asked/quantity.tsx';
import { degrees, sayTemperature, typedAmount } from '../../asked/units.ts';
import { minutesSeconds } from '../../ui/minutes-seconds.ts';

const [LEAST, MOST] = HOT_WATER.minutes;
/** The scale beneath the clock reaches from here to here, degC. */
const [COOL_C, BURN_C] = [32, 52];

/**
 * How hot the water is, as it was read and typed since the last topping up. In a drill the simulated thermometer reads it, and a banner says
 * so: a made-up reading has no place beside a limb.
 */
export function useBowl(incident: IncidentState): {
  readonly on: boolean;
  readonly set: (on: boolean) => void;
  readonly typed: string;
  readonly type: (text: string) => void;
  readonly thermometer: Thermometer;
  readonly waterC: number | null;
} {
  const [on, set] = useKept('drill', false);
  const topped = incident.soaks.at(-1);
  // What was read of the water before it was topped up says nothing of it now.
  const [read, setRead] = useState<{ text: string; of: string | undefined }>({ text: '', of: undefined });
  const typed = read.of === topped?.at ? read.text : '';
  const byHand = typedAmount('temperature', typed)?.value;
  const thermometer = useThermometer(on, topped?.at ?? null);
  // Where nothing comes through, what was typed holds.
  const waterC = thermometer.c ?? (byHand !== undefined && byHand >= 0 && byHand <= 100 ? byHand : null);
  const type = (text: string): void => setRead({ text, of: topped?.at });
  return { on, set, typed, type, thermometer, waterC: waterC === null ? null : Math.round(waterC * 10) / 10 };
}

/** The clock of the hot water: how long, of how long, when it wants topping up, and how hot it is. */
export function SoakPanel({ incident, bowl }: { incident: IncidentState; bowl: ReturnType<typeof useBowl> }) {
  const now = useNow(1000);
  const format = useFormatIfHere();
  const [ref, width] = useWidth(320);
  const first = incident.soaks[0];
  const s = soakOf(incident, now, bowl.waterC);
  if (!first || !s) return null;
  const room = width - 20;
  const x = (min: number): number => 10 + (Math.min(min, MOST) / MOST) * room;
  const c = (t: number): number => 10 + ((Math.min(BURN_C, Math.max(COOL_C, t)) - COOL_C) / (BURN_C - COOL_C)) * room;
  return (
    <section aria-label="Hot water">
      {bowl.on && (
        <p className="alert alert-warning" role="note">
          <b>This is a drill: nobody is hurt.</b> The thermometer is simulated.
        </p>
      )}
      <h2 className="text-[1.75rem] max-tablet:text-[1.5rem]">Keep it in hot water</h2>
      <p>
        <span className="num text-[3.25rem] max-tablet:text-[2.75rem]" role="timer">
          {minutesSeconds(s.goneMs)}
        </span>{' '}
        <b>
          {s.state === 'soaks'
            ? `${Math.ceil(s.toLeastMs / 60_000)} min more at least`
            : s.state === 'enough'
              ? 'long enough, when the pain has gone'
              : 'longer does not help'}
        </b>
      </p>
      <p role="status">
        <b>{saySoak(s).line}</b> {degrees(SOAK_TEST)}
      </p>
      <div ref={ref}>
        <svg width={width} height="40" viewBox={`0 0 ${width} 40`} aria-hidden="true">
          <path d={`M10 12H${x(s.goneMs / 60_000)}`} stroke="var(--teal)" strokeWidth="5" />
          <path d={`M10 12H${width - 10}`} stroke="var(--teal)" strokeWidth="2" strokeDasharray="2 7" />
          {[0, LEAST, MOST].map((min) => (
            <path key={min} d={`M${x(min)} 3V21`} stroke="var(--ink)" strokeWidth="2" />
          ))}
          <text x={10} y="37">
            {format?.time(first.at)}
          </text>
          <text x={x(LEAST)} y="37" textAnchor="middle">
            {LEAST} min
          </text>
          <text x={width - 10} y="37" textAnchor="end">
            {MOST} min
          </text>
        </svg>
      </div>
      {bowl.waterC !== null && (
        <div>
          <p>
            <span className="num text-[1.75rem] max-tablet:text-[2.75rem]">{sayTemperature(bowl.waterC)}</span>{' '}
            <small>
              {bowl.thermometer.c === null
                ? 'as you read it'
                : bowl.thermometer.simulated
                  ? 'simulated thermometer'
                  : 'thermometer'}
            </small>
          </p>
          <svg width={width} height="44" viewBox={`0 0 ${width} 44`} aria-hidden="true">
            <rect
              x={c(HOT_WATER.leastC)}
              y="4"
              width={c(HOT_WATER.mostC) - c(HOT_WATER.leastC)}
              height="18"
              fill="var(--teal-wash)"
              stroke="var(--teal)"
            />
            <rect
              x={c(HOT_WATER.mostC)}
              y="4"
              width={c(BURN_C) - c(HOT_WATER.mostC)}
              height="18"
              fill="none"
              stroke="var(--crimson)"
              strokeDasharray="3 3"
            />
            <path d={`M10 13H${width - 10}`} stroke="var(--ink)" strokeWidth="1.5" />
            <rect x={c(bowl.waterC) - 6} y="3" width="12" height="20" rx="5" fill="var(--teal)" stroke="var(--ink)" />
            <text x="10" y="40">
              too cool
            </text>
            <text x={c(HOT_WATER.mostC) + 6} y="40" style={{ fill: 'var(--crimson)' }}>
              burns
            </text>
          </svg>
        </div>
      )}
      <label className="tick">
        <input type="checkbox" className="checkbox" checked={bowl.on} onChange={(e) => bowl.set(e.target.checked)} />{' '}
        This is a drill, with a simulated thermometer
      </label>
      {bowl.thermometer.lost && (
        <p role="status">No reading from the thermometer: test with the uninjured hand, or type the temperature.</p>
      )}
      {bowl.thermometer.c === null && (
        <Quantity label="Water temperature, if measured" amount="temperature" value={bowl.typed} onChange={bowl.type} />
      )}
    </section>
  );
}
