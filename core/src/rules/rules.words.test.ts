import { describe, expect, test } from '@jest/globals';
import { judge, readRule, type Rule, type RulePack, zonesAt } from './index.ts';
import { fishOf, keptOf, NAMES, PACK, RULES } from './rule-cases.test-support.ts';

const base = { id: 'x', species: ['cod'], sentence: 'Written so.', source: 's' };
const read = (more: object): string => readRule({ ...base, ...more } as unknown as Rule, NAMES);

describe('a rule read aloud', () => {
  test.each([
    [{ kind: 'retentionBan', gear: ['spear', 'net'] }, 'Cod: may not be kept, when caught with spear or net.'],
    [{ kind: 'retentionBan', ages: { from: 13, to: 16 } }, 'Cod: may not be kept, for ages 13 to 16.'],
    [{ kind: 'retentionBan', ages: { to: 12 } }, 'Cod: may not be kept, to the age of 12.'],
    [{ kind: 'retentionBan', zones: ['reef', 'hole', 'tarn'] }, 'Cod: may not be kept, in reef, hole and tarn.'],
    [
      { kind: 'retentionBan', inForce: { from: '2026-03-01', to: '2026-10-31' } },
      'Cod: may not be kept, in force from 1 March 2026 to 31 October 2026.',
    ],
    [{ kind: 'dailyBag', most: 1 }, 'Cod: no more than one fish a person a day.'],
    [{ kind: 'dailyBag', most: 0, species: [] }, 'Every species: no more than 0 fish a person a day.'],
    [
      { kind: 'yearlyBag', most: 2, species: ['cod', 'pollack', 'bass'] },
      'Cod, pollack and bass together: no more than 2 fish a person a calendar year.',
    ],
    [
      { kind: 'minimumSize', leastMm: 305, length: 'fork', species: ['cod', 'bass'] },
      'Cod and bass: at least 30.5 cm fork length.',
    ],
    [{ kind: 'sunHours', beforeSunriseMin: 0, afterSunsetMin: 0 }, 'Cod: only from sunrise to sunset.'],
    [
      { kind: 'sunHours', beforeSunriseMin: -30, afterSunsetMin: 90 },
      'Cod: only from 30 min after sunrise to 90 min after sunset.',
    ],
    [{ kind: 'exemption', from: ['a', 'b'], ages: { to: 11 } }, 'Cod: is exempt from a and b, to the age of 11.'],
  ])('%j', (more, says) => expect(read(more).replace(/ +/g, ' ')).toBe(says));
});

describe('what would change the outcome', () => {
  const change = (rules: readonly Rule[], fish: string, before = ''): (string | undefined)[] =>
    judge(
      { ...PACK, rules },
      fishOf(fish, rules[0]?.species[0] ?? 'pollack'),
      keptOf(before, rules[0]?.species[0] ?? 'pollack'),
    )
      .findings.filter((f) => f.change)
      .map((f) => f.change);

  test.each([
    ['least', '33 cm', '', ['a reading 1.5 cm longer']],
    ['least', '34.2 cm', '', ['a reading 0.3 cm longer']],
    ['most', '81 cm', '', ['a reading 1.5 cm shorter']],
    ['slot', '40 cm', '', ['a reading 2.5 cm longer']],
    ['slot', '62 cm', '', ['a reading 2.5 cm shorter']],
    ['breeders', '52 cm', '', ['a reading 2.5 cm shorter']],
    ['breeders', '78 cm', '', ['a reading 2.5 cm longer']],
    ['bag', '', '2 Wren', ['after midnight']],
    ['bag', 'x3', '', ['a lot of 2']],
    ['yearly', '', '3 Wren', ['from 1 January 2027']],
    ['winter', '2026-12-05', '', ['after 28 February']],
    ['open', '2026-12-05', '', ['from 1 April']],
    ['days', 'in burn 2026-09-14', '', ['after midnight']],
    ['hours', 'in tarn at 05:00', '', ['after 06:00']],
    ['least', '40 cm', '', []],
  ])('%s, %s after "%s": %j', (name, fish, before, says) => {
    expect(change(RULES[name] ?? [], fish, before)).toEqual(says);
  });

  test('a possession limit frees on the day on which the oldest fall out of it', () => {
    const rules = RULES['possession']!;
    expect(change(rules, '', '5 Wren 2026-09-10')).toEqual(['from 13 September']);
    expect(change(rules, '', '1 Wren 2026-09-10; 4 Wren 2026-09-11')).toEqual(['from 13 September']);
    expect(change(rules, 'x3', '2 Wren 2026-09-10; 3 Wren 2026-09-11')).toEqual(['from 14 September']);
  });

  test('a reading as much longer as it says is then long enough', () => {
    for (const mm of [300, 320, 336, 341]) {
      const by = 10 * Number(/[\d.]+/.exec(change(RULES['least']!, `${mm / 10} cm`)[0] ?? '')?.[0]);
      expect([
        mm,
        judge({ ...PACK, rules: RULES['least']! }, fishOf(`${(mm + by) / 10} cm`, 'pollack'), []).outcome,
      ]).toEqual([mm, 'keep']);
    }
  });
});

