import { type Anatomy, boundsOf } from './anatomy.ts';
import { mix2, randomFrom, resample, tone } from './maths.ts';
import { PATTERNS, ribbon } from './patterns.ts';
import type { Pen } from './pen.ts';
import { scatter } from './scatter.ts';
import type { FigureSpec, Pt } from './spec.ts';
import { INK, L } from './units.ts';

/** Draws the body: ground, back, belly, pattern and outline. */
export function drawBody(pen: Pen, an: Anatomy): void {
  const { spec, body } = an,
    c = spec.colors,
    { ids } = pen,
    flat = spec.plan === 'flat' || spec.plan === 'ray';
  const b = boundsOf([body.outline], (p) => p);
  pen.raw(
    `<defs><linearGradient id="${ids}g" gradientUnits="userSpaceOnUse" x1="0" y1="${pen.num(b.y0)}" x2="0" y2="${pen.num(b.y1)}">` +
      (flat
        ? `<stop offset="0" stop-color="${tone(c.flank, c.back, 0.35)}"/><stop offset=".5" stop-color="${c.flank}"/><stop offset="1" stop-color="${tone(c.flank, c.back, 0.5)}"/>`
        : `<stop offset=".05" stop-color="${c.back}"/><stop offset=".5" stop-color="${c.flank}"/><stop offset=".92" stop-color="${c.belly}"/>`) +
      `</linearGradient><clipPath id="${ids}c"><path d="${pen.d(body.outline, true)}"/></clipPath></defs>`,
  );
  pen.fill(body.outline, `url(#${ids}g)`);
  pen.raw(`<g clip-path="url(#${ids}c)">`);
  if (!flat) {
    const e = body.end + 0.02;
    for (const v of [-0.72, -0.48, -0.26])
      pen.fill(
        ribbon(
          body,
          -0.01,
          e,
          () => -1.1,
          (t) => v + 0.05 * Math.sin(t * 7 + v * 9),
        ),
        c.back,
        0.3,
      );
    for (const v of [0.5, 0.74])
      pen.fill(
        ribbon(
          body,
          0.02,
          e,
          (t) => v + 0.04 * Math.sin(t * 6 + v * 7),
          () => 1.1,
        ),
        c.belly,
        0.42,
      );
  }
  (spec.pattern ?? []).forEach((p, i) => {
    if (!(pen.detail === 'icon' && p.fine))
      PATTERNS[p.type](pen, body, { ...p, places: an.marks[i] ?? [] }, randomFrom(spec.id + i));
  });
  if (pen.detail !== 'icon' && spec.skin?.scales) drawScales(pen, an, spec.skin.scales);
  if (spec.plan !== 'ray')
    pen.fill(
      ribbon(
        body,
        0,
        body.end + 0.02,
        (t) => 0.84 - 0.06 * Math.sin(t * 3),
        () => 1.1,
      ),
      INK,
      0.12,
    );
  if (!flat)
    for (const k of [1, 0.55])
      pen.fill(
        ribbon(
          body,
          body.end * (0.5 - 0.24 * k),
          body.end * (0.62 + 0.3 * k),
          (t) => -0.4 - 0.1 * k * Math.sin(t * 3.14),
          (t) => -0.4 + 0.06 * k * Math.sin(t * 3.14),
        ),
        '#ffffff',
        0.07,
      );
  else {
    for (const s of [-1, 1])
      pen.fill(
        ribbon(
          body,
          0,
          body.end,
          () => s * 0.86,
          () => s * 1.1,
        ),
        c.back,
        0.3,
      );
    for (const k of [0.5, 0.28])
      pen.fill(
        ribbon(
          body,
          body.end * 0.3,
          body.end * 0.98,
          (t) => -0.14 - k * Math.sin(t * 3.14),
          (t) => -0.14 + k * 0.8 * Math.sin(t * 3.14),
        ),
        '#fff6dc',
        0.07,
      );
  }
  if (pen.detail === 'plate' && !flat) drawHatch(pen, an);
  pen.raw('</g>');
}

/** Short engraver's strokes along the belly, leaning back. */
function drawHatch(pen: Pen, an: Anatomy): void {
  const { body, gill } = an,
    lines: Pt[][] = [];
  for (let u = (gill?.u ?? 0.2) + 0.01, i = 0; u < body.end - 0.02; u += 0.0075, i++)
    lines.push([
      body.at(u, 1),
      body.at(u + 0.006, 0.93 - 0.1 * Math.sin(((u - 0.2) / body.end) * 4) * (0.7 + 0.3 * (i % 3))),
    ]);
  pen.paths(lines, 0.7, INK, 0.28);
}

