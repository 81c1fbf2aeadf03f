import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { readAmount } from './read-amount.ts';
import { sayInches } from './say-inches.ts';
import { CUSTOMARY, MM_PER_INCH } from './units.ts';

test.each([
  [17.25 * MM_PER_INCH, '17 1/4'],
  [17.5 * MM_PER_INCH, '17 1/2'],
  [18 * MM_PER_INCH, '18'],
  // A rule of 14 1/2 inches that is kept as a whole number of millimetres.
  [368, '14 1/2'],
  [440, '17.32'],
  [6, '1/4'],
  [0, '0'],
  [36 * MM_PER_INCH, '36'],
  [36.25 * MM_PER_INCH, '3 ft 1/4'],
  [48 * MM_PER_INCH, '4 ft 0'],
  [1000, '3 ft 3.37'],
  [1524, '5 ft 0'],
])('%d mm is %s in', (mm, says) => expect(sayInches(mm)).toBe(says));

test('what is said can be typed again, is at most half a millimetre off, and never has twelve inches beside feet', () => {
  fc.assert(
    fc.property(fc.oneof(fc.integer({ min: 0, max: 4000 }), fc.double({ min: 0, max: 4000, noNaN: true })), (mm) => {
      const said = sayInches(mm);
      const read = readAmount('length', `${said} in`, CUSTOMARY);
      expect(Math.abs((read?.value ?? Number.NaN) - mm)).toBeLessThanOrEqual(0.51);
      expect(said).not.toMatch(/ft 12/);
    }),
  );
});
