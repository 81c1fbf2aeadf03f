import { describe, expect, test } from '@jest/globals';
import { inSentence, orNames, withArticle } from './names-in-text.ts';

describe('a name within a sentence', () => {
  test.each([
    ['Greater weever', 'greater weever'],
    ['John Dory', 'John Dory'],
    ['Arctic char', 'Arctic char'],
    ['Mediterranean parrotfish', 'Mediterranean parrotfish'],
    ['Silver-cheeked puffer', 'silver-cheeked puffer'],
  ])('%s: %s', (name, expected) => expect(inSentence(name)).toBe(expected));

  test('with its article, and with what else it may be', () => {
    expect([withArticle('Brill'), withArticle('Eel'), withArticle('Arctic char')]).toEqual([
      'a brill',
      'an eel',
      'an Arctic char',
    ]);
    expect(orNames(['Turbot', 'Brill', 'John Dory'])).toBe('Turbot, brill or John Dory');
  });
});
