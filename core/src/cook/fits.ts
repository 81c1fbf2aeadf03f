import { polygonHull } from 'd3-polygon';
import type { Vessel } from './vessel.ts';

export type Point = readonly [x: number, y: number];

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
  readonly as: 'whole' | 'without tail' | 'without head' | 'without head and tail' | 'in pieces';
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

/** Smallest circle around points (Welzl by moving: iterated to the farthest, then exact of what touches). Radius and middle, mm. */
export function circleAround(points: readonly Point[]): { readonly r: number; readonly at: Point } {
  if (points.length === 0) return { r: 0, at: [0, 0] };
  const inside = (c: { r: number; at: Point }, p: Point): boolean =>
    Math.hypot(p[0] - c.at[0], p[1] - c.at[1]) <= c.r * (1 + 1e-9) + 1e-9;
  const two = (a: Point, b: Point) => ({
    r: Math.hypot(a[0] - b[0], a[1] - b[1]) / 2,
    at: [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2] as Point,
  });
  const three = (a: Point, b: Point, c: Point) => {
    const d = 2 * (a[0] * (b[1] - c[1]) + b[0] * (c[1] - a[1]) + c[0] * (a[1] - b[1]));
    // On one line: the two that lie farthest apart.
    if (Math.abs(d) < 1e-12) return [two(a, b), two(b, c), two(a, c)].reduce((m, x) => (x.r > m.r ? x : m));
    const s = (p: Point): number => p[0] ** 2 + p[1] ** 2;
    const x = (s(a) * (b[1] - c[1]) + s(b) * (c[1] - a[1]) + s(c) * (a[1] - b[1])) / d;
    const y = (s(a) * (c[0] - b[0]) + s(b) * (a[0] - c[0]) + s(c) * (b[0] - a[0])) / d;
    return { r: Math.hypot(a[0] - x, a[1] - y), at: [x, y] as Point };
  };
  let c: { r: number; at: Point } = { r: 0, at: points[0]! };
  points.forEach((p, i) => {
    if (inside(c, p)) return;
    c = { r: 0, at: p };
    for (let j = 0; j < i; j++) {
      const q = points[j]!;
      if (inside(c, q)) continue;
      c = two(p, q);
      for (let k = 0; k < j; k++) if (!inside(c, points[k]!)) c = three(p, q, points[k]!);
    }
  });
  return c;
}

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

/** No fish is cut into more for a vessel. */
const MOST_PIECES = 8;

/** Whether a fish fits a vessel: whole, without tail, without head, without both, or cut across into the fewest pieces; null when none of it does. */
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

/** Flesh, kg/l. */
const KG_L = 1.05;
/** Liquid stands so much above the fish, mm. */
const OVER_MM = 10;

/** What it takes to cover a fish that lies in a vessel. */
export interface Cover {
  readonly litres: number;
  /** How high it stands, mm. */
  readonly levelMm: number;
  /** It would run over by this much, mm; 0 when it does not. */
  readonly overMm: number;
}

/** Area of a vessel's foot, mm2. */
export const footMm2 = (v: Pick<Vessel, 'shape' | 'longMm' | 'wideMm'>): number =>
  v.shape === 'round' ? (Math.PI / 4) * v.longMm ** 2 : v.longMm * v.wideMm;

/** Liquid that covers a fish of so many grams, so thick as it lies, by a finger's breadth. */
export function toCover(vessel: Vessel, massG: number, thickMm: number): Cover {
  const levelMm = thickMm + OVER_MM;
  const litres = Math.max(0, (footMm2(vessel) * levelMm) / 1e6 - massG / 1000 / KG_L);
  return { litres, levelMm, overMm: Math.max(0, levelMm - vessel.deepMm) };
}

/** Oil in a pot, and what it does when fish goes in. */
export interface OilLevel {
  readonly levelMm: number;
  readonly risesMm: number;
  /** Of the pot's depth, with the fish in it. */
  readonly share: number;
  /** Never more than half the pot, before the fish. */
  readonly tooFull: boolean;
  /** The most that may go in, l. */
  readonly mostLitres: number;
}

export function oilLevel(vessel: Vessel, litres: number, massG: number): OilLevel {
  const foot = footMm2(vessel);
  const levelMm = (litres * 1e6) / foot;
  const risesMm = ((massG / 1000 / KG_L) * 1e6) / foot;
  return {
    levelMm,
    risesMm,
    share: (levelMm + risesMm) / vessel.deepMm,
    tooFull: levelMm > vessel.deepMm / 2 + 1e-9,
    mostLitres: (foot * vessel.deepMm) / 2 / 1e6,
  };
}

/** So much of a foot is covered when pieces lie beside each other without touching. */
const LAID = 0.68;
/** Fish for each litre of oil, so that it does not fall below what makes a crust, g. */
const FISH_PER_LITRE = 160;

/** How often a vessel is filled until all pieces are cooked. `oilLitres`: of deep fat; null of a pan, a tray, a grate. */
export function batchesIn(
  vessel: Pick<Vessel, 'shape' | 'longMm' | 'wideMm'>,
  pieces: number,
  pieceG: number,
  thicknessMm: number,
  oilLitres: number | null,
): number {
  const areaMm2 = ((pieceG / 1000 / KG_L) * 1e6) / Math.max(1, thicknessMm);
  const laid = Math.floor((footMm2(vessel) * LAID) / areaMm2);
  const held = oilLitres === null ? Infinity : Math.floor((oilLitres * FISH_PER_LITRE) / pieceG);
  return Math.max(1, Math.ceil(pieces / Math.max(1, Math.min(laid, held))));
}
