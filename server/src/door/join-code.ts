import { randomInt, timingSafeEqual } from 'node:crypto';
import type { JoinCode } from '@dagboek/journal';

/** A code is shown for so long. */
const HOLDS_MS = 10 * 60_000;
/** After so many wrong ones nobody can join until a new code is shown. */
const MOST_WRONG = 10;

/** What trying a code comes to. */
export type Tried = 'right' | 'wrong' | 'none shown' | 'too many wrong';

/**
 * The code that lets a device in, while it is shown on the server's screen: six digits, for ten minutes, each for one device.
 * `elapsedMs`: any clock that never goes back.
 */
export class JoinCodes {
  private shown: { code: string; untilMs: number; wrong: number } | null = null;

  constructor(
    private readonly elapsedMs: () => number,
    private readonly draw: () => string = () => String(randomInt(1_000_000)).padStart(6, '0'),
  ) {}

  /** Shows a new code; the one before holds no more. */
  show(): JoinCode {
    this.shown = { code: this.draw(), untilMs: this.elapsedMs() + HOLDS_MS, wrong: 0 };
    return { code: this.shown.code, forMs: HOLDS_MS };
  }

  /** The code that holds now, and for how long; null when none does. */
  current(): JoinCode | null {
    const s = this.shown;
    if (!s || s.wrong >= MOST_WRONG) return null;
    const forMs = s.untilMs - this.elapsedMs();
    return forMs > 0 ? { code: s.code, forMs } : null;
  }

  /** Whether this is the code. A right one is used up: the next is shown for as long as this one would have been. */
  try(typed: string): Tried {
    const s = this.shown;
    if (s && s.wrong >= MOST_WRONG) return 'too many wrong';
    if (!s || !this.current()) return 'none shown';
    const digits = Buffer.from(typed.replace(/\D/g, ''));
    const code = Buffer.from(s.code);
    if (digits.length !== code.length || !timingSafeEqual(digits, code)) {
      s.wrong++;
      return s.wrong >= MOST_WRONG ? 'too many wrong' : 'wrong';
    }
    s.code = this.draw();
    return 'right';
  }
}
