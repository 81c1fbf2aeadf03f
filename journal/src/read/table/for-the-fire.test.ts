import { describe, expect, test } from '@jest/globals';
import { thicknessOfFish } from '@dagboek/core/cook';
import { POLLACK } from '../../../../core/src/test-species.test-support.ts';
import type { RulePack } from '@dagboek/core/rules';
import { aRulePack } from '../../documents.test-support.ts';
import { anEntry, at, idOf, ILSE, landed, TOMAS, tripStarted, TRIP } from '../../builders.test-support.ts';
import {
  atRiskOf,
  Book,
  type Entry,
  type FactsOf,
  likedBefore,
  mealCost,
  meanMark,
  packsHeld,
  piecesOfPack,
  rawPackOf,
  rawVerdictOf,
} from '../../index.ts';

const day = (iso: string): string => iso.slice(0, 10);
const NOW = Date.parse('2026-09-13T12:00:00+01:00');
const SPECIES = { ...POLLACK, raw: { verdict: 'frozen first' as const, why: 'worms' } };
const byId = (id: string | null) => (id === 'pollack' ? SPECIES : null);
const pack = (word: string, facts: Partial<FactsOf<'pack.stored'>> = {}, when = at('18:00')): Entry =>
  anEntry(
    'pack.stored',
    idOf(word),
    {
      number: 1,
      what: word,
      species: 'pollack',
      form: 'fillets',
      massG: 400,
      wrapping: 'cloth',
      place: 'fridge',
      fish: [],
      ...facts,
    } as FactsOf<'pack.stored'>,
    { at: when },
  );
const heldIn = (book: Book) => packsHeld({ book, species: byId, day, nowMs: NOW })[0]!;
const pieces = (entries: Entry[], massG: number) => {
  const book = Book.EMPTY.withEntries(entries);
  return piecesOfPack({ book, species: byId, nowMs: NOW }, heldIn(book), massG);
};

describe('a pack for the fire', () => {
  test('two fillets of a fish that was weighed: as thick as half of its body', () => {
    const fish = [
      tripStarted(),
      landed('f', '10:00'),
      anEntry('fish.weighed', idOf('f'), { massG: 2000, how: 'scale' } as FactsOf<'fish.weighed'>, {
        at: at('10:05'),
      }),
    ];
    const p = pieces([...fish, pack('a', { fish: [idOf('f')], pieces: 2, massG: 400 })], 400);
    expect(p).toMatchObject({
      cut: 'fillet',
      pieces: 2,
      pieceG: 200,
      thicknessBy: 'of the body',
      fat: 'lean',
      ready: false,
    });
    expect(p.thicknessMm).toBe(Math.round(thicknessOfFish(SPECIES, 2000, 'fillet')));
  });
  test('half of it is one piece; what is much more than a plate is portioned', () => {
    expect(pieces([pack('a', { pieces: 2 })], 200).pieces).toBe(1);
    expect(pieces([pack('a', { pieces: 2, massG: 960 })], 960)).toMatchObject({
      cut: 'portion',
      pieces: 6,
      pieceG: 160,
    });
  });
  test('of a kind that nobody knows a middling fillet; what was smoked is ready; a store that was read says how cold', () => {
    expect(pieces([pack('a', { species: 'other', pieces: 2 })], 400)).toMatchObject({ thicknessMm: 16, fat: 'lean' });
    expect(pieces([pack('a', { form: 'smoked' })], 400).ready).toBe(true);
    const read = [
      anEntry(
        'store.added',
        idOf('shelf'),
        { name: 'shelf', is: 'fridge', standsFor: 'fridge' } as FactsOf<'store.added'>,
        { at: at('09:00') },
      ),
      anEntry('store.read', idOf('shelf'), { c: 2.5 } as FactsOf<'store.read'>, { at: at('09:10') }),
    ];
    expect(pieces([...read, pack('a')], 400)).toMatchObject({ startC: 2.5, startRead: true });
    expect(pieces([pack('a')], 400).startRead).toBe(false);
  });
});

