import { describe, expect, test } from '@jest/globals';
import { bareBody, drawFish, drawnTraits, figureSoFar, type FigureSpec, PARTS, stateFigure } from '@dagboek/figure';
import { loadSpecies, loadTraits } from './index.ts';

const SPECIES = loadSpecies();
const TRAITS = loadTraits();
const figure = (id: string | undefined): FigureSpec => SPECIES.find((s) => s.id === id)!.figure;
const PLAN = TRAITS.find((t) => t.id === 'plan')!;
/** Builds that differ in how they are drawn; the others are drawn like one of these. */
const SOME = ['round', 'flat left', 'shark', 'disc'].map((id) => figure(PLAN.states.find((s) => s.id === id)?.body));
const round = figure('seabass');
/** The drawing without what differs for every figure: its id, title and description. */
const ink = (spec: FigureSpec, crop?: Parameters<typeof drawFish>[1] extends infer O ? O : never): string =>
  drawFish(spec, { size: 168, idPrefix: 'x', ...crop }).svg.replace(/<title.*<\/desc>/, '');

describe('the states of the key, drawn alone', () => {
  test('every build has the outline of a species of that build', () => {
    for (const s of PLAN.states) {
      const species = SPECIES.find((x) => x.id === s.body);
      expect([s.id, (species?.traits['plan']?.[s.id] ?? 0) > 0.5]).toEqual([s.id, true]);
    }
  });

  test('half of the traits or more are drawn, and every drawn one is a trait of the key', () => {
    expect(drawnTraits().length).toBeGreaterThan(TRAITS.length / 2);
    for (const id of drawnTraits()) expect(TRAITS.map((t) => t.id)).toContain(id);
  });

  test.each(drawnTraits())('%s: two states or more are drawn, no two alike', (id) => {
    const trait = TRAITS.find((t) => t.id === id)!;
    const body = {
      fringe: 'brill',
      'shark-spine': 'smooth-hound',
      'tail-lobe': 'smooth-hound',
      'tail-barb': 'thornback-ray',
    }[id];
    const drawn = trait.states.flatMap((s) => {
      const f = stateFigure(figure(body ?? 'seabass'), id, s.id);
      return f ? [ink(f.spec, f.crop ? { crop: f.crop } : {})] : [];
    });
    expect(drawn.length).toBeGreaterThanOrEqual(2);
    expect(new Set(drawn).size).toBe(drawn.length);
  });

  test('on bodies of every kind each state can be drawn, or says that it is told in words', () => {
    for (const body of SOME)
      for (const t of TRAITS)
        for (const s of t.states) {
          const f = stateFigure(body, t.id, s.id);
          if (f) expect(() => drawFish(f.spec, { size: 96, ...(f.crop ? { crop: f.crop } : {}) })).not.toThrow();
          if (f?.crop) expect(PARTS).toContain(f.crop.part);
        }
    expect(stateFigure(figure('thornback-ray'), 'jaw', 'lower')).toBeNull();
    expect(stateFigure(round, 'no such trait', 'yes')).toBeNull();
  });
});

describe('the fish so far', () => {
  test('without answers it is the bare body: nothing on it answers a question', () => {
    const bare = bareBody(figure('tub-gurnard'));
    expect([bare.pattern, bare.skin, bare.freeRays, bare.gill?.spines]).toEqual([
      undefined,
      undefined,
      undefined,
      undefined,
    ]);
    expect(bare.fins?.every((f) => f.spines === undefined)).toBe(true);
    expect(ink(figureSoFar(round, {}))).toBe(ink(figureSoFar(round, { tail: 'cannot tell' })));
  });

  test('each answer is drawn upon it, and withdrawing takes it off again', () => {
    const one = figureSoFar(round, { finlets: 'yes' });
    const two = figureSoFar(round, { finlets: 'yes', tail: 'rounded' });
    expect(one.finlets).toHaveLength(2);
    expect(two.finlets).toHaveLength(2);
    expect(two.tail?.shape).toBe('rounded');
    expect(ink(two)).not.toBe(ink(one));
    expect(ink(figureSoFar(round, { finlets: 'yes' }))).toBe(ink(one));
  });

  test('any answer on any kind of body leaves a figure that can be drawn', () => {
    for (const body of SOME)
      for (const t of TRAITS) {
        const last = t.states.at(-1)!.id;
        expect(() => drawFish(figureSoFar(body, { pattern: 'mottled', [t.id]: last }), { size: 96 })).not.toThrow();
      }
  });
});
