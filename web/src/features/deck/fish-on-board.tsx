import type { FigureSpec } from '@dagboek/figure';
import { useWidth } from '../../ui/use-width.ts';
import { figureOf, figureUrl } from '../../fish/figure-view.tsx';
import { lengthShown, sayLength, units } from '../../asked/units.ts';
import { MM_PER_INCH } from '@dagboek/core/units';

/** The rule under the fish: a tick each cm, a number each 5; or a tick each half inch, a number each 2 inches. */
const [TICKS_PER_UNIT, PER_NUMBER, TICK_MM] = units.length === 'in' ? [2, 4, MM_PER_INCH / 2] : [1, 5, 10];
const NUMBERED_MM = PER_NUMBER * TICK_MM;
/** "least 11.02" is so wide, px. */
const WORD_PX = 84;

/**
 * The fish to scale on the ruled board: nose to the stop, tail on a teal line, the minimum size a dashed ink line, the margin as a wash.
 * A right-eyed flatfish lies with its nose to the right, as it does on a real board, and the rule runs from there.
 */
export function FishOnBoard({
  spec,
  lengthMm,
  leastMm,
  danger,
  tall = 190,
  caption,
}: {
  spec: FigureSpec;
  lengthMm: number;
  leastMm: number | null;
  danger: boolean;
  tall?: number;
  caption: string;
}) {
  const [ref, width] = useWidth(540);
  const longest = Math.max(lengthMm, leastMm ?? 0);
  const max = Math.ceil((longest * 1.18) / NUMBERED_MM) * NUMBERED_MM;
  const room = width - 18;
  const pxPerMm = room / max;
  const probe = figureOf(spec, { size: 400 });
  const share = Math.abs(probe.tailX - probe.noseX) / probe.width;
  // Deep-bodied fish are drawn as large as the height allows, and the rule with them.
  const scale = Math.min(pxPerMm, (tall - 16) / (probe.height / (probe.width * share)) / lengthMm);
  const size = Math.max(110, Math.round((lengthMm * scale) / share));
  const fish = figureOf(spec, { size, ...(danger ? { hazardLines: true } : {}) });
  const flip = spec.facing === 'right';
  const place = (mm: number): number => (flip ? width - 8 - mm * scale : 8 + mm * scale);
  const base = tall + 6;
  const nose = Math.min(fish.noseX, fish.tailX);
  const left = flip ? place(lengthMm) - nose : place(0) - nose;
  const top = Math.max(2, (tall - fish.height) / 2 + 4);
  const ticks = Array.from({ length: Math.floor(Math.min(max, room / scale) / TICK_MM + 1e-9) + 1 }, (_, i) => i);
  const bounds = [place(Math.min(lengthMm, leastMm ?? lengthMm)), place(longest)].sort((a, b) => a - b) as [
    number,
    number,
  ];
  // The word stands away from the fish, where there is room for it.
  const word = place(leastMm ?? 0);
  const before = word + WORD_PX > width || (word > WORD_PX && lengthMm >= (leastMm ?? 0) !== flip);
  const step = scale * NUMBERED_MM > 34 ? PER_NUMBER : PER_NUMBER * 2;
  return (
    <div ref={ref} className="min-w-0">
      <svg
        width={width}
        height={tall + 52}
        viewBox={`0 0 ${width} ${tall + 52}`}
        role="img"
        aria-label={`${sayLength(lengthMm)} on the board${leastMm ? `, minimum ${lengthShown(leastMm)}` : ''}`}
      >
        {leastMm !== null && (
          <rect
            x={bounds[0]}
            y={16}
            width={Math.max(0, bounds[1] - bounds[0])}
            height={base - 16}
            fill={lengthMm >= leastMm ? 'var(--teal-wash)' : 'var(--buoy-wash)'}
          />
        )}
        <image href={figureUrl(fish)} x={left} y={top} width={fish.width} height={fish.height} className="drawn" />
        <path d={`M${place(0) - (flip ? -4 : 4)} 22V${base + 8}`} stroke="var(--ink)" strokeWidth="8" />
        <path
          d={`M${Math.min(place(0), place(max))} ${base}H${Math.max(place(0), place(Math.min(max, room / scale)))}`}
          stroke="var(--ink)"
          strokeWidth="1.6"
        />
        {ticks.map((i) => (
          <g key={i}>
            <path
              d={`M${place(i * TICK_MM)} ${base}v${i % PER_NUMBER ? 5 : 10}`}
              stroke="var(--ink)"
              strokeWidth={i % PER_NUMBER ? 1 : 1.6}
            />
            {i % step === 0 && (
              <text x={place(i * TICK_MM)} y={base + 25} textAnchor="middle" fill="var(--ink-2)">
                {i / TICKS_PER_UNIT}
              </text>
            )}
          </g>
        ))}
        {leastMm !== null && (
          <>
            <path d={`M${place(leastMm)} 20V${base}`} stroke="var(--ink)" strokeWidth="2" strokeDasharray="4 3" />
            <text
              x={place(leastMm) + (before ? -6 : 6)}
              y={14}
              textAnchor={before ? 'end' : 'start'}
              className="stroke-paper-open stroke-4 [paint-order:stroke]"
            >
              minimum {lengthShown(leastMm)}
            </text>
          </>
        )}
        <path d={`M${place(lengthMm)} 8V${base + 12}`} stroke="var(--teal)" strokeWidth="2.4" />
        <text x={flip ? width : 0} y={base + 43} textAnchor={flip ? 'end' : 'start'} fill="var(--ink-2)">
          {caption}
        </text>
      </svg>
    </div>
  );
}
