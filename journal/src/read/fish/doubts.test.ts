import { describe, expect, test } from '@jest/globals';
import { anEntry, at, BOX, idOf, landed, TOMAS, TRIP, tripStarted, wholeLine } from '../../builders.test-support.ts';
import { Book, doubtsOf, timeTrouble } from '../../index.ts';

const fish = idOf('a');

describe('what cannot be true', () => {
  const doubts = (entries: Parameters<Book['withEntries']>[0], kind: 'fish' | 'cut' | 'pack', id: string): string => {
    const b = Book.EMPTY.withEntries(entries);
    return doubtsOf(b, b.get(kind, id)!).join(' ');
  };

  test('a sound line has none', () => {
    const b = Book.EMPTY.withEntries(wholeLine());
    for (const s of [...b.all('fish'), ...b.all('cut'), ...b.all('pack')]) expect(doubtsOf(b, s)).toEqual([]);
  });

  test('times that run backwards', () => {
    expect(doubts([tripStarted('14:00'), landed('a', '12:18')], 'fish', fish)).toContain('before its trip began');
    expect(
      doubts(
        [landed('a', '12:18'), anEntry('fish.dispatched', fish, { how: 'brain spike' }, { at: at('12:00') })],
        'fish',
        fish,
      ),
    ).toContain('before it was caught');
    expect(
      doubts(
        [
          landed('a', '12:18'),
          anEntry('fish.dispatched', fish, { how: 'brain spike' }, { at: at('12:30') }),
          anEntry('fish.iced', fish, { box: BOX, how: 'slurry' }, { at: at('12:20') }),
        ],
        'fish',
        fish,
      ),
    ).toContain('before it was killed');
  });

  test('both let go and kept', () => {
    expect(
      doubts(
        [
          landed('a', '12:18'),
          anEntry('fish.released', fish, { reason: 'too short' }),
          anEntry('fish.dispatched', fish, { how: 'brain spike' }),
        ],
        'fish',
        fish,
      ),
    ).toContain('Both released and kept');
  });

  test('weights from two devices that cannot both be', () => {
    const c = idOf('cut');
    expect(
      doubts(
        [
          anEntry('cut.started', c, { fish: [fish], route: 'wings', by: TOMAS }),
          anEntry('cut.weighed', c, { stage: 'round', massG: 500 }),
          anEntry('cut.weighed', c, { stage: 'fillets', massG: 700 }),
        ],
        'cut',
        c,
      ),
    ).toContain('cannot weigh more');
  });

  test('more eaten than was packed', () => {
    expect(
      doubts(
        wholeLine().map((e) =>
          e.kind === 'meal.served' ? { ...e, facts: { ...e.facts, packs: [{ pack: idOf('pack'), massG: 900 }] } } : e,
        ),
        'pack',
        idOf('pack'),
      ),
    ).toContain('900 g were eaten from a pack of 276 g');
  });

  test('two devices corrected the same line', () => {
    const m = (mm: number, more: object) =>
      anEntry('fish.measured', fish, { lengthMm: mm, lengthKind: 'total', method: 'board' }, more);
    const first = m(400, {});
    expect(
      doubts(
        [
          landed('a', '12:18'),
          first,
          m(410, { amends: first.id, device: 'one' }),
          m(420, { amends: first.id, device: 'two' }),
        ],
        'fish',
        fish,
      ),
    ).toContain('Two devices corrected the same entry');
  });
});

describe('times about to be written', () => {
  const b = Book.EMPTY.withEntries(wholeLine());
  const trouble = (kind: string, subject: string, time: string, facts: Record<string, unknown> = {}): string | null =>
    timeTrouble(b, { kind, subject, at: at(time), facts });

  test('a fish cannot be landed before the trip, nor iced before it was caught', () => {
    expect(trouble('fish.landed', idOf('new'), '06:00', { trip: TRIP })).toContain('before the trip began (06:40)');
    expect(trouble('fish.landed', idOf('new'), '07:00', { trip: TRIP })).toBeNull();
    expect(trouble('fish.iced', fish, '12:00')).toContain('before the fish was landed (12:18)');
    expect(trouble('trip.noted', TRIP, '05:00')).toContain('before the trip began');
    expect(trouble('cut.weighed', idOf('cut'), '18:00')).toContain('before the cutting began');
  });

  test('the same minute is near enough, and what begins has nothing before it', () => {
    expect(trouble('fish.iced', fish, '12:17:30')).toBeNull();
    expect(trouble('trip.started', TRIP, '03:00')).toBeNull();
    expect(trouble('fish.landed', idOf('new'), '01:00', { trip: idOf('unknown') })).toBeNull();
  });
});
