import type { Anatomy } from './anatomy.ts';
import type { Body } from './build-body.ts';
import { dist, lerp, mix2, range, spline } from './maths.ts';
import type { PatternSpec, Place, Pt } from './spec.ts';
import { L } from './units.ts';

const extreme = (pts: readonly Pt[], sign: number): Pt => pts.reduce((a, b) => (b[0] * sign > a[0] * sign ? b : a));
/** Where a fork measure ends: the drawn margin nearest to the middle of the tail. */
const forkOf = (tail: NonNullable<Anatomy['tail']>): Pt =>
  tail.shape
    .filter((p) => p[0] > tail.forkAt[0] - 0.03 * L)
    .reduce((a, b) => (Math.abs(b[1] - tail.forkAt[1]) < Math.abs(a[1] - tail.forkAt[1]) ? b : a));

/** Named points every overlay uses, all derived from the anatomy. */
export function landmarks(an: Anatomy) {
  const { spec, body, gill, eyes, tail } = an,
    ray = spec.plan === 'ray';
  const upper = eyes.reduce((a, b) => (a.at[1] < b.at[1] ? a : b));
  const eye = body.at(upper.at[0], upper.at[1]);
  const fin = (name: string) => an.fins.find((f) => f.name === name);
  const anal = an.fins.find((f) => f.on === 'anal');
  const pectoral = an.fans.find((f) => f.name === 'pectoral'),
    pelvic = an.fans.find((f) => f.name === 'pelvic');
  const gillU = gill?.u ?? upper.at[0] + 0.12;
  const brainU = ray ? upper.at[0] + 0.055 : lerp(upper.at[0] + upper.r, gillU, 0.36);
  const meanV = eyes.reduce((s, e) => s + e.at[1], 0) / eyes.length;
  const brainY = ray
    ? body.at(brainU, 0)[1]
    : eyes.length > 1
      ? body.at(brainU, meanV - 0.12)[1]
      : lerp(body.at(brainU, upper.at[1])[1], body.topAt(brainU), 0.34);
  return {
    snout: extreme(body.outline, -1),
    tailTip: extreme(tail ? tail.shape : an.all.flat(), 1),
    fork: tail ? forkOf(tail) : null,
    brain: [brainU * L, brainY] as Pt,
    eye,
    gillU,
    vent: spec.vent ? body.at(spec.vent, 1) : anal ? body.edge('anal', anal.from - 0.012) : body.at(0.55, 1),
    ventU: spec.vent ?? (anal ? anal.from - 0.012 : 0.55),
    nape: body.at(gillU - 0.015, -0.97),
    pectoral: pectoral?.centre ?? null,
    pelvic: pelvic?.centre ?? null,
    fin,
  };
}

