import { existsSync, mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { DataSource } from 'typeorm';
import { BookTrouble } from '../common/book-trouble.ts';
import { BOOK_FILE, lookAtFolder } from './look-at-folder.ts';
import { Journal1790000000001 } from './migration-1-journal.ts';
import { OneBook1790000000002 } from './migration-2-one-book.ts';
import { Digests1790000000006 } from './migration-4-digests.ts';
import { SentBy1790000000004 } from './migration-3-sent-by.ts';
import { ROWS } from './rows.ts';

/**
 * Opens the book's file in a folder (made if need be) and brings it up to date. WAL; an acknowledged write is on disk.
 * Throws BookTrouble where a folder that was used holds no whole book.
 */
export async function openDataSource(folder: string): Promise<DataSource> {
  lookAtFolder(folder);
  mkdirSync(folder, { recursive: true });
  const file = join(folder, BOOK_FILE);
  const used = existsSync(file);
  const source = new DataSource({
    type: 'better-sqlite3',
    database: file,
    entities: ROWS,
    migrations: [Journal1790000000001, OneBook1790000000002, SentBy1790000000004, Digests1790000000006],
    migrationsRun: false,
    synchronize: false,
    prepareDatabase: (db: { pragma: (s: string) => unknown }) => {
      for (const p of ['journal_mode = WAL', 'synchronous = FULL', 'foreign_keys = ON', 'busy_timeout = 5000'])
        db.pragma(p);
    },
  });
  try {
    await source.initialize();
    if (used) await holdsABook(source, file);
    await source.runMigrations();
  } catch (e) {
    if (source.isInitialized) await source.destroy();
    // SQLite may find the damage before it is asked for it.
    const { message } = e as { readonly message?: string };
    throw message && /malformed|not a database/.test(message) ? damaged(file, message) : e;
  }
  return source;
}

const damaged = (file: string, how: string): BookTrouble =>
  new BookTrouble(
    `${file} is damaged (${how}). Keep a copy of the folder, and put a backup back with \`npm run restore\`.`,
  );

/** Whether a file that was there already is whole, and a book: a copy without its -wal file may hold nothing at all. */
async function holdsABook(source: DataSource, file: string): Promise<void> {
  const [check] = (await source.query('PRAGMA quick_check(1)')) as { quick_check: string }[];
  if (check?.quick_check !== 'ok') throw damaged(file, check?.quick_check ?? 'no answer');
  const tables = (await source.query(`SELECT name FROM sqlite_master WHERE type = 'table'`)) as unknown[];
  if (tables.length === 0)
    throw new BookTrouble(
      `${file} holds nothing: it was copied without its file ${BOOK_FILE}-wal, or a first start was cut short. Put a backup back with \`npm run restore\`; if no book was ever here, delete the file.`,
    );
}

/** Brings everything into the one file, so that a copy of it is a copy of the book. `mode`: PASSIVE waits for nobody. */
export async function checkpoint(source: DataSource, mode: 'PASSIVE' | 'TRUNCATE'): Promise<void> {
  if (source.isInitialized) await source.query(`PRAGMA wal_checkpoint(${mode})`);
}

/** Ends with the whole book in its one file. */
export async function closeDataSource(source: DataSource): Promise<void> {
  if (!source.isInitialized) return;
  await checkpoint(source, 'TRUNCATE');
  await source.destroy();
}
