import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  anEntry,
  at,
  BOX,
  idOf,
  ILSE,
  landed,
  TOMAS,
  TRIP,
  tripStarted,
  wholeLine,
} from '../../builders.test-support.ts';
import type { Entry } from '../entry/entry.ts';
import { Book, linesOf, foldSubject, linksOf } from '../../index.ts';

const fish = idOf('a');
const dump = (b: Book): unknown =>
  (['book', 'member', 'box', 'trip', 'fish', 'cut', 'pack', 'meal'] as const).flatMap((k) =>
    b.all(k).sort((x, y) => (x.id < y.id ? -1 : 1)),
  );

describe('folding', () => {
  test('a fish from the water to the plate, and every link between', () => {
    const b = Book.EMPTY.withEntries(wholeLine());
    expect(b.get('fish', fish)).toMatchObject({
      species: 'pollack',
      count: 1,
      trip: TRIP,
      length: { mm: 440 },
      mass: { g: 790, how: 'scale' },
      released: null,
      discarded: null,
      bled: { cut: 'both gills' },
      iced: { box: BOX },
    });
    expect(b.get('cut', idOf('cut'))?.stages.trimmed?.massG).toBe(276);
    expect(b.naming('fish', TRIP).map((f) => f.id)).toEqual([fish]);
    expect(b.naming('cut', fish).map((c) => c.id)).toEqual([idOf('cut')]);
    expect(b.naming('pack', fish)).toHaveLength(1);
    expect(b.naming('pack', idOf('cut'))).toHaveLength(1);
    expect(b.naming('meal', idOf('pack'))).toHaveLength(1);
  });

  test('the order of arrival and repetition do not matter', () => {
    const all = wholeLine();
    const right = dump(Book.EMPTY.withEntries(all));
    fc.assert(
      fc.property(
        fc.shuffledSubarray(all, { minLength: all.length }),
        fc.integer({ min: 1, max: 5 }),
        (mixed, step) => {
          let b = Book.EMPTY;
          for (let i = 0; i < mixed.length; i += step) b = b.withEntries(mixed.slice(Math.max(0, i - 1), i + step));
          expect(dump(b)).toEqual(right);
          expect(b.size).toBe(all.length);
        },
      ),
    );
  });

  test('a book is a value: adding leaves the old one as it was', () => {
    const a = Book.EMPTY.withEntries([tripStarted(), landed('a', '12:18')]);
    const b = a.withEntries([anEntry('fish.iced', fish, { box: BOX, how: 'slurry' })]);
    expect(a.get('fish', fish)?.iced).toBeNull();
    expect(b.get('fish', fish)?.iced).not.toBeNull();
    expect(a.withEntries([])).toBe(a);
  });

  test('each subject folds from its own entries alone', () => {
    const all = wholeLine();
    const b = Book.EMPTY.withEntries(all);
    for (const kind of ['trip', 'fish', 'cut', 'pack', 'meal'] as const)
      for (const s of b.all(kind))
        expect(
          foldSubject(
            s.id,
            all.filter((e) => e.subject === s.id),
          ),
        ).toEqual({ state: s, apart: [] });
  });

  test('the last of several counts; a struck one does not', () => {
    const one = anEntry('fish.iced', fish, { box: BOX, how: 'slurry' }, { at: at('12:30') });
    const two = anEntry('fish.iced', fish, { box: BOX, how: 'layered ice' }, { at: at('12:40') });
    const b = Book.EMPTY.withEntries([landed('a', '12:18'), one, two]);
    expect(b.get('fish', fish)?.iced?.how).toBe('layered ice');
    const c = b.withEntries([anEntry('log.struck', fish, {}, { strikes: two.id })]);
    expect(c.get('fish', fish)?.iced?.how).toBe('slurry');
  });

  test('striking how it began takes the subject and its links away; standing again brings them back', () => {
    const land = landed('a', '12:18');
    const strike = anEntry('log.struck', fish, {}, { strikes: land.id });
    const b = Book.EMPTY.withEntries([tripStarted(), land, strike]);
    expect(b.get('fish', fish)).toBeNull();
    expect(b.naming('fish', TRIP)).toEqual([]);
    const c = b.withEntries([anEntry('log.struck', fish, {}, { strikes: strike.id })]);
    expect(c.get('fish', fish)).not.toBeNull();
    expect(c.naming('fish', TRIP)).toHaveLength(1);
  });

  test('a corrected landing moves the fish to another trip', () => {
    const land = landed('a', '12:18');
    const moved = anEntry(
      'fish.landed',
      fish,
      { trip: idOf('other'), angler: TOMAS, count: 1 },
      { at: land.at, amends: land.id, written: at('13:00') },
    );
    const b = Book.EMPTY.withEntries([land, moved]);
    expect(b.naming('fish', TRIP)).toEqual([]);
    expect(b.naming('fish', idOf('other')).map((f) => f.angler)).toEqual([TOMAS]);
  });

  test('a name given later wins over the first guess, and marks are one an eater', () => {
    const b = Book.EMPTY.withEntries([landed('a', '12:18'), anEntry('fish.named', fish, { species: 'coalfish' })]);
    expect(b.get('fish', fish)?.species).toBe('coalfish');
    const meal = idOf('meal');
    const c = Book.EMPTY.withEntries([
      ...wholeLine(),
      anEntry('meal.rated', meal, { eater: ILSE, mark: 3 }, { at: at('20:00') }),
      anEntry('meal.rated', meal, { eater: ILSE, mark: 4 }, { at: at('20:05') }),
    ]);
    expect(c.get('meal', meal)?.marks).toEqual({ [ILSE]: 4 });
  });

  test('not settled, it keeps what else it may be; settled later, that is gone and the old name stays in the log', () => {
    const open = anEntry('fish.named', fish, { species: 'turbot', orElse: ['brill'] }, { at: at('12:20') });
    const b = Book.EMPTY.withEntries([landed('a', '12:18'), open]);
    expect(b.get('fish', fish)).toMatchObject({ species: 'turbot', orElse: ['brill'] });
    const settled = anEntry('fish.named', fish, { species: 'brill' }, { at: at('20:00') });
    const c = b.withEntries([settled]);
    expect(c.get('fish', fish)).toMatchObject({ species: 'brill', orElse: [] });
    expect(c.get('fish', fish)?.log.filter((l) => l.now.kind === 'fish.named')).toHaveLength(2);
  });

  test('an unknown kind is kept and changes nothing', () => {
    const odd = { ...landed('a', '12:18'), id: idOf('odd'), kind: 'fish.sung' };
    const b = Book.EMPTY.withEntries([landed('a', '12:18'), odd]);
    expect(b.has(odd)).toBe(true);
    expect(b.get('fish', fish)?.species).toBe('pollack');
    expect(foldSubject(fish, [odd]).state).toBeNull();
  });

  test('an entry given up before it was sent leaves no trace', () => {
    const iced = anEntry('fish.iced', fish, { box: BOX, how: 'slurry' });
    const b = Book.EMPTY.withEntries([landed('a', '12:18'), iced]);
    const c = b.without(iced);
    expect(c.get('fish', fish)?.iced).toBeNull();
    expect(c.has(iced)).toBe(false);
    expect(c.without({ ...iced, id: 'nothing' })).toBe(c);
    expect(c.withEntries([iced]).get('fish', fish)?.iced).not.toBeNull();
  });
});

