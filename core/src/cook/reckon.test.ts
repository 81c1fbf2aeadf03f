import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { POLLACK } from '../test-species.test-support.ts';
import { byProbe, simulatedProbe } from './by-probe.ts';
import { portion } from './cook.test-support.ts';
import {
  brineSaltG,
  cureTroubles,
  diceInCitrus,
  erfc,
  saltCure,
  saltFor,
  whiteFrontMm,
  whiteThroughMin,
} from './curing.ts';
import { DONE, doneAt, killsWorms, whyOnlyTheLine } from './done-ness.ts';
import { looksFor } from './looks.ts';
import { methodsThatSuit, type ToCook } from './method-suits.ts';
import { METHODS, methodOf, usualSetting } from './methods.ts';
import { cookFor, type Cooking, type CookingAsked, reckonCooking } from './reckon-cooking.ts';
import { thicknessOfPart } from './piece.ts';
import { rulesOfThumb } from './rules-of-thumb.ts';

const asked = (more: Partial<CookingAsked> = {}): CookingAsked => {
  const method = more.method ?? methodOf('roast')!;
  return {
    method,
    setting: method.heat ? usualSetting(method.heat) : { mediumC: 20, amount: 1, turns: 0 },
    piece: portion(),
    pieces: 4,
    startC: 4,
    toC: 60,
    thicknessBy: 'by ruler',
    species: null,
    ...more,
  };
};
const cooked = (more: Partial<CookingAsked> = {}): Cooking => {
  const r = reckonCooking(asked(more));
  if (!r.ok) throw new Error(r.why);
  return r;
};

describe('how long', () => {
  test('it is pulled before, and coasts to what was asked; the band holds the estimate', () => {
    const r = cooked();
    expect(r.course.pulledC).toBeLessThan(57);
    expect(r.reachesC).toBeCloseTo(60, 0);
    expect(r.course.peakC).toBeGreaterThanOrEqual(r.reachesC);
    expect(r.course.peakS).toBeGreaterThan(r.course.pulledS);
    expect(r.lowS).toBeLessThan(r.course.pulledS);
    expect(r.highS).toBeGreaterThan(r.course.pulledS);
  });
  test('a ruler narrows the band', () => {
    const wide = cooked({ thicknessBy: 'of the mass' });
    const narrow = cooked({ thicknessBy: 'by ruler' });
    expect(wide.highS - wide.lowS).toBeGreaterThan((narrow.highS - narrow.lowS) * 1.15);
    expect(wide.course.pulledS).toBeCloseTo(narrow.course.pulledS, 6);
  });
  test('minutes a side come to the whole', () => {
    const once = cooked({ method: methodOf('pan')! });
    expect(once.sidesS).toHaveLength(2);
    expect(once.sidesS[0]! / once.course.pulledS).toBeCloseTo(0.6, 6);
    const often = cooked({ method: methodOf('pan')!, setting: { mediumC: 180, amount: 2, turns: 5 } });
    expect(often.sidesS.reduce((a, b) => a + b)).toBeCloseTo(often.course.pulledS, 6);
    // Turned often, heat comes from both sides: sooner than once.
    expect(often.course.pulledS).toBeLessThan(once.course.pulledS);
    expect(cooked().sidesS).toHaveLength(1);
  });
  test('what cannot be is said', () => {
    const why = (more: Partial<CookingAsked>): string => {
      const r = reckonCooking(asked(more));
      return r.ok ? '' : r.why;
    };
    expect(why({ piece: portion({ massG: 0 }) })).toMatch(/above 0/);
    expect(why({ piece: portion({ thicknessMm: 0 }) })).toMatch(/2 mm/);
    expect(why({ startC: 80 })).toMatch(/starting temperature/);
    expect(why({ toC: 120 })).toMatch(/temperature of the middle/);
    expect(why({ pieces: 0 })).toMatch(/pieces/);
    expect(why({ setting: { mediumC: 900, amount: 1, turns: 0 } })).toMatch(/The oven is between 120° and 250°/);
    expect(why({ method: methodOf('in salt')!, setting: { mediumC: 20, amount: 1, turns: 0 } })).toMatch(
      /uses no heat/,
    );
    const off = methodOf('poach, heat off')!;
    expect(why({ method: off, setting: { mediumC: 90, amount: 0.3, turns: 0 }, pieces: 6 })).toMatch(
      /leave the heat on/,
    );
    expect(() => cookFor(asked({ toC: 120 }), 60)).toThrow(RangeError);
  });
  test('rules of thumb: ten minutes an inch, ten a pound of a whole fish in steam', () => {
    expect(rulesOfThumb(methodOf('roast')!, portion())).toEqual({ byThicknessMin: 10, byWeightMin: null });
    const whole = portion({ cut: 'whole', massG: 900, thicknessMm: 45 });
    expect(rulesOfThumb(methodOf('steam')!, whole)).toEqual({ byThicknessMin: 18, byWeightMin: 20 });
    expect(rulesOfThumb(methodOf('stick')!, portion()).byThicknessMin).toBeNull();
  });
  test('every way with fire can be reckoned for what it is for', () => {
    for (const method of METHODS) {
      if (!method.heat) continue;
      const cut = method.cuts[0]!;
      const thicknessMm = Math.min(method.thickMm[1], Math.max(method.thickMm[0], 25));
      const r = reckonCooking(
        asked({
          method,
          setting: usualSetting(method.heat),
          piece: portion({
            cut,
            thicknessMm,
            massG: cut === 'whole' ? 600 : 160,
            fat: method.fat === 'oily' ? 'oily' : 'lean',
          }),
          pieces: 2,
          toC: method.middle === 'raw' ? 25 : 63,
          species: POLLACK,
        }),
      );
      expect([method.id, r.ok]).toEqual([method.id, true]);
    }
  });
});

