import { describe, expect, test } from '@jest/globals';
import { anEntry, idOf, packStored } from '../../builders.test-support.ts';
import { aSpecies } from '../../../../core/src/test-species.test-support.ts';
import {
  Book,
  type Entry,
  ifCurrentWent,
  packsIn,
  rawClockOf,
  readingOddity,
  storeById,
  storeNow,
  storesOf,
} from '../../index.ts';
import { heldPack } from '../keeping/packs-held.ts';

const day = (iso: string): string => iso.slice(0, 10);
const on = (date: string, time = '18:00'): string => `${date}T${time}:00Z`;
const ms = (date: string, time = '18:00'): number => Date.parse(on(date, time));
const CHEST = idOf('chest');
const added = (more: object = {}, id = CHEST): Entry =>
  anEntry('store.added', id, { name: 'the chest', is: 'freezer', ...more } as never, { at: on('2026-06-01') });
const read = (date: string, c: number, time = '18:00'): Entry =>
  anEntry('store.read', CHEST, { c }, { at: on(date, time), id: idOf(`read ${date} ${time}`) });
const stored = (more: object = {}, date = '2026-06-01', word = 'pack'): Entry =>
  packStored(word, { wrapping: 'box', place: 'freezer', ...more }, on(date));
const moved = (date: string, place: 'fridge' | 'freezer', store?: string): Entry =>
  anEntry(
    'pack.moved',
    idOf('pack'),
    { place, ...(store ? { store } : {}) },
    { at: on(date), id: idOf(`move ${date}`) },
  );
const power = (date: string, is: 'off' | 'on'): Entry =>
  anEntry('store.power', CHEST, { is }, { at: on(date), id: idOf(`power ${date}`) });
const book = (...e: Entry[]): Book => Book.EMPTY.withEntries(e);
const byId = () => aSpecies({ id: 'pollack', name: 'Pollack', fat: 'lean' });
const held = (b: Book, date: string) =>
  heldPack({ book: b, species: byId, day, nowMs: ms(date) }, b.getAny('pack', idOf('pack'))!)!;

describe('stores of one’s own', () => {
  test('without any there is simply a fridge and a freezer; one that stands for it takes its packs over', () => {
    expect(storesOf(Book.EMPTY).map((s) => s.id)).toEqual(['fridge', 'freezer']);
    const b = book(stored(), added({ standsFor: 'freezer', setC: -22 }));
    expect(storesOf(b).map((s) => [s.id, s.name, s.setC])).toEqual([
      ['fridge', 'fridge', 7],
      [CHEST, 'the chest', -22],
    ]);
    expect(held(b, '2026-06-02').store.id).toBe(CHEST);
    expect(packsIn(b, CHEST)).toHaveLength(1);
    // Beside it, nothing moves.
    const beside = book(stored(), added());
    expect(storesOf(beside).map((s) => s.id)).toEqual(['fridge', 'freezer', CHEST]);
    expect(held(beside, '2026-06-02').store.id).toBe('freezer');
  });

  test('one that is no longer used is not offered, and still holds what lies in it; one not heard of yet counts as plain', () => {
    const gone = anEntry('store.retired', CHEST, {}, { at: on('2026-07-01') });
    const b = book(stored({ store: CHEST }), added({ standsFor: 'freezer' }), gone);
    expect(storesOf(b).map((s) => s.id)).toEqual(['fridge', 'freezer']);
    expect(held(b, '2026-07-02').store.name).toBe('the chest');
    expect(held(book(stored({ store: idOf('elsewhere') })), '2026-06-02').store.id).toBe('freezer');
    expect(storeById(b, idOf('elsewhere'))).toBeNull();
  });

  test('what it reads, and since when it is without current; an unlikely reading is asked about', () => {
    const b = book(added(), read('2026-06-10', -15), power('2026-06-12', 'off'));
    const chest = storeById(b, CHEST)!;
    expect(storeNow({ book: b, nowMs: ms('2026-06-11') }, chest)).toMatchObject({
      c: -15,
      read: { c: -15 },
      offSince: null,
    });
    expect(storeNow({ book: b, nowMs: ms('2026-06-13') }, chest).offSince).toBe(on('2026-06-12'));
    expect(storeNow({ book: b, nowMs: ms('2026-06-13') }, chest).c).toBeGreaterThan(-15);
    expect(readingOddity(chest, 18)).toMatch(/warm for a freezer/);
    expect(readingOddity(chest, -60)).toMatch(/cold/);
    expect(readingOddity(chest, -18)).toBeNull();
  });
});

