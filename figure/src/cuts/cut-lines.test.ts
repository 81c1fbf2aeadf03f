import { describe, expect, test } from '@jest/globals';
import { CUT_LINE_NAMES, type CutLineName, routeOf, routesFor, stepIds, stepOf } from '@dagboek/core/cut';
import { loadSpecies } from '@dagboek/packs';
import { buildAnatomy, type Anatomy } from '../anatomy.ts';
import { dist } from '../maths.ts';
import type { FigureSpec, Pt } from '../spec.ts';
import { L } from '../units.ts';
import { cutLine } from './cut-lines.ts';
import { bellyCavity } from './forbidden.ts';

const SPECIES = loadSpecies();
/** Lines that a figure need not have: no venomous spine, no spine on the back, no gill cover. */
const SOME_HAVE: readonly CutLineName[] = ['venomous spines', 'round the spines', 'gills'];

function inside([x, y]: Pt, shape: readonly Pt[]): boolean {
  let is = false;
  for (let i = 0, j = shape.length - 1; i < shape.length; j = i++) {
    const [[ax, ay], [bx, by]] = [shape[i]!, shape[j]!];
    if (ay > y !== by > y && x < ((bx - ax) * (y - ay)) / (by - ay) + ax) is = !is;
  }
  return is;
}
function fromEdge(p: Pt, shape: readonly Pt[]): number {
  let best = Infinity;
  for (let i = 0; i < shape.length; i++) {
    const [a, b] = [shape[i]!, shape[(i + 1) % shape.length]!];
    const len = dist(a, b) || 1;
    const t = Math.max(0, Math.min(1, ((p[0] - a[0]) * (b[0] - a[0]) + (p[1] - a[1]) * (b[1] - a[1])) / len ** 2));
    best = Math.min(best, dist(p, [a[0] + t * (b[0] - a[0]), a[1] + t * (b[1] - a[1])]));
  }
  return best;
}
const linesFor = (s: (typeof SPECIES)[number]): CutLineName[] => [
  ...new Set(routesFor(s).flatMap((r) => stepIds(routeOf(r).steps).flatMap((id) => stepOf(id)?.lines ?? []))),
];

describe('lines of the knife, on every shipped species that takes the route', () => {
  const cases = SPECIES.filter((s) => routesFor(s).length > 0).map((s) => {
    const an: Anatomy = buildAnatomy(s.figure as unknown as FigureSpec);
    return { id: s.id, an, strokes: linesFor(s).flatMap((name) => cutLine(an, name).map((k) => ({ name, ...k }))) };
  });

  test('each line that a route names is there', () => {
    for (const s of SPECIES) {
      const an = buildAnatomy(s.figure as unknown as FigureSpec);
      const missing = linesFor(s).filter((n) => !SOME_HAVE.includes(n) && cutLine(an, n).length === 0);
      expect([s.id, missing]).toEqual([s.id, []]);
    }
  });

  test('every point lies on the body', () => {
    const off = cases.flatMap(({ id, an, strokes }) =>
      strokes.flatMap(({ name, points }) =>
        points.some((p) => !inside(p, an.body.outline) && fromEdge(p, an.body.outline) > 0.02 * L)
          ? [`${id}: ${name}`]
          : [],
      ),
    );
    expect(off).toEqual([]);
  });

  // Shears at the root of a fin cut the skin alone.
  const atTheRoot: readonly CutLineName[] = ['fins', 'venomous spines'];
  test('no cut goes into the belly that is not meant to open it', () => {
    const pierced = cases.flatMap(({ id, an, strokes }) => {
      const cavity = bellyCavity(an);
      if (!cavity) return [];
      return strokes.flatMap(({ name, points, opens, plain }) =>
        !opens &&
        !(plain && atTheRoot.includes(name)) &&
        points.some((p) => inside(p, cavity) && fromEdge(p, cavity) > 0.004 * L)
          ? [`${id}: ${name}`]
          : [],
      );
    });
    expect(pierced).toEqual([]);
  });

  test('no cut goes through an eye', () => {
    const blind = cases.flatMap(({ id, an, strokes }) =>
      strokes.flatMap(({ name, points }) =>
        an.eyes.some((e) => points.some((p) => dist(p, an.body.at(e.at[0], e.at[1])) < e.r * L))
          ? [`${id}: ${name}`]
          : [],
      ),
    );
    expect(blind).toEqual([]);
  });

  test('venom comes off where there is any, and only there', () => {
    for (const s of SPECIES) {
      const an = buildAnatomy(s.figure as unknown as FigureSpec);
      const drawn =
        an.fins.some((f) => f.harm === 'venomous') ||
        an.fans.some((f) => f.harm === 'venomous') ||
        s.figure.barb?.harm === 'venomous' ||
        (s.figure.gill?.spines ?? []).some((x) => x.harm === 'venomous');
      expect([s.id, cutLine(an, 'venomous spines').length > 0]).toEqual([s.id, drawn]);
    }
  });

  test('steaks are as thick as asked, and end before the tail is too thin', () => {
    const an = cases.find((c) => c.id === 'cod')!.an;
    const us = cutLine(an, 'steaks', { steakU: 0.05 }).map((k) => k.points[0]![0] / L);
    for (const [i, u] of us.entries()) if (i > 0) expect(u - us[i - 1]!).toBeCloseTo(0.05, 9);
    expect(us.length).toBeGreaterThan(4);
    expect(an.body.depth(us.at(-1)!)).toBeGreaterThan(0.3 * an.body.maxDepth);
  });

  test('every name draws something on some species', () => {
    const drawn = new Set(cases.flatMap((c) => c.strokes.map((s) => s.name)));
    expect(CUT_LINE_NAMES.filter((n) => !drawn.has(n))).toEqual([]);
  });
});
