import type { Asks } from '../asked.ts';
import { TAKEN_FOR } from '../../log/facts/larder.ts';
import type { PackState } from '../../log/state/states.ts';
import { harmOf, isNotToEat } from './packs-held.ts';

/** What a part of a pack may be taken out for. What is not to be eaten is thrown away, and given to nobody, man or beast. */
export const takenFor = (
  { book, species: byId, nowMs }: Asks<'book' | 'species' | 'nowMs'>,
  pack: PackState,
): readonly (typeof TAKEN_FOR)[number][] =>
  isNotToEat(harmOf({ book, species: byId, nowMs }, pack)) ? ['thrown away'] : TAKEN_FOR;
