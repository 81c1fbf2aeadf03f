import type { ReactNode } from 'react';

const BODY =
  'M18 52 C38 28 88 20 130 31 C150 36 166 43 178 45.5 L220 21 C211 36 206 43 203.5 49 C206 55 211 62 220 77 L178 53.5 C160 60 140 72 105 74 C68 76 34 68 18 52 Z';
const BACK_FIN = 'M86 24 C92 8 114 7 126 29.5';
const SOFT_FIN = 'M152 37 C156 27 163 28 164 41.5';
const UNDER_FIN = 'M122 72.5 C126 85 140 84 148 66';
const BREAST_FIN = 'M70 54 C84 52 92 60 88 70 C79 69 72 63 70 54 Z';
const GILL = 'M58 34 C66 43 66 61 57 70';

const MEANT = { stroke: 'var(--teal)', strokeWidth: 3, fill: 'var(--teal-wash)', strokeLinejoin: 'round' } as const;
const LINE = { ...MEANT, fill: 'none', strokeLinecap: 'round' } as const;
const THIN = { stroke: 'var(--ink-2)', strokeWidth: 1.4, fill: 'none', strokeLinejoin: 'round' } as const;

/** A fish from the left side; `through`: its bones and what is inside show. */
const Fish = ({ children, through = false }: { children?: ReactNode; through?: boolean }) => (
  <>
    <path d={BODY} {...THIN} />
    <path d={BACK_FIN} {...THIN} />
    <path d={UNDER_FIN} {...THIN} />
    {!through && <path d={BREAST_FIN} {...THIN} />}
    <path d={GILL} {...THIN} />
    <path d="M18 52 L31 53.5" {...THIN} />
    <circle cx="37" cy="45" r="3" {...THIN} />
    {children}
  </>
);

const BACKBONE = 'M60 47 C100 42 140 46 182 49.5';
const Bones = () => (
  <>
    <path d={BACKBONE} {...THIN} />
    {[78, 92, 106, 120, 134, 148, 162].map((x) => (
      <path
        key={x}
        d={`M${x} ${45 + (x > 140 ? 1.5 : 0)} l6 ${x > 140 ? -6 : -11} M${x} ${47 + (x > 140 ? 1.5 : 0)} l6 ${x > 140 ? 6 : 13}`}
        {...THIN}
      />
    ))}
  </>
);

/** From one point along the fish to another, as a measure beneath it. */
const Measure = ({ from, to }: { from: number; to: number }) => (
  <>
    <path d={`M${from} 92 H${to} M${from} 86 V98 M${to} 86 V98`} {...LINE} />
    <path d={`M${from} 56 V84 M${to} 80 V84`} {...THIN} strokeDasharray="1.5 3" />
  </>
);

