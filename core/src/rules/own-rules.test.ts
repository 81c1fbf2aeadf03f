import { describe, expect, test } from '@jest/globals';
import { judge, type Rule, type RulePack, ruleTrouble, withOwnRules } from './index.ts';
import { fishOf, PACK, RULES } from './rule-cases.test-support.ts';

const pack: RulePack = { ...PACK, rules: [...RULES['least']!, ...RULES['bag']!] };
const mine = (more: Partial<Rule> = {}): Rule =>
  ({ ...RULES['least']![0]!, id: 'mine', leastMm: 420, inForce: { from: '2026-09-10' }, ...more }) as Rule;

describe('rules of one’s own beside a pack', () => {
  test('a new rule joins; one that takes over ends the old one the day before, and earlier catches stand as they were', () => {
    const p = withOwnRules(pack, [{ rule: mine(), replaces: 'least' }]);
    expect(p.rules.find((r) => r.id === 'least')?.inForce).toEqual({ to: '2026-09-09' });
    const outcome = (day: string, in_: RulePack) => judge(in_, fishOf(`38 cm ${day}`, 'pollack'), []).outcome;
    expect([outcome('2026-09-09', p), outcome('2026-09-10', p)]).toEqual(['keep', 'letGo']);
    expect(outcome('2026-09-09', pack)).toBe('keep');
    expect(pack.rules[0]?.inForce).toBeUndefined();
  });

  test('an id the pack has is left out, and without own rules the pack is the same object', () => {
    expect(withOwnRules(pack, [{ rule: mine({ id: 'bag' }), replaces: null }])).toBe(pack);
    expect(withOwnRules(pack, [])).toBe(pack);
    const twice = withOwnRules(pack, [
      { rule: mine(), replaces: null },
      { rule: mine({ id: 'mine' }), replaces: null },
    ]);
    expect(twice.rules.filter((r) => r.id === 'mine')).toHaveLength(1);
  });

  test('a rule that ended earlier is not made to last longer', () => {
    const old = { ...pack, rules: [{ ...RULES['least']![0]!, inForce: { to: '2025-12-31' } }] };
    expect(withOwnRules(old, [{ rule: mine(), replaces: 'least' }]).rules[0]?.inForce).toEqual({ to: '2025-12-31' });
  });
});

describe('what is wrong with a rule', () => {
  test('nothing with those of the cases', () => {
    for (const r of Object.values(RULES).flat()) expect([r.id, ruleTrouble(r, PACK)]).toEqual([r.id, null]);
  });

  test.each([
    [{ leastMm: Number.NaN }, 'Enter the minimum length'],
    [{ zones: ['atlantis'] }, 'Choose zones of these waters'],
    [{ zones: [] }, 'Choose a zone'],
    [{ inForce: { from: '12 September' } }, 'Write the day'],
    [{ inForce: { from: '2026-09-12', to: '2026-09-11' } }, 'end before it begins'],
    [{ kind: 'keepSlot', fromMm: 500, toMm: 400, length: 'total' }, 'the shorter first'],
    [{ kind: 'dailyBag', most: 2.5 }, 'whole number'],
    [{ kind: 'possession', most: 5, days: 0 }, 'over how many days'],
    [{ kind: 'closedSeason', closed: { from: '13-01', to: '02-28' } }, 'first and the last day'],
    [{ kind: 'closedDays', days: [] }, 'days of the week'],
    [{ kind: 'gearBan', banned: [] }, 'Choose the gear'],
    [{ kind: 'clockHours', from: '6', to: '21:00' }, 'both times'],
    [{ kind: 'tidal', metres: 2 }, 'does not know rules of this kind'],
    [{ kind: 'report', withinHours: 24, to: ' ' }, 'to whom'],
  ])('%j', (more, says) => {
    expect(ruleTrouble(mine(more as never), PACK)).toContain(says);
  });
});
