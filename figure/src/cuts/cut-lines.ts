import type { CutLineName } from '@dagboek/core/cut';
import type { Anatomy } from '../anatomy.ts';
import { landmarks } from '../landmarks.ts';
import { clamp, lerp, range, spline } from '../maths.ts';
import type { Pt } from '../spec.ts';
import { L } from '../units.ts';
import { cavityTop, cavityU } from './forbidden.ts';

/** One stroke of a line of the knife, in drawing units, in the direction of the cut. */
export interface CutStroke {
  points: Pt[];
  /** Inside the fish, on its other side, or only of a gutted fish. */
  hidden?: boolean;
  /** It is meant to go into the belly, or into a fish that was gutted before. */
  opens?: boolean;
  /** Two strokes and more of one kind, without an arrow each. */
  plain?: boolean;
}

/** What a line needs beyond the figure. */
export interface CutOptions {
  /** Thickness of a steak as a share of the total length. */
  steakU?: number;
}

type Draw = (an: Anatomy, o: CutOptions) => CutStroke[];

const along = (an: Anatomy, u0: number, u1: number, v: number | ((t: number) => number)): Pt[] =>
  range(24, (_, t) => an.body.at(lerp(u0, u1, t), typeof v === 'function' ? v(t) : v));
const across = (an: Anatomy, u: number, v0 = -1, v1 = 1, slant = 0): Pt[] =>
  range(10, (_, t) => an.body.at(u + slant * t, lerp(v0, v1, t)));

/** Behind gill cover and breast fin. */
const shoulderU = (an: Anatomy): number => {
  const lm = landmarks(an);
  return Math.max(lm.gillU + 0.012, (lm.pectoral?.[0] ?? lm.gillU * L) / L + 0.012);
};
/** Where the cut behind the head meets the belly: behind belly fins that stand under the throat. */
const bellyU = (an: Anatomy): number => {
  const lm = landmarks(an);
  const pecU = shoulderU(an);
  const pelU = (lm.pelvic?.[0] ?? 0) / L;
  return pelU > lm.gillU - 0.03 && pelU < lm.gillU + 0.1
    ? Math.max(pecU - 0.01, pelU + 0.014)
    : Math.max(lm.gillU + 0.005, pecU - 0.02);
};
/** From so far back the body is too thin for steaks, u: less deep than half of its deepest. */
const thinU = (an: Anatomy): number => {
  const { end, maxDepth, depth } = an.body;
  const from = landmarks(an).ventU;
  const k = range(60, (_, t) => lerp(from, end - 0.03, t)).find((u) => depth(u) < 0.5 * maxDepth);
  return k ?? end - 0.03;
};
/** From where to where steaks are cut, u. */
export const steakSpan = (an: Anatomy): { from: number; to: number } => ({
  from: shoulderU(an) + 0.012,
  to: thinU(an),
});
/** Between the bases of a fin a little inside of the edge. */
const finBase = (an: Anatomy, f: Anatomy['fins'][number], v: number): Pt[] => {
  const us = f.rays.map((r) => r.base[0] / L);
  const [u0, u1] = [Math.min(...us), Math.max(...us)];
  return along(an, Math.min(u1, an.body.end - 0.004), u0, f.on === 'dorsal' ? -v : v);
};
const venomousFins = (an: Anatomy) => an.fins.filter((f) => f.harm === 'venomous');
const spinedBackFins = (an: Anatomy) =>
  an.fins.filter((f) => f.on === 'dorsal' && f.harm && f.harm !== 'harmless' && f.rays.some((r) => r.spine));
const cross = (p: Pt, r: number): Pt[] => [
  [p[0], p[1] - r * L],
  [p[0] + 0.004 * L, p[1] + r * L],
];
/** A paired fin is cut across its root. */
const fanBase = (an: Anatomy, f: Anatomy['fans'][number]): Pt[] => {
  const u = clamp(f.centre[0] / L, 0, an.body.end - 0.01);
  const y = clamp(f.centre[1], an.body.topAt(u), an.body.bottomAt(u));
  return cross([u * L, y], 0.018);
};
const ringAt = (p: Pt, r: number): Pt[] =>
  range(19, (_, t): Pt => [p[0] + r * Math.cos(2 * Math.PI * t), p[1] + r * Math.sin(2 * Math.PI * t)]);
const mantle = (an: Anatomy): Pt => an.spec.mantle ?? [0.4, 1];

