import { describe, expect, test } from '@jest/globals';
import { loadSpecies } from '@dagboek/packs';
import { anEntry, at, BOX, idOf, landed, TOMAS, tripStarted } from '../../builders.test-support.ts';
import { Book, cannotBeChosen, type Entry, lotAlone, ontoTheBoard, speciesOnBoard, whichRoutes } from '../../index.ts';

const SPECIES = loadSpecies();
const byId = (id: string | null | undefined) => SPECIES.find((s) => s.id === id) ?? null;
const NOW = Date.parse(at('13:00'));
const book = (...more: Entry[]): Book =>
  Book.EMPTY.withEntries([
    tripStarted(),
    landed('a', '12:00'),
    landed('lot', '12:10', { species: 'mackerel', count: 8 }),
    anEntry('fish.weighed', idOf('lot'), { massG: 2440, how: 'scale' }, { at: at('12:11') }),
    anEntry('fish.dispatched', idOf('lot'), { how: 'blow to the head', signsSeen: true }, { at: at('12:12') }),
    anEntry('fish.iced', idOf('lot'), { box: BOX, how: 'slurry' }, { at: at('12:20') }),
    ...more,
  ]);
const choose = (fish: string[], part: number | null = null, purpose: 'pan' | 'whole' = 'pan') => ({
  fish: fish.map(idOf),
  part,
  purpose,
});
const begin = (b: Book, fish: string[], part: number | null = null) =>
  ontoTheBoard(
    { book: b, species: byId, nowMs: NOW },
    choose(fish, part),
    { route: 'butterfly', by: TOMAS, cutId: idOf('cut'), partId: idOf('part') },
    () => 'It',
  );

describe('which routes', () => {
  test('what they give follows how many of a lot are taken; a part that cannot be counts as all', () => {
    const grams = (part: number | null) =>
      whichRoutes({ book: book(), species: byId, nowMs: NOW }, choose(['lot'], part), null)[0]!.offBoardG;
    expect(grams(2)).toBeCloseTo(grams(null) / 4, 6);
    for (const part of [0, 9, 1.5, Number.NaN]) expect(grams(part)).toBeCloseTo(grams(null), 9);
  });
  test('none without a fish or a name', () => {
    expect(whichRoutes({ book: book(), species: byId, nowMs: NOW }, choose([]), null)).toEqual([]);
    expect(whichRoutes({ book: book(), species: () => null, nowMs: NOW }, choose(['a']), null)).toEqual([]);
  });
  test('one never weighed or measured is taken for a middling one', () => {
    expect(whichRoutes({ book: book(), species: byId, nowMs: NOW }, choose(['a']), null)[0]!.offBoardG).toBeGreaterThan(
      100,
    );
  });
});

describe('onto the board', () => {
  test('all of a lot is one line with what it should yield; part of it is taken out first', () => {
    const all = begin(book(), ['lot']);
    expect(all.ok && all.writings.map((w) => w.kind)).toEqual(['cut.started']);
    const some = begin(book(), ['lot'], 3);
    expect(some.ok && some.writings.map((w) => w.kind)).toEqual([
      'fish.landed',
      'fish.landed',
      'fish.weighed',
      'fish.weighed',
      'fish.dispatched',
      'fish.iced',
      'cut.started',
    ]);
    expect(some.ok && some.writings.at(-1)!.facts).toMatchObject({ fish: [idOf('part')], by: TOMAS, purpose: 'pan' });
  });
  test.each([0, 9, 2.5, Number.NaN])('%d of 8 is refused with a sentence', (part) =>
    expect(begin(book(), ['lot'], part)).toMatchObject({
      ok: false,
      why: expect.stringContaining('from 1 to 8'),
      spoilt: null,
    }),
  );
  test('what was let go is refused; a single fish has no part', () => {
    const gone = anEntry('fish.released', idOf('a'), { reason: 'too short' }, { at: at('12:30') });
    expect(begin(book(gone), ['a'])).toMatchObject({ ok: false, spoilt: null });
    expect(lotAlone(book(), [idOf('a')])).toBeNull();
    expect(lotAlone(book(), [idOf('lot'), idOf('a')])).toBeNull();
    expect(lotAlone(book(), [idOf('lot')])?.count).toBe(8);
  });
});

test('one kind at a time; no name, or never eaten, is not chosen', () => {
  const b = book(
    landed('n', '12:40', { species: undefined as never }),
    landed('p', '12:41', { species: 'silver-cheeked-puffer' }),
  );
  const says = (word: string, chosen: string[] = []) =>
    cannotBeChosen({ book: b, species: byId }, b.get('fish', idOf(word))!, chosen.map(idOf), (id) => id);
  expect(says('a')).toBeNull();
  expect(says('lot', ['a'])).toBe(
    'Choose one species at a time: a yield of pollack and mackerel together would say nothing about either.',
  );
  expect(says('n')).toMatch(/not known yet/);
  expect(says('p')).toMatch(/is not for eating and is never cut here/);
});

test('while its name is not settled, what hurts of every kind it may be is due', () => {
  const named = anEntry(
    'fish.named',
    idOf('a'),
    { species: 'dragonet', orElse: ['greater-weever'] },
    { at: at('12:05') },
  );
  expect(speciesOnBoard(book(named), [idOf('a')], byId)!.hazards.some((h) => h.kind === 'venomous')).toBe(true);
  expect(byId('dragonet')!.hazards.some((h) => h.kind === 'venomous')).toBe(false);
  expect(speciesOnBoard(book(), [idOf('a')], byId)).toBe(byId('pollack'));
  expect(speciesOnBoard(book(), [], byId)).toBeNull();
});
