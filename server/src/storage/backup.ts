import { copyFileSync, existsSync, linkSync, mkdirSync, readdirSync, renameSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import type { BackupMade } from '@dagboek/journal';
import Database from 'better-sqlite3';
import { BookTrouble } from './book-trouble.ts';
import { lockFolder } from './lock-folder.ts';
import { BOOK_FILE, LAST_KNOWN_FILE } from './look-at-folder.ts';

/** A folder named after an instant: "2026-09-12T14-20-00-000". */
const named = (at: string): string => at.slice(0, 23).replace(/[:.]/g, '-');
const isBackup = (f: string): boolean => /^\d{4}-\d\d-\d\dT[\d-]+$/.test(f);

/** So many of the newest are kept, and beyond them the last of each month. */
const NEWEST = 7;
const PICTURES = 'photos';

/** Reads a file of a book without changing it: how many entries it holds. Throws BookTrouble when it is not whole. */
export function entriesIn(file: string): number {
  try {
    const db = new Database(file, { readonly: true, fileMustExist: true });
    try {
      const check = db.pragma('quick_check(1)', { simple: true });
      if (check !== 'ok') throw new BookTrouble(`${file} is damaged (${String(check)}).`);
      return (db.prepare('SELECT count(*) AS n FROM entry').get() as { n: number }).n;
    } finally {
      db.close();
    }
  } catch (e) {
    if (e instanceof BookTrouble) throw e;
    throw new BookTrouble(`${file} is no book that can be read (${e instanceof Error ? e.message : String(e)}).`);
  }
}

/**
 * Copies the book of a folder into `backups` beneath it, while it is written to if need be, with its pictures, and reads
 * the copy again. `at`: names it, an ISO instant. The folder appears whole or not at all.
 */
export async function backUp(folder: string, at: string): Promise<BackupMade> {
  const all = join(folder, 'backups');
  if (!existsSync(join(folder, BOOK_FILE))) throw new BookTrouble(`There is no book in ${folder}.`);
  const [made, target] = [join(all, `.${named(at)}`), join(all, named(at))];
  if (existsSync(target)) throw new BookTrouble(`There is a backup of this moment already: ${target}.`);
  rmSync(made, { recursive: true, force: true });
  mkdirSync(made, { recursive: true });
  const db = new Database(join(folder, BOOK_FILE), { readonly: true, fileMustExist: true });
  try {
    await db.backup(join(made, BOOK_FILE));
  } finally {
    db.close();
  }
  const entries = entriesIn(join(made, BOOK_FILE));
  const pictures = copyPictures(folder, made);
  renameSync(made, target);
  return { folder: target, entries, pictures, dropped: rotate(all) };
}

/** Backups of a folder, the oldest first. */
export const backupsOf = (folder: string): string[] => {
  const all = join(folder, 'backups');
  return existsSync(all)
    ? readdirSync(all)
        .filter(isBackup)
        .sort()
        .map((f) => join(all, f))
    : [];
};

/**
 * Puts a backup in the place of the book of a folder. What lies there is set aside, not thrown away. `at`: names the
 * folder that it is set aside in. Answers the number of entries and that folder.
 */
export function restore(folder: string, backup: string, at: string): { entries: number; aside: string | null } {
  const entries = entriesIn(join(backup, BOOK_FILE));
  mkdirSync(folder, { recursive: true });
  // Not under a server that has it open: it would go on writing into the file that was set aside.
  lockFolder(folder)();
  const present = [BOOK_FILE, `${BOOK_FILE}-wal`, `${BOOK_FILE}-shm`, LAST_KNOWN_FILE].filter((f) =>
    existsSync(join(folder, f)),
  );
  const aside = present.length > 0 ? join(folder, `set-aside-${named(at)}`) : null;
  if (aside) mkdirSync(aside, { recursive: true });
  for (const f of present) renameSync(join(folder, f), join(aside ?? folder, f));
  copyFileSync(join(backup, BOOK_FILE), join(folder, `${BOOK_FILE}.part`));
  renameSync(join(folder, `${BOOK_FILE}.part`), join(folder, BOOK_FILE));
  copyPictures(backup, folder);
  return { entries, aside };
}

/** Pictures never change (they are named by what is in them): those that are not there yet, linked where the disk can. */
function copyPictures(from: string, to: string): number {
  const source = join(from, PICTURES);
  if (!existsSync(source)) return 0;
  mkdirSync(join(to, PICTURES), { recursive: true });
  const files = readdirSync(source).filter((f) => f.endsWith('.jpg'));
  for (const f of files) {
    const [a, b] = [join(source, f), join(to, PICTURES, f)];
    if (existsSync(b)) continue;
    try {
      linkSync(a, b);
    } catch {
      copyFileSync(a, b);
    }
  }
  return files.length;
}

/** Keeps the newest, and of older ones the last of each month. */
function rotate(all: string): string[] {
  const names = readdirSync(all).filter(isBackup).sort();
  const older = names.slice(0, -NEWEST);
  const dropped = older.filter((f, i) => older[i + 1]?.slice(0, 7) === f.slice(0, 7));
  for (const f of dropped) rmSync(join(all, f), { recursive: true, force: true });
  return dropped;
}
