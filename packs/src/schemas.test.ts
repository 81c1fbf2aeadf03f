import { readFileSync } from 'node:fs';
import { describe, expect, test } from '@jest/globals';
import { RULES_SCHEMA } from '@dagboek/core/rules';
import { schemaChecker } from '@dagboek/core/schema';
import { SPECIES_SCHEMA } from '@dagboek/core/species';

const read = (path: string): object =>
  JSON.parse(readFileSync(new URL(`../../packs/${path}`, import.meta.url), 'utf8')) as object;
const species = schemaChecker(SPECIES_SCHEMA);
const rules = schemaChecker(RULES_SCHEMA);
const pollack = read('species/cold-coast/pollack.json') as Record<string, unknown>;
const pack = read('rules/skerrow-isles.json') as { rules: Record<string, unknown>[] };
const without = (key: string): object => Object.fromEntries(Object.entries(pollack).filter(([k]) => k !== key));

describe('a document held against its schema', () => {
  test('what ships is as it should be', () => {
    expect(species(pollack)).toEqual([]);
    expect(rules(pack)).toEqual([]);
  });

  test.each<[string, object, RegExp]>([
    ['a field that is missing', without('family'), /the field "family" is missing/],
    ['a field nobody knows', { ...pollack, colour: 'green' }, /no field "colour"; remove it or correct its name/],
    ['a word that is not among the choices', { ...pollack, fat: 'greasy' }, /fat: one of .*lean, oily/],
    ['an id with a capital', { ...pollack, id: 'Pollack' }, /id: small letters, digits and hyphens/],
    ['text where a number belongs', { ...pollack, maxMm: '130 cm' }, /maxMm: number, not/],
    ['a share above one', { ...pollack, ratios: { dorsal: [0.3, 1.4] } }, /ratios\.dorsal\.1: 1\.4/],
    ['a proportion nobody measures', { ...pollack, ratios: { wing: [0.1, 0.2] } }, /ratios: .*no field "wing"/],
  ])('%s is said in a sentence that names the place', (_, data, says) => {
    const faults = species(data);
    expect(faults.length).toBeGreaterThan(0);
    expect(faults.join(' ')).toMatch(says);
  });

  test('a rule without what its kind needs, and a kind that is none', () => {
    const least = pack.rules.find((r) => r['kind'] === 'minimumSize')!;
    const { leastMm: _, ...bare } = least;
    expect(rules({ ...pack, rules: [bare] }).join(' ')).toMatch(/rules\.0: .*"leastMm" is missing/);
    expect(rules({ ...pack, rules: [{ ...least, kind: 'minimumWeight' }] }).join(' ')).toMatch(/rules\.0\.kind/);
  });

  test('the first fault ends it, and lists are counted before anything in them is read', () => {
    expect(species({})).toHaveLength(1);
    expect(schemaChecker(SPECIES_SCHEMA)({}, ['species', '4'])[0]).toMatch(/^species\.4: the field "id" is missing/);
    const read: string[] = [];
    const odd = Array.from({ length: 5001 }, (_, i) => ({
      get id() {
        read.push(String(i));
        return i;
      },
    }));
    expect(rules({ ...pack, rules: odd })[0]).toBe('rules: at most 5000 of them, and here are 5001.');
    expect(read).toEqual([]);
    expect(rules({ ...pack, rules: odd.slice(0, 5000) })).toHaveLength(1);
    for (const nothing of [null, 7, 'text', []]) expect(species(nothing).length).toBeGreaterThan(0);
  });
});
