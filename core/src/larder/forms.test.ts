import { describe, expect, test } from '@jest/globals';
import { POLLACK } from '../test-species.test-support.ts';
import {
  countsAsRaw,
  formFacts,
  isBody,
  isFood,
  isUncooked,
  keepsFins,
  meatIn,
  PACK_FORMS,
  type PackForm,
  packName,
  shareOfRound,
  wrapAdvice,
  wrappingsFor,
} from './index.ts';

const FORMS = Object.keys(PACK_FORMS) as PackForm[];
const those = (is: (form: PackForm) => boolean): PackForm[] => FORMS.filter(is);
const known = (yields: object) => ({ ...POLLACK, yields }) as typeof POLLACK;

describe('what a form is', () => {
  test('a body has its fins; steaks have bone and no fins; bait is no food', () => {
    expect(those(isBody)).toEqual(['whole', 'gutted']);
    expect(those(keepsFins)).toEqual(['whole', 'gutted', 'butterflied', 'tail', 'collars']);
    expect(those((f) => !isFood(f))).toEqual(['bait']);
  });
  test('salt and smoke leave it raw, fire does not; for those at risk salted and smoked count as raw', () => {
    expect(those((f) => !isUncooked(f))).toEqual(['cooked', 'stock']);
    expect(those(countsAsRaw)).toEqual(['cured', 'smoked']);
  });
  test('it is told by its species, its pieces and its word', () => {
    expect([1, 2, null].map((n) => packName('Cod', 'fillets', n))).toEqual([
      'Cod, 1 fillet',
      'Cod, 2 fillets',
      'Cod, fillets',
    ]);
    expect([1, 3].map((n) => packName('Cod', 'gutted', n))).toEqual(['Cod, whole, gutted', 'Cod, 3 whole, gutted']);
    expect([packName('Cod', 'stock', 2), packName('Cod', 'roe', 2)]).toEqual(['Cod, frames for stock', 'Cod, roe']);
  });
});

describe('how much of a fish it is, and how much meat', () => {
  const POOR = known({ gutted: [0.8, 0.84], fillets: [0.3, 0.4] });
  const RICH = known({ fillets: [0.68, 0.72] });
  test('by the species where it is known, else the usual share', () => {
    expect(shareOfRound('whole', POOR)).toBe(1);
    expect(shareOfRound('gutted', POOR)).toBeCloseTo(0.82, 12);
    expect([shareOfRound('gutted', null), shareOfRound('gutted', RICH)]).toEqual([0.85, 0.85]);
    expect([shareOfRound('butterflied', POOR), shareOfRound('steaks', POOR), shareOfRound('tail', POOR)]).toEqual([
      0.64, 0.64, 0.5,
    ]);
    // What has more meat than that is no less than its meat.
    const meat = shareOfRound('fillets', RICH);
    expect(meat).toBeGreaterThan(0.64);
    expect([shareOfRound('steaks', RICH), shareOfRound('tail', RICH)]).toEqual([meat, meat]);
  });
  test('a fish of a kilogram holds the same meat in each form; flesh is all meat, stock and bait are none', () => {
    const meat = shareOfRound('fillets', POOR) * 1000;
    for (const form of ['whole', 'gutted', 'butterflied', 'tail', 'steaks'] as const)
      expect(meatIn(form, shareOfRound(form, POOR) * 1000, POOR)).toBeCloseTo(meat, 9);
    expect(meatIn('fillets', 321, POOR)).toBe(321);
    for (const form of those((f) => formFacts(f).plates === 'none')) expect(meatIn(form, 500, POOR)).toBe(0);
    expect(meatIn('whole', 500, null)).toBeLessThan(500);
    expect(meatIn('whole', 500, null)).toBeGreaterThan(100);
  });
});

describe('wrapping', () => {
  test('a glaze is of the freezer alone', () => {
    expect(wrappingsFor('fridge')).toEqual(['cloth', 'tray', 'box', 'bag', 'vacuum']);
    expect(wrappingsFor('freezer')).toEqual(['cloth', 'tray', 'box', 'bag', 'glaze', 'vacuum']);
  });
  test('advice where there is any, and none where there is nothing to say', () => {
    expect(wrapAdvice('glaze', 'freezer', 'gutted', true)).toMatch(/two or three times/);
    expect(wrapAdvice('vacuum', 'freezer', 'fillets', true)).toMatch(/skin outside/);
    expect(wrapAdvice('bag', 'freezer', 'fillets', true)).toMatch(/halves its months/);
    expect(wrapAdvice('cloth', 'freezer', 'fillets', true)).toMatch(/for the fridge/);
    for (const [wrapping, place, form, skin] of [
      ['vacuum', 'freezer', 'fillets', false],
      ['vacuum', 'freezer', 'gutted', true],
      ['bag', 'fridge', 'fillets', true],
      ['cloth', 'fridge', 'fillets', true],
      ['box', 'freezer', 'fillets', true],
    ] as const)
      expect(wrapAdvice(wrapping, place, form, skin)).toBeNull();
  });
});
