import type { Point } from '@dagboek/core/measure/photo';
import { useNarrow } from '../../../ui/use-width.ts';

/** Diameter, px: on a wide and on a narrow screen; and how much larger than the picture's own pixels. */
const WIDE = 148;
const NARROW = 96;
const LARGER = 2.2;

/** The place under a mark, made larger, so that the finger does not hide it. `side`: the corner of the picture where the finger is not. */
export function Loupe({
  url,
  size,
  at,
  side,
}: {
  url: string;
  size: readonly [number, number];
  at: Point;
  side: 'left' | 'right';
}) {
  const across = useNarrow() ? NARROW : WIDE;
  return (
    <div
      className={`loupe ${side}`}
      aria-hidden="true"
      style={{
        width: across,
        height: across,
        backgroundImage: `url("${url}")`,
        backgroundSize: `${size[0] * LARGER}px ${size[1] * LARGER}px`,
        backgroundPosition: `${across / 2 - at[0] * LARGER}px ${across / 2 - at[1] * LARGER}px`,
      }}
    >
      <svg width={across} height={across} viewBox={`0 0 ${across} ${across}`}>
        <path
          d={`M0 ${across / 2}H${across / 2 - 9}M${across / 2 + 9} ${across / 2}H${across}M${across / 2} 0V${across / 2 - 9}M${across / 2} ${across / 2 + 9}V${across}`}
          className="stroke-[#fcf8ec] stroke-[1.4] [paint-order:stroke] [filter:drop-shadow(0_0_1px_#15181b)]"
        />
        <circle cx={across / 2} cy={across / 2} r="1.6" className="fill-[#e95a0c] stroke-[#15181b] stroke-[0.6]" />
      </svg>
    </div>
  );
}
