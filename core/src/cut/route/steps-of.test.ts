import { describe, expect, test } from '@jest/globals';
import { loadSpecies } from '@dagboek/packs';
import fc from 'fast-check';
import {
  CUT_LINE_NAMES,
  CUT_ROUTES,
  cutCase,
  hazardsAt,
  nextStep,
  PART_TOUCH,
  PURPOSES,
  routeOf,
  routesFor,
  schoolOf,
  STEPS,
  stepIds,
  stepOf,
  stepsOf,
  stepsUpTo,
  WAYS,
  type Ways,
} from '../index.ts';

const SPECIES = loadSpecies();
const species = (id: string) => SPECIES.find((s) => s.id === id)!;
const of = (
  id: string,
  route: string,
  ways: Ways = {},
  more: { massG?: number; gutted?: boolean; purpose?: 'raw' | 'pan' } = {},
) =>
  stepsOf(routeOf(route), cutCase(species(id), { massG: 1000, gutted: false, purpose: 'pan', ways, ...more })).map(
    (s) => s.id,
  );
const anyWays = fc.record(
  Object.fromEntries(WAYS.map((w) => [w.of, fc.constantFrom(...w.schools.map((s) => s.is))])),
) as fc.Arbitrary<Ways>;

describe('the steps of a route', () => {
  test('a pollack from the tail, skinned by the house', () => {
    expect(of('pollack', 'fillet from the tail')).toEqual([
      'hands',
      'wipe',
      'weigh whole',
      'open the belly',
      'guts out',
      'gills out',
      'kidney',
      'weigh gutted',
      'notch the tail',
      'side one, tail',
      'side two',
      'weigh fillets',
      'ribs',
      'skin, blade',
      'tweezers',
      'weigh trimmed',
    ]);
  });

  test('spines come off before the fish is wiped or weighed; the other school leaves them', () => {
    expect(of('greater-weever', 'tail on the bone').slice(0, 4)).toEqual([
      'hands',
      'spines off',
      'wipe',
      'weigh whole',
    ]);
    expect(of('greater-weever', 'tail on the bone', { spines: 'left, and cut round' })[1]).toBe('spines left');
    expect(of('pollack', 'fillet from the tail')).not.toContain('spines off');
    // Poison in the flesh, or a bite, is no spine.
    expect(of('conger', 'steaks')).not.toContain('spines off');
  });

  test('what was gutted at sea is not gutted again', () => {
    const steps = of('pollack', 'fillet from the tail', {}, { gutted: true });
    expect(steps).not.toContain('open the belly');
    expect(steps).toContain('weigh gutted');
  });

  test('scales come off where the skin is eaten, and before the belly is opened', () => {
    const steps = of('seabass', 'fillet from the head', { skin: 'on' });
    expect(steps.indexOf('scale')).toBeGreaterThan(0);
    expect(steps.indexOf('scale')).toBeLessThan(steps.indexOf('open the belly'));
    expect(of('seabass', 'fillet from the head')).not.toContain('scale');
    expect(of('mackerel', 'fillet from the head', { skin: 'on' })).not.toContain('scale');
  });

  test('the dark line comes out raw or frozen, or always by the house way; a thick fish is slashed', () => {
    expect(of('mackerel', 'fillet from the head')).not.toContain('dark line');
    expect(of('mackerel', 'fillet from the head', {}, { purpose: 'raw' })).toContain('dark line');
    expect(of('mackerel', 'fillet from the head', { 'dark line': 'out always' })).toContain('dark line');
    expect(of('seabass', 'whole for the pan', {}, { massG: 1500 })).toContain('slash');
    expect(of('seabass', 'whole for the pan', {}, { massG: 120 })).not.toContain('slash');
  });

  test('an unknown school is that of the default; every way of a step is one there is', () => {
    expect(schoolOf({ rinse: 'with a fire hose' }, 'rinse').is).toBe('a cloth only');
    for (const w of WAYS) expect(new Set(w.schools.map((s) => s.is)).size).toBe(w.schools.length);
  });

  test('for every species, route, house and purpose: hands first, spines before the rest, whole first of what is weighed', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...SPECIES.filter((s) => routesFor(s).length > 0)),
        anyWays,
        fc.constantFrom(...PURPOSES),
        fc.integer({ min: 30, max: 40_000 }),
        fc.boolean(),
        (s, ways, purpose, massG, gutted) => {
          for (const name of routesFor(s)) {
            const steps = stepsOf(routeOf(name), cutCase(s, { massG, gutted, purpose, ways }));
            const ids = steps.map((x) => x.id);
            expect(ids[0]).toBe('hands');
            expect(new Set(ids).size).toBe(ids.length);
            const stings = s.hazards.some((h) => h.kind === 'venomous' && !['mouth', 'flesh', 'skin'].includes(h.part));
            expect(ids[1] === 'spines off' || ids[1] === 'spines left').toBe(stings);
            const weighed = steps.flatMap((x) => x.weigh ?? []);
            expect(weighed[0]).toBe('round');
            expect(weighed).toEqual(Object.keys(routeOf(name).stages));
            // Every step stands before exactly one weighing.
            const grouped = weighed.flatMap((w) => stepsUpTo(steps, w).map((x) => x.id));
            expect(grouped).toEqual(ids);
          }
        },
      ),
      { numRuns: 60 },
    );
  });
});

