import { describe, expect, test } from '@jest/globals';
import { type CatchFacts, judge, judgeUnsettled, type Rule, type RulePack } from './index.ts';
import { fishOf, PACK } from './rule-cases.test-support.ts';

const rule = (r: object): Rule => ({ sentence: 'S.', source: 'T', ...r }) as Rule;
const KILL = rule({ id: 'kill', kind: 'mustNotReturn', species: ['rainbow'] });
const LEAST = rule({ id: 'least', kind: 'minimumSize', species: ['trout'], leastMm: 280, length: 'total' });
const pack = (...rules: Rule[]): RulePack => ({ ...PACK, rules });
const as = (id: string, cm: number): CatchFacts => ({ ...fishOf(`${cm} cm`, id), speciesId: id, speciesName: id });

describe('a fish that may be one that is killed or one that goes back', () => {
  test('brown or rainbow trout, 20 cm: it asks what it is, and neither kills nor lets go', () => {
    for (const order of [
      ['rainbow', 'trout'],
      ['trout', 'rainbow'],
    ]) {
      const v = judgeUnsettled(
        pack(KILL, LEAST),
        order.map((id) => as(id, 20)),
        [],
      );
      expect(v.verdict.outcome).toBe('ask');
      expect(v.verdict.asks).toEqual({ fact: 'name' });
      expect(v.verdict.findings[0]).toMatchObject({ lead: 'What is it?', ruleId: 'kill' });
      expect(v.verdict.findings[0]?.because).toMatch(/as trout it must be released.*Neither can be undone/);
    }
  });
  test('also where the other might be kept: it need not be killed', () => {
    expect(judgeUnsettled(pack(KILL, LEAST), [as('rainbow', 40), as('trout', 40)], []).verdict.asks).toEqual({
      fact: 'name',
    });
  });
  test('once it is settled, or where every name is killed, it is killed', () => {
    expect(judgeUnsettled(pack(KILL, LEAST), [as('rainbow', 20)], []).verdict.outcome).toBe('mustNotReturn');
    const both = pack(KILL, rule({ id: 'kill2', kind: 'mustNotReturn', species: ['trout'] }));
    expect(judgeUnsettled(both, [as('rainbow', 20), as('trout', 20)], []).verdict.outcome).toBe('mustNotReturn');
  });
});

describe('a fish of which the rules say nothing', () => {
  const general = rule({ id: 'no-spear', kind: 'gearBan', species: [], banned: ['spear'] });
  test('no rule of it, or only how one may fish: nothing is known of keeping it', () => {
    for (const p of [pack(LEAST), pack(LEAST, general), pack(rule({ id: 'eat', kind: 'advice', species: ['cod'] }))])
      expect(judge(p, { ...as('cod', 40), gear: 'rod' }, []).noRuleFound).toBe(true);
  });
  test('a rule of its own, or a bag for every fish, is a word on it', () => {
    expect(judge(pack(LEAST), as('trout', 40), []).noRuleFound).toBe(false);
    const all = rule({ id: 'all', kind: 'possession', species: [], most: 5, days: 3 });
    expect(judge(pack(all), as('cod', 40), []).noRuleFound).toBe(false);
  });
});
