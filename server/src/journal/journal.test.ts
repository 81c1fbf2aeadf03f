import 'reflect-metadata';
import { afterAll, beforeEach, describe, expect, test } from '@jest/globals';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { type Entry } from '@dagboek/journal';
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
import { dumpProjections, rebuildProjections } from '../storage/projections.ts';
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
      why: 'A lot is at least one fish.',
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

  test('the future is refused by the server’s clock', async () => {
    const e = { ...tripStarted(), at: '2026-09-14T12:30:00+01:00' };
    expect((await post([e])).body.receipts[0]).toMatchObject({ status: 'refused', field: 'at' });
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
    expect((await rebuildProjections(app.get(DataSource).manager)).differences).toEqual([]);
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
    const res = await post(Array.from({ length: 1001 }, () => ({}))).expect(400);
    expect(res.body.detail).toContain('at most 1000');
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
    expect((await http().get(`/api/journal?after=${after}`)).body).toEqual({ entries: [], last: after, more: false });
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

describe('projections', () => {
  test('entry and projection stand or fall together', async () => {
    const db = app.get(DataSource);
    await db.query('ALTER TABLE fish RENAME TO fish_gone');
    await post([tripStarted(), landed('a', '12:18')]).expect(500);
    await db.query('ALTER TABLE fish_gone RENAME TO fish');
    expect((await http().get('/api/health')).body.entries).toBe(0);
    expect(await dumpProjections(db.manager)).toEqual([]);
    await post([tripStarted(), landed('a', '12:18')]).expect(200);
  });

  test('whatever the order of arrival, they are the same, and equal to a rebuild', async () => {
    const line = [...wholeLine(), anEntry('fish.noted', fish, { text: 'x' })];
    const note = line.at(-1)!;
    line.push(anEntry('log.struck', fish, {}, { strikes: note.id }));
    await post(line);
    const right = await dumpProjections(app.get(DataSource).manager);
    expect(right.length).toBeGreaterThan(8);
    const other = await aServer();
    open.push(other);
    for (const e of [...line].reverse())
      await request(other.getHttpServer())
        .post('/api/journal')
        .send({ entries: [e] });
    expect(await dumpProjections(other.get(DataSource).manager)).toEqual(right);
    expect((await rebuildProjections(other.get(DataSource).manager)).differences).toEqual([]);
  });

  test('a rebuild mends what was spoilt, and says so', async () => {
    await post(wholeLine());
    const db = app.get(DataSource);
    await db.query("UPDATE fish SET species = 'shoe'");
    const { differences } = await rebuildProjections(db.manager);
    expect(differences).toHaveLength(2);
    expect(differences[0]).toContain('shoe');
    expect((await rebuildProjections(db.manager)).differences).toEqual([]);
  });

  test('a struck beginning takes the projection away', async () => {
    const e = landed('a', '12:18');
    await post([e, anEntry('log.struck', fish, {}, { strikes: e.id })]);
    await http().get(`/api/fish/${fish}`).expect(404);
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

  test('two books are not mistaken for each other', async () => {
    const other = await aServer();
    open.push(other);
    const book = async (a: NestExpressApplication): Promise<string> =>
      (await request(a.getHttpServer()).get('/api/health')).body.book;
    expect(await book(app)).not.toBe(await book(other));
  });
});
