import { describe, expect, test } from '@jest/globals';
import {
  isClosedZone,
  leastOf,
  type Rule,
  type RulePack,
  rulesAbout,
  sayAgainst,
  sayBag,
  sayLeast,
  sayShut,
} from './index.ts';
import { CUSTOMARY } from '../units/index.ts';
import { square, zone } from './zones.test-support.ts';

const said = { species: ['pollack'], sentence: 's', source: 's' };
const least = (leastMm: number, more: object = {}): Rule =>
  ({ id: `least ${leastMm}`, kind: 'minimumSize', leastMm, length: 'total', ...said, ...more }) as Rule;
const rule = (kind: Rule['kind'], more: object = {}): Rule => ({ id: kind, kind, ...said, ...more }) as Rule;
const packOf = (rules: readonly Rule[]): RulePack =>
  ({
    rules,
    zones: [zone('bay', square(0, 50, 1)), zone('hole', square(0.2, 50.2, 0.2)), zone('lake')],
  }) as unknown as RulePack;
const DAY = '2026-09-12';
const total = (mm: number) => ({ mm, kind: 'total' as const });

describe('the rules about a species', () => {
  const everywhere = least(340);
  const bay = least(380, { zones: ['bay'] });
  const pack = packOf([
    everywhere,
    bay,
    least(500, { species: ['cod'] }),
    least(360, { inForce: { from: '2026-09-13' } }),
  ]);

  test('in a zone: those of it, of the zones around it and of all of them', () => {
    expect(rulesAbout(pack, 'pollack', 'bay', DAY)).toEqual([everywhere, bay]);
    expect(rulesAbout(pack, 'pollack', 'hole', DAY)).toEqual([everywhere, bay]);
    expect(rulesAbout(pack, 'pollack', 'lake', DAY)).toEqual([everywhere]);
  });

  test('without a zone: those that hold in all of them, on that day', () => {
    expect(rulesAbout(pack, 'pollack', null, DAY)).toEqual([everywhere]);
    expect(rulesAbout(pack, 'pollack', null, '2026-09-13').map((r) => r.id)).toEqual(['least 340', 'least 360']);
  });

  test('a zone closed to every species is known as such, one closed to one species is not', () => {
    const at = (kind: Rule['kind'], more: object): boolean => isClosedZone(packOf([rule(kind, more)]), 'hole');
    expect(at('noTake', { species: [], zones: ['hole', 'bay'] })).toBe(true);
    expect(at('retentionBan', { species: [], zones: ['hole'] })).toBe(true);
    expect(at('noTake', { species: ['cod'], zones: ['hole'] })).toBe(false);
    expect(at('noTake', { species: [], zones: ['bay'] })).toBe(false);
    expect(at('noTake', { species: [] })).toBe(false);
    expect(at('gearBan', { species: [], zones: ['hole'], banned: ['spear'] })).toBe(false);
  });
});

describe('said in a few words', () => {
  test('the minimum size: of several the largest, with how it is measured where that is no total length', () => {
    expect(leastOf([least(340), least(380), least(360)])).toEqual({ mm: 380, kind: 'total' });
    expect(leastOf([rule('dailyBag', { most: 2 })])).toBeNull();
    expect([sayLeast([least(385)]), sayLeast([]), sayLeast([least(260, { length: 'discWidth' })])]).toEqual([
      '38.5',
      '–',
      '26 wide',
    ]);
    expect(sayLeast([least(381)], CUSTOMARY)).toBe('15');
  });

  test('the bag of a head: of several the fewest; that of a boat is none', () => {
    const bag = (most: number, per?: string): Rule => rule('dailyBag', { most, ...(per ? { per } : {}) });
    expect(sayBag([bag(5), bag(3, 'person'), bag(4)])).toBe('3');
    expect(sayBag([bag(2, 'boat'), least(340)])).toBe('–');
    expect(sayBag([bag(0)])).toBe('0');
  });

  test('why it is shut: the ban first, then the season, then the day; nothing when it is open', () => {
    const closed = rule('closedSeason', { closed: { from: '09-01', to: '09-30' } });
    const open = rule('openSeason', { open: { from: '10-01', to: '12-31' } });
    const days = rule('closedDays', { days: ['Saturday'] });
    expect(sayShut([closed, rule('retentionBan')], DAY)).toBe('may not be kept');
    expect(sayShut([closed, rule('noTake')], DAY)).toBe('may not be kept');
    expect(sayShut([closed], DAY)).toBe('closed to 30 September');
    expect(sayShut([open], DAY)).toBe('opens 1 October');
    expect(sayShut([days], DAY)).toBe('not that day');
    expect(sayShut([days], '2026-09-13')).toBeNull();
    expect(sayShut([least(340), closed], '2026-10-01')).toBeNull();
  });

  test('what a length is worth against them: exactly at the limit is over it', () => {
    const say = (mm: number): string => sayAgainst([least(380)], DAY, total(mm));
    expect([say(379), say(380), say(402.5)]).toEqual(['0.1 under 38: let go', '0 over 38', '2.3 over 38']);
    expect(sayAgainst([least(380)], DAY, null)).toBe('minimum 38 cm');
    expect(sayAgainst([least(380)], DAY, { mm: 500, kind: 'fork' })).toBe('minimum 38 cm');
    expect(sayAgainst([], DAY, total(300))).toBe('no minimum size');
    expect(sayAgainst([least(380), rule('noTake')], DAY, total(500))).toBe('may not be kept: let go');
    expect(sayAgainst([least(381)], DAY, total(406.4), CUSTOMARY)).toBe('1 over 15');
    expect(sayAgainst([least(381)], DAY, total(380.9), CUSTOMARY)).toBe('a hair under 15: let go');
  });
});
