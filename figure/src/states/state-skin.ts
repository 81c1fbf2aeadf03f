import type { FigureSpec, PatternSpec } from '../spec.ts';
import { asIs, INK, NOTHING, PAPER, type StateLook, TEAL, type TraitLooks, WASH } from './state-look.ts';

const painted = (...pattern: PatternSpec[]): StateLook => ({
  change: asIs,
  teal: [],
  paint: (p) => ({ ...p, pattern }),
});
const spot = (u: number, v: number, r: number, color = TEAL): StateLook =>
  painted({ type: 'spots', list: [[u, v, r]], color, opacity: 0.95, rough: 0.1 });

const hues = (back: string, flank: string, belly: string): StateLook => ({
  change: asIs,
  teal: [],
  paint: (p) => ({ ...p, colors: { ...p.colors, back, flank, belly } }),
});

const scaled = (k: number): StateLook => ({
  change: (b) => ({
    ...b,
    body: {
      ...b.body,
      dorsal: b.body.dorsal.map(([u, h]) => [u, h * k]),
      ventral: b.body.ventral.map(([u, h]) => [u, h * k]),
    },
  }),
  teal: ['body'],
});

const line = (path: NonNullable<FigureSpec['lateral']>['path']): StateLook => ({
  change: (b) => ({ ...b, lateral: { path } }),
  teal: ['side line'],
});
const STRAIGHT: NonNullable<FigureSpec['lateral']>['path'] = [
  [0.24, -0.3],
  [0.45, -0.2],
  [0.65, -0.06],
  [0.86, 0],
];
const KINKED: NonNullable<FigureSpec['lateral']>['path'] = [
  [0.23, -0.5],
  [0.3, -0.6],
  [0.38, -0.52],
  [0.44, -0.2],
  [0.5, 0],
  [0.86, 0],
];

/** A flank of one tone, with a line lighter or darker upon it. */
const toned = (color: string): StateLook => ({
  change: (b) => ({ ...b, lateral: { path: STRAIGHT } }),
  teal: [],
  paint: (p) => ({
    ...p,
    colors: { ...p.colors, back: '#8d9a97', flank: '#8d9a97', belly: '#b9c4c0' },
    lateral: { path: STRAIGHT, color, width: 3.4, bold: true },
  }),
});

const plates = (from: number): StateLook => ({
  change: (b) => ({
    ...b,
    lateral: {
      path: STRAIGHT.filter(([u]) => u >= from),
      scutes: { count: from > 0.5 ? 16 : 34, size: 0.024, color: '#cbddd8' },
    },
  }),
  teal: ['side line'],
});

const skin = (s: NonNullable<FigureSpec['skin']>): StateLook => ({
  change: asIs,
  teal: [],
  paint: (p) => ({ ...p, skin: s }),
});

const AREA: [number, number, number, number] = [0.3, 0.8, -0.85, 0.8];
const SPOTS: PatternSpec = {
  type: 'spots',
  count: 40,
  area: AREA,
  r: [0.008, 0.012],
  gap: 1.8,
  color: TEAL,
  opacity: 0.95,
};
const thorns = Array.from({ length: 26 }, (_, i): [number, number, number] => [
  0.34 + ((i * 7) % 26) * 0.017,
  -0.7 + ((i * 5) % 13) * 0.11,
  0.02,
]);

