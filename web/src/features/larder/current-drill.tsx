import { sayIfCurrentWent } from '@dagboek/core/larder';
import { ifCurrentWent, type Store } from '@dagboek/journal';
import { useId, useState } from 'react';
import { useBook } from '../../offline/journal-context.tsx';
import { units } from '../../asked/units.ts';

const MOST_H = 96;

/** A drill: how long a store holds without current, and what is still good then. Writes nothing. */
export function CurrentDrill({ store, now }: { store: Store; now: number }) {
  const { book } = useBook();
  const [hours, setHours] = useState(24);
  const id = useId();
  const [first, ...then] = sayIfCurrentWent(ifCurrentWent({ book, nowMs: now }, store, hours), units);
  return (
    <details className="why-days">
      <summary>If the power failed now</summary>
      <div className="flex flex-wrap gap-y-1 gap-x-4 items-center">
        <label htmlFor={id}>
          After <b>{hours} h</b> without power, with the door kept closed
        </label>
        <input
          className="min-h-11 flex-[1_1_300px] accent-ink"
          id={id}
          type="range"
          min={1}
          max={MOST_H}
          value={hours}
          aria-valuetext={`${hours} hours`}
          onChange={(e) => setHours(Number(e.target.value))}
        />
        <div role="status">
          <p>
            <b>{first}</b>
          </p>
          {then.map((s) => (
            <p key={s}>{s}</p>
          ))}
        </div>
        <p className="hint">A drill: nothing is saved. Calculated for its contents, its size, and a room at 20 °C.</p>
      </div>
    </details>
  );
}
