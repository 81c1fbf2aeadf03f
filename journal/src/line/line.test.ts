import { describe, expect, test } from '@jest/globals';
import type { SpeciesFacts } from '@dagboek/core/species';
import { anEntry, at, BOX, idOf, ILSE, landed, TOMAS, TRIP, tripStarted, wholeLine } from '../builders.test-support.ts';
import {
  Book,
  custodyOf,
  doubtsOf,
  fishOfTrip,
  freshnessOf,
  massOf,
  openTrip,
  packLeft,
  sayEntry,
  timeTrouble,
  tripsInOrder,
} from '../index.ts';
import { METRIC } from '@dagboek/core/units';

const fish = idOf('a');
const POLLACK: SpeciesFacts = {
  id: 'pollack',
  name: 'Pollack',
  lengthKinds: ['total'],
  usualMm: [350, 650],
  maxMm: 1300,
  weight: { a: 0.01, b: 3, sdLog: 0.1 },
  grounds: {},
  months: [1, 12],
  keeping: 'lean white',
  fat: 'lean',
  shape: { depth: [0.2, 0.24], widthToDepth: 0.5 },
  iceDays: 11,
  hazards: [],
  yields: {},
};
const lineOf = (b: Book) => custodyOf(b, fish)!;

describe('the line of custody', () => {
  const b = Book.EMPTY.withEntries(wholeLine());

  test('every event in the order of the stations, with its time', () => {
    expect(lineOf(b).knots.map((k) => [k.kind, k.at.slice(11, 16), k.state])).toEqual([
      ['landed', '12:18', 'done'],
      ['dispatched', '12:19', 'done'],
      ['bled', '12:20', 'done'],
      ['iced', '12:31', 'done'],
      ['gutted', '18:52', 'done'],
      ['filleted', '19:21', 'done'],
      ['packed', '19:34', 'done'],
      ['cooked', '19:12', 'done'],
    ]);
    expect(lineOf(b).eatenAt).toBe('2026-09-13T19:12:00+01:00');
  });

  test('where it is, entry by entry', () => {
    const where: string[] = [];
    let book = Book.EMPTY;
    for (const e of wholeLine()) {
      book = book.withEntries([e]);
      const w = custodyOf(book, fish)?.where;
      if (w && w !== where.at(-1)) where.push(w);
    }
    expect(where).toEqual(['in hand', 'bleeding', 'box', 'board', 'larder', 'eaten']);
  });

  test('bleeding runs until it is iced; left out is said', () => {
    const bled = Book.EMPTY.withEntries([
      landed('a', '12:18'),
      anEntry('fish.bled', fish, { cut: 'throat' }, { at: at('12:20') }),
    ]);
    expect(lineOf(bled).knots.at(-1)).toMatchObject({ kind: 'bled', state: 'running' });
    const not = Book.EMPTY.withEntries([landed('a', '12:18'), anEntry('fish.bled', fish, { cut: 'none' })]);
    expect(lineOf(not).knots.at(-1)?.state).toBe('leftOut');
    expect(lineOf(not).where).toBe('in hand');
  });

  test('a fish let go ends there', () => {
    const back = Book.EMPTY.withEntries([
      landed('a', '12:18'),
      anEntry('fish.released', fish, { reason: 'too short' }),
    ]);
    expect(lineOf(back).where).toBe('let go');
  });

  test('frozen, thrown away, and stock beside it', () => {
    const entries = wholeLine().filter((e) => !e.kind.startsWith('meal'));
    const frozen = Book.EMPTY.withEntries([
      ...entries,
      anEntry('pack.moved', idOf('pack'), { place: 'freezer' }, { at: at('20:05') }),
    ]);
    expect(lineOf(frozen).knots.at(-1)).toMatchObject({ kind: 'frozen', at: at('20:05') });
    const gone = frozen.withEntries([anEntry('pack.discarded', idOf('pack'), { why: 'thawed' }, { at: at('23:00') })]);
    expect(lineOf(gone).where).toBe('gone');
    const stock = Book.EMPTY.withEntries([
      ...entries.filter((e) => e.kind !== 'pack.stored'),
      anEntry('pack.stored', idOf('s'), {
        number: 9,
        what: 'frames',
        species: 'pollack',
        form: 'stock',
        massG: 430,
        wrapping: 'bag',
        place: 'freezer',
        fish: [fish],
      }),
    ]);
    expect(lineOf(stock).where).toBe('board');
  });

  test('an unknown fish has no line', () => {
    expect(custodyOf(b, idOf('nobody'))).toBeNull();
  });
});

