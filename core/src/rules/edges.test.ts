import { describe, expect, test } from '@jest/globals';
import { CUSTOMARY } from '../units/index.ts';
import {
  briefing,
  type CatchFacts,
  judge,
  judgeUnsettled,
  type KeptFish,
  type LonLat,
  readRulePack,
  ringTrouble,
  type Rule,
  type RulePack,
  ruleTrouble,
  withVersions,
} from './index.ts';

const said = { species: ['pollack'], sentence: 'As written.', source: 'notice 1' };
const rule = (kind: Rule['kind'], more: object = {}): Rule => ({ id: kind, kind, ...said, ...more }) as Rule;
const size = (more: object): Rule => ({ id: 'size', length: 'total', ...said, ...more }) as unknown as Rule;
const pack = (rules: readonly Rule[], more: object = {}): RulePack =>
  ({
    id: 'p',
    name: 'Test',
    version: '1',
    authority: 'nobody',
    checked: '2026-06-01',
    sample: true,
    timeZone: 'Atlantic/Faroe',
    zones: [{ id: 'reef', name: 'Reef', about: 'A reef.', grounds: [], at: [-9, 59] }],
    rules,
    ...more,
  }) as RulePack;
const fish = (more: object = {}): CatchFacts =>
  ({
    speciesId: 'pollack',
    speciesName: 'Pollack',
    zone: 'reef',
    day: '2026-09-12',
    time: '12:00',
    anglerId: 'wren',
    anglerName: 'Wren',
    count: 1,
    length: { mm: 400, kind: 'total', method: 'board' },
    ...more,
  }) as CatchFacts;
/** A length without error. */
const exact = (mm: number, kind = 'total') => ({ length: { mm, kind, method: 'board', sdMm: 0 } });
const one = (r: Rule, f: CatchFacts, kept: readonly KeptFish[] = []) => {
  const v = judge(pack([r]), f, kept);
  return [v.outcome, v.findings[0]?.because ?? ''];
};

describe('a reading without error', () => {
  test.each([
    ['minimumSize', { leastMm: 380 }, { 379.9: 'letGo', 380: 'keep', 380.1: 'keep' }],
    ['maximumSize', { mostMm: 380 }, { 379.9: 'keep', 380: 'keep', 380.1: 'letGo' }],
    ['keepSlot', { fromMm: 300, toMm: 380 }, { 299: 'letGo', 300: 'keep', 380: 'keep', 381: 'letGo' }],
    ['releaseSlot', { fromMm: 300, toMm: 380 }, { 299: 'keep', 300: 'letGo', 380: 'letGo', 381: 'keep' }],
  ] as const)('%s %j: both ends belong to it', (kind, bounds, want) => {
    for (const [mm, outcome] of Object.entries(want))
      expect([mm, one(size({ kind, ...bounds }), fish(exact(Number(mm))))[0]]).toEqual([mm, outcome]);
  });

  test('over a length: only what is longer counts as long', () => {
    const long = size({ kind: 'overLength', overMm: 600, most: 0 });
    expect(one(long, fish(exact(600)))).toEqual(['keep', '60 is 0 under 60 cm.']);
    expect(one(long, fish(exact(600.1)))[0]).toBe('letGo');
  });
});

