import type { Body } from './build-body.ts';
import { lerp, polar, range, spline } from './maths.ts';
import type { EyeSpec, GillSpec, Pt } from './spec.ts';
import { L } from './units.ts';

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
  const slits = g.slits
    ? range(g.slits.count, (i): Pt[] => {
        const u = g.u - ((g.slits?.count ?? 1) - 1 - i) * (g.slits?.gap ?? 0.01);
        const [v0, v1] = g.slits?.v ?? [-0.2, 0.5];
        return spline([body.at(u, v0), body.at(u + 0.004, lerp(v0, v1, 0.5)), body.at(u - 0.002, v1)], 5);
      })
    : [];
  return { ...g, edge, pre, spines, slits };
}
