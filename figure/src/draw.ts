import type { Anatomy } from './anatomy.ts';
import { drawBody, drawLateral, drawSkin } from './draw-body.ts';
import { drawFin } from './draw-fin.ts';
import { drawHead } from './draw-head.ts';
import type { Pen } from './pen.ts';
import { tone } from './maths.ts';
import { INK } from './units.ts';

/** Draws a fish from its parts, back to front. */
export function drawFigure(pen: Pen, an: Anatomy): void {
  const { spec, body } = an,
    icon = pen.detail === 'icon';
  pen.skin = spec.colors.flank;
  for (const o of an.extras) {
    pen.fill(o.shape, o.color ?? spec.colors.fin);
    pen.ink([...o.shape, o.shape[0]], icon ? 0.8 : 1.1);
  }
  for (const a of an.arms) {
    pen.fill(a.shape, tone(spec.colors.flank, spec.colors.belly, 0.4));
    pen.paths([a.shape], icon ? 0.5 : 0.9);
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
  if (an.barb) pen.ink(an.barb, (t) => (icon ? 1.6 : pen.detail === 'plate' ? 5 : 3) * (1 - 0.85 * t));
  for (const r of an.freeRays)
    pen.ink(r, (t) => (icon ? 1.1 : pen.detail === 'plate' ? 4.2 : 2.4) * (1 - 0.55 * t), spec.freeRayColor ?? INK);
  for (const f of an.fans.filter((x) => !x.behind)) drawFin(pen, f, spec);
}
