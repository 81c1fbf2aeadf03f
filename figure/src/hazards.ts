import type { Anatomy } from './anatomy.ts';
import { dist, mix2, polar } from './maths.ts';
import type { Side } from './landmarks.ts';
import type { FigureSpec, Pt } from './spec.ts';
import { L } from './units.ts';

/** A part of this fish that can hurt, with the lines to mark on the drawing. */
export interface HazardMark {
  kind: 'venomous' | 'sharp' | 'bite' | 'toxin' | 'electric';
  label: string;
  lines: Pt[][];
  p: Pt;
  side: Side;
}

/** Parts about which the spec must speak and does not. Empty when it says harmless, sharp or venomous of each. */
export function silentParts(spec: FigureSpec): string[] {
  const silent: string[] = [];
  for (const f of spec.fins ?? []) if ((f.spines ?? 0) > 0 && !f.harm) silent.push(`fin "${f.name}"`);
  for (const [name, f] of Object.entries(spec.paired ?? {})) if (f.spine && !f.harm) silent.push(`${name} fin`);
  if (spec.gill && !spec.gill.harm) silent.push('gill cover');
  for (const s of spec.gill?.spines ?? []) if (!s.harm) silent.push('gill-cover spine');
  if (spec.mouth && !spec.mouth.harm) silent.push('mouth');
  if ((spec.plan === 'ray' || spec.plan === 'shark') && !spec.mouth) silent.push('mouth');
  if (spec.barb && !spec.barb.harm) silent.push(spec.barb.name ?? 'tail barb');
  return silent;
}

/** Hazards found in the drawn parts. */
export function hazardsOf(an: Anatomy): HazardMark[] {
  const { spec, body, gill } = an;
  const list: HazardMark[] = [];
  for (const f of [...an.fins, ...an.fans]) {
    const spines = f.rays.filter((r) => r.spine);
    if (!spines.length || !f.harm || f.harm === 'harmless') continue;
    const tallest = spines.reduce((a, b) => (dist(b.base, b.tip) > dist(a.base, a.tip) ? b : a));
    const side = 'on' in f && f.on === 'dorsal' ? 'top' : 'bottom';
    list.push({
      kind: f.harm,
      label: /spines$/.test(f.name) ? f.name : `${f.name} spines`,
      lines: spines.map((r) => r.line),
      p: tallest.tip,
      side,
    });
  }
  const bad = (gill?.spines ?? []).filter((s) => s.harm !== 'harmless');
  if (gill && bad[0])
    list.push({
      kind: bad.some((s) => s.harm === 'venomous') ? 'venomous' : 'sharp',
      label: 'gill-cover spine',
      lines: bad.map((s) => [s.base, s.tip]),
      p: bad[0].tip,
      side: gill.harm === 'sharp' ? 'top' : 'bottom',
    });
  if (gill?.harm === 'sharp')
    list.push({
      kind: 'sharp',
      label: 'gill plate',
      lines: [gill.edge.slice(6, -5)],
      p: gill.edge[Math.floor(gill.edge.length * 0.66)],
      side: 'bottom',
    });
  if (spec.mouth?.under?.hidden && spec.mouth.harm !== 'harmless')
    list.push({
      kind: 'bite',
      label: spec.plan === 'squid' ? 'beak' : 'mouth below',
      lines: [],
      p: body.at(spec.body.start ?? 0.08, 0),
      side: 'bottom',
    });
  if (body.mouth && spec.mouth && spec.mouth.harm !== 'harmless')
    list.push({
      kind: 'bite',
      label: spec.mouth.beak ? 'beak' : 'teeth',
      lines: [body.mouth.line],
      p: mix2(body.mouth.gape, body.mouth.corner, 0.4),
      side: 'bottom',
    });
  if (an.lateral && spec.lateral?.scutes)
    list.push({
      kind: 'sharp',
      label: 'scutes',
      lines: [an.lateral.slice(Math.floor(an.lateral.length * 0.62))],
      p: an.lateral[Math.floor(an.lateral.length * 0.85)],
      side: 'top',
    });
  const head = spec.headSpines ?? [];
  if (head[0])
    list.push({
      kind: 'sharp',
      label: 'head spines',
      lines: head.map((s) => {
        const a = body.at(s.at[0], s.at[1]);
        return [a, polar(a, s.angle, s.length * L)];
      }),
      p: body.at(head[0].at[0], head[0].at[1]),
      side: 'top',
    });
  const thorns = (spec.skin?.thorns ?? []).filter((q) => q[2] >= 0.01);
  if (thorns.length) {
    const mid = thorns[Math.floor(thorns.length * 0.7)];
    list.push({
      kind: 'sharp',
      label: 'thorns',
      lines: thorns.map(([u, v, s]): Pt[] => {
        const p = body.at(u, v);
        return [p, [p[0] + s * L * 1.5, p[1]]];
      }),
      p: body.at(mid[0], mid[1]),
      side: 'top',
    });
  }
  if (an.barb && spec.barb && spec.barb.harm !== 'harmless')
    list.push({
      kind: spec.barb.harm,
      label: spec.barb.name ?? 'tail barb',
      lines: [an.barb],
      p: an.barb.at(-1) ?? an.barb[0],
      side: 'top',
    });
  const organs = an.extras.filter((o) => o.name === 'electric organ');
  if (organs[0])
    list.push({
      kind: 'electric',
      label: 'electric organ',
      lines: organs.map((o) => o.shape),
      p: organs[0].shape[0] ?? body.at(0.2, 0),
      side: 'top',
    });
  if (spec.toxin) list.push({ kind: 'toxin', label: spec.toxin, lines: [], p: body.at(0.45, 0.3), side: 'bottom' });
  return list;
}
