import { describe, expect, test } from '@jest/globals';
import { loadSpecies } from '@dagboek/packs';
import {
  CUT_ROUTES,
  expectedStage,
  isOnTheBone,
  massBalance,
  nextStage,
  ROUTE_NAMES,
  routeOf,
  routesFor,
  stageName,
  staysWhole,
  STAGES,
  stagesOf,
} from './index.ts';

const SPECIES = loadSpecies();
const routes = (id: string) => routesFor(SPECIES.find((s) => s.id === id) ?? null);

describe('cuts that suit a species', () => {
  test.each([
    ['turbot', 'flatfish, four fillets'],
    ['thornback-ray', 'wings'],
    ['greater-weever', 'tail on the bone'],
    ['red-scorpionfish', 'tail on the bone'],
    ['tope', 'steaks'],
    ['atlantic-salmon', 'fillet from the head'],
    ['pollack', 'fillet from the tail'],
  ])('%s: first %s', (id, first) => expect(routes(id)[0]).toBe(first));

  test('what is never eaten is not cut', () => {
    for (const s of SPECIES) expect([s.id, routesFor(s).length === 0]).toEqual([s.id, s.raw.verdict === 'never']);
  });

  test('every cut is one that the log knows', () => {
    for (const s of SPECIES) for (const r of routesFor(s)) expect(ROUTE_NAMES).toContain(r);
    expect(routesFor(null).length).toBeGreaterThan(0);
  });
});

describe('a route', () => {
  const words = (name: string): string[] => stagesOf(routeOf(name)).map((s) => s.name);

  test('asks for what can be weighed on it, by its own names', () => {
    expect(words('fillet from the tail')).toEqual(['Whole', 'Gutted', 'Fillets, skin on', 'Trimmed']);
    expect(words('wings')).toEqual(['Whole', 'Wings, skin on', 'Wings, skinned']);
    expect(words('tail on the bone')).toEqual(['Whole', 'Tail']);
    expect(words('gutted whole')).toEqual(['Whole', 'Gutted']);
  });
  test('says of the hands and the blade alone: what stings or pricks is told by the species', () => {
    for (const r of CUT_ROUTES)
      for (const s of stagesOf(routeOf(r.name))) expect(s.caution ?? '').not.toMatch(/thorn|spine|venom|sting/i);
  });
  test('on the bone are steaks and the tail of an armoured head', () => {
    expect(CUT_ROUTES.filter((r) => isOnTheBone(r)).map((r) => r.name)).toEqual(['steaks', 'tail on the bone']);
  });
  test('on which nothing is cut off is packed at once', () => {
    expect(CUT_ROUTES.filter((r) => staysWhole(r)).map((r) => r.name)).toEqual([
      'gutted whole',
      'whole for the pan',
      'flatfish, whole',
    ]);
  });
  test('calls no two stations alike', () => {
    for (const r of CUT_ROUTES) {
      const shorts = stagesOf(r, { round: 1, gutted: 1, fillets: 1, trimmed: 1 }).map((s) => s.short ?? s.name);
      expect([r.name, new Set(shorts).size]).toEqual([r.name, shorts.length]);
    }
  });
  test('goes on with the first that is not weighed, and ends', () => {
    const wings = routeOf('wings');
    expect(nextStage(wings, {})?.stage).toBe('round');
    expect(nextStage(wings, { round: 1 })?.stage).toBe('fillets');
    expect(nextStage(wings, { round: 1, fillets: 1, trimmed: 1 })).toBeNull();
  });
  test('shows what was weighed without being asked for, by the common name', () => {
    expect(stagesOf(routeOf('wings'), { gutted: 1 }).map((s) => [s.name, s.asked])).toContainEqual(['Gutted', false]);
    expect(stageName(routeOf('steaks'), 'fillets')).toBe('Fillets, skin on');
  });
  test('is spoken of by its own names when a weight cannot be', () => {
    const r = massBalance({ stages: { round: 330, trimmed: 400 }, byproducts: {} }, (s) =>
      stageName(routeOf('tail on the bone'), s),
    );
    expect(r.ok ? '' : r.why).toContain('Tail 400 g cannot weigh more than whole 330 g');
  });
  test('that only a newer version knows is called as fillets are', () => {
    expect(words('in ribbons')).toEqual(words('fillet from the head'));
  });
  test('begins with the whole fish, has a sentence for each weighing, and a caution wherever a blade is used', () => {
    for (const r of CUT_ROUTES) {
      const [first, ...others] = stagesOf(routeOf(r.name));
      expect([r.name, first?.stage, others.length > 0]).toEqual([r.name, 'round', true]);
      for (const s of others) expect([r.name, s.name, (s.caution ?? '').length > 20]).toEqual([r.name, s.name, true]);
      for (const s of r.usual) expect(STAGES).toContain(s);
    }
  });
  test('says what is usual only where the species’ figure holds: a steak keeps its bone', () => {
    const pollack = SPECIES.find((s) => s.id === 'pollack')!;
    expect(expectedStage(pollack, 'trimmed', 1000, routeOf('fillet from the head'))).not.toBeNull();
    expect(expectedStage(pollack, 'trimmed', 1000, routeOf('steaks'))).toBeNull();
    expect(expectedStage(pollack, 'gutted', 1000, routeOf('steaks'))).not.toBeNull();
  });
  test('gives four fillets of a flatfish, two of others, one whole', () => {
    expect(
      ['flatfish, four fillets', 'fillet from the head', 'wings', 'gutted whole'].map((n) => routeOf(n).pieces),
    ).toEqual([4, 2, 2, 1]);
  });
});
