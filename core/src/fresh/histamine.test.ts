import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { type Exposure, fishBody, fleshCourse, meets } from '../heat/index.ts';
import { aSpecies } from '../test-species.test-support.ts';
import { airC, HISTAMINE_LIMITS, histamineClock } from './index.ts';

const H = 3_600_000;
const MACKEREL = aSpecies({ id: 'mackerel', name: 'Mackerel', fat: 'oily' });
type Place = 'air' | 'water' | 'ice' | 'fridge' | 'freezer';
const COLD: readonly Place[] = ['ice', 'fridge', 'freezer'];
const meetsIn = (p: Place, waterC: number) => {
  switch (p) {
    case 'air':
      return meets('still air', airC(waterC));
    case 'water':
      return meets('still water', waterC);
    case 'ice':
      return meets('wet ice', 0);
    case 'fridge':
      return meets('fridge', 4);
    case 'freezer':
      return meets('fridge', -18);
  }
};
/** The clock of a fish that lay so from hour to hour, at `hours`. */
const clock = (
  hours: number,
  list: readonly (readonly [number, Place])[],
  { massG = 350, waterC = 14 }: { massG?: number; waterC?: number } = {},
) => {
  const order = [...list].sort((a, b) => a[0] - b[0]);
  const course = fleshCourse(
    fishBody(MACKEREL, massG),
    waterC,
    order.map(([h, p]): Exposure => ({ fromMs: h * H, boundary: meetsIn(p, waterC) })),
  );
  const chilled = order.find(([, p]) => COLD.includes(p));
  const before = order.filter(([h, p]) => !COLD.includes(p) && (!chilled || h < chilled[0]));
  const warmestC = Math.max(...before.map(([, p]) => (p === 'air' ? airC(waterC) : waterC)), waterC);
  return histamineClock(
    {
      deathMs: order[0]![0] * H,
      chilledMs: chilled ? chilled[0] * H : null,
      warmestC,
      course,
      onIce: order.flatMap(([h, p], i) =>
        p === 'ice' ? [{ fromMs: h * H, toMs: (order[i + 1]?.[0] ?? Number.POSITIVE_INFINITY) * H }] : [],
      ),
    },
    massG,
    hours * H,
  );
};

describe('what must be refused', () => {
  test.each([
    ['mackerel, ten hours at 14° in air', 10, 'air', { waterC: 11 }],
    ['mackerel, ten hours in a bucket at 14°', 10, 'water', { waterC: 14 }],
    ['a yellowfin tuna, eight hours at 28°', 8, 'air', { waterC: 28, massG: 15_000 }],
    ['escolar, twelve hours at 26°', 12, 'air', { waterC: 26, massG: 4000 }],
  ] as const)('%s', (_, h, place, more) => expect(clock(h, [[0, place]], more).state).toBe('over'));
});

describe('until ice', () => {
  test('nine hours, six when air or water is hot, six for a large tuna', () => {
    expect(clock(6.5, [[0, 'air']]).state).toBe('within');
    expect(clock(7, [[0, 'air']])).toMatchObject({ state: 'near', limit: 'to ice', overAtMs: 9 * H });
    expect(clock(9.1, [[0, 'air']])).toMatchObject({ state: 'over', limitH: 9 });
    expect(clock(6.1, [[0, 'air']], { waterC: 29 }).state).toBe('over');
    expect(clock(6.1, [[0, 'air']], { waterC: 26 }).state).toBe('over');
    expect(clock(6.1, [[0, 'air']], { massG: 20_000 })).toMatchObject({ state: 'over', limitH: 6 });
    // Hours to ice stay what they were, days later.
    expect(
      clock(60, [
        [0, 'air'],
        [9.5, 'ice'],
        [20, 'freezer'],
      ]).state,
    ).toBe('over');
    expect(
      clock(20, [
        [0, 'air'],
        [2, 'ice'],
      ]).state,
    ).toBe('within');
  });
  test('exactly at the hours it is near, a minute later it is over', () => {
    expect(clock(9, [[0, 'air']]).state).toBe('near');
    expect(clock(9 + 1 / 60, [[0, 'air']]).state).toBe('over');
    // Three quarters of nine.
    expect(clock(6.75, [[0, 'air']]).state).toBe('near');
    expect(clock(6.74, [[0, 'air']]).state).toBe('within');
    expect(
      clock(30, [
        [0, 'air'],
        [9, 'ice'],
      ]).limit,
    ).toBe('later');
  });
  test('at 28° itself the longer limit holds, above it the shorter; and so at nine kilos', () => {
    expect(clock(1, [[0, 'air']], { waterC: 25 }).limitH).toBe(9);
    expect(clock(1, [[0, 'air']], { waterC: 25.1 }).limitH).toBe(6);
    expect(clock(1, [[0, 'air']], { massG: HISTAMINE_LIMITS.largeG }).limitH).toBe(9);
    expect(clock(1, [[0, 'air']], { massG: HISTAMINE_LIMITS.largeG + 1 }).limitH).toBe(6);
  });
  test('ice that is only noted later does not count yet', () => {
    const list = [
      [0, 'air'],
      [5, 'ice'],
    ] as const;
    expect(clock(3, list)).toMatchObject({ limit: 'to ice', hours: 3, overAtMs: 9 * H });
    expect(clock(5, list)).toMatchObject({ limit: 'later', hours: 0 });
  });
});

