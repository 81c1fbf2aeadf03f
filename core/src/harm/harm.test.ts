import { METRIC } from '../units/index.ts';
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { Hazard, HazardKind, Severity } from '../species/index.ts';
import {
  AID_CARDS,
  AID_IDS,
  aidCard,
  CALL_SIGNS,
  cardOf,
  cardsFor,
  HOT_WATER,
  hurtingParts,
  isDangerous,
  isGrave,
  deepSentences,
  RELEASE_ALWAYS,
  SWELLS_FROM_M,
  releaseSentences,
  SEVERITIES,
  severityOf,
  saySoak,
  simulatedBowlC,
  SOAK_TEST,
  SPEAR_RULES,
  surfaceRestMs,
  soakState,
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
  test('of every fish: a deep hook stays in it', () =>
    expect(RELEASE_ALWAYS.join(' ')).toMatch(/Leave a deep hook in: cut the line/));
  test('up from the deep: by its bladder and the depth that was noted', () => {
    const of = (bladder?: 'closed' | 'open' | 'none') => ({ name: 'X', hazards: [], ...(bladder ? { bladder } : {}) });
    const [closed, open, none] = [of('closed'), of('open'), of('none')];
    expect(deepSentences([closed], SWELLS_FROM_M)[0]).toMatch(/^Up from 10 m it is swollen inside.*with a descender/);
    expect(deepSentences([closed], SWELLS_FROM_M - 0.1)).toEqual([]);
    expect(deepSentences([closed], null)[0]).toMatch(/^From 10 m and deeper it comes up swollen/);
    expect(deepSentences([closed], 24, { ...METRIC, length: 'in' })[0]).toContain('79 ft');
    expect(deepSentences([open], 30)[0]).toMatch(/Up from 30 m it releases gas through its mouth/);
    expect(deepSentences([none], 60)).toEqual([]);
    // Not known, or no name yet: what is seen decides.
    expect(deepSentences([of()], null)).toEqual(deepSentences([], 40));
    expect(deepSentences([], 40)[0]).toMatch(/^If it floats/);
    expect(deepSentences([closed, none, closed, open], 30)).toHaveLength(2);
    for (const s of [closed, open, of()].flatMap((x) => deepSentences([x], 40))) expect(s).toMatch(/[.]$/);
  });
  test('without a sentence of its own nothing that can hurt is let go by hand, nor is what has no name', () => {
    expect(releaseSentences([{ name: 'X', hazards: [hazard('bite')] }])[0]).toMatch(/Never by hand/);
    expect(releaseSentences([])[0]).toMatch(/without touching/);
    expect(releaseSentences([whiting])[0]).toMatch(/upright/);
  });
});

describe('first aid', () => {
  const sting = aidCard('sting')!;
  const says = (id: string) => {
    const c = aidCard(id)!;
    return [...c.call, ...c.steps, ...c.never, ...c.later].join(' ');
  };
  test('a sting: only what lies loose is lifted off, a deep spine stays, hot water never above 45°, tried on the unhurt hand', () => {
    const steps = sting.steps.join(' ');
    expect(steps).toMatch(/only what lies loose/);
    expect(steps).toMatch(/chest, belly or neck.*stays in.*emergency/);
    expect(steps).toMatch(/never above 45°. Test the water first with the uninjured hand/);
    expect(sting.never.join(' ')).toMatch(/not cut, suck, rub or use a tourniquet/);
    expect(HOT_WATER).toEqual({ leastC: 40, mostC: 45, minutes: [30, 90] });
    expect(CALL_SIGNS.join(' ')).toMatch(/breathe, faint.*chest.*face.*joint.*does not stop/);
  });
  test('a deep barb stays in; a hook in the eye is left, nothing presses on it; nobody dives again to be rid of it', () => {
    expect(says('barb')).toMatch(/barb stays in when it is deep.*Do not pull/);
    expect(says('hook')).toMatch(/In the eye: leave it.*Never press on an eye/);
    expect(says('pressure')).toMatch(/Do not go down again/);
    expect(says('water')).toMatch(/five rescue breaths/);
    expect(says('burn')).toMatch(/20 minutes.*No ice/);
  });
  test('infections and poison: rescue breathing after puffer, Vibrio within hours, botulism', () => {
    expect(says('bite')).toMatch(/Vibrio.*erysipeloid, Mycobacterium/);
    expect(says('poison')).toMatch(/rescue breathing/);
    expect(says('poison')).toMatch(/botulism/);
  });
  test('every card says when to call, what to do and where it comes from; those with hot water are stings', () => {
    expect(AID_CARDS.map((c) => c.id).sort()).toEqual([...AID_IDS].sort());
    for (const c of AID_CARDS) {
      expect([c.id, c.call.length > 0, c.steps.length > 1, c.sources.length > 0]).toEqual([c.id, true, true, true]);
      for (const s of [...c.steps, ...c.never, ...c.later])
        expect([c.id, s]).toEqual([c.id, expect.stringMatching(/[.]$/)]);
    }
    expect(AID_CARDS.filter((c) => c.hotWater).map((c) => c.id)).toEqual(['sting', 'barb', 'jellyfish', 'urchin']);
    expect(aidCard('nothing')).toBeNull();
  });
  test('the cards of what did it stand first; none is ever left out', () => {
    const fit = (...hazards: Hazard[]) =>
      cardsFor([{ hazards }])
        .filter((c) => c.fits)
        .map((c) => c.card.id);
    expect(fit(hazard('sharp'))).toEqual(['cut']);
    expect(fit(hazard('venomous'))).toEqual(['sting', 'cut']);
    expect(fit(hazard('venomous', { part: 'tail barb' }))).toEqual(['barb', 'cut']);
    expect(fit(hazard('poison'))).toEqual(['poison']);
    expect(fit(hazard('bite'))).toEqual(['bite', 'cut']);
    expect(fit(hazard('blood'))).toEqual(['cut', 'blood', 'poison']);
    expect(cardOf({ hazards: [hazard('electric')] })).toBe('shock');
    expect([cardOf({ hazards: [] }), cardOf(null)]).toEqual([null, null]);
    expect(cardsFor([]).some((c) => c.fits)).toBe(false);
    expect(cardsFor([])).toHaveLength(AID_CARDS.length);
  });
});