describe('how long a pack keeps where it truly lies', () => {
  test('a freezer that reads −15 brings the day forward; mended and read, less so', () => {
    const plain = held(book(stored({ store: CHEST }), added()), '2026-07-01').keeps.eatBy;
    const warm = book(stored({ store: CHEST }), added(), read('2026-06-02', -15));
    expect(held(warm, '2026-07-01').keeps.eatBy < plain).toBe(true);
    expect(held(warm, '2026-07-01').rates.now.careful).toBeCloseTo(2.8 ** 0.3, 6);
    const mended = warm.withEntries([read('2026-06-20', -18)]);
    const [a, b] = [held(mended, '2026-07-01').keeps.eatBy, held(warm, '2026-07-01').keeps.eatBy];
    expect(a > b && a < plain).toBe(true);
  });

  test('moved from freezer to freezer its time goes on; thawed in the fridge it begins that day', () => {
    const b = book(stored(), added(), moved('2026-07-15', 'freezer', CHEST));
    expect(held(b, '2026-08-01')).toMatchObject({ since: '2026-06-01', thawed: false, place: 'freezer' });
    expect(held(b, '2026-08-01').keeps).toEqual(held(book(stored()), '2026-08-01').keeps);
    const thawed = held(book(stored(), moved('2026-08-01', 'fridge')), '2026-08-01');
    expect(thawed).toMatchObject({ since: '2026-08-01', thawed: true, refrozen: false });
    expect(thawed.keeps.eatBy).toBe('2026-08-02');
    expect(
      held(book(stored(), moved('2026-08-01', 'fridge'), moved('2026-08-02', 'freezer')), '2026-08-03'),
    ).toMatchObject({
      thawed: false,
      refrozen: true,
    });
  });

  test('a freezer that failed thaws what is in it: from that hour it keeps as thawed fish', () => {
    const b = book(stored({ store: CHEST }), added({ litres: 100 }), power('2026-07-01', 'off'));
    expect(held(b, '2026-07-01')).toMatchObject({ place: 'freezer', thawed: false });
    const later = held(b, '2026-07-05');
    expect(later).toMatchObject({ place: 'fridge', thawed: true });
    expect(later.thawedInStore!.atMs > ms('2026-07-01') && later.thawedInStore!.atMs < ms('2026-07-03')).toBe(true);
    expect(later.keeps.authority < '2026-07-05').toBe(true);
  });
});

test('a shed that nobody read shortens the authority’s days, which are for a fridge; a fridge that nobody read does not', () => {
  const shed = anEntry('store.added', idOf('shed'), { name: 'shed', is: 'shed' }, { at: '2026-06-01T07:00:00Z' });
  const keeps = (more: object) => held(book(stored({ place: 'fridge', ...more }), shed), '2026-06-01').keeps.authority;
  expect(keeps({})).toBe('2026-06-03');
  expect(keeps({ store: idOf('shed') })).toBe('2026-06-02');
});

describe('the clock of freezing of a pack', () => {
  const clock = (b: Book, date: string) =>
    rawClockOf({ book: b, species: byId, nowMs: ms(date) }, b.getAny('pack', idOf('pack'))!);
  const daily = (c: number, days: number): Entry[] =>
    Array.from({ length: days }, (_, i) => read(`2026-06-${String(i + 1).padStart(2, '0')}`, c));

  test('it waits for the core, needs readings, and what was met stays met when it thaws', () => {
    const cold = book(stored({ store: CHEST }), added({ setC: -24 }), ...daily(-24, 12));
    const [eu, , us] = clock(cold, '2026-06-04').lines;
    expect(eu!.met).toBe(true);
    // A pack of 50 mm takes some seventeen hours in a chest at -24 until its middle is at -20.
    expect(us!.hours).toBeGreaterThan(72 - 20);
    expect(us!.hours).toBeLessThan(72 - 15);
    expect(clock(cold, '2026-06-10').lines[2]!.met).toBe(true);
    expect(clock(book(stored({ store: CHEST }), added({ setC: -24 })), '2026-06-10').why).toBe('never read');
    expect(clock(book(stored({ store: CHEST }), added(), ...daily(-18, 12)), '2026-06-10').why).toBe('too warm');
    // Worms that died stay dead: what was met stays met, also when it is frozen again.
    const out = cold.withEntries([moved('2026-06-11', 'fridge')]);
    expect(clock(out, '2026-06-12')).toMatchObject({ why: null });
    expect(clock(out, '2026-06-12').lines[2]!.met).toBe(true);
    expect(clock(out.withEntries([moved('2026-06-13', 'freezer')]), '2026-06-14').lines[2]!.met).toBe(true);
    // Taken out on the third day, the week of the US was not over, and begins anew.
    const early = cold.withEntries([moved('2026-06-04', 'fridge')]);
    expect(clock(early, '2026-06-05').lines.map((l) => l.met)).toEqual([true, false, false, false]);
    const soon = cold.withEntries([moved('2026-06-01', 'fridge')]);
    expect(clock(soon, '2026-06-05').why).toBe('void');
    expect(clock(book(stored({ place: 'fridge' })), '2026-06-02').why).toBe('not frozen');
    // What was read of the chest says nothing of the freezer that it lay in before.
    const elsewhere = book(stored(), added({ setC: -24 }), ...daily(-24, 12), moved('2026-06-09', 'freezer', CHEST));
    expect(clock(elsewhere, '2026-06-12').lines[0]!.hours).toBeLessThanOrEqual(72);
    expect(clock(elsewhere, '2026-06-12').lines[2]!.met).toBe(false);
  });
});

test('a drill writes nothing: with more in it a freezer holds longer, and with the current back nothing of an old cut counts', () => {
  const full = Array.from({ length: 12 }, (_, i) => stored({ massG: 3000, store: CHEST }, '2026-06-01', `p${i}`));
  const b = book(added({ litres: 100, setC: -20 }), ...full.slice(0, 2), read('2026-06-02', -20));
  const more = book(added({ litres: 100, setC: -20 }), ...full, read('2026-06-02', -20));
  const of = (x: Book, hours: number) =>
    ifCurrentWent({ book: x, nowMs: ms('2026-06-03') }, storeById(x, CHEST)!, hours);
  expect(of(b, 1).nowC).toBeCloseTo(-20, 1);
  expect(of(b, 24).thenC).toBeGreaterThan(of(b, 6).thenC);
  expect(of(more, 24).thawsAfterH!).toBeGreaterThan(of(b, 24).thawsAfterH! + 5);
  expect(of(more, 24)).toMatchObject({ packs: 12, hours: 24, place: 'freezer' });
  expect(storeNow({ book: b, nowMs: ms('2026-06-03') }, storeById(b, CHEST)!).offSince).toBeNull();
});
