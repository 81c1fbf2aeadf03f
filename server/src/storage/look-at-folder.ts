import { sayAll } from '@dagboek/core/units';
import { existsSync, readdirSync, readSync, openSync, closeSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { BookTrouble } from '../common/book-trouble.ts';

export const BOOK_FILE = 'dagboek.sqlite';
/** Beside it: how far its log reached when it was last written to. */
export const LAST_KNOWN_FILE = 'dagboek.last';
/** Lies there while a copy is put back. */
export const RESTORING_FILE = 'dagboek.restoring';
/** A SQLite file begins so; 100 bytes of header follow. */
const SQLITE = 'SQLite format 3\0';

const RESTORE = 'Put a backup back with `npm run restore`';
const ANEW = 'or, for a new book, start with DAGBOEK_DATA set to an empty folder.';

/**
 * Looks at a folder before its book is opened, so that a used folder never becomes a new book unasked: SQLite takes a
 * missing or empty file for a new one. Throws BookTrouble.
 */
export function lookAtFolder(folder: string): void {
  if (!existsSync(folder)) return;
  if (!statSync(folder).isDirectory())
    throw new BookTrouble(`${folder} is a file, and the book needs a folder. Set DAGBOEK_DATA to another.`);
  const file = join(folder, BOOK_FILE);
  const others = readdirSync(folder).filter(
    (f) =>
      ['photos', 'backups', `${BOOK_FILE}-wal`, `${BOOK_FILE}.part`, LAST_KNOWN_FILE].includes(f) ||
      f.startsWith('set-aside-'),
  );
  if (existsSync(join(folder, RESTORING_FILE)))
    throw new BookTrouble(
      `A copy was being put back in ${folder}, and that was cut short. Nothing is lost: do it once more with \`npm run restore\`${others.some((f) => f.startsWith('set-aside-')) ? '; what was there before lies in its folders named set-aside' : ''}.`,
    );
  if (!existsSync(file)) {
    if (others.length > 0)
      throw new BookTrouble(
        `${folder} held a book (${sayAll(others)}), and its file ${BOOK_FILE} is gone. ${RESTORE}, ${ANEW}`,
      );
    return;
  }
  if (statSync(file).size === 0)
    throw new BookTrouble(`${file} is empty: a copy that was cut short. ${RESTORE}, ${ANEW}`);
  const head = Buffer.alloc(SQLITE.length);
  const fd = openSync(file, 'r');
  readSync(fd, head, 0, head.length, 0);
  closeSync(fd);
  if (head.toString('latin1') !== SQLITE)
    throw new BookTrouble(`${file} is no book: it is another kind of file, or damaged. ${RESTORE}, ${ANEW}`);
}
