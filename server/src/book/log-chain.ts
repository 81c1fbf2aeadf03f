import { createHash } from 'node:crypto';

/** Digits of a digest that are kept: 96 bits. */
const DIGITS = 24;

/**
 * The log's count and digest chain: at each number a digest of all that arrived up to it. Two logs with the same digest at a
 * number are the same up to there, so that a device, or the next start, sees at once whether the log is still the one it knew.
 */
export class LogChain {
  /** By number; the first entry has number 1. */
  private readonly digests: string[] = [''];

  /** Takes the next entry. `body`: as it stands in the file. */
  add(seq: number, body: string): void {
    const before = this.digests[this.last] ?? '';
    this.digests[seq] = createHash('sha256').update(before).update(body).digest('hex').slice(0, DIGITS);
  }

  /** Number of the last entry; 0 without any. */
  get last(): number {
    return this.digests.length - 1;
  }

  /** The digest at a number: "" at 0; null where there is no entry of that number. */
  at(seq: number): string | null {
    return this.digests[seq] ?? null;
  }
}
