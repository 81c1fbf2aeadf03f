import 'reflect-metadata';
import { existsSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { afterEach, expect, test } from '@jest/globals';
import type { NestExpressApplication } from '@nestjs/platform-express';
import request from 'supertest';
import { prove } from '../storage/prove.ts';
import { aFolder, aServer } from '../test-server.test-support.ts';

let app: NestExpressApplication | null = null;
afterEach(async () => {
  await app?.close();
});

test('a backup is asked for by the page of this book, made, and told; by nobody else', async () => {
  const folder = aFolder();
  app = await aServer(folder);
  const http = () => request(app!.getHttpServer());
  expect((await http().post('/api/backups')).status).toBe(400);
  expect((await http().post('/api/backups').set('dagboek-book', 'another')).status).toBe(409);
  expect(existsSync(join(folder, 'backups'))).toBe(false);
  const { book } = (await http().get('/api/health')).body as { book: string };
  const made = await http().post('/api/backups').set('dagboek-book', book);
  expect(made.status).toBe(201);
  expect(made.body).toMatchObject({ entries: 0, pictures: 0, dropped: [] });
  expect(prove(join(made.body.folder as string, 'dagboek.sqlite')).entries).toBe(0);
  const later = await http().post('/api/backups').set('dagboek-book', book);
  expect([later.status, later.body.detail]).toEqual([503, expect.stringContaining('a backup of this moment already')]);
});

test('asked for twice at once it is made once', async () => {
  const folder = aFolder();
  app = await aServer(folder);
  const { book } = (await request(app.getHttpServer()).get('/api/health')).body as { book: string };
  const ask = () => request(app!.getHttpServer()).post('/api/backups').set('dagboek-book', book);
  const [one, two] = await Promise.all([ask(), ask()]);
  expect([one!.status, two!.status]).toEqual([201, 201]);
  expect(two!.body).toEqual(one!.body);
  expect(readdirSync(join(folder, 'backups'))).toHaveLength(1);
});
