import { describe, expect, test } from '@jest/globals';
import { anEntry, at, idOf, landed } from '../../builders.test-support.ts';
import { Book } from '../../log/book/book.ts';
import type { Entry } from '../../log/entry/entry.ts';
import { weightsOf } from './weights-of.ts';

const fish = idOf('a');
const measured = (more: object = {}) =>
  anEntry('fish.measured', fish, { lengthMm: 412, lengthKind: 'total', method: 'board', ...more } as never, {
    at: at('12:20'),
  });
const named = (more: object = {}) =>
  anEntry('fish.named', fish, { species: 'pollack', ...more } as never, { at: at('12:19') });
const weighed = (how: 'scale' | 'estimated', massG = 640) =>
  anEntry('fish.weighed', fish, { massG, how }, { at: at('12:21') });
const cut = (of: string[], massG = 655): Entry[] => [
  anEntry('cut.started', idOf('cut'), { fish: of, route: 'two fillets', by: idOf('ilse') } as never, {
    at: at('18:00'),
  }),
  anEntry('cut.weighed', idOf('cut'), { stage: 'round', massG }, { at: at('18:01') }),
];
const of = (...entries: Entry[]): number[] =>
  weightsOf(Book.EMPTY.withEntries([landed('a', '12:18'), ...entries]), 'pollack', 'total').map((w) => w.massG);

describe('fish that were measured and weighed whole', () => {
  test('by the scale on the deck, or alone on the board', () => {
    expect(of(named(), measured(), weighed('scale'))).toEqual([640]);
    expect(of(named(), measured(), ...cut([fish]))).toEqual([655]);
    expect(of(named(), measured(), weighed('scale'), ...cut([fish]))).toEqual([640]);
  });

  test.each<[string, Entry[]]>([
    ['an estimated weight', [named(), measured(), weighed('estimated')]],
    ['a length by eye', [named(), measured({ method: 'eye' }), weighed('scale')]],
    ['another length than the curve’s', [named(), measured({ lengthKind: 'fork' }), weighed('scale')]],
    ['a name that is not settled', [named({ orElse: ['saithe'] }), measured(), weighed('scale')]],
    ['another species', [named({ species: 'cod' }), measured(), weighed('scale')]],
    ['several on the board together', [named(), measured(), ...cut([fish, idOf('b')])]],
    ['no length', [named(), weighed('scale')]],
  ])('not %s', (_, entries) => expect(of(...entries)).toEqual([]));

  test('not one of a lot', () => {
    const lot = anEntry(
      'fish.landed',
      fish,
      { trip: idOf('trip'), angler: idOf('ilse'), count: 4, species: 'pollack' },
      { at: at('12:18') },
    );
    expect(weightsOf(Book.EMPTY.withEntries([lot, measured(), weighed('scale')]), 'pollack', 'total')).toEqual([]);
  });
});
