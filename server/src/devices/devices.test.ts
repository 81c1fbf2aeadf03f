import 'reflect-metadata';
import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { loadRulePacks, loadSpecies } from '@dagboek/packs';
import { zonesAt } from '@dagboek/core/rules';
import type { NestExpressApplication } from '@nestjs/platform-express';
import request from 'supertest';
import { aServer } from '../test-server.test-support.ts';
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
