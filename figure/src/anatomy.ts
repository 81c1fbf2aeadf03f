import { type Body, buildBody } from './build-body.ts';
import { buildFan, buildFinlets, buildMedianFin, buildTail } from './build-fins.ts';
import { buildGill } from './build-gill.ts';
import { bowed, lerp, polar, rad, randomFrom, spline } from './maths.ts';
import { scatter } from './scatter.ts';
import type { FigureSpec, Place, Pt } from './spec.ts';
import { L } from './units.ts';

export type { Ray } from './build-fins.ts';

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

/** An arm as a tapering closed shape; with a club, its end widens again (tentacles). */
function buildArm(body: Body, a: NonNullable<FigureSpec['arms']>[number]): { shape: Pt[] } {
  const root = body.at(a.at[0], a.at[1]);
  const knee = polar(root, a.angle, a.length * L * 0.5);
  const mid = spline([root, knee, polar(knee, a.angle + (a.bend ?? 0), a.length * L * 0.5)], 8);
  const wide = (t: number): number =>
    (a.thick * L * (a.club ? 0.5 + 0.9 * Math.exp(-(((t - 0.9) / 0.08) ** 2)) : 1 - 0.85 * t)) / 2;
  const side = (s: number): Pt[] =>
    mid.map((p, i) => {
      const q = mid[Math.min(mid.length - 1, i + 1)] ?? p,
        o = mid[Math.max(0, i - 1)] ?? p,
        n = Math.hypot(q[0] - o[0], q[1] - o[1]) || 1,
        w = wide(i / (mid.length - 1)) * s;
      return [p[0] - ((q[1] - o[1]) / n) * w, p[1] + ((q[0] - o[0]) / n) * w];
    });
  return { shape: [...side(1), ...side(-1).reverse()] };
}

/** Whole anatomy: every overlay reads from this. */
export type Detail = 'icon' | 'card' | 'plate';
export type Anatomy = ReturnType<typeof buildAnatomy>;
/** Every part of a fish from its figure, in the figure’s own units (a fish is L long). */
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
  const arms = (spec.arms ?? []).map((a) => buildArm(body, a));
  const b = spec.barb;
  const barb = b
    ? bowed(body.at(b.at[0], b.at[1]), polar(body.at(b.at[0], b.at[1]), b.angle ?? -14, b.length * L), 0.06, 6)
    : null;
  const all: Pt[][] = [
    body.outline,
    tail?.shape ?? [],
    ...fins.map((f) => [...f.shape, ...f.rays.map((r) => r.tip)]),
    ...fins.flatMap((f) => f.filaments),
    ...[...fans, ...finlets, ...extras].map((f) => f.shape),
    ...barbels.map((b) => b.line),
    ...freeRays,
    ...flaps,
    ...arms.map((a) => a.shape),
    barb ?? [],
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
    arms,
    barb,
    marks: placeMarks(spec, body, detail === 'icon'),
    all,
  };
}

/** Sideways swimming bend for eels: shifts points across a sine along the body. amp in h. */
export type Warp = (p: Pt) => Pt;
/** How points of a straight fish move when it swims or lies bent. */
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
/** The box around some points after they were bent. */
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
