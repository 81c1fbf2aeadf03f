import { KNOT_WORDS } from './knot-words.ts';
import type { CustodyLine, Knot as Tied } from '@dagboek/journal';
import { factsOf, RELEASE_WORDS } from '@dagboek/journal';
import type { Freshness } from '@dagboek/core/fresh';
import { useWidth } from '../../ui/use-width.ts';
import { type Format, useFormat } from '../../asked/format.ts';
import { Knot } from './knot.tsx';
import { slotX, stationEdges, TONE_COLOR } from './slots.ts';
import { ToneLine } from './tone-line.tsx';

const H = 34;
const Y = 11;

/** What a screen reader hears instead of the drawing. */
export function sayLine(line: CustodyLine, { timeBeside }: Format): string {
  const time = (at: string): string => timeBeside(at, line.fish.landed.at);
  const parts = line.knots.map((k) =>
    k.state === 'leftOut'
      ? `not ${KNOT_WORDS[k.kind]}`
      : `${KNOT_WORDS[k.kind]} ${k.about ? 'about ' : ''}${time(k.at)}`,
  );
  if (line.fish.released)
    parts.push(`let go ${time(line.fish.released.at)}, ${RELEASE_WORDS[line.fish.released.reason]}`);
  return parts.join(', ');
}

/** The compact custody line of one log row. Stations align from row to row. */
export function CustodyRow({
  line,
  fresh,
  ground = 'var(--paper)',
  quiet = false,
}: {
  line: CustodyLine;
  fresh: Freshness | null;
  ground?: string;
  quiet?: boolean;
}) {
  const [ref, width] = useWidth(520);
  const format = useFormat();
  const { knotTime } = format;
  return (
    <div ref={ref} className="overflow-hidden min-w-0 max-tablet:col-span-full max-tablet:order-5">
      <svg width={width} height={H} viewBox={`0 0 ${width} ${H}`} role="img" aria-label={sayLine(line, format)}>
        {stationEdges(width)
          .slice(1)
          .map((s) => (
            <path key={s.name} d={`M${s.x} 0V${H}`} stroke="var(--rule)" />
          ))}
        {line.fish.released ? (
          <TurnedBack line={line} width={width} ground={ground} timeBeside={format.timeBeside} />
        ) : (
          <Running line={line} fresh={fresh} width={width} ground={ground} quiet={quiet} time={knotTime} />
        )}
      </svg>
    </div>
  );
}

/** A fish let go: the line turns back to the water, with the reason. */
function TurnedBack({
  line,
  width,
  ground,
  timeBeside,
}: {
  line: CustodyLine;
  width: number;
  ground: string;
  timeBeside: Format['timeBeside'];
}) {
  const x = slotX('landed', width);
  const bend = x + 34;
  const released = line.fish.released;
  const text = released
    ? `Back ${timeBeside(released.at, line.fish.landed.at)}: ${RELEASE_WORDS[released.reason]}${released.state ? `; ${released.state}` : ''}.`
    : '';
  return (
    <>
      <path d={`M0 ${Y}H${bend}a5 5 0 0 1 0 10H${bend - 14}`} fill="none" stroke="var(--ink-2)" strokeWidth="2.4" />
      <path
        d={`M${bend - 10} ${Y + 5.6}L${bend - 16} ${Y + 10}l6 4.4`}
        fill="none"
        stroke="var(--ink-2)"
        strokeWidth="2.2"
        strokeLinejoin="round"
      />
      <Knot kind="landed" x={x} y={Y} color="var(--ink-2)" ground={ground} />
      <text x={bend + 14} y={Y + 10} fill="var(--ink-2)" stroke={ground} strokeWidth="5" paintOrder="stroke">
        {text}
      </text>
    </>
  );
}

function Running({
  line,
  fresh,
  width,
  ground,
  quiet,
  time,
}: {
  line: CustodyLine;
  fresh: Freshness | null;
  width: number;
  ground: string;
  quiet: boolean;
  time: (at: string, after?: string) => string;
}) {
  const tone = fresh?.tone ?? 'fresh';
  const color = TONE_COLOR[tone];
  const last = line.knots.at(-1);
  const end = last ? slotX(last.kind, width) : 0;
  const over = line.where === 'eaten' || line.where === 'gone';
  return (
    <>
      <ToneLine tone={tone} x1={0} x2={end} y={Y} ground={ground} />
      {!over && (
        <path d={`M${end} ${Y}H${width}`} stroke={color} strokeWidth="2" strokeDasharray="2 7" strokeLinecap="round" />
      )}
      {line.knots.map((k, i) => (
        <Tie
          key={k.kind}
          knot={k}
          was={line}
          x={slotX(k.kind, width)}
          color={color}
          ground={ground}
          quiet={quiet}
          label={time(k.at, line.knots[i - 1]?.at)}
          slot={width / 9}
        />
      ))}
    </>
  );
}

/** A time that was corrected stands struck beside the new one on the fish's own page; here the new one alone. */
function Tie({
  knot,
  was,
  x,
  color,
  ground,
  quiet,
  label,
  slot,
}: {
  knot: Tied;
  was: CustodyLine;
  x: number;
  color: string;
  ground: string;
  quiet: boolean;
  label: string;
  slot: number;
}) {
  const look = knot.state === 'running' ? (quiet ? 'done' : 'now') : knot.state === 'leftOut' ? 'open' : 'done';
  const bled = was.fish.log.find((l) => !l.struck && factsOf(l, 'fish.bled'));
  const text =
    knot.state === 'leftOut' && bled
      ? slot > 56
        ? 'not bled'
        : 'no'
      : `${knot.about && slot > 70 ? 'about ' : ''}${label}`;
  return (
    <>
      <Knot kind={knot.kind} x={x} y={Y} color={color} ground={ground} look={look} r={look === 'now' ? 5.8 : 5.4} />
      {slot > 34 && (
        <text
          x={x}
          y={H - 4}
          textAnchor="middle"
          style={
            knot.state === 'done'
              ? undefined
              : { fontWeight: 700, fill: knot.state === 'running' && !quiet ? 'var(--buoy-ink)' : 'var(--ink)' }
          }
        >
          {text}
        </text>
      )}
    </>
  );
}

/** Names of the stations above a column of custody rows. */
export function CustodyHead() {
  const [ref, width] = useWidth(520);
  return (
    <div ref={ref} className="overflow-hidden min-w-0 max-tablet:col-span-full max-tablet:order-5" aria-hidden="true">
      <svg width={width} height={20} viewBox={`0 0 ${width} 20`}>
        {stationEdges(width).map((s) => (
          <text key={s.name} x={s.x + (s.name === 'Water' ? 4 : 8)} y={15}>
            {s.name}
          </text>
        ))}
      </svg>
    </div>
  );
}
