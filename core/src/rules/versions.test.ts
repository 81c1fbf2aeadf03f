import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { judge, readRulePack, type Rule, type RulePack, withVersions } from './index.ts';
import { fishOf, PACK } from './rule-cases.test-support.ts';

const base = { species: ['pollack'], source: 's' };
const least = (leastMm: number, id = 'least'): Rule => ({
  ...base,
  id,
  kind: 'minimumSize',
  leastMm,
  length: 'total',
  sentence: `At least ${leastMm}.`,
});
const bag = (most: number, id = 'bag'): Rule => ({
  ...base,
  id,
  kind: 'dailyBag',
  most,
  sentence: `No more than ${most}.`,
});
const pack = (version: string, rules: readonly Rule[]): RulePack => ({ ...PACK, version, rules });
const V1 = pack('1', [least(340), bag(4)]);
const V2 = pack('2', [least(380), bag(4)]);
const V3 = pack('3', [least(400), bag(4), bag(2, 'spring')]);
const on = (p: RulePack, day: string, length = '36 cm') => judge(p, fishOf(`${length} ${day}`, 'pollack'), []).outcome;

describe('versions of a pack', () => {
  const both = withVersions(V1, [{ pack: V2, from: '2026-09-01' }]);

  test('a catch is judged by what held on its day', () => {
    expect(on(both, '2026-08-31')).toBe('keep');
    expect(on(both, '2026-09-01')).toBe('letGo');
  });

  test('what a version leaves as it was goes on under its name, what it changes ends the day before', () => {
    expect(both.rules.filter((r) => r.id === 'bag')).toEqual([bag(4)]);
    expect(both.rules.find((r) => r.id === 'least, 1')?.inForce).toEqual({ to: '2026-08-31' });
    expect(both.rules.find((r) => r.id === 'least')?.inForce).toEqual({ from: '2026-09-01' });
    expect(both.version).toBe('2');
  });

  test('three in a row, given in any order, are the same', () => {
    const list = [
      { pack: V2, from: '2026-03-01' },
      { pack: V3, from: '2026-09-01' },
    ];
    const all = withVersions(V1, list);
    expect(withVersions(V1, [...list].reverse())).toEqual(all);
    expect(on(all, '2026-02-28')).toBe('keep');
    expect(on(all, '2026-03-01')).toBe('letGo');
    expect(on(all, '2026-08-31', '39.5 cm')).toBe('keep');
    expect(on(all, '2026-09-01', '39.5 cm')).not.toBe('keep');
    expect(new Set(all.rules.map((r) => r.id)).size).toBe(all.rules.length);
  });

  test('of two from the same day the last given counts; one of other waters does not', () => {
    const all = withVersions(V1, [
      { pack: V2, from: '2026-09-01' },
      { pack: V3, from: '2026-09-01' },
      { pack: { ...V2, id: 'elsewhere' }, from: '2026-09-01' },
    ]);
    expect(all.version).toBe('3');
    expect(all.rules.some((r) => r.kind === 'minimumSize' && r.leastMm === 380)).toBe(false);
  });

  test('a rule that would have begun later never does, when a version drops it', () => {
    const soon = { ...bag(1, 'soon'), inForce: { from: '2026-12-01' } };
    const all = withVersions(pack('1', [soon]), [{ pack: V2, from: '2026-09-01' }]);
    expect(all.rules.some((r) => r.id.startsWith('soon'))).toBe(false);
  });

  test('zones that a version drops stay, since old catches lie in them', () => {
    const fewer = { ...V2, zones: PACK.zones.slice(0, 1) };
    expect(
      withVersions(V1, [{ pack: fewer, from: '2026-09-01' }])
        .zones.map((z) => z.id)
        .sort(),
    ).toEqual(PACK.zones.map((z) => z.id).sort());
  });

  test('whatever the days, before the first version every catch is judged as without it', () => {
    const day = fc.integer({ min: 1, max: 28 }).map((d) => `2026-09-${String(d).padStart(2, '0')}`);
    fc.assert(
      fc.property(day, day, fc.integer({ min: 300, max: 450 }), (from, caught, mm) => {
        const fish = fishOf(`${mm / 10} cm ${caught}`, 'pollack');
        const then = caught < from ? V1 : V2;
        expect(judge(withVersions(V1, [{ pack: V2, from }]), fish, []).outcome).toBe(judge(then, fish, []).outcome);
      }),
    );
  });
});

describe('a rule pack out of a file', () => {
  const knows = (id: string): boolean => id !== 'unicorn-fish';
  const read = (p: object) => readRulePack(JSON.stringify(p), knows);

  test('is read whole', () => {
    const r = read(V1);
    expect(r).toEqual({ ok: true, pack: V1, warnings: [] });
  });

  test('a species that is not in the catalogue warns, and does not stand in the way', () => {
    const r = read(pack('1', [{ ...bag(2), species: ['unicorn-fish'] }]));
    expect(r.ok && r.warnings.join()).toContain('unicorn-fish');
  });

  test.each<[string, () => ReturnType<typeof readRulePack>, string]>([
    ['no JSON', () => readRulePack('{ "id": ', knows), 'not JSON'],
    ['what breaks the schema', () => read({}), 'the field "id" is missing'],
    ['a time zone that is none', () => read({ ...V1, timeZone: 'Atlantic/Nowhere' }), 'is not a time zone'],
    ['an id used twice', () => read(pack('1', [bag(2), bag(3)])), 'the id "bag"'],
    ['a zone that is not there', () => read(pack('1', [{ ...bag(2), zones: ['moon'] }])), '"moon"'],
    ['a rule that does not hold together', () => read(pack('1', [least(-5)])), 'rules.0.leastMm'],
    [
      'an exemption from nothing',
      () => read(pack('1', [{ ...base, id: 'x', kind: 'exemption', from: ['gone'], sentence: 'x' }])),
      '"gone"',
    ],
  ])('%s is refused with a sentence', (_, ask, says) => {
    const r = ask();
    expect(r.ok).toBe(false);
    expect(r.ok || r.why).toContain(says);
  });
});
