import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { Hazard } from '../species/index.ts';
import {
  AID_CARDS,
  aidCard,
  BEFORE_YOU_GO,
  byproductCaution,
  byproductPoison,
  cardOf,
  EMERGENCY_LINES,
  MAYDAY,
  sayPositionAloud,
  sayReturn,
  SPEAR_RULES,
  WATCH_S,
  whyNeverEaten,
} from './index.ts';

const hazard = (kind: Hazard['kind'], more: Partial<Hazard> = {}): Hazard => ({
  kind,
  part: 'mouth',
  where: 'x',
  does: 'x',
  grip: 'x',
  ...more,
});
const stepOf = (id: string, says: RegExp): number => aidCard(id)!.steps.findIndex((s) => says.test(s));

describe('cards of first aid', () => {
  test('what can kill comes before the bite of the same fish', () => {
    expect(cardOf({ hazards: [hazard('bite'), hazard('poison', { part: 'flesh', severity: 'can kill' })] })).toBe(
      'poison',
    );
    expect(cardOf({ hazards: [hazard('bite'), hazard('poison', { part: 'flesh', severity: 'painful' })] })).toBe(
      'bite',
    );
  });
  test('a bad allergy: the own pen is the first thing, a second one after five minutes', () => {
    expect(stepOf('allergy', /own adrenaline pen at once/)).toBe(0);
    expect(stepOf('allergy', /five minutes: a second pen/)).toBeGreaterThan(0);
    expect(aidCard('allergy')!.later.join(' ')).toMatch(/also dead, cooked or frozen/);
  });
  test('choking: blows, then thrusts; a bone is never pushed down with bread', () => {
    expect(aidCard('choking')!.steps[1]).toMatch(/five hard blows.*five thrusts/);
    expect(aidCard('choking')!.never.join(' ')).toMatch(/No bread, rice/);
  });
  test('blacked out in the water: the face out of it first, breaths before the tow', () => {
    expect(stepOf('blackout', /Face out of the water/)).toBe(0);
    expect(stepOf('blackout', /rescue breaths in the water.*Then tow/)).toBeGreaterThan(0);
  });
  test('a shaft, a spine and a barb that are in deep stay in', () => {
    for (const id of ['spear', 'barb', 'sting']) expect(aidCard(id)!.steps.join(' ')).toMatch(/stays in/);
    expect(aidCard('spear')!.never[0]).toMatch(/Do not pull or push the shaft/);
  });
  test('stings: rings off before the hot water, washed after it', () => {
    for (const id of ['sting', 'barb']) {
      const [rings, hot, wash] = [
        stepOf(id, /^Rings/),
        stepOf(id, /hot as can be borne/),
        stepOf(id, /has eased: wash/),
      ];
      expect([id, rings < hot && hot < wash && rings >= 0]).toEqual([id, true]);
    }
  });
  test('tetanus is asked by five years wherever it is asked', () => {
    const all = AID_CARDS.flatMap((c) => c.steps).filter((s) => /tetanus/i.test(s));
    expect(all.length).toBeGreaterThan(3);
    for (const s of all) expect(s).toMatch(/over five years ago/);
  });
});

describe('whom to call, and before you go', () => {
  test('the emergency number comes first and has one everywhere; the others are set', () => {
    expect(EMERGENCY_LINES.map((l) => [l.id, l.usual])).toEqual([
      ['emergency', '112'],
      ['coast guard', null],
      ['poison', null],
      ['divers', null],
    ]);
    expect(MAYDAY).toMatch(/channel 16.*Mayday.*name.*where you are.*how many/);
  });
  test('a position in degrees and minutes, to a tenth of a minute; none has sixty', () => {
    expect(sayPositionAloud([-9.42, 58.95])).toBe('58 degrees 57.0 minutes north, 9 degrees 25.2 minutes west');
    expect(sayPositionAloud([9.99999, -0.99999])).toBe('1 degrees 0.0 minutes south, 10 degrees 0.0 minutes east');
    fc.assert(
      fc.property(
        fc.double({ min: -180, max: 180, noNaN: true }),
        fc.double({ min: -90, max: 90, noNaN: true }),
        (a, b) => {
          const [lat, lon] = sayPositionAloud([a, b]).split(', ');
          for (const [said, x] of [
            [lat!, b],
            [lon!, a],
          ] as const) {
            const [d, m] = said.match(/[\d.]+/g)!.map(Number);
            expect(m!).toBeLessThan(60);
            expect(d! + m! / 60).toBeCloseTo(Math.abs(x), 2);
          }
        },
      ),
    );
  });
  test('the message says who, where, by when, and what to do if not', () => {
    const says = sayReturn({
      boat: 'Tern',
      where: 'North Skerries',
      who: ['Ilse', 'Tomas'],
      back: 'Sat 14:00',
      call: 'Sat 16:00',
      number: '112',
    });
    for (const word of ['Tern', 'Ilse and Tomas', 'North Skerries', 'Sat 14:00', 'by Sat 16:00, call 112'])
      expect(says).toContain(word);
  });
  test('five sentences; with a spear never alone, no fast breathing, thirty seconds of watching', () => {
    expect(BEFORE_YOU_GO).toHaveLength(5);
    expect(BEFORE_YOU_GO.filter((b) => b.spear).map((b) => b.id)).toEqual(['never alone']);
    expect(SPEAR_RULES[1]).toMatch(/^No fast or deep breathing before a dive/);
    expect(SPEAR_RULES[0]).toContain(`${WATCH_S} seconds`);
  });
});

describe('what of a fish is never eaten', () => {
  const roe = { name: 'Barbel', hazards: [hazard('poison', { part: 'roe', does: 'Violent sickness.' })] };
  const reef = { name: 'Grouper', hazards: [], ciguatera: true };
  const puffer = { name: 'Puffer', hazards: [], raw: { verdict: 'never' as const, why: 'It kills.' } };
  test('by species, by part, and by what it may be', () => {
    expect(whyNeverEaten('fillets', [puffer])).toBe('It kills.');
    expect(whyNeverEaten('fillets', [reef, puffer])).toBe('It may be Puffer. It kills.');
    expect(whyNeverEaten('roe', [roe])).toBe('Not to be eaten: violent sickness.');
    expect([whyNeverEaten('fillets', [roe]), whyNeverEaten('liver', [roe])]).toEqual([null, null]);
    for (const form of ['liver', 'roe', 'stock', 'cheeks', 'collars'] as const)
      expect(whyNeverEaten(form, [reef])).toMatch(/ciguatera/);
    expect(whyNeverEaten('fillets', [reef])).toBeNull();
  });
  test('the head and frame of a reef fish make no stock; a liver is seldom, and never from a green lake', () => {
    expect(byproductPoison('frame and head', reef)).toMatch(/Boiling does not help/);
    expect(byproductPoison('frame and head', { hazards: [] })).toBeNull();
    expect(byproductCaution('Liver', { hazards: [] })).toMatch(/vitamin A.*blue-green algae/);
  });
});
