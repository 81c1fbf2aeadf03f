import { type Anatomy, buildAnatomy } from '../anatomy.ts';
import { lerp, range } from '../maths.ts';
import type { Note } from '../overlays.ts';
import type { Pen } from '../pen.ts';
import type { FigureSpec, Pt } from '../spec.ts';
import { INK, PAPER } from '../units.ts';
import { steakSpan } from './cut-lines.ts';
import { massAlong } from './mass-along.ts';

/** What is shared out: the fish as it is, or its sides without head. */
export type SharedBody = 'whole' | 'sides';

/** A part of a fish between two cuts across it. Places are shares of what is shared out, 0 at its head end. */
export interface SharedPart {
  readonly from: number;
  readonly to: number;
  /** Of the total length, from the nose. */
  readonly fromU: number;
  readonly toU: number;
  /** As thick at its thickest as this share of the thickest of all. */
  readonly thickest: number;
}

/** Places at which the thickness of a part is looked at. */
const LOOKS = 40;

/**
 * Where a fish is cut across so that its parts have the masses that are wanted, from the head on: its drawn body, as `massAlong` has it.
 * `masses`: of each part in any one unit, none below 0, not all of them 0. Throws RangeError else.
 */
export function shareOut(spec: FigureSpec, body: SharedBody, masses: readonly number[]): SharedPart[] {
  const all = masses.reduce((a, b) => a + b, 0);
  if (!(all > 0) || masses.some((m) => !(m >= 0))) throw new RangeError('shares: masses above 0');
  const an = buildAnatomy(spec, 'icon');
  const along = massAlong(an);
  const firstU = body === 'whole' ? along.start : steakSpan(an).from;
  const [low, span] = [along.upTo(firstU), 1 - along.upTo(firstU)];
  const place = (share: number): number =>
    share <= 0 ? firstU : share >= 1 ? along.end : along.at(low + share * span);
  const deep = (a: number, b: number): number => Math.max(...range(LOOKS, (_, t) => an.body.depth(lerp(a, b, t))));
  // A flatfish is about as thick all over.
  const thickest = (a: number, b: number): number =>
    spec.plan === 'flat' ? 1 : Math.min(1, deep(a, b) / deep(firstU, along.end));
  let before = 0;
  return masses.map((m) => {
    const [fromU, toU] = [place(before / all), place((before += m) / all)];
    const of = (u: number): number => (u - firstU) / (along.end - firstU);
    return { from: of(fromU), to: of(toU), fromU, toU, thickest: thickest(fromU, toU) };
  });
}

/** Parts as they are drawn: what is written on each, and whether a dish has it. */
export interface ShareDrawing {
  readonly parts: readonly { readonly fromU: number; readonly toU: number; readonly text: string | null }[];
}

/** Parts laid over a fish, for `drawFish`. */
export interface ShareOverlay extends ShareDrawing {
  readonly draw: (pen: Pen, an: Anatomy, notes: Note[]) => Pt[];
}

const TEAL = 'var(--teal, #0b6b6b)';
/** How strongly one part and the next are tinted. */
const TINTS = [0.42, 0.2] as const;

/** The overlay of a fish that is shared out: every part that a dish has is tinted and bears its mark, the cuts between are dashed. */
export function shareOverlay(drawing: ShareDrawing): ShareOverlay {
  return {
    ...drawing,
    draw: (pen, an, notes) => {
      const across = (u: number): Pt[] => range(8, (_, t) => an.body.at(u, lerp(-1, 1, t)));
      const edge = (a: number, b: number, v: number): Pt[] => range(24, (_, t) => an.body.at(lerp(a, b, t), v));
      drawing.parts.forEach(({ fromU, toU, text }, i) => {
        if (i > 0) {
          pen.line(across(fromU), 3.4, PAPER, 0.8);
          pen.dashed(across(fromU), 2, INK, '6 4');
        }
        if (text === null) return;
        const ring = [...edge(fromU, toU, -1), ...edge(toU, fromU, 1)].map(pen.warp);
        const d = `M${ring.map(([x, y]) => `${pen.num(x)} ${pen.num(y)}`).join('L')}Z`;
        pen.raw(`<path d="${d}" fill="${TEAL}" fill-opacity="${TINTS[i % 2]}"/>`);
        notes.push({
          p: an.body.at((fromU + toU) / 2, -0.2),
          side: 'top',
          badge: 'circle',
          text,
          label: '',
          color: INK,
        });
      });
      return [];
    },
  };
}
