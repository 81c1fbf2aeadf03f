import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { anEntry, at, BOX, idOf, ILSE, landed, tripStarted } from '../../builders.test-support.ts';
import type { Entry } from '../entry/entry.ts';
import { Book, packLeft, tripsInOrder } from '../../index.ts';

const IDS = ['a', 'b', 'c'];
const KINDS = ['pollack', 'mackerel'];
const DAYS = ['2026-09-10', '2026-09-11', '2026-12-31'];

/** What may happen to a few fish, packs and meals, in any order, each of it struck now and then. */
const happening = fc.record({
  what: fc.constantFrom(
    'land',
    'name',
    'ice',
    'release',
    'trip struck',
    'cut',
    'pack',
    'eat',
    'discard',
    'strike',
    'amend',
    'give up',
  ),
  one: fc.constantFrom(...IDS),
  kind: fc.constantFrom(...KINDS),
  day: fc.constantFrom(...DAYS),
  grams: fc.constantFrom(100, 299.5, 300, 400),
  pick: fc.nat(40),
});
type Happening = typeof happening extends fc.Arbitrary<infer T> ? T : never;

function entryOf(h: Happening, n: number, before: readonly Entry[]): Entry | null {
  const id = `happened-${n}`;
  const more = { id, at: `${h.day}T12:00:${String(n).padStart(2, '0')}+01:00` };
  const fish = idOf(h.one);
  const pack = idOf(`pack ${h.one}`);
  const stored = {
    number: 1 + (h.pick % 3),
    what: 'x',
    species: h.kind,
    form: 'fillets',
    massG: 300,
    wrapping: 'bag',
    place: 'fridge',
  };
  const some = before[h.pick % Math.max(1, before.length)];
  switch (h.what) {
    case 'land':
      return anEntry('fish.landed', fish, { trip: idOf('trip'), angler: ILSE, count: 1, species: h.kind }, more);
    case 'name':
      return anEntry('fish.named', fish, { species: h.kind, orElse: h.pick % 2 ? ['cod'] : [] }, more);
    case 'ice':
      return anEntry('fish.iced', fish, { box: BOX, how: 'slurry' }, more);
    case 'trip struck':
      return anEntry(
        'log.struck',
        idOf('trip'),
        {},
        { ...more, strikes: before.findLast((e) => e.subject === idOf('trip'))?.id ?? '' },
      );
    case 'release':
      return anEntry('fish.released', fish, { reason: 'too short' }, more);
    case 'cut':
      return anEntry('cut.started', idOf(`cut ${h.one}`), { fish: [fish], route: 'round', by: ILSE } as never, more);
    case 'pack':
      return anEntry(
        'pack.stored',
        pack,
        { ...stored, fish: [fish], ...(h.pick % 2 ? { cut: idOf(`cut ${h.one}`) } : {}) } as never,
        more,
      );
    case 'eat': {
      const meal = { name: 'x', cook: ILSE, method: 'grilled', packs: [{ pack, massG: h.grams }], eaters: [ILSE] };
      return anEntry('meal.served', idOf(`meal ${h.one} ${h.pick % 3}`), meal as never, more);
    }
    case 'discard':
      return anEntry('pack.discarded', pack, { why: 'old' }, more);
    case 'amend':
      return some ? { ...some, ...more, amends: some.amends ?? some.id, at: more.at } : null;
    case 'strike':
      return some ? anEntry('log.struck', some.subject, {}, { ...more, strikes: some.id }) : null;
    default:
      return null;
  }
}

/** A book that lived through it, entry by entry or all at once, with some entries given up again. */
function lived(list: readonly Happening[], batch: number): Book {
  const all: Entry[] = [tripStarted()];
  let book = Book.EMPTY.withEntries(all);
  let waiting: Entry[] = [];
  list.forEach((h, n) => {
    const e = entryOf(h, n, all);
    if (e) {
      all.push(e);
      waiting.push(e);
    }
    if (waiting.length >= batch) {
      book = book.withEntries(waiting);
      waiting = [];
    }
    const last = all.at(-1);
    if (h.what === 'give up' && last && book.has(last)) {
      book = book.without(last);
      all.pop();
    }
  });
  return book.withEntries(waiting);
}

