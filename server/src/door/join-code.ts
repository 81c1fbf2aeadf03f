import { randomInt, timingSafeEqual } from 'node:crypto';
import type { JoinCode } from '@dagboek/journal/log';

/** A code is shown for so long. */
const HOLDS_MS = 10 * 60_000;
/** After so many wrong ones it is a long one that lets in: nobody is kept out, and nobody guesses it. */
const MOST_WRONG = 10;
const SHORT = 6;
const LONG = 12;

/** What trying a code comes to. `longer`: too many wrong ones, and another code is shown from now on. */
export type Tried = 'right' | 'wrong' | 'longer' | 'none shown';

const digits = (n: number): string => Array.from({ length: n }, () => randomInt(10)).join('');

/**
 * The code that lets a device in, while it is shown on the server's screen: six digits, for ten minutes, each for one device.
 * `elapsedMs`: any clock that never goes back.
 */
export class JoinCodes {
  private shown: { code: string; untilMs: number; wrong: number } | null = null;

  constructor(
    private readonly elapsedMs: () => number,
    private readonly draw: (length: number) => string = digits,
  ) {}

  /** Shows a new code; the one before holds no more. Wrong ones that were tried a moment ago still count. */
  show(): JoinCode {
    const wrong = this.current()?.wrong ?? 0;
    this.shown = { code: this.drawn(wrong), untilMs: this.elapsedMs() + HOLDS_MS, wrong };
    return { code: this.shown.code, forMs: HOLDS_MS, wrong };
  }

  /** The code that holds now, and for how long; null when none does. */
  current(): JoinCode | null {
    const s = this.shown;
    if (!s) return null;
    const forMs = s.untilMs - this.elapsedMs();
    return forMs > 0 ? { code: s.code, forMs, wrong: s.wrong } : null;
  }

  /** Whether this is the code. A right one is used up: the next is shown for as long as this one would have been. */
  try(typed: string): Tried {
    const s = this.shown;
    if (!s || !this.current()) return 'none shown';
    const given = Buffer.from(typed.replace(/\D/g, ''));
    const code = Buffer.from(s.code);
    if (given.length !== code.length || !timingSafeEqual(given, code)) {
      s.wrong++;
      if (s.wrong === MOST_WRONG) s.code = this.drawn(s.wrong);
      return s.wrong >= MOST_WRONG ? 'longer' : 'wrong';
    }
    s.code = this.drawn(s.wrong);
    return 'right';
  }

  private drawn(wrong: number): string {
    return this.draw(wrong >= MOST_WRONG ? LONG : SHORT);
  }
}
