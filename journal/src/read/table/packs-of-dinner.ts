import type { Asks } from '../asked.ts';
import { outweighs } from '@dagboek/core/cut';
import { sayMass, type Units } from '@dagboek/core/units';
import { packNumber } from '../bodies/pack-numbers.ts';
import { heldPack, isNotToEat, whyNotToEat } from '../keeping/packs-held.ts';
import type { DinnerState } from '../../log/state/states.ts';

/** What has become of the packs of a dinner since it was planned, so that it cannot be served of them: eaten, struck, or not to be eaten any more. */
export function packsGone(asked: Asks<'book' | 'species' | 'day' | 'nowMs'>, d: DinnerState, units?: Units): string[] {
  const { book } = asked;
  return d.dishes
    .flatMap((x) => x.packs)
    .flatMap(({ pack: id, massG }): string[] => {
      const pack = book.getAny('pack', id);
      if (!pack) return ['A pack of this dinner is not in the book.'];
      const of = `Pack ${packNumber(book, pack)}`;
      const held = heldPack(asked, pack);
      if (!held) return [`${of} is no longer in the larder: it was eaten, thrown away or crossed out.`];
      if (isNotToEat(held)) return [`${of} is not eaten. ${whyNotToEat(held)}`];
      return outweighs(massG, held.leftG)
        ? [`${of} holds ${sayMass(held.leftG, units)}, and ${sayMass(massG, units)} were planned.`]
        : [];
    });
}
