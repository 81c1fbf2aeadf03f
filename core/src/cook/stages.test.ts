import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { portion } from './cook.test-support.ts';
import { type Around, cookThrough, type Stage } from './cook-through.ts';
import {
  type CookingAsked,
  cookFor,
  type Fire,
  METHODS,
  methodOf,
  reckonCooking,
  reckonDish,
  usualSetting,
} from './index.ts';
import { FleshInFire } from './flesh-in-fire.ts';
import { pieceBody } from './piece.ts';
import { type StageKind, STAGES } from './stage-kinds.ts';
import { stageOf, stagesFor, stagesTrouble, usualStage } from './stages.ts';
import { liquidBath, steadyBath } from './vessel-heat.ts';

const still = (c: number, h: number, more: Partial<Fire> = {}): Fire => ({
  bath: steadyBath(c),
  surface: { h, c: 'bath' },
  rest: { h: 8, c: 25 },
  ...more,
});
/** The same from both sides of a slab. */
const bothSides = (c: number, h: number): Fire => still(c, h, { other: { h, c: 'bath' } });
const FINE = { cells: 40, stretchS: 1 };
const flat = (exponent: number, thicknessMm = 30) => ({ ...pieceBody(portion({ thicknessMm })), exponent });
const what = (exponent: number) => ({ body: flat(exponent), pieces: 1, startC: 5 });
const before = (fire: Fire, seconds: number, waitS = 0): Around => ({
  before: [{ fire, seconds, waitS }],
  after: [],
  sameBath: false,
});

/** Two portions of 28 mm in the oven, to 60 degC. */
const ROAST: CookingAsked = {
  method: methodOf('roast')!,
  setting: usualSetting(methodOf('roast')!.heat!),
  piece: portion({ thicknessMm: 28 }),
  pieces: 2,
  startC: 5,
  toC: 60,
  thicknessBy: 'by ruler',
  species: null,
};

describe('one fire after another', () => {
  test('a fire that is left and taken up again at once is one fire', () => {
    fc.assert(
      fc.property(fc.double({ min: 20, max: 380, noNaN: true }), fc.constantFrom(0, 0.6, 2), (cut, exponent) => {
        const fire = still(90, 120);
        const one = cookThrough(what(exponent), fire, 400, FINE);
        const two = cookThrough(what(exponent), fire, 400 - cut, FINE, before(fire, cut));
        expect(Math.abs(two.pulledC - one.pulledC)).toBeLessThan(0.05);
        expect(Math.abs(two.peakC - one.peakC)).toBeLessThan(0.05);
        expect([two.inS, two.outS, two.pulledS].map(Math.round)).toEqual([Math.round(cut), 400, 400]);
      }),
      { numRuns: 25 },
    );
  });
  test('from all round to both sides alike and back: the middle of a slab does not notice', () => {
    const all = cookThrough(what(0), still(90, 120), 400, FINE);
    for (const around of [before(bothSides(90, 120), 180), before(still(90, 120), 180)]) {
      const own = around.before[0]!.fire.other ? still(90, 120) : bothSides(90, 120);
      const mixed = cookThrough(what(0), own, 220, FINE, around);
      expect(Math.abs(mixed.pulledC - all.pulledC)).toBeLessThan(0.4);
    }
  });
  test('seen another way it holds the same heat: left alone it comes to the same all through', () => {
    // A side that gives and takes nothing.
    const alone = { h: 0, c: 20 } as const;
    for (const exponent of [0, 0.5, 1, 2]) {
      const through = (fires: readonly Fire[]): number => {
        const flesh = new FleshInFire(what(exponent), fires[0]!, FINE);
        flesh.cook(fires[0]!, 150);
        flesh.wait(alone, 4000);
        const settled = flesh.middleC;
        for (const f of fires.slice(1)) flesh.cook(f, 1e-3);
        flesh.wait(alone, 4000);
        return flesh.middleC - settled;
      };
      // Through a round body, a slab and a round body again nothing comes or goes.
      expect(Math.abs(through([still(90, 120), bothSides(90, 0), still(90, 0)]))).toBeLessThan(0.02);
    }
  });
  test('a flame that goes off leaves the liquid as warm as it is; another pot begins as hot as it was set', () => {
    const on: Fire = { bath: liquidBath(2, 90, 90, 1800), surface: { h: 230, c: 'bath' }, rest: { h: 7, c: 35 } };
    const off: Fire = { ...on, bath: liquidBath(2, 95, 95, 0), offAt: 0 };
    const stage: Stage = { fire: on, seconds: 120, waitS: 0 };
    const same = cookThrough(what(0.5), off, 300, FINE, { before: [stage], after: [], sameBath: true });
    const other = cookThrough(what(0.5), off, 300, FINE, { before: [stage], after: [], sameBath: false });
    expect(same.bathStartC).toBeLessThan(90.01);
    expect(other.bathStartC).toBe(95);
    expect(same.bathLowC).toBeLessThan(other.bathLowC);
  });
  test('what is done before makes its own fire shorter, what comes after too; it comes out colder for that', () => {
    const asked = (stages: CookingAsked['stages']): CookingAsked => ({
      ...ROAST,
      ...(stages ? { stages } : {}),
    });
    const own = (a: CookingAsked): { s: number; outC: number; reaches: number; bathLow: number } => {
      const r = reckonCooking(a);
      if (!r.ok) throw new Error(r.why);
      const { inS, outS, outC, bathLowC } = r.course;
      return { s: outS - inS, outC, reaches: r.reachesC, bathLow: bathLowC };
    };
    const usual = (id: string, seconds?: number) => ({ ...usualStage(stageOf(id)!), ...(seconds ? { seconds } : {}) });
    const [plain, seared, longer, basted] = [
      own(asked(undefined)),
      own(asked([usual('seared first')])),
      own(asked([usual('seared first', 240)])),
      own(asked([usual('basted last')])),
    ];
    expect(seared.s).toBeLessThan(plain.s - 60);
    expect(longer.s).toBeLessThan(seared.s - 30);
    expect(basted.s).toBeLessThan(plain.s - 20);
    expect(basted.outC).toBeLessThan(plain.outC - 2);
    for (const x of [plain, seared, longer, basted]) expect(x.reaches).toBeGreaterThan(59.9);
    // So long in the pan and there is nothing left for the oven to do.
    expect(reckonCooking(asked([usual('seared first', 1500)]))).toMatchObject({
      ok: false,
      why: expect.stringMatching(/other fires alone/),
    });
  });
  test('in a slow kitchen all fires are slow, and the others last as long as they are set', () => {
    const asked: CookingAsked = {
      ...ROAST,
      stages: [{ id: 'seared first', mediumC: 220, seconds: 120 }],
    };
    const [quick, slow] = [asked, { ...asked, kitchen: { times: 1.3, sd: 0.05 } }].map((a) => {
      const r = reckonCooking(a);
      if (!r.ok) throw new Error(r.why);
      return r;
    }) as [ReturnType<typeof reckonCooking> & { ok: true }, ReturnType<typeof reckonCooking> & { ok: true }];
    expect(slow.course.inS).toBeCloseTo(120, 6);
    expect(quick.course.inS).toBeCloseTo(120, 6);
    expect(slow.course.outS - 120).toBeGreaterThan((quick.course.outS - 120) * 1.3);
    // The band is that of its own fire: the sear is over when the clock says so.
    expect(slow.lowS).toBeGreaterThan(120);
    // And the rest of its way is the one that was asked for.
    const beyond = cookFor({ ...asked, kitchen: { times: 1.3, sd: 0.05 } }, slow.course.outS - slow.course.inS);
    expect(beyond.pulledC).toBeCloseTo(slow.course.pulledC, 1);
  });
  test('a probe corrects when it comes out of its own fire, not when all is over', () => {
    const fire = {
      method: 'roast',
      setting: usualSetting(methodOf('roast')!.heat!),
      piece: portion({ thicknessMm: 28 }),
      pieces: 2,
      startC: 5,
      toC: 60,
      thicknessBy: 'by ruler' as const,
      species: null,
      stages: [usualStage(stageOf('basted last')!)],
    };
    const told = reckonDish(fire);
    if (!told.reckoned.ok) throw new Error(told.reckoned.why);
    const { outS, outC } = told.reckoned.course;
    const i = told.beyond!.coreC.findIndex((c) => c >= outC);
    expect(Math.abs(told.beyond!.atS[i]! - outS)).toBeLessThan(7);
    // It stays in its own fire all the while: warmer than by basting.
    expect(told.beyond!.coreC.at(-1)!).toBeGreaterThan(outC + 5);
  });
});

