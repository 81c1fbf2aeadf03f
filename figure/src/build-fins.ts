import type { Body } from './build-body.ts';
import { bowed, clamp, lerp, mix2, polar, profile, range, soften, spline } from './maths.ts';
import type { FanSpec, FigureSpec, MedianFinSpec, Pt, TailSpec } from './spec.ts';
import { L } from './units.ts';

/** A median fin standing on the dorsal or ventral outline. Returns rays, closed shape and distal margin. */
export interface Ray {
  base: Pt;
  tip: Pt;
  root?: Pt;
  angle: number;
  t: number;
  spine: boolean;
  free: boolean;
  line: Pt[];
}
/** A fin of the back or the belly with its spines and rays. */
export function buildMedianFin(body: Body, f: MedianFinSpec) {
  const dir = f.on === 'dorsal' ? -1 : 1;
  const spines = f.spines ?? 0,
    n = spines + (f.soft ?? 0);
  const [lean0, lean1] = f.lean ?? [20, 45];
  const rays = range(n, (i, t) => {
    const u = lerp(f.from, f.to, t),
      d = 0.006;
    const base = body.edge(f.on, u);
    const a = body.edge(f.on, u - d),
      b = body.edge(f.on, u + d);
    const slope = (Math.atan2(b[1] - a[1], b[0] - a[0]) * 180) / Math.PI;
    const lean = lerp(lean0, lean1, t);
    const angle = slope * (f.follow ?? 0.6) + dir * (90 - lean);
    const h = Math.max(0.002, profile(f.height, t)) * L;
    const tip = polar(base, angle, h);
    const root = polar(base, angle, -Math.min(14, body.depth(u) * 0.2));
    const spine = i < spines;
    return {
      u,
      t,
      base,
      tip,
      root,
      angle,
      spine,
      free: i < (f.free ?? 0),
      line: bowed(base, tip, (spine ? 0.02 : (f.bow ?? 0.07)) * -dir, 6),
    };
  });
  const stiff: Pt[] = [],
    last = rays[n - 1],
    firstSoft = rays.findIndex((r) => !r.spine && !r.free);
  rays.forEach((r, i) => {
    if (r.free) stiff.push(mix2(r.base, r.tip, 0.42));
    if (!r.spine) return;
    const notch = f.notch ?? 0.22;
    if (i > 0 && notch) stiff.push(...bowed(rays[i - 1].tip, mix2(r.base, r.tip, 1 - notch), 0.12 * dir, 4).slice(1));
    stiff.push(r.tip);
  });
  const back = bowed(last.tip, last.base, 0.1 * -dir, 5);
  const tips =
    firstSoft < 0
      ? []
      : spline(
          rays.slice(firstSoft).map((r) => r.tip),
          4,
        );
  const front: Pt[] = rays[0].free ? [rays[0].base] : rays[0].spine ? rays[0].line : [];
  const lead = firstSoft === 0 ? rays[0].line : stiff.slice(-1);
  const passes = f.round ?? 7;
  const soft = firstSoft < 0 ? back : soften([...lead, ...tips, ...back], passes, clamp((f.to - f.from) * 40, 3, 7));
  const edgeInk = [...front, ...stiff, ...soft];
  const shape = [
    ...edgeInk,
    ...rays
      .slice()
      .reverse()
      .map((r) => r.root),
  ];
  const margin =
    firstSoft < 0
      ? stiff
      : [
          ...stiff,
          ...soft.slice(Math.floor(soft.length * (firstSoft === 0 ? 0.08 : 0)), Math.floor(soft.length * 0.92)),
        ];
  const filaments = f.filament
    ? rays
        .filter((r) => r.spine)
        .map((r) => filament(r, (f.filament ?? 0) * L * (0.55 + 0.45 * Math.sin(r.t * 3)), dir))
    : [];
  return { ...f, rays, shape, margin, edgeInk, filaments, mid: rays[Math.floor(n / 2)] };
}

