import type { ApartMark } from '@dagboek/core/carve';
import type { Anatomy } from '../anatomy.ts';
import { landmarks } from '../landmarks.ts';
import { lerp, range } from '../maths.ts';
import type { Note } from '../overlays.ts';
import type { Pen } from '../pen.ts';
import type { Pt } from '../spec.ts';
import { INK, L, PAPER } from '../units.ts';
import { steakSpan } from './cut-lines.ts';
import { cavityTop, cavityU } from './forbidden.ts';

/** Marks of a fish that is taken apart, each with what is written beside it; cuts across its side at these places of the total length. */
export interface ApartDrawing {
  readonly marks: readonly { readonly mark: ApartMark; readonly text: string | null }[];
  readonly acrossU?: readonly number[];
}

/** The same laid over a fish, for `drawFish`. */
export interface ApartOverlay extends ApartDrawing {
  readonly draw: (pen: Pen, an: Anatomy, notes: Note[]) => Pt[];
}

const BONE = 'var(--paper-open, #fdfaf0)';
const CRIMSON = 'var(--crimson, #9e0b2a)';
const TEAL = 'var(--teal, #0b6b6b)';
/** The backbone lies a little above the middle of a round fish, in the middle of a flat one. */
const boneV = (an: Anatomy): number => (an.spec.plan === 'flat' ? 0 : -0.12);

const along = (an: Anatomy, u0: number, u1: number, v: number | ((t: number) => number), n = 24): Pt[] =>
  range(n, (_, t) => an.body.at(lerp(u0, u1, t), typeof v === 'function' ? v(t) : v));

/** From the cover of the gill to the root of the tail. */
const sideSpan = (an: Anatomy): [number, number] => [steakSpan(an).from, an.body.end - 0.015];

/** Bone: light, with an outline that is seen on light flesh and on dark. */
function bones(pen: Pen, lines: readonly (readonly Pt[])[], w: number): void {
  pen.paths(lines, w + 1.6, INK);
  pen.paths(lines, w, BONE);
}
/** Bones that stay behind in the flesh: in the colour of what hurts. */
function strays(pen: Pen, lines: readonly (readonly Pt[])[], w: number): void {
  pen.paths(lines, w + 2.4, BONE);
  pen.paths(lines, w, CRIMSON);
}

/** Where it is cut or pushed. */
function stroke(pen: Pen, pts: readonly Pt[]): void {
  pen.line(pts, 4.4, PAPER, 0.85);
  pen.dashed(pts, 2.4, INK, '7 4');
}

const tint = (pen: Pen, pts: readonly Pt[], opacity: number): void => pen.fill(pts, TEAL, opacity);

type Draw = (pen: Pen, an: Anatomy) => Pt;

