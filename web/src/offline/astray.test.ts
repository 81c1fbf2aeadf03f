import 'fake-indexeddb/auto';
import { beforeEach, describe, expect, test } from '@jest/globals';
import type { Entry } from '@dagboek/journal/log';
import { anEntry, at, idOf, landed } from '../../../journal/src/builders.test-support.ts';
import { FakeServer } from './fake-server.test-support.ts';
import { JournalStore } from './journal-store.ts';
import { Keep } from './keep.ts';
import { setBack } from './set-back.ts';

let n = 0;
let server: FakeServer;
let book: string;
let now: number;
beforeEach(() => {
  server = new FakeServer(() => now);
  book = `astray-${n++}`;
  now = Date.parse('2026-09-12T13:00:00Z');
});
const open = async (): Promise<JournalStore> => {
  const store = new JournalStore(await Keep.open(book), server, () => now);
  await store.load();
  return store;
};
const fish = idOf('a');
const waiting = (s: JournalStore): string[] => s.getSnapshot().outbox.map((i) => i.state);

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