describe('how a length stands to a limit', () => {
  test('between two ends it is told of the nearer', () => {
    const slot = size({ kind: 'keepSlot', fromMm: 300, toMm: 600 });
    expect(one(slot, fish(exact(340)))[1]).toContain('34 is 4 over 30');
    expect(one(slot, fish(exact(560)))[1]).toContain('56 is 4 under 60');
    expect(one(slot, fish(exact(450)))[1]).toContain('45 is 15 over 30');
    expect(one(slot, fish(exact(300)))[1]).toContain('30 is just 30');
  });

  test('less than the unit shows is said in words, in the units of whoever reads', () => {
    const least = size({ kind: 'minimumSize', leastMm: 440 });
    expect(one(least, fish({ ...exact(439.928), units: CUSTOMARY }))[1]).toContain('17.32 is a hair under 17.32');
    expect(one(least, fish({ ...exact(440.1), units: CUSTOMARY }))[1]).toContain('17.33 is a hair over 17.32');
    expect(one(least, fish({ ...exact(450), units: CUSTOMARY }))[1]).toContain('17.72 is 0.39 over 17.32');
  });

  test('its margin is above nothing where it may be kept', () => {
    const margin = (r: Rule, mm: number): number | undefined =>
      judge(pack([r]), fish(exact(mm)), []).findings[0]?.marginMm;
    expect(margin(size({ kind: 'minimumSize', leastMm: 380 }), 400)).toBe(20);
    expect(margin(size({ kind: 'minimumSize', leastMm: 380 }), 370)).toBe(-10);
    expect(margin(size({ kind: 'maximumSize', mostMm: 380 }), 370)).toBe(10);
    expect(margin(size({ kind: 'keepSlot', fromMm: 300, toMm: 600 }), 590)).toBe(10);
    expect(margin(size({ kind: 'releaseSlot', fromMm: 300, toMm: 600 }), 590)).toBe(-10);
    expect(margin(size({ kind: 'releaseSlot', fromMm: 300, toMm: 600 }), 610)).toBe(10);
  });

  test('only what may fall under a minimum size on ice is told to be noted now', () => {
    const warning = (r: Rule, mm: number) => judge(pack([r]), fish(exact(mm)), []).findings[0]?.warning;
    expect(warning(size({ kind: 'minimumSize', leastMm: 380 }), 390)).toContain('it may measure 37.8 cm on the quay');
    expect(warning(size({ kind: 'minimumSize', leastMm: 388 }), 400)).toBeUndefined();
    expect(warning(size({ kind: 'maximumSize', mostMm: 380 }), 379)).toBeUndefined();
    expect(warning(size({ kind: 'releaseSlot', fromMm: 300, toMm: 380 }), 381)).toBeUndefined();
  });

  test('a length worked out from another takes its error along', () => {
    const fork = { from: 'fork', to: 'total', constant: 0, slope: 1.1, sdShare: 0.01 };
    const least = size({ kind: 'minimumSize', leastMm: 400 });
    const of = (mm: number, more: object = {}) =>
      one(least, fish({ ...exact(mm, 'fork'), conversions: [{ ...fork, ...more }] }));
    expect(of(400)).toEqual(['keep', 'about 44 by its fork length, 4 over 40 cm.']);
    expect(of(366)[1]).toContain('too close to be sure from that');
    expect(of(400, { to: 'discWidth' })[0]).toBe('ask');
  });

  test('odds below one in a hundred are said as such', () => {
    const least = size({ kind: 'minimumSize', leastMm: 400 });
    expect(one(least, fish({ length: { mm: 300, kind: 'total', method: 'board' } }))[1]).toContain(
      'under 1 % chance that it is long enough',
    );
  });
});

describe('allowances', () => {
  const keptOf = (n: number, day = '2026-09-12'): KeptFish[] => [
    { speciesId: 'pollack', anglerId: 'wren', day, count: n } as KeptFish,
  ];
  test('each place is called by its ordinal', () => {
    const nth = (n: number): string => one(rule('dailyBag', { most: 200 }), fish(), n > 1 ? keptOf(n - 1) : [])[1]!;
    expect(
      [1, 2, 3, 4, 10, 11, 12, 13, 14, 21, 22, 101, 110, 111, 113, 114].map((n) => /the (\w+) of/.exec(nth(n))?.[1]),
    ).toEqual('1st 2nd 3rd 4th 10th 11th 12th 13th 14th 21st 22nd 101st 110th 111th 113th 114th'.split(' '));
  });
  test('a full window opens on the day on which its oldest falls out', () => {
    const v = judge(pack([rule('possession', { most: 2, days: 3 })]), fish(), keptOf(2, '2026-09-12'));
    expect(v.findings[0]?.change).toBe('from 15 September');
  });
  test('a lot over what is left says how many are', () => {
    const v = judge(pack([rule('dailyBag', { most: 5 })]), fish({ count: 4 }), keptOf(3));
    expect(v.findings[0]).toMatchObject({ lead: 'Over the limit:', change: 'a lot of 2' });
  });
  test('the boat’s bag speaks of the boat only where there is one', () => {
    const r = rule('dailyBag', { most: 1, per: 'boat' });
    expect(judge(pack([r]), fish({ boat: 'Tern' }), []).findings[0]?.lead).toBe('Counts for the boat:');
    expect(judge(pack([r]), fish(), []).findings[0]?.lead).toBe('Counts for Wren:');
    expect(judge(pack([rule('dailyBag', { most: 1 })]), fish({ boat: 'Tern' }), []).findings[0]?.lead).toBe(
      'Counts for Wren:',
    );
  });
});