describe('after it was chilled', () => {
  test('cooling down on ice does not count, however large it is', () => {
    expect(
      clock(
        40,
        [
          [0, 'air'],
          [1, 'ice'],
        ],
        { massG: 8000 },
      ).hours,
    ).toBe(0);
    expect(
      clock(100, [
        [0, 'air'],
        [1, 'fridge'],
      ]).state,
    ).toBe('within');
    expect(
      clock(500, [
        [0, 'air'],
        [2, 'freezer'],
      ]),
    ).toMatchObject({ limit: 'later', state: 'within' });
  });
  test('cooling down in the air of a fridge counts, and a large fish is warm in it for hours', () => {
    const small = clock(30, [
      [0, 'air'],
      [1, 'fridge'],
    ]).hours;
    const large = clock(
      30,
      [
        [0, 'air'],
        [1, 'fridge'],
      ],
      { massG: 5000 },
    );
    expect(small).toBeGreaterThan(0);
    expect(large.hours).toBeGreaterThan(small * 2);
    expect(large.state).toBe('over');
    // The same fish on ice: cooling there is what the guidance means, and does not count.
    expect(
      clock(
        30,
        [
          [0, 'air'],
          [1, 'ice'],
        ],
        { massG: 5000 },
      ).hours,
    ).toBe(0);
  });
  test('eight warm hours in all, by its middle, over several stretches', () => {
    const once = clock(15, [
      [0, 'air'],
      [1, 'ice'],
      [10, 'water'],
    ]);
    // In water of 14° its middle passes 4.4° within a few minutes.
    expect(once.hours).toBeGreaterThan(4.6);
    expect(once.hours).toBeLessThan(5);
    const twice = [
      [0, 'air'],
      [1, 'ice'],
      [10, 'water'],
      [15, 'ice'],
      [20, 'water'],
    ] as const;
    expect(clock(22, twice)).toMatchObject({ limit: 'later', state: 'near', limitH: 8 });
    expect(clock(25, twice).state).toBe('over');
    // Above 21° the four hours hold.
    expect(
      clock(
        15,
        [
          [0, 'air'],
          [1, 'ice'],
          [10, 'water'],
        ],
        { waterC: 24 },
      ),
    ).toMatchObject({ state: 'over', limitH: 4 });
  });
  test('air warms it slowly, water fast; back on ice it stays warm for a while, which counts', () => {
    const after = (p: Place): number =>
      clock(13, [
        [0, 'air'],
        [1, 'ice'],
        [10, p],
      ]).hours;
    expect(after('air')).toBeLessThan(after('water'));
    expect(after('air')).toBeGreaterThan(1);
    const back = clock(20, [
      [0, 'air'],
      [1, 'ice'],
      [10, 'water'],
      [13, 'ice'],
    ]).hours;
    expect(back).toBeGreaterThan(after('water') + 0.1);
    expect(back).toBeLessThan(after('water') + 1);
  });
  test('it says when it will be over as it lies, and nothing while it lies cold', () => {
    expect(
      clock(5, [
        [0, 'air'],
        [1, 'ice'],
      ]).overAtMs,
    ).toBeNull();
    const c = clock(11, [
      [0, 'air'],
      [1, 'ice'],
      [10, 'water'],
    ]);
    expect(c.overAtMs! / H).toBeCloseTo(10 + 8 + (1 - c.hours), 0.5);
    // Whoever asks later gets the same hour.
    expect(
      clock(17, [
        [0, 'air'],
        [1, 'ice'],
        [10, 'water'],
      ]).overAtMs! / H,
    ).toBeCloseTo(c.overAtMs! / H, 1);
    expect(
      clock(30, [
        [0, 'air'],
        [1, 'ice'],
        [10, 'water'],
      ]).overAtMs! / H,
    ).toBeCloseTo(c.overAtMs! / H, 1);
  });
  test('hours on ice that has gone count: what is warm about it is no cooling', () => {
    expect(
      clock(12, [
        [0, 'air'],
        [0.1, 'fridge'],
        [0.2, 'water'],
      ]).state,
    ).toBe('over');
  });
});

test('once over it stays over, whatever comes after', () => {
  const places = fc.constantFrom<Place>('air', 'water', 'ice', 'fridge', 'freezer');
  fc.assert(
    fc.property(
      fc.array(fc.tuple(fc.integer({ min: 1, max: 12 }), places), { minLength: 1, maxLength: 6 }),
      fc.integer({ min: 1, max: 40 }),
      fc.integer({ min: 0, max: 40 }),
      (list, now, more) => {
        let at = 0;
        const history = list.map(([h, place]) => [(at += h), place] as const);
        const [a, b] = [clock(at + now, history), clock(at + now + more, history)];
        if (a.state === 'over') expect(b.state).toBe('over');
      },
    ),
    { numRuns: 60 },
  );
  expect(HISTAMINE_LIMITS.source).toMatch(/guidance used for commercial boats/);
});