/** Each mark is drawn, and says where its badge stands. */
const DRAW: Readonly<Record<ApartMark, Draw>> = {
  fins: (pen, an) => {
    const backs = an.fins.filter((f) => f.on === 'dorsal' || f.on === 'anal');
    for (const f of backs) {
      const us = f.rays.map((r) => r.base[0] / L);
      stroke(
        pen,
        along(an, Math.min(...us), Math.min(Math.max(...us), an.body.end - 0.004), f.on === 'dorsal' ? -0.9 : 0.9),
      );
    }
    const back = backs.find((f) => f.on === 'dorsal');
    return back ? an.body.at(back.mid.base[0] / L, -1) : an.body.at(0.5, -1);
  },
  edges: (pen, an) => {
    const [a, b] = sideSpan(an);
    for (const v of [-0.86, 0.86]) stroke(pen, along(an, a, b, v));
    return an.body.at(lerp(a, b, 0.3), -0.9);
  },
  'side line': (pen, an) => {
    const [a, b] = sideSpan(an);
    stroke(pen, along(an, a, b, boneV(an) + 0.04));
    return an.body.at(lerp(a, b, 0.62), boneV(an));
  },
  halves: (pen, an) => {
    const [a, b] = sideSpan(an);
    const half = (v: number): Pt[] => [...along(an, a, b, boneV(an) + 0.04), ...along(an, b, a, v)];
    tint(pen, half(-0.96), 0.42);
    tint(pen, half(0.96), 0.2);
    return an.body.at(lerp(a, b, 0.3), -0.55);
  },
  frame: (pen, an) => {
    const [a, b] = [landmarks(an).gillU, an.body.end - 0.006];
    const mid = boneV(an);
    const flat = an.spec.plan === 'flat';
    const reach = flat ? 0.8 : 0.66;
    const shark = an.spec.plan === 'shark';
    const n = 26;
    const [, cavityEnd] = cavityU(an);
    const spines = range(n, (_, t): readonly Pt[][] => {
      const u = lerp(a + 0.02, b - 0.04, t);
      // They lean toward the tail, and are shorter there.
      const tip = u + 0.02;
      const up = [an.body.at(u, mid), an.body.at(tip, lerp(-reach, mid, t * 0.3))];
      const down = [an.body.at(u, mid), an.body.at(tip, lerp(reach, mid, t * 0.3))];
      return flat || u > cavityEnd ? [up, down] : [up];
    }).flat();
    if (!shark) bones(pen, spines, 1.2);
    bones(pen, [along(an, a, b, mid)], 4);
    return an.body.at(b - 0.01, mid);
  },
  cheek: (pen, an) => {
    const { eye, gillU } = landmarks(an);
    const at: Pt = [lerp(eye[0], gillU * L, 0.45), an.body.at(gillU - 0.03, 0.3)[1]];
    pen.dots([[at, 0.022 * L]], TEAL, 0.5);
    return at;
  },
  throat: (pen, an) => {
    const { gillU } = landmarks(an);
    const at = an.body.at(gillU + 0.005, 0.82);
    pen.dots([[at, 0.018 * L]], TEAL, 0.5);
    return at;
  },
  'pin bones': (pen, an) => {
    const [a, b] = sideSpan(an);
    const to = lerp(a, b, 0.42);
    const v = boneV(an) - 0.06;
    strays(
      pen,
      range(13, (_, t): Pt[] => {
        const u = lerp(a + 0.004, to, t);
        return [an.body.at(u, v - 0.13), an.body.at(u + 0.008, v + 0.03)];
      }),
      2.2,
    );
    return an.body.at(lerp(a, to, 0.5), v - 0.1);
  },
  'forked bones': (pen, an) => {
    const [a, b] = sideSpan(an);
    const forks = range(16, (_, t): Pt[][] => {
      const u = lerp(a + 0.006, lerp(a, b, 0.92), t);
      const at = an.body.at(u + 0.012, -0.46);
      return [
        [an.body.at(u, -0.34), at],
        [at, an.body.at(u + 0.024, -0.56)],
        [at, an.body.at(u + 0.026, -0.44)],
      ];
    }).flat();
    strays(pen, forks, 2);
    return an.body.at(lerp(a, b, 0.3), -0.55);
  },
  ribs: (pen, an) => {
    const [u0, u1] = cavityU(an);
    const n = an.spec.plan === 'flat' ? 4 : 10;
    strays(
      pen,
      range(n, (_, t): Pt[] => {
        const u = lerp(u0 + 0.006, u1 - 0.02, t);
        const top = cavityTop(an, u);
        return range(6, (__, k): Pt =>
          an.body.at(u + 0.024 * k, lerp(Math.max(boneV(an), top - 0.3), 0.84 - 0.18 * t, k)),
        );
      }),
      1.4,
    );
    return an.body.at(lerp(u0, u1, 0.35), 0.8);
  },
  cartilage: (pen, an) => {
    const { end } = an.body;
    const rods = [-1, 1].flatMap((side) =>
      range(12, (_, t): Pt[] => {
        const u = lerp(0.16, Math.min(0.5, end - 0.1), t);
        return range(5, (__, k): Pt => an.body.at(lerp(u, lerp(0.1, 0.52, t), k), side * lerp(0.3, 0.9, k)));
      }),
    );
    bones(pen, rods, 1.2);
    return an.body.at(0.32, -0.7);
  },
};

/** Below the middle of the fish a badge stands under it. */
const sideOf = (an: Anatomy, p: Pt): Note['side'] => {
  const u = p[0] / L;
  return p[1] > lerp(an.body.topAt(u), an.body.bottomAt(u), 0.6) ? 'bottom' : 'top';
};

/** The overlay of a fish that is taken apart at the table: marks in the order given, each with its badge, and the cuts that share it out. */
export function apartOverlay(drawing: ApartDrawing): ApartOverlay {
  return {
    ...drawing,
    draw: (pen, an, notes) => {
      for (const { mark, text } of drawing.marks) {
        const p = DRAW[mark](pen, an);
        if (text !== null) notes.push({ p, side: sideOf(an, p), badge: 'circle', text, label: '', color: INK });
      }
      for (const u of drawing.acrossU ?? [])
        stroke(
          pen,
          range(8, (_, t) => an.body.at(u, lerp(-0.96, 0.96, t))),
        );
      return [];
    },
  };
}
