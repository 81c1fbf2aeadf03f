import { polygonHull } from 'd3-polygon';
import { circleAround, type Point } from './circle-around.ts';
import type { Vessel } from './vessel.ts';

/** A fish as it lies, mm: its outline from above, nose at x 0, and how thick it is. `headMm` from the nose to behind the gills; `tailMm` where the tail begins. */
export interface LyingFish {
  readonly outline: readonly Point[];
  readonly thickMm: number;
  readonly massG: number;
  readonly headMm: number;
  readonly tailMm: number;
}

/** How it lies in a vessel: turned by so much about its middle, which lies at the vessel's, mm and radians. */
export interface Lying {
  readonly angle: number;
  readonly shift: Point;
}

/** Whether it fits, as it is or cut. */
export interface Fit {
  readonly as: 'whole' | 'tail out' | 'without tail' | 'without head' | 'without head and tail' | 'in pieces';
  /** Where it is cut, mm from the nose, in order. */
  readonly cutsMm: readonly number[];
  /** Of what is laid in first; in pieces: of the longest of them. */
  readonly lying: Lying;
  /** What is laid in, each by itself. */
  readonly parts: readonly (readonly Point[])[];
  /** It lies deeper than the rim by so much, mm; 0 when it does not. */
  readonly aboveRimMm: number;
}

/** The rubber band round some points; null of fewer than three, or of a line. */
export const hullOf = (points: readonly Point[]): Point[] | null =>
  polygonHull(points.map((p): [number, number] => [p[0], p[1]]));

/** So finely it is turned. */
const ANGLES = 90;
/** A tail and fins bend up a rim by this much, mm in all. */
const BENDS_MM = 6;

/** How an outline can lie in the foot of a vessel; null when it cannot, however it is turned. */
export function liesIn(outline: readonly Point[], vessel: Pick<Vessel, 'shape' | 'longMm' | 'wideMm'>): Lying | null {
  const [long, wide] = [vessel.longMm + BENDS_MM, vessel.wideMm + BENDS_MM];
  if (vessel.shape === 'round') {
    const { r, at } = circleAround(outline);
    return r <= long / 2 ? { angle: 0, shift: [-at[0], -at[1]] } : null;
  }
  for (let i = 0; i < ANGLES; i++) {
    const angle = (Math.PI * i) / ANGLES;
    const [cos, sin] = [Math.cos(angle), Math.sin(angle)];
    let [x0, x1, y0, y1] = [Infinity, -Infinity, Infinity, -Infinity];
    for (const [x, y] of outline) {
      const [u, v] = [x * cos - y * sin, x * sin + y * cos];
      [x0, x1] = [Math.min(x0, u), Math.max(x1, u)];
      [y0, y1] = [Math.min(y0, v), Math.max(y1, v)];
    }
    if (x1 - x0 <= long && y1 - y0 <= wide) return { angle, shift: [-(x0 + x1) / 2, -(y0 + y1) / 2] };
  }
  return null;
}

/** The part of an outline between two places from the nose, mm (Sutherland and Hodgman, on both sides). */
export function partOf(outline: readonly Point[], fromMm: number, toMm: number): Point[] {
  const clip = (points: readonly Point[], keeps: (p: Point) => boolean, x: number): Point[] =>
    points.flatMap((p, i) => {
      const q = points[(i + 1) % points.length]!;
      const [a, b] = [keeps(p), keeps(q)];
      const t = (x - p[0]) / (q[0] - p[0]);
      const cross: Point[] = a !== b ? [[x, p[1] + t * (q[1] - p[1])]] : [];
      return [...(a ? [p] : []), ...cross];
    });
  return clip(
    clip(outline, (p) => p[0] >= fromMm, fromMm),
    (p) => p[0] <= toMm,
    toMm,
  );
}

/** Vessels that no lid closes: a tail may stick out of them. */
const OPEN: readonly Vessel['use'][] = ['pan', 'tray', 'grill'];

/** Whether a vessel is closed with a lid. */
export const hasLid = (vessel: Pick<Vessel, 'use'>): boolean => !OPEN.includes(vessel.use);

/** No fish is cut into more for a vessel. */
const MOST_PIECES = 8;

/** Whether a fish fits a vessel: whole, with its tail over the rim where no lid must close, without tail, without head, without both, or cut across into the fewest pieces; null when none of it does. */
export function fitIn(fish: LyingFish, vessel: Vessel): Fit | null {
  const length = Math.max(...fish.outline.map((p) => p[0]));
  const aboveRimMm = Math.max(0, fish.thickMm - vessel.deepMm);
  const tries: [Fit['as'], number[]][] = [
    ['whole', []],
    ['without tail', [fish.tailMm]],
    ['without head', [fish.headMm]],
    ['without head and tail', [fish.headMm, fish.tailMm]],
  ];
  for (const [as, cutsMm] of tries) {
    if (as === 'without tail' && !hasLid(vessel)) {
      const lying = liesIn(partOf(fish.outline, 0, fish.tailMm), vessel);
      if (lying) return { as: 'tail out', cutsMm: [], lying, parts: [fish.outline], aboveRimMm };
    }
    const from = as.includes('head') ? fish.headMm : 0;
    const to = as.includes('tail') ? fish.tailMm : length;
    const part = partOf(fish.outline, from, to);
    const lying = part.length > 2 ? liesIn(part, vessel) : null;
    if (lying) return { as, cutsMm, lying, parts: [part], aboveRimMm };
  }
  for (let n = 2; n <= MOST_PIECES; n++) {
    const step = (fish.tailMm - fish.headMm) / n;
    const edges = Array.from({ length: n + 1 }, (_, i) => fish.headMm + i * step);
    const parts = edges.slice(1).map((e, i) => partOf(fish.outline, edges[i]!, e));
    const lyings = parts.map((p) => liesIn(p, vessel));
    if (lyings.every((l) => l !== null))
      return { as: 'in pieces', cutsMm: edges, lying: lyings[0]!, parts, aboveRimMm };
  }
  return null;
}