const DRAW: Readonly<Record<CutLineName, Draw>> = {
  'behind the head': (an) => {
    const lm = landmarks(an);
    const [pecU, endU] = [shoulderU(an), bellyU(an)];
    const whole = spline(
      [
        an.body.at(lm.gillU - 0.02, -1),
        an.body.at(lerp(lm.gillU, pecU, 0.5), -0.5),
        an.body.at(pecU, 0.1),
        an.body.at(lerp(pecU, endU, 0.75), 0.7),
        an.body.at(endU, 1),
      ],
      6,
    );
    // Through the flap of the belly only where nothing lies under it any more.
    const end = whole.findIndex(([x, y]) => {
      const u = x / L;
      return y > lerp(an.body.topAt(u), an.body.bottomAt(u), (cavityTop(an, u) + 1) / 2 - 0.02);
    });
    const k = end < 2 ? whole.length : end;
    return [
      { points: whole.slice(0, k) },
      ...(k < whole.length ? [{ points: whole.slice(k - 1), hidden: true, opens: true }] : []),
    ];
  },
  'along the back': (an) => [{ points: along(an, landmarks(an).gillU, an.body.end - 0.015, -0.86) }],
  'along the back, tail first': (an) => [{ points: along(an, an.body.end - 0.02, shoulderU(an) - 0.01, -0.86) }],
  'over the ribs': (an) => {
    const [u0, u1] = cavityU(an);
    return [{ points: along(an, u0, u1, (t) => cavityTop(an, lerp(u0, u1, t)) - 0.1), hidden: true }];
  },
  'tail notch': (an) => [{ points: across(an, an.body.end - 0.02) }],
  'tail off': (an) => [{ points: across(an, an.body.end - 0.012) }],
  'thin tail off': (an) => [{ points: across(an, thinU(an)), opens: true }],
  'head off': (an) => {
    const u = shoulderU(an);
    return [{ points: across(an, u - 0.012, -1, 1, bellyU(an) - u + 0.012), opens: true }];
  },
  'head and guts off': (an) => {
    const u = shoulderU(an) + 0.01;
    const stop = cavityTop(an, u + 0.02) - 0.08;
    return [
      { points: across(an, u, -1, stop, 0.015) },
      // From there it is drawn, not cut: round the guts to the vent.
      {
        points: range(20, (_, t) => {
          const at = lerp(u + 0.015, landmarks(an).ventU + 0.012, t);
          return an.body.at(at, lerp(stop, 1, t ** 3));
        }),
        hidden: true,
        opens: true,
      },
    ];
  },
  'down the backbone': (an) => [
    { points: along(an, shoulderU(an) + 0.01, an.body.end - 0.03, -0.05), hidden: true, opens: true },
  ],
  'belly to the tail': (an) => [{ points: along(an, landmarks(an).ventU + 0.01, an.body.end - 0.03, 0.93) }],
  belly: (an) => {
    const lm = landmarks(an);
    return [{ points: along(an, lm.ventU, Math.max(0.05, lm.gillU - 0.04), 0.985), opens: true }];
  },
  'gut pocket': (an) => {
    const [u0, u1] = cavityU(an);
    return [{ points: along(an, u0 + 0.005, lerp(u0, u1, 0.8), 0.5), opens: true }];
  },
  gills: (an) => {
    const edge = an.gill?.edge;
    if (!edge) return [];
    return [{ points: edge.slice(3, -3).map(([x, y]): Pt => [x - 0.012 * L, y]) }];
  },
  'kidney line': (an) => {
    const [u0, u1] = cavityU(an);
    return [{ points: along(an, u0, u1, (t) => cavityTop(an, lerp(u0, u1, t)) + 0.06), hidden: true, opens: true }];
  },
  fins: (an) => [
    ...an.fins.map((f) => ({ points: finBase(an, f, 0.97), plain: true })),
    ...an.fans.filter((f) => f.name !== 'lure').map((f) => ({ points: fanBase(an, f), plain: true })),
  ],
  'venomous spines': (an) => [
    ...venomousFins(an).map((f) => ({ points: finBase(an, f, 0.94), plain: true })),
    ...an.fans.filter((f) => f.harm === 'venomous').map((f) => ({ points: fanBase(an, f), plain: true })),
    ...(an.gill?.spines ?? [])
      .filter((s) => s.harm === 'venomous')
      .map((s) => ({ points: cross(s.base, 0.014), plain: true })),
    ...(an.barb && an.spec.barb?.harm === 'venomous' ? [{ points: cross(an.barb[0]!, 0.012), plain: true }] : []),
  ],
  'round the spines': (an) =>
    spinedBackFins(an).map((f) => {
      const us = f.rays.map((r) => r.base[0] / L);
      const [u0, u1] = [Math.min(...us) - 0.018, Math.min(Math.max(...us) + 0.018, an.body.end)];
      return { points: along(an, u0, u1, (t) => -1 + 0.42 * Math.sin(Math.PI * t) ** 0.6) };
    }),
  slashes: (an) => {
    const [u0] = cavityU(an);
    const to = lerp(u0, an.body.end, 0.62);
    return range(4, (_, t) => {
      const u = lerp(u0 + 0.03, to, t);
      const low = Math.min(0.15, cavityTop(an, u + 0.035) - 0.1);
      return { points: across(an, u, -0.66, low, 0.035), plain: true };
    });
  },
  steaks: (an, o) => {
    const { from, to } = steakSpan(an);
    const step = clamp(o.steakU ?? (an.body.maxDepth / L) * 0.32, 0.012, 0.4);
    const n = Math.max(0, Math.floor((to - from) / step + 1e-9));
    return range(n + 1, (i) => ({ points: across(an, from + i * step), plain: true, opens: true }));
  },
  'dark line': (an) => {
    const [u0, u1] = [shoulderU(an) + 0.01, an.body.end - 0.04];
    return [-0.12, 0.06].map((v) => ({ points: along(an, u0, u1, v), plain: true, opens: true }));
  },
  'pin bones': (an) => {
    const [u0, u1] = cavityU(an);
    return [{ points: along(an, u1, u0, -0.04), hidden: true }];
  },
  'v-cut': (an) => {
    const [u0, u1] = cavityU(an);
    return [-0.13, 0.03].map((v) => ({ points: along(an, u0, u1, v), plain: true, opens: true }));
  },
  cheek: (an) => {
    const lm = landmarks(an);
    const e = an.eyes[0]!;
    const u = lerp(e.at[0] + e.r, lm.gillU, 0.42);
    return [{ points: ringAt(an.body.at(u, 0.3), clamp((lm.gillU - e.at[0]) * 0.2, 0.012, 0.05) * L), plain: true }];
  },
  throat: (an) => {
    const lm = landmarks(an);
    const u = Math.max(0.05, lm.gillU - 0.09);
    return [
      {
        points: [an.body.at(u, 0.99), an.body.at(lerp(u, lm.gillU, 0.6), 0.74), an.body.at(lm.gillU + 0.02, 0.99)],
        plain: true,
        opens: true,
      },
    ];
  },
  'skin from the tail': (an) => [{ points: along(an, an.body.end - 0.045, shoulderU(an) + 0.03, -0.3), hidden: true }],
  'skin from the head': (an) => [{ points: along(an, shoulderU(an) + 0.015, an.body.end - 0.03, -0.3), hidden: true }],
  'middle line': (an) => [{ points: along(an, shoulderU(an), an.body.end - 0.012, -0.04) }],
  'out to the fin edge': (an) =>
    [-0.86, 0.86].map((v) => ({
      points: along(an, shoulderU(an), an.body.end - 0.02, v),
      hidden: true,
    })),
  'round the fin edge': (an) => [
    { points: along(an, an.body.end - 0.02, shoulderU(an) - 0.01, -0.88) },
    { points: along(an, shoulderU(an), an.body.end - 0.02, 0.88), hidden: true },
  ],
  'free the wing': (an) => {
    const a = landmarks(an).brain[0] / L + 0.005;
    const b = an.spec.discEnd ?? 0.55;
    return [-1, 1].map((s) => ({
      points: range(24, (_, t): Pt => [
        lerp(a, b, t) * L,
        s * L * (lerp(0.078, 0.046, t) + 0.02 * Math.sin(Math.PI * t)),
      ]),
    }));
  },
  'wing skin': (an) => {
    const u = lerp(landmarks(an).brain[0] / L, an.spec.discEnd ?? 0.55, 0.5);
    return [-1, 1].map((s) => ({ points: along(an, u, u, (t) => s * lerp(0.36, 0.82, t)), hidden: true }));
  },
  'arms off': (an) => {
    const eye = an.eyes[0]!;
    const from = an.spec.body.start ?? 0.1;
    return [{ points: across(an, lerp(from, eye.at[0] - eye.r, 0.55)) }];
  },
  beak: (an) => [{ points: ringAt(an.body.at((an.spec.body.start ?? 0.1) + 0.02, 0), 0.012 * L), plain: true }],
  mantle: (an) => {
    const [a, b] = mantle(an);
    return [{ points: along(an, a + 0.01, b - 0.04, 0.9), opens: true }];
  },
  'mantle fins': (an) => an.fins.map((f) => ({ points: finBase(an, f, 0.9) })),
};

/**
 * The strokes of a line of the knife on this figure, in drawing units. Empty where the figure has no such part (no venomous spine).
 * Worked out from the landmarks by rule of the build, so that no species is drawn by hand: about here, not to the millimetre.
 */
export const cutLine = (an: Anatomy, name: CutLineName, options: CutOptions = {}): CutStroke[] =>
  DRAW[name](an, options).filter((s) => s.points.length > 1);
