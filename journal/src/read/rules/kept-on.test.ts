import { describe, expect, test } from '@jest/globals';
import type { RulePack } from '@dagboek/core/rules';
import { Book, type Entry } from '../../index.ts';
import { anEntry, at, BOX, idOf, ILSE, landed, TOMAS, tripStarted } from '../../builders.test-support.ts';
import { countingDay, keptDays } from './counting-day.ts';
import { bagsOn, keptOn } from './kept-on.ts';

const RULES: RulePack = {
  id: 'r',
  name: 'Rules',
  version: '1',
  authority: 'nobody',
  checked: '2026-06-01',
  sample: true,
  timeZone: 'Atlantic/Faroe',
  zones: [],
  rules: [
    { id: 'bag-pollack', kind: 'dailyBag', species: ['pollack'], most: 4, sentence: 's', source: 's' },
    { id: 'bag-mackerel', kind: 'dailyBag', species: ['mackerel'], most: 20, sentence: 's', source: 's' },
  ],
};
const killed = (fish: string, time = '12:30'): Entry =>
  anEntry('fish.dispatched', idOf(fish), { how: 'brain spike' }, { at: at(time) });
const DAY = '2026-09-12';

describe('what counts as kept on a day', () => {
  test('killed, bled or iced counts; let go, in hand and without a name do not', () => {
    const b = Book.EMPTY.withEntries([
      tripStarted(),
      landed('kept', '12:00'),
      killed('kept'),
      landed('iced', '12:01', { angler: TOMAS }),
      anEntry('fish.iced', idOf('iced'), { box: BOX, how: 'slurry' }),
      landed('back', '12:02'),
      killed('back'),
      anEntry('fish.released', idOf('back'), { reason: 'too short' }),
      landed('hand', '12:03'),
      anEntry('fish.landed', idOf('unnamed'), { trip: idOf('trip'), angler: ILSE, count: 1 }, { at: at('12:04') }),
      killed('unnamed'),
    ]);
    expect(
      keptOn(b, RULES, DAY)
        .map((k) => [k.speciesId, k.anglerId])
        .reverse(),
    ).toEqual([
      ['pollack', ILSE],
      ['pollack', TOMAS],
    ]);
    expect(keptOn(b, RULES, DAY, idOf('kept'))).toHaveLength(1);
    expect(keptOn(b, RULES, '2026-09-11')).toEqual([]);
  });

  test('the day is the waters’ own: half past midnight by the coast is not yet tomorrow in UTC', () => {
    const night = '2026-09-12T00:30:00+01:00';
    const e = anEntry(
      'fish.landed',
      idOf('n'),
      { trip: idOf('trip'), angler: ILSE, count: 1, species: 'pollack' },
      { at: night },
    );
    const b = Book.EMPTY.withEntries([e, anEntry('fish.dispatched', idOf('n'), { how: 'brain spike' }, { at: night })]);
    expect(keptOn(b, RULES, DAY)).toHaveLength(1);
    expect(keptOn(b, RULES, '2026-09-11')).toEqual([]);
  });
});

describe('a fish that is not settled', () => {
  test('uses up the bag of each species that it may be', () => {
    const b = Book.EMPTY.withEntries([
      tripStarted(),
      landed('u', '12:00'),
      anEntry('fish.named', idOf('u'), { species: 'pollack', orElse: ['mackerel'] }, { at: at('12:01') }),
      killed('u'),
    ]);
    expect(keptOn(b, RULES, DAY)).toEqual([
      expect.objectContaining({ speciesId: 'pollack', orElse: ['mackerel'], anglerId: ILSE, day: DAY, count: 1 }),
    ]);
    expect(bagsOn(b, RULES, DAY, [ILSE], null).map((x) => [x.speciesId, x.used])).toEqual([
      ['pollack', 1],
      ['mackerel', 1],
    ]);
  });
});

describe('bags of the day', () => {
  const b = Book.EMPTY.withEntries([
    tripStarted(),
    landed('a', '12:00'),
    killed('a'),
    landed('m', '12:05', { species: 'mackerel', count: 8, angler: TOMAS }),
    killed('m'),
    landed('hand', '12:40', { angler: TOMAS }),
  ]);

  test('only what someone has used, and the fish in hand before all', () => {
    const inHand = b.get('fish', idOf('hand'));
    expect(bagsOn(b, RULES, DAY, [ILSE, TOMAS], inHand).map((x) => [x.speciesId, x.anglerId, x.used, x.left])).toEqual([
      ['pollack', ILSE, 1, 3],
      ['pollack', TOMAS, 0, 4],
      ['mackerel', TOMAS, 8, 12],
    ]);
    expect(bagsOn(b, RULES, DAY, [ILSE, TOMAS], null).map((x) => [x.speciesId, x.anglerId])).toEqual([
      ['pollack', ILSE],
      ['mackerel', TOMAS],
    ]);
  });
});

