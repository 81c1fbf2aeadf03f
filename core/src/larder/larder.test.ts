import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { keepUntil } from './index.ts';

const pack = (more: Partial<Parameters<typeof keepUntil>[0]> = {}) =>
  keepUntil({ place: 'fridge', form: 'fillets', fat: 'lean', wrapping: 'cloth', day: '2026-09-10', ...more });

describe('until when a pack keeps', () => {
  test('raw fish in the fridge: the authority’s two days are shown first, a careful keeper’s third beside it', () => {
    expect(pack()).toEqual({ authority: '2026-09-12', careful: '2026-09-13', eatBy: '2026-09-12' });
  });

  test('thawed fish is eaten the next day', () => {
    expect(pack({ thawed: true }).eatBy).toBe('2026-09-11');
  });

  test('lean fish keeps longer in the freezer than oily', () => {
    const lean = pack({ place: 'freezer', wrapping: 'box' });
    const oily = pack({ place: 'freezer', wrapping: 'box', fat: 'oily' });
    expect(lean.eatBy > oily.eatBy).toBe(true);
  });

  test('vacuum lengthens the careful line and never moves it past the authority’s', () => {
    const v = pack({ place: 'freezer', wrapping: 'vacuum' });
    expect(v.authority).toBe('2027-05-10');
    expect(v.careful > pack({ place: 'freezer', wrapping: 'box' }).careful).toBe(true);
    expect(v.careful <= v.authority).toBe(true);
  });

  test('a loose bag halves the frozen time', () => {
    expect(pack({ place: 'freezer', wrapping: 'bag', fat: 'oily' }).careful).toBe('2026-10-10');
  });

  test('eat-by is never later than the authority’s line', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('fridge' as const, 'freezer' as const),
        fc.constantFrom('whole' as const, 'fillets' as const, 'stock' as const, 'cooked' as const),
        fc.constantFrom('lean' as const, 'oily' as const),
        fc.constantFrom('cloth' as const, 'box' as const, 'bag' as const, 'vacuum' as const),
        fc.boolean(),
        (place, form, fat, wrapping, thawed) => {
          const k = keepUntil({ place, form, fat, wrapping, thawed, day: '2026-09-10' });
          return k.eatBy <= k.authority && k.eatBy > '2026-09-10';
        },
      ),
    );
  });

  test('a pack’s time starts from the freshness its fish had used, not from the day of packing', () => {
    const fridge = { place: 'fridge', form: 'fillets', fat: 'lean', wrapping: 'cloth', day: '2026-09-12' } as const;
    const at = (used: number) => keepUntil({ ...fridge, fresh: { used, iceDaysAllowed: 10 } });
    expect(at(0.05).authority).toBe('2026-09-14');
    expect(at(0.7).authority).toBe('2026-09-13');
    expect(at(0.95).authority).toBe('2026-09-12');
    expect(at(1.4).authority).toBe('2026-09-12');
    const frozen = { ...fridge, place: 'freezer', wrapping: 'vacuum' } as const;
    const months = (used: number) => keepUntil({ ...frozen, fresh: { used, iceDaysAllowed: 10 } }).careful;
    expect(months(0.2)).toBe(keepUntil(frozen).careful);
    expect(months(0.6) < months(0.2)).toBe(true);
    expect(months(1)).toBe('2026-09-12');
    // What was cooked keeps from the cooking.
    expect(keepUntil({ ...fridge, form: 'cooked', fresh: { used: 0.9, iceDaysAllowed: 6 } }).authority).toBe(
      '2026-09-14',
    );
  });
});
