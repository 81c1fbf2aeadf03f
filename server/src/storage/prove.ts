import { existsSync, readdirSync, statSync } from 'node:fs';
import { join } from 'node:path';
import Database from 'better-sqlite3';
import { type DamagedLine, type LogRow, ReadLog } from './read-log.ts';
import { BookTrouble } from '../common/book-trouble.ts';

/** Pictures beside a book, or beside a copy of it. */
export const PICTURES = 'photos';

/** What a file of a book turned out to be. */
export interface Proven {
  readonly entries: number;
  /** Lines that do not say what they said when they were taken. */
  readonly damaged: readonly DamagedLine[];
  /** How far its log reaches, and the digest there. */
  readonly last: number;
  readonly digest: string;
  /** Which book it is. */
  readonly book: string;
  /** Names of the pictures that its lines speak of. */
  readonly photos: readonly string[];
}

/** Reads a file of a book to its last line without changing it. Throws BookTrouble when it cannot be read at all. */
export function prove(file: string): Proven {
  try {
    const db = new Database(file, { readonly: true, fileMustExist: true });
    try {
      const check = db.pragma('quick_check(1)', { simple: true });
      if (check !== 'ok') throw new BookTrouble(`${file} is damaged (${String(check)}).`);
      const columns = db.pragma('table_info(entry)') as { name: string }[];
      // Copies of an earlier version know no digests.
      const digest = columns.some((c) => c.name === 'digest') ? 'digest' : `'' AS digest`;
      const log = new ReadLog();
      for (const r of db.prepare(`SELECT seq, id, subject, kind, body, ${digest} FROM entry ORDER BY seq`).iterate())
        log.take(r as LogRow);
      const [identity] = db.prepare('SELECT id FROM identity').all() as { id: string }[];
      return {
        entries: log.entries.length + log.damaged.length,
        damaged: log.damaged,
        last: log.chain.last,
        digest: log.chain.at(log.chain.last) ?? '',
        book: identity?.id ?? '',
        photos: [...new Set(log.entries.flatMap((e) => photoIn(e.facts)))],
      };
    } finally {
      db.close();
    }
  } catch (e) {
    if (e instanceof BookTrouble) throw e;
    throw new BookTrouble(`${file} is no book that can be read (${e instanceof Error ? e.message : String(e)}).`);
  }
}

const photoIn = (facts: Readonly<Record<string, unknown>>): string[] => {
  const { photo } = facts;
  return typeof photo === 'string' && /^[0-9a-f]{64}$/.test(photo) ? [photo] : [];
};

/** Sizes of the pictures beside a book, by file, bytes. */
export function picturesOf(folder: string): Record<string, number> {
  const at = join(folder, PICTURES);
  if (!existsSync(at)) return {};
  const files = readdirSync(at).filter((f) => f.endsWith('.jpg'));
  return Object.fromEntries(files.map((f) => [f, statSync(join(at, f)).size]));
}

/** Pictures that lines speak of and that are not beside them, or are empty, by name. */
export function missingPictures(folder: string, photos: readonly string[]): string[] {
  const here = picturesOf(folder);
  return photos.filter((p) => !here[`${p}.large.jpg`] || !here[`${p}.small.jpg`]);
}
