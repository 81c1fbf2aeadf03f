import { describe, expect, test } from '@jest/globals';
import { loadSpecies } from '@dagboek/packs';
import { speciesFinder } from './find-species.ts';

const find = speciesFinder(loadSpecies());
const first = (word: string) => find(word)[0];

describe('finding a species by name', () => {
  test.each([
    ['pollack', 'pollack', null],
    ['Seelachs', 'saithe', 'Seelachs'],
    ['lieu jaune', 'pollack', 'lieu jaune'],
    ['Makrele', 'mackerel', 'Makrele'],
    ['Raja clavata', 'thornback-ray', null],
    ['ørred', 'brown-trout', 'ørred'],
  ])('%s', (word, id, byName) => {
    expect(first(word)).toMatchObject({ species: { id }, byName });
  });

  test.each([
    ['polack', 'pollack'],
    ['mackrel', 'mackerel'],
    ['gilthed bream', 'gilthead-seabream'],
    ['stone fish', 'stonefish'],
    ['baracuda', 'great-barracuda'],
    ['petermannchen', 'greater-weever'],
  ])('misspelt: %s', (word, id) => {
    expect(
      find(word)
        .slice(0, 3)
        .map((f) => f.species.id),
    ).toContain(id);
  });

  test('nothing typed finds all; nonsense finds nothing', () => {
    expect(find('  ')).toHaveLength(103);
    expect(find('qqqzzzxx')).toEqual([]);
  });
});
