import { type Anatomy, type Body, boundsOf, type Ray } from './anatomy.ts';
import { bowed, clamp, dist, lerp, mix2, polar, randomFrom, range, resample, spline, tone } from './maths.ts';
import { blob, PATTERNS, ribbon } from './patterns.ts';
import type { Pen } from './pen.ts';
import { scatter } from './scatter.ts';
import type { EyeSpec, FanSpec, FigureSpec, MedianFinSpec, Pt } from './spec.ts';
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
  filaments?: Pt[][];
  bands?: MedianFinSpec['bands'];
  patches?: MedianFinSpec['patches'];
  spots?: MedianFinSpec['spots'];
  rim?: FanSpec['rim'];
}
function drawFin(pen: Pen, f: DrawnFin, spec: FigureSpec): void {
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
    if (!icon && f.rays.length > 2) {
      pen.fill([...frac(-0.05), ...frac(0.42).reverse()], tone(color, spec.colors.back, 0.6), 0.32);
      if (f.rays.length > 5 && !f.rim) pen.fill([...frac(0.8), ...frac(1.1).reverse()], '#fffaf0', 0.16);
    }
    if (marked) drawFinMarks(pen, f, spec, frac);
    if (!icon) drawRays(pen, f);
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

function drawBody(pen: Pen, an: Anatomy): void {
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

function drawHead(pen: Pen, an: Anatomy): void {
  const { spec, body, gill, eyes } = an,
    { detail } = pen,
    icon = detail === 'icon',
    m = body.mouth;
  const w = icon ? 0.8 : detail === 'card' ? 1.1 : 1.7;
  if (gill) {
    if (!icon) {
      pen.fill([...gill.edge, ...gill.pre.slice().reverse()], '#ffffff', spec.plan === 'flat' ? 0.05 : 0.1);
      if (gill.preopercle !== false) pen.ink(gill.pre, w * 0.55);
      if (detail === 'plate')
        pen.paths(
          [0.5, 0.75].map((k) => gill.edge.slice(16).map((p, i): Pt => [p[0] - k * 22 - i * 0.6, p[1] - k * 7])),
          0.6,
          INK,
          0.45,
        );
      pen.line(
        gill.edge.slice(2, -2).map(([x, y]): Pt => [x + 5, y]),
        1.6,
        INK,
        0.14,
      );
    }
    pen.ink(gill.edge, (t) => w * (0.45 + 0.9 * Math.sin(Math.PI * clamp(t + 0.05, 0, 1))));
    for (const s of gill.spines)
      pen.ink(
        [s.base, mix2(s.base, s.tip, 0.5), s.tip],
        (t) => (icon ? 1.2 : detail === 'card' ? 2.4 : 4) * (1 - 0.85 * t),
      );
    if (gill.ridges && !icon)
      pen.paths(
        gill.ridges.map((r) =>
          spline(
            r.map(([u, v]) => body.at(u, v)),
            5,
          ),
        ),
        w * 0.6,
        INK,
        0.75,
      );
  }
  if (m) drawMouth(pen, an, w);
  for (const s of spec.headSpines ?? []) {
    const a = body.at(s.at[0], s.at[1]);
    pen.ink(
      [a, mix2(a, polar(a, s.angle, s.length * L), 0.5), polar(a, s.angle, s.length * L)],
      (t) => (icon ? 1 : 2.2) * (1 - 0.8 * t),
    );
  }
  for (const e of eyes) e.top ? drawTopEye(pen, body, e) : drawEye(pen, body, e);
  if (!icon && spec.nostril !== false && m) {
    const p = eyes[0],
      a = body.at(p.at[0] - p.r * 1.9, p.at[1] - 0.12),
      b = body.at(p.at[0] - p.r * 1.5, p.at[1] - 0.16);
    pen.dots(
      [
        [a, pen.px(0.9)],
        [b, pen.px(0.7)],
      ],
      INK,
      0.8,
    );
  }
}

function drawMouth(pen: Pen, an: Anatomy, w: number): void {
  const { spec, body } = an,
    m = body.mouth,
    s = spec.mouth;
  if (!m || !s) return;
  const icon = pen.detail === 'icon';
  if (s.maxilla && !icon) {
    const start: Pt = mix2(m.gape, m.corner, 0.1),
      tip = polar(m.corner, (s.angle ?? 15) + 12, s.length * L * 0.18);
    const up = bowed([start[0], start[1] - s.length * L * 0.1], tip, 0.14, 8),
      low = bowed(tip, start, 0.05, 6);
    pen.fill([...up, ...low], spec.colors.flank, 0.55);
    pen.ink(up, w * 0.6);
    pen.ink([...low].slice(0, 3), w * 0.6);
  }
  if (s.thick && !icon)
    for (const sign of [-1, 1]) {
      const t = s.thick * L,
        f = sign < 0 ? m.tipUp : m.tipDown,
        half = mix2(m.gape, m.corner, 0.55);
      const outer = spline(
        [
          m.gape,
          [f[0] + t * 0.02, f[1] + sign * t * 0.25],
          [f[0] + t * 0.3, f[1] + sign * t * 0.72],
          [half[0], half[1] + sign * t * 0.62],
          m.corner,
        ],
        5,
      );
      pen.fill(
        [...outer, ...m.line.slice().reverse()],
        s.lipColor ?? tone(spec.colors.belly, spec.colors.flank, 0.55),
        0.95,
      );
      pen.ink(outer, w * 0.75);
    }
  pen.ink(m.line, (t) => w * (1.25 - 0.45 * t));
  if (s.teeth && !s.teeth.hidden && !icon) {
    const n = s.teeth.count ?? 8,
      h = (s.teeth.size ?? 0.006) * L;
    for (let i = 1; i < n; i++) {
      const p = m.line[Math.round((i / n) * (m.line.length - 1))],
        q = mix2(m.gape, m.corner, i / n);
      pen.fill(
        [
          [q[0] - h * 0.35, p[1]],
          [q[0] + h * 0.35, p[1]],
          [q[0], p[1] + (i % 2 ? h : -h)],
        ],
        '#f4efe2',
        1,
        ` stroke="${INK}" stroke-width="${pen.num(pen.px(0.4))}"`,
      );
    }
  }
  if (s.beak && !icon)
    pen.fill(
      [
        [m.tipUp[0], m.tipUp[1] - 3],
        [m.tipUp[0] + s.beak * L, m.tipUp[1] + 2],
        [m.tipDown[0] + s.beak * L, m.tipDown[1] - 2],
        [m.tipDown[0], m.tipDown[1] + 3],
      ],
      '#efe6cf',
      1,
      ` stroke="${INK}" stroke-width="${pen.num(pen.px(0.7))}"`,
    );
  for (const b of an.barbels) pen.ink(b.line, (t) => (icon ? 1.3 : w * 1.6) * (1 - 0.65 * t));
}

function drawEye(pen: Pen, body: Body, e: EyeSpec): void {
  const [x, y] = pen.warp(body.at(e.at[0], e.at[1])),
    { num, px } = pen,
    icon = pen.detail === 'icon';
  const r = Math.max(e.r * L, px(icon ? 1.7 : 2.2)),
    iris = e.iris ?? '#c9b56b';
  if (icon) {
    pen.raw(
      `<circle cx="${num(x)}" cy="${num(y)}" r="${num(r)}" fill="${iris}"/><circle cx="${num(x)}" cy="${num(y)}" r="${num(r * 0.68)}" fill="${INK}"/>`,
    );
    return;
  }
  const dot = (dx: number, dy: number, rx: number, ry: number, fill: string, rest = ''): string =>
    `<ellipse cx="${num(x + dx * r)}" cy="${num(y + dy * r)}" rx="${num(r * rx)}" ry="${num(r * ry)}" fill="${fill}"${rest}/>`;
  pen.raw(
    dot(0, 0, 1.16, 1.1, tone(pen.skin, INK, 0.35), ' fill-opacity=".35"') +
      dot(
        0,
        0,
        1,
        0.96,
        tone(iris, '#4a4030', 0.3),
        ` stroke="${INK}" stroke-width="${num(px(pen.detail === 'plate' ? 1.2 : 0.8))}"`,
      ) +
      dot(0, 0.12, 0.86, 0.8, iris) +
      dot(-0.03, 0, 0.64, 0.62, '#15140f') +
      dot(-0.22, -0.24, 0.14, 0.12, '#fffdf4'),
  );
  const lid = range(9, (_, t): Pt => [
    x + Math.cos(Math.PI * (1.08 + 0.84 * t)) * r * 1.12,
    y + Math.sin(Math.PI * (1.08 + 0.84 * t)) * r * 1.04,
  ]);
  pen.raw(
    `<path d="${lid.map(([a, b], i) => (i ? 'L' : 'M') + num(a) + ' ' + num(b)).join('')}" fill="none" stroke="${INK}" stroke-width="${num(px(pen.detail === 'plate' ? 2 : 1.2))}" stroke-linecap="round"/>`,
  );
}

/** Eye seen from above (rays): raised mound with a slit, spiracle behind. */
function drawTopEye(pen: Pen, body: Body, e: EyeSpec): void {
  const r = e.r * L,
    eye = body.at(e.at[0], e.at[1]),
    [x, y] = pen.warp(eye),
    [sx] = pen.warp([eye[0] + r * 2.4, eye[1]]),
    { num, px } = pen;
  pen.raw(
    `<ellipse cx="${num(x)}" cy="${num(y)}" rx="${num(r * 1.3)}" ry="${num(r)}" fill="${e.iris ?? '#8d8055'}" stroke="${INK}" stroke-width="${num(px(0.9))}"/><ellipse cx="${num(x)}" cy="${num(y)}" rx="${num(r * 0.75)}" ry="${num(r * 0.5)}" fill="#171612"/>`,
  );
  if (pen.detail !== 'icon')
    pen.raw(
      `<ellipse cx="${num(sx)}" cy="${num(y)}" rx="${num(r * 0.9)}" ry="${num(r * 0.65)}" fill="${INK}" fill-opacity=".7"/>`,
    );
}

function drawLateral(pen: Pen, an: Anatomy): void {
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

function drawSkin(pen: Pen, an: Anatomy): void {
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

export function drawFigure(pen: Pen, an: Anatomy): void {
  const { spec, body } = an,
    icon = pen.detail === 'icon';
  pen.skin = spec.colors.flank;
  for (const o of an.extras) {
    pen.fill(o.shape, o.color ?? spec.colors.fin);
    pen.ink([...o.shape, o.shape[0]], icon ? 0.8 : 1.1);
  }
  for (const f of an.fans.filter((x) => x.behind)) drawFin(pen, f, spec);
  if (an.tail) drawFin(pen, an.tail, spec);
  for (const f of an.fins) drawFin(pen, f, spec);
  for (const f of an.finlets) {
    pen.fill(f.shape, spec.colors.fin);
    pen.paths([f.shape], icon ? 0.5 : 0.8);
  }
  drawBody(pen, an);
  const w = icon ? 1.15 : pen.detail === 'card' ? 1.6 : 2.5;
  pen.ink(
    body.inkLine,
    (t, ny) => w * (t < 0.5 ? 0.72 : 0.72 + 0.42 * Math.abs(ny)) * Math.min(1, 0.35 + 14 * t, 0.35 + 14 * (1 - t)),
  );
  drawLateral(pen, an);
  drawSkin(pen, an);
  drawHead(pen, an);
  for (const r of an.freeRays)
    pen.ink(r, (t) => (icon ? 1.1 : pen.detail === 'plate' ? 4.2 : 2.4) * (1 - 0.55 * t), spec.freeRayColor ?? INK);
  for (const f of an.fans.filter((x) => !x.behind)) drawFin(pen, f, spec);
}
