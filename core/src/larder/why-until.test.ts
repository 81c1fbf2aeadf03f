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
