import { expect, test } from '@jest/globals';
import { plural, sayAll, sayAny, wordFor } from './index.ts';

test('one is one, and every other count is many, nought and a half too', () => {
  expect([0, 1, 2, 0.5, 21].map((n) => plural(n, 'pack'))).toEqual([
    '0 packs',
    '1 pack',
    '2 packs',
    '0.5 packs',
    '21 packs',
  ]);
  expect([1, 2].map((n) => plural(n, 'entry', 'entries'))).toEqual(['1 entry', '2 entries']);
  expect(wordFor(2, 'fish', 'fish')).toBe('fish');
});

test('a list is said as it is spoken, however long it is', () => {
  const names = ['Wren', 'Tomas', 'Ilse', 'Jory'];
  expect([0, 1, 2, 3, 4].map((n) => sayAll(names.slice(0, n)))).toEqual([
    '',
    'Wren',
    'Wren and Tomas',
    'Wren, Tomas and Ilse',
    'Wren, Tomas, Ilse and Jory',
  ]);
  expect(sayAny(['turbot', 'brill', 'plaice'])).toBe('turbot, brill or plaice');
});
