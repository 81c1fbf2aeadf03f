import { describe, expect, test } from '@jest/globals';
import { POLLACK as pollack } from '../../../../core/src/test-species.test-support.ts';
import { anEntry, at, BOX, idOf, landed, tripStarted } from '../../builders.test-support.ts';
import { Book, coreTemperatureOf } from '../../index.ts';

const fish = (...more: ReturnType<typeof landed>[]) =>
  Book.EMPTY.withEntries([
    tripStarted(),
    landed('a', '12:00'),
    anEntry('fish.weighed', idOf('a'), { massG: 1000, how: 'scale' }, { at: at('12:01') }),
    ...more,
  ]);
const killed = anEntry('fish.dispatched', idOf('a'), { how: 'blow' } as never, { at: at('12:02') });
const iced = (time: string, how: 'slurry' | 'layered ice' = 'layered ice') =>
  anEntry('fish.iced', idOf('a'), { box: BOX, how }, { at: at(time) });
const of = (book: Book, time: string) =>
  coreTemperatureOf({ book, species: (id) => (id ? pollack : null), nowMs: Date.parse(at(time)) }, idOf('a'));

describe('how cold a fish is inside', () => {
  test('on ice it comes down from the water’s warmth, and it is said when it is cold', () => {
    const book = fish(killed, iced('12:10'));
    const [soon, later] = [of(book, '12:20')!, of(book, '14:00')!];
    expect(soon.coreC).toBeGreaterThan(10);
    expect(soon.cold).toBe(false);
    expect(later.coreC).toBeLessThan(1);
    expect(later.cold).toBe(true);
    // What was foretold is what came.
    expect(Math.abs(soon.coldMs! - later.coldMs!)).toBeLessThan(60_000);
    expect(soon.coldMs!).toBeGreaterThan(Date.parse(at('12:30')));
    expect(soon.coldMs!).toBeLessThan(Date.parse(at('13:10')));
  });

  test('sooner in a slurry; never in the air; the longer it waits the later', () => {
    const cold = (book: Book): number => of(book, '13:40')!.coldMs!;
    expect(cold(fish(killed, iced('12:10', 'slurry')))).toBeLessThan(cold(fish(killed, iced('12:10'))));
    expect(cold(fish(killed, iced('12:10')))).toBeLessThan(cold(fish(killed, iced('13:00'))));
    const waits = of(fish(killed), '16:00')!;
    expect(waits).toMatchObject({ cold: false, coldMs: null });
    expect(waits.coreC).toBeGreaterThan(14);
  });

  test('without ice for more than a day it warms again', () => {
    const book = fish(killed, iced('12:10'));
    const later = coreTemperatureOf(
      { book, species: () => pollack, nowMs: Date.parse(at('12:10')) + 60 * 3_600_000 },
      idOf('a'),
    )!;
    expect(later.coreC).toBeGreaterThan(6);
    expect(later).toMatchObject({ cold: false, coldMs: null });
  });

  test('where nothing is known, or it is no whole fish any more, nothing is said', () => {
    expect(
      coreTemperatureOf({ book: fish(killed), species: () => null, nowMs: Date.parse(at('13:00')) }, idOf('a')),
    ).toBeNull();
    expect(
      coreTemperatureOf({ book: fish(killed), species: () => pollack, nowMs: Date.parse(at('13:00')) }, idOf('none')),
    ).toBeNull();
    expect(
      of(fish(anEntry('fish.released', idOf('a'), { reason: 'too short' } as never, { at: at('12:03') })), '13:00'),
    ).toBeNull();
    const cut = anEntry('cut.started', idOf('c'), { fish: [idOf('a')], route: 'fillets' } as never, {
      at: at('13:00'),
    });
    expect(of(fish(killed, iced('12:10'), cut), '13:30')).toBeNull();
  });
});
