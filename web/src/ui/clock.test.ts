import { beforeEach, describe, expect, test } from '@jest/globals';
import { nowMs, recallClock, setClock } from './clock.ts';

const kept = new Map<string, string>();
beforeEach(() => {
  kept.clear();
  globalThis.localStorage = {
    getItem: (k: string) => kept.get(k) ?? null,
    setItem: (k: string, v: string) => void kept.set(k, v),
  } as never;
});
const near = (ms: number): void => void expect(Math.abs(nowMs() - ms)).toBeLessThan(2000);

describe('the interface’s clock', () => {
  test('a server on the machine’s own time leaves the device’s clock alone', () => {
    setClock({ now: '2001-01-01T00:00:00Z', clock: 'machine' });
    near(Date.now());
  });

  test('a set clock runs on from the server’s time', () => {
    setClock({ now: '2026-09-12T13:20:00Z', clock: 'set' });
    near(Date.parse('2026-09-12T13:20:00Z'));
  });

  test('a still one stands', () => {
    setClock({ now: '2026-09-12T13:20:00Z', clock: 'still' });
    expect(nowMs()).toBe(Date.parse('2026-09-12T13:20:00Z'));
  });

  test('without a network the last one is recalled, and a broken note is passed over', () => {
    setClock({ now: '2026-09-12T13:20:00Z', clock: 'still' });
    const note = kept.get('dagboek.clock')!;
    setClock({ now: '2026-09-12T13:20:00Z', clock: 'machine' });
    near(Date.now());
    kept.set('dagboek.clock', note);
    recallClock();
    expect(nowMs()).toBe(Date.parse('2026-09-12T13:20:00Z'));
    kept.set('dagboek.clock', '{broken');
    recallClock();
    expect(nowMs()).toBe(Date.parse('2026-09-12T13:20:00Z'));
  });
});