describe('what a rule of each kind may not be', () => {
  const trouble = (kind: Rule['kind'], more: object): boolean => ruleTrouble(rule(kind, more), pack([])) !== null;
  test.each([
    [
      'keepSlot',
      { fromMm: 300, toMm: 400, length: 'total' },
      { fromMm: 400 },
      { fromMm: 500 },
      { fromMm: 0 },
      { toMm: Number.NaN },
    ],
    [
      'openSeason',
      { open: { from: '05-01', to: '08-31' } },
      { open: { from: '05-01', to: '' } },
      { open: { from: '', to: '08-31' } },
    ],
    [
      'closedSeason',
      { closed: { from: '05-01', to: '08-31' } },
      { closed: { from: '05-01', to: '' } },
      { closed: { from: '', to: '08-31' } },
    ],
    ['clockHours', { from: '06:00', to: '22:00' }, { from: '' }, { to: 'late' }],
    [
      'sunHours',
      { beforeSunriseMin: 0, afterSunsetMin: 60 },
      { beforeSunriseMin: Number.NaN },
      { afterSunsetMin: Number.NaN },
    ],
    ['dailyBag', { most: 0 }, { most: 1.5 }, { most: -1 }],
    ['overLength', { most: 0, overMm: 600, length: 'total' }, { most: 0.5 }, { overMm: 0 }],
    ['possession', { most: 4, days: 3 }, { most: 0.5 }, { days: 0 }, { days: 2.5 }],
    ['licence', { licence: 'Lake permit' }, { licence: '  ' }, { licence: '' }],
    ['report', { to: 'the office', withinHours: 24 }, { to: ' ' }, { withinHours: 0 }],
    ['exemption', { from: ['least'] }, { from: [] }],
  ] as const)('%s', (kind, good, ...bad) => {
    expect(trouble(kind, good)).toBe(false);
    for (const b of bad) expect([b, trouble(kind, { ...(good as object), ...(b as object) })]).toEqual([b, true]);
  });
});

describe('which rules decide', () => {
  test('findings of one kind stand in the order of their names, allowances too', () => {
    const rules = ['b', 'a', 'c'].map((id) => rule('dailyBag', { id, most: 3 }));
    const v = judge(pack(rules), fish(), []);
    expect(v.findings.map((f) => f.ruleId)).toEqual(['a', 'b', 'c']);
    expect(v.allowances.map((f) => f.ruleId)).toEqual(['a', 'b', 'c']);
  });
  test('a rule of a species about fishing says that it may be kept; one for all of them does not', () => {
    const gear = { banned: ['spear'] };
    expect(judge(pack([rule('gearBan', gear)]), fish({ gear: 'rod' }), []).noRuleFound).toBe(false);
    expect(judge(pack([rule('gearBan', { ...gear, species: [] })]), fish({ gear: 'rod' }), []).noRuleFound).toBe(true);
    expect(judge(pack([rule('advice')]), fish(), []).noRuleFound).toBe(true);
  });
  test('what an unknown gear or age decides is asked by name, and only where it would not be kept anyway', () => {
    const ask = (more: object, f: object = {}) =>
      judge(pack([size({ kind: 'minimumSize', leastMm: 450, ...more })]), fish({ ...exact(400), ...f }), []);
    expect(ask({ ages: { to: 12 } }).findings[0]).toMatchObject({ outcome: 'ask', lead: 'How old is Wren?' });
    expect(ask({ gear: ['spear'] }).findings[0]).toMatchObject({ outcome: 'ask', lead: 'How was it caught?' });
    expect(ask({ gear: ['spear'], leastMm: 300 }).outcome).toBe('keep');
    expect(ask({ ages: { to: 12 } }, { angler: { age: 30 } }).findings).toEqual([]);
  });
  test('one name kills it, another does not: both names and both ways are said', () => {
    const invader = rule('mustNotReturn', { species: ['lionfish'], id: 'invader' });
    const may = judgeUnsettled(
      pack([invader, rule('dailyBag', { most: 3 })]),
      [fish(), fish({ speciesId: 'lionfish', speciesName: 'Lionfish' })],
      [],
    );
    expect(may.verdict.findings[0]).toMatchObject({ ruleId: 'invader', source: 'notice 1', asks: { fact: 'name' } });
    expect(may.verdict.findings[0]?.because).toContain(
      'as lionfish it must not go back alive, as pollack it may be released',
    );
    const must = judgeUnsettled(
      pack([invader, rule('retentionBan')]),
      [fish(), fish({ speciesId: 'lionfish', speciesName: 'Lionfish' })],
      [],
    );
    expect(must.verdict.findings[0]?.because).toContain('as pollack it must be released');
  });
});

