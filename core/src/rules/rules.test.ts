import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  allowancesLeft,
  type CatchFacts,
  judge,
  judgeUnsettled,
  type KeptFish,
  OUTCOMES,
  type Rule,
  type RulePack,
  stricter,
} from './index.ts';

const said = { sentence: 'A rule.', source: 'notice 1' };
const LEAST: Rule = { id: 'least', kind: 'minimumSize', species: ['pollack'], leastMm: 340, length: 'total', ...said };
const BAG: Rule = { id: 'bag', kind: 'dailyBag', species: ['pollack'], most: 2, ...said };
const SEASON: Rule = {
  id: 'season',
  kind: 'closedSeason',
  species: ['pollack'],
  closed: { from: '12-01', to: '02-28' },
  ...said,
};
const BAN: Rule = { id: 'ban', kind: 'retentionBan', species: [], zones: ['hole'], ...said };

const aPack = (rules: Rule[], more: Partial<RulePack> = {}): RulePack => ({
  id: 'p',
  name: 'Test rules',
  version: '1',
  authority: 'nobody',
  checked: '2026-06-01',
  sample: true,
  timeZone: 'Atlantic/Faroe',
  zones: [],
  rules,
  ...more,
});
const PACK = aPack([LEAST, BAG, SEASON, BAN]);
const aCatch = (facts: Partial<CatchFacts> = {}): CatchFacts => ({
  speciesId: 'pollack',
  speciesName: 'Pollack',
  zone: 'reef',
  day: '2026-09-12',
  anglerId: 'wren',
  anglerName: 'Wren',
  count: 1,
  length: { mm: 400, kind: 'total', method: 'board' },
  ...facts,
});
const kept = (n: number, more: Partial<KeptFish> = {}): KeptFish[] =>
  Array.from({ length: n }, () => ({ speciesId: 'pollack', anglerId: 'wren', day: '2026-09-12', count: 1, ...more }));
/** How many of a day's bag for these species a person has used. */
const bagUsed = (
  { species }: { species: string[] },
  before: KeptFish[],
  who: string,
  day: string,
): number | undefined =>
  allowancesLeft(
    aPack([{ id: 'b', kind: 'dailyBag', species, most: 9, ...said }]),
    before,
    species[0] ?? 'pollack',
    [who],
    day,
  )[0]?.used;
const board = (mm: number): CatchFacts['length'] => ({ mm, kind: 'total', method: 'board' });

/** Cases a person can read: what is caught, what had been kept, and what must come of it. */
const CASES: [string, Partial<CatchFacts>, KeptFish[], string, string][] = [
  ['long enough, bag open', {}, [], 'keep', '40 is 6 over 34'],
  ['well short', { length: board(300) }, [], 'letGo', '30 is 4 under 34'],
  ['exactly the limit', { length: board(340) }, [], 'measureAgain', 'just 34'],
  ['4 mm over: within the board’s error', { length: board(344) }, [], 'measureAgain', '0.4 over 34'],
  ['5 mm over: beyond it', { length: board(345) }, [], 'keep', '0.5 over 34'],
  ['4 mm under: within the error', { length: board(336) }, [], 'measureAgain', '0.4 under 34'],
  ['5 mm under: beyond it', { length: board(335) }, [], 'letGo', '0.5 under 34'],
  [
    'the same 5 mm over, by eye',
    { length: { mm: 345, kind: 'total', method: 'eye' } },
    [],
    'measureAgain',
    'than the eye can tell',
  ],
  ['60 mm over by eye', { length: { mm: 450, kind: 'total', method: 'eye' } }, [], 'keep', '11 over 34'],
  ['not measured', { length: null }, [], 'ask', 'at least 34 cm'],
  ['measured the wrong way', { length: { mm: 400, kind: 'fork', method: 'board' } }, [], 'ask', 'Measure it that way'],
  ['the first of two', {}, [], 'keep', 'the 1st of 2; 1 left'],
  ['the second of two', {}, kept(1), 'keep', 'the 2nd of 2; none left'],
  ['the bag is full', {}, kept(2), 'letGo', 'Wren has kept 2 of 2 today'],
  ['another’s fish do not fill it', {}, kept(2, { anglerId: 'ilse' }), 'keep', 'the 1st of 2'],
  ['yesterday’s fish do not fill it', {}, kept(2, { day: '2026-09-11' }), 'keep', 'the 1st of 2'],
  ['another species does not fill it', {}, kept(2, { speciesId: 'cod' }), 'keep', 'the 1st of 2'],
  ['a lot that fits', { count: 2 }, [], 'keep', '2 fish make 2 of 2'],
  ['a lot that is too large', { count: 3 }, [], 'letGo', 'may keep 2 more today, and this lot is 3'],
  ['a lot on a half-full bag', { count: 2 }, kept(1), 'letGo', 'may keep 1 more today'],
  ['a kept lot counts its fish', {}, kept(1, { count: 2 }), 'letGo', 'has kept 2 of 2'],
  ['a lot is measured by its shortest', { count: 2, length: board(300) }, [], 'letGo', 'the shortest, 30'],
  ['the last day before closing', { day: '2026-11-30' }, [], 'keep', 'open; closed from 1 December'],
  ['the first closed day', { day: '2026-12-01' }, [], 'letGo', 'closed from 1 December to 28 February'],
  ['New Year within the closed season', { day: '2027-01-01' }, [], 'letGo', 'closed from'],
  ['the last closed day', { day: '2027-02-28' }, [], 'letGo', 'closed from'],
  ['29 February is still closed', { day: '2028-02-29' }, [], 'letGo', 'closed from'],
  ['the first open day', { day: '2027-03-01' }, [], 'keep', 'open'],
  ['a no-take zone', { zone: 'hole' }, [], 'letGo', 'A rule.'],
  ['short and closed: the strictest decides', { length: board(300), day: '2026-12-05' }, [], 'letGo', 'closed from'],
  ['unmeasured in a no-take zone: let go, no question asked', { zone: 'hole', length: null }, [], 'letGo', 'A rule.'],
  ['too near, and the bag is full', { length: board(341) }, kept(2), 'letGo', 'has kept 2 of 2'],
];

