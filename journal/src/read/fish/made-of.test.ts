import { describe, expect, test } from '@jest/globals';
import { POLLACK } from '../../../../core/src/test-species.test-support.ts';
import { anEntry, at, BOX, idOf, landed, tripStarted } from '../../builders.test-support.ts';
import { Book, custodyOf, type Entry, freshnessOf, handlingCost, stiffnessOf, usedParts } from '../../index.ts';

const HOUR = 3_600_000;
const ms = (time: string): number => Date.parse(at(time));
const byId = () => POLLACK;
const box = anEntry('box.added', BOX, { name: 'the box', litres: 50 }, { at: at('05:00') });
const start = [box, tripStarted('06:40', { box: BOX, iceKg: 12, waterC: 14 }), landed('a', '12:00')];
const weighed = anEntry('fish.weighed', idOf('a'), { massG: 1000, how: 'scale' }, { at: at('12:01') });
const kill = (time: string, more: object = {}) =>
  anEntry('fish.dispatched', idOf('a'), { how: 'blow to the head', ...more }, { at: at(time) });
const bleed = (time: string, cut: 'both gills' | 'none' = 'both gills') =>
  anEntry('fish.bled', idOf('a'), { cut, medium: 'hung' }, { at: at(time) });
const ice = (time: string) => anEntry('fish.iced', idOf('a'), { box: BOX, how: 'layered ice' }, { at: at(time) });
const ask = (...list: Entry[]) => {
  const book = Book.EMPTY.withEntries([...start, weighed, ...list]);
  return { book, line: custodyOf(book, idOf('a'))! };
};

describe('what freshness is made of', () => {
  const { book, line } = ask(kill('12:01'), bleed('12:02'), ice('13:00'));
  test('its parts add up to the whole, in the order of time', () => {
    const parts = usedParts({ book, species: byId, nowMs: ms('20:00') }, line);
    expect(parts.map((p) => p.keeping)).toEqual(['air', 'box']);
    const fresh = freshnessOf({ book, species: byId, nowMs: ms('20:00') }, line)!;
    expect(parts.reduce((s, p) => s + p.iceDays, 0)).toBeCloseTo(fresh.iceDaysUsed, 9);
    expect(parts.reduce((s, p) => s + p.hours, 0)).toBeCloseTo((ms('20:00') - ms('12:01')) / HOUR, 9);
    // An hour in the air costs more than an hour on ice.
    expect(parts[0]!.iceDays / parts[0]!.hours).toBeGreaterThan((3 * parts[1]!.iceDays) / parts[1]!.hours);
    expect(parts[1]!.endC).toBeLessThan(0.5);
  });
  test('a fish that lives has none', () => {
    const alive = Book.EMPTY.withEntries(start);
    expect(usedParts({ book: alive, species: byId, nowMs: ms('13:00') }, custodyOf(alive, idOf('a'))!)).toEqual([]);
  });
});

describe('what its handling cost', () => {
  const cost = (...list: Entry[]): number => {
    const { book, line } = ask(...list);
    return handlingCost({ book, species: byId, nowMs: ms('18:00') }, line)!.days;
  };
  test('nothing when it was done at once; the longer it waited the more; not bled more still', () => {
    const once = cost(kill('12:01'), bleed('12:02'), ice('12:10'));
    expect(once).toBeLessThan(0.03);
    const hour = cost(kill('12:01'), bleed('12:02'), ice('13:10'));
    const three = cost(kill('12:01'), bleed('12:02'), ice('15:10'));
    expect(hour).toBeGreaterThan(0.04);
    expect(three).toBeGreaterThan(2 * hour);
    // A fifth of ten days.
    expect(cost(kill('12:01'), bleed('12:02', 'none'), ice('12:10'))).toBeCloseTo(2, 1);
    expect(cost(kill('12:01', { gutPierced: true }), bleed('12:02'), ice('12:10'))).toBeCloseTo(4, 1);
  });
  test('no answer before it lies on ice', () => {
    const { book, line } = ask(kill('12:01'), bleed('12:02'));
    expect(handlingCost({ book, species: byId, nowMs: ms('13:00') }, line)).toBeNull();
  });
});

test('when it is stiff follows how warm it lay and how it was killed; one that lives or went back is not asked', () => {
  const sets = (...list: Entry[]): number => {
    const { book, line } = ask(...list);
    return stiffnessOf({ book, species: byId, nowMs: ms('18:00') }, line)!.sets.middle;
  };
  const soon = sets(kill('12:01'), bleed('12:02'), ice('12:10'));
  expect(sets(kill('12:01'), bleed('12:02'))).toBeLessThan(soon);
  expect(sets(kill('12:01', { wired: true }), bleed('12:02'), ice('12:10'))).toBeGreaterThan(soon + HOUR);
  const alive = Book.EMPTY.withEntries(start);
  expect(stiffnessOf({ book: alive, species: byId, nowMs: ms('18:00') }, custodyOf(alive, idOf('a'))!)).toBeNull();
});
