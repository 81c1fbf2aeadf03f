import type { Asks } from '../asked.ts';
import { type SharedSides, shareSides } from '@dagboek/core/carve';
import type { PieceCut } from '@dagboek/core/cook';
import { cookedG } from '@dagboek/core/plates';
import type { SpeciesFacts } from '@dagboek/core/species';
import type { DinnerDish } from '../../log/facts/dinner.ts';
import type { DinnerState } from '../../log/state/states.ts';
import { takenBody } from '../keeping/pack-body.ts';

/** A dish of whole fish as it comes to the table. */
export interface WholeOnPlate<S> {
  readonly species: S;
  readonly fish: number;
  readonly plates: number;
  /** How they go round. */
  readonly shares: SharedSides;
}

/** What of a dish comes to the table whole and is taken apart there; null of pieces, and of fish that nobody named. */
export function wholeOnPlate<S extends SpeciesFacts>(
  asked: Asks<'book' | 'species', S>,
  d: Pick<DinnerState, 'eaters' | 'guests'>,
  dish: DinnerDish,
): WholeOnPlate<S> | null {
  const { piece, pieces = 1 } = (dish.fire ?? {}) as { piece?: { cut?: PieceCut }; pieces?: number };
  if (piece?.cut !== 'whole') return null;
  const packs = dish.packs.flatMap(({ pack, massG }) => {
    const p = asked.book.getAny('pack', pack);
    return p ? [{ pack: p, massG }] : [];
  });
  const species = asked.species(packs[0]?.pack.species ?? null);
  const meatG = packs.reduce((g, { pack, massG }) => g + takenBody(asked, pack, massG).meatG, 0);
  const plates = d.eaters.length + d.guests;
  const shares = shareSides(pieces, plates, cookedG(meatG));
  return species && shares ? { species, fish: pieces, plates, shares } : null;
}