/** Points that trait leader lines can name. Value: [point, side]. */
export type Side = 'top' | 'bottom';
/** Where each trait of the key sits on a fish. */
export function traitAnchors(an: Anatomy): Record<string, { p: Pt; side: Side }> {
  const { spec, body, tail, gill, eyes, lateral } = an,
    m = body.mouth,
    out: Record<string, { p: Pt; side: Side }> = {};
  const put = (name: string, p: Pt, side?: Side): void => {
    out[name] = { p, side: side ?? (p[1] < (body.topAt(p[0] / L) + body.bottomAt(p[0] / L)) / 2 ? 'top' : 'bottom') };
  };
  for (const f of an.fins) {
    put(f.name, mix2(f.mid.base, f.mid.tip, 0.6), f.on === 'dorsal' ? 'top' : 'bottom');
    if (f.free) put('fringed front rays', mix2(f.rays[f.free >> 1].base, f.rays[f.free >> 1].tip, 0.8), 'top');
  }
  for (const f of an.fans) put(f.name, mix2(f.mid.base, f.mid.tip, 0.6), 'bottom');
  if (tail) put('tail', mix2(tail.forkAt, tail.tips[0], 0.35), 'top');
  if (m) {
    put('mouth', mix2(m.gape, m.corner, 0.55), 'bottom');
    put('jaw', spec.mouth?.jaw === 'upper' ? m.tipUp : m.tipDown, 'bottom');
    put('lips', m.tipUp, 'top');
  }
  put('eye', body.at(eyes[0].at[0], eyes[0].at[1]), 'top');
  if (gill) {
    put('gill cover', gill.edge[Math.floor(gill.edge.length * 0.55)], 'bottom');
    if (gill.spines.length) put('gill spine', gill.spines[0].tip, 'bottom');
  }
  if (lateral) {
    put('lateral line', lateral[Math.floor(lateral.length * 0.3)], 'top');
    put('rear lateral line', lateral[Math.floor(lateral.length * 0.8)], 'top');
  }
  if (lateral && spec.lateral?.scutes) put('scutes', lateral[Math.floor(lateral.length * 0.86)], 'bottom');
  if (an.barbels.length) put(`${spec.mouth?.barbels?.[0]?.name ?? 'chin'} barbel`, an.barbels[0].line[6], 'bottom');
  if (an.finlets.length) put('finlets', an.finlets[2].shape[2], 'top');
  if (an.freeRays.length) put('free rays', an.freeRays[0][8], 'bottom');
  (spec.pattern ?? []).forEach((p, i) => {
    if (p.name) put(p.name, patternAnchor(body, p, an.marks[i]));
  });
  const sk = spec.skin ?? {};
  if (sk.tubercles) put('tubercles', body.at(lerp(sk.tubercles.area[0], sk.tubercles.area[1], 0.6), 0.5));
  if (sk.thorns)
    put(
      'thorns',
      body.at(sk.thorns[Math.floor(sk.thorns.length / 2)][0], sk.thorns[Math.floor(sk.thorns.length / 2)][1]),
      'top',
    );
  if (sk.knobs) put('bony knobs', body.at(sk.knobs[1][0], sk.knobs[1][1]), 'top');
  return out;
}

/** A point on a named pattern: a real spot, the middle of a patch, a bar or a stripe. */
function patternAnchor(body: Body, p: PatternSpec, places: Place[] | null): Pt {
  if (places?.length) {
    const want =
      p.list || !p.area ? places[0].at : body.at(lerp(p.area[0], p.area[1], 0.6), lerp(p.area[2], p.area[3], 0.35));
    return places.reduce((a, b) => (dist(a.at, want) < dist(b.at, want) ? a : b)).at;
  }
  const pts = p.points;
  if (pts)
    return pts
      .map(([u, v]) => body.at(u, v))
      .reduce((s, q): Pt => [s[0] + q[0] / pts.length, s[1] + q[1] / pts.length], [0, 0]);
  const us = p.u ?? [0.2, 0.8],
    vs = p.v ?? [-1, 1];
  if (p.type === 'stripes') return body.at(lerp(us[0], us[1], 0.55), p.at?.[0] ?? 0);
  return body.at(p.at ? p.at[p.at.length >> 1] : lerp(us[0], us[1], 0.45), lerp(vs[0], vs[1], 0.4));
}

/** Where to place the spike and the bleeding cut. */
export function targetsOf(an: Anatomy): { brain: Pt; bleed: Pt[]; hidden: boolean } {
  const { spec, body, gill } = an,
    lm = landmarks(an);
  if (spec.plan === 'ray')
    return {
      brain: lm.brain,
      bleed: range(8, (_, t) => body.at(lm.brain[0] / L + 0.05, lerp(-0.28, 0.28, t))),
      hidden: true,
    };
  if (!gill) return { brain: lm.brain, bleed: [], hidden: true };
  const g = gill.edge,
    lower = g.slice(Math.floor(g.length * 0.52)).map(([x, y]): Pt => [x - 0.014 * L, y]);
  const throat = body.at(Math.max(0.02, gill.u - (gill.throat ?? 0.1) - 0.012), 1.12);
  return { brain: lm.brain, bleed: spline([...lower.filter((_, i) => i % 4 === 0), throat], 4), hidden: false };
}
