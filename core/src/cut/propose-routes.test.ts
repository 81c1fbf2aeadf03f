import { expect, test } from '@jest/globals';
import { loadSpecies } from '@dagboek/packs';
import fc from 'fast-check';
import { proposeRoutes, PURPOSES, routesFor } from './index.ts';

const SPECIES = loadSpecies();
const of = (id: string, more: Partial<Parameters<typeof proposeRoutes>[1]> = {}) =>
  proposeRoutes(
    SPECIES.find((s) => s.id === id)!,
    {
      massG: 1000,
      count: 1,
      purpose: 'pan',
      stiff: null,
      lengthMm: null,
      panMm: null,
      ...more,
    },
  );

test.each([
  ['pollack', {}, 'fillet from the tail'],
  ['pollack', { purpose: 'whole' }, 'whole for the pan'],
  ['pollack', { stiff: 'stiff', purpose: 'whole' }, 'whole for the pan'],
  ['yellowfin-tuna', { purpose: 'raw', massG: 20_000 }, 'four loins'],
  ['plaice', { purpose: 'freezer' }, 'flatfish, four fillets'],
  ['plaice', { purpose: 'whole' }, 'flatfish, whole'],
  ['thornback-ray', {}, 'wings'],
  ['pollack', { purpose: 'stock' }, 'gutted whole'],
] as const)('%s, %j: %s first', (id, more, first) => expect(of(id, more)[0]!.route).toBe(first));

test('a stiff or a very small fish is not filleted first, and why is said', () => {
  const small = of('mackerel', { massG: 800, count: 8 });
  expect(small[0]!.route).toBe('butterfly');
  const stiff = of('pollack', { stiff: 'stiff' }).find((p) => p.route === 'fillet from the tail')!;
  expect(stiff.reasons.join(' ')).toMatch(/stiff now: it tears/);
  expect(of('pollack', { stiff: 'stiff' })[0]!.route).not.toMatch(/fillet/);
});

test('a pan that is long enough, too short for the head, for the tail too, or for all of it', () => {
  const says = (panMm: number) =>
    of('pollack', { purpose: 'whole', lengthMm: 440, panMm })
      .find((p) => p.route === 'whole for the pan')!
      .reasons.join(' ');
  expect(says(450)).toContain('44 cm fit in a pan of 45 cm.');
  expect(says(350)).toMatch(/without its head 3\d cm are left/);
  expect(says(300)).toMatch(/Head and tail off/);
  expect(says(200)).toMatch(/halve it/);
});

test('every route of every species for every purpose: never more off the board than went on it, plates whole, a reason', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...SPECIES),
      fc.constantFrom(...PURPOSES),
      fc.integer({ min: 20, max: 60_000 }),
      fc.integer({ min: 1, max: 20 }),
      (s, purpose, massG, count) => {
        const list = proposeRoutes(s, { massG, count, purpose, stiff: null, lengthMm: null, panMm: null });
        expect(new Set(list.map((p) => p.route))).toEqual(new Set(routesFor(s)));
        for (const p of list) {
          expect(p.offBoardG).toBeGreaterThan(0);
          expect(p.offBoardG).toBeLessThan(massG);
          expect(Number.isInteger(p.plates) && p.plates >= 0).toBe(true);
        }
      },
    ),
  );
});
