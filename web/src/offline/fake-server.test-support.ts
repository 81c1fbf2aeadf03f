import type { Entry, JournalPage, Receipt } from '@dagboek/journal/log';
import { NO_ANSWER } from './reached.ts';
import type { Cursor, NotReached, Sent, Transport } from './transport.ts';

/** A server in memory: keeps entries in order of arrival, can be out of reach, can lose its answer, can refuse. */
export class FakeServer implements Transport {
  constructor(private readonly clock: () => number) {}

  readonly log: Entry[] = [];
  page = 2;
  reachable = true;
  loseAnswer = false;
  refuses = new Map<string, string>();
  /** Lines of which it says nothing, though it answers. */
  silent = new Set<string>();
  down: string | null = null;

  /** How far its clock is behind the devices', ms. */
  behindMs = 0;
  /** A line it breaks over, with 500. */
  breaks: string | null = null;
  /** More than so many at once get lost on the way. */
  most = 5000;
  readonly batches: number[] = [];

  get now(): string {
    return new Date(this.clock() - this.behindMs).toISOString();
  }

  private other(c: Cursor): boolean {
    return c.last > this.log.length || (c.digest !== '' && c.digest !== this.digest(c.last));
  }

  async send(entries: readonly Entry[], seen: Cursor = { last: 0, digest: '' }): Promise<Sent> {
    const anew = this.other(seen);
    this.batches.push(entries.length);
    if (entries.length > this.most) return { ok: false as const, unreachable: true, why: NO_ANSWER };
    if (entries.some((e) => e.id === this.breaks))
      return { ok: false as const, unreachable: true, broke: true, why: 'it broke' };
    if (!this.reachable) return { ok: false as const, unreachable: true, why: 'no signal' };
    if (this.down && entries.some((e) => e.kind === this.down))
      return { ok: false as const, unreachable: false, why: 'too large' };
    const receipts = entries.flatMap((e): Receipt[] => (this.silent.has(e.id) ? [] : [this.judge(e)]));
    return this.answer(receipts, anew);
  }

  private judge(e: Entry): Receipt {
    const why = this.refuses.get(e.id);
    if (why) return { id: e.id, status: 'refused', why };
    if (Date.parse(e.at) > this.clock() - this.behindMs + 600_000)
      return { id: e.id, status: 'early', why: 'still to come' };
    if (this.log.some((x) => x.id === e.id)) return { id: e.id, status: 'known' };
    this.log.push(e);
    return { id: e.id, status: 'accepted' };
  }

  private answer(receipts: readonly Receipt[], anew: boolean): Sent {
    return this.loseAnswer
      ? { ok: false as const, unreachable: true, why: 'cut off' }
      : {
          ok: true as const,
          receipts,
          now: this.now,
          anew,
          reached: { last: this.log.length, digest: this.digest(this.log.length) },
        };
  }
  async backUp() {
    return { folder: '/backups/1', entries: this.log.length, pictures: 0, dropped: [], damaged: 0, missing: 0 };
  }
  async after({ last: seq, digest }: Cursor, seen: Cursor, limit: number): Promise<JournalPage | NotReached> {
    if (!this.reachable) return { unreached: null };
    this.asked.push(limit);
    if (limit > this.most) return { unreached: null };
    const { now } = this;
    if (this.other({ last: seq, digest }) || this.other(seen))
      return { entries: [], last: 0, digest: '', more: true, anew: true, now };
    const entries = this.log.slice(seq, seq + this.page);
    const last = seq + entries.length;
    return { entries, last, digest: this.digest(last), more: last < this.log.length, now };
  }
  readonly asked: number[] = [];
  private digest = (seq: number): string =>
    this.log
      .slice(0, seq)
      .map((e) => e.id.slice(-4))
      .join('');
}
