import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { anEntry, at, idOf, landed, wholeLine } from '../../builders.test-support.ts';
import type { Entry } from '../entry/entry.ts';
import { factsOf } from '../kinds/facts-of.ts';
import { linesOf } from './logged.ts';

const fish = idOf('a');
const length = (mm: number, more: Partial<Entry> = {}): Entry =>
  anEntry('fish.measured', fish, { lengthMm: mm, lengthKind: 'total', method: 'board' }, more);
const only = (lines: ReturnType<typeof linesOf>) => {
  expect(lines).toHaveLength(1);
  return lines[0]!;
};

const numbered = (n: number): string => `01920000-0000-7000-8000-${n.toString(16).padStart(12, '0')}`;

describe('corrections', () => {
  const first = length(460, { at: at('12:18') });
  const better = length(440, { at: at('12:18'), written: at('12:24'), amends: first.id, because: 'nose off the stop' });

  test('the later version counts, the earlier stays', () => {
    const l = only(linesOf([first, better]));
    expect(factsOf(l, 'fish.measured')?.lengthMm).toBe(440);
    expect(l.was).toEqual([first]);
    expect(l.first).toBe(first);
  });

  test('a correction of a correction counts over both', () => {
    const third = length(441, { written: at('13:00'), amends: better.id });
    const l = only(linesOf([third, first, better]));
    expect(factsOf(l, 'fish.measured')?.lengthMm).toBe(441);
    expect(l.was).toEqual([first, better]);
    expect(l.conflict).toEqual([]);
  });

  test('a correction can move the time, and the line moves with it', () => {
    const other = landed('a', '12:30');
    const moved = length(440, { at: at('12:40'), written: at('12:50'), amends: first.id });
    expect(linesOf([first, moved, other]).map((l) => l.now.kind)).toEqual(['fish.landed', 'fish.measured']);
  });

  test('two devices that did not see each other: the later counts, and both are shown', () => {
    const mine = length(440, { device: 'phone', written: at('12:24'), amends: first.id });
    const theirs = length(445, { device: 'tablet', written: at('12:25'), amends: first.id });
    const l = only(linesOf([first, mine, theirs]));
    expect(factsOf(l, 'fish.measured')?.lengthMm).toBe(445);
    expect(l.conflict).toEqual([mine]);
    expect(only(linesOf([theirs, mine, first]))).toEqual(l);
  });

  test('a correction by a slow clock counts over what it corrects', () => {
    const slow = length(404, { device: 'tablet', written: at('11:10'), amends: better.id });
    const l = only(linesOf([first, better, slow]));
    expect(factsOf(l, 'fish.measured')?.lengthMm).toBe(404);
    expect(l.was).toEqual([first, better]);
    expect(l.conflict).toEqual([]);
  });

  test('a version that is written a year ahead is corrected like any other', () => {
    const ahead = length(445, { device: 'tablet', written: '2027-09-12T12:25:00+01:00', amends: first.id });
    const rival = length(440, { device: 'phone', written: at('12:30'), amends: first.id });
    const l = only(linesOf([first, rival, ahead]));
    expect(l.now).toBe(ahead);
    expect(l.conflict).toEqual([rival]);
    const mended = length(441, { device: 'phone', written: at('12:40'), amends: ahead.id });
    expect(only(linesOf([mended, rival, ahead, first])).now).toBe(mended);
  });

  test('of two chains made apart the one written last counts, however long the other is', () => {
    const mine = length(440, { device: 'phone', written: at('12:24'), amends: first.id });
    const again = length(441, { device: 'phone', written: at('12:26'), amends: mine.id });
    const theirs = length(445, { device: 'tablet', written: at('12:25'), amends: first.id });
    const l = only(linesOf([theirs, again, mine, first]));
    expect(l.now).toBe(again);
    expect(l.was).toEqual([first, mine, theirs]);
    expect(l.conflict).toEqual([theirs]);
    const slow = length(442, { device: 'tablet', written: at('12:00'), amends: again.id });
    expect(only(linesOf([theirs, again, mine, first, slow])).now).toBe(slow);
  });

  test('rivals that a person put aside wait no more; one written after that does', () => {
    const mine = length(440, { device: 'phone', written: at('12:24'), amends: first.id });
    const theirs = length(445, { device: 'tablet', written: at('12:25'), amends: first.id });
    const settled = length(440, { device: 'phone', written: at('12:30'), amends: theirs.id, over: [mine.id] });
    const l = only(linesOf([settled, theirs, mine, first]));
    expect([l.now, l.conflict]).toEqual([settled, []]);
    const late = length(446, { device: 'tablet', written: at('12:26'), amends: theirs.id });
    expect(only(linesOf([settled, theirs, mine, first, late])).conflict).toEqual([late]);
    // Two that put each other aside: one of them counts all the same.
    const odd = length(447, { device: 'tablet', written: at('12:31'), amends: first.id, over: [settled.id] });
    const both = { ...settled, over: [odd.id] };
    expect(only(linesOf([first, theirs, both, odd])).now.id).toBe(odd.id);
  });

  test('one device correcting its own line twice is no conflict', () => {
    const one = length(440, { written: at('12:24'), amends: first.id });
    const two = length(445, { written: at('12:25'), amends: first.id });
    expect(only(linesOf([first, one, two])).conflict).toEqual([]);
  });

  test('a chain of thousands of corrections is gone through once', () => {
    const chain = Array.from({ length: 20_000 }, (_, i) => length(i + 1, { id: numbered(i), at: at('12:18') }));
    const all = chain.map((e, i): Entry => (i === 0 ? e : { ...e, amends: numbered(i - 1) }));
    expect(only(linesOf(all.reverse())).now.facts['lengthMm']).toBe(20_000);
  });

  test('a correction whose target has not arrived waits', () => {
    expect(linesOf([better])).toEqual([]);
    expect(only(linesOf([better, first])).now).toBe(better);
  });

  test('a correction of another kind is ignored', () => {
    const odd = anEntry('fish.noted', fish, { text: 'x' }, { amends: first.id });
    expect(only(linesOf([first, odd])).now).toBe(first);
  });

  test('corrections in a circle do not hang and count for nothing', () => {
    const a = length(1, { id: idOf('c1'), amends: idOf('c2') });
    const b = length(2, { id: idOf('c2'), amends: idOf('c1') });
    expect(linesOf([a, b])).toEqual([]);
  });
});

