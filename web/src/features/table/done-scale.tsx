import { CORE_LINES } from '@dagboek/core/harm';
import { sayTemperature, sayTemperatureDifference } from '../../asked/units.ts';
import { useWidth } from '../../ui/use-width.ts';

const [LOW, HIGH, H] = [45, 72, 128];
const ZONES = [
  { from: 45, to: 53.5, name: 'glassy' },
  { from: 53.5, to: 58, name: 'just parts' },
  { from: 58, to: 66, name: 'moist' },
  { from: 66, to: 72, name: 'drier' },
] as const;

/** How done it was, on the scale of middles: off here, coasted there, the authorities' line hatched. */
export function DoneScale({ pulledC, peakC }: { pulledC: number | null; peakC: number }) {
  const [ref, width] = useWidth(320);
  const x = (c: number): number => 6 + ((Math.min(HIGH, Math.max(LOW, c)) - LOW) / (HIGH - LOW)) * (width - 12);
  const base = 84;
  const small = { fontSize: 13, fill: 'var(--ink-2)' } as const;
  return (
    <div ref={ref}>
      <svg
        width={width}
        height={H}
        role="img"
        aria-label={`The middle reached ${sayTemperature(peakC)}${pulledC === null ? '' : `, off at ${sayTemperature(pulledC)}`}; the official limit is ${sayTemperature(CORE_LINES.usC)}`}
      >
        <path d={`M6 ${base}H${width - 6}`} stroke="var(--ink)" strokeWidth="1.6" />
        {ZONES.map((z) => (
          <g key={z.name}>
            <path d={`M${x(z.from)} ${base}v24`} stroke="var(--rule-2)" />
            <text x={(x(z.from) + x(z.to)) / 2} y={base + 18} textAnchor="middle" style={small}>
              {x(z.to) - x(z.from) > 42 ? z.name : ''}
            </text>
          </g>
        ))}
        {[50, 55, 60, 65].map((c) => (
          <text key={c} x={x(c)} y={H - 4} textAnchor="middle" style={small}>
            {sayTemperature(c)}
          </text>
        ))}
        <path d={`M${x(CORE_LINES.usC)} ${base}V26`} stroke="var(--crimson)" strokeWidth="2" />
        {[0, 1, 2, 3, 4].map((i) => (
          <path
            key={i}
            d={`M${x(CORE_LINES.usC)} ${base - 6 - i * 11}l7 -7`}
            stroke="var(--crimson)"
            strokeWidth="1.4"
          />
        ))}
        <text
          x={Math.min(width - 4, x(CORE_LINES.usC) + 46)}
          y={16}
          textAnchor="end"
          style={{ fontSize: 13, fill: 'var(--crimson)', fontWeight: 600 }}
        >
          official limit {sayTemperature(CORE_LINES.usC)}
        </text>
        {pulledC !== null && pulledC < peakC && (
          <>
            <path
              d={`M${x(pulledC)} ${base - 4}Q${(x(pulledC) + x(peakC)) / 2} ${base - 62} ${x(peakC)} ${base - 12}`}
              fill="none"
              stroke="var(--teal)"
              strokeWidth="2.4"
              strokeDasharray="2 6"
              strokeLinecap="round"
            />
            <text
              x={Math.max(70, x(pulledC) - 6)}
              y={base - 10}
              textAnchor="end"
              style={{ fontSize: 14, fill: 'var(--ink)' }}
            >
              off {sayTemperature(pulledC)}
            </text>
            <text
              x={(x(pulledC) + x(peakC)) / 2}
              y={base - 46}
              textAnchor="middle"
              style={{ fontSize: 13, fill: 'var(--teal)' }}
            >
              coasted {sayTemperatureDifference(Math.round(peakC - pulledC))}
            </text>
          </>
        )}
        <rect
          x={x(peakC) - 5}
          y={base - 14}
          width="10"
          height="18"
          rx="4"
          fill="var(--teal)"
          stroke="var(--ink)"
          strokeWidth="1.6"
        />
        <text
          x={x(peakC)}
          y={base - 20}
          textAnchor="middle"
          style={{ fontSize: 20, fontFamily: 'Aleo', fontWeight: 700, fill: 'var(--ink)' }}
        >
          {sayTemperature(peakC)}
        </text>
      </svg>
    </div>
  );
}