describe('by the probe', () => {
  const r = cooked();
  const long = cookFor(asked(), r.course.pulledS * 2.5);
  const readingsOf = (slower: number, times: readonly number[]) =>
    times.map((atS) => ({ atS, c: simulatedProbe(long, atS, slower, 1) }));
  test('a piece that warms a third slower is found, its time with it, and the band narrows', () => {
    const by = byProbe(r, long, readingsOf(1.33, [120, 180, 240, 300, 360]));
    expect(by.slower).toBeGreaterThan(1.24);
    expect(by.slower).toBeLessThan(1.38);
    expect(by.laterS).toBeGreaterThan(r.course.pulledS * 0.2);
    expect(by.highS - by.lowS).toBeLessThan((r.highS - r.lowS) * 0.7);
    expect(by.used).toBeGreaterThan(2);
  });
  test('within the band of what it says, for most', () => {
    for (const slower of [0.8, 0.9, 1, 1.1, 1.25]) {
      const by = byProbe(r, long, readingsOf(slower, [150, 250, 350]));
      expect(by.lowS).toBeLessThan(r.course.pulledS * slower);
      expect(by.highS).toBeGreaterThan(r.course.pulledS * slower);
    }
  });
  test('a probe that reads the same too warm each time: the truth stays in the band, however often it is read', () => {
    const truth = r.course.pulledS * 1.1;
    const at = (n: number) => Array.from({ length: n }, (_, i) => 120 + (i * 240) / n);
    const off = (n: number, by: number) =>
      byProbe(
        r,
        long,
        readingsOf(1.1, at(n)).map((x) => ({ ...x, c: x.c + by })),
      );
    for (const by of [-0.7, 0.7])
      for (const n of [1, 3, 20, 100]) {
        const told = off(n, by);
        expect([by, n, told.lowS < truth && truth < told.highS]).toEqual([by, n, true]);
      }
    const width = (n: number): number => off(n, 0).highS - off(n, 0).lowS;
    // Twenty readings are worth more than one, and a hundred hardly more than twenty.
    expect(width(20)).toBeLessThan(width(1));
    expect(width(100)).toBeGreaterThan(width(20) * 0.8);
  });
  test('what begins as warm as it is to become has no time', () => {
    expect(reckonCooking(asked({ startC: 45, toC: 40 }))).toMatchObject({
      ok: false,
      why: expect.stringMatching(/45° already, and should reach 40°/),
    });
    expect(reckonCooking(asked({ startC: 40, toC: 40 }))).toMatchObject({ ok: false });
    expect(reckonCooking(asked({ startC: 39, toC: 45 }))).toMatchObject({ ok: true });
  });
  test('what is turned is followed as it is turned, also beyond its time', () => {
    const method = methodOf('pan')!;
    const pan = cooked({ method });
    const { pulledS } = pan.course;
    const beyond = cookFor(asked({ method }), pulledS * 2, pulledS);
    const at = beyond.atS.findIndex((s) => s >= pulledS - 1e-6);
    expect(beyond.coreC[at]).toBeCloseTo(pan.course.pulledC, 0);
    const readings = [0.5, 0.8].map((x) => ({
      atS: x * pulledS * 1.2,
      c: simulatedProbe(beyond, x * pulledS * 1.2, 1.2, 3),
    }));
    expect(byProbe(pan, beyond, readings).slower).toBeGreaterThan(1.05);
  });
  test('no reading, no change; a jump and nonsense are left out', () => {
    const none = byProbe(r, long, []);
    expect(none).toMatchObject({ slower: 1, used: 0 });
    expect(none.laterS).toBeCloseTo(0, 1);
    const good = readingsOf(1, [240, 300]);
    const jumped = byProbe(r, long, [...good, { atS: 310, c: 95 }, { atS: 320, c: Number.NaN }]);
    expect(jumped.refused.map((x) => x.atS)).toEqual([310, 320]);
    expect(jumped.slower).toBeCloseTo(byProbe(r, long, good).slower, 9);
    expect(jumped.refused[0]!.why).toMatch(/jumped/);
  });
});

