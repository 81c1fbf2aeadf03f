import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  formFacts,
  isUncooked,
  keepUntil,
  PACK_FORMS,
  type PackForm,
  packName,
  type Wrapping,
  WRAPPING_FACTS,
  wrapAdvice,
  wrappingsFor,
} from './index.ts';

const FORMS = Object.keys(PACK_FORMS) as PackForm[];
const WRAPS = Object.keys(WRAPPING_FACTS) as Wrapping[];

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
        fc.constantFrom(...FORMS),
        fc.constantFrom('lean' as const, 'oily' as const),
        fc.constantFrom(...WRAPS),
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

describe('what is in a pack, and how it is wrapped', () => {
  test('salted at home counts as raw for the authority and keeps longer for the careful; smoked keeps a week', () => {
    expect(pack({ form: 'cured' })).toEqual({ authority: '2026-09-12', careful: '2026-09-15', eatBy: '2026-09-12' });
    expect(pack({ form: 'smoked' })).toEqual({ authority: '2026-09-20', careful: '2026-09-17', eatBy: '2026-09-17' });
    // Two months in the freezer, however lean.
    expect(pack({ form: 'smoked', place: 'freezer', wrapping: 'vacuum' }).authority).toBe('2026-11-10');
  });

  test('liver and roe keep as the shortest, on from the freshness used; salt and smoke begin anew', () => {
    expect(pack({ form: 'liver' }).careful).toBe('2026-09-12');
    expect(pack({ form: 'liver', place: 'freezer', wrapping: 'vacuum' }).authority).toBe('2026-12-10');
    const fresh = { used: 0.95, iceDaysAllowed: 10 };
    expect(pack({ form: 'roe', fresh }).eatBy).toBe('2026-09-10');
    expect(pack({ form: 'cured', fresh }).eatBy).toBe('2026-09-12');
  });

  test('a glaze keeps as vacuum does, and is not for the fridge; a tray is as a loose bag', () => {
    const frozen = (wrapping: Wrapping) => pack({ place: 'freezer', wrapping, fat: 'oily' }).careful;
    expect(frozen('glaze')).toBe(frozen('vacuum'));
    expect(frozen('tray')).toBe(frozen('bag'));
    expect(wrappingsFor('fridge')).not.toContain('glaze');
    expect(wrappingsFor('freezer')).toEqual(WRAPS);
    expect(wrapAdvice('vacuum', 'freezer', 'fillets', true)).toMatch(/flesh to flesh/);
    expect(wrapAdvice('vacuum', 'freezer', 'fillets', false)).toBeNull();
  });

  test('what it is called, and what counts as raw', () => {
    expect(packName('Cod', 'fillets', 1)).toBe('Cod, 1 fillet');
    expect(packName('Cod', 'portions', 4)).toBe('Cod, 4 portions');
    expect(packName('Sole', 'gutted', 2)).toBe('Sole, 2 whole, gutted');
    expect(packName('Cod', 'liver', 3)).toBe('Cod, liver');
    expect(packName('Cod', 'stock', null)).toBe('Cod, frames for stock');
    expect(FORMS.filter((f) => !isUncooked(f))).toEqual(['cooked', 'stock']);
    // Whatever is no dish by itself weighs nothing in plates.
    expect(FORMS.filter((f) => formFacts(f).plates === 'none')).toEqual(['roe', 'liver', 'stock', 'bait']);
  });
});
