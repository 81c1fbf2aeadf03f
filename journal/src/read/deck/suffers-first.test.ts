import { expect, test } from '@jest/globals';
import { aSpecies } from '../../../../core/src/test-species.test-support.ts';
import { anEntry, at, idOf, landed, TRIP, tripStarted } from '../../builders.test-support.ts';
import { Book, fishOfTrip, suffersFirst } from '../../index.ts';

const KINDS = new Map(
  [
    aSpecies({ id: 'pollack', name: 'Pollack', iceDays: 11 }),
    aSpecies({ id: 'mackerel', name: 'Mackerel', iceDays: 5, histamine: true }),
    aSpecies({ id: 'herring', name: 'Herring', iceDays: 5 }),
  ].map((s) => [s.id, s]),
);
const byId = (id: string | null) => KINDS.get(id ?? '') ?? null;
const killed = (fish: string, time: string) =>
  anEntry('fish.dispatched', idOf(fish), { how: 'blow to the head' }, { at: at(time) });

test('a mackerel that was killed after a pollack goes onto the ice before it; a live one waits longest', () => {
  const book = Book.EMPTY.withEntries([
    tripStarted(),
    landed('alive', '11:00'),
    landed('pollack', '12:00'),
    landed('mackerel', '12:20', { species: 'mackerel' }),
    landed('herring', '12:20', { species: 'herring' }),
    killed('pollack', '12:01'),
    killed('mackerel', '12:21'),
    killed('herring', '12:21'),
  ]);
  const order = (time: string): string[] =>
    suffersFirst({ book, species: byId, nowMs: Date.parse(at(time)) }, fishOfTrip(book, TRIP)).map((f) => f.id);
  expect(order('12:40')).toEqual(['mackerel', 'herring', 'pollack', 'alive'].map(idOf));
  // At first the pollack has waited so much longer.
  expect(order('12:22')).toEqual(['pollack', 'mackerel', 'herring', 'alive'].map(idOf));
  // Near its clock it goes before whatever else has waited.
  expect(order('19:30')[0]).toBe(idOf('mackerel'));
});
