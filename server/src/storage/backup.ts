import {
  closeSync,
  copyFileSync,
  existsSync,
  fsyncSync,
  linkSync,
  mkdirSync,
  openSync,
  readdirSync,
  readFileSync,
  renameSync,
  rmSync,
  writeFileSync,
} from 'node:fs';
import { join } from 'node:path';
import type { BackupMade } from '@dagboek/journal/log';
import Database from 'better-sqlite3';
import { sayLine } from './read-log.ts';
import { BookTrouble } from '../common/book-trouble.ts';
import { lockFolder } from './lock-folder.ts';
import { BOOK_FILE, LAST_KNOWN_FILE, RESTORING_FILE } from './look-at-folder.ts';
import { missingPictures, picturesOf, PICTURES, prove, type Proven } from './prove.ts';

/** A folder named after an instant: "2026-09-12T14-20-00-000". */
const named = (at: string): string => at.slice(0, 23).replace(/[:.]/g, '-');
const isBackup = (f: string): boolean => /^\d{4}-\d\d-\d\dT[\d-]+$/.test(f);

/** The last of so many of the newest days are kept, and beyond them the last of each month. */
const NEWEST_DAYS = 7;
/** Within a copy: what it was when it was made. */
const COPY_FILE = 'copy.json';
/** Told by name before the rest is counted. */
const TOLD = 5;

/** What a copy was when it was made and read again. */
interface CopyNote {
  readonly book: string;
  readonly last: number;
  readonly digest: string;
  /** Bytes of each picture, by file. */
  readonly pictures: Readonly<Record<string, number>>;
}

/** Down to the disk: what a rename puts in place after it is whole, whatever happens next. */
function flush(path: string): void {
  const fd = openSync(path, 'r');
  try {
    fsyncSync(fd);
  } catch {
    // A file system that cannot do it for folders.
  } finally {
    closeSync(fd);
  }
}

const noRoom = (e: unknown): boolean => /^(ENOSPC|EDQUOT|SQLITE_FULL)$/.test((e as { code?: string }).code ?? '');

/**
 * Copies the book of a folder into `backups` beneath it, while it is written to if need be, with its pictures, and reads
 * the copy again. `at`: names it, an ISO instant. The folder appears whole or not at all. Throws BookTrouble.
 */
