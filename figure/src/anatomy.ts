import { bowed, clamp, lerp, mix2, polar, profile, rad, randomFrom, range, soften, spline } from './maths.ts';
import { scatter } from './scatter.ts';
import type { EyeSpec, FanSpec, FigureSpec, GillSpec, MedianFinSpec, Place, Pt, TailSpec } from './spec.ts';
import { L } from './units.ts';

/** Body outline, mouth opening and the (u,v) lookup. */
export type Body = ReturnType<typeof buildBody>;
export function buildBody(spec: FigureSpec) {
  const up = spec.body.dorsal.map(([u, h]): Pt => [u * L, -h * L]);
  const down = spec.body.ventral.map(([u, h]): Pt => [u * L, h * L]);
  const m = spec.mouth;
  let top: Pt[],
    bottom: Pt[],
    mouth: { gape: Pt; corner: Pt; tipUp: Pt; tipDown: Pt; line: Pt[] } | null = null;
  if (m) {
    const by = (m.by ?? 0) * L,
      lip = (m.lip ?? 0.008) * L,
      y = (m.y ?? 0) * L;
    const upperX = m.jaw === 'lower' ? by : 0,
      lowerX = m.jaw === 'upper' ? by : 0;
    const gape: Pt = [Math.max(upperX, lowerX) + lip * 0.3, y];
    const tipUp: Pt = [upperX, y - lip * 0.7],
      tipDown: Pt = [lowerX, y + lip * 0.7];
    top = spline([gape, tipUp, ...up], 10);
    bottom = spline([gape, tipDown, ...down], 10);
    const corner = polar(gape, m.angle ?? 15, m.length * L);
    mouth = { gape, corner, tipUp, tipDown, line: bowed(gape, corner, m.bow ?? 0.08, 10) };
  } else {
    top = spline([[0, (spec.body.snoutY ?? 0) * L], ...up], 10);
    bottom = spline([[0, (spec.body.snoutY ?? 0) * L], ...down], 10);
  }
  const end = up[up.length - 1][0] / L;
  const yOn = (line: Pt[]) => {
    let k = 0;
    for (let i = 0; i < line.length; i++) if (line[i][0] < line[k][0]) k = i;
    const rising = line.slice(k),
      table: number[] = [];
    for (let i = 0, j = 1; i <= 800; i++) {
      // y at 801 even steps of u up to the end of the body
      const x = (i / 800) * end * L;
      while (j < rising.length - 1 && rising[j][0] < x) j++;
      const [p, q] = [rising[j - 1], rising[j]];
      table.push(lerp(p[1], q[1], clamp((x - p[0]) / (q[0] - p[0] || 1), 0, 1)));
    }
    return (u: number): number => {
      const f = clamp((u / end) * 800, 0, 800),
        i = Math.min(799, Math.floor(f));
      return lerp(table[i], table[i + 1], f - i);
    };
  };
  const topAt = yOn(top),
    bottomAt = yOn(bottom);
  const at = (u: number, v: number): Pt => [u * L, lerp(topAt(u), bottomAt(u), (v + 1) / 2)];
  const depth = (u: number): number => bottomAt(u) - topAt(u);
  const edge = (side: 'dorsal' | 'anal', u: number): Pt => [u * L, side === 'dorsal' ? topAt(u) : bottomAt(u)];
  const cap = bowed(
    top[top.length - 1],
    bottom[bottom.length - 1],
    spec.tail && spec.tail.shape !== 'none' ? 0.22 : 0,
    8,
  );
  const outline = [...top, ...cap.slice(1, -1), ...bottom.slice().reverse()];
  const inkLine = [...top.slice().reverse(), ...bottom.slice(1)];
  const maxDepth = Math.max(...range(40, (_, t) => depth(t * end)));
  return { top, bottom, outline, inkLine, mouth, end, at, depth, edge, topAt, bottomAt, maxDepth };
}

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

/** Hind edge of the gill cover, top to throat, and the preopercle in front of it. */
export function buildGill(body: Body, g: GillSpec | undefined, eye: EyeSpec) {
  if (!g) return null;
  const top = g.top ?? -0.32,
    throat = g.throat ?? 0.1,
    mid = g.mid ?? 0.12,
    low = g.low ?? 0.97;
  const edge = spline(
    [
      body.at(g.u - 0.035, top),
      body.at(g.u - 0.006, lerp(top, mid, 0.55)),
      body.at(g.u, mid),
      body.at(g.u - throat * 0.28, lerp(mid, low, 0.6)),
      body.at(g.u - throat, low),
    ],
    7,
  );
  const pu = lerp(eye.at[0] + eye.r, g.u, 0.42);
  const pre = spline(
    [
      body.at(pu - 0.004, top + 0.12),
      body.at(pu, 0.22),
      body.at(pu - 0.008, 0.52),
      body.at(pu - throat * 0.45, 0.72),
      body.at(pu - throat * 0.9, 0.74),
    ],
    6,
  );
  const spines = (g.spines ?? []).map((s) => {
    const a = body.at(s.at[0], s.at[1]);
    return { ...s, base: a, tip: polar(a, s.angle ?? 0, s.length * L) };
  });
  return { ...g, edge, pre, spines };
}

