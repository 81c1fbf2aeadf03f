import { expect, test } from '@jest/globals';
import { METRIC } from '@dagboek/core/units';
import { POLLACK } from '../../../../core/src/test-species.test-support.ts';
import { anEntry, at, idOf, landed, TOMAS, tripStarted } from '../../builders.test-support.ts';
import { Book, type Entry, judgeWeighing, nextPieces, packTrouble } from '../../index.ts';

const cutId = idOf('cut');
const weighed = (stage: 'round' | 'gutted' | 'fillets', massG: number): Entry =>
  anEntry('cut.weighed', cutId, { stage, massG }, { at: at('18:05') });
const pack = (word: string, massG: number, pieces: number, form: 'fillets' | 'stock' = 'fillets'): Entry =>
  anEntry(
    'pack.stored',
    idOf(word),
    {
      number: 1,
      what: 'x',
      species: 'pollack',
      form,
      massG,
      pieces,
      wrapping: 'bag',
      place: 'fridge',
      fish: [idOf('a')],
      cut: cutId,
    },
    { at: at('18:30') },
  );
const on = (...more: Entry[]) => {
  const book = Book.EMPTY.withEntries([
    tripStarted(),
    landed('a', '12:00'),
    anEntry('cut.started', cutId, { fish: [idOf('a')], route: 'fillet from the tail', by: TOMAS }, { at: at('18:00') }),
    ...more,
  ]);
  return { cut: book.get('cut', cutId)!, packs: book.naming('pack', cutId) };
};

test('a weighing that cannot be is refused before one that is unlikely is asked about', () => {
  const { cut } = on(weighed('round', 1320));
  const judge = (massG: number) => judgeWeighing(cut, POLLACK, 'gutted', massG, 1307, METRIC);
  expect(judge(1500)).toEqual({ cannot: expect.stringContaining('cannot weigh more than whole 1320 g') });
  expect(judge(300)).toEqual({ asks: expect.stringContaining('23 % of the whole') });
  expect(judge(1120)).toBeNull();
});

test('packs hold no more than came off the board; frames no more than the whole', () => {
  const a = on(weighed('round', 1320), weighed('fillets', 600), pack('p', 400, 1));
  expect(packTrouble(a.cut, a.packs, 'fillets', 250, null, METRIC)).toContain('650 g in packs is more than the 600 g');
  expect(packTrouble(a.cut, a.packs, 'fillets', 200, null, METRIC)).toBeNull();
  expect(packTrouble(a.cut, a.packs, 'stock', 700, null, METRIC)).toBeNull();
  expect(packTrouble(a.cut, a.packs, 'stock', 1400, null, METRIC)).toContain('more than the whole fish of 1320 g');
  // Ninety kilos from six and a half that were only reckoned.
  const b = on();
  expect(packTrouble(b.cut, b.packs, 'fillets', 90_000, 6600, METRIC)).toContain('9900 g on the board');
  expect(packTrouble(b.cut, b.packs, 'whole', 7000, 6600, METRIC)).toBeNull();
});

test('three packs of one cut do not each hold all its fillets', () => {
  const first = on(weighed('fillets', 600));
  expect(nextPieces(first.cut, first.packs, 'fillets', 3, 600, 200)).toBe(2);
  const then = on(weighed('fillets', 600), pack('p', 200, 2), pack('s', 300, 3, 'stock'));
  expect(nextPieces(then.cut, then.packs, 'fillets', 3, 400, 200)).toBe(2);
  expect(nextPieces(then.cut, then.packs, 'fillets', 3, 400, 400)).toBe(4);
  expect(nextPieces(then.cut, [...then.packs, ...then.packs, ...then.packs], 'fillets', 3, 0, 50)).toBe(1);
});
