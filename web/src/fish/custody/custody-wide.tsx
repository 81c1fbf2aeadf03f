import { KNOT_WORDS } from './knot-words.ts';
import type { CustodyLine, Knot as Tied } from '@dagboek/journal';
import { KNOTS, RELEASE_WORDS } from '@dagboek/journal';
import type { Freshness } from '@dagboek/core/fresh';
import { type Format, useFormat } from '../../asked/format.ts';
import { useWidth } from '../../ui/use-width.ts';
import { sayLine } from './custody-row.tsx';
import { FloatMark, Knot } from './knot.tsx';
import { slotX, stationEdges, TONE_COLOR } from './slots.ts';
import { ToneLine } from './tone-line.tsx';

const H = 150;
const Y = 58;

/** The large custody line of the fish's own page: stations named, every knot with word and time, two strands after filleting when there is stock. */
export function CustodyWide({ line, fresh }: { line: CustodyLine; fresh: Freshness | null }) {
  const [ref, width] = useWidth(1060);
  const format = useFormat();
  const { knotTime } = format;
  if (width < 620) return <CustodyTall line={line} fresh={fresh} outer={ref} />;
  const tone = fresh?.tone ?? 'fresh';
  const color = TONE_COLOR[tone];
  const last = line.knots.at(-1);
  const end = last ? slotX(last.kind, width) : 0;
  const stock = line.packs.find((p) => p.form === 'stock');
  const over = line.where === 'eaten' || line.where === 'gone';
  return (
    <div ref={ref}>
      <svg width={width} height={H} viewBox={`0 0 ${width} ${H}`} role="img" aria-label={sayLine(line, format)}>
        {stationEdges(width).map((s, i) => (
          <g key={s.name}>
            {i > 0 && <path d={`M${s.x} 6V${H - 6}`} stroke="var(--rule-2)" />}
            <text x={s.x + 8} y={22} className="font-bold! text-[1.0625rem]! leading-[normal]! font-head!">
              {s.name}
            </text>
          </g>
        ))}
        {line.fish.released ? (
          <Turn line={line} width={width} format={format} />
        ) : (
          <>
            <ToneLine tone={tone} x1={0} x2={end} y={Y} weight={5} />
            {!over && (
              <path
                d={`M${end} ${Y}H${width}`}
                stroke={color}
                strokeWidth="3"
                strokeDasharray="2 7"
                strokeLinecap="round"
              />
            )}
            {stock && <Strand width={width} color={color} label={`stock, pack ${stock.number}`} />}
            {line.knots.map((k, i) => (
              <Tie
                key={k.kind}
                knot={k}
                x={slotX(k.kind, width)}
                color={color}
                time={knotTime(k.at, line.knots[i - 1]?.at)}
              />
            ))}
            {!over && end > 0 && (
              <FloatMark
                x={Math.min(width - 12, end + width / 18)}
                y={Y}
                waits={line.where === 'in hand' || line.where === 'bleeding'}
                scale={1.1}
              />
            )}
          </>
        )}
      </svg>
    </div>
  );
}

function Tie({ knot, x, color, time }: { knot: Tied; x: number; color: string; time: string }) {
  const look = knot.state === 'running' ? 'now' : knot.state === 'leftOut' ? 'open' : 'done';
  return (
    <>
      <Knot kind={knot.kind} x={x} y={Y} r={9} color={color} look={look} />
      <text x={x} y={Y + 31} textAnchor="middle" style={{ fontWeight: 700, fontSize: 15 }}>
        {knot.state === 'leftOut' ? `not ${KNOT_WORDS[knot.kind]}` : KNOT_WORDS[knot.kind]}
      </text>
      <text x={x} y={Y + 49} textAnchor="middle" style={{ fontSize: 15, fill: 'var(--ink-2)' }}>
        {knot.about ? `about ${time}` : time}
      </text>
    </>
  );
}

