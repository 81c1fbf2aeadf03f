import { hash } from 'node:crypto';

/** Digits of a digest that are kept: 96 bits. */
const DIGITS = 24;

/** The digest of a log after one more entry. `body`: as it stands in the file. */
export const nextDigest = (before: string, body: string): string =>
  hash('sha256', before + body, 'hex').slice(0, DIGITS);

/**
 * The log's count and digest chain: at each number a digest of all that arrived up to it. Two logs with the same digest at a
 * number are the same up to there, so that a device, or the next start, sees at once whether the log is still the one it knew.
 */
export class LogChain {
  /** By number; the first entry has number 1. */
  private readonly digests: string[] = [''];

  /**
   * Takes the next entry. `noted`: the digest that was noted with it when it was taken; answers whether it is still so. Where it is
   * not, the noted one counts: what follows is held against what was taken, not against the damage. After a line that is missing
   * nothing can be said of the next, and it is taken as it is.
   */
  add(seq: number, body: string, noted = ''): boolean {
    const before = this.digests[seq - 1];
    if (before === undefined) {
      this.digests[seq] = noted === '' ? nextDigest('', body) : noted;
      return true;
    }
    const digest = nextDigest(before, body);
    this.digests[seq] = noted === '' ? digest : noted;
    return this.digests[seq] === digest;
  }

  /** Takes the next entry by its digest, as it was kept in the file a moment ago. */
  push(digest: string): void {
    this.digests.push(digest);
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