describe('how done', () => {
  test('the ways are in order, and the last is the line of the authority', () => {
    const c = Object.values(DONE).map((d) => d.coreC);
    expect(c).toEqual([...c].sort((a, b) => a - b));
    expect(c.at(-1)).toBe(63);
    // The line of the UK, 70 degC, is no fault of the cook.
    expect([44, 51, 56, 60, 70, 75].map(doneAt)).toEqual([null, 'glassy', 'just parts', 'moist', 'moist', 'dry']);
    // Each border belongs to the way above it.
    expect([44.9, 45, 53.4, 53.5, 57.9, 58, 71.9, 72].map(doneAt)).toEqual([
      null,
      'glassy',
      'glassy',
      'just parts',
      'just parts',
      'moist',
      'moist',
      'dry',
    ]);
    expect(killsWorms(60, 60)).toBe(true);
    expect(killsWorms(60, 59)).toBe(false);
    expect(killsWorms(59.9, 600)).toBe(false);
  });
  test('no lower choice for fluke carriers, for worms that were seen and for who is at risk, each with its reason', () => {
    expect(whyOnlyTheLine({ cookThrough: [], seen: [], atRisk: [], guests: false })).toEqual([]);
    const why = whyOnlyTheLine({
      cookThrough: [{ name: 'Tench', why: 'flukes' }],
      seen: ['Pack 3'],
      atRisk: ['Oda', 'Wren'],
      guests: false,
    });
    expect(why[0]).toBe('Tench is not safe raw, so cook it through. flukes');
    expect(why[1]).toMatch(/^Pack 3: worms were seen/);
    expect(why[2]).toBe('Oda and Wren eat it cooked through.');
    expect(whyOnlyTheLine({ cookThrough: [], seen: [], atRisk: ['Oda'], guests: false })[0]).toBe(
      'Oda eats it cooked through.',
    );
  });
});

