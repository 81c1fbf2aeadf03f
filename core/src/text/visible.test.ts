import { expect, test } from '@jest/globals';
import { hasUnseen, visible } from './index.ts';

test.each([
  ['Ilse of the Tern', 'Ilse of the Tern', false],
  ['two\nlines\tand a tab', 'two\nlines\tand a tab', false],
  ['naïve, Þórr, 鯖, سمك', 'naïve, Þórr, 鯖, سمك', false],
  ['a\u0000b', 'ab', true],
  ['Ilse\u202egpj.exe', 'Ilsegpj.exe', true],
  ['\u2066hidden\u2069', 'hidden', true],
  ['one\r\ntwo\u2028three\u0085four', 'one\ntwo\nthree\nfour', true],
  ['\u001b[31mred', '[31mred', true],
])('%j reads %j', (text, seen, unseen) => {
  expect([visible(text), hasUnseen(text), hasUnseen(visible(text))]).toEqual([seen, unseen, false]);
});
