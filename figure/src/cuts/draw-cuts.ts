import type { CutLineName } from '@dagboek/core/cut';
import type { Anatomy } from '../anatomy.ts';
import { dist, polar } from '../maths.ts';
import type { Note } from '../overlays.ts';
import type { Pen } from '../pen.ts';
import type { Pt } from '../spec.ts';
import { CUT, INK, L, PAPER } from '../units.ts';
import { cutLine, type CutOptions, type CutStroke } from './cut-lines.ts';

/** Which lines are drawn, by where they stand in the work, and how each is numbered. */
export interface CutDrawing extends CutOptions {
  /** The cut of this step: orange with inked edges and an arrow. */
  now?: readonly CutLineName[];
  /** Cuts that were made: an open slit. */
  made?: readonly CutLineName[];
  /** Cuts to come: dashed ink. */
  later?: readonly CutLineName[];
  /** The number of a line's step. */
  numbers?: Readonly<Partial<Record<CutLineName, string>>>;
  /** Lines are named too. */
  named?: boolean;
  /** The knife lies where this step's cut begins. */
  knife?: boolean;
}

const ACT = 'var(--cut-now, #e95a0c)';

/** Where a cut's badge stands, along its line. */
const badgeAt = (points: readonly Pt[]): Pt => points[Math.floor(points.length * 0.4)]!;
const isLow = (an: Anatomy, points: readonly Pt[]): boolean =>
  points.every(([x, y]) => y > (an.body.topAt(x / L) + an.body.bottomAt(x / L)) / 2);

const angleOf = (a: Pt, b: Pt): number => (Math.atan2(b[1] - a[1], b[0] - a[0]) * 180) / Math.PI;

function stroke(pen: Pen, s: CutStroke, how: 'now' | 'made' | 'later'): void {
  const { px } = pen;
  const thick = pen.detail === 'plate' ? 1 : 0.75;
  if (how === 'later') {
    pen.line(s.points, 3.4 * thick, PAPER, 0.7);
    pen.dashed(s.points, (s.hidden ? 1.2 : 1.8) * thick, INK, s.hidden ? '1.5 4' : '7 4');
    return;
  }
  if (how === 'made') {
    pen.line(s.points, 5 * thick, INK);
    pen.line(s.points, 2.4 * thick, PAPER);
    return;
  }
  if (s.hidden) {
    pen.line(s.points, 5.4 * thick, PAPER, 0.75);
    pen.dashed(s.points, 5 * thick, INK, '1 6.5');
    pen.dashed(s.points, 3.2 * thick, ACT, '1 6.5');
  } else {
    pen.line(s.points, 9 * thick, PAPER, 0.5);
    pen.line(s.points, 6.6 * thick, INK);
    pen.line(s.points, 4 * thick, ACT);
  }
  if (s.plain) return;
  // The arrow points where the blade goes.
  const end = s.points.at(-1)!;
  const before = s.points[Math.max(0, s.points.length - 4)]!;
  const a = angleOf(before, end);
  const r = px(12 * thick);
  const head: Pt[] = [polar(end, a, r * 0.9), polar(end, a + 128, r), polar(end, a - 128, r)];
  pen.fill(head, ACT);
  pen.line([...head, head[0]!], 1.6 * thick, INK);
}

/** A knife that lies with its point where the cut begins, its edge the way it goes. Gives the points it covers. */
function knife(pen: Pen, an: Anatomy, points: readonly Pt[]): Pt[] {
  const { px } = pen;
  const [from, on] = [points[0]!, points[Math.min(5, points.length - 1)]!];
  const way = angleOf(from, on);
  // Handle up and away from the fish, leaning against the cut.
  const low = isLow(an, points);
  const up = low ? 68 : -68;
  const side = Math.abs(way) > 90 ? 1 : -1;
  const lean = low ? 90 - side * 22 : -90 + side * 22;
  const along = Math.abs(Math.sin((way * Math.PI) / 180)) > 0.7 ? (low ? up : -up * -1) : lean;
  const at = (a: number, r: number): Pt => polar(from, a, px(r));
  const blade: Pt[] = [at(along, 0), at(along - 5.5, 34), at(along - 4.2, 74), at(along + 4.2, 74), at(along + 3, 30)];
  const grip: Pt[] = [at(along - 5.4, 74), at(along - 4.4, 112), at(along + 4.4, 112), at(along + 5.4, 74)];
  pen.fill(blade, PAPER);
  pen.line([...blade, blade[0]!], 1.8, INK);
  pen.fill(grip, 'var(--teal, #0a4c52)');
  pen.line([...grip, grip[0]!], 1.8, INK);
  return [...blade, ...grip];
}

/** Draws the lines of a route on a fish; returns what lies outside of it and must be in the picture. */
export function drawCuts(pen: Pen, an: Anatomy, cuts: CutDrawing, notes: Note[]): Pt[] {
  const outside: Pt[] = [];
  const numbered = new Set<CutLineName>();
  const each = (names: readonly CutLineName[] | undefined, how: 'now' | 'made' | 'later'): void => {
    for (const name of names ?? []) {
      const strokes = cutLine(an, name, cuts);
      for (const s of strokes) stroke(pen, s, how);
      const first = strokes.find((s) => !s.hidden) ?? strokes[0];
      const number = cuts.numbers?.[name];
      if (!first || numbered.has(name) || (number === undefined && !cuts.named)) continue;
      numbered.add(name);
      notes.push({
        p: badgeAt(first.points),
        side: isLow(an, first.points) ? 'bottom' : 'top',
        badge: 'circle',
        text: number ?? String.fromCharCode(96 + numbered.size),
        label: cuts.named ? name : '',
        color: how === 'now' ? INK : CUT,
        ...(how === 'now' ? { fill: ACT } : {}),
      });
    }
  };
  each(cuts.later, 'later');
  each(cuts.made, 'made');
  each(cuts.now, 'now');
  const start = cuts.knife ? cutLine(an, cuts.now?.[0] ?? 'belly', cuts).find((s) => !s.hidden && !s.plain) : undefined;
  if (start && pen.detail !== 'icon' && dist(start.points[0]!, start.points.at(-1)!) > pen.px(20))
    outside.push(...knife(pen, an, start.points));
  return outside;
}