describe('the fires that people put around one', () => {
  const kinds = STAGES as readonly StageKind[];
  test('each goes with ways that there are, can be set, and brings its ways to the limit', () => {
    for (const s of kinds) {
      const heat = methodOf(s.method)!.heat!;
      expect([s.id, stagesTrouble([usualStage(s)], usualSetting(heat))]).toEqual([s.id, null]);
      for (const way of s.with) {
        const method = methodOf(way)!;
        const cut = s.cuts.find((c) => method.cuts.includes(c))!;
        const r = reckonCooking({
          method,
          setting: { ...usualSetting(method.heat!), ...(way === 'poach, heat off' ? { amount: 5 } : {}) },
          piece: portion({ cut, thicknessMm: 34, massG: cut === 'whole' ? 420 : 190, bone: cut === 'whole' }),
          pieces: 2,
          startC: 5,
          toC: 63,
          thicknessBy: 'by ruler',
          species: null,
          stages: [usualStage(s)],
        });
        expect([s.id, way, r.ok && r.reachesC >= 62.9 && r.course.outS > r.course.inS + 15]).toEqual([s.id, way, true]);
      }
    }
  });
  test('none is offered around what stays raw, nor for a cut that it does not suit', () => {
    for (const m of METHODS)
      for (const cut of ['fillet', 'whole'] as const) {
        const offered = stagesFor(m, cut);
        if (m.middle === 'raw') expect(offered).toEqual([]);
        for (const s of offered)
          expect([s.id, s.cuts.includes(cut), s.with.includes(m.id)]).toEqual([s.id, true, true]);
      }
    expect(stagesFor(methodOf('roast')!, 'fillet').map((s) => s.id)).toEqual([
      'seared first',
      'smoked first',
      'basted last',
      'crisped last',
    ]);
    expect(stagesFor(methodOf('roast')!, 'whole').map((s) => s.id)).toEqual(['browned first', 'hot first']);
  });
  test('what is wrong with one is said', () => {
    const main = usualSetting(methodOf('roast')!.heat!);
    const sear = usualStage(stageOf('seared first')!);
    expect(stagesTrouble([{ ...sear, seconds: 5 }], main)).toBe('Sear the fish: between 10 seconds and an hour.');
    expect(stagesTrouble([{ ...sear, mediumC: 400 }], main)).toBe('Sear the fish: The pan is between 140° and 230°.');
    expect(stagesTrouble([{ ...sear, id: 'none' }], main)).toMatch(/does not know/);
    expect(stagesTrouble([], main)).toBeNull();
  });
});
