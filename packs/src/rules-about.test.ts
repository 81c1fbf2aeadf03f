import { expect, test } from '@jest/globals';
import {
  briefing,
  isClosedZone,
  leastOf,
  rulesAbout,
  sayAgainst,
  sayBag,
  sayLeast,
  sayShut,
} from '@dagboek/core/rules';
import { loadRulePacks, loadSpecies } from './index.ts';

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
    ).toBe('may not be kept');
});

test('a season that has not opened, and a day of the week', () => {
  const only = (kind: string): typeof rules.rules => rules.rules.filter((r) => r.kind === kind);
  expect(sayShut(only('openSeason'), '2026-12-05')).toBe('opens 1 May');
  expect(sayShut(only('openSeason'), '2026-06-05')).toBeNull();
  expect(sayShut(only('closedDays'), '2026-09-13')).toBe('not that day');
  expect(sayShut(only('closedDays'), '2026-09-12')).toBeNull();
});

test('a zone within another stands under the rules of both: the larger size, the smaller bag', () => {
  const size = { kind: 'minimumSize', species: ['pollack'], length: 'total', sentence: 's', source: 's' } as const;
  const bag = { kind: 'dailyBag', species: ['pollack'], sentence: 's', source: 's' } as const;
  const pack = {
    ...rules,
    rules: [
      { ...size, id: 'inner', leastMm: 300, zones: ['gannet-hole'] },
      { ...size, id: 'outer', leastMm: 380, zones: ['north-skerries'] },
      { ...bag, id: 'inner bag', most: 5, zones: ['gannet-hole'] },
      { ...bag, id: 'outer bag', most: 2, zones: ['north-skerries'] },
      { ...bag, id: 'of the boat', most: 1, per: 'boat' as const, zones: ['north-skerries'] },
    ],
  };
  const said = (zone: string): string[] => {
    const about = rulesAbout(pack, 'pollack', zone, '2026-09-12');
    return [sayLeast(about), sayBag(about)];
  };
  expect(said('gannet-hole')).toEqual(['38', '2']);
  expect(said('north-skerries')).toEqual(['38', '2']);
  const brief = briefing(pack, 'gannet-hole', '2026-09-12', ['pollack']);
  expect(brief.species[0]?.rules.map((r) => r.id)).toContain('outer');
});

test('a length against the rules of a name that is not settled', () => {
  const on = '2026-09-12';
  const pollack = rulesAbout(rules, 'pollack', 'north-skerries', on);
  const said = (mm: number, kind: 'total' | 'fork' = 'total'): string => sayAgainst(pollack, on, { mm, kind });
  expect([said(380), said(379), said(452)]).toEqual(['0 over 38', '0.1 under 38: let go', '7.2 over 38']);
  expect([said(450, 'fork'), sayAgainst(pollack, on, null)]).toEqual(['minimum 38 cm', 'minimum 38 cm']);
  expect(sayAgainst([], on, { mm: 100, kind: 'total' })).toBe('no minimum size');
  expect(sayAgainst(rulesAbout(rules, 'pollack', 'gannet-hole', on), on, null)).toBe('may not be kept: let go');
});

test('a zone is closed when some rule bans every species there', () => {
  expect(isClosedZone(rules, 'gannet-hole')).toBe(true);
  expect(isClosedZone(rules, 'north-skerries')).toBe(false);
});
