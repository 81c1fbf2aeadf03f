import 'reflect-metadata';
import { mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { brotliCompressSync, gzipSync } from 'node:zlib';
import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { NestExpressApplication } from '@nestjs/platform-express';
import request from 'supertest';
import { Clock } from './common/clock.ts';
import { Config } from './common/config.ts';
import { createApp } from './create-app.ts';
import { fillWithDemo } from './demo.ts';
import { JournalService } from './journal/journal.service.ts';
import { aFolder } from './test-server.test-support.ts';

const SCRIPT = 'console.log(1);'.repeat(400);
let app: NestExpressApplication;
let clock: Clock;
const DEMO_NOW = Date.parse('2026-09-12T14:20:00+01:00');

beforeAll(async () => {
  const web = aFolder();
  mkdirSync(join(web, 'assets'));
  writeFileSync(join(web, 'index.html'), '<!doctype html><title>Dagboek</title>');
  writeFileSync(join(web, 'assets', 'page-abc123.js'), 'console.log(1)');
  writeFileSync(join(web, 'assets', 'page-big456.js'), SCRIPT);
  writeFileSync(join(web, 'assets', 'page-big456.js.br'), brotliCompressSync(SCRIPT));
  writeFileSync(join(web, 'assets', 'page-big456.js.gz'), gzipSync(SCRIPT));
  writeFileSync(join(web, '..', 'secret-of-the-test.txt'), 'not for you');
  clock = new Clock(DEMO_NOW, false);
  app = await createApp(new Config('127.0.0.1', 0, aFolder(), null, false, true, web, 'silent'), clock);
  await app.init();
});
afterAll(() => app.close());
const get = (path: string) => request(app.getHttpServer()).get(path);

describe('the built interface', () => {
  test('any address that is no file is the page itself, asked for anew each time', async () => {
    for (const path of ['/', '/deck', '/fish/0190-abc', '/book?species=perch']) {
      const res = await get(path).expect(200);
      expect(res.text).toContain('<title>Dagboek</title>');
      expect(res.headers['cache-control']).toBe('no-cache');
    }
  });

  test('files named by their content are kept for a year', async () => {
    const res = await get('/assets/page-abc123.js').expect(200);
    expect(res.headers['cache-control']).toBe('public, max-age=31536000, immutable');
  });

  test.each([
    ['br, gzip', 'br'],
    ['gzip', 'gzip'],
    ['identity', undefined],
  ])('what the build compressed goes as it is, to whoever takes %s', async (takes, encoding) => {
    const res = await get('/assets/page-big456.js')
      .set('Accept-Encoding', takes)
      .buffer(encoding !== 'br');
    expect(res.status).toBe(200);
    expect(res.headers['content-encoding']).toBe(encoding);
    expect(res.headers['content-type']).toMatch(/javascript/);
    expect(res.headers['cache-control']).toBe('public, max-age=31536000, immutable');
    expect(res.headers['vary']).toMatch(/accept-encoding/i);
    if (encoding !== 'br') expect(res.text).toBe(SCRIPT);
  });

  test('a missing asset is missing, not the page: an old page must not run HTML as script', async () => {
    const res = await get('/assets/page-gone.js');
    expect(res.status).toBe(404);
    expect(res.text).not.toContain('<title>');
  });

  test('an unknown API address is a problem, not the page', async () => {
    const res = await get('/api/nowhere').expect(404);
    expect(res.headers['content-type']).toContain('problem+json');
  });

  test.each([
    '/../secret-of-the-test.txt',
    '/%2e%2e/secret-of-the-test.txt',
    '/assets/..%2f..%2fsecret-of-the-test.txt',
  ])('%s leads nowhere', async (path) => {
    const res = await get(path);
    expect(res.text).not.toContain('not for you');
  });
});

test('a demo opened again goes on from its last entry, so that nothing lies in the future', async () => {
  const journal = app.get(JournalService);
  await fillWithDemo(journal);
  expect(await journal.lastWrittenMs()).toBeLessThanOrEqual(DEMO_NOW);
  clock.notBefore(DEMO_NOW + 3_600_000);
  const at = new Date(DEMO_NOW + 1_800_000).toISOString();
  const note = {
    id: '01930000-0000-7000-8000-000000000001',
    kind: 'fish.noted',
    subject: '01930000-0000-7000-8000-000000000002',
    at,
    written: at,
    member: 'nobody',
    device: 'd',
    facts: { text: 'half an hour on' },
  };
  expect((await journal.append([note]))[0]?.status).toBe('accepted');
  expect(await journal.lastWrittenMs()).toBe(Date.parse(at));
});
