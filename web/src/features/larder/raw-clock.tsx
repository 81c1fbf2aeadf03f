import { useAsked } from '../../asked/asked.ts';
import { type FreezingLine, type LineClock, RAW_CLOCK_NOTE, RAW_CLOCK_WHY } from '@dagboek/core/larder';
import { type PackState, rawStandingOf } from '@dagboek/journal';
import { sayDay, saySpan, stamp } from '@dagboek/core/time';
import { useFormat } from '../../asked/format.ts';
import { degrees, sayTemperature } from '../../asked/units.ts';

const HOUR_MS = 3_600_000;
const sayLine = (l: FreezingLine): string =>
  `${l.by}: ${sayTemperature(l.c)} in the core for ${l.hours > 48 ? `${l.hours / 24} days` : `${l.hours} hours`}`;

/** Freezing that makes raw eating safer: why never, or where the clock of a pack stands against each authority's line. Never calls it safe. */
export function RawClockSection({ pack, now }: { pack: PackState; now: number }) {
  const asked = useAsked(now);
  const raw = rawStandingOf(asked, pack);
  if (!raw) return null;
  if (raw.never)
    return (
      <section aria-label="Raw">
        <h2 className="ruled">Raw</h2>
        <p>
          <b>Not raw, not even after freezing.</b> {degrees(raw.never.join(' '))}
        </p>
      </section>
    );
  const { why, lines } = raw.clock;
  return (
    <section aria-label="Raw">
      <h2 className="ruled">Frozen for raw</h2>
      {why !== null && <p>{RAW_CLOCK_WHY[why]}</p>}
      {why !== 'not frozen' && why !== 'void' && (
        <ul className="plain-list">
          {lines.map((l) => (
            <ClockLine key={`${l.line.by}${l.line.c}`} clock={l} />
          ))}
        </ul>
      )}
      <p className="hint">{RAW_CLOCK_NOTE}</p>
    </section>
  );
}

function ClockLine({ clock: { line, hours, met, readyMs } }: { clock: LineClock }) {
  const { day, time, zone } = useFormat();
  const at = readyMs === null ? null : stamp(readyMs, zone);
  return (
    <li>
      <span>{sayLine(line)}</span>
      <small>
        {met
          ? 'met'
          : at
            ? `${saySpan(hours * HOUR_MS)} so far; met on ${sayDay(day(at))}, ${time(at)}, if the store stays that cold and is measured`
            : 'not running'}
      </small>
    </li>
  );
}
