import { describe, expect, test } from '@jest/globals';
import { judge, type KeptFish, type Rule, type RulePack, withOwnRules, withVersions } from './index.ts';
import { fishOf, PACK } from './rule-cases.test-support.ts';

const rule = (r: object): Rule => ({ sentence: 'S.', source: 'T', ...r }) as Rule;
const pack = (...rules: Rule[]): RulePack => ({ ...PACK, rules });
const kept = (n: number, more: Partial<KeptFish> = {}): KeptFish => ({
  speciesId: 'pollack',
  anglerId: 'Wren',
  day: '2026-09-12',
  count: n,
  ...more,
});
const outcome = (p: RulePack, words: string, before: KeptFish[]): string =>
  judge(p, fishOf(words, 'pollack'), before).outcome;

describe('what a bag counts', () => {
  test('the bag of an outer zone counts what was kept in a zone within it', () => {
    const p = pack(rule({ id: 'bag', kind: 'dailyBag', species: ['pollack'], zones: ['reef'], most: 2 }));
    expect(outcome(p, '40 cm in reef', [kept(2, { zone: 'hole', alsoIn: ['reef'] })])).toBe('letGo');
    expect(outcome(p, '40 cm in reef', [kept(2, { zone: 'tarn', alsoIn: [] })])).toBe('keep');
    expect(outcome(p, '40 cm in hole also in reef', [kept(2, { zone: 'reef' })])).toBe('letGo');
  });
  test('a bag for speared fish does not count those of the rod; one of unknown gear it does', () => {
    const p = pack(rule({ id: 'bag', kind: 'dailyBag', species: ['pollack'], gear: ['spear'], most: 2 }));
    expect(outcome(p, '40 cm with spear', [kept(5, { gear: 'rod' })])).toBe('keep');
    expect(outcome(p, '40 cm with spear', [kept(2, { gear: 'spear' })])).toBe('letGo');
    expect(outcome(p, '40 cm with spear', [kept(2, { gear: null })])).toBe('letGo');
  });
  test('possession forgets what was eaten before, not what was eaten today; a daily bag forgets nothing', () => {
    const possession = rule({ id: 'p', kind: 'possession', species: [], most: 3, days: 5 });
    const before = (goneOn: string | null) => [kept(3, { day: '2026-09-10', goneOn })];
    expect(outcome(pack(possession), '40 cm', before('2026-09-11'))).toBe('keep');
    expect(outcome(pack(possession), '40 cm', before('2026-09-12'))).toBe('letGo');
    expect(outcome(pack(possession), '40 cm', before(null))).toBe('letGo');
    const bag = rule({ id: 'b', kind: 'dailyBag', species: [], most: 3 });
    expect(outcome(pack(bag), '40 cm', [kept(3, { goneOn: '2026-09-11' })])).toBe('letGo');
  });
});

describe('days and hours at their edges', () => {
  test('open to 28 February is not open on the 29th; closed to the 28th is still closed', () => {
    const open = rule({ id: 'o', kind: 'openSeason', species: [], open: { from: '11-01', to: '02-28' } });
    const shut = rule({ id: 'c', kind: 'closedSeason', species: [], closed: { from: '11-01', to: '02-28' } });
    expect(outcome(pack(open), '2028-02-28', [])).toBe('keep');
    expect(outcome(pack(open), '2028-02-29', [])).toBe('letGo');
    expect(outcome(pack(shut), '2028-02-29', [])).toBe('letGo');
  });
  test('sun hours that fill the day in high summer are open all day, also with sunset after midnight', () => {
    const sun = (before: number, after: number) =>
      rule({ id: 's', kind: 'sunHours', species: [], beforeSunriseMin: before, afterSunsetMin: after });
    const north: RulePack = { ...pack(sun(180, 180)), zones: [{ ...PACK.zones[0]!, at: [-9.4, 65.5] }] };
    for (const time of ['00:30', '02:30', '13:00', '23:50'])
      expect([time, outcome(north, `40 cm 2026-06-21 at ${time}`, [])]).toEqual([time, 'keep']);
    const narrow: RulePack = { ...north, rules: [sun(-900, -900)] };
    expect(outcome(narrow, '40 cm 2026-06-21 at 13:00', [])).toBe('letGo');
    // In March the same rule has a night.
    expect(outcome(north, '40 cm 2026-03-21 at 01:30', [])).toBe('letGo');
  });
  test('a licence holds from its first day to its last', () => {
    const p = pack(rule({ id: 'l', kind: 'licence', species: ['pollack'], licence: 'sea licence' }));
    const on = (licences: { name: string; until: string; from?: string }[]) =>
      judge(p, { ...fishOf('40 cm', 'pollack'), angler: { licences } }, []);
    const one = (from: string | undefined, until: string) => [
      { name: 'sea licence', until, ...(from ? { from } : {}) },
    ];
    expect(on(one('2026-09-12', '2026-12-31')).outcome).toBe('keep');
    expect(on(one('2026-09-13', '2026-12-31'))).toMatchObject({ outcome: 'letGo' });
    expect(on(one('2026-09-13', '2026-12-31')).findings[0]?.lead).toBe('Licence does not hold yet:');
    expect(on([...one('2026-09-13', '2026-12-31'), ...one(undefined, '2026-09-12')]).outcome).toBe('keep');
    expect(on(one(undefined, '2026-09-11')).findings[0]?.lead).toBe('Licence has lapsed:');
  });
});

