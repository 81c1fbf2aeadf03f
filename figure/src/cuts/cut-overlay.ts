import type { Anatomy } from '../anatomy.ts';
import type { Note } from '../overlays.ts';
import type { Pen } from '../pen.ts';
import type { Pt } from '../spec.ts';
import { type CutDrawing, drawCuts } from './draw-cuts.ts';

/** Lines of the knife to be laid over a fish. It brings its own drawing, so that pages without a knife need not carry it. */
export interface CutOverlay extends CutDrawing {
  /** Draws them; returns what lies outside of the fish and must be in the picture. */
  readonly draw: (pen: Pen, an: Anatomy, notes: Note[]) => Pt[];
}

/** The overlay of some lines of the knife, for `drawFish`. */
export const cutOverlay = (cuts: CutDrawing): CutOverlay => ({
  ...cuts,
  draw: (pen, an, notes) => drawCuts(pen, an, cuts, notes),
});
