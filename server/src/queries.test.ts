import 'reflect-metadata';
import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { speciesLike } from '@dagboek/catalogue';
import { Book, packLeft } from '@dagboek/journal';
import { loadRulePacks, loadSpecies, skerrowSeason } from '@dagboek/packs';
import request from 'supertest';
import { anEntry, at, idOf } from '../../journal/src/builders.test-support.ts';
import { fillWithDemo } from './demo.ts';
import { JournalService } from './journal/journal.service.ts';
import { aServer } from './test-server.test-support.ts';

let app: NestExpressApplication;
const species = loadSpecies();
const season = skerrowSeason(species, loadRulePacks(species)[0]!);
const book = Book.EMPTY.withEntries(season);
beforeAll(async () => {
  app = await aServer();
  await fillWithDemo(app.get(JournalService));
}, 60_000);
afterAll(() => app.close());
const get = (path: string) => request(app.getHttpServer()).get(path);

describe('the demo season on the server', () => {
  test('every entry of it went through the journal; filling again does nothing', async () => {
    expect((await get('/api/health')).body.entries).toBe(season.length);
    expect(await fillWithDemo(app.get(JournalService))).toBe(0);
  });

  test('a fish’s line holds what the fold says of it', async () => {
    for (const meal of book.all('meal').slice(0, 10)) {
      const fish = book.get('pack', meal.packs[0]!.pack)?.fish[0];
      if (!fish) continue;
      const line = (await get(`/api/fish/${fish}`).expect(200)).body;
      const { log: _, ...state } = book.get('fish', fish)!;
      expect(line.fish).toEqual(JSON.parse(JSON.stringify(state)));
      expect(line.meals.map((m: { id: string }) => m.id)).toContain(meal.id);
      expect(line.trip.id).toBe(state.trip);
      expect(line.entries.length).toBeGreaterThanOrEqual(book.get('fish', fish)!.log.length);
    }
  });

  test('an unknown fish is a problem with a sentence', async () => {
    const res = await get('/api/fish/01900000-0000-7000-8000-000000000000').expect(404);
    expect(res.body.detail).toContain('no such fish');
  });

  test('trips by zone, species and angler, the newest first', async () => {
    const all = (await get('/api/trips?limit=500')).body.trips as {
      trip: { startedAt: string; zone: string };
      fish: { species: string }[];
    }[];
    expect(all).toHaveLength(book.all('trip').length);
    const times = all.map((t) => Date.parse(t.trip.startedAt));
    expect(times).toEqual([...times].sort((a, b) => b - a));
    const lake = (await get('/api/trips?zone=mere-tarn')).body.trips as typeof all;
    expect(lake.length).toBe(book.all('trip').filter((t) => t.zone === 'mere-tarn').length);
    const perch = (await get('/api/trips?species=perch')).body.trips as typeof all;
    expect(perch.every((t) => t.fish.some((f) => f.species === 'perch'))).toBe(true);
    expect((await get('/api/trips?species=unicorn')).body.trips).toEqual([]);
    await get('/api/trips?limit=0').expect(400);
    await get('/api/trips?colour=red').expect(400);
  });

  test('the larder agrees with the fold to the gram', async () => {
    const packs = (await get('/api/larder')).body.packs as { pack: { id: string }; leftG: number }[];
    const right = book
      .all('pack')
      .flatMap((p) => (packLeft(book, p).leftG > 0 ? [[p.id, packLeft(book, p).leftG]] : []));
    expect(new Map(packs.map((p) => [p.pack.id, p.leftG]))).toEqual(new Map(right as [string, number][]));
  });

  test('catalogue, rules and the description of the API are served', async () => {
    const { species, traits, packs } = (await get('/api/catalogue')).body;
    expect(species).toHaveLength(103);
    expect(species[0]).toHaveProperty('figure.body.dorsal');
    expect([traits.length >= 30, packs.length]).toEqual([true, 3]);
    const schema = (await get('/api/catalogue/schema')).body;
    expect(Object.keys(schema)).toEqual(['species', 'pack']);
    expect(schema.species.required).toContain('hazards');
    expect((await get('/api/rulebook')).body.packs[0].id).toBe('skerrow-isles');
    const api = (await get('/api/openapi.json')).body;
    expect(Object.keys(api.paths)).toEqual(
      expect.arrayContaining(['/api/journal', '/api/health', '/api/fish/{id}', '/api/trips', '/api/larder']),
    );
  });

  test('answers are compressed and carry the guarding headers', async () => {
    const res = await get('/api/catalogue').set('accept-encoding', 'gzip');
    expect(res.headers['content-encoding']).toBe('gzip');
    expect(res.headers['content-security-policy']).toContain("script-src 'self'");
    expect(res.headers['x-content-type-options']).toBe('nosniff');
  });
});

