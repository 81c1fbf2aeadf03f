import type { FanSpec, FigureSpec, MedianFinSpec, TailSpec } from '../spec.ts';
import { asIs, INK, NOTHING, type StateLook, type TraitLooks } from './state-look.ts';

type Height = MedianFinSpec['height'];
const arch = (h: number): Height => [
  [0, h * 0.5],
  [0.2, h],
  [0.65, h * 0.68],
  [1, h * 0.26],
];

const others = (body: FigureSpec, on: MedianFinSpec['on']): MedianFinSpec[] =>
  (body.fins ?? []).filter((f) => f.on !== on);

/** From where to where the fins of one edge reach. */
function reach(body: FigureSpec, on: MedianFinSpec['on']): [number, number] {
  const list = (body.fins ?? []).filter((f) => f.on === on);
  const [from, to] = on === 'dorsal' ? [0.28, 0.76] : [0.52, 0.76];
  return [Math.min(from, ...list.map((f) => f.from)), Math.max(to, ...list.map((f) => f.to))];
}

/** `n` soft fins along one edge, in place of those the body has. */
function finsAlong(body: FigureSpec, on: MedianFinSpec['on'], n: number, h = 0.09): FigureSpec {
  const [from, to] = reach(body, on);
  const gap = 0.028;
  const each = (to - from - gap * (n - 1)) / Math.max(1, n);
  const fins = Array.from({ length: n }, (_, i): MedianFinSpec => ({
    name: `${on} ${i + 1}`,
    on,
    from: from + i * (each + gap),
    to: from + i * (each + gap) + each,
    soft: Math.max(6, Math.round(each * 60)),
    height: arch(h * (1 - 0.14 * i)),
    lean: [30, 52],
    harm: 'harmless',
  }));
  return { ...body, fins: [...others(body, on), ...fins] };
}

const along = (on: MedianFinSpec['on'], n: number): StateLook => ({
  change: (b) => finsAlong(b, on, n),
  teal: Array.from({ length: n }, (_, i) => `${on} ${i + 1}`),
});

/** One fin on the back, from `from` on, with the belly fins in the middle of the body to hold it against. */
const startsAt = (from: number): StateLook => ({
  change: (b) => ({
    ...finsAlong(b, 'dorsal', 0),
    fins: [
      ...others(b, 'dorsal'),
      { name: 'dorsal 1', on: 'dorsal', from, to: from + 0.14, soft: 12, height: arch(0.1), lean: [28, 50] },
    ],
    paired: { ...b.paired, pelvic: { ...bellyFin(b), at: [0.47, 0.98] } },
  }),
  teal: ['dorsal 1', 'pelvic'],
});

const bellyFin = (b: FigureSpec): FanSpec =>
  b.paired?.['pelvic'] ?? { at: [0.45, 0.98], base: 0.018, length: 0.09, angle: 24, spread: 26, rays: 7, behind: true };

const front = (change: Partial<MedianFinSpec>): StateLook => ({
  change: (b) => {
    const two = finsAlong(b, 'dorsal', 2);
    return { ...two, fins: (two.fins ?? []).map((f) => (f.name === 'dorsal 1' ? { ...f, ...change } : f)) };
  },
  teal: ['dorsal 1'],
});

const tail = (change: Partial<TailSpec>): StateLook => ({
  change: (b) => ({ ...b, tail: { span: 0.22, shape: 'truncate', ...change } }),
  teal: ['tail'],
});

const withFinlets = (b: FigureSpec): FigureSpec => {
  const short = finsAlong(b, 'dorsal', 2, 0.08);
  return {
    ...short,
    fins: (short.fins ?? []).map((f) =>
      f.to > 0.66 ? { ...f, from: Math.min(f.from, 0.56), to: 0.65, soft: 10, height: arch(0.05) } : f,
    ),
    finlets: [
      { on: 'dorsal', from: 0.68, to: 0.84, count: 5, size: 0.026 },
      { on: 'anal', from: 0.68, to: 0.84, count: 5, size: 0.026 },
    ],
  };
};

const breast = (length: number, edge: boolean): StateLook => ({
  change: (b) => ({
    ...b,
    paired: {
      ...b.paired,
      pectoral: {
        at: [0.26, 0.3],
        base: 0.04,
        angle: 16,
        rays: 12,
        ...b.paired?.['pectoral'],
        length,
        spread: length > 0.2 ? 58 : 30,
      },
    },
  }),
  teal: ['pectoral'],
  paint: (p) =>
    edge
      ? {
          ...p,
          paired: {
            ...p.paired,
            pectoral: { ...(p.paired?.['pectoral'] as FanSpec), rim: { width: 5, color: '#2f74b8' } },
          },
        }
      : p,
});