describe('a briefing', () => {
  const at = (rules: readonly Rule[], zones: object[] = pack([]).zones as object[]) =>
    briefing(pack(rules, { zones }), 'reef', '2026-09-12', ['pollack'], 3);
  test('has the sun of its own zone, and none where no place is known', () => {
    const reef = { id: 'reef', name: 'Reef', about: 'A reef.', grounds: [], at: [-9, 59] };
    const south = { id: 'south', name: 'South', about: 'A reef.', grounds: [], at: [-9, 30] };
    expect(at([], [south, reef]).sun).toEqual(at([], [reef]).sun);
    expect(at([], [south, { ...reef, at: undefined }]).sun).toBeNull();
    expect(at([], [south]).sun).toBeNull();
  });
  test('leaves out what is not in force yet, and tells it when it comes on the last day looked at', () => {
    const b = at([rule('retentionBan', { inForce: { from: '2026-09-15' } })]);
    expect(b.species).toEqual([]);
    expect(b.changes.map((c) => [c.day, c.what])).toEqual([['2026-09-15', 'comes into force']]);
    expect(at([rule('retentionBan', { inForce: { from: '2026-09-16' } })]).changes).toEqual([]);
  });
  test('weekly closed days are no change', () => {
    expect(at([rule('closedDays', { days: ['Sunday'] })]).changes).toEqual([]);
  });
  test('a rule for several zones holds in each', () => {
    expect(at([rule('dailyBag', { most: 2, zones: ['burn', 'reef'] })]).species).toHaveLength(1);
  });
});

describe('versions', () => {
  const least = (leastMm: number, inForce?: object): Rule =>
    size({ kind: 'minimumSize', leastMm, ...(inForce ? { inForce } : {}) });
  const from = '2026-09-01';
  const next = (old: readonly Rule[], rules: readonly Rule[], more: object = {}) =>
    withVersions(pack(old, more), [{ pack: pack(rules, { version: '2' }), from }]);
  test('what ended before it was changed keeps its end, what would have gone on ends the day before', () => {
    expect(next([least(340, { to: '2026-05-01' })], []).rules).toMatchObject([{ inForce: { to: '2026-05-01' } }]);
    expect(next([least(340, { to: '2026-12-01' })], []).rules).toMatchObject([{ inForce: { to: '2026-08-31' } }]);
    expect(next([least(340)], []).rules).toMatchObject([{ id: 'size', inForce: { to: '2026-08-31' } }]);
  });
  test('what would have begun on the day or later never does; the day before it still did', () => {
    expect(next([least(340, { from: '2026-09-01' })], []).rules).toEqual([]);
    expect(next([least(340, { from: '2026-08-31' })], []).rules).toHaveLength(1);
  });
  test('what is new begins on the day, or later where it says so; what is over by then is left out', () => {
    expect(next([], [least(380)]).rules).toMatchObject([{ inForce: { from } }]);
    expect(next([], [least(380, { from: '2026-01-01' })]).rules).toMatchObject([{ inForce: { from } }]);
    expect(next([], [least(380, { from: '2027-01-01' })]).rules).toMatchObject([{ inForce: { from: '2027-01-01' } }]);
    expect(next([], [least(380, { to: '2026-08-31' })]).rules).toEqual([]);
    expect(next([], [least(380, { to: from })]).rules).toHaveLength(1);
  });
  test('a changed rule keeps the name that it had at first, a dropped one its own', () => {
    const three = withVersions(pack([least(300)]), [
      { pack: pack([least(340)], { version: '2' }), from: '2026-03-01' },
      { pack: pack([least(380)], { version: '3' }), from },
    ]);
    expect(three.rules.map((r) => [r.id, r.formerly])).toEqual([
      ['size, 1', 'size'],
      ['size, 2', 'size'],
      ['size', undefined],
    ]);
  });
  test('zones and coast of an older version stay where the newer has none', () => {
    const lake = { id: 'lake', name: 'Lake', about: 'A reef.', grounds: [] };
    const merged = next([], [], { zones: [lake], coast: ['old'] });
    expect(merged.zones.map((z) => z.id)).toEqual(['reef', 'lake']);
    expect(merged.coast).toEqual(['old']);
    expect('coast' in next([], [])).toBe(false);
  });
});

