import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { anEntry, idOf, ILSE, packStored } from '../../builders.test-support.ts';
import { aSpecies } from '../../../../core/src/test-species.test-support.ts';
import {
  Book,
  doubtsOf,
  foundInPack,
  type Entry,
  heldPack,
  mergeable,
  mergePacks,
  packLeft,
  rawStandingOf,
  splitPack,
  storesOf,
  takeTrouble,
  type Writing,
} from '../../index.ts';

const on = (date: string, time = '18:00'): string => `${date}T${time}:00Z`;
const stored = (word: string, more: object = {}, date = '2026-06-01'): Entry =>
  packStored(
    word,
    {
      species: 'mackerel',
      massG: 1000,
      pieces: 20,
      wrapping: 'box',
      place: 'freezer',
      fish: [idOf(`fish of ${word}`)],
      ...more,
    },
    on(date),
  );
const written = (list: readonly Writing[], date: string): Entry[] =>
  list.map((w) => anEntry(w.kind, w.subject, w.facts as never, { at: on(date), id: idOf(`${w.subject} ${date}`) }));
const taken = (massG: number, date: string, more: object = {}): Entry =>
  anEntry('pack.taken', idOf('a'), { massG, is: 'thrown away', ...more } as never, {
    at: on(date),
    id: idOf(`taken ${date}`),
  });
const weighed = (massG: number, date: string, more: object = {}): Entry =>
  anEntry('pack.weighed', idOf('a'), { massG, ...more }, { at: on(date), id: idOf(`weighed ${date}`) });
const meal = (massG: number, date: string): Entry =>
  anEntry(
    'meal.served',
    idOf(`meal ${date}`),
    { name: 'x', cook: ILSE, method: 'roasted', packs: [{ pack: idOf('a'), massG }], eaters: [ILSE] },
    { at: on(date) },
  );
const book = (...e: Entry[]): Book => Book.EMPTY.withEntries(e);
const a = (b: Book) => b.get('pack', idOf('a'))!;
const left = (b: Book) => packLeft(b, a(b));
const MACKEREL = () => aSpecies({ id: 'mackerel', name: 'Mackerel', fat: 'oily', histamine: true });
const NOW = Date.parse('2026-08-01T18:00:00Z');
const FREEZER = storesOf(Book.EMPTY)[1]!;
const held = (b: Book, id: string, date: string) =>
  heldPack(
    {
      book: b,
      species: () => aSpecies({ id: 'mackerel', name: 'Mackerel', fat: 'oily' }),
      day: (s) => s.slice(0, 10),
      nowMs: Date.parse(on(date)),
    },
    b.get('pack', id)!,
  )!;

describe('what is left of a pack', () => {
  test('eaten, thrown away in part, counted down by pieces where they were counted and by weight where not', () => {
    expect(left(book(stored('a'), meal(600, '2026-06-02')))).toMatchObject({ eatenG: 600, leftG: 400, pieces: 8 });
    expect(left(book(stored('a'), taken(100, '2026-06-02', { pieces: 1 })))).toMatchObject({
      takenG: 100,
      leftG: 900,
      pieces: 19,
    });
    expect(left(book(stored('a', { pieces: undefined }), taken(100, '2026-06-02'))).pieces).toBeNull();
    const all = book(stored('a'), taken(1000, '2026-06-02'));
    expect(left(all)).toMatchObject({ leftG: 0, pieces: 0 });
    expect(all.packsWithFood()).toEqual([]);
  });

  test('weighed again it holds what was weighed, less what went since; struck, as before', () => {
    const b = book(
      stored('a'),
      meal(300, '2026-06-02'),
      weighed(650, '2026-06-03', { pieces: 13 }),
      taken(50, '2026-06-04'),
    );
    expect(left(b)).toMatchObject({ eatenG: 300, leftG: 600, pieces: 12 });
    expect(left(book(stored('a'), weighed(900, '2026-06-03'))).pieces).toBe(20);
    const strike = anEntry('log.struck', idOf('a'), {}, { strikes: idOf('weighed 2026-06-03'), at: on('2026-06-05') });
    expect(left(b.withEntries([strike])).leftG).toBe(650);
    expect(
      doubtsOf(book(stored('a'), taken(1500, '2026-06-02')), a(book(stored('a'), taken(1500, '2026-06-02'))))[0],
    ).toMatch(/taken out of/);
  });

  test('more than is there is refused with a sentence', () => {
    const b = book(stored('a'), taken(900, '2026-06-02', { pieces: 18 }));
    expect(takeTrouble(b, a(b), 500, null)).toMatch(/Only 100 g are left in pack 1/);
    expect(takeTrouble(b, a(b), 50, 3)).toMatch(/Only 2 pieces are left/);
    expect(takeTrouble(b, a(b), 0, null)).toMatch(/Enter how much/);
    expect(takeTrouble(b, a(b), Number.NaN, null)).toMatch(/Enter how much/);
    expect(takeTrouble(b, a(b), 102, null)).toBeNull();
  });
});

