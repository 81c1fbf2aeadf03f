import { describe, expect, test } from '@jest/globals';
import { readRule, RULE_KINDS, zonesAt } from '@dagboek/core/rules';
import { loadRulePacks, loadSpecies } from './index.ts';

const SPECIES = loadSpecies();
const PACKS = loadRulePacks(SPECIES);

describe('rules that ship', () => {
  test('the Skerrow Isles are marked as a sample, with zones, an authority and a day of checking', () => {
    expect(PACKS.map((p) => p.id)).toEqual(['skerrow-isles', 'tarnmere-lakes']);
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

  test('every species of the demo has a bag and a minimum size; every rule a sentence and a source, and an id of its own', () => {
    const rules = PACKS[0]!.rules;
    for (const s of SPECIES.filter((x) => rules.some((r) => r.kind === 'dailyBag' && r.species.includes(x.id)))) {
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

  test('every kind of rule occurs in the samples, and each is read out of its data as one sentence', () => {
    for (const p of PACKS) expect(new Set(p.rules.map((r) => r.kind)).size).toBe(Object.keys(RULE_KINDS).length);
    const names = { species: (id: string) => SPECIES.find((s) => s.id === id)?.name ?? id, zone: (id: string) => id };
    for (const r of PACKS.flatMap((p) => p.rules)) expect(readRule(r, names)).toMatch(/^[A-Z].*[a-z0-9 )]\.$/);
  });

  test('zones that are drawn hold their own point, and the small one lies within the large one', () => {
    for (const p of PACKS)
      for (const z of p.zones.filter((x) => x.bounds)) expect(zonesAt(p, z.at!).map((x) => x.id)).toContain(z.id);
    expect(zonesAt(PACKS[0]!, [-9.44, 58.955]).map((z) => z.id)).toEqual(['gannet-hole', 'north-skerries']);
    expect(zonesAt(PACKS[0]!, [10, 10])).toEqual([]);
  });

  test('no critically endangered kind may be kept in the Skerrow sample, nor what is protected', () => {
    const ban = PACKS[0]!.rules.find((r) => r.id === 'ban-protected')!;
    const never = SPECIES.filter((s) =>
      /critically endangered|protected by|may not be kept/i.test(s.conservation?.note ?? ''),
    );
    expect(never.map((s) => s.id)).toEqual(expect.arrayContaining(['eel', 'tope', 'angel-shark', 'sturgeon']));
    // Wolffish is not of these waters' law, and the undulate ray is endangered; both are let go by advice or by the same ban.
    for (const s of never.filter((x) => x.id !== 'atlantic-wolffish')) expect(ban.species).toContain(s.id);
    expect(ban).not.toHaveProperty('zones');
  });

  test('a rule that names a species that is not there is refused with its name', () => {
    expect(() => loadRulePacks(SPECIES.filter((s) => s.id !== 'turbot'))).toThrow(/names "turbot", which is not there/);
  });
});
