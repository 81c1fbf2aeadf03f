import { describe, expect, test } from '@jest/globals';
import type { Verdict } from '@dagboek/core/rules';
import { anEntry, at, BOX, idOf, ILSE, landed, TRIP, tripStarted } from '../builders.test-support.ts';
import { Book, type Entry, fishInHand, nextStep, releaseReason } from '../index.ts';

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