describe('a pack taken apart', () => {
  const part = { massG: 250, pieces: 5, wrapping: 'vacuum', store: FREEZER } as const;
  test('the part has its fish and its time; the rest is less by it; both stand on the shelf', () => {
    const b = book(stored('a'));
    const r = splitPack(b, a(b), part, 'Mackerel', idOf('part'));
    if (!r.ok) throw new Error(r.why);
    const then = b.withEntries(written(r.writings, '2026-07-01'));
    expect(left(then)).toMatchObject({ leftG: 750, splitG: 250, pieces: 15 });
    const p = then.get('pack', idOf('part'))!;
    expect([p.what, p.number, p.fish]).toEqual(['Mackerel, 5 fillets', 2, a(b).fish]);
    // Frozen since the first day, whatever it was put into since.
    expect(held(then, p.id, '2026-07-02')).toMatchObject({ since: '2026-06-01', thawed: false, leftG: 250 });
    expect(new Set(then.packsWithFood().map((x) => x.id))).toEqual(new Set([idOf('a'), idOf('part')]));
  });

  test('smoked, its days begin with the smoke; in portions they go on; no fillet is made of roe', () => {
    const b = book(stored('a', { place: 'fridge' }));
    const out = (form: 'smoked' | 'portions', massG = 250) => {
      const r = splitPack(b, a(b), { ...part, massG, store: storesOf(Book.EMPTY)[0]!, form }, 'Mackerel', idOf('part'));
      if (!r.ok) throw new Error(r.why);
      return held(b.withEntries(written(r.writings, '2026-06-02')), idOf('part'), '2026-06-02');
    };
    expect(out('portions').since).toBe('2026-06-01');
    // Ten days are for 3 degC or colder; in a fridge that nobody read it is three.
    expect(out('smoked')).toMatchObject({ since: '2026-06-02', keeps: { eatBy: '2026-06-05' } });
    expect(out('smoked').pack.what).toBe('Mackerel, 5 smoked pieces');
    // All of it may be smoked.
    expect(out('smoked', 1000).leftG).toBe(1000);
    const roe = book(stored('a', { form: 'roe', pieces: undefined }));
    expect(splitPack(roe, a(roe), { ...part, pieces: null, form: 'cured' }, 'Mackerel', idOf('p'))).toMatchObject({
      ok: false,
      why: 'Of roe nothing cured is made.',
    });
  });

  test('all of it, or more, is refused', () => {
    const b = book(stored('a'));
    expect(splitPack(b, a(b), { ...part, massG: 1000 }, 'Mackerel', idOf('p'))).toMatchObject({
      ok: false,
      why: expect.stringMatching(/everything/),
    });
    expect(splitPack(b, a(b), { ...part, massG: 1200 }, 'Mackerel', idOf('p')).ok).toBe(false);
  });
});

describe('packs put together', () => {
  test('what both hold, and the earliest day of them', () => {
    const b = book(stored('a'), stored('b', { number: 2, massG: 500, pieces: 9 }, '2026-07-15'));
    expect(mergeable({ book: b, species: MACKEREL, nowMs: NOW }, a(b)).map((p) => p.id)).toEqual([idOf('b')]);
    const r = mergePacks(
      { book: b, species: MACKEREL, nowMs: NOW },
      [b.get('pack', idOf('b'))!, a(b)],
      'Mackerel',
      idOf('both'),
    );
    if (!r.ok) throw new Error(r.why);
    const then = b.withEntries(written(r.writings, '2026-08-01'));
    const both = then.get('pack', idOf('both'))!;
    expect([both.massG, both.pieces, both.fish.length]).toEqual([1500, 29, 2]);
    expect(then.packsWithFood().map((p) => p.id)).toEqual([idOf('both')]);
    expect(held(then, both.id, '2026-08-01').since).toBe('2026-06-01');
    // Struck, both are as they were.
    const strike = anEntry('log.struck', both.id, {}, { strikes: both.log[0]!.first.id, at: on('2026-08-02') });
    expect(then.withEntries([strike]).packsWithFood()).toHaveLength(2);
  });

  test('other kinds, other forms, frozen with thawed, or nothing left are refused', () => {
    const b = book(
      stored('a'),
      stored('cod', { species: 'cod' }),
      stored('whole', { form: 'whole' }),
      stored('cool', { place: 'fridge' }),
    );
    expect(mergeable({ book: b, species: MACKEREL, nowMs: NOW }, a(b))).toEqual([]);
    for (const [other, why] of [
      ['cod', /same species and form/],
      ['whole', /same species and form/],
      ['cool', /frozen and the other is not/],
    ] as const)
      expect(
        mergePacks(
          { book: b, species: MACKEREL, nowMs: NOW },
          [a(b), b.get('pack', idOf(other))!],
          'Mackerel',
          idOf('m'),
        ),
      ).toMatchObject({
        ok: false,
        why: expect.stringMatching(why),
      });
    expect(mergePacks({ book: b, species: MACKEREL, nowMs: NOW }, [a(b)], 'Mackerel', idOf('m')).ok).toBe(false);
  });
});

