import 'reflect-metadata';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { NestExpressApplication } from '@nestjs/platform-express';
import sharp from 'sharp';
import request from 'supertest';
import { anEntry, at, idOf, tripStarted } from '../../journal/src/builders.test-support.ts';
import { aRule, aRulePack } from '../../journal/src/documents.test-support.ts';
import { Clock } from './common/clock.ts';
import { Config } from './common/config.ts';
import { mustBeShallow } from './common/json-depth.ts';
import { PlainLogger } from './common/plain-logger.ts';
import { startTrouble } from './common/start-trouble.ts';
import { createApp } from './create-app.ts';
import { fillWithDemo } from './demo.ts';
import { isKnownHost } from './guards/known-host.ts';
import { JournalService } from './journal/journal.service.ts';
import { pictureKind } from './photos/picture-kind.ts';
import { BookTrouble } from './common/book-trouble.ts';
import { aFolder, aServer } from './test-server.test-support.ts';

let app: NestExpressApplication;
const folder = aFolder();
beforeAll(async () => {
  // The interface lies beneath a folder that counts as hidden.
  const web = join(aFolder(), '.home', 'web');
  mkdirSync(web, { recursive: true });
  writeFileSync(join(web, 'index.html'), '<!doctype html><title>Dagboek</title>');
  const now = Date.parse('2026-09-14T12:00:00+01:00');
  app = await createApp(
    new Config('127.0.0.1', 0, folder, null, false, false, web, 'silent', false, ['boat.example']),
    new Clock(now, true),
  );
  await app.init();
});
afterAll(() => app.close());
const http = () => request(app.getHttpServer());
const entries = async (): Promise<number> => (await http().get('/api/health')).body.entries as number;

describe('who may ask', () => {
  test.each([
    'localhost',
    'localhost:4310',
    '127.0.0.1:4310',
    '[::1]:4310',
    '192.168.1.20',
    'app.localhost',
    'BOAT.example:80',
  ])('by %s it answers', (host) => expect(isKnownHost(host, ['boat.example'])).toBe(true));
  test.each(['evil.example', 'localhost.evil.example', '127.0.0.1.evil.example', 'boat.example.evil', '', undefined])(
    'by %s it does not',
    (host) => expect(isKnownHost(host, ['boat.example'])).toBe(false),
  );
  test('a page at a name that was made to point here reads nothing and writes nothing', async () => {
    const before = await entries();
    const from = (r: request.Test) => r.set('host', 'rebound.example:4310');
    for (const path of ['/', '/api/journal', '/api/health', '/api/photos/' + 'ab'.repeat(32)]) {
      const res = await from(http().get(path))
        .expect(403)
        .expect('content-type', /problem\+json/);
      expect(res.body.detail).toContain('DAGBOEK_HOSTS');
    }
    await from(http().post('/api/journal'))
      .send({ entries: [tripStarted()] })
      .expect(403);
    expect(await entries()).toBe(before);
    await http().get('/api/health').set('host', 'boat.example').expect(200);
  });
});

describe('what is asked, and how', () => {
  test('HEAD answers as GET does, for pages and the API, also beneath a hidden folder', async () => {
    for (const path of ['/', '/deck', '/api/health', '/api/journal']) await http().head(path).expect(200);
    expect((await http().get('/deck').expect(200)).text).toContain('<title>Dagboek</title>');
  });
  test('another content type has a sentence of its own', async () => {
    const res = await http().post('/api/journal').set('content-type', 'text/plain').send('{"entries":[]}').expect(415);
    expect(res.body.detail).toContain('application/json');
    await http().post('/api/journal').expect(415);
  });
  test.each([41, 2000, 500_000])('JSON nested %i deep is turned down before it is read', async (deep) => {
    const body = `{"entries":[${'['.repeat(deep)}${']'.repeat(deep)}]}`;
    const res = await http().post('/api/journal').set('content-type', 'application/json').send(body).expect(400);
    expect(res.body.detail).toContain('nested too deep');
  });
  test('brackets within texts are not nesting', () => {
    const shallow = (s: string) => () => mustBeShallow(Buffer.from(s));
    expect(shallow(`{"a":"${'['.repeat(900)}\\"${'{'.repeat(900)}"}`)).not.toThrow();
    expect(shallow(`[${'[],'.repeat(900)}[]]`)).not.toThrow();
    expect(shallow(`{"a\\\\":${'['.repeat(41)}`)).toThrow('too deep');
  });
  test('every parameter of every address is described', async () => {
    const { paths } = (await http().get('/api/openapi.json').expect(200)).body as {
      paths: Record<string, Record<string, { parameters: { name: string; in: string }[] }>>;
    };
    const told = Object.entries(paths).flatMap(([path, verbs]) =>
      Object.entries(verbs).flatMap(([verb, v]) =>
        v.parameters.filter((p) => p.in !== 'header').map((p) => `${verb} ${path} ${p.name}`),
      ),
    );
    expect(told.sort()).toEqual([
      'get /api/devices/position waters',
      'get /api/devices/position zone',
      'get /api/devices/probe about',
      'get /api/devices/probe seed',
      'get /api/devices/scale about',
      'get /api/devices/scale seed',
      'get /api/devices/sky waters',
      'get /api/devices/sky zone',
      'get /api/devices/thermometer since',
      'get /api/door/devices/{id}/lines id',
      'get /api/fish/{id} id',
      'get /api/journal after',
      'get /api/journal digest',
      'get /api/journal limit',
      'get /api/journal seen',
      'get /api/journal seenDigest',
      'get /api/journal/{id}/sender id',
      'get /api/larder/calendar/{key}.ics key',
      'get /api/photos/{hash} hash',
      'get /api/photos/{hash} size',
      'get /api/trips angler',
      'get /api/trips limit',
      'get /api/trips species',
      'get /api/trips zone',
      'post /api/door/devices/{id}/out id',
      'put /api/photos/{hash} hash',
    ]);
  });
});