describe('freshness of a line', () => {
  const b = Book.EMPTY.withEntries(wholeLine());
  const evening = Date.parse(at('18:30'));

  test('six hours on ice use a few hundredths of eleven days', () => {
    const f = freshnessOf(lineOf(b), POLLACK, 13, evening);
    expect(f?.used).toBeGreaterThan(0.02);
    expect(f?.used).toBeLessThan(0.06);
    expect(f?.tone).toBe('fresh');
  });

  test('it stops when it is eaten', () => {
    const eaten = Date.parse('2026-09-13T19:12:00+01:00');
    expect(freshnessOf(lineOf(b), POLLACK, 13, eaten + 9e8)?.used).toBe(
      freshnessOf(lineOf(b), POLLACK, 13, eaten)?.used,
    );
  });

  test('nothing is said of a fish let go, without a name, or alive', () => {
    const alive = Book.EMPTY.withEntries([landed('a', '12:18')]);
    expect(freshnessOf(lineOf(alive), POLLACK, 13, evening)).toBeNull();
    expect(freshnessOf(lineOf(b), null, 13, evening)).toBeNull();
    const back = Book.EMPTY.withEntries([
      landed('a', '12:18'),
      anEntry('fish.released', fish, { reason: 'too short' }),
    ]);
    expect(freshnessOf(lineOf(back), POLLACK, 13, evening)).toBeNull();
  });

  test('left warm it goes faster', () => {
    const late = Book.EMPTY.withEntries(
      wholeLine().map((e) => (e.kind === 'fish.iced' ? { ...e, at: at('16:00') } : e)),
    );
    expect(freshnessOf(lineOf(late), POLLACK, 16, evening)!.used).toBeGreaterThan(
      2 * freshnessOf(lineOf(b), POLLACK, 16, evening)!.used,
    );
  });

  test('weight: by the scale, else from the length, a lot shared among its fish', () => {
    expect(massOf(b.get('fish', fish)!, POLLACK)).toEqual({ g: 790, how: 'scale' });
    const lot = Book.EMPTY.withEntries([
      landed('a', '12:18', { count: 8 }),
      anEntry('fish.weighed', fish, { massG: 2440, how: 'scale' }),
    ]).get('fish', fish)!;
    expect(massOf(lot, POLLACK)?.g).toBe(305);
    const measured = Book.EMPTY.withEntries([
      landed('a', '12:18'),
      anEntry('fish.measured', fish, { lengthMm: 400, lengthKind: 'total', method: 'board' }),
    ]).get('fish', fish)!;
    expect(massOf(measured, POLLACK)).toEqual({ g: 640, how: 'estimated' });
    expect(massOf(measured, null)).toBeNull();
  });
});

describe('order and what is left', () => {
  test('trips and fish are numbered by when they began', () => {
    const earlier = anEntry(
      'trip.started',
      idOf('t0'),
      { waters: 'w', zone: 'z', from: 'shore', crew: [ILSE] },
      { at: '2026-09-01T08:00:00+01:00' },
    );
    const b = Book.EMPTY.withEntries([tripStarted(), earlier, landed('b', '13:00'), landed('a', '12:18')]);
    expect(tripsInOrder(b).map((t) => t.id)).toEqual([idOf('t0'), TRIP]);
    expect(fishOfTrip(b, TRIP).map((f) => f.id)).toEqual([idOf('a'), idOf('b')]);
    expect(openTrip(b)?.id).toBe(TRIP);
    expect(openTrip(b.withEntries([anEntry('trip.ended', TRIP, {}, { at: at('17:00') })]))?.id).toBe(idOf('t0'));
  });

  test('a pack holds what has not been eaten', () => {
    const b = Book.EMPTY.withEntries(wholeLine());
    const pack = b.get('pack', idOf('pack'))!;
    expect(packLeft(b, pack)).toEqual({ eatenG: 276, leftG: 0 });
    const half = Book.EMPTY.withEntries(
      wholeLine().map((e) =>
        e.kind === 'meal.served' ? { ...e, facts: { ...e.facts, packs: [{ pack: idOf('pack'), massG: 100 }] } } : e,
      ),
    );
    expect(packLeft(half, half.get('pack', idOf('pack'))!)).toEqual({ eatenG: 100, leftG: 176 });
  });
});

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
    ).toContain('before it was landed');
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
    ).toContain('Both let go and kept');
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
    ).toContain('Two devices corrected the same line');
  });
});

