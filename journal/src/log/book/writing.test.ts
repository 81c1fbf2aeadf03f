import { describe, expect, test } from '@jest/globals';
import { anEntry, at, idOf, ILSE, landed, TRIP, tripStarted } from '../../builders.test-support.ts';
import {
  amendLine,
  Book,
  type Entry,
  linesOf,
  settleLine,
  standingLine,
  strikeLine,
  type Writing,
} from '../../index.ts';

const fish = idOf('a');
const asEntry = ({ kind, subject, facts, more = {} }: Writing): Entry => {
  const { atMs, ...rest } = more;
  return anEntry(kind, subject, facts as never, {
    at: atMs ? new Date(atMs).toISOString() : at('12:40'),
    written: at('12:40'),
    ...rest,
  });
};
const LANDED = { ...landed('a', '12:18'), about: true };
const BOOK = Book.EMPTY.withEntries([tripStarted(), LANDED]);

describe('correcting a line', () => {
  test('keeps its other facts, its time, and that the time was a guess', () => {
    const line = standingLine(BOOK.get('fish', fish)!, 'fish.landed')!;
    const w = amendLine<'fish.landed'>(line, { gear: 'rod' }, { because: 'asked by a rule' });
    expect(w).toMatchObject({
      facts: { ...LANDED.facts, gear: 'rod' },
      more: { about: true, amends: LANDED.id, because: 'asked by a rule' },
    });
    const b = BOOK.withEntries([asEntry(w)]);
    expect(b.get('fish', fish)).toMatchObject({ gear: 'rod', species: 'pollack', landed: { about: true } });
    expect(Date.parse(b.get('fish', fish)!.landed.at)).toBe(Date.parse(LANDED.at));
  });

  test('of what was corrected already amends the latest version, and undefined takes a fact away', () => {
    const b = BOOK.withEntries([
      asEntry(amendLine(standingLine(BOOK.get('fish', fish)!, 'fish.landed')!, { gear: 'rod' } as never)),
    ]);
    const again = amendLine<'fish.landed'>(standingLine(b.get('fish', fish)!, 'fish.landed')!, { gear: undefined });
    expect(again.more?.amends).not.toBe(LANDED.id);
    expect(again.facts).not.toHaveProperty('gear');
    expect(b.withEntries([asEntry(again)]).get('fish', fish)?.gear).toBeNull();
  });

  test('a time that is itself corrected is no guess any more', () => {
    const line = standingLine(BOOK.get('fish', fish)!, 'fish.landed')!;
    expect(amendLine(line, {}, { atMs: 5 }).more).toEqual({ atMs: 5, amends: LANDED.id });
  });
});

describe('the line that stands', () => {
  const one = anEntry('fish.iced', fish, { box: idOf('b'), how: 'slurry' }, { at: at('12:30') });
  const two = anEntry('fish.iced', fish, { box: idOf('c'), how: 'slurry' }, { at: at('12:31') });
  const iced = BOOK.withEntries([one, two]).get('fish', fish)!;

  test('is the last of its kind, or the last whose facts pass; none of a kind never written', () => {
    expect(standingLine(iced, 'fish.iced')?.first.id).toBe(two.id);
    expect(standingLine(iced, 'fish.iced', (f) => f.box === idOf('b'))?.first.id).toBe(one.id);
    expect(standingLine(iced, 'fish.bled')).toBeNull();
  });
  test('struck, it is the one before', () => {
    const b = BOOK.withEntries([one, two, asEntry(strikeLine(standingLine(iced, 'fish.iced')!, 'the other box'))]);
    expect(standingLine(b.get('fish', fish)!, 'fish.iced')?.first.id).toBe(one.id);
    expect(b.get('fish', fish)!.log.find((l) => l.struck)?.struck?.because).toBe('the other box');
  });
});

test('settled, the version that was taken counts as it was written, and no rival waits', () => {
  const first = landed('a', '12:18', { gear: 'rod' });
  const mine = { ...first, id: idOf('mine'), amends: first.id, device: 'phone', written: at('12:30') };
  const theirs: Entry = {
    ...first,
    id: idOf('theirs'),
    amends: first.id,
    device: 'tablet',
    written: at('12:40'),
    at: at('12:10'),
    facts: { trip: TRIP, angler: ILSE, count: 2 },
  };
  const [line] = linesOf([first, mine, theirs]);
  const w = settleLine(line!, mine);
  expect(w).toMatchObject({ facts: mine.facts, more: { amends: theirs.id, over: [mine.id] } });
  const settled: Entry = { ...first, ...w.more, id: idOf('settled'), facts: w.facts, written: at('12:50') } as Entry;
  const [after] = linesOf([settled, theirs, mine, first]);
  expect([after!.now.facts, after!.now.at, after!.conflict]).toEqual([first.facts, at('12:18'), []]);
});
