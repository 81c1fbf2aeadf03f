import { expect, test } from '@jest/globals';
import { aSpecies } from '../../../../core/src/test-species.test-support.ts';
import { anEntry, at, BOX, idOf, landed, TOMAS, tripStarted } from '../../builders.test-support.ts';
import { Book, cannotBeCut, custodyOf, type Entry, fishForTheBoard } from '../../index.ts';
import { staysOf } from '../places/stays-of.ts';

const ID = idOf('a');
const byId = (id: string | null | undefined) =>
  id ? aSpecies({ id, name: id, fat: 'oily', keeping: 'oily small', iceDays: 6, histamine: id === 'mackerel' }) : null;
const on = (kind: Parameters<typeof anEntry>[0], facts: object, time: string, subject = ID): Entry =>
  anEntry(kind, subject, facts as never, { at: at(time) });
const killed = on('fish.dispatched', { how: 'blow to the head', signsSeen: true }, '07:05');
const iced = (time: string): Entry => on('fish.iced', { box: BOX, how: 'slurry' }, time);
const packed = on(
  'pack.stored',
  {
    number: 1,
    what: 'x',
    species: 'mackerel',
    form: 'fillets',
    massG: 200,
    wrapping: 'bag',
    place: 'fridge',
    fish: [ID],
    cut: idOf('c'),
  },
  '18:30',
  idOf('p'),
);
const says = (species: string, ...more: Entry[]): string | null =>
  cannotBeCut(
    {
      book: Book.EMPTY.withEntries([tripStarted('06:40'), landed('a', '07:00', { species }), killed, ...more]),
      species: byId,
      nowMs: Date.parse(at('19:00')),
    },
    [ID],
    () => 'The mackerel',
  )?.why ?? null;

test('a fish on ice may be cut', () => expect(says('mackerel', iced('07:20'))).toBeNull());

test.each<[string, RegExp, string, Entry[]]>([
  ['let go', /was released/, 'mackerel', [on('fish.released', { reason: 'too short' }, '07:10')]],
  [
    'packed',
    /already packed/,
    'mackerel',
    [iced('07:20'), on('cut.started', { fish: [ID], route: 'butterfly', by: TOMAS }, '18:00', idOf('c')), packed],
  ],
  ['thrown away', /was thrown away/, 'mackerel', [on('fish.discarded', { why: 'left in the sun' }, '12:00')]],
  ['left in the warm', /over the histamine limit/, 'mackerel', []],
])('%s: refused with a sentence', (_, words, species, more) => expect(says(species, ...more)).toMatch(words));

test('a kind that forms no histamine is not refused for the warm; an unknown fish is', () => {
  expect(says('pollack')).toBeNull();
  expect(cannotBeCut({ book: Book.EMPTY, species: byId, nowMs: 0 }, [ID], () => 'x')?.why).toMatch(
    /no longer in the book/,
  );
  expect(cannotBeCut({ book: Book.EMPTY, species: byId, nowMs: 0 }, [], () => 'x')).toBeNull();
});

test('a fish thrown away waits nowhere: not on the board, not in the box, and its line says gone', () => {
  const b = Book.EMPTY.withEntries([
    tripStarted('06:40'),
    landed('a', '07:00', { species: 'mackerel' }),
    killed,
    iced('07:20'),
    on('fish.discarded', { why: 'smelt sour' }, '12:00'),
  ]);
  expect(fishForTheBoard(b)).toEqual([]);
  expect(custodyOf(b, ID)!.where).toBe('gone');
  expect(staysOf(b, b.get('fish', ID)!).at(-1)!.toMs).toBe(Date.parse(at('12:00')));
  expect(b.countOnIce).toBe(0);
});
