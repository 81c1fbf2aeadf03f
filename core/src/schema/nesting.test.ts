import { expect, test } from '@jest/globals';
import { isNestedBeyond } from './index.ts';

test.each([
  ['[]', 1, false],
  ['[[]]', 1, true],
  ['{"a":[{"b":[]}]}', 4, false],
  ['{"a":[{"b":[]}]}', 3, true],
  [`{"a":"${'['.repeat(90)}\\"${'{'.repeat(90)}"}`, 1, false],
  ['['.repeat(200_000), 60, true],
])('%s deeper than %i: %s', (text, most, is) => expect(isNestedBeyond(text, most)).toBe(is));
