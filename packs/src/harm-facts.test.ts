import { speciesLike } from '@dagboek/catalogue';
import { whyNeverEaten } from '@dagboek/core/harm';
import { expect, test } from '@jest/globals';
import { loadSpecies } from './index.ts';

const SPECIES = loadSpecies();

test.each(SPECIES.map((s) => [s.id, s] as const))('%s: class and text of its mercury agree', (_, s) => {
  const says = s.eating.filter((e) => /mercury/.test(e)).join(' ');
  if (s.mercury === 'low') expect(says).toBe('');
  if (s.mercury === 'some') expect(says).toMatch(/mercury.*(a plate a week at most|at most a plate a week)/);
  if (s.mercury === 'high') expect(says).toMatch(/can hold much mercury: not for the pregnant and small children/);
});

test('ciguatera is no matter of raw or cooked: what forbids raw fish says something else', () => {
  for (const s of SPECIES.filter((x) => x.raw.verdict === 'cook'))
    expect(`${s.id}: ${s.raw.why}`).not.toMatch(/^\S+: Ciguatera/);
});

test('what is never eaten says so in one voice, and nothing beside it offers a piece', () => {
  for (const s of SPECIES.filter((x) => x.raw.verdict === 'never')) {
    const all = [...s.eating, ...s.hazards.flatMap((h) => [h.does, h.grip])].join(' ');
    expect(`${s.id}: ${all}`).not.toMatch(/if at all|a small piece|as your authority advises/i);
  }
});

test('a species of one’s own that is like one of them is never eaten either', () => {
  const never = SPECIES.filter((s) => s.raw.verdict === 'never');
  expect(never.length).toBeGreaterThanOrEqual(8);
  for (const s of never) {
    const own = speciesLike(s, { id: 'own-fish', name: 'Own fish', latin: 'Sp. nova' }, {}, 'by hand');
    expect(whyNeverEaten('fillets', [own])).toBe(s.raw.why);
    expect(own.hazards).toEqual(s.hazards);
  }
});
