import type { Entry } from '@dagboek/journal/log';
import { LogChain } from './log-chain.ts';

/** A line as it stands in the file. */
export interface LogRow {
  readonly seq: number;
  readonly id: string;
  readonly subject: string;
  readonly kind: string;
  readonly body: string;
  /** Noted when it was taken; "" in a file of an earlier version. */
  readonly digest: string;
}

/** A line that does not say any more what it said when it was taken, or cannot be read at all. */
export interface DamagedLine {
  readonly seq: number;
  readonly id: string;
  readonly kind: string;
}

/** "line 812 (fish.landed)". */
export const sayLine = (d: DamagedLine): string => `line ${d.seq} (${d.kind})`;

/** A number that jumps further than this is damaged itself. */
const MOST_MISSING = 100_000;

/** What stands in a log, with what is damaged set apart: one bad line is not the end of a book. */
export class ReadLog {
  readonly chain = new LogChain();
  readonly entries: Entry[] = [];
  readonly damaged: DamagedLine[] = [];

  take({ seq, id, subject, kind, body, digest }: LogRow): void {
    const { last } = this.chain;
    if (seq <= last || seq > last + MOST_MISSING) return void this.damaged.push({ seq, id, kind });
    for (let gone = last + 1; gone < seq; gone++) this.damaged.push({ seq: gone, id: `line ${gone}`, kind: 'missing' });
    const whole = this.chain.add(seq, body, digest);
    const entry = parsed(body);
    // What is beside the line in its row is what it is found by.
    if (whole && entry?.id === id && entry.subject === subject && entry.kind === kind) this.entries.push(entry);
    else this.damaged.push({ seq, id, kind });
  }
}

function parsed(body: string): Entry | null {
  try {
    return JSON.parse(body) as Entry | null;
  } catch {
    return null;
  }
}
