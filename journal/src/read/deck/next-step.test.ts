import { describe, expect, test } from '@jest/globals';
import type { Verdict } from '@dagboek/core/rules';
import { anEntry, at, BOX, idOf, ILSE, landed, TRIP, tripStarted } from '../../builders.test-support.ts';
import {
  bleedingOf,
  Book,
  deckStep,
  type Entry,
  fishInHand,
  lastMeasured,
  nextStep,
  releaseReason,
} from '../../index.ts';

const fish = (...more: Entry[]) =>
  Book.EMPTY.withEntries([tripStarted(), landed('a', '12:00'), ...more]).get('fish', idOf('a'))!;
const NAMELESS = Book.EMPTY.withEntries([
  anEntry('fish.landed', idOf('n'), { trip: TRIP, angler: ILSE, count: 1 }, { at: at('12:00') }),
]).get('fish', idOf('n'))!;
const says = (outcome: Verdict['outcome'], more: object = {}): Verdict =>
  ({ outcome, findings: [], ...more }) as unknown as Verdict;
const killed = anEntry('fish.dispatched', idOf('a'), { how: 'brain spike' }, { at: at('12:01') });
const bled = anEntry('fish.bled', idOf('a'), { cut: 'throat' }, { at: at('12:02') });

describe('what is to be done next', () => {
  test.each<[string, ReturnType<typeof nextStep>, Parameters<typeof nextStep>]>([
    ['kept by the rules', 'dispatch', [fish(), says('keep'), false]],
    ['the rules ask something that may be answered later', 'dispatch', [fish(), says('ask'), false]],
    ['no rules at all', 'dispatch', [fish(), null, false]],
    ['against the rules', 'release', [fish(), says('letGo'), false]],
    ['against the rules, kept anyway', 'dispatch', [fish(), says('letGo'), true]],
    ['too near the limit', 'measure', [fish(), says('measureAgain'), false]],
    ['too near, kept anyway', 'dispatch', [fish(), says('measureAgain'), true]],
    ['the name is asked for', 'name', [fish(), says('ask', { asks: { fact: 'name' } }), false]],
    ['the length is asked for', 'dispatch', [fish(), says('ask', { asks: { fact: 'length' } }), false]],
    ['no name yet', 'release', [NAMELESS, null, false]],
    ['no name yet, kept anyway', 'release', [NAMELESS, null, true]],
    ['killed', 'bleed', [fish(killed), says('letGo'), false]],
    ['killed and bled', 'ice', [fish(killed, bled), says('letGo'), false]],
    ['bled at once', 'ice', [fish(bled), says('keep'), false]],
  ])('%s: %s', (_, step, given) => expect(nextStep(...given)).toBe(step));
});

describe('what the open entry shows', () => {
  const measured = anEntry('fish.measured', idOf('a'), { lengthMm: 430, lengthKind: 'total', method: 'board' });
  const asksLength = says('ask', { asks: { fact: 'length', kind: 'fork' } });
  test.each<[string, ReturnType<typeof deckStep>, Parameters<typeof deckStep>]>([
    ['no name yet', 'name', [NAMELESS, null, false]],
    ['no name, not measured', 'name', [NAMELESS, null, true]],
    ['named, no length', 'measure', [fish(), says('keep'), false]],
    ['said not to be measured', 'act', [fish(), says('keep'), true]],
    ['measured', 'act', [fish(measured), says('keep'), false]],
    ['a rule wants another kind of length', 'measure', [fish(measured), asksLength, false]],
    ['killed before it was measured', 'act', [fish(killed), asksLength, false]],
    ['bled before it was measured', 'act', [fish(bled), null, false]],
  ])('%s: %s', (_, step, given) => expect(deckStep(...given)).toBe(step));
});

