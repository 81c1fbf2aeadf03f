import { type BackupMade, Beside, Book, type Entry, type JournalPage, type Receipt } from '@dagboek/journal/log';
import { epochMs, isInstant } from '@dagboek/core/time';
import { afterReload, type OutboxAction, type OutboxItem, outboxReducer, sendable } from './outbox.ts';
import type { Keep } from './keep.ts';
import { Pace } from './pace.ts';
import { sendApart } from './send-apart.ts';
import type { Cursor, NotReached, Transport } from './transport.ts';

/** What the interface sees. A new object whenever anything changed. */
export interface Snapshot {
  readonly book: Book;
  readonly outbox: readonly OutboxItem[];
  /** Whether the server answered last time; null before it was asked. */
  readonly reached: boolean | null;
  /** Why it did not, where something answered in its place; null while it answers, or nobody does. */
  readonly why: string | null;
  /** How far the clock of this device is ahead of the server's, ms; null before it was told. */
  readonly aheadMs: number | null;
  /** Lines that the server had and has no more, which this device sends again: its log was put back to an older copy. */
  readonly again: number;
}

const NOTHING: Snapshot = { book: Book.EMPTY, outbox: [], reached: null, why: null, aheadMs: null, again: 0 };
const START: Cursor = { last: 0, digest: '' };
/** An answer that took longer than this says too little of the time, ms. */
const SLOW_MS = 10_000;

/**
 * The journal on this device: the server's entries and the outbox, kept in IndexedDB and folded into one Book.
 * Writing goes to IndexedDB first, is folded at once, and is sent when it can be.
 */
export class JournalStore {
  /** Where the costly answers of its book are worked out. */
  readonly beside = new Beside();
  private snapshot: Snapshot = NOTHING;
  private readonly listeners = new Set<() => void>();
  private cursor: Cursor = START;
  /** How far the server's log was known to reach: beyond the cursor, where this device wrote the last of it. */
  private seen: Cursor = START;
  /** Ids that the server has, while this device goes through its log from the beginning to find what it lacks. */
  private comparing: Set<string> | null = null;
  /** Changes to the kept outbox wait for each other, so that the kept order is the order of the changes. */
  private keeping: Promise<void> = Promise.resolve();
  private flushing: Promise<void> | null = null;
  private closed = false;
  private retryTimer: ReturnType<typeof setTimeout> | undefined;
  private readonly sends = new Pace(1, 100);
  private readonly fetches = new Pace(25, 2000);

  constructor(
    private readonly keep: Keep,
    private readonly transport: Transport,
    private readonly now: () => number = Date.now,
    private readonly tellOthers: () => void = () => undefined,
  ) {}

  /** Reads what this device holds. Call once, before anything else. */
  async load(): Promise<void> {
    const { entries, outbox, cursor, seen, comparing } = await this.keep.load();
    [this.cursor, this.seen] = [cursor, seen];
    if (comparing) this.comparing = new Set();
    const items = afterReload(outbox);
    this.set({ book: Book.with(this.beside).withEntries(entries).withEntries(this.counting(items)), outbox: items });
  }

  /** Another tab of this book wrote something: read it from the shelf, without touching what is being sent here. */
  async reread(): Promise<void> {
    const { entries, outbox, cursor, seen } = await this.keep.load();
    if (!this.comparing && cursor.last > this.cursor.last) this.cursor = cursor;
    if (!this.comparing && seen.last > this.seen.last) this.seen = seen;
    const mine = new Set(this.snapshot.outbox.map((i) => i.entry.id));
    const waits = new Set(outbox.map((i) => i.entry.id));
    const held = new Set(entries.map((e) => e.id).filter((id) => !waits.has(id)));
    const items = [
      ...this.snapshot.outbox.filter((i) => !held.has(i.entry.id)),
      ...afterReload(outbox.filter((i) => !mine.has(i.entry.id))),
    ];
    this.set({ book: this.snapshot.book.withEntries(entries).withEntries(this.counting(items)), outbox: items });
  }

  readonly getSnapshot = (): Snapshot => this.snapshot;
  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  /** Something that answers rest on was reckoned beside the page: whoever asked the book asks again. */
  askAnew(): void {
    this.set({ book: this.snapshot.book.anew() });
  }

  /** Writes entries down. Resolves when they are safe on this device. */
  async write(entries: readonly Entry[]): Promise<void> {
    const queue = (from: readonly OutboxItem[]): readonly OutboxItem[] =>
      entries.reduce((items, entry) => outboxReducer(items, { type: 'written', entry }), from);
    // Kept before it is shown: what stands on the page must outlive a reload in the same moment.
    await this.keepOutbox(queue([]));
    this.set({ book: this.snapshot.book.withEntries(entries), outbox: queue(this.snapshot.outbox) });
    this.tellOthers();
    void this.flush();
  }

