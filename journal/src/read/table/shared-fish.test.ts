import { describe, expect, test } from '@jest/globals';
import { loadSpecies } from '@dagboek/packs';
import { anEntry, at, idOf, ILSE, TOMAS } from '../../builders.test-support.ts';
import { aDish } from '../../any-history.test-support.ts';
import { Book, type Entry, type FactsOf, meatOfDinner, missesSome, shareOfPack, sharedFish } from '../../index.ts';

const species = loadSpecies();
const DINNER = idOf('dinner');
const NOW = Date.parse(at('17:00'));
const landed = (more: Partial<FactsOf<'fish.landed'>> = {}): Entry =>
  anEntry('fish.landed', idOf('fish'), { trip: idOf('trip'), species: 'cod', count: 1, ...more } as never);
const trip = anEntry('trip.started', idOf('trip'), { from: 'boat', place: 'bay', crew: [ILSE] } as never);
const pack = (more: Partial<FactsOf<'pack.stored'>> = {}): Entry =>
  anEntry('pack.stored', idOf('pack'), {
    number: 1,
    what: 'Cod, 2 fillets',
    species: 'cod',
    form: 'fillets',
    massG: 900,
    wrapping: 'bag',
    place: 'fridge',
    fish: [idOf('fish')],
    ...more,
  } as FactsOf<'pack.stored'>);
const ask = (...entries: Entry[]) => ({
  book: Book.EMPTY.withEntries([trip, ...entries]),
  species: (id: string | null) => species.find((s) => s.id === id) ?? null,
  day: (iso: string) => iso.slice(0, 10),
  nowMs: NOW,
});
const dishes = (...list: Parameters<typeof aDish>[0][]) =>
  anEntry('dinner.set', DINNER, {
    serveAtMs: Date.parse(at('19:30')),
    dishes: list.map((d) => aDish(d)),
    tasks: [],
    means: { hands: 1, rings: 2, ovens: 1, grills: 0 },
    cook: TOMAS,
    eaters: [ILSE],
  });
const of = (massG: number, from?: 'head' | 'tail') => [{ pack: idOf('pack'), massG, ...(from ? { from } : {}) }];

describe('one fish that dishes share', () => {
  const two = dishes(
    { id: 'a', packs: of(300, 'tail') },
    { id: 'b', packs: of(200, 'head') },
    { id: 'c', packs: of(50) },
  );
  test('from head to tail: who takes the head end, who did not say, what is left, who takes the tail', () => {
    const asked = ask(landed(), pack(), two);
    const [shared] = sharedFish(asked, asked.book.get('dinner', DINNER)!);
    expect(shared).toMatchObject({ body: 'sides' });
    expect(shared!.shares.map((s) => [s.dish, s.massG, s.from])).toEqual([
      ['b', 200, 'head'],
      ['c', 50, null],
      [null, 350, null],
      ['a', 300, 'tail'],
    ]);
  });
  test('what was served of it is still a part of it, and nothing more is left than before', () => {
    const served = anEntry(
      'meal.served',
      idOf('meal'),
      {
        name: 'Slices',
        cook: TOMAS,
        method: 'raw',
        packs: of(200),
        eaters: [ILSE],
        dinner: DINNER,
        dish: 'b',
      } as never,
      { at: at('19:00') },
    );
    const asked = ask(landed(), pack(), two, served);
    const [shared] = sharedFish(asked, asked.book.get('dinner', DINNER)!);
    expect(shared!.shares.map((s) => s.massG)).toEqual([200, 50, 350, 300]);
  });
  test('its length: as it was measured, else as one of its weight most likely has; null where neither is known', () => {
    const length = (...entries: Entry[]) => {
      const asked = ask(...entries, pack());
      return shareOfPack(asked, asked.book.get('pack', idOf('pack'))!, 900, [])!.lengthMm;
    };
    const measured = anEntry('fish.measured', idOf('fish'), {
      lengthMm: 702,
      lengthKind: 'total',
      method: 'board',
    });
    expect(length(landed(), measured)).toBe(702);
    expect(length(landed())).toBeNull();
    const weighed = anEntry('fish.weighed', idOf('fish'), { massG: 3400, how: 'scale' });
    expect(length(landed(), weighed)).toBeGreaterThan(600);
    expect(length(landed(), weighed)).toBeLessThan(800);
  });
  test('several fish in a pack, a lot, steaks and leftovers are no one fish; what is gutted is one with its head', () => {
    const is = (...entries: Entry[]) => {
      const asked = ask(...entries);
      return shareOfPack(asked, asked.book.get('pack', idOf('pack'))!, 900, [])?.body ?? null;
    };
    expect(is(landed(), pack())).toBe('sides');
    expect(is(landed(), pack({ form: 'gutted' }))).toBe('whole');
    expect(is(landed({ count: 4 }), pack())).toBeNull();
    expect(is(landed(), pack({ form: 'steaks' }))).toBeNull();
    expect(is(landed(), pack({ form: 'cooked' }))).toBeNull();
    expect(is(pack({ fish: [] }))).toBeNull();
  });
  test('a dinner with one dish that takes all of it shares out nothing', () => {
    const asked = ask(landed(), pack(), dishes({ id: 'a', packs: of(900) }));
    expect(sharedFish(asked, asked.book.get('dinner', DINNER)!)).toEqual([]);
  });
});

describe('enough of it', () => {
  test('the meat of all dishes of a dinner, once, and no more than lies there', () => {
    const meat = (g: number) => {
      const asked = ask(landed(), pack(), dishes({ id: 'a', packs: of(g) }, { id: 'b', packs: of(200) }));
      return meatOfDinner(asked, asked.book.get('dinner', DINNER)!);
    };
    expect(meat(300)).toBeCloseTo(500, 6);
    expect(meat(3000)).toBeCloseTo(900, 6);
  });
  test('whoever counts on a pack misses some when more is taken than it spares', () => {
    const spoken = [{ dinner: 'd', dish: 'Roast', massG: 500 }];
    expect(missesSome(spoken, 900, 400)).toEqual([]);
    expect(missesSome(spoken, 900, 450)).toEqual(spoken);
    expect(missesSome([], 900, 900)).toEqual([]);
  });
});
