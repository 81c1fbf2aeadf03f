import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { unsafeText } from './unsafe-text.ts';

describe('what must not go into a drawing', () => {
  test.each<[string, unknown, string]>([
    ['an attribute that is closed', { colors: { back: '#123456" onload="alert(1)' } }, 'colors.back'],
    ['a tag', { colors: { fin: '<script>' } }, 'colors.fin'],
    ['an entity', { tail: { shape: 'forked&lt;' } }, 'tail.shape'],
    ['a quote deep in a list', { fins: [{ name: 'ok' }, { color: "red'" }] }, 'fins.1.color'],
    ['a number beyond reason', { fins: [{ spines: 1e9 }] }, 'fins.0.spines'],
    ['a number that is none', { eye: { r: Number.NaN } }, 'eye.r'],
  ])('%s is named by its place', (_, figure, where) => expect(unsafeText(figure)).toBe(where));

  test('names and descriptions may hold anything: they are escaped where they are written', () => {
    expect(
      unsafeText({ name: 'Fish & "chips" <b>', latin: "d'or", description: '<', pattern: [{ name: '"' }] }),
    ).toBeNull();
  });

  test('a name that is no text is looked into all the same', () => {
    expect(unsafeText({ name: { color: '"' } })).toBe('name.color');
  });

  test('plain values pass, wherever they stand', () => {
    const plain = fc.stringMatching(/^[a-z0-9 #.-]{0,12}$/);
    fc.assert(
      fc.property(
        fc.dictionary(plain, fc.oneof(plain, fc.integer({ min: -5000, max: 5000 }), fc.array(plain))),
        (figure) => {
          expect(unsafeText(figure)).toBeNull();
        },
      ),
    );
  });

  test('whatever is around it, one bad value is found', () => {
    const bad = fc.constantFrom('"', "'", '<', '>', '&').chain((c) => fc.string().map((s) => s + c));
    fc.assert(
      fc.property(bad, fc.dictionary(fc.stringMatching(/^[a-f]$/), fc.integer({ min: 0, max: 9 })), (text, around) => {
        expect(unsafeText({ ...around, deep: { list: [1, { z: text }] } })).toBe('deep.list.1.z');
      }),
    );
  });
});
