import { MEASURE_ERRORS } from '@dagboek/core/measure';
import type { MeasureMethod } from '@dagboek/core/species';
import type { Book } from '../../log/book/book.ts';

/** How well lengths are read in this crew's hands, 1 sd in mm: as they have found it, else as usual. */
export function methodError(book: Book, method: MeasureMethod): { readonly sdMm: number; readonly own: boolean } {
  const own = book.all('book')[0]?.errors[method];
  return { sdMm: own ?? MEASURE_ERRORS[method].fixedMm, own: own !== undefined };
}
