import { expect, test } from '@jest/globals';
import { type UntilFacts, whyUntil } from './index.ts';

const ONE = { authority: 1, careful: 1 };
const facts = (more: Partial<UntilFacts> = {}): UntilFacts => ({
  place: 'freezer',
  form: 'fillets',
  fat: 'oily',
  wrapping: 'box',
  darkLine: null,
  thawed: false,
  fresh: null,
  rates: { mean: ONE, now: ONE },
  storeC: -18,
  wasRead: true,
  unreadFridge: false,
  ...more,
});
const says = (more: Partial<UntilFacts> = {}): string =>
  whyUntil(facts(more))
    .map((w) => w.says)
    .join(' ');

test('frozen: by fat, wrapping, dark line, freshness and the store', () => {
  expect(says()).toMatch(/^Oily fish, frozen at −18°: 2 months at best quality, 3 by/);
  expect(says()).toMatch(/In a box: 0.8 times as long/);
  expect(says({ darkLine: 'left' })).toMatch(/dark line was left in: 0.7 times/);
  expect(says({ darkLine: 'left', fat: 'lean' })).not.toMatch(/dark line/);
  expect(says({ fresh: { used: 0.6, iceDaysAllowed: 10 } })).toMatch(/60 % of its time was used before freezing/);
  expect(says({ fresh: { used: 0.2, iceDaysAllowed: 10 } })).not.toMatch(/before it froze/);
  const warm = { rates: { mean: { authority: 1, careful: 1 }, now: { authority: 1.36, careful: 1.36 } }, storeC: -15 };
  expect(says(warm)).toMatch(
    /at −15°: one day there uses 1.4 days of the pack’s time. So far, at the temperatures it had, one day used one day\./,
  );
});

test('in the fridge: raw, cooked, thawed; what nobody read is said to be so; every table has a source', () => {
  expect(says({ place: 'fridge', storeC: 7, wasRead: false, unreadFridge: true })).toMatch(
    /Many fridges are at 7° or more/,
  );
  // A tray of ice that nobody read is no fridge.
  expect(says({ place: 'fridge', storeC: 1, wasRead: false })).not.toMatch(/Many fridges/);
  const fridge = { place: 'fridge', storeC: 4, wasRead: false } as const;
  expect(says(fridge)).toMatch(
    /the official limit is 2 days; the cautious limit.*3\. The store is at 4°, because it was not measured: one day there uses one day/,
  );
  expect(says({ ...fridge, form: 'cooked', fresh: { used: 0.5, iceDaysAllowed: 9 } })).not.toMatch(/50 in 100/);
  expect(says({ ...fridge, thawed: true })).toMatch(/^Thawed: one day/);
  expect(whyUntil(facts(fridge))[0]!.source).toBeTruthy();
});

test('every sentence, whole: what speaks of freshness, of the dark line, of the wrapping and of the store, and what does not', () => {
  const list = (more: Partial<UntilFacts>): string[] => whyUntil(facts(more)).map((w) => w.says);
  const AT = 'The store is at −18°: one day there uses one day of the pack’s time.';
  const OILY = 'Oily fish, frozen at −18°: 2 months at best quality, 3 by the official chart.';
  const BAG = { wrapping: 'bag' as const };
  const half = { used: 0.5, iceDaysAllowed: 10 };
  const third = { used: 1 / 3, iceDaysAllowed: 9 };
  const out = 'The dark line is out: nothing is taken off.';
  expect(list({ darkLine: 'out' })).toContain(out);
  expect(list({ darkLine: 'out', fat: 'lean' })).not.toContain(out);
  expect(list({ darkLine: 'left' })).not.toContain(out);
  expect(list({})).not.toContain(out);
  expect(list({ fat: 'lean' })[0]).toMatch(/^Lean fish, frozen at −18°: /);
  expect(list({ form: 'cooked', darkLine: 'left', fresh: half, ...BAG })).toEqual([
    expect.stringMatching(/^Cooked, frozen at −18°: /),
    'In a bag: 0.5 times as long; air dries it and makes the fat rancid.',
    AT,
  ]);
  expect(list({ fresh: third })).toEqual([OILY, expect.stringMatching(/^In a box: 0\.8 times/), AT]);
  // In the fridge.
  const fridge = { place: 'fridge', storeC: 4 } as const;
  const AT4 = 'The store is at 4°: one day there uses one day of the pack’s time.';
  expect(list({ ...fridge, fresh: half })).toEqual([
    'Raw, in the fridge: the official limit is 2 days; the cautious limit, dry and in fresh towels, is 3.',
    '50 % of its time on ice was used when it was packed: the rest counts, if that is less.',
    AT4,
  ]);
  expect(list({ ...fridge, fresh: half, thawed: true })).toEqual(['Thawed: one day by every limit.', AT4]);
  expect(list({ ...fridge, form: 'cooked', fresh: half })).toEqual([
    expect.stringMatching(/^Cooked, in the fridge: the official limit is \d+ days; the cautious limit is \d+\.$/),
    AT4,
  ]);
  expect(list({ ...fridge, form: 'smoked' })[0]).toMatch(
    /^Smoked at home, hot through: \d+ days by the official limit, \d+ by the cautious limit, both only at 3° or colder\./,
  );
});

test('the rate that counts is the stricter line of its place; small differences are not told', () => {
  const rates = (authority: number, careful: number) => ({ now: { authority, careful }, mean: { authority, careful } });
  const store = (more: Partial<UntilFacts>) => whyUntil(facts(more)).filter((w) => /^The store|^So far/.test(w.says));
  const fridge = { place: 'fridge', storeC: 6 } as const;
  expect(store({ ...fridge, rates: rates(1.5, 3) })).toEqual([
    {
      says: 'The store is at 6°: one day there uses 1.5 days of the pack’s time.',
      source: 'FAO Fisheries Technical Paper 348',
    },
  ]);
  expect(store({ storeC: -12, rates: rates(1.5, 12) })).toEqual([
    {
      says: 'The store is at −12°: one day there uses 12 days of the pack’s time.',
      source: 'FAO, Torry Advisory Note 28',
    },
  ]);
  expect(store({ storeC: -12, rates: rates(1, 9.5) })[0]!.says).toMatch(/uses 10 days/);
  expect(store({ rates: rates(1, 1.02) })[0]!.says).toMatch(/uses one day of/);
  expect(store({ rates: rates(1, 1.03) })[0]!.says).toMatch(/uses one day of|uses 1 days of/);
  const mean = (careful: number) =>
    store({ rates: { now: { authority: 1, careful: 1 }, mean: { authority: 1, careful } } }).map((w) => w.says);
  expect(mean(1.04)).toHaveLength(1);
  expect(mean(0.9)).toEqual([expect.anything(), 'So far, at the temperatures it had, one day used 0.9 days.']);
  expect(mean(2)[1]).toBe('So far, at the temperatures it had, one day used 2 days.');
});
