import { describe, expect, test } from '@jest/globals';
import { loadRulePacks, loadSpecies } from './index.ts';

const SPECIES = loadSpecies();
const PACKS = loadRulePacks(SPECIES);

describe('rules that ship', () => {
  test('the Skerrow Isles are marked as a sample, with zones, an authority and a day of checking', () => {
    expect(PACKS).toHaveLength(1);
    expect(PACKS[0]).toMatchObject({
      id: 'skerrow-isles',
      sample: true,
      timeZone: 'Atlantic/Faroe',
      checked: '2026-06-01',
    });
    expect(PACKS[0]?.zones.map((z) => z.id)).toEqual([
      'north-skerries',
      'harrow-estuary',
      'gannet-hole',
      'mere-tarn',
      'tarn-burn',
      'outer-bank',
    ]);
  });

  test('every species of the demo has a least size and a bag; every rule a sentence and a source, and an id of its own', () => {
    const rules = PACKS[0]!.rules;
    for (const s of SPECIES.filter((x) => rules.some((r) => r.species.includes(x.id)))) {
      expect(rules.some((r) => r.kind === 'minimumSize' && r.species.includes(s.id))).toBe(true);
      expect(rules.some((r) => r.kind === 'dailyBag' && r.species.includes(s.id))).toBe(true);
    }
    expect(new Set(rules.map((r) => r.id)).size).toBe(rules.length);
    for (const r of rules) expect(r.sentence.endsWith('.')).toBe(true);
  });

  test('a rule asks for a length that the species can be measured by', () => {
    for (const r of PACKS[0]!.rules)
      if (r.kind === 'minimumSize')
        for (const id of r.species) expect(SPECIES.find((s) => s.id === id)?.lengthKinds).toContain(r.length);
  });

  test('a rule that names a species that is not there is refused with its name', () => {
    expect(() => loadRulePacks(SPECIES.filter((s) => s.id !== 'turbot'))).toThrow(/names "turbot", which is not there/);
  });
});
