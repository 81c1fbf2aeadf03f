import type { DinnerState } from '@dagboek/journal';
import { stamp } from '@dagboek/core/time';
import { useFormat } from '../../asked/format.ts';
import { Chips } from '../../ui/chips.tsx';

/** Minutes between a dish and the hour of the dinner, as courses are served. */
const COURSES_MIN = [-40, -20, 0, 20, 40] as const;
const MIN_MS = 60_000;

const sayApart = (min: number): string =>
  min === 0 ? 'with the rest' : `${Math.abs(min)} min ${min < 0 ? 'before' : 'after'}`;

/** When a dish comes to the table of a dinner that is planned. */
export function WhichCourse({
  d,
  value,
  onChange,
}: {
  d: DinnerState;
  value: number;
  onChange: (min: number) => void;
}) {
  const { time, zone } = useFormat();
  return (
    <>
      <h2>When in the dinner?</h2>
      <Chips
        label="Served"
        options={COURSES_MIN.map((min) => ({
          value: String(min),
          text: `${time(stamp(d.serveAtMs + min * MIN_MS, zone))}, ${sayApart(min)}`,
        }))}
        value={String(value)}
        onChange={(v) => onChange(Number(v))}
      />
    </>
  );
}