/** The frame goes its own way after filleting. */
function Strand({ width, color, label }: { width: number; color: string; label: string }) {
  const from = slotX('filleted', width) + 14;
  const to = slotX('packed', width) - 20;
  const y = Y + 72;
  return (
    <>
      <path
        d={`M${from} ${Y + 4}C${from + 30} ${Y + 8} ${from + 12} ${y} ${to} ${y}H${width - 20}`}
        fill="none"
        stroke={color}
        strokeWidth="2.4"
      />
      <text x={slotX('packed', width)} y={y + 17} textAnchor="middle">
        {label}
      </text>
    </>
  );
}

function Turn({ line, width, format }: { line: CustodyLine; width: number; format: Format }) {
  const { time, timeBeside } = format;
  const x = slotX('landed', width);
  const bend = x + 70;
  const r = line.fish.released;
  return (
    <>
      <path d={`M0 ${Y}H${bend}a10 10 0 0 1 0 20H${bend - 40}`} fill="none" stroke="var(--ink-2)" strokeWidth="3.4" />
      <path
        d={`M${bend - 32} ${Y + 12}l-10 8 10 8`}
        fill="none"
        stroke="var(--ink-2)"
        strokeWidth="3"
        strokeLinejoin="round"
      />
      <Tie
        knot={{ kind: 'landed', at: line.fish.landed.at, about: false, state: 'done' }}
        x={x}
        color="var(--ink-2)"
        time={time(line.fish.landed.at)}
      />
      <text x={bend + 30} y={Y + 16} style={{ fontSize: 17 }}>
        {r &&
          `Back in the water ${timeBeside(r.at, line.fish.landed.at)}: ${RELEASE_WORDS[r.reason]}${r.state ? `; ${r.state}` : ''}.`}
      </text>
    </>
  );
}

/** On a narrow page the line runs downward, one event a row. */
function CustodyTall({
  line,
  fresh,
  outer,
}: {
  line: CustodyLine;
  fresh: Freshness | null;
  outer: (el: HTMLElement | null) => void;
}) {
  const format = useFormat();
  const { knotTime, timeBeside } = format;
  const color = line.fish.released ? 'var(--ink-2)' : TONE_COLOR[fresh?.tone ?? 'fresh'];
  const done = new Map(line.knots.map((k, i) => [k.kind, { knot: k, time: knotTime(k.at, line.knots[i - 1]?.at) }]));
  // What was passed over (never frozen, say) is not shown; what may still come is.
  const lastTied = KNOTS.findLastIndex((k) => done.has(k));
  const kinds = line.fish.released ? KNOTS.slice(0, 1) : KNOTS.filter((k, i) => done.has(k) || i > lastTied);
  return (
    <div ref={outer}>
      <ol className="custody-tall px-0 pt-2 pb-1 relative" aria-label={sayLine(line, format)}>
        {kinds.map((kind) => {
          const d = done.get(kind);
          return (
            <li key={kind} className={d ? 'tied' : 'ahead'} style={{ '--tone': color } as React.CSSProperties}>
              <svg className="relative z-1" width="34" height="34" viewBox="-17 -17 34 34" aria-hidden="true">
                <Knot
                  kind={kind}
                  x={0}
                  y={0}
                  r={7}
                  color={d ? color : 'var(--rule-2)'}
                  look={!d ? 'open' : d.knot.state === 'running' ? 'now' : d.knot.state === 'leftOut' ? 'open' : 'done'}
                />
              </svg>
              <b>{d?.knot.state === 'leftOut' ? `not ${KNOT_WORDS[kind]}` : KNOT_WORDS[kind]}</b>
              <span>{d ? `${d.knot.about ? 'about ' : ''}${d.time}` : ''}</span>
            </li>
          );
        })}
        {line.fish.released && (
          <li className="tied [li+&]:mt-1">
            <span aria-hidden="true" />
            <b>back</b>
            <span>
              {timeBeside(line.fish.released.at, line.fish.landed.at)}, {RELEASE_WORDS[line.fish.released.reason]}
            </span>
          </li>
        )}
      </ol>
    </div>
  );
}