test('a page of the log is bounded by what it holds, and nothing of the log is left out', async () => {
  const long = (n: number) =>
    anEntry(
      'rules.added',
      idOf(`rules ${n}`),
      {
        pack: aRulePack({
          rules: Array.from({ length: 250 }, (_, i) => aRule({ id: `r${i}`, sentence: 'x'.repeat(1400) })),
        }),
        from: '2026-09-12',
      },
      { at: at('09:00'), member: 'nobody' },
    );
  const sent = Array.from({ length: 7 }, (_, n) => long(n));
  for (const e of sent) {
    const { body } = await http()
      .post('/api/journal')
      .send({ entries: [e] })
      .expect(200);
    expect(body.receipts[0].status).toBe('accepted');
  }
  const got: string[] = [];
  let pages = 0;
  for (let after = 0, more = true; more; pages++) {
    const res = await http().get(`/api/journal?after=${after}&limit=5000`).expect(200);
    expect(res.text.length).toBeLessThan(2_500_000);
    got.push(...res.body.entries.map((e: { id: string }) => e.id));
    ({ last: after, more } = res.body);
  }
  expect(got).toEqual(sent.map((e) => e.id));
  expect(pages).toBeGreaterThan(1);
}, 30_000);

describe('a document that costs much', () => {
  const rules = (more: object) =>
    anEntry(
      'rules.added',
      idOf('costly'),
      { pack: aRulePack(more) as never, from: '2026-09-12' },
      { at: at('09:30'), member: 'nobody' },
    );
  const post = (entry: object) =>
    http()
      .post('/api/journal')
      .send({ entries: [entry] });

  test('is judged while others are answered', async () => {
    const long = rules({ rules: Array.from({ length: 1500 }, (_, i) => aRule({ id: `r${i}` })) });
    const order: string[] = [];
    const judged = post(long).then((r) => (order.push('judged'), r.body.receipts[0].status as string));
    for (let i = 0; i < 5; i++) {
      await http().get('/api/health').expect(200);
      order.push('answered');
    }
    expect(await judged).toBe('accepted');
    expect(order.indexOf('judged')).toBeGreaterThan(1);
  });

  test('that is wrong everywhere is turned down by its first fault', async () => {
    const odd = rules({ rules: Array.from({ length: 4500 }, () => ({ a: 1 })) });
    const { receipts } = (await post({ ...odd, id: idOf('odd rules') }).expect(200)).body as {
      receipts: { why: string }[];
    };
    expect(receipts[0]!.why).toContain('rules.0: the field "id" is missing.');
  });
});

describe('a book’s folder', () => {
  test('and all in it is for its owner alone, whatever it was before', async () => {
    for (const f of ['dagboek.sqlite', 'dagboek.sqlite-wal', 'dagboek.last'])
      expect([f, statSync(join(folder, f)).mode & 0o077]).toEqual([f, 0]);
  });
  test('is rid of what a crash left half done, and keeps what is whole', async () => {
    const other = aFolder();
    await (await aServer(other)).close();
    mkdirSync(join(other, 'photos'));
    mkdirSync(join(other, 'backups', '.2026-09-12T14-20-00-000'), { recursive: true });
    mkdirSync(join(other, 'backups', '2026-09-11T14-20-00-000'));
    for (const f of ['dagboek.sqlite.part', 'photos/ab.small.jpg.1.part', 'photos/ab.small.jpg'])
      writeFileSync(join(other, f), 'x');
    await (await aServer(other)).close();
    expect(existsSync(join(other, 'dagboek.sqlite.part'))).toBe(false);
    expect(readdirSync(join(other, 'photos'))).toEqual(['ab.small.jpg']);
    expect(readdirSync(join(other, 'backups'))).toEqual(['2026-09-11T14-20-00-000']);
  });
});

