import { describe, expect, test } from '@jest/globals';
import { portion } from './cook.test-support.ts';
import { cookThrough } from './cook-through.ts';
import { type DishAsked, methodOf, METHODS, reckonDish, usualSetting } from './index.ts';
import { pieceBody } from './piece.ts';
import { hotAgainS, roundsOf } from './rounds.ts';
import { bathAfter } from './vessel-heat.ts';

const fry = methodOf('deep fry')!.heat!;
const inOil = (litres: number, c = 180) => fry.fire({ mediumC: c, amount: litres, turns: 1 });
const piece = portion({ thicknessMm: 20, massG: 110 });
const what = { body: pieceBody(piece), pieces: 1, startC: 5 };
const lowest = (litres: number, pieces: number): number =>
  cookThrough({ ...what, pieces }, inOil(litres), 240).bathLowC;

describe('what goes in at once', () => {
  test('as many as leave the fat above its floor, and one more would not', () => {
    for (const litres of [1, 1.5, 2, 3, 4]) {
      const r = roundsOf(what, inOil(litres), { all: 40 }, 160);
      const most = Math.max(
        1,
        [...Array(40).keys()]
          .map((i) => i + 1)
          .filter((k) => lowest(litres, k) >= 160)
          .at(-1) ?? 1,
      );
      // Evenly: no more than the fat bears, and no round that is almost empty.
      expect([litres, r.count]).toEqual([litres, Math.ceil(40 / most)]);
      expect(r.pieces).toBe(Math.ceil(40 / r.count));
      expect(r.pieces).toBeLessThanOrEqual(most);
      expect(r.limitedBy).toBe('the bath');
      if (most > 1) expect(r.fallsToC!).toBeGreaterThanOrEqual(159.5);
    }
  });
  test('more oil takes more; one piece always goes in, and how far it brings the fat down is told', () => {
    const at = (l: number): number => roundsOf(what, inOil(l), { all: 40 }, 160).pieces;
    expect(at(4)).toBeGreaterThan(at(2));
    const big = { ...what, body: pieceBody(portion({ thicknessMm: 20, massG: 900 })) };
    const r = roundsOf(big, inOil(0.7), { all: 3 }, 160);
    expect(r).toMatchObject({ count: 3, pieces: 1, floorC: 160 });
    expect(r.fallsToC!).toBeLessThan(150);
  });
  test('a pan takes what lies in it side by side; an oven all of them, and is not noticed to cool', () => {
    const pan = methodOf('pan')!.heat!.fire(usualSetting(methodOf('pan')!.heat!));
    expect(roundsOf(what, pan, { all: 12, lieMost: 5 }, null)).toMatchObject({
      count: 3,
      pieces: 4,
      limitedBy: 'the vessel',
    });
    expect(roundsOf(what, pan, { all: 5, lieMost: 5 }, null)).toMatchObject({ count: 1, pieces: 5, limitedBy: null });
    const oven = methodOf('roast')!.heat!.fire(usualSetting(methodOf('roast')!.heat!));
    expect(roundsOf(what, oven, { all: 12 }, null)).toMatchObject({ count: 1, pieces: 12, fallsToC: null });
  });
  test('between two it waits until the bath is hot again, as its flame gives', () => {
    const fire = inOil(2);
    const s = hotAgainS(fire, 160);
    let c = 160;
    for (let i = 0; i < s; i++) c = bathAfter(fire.bath, c, 1, 0);
    expect(c).toBeGreaterThanOrEqual(177.9);
    expect(c).toBeLessThan(180.1);
    expect(hotAgainS(fire, 179)).toBe(0);
    // Two litres hold 3,680 J for a degree; 1,400 W less what it loses.
    expect(s).toBeGreaterThan((18 * 3680) / 1400);
  });
  test('every way that fries has its floor, and no other', () => {
    expect(METHODS.filter((m) => m.heat && 'floorC' in m.heat).map((m) => m.id)).toEqual([
      'batter',
      'deep fry',
      'dredge',
    ]);
  });
});

describe('a dish in rounds', () => {
  const asked = (all: number): DishAsked => ({
    method: 'batter',
    setting: { mediumC: 180, amount: 3, turns: 1 },
    piece,
    pieces: all,
    startC: 5,
    toC: 63,
    thicknessBy: 'by ruler',
    species: null,
    rounds: { all, lieMost: 8 },
  });
  test('is timed by one round, not by all pieces at once; the fat never falls under 160° in it', () => {
    const [six, sixty] = [reckonDish(asked(6)), reckonDish(asked(60))];
    if (!six.reckoned.ok || !sixty.reckoned.ok) throw new Error('not reckoned');
    expect(sixty.rounds!.count).toBeGreaterThan(six.rounds!.count * 5);
    expect(sixty.reckoned.course.bathLowC).toBeGreaterThanOrEqual(159.5);
    expect(Math.abs(sixty.reckoned.course.pulledS - six.reckoned.course.pulledS)).toBeLessThan(30);
    // Thin pieces are done while the fat is still cold from them; thick ones give it time.
    const thin = reckonDish({ ...asked(30), piece: portion({ thicknessMm: 7, massG: 90 }) });
    expect(thin.rounds!.againS).toBeGreaterThan(0);
    expect(reckonDish(asked(1)).rounds).toMatchObject({ count: 1, againS: 0 });
    const { rounds: _, ...together } = asked(60);
    expect(reckonDish(together).rounds).toBeNull();
  });
  test('what is frozen never goes into hot oil; into the oven it may', () => {
    const told = reckonDish({ ...asked(6), startC: -18 });
    expect(told.reckoned).toMatchObject({ ok: false, why: expect.stringMatching(/^Never lay frozen fish in hot oil/) });
    expect(told.rounds).toBeNull();
    expect(reckonDish({ ...asked(6), startC: 0 }).reckoned.ok).toBe(true);
    const roast = { ...asked(6), method: 'roast', setting: usualSetting(methodOf('roast')!.heat!) };
    expect(reckonDish({ ...roast, startC: -18 }).reckoned.ok).toBe(true);
  });
  test('what cannot be reckoned has no rounds either', () => {
    expect(reckonDish({ ...asked(6), startC: 90 })).toMatchObject({ reckoned: { ok: false }, rounds: null });
    expect(reckonDish({ ...asked(6), method: 'no way' })).toMatchObject({ reckoned: { ok: false }, rounds: null });
  });
});
