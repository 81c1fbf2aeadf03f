import { routeOf } from '@dagboek/core/cut';
import { type ConductionBody, flesh } from '@dagboek/core/heat';
import type { PackForm } from '@dagboek/core/larder';
import type { Book } from '../../log/book/book.ts';
import type { PackState } from '../../log/state/states.ts';
import { cutsOfPack } from './cut-of-pack.ts';

/** What a pack is: packs of earlier versions said *whole* of every fish that kept its bone, and the route of their cut says which. */
export function formOfPack(book: Book, pack: PackState): PackForm {
  const [cut] = pack.form === 'whole' ? cutsOfPack(book, pack) : [];
  return cut ? routeOf(cut.route).form : pack.form;
}

/** Packed flesh as a slab, m (half of it): fillets in two layers. Thick rather than thin, so that it cools late. Our own assumption. */
const PACK_HALF_M = 0.025;
/** A pack of cut flesh as it takes up heat and gives it off, wherever that is asked. */
export const packFlesh = (fat: 'lean' | 'oily'): ConductionBody => ({
  radiusM: PACK_HALF_M,
  exponent: 0,
  material: flesh(fat),
});
