import { describe, expect, test } from '@jest/globals';
import { expectedWeight, lengthAtWeight } from '@dagboek/core/measure';
import { loadSpecies } from '@dagboek/packs';
import { anEntry, at, idOf, landed, TOMAS, tripStarted } from '../../builders.test-support.ts';
import {
  alsoOnTheBoard,
  Book,
  type Entry,
  lengthOnBoard,
  lineOfStep,
  longestOf,
  onTheBoard,
  progressOf,
  stepsToward,
  waysOf,
} from '../../index.ts';

const SPECIES = loadSpecies();
const species = (id: string) => SPECIES.find((s) => s.id === id)!;
const CUT = idOf('cut');
const BOOK = idOf('the book');
const begun = (
  route: 'fillet from the tail' | 'tail on the bone' | 'gutted whole',
  fish = 'a',
  cut = CUT,
  time = '18:00',
): Entry => anEntry('cut.started', cut, { fish: [idOf(fish)], route, by: TOMAS }, { at: at(time) });
const stepped = (step: string, time = '18:05'): Entry => anEntry('cut.stepped', CUT, { step }, { at: at(time) });
const opened = anEntry('book.opened', BOOK, { name: 'b', waters: 'none', from: 'boat' }, { at: at('06:00') });
const book = (...more: Entry[]): Book => Book.EMPTY.withEntries([opened, tripStarted(), landed('a', '12:00'), ...more]);
const progress = (b: Book, id = 'pollack') => progressOf(b, b.get('cut', CUT)!, species(id));
const ids = (list: readonly { id: string }[]): string[] => list.map((s) => s.id);

describe('a cut, step by step', () => {
  test('hands first; what is noted or weighed is done, and the knife stands after it', () => {
    const fresh = progress(book(begun('fillet from the tail')));
    expect([fresh.next?.id, fresh.done.size]).toEqual(['hands ready', 0]);
    const on = progress(
      book(
        begun('fillet from the tail'),
        stepped('hands ready'),
        anEntry('cut.weighed', CUT, { stage: 'round', massG: 800 }, { at: at('18:06') }),
      ),
    );
    expect(on.next?.id).toBe('belly open');
    // The wipe was passed over: neither done nor asked for again.
    expect([...on.done]).toEqual(['hands ready', 'weigh whole']);
    expect(ids(stepsToward(on, 'gutted').steps).slice(0, 2)).toEqual(['belly open', 'guts out']);
  });

  test('a step that is struck is not done; one of a newer version stands in the log and changes nothing', () => {
    const step = stepped('hands ready');
    const struck = anEntry('log.struck', CUT, {}, { strikes: step.id, at: at('18:07') });
    expect(progress(book(begun('fillet from the tail'), step, struck)).next?.id).toBe('hands ready');
    const newer = book(begun('fillet from the tail'), stepped('folded into a swan'));
    expect(progress(newer).next?.id).toBe('hands ready');
    expect(newer.get('cut', CUT)!.steps).toHaveLength(1);
  });

  test('the house way holds for every cut, and one cut may differ from it', () => {
    const house = anEntry('book.way', BOOK, { of: 'rinse', is: 'sea water' }, { at: at('07:00') });
    const own = anEntry('cut.way', CUT, { of: 'rinse', is: 'fresh water' }, { at: at('18:02') });
    const b = book(house, begun('fillet from the tail'));
    expect(ids(progress(b).steps)).toContain('rinsed in sea water');
    const differs = b.withEntries([own]);
    expect(ids(progress(differs).steps)).toContain('rinsed in fresh water');
    expect(waysOf(differs)).toEqual({ rinse: 'sea water' });
  });

  test('spines that sting come off before it is wiped or weighed', () => {
    const b = book(landed('w', '12:10', { species: 'greater-weever' }), begun('tail on the bone', 'w'));
    expect(ids(progress(b, 'greater-weever').steps).slice(0, 3)).toEqual(['hands ready', 'spines off', 'wiped']);
  });

  test('what an earlier cut gutted is not gutted again', () => {
    const first = idOf('first cut');
    const b = book(
      begun('gutted whole', 'a', first, '15:00'),
      anEntry('cut.weighed', first, { stage: 'gutted', massG: 700 }, { at: at('15:10') }),
      begun('fillet from the tail'),
    );
    expect(ids(progress(b).steps)).not.toContain('belly open');
    expect(ids(progressOf(b, b.get('cut', first)!, species('pollack')).steps)).toContain('belly open');
  });
});