/** Thread streaming back from a spine tip. */
function filament(ray: { tip: Pt; base: Pt; angle: number }, length: number, dir: number): Pt[] {
  const a = ray.tip,
    b = polar(a, ray.angle * 0.55, length * 0.55),
    c = polar(b, ray.angle * 0.18 + 6 * dir, length * 0.5);
  return spline([mix2(ray.base, a, 0.8), a, b, c], 6);
}

/** A paired fin: a fan of rays from a short base. angle 0 = straight back, 90 = down. */
export function buildFan(body: Body, f: FanSpec) {
  const centre = body.at(f.at[0], f.at[1]);
  const width = (f.base ?? 0.03) * L,
    n = f.rays ?? 12,
    spread = f.spread ?? 40;
  const rays = range(n, (i, t) => {
    const a = f.angle + lerp(-spread / 2, spread / 2, t);
    const base = polar(centre, f.angle + 90, lerp(-width / 2, width / 2, t));
    const tip = polar(
      base,
      a,
      profile(
        f.shape ?? [
          [0, 0.93],
          [0.2, 1],
          [0.6, 0.82],
          [1, 0.44],
        ],
        t,
      ) *
        f.length *
        L,
    );
    return {
      t,
      base,
      tip,
      angle: a,
      spine: i === n - 1 && f.spine === true,
      free: false,
      line: bowed(base, tip, lerp(1, -1, t) * (f.bow ?? 0.08), 6),
    };
  });
  const margin = spline(
    rays.map((r) => r.tip),
    4,
  );
  const edge = soften(
    [...rays[0].line, ...margin, ...rays[n - 1].line.slice().reverse()],
    f.round ?? 5,
    clamp(f.length * 45, 3, 6),
  );
  const root = bowed(rays[n - 1].base, rays[0].base, 0.3, 6).slice(1);
  return {
    ...f,
    rays,
    margin: soften(margin, 2, 5),
    shape: [...edge, ...root],
    edgeInk: edge,
    root: f.behind ? null : root,
    opacity: f.opacity ?? (f.behind ? 1 : 0.92),
    centre,
    mid: rays[Math.floor(n * 0.4)],
  };
}

const TAILS: Record<string, { fork: number; round: number; power: number; bow: number }> = {
  // fork, round: fractions of tail length; power: sharpness of the notch; bow: swing of the lobes
  forked: { fork: 0.5, round: 0, power: 1.05, bow: 0.1 },
  lunate: { fork: 0.62, round: 0, power: 1.5, bow: 0.16 },
  emarginate: { fork: 0.16, round: 0, power: 1.5, bow: 0.05 },
  truncate: { fork: 0.03, round: 0.03, power: 2, bow: 0.03 },
  rounded: { fork: 0, round: 0.3, power: 2, bow: 0.05 },
};

/** Caudal fin: a fan of rays between the peduncle and a trailing edge computed from the shape name. */
export function buildTail(body: Body, tail: TailSpec | undefined) {
  if (!tail || tail.shape === 'none') return null;
  if (tail.shape === 'lopsided') return buildLopsidedTail(body, tail);
  const p = { ...TAILS[tail.shape], ...tail };
  const x0 = body.end * L,
    len = L - x0,
    y0 = body.topAt(body.end),
    y1 = body.bottomAt(body.end),
    yc = (y0 + y1) / 2;
  const trail = (s: number): number => L - len * (p.fork * (1 - Math.abs(s) ** p.power) + p.round * Math.abs(s) ** 2.4);
  const n = tail.rays ?? 17;
  const rays = range(n, (_, t) => {
    const s = t * 2 - 1,
      base: Pt = [x0 - 4, lerp(y0, y1, t)];
    const tip: Pt = [trail(s), yc + (s * (p.span ?? 0.2) * L) / 2];
    return { t, s, base, tip, angle: 0, spine: false, free: false, line: bowed(base, tip, -s * p.bow, 7) };
  });
  const margin = spline(
    range(25, (_, t): Pt => {
      const s = t * 2 - 1,
        across = p.round > 0.1 ? (Math.sin((s * Math.PI) / 2) + s) / 2 : s; // rounded tails pull their corners in
      return [trail(s), yc + (across * (p.span ?? 0.2) * L) / 2];
    }),
    2,
  );
  const shape = soften([...rays[0].line, ...margin, ...rays[n - 1].line.slice().reverse()], p.soften ?? 2, 6);
  const forkX = Math.min(trail(0), L);
  return {
    ...p,
    rays,
    margin,
    shape,
    edgeInk: shape,
    forkAt: [forkX, yc] as Pt,
    tips: [rays[0].tip, rays[n - 1].tip] as [Pt, Pt],
    mid: { tip: margin[6], base: [x0, yc] as Pt },
  };
}