describe('what a book is asked without going through it', () => {
  test('is what going through it gives, whatever happened, struck, amended or given up', () => {
    fc.assert(
      fc.property(fc.array(happening, { maxLength: 30 }), fc.integer({ min: 1, max: 6 }), (list, batch) => {
        const book = lived(list, batch);
        const fish = book.all('fish');
        const ids = (xs: readonly { id: string }[]): string[] => xs.map((x) => x.id).sort();
        expect(ids(book.unfinishedFish())).toEqual(
          ids(
            fish.filter(
              (f) => !f.released && book.naming('cut', f.id).length === 0 && book.naming('pack', f.id).length === 0,
            ),
          ),
        );
        expect(ids(book.packsWithFood())).toEqual(ids(book.all('pack').filter((p) => packLeft(book, p).leftG >= 1)));
        for (const day of DAYS) {
          const [from, to] = [Date.parse(`${day}T00:00:00Z`), Date.parse(`${day}T23:59:59Z`)];
          const thatDay = fish.filter((f) => f.landed.at.startsWith(day));
          expect(ids(book.landedAbout(from, to))).toEqual(ids(thatDay));
          for (const s of [...KINDS, 'cod'])
            expect(ids(book.landedAbout(from, to, [s]))).toEqual(
              ids(thatDay.filter((f) => f.species === s || (f.species !== null && f.orElse.includes(s)))),
            );
        }
        expect(book.countOnIce).toBe(book.unfinishedFish().reduce((n, f) => n + (f.iced ? f.count : 0), 0));
        expect(ids(book.cutsWithoutPack())).toEqual(
          ids(book.all('cut').filter((c) => book.naming('pack', c.id).length === 0)),
        );
        for (const n of [1, 2, 3])
          expect(ids(book.packsNumbered(n))).toEqual(ids(book.allAny('pack').filter((p) => p.number === n)));
        expect(book.highestPackNumber).toBeGreaterThanOrEqual(Math.max(0, ...book.allAny('pack').map((p) => p.number)));
        for (const s of [...KINDS, 'cod', 'wrasse'])
          expect(ids(book.fishNamed(s))).toEqual(
            ids(fish.filter((f) => f.species !== null && [f.species, ...f.orElse].includes(s))),
          );
        for (const f of book.allAny('fish'))
          expect(ids(book.namingAny('pack', f.id))).toEqual(
            ids(book.allAny('pack').filter((p) => p.fish.includes(f.id))),
          );
        for (const s of fish) expect(book.allAny('fish')).toContain(book.get('fish', s.id));
      }),
      { numRuns: 300 },
    );
  });

  test('does not depend on how many entries came at once', () => {
    fc.assert(
      fc.property(fc.array(happening, { maxLength: 20 }), (list) => {
        const noGivingUp = list.filter((h) => h.what !== 'give up');
        const [one, many] = [lived(noGivingUp, 1), lived(noGivingUp, 100)];
        const ids = (b: Book): string[] =>
          b
            .unfinishedFish()
            .map((f) => f.id)
            .sort();
        expect(ids(many)).toEqual(ids(one));
      }),
    );
  });

  test('an older book stays as it was, and keeps its own lists', () => {
    const before = Book.EMPTY.withEntries([tripStarted(), landed('a', '12:00')]);
    expect(before.all('fish')).toHaveLength(1);
    const after = before.withEntries([
      landed('b', '12:10'),
      anEntry('cut.started', idOf('cut'), { fish: [idOf('a')], route: 'round', by: ILSE } as never),
    ]);
    expect([before.all('fish').length, before.unfinishedFish().length]).toEqual([1, 1]);
    expect([after.all('fish').length, after.unfinishedFish().map((f) => f.id)]).toEqual([2, [idOf('b')]]);
    // A list that is sorted by whoever asked for it is theirs.
    after.all('fish').reverse().pop();
    expect(after.all('fish')).toHaveLength(2);
  });

  test('what was reckoned lasts until its kinds or inputs change: trips are put in order once for all writes to fish', () => {
    const book = Book.EMPTY.withEntries([tripStarted(), landed('a', '12:00')]);
    const more = book.withEntries([anEntry('fish.iced', idOf('a'), { box: BOX, how: 'slurry' }, { at: at('12:20') })]);
    const made: string[] = [];
    const ask = (b: Book, ...inputs: unknown[]): number =>
      b.reckoned('fish of trips', ['trip', 'fish'], inputs, () => made.push('once'));
    expect([ask(book), ask(book), ask(more), ask(more), ask(more, 'another'), ask(more, 'another')]).toEqual([
      1, 1, 2, 2, 3, 3,
    ]);
    expect(Book.EMPTY.reckoned('fish of trips', ['trip', 'fish'], [], () => 'apart')).toBe('apart');
    expect(tripsInOrder(more)).toBe(tripsInOrder(book));
    const ended = more.withEntries([anEntry('trip.ended', idOf('trip'), {}, { at: at('15:00') })]);
    expect(tripsInOrder(ended)).not.toBe(tripsInOrder(book));
  });
});
