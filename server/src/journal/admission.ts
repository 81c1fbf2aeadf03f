import { Injectable } from '@nestjs/common';
import type { Entry } from '@dagboek/journal/log';
import { BookService } from '../book/book.service.ts';

/** Writes the first lines of a book, before there is anyone in it. */
const NOBODY = 'nobody';

/**
 * Who may write what: the one seam between what a device sends and the log. Today every device that reaches the server may
 * write for the people of its book, and for nobody else; when members sign in, what they may do is decided here.
 */
@Injectable()
export class Admission {
  constructor(private readonly books: BookService) {}

  /**
   * Why an entry may not be written yet; null when it may. `joining`: ids of those who join in the same batch. Not yet is not
   * never: whoever wrote it may join by a line that is still on its way from another device.
   */
  waits(entry: Entry, joining: ReadonlySet<string>): string | null {
    const { book } = this.books;
    // A book without people is just being opened, by whoever will be the first of them.
    if (entry.member === NOBODY || joining.has(entry.member) || book.allAny('member').length === 0) return null;
    if (book.getAny('member', entry.member)) return null;
    return 'Whoever wrote this is not in the crew of this book yet. It goes by itself once they are.';
  }
}
