import { resolve } from 'node:path';
import { describe, expect, test } from '@jest/globals';
import { Clock } from './clock.ts';
import { Config } from './config.ts';

describe('what the environment sets', () => {
  test('without anything: loopback, 4310, the home folder, the machine’s clock', () => {
    const c = Config.from({});
    expect(c).toMatchObject({ host: '127.0.0.1', port: 4310, now: null, demo: false, web: null });
    expect(c.data.endsWith('.dagboek')).toBe(true);
  });

  test('the interface’s folder may be named from here; it is made whole, since files are sent only from whole paths', () => {
    expect(Config.from({ DAGBOEK_WEB: 'web/dist' }).web).toBe(resolve('web/dist'));
    expect(Config.from({ DAGBOEK_WEB: '' }).web).toBeNull();
  });

  test('everything can be set', () => {
    expect(
      Config.from({
        DAGBOEK_HOST: '::1',
        DAGBOEK_PORT: '0',
        DAGBOEK_DATA: '/x',
        DAGBOEK_NOW: '2026-09-12T14:20:00+01:00',
        DAGBOEK_CLOCK: 'still',
        DAGBOEK_DEMO: '1',
      }),
    ).toMatchObject({ host: '::1', port: 0, data: '/x', still: true, demo: true });
  });

  test.each([
    [{ DAGBOEK_PORT: 'fish' }, 'DAGBOEK_PORT'],
    [{ DAGBOEK_PORT: '70000' }, 'DAGBOEK_PORT'],
    [{ DAGBOEK_NOW: 'yesterday' }, 'DAGBOEK_NOW'],
  ])('%j is refused by name', (env, name) => {
    expect(() => Config.from(env)).toThrow(name);
  });
});

describe('the clock', () => {
  test('the machine’s own, unless set', () => {
    expect(new Clock(null, false, () => 42).nowMs()).toBe(42);
    expect(new Clock(null).set).toBe(false);
  });

  test('set, it runs on from there', () => {
    let machine = 1000;
    const c = new Clock(50_000, false, () => machine);
    machine += 250;
    expect(c.nowMs()).toBe(50_250);
    expect(c.set).toBe(true);
  });

  test('still, it stays', () => {
    let machine = 0;
    const c = new Clock(50_000, true, () => machine);
    machine += 250;
    expect(c.nowMs()).toBe(50_000);
  });

  test('it can be moved on, never back', () => {
    const c = new Clock(50_000, false, () => 0);
    c.notBefore(60_000);
    expect(c.nowMs()).toBe(60_000);
    c.notBefore(10);
    expect(c.nowMs()).toBe(60_000);
  });
});
