import type { Asks } from '../asked.ts';
import { outweighs } from '@dagboek/core/cut';
import { sayMass, type Units } from '@dagboek/core/units';
import { packNumber } from '../bodies/pack-numbers.ts';
import { heldPack, isNotToEat, whyNotToEat } from '../keeping/packs-held.ts';
import type { DinnerState } from '../../log/state/states.ts';
import { dishesToServe, lastServedMs } from './courses.ts';
import { dinnersOpen } from './dinners.ts';

/** What is taken of packs by dishes, g, summed by pack. */
function gramsByPack(
  dishes: readonly { readonly packs: readonly { pack: string; massG: number }[] }[],
): Map<string, number> {
  const sum = new Map<string, number>();
  for (const { pack, massG } of dishes.flatMap((x) => x.packs)) sum.set(pack, (sum.get(pack) ?? 0) + massG);
  return sum;
}

/** What has become of the packs of a dinner since it was planned, so that it cannot be served of them: eaten, struck, or not to be eaten any more. */
export function packsGone(asked: Asks<'book' | 'species' | 'day' | 'nowMs'>, d: DinnerState, units?: Units): string[] {
  const { book } = asked;
  return [...gramsByPack(dishesToServe(book, d))].flatMap(([id, massG]): string[] => {
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

/** Boneless meat that the dishes of a dinner take, g: as much as is held of their packs. */
export const meatOfDinner = (asked: Asks<'book' | 'species' | 'day' | 'nowMs'>, d: DinnerState): number =>
  [...gramsByPack(dishesToServe(asked.book, d))].reduce((g, [id, massG]) => {
    const pack = asked.book.get('pack', id);
    const held = pack && heldPack(asked, pack);
    return held && held.leftG > 0 ? g + (held.body.meatG * Math.min(massG, held.leftG)) / held.leftG : g;
  }, 0);

/** What a pack is spoken for: by which dish of which dinner, and how much, g. */
export interface SpokenFor {
  readonly dinner: string;
  readonly dish: string;
  readonly massG: number;
}

/** A dinner that nobody ended holds its packs no more so long after its hour, ms. */
const FORGOTTEN_MS = 12 * 3_600_000;

/** What of each pack the dinners that are planned will take, by pack: it lies there still, and is no longer free. */
export function packsSpokenFor({ book, nowMs }: Asks<'book' | 'nowMs'>): ReadonlyMap<string, readonly SpokenFor[]> {
  const by = new Map<string, SpokenFor[]>();
  for (const d of dinnersOpen(book).filter((x) => nowMs - lastServedMs(x) < FORGOTTEN_MS))
    for (const dish of dishesToServe(book, d))
      for (const { pack, massG } of dish.packs)
        by.set(pack, [...(by.get(pack) ?? []), { dinner: d.id, dish: dish.name, massG }]);
  return by;
}

/** Which of those that a pack is spoken for by will miss some of it when so much is taken besides, g; none where there is enough for all. */
export const missesSome = (spoken: readonly SpokenFor[], leftG: number, takenG: number): readonly SpokenFor[] =>
  outweighs(
    spoken.reduce((g, s) => g + s.massG, takenG),
    leftG,
  )
    ? spoken
    : [];
