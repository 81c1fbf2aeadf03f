import type { Entry, Receipt } from '@dagboek/journal';
import { NO_ANSWER } from './reached.ts';
import type { Transport } from './transport.ts';

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
  /** Nothing came back: too much at once for this line, or no signal. */
  readonly lost: boolean;
}

/** So many parts that the server falls over, one after another, and it is the server that is in trouble, not a line. */
const MOST_BROKEN = 8;

/**
 * Sends a batch. Where the server turns down the whole of it, or breaks over it, it is sent in halves, so that the one line at
 * fault is found and holds no other.
 */
export async function sendApart(transport: Pick<Transport, 'send'>, batch: readonly Entry[]): Promise<Outcome> {
  const receipts: Receipt[] = [];
  const waiting: Entry[] = [];
  const parts: (readonly Entry[])[] = [batch];
  let [reached, why, now, lost, broken] = [false, null as string | null, null as string | null, false, 0];
  for (let part = parts.pop(); part !== undefined; part = parts.pop()) {
    const sent = await transport.send(part);
    if (sent.ok) {
      [reached, why, now, broken] = [true, null, sent.now, 0];
      receipts.push(...sent.receipts);
      continue;
    }
    const [one] = part;
    if (sent.unreachable && !sent.broke) {
      waiting.push(...part, ...parts.flat());
      return {
        receipts,
        waiting,
        reached,
        why: sent.why === NO_ANSWER ? null : sent.why,
        now,
        lost: sent.why === NO_ANSWER,
      };
    }
    if (sent.broke) {
      why = sent.why;
      if (++broken > MOST_BROKEN)
        return { receipts, waiting: [...waiting, ...part, ...parts.flat()], reached, why, now, lost };
    } else reached = true;
    if (part.length > 1) {
      const half = Math.ceil(part.length / 2);
      parts.push(part.slice(half), part.slice(0, half));
    } else if (one && sent.broke) waiting.push(one);
    else if (one) receipts.push({ id: one.id, status: 'refused', why: sent.why });
  }
  return { receipts, waiting, reached, why: reached ? null : why, now, lost };
}