/** Scale rows that follow the body and shrink toward the tail. size in h. */
function drawScales(pen: Pen, an: Anatomy, sc: NonNullable<NonNullable<FigureSpec['skin']>['scales']>): void {
  const size = Math.max(sc.size, (2.6 * pen.px(1)) / L, pen.detail === 'plate' ? 0 : 0.015);
  const { body, gill } = an,
    rows = Math.max(4, Math.round(body.maxDepth / (size * L))),
    arcs: Pt[][] = [];
  const start = (gill?.u ?? 0.1) + 0.012;
  let col = 0;
  for (let u = start; u < body.end - 0.004;) {
    const k = body.depth(u) / body.maxDepth;
    for (let r = 0; r < rows; r++) {
      const v = -0.94 + (1.84 * (r + (col % 2) / 2)) / rows;
      if (v < (sc.v?.[0] ?? -0.94) || v > (sc.v?.[1] ?? 0.88)) continue;
      const half = 0.92 / rows;
      const a = body.at(u, v - half),
        c = body.at(u, v + half),
        mx = body.at(u + size * 0.42 * (0.4 + 0.6 * k), v);
      arcs.push([a, mix2(mix2(a, mx, 0.75), [mx[0], a[1]], 0.35), mx, mix2(mix2(c, mx, 0.75), [mx[0], c[1]], 0.35), c]);
    }
    u += size * (0.34 + 0.3 * k);
    col++;
  }
  pen.paths(arcs, 0.45, sc.color ?? INK, sc.opacity ?? (pen.detail === 'plate' ? 0.3 : 0.22));
}

/** Draws the lateral line, with its scutes where it has them. */
export function drawLateral(pen: Pen, an: Anatomy): void {
  const { spec, lateral } = an,
    s = spec.lateral;
  if (!lateral || !s || (pen.detail === 'icon' && !s.bold && !s.scutes)) return;
  const w = (pen.detail === 'plate' ? 1.7 : 1) * (s.width ?? 1);
  if (s.underlay) pen.line(lateral, w * 2.4, s.underlay, 0.7);
  pen.line(lateral, w, s.color ?? INK, s.opacity ?? 0.85);
  if (!s.scutes || pen.detail === 'icon') return;
  const marks: Pt[][] = [],
    even = resample(lateral, s.scutes.count);
  for (let i = 1; i < s.scutes.count; i++) {
    const t = i / s.scutes.count,
      p = even[i],
      k = s.scutes.size * L * (0.55 + 0.45 * t) * Math.min(1, 8 * (1 - t));
    marks.push([
      [p[0] - k * 0.3, p[1]],
      [p[0] - k * 0.05, p[1] - k],
      [p[0] + k * 0.42, p[1]],
      [p[0] - k * 0.05, p[1] + k],
    ]);
  }
  for (const q of marks)
    pen.fill(
      q,
      s.scutes.color ?? '#e3dfcb',
      0.9,
      ` stroke="${s.color ?? INK}" stroke-width="${pen.num(pen.px(pen.detail === 'plate' ? 0.9 : 0.6))}"`,
    );
}

/** Draws what stands on the skin: tubercles, thorns, scales. */
export function drawSkin(pen: Pen, an: Anatomy): void {
  const { spec, body } = an,
    sk = spec.skin ?? {},
    rnd = randomFrom(spec.id + 'skin'),
    icon = pen.detail === 'icon';
  if (sk.tubercles && !(icon && sk.tubercles.r[1] < 0.004)) {
    const t = sk.tubercles,
      list = scatter(body, { gap: 2, ...t }, rnd).slice(0, icon ? 10 : undefined);
    pen.dots(
      list.map((o): [Pt, number] => [[o.at[0] + o.r * 0.2, o.at[1] + o.r * 0.25], Math.max(o.r * 1.12, pen.px(0.8))]),
      INK,
      0.7,
    );
    pen.dots(
      list.map((o): [Pt, number] => [o.at, Math.max(o.r * 0.85, pen.px(0.6))]),
      t.color ?? '#d8c8a0',
    );
  }
  for (const [u, v, s] of sk.thorns ?? []) {
    if (icon && s < 0.012) continue;
    const p = body.at(u, v),
      r = Math.max(s * L, pen.px(0.9));
    if (!icon) pen.dots([[p, r * 0.7]], sk.thornBase ?? '#e4d9bb', 0.9);
    pen.ink(
      [p, [p[0] + r * 0.8, p[1] - r * 0.25], [p[0] + r * 1.5, p[1] - r * 0.1]],
      (t) => (icon ? 1.2 : pen.detail === 'plate' ? 3 : 1.7) * (1 - 0.85 * t),
    );
  }
  for (const k of sk.knobs ?? []) pen.dots([[body.at(k[0], k[1]), k[2] * L]], tone(spec.colors.back, INK, 0.35));
  for (const line of an.flaps)
    if (!icon)
      pen.ink(line, (t) => (pen.detail === 'plate' ? 4.5 : 2.4) * (1 - 0.75 * t), tone(spec.colors.flank, INK, 0.45));
}
