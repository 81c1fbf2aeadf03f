import type { Entry } from '@dagboek/journal/log';
import { LogChain } from './log-chain.ts';

/** A line as it stands in the file. */
export interface LogRow {
  readonly seq: number;
  readonly id: string;
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

/** What stands in a log, with what is damaged set apart: one bad line is not the end of a book. */
export class ReadLog {
  readonly chain = new LogChain();
  readonly entries: Entry[] = [];
  readonly damaged: DamagedLine[] = [];

  take({ seq, id, kind, body, digest }: LogRow): void {
    const whole = this.chain.add(seq, body, digest);
    const entry = parsed(body);
    if (whole && entry) this.entries.push(entry);
    else this.damaged.push({ seq, id, kind });
  }
}

function parsed(body: string): Entry | null {
  try {
    return JSON.parse(body) as Entry;
  } catch {
    return null;
  }
}
