import type { Asks } from '../asked.ts';
import { type PackForm, packName, type Wrapping } from '@dagboek/core/larder';
import type { SpeciesFacts } from '@dagboek/core/species';
import { addDays, epochMs, instantOf } from '@dagboek/core/time';
import type { Writing } from '../../log/book/writing.ts';
import { nextPackNumber } from '../bodies/pack-numbers.ts';
import type { Store } from '../places/stores.ts';

/** A pack that the board never saw, as somebody tells it. */
export interface PackByHand {
  readonly species: Pick<SpeciesFacts, 'id' | 'name'>;
  readonly form: PackForm;
  readonly massG: number;
  /** Null: not counted. */
  readonly pieces: number | null;
  readonly wrapping: Wrapping;
  readonly store: Store;
  readonly daysAgo: number;
}

/** Of another day nobody remembers the hour. */
const SOME_HOUR = '18:00';

/** The line that puts it by: given, bought, or packed before there was a book. No fish is in it that has a line. */
export const packByHand = (
  { book, zone }: Asks<'book' | 'zone'>,
  p: PackByHand,
  today: string,
  newId: string,
): Writing => ({
  kind: 'pack.stored',
  subject: newId,
  facts: {
    number: nextPackNumber(book),
    what: packName(p.species.name, p.form, p.pieces),
    species: p.species.id,
    form: p.form,
    massG: p.massG,
    ...(p.pieces === null ? {} : { pieces: p.pieces }),
    wrapping: p.wrapping,
    place: p.store.place,
    ...(p.store.own ? { store: p.store.id } : {}),
    fish: [],
  },
  ...(p.daysAgo === 0
    ? {}
    : { more: { atMs: epochMs(instantOf(addDays(today, -p.daysAgo), SOME_HOUR, zone)), about: true } }),
});
