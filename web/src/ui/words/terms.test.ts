import { describe, expect, test } from '@jest/globals';
import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { slug } from '../slug.ts';
import { DRAWN_TERMS } from './term-drawing.tsx';
import { formsOf, piecesOf, TERMS } from './terms.ts';
import { unbroken } from './unbroken.ts';

const entries = readFileSync('docs/handbook/words.md', 'utf8')
  .split(/^## /m)
  .slice(1)
  .map((part) => {
    const [term = '', ...says] = part.trim().split('\n');
    return { term, says: says.join(' ').trim() };
  });
const sentences = (text: string): string[] => text.split(/(?<=[.])\s+(?=[A-Z])/);

describe('the glossary', () => {
  test('explains each word in two sentences, from A to Z, each word once', () => {
    expect(entries.length).toBeGreaterThan(50);
    for (const e of entries)
      expect([e.term, sentences(e.says)]).toEqual([e.term, [expect.any(String), expect.any(String)]]);
    const terms = entries.map((e) => e.term);
    expect(terms).toEqual([...new Set(terms)].sort((a, b) => a.localeCompare(b, 'en')));
  });

  test('has every word that a sentence may carry, and every word that is drawn', () => {
    const terms = entries.map((e) => e.term);
    expect(TERMS.filter((t) => !terms.includes(t))).toEqual([]);
    expect(DRAWN_TERMS.filter((id) => !terms.some((t) => slug(t) === id))).toEqual([]);
    expect(DRAWN_TERMS.length).toBeGreaterThan(20);
  });
});

describe('a sentence in pieces', () => {
  test('each word of the craft where it stands first, in any case, and the longer form before the shorter', () => {
    expect(piecesOf('Bag limit reached: the bag limit is two, of fork length.')).toEqual([
      { text: 'Bag limit', term: 'Bag limit' },
      { text: ' reached: the bag limit is two, of ', term: null },
      { text: 'fork length', term: 'Fork length' },
      { text: '.', term: null },
    ]);
    expect(piecesOf('Gill covers up.')[0]).toEqual({ text: 'Gill covers', term: 'Gill cover' });
  });

  test('a word within another word is none', () => {
    expect(piecesOf('A plot of a stiffened frame-work, and a slotted spoon.').map((p) => p.term)).toEqual([null]);
  });

  test('joined, the pieces are the text, whatever it is; of each word one is marked', () => {
    const word = fc.constantFrom(...TERMS.flatMap((t) => formsOf(t)), 'fish', 'and', '.', ' ', 'É', '-');
    fc.assert(
      fc.property(
        fc.array(word).map((w) => w.join(' ')),
        (text) => {
          const pieces = piecesOf(text);
          const marked = pieces.flatMap((p) => p.term ?? []);
          expect(pieces.map((p) => p.text).join('')).toBe(text);
          expect(new Set(marked).size).toBe(marked.length);
        },
      ),
    );
  });
});

test('no line ends between a number and its unit, and every other space may end one', () => {
  expect(unbroken('27.1 is 0.9 under 28 cm; under 1 % chance.')).toBe(
    '27.1 is 0.9 under 28\u00a0cm; under 1\u00a0% chance.',
  );
  expect(unbroken('6 to 8 plates after 20 min')).toBe('6 to 8 plates after 20\u00a0min');
});