  /** Sends what waits, then asks for a copy of the book where it is kept. Throws an Error with a sentence when none was made. */
  async backUp(): Promise<BackupMade> {
    await this.flush();
    return this.transport.backUp();
  }

  /** Tries refused or waiting entries again, at once. */
  async retry(ids: readonly string[]): Promise<void> {
    await this.change({ type: 'retry', ids });
    await this.flush();
  }

  /** Gives up a refused entry: it no longer counts in the book, but stays on this device. */
  async setAside(id: string): Promise<void> {
    const entry = this.snapshot.outbox.find((i) => i.entry.id === id)?.entry;
    await this.change({ type: 'set aside', id });
    if (entry) this.set({ book: this.snapshot.book.without(entry) });
  }

  /** Puts unsent entries in the place of others, which are set aside: they stay on this device and count no more. */
  async replace(by: ReadonlyMap<string, Entry>, why: string): Promise<void> {
    const next = outboxReducer(this.snapshot.outbox, { type: 'replaced', by, why });
    const old = next.filter((i) => by.has(i.entry.id) && i.state === 'set aside').map((i) => i.entry);
    await this.keepOutbox(next);
    const book = old.reduce((b, e) => b.without(e), this.snapshot.book);
    this.set({ outbox: next, book: book.withEntries(old.flatMap((e) => by.get(e.id) ?? [])) });
    this.tellOthers();
    void this.flush();
  }

  /** Sends what waits, until nothing may be sent now. One sender at a time. */
  flush(): Promise<void> {
    this.flushing ??= this.flushNow().finally(() => {
      this.flushing = null;
    });
    return this.flushing;
  }

  private async flushNow(): Promise<void> {
    for (;;) {
      const batch = sendable(this.snapshot.outbox, this.now(), this.sends.atOnce);
      if (batch.length === 0) break;
      await this.change({ type: 'sending', ids: batch.map((e) => e.id) });
      const sentMs = this.now();
      const { receipts, waiting, reached, why, now, logReached, anew, lost } = await sendApart(
        this.transport,
        batch,
        this.seen,
      );
      if (now !== null) this.learn(now, sentMs);
      this.set({ reached, why });
      if (anew) await this.beginAnew();
      if (receipts.length > 0) await this.answered(batch, receipts, logReached);
      // Of what nothing was said it is not known whether it arrived: it is sent again, like what did not.
      const told = new Set(receipts.map((r) => r.id));
      const open = [...new Set([...waiting, ...batch.filter((e) => !told.has(e.id))])];
      if (open.length > 0) {
        if (lost) this.sends.gotLost();
        await this.change({ type: 'unreachable', ids: open.map((e) => e.id), nowMs: this.now() });
        if (!reached) break;
      } else this.sends.wentThrough();
    }
    this.scheduleRetry();
  }

  /** Nothing is sent by itself any more: another store has this shelf now. */
  close(): void {
    this.closed = true;
    clearTimeout(this.retryTimer);
  }

  /** Tries again when the first waiting entry may be sent. */
  private scheduleRetry(): void {
    clearTimeout(this.retryTimer);
    if (this.closed) return;
    const waits = this.snapshot.outbox.flatMap((i) => (i.state === 'queued' ? [i.notBeforeMs] : []));
    if (waits.length === 0) return;
    this.retryTimer = setTimeout(() => void this.flush(), Math.max(250, Math.min(...waits) - this.now()));
  }

  private async answered(
    batch: readonly Entry[],
    receipts: readonly Receipt[],
    logReached: Cursor | null,
  ): Promise<void> {
    const held = new Set(receipts.flatMap((r) => (r.status === 'accepted' || r.status === 'known' ? [r.id] : [])));
    const taken = batch.filter((e) => held.has(e.id));
    this.set({ outbox: outboxReducer(this.snapshot.outbox, { type: 'answered', receipts, nowMs: this.now() }) });
    // While the logs are compared, what it reached before is of no use.
    if (logReached && !this.comparing) this.seen = logReached;
    await this.keepOutbox(this.snapshot.outbox, taken);
    this.tellOthers();
  }

