import type { Outcome } from '@dagboek/core/rules';

/** The verdict in one glance: word and shape. `ask` and `measureAgain` are callipers; a pennant in ink when the orange key says the same. */
export function VerdictMark({
  outcome,
  asksLength = true,
  width = 278,
  height = 62,
  ground = 'var(--paper-open)',
}: {
  outcome: Outcome;
  /** What an `ask` wants is a length; else it is some other fact, and no callipers are drawn for it. */
  asksLength?: boolean;
  width?: number;
  height?: number;
  ground?: string;
}) {
  const w = width;
  const h = height;
  const common = { width: '100%', height: h, viewBox: `0 0 ${w} ${h}`, preserveAspectRatio: 'xMinYMid meet' };
  if (outcome === 'keep')
    return (
      <svg {...common} role="img" aria-label="Keep">
        <path
          d={`M1 1H${w - h * 0.5}L${w - 1} ${h / 2} ${w - h * 0.5} ${h - 1}H1Z`}
          fill="var(--keep-fill)"
          stroke="var(--keep-edge)"
          strokeWidth="2"
        />
        <text
          x="18"
          y={h * 0.5 + h * 0.25}
          className="font-extrabold font-head!"
          style={{ fontSize: h * 0.7, fill: 'var(--on-keep)' }}
        >
          KEEP
        </text>
      </svg>
    );
  if (outcome === 'letGo')
    return (
      <svg {...common} role="img" aria-label="Let go">
        <path
          d={`M${w - 1.5} 1.5H${h * 0.5}L2 ${h / 2} ${h * 0.5} ${h - 1.5}H${w - 1.5}Z`}
          fill="var(--paper-open)"
          stroke="var(--ink)"
          strokeWidth="3"
        />
        <text
          x={h * 0.6}
          y={h * 0.5 + h * 0.25}
          className="font-extrabold font-head!"
          style={{ fontSize: h * 0.68, fill: 'var(--ink)' }}
        >
          LET GO
        </text>
        <g
          transform={`translate(${w - 52} ${h / 2 - 18}) scale(1.8)`}
          fill="none"
          stroke="var(--ink)"
          strokeWidth="2.4"
        >
          <path d="M2 5H13a5 5 0 0 1 0 10H5" />
          <path d="M9.5 10.6 5 15l4.5 4.4" strokeLinejoin="round" />
        </g>
      </svg>
    );
  if (outcome === 'mustNotReturn')
    return (
      <svg {...common} role="img" aria-label="Must not be released">
        <path d={`M1 1H${w - 1}V${h - 1}H1Z`} fill="var(--ink)" />
        <text
          x="16"
          y={h * 0.5 + h * 0.15}
          className="font-extrabold font-head!"
          style={{ fontSize: h * 0.42, fill: 'var(--paper-open)' }}
        >
          NOT BACK ALIVE
        </text>
      </svg>
    );
  const other = outcome === 'ask' && !asksLength;
  const word = other ? 'ANSWER FIRST' : outcome === 'ask' ? 'MEASURE IT' : 'MEASURE AGAIN';
  return (
    <svg
      {...common}
      role="img"
      aria-label={other ? 'Answer first' : outcome === 'ask' ? 'Measure it first' : 'Measure again'}
    >
      <path d={`M8 ${h / 2}H${w - 8}`} stroke="var(--ink)" strokeWidth="2" strokeDasharray="5 5" />
      <path d={`M6 1V${h - 1}M${w - 6} 1V${h - 1}`} stroke="var(--ink)" strokeWidth="10" />
      <rect x="30" y="4" width={w - 60} height={h - 8} fill={ground} />
      <text
        x={w / 2}
        y={h * 0.5 + h * 0.14}
        textAnchor="middle"
        className="font-extrabold font-head!"
        style={{ fontSize: Math.min(h * 0.44, (w - 78) / 9.2), fill: 'var(--ink)' }}
      >
        {word}
      </text>
    </svg>
  );
}

/** What became of a fish, 17 px, for a log row. */
export function FateMark({ fate, size = 17 }: { fate: 'keep' | 'letGo' | 'again' | 'struck'; size?: number }) {
  const color = { keep: 'var(--teal)', letGo: 'var(--ink-2)', again: 'var(--buoy-ink)', struck: 'var(--ink-3)' }[fate];
  return (
    <svg
      width={size}
      height={size}
      viewBox="0 0 20 20"
      role="img"
      aria-label={{ keep: 'kept', letGo: 'let go', again: 'in hand', struck: 'crossed out' }[fate]}
    >
      {fate === 'keep' && <path d="M1 3H12L19 10 12 17H1Z" fill={color} />}
      {fate === 'letGo' && (
        <g fill="none" stroke={color} strokeWidth="2.6">
          <path d="M2 5H13a5 5 0 0 1 0 10H5" />
          <path d="M9.5 10.6 5 15l4.5 4.4" strokeLinejoin="round" />
        </g>
      )}
      {fate === 'struck' && <path d="M1 10H19" stroke={color} strokeWidth="3" />}
      {fate === 'again' && (
        <g fill="none" stroke={color} strokeWidth="2.6">
          <path d="M2 2V18M18 2V18" />
          <path d="M5.2 10H15" strokeDasharray="2.4 2" />
        </g>
      )}
    </svg>
  );
}