describe('looking back as far as the rules do', () => {
  const rule = (more: object) =>
    ({ ...RULES, rules: [...RULES.rules, { id: 'x', species: [], sentence: 's', source: 's', ...more }] }) as RulePack;

  const caught = (species: string, day: string): Entry[] => {
    const when = { at: `${day}T12:20:00+01:00` };
    const fish = idOf(`${species} ${day}`);
    return [
      anEntry('fish.landed', fish, { trip: idOf('trip'), angler: ILSE, count: 1, species }, when),
      anEntry('fish.dispatched', fish, { how: 'brain spike' }, when),
    ];
  };
  const year = Book.EMPTY.withEntries([
    tripStarted(),
    ...['2025-12-02', '2025-12-31', '2026-01-01', '2026-01-10', '2026-09-09', '2026-09-10', DAY, '2026-09-13'].flatMap(
      (d) => [...caught('pollack', d), ...caught('mackerel', d)],
    ),
  ]);
  const seen = (rules: RulePack, day: string, species: string): string[] =>
    keptOn(year, rules, day)
      .filter((k) => k.speciesId === species)
      .map((k) => k.day)
      .sort();

  test('a day, the days of a possession limit, or the year, and no further than each kind’s own rules', () => {
    expect(seen(RULES, DAY, 'pollack')).toEqual([DAY]);
    const three = rule({ kind: 'possession', most: 5, days: 3 });
    expect(seen(three, DAY, 'pollack')).toEqual(['2026-09-10', DAY]);
    const yearly = rule({ kind: 'yearlyBag', species: ['pollack'], most: 5 });
    expect(seen(yearly, DAY, 'pollack')).toEqual(['2026-01-01', '2026-01-10', '2026-09-09', '2026-09-10', DAY]);
    expect(seen(yearly, DAY, 'mackerel')).toEqual([DAY]);
    const forty = rule({ kind: 'possession', most: 5, days: 40 });
    expect(seen(forty, '2026-01-10', 'mackerel')).toEqual(['2025-12-02', '2025-12-31', '2026-01-01', '2026-01-10']);
  });

  test('kept fish tell their boat, place and length; a rule for all kinds stands once in the margin', () => {
    const b = Book.EMPTY.withEntries([
      tripStarted(),
      landed('p', '12:00'),
      anEntry('fish.named', idOf('p'), { species: 'pollack' }, { at: at('12:01') }),
      killed('p'),
      landed('m', '12:05'),
      anEntry('fish.named', idOf('m'), { species: 'mackerel' }, { at: at('12:06') }),
      killed('m'),
    ]);
    const all = rule({ kind: 'possession', most: 5, days: 3 });
    expect(keptOn(b, all, DAY)[0]).toMatchObject({ zone: 'north-skerries', lengthMm: null });
    const bags = bagsOn(b, all, DAY, [ILSE], null);
    expect(bags.filter((x) => x.ruleId === 'x')).toMatchObject([{ used: 2, left: 3, together: [] }]);
  });
});

describe('a trip that passes midnight', () => {
  const night = (key: string, iso: string): Entry[] => [
    anEntry('fish.landed', idOf(key), { trip: idOf('trip'), angler: ILSE, count: 2, species: 'pollack' }, { at: iso }),
    anEntry('fish.dispatched', idOf(key), { how: 'brain spike' }, { at: iso }),
  ];
  const b = Book.EMPTY.withEntries([
    tripStarted(),
    ...night('before', '2026-09-12T23:50:00+01:00'),
    ...night('after', '2026-09-13T00:10:00+01:00'),
  ]);
  const trip = b.get('trip', idOf('trip'))!;
  const ms = (iso: string): number => Date.parse(iso);

  test('has a bag for each day: the fish in hand decides which, else the clock, and the end when it is over', () => {
    const of = (fish: string | null, nowMs: number, endedAt: string | null = null): string =>
      countingDay({ endedAt }, fish ? b.get('fish', idOf(fish)) : null, nowMs, RULES.timeZone);
    expect(of('before', ms('2026-09-13T00:30:00+01:00'))).toBe('2026-09-12');
    expect(of(null, ms('2026-09-12T23:59:59+01:00'))).toBe('2026-09-12');
    expect(of(null, ms('2026-09-13T00:00:00+01:00'))).toBe('2026-09-13');
    expect(of(null, ms('2026-09-20T12:00:00+01:00'), '2026-09-13T02:00:00+01:00')).toBe('2026-09-13');
  });

  test('and both stand on the sheet', () => {
    expect(keptDays({ book: b, zone: RULES.timeZone }, trip.id)).toEqual(['2026-09-12', '2026-09-13']);
    const used = keptDays({ book: b, zone: RULES.timeZone }, trip.id).map((d) =>
      bagsOn(b, RULES, d, [ILSE], null).map((x) => x.used),
    );
    expect(used).toEqual([[2], [2]]);
  });
});
