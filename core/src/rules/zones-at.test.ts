import { describe, expect, test } from '@jest/globals';
import { type RulePack, zonesAround, zonesAt, zonesOfPlace } from './index.ts';
import { square, zone } from './zones.test-support.ts';

// A sea with a bay in its corner (two borders shared), a reserve within the bay, a strip across both borders of the bay, and a lake that nobody drew.
const PACK = {
  zones: [
    zone('sea', square(-10, 58, 2, 1)),
    zone('bay', square(-10, 58, 0.5)),
    zone('reserve', square(-9.8, 58.2, 0.1)),
    zone('strip', square(-9.9, 58.05, 1.5, 0.05)),
    zone('lake'),
  ],
} as unknown as RulePack;

describe('zones around a zone', () => {
  test('those that hold the whole of it, a shared border too, itself never', () => {
    expect(zonesAround(PACK, 'reserve')).toEqual(['sea', 'bay']);
    expect(zonesAround(PACK, 'bay')).toEqual(['sea']);
    expect(zonesAround(PACK, 'sea')).toEqual([]);
  });
  test('one that it only lies partly in is not around it', () => {
    expect(zonesAround(PACK, 'strip')).toEqual(['sea']);
  });
  test('none for a zone that is not drawn, or not there; and the same list when it is asked again', () => {
    expect(zonesAround(PACK, 'lake')).toEqual([]);
    expect(zonesAround(PACK, 'moon')).toEqual([]);
    expect(zonesAround(PACK, 'reserve')).toBe(zonesAround(PACK, 'reserve'));
  });
});

describe('zones of a place', () => {
  test('the smallest decides, by its extent and not by its longer side', () => {
    expect(zonesAt(PACK, [-9.75, 58.25]).map((z) => z.id)).toEqual(['reserve', 'bay', 'sea']);
    // The strip is longer than the bay, and smaller.
    expect(zonesAt(PACK, [-9.7, 58.07]).map((z) => z.id)).toEqual(['strip', 'bay', 'sea']);
    expect(zonesOfPlace(PACK, 'sea', [-9.75, 58.25])).toEqual({
      zone: 'reserve',
      alsoIn: ['bay', 'sea'],
      outside: false,
    });
  });
  test('without a position it is what was said, with what lies around that', () => {
    expect(zonesOfPlace(PACK, 'bay', null)).toEqual({ zone: 'bay', alsoIn: ['sea'], outside: false });
  });
  test('a position in no drawn zone says so, and what was said stands', () => {
    expect(zonesOfPlace(PACK, 'bay', [10, 10])).toEqual({ zone: 'bay', alsoIn: ['sea'], outside: true });
  });
});