describe('how far a bleeding is', () => {
  const [noon, cutAt] = [Date.parse(at('12:00')), Date.parse(at('12:02'))];
  const weighed = anEntry('fish.weighed', idOf('a'), { massG: 4000, how: 'scale' }, { at: at('12:01') });
  test('by the mass of the fish; a middling one where nothing is known', () => {
    expect(bleedingOf(fish(bled), null, cutAt + 60_000)).toMatchObject({ state: 'runs', leastMin: 3, goneMs: 60_000 });
    expect(bleedingOf(fish(bled, weighed), null, cutAt)).toMatchObject({ leastMin: 10, mostMin: 20 });
  });
  test('none of a fish that was not bled, or lies on ice', () => {
    const none = anEntry('fish.bled', idOf('a'), { cut: 'none' }, { at: at('12:02') });
    const iced = anEntry('fish.iced', idOf('a'), { box: BOX, how: 'slurry' }, { at: at('12:09') });
    for (const f of [fish(), fish(killed), fish(none), fish(bled, iced)]) expect(bleedingOf(f, null, noon)).toBeNull();
  });
});

test('the length read last is that of the same kind of fish where there is one', () => {
  const read = (name: string, mm: number, when: string) =>
    anEntry('fish.measured', idOf(name), { lengthMm: mm, lengthKind: 'total', method: 'board' }, { at: at(when) });
  const book = Book.EMPTY.withEntries([
    tripStarted(),
    landed('a', '12:00'),
    landed('b', '12:10', { species: 'mackerel' }),
    landed('c', '12:20'),
    landed('d', '12:30'),
    read('a', 430, '12:25'),
    read('b', 310, '12:26'),
    read('c', 470, '12:21'),
    read('d', 999, '12:31'),
  ]);
  const d = book.get('fish', idOf('d'))!;
  expect(lastMeasured(book, d)).toBe(430);
  expect(lastMeasured(book, { ...d, species: 'cod' })).toBe(310);
  expect(lastMeasured(Book.EMPTY, d)).toBeNull();
});

describe('why it goes back', () => {
  const finding = (kind: string) => ({ findings: [{ kind }, { kind: 'minimumSize' }] });
  test.each<[string, ReturnType<typeof releaseReason>, Verdict | null]>([
    ['too short', 'too short', says('letGo', finding('minimumSize'))],
    ['over the bag', 'over the bag', says('letGo', finding('yearlyBag'))],
    ['closed by the clock', 'closed season', says('letGo', finding('sunHours'))],
    ['banned', 'may not be kept', says('letGo', finding('retentionBan'))],
    ['too near', 'too near to tell', says('measureAgain', finding('minimumSize'))],
    ['allowed', 'not needed', says('keep', finding('minimumSize'))],
    ['asked', 'not needed', says('ask', finding('minimumSize'))],
    ['no rules', 'not needed', null],
  ])('%s', (_, reason, verdict) => expect(releaseReason(fish(), verdict)).toBe(reason));
  test('nobody knows what it is', () =>
    expect(releaseReason(NAMELESS, says('letGo', finding('dailyBag')))).toBe('not sure what it is'));
});

test('in hand are those of this trip that nobody let go, cut or put on ice, the first landed first', () => {
  const book = Book.EMPTY.withEntries([
    tripStarted(),
    landed('late', '12:30'),
    landed('a', '12:00'),
    killed,
    landed('b', '12:10'),
    anEntry('fish.bled', idOf('b'), { cut: 'throat' }, { at: at('12:12') }),
    landed('c', '12:11'),
    anEntry('fish.released', idOf('c'), { reason: 'too short' }, { at: at('12:13') }),
    landed('d', '12:14'),
    anEntry('fish.iced', idOf('d'), { box: BOX, how: 'slurry' }, { at: at('12:15') }),
    landed('other', '12:16', { trip: idOf('another') }),
  ]);
  const { inHand, bleeding } = fishInHand(book, TRIP);
  expect(inHand.map((f) => f.id)).toEqual([idOf('a'), idOf('late')]);
  expect(bleeding.map((f) => f.id)).toEqual([idOf('b')]);
});
