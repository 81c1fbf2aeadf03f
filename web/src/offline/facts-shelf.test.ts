import { describe, expect, test } from '@jest/globals';
import { fetchToShelf, holdsFacts } from './facts-shelf.ts';

const GOOD = { '/api/catalogue': { species: [], traits: [], packs: [] }, '/api/rulebook': { packs: [] } };

/** A network that gives these answers, and a shelf that remembers what was laid on it. */
function withNetwork(answers: Record<string, unknown>): string[] {
  const laid: string[] = [];
  Object.assign(globalThis, {
    fetch: async (path: string) => new Response(JSON.stringify(answers[path])),
    caches: { open: async () => ({ put: async (path: string) => void laid.push(path) }) },
  });
  return laid;
}

describe('species and rules, as they come', () => {
  test('an answer with every list is the server’s; anything else came from something in front of it', () => {
    expect(holdsFacts('/api/catalogue', GOOD['/api/catalogue'])).toBe(true);
    expect(holdsFacts('/api/rulebook', GOOD['/api/rulebook'])).toBe(true);
    for (const answer of [{}, null, [], 'sign in', { species: [], packs: [] }, { species: {}, traits: [], packs: [] }])
      expect([answer, holdsFacts('/api/catalogue', answer)]).toEqual([answer, false]);
    expect(holdsFacts('/api/rulebook', { packs: 'none' })).toBe(false);
  });

  test('both are laid on the shelf; what a portal answers is not, and the page is told', async () => {
    const laid = withNetwork(GOOD);
    expect(await fetchToShelf()).toBe(true);
    expect(laid).toEqual(['/api/catalogue', '/api/rulebook']);
    const portal = withNetwork({ '/api/catalogue': {}, '/api/rulebook': {} });
    expect(await fetchToShelf()).toBe(false);
    expect(portal).toEqual([]);
  });
});
