import type { Anatomy } from './anatomy.ts';
import type { Body } from './build-body.ts';
import { bowed, clamp, lerp, mix2, polar, range, spline, tone } from './maths.ts';
import type { Pen } from './pen.ts';
import type { EyeSpec, Pt } from './spec.ts';
import { INK, L } from './units.ts';

/** Draws the head: gill cover, mouth, eyes, barbels. */
export function drawHead(pen: Pen, an: Anatomy): void {
  const { spec, body, gill, eyes } = an,
    { detail } = pen,
    icon = detail === 'icon',
    m = body.mouth;
  const w = icon ? 0.8 : detail === 'card' ? 1.1 : 1.7;
  if (gill?.slits.length) for (const slit of gill.slits) pen.ink(slit, w * 0.9);
  if (gill && gill.slits.length === 0) {
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
    if (!icon && spec.plan === 'round' && eyes[0]) drawCheek(pen, an, w);
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
  if (!icon && spec.nostril !== false && m && eyes[0]) {
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

/** The bones below the eye and the nape line: what makes a head look like a head. */
function drawCheek(pen: Pen, an: Anatomy, w: number): void {
  const { body, eyes, gill } = an,
    e = eyes[0];
  if (!e || !gill || pen.detail !== 'plate') return;
  const pu = lerp(e.at[0] + e.r, gill.u, 0.42);
  const under = spline(
    [
      body.at(e.at[0] - e.r * 1.5, e.at[1] + 0.16),
      body.at(e.at[0] - e.r * 0.4, e.at[1] + 0.34),
      body.at(e.at[0] + e.r, e.at[1] + 0.3),
      body.at(pu - 0.004, e.at[1] + 0.12),
    ],
    5,
  );
  pen.paths([under], w * 0.34, INK, 0.5);
  pen.paths(
    [
      spline(
        [body.at(gill.u - 0.035, gill.top ?? -0.32), body.at(gill.u - 0.012, -0.62), body.at(gill.u + 0.006, -0.9)],
        5,
      ),
    ],
    w * 0.34,
    INK,
    0.4,
  );
}

function drawMouth(pen: Pen, an: Anatomy, w: number): void {
  const { spec, body } = an,
    m = body.mouth,
    s = spec.mouth;
  if (!m || !s) return;
  const icon = pen.detail === 'icon';
  if (s.under) {
    pen.ink(m.line, w);
    return;
  }
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