describe('raw, out of the book', () => {
  const verdict = (entries: Entry[], eaters: readonly string[] = [ILSE], guests = 0) => {
    const book = Book.EMPTY.withEntries(entries);
    return rawVerdictOf(
      { book, species: byId, nowMs: NOW, rules: null },
      packsHeld({ book, species: byId, day, nowMs: NOW }),
      eaters,
      guests,
      '2026-09-13',
    );
  };
  test('from the fridge: no freezing on record; found worms and a pierced gut forbid it', () => {
    expect(verdict([pack('a')])).toMatchObject({ verdict: 'not known' });
    const cut = anEntry('cut.started', idOf('cut'), { fish: [], by: ILSE } as never, { at: at('17:00') });
    const found = anEntry('cut.finding', idOf('cut'), { of: 'gut', is: 'pierced' } as FactsOf<'cut.finding'>, {
      at: at('17:05'),
    });
    const book = Book.EMPTY.withEntries([cut, found, pack('a', { cut: idOf('cut') })]);
    expect(rawPackOf({ book, species: byId, nowMs: NOW, rules: null }, heldIn(book), '2026-09-13').gutPierced).toBe(
      true,
    );
    expect(verdict([cut, found, pack('a', { cut: idOf('cut') })]).verdict).toBe('not raw');
  });
  test('of a kind that is not known here nothing is met', () => {
    const book = Book.EMPTY.withEntries([pack('a', { species: 'other' })]);
    expect(rawPackOf({ book, species: byId, nowMs: NOW, rules: null }, heldIn(book), '2026-09-13')).toMatchObject({
      unknownKind: true,
      kinds: [],
    });
  });
  test('guests are not known: with one at the table no conditions are met', () => {
    const told = verdict([pack('a')], [ILSE], 3).reasons.filter((r) => r.of === null);
    expect(told).toEqual([
      expect.objectContaining({ weighs: 'not known', say: expect.stringMatching(/^Of the guests/) }),
    ]);
    expect(verdict([pack('a')], [ILSE], 0).reasons.filter((r) => r.of === null)).toEqual([]);
  });
  test('fresh water counts whichever species stands first; of one that lives in both, the place of the catch says which', () => {
    const of = (id: string, waters: ('salt' | 'brackish' | 'fresh')[]) => ({ ...SPECIES, id, name: id, waters });
    const all = [of('bass', ['salt', 'brackish']), of('perch', ['fresh', 'brackish']), of('trout', ['fresh', 'salt'])];
    const find = (id: string | null) => all.find((s) => s.id === id) ?? null;
    const rules = aRulePack({
      id: 'skerrow-isles',
      zones: [
        { id: 'north-skerries', name: 'x', about: 'x', grounds: ['kelp reef'] },
        { id: 'tarn', name: 'x', about: 'x', grounds: ['lake'] },
        { id: 'mouth', name: 'x', about: 'x', grounds: ['sand', 'estuary mud'] },
      ],
    }) as unknown as RulePack;
    const water = (kinds: readonly string[], zone = 'north-skerries', by: RulePack | null = rules): string => {
      const fish = kinds.map((species, i) => landed(`x${i}`, `10:0${i}`, { species }));
      const book = Book.EMPTY.withEntries([
        tripStarted('06:40', { zone }),
        ...fish,
        pack('a', { species: kinds[0], fish: kinds.map((_, i) => idOf(`x${i}`)) }),
      ]);
      return rawPackOf(
        { book, species: find, nowMs: NOW, rules: by },
        packsHeld({ book, species: find, day, nowMs: NOW })[0]!,
        '2026-09-13',
      ).water;
    };
    expect([water(['bass', 'perch']), water(['perch', 'bass']), water(['bass', 'bass'])]).toEqual([
      'fresh',
      'fresh',
      'sea',
    ]);
    expect(['north-skerries', 'tarn', 'mouth', 'nowhere'].map((z) => water(['trout'], z))).toEqual([
      'sea',
      'fresh',
      'not known',
      'not known',
    ]);
    expect(water(['trout'], 'north-skerries', null)).toBe('not known');
    // Of a pack that the board never saw the species alone speaks.
    const given = Book.EMPTY.withEntries([pack('a', { species: 'trout' })]);
    expect(
      rawPackOf(
        { book: given, species: find, nowMs: NOW, rules },
        packsHeld({ book: given, species: find, day, nowMs: NOW })[0]!,
        '2026-09-13',
      ).water,
    ).toBe('not known');
  });
  test('at risk: said so, small or old on that day', () => {
    const joined = (word: string, facts: object): Entry =>
      anEntry('member.joined', idOf(word), { name: word, ...facts } as FactsOf<'member.joined'>);
    const book = Book.EMPTY.withEntries([
      joined('oda', { bornOn: '1950-01-01' }),
      joined('wren', { bornOn: '2022-09-14' }),
      joined('tam', { bornOn: '2020-01-01' }),
      joined('ila', {}),
      anEntry('member.eats', idOf('ila'), { plates: 1, atRisk: true }),
    ]);
    const all = ['oda', 'wren', 'tam', 'ila', 'nobody'].map(idOf);
    expect(atRiskOf(book, all, '2026-09-13')).toEqual(['oda', 'wren', 'ila']);
    expect(atRiskOf(book, all, '2027-09-14')).toEqual(['oda', 'ila']);
  });
});

