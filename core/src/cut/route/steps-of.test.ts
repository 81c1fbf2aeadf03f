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
  WEIGHINGS,
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
      'hands ready',
      'wiped',
      'weigh whole',
      'belly open',
      'guts out',
      'gills out',
      'blood line scraped',
      'weigh gutted',
      'notched at the tail',
      'side one off, from the tail',
      'side two off',
      'weigh fillets',
      'ribs off',
      'skinned',
      'pin bones out',
      'weigh trimmed',
    ]);
  });

  test('spines come off before the fish is wiped or weighed; the other school leaves them', () => {
    expect(of('greater-weever', 'tail on the bone').slice(0, 4)).toEqual([
      'hands ready',
      'spines off',
      'wiped',
      'weigh whole',
    ]);
    expect(of('greater-weever', 'tail on the bone', { spines: 'left, and cut round' })[1]).toBe('spines left on');
    expect(of('pollack', 'fillet from the tail')).not.toContain('spines off');
    // Poison in the flesh, or a bite, is no spine.
    expect(of('conger', 'steaks')).not.toContain('spines off');
  });

  test('what was gutted at sea is not gutted again', () => {
    const steps = of('pollack', 'fillet from the tail', {}, { gutted: true });
    expect(steps).not.toContain('belly open');
    expect(steps).toContain('weigh gutted');
  });

  test('scales come off where the skin is eaten, and before the belly is opened', () => {
    const steps = of('seabass', 'fillet from the head', { skin: 'on' });
    expect(steps.indexOf('scaled')).toBeGreaterThan(0);
    expect(steps.indexOf('scaled')).toBeLessThan(steps.indexOf('belly open'));
    expect(of('seabass', 'fillet from the head')).not.toContain('scaled');
    expect(of('mackerel', 'fillet from the head', { skin: 'on' })).not.toContain('scaled');
  });

  test('the dark line comes out raw or frozen, or always by the house way; a thick fish is slashed', () => {
    expect(of('mackerel', 'fillet from the head')).not.toContain('dark line out');
    expect(of('mackerel', 'fillet from the head', {}, { purpose: 'raw' })).toContain('dark line out');
    expect(of('mackerel', 'fillet from the head', { 'dark line': 'out always' })).toContain('dark line out');
    expect(of('seabass', 'whole for the pan', {}, { massG: 1500 })).toContain('flanks slashed');
    expect(of('seabass', 'whole for the pan', {}, { massG: 120 })).not.toContain('flanks slashed');
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
            expect(ids[0]).toBe('hands ready');
            expect(new Set(ids).size).toBe(ids.length);
            const stings = s.hazards.some((h) => h.kind === 'venomous' && !['mouth', 'flesh', 'skin'].includes(h.part));
            expect(ids[1] === 'spines off' || ids[1] === 'spines left on').toBe(stings);
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
    expect(nextStep(steps, [], {})?.id).toBe('hands ready');
    expect(nextStep(steps, ['hands ready'], {})?.id).toBe('wiped');
    expect(nextStep(steps, [], { round: 1 })?.id).toBe('wings off');
    expect(nextStep(steps, ['wings soaked', 'hands ready'], { round: 1 })?.id).toBe('wings skinned');
    expect(nextStep(steps, [], { trimmed: 1 })).toBeNull();
    // A step of another route or a newer version changes nothing.
    expect(nextStep(steps, ['unheard of', 'blood line scraped'], {})?.id).toBe('hands ready');
  });
});

describe('what hurts at a step', () => {
  const weever = species('greater-weever').hazards;
  const CASE = { massG: 1000, gutted: false, purpose: 'pan' as const, ways: {} };
  test('lifted whole onto the scale it is by the fins and covers that it hurts', () => {
    const whole = stepsOf(routeOf('tail on the bone'), cutCase(species('greater-weever'), CASE)).find(
      (s) => s.weigh === 'round',
    )!;
    expect(hazardsAt(weever, whole).some((h) => h.kind === 'venomous')).toBe(true);
  });
  test('at the hands all of it, later where hands or blade come near, at a weighing nothing', () => {
    expect(hazardsAt(weever, STEPS['hands ready'])).toHaveLength(weever.length);
    expect(hazardsAt(weever, STEPS['head and guts off']).some((h) => h.kind === 'venomous')).toBe(true);
    expect(hazardsAt(weever, STEPS['pin bones out'])).toEqual([]);
    expect(
      hazardsAt(
        weever,
        stepsOf(routeOf('fillet from the tail'), cutCase(species('pollack'), CASE)).find(
          (s) => s.id === 'weigh fillets',
        )!,
      ),
    ).toEqual([]);
    expect(hazardsAt([{ part: 'a part of a newer pack' }], STEPS['pin bones out'])).toHaveLength(1);
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
    const s = stepOf(id) ?? WEIGHINGS[id as keyof typeof WEIGHINGS];
    expect(s.todo).toMatch(/^[A-Z].*\.$/);
    expect(s.todo.length).toBeLessThan(125);
    if ('weigh' in s) continue;
    for (const line of s.lines ?? []) expect(CUT_LINE_NAMES).toContain(line);
    // A blade in hand is never without a word on where it goes.
    if (s.pose) expect(s.caution).toBeTruthy();
  }
});