describe('times about to be written', () => {
  const b = Book.EMPTY.withEntries(wholeLine());
  const trouble = (kind: string, subject: string, time: string, facts: Record<string, unknown> = {}): string | null =>
    timeTrouble(b, { kind, subject, at: at(time), facts });

  test('a fish cannot be landed before the trip, nor iced before it was landed', () => {
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

test('every entry of a line can be said in a sentence', () => {
  const names = {
    units: METRIC,
    member: (id: string) => ({ [ILSE]: 'Ilse', [TOMAS]: 'Tomas' })[id] ?? 'someone',
    species: () => 'Pollack',
    box: () => 'the blue box',
    zone: () => 'North Skerries',
  };
  expect(wholeLine().map((e) => sayEntry(e, names))).toEqual([
    'Left for North Skerries: Ilse and Tomas. 9 kg of ice.',
    'Landed: Pollack, rod. Caught by Ilse.',
    'Length 44.0 cm, on the board.',
    'Weight 790 g, by the scale.',
    'Dispatched, brain spike; signs of a clean kill seen.',
    'Bled, both gills cut, sea-water bucket.',
    'Onto ice: slurry, the blue box.',
    'Onto the board: fillet from the tail, by Tomas.',
    'Whole: 790 g.',
    'Gutted: 668 g.',
    'Fillets: 322 g.',
    'Trimmed: 276 g.',
    'Pack 84: Pollack, 2 fillets, 276 g, cloth, into the fridge.',
    'Pollack on thyme, roasted, cooked by Tomas for Ilse and Tomas.',
  ]);
  const say = (kind: Parameters<typeof anEntry>[0], facts: never): string =>
    sayEntry(anEntry(kind, fish, facts), names);
  expect(say('fish.landed', { trip: TRIP, angler: ILSE, count: 8 } as never)).toBe('8 landed. Caught by Ilse.');
  expect(say('fish.bled', { cut: 'none' } as never)).toBe('Not bled.');
  expect(say('fish.released', { reason: 'too short', state: 'swam off' } as never)).toBe(
    'Let go: too short; swam off.',
  );
  expect(say('meal.rated', { eater: ILSE, mark: 4.5 } as never)).toBe('Ilse gave it 4.5 of 5.');
  expect(say('book.opened', { name: 'Log', waters: 'w', from: 'shore' } as never)).toBe('Log, from the shore.');
  expect(say('member.joined', { name: 'Ilse', role: 'skipper' } as never)).toBe('Ilse: skipper.');
  expect(say('box.added', { name: 'the deck tub', litres: 20 } as never)).toBe('The deck tub, 20 l.');
  expect(say('pack.moved', { place: 'fridge' } as never)).toContain('thaw');
  expect(sayEntry({ ...landed('a', '12:00'), kind: 'fish.sung' }, names)).toContain('fish.sung');
});

test.each<[Parameters<typeof anEntry>[0], object, string]>([
  ['trip.moved', { zone: 'outer-bank', by: 'by hand' }, 'Moved to outer-bank.'],
  ['trip.moved', { zone: 'outer-bank', by: 'position source' }, 'Moved to outer-bank, by the position source.'],
  ['fish.pictured', { photo: 'a'.repeat(64), width: 4, height: 3 }, 'Picture taken.'],
  [
    'fish.pictured',
    { photo: 'a'.repeat(64), width: 4, height: 3, reading: {} },
    'Picture taken, with a board to measure by.',
  ],
  [
    'fish.measured',
    { lengthMm: 407, lengthKind: 'total', method: 'photo', sdMm: 9 },
    'Length 40.7 cm, from a picture, good to 0.9.',
  ],
  [
    'fish.measured',
    { lengthMm: 300, longestMm: 360, lengthKind: 'fork', method: 'mat' },
    'Length 30.0 to 36.0 cm fork length, on the mat.',
  ],
  ['fish.reported', { rule: 'r', to: 'the warden' }, 'Reported to the warden.'],
  [
    'fish.landed',
    { trip: TRIP, angler: ILSE, count: 1, gear: 'rod', origin: 'stocked' },
    'Landed, rod, stocked. Caught by ilse.',
  ],
  ['fish.named', { species: 'turbot', orElse: ['brill'] }, 'Named: turbot or brill.'],
  ['book.error', { method: 'tape', sdMm: 4 }, 'Lengths with the tape are good to 0.4 cm from now on.'],
  ['rule.set', { waters: 'w', rule: { sentence: 'No more than two.' } }, 'Rule written: No more than two.'],
  [
    'rules.added',
    { pack: { name: 'Far Lakes', version: '3' }, from: '2026-09-12' },
    'Rules read from a file: Far Lakes, 3, from 2026-09-12 on.',
  ],
  [
    'species.added',
    { pack: 'p', packName: 'Isles', species: { name: 'Bay eel' } },
    'Species added: Bay eel, with the pack Isles.',
  ],
  ['member.joined', { name: 'Wren', bornOn: '2012-05-31', licences: [] }, 'Wren. Born 2012-05-31. Holds no licence.'],
  [
    'member.joined',
    { name: 'Ilse', licences: [{ name: 'lake permit', until: '2026-12-31' }] },
    'Ilse. Lake permit to 2026-12-31.',
  ],
  [
    'fish.measured',
    { lengthMm: 438.15, lengthKind: 'fork', method: 'tape', typed: { lengthMm: '17.25 in' } },
    'Length 43.8 cm fork length (typed 17.25 in), with the tape.',
  ],
  [
    'meal.served',
    {
      name: 'Pollack',
      method: 'steamed',
      cook: ILSE,
      eaters: [ILSE],
      packs: [
        { pack: fish, massG: 300.5, typed: { massG: '10.6 oz' } },
        { pack: fish, massG: 200 },
      ],
      coreC: 51.67,
      typed: { coreC: '125 °F' },
    },
    'Pollack, steamed, cooked by ilse for ilse; 51.7° at the core (typed 125 °F); taken as 10.6 oz.',
  ],
])('%s %j is said as a person would say it', (kind, facts, says) => {
  const plain = (id: string): string => (id === ILSE ? 'ilse' : id);
  const names = { units: METRIC, member: plain, species: plain, box: plain, zone: plain };
  expect(sayEntry(anEntry(kind, fish, facts as never), names)).toBe(says);
});