describe('what a meal came to', () => {
  const meal = (id: string, packId: string, more: Partial<FactsOf<'meal.served'>> = {}): Entry =>
    anEntry('meal.served', idOf(id), {
      name: id,
      cook: TOMAS,
      method: 'roasted',
      packs: [{ pack: idOf(packId), massG: 200 }],
      eaters: [ILSE, TOMAS],
      ...more,
    });
  const rated = (id: string, eater: string, mark: number): Entry => anEntry('meal.rated', idOf(id), { eater, mark });
  test('marks: the mean, and that of others of its kind', () => {
    const book = Book.EMPTY.withEntries([
      ...['a', 'b', 'c'].map((p) => pack(p)),
      ...['a', 'b', 'c'].map((p) => meal(`m${p}`, p)),
      rated('ma', ILSE, 3),
      rated('ma', TOMAS, 4),
      rated('mb', ILSE, 5),
      rated('mc', ILSE, 2),
    ]);
    const of = (id: string) => book.get('meal', idOf(id))!;
    expect(meanMark(of('ma'))).toBe(3.5);
    expect(likedBefore(book, of('ma'))).toEqual({ n: 2, mean: 3.5 });
    expect(likedBefore(Book.EMPTY.withEntries([pack('a'), meal('ma', 'a')]), of('ma'))).toBeNull();
  });
  test('cost: its share of what the trip cost, by weight, and the rest; nothing where nothing was noted', () => {
    const fish = (word: string, massG: number): Entry[] => [
      landed(word, '10:00'),
      anEntry('fish.weighed', idOf(word), { massG, how: 'scale' } as FactsOf<'fish.weighed'>, { at: at('10:05') }),
    ];
    const fuel = anEntry('trip.noted', TRIP, { topic: 'cost', text: 'fuel', cost: 40 } as FactsOf<'trip.noted'>);
    const all = [tripStarted(), ...fish('f', 1000), ...fish('g', 3000), fuel, pack('a', { fish: [idOf('f')] })];
    // A quarter of 40 by weight, half of the pack: 5, for two.
    const book = Book.EMPTY.withEntries([...all, meal('m', 'a', { cost: 3 })]);
    expect(mealCost({ book, species: byId }, book.get('meal', idOf('m'))!)).toEqual({ plate: 4, trips: 5, rest: 3 });
    const none = Book.EMPTY.withEntries([pack('a'), meal('m', 'a')]);
    expect(mealCost({ book: none, species: byId }, none.get('meal', idOf('m'))!)).toBeNull();
  });
});
