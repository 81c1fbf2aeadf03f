import type { Ray } from './anatomy.ts';
import { bowed, dist, mix2, polar, randomFrom, range, spline, tone } from './maths.ts';
import { blob } from './patterns.ts';
import type { Pen } from './pen.ts';
import type { FanSpec, FigureSpec, MedianFinSpec, Pt } from './spec.ts';
import { INK, L } from './units.ts';

interface DrawnFin {
  name?: string | undefined;
  rays: Ray[];
  shape: Pt[];
  margin: Pt[];
  edgeInk: Pt[];
  color?: string | undefined;
  opacity?: number;
  root?: Pt[] | null;
  plain?: boolean | undefined;
  filaments?: Pt[][];
  bands?: MedianFinSpec['bands'];
  patches?: MedianFinSpec['patches'];
  spots?: MedianFinSpec['spots'];
  rim?: FanSpec['rim'];
}

/** Draws one fin: its skin, its marks, its spines and rays. */
export function drawFin(pen: Pen, f: DrawnFin, spec: FigureSpec): void {
  const { detail } = pen,
    icon = detail === 'icon',
    color = f.color ?? spec.colors.fin,
    inkW = icon ? 0.75 : detail === 'card' ? 1.05 : 1.5;
  const id = `${pen.ids}${(f.name ?? 'tail').replace(/\W/g, '')}`,
    frac = (k: number): Pt[] => f.rays.map((r) => mix2(r.base, r.tip, k));
  const marked = f.bands || f.patches || f.spots || f.rim;
  if (icon && !marked) pen.fill(f.shape, color);
  else {
    pen.raw(
      `<clipPath id="${id}"><path id="${id}s" d="${pen.d(f.shape, true)}"/></clipPath><use href="#${id}s" fill="${color}"${(f.opacity ?? 1) < 1 ? ` fill-opacity="${f.opacity}"` : ''}/><g clip-path="url(#${id})">`,
    );
    if (!icon && f.rays.length > 2 && !f.plain) {
      pen.fill([...frac(-0.05), ...frac(0.42).reverse()], tone(color, spec.colors.back, 0.6), 0.32);
      if (f.rays.length > 5 && !f.rim && !f.plain) pen.fill([...frac(0.8), ...frac(1.1).reverse()], '#fffaf0', 0.16);
    }
    if (marked) drawFinMarks(pen, f, spec, frac);
    if (!icon && !f.plain) drawRays(pen, f);
    if (f.rim) pen.line(f.margin, icon ? 2 : f.rim.width * (detail === 'plate' ? 4 : 2), f.rim.color, 0.9);
    pen.raw('</g>');
  }
  pen.ink(f.edgeInk, (t) => inkW * (0.75 + 0.35 * Math.sin(t * 9)));
  if (f.root && !icon) pen.line(f.root, inkW * 0.6, INK, 0.5);
  for (const r of f.rays) {
    if (r.spine) pen.ink(r.line, (t) => (icon ? 0.9 : detail === 'card' ? 1.5 : 2.4) * (1 - 0.7 * t));
    if (r.free && (!icon || f.rays.indexOf(r) % 2 === 0)) drawFringe(pen, r);
  }
  for (const th of f.filaments ?? []) pen.ink(th, (t) => (icon ? 0.7 : 1.3) * (1 - 0.7 * t));
}

/** Soft rays: thin lines, forked toward the margin on plates. */
function drawRays(pen: Pen, f: DrawnFin): void {
  const step = pen.detail === 'card' && f.rays.length > 22 ? 2 : 1,
    at = (r: Ray, k: number): Pt => mix2(r.base, r.tip, k);
  pen.paths(
    f.rays
      .filter((r, i) => !r.spine && !r.free && i % step === 0)
      .map((r) => r.line.slice(0, -1).concat([at(r, 0.95)])),
    0.5,
    INK,
    0.45,
  );
  if (pen.detail === 'plate')
    pen.paths(
      f.rays
        .slice(0, -1)
        .map((r, i): [Pt, Pt] | null =>
          r.spine || r.free ? null : [at(r, 0.55), mix2(at(r, 0.95), at(f.rays[i + 1], 0.95), 0.42)],
        )
        .filter((x): x is [Pt, Pt] => x !== null),
      0.4,
      INK,
      0.3,
    );
}

/** Bands, patches and spots of a fin. Positions: t along the base 0..1, at = share of the ray from base to tip. */
function drawFinMarks(pen: Pen, f: DrawnFin, spec: FigureSpec, frac: (k: number) => Pt[]): void {
  for (const b of f.bands ?? [])
    pen.fill(
      [...spline(frac(b.at - b.width / 2), 3), ...spline(frac(b.at + b.width / 2), 3).reverse()],
      b.color,
      b.opacity ?? 0.8,
    );
  for (const s of f.patches ?? []) {
    const r = f.rays[Math.round(s.t * (f.rays.length - 1))];
    pen.fill(
      blob(mix2(r.base, r.tip, s.at), s.r * L, randomFrom((f.name ?? '') + s.t), s.stretch ?? 1, 0.3),
      s.color,
      s.opacity ?? 0.85,
    );
  }
  const dots = f.spots;
  if (!dots) return;
  const rnd = randomFrom(spec.id + (f.name ?? 'tail')),
    count = pen.detail === 'icon' ? dots.count / 2 : dots.count;
  pen.dots(
    range(Math.round(count), (i): [Pt, number] => {
      const r = f.rays[Math.floor((0.04 + (0.92 * (i + 0.8 * rnd())) / count) * f.rays.length)];
      return [mix2(r.base, r.tip, 0.2 + 0.62 * ((i * 0.618 + 0.25 * rnd()) % 1)), dots.r * L * (0.7 + 0.6 * rnd())];
    }),
    dots.color,
    dots.opacity ?? 0.8,
  );
}

/** A free, branched front ray (brill). */
function drawFringe(pen: Pen, r: Ray): void {
  const k = pen.detail === 'plate' ? 1.5 : 1,
    l = dist(r.base, r.tip),
    at = (t: number): Pt => mix2(r.base, r.tip, t),
    dark = tone(pen.skin, INK, 0.72);
  pen.ink(bowed(at(0.3), r.tip, -0.1, 6), (t) => k * (0.45 + 0.75 * Math.sin(2.6 * t)), dark);
  if (pen.detail === 'icon') return;
  for (const [from, turn, len] of [
    [0.58, 22, 0.4],
    [0.74, -24, 0.24],
  ])
    pen.ink(
      bowed(at(from), polar(at(from), r.angle + turn, l * len), -Math.sign(turn) * 0.12, 4),
      (t) => k * 0.8 * (1 - 0.6 * t),
      dark,
    );
}
