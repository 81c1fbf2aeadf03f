import { describe, expect, test } from '@jest/globals';
import { ROUTES } from '@dagboek/journal';
import { loadSpecies } from '@dagboek/packs';
import { routesFor } from './cut-routes.ts';

const SPECIES = loadSpecies();
const routes = (id: string) => routesFor(SPECIES.find((s) => s.id === id) ?? null);

describe('cuts that suit a species', () => {
  test.each([
    ['turbot', 'flatfish, four fillets'],
    ['thornback-ray', 'wings'],
    ['greater-weever', 'tail on the bone'],
    ['red-scorpionfish', 'tail on the bone'],
    ['tope', 'steaks'],
    ['atlantic-salmon', 'fillet from the head'],
    ['pollack', 'fillet from the tail'],
  ])('%s: first %s', (id, first) => expect(routes(id)[0]).toBe(first));

  test('what is never eaten is not cut', () => {
    for (const s of SPECIES) expect([s.id, routesFor(s).length === 0]).toEqual([s.id, s.raw.verdict === 'never']);
  });

  test('every cut is one that the log knows', () => {
    for (const s of SPECIES) for (const r of routesFor(s)) expect(ROUTES).toContain(r);
    expect(routesFor(null).length).toBeGreaterThan(0);
  });
});