export async function backUp(folder: string, at: string): Promise<BackupMade> {
  const all = join(folder, 'backups');
  if (!existsSync(join(folder, BOOK_FILE))) throw new BookTrouble(`There is no book in ${folder}.`);
  const [made, target] = [join(all, `.${named(at)}`), join(all, named(at))];
  if (existsSync(target)) throw new BookTrouble(`There is a backup of this moment already: ${target}.`);
  rmSync(made, { recursive: true, force: true });
  try {
    mkdirSync(made, { recursive: true, mode: 0o700 });
    const db = new Database(join(folder, BOOK_FILE), { readonly: true, fileMustExist: true });
    try {
      await db.backup(join(made, BOOK_FILE));
    } finally {
      db.close();
    }
    const proven = prove(join(made, BOOK_FILE));
    const pictures = copyPictures(folder, made);
    const note: CopyNote = { book: proven.book, last: proven.last, digest: proven.digest, pictures: picturesOf(made) };
    writeFileSync(join(made, COPY_FILE), `${JSON.stringify(note)}\n`, { mode: 0o600 });
    for (const f of [BOOK_FILE, COPY_FILE]) flush(join(made, f));
    renameSync(made, target);
    flush(all);
    return {
      folder: target,
      entries: proven.entries,
      pictures,
      dropped: rotate(all),
      damaged: proven.damaged.length,
      missing: missingPictures(target, proven.photos).length,
    };
  } catch (e) {
    // Half a copy would fill a full disk the more.
    rmSync(made, { recursive: true, force: true });
    if (!noRoom(e)) throw e;
    throw new BookTrouble(
      `There is no room left for a copy in ${all}. Nothing half was left there, and the book itself is as it was. Free some room, or take older copies away.`,
    );
  }
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

function noteOf(backup: string): CopyNote | null {
  try {
    return JSON.parse(readFileSync(join(backup, COPY_FILE), 'utf8')) as CopyNote;
  } catch {
    // Of an earlier version, or the note itself is damaged: the lines have digests of their own.
    return null;
  }
}

/** A few by name, and how many more. */
const some = (list: readonly string[]): string =>
  `${list.slice(0, TOLD).join(', ')}${list.length > TOLD ? ` and ${list.length - TOLD} more` : ''}`;

/** What is wrong with a copy, each in a sentence; none when it is as it was made. Throws BookTrouble where it cannot be read at all. */
export function lookAtBackup(backup: string): { readonly proven: Proven; readonly troubles: readonly string[] } {
  const proven = prove(join(backup, BOOK_FILE));
  const note = noteOf(backup);
  const troubles: string[] = [];
  if (proven.damaged.length > 0) troubles.push(`Not as it was taken: ${some(proven.damaged.map(sayLine))}.`);
  if (note && (note.last !== proven.last || note.digest !== proven.digest))
    troubles.push(
      `It had ${note.last} lines when it was made, and has ${proven.last}${note.last === proven.last ? ' that say something else' : ''} now.`,
    );
  const here = picturesOf(backup);
  const gone = Object.entries(note?.pictures ?? {}).flatMap(([f, bytes]) => (here[f] === bytes ? [] : [f]));
  if (gone.length > 0) troubles.push(`Pictures that it had are gone or cut short: ${some(gone)}.`);
  return { proven, troubles };
}

/** What became of a restore. */
export interface Restored {
  readonly entries: number;
  /** Where what lay there before was set aside; null where nothing did. */
  readonly aside: string | null;
  /** Pictures that the book speaks of and that are nowhere, by name. */
  readonly missing: readonly string[];
}

/** Steps of a restore, each done before the next: tests end the process between any two. */
export type RestoreStep = 'proven' | 'noted' | 'copied' | 'pictures' | 'set aside' | 'swapped';

/**
 * Puts a backup in the place of the book of a folder: copied beside it, proven, and only then swapped. What lies there is set
 * aside, not thrown away. A start in the middle of it is told, since a note lies there from the first step to the last. `at`:
 * names the folder that it is set aside in. `anyway`: also a copy that is not as it was made. Throws BookTrouble.
 */
export function restore(
  folder: string,
  backup: string,
  at: string,
  anyway = false,
  step: (done: RestoreStep) => void = () => undefined,
): Restored {
  const { proven, troubles } = lookAtBackup(backup);
  if (troubles.length > 0 && !anyway)
    throw new BookTrouble(
      `${backup} is not as it was made. ${troubles.join(' ')} Choose another copy; or, to take this one as it is, add --anyway.`,
    );
  step('proven');
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  // Not under a server that has it open: it would go on writing into the file that was set aside.
  lockFolder(folder)();
  writeFileSync(join(folder, RESTORING_FILE), `${backup}\n`, { mode: 0o600 });
  flush(folder);
  step('noted');
  const part = join(folder, `${BOOK_FILE}.part`);
  copyFileSync(join(backup, BOOK_FILE), part);
  flush(part);
  const copied = prove(part);
  if (copied.last !== proven.last || copied.digest !== proven.digest)
    throw new BookTrouble(
      `What was copied to ${folder} is not what ${backup} says: its disk is failing. Nothing was changed.`,
    );
  step('copied');
  copyPictures(backup, folder);
  step('pictures');
  const present = [BOOK_FILE, `${BOOK_FILE}-wal`, `${BOOK_FILE}-shm`, LAST_KNOWN_FILE].filter((f) =>
    existsSync(join(folder, f)),
  );
  const aside = present.length > 0 ? join(folder, `set-aside-${named(at)}`) : null;
  if (aside) mkdirSync(aside, { recursive: true, mode: 0o700 });
  for (const f of present) renameSync(join(folder, f), join(aside ?? folder, f));
  step('set aside');
  renameSync(part, join(folder, BOOK_FILE));
  flush(folder);
  step('swapped');
  rmSync(join(folder, RESTORING_FILE));
  return { entries: proven.entries, aside, missing: missingPictures(folder, proven.photos) };
}

/** Pictures never change (they are named by what is in them): those that are not there yet, linked where the disk can. */
function copyPictures(from: string, to: string): number {
  const source = join(from, PICTURES);
  if (!existsSync(source)) return 0;
  mkdirSync(join(to, PICTURES), { recursive: true, mode: 0o700 });
  const files = readdirSync(source).filter((f) => f.endsWith('.jpg'));
  const there = picturesOf(to);
  for (const f of files) {
    const [a, b] = [join(source, f), join(to, PICTURES, f)];
    if (there[f]) continue;
    rmSync(b, { force: true });
    try {
      linkSync(a, b);
    } catch {
      // Whole or not at all: what is cut short here would be taken for the picture.
      copyFileSync(a, `${b}.part`);
      renameSync(`${b}.part`, b);
    }
  }
  return files.length;
}

/** Keeps the last of each of the newest days, and of older ones the last of each month. */
function rotate(all: string): string[] {
  const names = readdirSync(all).filter(isBackup).sort();
  const lastOf = (length: number) => (f: string, i: number, list: readonly string[]) =>
    list[i + 1]?.slice(0, length) !== f.slice(0, length);
  const days = names.filter(lastOf('2026-09-12'.length));
  const kept = new Set([
    ...days.slice(-NEWEST_DAYS),
    ...days.filter(lastOf('2026-09'.length)),
    // The one before the newest, too: a second tap is no reason to be without.
    ...names.slice(-2),
  ]);
  const dropped = names.filter((f) => !kept.has(f));
  for (const f of dropped) rmSync(join(all, f), { recursive: true, force: true });
  return dropped;
}
