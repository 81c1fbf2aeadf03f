import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { layFish, type ToLay } from './lay-fish.ts';

const BOX = { width: 300, height: 200, perMm: 0.5 };
const fish = (id: string, lengthMm: number, layer: ToLay['layer'] = null): ToLay => ({
  id,
  lengthMm,
  depthMm: lengthMm * 0.2,
  thickMm: lengthMm * 0.1,
  layer,
});

test('to scale, from the floor up, none outside the box, none lost', () => {
  fc.assert(
    fc.property(fc.array(fc.integer({ min: 100, max: 900 }), { maxLength: 80 }), (list) => {
      const { laid, leftOut } = layFish(
        list.map((mm, i) => fish(String(i), mm)),
        BOX,
      );
      expect(laid.length + leftOut).toBe(list.length);
      for (const l of laid) {
        expect(l.x >= -1e-9 && l.x + l.length <= BOX.width + 1e-9).toBe(true);
        expect(l.y >= -1e-9 && l.y + l.depth <= BOX.height + 1e-9).toBe(true);
      }
    }),
  );
  expect(layFish([fish('a', 400)], BOX).laid[0]).toMatchObject({ length: 200, depth: 40, y: 160, flip: false });
});

test('the bottom layer lies lowest, the top one highest, the rest as they came', () => {
  const { laid } = layFish(
    [fish('top', 500, 'top'), fish('one', 500), fish('two', 500), fish('low', 500, 'bottom')],
    BOX,
  );
  const y = (id: string): number => laid.find((l) => l.id === id)!.y;
  expect(y('low')).toBeGreaterThanOrEqual(y('one'));
  expect(y('one')).toBeGreaterThanOrEqual(y('two'));
  expect(y('two')).toBeGreaterThan(y('top'));
});