describe('later versions leave earlier verdicts as they were', () => {
  const least = (mm: number, id = 'least') =>
    rule({ id, kind: 'minimumSize', species: ['pollack'], leastMm: mm, length: 'total' });
  const exempt = rule({ id: 'stocked', kind: 'exemption', species: ['pollack'], from: ['least'], origin: ['stocked'] });
  const base = pack(least(500), exempt);
  const later = withVersions(base, [
    { pack: { ...base, version: '2', rules: [least(400), exempt] }, from: '2026-10-01' },
  ]);

  test('an exemption from a rule that a later version renames still takes it away before', () => {
    for (const day of ['2026-09-12', '2026-10-05'])
      expect([day, outcome(later, `30 cm ${day} stocked`, [])]).toEqual([day, 'keep']);
    expect(outcome(later, '45 cm 2026-09-12', [])).toBe('letGo');
    expect(outcome(later, '45 cm 2026-10-05', [])).toBe('keep');
  });
  test('so does a rule of one’s own that took over from it', () => {
    const own = { rule: { ...least(350, 'mine'), inForce: { from: '2026-09-01' } }, replaces: 'least' };
    for (const p of [withOwnRules(base, [own]), withOwnRules(later, [own])]) {
      expect(outcome(p, '36 cm 2026-09-12', [])).toBe('keep');
      expect(outcome(p, '36 cm 2026-08-30', [])).toBe('letGo');
    }
  });
  test('of two of one’s own that take over from one rule, each holds until the next begins, whatever their order', () => {
    const a = { rule: { ...least(350, 'a'), inForce: { from: '2026-09-01' } }, replaces: 'least' };
    const b = { rule: { ...least(450, 'b'), inForce: { from: '2026-10-01' } }, replaces: 'least' };
    for (const list of [
      [a, b],
      [b, a],
    ]) {
      const p = withOwnRules(base, list);
      expect(outcome(p, '40 cm 2026-08-15', [])).toBe('letGo');
      expect(outcome(p, '40 cm 2026-09-15', [])).toBe('keep');
      expect(outcome(p, '40 cm 2026-10-15', [])).toBe('letGo');
      expect(outcome(p, '46 cm 2026-10-15', [])).toBe('keep');
    }
  });
  test('one’s own changed on the very day it was written gives way to the change, and what it took over from stays away', () => {
    const from = { inForce: { from: '2026-09-01' } };
    const a = { rule: { ...least(350, 'a'), ...from }, replaces: 'least', setAt: '2026-09-01T08:00:00Z' };
    const b = { rule: { ...least(300, 'b'), ...from }, replaces: 'a', setAt: '2026-09-01T09:00:00Z' };
    for (const list of [
      [a, b],
      [b, a],
    ]) {
      expect(outcome(withOwnRules(base, list), '32 cm 2026-09-12', [])).toBe('keep');
      expect(outcome(withOwnRules(base, list), '28 cm 2026-09-12', [])).toBe('letGo');
      expect(outcome(withOwnRules(base, list), '39 cm 2026-08-15', [])).toBe('letGo');
    }
  });
  test('of two from one day the later written counts', () => {
    const from = { inForce: { from: '2026-09-01' } };
    const a = { rule: { ...least(350, 'a'), ...from }, replaces: 'least', setAt: '2026-09-01T08:00:00Z' };
    const b = { rule: { ...least(300, 'b'), ...from }, replaces: 'least', setAt: '2026-09-01T09:00:00Z' };
    for (const list of [
      [a, b],
      [b, a],
    ]) {
      expect(outcome(withOwnRules(base, list), '32 cm 2026-09-12', [])).toBe('keep');
      expect(outcome(withOwnRules(base, list), '28 cm 2026-09-12', [])).toBe('letGo');
    }
  });
});
