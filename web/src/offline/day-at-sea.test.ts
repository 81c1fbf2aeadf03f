import 'fake-indexeddb/auto';
import { expect, test } from '@jest/globals';
import type { Entry } from '@dagboek/journal/log';
import { anEntry, idOf, landed, tripStarted } from '../../../journal/src/builders.test-support.ts';
import { PhotoShelf, type SendPhoto } from './photos/photo-shelf.ts';
import { FakeServer } from './fake-server.test-support.ts';
import { JournalStore } from './journal-store.ts';
import { Keep } from './keep.ts';

const NOW = Date.parse('2026-09-14T12:00:00+01:00');

/** 25 fish, each with eight lines: as many as a good day gives. */
function aDay(): Entry[] {
  const lines: Entry[] = [tripStarted()];
  for (let i = 0; i < 25; i++) {
    const fish = idOf(`fish ${i}`);
    lines.push(landed(`fish ${i}`, '08:00'));
    for (let k = 0; k < 7; k++) lines.push(anEntry('fish.noted', fish, { text: `line ${k} of fish ${i}` }));
  }
  return lines.slice(0, 200);
}

test('a whole day in airplane mode, the browser killed at noon, and everything arrives once in the evening', async () => {
  const book = 'day-at-sea';
  const server = new FakeServer(() => NOW);
  server.reachable = false;
  server.page = 500;
  const held = new Map<string, number>();
  const send: SendPhoto = async (hash) => {
    if (!server.reachable) return { ok: false, unreachable: true, why: 'No answer from the server.' };
    held.set(hash, (held.get(hash) ?? 0) + 1);
    return { ok: true };
  };
  const lines = aDay();
  expect(lines).toHaveLength(200);
  /** One life of the page. */
  const open = async () => {
    const store = new JournalStore(await Keep.open(book), server, () => NOW);
    await store.load();
    return { store, shelf: await PhotoShelf.open(book, send) };
  };

  let page = await open();
  const pictures: string[] = [];
  for (const [i, line] of lines.entries()) {
    // Killed in the middle of a write, that is not waited for: it is there, whole, or was never said to be safe.
    if (i === 120) {
      const last = page.store.write([line]);
      const next = await open();
      await last;
      page.store.close();
      await next.store.reread();
      page = next;
      continue;
    }
    await page.store.write([line]);
    if (i % 10 === 5) pictures.push(await page.shelf.keep(new Blob([`picture ${i}`], { type: 'image/jpeg' })));
  }
  expect(pictures).toHaveLength(20);
  expect(page.store.getSnapshot().outbox).toHaveLength(200);
  expect(page.store.getSnapshot().book.size).toBe(200);
  page.store.close();

  const evening = await open();
  expect(evening.store.getSnapshot().book.size).toBe(200);
  expect(evening.shelf.getSnapshot()).toHaveLength(20);
  server.reachable = true;
  await evening.store.retry(lines.map((e) => e.id));
  await evening.shelf.send();
  expect(server.log.map((e) => e.id).sort()).toEqual(lines.map((e) => e.id).sort());
  expect(evening.store.getSnapshot().outbox).toEqual([]);
  expect([...held.values()]).toEqual(pictures.map(() => 1));
  expect((await open()).shelf.getSnapshot()).toEqual([]);
  // A fish comes before what was done with it, so that a server that stops in between holds nothing astray.
  const at = new Map(server.log.map((e, i) => [e.id, i]));
  for (const e of lines.filter((x) => x.kind === 'fish.noted')) {
    const first = lines.find((x) => x.kind === 'fish.landed' && x.subject === e.subject)!;
    expect(at.get(first.id)!).toBeLessThan(at.get(e.id)!);
  }
  evening.store.close();
});
