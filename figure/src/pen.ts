import type { Detail, Warp } from './anatomy.ts';
import { clamp, dist, simplify } from './maths.ts';
import type { Pt } from './spec.ts';
import { INK } from './units.ts';

/** Collects SVG. All points pass through warp; all widths are in px at the final size. */
export type Pen = ReturnType<typeof makePen>;
/** A pen that writes SVG: lines that swell, fills, and paths rounded on a grid. `unit`: figure units of a pixel. */
export function makePen(unit: number, detail: Detail, warp: Warp, ids: string) {
  const out: string[] = [];
  const num = (n: number): string => String(Math.round(n * 10) / 10),
    grid = detail === 'icon' ? 1 : 0.1,
    eps = unit * (detail === 'icon' ? 0.16 : 0.09);
  /** Path data: simplified, relative, rounded on a fixed grid so that errors do not add up. */
  const trace = (pts: Pt[], closed?: boolean): string => {
    let s = '',
      x = 0,
      y = 0;
    simplify(pts, eps).forEach((p, i) => {
      const gx = Math.round(p[0] / grid),
        gy = Math.round(p[1] / grid),
        f = (n: number): string => String(Math.round(n * grid * 10) / 10);
      if (i === 0) s = `M${f(gx)} ${f(gy)}`;
      else if (gx === x && gy === y) return;
      else {
        const dy = f(gy - y);
        s += `l${f(gx - x)}${dy[0] === '-' ? '' : ' '}${dy}`;
      }
      x = gx;
      y = gy;
    });
    return s + (closed ? 'Z' : '');
  };
  const d = (pts: readonly Pt[], closed?: boolean): string => trace(pts.map(warp), closed);
  const px = (n: number): number => n * unit;
  const pen = {
    detail,
    ids,
    px,
    num,
    d,
    out,
    warp,
    skin: '#888888',
    raw: (s: string): void => void out.push(s),
    fill: (pts: readonly Pt[], color: string, opacity = 1, extra = ''): void =>
      void out.push(
        `<path d="${d(pts, true)}" fill="${color}"${opacity < 1 ? ` fill-opacity="${opacity}"` : ''}${extra}/>`,
      ),
    /** Many closed shapes in one path. */
    fills: (lists: readonly (readonly Pt[])[], color: string, opacity = 1): void =>
      void (
        lists.length &&
        out.push(
          `<path d="${lists.map((l) => d(l, true)).join('')}" fill="${color}"${opacity < 1 ? ` fill-opacity="${opacity}"` : ''}/>`,
        )
      ),
    paths: (lists: readonly (readonly Pt[])[], w: number, color = INK, opacity = 1): void =>
      void (
        lists.length &&
        out.push(
          `<path d="${lists.map((l) => d(l)).join('')}" fill="none" stroke="${color}" stroke-width="${num(px(w))}" stroke-linecap="round" stroke-linejoin="round"${opacity < 1 ? ` stroke-opacity="${opacity}"` : ''}/>`,
        )
      ),
    line: (pts: readonly Pt[], w: number, color?: string, opacity?: number): void =>
      pen.paths([pts], w, color, opacity),
    /** A dashed line; `dash` in px. */
    dashed: (pts: readonly Pt[], w: number, color: string, dash: string): void =>
      void out.push(
        `<path d="${d(pts)}" fill="none" stroke="${color}" stroke-width="${num(px(w))}" stroke-dasharray="${dash
          .split(' ')
          .map((n) => num(px(+n)))
          .join(' ')}" stroke-linecap="round"/>`,
      ),
    /** Discs [[centre, radius], ...] in one path. */
    dots: (list: readonly (readonly [Pt, number])[], color: string, opacity = 1): void =>
      void (
        list.length &&
        out.push(
          `<path d="${list
            .map(([p, r]) => {
              const [x, y] = warp(p);
              return `M${num(x - r)} ${num(y)}a${num(r)} ${num(r)} 0 1 0 ${num(2 * r)} 0a${num(r)} ${num(r)} 0 1 0 ${num(-2 * r)} 0`;
            })
            .join('')}" fill="${color}"${opacity < 1 ? ` fill-opacity="${opacity}"` : ''}/>`,
        )
      ),
    /** Pen stroke of varying weight, as a filled ribbon. weight(t, ny) in px; ny > 0 where the line faces down. */
    ink: (pts: readonly Pt[], weight: number | ((t: number, ny: number) => number), color = INK): void => {
      const q = pts.map(warp),
        n = q.length,
        left: Pt[] = [],
        right: Pt[] = [];
      if (n < 2) return;
      for (let i = 0; i < n; i++) {
        const a = q[Math.max(0, i - 1)],
          b = q[Math.min(n - 1, i + 1)],
          l = dist(a, b) || 1;
        const nx = -(b[1] - a[1]) / l,
          ny = (b[0] - a[0]) / l;
        const w = px((typeof weight === 'function' ? weight(i / (n - 1), ny) : weight * taper(i / (n - 1))) / 2);
        left.push([q[i][0] + nx * w, q[i][1] + ny * w]);
        right.push([q[i][0] - nx * w, q[i][1] - ny * w]);
      }
      const poly = [...left, ...right.reverse()];
      out.push(`<path d="${trace(poly, true)}" fill="${color}"/>`);
    },
  };
  return pen;
}
const taper = (t: number): number => 0.35 + 0.65 * Math.sin(Math.PI * clamp(t, 0.04, 0.96));