/** States that are outline, colour, pattern and skin. */
export const SKIN_LOOKS: Readonly<Record<string, TraitLooks>> = {
  slimness: { states: { slim: scaled(0.6), middling: scaled(1.05), deep: scaled(1.75) } },
  colour: {
    states: {
      silver: hues('#7d8b8f', '#c9cfca', '#f2f0e6'),
      brown: hues('#4d4022', '#8f7a48', '#d9cba0'),
      red: hues('#a33a2a', '#d8745c', '#f2d3c2'),
      blue: hues('#1f4f86', '#4d86b8', '#c6dbe6'),
      green: hues('#2f5a2c', '#6c9550', '#dfe3b8'),
      yellow: hues('#a37a12', '#dcb437', '#f3e6b0'),
      black: hues('#15181b', '#34383a', '#6b6f6d'),
    },
  },
  pattern: {
    states: {
      'wavy bars': painted({
        type: 'waves',
        count: 22,
        u: [0.2, 0.85],
        v: [-1.02, -0.05],
        amp: 0.009,
        width: 0.011,
        color: TEAL,
      }),
      'upright bars': painted({
        type: 'bars',
        at: [0.3, 0.4, 0.5, 0.6, 0.7, 0.79],
        width: 0.04,
        v: [-1, 0.6],
        point: 0.6,
        color: TEAL,
        opacity: 0.9,
      }),
      streaks: painted({
        type: 'bars',
        at: [0.3, 0.37, 0.44, 0.51, 0.58, 0.65, 0.72, 0.79],
        width: 0.016,
        slant: -0.06,
        v: [-0.7, 0.7],
        point: 0.2,
        color: TEAL,
        opacity: 0.9,
      }),
      stripes: painted({
        type: 'stripes',
        at: [-0.6, -0.25, 0.1, 0.45],
        u: [0.24, 0.85],
        width: 0.15,
        color: TEAL,
        opacity: 0.9,
      }),
      'orange spots': painted({ ...SPOTS, color: '#d2591c' }),
      'pale spots': {
        change: asIs,
        teal: [],
        paint: (p) => ({
          ...p,
          colors: { ...p.colors, back: '#7f8a86', flank: '#8d9a97', belly: '#c2cbc6' },
          pattern: [{ ...SPOTS, color: PAPER }],
        }),
      },
      'dark spots': painted({ ...SPOTS, color: INK }),
      mottled: painted({ type: 'mottle', count: 34, area: AREA, r: [0.018, 0.034], color: TEAL, opacity: 0.55 }),
      plain: { change: asIs, teal: ['body'] },
    },
  },
  'flank-spot': { states: { yes: spot(0.5, -0.1, 0.04), no: NOTHING } },
  'shoulder-spot': { crop: { part: 'shoulder', span: 0.46 }, states: { yes: spot(0.255, -0.42, 0.022), no: NOTHING } },
  'breast-spot': { crop: { part: 'breast fin', span: 0.46 }, states: { yes: spot(0.268, 0.06, 0.026), no: NOTHING } },
  'tail-spot': { crop: { part: 'tail root', span: 0.5 }, states: { yes: spot(0.82, -0.3, 0.024), no: NOTHING } },
  'low-spots': {
    states: {
      yes: painted({ ...SPOTS, color: INK }),
      no: painted({ ...SPOTS, count: 22, area: [0.3, 0.8, -0.9, -0.1], color: INK }),
    },
  },
  'side-line': {
    states: {
      kinked: line(KINKED),
      straight: line(STRAIGHT),
      unseen: { change: ({ lateral, ...b }) => (void lateral, b), teal: [] },
    },
  },
  'line-tone': { states: { pale: toned('#ffffff'), dark: toned(INK) } },
  scutes: {
    states: { none: line(STRAIGHT), whole: plates(0), rear: plates(0.6) },
  },
  skin: {
    crop: { part: 'flank', span: 0.4 },
    states: {
      scales: skin({ scales: { size: 0.03, color: TEAL, opacity: 0.9 } }),
      smooth: { change: asIs, teal: ['body'] },
      bumps: skin({ tubercles: { area: AREA, count: 34, r: [0.009, 0.014], color: WASH } }),
      thorns: skin({ thorns }),
      rough: skin({ tubercles: { area: AREA, count: 260, r: [0.0022, 0.0034], color: INK } }),
    },
  },
  'net-scales': {
    crop: { part: 'flank', span: 0.4 },
    states: { yes: skin({ scales: { size: 0.034, color: INK, opacity: 1 } }), no: { change: asIs, teal: ['body'] } },
  },
};
