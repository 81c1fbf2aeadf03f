import { stamp } from '@dagboek/core/time';
import { useFormat } from '../../asked/format.ts';
import { useWidth } from '../../ui/use-width.ts';

const HOUR_MS = 3_600_000;
const [MARK, GAP, AXIS, TOP] = [6.5, 2.5, 26, 18];

/** Twenty days that stand for all, each where its ice ends; one that ends before home is struck. */
export function TwentyMarks({
  twenty,
  startMs,
  homeH,
}: {
  twenty: readonly (number | null)[];
  startMs: number;
  homeH: number;
}) {
  const [ref, width] = useWidth(340);
  const { zone, tickTime, timeBeside } = useFormat();
  const known = twenty.flatMap((h) => (h === null ? [] : [h]));
  const first = Math.min(homeH, ...known);
  // What lasts very long stands at the edge: what matters is what ends about home.
  const fromH = Math.max(0, Math.floor(first - 2));
  const toH = Math.max(homeH + 6, Math.min(homeH + 20, ...(known.length > 0 ? [Math.max(...known) + 1] : [homeH + 6])));
  const x = (h: number): number => 14 + ((Math.min(h, toH) - fromH) / (toH - fromH)) * (width - 28);
  const step = 2 * (MARK + GAP) - 2;
  const stacks = new Map<number, number>();
  const marks = twenty.map((h, i) => {
    const slot = Math.round(x(h ?? toH) / step);
    const high = stacks.get(slot) ?? 0;
    stacks.set(slot, high + 1);
    return { i, x: Math.min(width - 14, Math.max(14, slot * step)), high, short: h !== null && h < homeH };
  });
  const tallest = Math.max(1, ...stacks.values());
  const base = TOP + tallest * step;
  const stepH = [1, 2, 3, 4, 6, 12].find((s) => (toH - fromH) / s <= Math.max(3, width / 90)) ?? 12;
  const ticks: number[] = [];
  for (let h = Math.ceil(fromH / stepH) * stepH; h <= toH; h += stepH) ticks.push(h);
  const short = marks.filter((m) => m.short).length;
  const at = (h: number): string => stamp(Math.round((startMs + h * HOUR_MS) / 60_000) * 60_000, zone);
  return (
    <figure ref={ref} className="mx-0 mt-2 mb-0 max-w-115">
      <svg
        width={width}
        height={base + AXIS}
        role="img"
        aria-label={`20 days like this: on ${short} of them the ice ends before ${timeBeside(at(homeH), at(0))}`}
      >
        <path d={`M0 ${base}H${width}`} stroke="var(--ink)" strokeWidth="1.5" />
        {ticks.map((h, i) => (
          <g key={h}>
            <path d={`M${x(h)} ${base}v6`} stroke="var(--ink)" />
            <text x={x(h)} y={base + 20} textAnchor="middle" className="tick text-[13px] fill-ink-2">
              {tickTime(at(h), i > 0 ? at(ticks[i - 1]!) : undefined)}
            </text>
          </g>
        ))}
        <path d={`M${x(homeH)} ${TOP - 4}V${base}`} stroke="var(--ink)" strokeWidth="2" strokeDasharray="6 4" />
        <text
          x={Math.min(Math.max(x(homeH), 44), width - 44)}
          y={TOP - 8}
          textAnchor="middle"
          className="text-[13px] font-bold fill-ink"
        >
          home {timeBeside(at(homeH), at(0))}
        </text>
        {marks.map((m) => {
          const cy = base - MARK - 3 - m.high * step;
          return m.short ? (
            <g key={m.i} stroke="var(--buoy-ink)" strokeWidth="2.2" fill="none">
              <circle cx={m.x} cy={cy} r={MARK - 1} />
              <path d={`M${m.x - MARK - 2} ${cy + MARK + 2}L${m.x + MARK + 2} ${cy - MARK - 2}`} />
            </g>
          ) : (
            <circle key={m.i} cx={m.x} cy={cy} r={MARK} fill="var(--teal)" />
          );
        })}
      </svg>
    </figure>
  );
}