describe('without fire', () => {
  test('erfc, from tables', () => {
    expect(erfc(0)).toBeCloseTo(1, 6);
    expect(erfc(0.5)).toBeCloseTo(0.4795001, 6);
    expect(erfc(1)).toBeCloseTo(0.1572992, 6);
    expect(erfc(-1)).toBeCloseTo(1.8427008, 6);
  });
  test('white goes in by the root of time, and is through when both fronts meet', () => {
    expect(whiteFrontMm(0)).toBe(0);
    expect(whiteFrontMm(60) / whiteFrontMm(15)).toBeCloseTo(2, 9);
    expect(whiteFrontMm(15)).toBeGreaterThan(1);
    expect(whiteFrontMm(15)).toBeLessThan(2.5);
    expect(whiteFrontMm(whiteThroughMin(10))).toBeCloseTo(5, 6);
    expect(() => whiteFrontMm(-1)).toThrow(RangeError);
  });
  test('dice: half the time of a slice, four times as long for twice the size; tough later', () => {
    const ten = diceInCitrus(10);
    expect(ten.throughMin / whiteThroughMin(10)).toBeGreaterThan(0.45);
    expect(ten.throughMin / whiteThroughMin(10)).toBeLessThan(0.6);
    expect([Math.round(ten.throughMin), Math.round(ten.toughMin)]).toEqual([73, 220]);
    expect(diceInCitrus(20).throughMin / ten.throughMin).toBeCloseTo(4, 9);
    expect(() => diceInCitrus(0)).toThrow(RangeError);
  });
  test('salt by the mass; twice as thick takes four times as long; a brine comes out even', () => {
    expect(saltCure(500, 25, 5).saltG).toBe(25);
    expect(saltCure(500, 50, 5).hours / saltCure(500, 25, 5).hours).toBeCloseTo(4, 9);
    expect(() => saltCure(0, 25, 5)).toThrow(RangeError);
    // Raw fish lies in salt for two days at most: what is thicker is sliced, and said how thin.
    expect(cureTroubles(saltCure(500, 20, 5), 20).stop).toEqual([]);
    for (const mm of [30, 40, 60]) {
      const [says] = cureTroubles(saltCure(500, mm, 3), mm).stop;
      const thin = Number(/Slice it to (\d+) mm/.exec(says ?? '')?.[1]);
      expect(saltCure(500, thin, 3).hours).toBeLessThanOrEqual(48);
      expect(saltCure(500, thin + 1, 3).hours).toBeGreaterThan(48);
    }
    expect(cureTroubles(saltCure(500, 20, 2), 20).mind[0]).toMatch(/keeps nothing/);
    expect(cureTroubles(saltCure(500, 20, 5), 20).mind).toEqual([]);
    // As much salt as makes 2.5 in 100 of all the water and itself.
    const g = brineSaltG(2, 500, 2.5);
    expect(g / (g + 2000 + 500 * 0.78)).toBeCloseTo(0.025, 9);
    expect(() => brineSaltG(0, 500, 2)).toThrow(RangeError);
    const s = saltFor(3, 2);
    expect(s / (s + 3000)).toBeCloseTo(0.02, 9);
  });
});

