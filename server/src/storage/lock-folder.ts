import { join } from 'node:path';
import Database from 'better-sqlite3';
import { BookTrouble } from '../common/book-trouble.ts';

/** Beside the book; empty. */
const LOCK_FILE = 'dagboek.lock';

/**
 * Takes a folder for this process alone, until the lock is given back or the process ends, however it ends: the operating
 * system holds it, through SQLite's own exclusive transaction. Throws BookTrouble while another process has it.
 */
export function lockFolder(folder: string): () => void {
  const db = new Database(join(folder, LOCK_FILE), { timeout: 0 });
  try {
    // The lock is the file's, not a journal's: nothing is ever written in it.
    db.pragma('journal_mode = MEMORY');
    db.exec('BEGIN EXCLUSIVE');
  } catch (e) {
    db.close();
    if ((e as { code?: string }).code !== 'SQLITE_BUSY') throw e;
    throw new BookTrouble(
      `Another server has the book in ${folder} open. Stop that one, or set DAGBOEK_DATA to another folder.`,
    );
  }
  return () => {
    if (db.open) db.close();
  };
}
