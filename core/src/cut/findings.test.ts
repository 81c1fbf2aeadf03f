import { describe, expect, test } from '@jest/globals';
import { allThatFollows, FINDINGS, type Finding, findKind, sayFinding, whatFollows } from './index.ts';

describe('what was found, and what follows', () => {
  test('worms: cooked through, never raw, however it was frozen; the sentence names what kills them', () => {
    // The minute at 60 degC is written for round worms and tapeworm; flukes ask for more, and so does what nobody can name.
    for (const [is, kills] of [
      ['round worms', /60° in the middle/],
      ['tapeworm', /60° in the middle/],
      ['flukes', /63° in the middle, held, and better 70°/],
      ['worms, kind not known', /63° in the middle, held, and better 70°/],
    ] as const) {
      const f = whatFollows({ of: 'worms', is });
      expect(f.cook).toBe(true);
      expect(f.cooking).toMatch(kills);
      expect(f.raw).toMatch(/not eat it raw|never eat it raw/i);
    }
    expect(whatFollows({ of: 'worms', is: 'none seen' }).cook).toBeUndefined();
  });

  test('a pierced gut shortens its time, several finds say each sentence once', () => {
    const all = allThatFollows([
      { of: 'gut', is: 'pierced' },
      { of: 'gut', is: 'burst by itself' },
      { of: 'worms', is: 'round worms', count: 2 },
      { of: 'worms', is: 'tapeworm', count: 1 },
    ]);
    expect(all.penalties).toEqual(['gutBurst']);
    expect(all.cook).toBe(true);
    expect(all.raw.filter((s) => s.startsWith('Worms'))).toHaveLength(1);
    expect(all.keeping).toHaveLength(2);
  });

  test('of what is unknown, or in words of one’s own, nothing follows', () => {
    for (const f of [
      { of: 'stomach', is: 'a toy car' },
      { of: 'aura', is: 'blue' },
      { of: '__proto__', is: 'x' },
    ])
      expect(whatFollows(f)).toEqual({});
    expect(allThatFollows([])).toEqual({ keeping: [], cooking: [], raw: [], bin: [], penalties: [], cook: false });
  });

  test('what is not eaten is nothing else: no advice to cook it', () => {
    for (const k of FINDINGS)
      for (const f of k.finds) if ('bin' in f) expect([k.of, f.is, 'cooking' in f]).toEqual([k.of, f.is, false]);
  });

  test.each<[Finding, string]>([
    [{ of: 'worms', is: 'round worms', count: 3, where: 'in the belly lining' }, '3 round worms in the belly lining'],
    [{ of: 'worms', is: 'none seen' }, 'no worms seen'],
    [{ of: 'gut', is: 'pierced' }, 'gut pierced'],
    [{ of: 'stomach', is: 'sand eels' }, 'sand eels in the stomach'],
    [{ of: 'smell', is: 'of ammonia' }, 'smells of ammonia'],
    [{ of: 'sex', is: 'hen' }, 'female'],
    [{ of: 'sex', is: 'cock' }, 'male'],
  ])('%j: %s', (f, said) => expect(sayFinding(f)).toBe(said));

  test('each kind is found by its name', () => {
    for (const k of FINDINGS) expect(findKind(k.of)).toBe(k);
  });
});