describe('what suits', () => {
  const fish = (more: Partial<ToCook> = {}): ToCook => ({
    cut: 'fillet',
    thicknessMm: 14,
    fat: 'lean',
    daysPastBest: -2,
    raw: 'not known',
    formsHistamine: false,
    ready: false,
    ...more,
  });
  const of = (w: ToCook, id: string) => methodsThatSuit(w).find((f) => f.method.id === id)!;
  test('what forms histamine is not smoked cold, whatever was frozen; hot it may be', () => {
    const mackerel = fish({ fat: 'oily', raw: 'conditions met', formsHistamine: true });
    expect(of(mackerel, 'cold smoke')).toMatchObject({ suits: 'out', why: expect.stringMatching(/histamine/) });
    expect(of({ ...mackerel, formsHistamine: false }, 'cold smoke').suits).toBe('well');
    expect(of(mackerel, 'hot smoke').suits).toBe('well');
  });
  test('lean fillets to the pan, oily to the grill, a whole large fish not to the pan', () => {
    expect(of(fish(), 'pan').suits).toBe('well');
    expect(of(fish(), 'grill').suits).toBe('so so');
    expect(of(fish({ fat: 'oily' }), 'grill').suits).toBe('well');
    expect(of(fish({ cut: 'whole', thicknessMm: 70 }), 'pan, whole')).toMatchObject({ suits: 'so so' });
    expect(of(fish({ cut: 'whole', thicknessMm: 70 }), 'pan')).toMatchObject({
      suits: 'out',
      why: 'not for whole fish',
    });
  });
  test('raw only where the verdict allows it, and while it is at its best', () => {
    expect(of(fish({ raw: 'not raw' }), 'raw slices').suits).toBe('out');
    expect(of(fish(), 'raw slices').suits).toBe('so so');
    expect(of(fish({ raw: 'conditions met' }), 'raw slices').suits).toBe('well');
    expect(of(fish({ raw: 'conditions met', daysPastBest: 0 }), 'raw slices').suits).toBe('out');
  });
  test('what is at its end goes into a sauce; what is cooked into cakes', () => {
    // On its last good day nothing is held against it.
    expect([0, 1].map((daysPastBest) => of(fish({ daysPastBest }), 'pan').suits)).toEqual(['well', 'so so']);
    const bones = methodsThatSuit(fish({ frames: true, cut: 'portion', thicknessMm: 10 }));
    expect(bones.filter((f) => f.suits !== 'out').map((f) => f.method.id)).toEqual(['stock']);
    const late = methodsThatSuit(fish({ daysPastBest: 1 })).filter((f) => f.suits === 'well');
    expect(late.map((f) => f.method.id)).toContain('simmer');
    expect(late.map((f) => f.method.id)).not.toContain('pan');
    const ready = methodsThatSuit(fish({ ready: true, cut: 'portion', thicknessMm: 25 }));
    expect(ready.filter((f) => f.suits !== 'out').map((f) => f.method.id)).toEqual(['cakes', 'soup']);
  });
  test('roe and liver are never sliced raw, and have looks of their own; squid is told by its edges', () => {
    for (const cut of ['cheek', 'collar', 'roe', 'liver'] as const)
      for (const f of methodsThatSuit(fish({ cut, thicknessMm: 25, raw: 'conditions met' })))
        if (f.method.middle === 'raw') expect([cut, f.method.id, f.suits]).toEqual([cut, f.method.id, 'out']);
    expect(of(fish({ cut: 'roe', thicknessMm: 30 }), 'grill').why).toBe('not for roe');
    expect(of(fish({ cut: 'collar', thicknessMm: 30 }), 'pan').why).toBe('not for collars');
    const poach = METHODS.find((m) => m.id === 'poach, from hot')!;
    expect(looksFor(poach, 'roe').join()).toMatch(/one colour where it is cut/);
    expect(looksFor(poach, 'whole')).toBe(poach.look);
    expect(looksFor(poach, null)).toBe(poach.look);
    expect(whyOnlyTheLine({ cookThrough: [], seen: [], inside: ['liver'], atRisk: [], guests: false })).toEqual([
      'Cook liver through: worms and germs of the belly may be in it.',
    ]);
    // A cheek of 15 g, a collar of 150, a roe and a liver of 170: as thick as cooks know them, mm.
    const mm = [thicknessOfPart('cheek', 15), thicknessOfPart('collar', 150), thicknessOfPart('roe', 170)];
    expect(mm.map(Math.round)).toEqual([14, 26, 45]);
    expect(() => thicknessOfPart('liver', 0)).toThrow(RangeError);
  });
  test('a reason with each, the ones that suit first', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('fillet', 'portion', 'steak', 'wing', 'whole', 'cheek', 'collar', 'roe', 'liver'),
        fc.integer({ min: 3, max: 120 }),
        fc.constantFrom('lean', 'oily'),
        fc.integer({ min: -5, max: 3 }),
        (cut, thicknessMm, fat, daysPastBest) => {
          const all = methodsThatSuit(fish({ cut, thicknessMm, fat, daysPastBest } as Partial<ToCook>));
          expect(all).toHaveLength(METHODS.length);
          const order = all.map((f) => ['well', 'so so', 'out'].indexOf(f.suits));
          expect(order).toEqual([...order].sort());
          expect(all.every((f) => f.why.length > 5)).toBe(true);
          expect(all.some((f) => f.suits !== 'out')).toBe(true);
        },
      ),
    );
  });
});