const DRAWN: Readonly<Record<string, ReactNode>> = {
  'adipose-fin': (
    <Fish>
      <path d={`${SOFT_FIN} Z`} {...MEANT} />
    </Fish>
  ),
  'anal-fin': (
    <Fish>
      <path d={`${UNDER_FIN} Z`} {...MEANT} />
    </Fish>
  ),
  barbel: (
    <Fish>
      <path d="M27 58 C27 66 31 72 28 79" {...LINE} />
    </Fish>
  ),
  'base-of-the-tail': (
    <Fish>
      <path d="M166 43 C171 44 175 45 178 45.5 L186 41 L186 58 L178 53.5 C175 54.5 171 56 166 58 Z" {...MEANT} />
    </Fish>
  ),
  'blood-line': (
    <Fish through>
      <Bones />
      <path d="M66 50 C100 46 124 48 140 50" {...LINE} strokeWidth={5} />
    </Fish>
  ),
  board: (
    <>
      <path d="M10 84 H232 V94 H10 Z M14 84 V30 H20 V84" {...MEANT} />
      {[42, 64, 86, 108, 130, 152, 174, 196, 218].map((x) => (
        <path key={x} d={`M${x} 84 V89`} {...THIN} />
      ))}
      <g transform="translate(2 8)">
        <Fish />
      </g>
    </>
  ),
  'breast-fin': (
    <Fish>
      <path d={BREAST_FIN} {...MEANT} />
    </Fish>
  ),
  coasting: (
    <>
      <path d="M14 88 H226 M14 88 V10" {...THIN} />
      <path d="M14 80 C60 76 96 60 128 36" {...LINE} />
      <path d="M128 36 C146 24 166 20 184 24 C200 28 212 34 224 42" {...LINE} strokeDasharray="2 7" />
      <path d="M128 36 V88" {...THIN} strokeDasharray="4 4" />
      <text x="124" y="99" textAnchor="end" fontSize="11" fill="var(--ink-2)">
        on the heat
      </text>
      <text x="132" y="99" fontSize="11" fill="var(--ink-2)">
        taken off
      </text>
    </>
  ),
  descender: (
    <>
      <path d="M4 12 C30 6 50 18 76 12 S122 18 148 12 S210 18 236 12" {...THIN} />
      <path d="M40 4 V34" {...LINE} strokeWidth={2} />
      <path d="M40 34 C30 36 32 48 42 46 M36 48 L44 48 L48 66 H32 Z" {...MEANT} />
      <g transform="translate(42 24) scale(.72)">
        <Fish />
      </g>
      <path d="M226 44 V80 M220 72 L226 82 L232 72" {...THIN} />
    </>
  ),
  'disc-width': (
    <>
      <path d="M120 8 C140 20 178 36 206 40 C184 58 150 72 120 76 C90 72 56 58 34 40 C62 36 100 20 120 8 Z" {...THIN} />
      <path d="M120 76 C121 84 118 88 122 92" {...THIN} />
      <path d="M34 40 H206 M34 32 V48 M206 32 V48" {...LINE} />
    </>
  ),
  fillet: (
    <Fish through>
      <path
        d="M66 30 C90 24 116 27 132 32 C150 37 164 42.5 176 46 L176 53 C160 60 140 71 105 73 C90 73 78 72 67 70 C72 58 72 44 66 30 Z"
        {...MEANT}
      />
    </Fish>
  ),
  'fork-length': (
    <Fish>
      <Measure from={18} to={204} />
    </Fish>
  ),
  frame: (
    <>
      <path d="M18 52 C30 38 44 31 58 28 C68 42 68 62 57 72 C42 68 28 62 18 52 Z" {...MEANT} />
      <circle cx="37" cy="45" r="3" {...THIN} />
      <path d={BACKBONE} {...LINE} />
      {[78, 92, 106, 120, 134, 148, 162].map((x) => (
        <path key={x} d={`M${x} 46 l7 -12 M${x} 48 l7 13`} {...LINE} strokeWidth={2} />
      ))}
      <path d="M180 47 L220 21 C211 36 206 43 203.5 49 C206 55 211 62 220 77 L180 52 Z" {...MEANT} />
    </>
  ),
  'gill-cover': (
    <Fish>
      <path d="M46 36 C52 33 55 33 58 34 C66 43 66 61 57 70 C50 68 46 66 44 64 C49 55 50 45 46 36 Z" {...MEANT} />
    </Fish>
  ),
  loin: (
    <Fish through>
      <path
        d="M66 30 C90 24 116 27 132 32 C150 37 164 42 176 46 L176 49 C140 46 100 42 70 46 C70 40 69 36 66 30 Z"
        {...MEANT}
      />
    </Fish>
  ),
  'pin-bones': (
    <Fish through>
      <path d={BACKBONE} {...THIN} />
      {[72, 80, 88, 96, 104, 112, 120, 128].map((x) => (
        <path key={x} d={`M${x} 52 l9 4`} {...LINE} />
      ))}
    </Fish>
  ),
  slot: (
    <>
      <path d="M14 60 H226" {...THIN} />
      <path d="M78 50 H160 V70 H78 Z" {...MEANT} />
      {[14, 46, 78, 119, 160, 193, 226].map((x) => (
        <path key={x} d={`M${x} 54 V66`} {...THIN} />
      ))}
      <text x="78" y="42" textAnchor="middle" fontSize="11" fill="var(--ink-2)">
        shortest
      </text>
      <text x="160" y="42" textAnchor="middle" fontSize="11" fill="var(--ink-2)">
        longest
      </text>
    </>
  ),
  slurry: (
    <>
      <path d="M20 10 V92 H220 V10" {...THIN} strokeWidth={3} />
      <path d="M20 26 H220 V92 H20 Z" fill="var(--ice)" />
      {[
        [34, 32],
        [78, 28],
        [130, 30],
        [182, 33],
        [50, 76],
        [112, 80],
        [168, 76],
        [198, 60],
        [28, 56],
      ].map(([x, y]) => (
        <path key={`${x}`} d={`M${x} ${y} l9 -3 l5 8 l-9 4 Z`} {...THIN} />
      ))}
      <g transform="translate(34 30) scale(.72)">
        <Fish />
      </g>
    </>
  ),
  spike: (
    <Fish>
      <path d="M64 8 L49 40" {...LINE} />
      <circle cx="48" cy="42" r="4" {...MEANT} />
    </Fish>
  ),
  steak: (
    <Fish through>
      <path d="M92 23 C100 23 108 25 114 27 L114 73.5 C106 74 98 74.4 92 74 Z" {...MEANT} />
      <circle cx="103" cy="46" r="3" {...THIN} />
    </Fish>
  ),
  'swim-bladder': (
    <Fish through>
      <path d={BACKBONE} {...THIN} />
      <path d="M76 53 C84 48 116 49 132 54 C120 60 88 61 76 53 Z" {...MEANT} />
    </Fish>
  ),
  'total-length': (
    <Fish>
      <Measure from={18} to={220} />
    </Fish>
  ),
};

/** Drawn with something beneath the fish. */
const TALL = new Set(['board', 'coasting', 'disc-width', 'fork-length', 'slurry', 'total-length']);

/** The words that have a drawing. */
export const DRAWN_TERMS = Object.keys(DRAWN);

/** A word of the craft on one and the same fish, where a drawing tells more than its sentences; nothing else. `of`: its address. */
export const TermDrawing = ({ of }: { of: string }) =>
  DRAWN[of] ? (
    <svg
      viewBox={TALL.has(of) ? '0 0 240 102' : '0 0 240 88'}
      className="my-2 block h-auto w-full max-w-[20rem]"
      aria-hidden
    >
      {DRAWN[of]}
    </svg>
  ) : null;