describe('links', () => {
  test('each once, whatever the order in the facts', () => {
    const { state: pack } = foldSubject(idOf('p'), [
      anEntry('pack.stored', idOf('p'), {
        number: 1,
        what: 'x',
        species: 'pollack',
        form: 'fillets',
        massG: 5,
        wrapping: 'bag',
        place: 'fridge',
        fish: [fish, fish],
        cut: idOf('cut'),
      }),
    ]);
    expect(pack && linksOf(pack)).toEqual([
      { from: idOf('p'), to: fish, role: 'fish' },
      { from: idOf('p'), to: idOf('cut'), role: 'cut' },
    ]);
  });
});

/** Two phones and a table on shore, cut off from each other, write and correct the same few fish; then all meet. */
test('devices that meet at last agree, whoever heard what first', () => {
  const action = fc.record({
    who: fc.constantFrom('phone', 'tablet', 'shore'),
    fish: fc.constantFrom('a', 'b'),
    what: fc.constantFrom('measure', 'ice', 'amend', 'strike', 'note'),
    minute: fc.integer({ min: 0, max: 59 }),
    pick: fc.nat(),
  });
  fc.assert(
    fc.property(fc.array(action, { maxLength: 25 }), fc.infiniteStream(fc.nat()), (actions, dice) => {
      const everything: Entry[] = [landed('a', '12:00'), landed('b', '12:00')];
      for (const a of actions) {
        const subject = idOf(a.fish);
        const mine = everything.filter((e) => e.subject === subject && e.kind === 'fish.measured');
        const more = {
          device: a.who,
          at: at(`13:${String(a.minute).padStart(2, '0')}`),
          written: at(`14:${String(a.minute).padStart(2, '0')}`),
        };
        const target = mine[a.pick % Math.max(1, mine.length)];
        if (a.what === 'measure')
          everything.push(
            anEntry('fish.measured', subject, { lengthMm: 300 + a.minute, lengthKind: 'total', method: 'board' }, more),
          );
        if (a.what === 'ice') everything.push(anEntry('fish.iced', subject, { box: BOX, how: 'slurry' }, more));
        if (a.what === 'note') everything.push(anEntry('fish.noted', subject, { text: 'x' }, more));
        if (a.what === 'amend' && target)
          everything.push(
            anEntry(
              'fish.measured',
              subject,
              { lengthMm: 500 + a.minute, lengthKind: 'total', method: 'tape' },
              { ...more, amends: target.id },
            ),
          );
        if (a.what === 'strike' && target)
          everything.push(anEntry('log.struck', subject, {}, { ...more, strikes: target.id }));
      }
      const heard = (): Entry[] => [...everything].sort(() => ((dice.next().value as number) % 2 ? 1 : -1));
      const books = [heard(), heard(), heard()].map((list) => list.reduce((b, e) => b.withEntries([e]), Book.EMPTY));
      expect(dump(books[1]!)).toEqual(dump(books[0]!));
      expect(dump(books[2]!)).toEqual(dump(books[0]!));
      // Nothing that was written is missing from the logs.
      const logged = new Set(
        books[0]!
          .all('fish')
          .flatMap((f) => linesOf(everything.filter((e) => e.subject === f.id)))
          .flatMap((l) => [l.now.id, ...l.was.map((w) => w.id)]),
      );
      for (const e of everything) if (e.strikes === undefined) expect(logged.has(e.id)).toBe(true);
    }),
    { numRuns: 60 },
  );
});