test('with a spear: never alone, unloaded before boarding, rested twice as long as the dive', () => {
  const said = SPEAR_RULES.join(' ');
  expect(said).toMatch(/one up, one down/);
  expect(said).toMatch(/Unload the speargun in the water, before anyone climbs aboard/);
  expect([surfaceRestMs(60_000), surfaceRestMs(0), surfaceRestMs(-5)]).toEqual([120_000, 0, 0]);
});

describe('a soak in hot water', () => {
  const MIN = 60_000;
  test.each<[string, number, number, number | null, Partial<ReturnType<typeof soakState>>]>([
    ['just in', 0, 0, null, { state: 'soaks', water: 'right', toLeastMs: 30 * MIN, topUpInMs: 10 * MIN }],
    ['by a clock set back', -MIN, -MIN, null, { state: 'soaks', goneMs: 0 }],
    ['ten minutes, not topped up', 10, 0, null, { water: 'top up', topUpInMs: 0 }],
    ['topped up a moment ago', 25, 24, null, { water: 'right', topUpInMs: 9 * MIN }],
    ['half an hour', 30, 25, null, { state: 'enough', toLeastMs: 0 }],
    ['an hour and a half', 90, 85, null, { state: 'over', toMostMs: 0 }],
    ['reads 41', 5, 0, 41, { water: 'right' }],
    ['reads just under 41', 5, 5, 40.9, { water: 'top up' }],
    ['reads 45', 5, 0, 45, { water: 'right' }],
    ['reads more than 45', 5, 5, 45.1, { water: 'too hot' }],
  ])('%s', (_, goneMin, toppedMin, waterC, says) => {
    expect(soakState(0, toppedMin * MIN, goneMin * MIN, waterC)).toMatchObject(says);
  });
  test('what it asks for: out of what scalds before anything else, no more hot water when it is long enough', () => {
    const say = (goneMin: number, toppedMin: number, waterC: number | null) =>
      saySoak(soakState(0, toppedMin * MIN, goneMin * MIN, waterC));
    expect(say(95, 95, 46)).toEqual({
      line: 'Take it out now: the water is too hot and scalds.',
      key: 'not now: let it cool first',
    });
    expect(say(95, 60, 38)).toEqual({ line: 'Take it out: longer does not help.', key: 'long enough: out of it' });
    expect(say(12, 0, null).key).toMatch(/^due now/);
    expect(say(12, 10, null).line).toBe('Top up in 8 min.');
    expect(say(12, 10, 43).line).toBe('The water is warm enough.');
    expect(SOAK_TEST).toMatch(/uninjured hand first.*never above 45°/);
  });
  test('the simulated bowl cools from 44° towards the air, and is never hotter than filled', () => {
    expect(simulatedBowlC(0)).toBe(44);
    expect(simulatedBowlC(-MIN)).toBe(44);
    expect(simulatedBowlC(70 * MIN)).toBeCloseTo(15 + 29 / Math.E, 9);
    expect(simulatedBowlC(8 * MIN)).toBeLessThan(41);
  });
});