  /**
   * Fetches what others have written. Returns whether the server answered. `heard`: how many entries so far, for a first
   * visit. Each page is safe on this device before the next is asked for; a first catch-up is folded once, at its end.
   */
  async pull(heard: (entries: number) => void = () => undefined): Promise<boolean> {
    const first = this.snapshot.book.size === 0;
    let waiting: Entry[] = [];
    const fold = (): void => {
      if (waiting.length > 0) this.set({ book: this.snapshot.book.withEntries(waiting) });
      waiting = [];
    };
    // While it is compared, how far this device has caught up is kept only at the end: a reload begins the comparison anew.
    if (this.comparing) [this.cursor, this.seen, this.comparing] = [START, START, new Set()];
    try {
      for (;;) {
        const page = await this.fetchPage();
        if ('unreached' in page) {
          this.set({ reached: false, why: page.unreached });
          return false;
        }
        this.set({ reached: true, why: null });
        if (page.anew) {
          await this.beginAnew();
          continue;
        }
        const next = { last: page.last, digest: page.digest };
        const fresh = this.notKept(page.entries);
        for (const e of page.entries) this.comparing?.add(e.id);
        // Kept first: a device that is full asks for the same page again.
        if (fresh.length > 0 || next.last !== this.cursor.last || next.digest !== this.cursor.digest)
          await this.keep.catchUp(fresh, this.comparing ? START : next);
        this.cursor = next;
        waiting.push(...fresh);
        heard(waiting.length);
        if (!first || !page.more) fold();
        if (page.more) continue;
        if (this.comparing) await this.sendMissing(this.comparing);
        return true;
      }
    } finally {
      // What was kept is shown, whatever ends it: no network, or a shelf that is full.
      fold();
    }
  }

  /** The server's log is another one: it is gone through from its beginning, from the next pull on. */
  private async beginAnew(): Promise<void> {
    await this.keep.compare();
    [this.cursor, this.seen, this.comparing] = [START, START, new Set()];
  }

  private async fetchPage(): Promise<JournalPage | NotReached> {
    const askedMs = this.now();
    const page = await this.transport.after(this.cursor, this.seen, this.fetches.atOnce);
    if ('unreached' in page) {
      if (page.unreached === null) this.fetches.gotLost();
      return page;
    }
    this.fetches.wentThrough();
    this.learn(page.now, askedMs);
    return page;
  }

  /** The server's log is an older one than this device knew: what it lacks is queued again, whoever wrote it. */
  private async sendMissing(has: ReadonlySet<string>): Promise<void> {
    const out = new Set(this.snapshot.outbox.map((i) => i.entry.id));
    const missing = this.snapshot.book
      .entries()
      .filter((e) => !has.has(e.id) && !out.has(e.id))
      // Who joins comes first, whatever the clock of their device said: lines of people who are not there yet would wait.
      .sort(
        (a, b) => Number(b.kind === 'member.joined') - Number(a.kind === 'member.joined') || (a.id < b.id ? -1 : 1),
      );
    const queued = missing.map((entry): OutboxItem => ({
      entry,
      tries: 0,
      again: true,
      state: 'queued',
      notBeforeMs: 0,
    }));
    await this.keep.compared(queued, this.cursor);
    this.comparing = null;
    if (missing.length === 0) return;
    this.set({ outbox: [...this.snapshot.outbox, ...queued], again: this.snapshot.again + missing.length });
    this.tellOthers();
    void this.flush();
  }

  /** Compares the clocks. `sinceMs`: when the server was asked. */
  private learn(serverNow: string, sinceMs: number): void {
    const tookMs = this.now() - sinceMs;
    if (!isInstant(serverNow) || tookMs > SLOW_MS || tookMs < 0) return;
    const aheadMs = Math.round(sinceMs + tookMs / 2 - epochMs(serverNow));
    if (this.snapshot.aheadMs === null || Math.abs(aheadMs - this.snapshot.aheadMs) > 1000) this.set({ aheadMs });
  }

  /** The clock of this device goes by the server's from now on: what was learned of it holds no more. */
  clockSet(): void {
    this.set({ aheadMs: 0 });
  }

  /** Those that are not on the shelf of this device yet: what it wrote itself comes back from the server too. */
  private notKept(entries: readonly Entry[]): readonly Entry[] {
    const out = new Set(this.snapshot.outbox.map((i) => i.entry.id));
    return entries.filter((e) => out.has(e.id) || !this.snapshot.book.has(e));
  }

  private async change(action: OutboxAction): Promise<void> {
    this.set({ outbox: outboxReducer(this.snapshot.outbox, action) });
    await this.keepOutbox();
  }

  private keepOutbox(items = this.snapshot.outbox, taken: readonly Entry[] = []): Promise<void> {
    const next = this.keeping.then(() => this.keep.putOutbox(items, taken, this.seen));
    this.keeping = next.catch(() => undefined);
    return next;
  }

  private counting(items: readonly OutboxItem[]): Entry[] {
    return items.filter((i) => i.state !== 'set aside').map((i) => i.entry);
  }

  private set(part: Partial<Snapshot>): void {
    this.snapshot = { ...this.snapshot, ...part };
    for (const l of this.listeners) l();
  }
}
