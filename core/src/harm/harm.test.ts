import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { Hazard, HazardKind, Severity } from '../species/index.ts';
import {
  AID_CARDS,
  cardsFor,
  DANGER_SIGNS,
  HOT_WATER,
  hurtingParts,
  isDangerous,
  isGrave,
  releaseSentences,
  SEVERITIES,
  severityOf,
  tellHazards,
  worstHazard,
} from './index.ts';

const KINDS: readonly HazardKind[] = ['venomous', 'sharp', 'bite', 'poison', 'electric', 'blood'];
const hazard = (kind: HazardKind, more: Partial<Hazard> = {}): Hazard => ({
  kind,
  part: kind,
  where: `Where ${kind}.`,
  does: `Does ${kind}.`,
  grip: `Grip ${kind}.`,
  ...more,
});
const some = fc.array(
  fc.record({
    kind: fc.constantFrom(...KINDS),
    part: fc.string(),
    where: fc.constantFrom('On the back.', 'Below.', 'At the tail.'),
    does: fc.constantFrom('It stings.', 'The same.'),
    grip: fc.constantFrom('Pliers.', 'Shears.', 'None.'),
    severity: fc.constantFrom<Severity>('slight', 'painful', 'serious', 'can kill'),
  }),
  { maxLength: 8 },
);

describe('how dangerous it is', () => {
  test('venom comes before a shock, poison, a bite, blood and an edge, whatever the order in the file', () => {
    const all = KINDS.map((k) => hazard(k));
    expect(worstHazard(all)?.kind).toBe('venomous');
    expect(worstHazard([...all].reverse())?.kind).toBe('venomous');
    expect(worstHazard(all.filter((h) => h.kind !== 'venomous'))?.kind).toBe('electric');
    expect(worstHazard([])).toBeNull();
    const [mild, bad] = [hazard('bite', { severity: 'slight' }), hazard('bite', { severity: 'serious', part: 'b' })];
    expect(worstHazard([mild, bad])).toBe(bad);
  });

  test('venom, a shock and poison are grave; a bite, an edge and blood are not', () => {
    expect(KINDS.filter((kind) => isGrave({ kind }))).toEqual(['venomous', 'poison', 'electric']);
    expect(isDangerous({ hazards: [hazard('bite')] })).toBe(false);
    expect(isDangerous({ hazards: [hazard('bite'), hazard('electric')] })).toBe(true);
  });

  test('how bad it is comes from the file; where it is silent, the worse reading of its kind', () => {
    expect(severityOf({ kind: 'venomous', severity: 'painful' })).toBe('painful');
    expect(severityOf({ kind: 'venomous' })).toBe('serious');
    expect(severityOf({ kind: 'poison' })).toBe('can kill');
    expect(SEVERITIES).toEqual(['slight', 'painful', 'serious', 'can kill']);
  });

  test('every sentence of every hazard is told, and once', () => {
    fc.assert(
      fc.property(some, (hazards) => {
        const told = tellHazards(hazards).flatMap((t) => [t.where, t.does, t.grip].filter(Boolean));
        const all = hazards.flatMap((h) => [h.where, h.does, h.grip]);
        expect(new Set(told)).toEqual(new Set(all));
        expect(told.length).toBe(new Set(told).size);
      }),
    );
  });

  test('the gravest stands first', () => {
    expect(tellHazards([hazard('sharp'), hazard('bite'), hazard('venomous')]).map((t) => t.hazard.kind)).toEqual([
      'venomous',
      'bite',
      'sharp',
    ]);
  });
});

test('the parts that hurt in plain words, the gravest first, each once', () => {
  const parts = ['pectoral', 'mouth', 'first dorsal', 'first dorsal'];
  const list = parts.map((part, i) => hazard(i < 2 ? 'bite' : 'venomous', { part, where: `Where ${i}.` }));
  expect(hurtingParts(list)).toBe('first back fin, breast fins, mouth');
  expect(hurtingParts([])).toBe('');
});

describe('letting go', () => {
  const weever = { name: 'Weever', hazards: [hazard('venomous')], release: 'With pliers in the water.' };
  const whiting = { name: 'Whiting', hazards: [] };
  test('the sentence is the species’ own; of two it may be both stand', () => {
    expect(releaseSentences([weever])).toEqual(['With pliers in the water.']);
    expect(releaseSentences([whiting, weever])).toHaveLength(2);
    expect(releaseSentences([weever, weever])).toHaveLength(1);
  });
  test('without a sentence of its own nothing that can hurt is let go by hand, nor is what has no name', () => {
    expect(releaseSentences([{ name: 'X', hazards: [hazard('bite')] }])[0]).toMatch(/Never by hand/);
    expect(releaseSentences([])[0]).toMatch(/without touching/);
    expect(releaseSentences([whiting])[0]).toMatch(/upright/);
  });
});

describe('first aid', () => {
  const sting = AID_CARDS.find((c) => c.id === 'sting')!.steps.join(' ');
  test('a sting: only what lies loose is lifted off, a deep barb stays, hot water never above 45°, tried on the unhurt hand', () => {
    expect(sting).toMatch(/only what lies loose/);
    expect(sting).toMatch(/chest, belly or neck.*stays in.*emergency/);
    expect(sting).toMatch(/never above 45°, tried first on the unhurt hand/);
    expect(sting).toMatch(/Do not cut, suck, rub or tie off/);
    expect(HOT_WATER).toEqual({ leastC: 40, mostC: 45, minutes: [30, 90] });
    expect(DANGER_SIGNS).toMatch(/chest.*face.*joint.*breathing.*faintness/);
  });
  test('infections and poison have cards of their own, with rescue breathing after puffer', () => {
    const of = (id: string) => AID_CARDS.find((c) => c.id === id)!.steps.join(' ');
    expect(of('wound')).toMatch(/Vibrio.*erysipeloid, Mycobacterium/);
    expect(of('poison')).toMatch(/rescue breathing/);
  });
  test('the cards of what did it stand first; none is ever left out', () => {
    const fit = (...hazards: Hazard[]) =>
      cardsFor([{ hazards }])
        .filter((c) => c.fits)
        .map((c) => c.card.id);
    expect(fit(hazard('sharp'))).toEqual(['wound']);
    expect(fit(hazard('venomous'))).toEqual(['sting', 'wound']);
    expect(fit(hazard('poison'))).toEqual(['poison']);
    expect(fit(hazard('blood'))).toEqual(['wound', 'poison']);
    expect(cardsFor([{ hazards: [hazard('electric')] }]).map((c) => c.card.id)).toEqual([
      'shock',
      'sting',
      'wound',
      'poison',
      'burn',
    ]);
    expect(cardsFor([]).some((c) => c.fits)).toBe(false);
    expect(cardsFor([])).toHaveLength(AID_CARDS.length);
  });
});
