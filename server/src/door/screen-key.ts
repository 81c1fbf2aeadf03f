import { randomInt, timingSafeEqual } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { doorFolder } from '../common/door-log.ts';

/** Without those that are read for another. */
const LETTERS = 'abcdefghjkmnpqrstuvwxyz23456789';
/** Fifty bits: nobody guesses it over a wire. */
const LENGTH = 10;

/**
 * What makes a browser *the server's own screen*: the terminal says it, on the machine that keeps the book. An address of this
 * machine alone proves nothing, since whatever passes requests on from afar asks from it too.
 */
export function screenKey(data: string): string {
  const file = join(doorFolder(data), 'screen-key');
  const kept = existsSync(file) ? readFileSync(file, 'utf8').trim() : '';
  if (kept.length === LENGTH) return kept;
  const made = Array.from({ length: LENGTH }, () => LETTERS[randomInt(LETTERS.length)]).join('');
  mkdirSync(doorFolder(data), { recursive: true, mode: 0o700 });
  writeFileSync(file, `${made}\n`, { mode: 0o600 });
  return made;
}

/** Whether what was shown is the key; takes as long whatever is wrong with it. */
export function isScreenKey(shown: string | null, key: string): boolean {
  const [a, b] = [Buffer.from((shown ?? '').trim().toLowerCase()), Buffer.from(key)];
  return a.length === b.length && timingSafeEqual(a, b);
}