describe('verdicts', () => {
  test.each(CASES)('%s', (_, facts, before, outcome, words) => {
    const v = judge(PACK, aCatch(facts), before);
    expect(v.outcome).toBe(outcome);
    expect(v.findings.map((f) => `${f.lead} ${f.because}`).join(' ')).toContain(words);
  });

  test('the deciding finding stands first, every rule looked at is there, each with its source', () => {
    const v = judge(PACK, aCatch({ length: board(300) }), []);
    expect(v.findings[0]?.ruleId).toBe('least');
    expect(v.findings.map((f) => f.ruleId).sort()).toEqual(['bag', 'least', 'season']);
    expect(v.findings.every((f) => f.source === 'notice 1')).toBe(true);
  });

  test('margin and probability are given for sizes', () => {
    const f = judge(PACK, aCatch({ length: board(364) }), []).findings.find((x) => x.kind === 'minimumSize');
    expect(f).toMatchObject({ marginMm: 24, leastMm: 340 });
    expect(f?.chance).toBeGreaterThan(0.999);
  });

  test('a question names the fact and the kind of length', () => {
    expect(judge(PACK, aCatch({ length: null }), []).asks).toEqual({ fact: 'length', kind: 'total' });
    expect(judge(PACK, aCatch(), []).asks).toBeNull();
  });

  test('a species no rule speaks of is kept, but it is said that nothing is known', () => {
    const v = judge(PACK, aCatch({ speciesId: 'sunfish' }), []);
    expect(v).toMatchObject({ outcome: 'keep', noRuleFound: true });
  });

  test('rules not yet or no longer in force are passed over', () => {
    const old: Rule = { ...LEAST, id: 'old', leastMm: 500, inForce: { to: '2025-12-31' } };
    const next: Rule = { ...LEAST, id: 'next', leastMm: 500, inForce: { from: '2027-01-01' } };
    const pack = aPack([LEAST, old, next]);
    expect(judge(pack, aCatch(), []).outcome).toBe('keep');
    expect(judge(pack, aCatch({ day: '2025-12-31' }), []).outcome).toBe('letGo');
    expect(judge(pack, aCatch({ day: '2027-01-01' }), []).outcome).toBe('letGo');
  });

  test('a pack not checked for half a year says so', () => {
    expect(judge(PACK, aCatch(), [], '2026-11-28').pack.stale).toBe(false);
    expect(judge(PACK, aCatch(), [], '2026-11-29').pack.stale).toBe(true);
  });

  test('a group rule counts its species together', () => {
    const pack = aPack([{ id: 'flat', kind: 'dailyBag', species: ['turbot', 'brill'], most: 2, ...said }]);
    const before = [...kept(1, { speciesId: 'turbot' }), ...kept(1, { speciesId: 'brill' })];
    expect(judge(pack, aCatch({ speciesId: 'brill' }), before).outcome).toBe('letGo');
  });
});

describe('a fish that is not settled', () => {
  const pack = aPack([
    { ...LEAST, id: 'least-turbot', species: ['turbot'], leastMm: 380 },
    { ...LEAST, id: 'least-brill', species: ['brill'], leastMm: 340 },
  ]);
  const as = (speciesId: string, mm: number): CatchFacts => aCatch({ speciesId, length: board(mm) });

  test('the stricter rule applies, and it is said whose', () => {
    const v = judgeUnsettled(pack, [as('brill', 360), as('turbot', 360)], []);
    expect(v.verdict.outcome).toBe('letGo');
    expect(v.decidedBy).toBe('turbot');
    expect(judgeUnsettled(pack, [as('brill', 400), as('turbot', 400)], [])).toMatchObject({
      verdict: { outcome: 'keep' },
      decidedBy: 'brill',
    });
  });

  test('kept, it uses up the bag of each, and a bag for both of them once', () => {
    const fish: KeptFish = { speciesId: 'turbot', orElse: ['brill'], anglerId: 'wren', day: '2026-09-12', count: 1 };
    expect(bagUsed({ species: ['turbot'] }, [fish], 'wren', '2026-09-12')).toBe(1);
    expect(bagUsed({ species: ['brill'] }, [fish], 'wren', '2026-09-12')).toBe(1);
    expect(bagUsed({ species: ['turbot', 'brill'] }, [fish], 'wren', '2026-09-12')).toBe(1);
    expect(bagUsed({ species: ['plaice'] }, [fish], 'wren', '2026-09-12')).toBe(0);
  });

  test('it is never milder than any candidate, whatever their order, and one alone is judged as ever', () => {
    fc.assert(
      fc.property(fc.integer({ min: 250, max: 500 }), fc.boolean(), (mm, turned) => {
        const both = [as('brill', mm), as('turbot', mm)];
        const { verdict } = judgeUnsettled(pack, turned ? both.reverse() : both, []);
        for (const f of both) expect(stricter(verdict.outcome, judge(pack, f, []).outcome)).toBe(verdict.outcome);
        expect(judgeUnsettled(pack, [as('brill', mm)], []).verdict).toEqual(judge(pack, as('brill', mm), []));
      }),
    );
    expect(() => judgeUnsettled(pack, [], [])).toThrow(RangeError);
  });
});

