import { describe, expect, test } from '@jest/globals';
import { loadRulePacks, loadSpecies } from '@dagboek/packs';
import { epochMs } from '@dagboek/core/time';
import { anEntry, at, idOf, landed, TOMAS, tripStarted } from '../../builders.test-support.ts';
import { Book, type Entry, offalOf, schoolsAt } from '../../index.ts';

const RULES = loadRulePacks(loadSpecies()).find((p) => p.id === 'skerrow-isles')!;
const BOOK = idOf('the book');
const CUT = idOf('cut');
const base = [
  anEntry('book.opened', BOOK, { name: 'b', waters: 'skerrow-isles', from: 'boat' }, { at: at('06:00') }),
  tripStarted(),
  landed('a', '12:00'),
  anEntry('cut.started', CUT, { fish: [idOf('a')], route: 'gutted whole', by: TOMAS }, { at: at('13:00') }),
];
const house = (is: string): Entry => anEntry('book.way', BOOK, { of: 'guts', is }, { at: at('06:30') });
const into = (zone: string, time: string): Entry =>
  anEntry('trip.moved', idOf('trip'), { by: 'by hand', zone } as never, { at: at(time), id: idOf(`m${time}`) });
const book = (...more: Entry[]): Book => Book.EMPTY.withEntries([...base, ...more]);
const asked = (b: Book, time = '13:05') => offalOf({ book: b, rules: RULES, nowMs: epochMs(at(time)) }, [idOf('a')])!;
const schools = (b: Book, time = '13:05') => schoolsAt(b, b.get('cut', CUT)!, 'guts', asked(b, time))!;

describe('guts into the water', () => {
  test('at sea nothing forbids it: the house way is followed, and the other waters are named', () => {
    const b = book(house('the water'));
    expect(asked(b).here).toEqual([]);
    expect(asked(b).elsewhere.map((r) => r.id)).toEqual(['no-guts-inshore']);
    expect(schools(b)).toMatchObject({ now: { is: 'the water' }, against: false, forbidden: [] });
  });

  test('where the boat has gone since, and where the fish was caught, both count', () => {
    const later = book(house('the water'), into('harrow-estuary', '12:30'));
    expect(schools(later).forbidden).toHaveLength(1);
    const caughtThere = book(into('harrow-estuary', '11:00'), into('north-skerries', '12:30'));
    expect(asked(caughtThere).here.map((r) => r.id)).toEqual(['no-guts-inshore']);
    const home = anEntry('trip.ended', idOf('trip'), {}, { at: at('12:45') });
    // After the trip only the water of the fish is known.
    expect(asked(book(into('harrow-estuary', '12:30'), home)).here).toEqual([]);
  });

  test('forbidden, it is neither followed nor offered; one chosen for this cut before the boat moved is left too', () => {
    const chosen = anEntry('cut.way', CUT, { of: 'guts', is: 'the water' }, { at: at('13:01') });
    const s = schools(book(house('bait'), chosen, into('harrow-estuary', '13:02')));
    expect([s.now.is, s.others.map((o) => o.is), s.against]).toEqual(['the bin', ['bait'], true]);
    expect(s.forbidden[0]).toMatch(/No guts/);
  });

  test('without rules nothing is known; a fish of no trip has the rules that hold in every water', () => {
    expect(offalOf({ book: book(), rules: null, nowMs: 0 }, [idOf('a')])).toBeNull();
    expect(offalOf({ book: book(), rules: RULES, nowMs: epochMs(at('13:00')) }, [])!.here).toEqual([]);
    const b = book();
    expect(schoolsAt(b, b.get('cut', CUT)!, 'rinse', null)!.others).toHaveLength(2);
  });
});