const lowerFins = (paint: (f: { color?: string }) => object): StateLook => ({
  change: asIs,
  teal: [],
  paint: (p) => ({
    ...p,
    fins: (p.fins ?? []).map((f) => (f.on === 'anal' ? { ...f, ...paint(f) } : f)),
    paired: Object.fromEntries(
      Object.entries(p.paired ?? {}).map(([k, f]) => [k, k === 'pelvic' ? { ...f, ...paint(f) } : f]),
    ),
  }),
});

const finlet = (color: string): StateLook => ({
  change: withFinlets,
  teal: [],
  paint: (p) => ({ ...p, colors: { ...p.colors, fin: color } }),
});

/** States that are fins and tails. */
export const FIN_LOOKS: Readonly<Record<string, TraitLooks>> = {
  tail: {
    crop: { part: 'tail root', span: 0.5 },
    states: {
      forked: tail({ shape: 'forked', fork: 0.55 }),
      notched: tail({ shape: 'emarginate', fork: 0.2 }),
      straight: tail({ shape: 'truncate' }),
      rounded: tail({ shape: 'rounded', round: 0.3 }),
      lopsided: tail({ shape: 'lopsided', lower: 0.5, notch: true, span: 0.2 }),
      none: tail({ shape: 'none' }),
    },
  },
  'back-fins': {
    states: { one: along('dorsal', 1), two: along('dorsal', 2), three: along('dorsal', 3), none: along('dorsal', 0) },
  },
  'hind-fins': { states: { one: along('anal', 1), two: along('anal', 2), none: along('anal', 0) } },
  'front-spines': {
    crop: { part: 'front of the back fin', span: 0.42 },
    states: {
      yes: front({ spines: 8, soft: 0, notch: 0.5, harm: 'sharp', height: arch(0.11) }),
      no: front({ soft: 11, round: 3, height: arch(0.11) }),
    },
  },
  'back-start': { states: { fore: startsAt(0.4), behind: startsAt(0.55), rear: startsAt(0.7) } },
  'black-fin': {
    crop: { part: 'front of the back fin', span: 0.5 },
    states: {
      yes: {
        ...front({ soft: 6 }),
        change: (b) => {
          const two = finsAlong(b, 'dorsal', 2);
          return {
            ...two,
            fins: (two.fins ?? []).map((f) =>
              f.name === 'dorsal 1'
                ? { ...f, to: f.from + 0.09, spines: 6, soft: 0, notch: 0.3 }
                : f.name === 'dorsal 2'
                  ? { ...f, from: 0.4 }
                  : f,
            ),
          };
        },
        paint: (p) => ({ ...p, fins: (p.fins ?? []).map((f) => (f.name === 'dorsal 1' ? { ...f, color: INK } : f)) }),
      },
      no: { change: (b) => finsAlong(b, 'dorsal', 2), teal: [] },
    },
  },
  threads: {
    states: {
      yes: front({ spines: 9, soft: 0, filament: 0.2, height: arch(0.11) }),
      no: front({ spines: 9, soft: 0, height: arch(0.1) }),
    },
  },
  sail: {
    states: {
      yes: { ...along('dorsal', 1), change: (b) => finsAlong(b, 'dorsal', 1, 0.24) },
      no: { ...along('dorsal', 1), change: (b) => finsAlong(b, 'dorsal', 1, 0.07) },
    },
  },
  fringe: {
    crop: { part: 'front of the back fin', span: 0.36 },
    states: {
      yes: {
        change: (b) => ({ ...b, fins: (b.fins ?? []).map((f) => (f.on === 'dorsal' ? { ...f, free: 9 } : f)) }),
        teal: ['dorsal'],
      },
      no: {
        change: (b) => ({ ...b, fins: (b.fins ?? []).map((f) => (f.on === 'dorsal' ? { ...f, free: 0 } : f)) }),
        teal: ['dorsal'],
      },
    },
  },
  finlets: {
    crop: { part: 'before the tail', span: 0.5 },
    states: { yes: { change: withFinlets, teal: ['finlets'] }, no: NOTHING },
  },
  'yellow-finlets': {
    crop: { part: 'before the tail', span: 0.5 },
    states: { yes: finlet('#e0b020'), no: finlet('#7b8583') },
  },
  adipose: {
    crop: { part: 'before the tail', span: 0.5 },
    states: {
      yes: {
        change: (b) => {
          const one = finsAlong(b, 'dorsal', 1);
          return {
            ...one,
            fins: [
              ...(one.fins ?? []).map((f) => (f.name === 'dorsal 1' ? { ...f, from: 0.42, to: 0.56 } : f)),
              {
                name: 'adipose fin',
                on: 'dorsal',
                from: 0.76,
                to: 0.79,
                soft: 4,
                height: [
                  [0, 0.03],
                  [0.5, 0.05],
                  [1, 0.038],
                ],
                lean: [58, 66],
                bow: 0.2,
              },
            ],
          };
        },
        teal: ['adipose fin'],
      },
      no: {
        change: (b) => {
          const one = finsAlong(b, 'dorsal', 1);
          return {
            ...one,
            fins: (one.fins ?? []).map((f) => (f.name === 'dorsal 1' ? { ...f, from: 0.42, to: 0.56 } : f)),
          };
        },
        teal: [],
      },
    },
  },
  'tail-lobe': {
    crop: { part: 'tail', span: 0.4 },
    states: {
      yes: tail({ shape: 'lopsided', lower: 0.5, notch: true, span: 0.17 }),
      no: tail({ shape: 'lopsided', lower: 0.5, notch: false, span: 0.17 }),
    },
  },
  'tail-spots': {
    crop: { part: 'tail root', span: 0.5 },
    states: {
      yes: {
        ...tail({ shape: 'truncate' }),
        teal: [],
        paint: (p) => ({ ...p, tail: { ...(p.tail as TailSpec), spots: { count: 22, r: 0.008, color: INK } } }),
      },
      no: tail({ shape: 'truncate' }),
    },
  },
  'breast-fins': { states: { yes: breast(0.3, true), large: breast(0.3, false), no: breast(0.1, false) } },
  'red-fins': {
    states: { yes: lowerFins(() => ({ color: '#c2432d' })), no: lowerFins(() => ({ color: '#a9aba1' })) },
  },
  'white-edges': {
    states: {
      yes: lowerFins(() => ({ color: '#c2432d', rim: { width: 5, color: '#ffffff' } })),
      no: lowerFins(() => ({ color: '#c2432d' })),
    },
  },
  feelers: {
    crop: { part: 'throat', span: 0.42 },
    states: {
      yes: {
        change: (b) => ({
          ...b,
          freeRays: [
            { at: [0.215, 0.93], angle: 128, length: 0.12 },
            { at: [0.232, 0.95], angle: 112, length: 0.125 },
            { at: [0.248, 0.96], angle: 96, length: 0.12 },
          ],
          freeRayColor: '#0a4c52',
        }),
        teal: [],
      },
      no: NOTHING,
    },
  },
  'shark-spine': {
    crop: { part: 'front of the back fin', span: 0.36 },
    states: {
      yes: {
        change: (b) => ({
          ...b,
          fins: (b.fins ?? []).map((f) =>
            f.on === 'dorsal'
              ? {
                  ...f,
                  plain: false,
                  spines: 1,
                  free: 1,
                  soft: 7,
                  notch: 0,
                  harm: 'sharp' as const,
                  height: [
                    [0, 0.05],
                    [0.3, 0.075],
                    [0.6, 0.05],
                    [1, 0.026],
                  ] as [number, number][],
                }
              : f,
          ),
        }),
        teal: ['first dorsal', 'second dorsal'],
      },
      no: { change: asIs, teal: ['first dorsal', 'second dorsal'] },
    },
  },
  'tail-barb': {
    states: {
      yes: {
        change: (b) => ({ ...b, barb: { at: [0.6, -0.3], angle: -14, length: 0.22, harm: 'sharp' } }),
        teal: ['barb'],
      },
      no: NOTHING,
    },
  },
  'slim-wrist': {
    crop: { part: 'tail root', span: 0.5 },
    states: {
      yes: { change: (b) => wrist(b, 0.6), teal: ['body'] },
      no: { change: (b) => wrist(b, 1.35), teal: ['body'] },
    },
  },
};

/** The tail root made slimmer or stouter: the last quarter of the outline, gliding into the rest. */
function wrist(body: FigureSpec, k: number): FigureSpec {
  const bend = (pts: FigureSpec['body']['dorsal']): FigureSpec['body']['dorsal'] =>
    pts.map(([u, h]) => [u, h * (1 + (k - 1) * Math.min(1, Math.max(0, (u - 0.6) / 0.2)))]);
  return { ...body, body: { ...body.body, dorsal: bend(body.body.dorsal), ventral: bend(body.body.ventral) } };
}
