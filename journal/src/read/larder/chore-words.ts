import type { Chore } from '@dagboek/core/larder';
import type { Book } from '../../log/book/book.ts';
import { packNumber } from '../bodies/pack-numbers.ts';
import { storeById } from '../places/stores.ts';

const ofPack = (book: Book, id: string): string => {
  const p = book.getAny('pack', id);
  return p ? `pack ${packNumber(book, p)}, ${p.what}` : 'a pack';
};

/** A chore as one says it: "Change the towel round pack 84, Pollack, 3 fillets". */
export function sayChore(book: Book, c: Pick<Chore, 'of' | 'subject'>): string {
  const store = storeById(book, c.subject)?.name ?? 'a store';
  switch (c.of) {
    case 'towel':
      return `Change the towel round ${ofPack(book, c.subject)}`;
    case 'turn':
      return `Turn ${ofPack(book, c.subject)}`;
    case 'weigh':
      return `Weigh ${ofPack(book, c.subject)}`;
    case 'ice':
      return `Drain the ${store}, and add ice`;
    case 'thaw':
      return `Take ${ofPack(book, c.subject)} out of the freezer for its meal`;
    case 'read':
      return `Read the thermometer of the ${store}`;
  }
}