/** Places of all scattered spots and blotches, worked out once so that drawing and leader lines agree. */
export function placeMarks(spec: FigureSpec, body: Body, icon: boolean): (Place[] | null)[] {
  const taken: Place[] = [];
  return (spec.pattern ?? []).map((p, i) => {
    if (p.list) return p.list.map(([u, v, r]): Place => ({ at: body.at(u, v), r: r * L }));
    if (!p.area || (icon && p.fine)) return null;
    const places = scatter(
      body,
      { ...p, area: p.area, count: p.count ?? 0, r: p.r ?? [0.005, 0.01] },
      randomFrom(spec.id + p.type + i),
      p.apart ? taken : [],
    );
    if (p.apart) taken.push(...places);
    return places;
  });
}

/** Whole anatomy: every overlay reads from this. */
export type Detail = 'icon' | 'card' | 'plate';
export type Anatomy = ReturnType<typeof buildAnatomy>;
export function buildAnatomy(spec: FigureSpec, detail: Detail = 'plate') {
  const body = buildBody(spec);
  const eyes = spec.eyes ?? (spec.eye ? [spec.eye] : []);
  const fins = (spec.fins ?? []).map((f) => buildMedianFin(body, f));
  const fans = Object.entries(spec.paired ?? {}).map(([name, f]) => ({ name, ...buildFan(body, f) }));
  const tail = buildTail(body, spec.tail);
  const finlets = buildFinlets(body, spec.finlets);
  const gill = buildGill(body, spec.gill, eyes[0]);
  const lateral = spec.lateral
    ? spline(
        spec.lateral.path.map(([u, v]) => body.at(u, v)),
        10,
      )
    : null;
  const barbels = (spec.mouth?.barbels ?? []).map((b) => {
    const root = body.at(b.at[0], b.at[1]);
    return { ...b, line: bowed(root, polar(root, b.angle ?? 110, b.length * L), b.bow ?? 0.15, 8) };
  });
  const freeRays = (spec.freeRays ?? []).map((r) => {
    const root = body.at(r.at[0], r.at[1]),
      knee = polar(root, r.angle, r.length * L * 0.5);
    return spline([root, knee, polar(knee, r.angle - 38, r.length * L * 0.5)], 6);
  });
  const extras = (spec.lobes ?? []).map((o) => ({
    ...o,
    shape: spline(
      o.points.map(([u, h]): Pt => [u * L, h * L]),
      6,
      true,
    ),
  }));
  const flaps = (spec.skin?.flaps ?? []).map((o) =>
    bowed(body.at(o.at[0], o.at[1]), polar(body.at(o.at[0], o.at[1]), o.angle, o.length * L), 0.18, 5),
  );
  const all: Pt[][] = [
    body.outline,
    tail?.shape ?? [],
    ...fins.map((f) => [...f.shape, ...f.rays.map((r) => r.tip)]),
    ...fins.flatMap((f) => f.filaments),
    ...[...fans, ...finlets, ...extras].map((f) => f.shape),
    ...barbels.map((b) => b.line),
    ...freeRays,
    ...flaps,
  ];
  return {
    spec,
    body,
    eyes,
    fins,
    fans,
    tail,
    finlets,
    gill,
    lateral,
    barbels,
    freeRays,
    extras,
    flaps,
    marks: placeMarks(spec, body, detail === 'icon'),
    all,
  };
}

/** Sideways swimming bend for eels: shifts points across a sine along the body. amp in h. */
export type Warp = (p: Pt) => Pt;
export function bender(bend: FigureSpec['body']['bend']): Warp {
  if (!bend) return (p) => p;
  return ([x, y]) => {
    const k = x / L,
      a = rad(360 * bend.waves * k + (bend.phase ?? 0));
    const grow = lerp(bend.head ?? 0.25, 1, k);
    const slope = bend.amp * grow * Math.cos(a) * 2 * Math.PI * bend.waves;
    const n = Math.hypot(1, slope);
    return [x - (y * slope) / n, bend.amp * grow * L * Math.sin(a) + y / n];
  };
}

export interface Bounds {
  x0: number;
  y0: number;
  x1: number;
  y1: number;
}
export function boundsOf(lists: readonly (readonly Pt[])[], warp: Warp): Bounds {
  const b = { x0: Infinity, y0: Infinity, x1: -Infinity, y1: -Infinity };
  for (const list of lists)
    for (const raw of list) {
      const [x, y] = warp(raw);
      b.x0 = Math.min(b.x0, x);
      b.x1 = Math.max(b.x1, x);
      b.y0 = Math.min(b.y0, y);
      b.y1 = Math.max(b.y1, y);
    }
  return b;
}
