import type { ReactNode } from 'react';

const MEANT = {
  stroke: 'var(--teal)',
  strokeWidth: 3,
  fill: 'none',
  strokeLinecap: 'round',
  strokeLinejoin: 'round',
} as const;
const THIN = {
  stroke: 'var(--ink-2)',
  strokeWidth: 1.6,
  fill: 'none',
  strokeLinejoin: 'round',
  strokeLinecap: 'round',
} as const;
const WHITE = { ...THIN, fill: 'var(--paper-open)' } as const;
const GLASSY = 'var(--teal-wash)';
const BODY =
  'M12 48 C34 24 82 16 122 28 C142 34 158 40 168 42 L196 22 C190 36 186 44 186 48 C188 54 192 62 198 74 L168 54 C152 60 132 72 98 74 C62 76 30 66 12 48 Z';

/** An arrow of the hand, from and to. */
const Pull = ({ d, tip }: { d: string; tip: string }) => (
  <>
    <path d={d} {...MEANT} />
    <path d={tip} {...MEANT} />
  </>
);

/** A slice of flesh with a middle: glassy or white. */
const Slice = ({ x, glassy }: { x: number; glassy: boolean }) => (
  <g transform={`translate(${x} 18)`}>
    <path d="M4 8 C24 0 62 0 80 8 L84 52 C62 60 22 60 0 52 Z" {...WHITE} />
    {glassy && (
      <path
        d="M22 22 C34 16 54 16 64 22 L66 38 C54 44 32 44 20 38 Z"
        fill={GLASSY}
        stroke="var(--teal)"
        strokeWidth="2"
      />
    )}
    <path d={glassy ? 'M36 66 L48 78 M48 66 L36 78' : 'M32 72 L39 79 L52 64'} {...MEANT} />
  </g>
);

/** An eye in its head. */
const Eye = ({ x, white }: { x: number; white: boolean }) => (
  <g transform={`translate(${x} 42)`}>
    <circle r="26" {...THIN} />
    <circle r="15" {...THIN} fill={white ? 'var(--paper-open)' : 'none'} />
    <circle r="7" fill={white ? 'var(--paper-open)' : 'var(--ink)'} stroke="var(--ink-2)" strokeWidth="1.4" />
    <path d={white ? 'M-10 40 L-3 48 L12 32' : 'M-7 33 L7 47 M7 33 L-7 47'} {...MEANT} />
  </g>
);

/** Flakes of flesh that have parted. */
const Flakes = () => (
  <>
    <path d="M10 34 C30 22 54 22 74 30 L70 66 C50 74 28 74 8 66 Z" {...WHITE} />
    <path d="M30 26 C26 40 26 54 30 70 M52 25 C48 40 48 56 52 71" {...THIN} />
    <path d="M96 30 C112 22 128 24 142 30 L140 70 C124 76 108 74 92 66 Z" {...WHITE} />
    <path d="M118 25 C114 40 114 56 116 73" {...THIN} />
    <path d="M158 30 C178 24 202 26 222 34 L226 64 C204 74 180 74 156 70 Z" {...WHITE} />
    <path d="M182 26 C180 42 180 56 182 72 M204 28 C204 42 206 56 206 70" {...THIN} />
    <Pull d="M84 6 V36" tip="M76 27 L84 37 L92 27" />
    <Pull d="M150 6 V36" tip="M142 27 L150 37 L158 27" />
  </>
);

