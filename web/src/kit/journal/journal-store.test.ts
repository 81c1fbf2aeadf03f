import 'fake-indexeddb/auto';
import { beforeEach, describe, expect, test } from '@jest/globals';
import type { Entry, JournalPage, Receipt } from '@dagboek/journal';
import { anEntry, at, BOX, idOf, landed, tripStarted } from '../../../../journal/src/builders.test-support.ts';
import { JournalStore } from './journal-store.ts';
import { Keep } from './keep.ts';
import { NO_ANSWER } from './reached.ts';
import { setBack } from './set-back.ts';
import type { Cursor, NotReached, Sent, Transport } from './transport.ts';

/** A server in memory: keeps entries in order of arrival, can be out of reach, can lose its answer, can refuse. */
class FakeServer implements Transport {
  readonly log: Entry[] = [];
  page = 2;
  reachable = true;
  loseAnswer = false;
  refuses = new Map<string, string>();
  down: string | null = null;

  /** How far its clock is behind the devices', ms. */
  behindMs = 0;
  /** A line it breaks over, with 500. */
  breaks: string | null = null;
  /** More than so many at once get lost on the way. */
  most = 5000;
  readonly batches: number[] = [];

  get now(): string {
    return new Date(now - this.behindMs).toISOString();
  }

  async send(entries: readonly Entry[]): Promise<Sent> {
    this.batches.push(entries.length);
    if (entries.length > this.most) return { ok: false as const, unreachable: true, why: NO_ANSWER };
    if (entries.some((e) => e.id === this.breaks))
      return { ok: false as const, unreachable: true, broke: true, why: 'it broke' };
    if (!this.reachable) return { ok: false as const, unreachable: true, why: 'no signal' };
    if (this.down && entries.some((e) => e.kind === this.down))
      return { ok: false as const, unreachable: false, why: 'too large' };
    const receipts = entries.map((e): Receipt => {
      const why = this.refuses.get(e.id);
      if (why) return { id: e.id, status: 'refused', why };
      if (Date.parse(e.at) > now - this.behindMs + 600_000) return { id: e.id, status: 'early', why: 'still to come' };
      if (this.log.some((x) => x.id === e.id)) return { id: e.id, status: 'known' };
      this.log.push(e);
      return { id: e.id, status: 'accepted' };
    });
    return this.loseAnswer
      ? { ok: false as const, unreachable: true, why: 'cut off' }
      : {
          ok: true as const,
          receipts,
          now: this.now,
          reached: { last: this.log.length, digest: this.digest(this.log.length) },
        };
  }
  async backUp() {
    return { folder: '/backups/1', entries: this.log.length, pictures: 0, dropped: [] };
  }
  async after({ last: seq, digest }: Cursor, seen: Cursor, limit: number): Promise<JournalPage | NotReached> {
    if (!this.reachable) return { unreached: null };
    this.asked.push(limit);
    if (limit > this.most) return { unreached: null };
    const { now } = this;
    const other = (c: Cursor): boolean =>
      c.last > this.log.length || (c.digest !== '' && c.digest !== this.digest(c.last));
    if (other({ last: seq, digest }) || other(seen))
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

let n = 0;
let server: FakeServer;
let book: string;
let now: number;
beforeEach(() => {
  server = new FakeServer();
  book = `test-${n++}`;
  now = Date.parse('2026-09-12T13:00:00Z');
});
const open = async (): Promise<JournalStore> => {
  const store = new JournalStore(await Keep.open(book), server, () => now);
  await store.load();
  return store;
};
const fish = idOf('a');
const waiting = (s: JournalStore): string[] => s.getSnapshot().outbox.map((i) => i.state);
/** The network is back: so that no timer of this store goes on after its test. */
const sendAll = async (s: JournalStore): Promise<void> => {
  server.reachable = true;
  await s.retry(s.getSnapshot().outbox.map((i) => i.entry.id));
};

describe('writing', () => {
  test('it counts at once, is sent, and leaves the outbox', async () => {
    const s = await open();
    const heard: number[] = [];
    s.subscribe(() => heard.push(s.getSnapshot().outbox.length));
    await s.write([tripStarted(), landed('a', '12:18')]);
    expect(s.getSnapshot().book.get('fish', fish)).not.toBeNull();
    await s.flush();
    expect(waiting(s)).toEqual([]);
    expect(server.log).toHaveLength(2);
    expect(heard.at(-1)).toBe(0);
    expect(heard[0]).toBe(2);
  });

  test('it is on the disk before it is on the page, so that a reload in the same moment finds it', async () => {
    server.reachable = false;
    const keep = await Keep.open(book);
    const s = new JournalStore(keep, server, () => now);
    await s.load();
    const put = keep.putOutbox.bind(keep);
    const shownWhenKept: boolean[] = [];
    keep.putOutbox = async (items, taken, seen) => {
      await put(items, taken, seen);
      shownWhenKept.push(s.getSnapshot().book.get('fish', fish) !== null);
    };
    await s.write([tripStarted(), landed('a', '12:18')]);
    expect(shownWhenKept[0]).toBe(false);
    expect(s.getSnapshot().book.get('fish', fish)).not.toBeNull();
    await sendAll(s);
  });

  test('what the disk does not take is not shown, and what is written after it is', async () => {
    const keep = await Keep.open(book);
    const s = new JournalStore(keep, server, () => now);
    await s.load();
    const put = keep.putOutbox.bind(keep);
    keep.putOutbox = () => Promise.reject(new Error('the disk is full'));
    await expect(s.write([tripStarted(), landed('a', '12:18')])).rejects.toThrow('the disk is full');
    expect(s.getSnapshot().book.get('fish', fish)).toBeNull();
    expect(waiting(s)).toEqual([]);
    keep.putOutbox = put;
    await s.write([tripStarted(), landed('a', '12:18')]);
    await s.flush();
    expect(server.log).toHaveLength(2);
  });

  test('two written at once are both kept and both shown', async () => {
    server.reachable = false;
    const s = await open();
    await Promise.all([s.write([landed('a', '12:18')]), s.write([landed('b', '12:19')])]);
    expect(waiting(s)).toHaveLength(2);
    const later = await open();
    for (const id of ['a', 'b']) expect(later.getSnapshot().book.get('fish', idOf(id))).not.toBeNull();
    await sendAll(s);
    expect(waiting(s)).toEqual([]);
  });

  test('without a network it counts, waits, survives a reload, and is sent when it can be', async () => {
    server.reachable = false;
    const s = await open();
    await s.write([landed('a', '12:18')]);
    await s.flush();
    expect(waiting(s)).toEqual(['queued']);
    expect(s.getSnapshot().reached).toBe(false);

    const later = await open();
    expect(later.getSnapshot().book.get('fish', fish)).not.toBeNull();
    expect(waiting(later)).toEqual(['queued']);
    server.reachable = true;
    now += 120_000;
    await later.flush();
    expect(server.log).toHaveLength(1);
    expect(waiting(later)).toEqual([]);

    const last = await open();
    expect(last.getSnapshot().book.get('fish', fish)).not.toBeNull();
    expect(waiting(last)).toEqual([]);
  });

  test('an answer that was lost on the way does no harm: it is sent again, and is there once', async () => {
    const s = await open();
    server.loseAnswer = true;
    await s.write([landed('a', '12:18')]);
    await s.flush();
    expect(server.log).toHaveLength(1);
    expect(waiting(s)).toEqual(['queued']);
    server.loseAnswer = false;
    now += 120_000;
    await s.flush();
    expect(server.log).toHaveLength(1);
    expect(waiting(s)).toEqual([]);
  });

  test('what the server refuses stays here with its reason, and the good ones go', async () => {
    const s = await open();
    const bad = landed('b', '12:20');
    server.refuses.set(bad.id, 'no such trip');
    await s.write([landed('a', '12:18'), bad]);
    await s.flush();
    expect(s.getSnapshot().outbox).toEqual([{ entry: bad, tries: 1, state: 'refused', why: 'no such trip' }]);
    expect(s.getSnapshot().book.get('fish', idOf('b'))).not.toBeNull();
    await s.setAside(bad.id);
    expect(s.getSnapshot().book.get('fish', idOf('b'))).toBeNull();
    const later = await open();
    expect(waiting(later)).toEqual(['set aside']);
    expect(later.getSnapshot().book.get('fish', idOf('b'))).toBeNull();
  });

  test('a refused one can be tried again', async () => {
    const s = await open();
    const e = landed('b', '12:20');
    server.refuses.set(e.id, 'not now');
    await s.write([e]);
    await s.flush();
    server.refuses.clear();
    await s.retry([e.id]);
    expect(waiting(s)).toEqual([]);
    expect(server.log).toHaveLength(1);
  });

  test('a batch turned down as a whole is sent singly, so that the one at fault is named', async () => {
    const s = await open();
    server.reachable = false;
    const odd = anEntry('fish.noted', fish, { text: 'x' });
    await s.write([landed('a', '12:18'), odd, landed('b', '12:19')]);
    await s.flush();
    server.reachable = true;
    server.down = 'fish.noted';
    now += 120_000;
    await s.flush();
    expect(server.log.map((e) => e.kind)).toEqual(['fish.landed', 'fish.landed']);
    expect(s.getSnapshot().outbox).toMatchObject([{ entry: odd, state: 'refused', why: 'too large' }]);
  });
});

describe('hearing from others', () => {
  test('catching up in pages, and only what is new', async () => {
    server.log.push(
      tripStarted(),
      landed('a', '12:18'),
      landed('b', '12:19'),
      landed('c', '12:20'),
      landed('d', '12:21'),
    );
    const s = await open();
    expect(await s.pull()).toBe(true);
    expect(s.getSnapshot().book.all('fish')).toHaveLength(4);
    const later = await open();
    expect(later.getSnapshot().book.all('fish')).toHaveLength(4);
    server.log.push(anEntry('fish.iced', fish, { box: BOX, how: 'slurry' }));
    await later.pull();
    expect(later.getSnapshot().book.get('fish', fish)?.iced).not.toBeNull();
  });

  test('a first catch-up is folded once, at its end, and says how far it is; cut off, it keeps what came and goes on from there', async () => {
    for (let i = 0; i < 7; i++) server.log.push(landed(`f${i}`, `12:1${i}`));
    const s = await open();
    const heard: number[] = [];
    const folds = new Set<unknown>();
    s.subscribe(() => folds.add(s.getSnapshot().book));
    const after = server.after.bind(server);
    server.after = (c, seen, limit) => (c.last >= 4 ? Promise.resolve({ unreached: null }) : after(c, seen, limit));
    expect(await s.pull((n) => heard.push(n))).toBe(false);
    expect(heard).toEqual([2, 4]);
    expect(s.getSnapshot().book.all('fish')).toHaveLength(4);
    expect(folds.size).toBeLessThanOrEqual(2);
    server.after = after;
    const later = await open();
    expect(later.getSnapshot().book.all('fish')).toHaveLength(4);
    expect(await later.pull()).toBe(true);
    expect(later.getSnapshot().book.all('fish')).toHaveLength(7);
  });

  test('what this device wrote comes back from the server and is not kept twice', async () => {
    const s = await open();
    await s.write([tripStarted(), landed('a', '12:18')]);
    await s.flush();
    const kept: number[] = [];
    const keep = await Keep.open(book);
    const catchUp = keep.catchUp.bind(keep);
    const again = new JournalStore(keep, server, () => now);
    await again.load();
    keep.catchUp = (entries, last) => (kept.push(entries.length), catchUp(entries, last));
    await again.pull();
    expect(kept).toEqual([0]);
    server.log.push(landed('b', '12:19'));
    await again.pull();
    expect(kept).toEqual([0, 1]);
  });

  test('a device that is full shows what it could keep, and asks for the rest again from there', async () => {
    for (let i = 0; i < 7; i++) server.log.push(landed(`f${i}`, `12:1${i}`));
    const keep = await Keep.open(book);
    const catchUp = keep.catchUp.bind(keep);
    let room = 2;
    keep.catchUp = async (entries, last) => {
      if (room-- <= 0) throw new DOMException('no space', 'QuotaExceededError');
      await catchUp(entries, last);
    };
    const s = new JournalStore(keep, server, () => now);
    await s.load();
    await expect(s.pull()).rejects.toThrow('no space');
    expect(s.getSnapshot().book.all('fish')).toHaveLength(4);
    room = 99;
    expect(await s.pull()).toBe(true);
    expect(s.getSnapshot().book.all('fish')).toHaveLength(7);
    expect((await open()).getSnapshot().book.all('fish')).toHaveLength(7);
  });

  test('no answer is said, and nothing is lost', async () => {
    const s = await open();
    server.reachable = false;
    expect(await s.pull()).toBe(false);
    expect(s.getSnapshot().reached).toBe(false);
  });

  test('a second tab reads what the first wrote, while its own line is still waiting', async () => {
    server.reachable = false;
    const one = await open();
    const two = await open();
    await two.write([landed('b', '12:20')]);
    await one.write([landed('a', '12:18')]);
    await two.reread();
    expect(two.getSnapshot().book.all('fish')).toHaveLength(2);
    expect(waiting(two)).toEqual(['queued', 'queued']);
    server.reachable = true;
    now += 120_000;
    await one.flush();
    await two.flush();
    await two.reread();
    expect(server.log).toHaveLength(2);
    expect(waiting(two)).toEqual([]);
  });

  test('two devices and a network that comes and goes end with the same book', async () => {
    const phone = await open();
    book = `${book}-other`;
    const tablet = await open();
    const devices = [phone, tablet];
    for (let i = 0; i < 24; i++) {
      server.reachable = i % 3 !== 0;
      server.loseAnswer = i % 5 === 0;
      now += 70_000;
      await devices[i % 2]!.write([
        i < 4
          ? landed(`f${i}`, `12:0${i}`)
          : anEntry('fish.measured', idOf(`f${i % 4}`), { lengthMm: 300 + i, lengthKind: 'total', method: 'board' }),
      ]);
      await devices[i % 2]!.flush();
      if (i % 4 === 0) await devices[(i + 1) % 2]!.pull();
    }
    server.reachable = true;
    server.loseAnswer = false;
    now += 200_000;
    for (const d of devices) await d.flush();
    for (const d of devices) await d.pull();
    expect(server.log).toHaveLength(24);
    const dump = (s: JournalStore): unknown =>
      s
        .getSnapshot()
        .book.all('fish')
        .sort((x, y) => (x.id < y.id ? -1 : 1));
    expect(dump(tablet)).toEqual(dump(phone));
    expect(waiting(phone).concat(waiting(tablet))).toEqual([]);
  });
});

describe('a server put back to an older copy', () => {
  const written = (): Entry[] => ['a', 'b', 'c', 'd', 'e'].map((w, i) => landed(w, `12:1${i}`));
  const ids = (list: readonly Entry[]): string[] => list.map((e) => e.id).sort();

  test('is noticed; what it lacks is sent again, whoever wrote it, and what others wrote since arrives', async () => {
    server.log.push(landed('theirs', '12:00'));
    const s = await open();
    await s.pull();
    const mine = written();
    await s.write(mine);
    await s.flush();
    await s.pull();
    const whole = ids(server.log);
    // Restored to nothing, and another device has written more than there was.
    server.log.length = 0;
    const since = Array.from({ length: 9 }, (_, i) => landed(`since ${i}`, `12:4${i}`));
    server.log.push(...since);
    await s.pull();
    expect(s.getSnapshot().again).toBe(6);
    await s.flush();
    expect(ids(server.log)).toEqual([...whole, ...ids(since)].sort());
    expect(waiting(s)).toEqual([]);
    expect(s.getSnapshot().book.all('fish')).toHaveLength(15);
    expect((await open()).getSnapshot().book.all('fish')).toHaveLength(15);
  });

  test('is noticed too where the device wrote the last of it, and never heard of it again', async () => {
    const s = await open();
    await s.pull();
    await s.write(written());
    await s.flush();
    server.log.length = 0;
    const later = await open();
    await later.pull();
    expect(later.getSnapshot().again).toBe(5);
    await later.flush();
    expect(server.log).toHaveLength(5);
  });

  test('cut off in the middle, a device begins the comparison anew after a reload, and calls nothing sent that is not', async () => {
    const s = await open();
    await s.write(written());
    await s.flush();
    await s.pull();
    server.log.splice(3);
    const { after } = server;
    server.after = (c, seen, limit) =>
      c.last === 2 ? Promise.resolve({ unreached: null }) : after.call(server, c, seen, limit);
    expect(await s.pull()).toBe(false);
    server.after = after;
    const later = await open();
    expect(await later.pull()).toBe(true);
    expect(later.getSnapshot().again).toBe(2);
    await later.flush();
    expect(server.log).toHaveLength(5);
    expect(waiting(later)).toEqual([]);
  });

  test('another tab that reads the shelf meanwhile calls the lines unsent too', async () => {
    const [one, two] = [await open(), await open()];
    await one.write(written());
    await one.flush();
    await one.pull();
    await two.reread();
    server.log.length = 0;
    server.refuses = new Map(
      one
        .getSnapshot()
        .book.entries()
        .map((e) => [e.id, 'not now']),
    );
    await one.pull();
    await one.flush();
    await two.reread();
    expect(waiting(two)).toHaveLength(5);
  });
});

describe('clocks', () => {
  test('what is early by the server’s clock waits, and goes by itself when that gets there', async () => {
    server.behindMs = 3 * 3_600_000;
    const s = await open();
    const early = landed('a', '13:30');
    await s.write([early, landed('b', '10:00')]);
    await s.flush();
    expect(s.getSnapshot()).toMatchObject({ aheadMs: 3 * 3_600_000, reached: true });
    expect(s.getSnapshot().outbox).toMatchObject([{ entry: early, state: 'queued', why: 'still to come' }]);
    now += 3 * 3_600_000;
    await s.flush();
    expect(server.log).toHaveLength(2);
    expect(waiting(s)).toEqual([]);
  });

  test('set back to the server’s clock they go at once, keep what they correct, and both times can be told', async () => {
    server.behindMs = 3_600_000;
    const s = await open();
    const first = anEntry('fish.noted', fish, { text: 'x' }, { at: at('13:50') });
    const second = anEntry('fish.noted', fish, { text: 'y' }, { at: at('13:50'), amends: first.id });
    await s.write([landed('a', '13:45'), first, second]);
    await s.flush();
    expect(server.log).toEqual([]);
    const ahead = s.getSnapshot().aheadMs ?? 0;
    await s.replace(
      setBack(
        s.getSnapshot().outbox.map((i) => i.entry),
        ahead,
      ),
      'by the server',
    );
    await s.flush();
    expect(server.log.map((e) => [e.kind, e.at, e.aheadMs])).toEqual([
      ['fish.landed', at('12:45'), 3_600_000],
      ['fish.noted', at('12:50'), 3_600_000],
      ['fish.noted', at('12:50'), 3_600_000],
    ]);
    expect(server.log[2]?.amends).toBe(server.log[1]?.id);
    expect(
      s
        .getSnapshot()
        .book.get('fish', fish)
        ?.log.map((l) => l.now.facts['text']),
    ).toEqual([undefined, 'y']);
    expect(waiting(s)).toEqual(['set aside', 'set aside', 'set aside']);
    expect((await open()).getSnapshot().book.get('fish', fish)?.log).toHaveLength(2);
  });
});

describe('a line that holds up others', () => {
  test('is found and waits alone; the others of its batch go', async () => {
    const s = await open();
    server.reachable = false;
    const list = Array.from({ length: 40 }, (_, i) => anEntry('fish.noted', fish, { text: String(i) }));
    await s.write(list);
    await s.flush();
    server.reachable = true;
    server.breaks = list[17]!.id;
    now += 120_000;
    await s.flush();
    expect(server.log).toHaveLength(39);
    expect(s.getSnapshot().outbox).toMatchObject([{ entry: list[17], state: 'queued' }]);
    server.breaks = null;
    now += 120_000;
    await s.flush();
    expect(server.log).toHaveLength(40);
  });

  test('a server that breaks over everything is not asked for each line', async () => {
    const s = await open();
    const { send } = server;
    let asked = 0;
    server.send = () => (asked++, Promise.resolve({ ok: false, unreachable: true, broke: true, why: 'it broke' }));
    await s.write(Array.from({ length: 100 }, (_, i) => anEntry('fish.noted', fish, { text: String(i) })));
    await s.flush();
    expect(asked).toBeLessThan(12);
    expect(s.getSnapshot()).toMatchObject({ reached: false, why: 'it broke' });
    server.send = send;
    now += 120_000;
    await s.flush();
    expect(server.log).toHaveLength(100);
  });

  test('on a line so slow that a hundred get lost, fewer are sent at once until they go; likewise what is fetched', async () => {
    const s = await open();
    server.most = 30;
    await s.write(Array.from({ length: 100 }, (_, i) => anEntry('fish.noted', fish, { text: String(i) })));
    for (let i = 0; i < 30 && waiting(s).length > 0; i++) {
      await s.flush();
      now += 120_000;
    }
    expect(waiting(s)).toEqual([]);
    expect(server.batches[0]).toBe(100);
    expect(server.log).toHaveLength(100);
    book = `${book}-other`;
    const other = await open();
    server.page = 30;
    for (let i = 0; i < 8 && other.getSnapshot().book.size < 100; i++) await other.pull();
    expect(other.getSnapshot().book.size).toBe(100);
    expect(server.asked.at(-1)).toBeLessThanOrEqual(30);
  });
});
