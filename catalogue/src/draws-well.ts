import { drawFish, type FigureSpec } from '@dagboek/figure';

/** As in a list, and as large as its page draws it, with every fine mark. */
const SIZES = [64, 760];

/** Throws where a figure cannot be drawn: it draws it, small and large. */
export function mustDraw(spec: FigureSpec): void {
  for (const size of SIZES)
    if (/NaN|Infinity|undefined/.test(drawFish(spec, { size }).svg))
      throw new Error('a line of it would begin or end nowhere');
}