describe('laws of judging', () => {
  const anyRule = fc.constantFrom(LEAST, BAG, SEASON, BAN);
  const anyCatch = fc.record({
    mm: fc.integer({ min: 200, max: 600 }),
    day: fc.constantFrom('2026-01-15', '2026-02-28', '2026-06-01', '2026-09-12', '2026-12-01'),
    zone: fc.constantFrom('reef', 'hole'),
    count: fc.integer({ min: 1, max: 4 }),
    already: fc.integer({ min: 0, max: 3 }),
  });
  const factsOf = (c: { mm: number; day: string; zone: string; count: number }): CatchFacts =>
    aCatch({ length: board(c.mm), day: c.day, zone: c.zone, count: c.count });

  test('adding a rule never makes the outcome milder', () => {
    fc.assert(
      fc.property(fc.uniqueArray(anyRule), anyRule, anyCatch, (rules, extra, c) => {
        const before = kept(c.already, { day: c.day });
        const few = judge(aPack(rules), factsOf(c), before).outcome;
        const more = judge(aPack([...rules, extra]), factsOf(c), before).outcome;
        return stricter(few, more) === more;
      }),
    );
  });

  test('the order of the rules does not matter', () => {
    fc.assert(
      fc.property(fc.shuffledSubarray([LEAST, BAG, SEASON, BAN], { minLength: 4 }), anyCatch, (rules, c) => {
        expect(judge(aPack(rules), factsOf(c), kept(c.already, { day: c.day }))).toEqual(
          judge(PACK, factsOf(c), kept(c.already, { day: c.day })),
        );
      }),
    );
  });

  test('the same facts are judged the same for ever', () => {
    fc.assert(
      fc.property(
        anyCatch,
        (c) => void expect(judge(PACK, factsOf(c), kept(c.already))).toEqual(judge(PACK, factsOf(c), kept(c.already))),
      ),
    );
  });

  test('a longer fish is never judged more strictly', () => {
    fc.assert(
      fc.property(anyCatch, fc.integer({ min: 0, max: 200 }), (c, more) => {
        const a = judge(PACK, factsOf(c), []).outcome;
        const b = judge(PACK, factsOf({ ...c, mm: c.mm + more }), []).outcome;
        return stricter(a, b) === a;
      }),
    );
  });

  test('keeping fewer fish never lowers what is left', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 1, max: 3 }), { maxLength: 6 }), fc.nat(5), (counts, drop) => {
        const all = counts.map((count): KeptFish => ({
          speciesId: 'pollack',
          anglerId: 'wren',
          day: '2026-09-12',
          count,
        }));
        const fewer = all.filter((_, i) => i !== drop);
        const left = (k: KeptFish[]): number =>
          allowancesLeft(PACK, k, 'pollack', ['wren'], '2026-09-12')[0]?.left ?? -1;
        return left(fewer) >= left(all);
      }),
    );
  });

  test('what is used and what is left make the bag, and left never falls below nothing', () => {
    expect(allowancesLeft(PACK, kept(1), 'pollack', ['wren', 'ilse'], '2026-09-12')).toMatchObject([
      { ruleId: 'bag', speciesId: 'pollack', anglerId: 'wren', most: 2, used: 1, left: 1 },
      { ruleId: 'bag', speciesId: 'pollack', anglerId: 'ilse', most: 2, used: 0, left: 2 },
    ]);
    expect(allowancesLeft(PACK, kept(5), 'pollack', ['wren'], '2026-09-12')[0]).toMatchObject({ used: 5, left: 0 });
    expect(bagUsed({ species: [] }, kept(2), 'wren', '2026-09-12')).toBe(2);
  });

  test('outcomes are ordered from mild to strict', () => {
    expect(OUTCOMES).toEqual(['keep', 'ask', 'measureAgain', 'letGo', 'mustNotReturn']);
    expect(stricter('keep', 'letGo')).toBe('letGo');
    expect(stricter('measureAgain', 'ask')).toBe('measureAgain');
  });
});
