import { type BackupMade, Book, type Entry, type Receipt } from '@dagboek/journal';
import { afterReload, type OutboxAction, type OutboxItem, outboxReducer, sendable } from './outbox.ts';
import type { Keep } from './keep.ts';
import { NO_ANSWER } from './reached.ts';
import type { Transport } from './transport.ts';

/** What the interface sees. A new object whenever anything changed. */
export interface Snapshot {
  readonly book: Book;
  readonly outbox: readonly OutboxItem[];
  /** Whether the server answered last time; null before it was asked. */
  readonly reached: boolean | null;
  /** Why it did not, where something answered in its place; null while it answers, or nobody does. */
  readonly why: string | null;
}

/**
 * The journal on this device: the server's entries and the outbox, kept in IndexedDB and folded into one Book.
 * Writing goes to IndexedDB first, is folded at once, and is sent when it can be.
 */
export class JournalStore {
  private snapshot: Snapshot = { book: Book.EMPTY, outbox: [], reached: null, why: null };
  private readonly listeners = new Set<() => void>();
  private last = 0;
  /** Changes to the kept outbox wait for each other, so that the kept order is the order of the changes. */
  private keeping: Promise<void> = Promise.resolve();
  private flushing: Promise<void> | null = null;
  private retryTimer: ReturnType<typeof setTimeout> | undefined;

  constructor(
    private readonly keep: Keep,
    private readonly transport: Transport,
    private readonly now: () => number = Date.now,
    private readonly tellOthers: () => void = () => undefined,
  ) {}

  /** Reads what this device holds. Call once, before anything else. */
  async load(): Promise<void> {
    const { entries, outbox, last } = await this.keep.load();
    this.last = Math.max(this.last, last);
    const items = afterReload(outbox);
    this.set({ book: Book.EMPTY.withEntries(entries).withEntries(this.counting(items)), outbox: items });
  }

  /** Another tab of this book wrote something: read it from the shelf, without touching what is being sent here. */
  async reread(): Promise<void> {
    const { entries, outbox, last } = await this.keep.load();
    this.last = Math.max(this.last, last);
    const mine = new Set(this.snapshot.outbox.map((i) => i.entry.id));
    const held = new Set(entries.map((e) => e.id));
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

  /** Sends what waits, until nothing may be sent now. One sender at a time. */
  flush(): Promise<void> {
    this.flushing ??= this.flushNow().finally(() => {
      this.flushing = null;
    });
    return this.flushing;
  }

  private async flushNow(): Promise<void> {
    for (;;) {
      const batch = sendable(this.snapshot.outbox, this.now());
      if (batch.length === 0) break;
      const ids = batch.map((e) => e.id);
      await this.change({ type: 'sending', ids });
      const answer = await this.transport.send(batch);
      if (answer.ok) {
        this.set({ reached: true, why: null });
        await this.answered(batch, answer.receipts);
        continue;
      }
      if (!answer.unreachable) {
        // The batch as a whole was turned down: name the one that is at fault by sending them singly.
        this.set({ reached: true, why: null });
        for (const e of batch) {
          const one = batch.length === 1 ? answer : await this.transport.send([e]);
          if (one.ok) await this.answered([e], one.receipts);
          else if (one.unreachable) await this.change({ type: 'unreachable', ids: [e.id], nowMs: this.now() });
          else await this.answered([e], [{ id: e.id, status: 'refused', why: one.why }]);
        }
        continue;
      }
      this.set({ reached: false, why: answer.why === NO_ANSWER ? null : answer.why });
      await this.change({ type: 'unreachable', ids, nowMs: this.now() });
      break;
    }
    this.scheduleRetry();
  }

  /** Tries again when the first waiting entry may be sent. */
  private scheduleRetry(): void {
    clearTimeout(this.retryTimer);
    const waits = this.snapshot.outbox.flatMap((i) => (i.state === 'queued' ? [i.notBeforeMs] : []));
    if (waits.length === 0) return;
    this.retryTimer = setTimeout(() => void this.flush(), Math.max(250, Math.min(...waits) - this.now()));
  }

  private async answered(batch: readonly Entry[], receipts: readonly Receipt[]): Promise<void> {
    const taken = batch.filter((e) => receipts.some((r) => r.id === e.id && r.status !== 'refused'));
    this.set({ outbox: outboxReducer(this.snapshot.outbox, { type: 'answered', receipts }) });
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
    try {
      for (;;) {
        const page = await this.transport.after(this.last);
        if ('unreached' in page) {
          this.set({ reached: false, why: page.unreached });
          return false;
        }
        this.set({ reached: true, why: null });
        const last = Math.max(this.last, page.last);
        const fresh = this.notKept(page.entries);
        // Kept first: a device that is full asks for the same page again.
        if (last !== this.last) await this.keep.catchUp(fresh, last);
        this.last = last;
        waiting.push(...fresh);
        heard(waiting.length);
        if (!first || !page.more) fold();
        if (!page.more) return true;
      }
    } finally {
      // What was kept is shown, whatever ends it: no network, or a shelf that is full.
      fold();
    }
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
    const next = this.keeping.then(() => this.keep.putOutbox(items, taken));
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