describe('going on', () => {
  const steps = stepsOf(
    routeOf('wings'),
    cutCase(species('thornback-ray'), { massG: 3000, gutted: false, purpose: 'pan', ways: {} }),
  );
  test('the next is the first after all that was done or weighed; what was passed over stays so', () => {
    expect(nextStep(steps, [], {})?.id).toBe('hands');
    expect(nextStep(steps, ['hands'], {})?.id).toBe('wipe');
    expect(nextStep(steps, [], { round: 1 })?.id).toBe('free the wings');
    expect(nextStep(steps, ['rest wings', 'hands'], { round: 1 })?.id).toBe('skin wings');
    expect(nextStep(steps, [], { trimmed: 1 })).toBeNull();
    // A step of another route or a newer version changes nothing.
    expect(nextStep(steps, ['unheard of', 'kidney'], {})?.id).toBe('hands');
  });
});

describe('what hurts at a step', () => {
  const weever = species('greater-weever').hazards;
  test('at the hands all of it, later where hands or blade come near, at a weighing nothing', () => {
    expect(hazardsAt(weever, STEPS.hands)).toHaveLength(weever.length);
    expect(hazardsAt(weever, STEPS['head and guts off']).some((h) => h.kind === 'venomous')).toBe(true);
    expect(hazardsAt(weever, STEPS.tweezers)).toEqual([]);
    expect(hazardsAt(weever, stepOf('weigh whole')!)).toEqual([]);
    expect(hazardsAt([{ part: 'a part of a newer pack' }], STEPS.tweezers)).toHaveLength(1);
  });
  test('every part that a shipped species hurts with has its place', () => {
    const parts = new Set(SPECIES.flatMap((s) => s.hazards.map((h) => h.part)));
    expect([...parts].filter((p) => !PART_TOUCH[p])).toEqual([]);
  });
});

test('every step is of some route, is written as one sentence, and names lines there are', () => {
  const used = new Set(CUT_ROUTES.flatMap((r) => stepIds(r.steps)));
  expect(Object.keys(STEPS).filter((id) => !used.has(id as never))).toEqual([]);
  for (const id of used) {
    const s = stepOf(id)!;
    expect(s.todo).toMatch(/^[A-Z].*\.$/);
    expect(s.todo.length).toBeLessThan(125);
    for (const line of s.lines ?? []) expect(CUT_LINE_NAMES).toContain(line);
    // A blade in hand is never without a word on where it goes.
    if (s.pose) expect(s.caution).toBeTruthy();
  }
});