/** A shark's tail: the backbone runs up into the long upper lobe. `span` is the height of both lobes, `lower` the reach of the lower one. */
function buildLopsidedTail(body: Body, tail: TailSpec) {
  const x0 = body.end * L,
    len = L - x0,
    y0 = body.topAt(body.end),
    y1 = body.bottomAt(body.end),
    yc = (y0 + y1) / 2,
    span = (tail.span ?? 0.2) * L,
    lower = tail.lower ?? 0.45;
  const tip: Pt = [L, yc - span * 0.62];
  const low: Pt = [x0 + len * lower, yc + span * 0.38];
  const notch: Pt[] = tail.notch
    ? [
        [L - len * 0.06, yc - span * 0.42],
        [L - len * 0.24, yc - span * 0.34],
        [L - len * 0.3, yc - span * 0.4],
      ]
    : [[L - len * 0.12, yc - span * 0.44]];
  const fork: Pt = [x0 + len * 0.42, yc - span * 0.06];
  const edge = soften(
    [
      ...bowed([x0 - 4, y0], tip, -0.06, 8),
      ...notch,
      ...bowed(notch.at(-1) ?? tip, fork, 0.1, 6).slice(1),
      ...bowed(fork, low, 0.14, 6).slice(1),
      ...bowed(low, [x0 - 4, y1], 0.1, 6).slice(1),
    ],
    2,
    6,
  );
  const rays = range(9, (_, t) => {
    const base: Pt = [x0 - 4, lerp(y0, y1, t)];
    const end = t < 0.5 ? mix2(tip, fork, t * 2) : mix2(fork, low, (t - 0.5) * 2);
    return { t, s: t * 2 - 1, base, tip: end, angle: 0, spine: false, free: false, line: bowed(base, end, 0, 4) };
  });
  return {
    ...tail,
    fork: 0.5,
    round: 0,
    power: 1,
    bow: 0,
    plain: true,
    rays,
    margin: [tip, ...notch, fork, low],
    shape: edge,
    edgeInk: edge,
    forkAt: fork,
    tips: [tip, low] as [Pt, Pt],
    mid: { tip, base: [x0, yc] as Pt },
  };
}

/** Row of finlets behind the second dorsal or the anal fin. */
export function buildFinlets(body: Body, rows: FigureSpec['finlets']) {
  return (rows ?? []).flatMap((r) =>
    range(r.count, (_, t) => {
      const u = lerp(r.from, r.to, t),
        dir = r.on === 'dorsal' ? -1 : 1,
        s = r.size * L;
      const a = body.edge(r.on, u),
        b = body.edge(r.on, u + r.size * 0.8);
      return {
        on: r.on,
        shape: <Pt[]>[
          [a[0], a[1] - dir * 3],
          [a[0] + s * 0.7, a[1] + dir * s * 0.42],
          [a[0] + s * 1.55, a[1] + dir * s * 0.5],
          [a[0] + s * 1.05, a[1] + dir * s * 0.12],
          [b[0] + s * 0.1, b[1] - dir * 2],
        ],
      };
    }),
  );
}
