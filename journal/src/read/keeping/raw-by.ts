import type { RawAuthority } from '@dagboek/core/cook';
import type { Book } from '../../log/book/book.ts';

/** By whose line of freezing the house goes for raw fish: the stricter one, until it chose. */
export const rawBy = (book: Book): RawAuthority => (book.all('book')[0]?.ways['raw by'] === 'EU' ? 'EU' : 'US');
