import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { LayeredMap } from './layered-map.ts';

const step = fc.record({
  what: fc.constantFrom('set', 'delete', 'done'),
  key: fc.constantFrom('a', 'b', 'c', 'd', 'e'),
  value: fc.nat(9),
});

test('is a map, whatever was set and taken out in however many drafts, and every older map stays as it was', () => {
  fc.assert(
    fc.property(fc.array(step, { maxLength: 40 }), (steps) => {
      const model = new Map<string, number>();
      const older: [LayeredMap<number>, [string, number][]][] = [];
      let map = LayeredMap.empty<number>();
      let draft = map.draft();
      const check = (m: LayeredMap<number>, said: readonly [string, number][]): void => {
        expect([...m.values()].sort()).toEqual(said.map(([, v]) => v).sort());
        for (const k of ['a', 'b', 'c', 'd', 'e']) expect(m.get(k)).toBe(new Map(said).get(k));
      };
      for (const s of steps) {
        if (s.what === 'set') {
          draft.set(s.key, s.value);
          model.set(s.key, s.value);
        } else if (s.what === 'delete') {
          draft.delete(s.key);
          model.delete(s.key);
        } else {
          map = draft.done();
          older.push([map, [...model]]);
          draft = map.draft();
        }
        expect(draft.get(s.key)).toBe(model.get(s.key));
      }
      older.push([draft.done(), [...model]]);
      for (const [m, said] of older) check(m, said);
    }),
    { numRuns: 400 },
  );
});

test('keeps the order in which keys were first put, across both layers', () => {
  const draft = LayeredMap.empty<number>().draft();
  draft.set('a', 1);
  draft.set('b', 2);
  const more = draft.done().draft();
  more.set('c', 3);
  more.set('a', 4);
  expect([...more.done().values()]).toEqual([4, 2, 3]);
});