describe('a picture is looked at before it is decoded', () => {
  const made = sharp({ create: { width: 20, height: 10, channels: 3, background: '#204060' } });
  const put = (file: Buffer, type: string) =>
    http()
      .put(`/api/photos/${createHash('sha256').update(file).digest('hex')}`)
      .set('content-type', type)
      .send(file);
  test('the four that are listed are taken', async () => {
    for (const kind of ['jpeg', 'png', 'webp', 'avif'] as const) {
      const file = await made.clone().toFormat(kind).toBuffer();
      expect(pictureKind(file)).toBe(kind);
      await put(file, `image/${kind}`).expect(200);
    }
  });
  test('SVG, GIF, TIFF and anything else are not, whatever they call themselves', async () => {
    const svg = Buffer.from(
      '<svg xmlns="http://www.w3.org/2000/svg"><filter id="f"><feTurbulence numOctaves="99"/></filter></svg>',
    );
    const others = [
      svg,
      await made.clone().gif().toBuffer(),
      await made.clone().tiff().toBuffer(),
      Buffer.from('RIFFxxxxWAVE'),
    ];
    for (const file of others) {
      expect(pictureKind(file)).toBeNull();
      const res = await put(file, 'image/jpeg').expect(415);
      expect(res.body.detail).toContain('JPEG, PNG, WebP and AVIF');
    }
  });
});

test('a demo that was killed while it was filled is filled on; one that was changed since is left alone', async () => {
  const demo = await aServer();
  const journal = demo.get(JournalService);
  const { append } = journal;
  let batches = 0;
  journal.append = (batch) => (++batches > 2 ? Promise.reject(new Error('killed')) : append.call(journal, batch));
  await expect(fillWithDemo(journal)).rejects.toThrow('killed');
  journal.append = append;
  expect(journal.count()).toBe(400);
  const all = await fillWithDemo(journal);
  expect(journal.count()).toBe(all);
  expect(await fillWithDemo(journal)).toBe(0);
  await demo.close();
  const own = await aServer();
  await own.get(JournalService).append([tripStarted()]);
  expect(await fillWithDemo(own.get(JournalService))).toBe(0);
  await own.close();
}, 30_000);

describe('words at the start', () => {
  const config = Config.from({ DAGBOEK_DATA: '/books/ours', DAGBOEK_PORT: '80' });
  const coded = (code: string, message = code): Error => Object.assign(new Error(message), { code });
  test.each<[string, Error, RegExp]>([
    ['a port that is taken', coded('EADDRINUSE'), /already listens on port 80.*DAGBOEK_PORT/],
    [
      'a port of the network that is taken',
      Object.assign(coded('EADDRINUSE'), { port: 81 }),
      /already listens on port 81, which phones.*DAGBOEK_LAN_PORT/,
    ],
    ['a port that is kept', coded('EACCES', 'listen EACCES'), /Port 80 is kept for the system/],
    ['a folder of someone else', coded('EACCES', 'mkdir EACCES'), /Nothing can be written in \/books\/ours/],
    ['a file that may not be written', coded('SQLITE_READONLY'), /Nothing can be written/],
    ['a full disk', coded('ENOSPC'), /no room left.*what is in the book is safe/],
    ['a path through a file', coded('ENOTDIR'), /a file. Set DAGBOEK_DATA/],
    ['an address of another machine', coded('EADDRNOTAVAIL'), /has no address "127\.0\.0\.1"/],
    ['a book in trouble', new BookTrouble('It is empty.'), /^It is empty\.$/],
  ])('%s', (_, e, says) => expect(startTrouble(e, config)).toMatch(says));
  test('what the environment says wrongly is said; a fault of the program is not hidden', () => {
    expect(startTrouble(new Error('DAGBOEK_PORT must be'), null)).toBe('DAGBOEK_PORT must be');
    expect(startTrouble(new TypeError('x is undefined'), config)).toBeNull();
    expect(startTrouble('odd', config)).toBeNull();
    for (const env of [
      { DAGBOEK_PORT: '' },
      { DAGBOEK_PORT: '1e3' },
      { DAGBOEK_NOW: '2026-02-31T12:00:00Z' },
      { DAGBOEK_LOG: 'loud' },
    ])
      expect(() => Config.from(env)).toThrow(Object.keys(env)[0]);
    expect(Config.from({ DAGBOEK_HOSTS: ' Boat.local, ,x ' }).hosts).toEqual(['boat.local', 'x']);
  });
  test('by hand the log is a line that a person reads, of what was asked for', () => {
    const lines: string[] = [];
    const log = new PlainLogger('warn', (l) => lines.push(l));
    log.log('started');
    log.warn('a batch was refused');
    log.error('it broke');
    expect(lines.map((l) => l.slice(9))).toEqual(['Note: a batch was refused', 'Trouble: it broke']);
    new PlainLogger('silent', (l) => lines.push(l)).error('x');
    expect(lines).toHaveLength(2);
  });
});
