import type { Part } from '../parts.ts';
import type { FigureSpec } from '../spec.ts';

/** How one state of a trait is drawn on a plain body. */
export interface StateLook {
  /** Lays the state over the body. */
  readonly change: (body: FigureSpec) => FigureSpec;
  /** Parts that are then drawn in teal (see `plainFigure`). */
  readonly teal: readonly string[];
  /** What is laid over the plain drawing in colours of its own, where the colour is the state. */
  readonly paint?: (plain: FigureSpec) => FigureSpec;
}

/** The states of a trait by id; `crop`: only the surroundings of one part are shown. */
export interface TraitLooks {
  readonly crop?: { readonly part: Part; readonly span: number };
  readonly states: Readonly<Record<string, StateLook>>;
}

export const TEAL = '#0a4c52';
export const INK = '#15181b';
export const PAPER = '#fcf8ec';
export const WASH = '#cbddd8';

/** The figure unchanged. */
export const asIs = (body: FigureSpec): FigureSpec => body;
/** Nothing there: the body as it is, nothing in teal. */
export const NOTHING: StateLook = { change: asIs, teal: [] };