describe('the ring of a zone', () => {
  const ring = (...points: number[][]): string | null => ringTrouble(points as unknown as LonLat[]);
  test('may lie at the ends of the globe, and not beyond', () => {
    expect(ring([-180, -90], [-180, 90], [180, 90])).toBeNull();
    expect(ring([-180.1, 0], [0, 10], [10, 0])).toContain('off the globe');
    expect(ring([0, 90.1], [0, 10], [10, 0])).toContain('off the globe');
  });
  test('a point has two numbers; a third, as of height, does no harm', () => {
    expect(ring([0, 0, 5], [0, 1, 5], [1, 0, Number.NaN])).toBeNull();
    expect(ring([0, 0], [0], [1, 0])).toContain('longitude and a latitude');
    expect(ring([0, 0], [0, Number.NaN], [1, 0])).toContain('longitude and a latitude');
  });
  test('stretches that meet at a corner do not cross; those that cross do, in whatever order', () => {
    expect(ring([0, 0], [0, 2], [2, 2], [2, 0])).toBeNull();
    expect(ring([0, 0], [2, 3], [2, 0], [0, 2])).toBe('it crosses itself between corners 1 and 3.');
    expect(ring([0, 0], [2, 0], [0, 2], [2, 2])).toBe('it crosses itself between corners 2 and 4.');
    // Only in line with each other, far apart.
    expect(ring([0, 0], [0, 2], [1, 2], [1, 1], [2, 1], [2, 0])).toBeNull();
    expect(ring([0, 0], [4, 0], [4, 4], [2, -1], [0, 4])).toBe('it crosses itself between corners 1 and 3.');
  });
  test('two points and the first again are no ring, nor are three in a line', () => {
    expect(ring([0, 0], [1, 1], [0, 0])).toContain('three corners');
    expect(ring([0, 0], [1, 1], [2, 2])).toContain('one line');
  });
});

describe('a pack read from a file', () => {
  const read = (more: object) =>
    readRulePack(JSON.stringify({ ...pack([rule('dailyBag', { most: 2 })]), ...more }), (id) => id === 'pollack');
  const corner = [
    [0, 0],
    [2, 2],
    [2, 0],
    [0, 2],
  ];
  test('says which zone, and which piece of its coast, is drawn wrongly', () => {
    expect(read({}).ok).toBe(true);
    const zones = [{ id: 'reef', name: 'Reef', about: 'A reef.', grounds: [], bounds: corner }];
    expect(JSON.stringify(read({ zones }))).toContain('crosses itself');
    const square = [
      [0, 0],
      [0, 1],
      [1, 1],
      [1, 0],
    ];
    expect(JSON.stringify(read({ coast: [square, corner] }))).toMatch(/2.*crosses itself/);
    expect(read({ coast: [square] }).ok).toBe(true);
  });
  test('a zone that a rule names must be there', () => {
    expect(JSON.stringify(read({ rules: [rule('dailyBag', { most: 2, zones: ['reef', 'moon'] })] }))).toContain('moon');
  });
});
