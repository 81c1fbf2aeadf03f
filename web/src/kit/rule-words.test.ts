import { expect, test } from '@jest/globals';
import { loadRulePacks, loadSpecies } from '@dagboek/packs';
import { leastOf, rulesAbout, sayBag, sayLeast, sayShut } from './rule-words.ts';

const rules = loadRulePacks(loadSpecies()).find((p) => p.id === 'skerrow-isles')!;

test('the rules of a species, in the few words of a table', () => {
  const about = rulesAbout(rules, 'pollack', 'north-skerries', '2026-09-12');
  expect([sayLeast(about), sayBag(about), sayShut(about, '2026-09-12')]).toEqual(['38', '4', null]);
  expect(leastOf(about)).toEqual({ mm: 380, kind: 'total' });
  const ray = rulesAbout(rules, 'thornback-ray', null, '2026-09-12');
  expect(sayLeast(ray)).toMatch(/ wide$/);
});

test('without a zone only what holds in all of them; of a stranger nothing', () => {
  const everywhere = rulesAbout(rules, 'pollack', null, '2026-09-12');
  expect(everywhere.every((r) => !r.zones)).toBe(true);
  const stranger = rulesAbout(rules, 'wahoo', null, '2026-09-12').filter((r) => r.species.length > 0);
  expect([stranger, sayLeast(stranger), sayBag(stranger)]).toEqual([[], '–', '–']);
});

test('a closed season and a ban are said in words', () => {
  const closed = rules.rules.find((r) => r.kind === 'closedSeason')!;
  const day = `2026-${closed.kind === 'closedSeason' ? closed.closed.from : ''}`;
  expect(sayShut([closed], day)).toMatch(/^closed to \d/);
  for (const kind of ['retentionBan', 'noTake'])
    expect(
      sayShut(
        rules.rules.filter((r) => r.kind === kind),
        day,
      ),
    ).toBe('not here');
});

test('a season that has not opened, and a day of the week', () => {
  const only = (kind: string): typeof rules.rules => rules.rules.filter((r) => r.kind === kind);
  expect(sayShut(only('openSeason'), '2026-12-05')).toBe('opens 1 May');
  expect(sayShut(only('openSeason'), '2026-06-05')).toBeNull();
  expect(sayShut(only('closedDays'), '2026-09-13')).toBe('not that day');
  expect(sayShut(only('closedDays'), '2026-09-12')).toBeNull();
});
