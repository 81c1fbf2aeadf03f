import { closeSync, constants, existsSync, fstatSync, openSync, readFileSync, writeSync } from 'node:fs';
import { join } from 'node:path';
import { BookTrouble } from '../common/book-trouble.ts';
import { LAST_KNOWN_FILE } from './look-at-folder.ts';
import type { LogChain } from './log-chain.ts';

interface LastKnown {
  readonly book: string;
  readonly last: number;
  readonly digest: string;
}

/** Room for the note in its file, so that a shorter one written over a longer one leaves nothing of it behind. */
const NOTE_CHARS = 160;

/**
 * The note beside a book of how far its log reaches. Its file stays open and is written over in place: making it anew with
 * every batch took as long as keeping the batch.
 */
export class LastKnownNote {
  private file: number | null = null;
  private readonly path: string;

  constructor(
    folder: string,
    private readonly book: string,
  ) {
    this.path = join(folder, LAST_KNOWN_FILE);
  }

  /** Notes how far the log reaches. Not the book itself: where it cannot be written, the book goes on. */
  write(chain: LogChain): void {
    const known: LastKnown = { book: this.book, last: chain.last, digest: chain.at(chain.last) ?? '' };
    try {
      writeSync(this.opened(), `${JSON.stringify(known).padEnd(NOTE_CHARS)}\n`, 0);
    } catch {
      // A full disk refuses the entries themselves, and says so.
      this.close();
    }
  }

  close(): void {
    if (this.file !== null) closeSync(this.file);
    this.file = null;
  }

  /** The open file; opened anew where somebody took it away meanwhile. */
  private opened(): number {
    if (this.file !== null && fstatSync(this.file).nlink === 0) this.close();
    return (this.file ??= openSync(this.path, constants.O_WRONLY | constants.O_CREAT, 0o600));
  }
}

/** What was noted; null where nothing was, or a crash left half of it. */
function lastKnown(folder: string): LastKnown | null {
  const file = join(folder, LAST_KNOWN_FILE);
  if (!existsSync(file)) return null;
  try {
    const k = JSON.parse(readFileSync(file, 'utf8')) as Partial<LastKnown> | null;
    return typeof k?.book === 'string' && typeof k.last === 'number' && typeof k.digest === 'string'
      ? (k as LastKnown)
      : null;
  } catch {
    return null;
  }
}

/** Throws BookTrouble where the log reaches less far than it did, or says something else: its file is an older copy, or damaged. */
export function mustReachAsFar(folder: string, book: string, chain: LogChain): void {
  const known = lastKnown(folder);
  if (known?.book !== book || chain.at(known.last) === known.digest) return;
  const lost =
    chain.last < known.last
      ? `The book in ${folder} has ${chain.last} entries, and had ${known.last} when it was last written to.`
      : `The book in ${folder} does not say what it said when it was last written to.`;
  throw new BookTrouble(
    `${lost} Its file is an older copy, or was damaged. Put a backup back with \`npm run restore\`; or, to go on with what is there, start once with DAGBOEK_ACCEPT_LOSS=1: devices send what they have of the rest by themselves.`,
  );
}
