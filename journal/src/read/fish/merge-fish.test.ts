import { describe, expect, test } from '@jest/globals';
import { anEntry, at, idOf, ILSE, landed, TOMAS, TRIP, tripStarted } from '../../builders.test-support.ts';
import { Book, type Entry, maybeSameFish, mergeOf, mergeWritings, type Writing } from '../../index.ts';

const measured = (name: string, mm: number, when: string) =>
  anEntry('fish.measured', idOf(name), { lengthMm: mm, lengthKind: 'total', method: 'board' }, { at: at(when) });
const both = [
  tripStarted(),
  landed('a', '12:00'),
  measured('a', 430, '12:01'),
  anEntry('fish.landed', idOf('b'), { trip: TRIP, angler: ILSE, count: 1 }, { at: at('12:04') }),
  measured('b', 435, '12:05'),
  anEntry('fish.dispatched', idOf('b'), { how: 'brain spike' }, { at: at('12:06'), member: TOMAS }),
  anEntry('fish.noted', idOf('b'), { text: 'sea lice' }, { at: at('12:07'), about: true }),
];
const book = Book.EMPTY.withEntries(both);
const fish = (name: string, of = book) => of.get('fish', idOf(name))!;

let merges = 0;
/** What the writings make of the book. */
const written = (of: Book, list: readonly Writing[]): Book =>
  of.withEntries(
    list.map((w, i): Entry => {
      const { atMs, ...more } = w.more ?? {};
      const when = atMs === undefined ? at('13:00') : new Date(atMs).toISOString();
      return anEntry(w.kind, w.subject, w.facts, { ...more, at: when, id: idOf(`merge ${++merges} ${i}`) });
    }),
  );

describe('two lines of one fish', () => {
  test('may be the same when they are near in time, as many, and of no two kinds', () => {
    const more = book.withEntries([
      landed('late', '12:40'),
      landed('lot', '12:02', { count: 3 }),
      landed('cod', '12:02', { species: 'cod' }),
      landed('near', '12:03'),
    ]);
    const ids = (name: string) => maybeSameFish(more, fish(name, more)).map((f) => f.id);
    expect(ids('a')).toEqual([idOf('near'), idOf('b')]);
    expect(ids('b')).toContain(idOf('cod'));
    expect(ids('lot')).toEqual([]);
  });

  test('what the one lacks it takes from the other, at its time and by its writer; what both have stays its own', () => {
    const list = mergeWritings(fish('a'), fish('b'), '9');
    expect(list.map((w) => w.kind)).toEqual(['fish.dispatched', 'fish.noted', 'log.struck']);
    expect(list[0]!.more).toEqual({ atMs: Date.parse(at('12:06')), member: TOMAS });
    expect(list[1]!.more).toMatchObject({ about: true });
    const one = written(book, list);
    expect(fish('a', one)).toMatchObject({
      length: { mm: 430 },
      dispatched: { how: 'brain spike' },
      notes: [{ text: 'sea lice' }],
    });
    expect(one.get('fish', idOf('b'))).toBeNull();
    const struck = one.getAny('fish', idOf('b'))!;
    expect(struck.struck?.because).toBe('the same fish as no. 9');
    expect(struck.length?.mm).toBe(435);
  });

  test('the one without a name takes that of the other, however it was given', () => {
    expect(mergeWritings(fish('b'), fish('a'), '10')[0]).toMatchObject({
      kind: 'fish.named',
      subject: idOf('b'),
      facts: { species: 'pollack' },
    });
    const named = book.withEntries([anEntry('fish.named', idOf('b'), { species: 'saithe' }, { at: at('12:08') })]);
    expect(mergeWritings(fish('b', named), fish('a', named), '10').map((w) => w.kind)).toEqual(['log.struck']);
    expect(mergeWritings(fish('a', named), fish('b', named), '9').map((w) => w.kind)).not.toContain('fish.named');
  });

  test('not when one went back and the other was kept; what lies on the board stays', () => {
    const back = book.withEntries([anEntry('fish.released', idOf('a'), { reason: 'not needed' }, { at: at('12:09') })]);
    expect(mergeOf(back, fish('a', back), fish('b', back))).toMatchObject({
      ok: false,
      why: expect.stringMatching(/was released/),
    });
    const cutOf = (...names: string[]) =>
      names.map((n) =>
        anEntry(
          'cut.started',
          idOf(`cut ${n}`),
          { fish: [idOf(n)], route: 'fillet from the head', by: ILSE },
          { at: at('15:00') },
        ),
      );
    const cut = book.withEntries(cutOf('b'));
    expect(mergeOf(cut, fish('a', cut), fish('b', cut))).toMatchObject({
      stays: { id: idOf('b') },
      gone: { id: idOf('a') },
    });
    const cuts = book.withEntries(cutOf('a', 'b'));
    expect(mergeOf(cuts, fish('a', cuts), fish('b', cuts))).toMatchObject({
      ok: false,
      why: expect.stringMatching(/Both/),
    });
  });

  test('two devices that do it apart, each from its own line, leave the same one standing', () => {
    const [one, other] = [mergeOf(book, fish('a'), fish('b')), mergeOf(book, fish('b'), fish('a'))];
    expect(one).toEqual(other);
    if (!one.ok) throw new Error(one.why);
    expect(one.stays.id).toBe(idOf('a'));
    const apart = written(
      written(book, mergeWritings(one.stays, one.gone, '9')),
      mergeWritings(one.stays, one.gone, '9'),
    );
    expect(apart.naming('fish', TRIP).map((f) => f.id)).toEqual([idOf('a')]);
  });
});
