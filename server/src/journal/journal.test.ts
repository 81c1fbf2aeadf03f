import 'reflect-metadata';
import { cpSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { afterAll, beforeEach, describe, expect, test } from '@jest/globals';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { type Entry } from '@dagboek/journal/log';
import DatabaseFile from 'better-sqlite3';
import request from 'supertest';
import { DataSource } from 'typeorm';
import {
  anEntry,
  at,
  BOX,
  idOf,
  ILSE,
  landed,
  TOMAS,
  TRIP,
  tripStarted,
  wholeLine,
} from '../../../journal/src/builders.test-support.ts';
import { Clock } from '../common/clock.ts';
import { Config } from '../common/config.ts';
import { createApp } from '../create-app.ts';
import { BookService } from '../book/book.service.ts';
import { aFolder, aServer, NOW } from '../test-server.test-support.ts';
import { JournalService } from './journal.service.ts';

let app: NestExpressApplication;
const open: NestExpressApplication[] = [];
beforeEach(async () => {
  app = await aServer();
  open.push(app);
});
afterAll(() => Promise.all(open.map((a) => a.close())));

const http = () => request(app.getHttpServer());
const post = (entries: unknown) => http().post('/api/journal').send({ entries });
const fish = idOf('a');

describe('taking entries', () => {
  test('a whole line is taken and comes back as it was sent, in order of arrival', async () => {
    const line = wholeLine();
    const res = await post(line).expect(200);
    expect(res.body.receipts).toEqual(line.map((e) => ({ id: e.id, status: 'accepted' })));
    const back = await http().get('/api/journal').expect(200);
    expect(back.body.entries).toEqual(line);
    expect(back.body).toMatchObject({ last: line.length, more: false });
  });

  test('sent twice it is there once', async () => {
    const line = wholeLine();
    await post(line);
    const again = await post([...line, ...line]);
    expect(new Set(again.body.receipts.map((r: { status: string }) => r.status))).toEqual(new Set(['known']));
    expect((await http().get('/api/health')).body.entries).toBe(line.length);
  });

  test('the same entry twice in one batch is there once', async () => {
    const e = tripStarted();
    expect((await post([e, e])).body.receipts.map((r: { status: string }) => r.status)).toEqual(['accepted', 'known']);
  });

  test('one bad entry among good ones: the good are kept, the bad is named', async () => {
    const bad = { ...landed('b', '12:20'), facts: { trip: TRIP, angler: ILSE, count: 0 } };
    const res = await post([tripStarted(), bad, landed('a', '12:18')]).expect(200);
    expect(res.body.receipts.map((r: { status: string }) => r.status)).toEqual(['accepted', 'refused', 'accepted']);
    expect(res.body.receipts[1]).toEqual({
      id: bad.id,
      status: 'refused',
      why: 'At least one fish.',
      field: 'count',
    });
    expect((await http().get('/api/health')).body.entries).toBe(2);
  });

  test('another entry under a known id is refused, whatever the order of its fields', async () => {
    const e = landed('a', '12:18');
    await post([e]);
    const mixed = Object.fromEntries(Object.entries(e).reverse());
    expect((await post([mixed])).body.receipts[0].status).toBe('known');
    expect((await post([{ ...e, about: true }])).body.receipts[0]).toMatchObject({ status: 'refused', field: 'id' });
  });

  test('a correction of something else is refused; one that comes before its target is taken', async () => {
    const e = landed('a', '12:18');
    const early = anEntry('fish.landed', fish, { trip: TRIP, angler: TOMAS, count: 1 }, { amends: e.id });
    expect((await post([early])).body.receipts[0].status).toBe('accepted');
    await post([e]);
    expect((await http().get(`/api/fish/${fish}`)).body.fish.angler).toBe(TOMAS);
    const wrong = anEntry('fish.landed', idOf('z'), { trip: TRIP, angler: TOMAS, count: 1 }, { amends: e.id });
    expect((await post([wrong])).body.receipts[0]).toMatchObject({ status: 'refused', field: 'amends' });
  });

  test('what is still to come by the server’s clock is early, not refused; what is wrong besides is', async () => {
    const e = { ...tripStarted(), at: '2026-09-14T12:30:00+01:00' };
    const { body } = await post([e, { ...e, id: idOf('odd'), facts: {} }]);
    expect(body.receipts).toEqual([
      { id: e.id, status: 'early', why: expect.stringContaining('still to come') },
      expect.objectContaining({ status: 'refused' }),
    ]);
    expect(body.now).toBe('2026-09-14T11:00:00.000Z');
    expect((await http().get('/api/health')).body.entries).toBe(0);
  });

  test('unknown kinds and fields are refused with a sentence and leave nothing behind', async () => {
    const res = await post([
      { ...tripStarted(), kind: 'trip.dreamt' },
      { ...tripStarted(), mood: 'good' },
    ]);
    expect(res.body.receipts.map((r: { field: string }) => r.field)).toEqual(['kind', 'mood']);
    expect((await http().get('/api/health')).body.entries).toBe(0);
  });

  test('many batches at once do not mix', async () => {
    const lots = Array.from({ length: 20 }, (_, i) => [
      landed(`fish${i}`, '12:18'),
      anEntry('fish.iced', idOf(`fish${i}`), { box: BOX, how: 'slurry' as const }, { at: at('12:30') }),
    ]);
    await Promise.all(lots.map((l) => app.get(JournalService).append(l)));
    expect((await http().get('/api/health')).body.entries).toBe(40);
    expect(
      app
        .get(BookService)
        .book.allAny('fish')
        .every((f) => f.iced?.how === 'slurry'),
    ).toBe(true);
  });
});

describe('bodies that are no batch', () => {
  const problem = /application\/problem\+json/;

  test.each([
    ['nothing', {}],
    ['not a list', { entries: 'fish' }],
    ['a field too many', { entries: [], extra: 1 }],
  ])('%s is a problem with a sentence', async (_, body) => {
    const res = await http().post('/api/journal').send(body).expect(400).expect('content-type', problem);
    expect(res.body).toMatchObject({ status: 400, title: 'Not as it should be' });
    expect(res.body.detail.length).toBeGreaterThan(10);
  });

  test('broken JSON', async () => {
    const res = await http()
      .post('/api/journal')
      .set('content-type', 'application/json')
      .send('{"entries":[')
      .expect(400)
      .expect('content-type', problem);
    expect(res.body.detail).toContain('not JSON');
  });

  test('5 MB is too large, says so, and nothing of it is taken', async () => {
    const e = tripStarted();
    const res = await post([e, { ...landed('a', '12:18'), facts: { text: 'x'.repeat(5_000_000) } }])
      .expect(413)
      .expect('content-type', problem);
    expect(res.body.detail).toContain('smaller batches');
    expect((await http().get('/api/health')).body.entries).toBe(0);
    expect((await post([e])).body.receipts[0].status).toBe('accepted');
  });

  test('more than a thousand entries at once', async () => {
    const res = await post(Array.from({ length: 251 }, () => ({}))).expect(400);
    expect(res.body.detail).toContain('at most 250');
  });

  test('an unknown address', async () => {
    const res = await http().get('/api/nowhere').expect(404).expect('content-type', problem);
    expect(res.body.detail).toBe('There is nothing at this address.');
  });
});

describe('catching up', () => {
  test('in pages, without gap or repetition', async () => {
    const line = wholeLine();
    await post(line);
    const seen: Entry[] = [];
    let after = 0;
    for (let more = true; more;) {
      const page = (await http().get(`/api/journal?after=${after}&limit=5`)).body;
      seen.push(...page.entries);
      expect(page.entries.length).toBeLessThanOrEqual(5);
      ({ last: after, more } = page);
    }
    expect(seen).toEqual(line);
    expect((await http().get(`/api/journal?after=${after}`)).body).toMatchObject({
      entries: [],
      last: after,
      more: false,
    });
  });

  test('with the digest that came with a number the log is the same up to there, or is to be read anew', async () => {
    await post(wholeLine());
    const ask = async (query: string) => (await http().get(`/api/journal?${query}`).expect(200)).body;
    const one = await ask('after=0&limit=5');
    const two = await ask(`after=5&limit=5&digest=${one.digest}`);
    expect([two.entries.length, two.anew]).toEqual([5, undefined]);
    expect(two.digest).not.toBe(one.digest);
    // A number that is not there, and a log that says something else up to it.
    const anew = { entries: [], last: 0, digest: '', more: true, anew: true };
    expect(await ask(`after=999&digest=${one.digest}`)).toMatchObject(anew);
    expect(await ask(`after=5&digest=${two.digest}`)).toMatchObject(anew);
    expect(await ask(`after=5&seen=12&seenDigest=${one.digest}`)).toMatchObject(anew);
    expect((await ask(`after=5&seen=10&seenDigest=${two.digest}`)).anew).toBeUndefined();
    // Asked with a batch too, since that batch is all that the device would know of afterwards.
    const sent = async (seen: object) => (await http().post('/api/journal').send({ entries: [], seen })).body;
    expect((await sent({ last: 5, digest: one.digest })).anew).toBeUndefined();
    expect(await sent({ last: 5, digest: two.digest })).toMatchObject({ anew: true, receipts: [] });
    expect((await sent({ last: 'x' })).detail).toContain('"seen"');
    // One that knows no digest yet is taken at its word.
    expect((await ask('after=5&limit=5')).entries).toEqual(two.entries);
    await http().get('/api/journal?after=5&digest=../x').expect(400);
  });

  test.each(['-1', 'x', '1.5'])('after=%s is a problem', async (after) => {
    await http().get(`/api/journal?after=${after}`).expect(400);
  });
});

describe('the log is never changed', () => {
  test('UPDATE and DELETE are refused by the file itself', async () => {
    await post([tripStarted()]);
    const db = app.get(DataSource);
    await expect(db.query("UPDATE entry SET body = '{}'")).rejects.toThrow(/never changed/);
    await expect(db.query('DELETE FROM entry')).rejects.toThrow(/never deleted/);
    expect((await http().get('/api/health')).body.entries).toBe(1);
  });

  test('WAL, full sync and foreign keys are on', async () => {
    const db = app.get(DataSource);
    const pragma = async (name: string): Promise<unknown> => Object.values((await db.query(`PRAGMA ${name}`))[0])[0];
    expect(await pragma('journal_mode')).toBe('wal');
    expect(await pragma('synchronous')).toBe(2);
    expect(await pragma('foreign_keys')).toBe(1);
    expect(await pragma('busy_timeout')).toBe(5000);
  });
});

describe('the book in memory', () => {
  const KINDS = ['trip', 'fish', 'cut', 'pack', 'meal'] as const;
  const dump = (a: NestExpressApplication): unknown =>
    KINDS.flatMap((k) =>
      a
        .get(BookService)
        .book.allAny(k)
        .sort((x, y) => (x.id < y.id ? -1 : 1)),
    );

  test('what is on disk and what is answered stand or fall together', async () => {
    const db = app.get(DataSource);
    await db.query(
      "CREATE TRIGGER full BEFORE INSERT ON entry WHEN NEW.kind = 'fish.landed' BEGIN SELECT RAISE(ABORT, 'the disk is full'); END",
    );
    await post([tripStarted(), landed('a', '12:18')]).expect(500);
    expect((await http().get('/api/health')).body.entries).toBe(0);
    expect((await http().get('/api/trips')).body.trips).toEqual([]);
    await db.query('DROP TRIGGER full');
    await post([tripStarted(), landed('a', '12:18')]).expect(200);
    expect((await http().get('/api/trips')).body.trips).toHaveLength(1);
  });

  test('is the same whatever the order of arrival, and the same when the file is opened again', async () => {
    const line = [...wholeLine(), anEntry('fish.noted', fish, { text: 'x' })];
    line.push(anEntry('log.struck', fish, {}, { strikes: line.at(-1)!.id }));
    await post(line);
    const folder = aFolder();
    const other = await aServer(folder);
    for (const e of [...line].reverse())
      await request(other.getHttpServer())
        .post('/api/journal')
        .send({ entries: [e] });
    expect(dump(other)).toEqual(dump(app));
    await other.close();
    const again = await aServer(folder);
    open.push(again);
    expect(dump(again)).toEqual(dump(app));
  });

  test('a struck fish is answered as struck, and is in no trip and no larder', async () => {
    const line = wholeLine();
    const e = line.find((x) => x.kind === 'fish.landed')!;
    await post([...line, anEntry('log.struck', fish, {}, { strikes: e.id })]);
    expect((await http().get(`/api/fish/${fish}`).expect(200)).body.where).toBe('struck');
    expect((await http().get('/api/trips')).body.trips[0].fish).toEqual([]);
    expect((await http().get('/api/larder')).body.packs).toEqual([]);
  });
});

test('lines that correct themselves, or each other in a circle, are refused', async () => {
  const [a, b, c] = ['a', 'b', 'c'].map((text) => anEntry('fish.noted', fish, { text }, { member: 'nobody' }));
  const why = async (...entries: object[]): Promise<unknown[]> =>
    (await post(entries as Entry[]).expect(200)).body.receipts.map(
      (r: { why?: string; status: string }) => r.why ?? r.status,
    );
  expect(await why({ ...a, amends: a!.id })).toEqual(['An entry cannot correct itself or cross itself out.']);
  const circle = [
    { ...a, amends: b!.id },
    { ...b, amends: c!.id },
    { ...c, amends: a!.id },
  ];
  expect(await why(...circle)).toEqual(['accepted', 'accepted', expect.stringContaining('in a circle')]);
});

describe('who may write', () => {
  const joined = (id: string, by: string): Entry =>
    anEntry('member.joined', id, { name: 'someone' }, { member: by, at: at('05:00') });
  const note = (by: string): Entry => anEntry('fish.noted', fish, { text: 'x' }, { member: by });
  const statuses = async (...entries: Entry[]): Promise<string[]> =>
    (await post(entries).expect(200)).body.receipts.map((r: { status: string; why?: string }) => r.why ?? r.status);

  test('in a book without people anyone; afterwards only its people, and those who join in the same batch, whatever their order', async () => {
    expect(await statuses(note(ILSE))).toEqual(['accepted']);
    expect(await statuses(note(TOMAS), joined(TOMAS, TOMAS))).toEqual(['accepted', 'accepted']);
    expect(await statuses(note(TOMAS), note('nobody'))).toEqual(['accepted', 'accepted']);
    // Not yet is not refused: the line waits on its device, and goes once its writer is there.
    const early = note(idOf('late guest'));
    const { receipts } = (await post([early]).expect(200)).body as { receipts: { status: string; why: string }[] };
    expect(receipts[0]).toMatchObject({
      status: 'early',
      why: expect.stringMatching(/not in the crew of this book yet/),
    });
    expect(await statuses(joined(idOf('late guest'), TOMAS))).toEqual(['accepted']);
    expect(await statuses(early)).toEqual(['accepted']);
    expect(await statuses(joined(ILSE, TOMAS))).toEqual(['accepted']);
    expect(await statuses(note(ILSE))).toEqual(['accepted']);
  });

  test('one whose joining was struck wrote what is written, and may send the rest of it', async () => {
    const e = joined(TOMAS, TOMAS);
    await post([e, anEntry('log.struck', TOMAS, {}, { strikes: e.id, member: TOMAS })]);
    expect(await statuses(note(TOMAS))).toEqual(['accepted']);
  });
});

describe('another book at the same address', () => {
  const line = () => anEntry('fish.noted', fish, { text: 'for another book' }, { at: at('12:30'), member: 'nobody' });
  test('takes nothing that names the one that was there before, and says so', async () => {
    const { book } = (await http().get('/api/health')).body as { book: string };
    const before = (await http().get('/api/health')).body.entries as number;
    const wrong = await post([line()]).set('dagboek-book', idOf('some other book'));
    expect(wrong.status).toBe(409);
    expect(wrong.headers['content-type']).toContain('problem+json');
    expect(wrong.body.detail).toContain('Another book is kept at this address now, and nothing was written to it.');
    for (const path of ['/api/journal?after=0', '/api/photos/' + 'a'.repeat(64)])
      expect([path, (await http().get(path).set('dagboek-book', idOf('some other book'))).status]).toEqual([path, 409]);
    expect((await http().get('/api/health')).body.entries).toBe(before);
    const right = await post([line()]).set('dagboek-book', book);
    expect(right.body.receipts[0].status).toBe('accepted');
  });
  test('a request that names no book is taken as before', async () => {
    expect((await post([line()])).body.receipts[0].status).toBe('accepted');
  });
});

describe('a book on disk', () => {
  test('opened again it is the same book, and goes on counting', async () => {
    const folder = aFolder();
    const first = await aServer(folder);
    await request(first.getHttpServer()).post('/api/journal').send({ entries: wholeLine() });
    const health = (await request(first.getHttpServer()).get('/api/health')).body;
    await first.close();
    const second = await aServer(folder);
    open.push(second);
    expect((await request(second.getHttpServer()).get('/api/health')).body).toEqual(health);
    expect(health).toMatchObject({ ok: true, clock: 'still', now: new Date(NOW).toISOString() });
  });

  test('what is in the file is known before the server listens, as when a demo is opened again', async () => {
    const folder = aFolder();
    const first = await aServer(folder);
    await request(first.getHttpServer()).post('/api/journal').send({ entries: wholeLine() });
    const line = first.get(BookService).book.entries();
    await first.close();
    const second = await createApp(
      new Config('127.0.0.1', 0, folder, NOW, true, false, null, 'silent'),
      new Clock(Date.parse(NOW), true),
    );
    open.push(second);
    const receipts = await second.get(JournalService).append(line);
    expect(new Set(receipts.map((r) => r.status))).toEqual(new Set(['known']));
  });

  test('two books are not mistaken for each other', async () => {
    const other = await aServer();
    open.push(other);
    const book = async (a: NestExpressApplication): Promise<string> =>
      (await request(a.getHttpServer()).get('/api/health')).body.book;
    expect(await book(app)).not.toBe(await book(other));
  });

  test('a folder written by version 1 opens without loss, and goes on', async () => {
    const folder = aFolder();
    cpSync(fileURLToPath(new URL('../../fixtures/book-of-version-1', import.meta.url)), folder, { recursive: true });
    const before = new DatabaseFile(join(folder, 'dagboek.sqlite'), { readonly: true });
    const bodies = before.prepare('SELECT body FROM entry ORDER BY seq').all() as { body: string }[];
    const fishIds = before.prepare('SELECT id, species FROM fish').all() as { id: string; species: string }[];
    const [identity] = before.prepare('SELECT id FROM identity').all() as { id: string }[];
    before.close();
    expect([bodies.length, fishIds.length]).toEqual([70, 9]);
    const opened = await aServer(folder);
    open.push(opened);
    const ask = (path: string) => request(opened.getHttpServer()).get(path);
    expect((await ask('/api/journal').expect(200)).body.entries).toEqual(bodies.map((b) => JSON.parse(b.body)));
    expect((await ask('/api/health')).body).toMatchObject({ book: identity?.id, entries: 70 });
    for (const f of fishIds) expect((await ask(`/api/fish/${f.id}`).expect(200)).body.fish.species).toBe(f.species);
    const first = JSON.parse(bodies[0]!.body) as Entry;
    const more = anEntry('trip.noted', TRIP, { text: 'fog' }, { member: first.member });
    const res = await request(opened.getHttpServer())
      .post('/api/journal')
      .send({ entries: [more] });
    expect(res.body.receipts).toEqual([{ id: more.id, status: 'accepted' }]);
    expect((await ask('/api/journal?after=70')).body).toMatchObject({ entries: [more], last: 71 });
  });
});