test('what is not to be eaten goes with none, and a part of it is not to be eaten either', () => {
  const cut = anEntry(
    'cut.started',
    idOf('cut'),
    { fish: [idOf('fish of a')], route: 'fillet from the tail', by: ILSE },
    { at: on('2026-05-31') },
  );
  const find = anEntry('cut.finding', idOf('cut'), { of: 'smell', is: 'sour or rotten' }, { at: on('2026-05-31') });
  const worms = anEntry('cut.finding', idOf('cut'), { of: 'worms', is: 'round worms' }, { at: on('2026-05-31') });
  const b = book(cut, find, stored('a', { cut: idOf('cut') }), stored('b', { number: 2 }));
  expect(mergeable({ book: b, species: MACKEREL, nowMs: NOW }, a(b))).toEqual([]);
  expect(mergeable({ book: b, species: MACKEREL, nowMs: NOW }, b.get('pack', idOf('b'))!)).toEqual([]);
  expect(
    mergePacks({ book: b, species: MACKEREL, nowMs: NOW }, [b.get('pack', idOf('b'))!, a(b)], 'Mackerel', idOf('m')),
  ).toMatchObject({
    ok: false,
    why: expect.stringMatching(/^Pack 1 must not be eaten/),
  });
  const wormy = book(cut, worms, stored('a', { cut: idOf('cut') }));
  const r = splitPack(
    wormy,
    a(wormy),
    { massG: 250, pieces: 5, wrapping: 'bag', store: FREEZER },
    'Mackerel',
    idOf('part'),
  );
  if (!r.ok) throw new Error(r.why);
  const part = wormy.withEntries(written(r.writings, '2026-07-01')).get('pack', idOf('part'))!;
  expect(foundInPack(wormy, part).finds.map((f) => f.is)).toEqual(['round worms']);
  const raw = (verdict: 'frozen first' | 'cook') => () =>
    ({ ...MACKEREL(), raw: { verdict, why: 'By its kind.' } }) as never;
  expect(rawStandingOf({ book: wormy, species: raw('frozen first'), nowMs: NOW }, part)?.never?.[0]).toMatch(
    /Worms were seen/,
  );
  expect(rawStandingOf({ book: b, species: raw('cook'), nowMs: NOW }, b.get('pack', idOf('b'))!)).toEqual({
    never: ['By its kind.'],
    clock: null,
  });
  expect(
    rawStandingOf({ book: b, species: raw('frozen first'), nowMs: NOW }, b.get('pack', idOf('b'))!)?.clock?.why,
  ).toBe('never read');
  // Of a kind that is not known yet nothing is said.
  expect(rawStandingOf({ book: b, species: () => null, nowMs: NOW }, b.get('pack', idOf('b'))!)).toBeNull();
});

test('masses are conserved over any splits and merges, and no pack ever holds less than nothing', () => {
  const move = fc.record({
    pick: fc.nat(),
    share: fc.double({ min: 0.01, max: 1.2, noNaN: true }),
    merge: fc.boolean(),
  });
  fc.assert(
    fc.property(fc.array(move, { maxLength: 12 }), (moves) => {
      let b = book(stored('a'), stored('b', { number: 2, massG: 700, pieces: undefined }));
      const total = (): number => b.packsWithFood().reduce((g, p) => g + packLeft(b, p).leftG, 0);
      moves.forEach((m, i) => {
        const packs = b.packsWithFood();
        const p = packs[m.pick % packs.length]!;
        const { leftG } = packLeft(b, p);
        const id = idOf(`made ${i}`);
        const r = m.merge
          ? mergePacks(
              { book: b, species: MACKEREL, nowMs: NOW },
              [p, ...mergeable({ book: b, species: MACKEREL, nowMs: NOW }, p).slice(0, 2)],
              'Mackerel',
              id,
            )
          : splitPack(
              b,
              p,
              { massG: Math.round(leftG * m.share), pieces: null, wrapping: 'bag', store: FREEZER },
              'Mackerel',
              id,
            );
        if (r.ok) b = b.withEntries(written(r.writings, `2026-07-${String(i + 1).padStart(2, '0')}`));
        // A merge rounds to the gram.
        expect(Math.abs(total() - 1700)).toBeLessThanOrEqual(i + 1);
        for (const x of b.all('pack')) expect(packLeft(b, x).leftG).toBeGreaterThanOrEqual(0);
      });
    }),
    { numRuns: 60 },
  );
});
