import { expect, test } from '@jest/globals';
import { offalRules, type Rule } from './index.ts';
import { PACK } from './rule-cases.test-support.ts';

const rule = (id: string, more: Partial<Rule> = {}): Rule =>
  ({ id, kind: 'noOffal', species: [], sentence: `${id}.`, source: 's', ...more }) as Rule;
const ask = (rules: readonly Rule[], zones: readonly string[], day = '2026-09-12') => {
  const { here, elsewhere } = offalRules({ ...PACK, rules }, { zones, speciesIds: ['trout', 'pike'], day });
  return [here.map((r) => r.id), elsewhere.map((r) => r.id)];
};

test('a rule without waters holds in all; one with waters holds where the fish came from or where the board is', () => {
  const rules = [rule('all'), rule('tarn', { zones: ['tarn'] }), rule('burn', { zones: ['burn'] })];
  expect(ask(rules, ['reef'])).toEqual([['all'], ['tarn', 'burn']]);
  expect(ask(rules, ['reef', 'tarn'])).toEqual([['all', 'tarn'], ['burn']]);
  expect(ask([], ['tarn'])).toEqual([[], []]);
});

test('only in force, only for what the fish may be, and no other kind of rule', () => {
  const rules = [
    rule('past', { inForce: { to: '2025-12-31' } }),
    rule('coming', { inForce: { from: '2027-01-01' } }),
    rule('cod', { species: ['cod'] }),
    rule('pike', { species: ['pike'] }),
    rule('head', { kind: 'retentionBan' } as Partial<Rule>),
  ];
  expect(ask(rules, ['tarn'])).toEqual([['pike'], []]);
  expect(ask(rules, ['tarn'], '2025-12-31')[0]).toEqual(['past', 'pike']);
});