describe('striking', () => {
  const first = length(460);
  const strike = anEntry('log.struck', fish, {}, { strikes: first.id, because: 'wrong fish' });

  test('a struck line stays, and says so', () => {
    expect(only(linesOf([first, strike])).struck).toBe(strike);
  });

  test('striking the strike lets the line stand again, and so on', () => {
    const stet = anEntry('log.struck', fish, {}, { strikes: strike.id });
    const again = anEntry('log.struck', fish, {}, { strikes: stet.id });
    expect(only(linesOf([first, strike, stet])).struck).toBeNull();
    expect(only(linesOf([first, strike, stet, again])).struck).toBe(strike);
  });

  test('striking any version strikes the line', () => {
    const better = length(440, { amends: first.id });
    const s = anEntry('log.struck', fish, {}, { strikes: better.id });
    expect(only(linesOf([first, better, s])).struck).toBe(s);
  });

  test.each([
    [3000, true],
    [3001, false],
    [20_000, true],
  ])('%i strikes of strikes: the line is struck when the first of them stands', (n, stands) => {
    const chain = Array.from({ length: n }, (_, i) =>
      anEntry('log.struck', fish, {}, { id: numbered(i), strikes: i === 0 ? first.id : numbered(i - 1) }),
    );
    expect(only(linesOf([...chain.reverse(), first])).struck === null).toBe(stands);
  });

  test('strikes in a circle do not hang', () => {
    const a = anEntry('log.struck', fish, {}, { id: idOf('s1'), strikes: idOf('s2') });
    const b = anEntry('log.struck', fish, {}, { id: idOf('s2'), strikes: idOf('s1') });
    expect(only(linesOf([first, a, b])).struck).toBeNull();
  });
});

describe('a line that cannot be read', () => {
  const odd = length(460, { at: '2026-02-31T12:00:00Z', written: at('12:20') });

  test('is set apart with a sentence, has times that can be read, and says nothing', () => {
    const l = only(linesOf([odd]));
    expect(l.apart?.why).toBe('Its time, "2026-02-31T12:00:00Z", is not a time of the calendar.');
    expect(l.now).toMatchObject({ at: at('12:20'), about: true });
    expect(l.apart?.entry).toBe(odd);
    expect(factsOf(l, 'fish.measured')).toBeNull();
  });
  test('without any time stands when its id was made', () => {
    const l = only(linesOf([{ ...odd, id: '01910000-0000-7000-8000-000000000001', written: 'soon' }]));
    expect(Date.parse(l.now.at)).toBe(0x019100000000);
    expect(only(linesOf([{ ...odd, id: 'ffffffff-ffff-7000-8000-000000000001', written: '' }])).now.at).toMatch(
      /^1970/,
    );
    expect(only(linesOf([{ ...odd, id: idOf('x').replace('-7', '-4'), written: 'x' }])).now.at).toMatch(/^1970/);
  });
  test('without facts is set apart too', () => {
    const l = only(linesOf([{ ...odd, at: at('12:18'), facts: null as never }]));
    expect(l.apart?.why).toMatch(/Nothing in it/);
    expect(l.now.facts).toEqual({});
  });
  test('is mended by a correction, or struck', () => {
    const mended = length(455, { at: at('12:18'), written: at('12:30'), amends: odd.id });
    expect(only(linesOf([mended, odd]))).toMatchObject({ now: mended, apart: null });
    const strike = anEntry('log.struck', fish, {}, { strikes: odd.id });
    expect(only(linesOf([strike, odd])).struck).toBe(strike);
  });
});

test('lines stand in the order in which things happened, whatever the order of arrival', () => {
  const all = wholeLine().filter((e) => e.subject === fish);
  const right = linesOf(all);
  fc.assert(
    fc.property(
      fc.shuffledSubarray(all, { minLength: all.length }),
      (mixed) => void expect(linesOf([...mixed, ...mixed])).toEqual(right),
    ),
  );
  const times = right.map((l) => Date.parse(l.now.at));
  expect(times).toEqual([...times].sort((a, b) => a - b));
});