/** Drawings of signs, by words of theirs. */
const DRAWN: readonly (readonly [says: RegExp, drawing: ReactNode])[] = [
  [/flakes (?:just )?part/, <Flakes key="flakes" />],
  [
    /climbed two thirds/,
    <g key="climbed">
      <path d="M20 84 H220" {...THIN} strokeWidth={4} />
      <path d="M34 80 C30 60 34 40 48 28 C90 18 150 18 192 28 C206 40 210 60 206 80 Z" {...THIN} fill={GLASSY} />
      <path d="M34 80 C31 66 33 53 39 42 C90 48 150 48 201 42 C207 53 209 66 206 80 Z" {...WHITE} />
      <Pull d="M120 74 V50" tip="M112 58 L120 48 L128 58" />
    </g>,
  ],
  [
    /white rim/,
    <g key="rim">
      <path d="M34 84 C30 60 34 34 48 22 C90 12 150 12 192 22 C206 34 210 60 206 84 Z" {...WHITE} />
      <path
        d="M38 72 C36 56 40 42 50 34 C90 26 150 26 190 34 C200 42 204 56 202 72 Z"
        fill={GLASSY}
        stroke="var(--teal)"
        strokeWidth="2"
      />
    </g>,
  ],
  [
    /fin pulls out/,
    <g key="fin">
      <path d={BODY} {...THIN} />
      <circle cx="32" cy="42" r="3" {...THIN} />
      <path d="M86 20 C92 2 116 2 122 22" {...THIN} strokeDasharray="2 4" />
      <path
        d="M104 4 C112 -6 132 -2 142 10 L134 14 L124 8 L114 12 Z"
        fill="var(--teal-wash)"
        stroke="var(--teal)"
        strokeWidth="2.4"
      />
      <Pull d="M112 22 C124 20 140 22 156 12" tip="M145 10 L158 11 L151 22" />
    </g>,
  ],
  [
    /bones? lifts?|comes off the bone/,
    <g key="bones">
      <path d="M14 60 C60 50 170 50 226 62 L222 82 C160 90 70 90 18 82 Z" {...WHITE} />
      <path d="M40 40 C90 22 150 18 206 16" {...THIN} strokeWidth={3} />
      {[64, 88, 112, 136, 160, 184].map((x, i) => (
        <path key={x} d={`M${x} ${34 - i * 3} l10 16`} {...THIN} />
      ))}
      <Pull d="M206 44 V20" tip="M198 28 L206 16 L214 28" />
    </g>,
  ],
  [
    /glassy pink|one colour/,
    <g key="glassy">
      <Slice x={18} glassy />
      <Slice x={132} glassy={false} />
    </g>,
  ],
  [
    /eye is white/,
    <g key="eye">
      <Eye x={64} white={false} />
      <Eye x={172} white />
    </g>,
  ],
  [
    /floats/,
    <g key="floats">
      <path d="M8 44 C30 38 46 50 68 44 S112 38 130 44 S190 50 232 42" {...THIN} />
      <path
        d="M70 34 C84 18 150 18 166 34 C172 52 150 62 118 62 C86 62 64 52 70 34 Z"
        fill="var(--teal-wash)"
        stroke="var(--teal)"
        strokeWidth="2.4"
      />
      {[
        [60, 70],
        [176, 66],
        [118, 80],
      ].map(([x, y]) => (
        <circle key={x} cx={x} cy={y} r="3" {...THIN} />
      ))}
    </g>,
  ],
  [
    /parcel has swollen/,
    <g key="parcel">
      <path d="M20 76 C34 20 206 20 220 76 Z" {...WHITE} />
      <path d="M20 76 H220 M20 76 l-10 8 M220 76 l10 8 M34 62 l-8 -8 M206 62 l8 -8" {...THIN} />
      <Pull d="M120 66 V44" tip="M112 52 L120 42 L128 52" />
    </g>,
  ],
  [
    /edges curling/,
    <g key="curl">
      <path d="M30 40 C20 60 40 78 60 66 C90 50 150 50 180 66 C200 78 220 60 210 40 C190 26 50 26 30 40 Z" {...WHITE} />
      <Pull d="M26 30 C14 44 16 66 32 76" tip="M20 70 L34 78 L34 64" />
      <Pull d="M214 30 C226 44 224 66 208 76" tip="M220 70 L206 78 L206 64" />
    </g>,
  ],
];

/** The drawing of a sign that fish is done; null of one that words tell better. */
export const signDrawing = (sign: string): ReactNode => DRAWN.find(([says]) => says.test(sign))?.[1] ?? null;