test('the place within a bag is said as one says it', () => {
  const rules: Rule[] = [{ ...base, species: ['pollack'], kind: 'dailyBag', most: 40 }];
  const place = (n: number): string =>
    judge({ ...PACK, rules }, fishOf('', 'pollack'), keptOf(`${n} Wren`, 'pollack')).findings[0]?.because ?? '';
  for (const [n, said] of [
    [0, '1st'],
    [1, '2nd'],
    [2, '3rd'],
    [3, '4th'],
    [10, '11th'],
    [11, '12th'],
    [12, '13th'],
    [20, '21st'],
    [21, '22nd'],
    [22, '23rd'],
    [30, '31st'],
  ] as const)
    expect(place(n)).toContain(`the ${said} of 40`);
});

test('a fish that could measure short on the quay warns; one with room to spare does not', () => {
  const warning = (fish: string) =>
    judge({ ...PACK, rules: RULES['least']! }, fishOf(fish, 'pollack'), []).findings[0]?.warning;
  expect(warning('34.6 cm')).toContain('it may measure 33.6 cm on the quay');
  expect(warning('35.1 cm')).toBeUndefined();
});

describe('places', () => {
  const ring = (x0: number, y0: number, x1: number, y1: number) =>
    [
      [x0, y1],
      [x1, y1],
      [x1, y0],
      [x0, y0],
      [x0, y1],
    ] as const;
  const pack: RulePack = {
    ...PACK,
    zones: [
      { id: 'bay', name: 'Bay', about: '', grounds: [], bounds: ring(-10, 58, -9, 59) },
      { id: 'hole', name: 'Hole', about: '', grounds: [], bounds: ring(-9.6, 58.4, -9.5, 58.5) },
      { id: 'undrawn', name: 'Undrawn', about: '', grounds: [] },
    ],
    rules: RULES['no-take']!,
  };

  test('the smallest zone about a point stands first; an undrawn one holds no point', () => {
    expect(zonesAt(pack, [-9.55, 58.45]).map((z) => z.id)).toEqual(['hole', 'bay']);
    expect(zonesAt(pack, [-9.2, 58.9]).map((z) => z.id)).toEqual(['bay']);
    expect(zonesAt(pack, [0, 0])).toEqual([]);
  });

  test('crossing into the no-take area changes the verdict', () => {
    const outcome = (at: readonly [number, number]) => {
      const [first, ...others] = zonesAt(pack, at).map((z) => z.id);
      return judge(pack, { ...fishOf('', 'pollack'), zone: first ?? '', alsoIn: others }, []).outcome;
    };
    expect([outcome([-9.2, 58.9]), outcome([-9.55, 58.45])]).toEqual(['keep', 'letGo']);
  });
});
