import { expect, test } from '@jest/globals';
import { anEntry, at, idOf } from '../../builders.test-support.ts';
import { Book, type Entry, nextPackNumber, packNumber } from '../../index.ts';

const pack = (word: string, number: number, written: string): Entry =>
  anEntry(
    'pack.stored',
    idOf(word),
    {
      number,
      what: word,
      species: 'pollack',
      form: 'fillets',
      massG: 200,
      wrapping: 'bag',
      place: 'fridge',
      fish: [idOf('a')],
    },
    { at: at('18:00'), written: at(written) },
  );
const say = (b: Book, word: string): string => packNumber(b, b.getAny('pack', idOf(word))!);

test('of two devices that gave one number, the later noted gets a letter, whichever was heard of first', () => {
  const [a, b, c] = [pack('one', 84, '18:05'), pack('two', 84, '18:04'), pack('three', 85, '18:06')];
  for (const list of [
    [a, b, c],
    [c, b, a],
  ]) {
    const book = Book.EMPTY.withEntries(list);
    expect(['one', 'two', 'three'].map((w) => say(book, w))).toEqual(['84b', '84', '85']);
  }
});

test('the next number is above all that were ever given, struck and corrected ones too', () => {
  expect(nextPackNumber(Book.EMPTY)).toBe(1);
  const [a, b] = [pack('one', 84, '18:05'), pack('two', 91, '18:06')];
  const struck = anEntry('log.struck', b.subject, {}, { strikes: b.id, at: at('18:10') });
  expect(nextPackNumber(Book.EMPTY.withEntries([a, b, struck]))).toBe(92);
  // Corrected to another number, its old one is free of it, and it keeps no letter.
  const mended = { ...pack('one', 90, '18:20'), amends: a.id };
  const book = Book.EMPTY.withEntries([a, pack('three', 84, '18:07'), mended]);
  expect(say(book, 'three')).toBe('84');
  expect(say(book, 'one')).toBe('90');
});
