import { expect, test } from '@jest/globals';
import { anEntry, at, BOX, idOf, ILSE, landed, tripStarted } from '../../builders.test-support.ts';
import type { Entry } from '../../log/entry/entry.ts';
import { Book, custodyOf } from '../../index.ts';
import { fishForTheBoard, fishOnIce } from './waiting.ts';

const killed = (fish: string): Entry => anEntry('fish.dispatched', idOf(fish), { how: 'brain spike' });
const iced = (fish: string): Entry => anEntry('fish.iced', idOf(fish), { box: BOX, how: 'slurry' });
/** A later trip of the same kind; fish are landed on the first. */
const trips = Array.from({ length: 8 }, (_, i) =>
  anEntry('trip.started', idOf(`later ${i}`), { zone: 'z', crew: [ILSE], from: 'shore' } as never, {
    at: `2026-09-${13 + i}T06:00:00+01:00`,
  }),
);

test('what lies on ice and what waits for the board, of the first trip as of the last', () => {
  const book = Book.EMPTY.withEntries([
    tripStarted(),
    ...trips,
    ...['ice', 'killed', 'alive', 'bleeding', 'back', 'cut'].map((f) => landed(f, '12:00')),
    killed('ice'),
    iced('ice'),
    killed('killed'),
    anEntry('fish.bled', idOf('bleeding'), { cut: 'both gills', medium: 'sea-water bucket' }, { at: at('12:20') }),
    iced('back'),
    anEntry('fish.released', idOf('back'), { reason: 'too short' }),
    iced('cut'),
    anEntry('cut.started', idOf('a cut'), { fish: [idOf('cut')], route: 'round', by: ILSE } as never),
  ]);
  const ids = (fish: readonly { id: string }[]): string[] => fish.map((f) => f.id);
  expect(ids(fishOnIce(book))).toEqual([idOf('ice')]);
  for (const f of fishForTheBoard(book)) expect(['box', 'bleeding', 'in hand']).toContain(custodyOf(book, f.id)?.where);
  expect(ids(fishForTheBoard(book)).sort()).toEqual([idOf('ice'), idOf('killed'), idOf('bleeding')].sort());
});
