import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { addDays } from '../time/index.ts';
import { keepInStore, keepRate, keepUntil, ratesOf, storeCourse } from './index.ts';

const T0 = Date.parse('2026-09-10T18:00:00Z');
const DAY = 86_400_000;
const at = (c: number) => storeCourse({ setC: c, massKg: 0, litres: 100, roomC: 20 }, []);
const frozen = (wrapping: 'box' | 'vacuum' = 'box') =>
  keepUntil({ place: 'freezer', form: 'fillets', fat: 'lean', wrapping, day: '2026-09-10' });
const raw = keepUntil({ place: 'fridge', form: 'fillets', fat: 'lean', wrapping: 'cloth', day: '2026-09-10' });
const lain = (place: 'fridge' | 'freezer', days: number, ...cs: number[]) => {
  const share = (days * DAY) / Math.max(1, cs.length);
  return {
    place,
    since: '2026-09-10',
    today: addDays('2026-09-10', days),
    nowMs: T0 + days * DAY,
    stays: cs.map((c, i) => ({ fromMs: T0 + i * share, toMs: T0 + (i + 1) * share, course: at(c) })),
  };
};

describe('how long a pack keeps where it truly lies', () => {
  test('at the temperature of the table it is the table, on whatever day it is asked', () => {
    for (const days of [0, 1, 2, 30]) {
      expect(keepInStore(frozen(), lain('freezer', days, -18))).toEqual(frozen());
      expect(keepInStore(raw, lain('fridge', days, 4))).toEqual(raw);
    }
  });

  test('against the source: at -9 a quarter of the life at -21, at -29 some twice it', () => {
    const q = (c: number): number => 2.8 ** ((c + 18) / 10);
    expect(q(-9) / q(-21)).toBeGreaterThan(3);
    expect(q(-9) / q(-21)).toBeLessThan(4.5);
    expect(keepRate('freezer', -9).authority).toBeCloseTo(q(-9), 9);
    // However cold, the careful line is half as long again at most, and the authority's is not lengthened.
    expect(keepRate('freezer', -60)).toEqual({ authority: 1, careful: 1 / 1.5 });
  });

  test('a freezer at -15 for a month, then read: what is gone cost more, and what is to come does', () => {
    const rate = 2.8 ** 0.3;
    const k = keepInStore(frozen(), lain('freezer', 30, -15));
    // Six months of box: 146 days; a month at 1.36 leaves 105, which go at 1.36 too.
    const budget = Math.round(6 * 30.4 * 0.8);
    expect(k.careful).toBe(addDays('2026-10-10', Math.floor((budget - 30 * rate) / rate)));
    expect(k.careful < frozen().careful).toBe(true);
    // Mended today, only the past counts.
    const mended = lain('freezer', 30, -15);
    const now = { ...mended, stays: [...mended.stays, { fromMs: mended.nowMs, toMs: mended.nowMs, course: at(-18) }] };
    expect(keepInStore(frozen(), now).careful).toBe(addDays('2026-10-10', Math.floor(budget - 30 * rate)));
  });

  test('a fridge at 8 takes the authority’s second day; an ice tray gives the careful keeper a day', () => {
    expect(keepInStore(raw, lain('fridge', 1, 8)).authority).toBe('2026-09-11');
    expect(keepInStore(raw, lain('fridge', 0, 8)).authority).toBe('2026-09-11');
    expect(keepInStore(raw, lain('fridge', 0, 0.5))).toMatchObject({ authority: '2026-09-12', careful: '2026-09-14' });
    expect(keepInStore(raw, lain('fridge', 0, 0.5)).eatBy).toBe('2026-09-12');
  });

  test('a colder store never shortens keeping; two stays are as one of their mean', () => {
    const c = (place: 'fridge' | 'freezer') =>
      fc.double(place === 'fridge' ? { min: -4, max: 15, noNaN: true } : { min: -40, max: -3, noNaN: true });
    for (const place of ['fridge', 'freezer'] as const)
      fc.assert(
        fc.property(c(place), c(place), fc.integer({ min: 0, max: 60 }), (a, b, days) => {
          const [cold, warm] = [Math.min(a, b), Math.max(a, b)];
          const base = place === 'fridge' ? raw : frozen();
          const [k, w] = [keepInStore(base, lain(place, days, cold)), keepInStore(base, lain(place, days, warm))];
          expect(k.authority >= w.authority && k.careful >= w.careful && k.eatBy >= w.eatBy).toBe(true);
          expect(k.eatBy <= k.authority).toBe(true);
          const half = ratesOf(lain(place, 10, cold, warm)).mean.careful;
          expect(half).toBeCloseTo((keepRate(place, cold).careful + keepRate(place, warm).careful) / 2, 6);
        }),
      );
  });
});
