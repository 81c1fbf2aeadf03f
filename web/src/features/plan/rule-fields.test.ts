import { describe, expect, test } from '@jest/globals';
import { type Rule, RULE_FORMS, ruleTrouble } from '@dagboek/core/rules';
import { loadRulePacks, loadSpecies } from '@dagboek/packs';
import { bodyOf, draftOfRule } from './rule-fields.ts';

const PACKS = loadRulePacks(loadSpecies());
const byHand = (r: Rule): boolean => RULE_FORMS.some((f) => f.kind === r.kind);

describe('a rule typed in', () => {
  test('every kind but licences and exemptions can be', () => {
    const kinds = new Set(PACKS.flatMap((p) => p.rules.map((r) => r.kind)));
    expect([...kinds].filter((k) => !RULE_FORMS.some((f) => f.kind === k)).sort()).toEqual(['exemption']);
  });

  test('any rule that ships, taken into the form and back, says the same', () => {
    for (const p of PACKS)
      for (const r of p.rules.filter(byHand)) {
        const body = bodyOf(r.kind, draftOfRule(r));
        expect([r.id, body]).toEqual([r.id, expect.objectContaining({ kind: r.kind })]);
        for (const [k, v] of Object.entries(body))
          expect([r.id, k, (r as unknown as Record<string, unknown>)[k]]).toEqual([r.id, k, v]);
      }
  });

  test('an empty form says what is missing, kind by kind, and a comma is as good as a point', () => {
    const pack = PACKS[0]!;
    const trouble = (kind: Rule['kind'], draft = {}) =>
      ruleTrouble({ id: 'x', species: [], sentence: 's', source: 's', ...bodyOf(kind, draft) } as never, pack);
    for (const f of RULE_FORMS.filter((x) => x.fields.some((y) => y.type !== 'one')))
      expect([f.kind, trouble(f.kind)]).toEqual([f.kind, expect.any(String)]);
    expect(trouble('minimumSize', { leastMm: '38,5' })).toBeNull();
    expect(bodyOf('minimumSize', { leastMm: '38,5' })).toMatchObject({ leastMm: 385, length: 'total' });
    expect(trouble('minimumSize', { leastMm: 'long' })).toContain('minimum length');
  });
});