test('what lies on the board: how many, and what was known of all of them', () => {
  const lot = [
    landed('l', '12:30', { species: 'mackerel', count: 8 }),
    anEntry('fish.weighed', idOf('l'), { massG: 2440, how: 'scale' }, { at: at('12:31') }),
    anEntry('fish.measured', idOf('a'), { lengthMm: 440, lengthKind: 'total', method: 'board' }, { at: at('12:01') }),
  ];
  const b = book(...lot);
  expect(onTheBoard(b, [idOf('l')], species('mackerel'))).toMatchObject({ count: 8, knownG: 2440, weighed: true });
  const one = onTheBoard(b, [idOf('a')], species('pollack'));
  expect(one.weighed).toBe(false);
  expect(one.knownG).toBeGreaterThan(600);
  expect(onTheBoard(book(), [idOf('a')], species('pollack')).knownG).toBeNull();
  expect(onTheBoard(b, [], null).knownG).toBeNull();
  expect(longestOf(one.fish)).toBe(440);
  expect(longestOf([])).toBeNull();
});

test('other kinds on the same board: begun within six hours and not packed, each once, not one’s own', () => {
  const other = (word: string, species: string, time: string): Entry[] => [
    landed(word, '12:00', { species }),
    anEntry(
      'cut.started',
      idOf(`cut ${word}`),
      { fish: [idOf(word)], route: 'gutted whole', by: TOMAS },
      { at: at(time) },
    ),
  ];
  const b = book(
    begun('fillet from the tail'),
    ...other('w', 'greater-weever', '17:50'),
    ...other('v', 'greater-weever', '17:55'),
    ...other('p', 'pollack', '17:56'),
    ...other('old', 'conger', '10:00'),
  );
  const cut = b.get('cut', CUT)!;
  expect(alsoOnTheBoard({ book: b, nowMs: Date.parse(at('18:10')) }, cut)).toEqual(['greater-weever']);
  expect(alsoOnTheBoard({ book: b, nowMs: Date.parse(at('23:57')) }, cut)).toEqual([]);
});

test('the line that noted a step, or its weighing, can be found to be struck', () => {
  const weighed = anEntry('cut.weighed', CUT, { stage: 'round', massG: 800 }, { at: at('18:06') });
  const b = book(begun('fillet from the tail'), stepped('wiped'), weighed);
  const cut = b.get('cut', CUT)!;
  const of = (id: string) =>
    lineOfStep(
      cut,
      progress(b).steps.find((s) => s.id === id)!,
    );
  expect(of('wiped')?.now.kind).toBe('cut.stepped');
  expect(of('weigh whole')?.now.id).toBe(weighed.id);
  expect(of('hands ready')).toBeNull();
});

test('a fish that was weighed and not measured is as long as one of its weight; a measured length goes before', () => {
  const s = species('seabass');
  const long = lengthOnBoard([], s, 3200)!;
  expect(expectedWeight(s, long).massG).toBeCloseTo(3200, 6);
  const measured = book(
    anEntry('fish.measured', idOf('a'), { lengthMm: 612, lengthKind: 'total', method: 'board' }, { at: at('12:05') }),
  );
  expect(lengthOnBoard([measured.get('fish', idOf('a'))!], s, 3200)).toBe(612);
  expect(lengthOnBoard([], s, null)).toBeNull();
  expect(() => lengthAtWeight(s, 0)).toThrow(RangeError);
});
