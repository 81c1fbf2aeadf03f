import type { BoxLevels } from '@dagboek/core/box';
import { type BoxNow, type Filling } from '@dagboek/journal';
import { sayHeavy } from '../../asked/units.ts';
import { H, LID, W, WALL } from './drawn-size.ts';

/** The box cut open, with its ice and water to scale. */
export function BoxDrawing({
  id,
  water,
  y0,
  now,
  top,
  levels,
  litres,
  filling,
  fish,
}: {
  id: string;
  water: number;
  y0: number;
  now: BoxNow;
  top: number;
  levels: BoxLevels;
  litres: number;
  filling: Filling;
  fish: number;
}) {
  const over = levels.topL > litres;
  const said = `${filling.box.name}: ${sayHeavy(Math.round(now.iceKg * 10) / 10)} of ice, ${sayHeavy(Math.round(now.waterKg * 10) / 10)} of water, ${fish} fish and lots`;
  return (
    <svg viewBox={`0 0 ${W + 2 * WALL} ${H + LID + WALL}`} role="img" aria-label={said} className="block w-full h-auto">
      <defs>
        <pattern id={`${id}h`} width="9" height="9" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <path d="M0 0V9" stroke="var(--rule-2)" strokeWidth="1" />
        </pattern>
        <pattern id={`${id}i`} width="26" height="22" patternUnits="userSpaceOnUse">
          <path
            d="M3 4l7-2 3 6-6 4zM15 3l8 1 1 6-7 2zM2 14l6-1 4 5-5 3zM14 14l7-1 3 5-8 3z"
            fill="var(--paper-open)"
            stroke="var(--teal)"
            strokeOpacity=".35"
            strokeWidth=".8"
          />
        </pattern>
      </defs>
      <rect
        x="1"
        y={LID}
        width={W + 2 * WALL - 2}
        height={H + WALL - 1}
        fill="var(--paper-time)"
        stroke="var(--ink)"
        strokeWidth="2"
      />
      <rect x="1" y={LID} width={W + 2 * WALL - 2} height={H + WALL - 1} fill={`url(#${id}h)`} />
      <rect x={WALL} y={LID} width={W} height={H} fill="var(--paper-open)" stroke="var(--ink)" strokeWidth="2" />
      <rect
        x="0"
        y="6"
        width={W + 2 * WALL}
        height={LID - 6}
        fill="var(--paper-time)"
        stroke="var(--ink)"
        strokeWidth="2"
      />
      <rect x="0" y="6" width={W + 2 * WALL} height={LID - 6} fill={`url(#${id}h)`} />
      <rect
        x={WALL + W / 2 - 34}
        y="1"
        width="68"
        height="6"
        fill="var(--paper-open)"
        stroke="var(--ink)"
        strokeWidth="2"
      />
      {water > 1 && <rect x={WALL + 1} y={y0 - water} width={W - 2} height={water - 1} fill="var(--teal-wash)" />}
      {now.iceKg > 0.02 && (
        <rect x={WALL + 1} y={y0 - top} width={W - 2} height={Math.max(1, top - 1)} fill={`url(#${id}i)`} />
      )}
      {water > 1 && (
        <path
          d={`M${WALL + 1} ${y0 - water} ${Array.from({ length: 12 }, (_, i) => `q${W / 48} ${i % 2 ? 3 : -3} ${W / 24} 0 t${W / 24} 0`).join(' ')}`}
          fill="none"
          stroke="var(--teal)"
          strokeWidth="1.6"
          clipPath={`inset(0)`}
        />
      )}
      {now.iceKg > 0.02 && (
        <path d={`M${WALL} ${y0 - top}H${WALL + W}`} stroke="var(--teal)" strokeWidth="2" strokeDasharray="7 4" />
      )}
      {over && <path d={`M${WALL} ${LID + 2}H${WALL + W}`} stroke="var(--buoy)" strokeWidth="5" />}
    </svg>
  );
}
