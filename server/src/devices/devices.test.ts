import 'reflect-metadata';
import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { loadRulePacks, loadSpecies } from '@dagboek/packs';
import { zonesAt } from '@dagboek/core/rules';
import type { NestExpressApplication } from '@nestjs/platform-express';
import request from 'supertest';
import { aServer, NOW } from '../test-server.test-support.ts';
import type { SkyReading, ThermometerEvent } from '@dagboek/journal/log';
import type { ScaleReading } from '@dagboek/core/scale';
import { simulatedPosition } from './simulated-position.ts';

const PACK = loadRulePacks(loadSpecies())[0]!;
const SKERRIES = PACK.zones[0]!;
let app: NestExpressApplication;
beforeAll(async () => {
  app = await aServer();
});
afterAll(() => app.close());

describe('the simulated position source', () => {
  test('drifts round its point, stays in its zone, and crosses the no-take area once a round', () => {
    const start = Date.parse('2026-09-12T14:20:00+01:00');
    const zones = Array.from({ length: 40 }, (_, min) => {
      const at = simulatedPosition(SKERRIES, start + min * 60_000)!;
      return zonesAt(PACK, at).map((z) => z.id);
    });
    expect(zones.every((z) => z.includes('north-skerries'))).toBe(true);
    expect(zones[0]).toEqual(['north-skerries']);
    expect(zones.filter((z) => z[0] === 'gannet-hole').length).toBeGreaterThan(3);
    expect(zones.filter((z) => z[0] === 'gannet-hole').length).toBeLessThan(20);
    expect(simulatedPosition(SKERRIES, start + 40 * 60_000)).toEqual(simulatedPosition(SKERRIES, start));
    expect(simulatedPosition({}, start)).toBeNull();
  });

  test('answers over the API with the server’s clock, and with a sentence for waters it does not know', async () => {
    const ask = (query: string) => request(app.getHttpServer()).get(`/api/devices/position?${query}`);
    const { body } = await ask('waters=skerrow-isles&zone=north-skerries').expect(200);
    expect(body).toMatchObject({ simulated: true, goodToM: 8 });
    expect(body.position).toEqual(simulatedPosition(SKERRIES, Date.parse(body.at)));
    expect((await ask('waters=skerrow-isles&zone=atlantis').expect(404)).body.detail).toContain('no such zone');
    await ask('waters=skerrow-isles').expect(400);
  });
});

describe('the simulated sky', () => {
  const ask = (zone: string) => request(app.getHttpServer()).get(`/api/devices/sky?waters=skerrow-isles&zone=${zone}`);
  test('says weather and tide by the server’s clock; no tide runs in a lake', async () => {
    const sea = (await ask('outer-bank').expect(200)).body as SkyReading;
    expect(sea).toMatchObject({ simulated: true, at: new Date(Date.parse(NOW)).toISOString() });
    expect(sea.tide!.turns).toHaveLength(3);
    expect(Date.parse(sea.at)).toBeLessThan(sea.tide!.turns[0]!.atMs);
    expect((await ask('mere-tarn')).body).toMatchObject({ tide: null, weather: sea.weather });
    expect((await ask('atlantis').expect(404)).body.detail).toContain('no such zone');
  });
});

describe('the simulated scale', () => {
  test('sends readings as events until they settle, the same for the same fish', async () => {
    const { url, close } = await listening();
    const read = async (seed: number): Promise<ScaleReading[]> => {
      const stop = new AbortController();
      const res = await fetch(`${url}/api/devices/scale?about=790&seed=${seed}`, { signal: stop.signal });
      expect(res.headers.get('content-type')).toContain('text/event-stream');
      const readings: ScaleReading[] = [];
      const text = new TextDecoder();
      let rest = '';
      for await (const chunk of res.body as unknown as AsyncIterable<Uint8Array>) {
        rest += text.decode(chunk, { stream: true });
        const events = rest.split('\n\n');
        rest = events.pop() ?? '';
        for (const e of events) {
          const data = /^data: (.*)$/m.exec(e)?.[1];
          if (!data) continue;
          const said = JSON.parse(data) as { g: number | null; simulated: boolean };
          expect(said.simulated).toBe(true);
          readings.push({ atMs: readings.length * 200, g: said.g });
        }
        if (readings.length >= 14) break;
      }
      stop.abort();
      return readings.slice(0, 14);
    };
    const [one, again] = await Promise.all([read(7), read(7)]);
    expect(one).toEqual(again);
    expect(one.some((r) => r.g !== null && r.g > 300)).toBe(true);
    await close();
  }, 20_000);

  test('and the thermometer in hot water: from the topping up it cools, and a reading is lost now and then', async () => {
    const { url, close } = await listening();
    const at = (minAgo: number): string => new Date(Date.parse(NOW) - minAgo * 60_000).toISOString();
    const first = async (since: string): Promise<ThermometerEvent> => {
      const stop = new AbortController();
      const res = await fetch(`${url}/api/devices/thermometer?since=${encodeURIComponent(since)}`, {
        signal: stop.signal,
      });
      let data: string | undefined;
      for await (const chunk of res.body as unknown as AsyncIterable<Uint8Array>) {
        data = /^data: (.*)$/m.exec(new TextDecoder().decode(chunk))?.[1];
        if (data) break;
      }
      stop.abort();
      return JSON.parse(data ?? 'null') as ThermometerEvent;
    };
    expect(await first(at(0))).toEqual({ c: 44, simulated: true });
    expect((await first(at(30))).c).toBeLessThan(36);
    await request(app.getHttpServer()).get('/api/devices/thermometer?since=soon').expect(400);
    await close();
  }, 20_000);

  test('and the thermometer for fish: two readings a second, the same for the same seed; asks for a temperature', async () => {
    const { url, close } = await listening();
    const read = async (): Promise<(number | null)[]> => {
      const stop = new AbortController();
      const res = await fetch(`${url}/api/devices/probe?about=4.5&seed=11`, { signal: stop.signal });
      const said: (number | null)[] = [];
      for await (const chunk of res.body as unknown as AsyncIterable<Uint8Array>) {
        for (const m of new TextDecoder().decode(chunk).matchAll(/^data: (.*)$/gm)) {
          const e = JSON.parse(m[1]!) as ThermometerEvent;
          expect(e.simulated).toBe(true);
          said.push(e.c);
        }
        if (said.length >= 5) break;
      }
      stop.abort();
      return said.slice(0, 5);
    };
    const one = await read();
    expect(await read()).toEqual(one);
    const given = one.filter((c) => c !== null);
    expect(given.at(-1)!).toBeLessThan(given[0]!);
    await request(app.getHttpServer()).get('/api/devices/probe?about=warm&seed=1').expect(400);
    await close();
  }, 20_000);

  test('asks for a number of grams', async () => {
    await request(app.getHttpServer()).get('/api/devices/scale?about=much&seed=1').expect(400);
  });
});

/** The server on a port of its own: events want a connection that stays. */
async function listening(): Promise<{ url: string; close: () => Promise<void> }> {
  const own = await aServer();
  await own.listen(0, '127.0.0.1');
  return { url: await own.getUrl(), close: () => own.close() };
}
