import 'fake-indexeddb/auto';
import { beforeEach, describe, expect, test } from '@jest/globals';
import { anEntry, BOX, idOf, landed, tripStarted } from '../../../journal/src/builders.test-support.ts';
import { FakeServer } from './fake-server.test-support.ts';
import { JournalStore } from './journal-store.ts';
import { Keep } from './keep.ts';

let n = 0;
let server: FakeServer;
let book: string;
let now: number;
beforeEach(() => {
  server = new FakeServer(() => now);
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

  test('a line of which the answer says nothing waits again at once, and goes with the next', async () => {
    const s = await open();
    const [a, b] = [landed('a', '12:18'), landed('b', '12:19')];
    server.silent.add(a.id);
    await s.write([a, b]);
    await s.flush();
    expect(waiting(s)).toEqual(['queued']);
    server.silent.clear();
    now += 2000;
    await s.flush();
    expect(waiting(s)).toEqual([]);
    expect(server.log.map((e) => e.id)).toEqual([b.id, a.id]);
  });

  test('after an older copy was put back, who joins is sent first, whatever their clock said', async () => {
    const late = anEntry(
      'member.joined',
      idOf('late'),
      { name: 'Late' },
      { member: idOf('late'), id: '01ff0000-0000-7000-8000-000000000001' },
    );
    server.log.push(landed('a', '12:18'), late, landed('b', '12:19'));
    const s = await open();
    await s.pull();
    server.log.length = 0;
    await s.pull();
    await s.pull();
    await s.flush();
    expect(server.log).toHaveLength(3);
    expect(server.log[0]!.kind).toBe('member.joined');
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