describe('the feed of the larder', () => {
  test('its address is told behind the door and is a secret; what is due and what is to be eaten by when stands in it', async () => {
    const { path } = (await get('/api/larder/calendar').expect(200)).body as { path: string };
    expect(path).toMatch(/^\/api\/larder\/calendar\/[\w-]{32}\.ics$/);
    expect((await get('/api/larder/calendar')).body).toEqual({ path });
    const res = await get(path).expect(200);
    expect(res.headers['content-type']).toContain('text/calendar');
    const text = res.text.replace(/\r\n /g, '');
    expect(text).toMatch(/SUMMARY:Drain the ice tray/);
    expect(text).toMatch(/SUMMARY:Take pack \d+\\, Thornback ray\\, 1 wing out of the freezer/);
    expect(text).toMatch(/SUMMARY:Eat pack 95/);
    expect(text).not.toMatch(/Eat pack 86/);
    for (const wrong of ['x'.repeat(32), 'short', '', path.slice(-36, -5)])
      expect((await get(`/api/larder/calendar/${wrong}.ics`)).status).toBe(404);
  }, 60_000);
});

describe('the feed of a book with a species of its own', () => {
  test('gives a lean fish of one’s own the months of a lean fish, as every page does', async () => {
    const own = await aServer();
    try {
      const cod = species.find((s) => s.id === 'cod')!;
      const ling = speciesLike(cod, { id: 'skerrow-ling', name: 'Skerrow ling', latin: 'Molva sp.' }, {}, 'By hand');
      const pack = (number: number, of: string) =>
        anEntry('pack.stored', idOf(`pack${number}`), {
          number,
          fish: [],
          species: of,
          what: of,
          form: 'fillets',
          massG: 400,
          place: 'freezer',
          wrapping: 'vacuum',
        } as never);
      const entries = [
        anEntry(
          'species.added',
          idOf('species'),
          { pack: 'isles', packName: 'Isles', species: ling as never },
          { at: at('09:00') },
        ),
        pack(1, 'cod'),
        pack(2, 'skerrow-ling'),
        pack(3, 'mackerel'),
      ];
      const written = await request(own.getHttpServer()).post('/api/journal').send({ entries }).expect(200);
      expect(written.body.receipts.map((r: { status: string }) => r.status)).toEqual(entries.map(() => 'accepted'));
      const { path } = (await request(own.getHttpServer()).get('/api/larder/calendar').expect(200)).body as {
        path: string;
      };
      const text = (await request(own.getHttpServer()).get(path).expect(200)).text.replace(/\r\n /g, '');
      const dayOf = (n: number) =>
        text
          .split('BEGIN:VEVENT')
          .find((e) => e.includes(`Eat pack ${n}`))
          ?.match(/DTSTART[^:]*:(\d{8})/)?.[1];
      expect(dayOf(1)).toMatch(/^\d{8}$/);
      expect(dayOf(2)).toBe(dayOf(1));
      expect(dayOf(3)).not.toBe(dayOf(1));
    } finally {
      await own.close();
    }
  });
});
