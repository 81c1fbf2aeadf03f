import { describe, expect, test } from '@jest/globals';
import { briefing, type Rule, sunHours } from './index.ts';
import { PACK, RULES } from './rule-cases.test-support.ts';

const rules: Rule[] = [
  ...RULES['least']!,
  ...RULES['bag']!,
  ...RULES['winter']!,
  ...RULES['open']!,
  ...RULES['days']!,
  ...RULES['no-take']!,
  ...RULES['no-spear']!,
  { ...RULES['old and new']![0]!, id: 'old', species: ['cod'], inForce: { to: '2026-11-25' } },
  { ...RULES['old and new']![1]!, id: 'new', species: ['cod'], inForce: { from: '2026-11-26' } },
];
const brief = (zone: string, day: string) =>
  briefing({ ...PACK, rules }, zone, day, ['pollack', 'cod', 'trout', 'squid']);

describe('the briefing of a zone on a day', () => {
  test('every species that a rule names, in the order given, with its rules; the others not at all', () => {
    const b = brief('reef', '2026-09-12');
    expect(b.species.map((s) => [s.speciesId, s.shut])).toEqual([
      ['pollack', false],
      ['cod', false],
      ['trout', false],
    ]);
    expect(b.species[0]?.rules.map((r) => r.id)).toEqual(['least', 'bag', 'winter']);
    expect(b.all).toEqual([]);
  });

  test('in a closed season a species is shut, in a no-take area every one', () => {
    expect(brief('reef', '2026-12-05').species.find((s) => s.speciesId === 'pollack')?.shut).toBe(true);
    expect(brief('reef', '2026-12-05').species.find((s) => s.speciesId === 'trout')?.shut).toBe(true);
    expect(brief('hole', '2026-09-12').species.every((s) => s.shut)).toBe(true);
    expect(brief('burn', '2026-09-14').species.every((s) => s.shut)).toBe(true);
    expect(brief('estuary', '2026-09-12').all.map((r) => r.id)).toEqual(['spear']);
  });

  test('what changes within two weeks: a season closes, an old rule ends, a new one comes', () => {
    expect(brief('reef', '2026-11-20').changes.map((c) => [c.day, c.rule.id, c.what])).toEqual([
      ['2026-11-26', 'old', 'ends'],
      ['2026-11-26', 'new', 'comes into force'],
      ['2026-12-01', 'winter', 'closes'],
    ]);
    expect(brief('reef', '2026-09-20').changes.map((c) => [c.day, c.rule.id, c.what])).toEqual([
      ['2026-10-01', 'open', 'closes'],
    ]);
    expect(brief('reef', '2027-02-20').changes.map((c) => [c.day, c.what])).toEqual([['2027-03-01', 'opens']]);
  });
});

describe('the hours of the sun', () => {
  test('at a known place, within two minutes of the almanac', () => {
    const minutes = (t: string | null): number => Number(t?.slice(0, 2)) * 60 + Number(t?.slice(3));
    // London, 21 June 2026: 04:43 and 21:21 summer time; 21 December: 08:04 and 15:54.
    const summer = sunHours('2026-06-21', [-0.13, 51.51], 'Europe/London');
    expect(Math.abs(minutes(summer.rise) - minutes('04:43'))).toBeLessThanOrEqual(2);
    expect(Math.abs(minutes(summer.set) - minutes('21:21'))).toBeLessThanOrEqual(2);
    const winter = sunHours('2026-12-21', [-0.13, 51.51], 'Europe/London');
    expect(Math.abs(minutes(winter.rise) - minutes('08:04'))).toBeLessThanOrEqual(2);
    expect(Math.abs(minutes(winter.set) - minutes('15:54'))).toBeLessThanOrEqual(2);
  });

  test('far north the sun does not set, or does not rise, and says which', () => {
    expect(sunHours('2026-06-21', [19, 75], 'Europe/Oslo')).toEqual({ rise: null, set: null, all: 'day' });
    expect(sunHours('2026-12-21', [19, 75], 'Europe/Oslo')).toEqual({ rise: null, set: null, all: 'night' });
  });
});
