import { bowed, clamp, lerp, polar, range, spline } from './maths.ts';
import type { FigureSpec, Pt } from './spec.ts';
import { L } from './units.ts';

/** Body outline, mouth opening and the (u,v) lookup. */
export type Body = ReturnType<typeof buildBody>;
/** The outline of a body from its figure, with functions for its upper and lower edge. */
export function buildBody(spec: FigureSpec) {
  const up = spec.body.dorsal.map(([u, h]): Pt => [u * L, -h * L]);
  const down = spec.body.ventral.map(([u, h]): Pt => [u * L, h * L]);
  const m = spec.mouth;
  let top: Pt[],
    bottom: Pt[],
    mouth: { gape: Pt; corner: Pt; tipUp: Pt; tipDown: Pt; line: Pt[] } | null = null;
  if (m && !m.under) {
    const by = (m.by ?? 0) * L,
      lip = (m.lip ?? 0.008) * L,
      y = (m.y ?? 0) * L;
    const upperX = m.jaw === 'lower' ? by : 0,
      lowerX = m.jaw === 'upper' ? by : 0;
    const gape: Pt = [Math.max(upperX, lowerX) + lip * 0.3, y];
    const tipUp: Pt = [upperX, y - lip * 0.7],
      tipDown: Pt = [lowerX, y + lip * 0.7];
    top = spline([gape, tipUp, ...up], 10);
    bottom = spline([gape, tipDown, ...down], 10);
    const corner = polar(gape, m.angle ?? 15, m.length * L);
    mouth = { gape, corner, tipUp, tipDown, line: bowed(gape, corner, m.bow ?? 0.08, 10) };
  } else {
    const tip: Pt = [(spec.body.start ?? 0) * L, (spec.body.snoutY ?? 0) * L];
    top = spline([tip, ...up], 10);
    bottom = spline([tip, ...down], 10);
  }
  const end = up[up.length - 1][0] / L;
  const yOn = (line: Pt[]) => {
    let k = 0;
    for (let i = 0; i < line.length; i++) if (line[i][0] < line[k][0]) k = i;
    const rising = line.slice(k),
      table: number[] = [];
    for (let i = 0, j = 1; i <= 800; i++) {
      // y at 801 even steps of u up to the end of the body
      const x = (i / 800) * end * L;
      while (j < rising.length - 1 && rising[j][0] < x) j++;
      const [p, q] = [rising[j - 1], rising[j]];
      table.push(lerp(p[1], q[1], clamp((x - p[0]) / (q[0] - p[0] || 1), 0, 1)));
    }
    return (u: number): number => {
      const f = clamp((u / end) * 800, 0, 800),
        i = Math.min(799, Math.floor(f));
      return lerp(table[i], table[i + 1], f - i);
    };
  };
  const topAt = yOn(top),
    bottomAt = yOn(bottom);
  const at = (u: number, v: number): Pt => [u * L, lerp(topAt(u), bottomAt(u), (v + 1) / 2)];
  const depth = (u: number): number => bottomAt(u) - topAt(u);
  const edge = (side: 'dorsal' | 'anal', u: number): Pt => [u * L, side === 'dorsal' ? topAt(u) : bottomAt(u)];
  if (m?.under && !m.under.hidden) {
    const u = m.under.u;
    const gape = at(u, 0.94);
    const corner = at(u + m.length, 0.55);
    const line = spline([gape, at(u + m.length * 0.55, 0.86), corner], 8);
    mouth = { gape, corner, tipUp: gape, tipDown: gape, line };
  }
  const cap = bowed(
    top[top.length - 1],
    bottom[bottom.length - 1],
    spec.tail && spec.tail.shape !== 'none' ? 0.22 : 0,
    8,
  );
  const outline = [...top, ...cap.slice(1, -1), ...bottom.slice().reverse()];
  const inkLine = [...top.slice().reverse(), ...bottom.slice(1)];
  const maxDepth = Math.max(...range(40, (_, t) => depth(t * end)));
  return { top, bottom, outline, inkLine, mouth, end, at, depth, edge, topAt, bottomAt, maxDepth };
}
