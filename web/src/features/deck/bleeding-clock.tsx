import type { BleedingState } from '@dagboek/core/handling';
import { minutesSeconds } from '../../ui/minutes-seconds.ts';
import { useWidth } from '../../ui/use-width.ts';

/** What a bleeding asks for, in a few words. */
export const BLEEDING_SAYS: Readonly<Record<BleedingState['state'], string>> = {
  runs: 'let it bleed',
  enough: 'enough; onto the ice',
  over: 'long enough: put it on ice',
  warm: 'too warm for too long: put it on ice now',
};

/** A running bleeding, large: how long, of how long, on a line with its least and most. */
export function BleedingClock({ bleeding: b }: { bleeding: BleedingState }) {
  const [ref, width] = useWidth(420);
  const room = width - 20;
  const wholeMin = Math.max(b.mostMin * 1.15, 1);
  const x = (min: number): number => 10 + (Math.min(min, wholeMin) / wholeMin) * room;
  const gone = x(b.goneMs / 60_000);
  return (
    <div className="mt-2">
      <p>
        <span className="num text-[2.75rem] max-tablet:text-[2.25rem]" role="timer">
          {minutesSeconds(b.goneMs)}
        </span>{' '}
        <b>
          {b.state === 'runs'
            ? `of ${b.leastMin} to ${b.mostMin} min; ${minutesSeconds(b.toLeastMs)} more at least`
            : BLEEDING_SAYS[b.state]}
        </b>
      </p>
      <div ref={ref}>
        <svg width={width} height="40" viewBox={`0 0 ${width} 40`} aria-hidden="true">
          <rect x={x(b.leastMin)} y="4" width={x(b.mostMin) - x(b.leastMin)} height="16" fill="var(--teal-wash)" />
          <path d={`M10 12H${gone}`} stroke="var(--teal)" strokeWidth="5" />
          <path
            d={`M${gone} 12H${width - 10}`}
            stroke="var(--teal)"
            strokeWidth="2"
            strokeDasharray="2 7"
            strokeLinecap="round"
          />
          {[b.leastMin, b.mostMin].map((min) => (
            <path key={min} d={`M${x(min)} 4V20`} stroke="var(--ink)" strokeWidth="2" />
          ))}
          <rect
            x={gone - 5}
            y="3"
            width="10"
            height="18"
            rx="4"
            fill={b.state === 'runs' ? 'var(--teal)' : 'var(--buoy)'}
            stroke="var(--ink)"
            strokeWidth="1.5"
          />
          <text x={x(b.leastMin)} y="36" textAnchor="middle">
            {b.leastMin}
          </text>
          <text x={x(b.mostMin)} y="36" textAnchor="middle">
            {b.mostMin} min
          </text>
        </svg>
      </div>
    </div>
  );
}
