import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { anEntry, at, idOf, landed, wholeLine } from './builders.test-support.ts';
import type { Entry } from './entry.ts';
import { factsOf, linesOf } from './logged.ts';

const fish = idOf('a');
const length = (mm: number, more: Partial<Entry> = {}): Entry =>
  anEntry('fish.measured', fish, { lengthMm: mm, lengthKind: 'total', method: 'board' }, more);
const only = (lines: ReturnType<typeof linesOf>) => {
  expect(lines).toHaveLength(1);
  return lines[0]!;
};

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

  test('strikes in a circle do not hang', () => {
    const a = anEntry('log.struck', fish, {}, { id: idOf('s1'), strikes: idOf('s2') });
    const b = anEntry('log.struck', fish, {}, { id: idOf('s2'), strikes: idOf('s1') });
    expect(only(linesOf([first, a, b])).struck).toBeNull();
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
