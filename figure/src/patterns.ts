import type { Body } from './build-body.ts';
import { lerp, polar, type Random, range, spline } from './maths.ts';
import type { Pen } from './pen.ts';
import type { PatternSpec, Place, Pt } from './spec.ts';
import { L } from './units.ts';

/** A ribbon along the body from u0 to u1, between two heights over it. */
export const ribbon = (
  body: Body,
  u0: number,
  u1: number,
  vA: (t: number) => number,
  vB: (t: number) => number,
  n = 36,
): Pt[] => [
  ...range(n, (_, t) => body.at(lerp(u0, u1, t), vA(t))),
  ...range(n, (_, t) => body.at(lerp(u1, u0, t), vB(1 - t))),
];

/** Irregular closed blob around a point. */
export function blob(c: Pt, r: number, rnd: Random, stretch = 1, rough = 0.35): Pt[] {
  const spin = rnd() * 6.3;
  return spline(
    range(8, (i): Pt => {
      const a = spin + (i * Math.PI) / 4,
        k = r * (1 - rough / 2 + rnd() * rough);
      return [c[0] + Math.cos(a) * k * stretch, c[1] + Math.sin(a) * k];
    }),
    3,
    true,
  );
}

type PatternDrawer = (pen: Pen, body: Body, p: PatternSpec & { places: Place[] }, rnd: Random) => void;
export const PATTERNS: Record<PatternSpec['type'], PatternDrawer> = {
  /** Upright bars: at [u], width h, v [top, bottom], slant h per v, wobble 0..1, point 0..1 (tapering downward). */
  bars(pen, body, p, rnd) {
    for (const u of p.at ?? []) {
      const width = p.width ?? 0.02,
        [v0, v1] = p.v ?? [-1, 1];
      const w = width * (0.85 + rnd() * 0.3),
        n = 9,
        ph = rnd() * 6;
      const side = (t: number, sgn: number): Pt =>
        body.at(
          u +
            (p.slant ?? 0) * t +
            (sgn * w * (1 - (p.point ?? 0.5) * t)) / 2 +
            Math.sin(t * 5 + ph + sgn) * w * (p.wobble ?? 0.12),
          lerp(v0, v1, t),
        );
      pen.fill(
        spline([...range(n, (_, t) => side(t, -1)), ...range(n, (_, t) => side(1 - t, 1))], 2, true),
        p.color,
        p.opacity ?? 0.6,
      );
    }
  },
  /** Lengthwise stripes: at [v], u [from, to], width in v. */
  stripes(pen, body, p) {
    for (const v of p.at ?? []) {
      const fat = (t: number): number => ((p.width ?? 0.1) / 2) * Math.min(1, 6 * t, 5 * (1 - t) + 0.1);
      pen.fill(
        ribbon(
          body,
          p.u?.[0] ?? 0.2,
          p.u?.[1] ?? 0.8,
          (t) => v - fat(t),
          (t) => v + fat(t),
        ),
        p.color,
        p.opacity ?? 0.5,
      );
    }
  },
  /** Wavy bars down the back, like mackerel: count, u, v, amp h, width h. */
  waves(pen, body, p, rnd) {
    const icon = pen.detail === 'icon',
      all = p.count ?? 0,
      count = icon ? Math.round(all * 0.55) : all,
      us = p.u ?? [0.2, 0.8],
      vs = p.v ?? [-1, 0],
      amp = p.amp ?? 0.006;
    for (let i = 0; i < count; i++) {
      const u = lerp(us[0], us[1], (i + 0.2) / count),
        ph = rnd() * 1.2 + i * 0.9,
        reach = lerp(vs[0], vs[1], 0.8 + 0.2 * rnd());
      const mid = range(12, (_, t) => {
        const [x, y] = body.at(u + amp * Math.sin(t * 6.5 + ph) + 0.012 * t, lerp(vs[0], reach, t));
        return [x, y] as Pt;
      });
      const w = ((p.width ?? 0.006) * L * (icon ? 1.5 : 1)) / 2;
      const l = mid.map(([x, y], k): Pt => [x - w * Math.min(1, (12 - k) / 4), y]),
        r = mid.map(([x, y], k): Pt => [x + w * Math.min(1, (12 - k) / 4), y]);
      pen.fill([...spline(l, 3), ...spline(r.reverse(), 3)], p.color, p.opacity ?? 0.9);
    }
  },
  /** Spots: list [[u,v,r]] or count+area+r; halo colour; stretch; rough for uneven edges. */
  spots(pen, body, p, rnd) {
    const icon = pen.detail === 'icon';
    let places = p.places;
    if (icon && !p.list && places.length > 24)
      places = places.filter((_, i) => i % Math.ceil(places.length / 24) === 0).map((o) => ({ ...o, r: o.r * 1.4 }));
    if (p.halo)
      pen.dots(
        places.map((o): [Pt, number] => [o.at, o.r * (p.haloSize ?? 1.75)]),
        p.halo,
        p.haloOpacity ?? 0.75,
      );
    if (icon)
      pen.dots(
        places.map((o): [Pt, number] => [o.at, Math.max(o.r, pen.px(0.9))]),
        p.color,
        p.opacity ?? 0.9,
      );
    else
      pen.fills(
        places.map((o) => blob(o.at, o.r, rnd, p.stretch ?? 1, p.rough ?? 0.25)),
        p.color,
        p.opacity ?? 0.9,
      );
  },
  /** One closed patch through [u,v] points. */
  patch(pen, body, p) {
    pen.fill(
      spline(
        (p.points ?? []).map(([u, v]) => body.at(u, v)),
        6,
        true,
      ),
      p.color,
      p.opacity ?? 0.7,
    );
  },
  /** Cloudy blotches. */
  mottle(pen, body, p, rnd) {
    for (const o of pen.detail === 'icon' ? p.places.slice(0, 12) : p.places)
      pen.fill(blob(o.at, o.r, rnd, p.stretch ?? 1.4, p.rough ?? 0.7), p.color, p.opacity ?? 0.3);
  },
  /** Short wandering lines (vermiculation). */
  worms(pen, body, p, rnd) {
    if (pen.detail === 'icon') return;
    const lists = p.places.map((o) => {
      const a = (p.angle ?? 0) + (rnd() - 0.5) * (p.turn ?? 90);
      const q = polar(o.at, a, o.r * 1.6);
      return spline([polar(o.at, a + 160, o.r * 1.4), o.at, q, polar(q, a + (rnd() - 0.5) * 120, o.r)], 4);
    });
    pen.paths(lists, p.width ?? 1, p.color, p.opacity ?? 0.6);
  },
};
