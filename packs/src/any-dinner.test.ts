import { describe, expect, test } from '@jest/globals';
import { seeded } from '@dagboek/core/random';
import { planDinner } from '@dagboek/core/schedule';
import { anyDinner, wrongWith } from './any-dinner.ts';

describe('dinners by chance, with fires in a row, rounds and shared vessels', () => {
  const next = seeded(32);
  const some = Array.from({ length: 40 }, () => anyDinner(next)).flatMap((d) => d ?? []);
  const plans = some.map((d) => planDinner({ tasks: d.facts.tasks, means: d.facts.means, within: 600 }, 2_000_000));
  test('nothing is used twice, every wait is kept, no fish is served under what was asked', () => {
    expect(some.length).toBeGreaterThan(25);
    some.forEach((d, i) => {
      const plan = plans[i]!;
      // What cannot be planned says why; it is rare.
      if (plan.ok) expect([i, d.facts.dishes[0]!.name, wrongWith(d, plan)]).toEqual([i, d.facts.dishes[0]!.name, []]);
      else expect(plan.why.length).toBeGreaterThan(20);
    });
    expect(plans.filter((p) => p.ok).length).toBeGreaterThan(some.length * 0.9);
  });
  test('every kind is among them', () => {
    const kinds = new Set(some.flatMap((d) => d.kinds));
    for (const k of ['2 fires', 'rounds', 'one vessel for two']) expect([...kinds]).toContain(k);
  });
  test('what is wrong is seen: a fish too cold, a wait that is broken, a vessel with two dishes', () => {
    const i = some.findIndex((d, k) => plans[k]!.ok && d.kinds.includes('one vessel for two'));
    const [d, plan] = [some[i]!, plans[i]!];
    if (!plan.ok) throw new Error(plan.why);
    expect(wrongWith({ ...d, fire: { ...d.fire, toC: 90 } }, plan)).toEqual([expect.stringMatching(/^served at/)]);
    const atOnce = {
      ...plan,
      placed: plan.placed.map((p) => ({ ...p, startsBefore: p.task.minutes, endsBefore: 0 })),
    };
    const wrong = wrongWith(d, atOnce).join('; ');
    expect(wrong).toMatch(/waits/);
    expect(wrong).toMatch(/a vessel is used twice/);
    expect(wrongWith(d, { ok: false, state: 'none', why: 'x' })).toEqual(['no plan: x']);
  });
});
