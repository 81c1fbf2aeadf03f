import type { Entry, Receipt } from '@dagboek/journal/log';
import { NO_ANSWER } from './reached.ts';
import type { Cursor, Transport } from './transport.ts';

/** What a batch came to, taken apart as far as it had to be. */
export interface Outcome {
  readonly receipts: readonly Receipt[];
  /** To be sent again later. */
  readonly waiting: readonly Entry[];
  /** Whether the server answered at all, and if not why, where something answered in its place. */
  readonly reached: boolean;
  readonly why: string | null;
  /** The server's time, ISO; null when it said none. */
  readonly now: string | null;
  /** How far its log reaches with what it took; null when it took nothing. */
  readonly logReached: Cursor | null;
  /** Its log up to `seen` is not the one that was known. */
  readonly anew: boolean;
  /** Nothing came back: too much at once for this line, or no signal. */
  readonly lost: boolean;
}

/** So many parts that the server falls over, one after another, and it is the server that is in trouble, not a line. */
const MOST_BROKEN = 8;

/**
 * Sends a batch. Where the server turns down the whole of it, or breaks over it, it is sent in halves, so that the one line at
 * fault is found and holds no other.
 */
export async function sendApart(
  transport: Pick<Transport, 'send'>,
  batch: readonly Entry[],
  seen: Cursor,
): Promise<Outcome> {
  const receipts: Receipt[] = [];
  const waiting: Entry[] = [];
  const parts: (readonly Entry[])[] = [batch];
  let [reached, why, now, broken] = [false, null as string | null, null as string | null, 0];
  let logReached: Cursor | null = null;
  let anew = false;
  const outcome = (more: Partial<Outcome> = {}): Outcome => ({
    receipts,
    waiting,
    reached,
    why: reached ? null : why,
    now,
    logReached,
    anew,
    lost: false,
    ...more,
  });
  for (let part = parts.pop(); part !== undefined; part = parts.pop()) {
    const sent = await transport.send(part, logReached ?? seen);
    if (sent.ok) {
      [reached, why, now, broken, logReached] = [true, null, sent.now, 0, sent.reached];
      anew ||= sent.anew;
      receipts.push(...sent.receipts);
      continue;
    }
    const [one] = part;
    if (sent.unreachable && !sent.broke) {
      waiting.push(...part, ...parts.flat());
      const lost = sent.why === NO_ANSWER;
      return outcome({ reached: false, why: lost ? null : sent.why, lost });
    }
    if (sent.broke) {
      why = sent.why;
      if (++broken > MOST_BROKEN)
        return outcome({ waiting: [...waiting, ...part, ...parts.flat()], reached: false, why });
    } else reached = true;
    if (part.length > 1) {
      const half = Math.ceil(part.length / 2);
      parts.push(part.slice(half), part.slice(0, half));
    } else if (one && sent.broke) waiting.push(one);
    else if (one) receipts.push({ id: one.id, status: 'refused', why: sent.why });
  }
  return outcome();
}
