import { describe, expect, test } from '@jest/globals';
import { type DishAsked, methodOf, METHODS, reckonDish, SOME_KITCHEN, usualSetting } from '@dagboek/core/cook';
import { RECIPES } from '@dagboek/core/recipes';
import { planDinner } from '@dagboek/core/schedule';
import { POLLACK } from '../../../../core/src/test-species.test-support.ts';
import { anEntry, at, idOf, ILSE, TOMAS } from '../../builders.test-support.ts';
import {
  Book,
  cookedBy,
  type ChosenPack,
  dinnerFacts,
  dinnerShopping,
  type DinnerState,
  type Entry,
  type FactsOf,
  inVessel,
  kitchenOf,
  lieAtOnce,
  looksOf,
  meatTaken,
  onlyTheLine,
  packsGone,
  packsHeld,
  probedDish,
  serveDishes,
  settingFor,
  toBeCooked,
  validateEntry,
  wayOf,
  waysFor,
} from '../../index.ts';

const NOW = Date.parse('2026-09-13T12:00:00+01:00');
const SPECIES = { ...POLLACK, raw: { verdict: 'frozen first' as const, why: 'worms' } };
const byId = (id: string | null) => (id === 'pollack' ? SPECIES : null);
const pack = (word: string, facts: Partial<FactsOf<'pack.stored'>> = {}): Entry =>
  anEntry(
    'pack.stored',
    idOf(word),
    {
      number: 1,
      what: word,
      species: 'pollack',
      form: 'fillets',
      pieces: 2,
      massG: 300,
      wrapping: 'cloth',
      place: 'fridge',
      fish: [],
      ...facts,
    } as FactsOf<'pack.stored'>,
    { at: at('18:00') },
  );
const chosenOf = (...entries: Entry[]): { book: Book; chosen: ChosenPack[] } => {
  const book = Book.EMPTY.withEntries(entries);
  return {
    book,
    chosen: packsHeld({ book, species: byId, day: (iso) => iso.slice(0, 10), nowMs: NOW }).map((held) => ({
      held,
      massG: held.leftG,
    })),
  };
};
const byName = (id: string) => RECIPES.find((r) => r.id === id)!;

describe('what is chosen', () => {
  test('of two packs the thickest says how long, and all pieces are counted', () => {
    const { book, chosen } = chosenOf(pack('a', { massG: 200 }), pack('b', { massG: 480 }));
    const what = toBeCooked({ book, species: byId, nowMs: NOW }, chosen)!;
    expect(what.held.pack.what).toBe('b');
    expect(what.all).toBe(4);
    expect(toBeCooked({ book, species: byId, nowMs: NOW }, [])).toBeNull();
  });
  test('meat: flesh by its mass, a body by what it yields, bait none', () => {
    const { chosen } = chosenOf(
      pack('a', { massG: 200 }),
      pack('b', { form: 'whole', massG: 1000, pieces: 1 }),
      pack('c', { form: 'bait', massG: 90 }),
    );
    expect(meatTaken(chosen)).toBeCloseTo(200 + 380, 6);
  });
  test('the way: chosen, else of the plan, else the first with fire that suits; nothing chosen offers all', () => {
    const { book, chosen } = chosenOf(pack('a'));
    const what = toBeCooked({ book, species: byId, nowMs: NOW }, chosen);
    const fits = waysFor(what, chosen, 'not known', '2026-09-12', false, SOME_KITCHEN);
    expect(wayOf(fits, 'steam', 'roasted').id).toBe('steam');
    expect(wayOf(fits, null, 'roasted').meal).toBe('roasted');
    const first = wayOf(fits, null, null);
    expect([first.middle, first.heat !== null]).toEqual(['cooked', true]);
    expect(waysFor(null, [], 'not known', '2026-09-12', false, SOME_KITCHEN).every((f) => f.suits === 'well')).toBe(
      true,
    );
  });
  test('liquid grows with the fish, most where it must hold the heat; what has no fire has no setting', () => {
    const set = (way: string, g: number, mm = 40) => settingFor(SOME_KITCHEN, methodOf(way)!, g, mm)!.amount;
    expect(set('poach, heat off', 800)).toBe(4);
    expect(set('poach, from hot', 800)).toBe(3);
    // As much as covers it where that is more; a kettle of 8 l holds no more than 5 beside two kilos of fish.
    expect(set('poach, from hot', 800, 70)).toBe(5.5);
    expect(set('poach, heat off', 2000)).toBe(5);
    expect(set('poach, heat off', 20_000)).toBe(0.5);
    expect(settingFor(SOME_KITCHEN, methodOf('roast')!, 2000, 40)!.mediumC).toBe(200);
    expect(settingFor(SOME_KITCHEN, methodOf('simmer')!, 2000, 40)!.amount).toBe(1);
    expect(settingFor(SOME_KITCHEN, methodOf('in salt')!, 2000, 40)).toBeNull();
  });
  test('why only the line: each kind once, what was found, who eats', () => {
    const { chosen } = chosenOf(pack('a'), pack('b'));
    const fluke = (id: string | null) =>
      id === 'pollack' ? { ...SPECIES, raw: { verdict: 'cook' as const, why: 'flukes' } } : null;
    expect(onlyTheLine({ book: Book.EMPTY, species: fluke }, chosen, ['Oda'], 0)).toEqual([
      'Pollack is not safe raw, so cook it through. flukes',
      'Oda eats it cooked through.',
    ]);
    expect(onlyTheLine({ book: Book.EMPTY, species: byId }, chosen, [], 0)).toEqual([]);
    expect(onlyTheLine({ book: Book.EMPTY, species: byId }, chosen, [], 2)).toEqual([
      'A guest may be at risk: cook it through.',
    ]);
  });
  test('in the kitchen: the vessel that takes it best, what covers it, how often it is filled', () => {
    const { book, chosen } = chosenOf(pack('a', { form: 'whole', massG: 900, pieces: 1 }));
    const what = toBeCooked({ book, species: byId, nowMs: NOW }, chosen)!;
    const fish = {
      outline: [
        [0, 0],
        [460, 0],
        [460, 90],
        [0, 90],
      ] as const,
      thickMm: 45,
      massG: 900,
      headMm: 100,
      tailMm: 390,
    };
    const kettle = inVessel(kitchenOf(book), methodOf('poach, from hot')!, what, fish, 0)!;
    expect([kettle.vessel.id, kettle.fit?.as]).toEqual(['kettle', 'whole']);
    expect(kettle.cover!.saltG).toBeCloseTo((kettle.cover!.litres * 1000 * 1.8) / 98.2, 6);
    // Salt for the liquid that goes in.
    const five = inVessel(kitchenOf(book), methodOf('poach, from hot')!, what, fish, 5)!.cover!;
    expect([five.usedLitres, Math.round(five.saltG)]).toEqual([5, Math.round((5000 * 1.8) / 98.2)]);
    expect(inVessel(kitchenOf(book), methodOf('deep fry')!, what, fish, 3)!.oil!.litres).toBe(3);
    expect(inVessel(kitchenOf(book), methodOf('raw slices')!, what, null, 0)).toBeNull();
    // A portion of 160 g and 25 mm covers 61 cm2; a pan of 26 cm has 531, of which two thirds are covered.
    expect(lieAtOnce(SOME_KITCHEN, methodOf('pan')!, 160, 25)).toBe(5);
    // Liquid goes round what lies in layers; a parcel is a vessel of its own.
    expect(lieAtOnce(SOME_KITCHEN, methodOf('poach, from hot')!, 160, 25)).toBeNull();
    expect(lieAtOnce(SOME_KITCHEN, methodOf('parcel')!, 160, 25)).toBeNull();
    expect(lieAtOnce({ vessels: [] }, methodOf('pan')!, 160, 25)).toBeNull();
  });
});

const fire: DishAsked = {
  method: 'roast',
  setting: usualSetting(methodOf('roast')!.heat!),
  piece: { cut: 'portion', thicknessMm: 24, massG: 160, fat: 'lean', bone: false, skin: true, slashed: false },
  pieces: 2,
  startC: 4,
  toC: 60,
  thicknessBy: 'by ruler',
  species: null,
};
const told = reckonDish(fire);
const facts = dinnerFacts({
  name: 'Pollack on thyme',
  method: methodOf('roast')!,
  recipe: byName('roast-thyme'),
  packs: [{ pack: idOf('a'), massG: 320 }],
  fire,
  told,
  sides: [byName('new-potatoes')],
  plates: 2,
  serveAtMs: Date.parse(at('19:30')),
  kitchen: { ...SOME_KITCHEN, grills: 0 },
  vessel: 'tray',
  cook: TOMAS,
  eaters: [ILSE, TOMAS],
  guests: 0,
});
const DINNER = idOf('dinner');
const line = (kind: 'dinner.step' | 'dinner.read', of: object, time: string): Entry =>
  anEntry(kind, DINNER, of as never, { at: at(time) });
const dinner = (...entries: Entry[]): DinnerState =>
  Book.EMPTY.withEntries([anEntry('dinner.set', DINNER, facts), ...entries]).get('dinner', DINNER)!;
const begun = line('dinner.step', { task: 'fish/cook', did: 'begun' }, '19:10');
const done = line('dinner.step', { task: 'fish/cook', did: 'done' }, '19:20');
const read = (c: number, time: string): Entry => line('dinner.read', { dish: 'fish', c }, time);
const probed = (...entries: Entry[]) => {
  const d = dinner(...entries);
  return probedDish(d, d.dishes[0]!, told, Date.parse(at('19:16')));
};

describe('a dinner, written down', () => {
  test('is an entry that is taken, and can be planned; a way alone makes one too', () => {
    const entry = anEntry('dinner.set', DINNER, facts);
    expect(validateEntry(JSON.parse(JSON.stringify(entry)), NOW)).toMatchObject({ ok: true });
    expect(facts.dishes.map((x) => x.id)).toEqual(['fish', 'side1']);
    expect(planDinner({ tasks: facts.tasks, means: facts.means, within: 120 })).toMatchObject({
      ok: true,
      lateMin: 0,
    });
    const alone = dinnerFacts({
      ...{ name: 'Slices', method: methodOf('raw slices')!, recipe: null, packs: [], fire: null, told: null },
      ...{
        sides: [],
        plates: 2,
        serveAtMs: 1_789_236_000_000,
        kitchen: SOME_KITCHEN,
        vessel: null,
        cook: ILSE,
        eaters: [ILSE],
        guests: 2,
      },
    });
    expect(alone).toMatchObject({ guests: 2, dishes: [{ recipe: null, cookMin: null, fire: null }] });
    expect(alone.tasks.length).toBeGreaterThan(1);
  });
  test('to buy: by what it was planned for, without what the house has', () => {
    const book = Book.EMPTY.withEntries([anEntry('dinner.set', DINNER, facts)]);
    const list = dinnerShopping(book, dinner())!;
    expect(list.buy.find((p) => p.name === 'new potatoes')).toMatchObject({ amount: 450 });
    expect(list.allergens).toBe('Contains fish and milk.');
  });
});

const served = (d: DinnerState) =>
  serveDishes(d, [{ dish: d.dishes[0]!, meal: idOf('meal'), probed: null, cues: [] }], true);

describe('who, and how', () => {
  test('a dinner for guests alone is served, and counts; for nobody it is refused', () => {
    const d = Book.EMPTY.withEntries([anEntry('dinner.set', DINNER, { ...facts, eaters: [], guests: 4 })]).get(
      'dinner',
      DINNER,
    )!;
    const [meal] = served(d);
    const entry = (more: object): Entry => anEntry('meal.served', idOf('meal'), { ...meal!.facts, ...more } as never);
    expect(validateEntry(entry({}), NOW)).toMatchObject({ ok: true });
    expect(validateEntry(entry({ guests: 0 }), NOW)).toMatchObject({ ok: false, why: 'Choose who ate.' });
  });
  test('a way that this version does not know is written as another way, and never as one that nobody said', () => {
    const [first, ...others] = facts.dishes;
    const d = dinner();
    const later = { ...d, dishes: [{ ...first!, method: 'a way of later' }, ...others] } as DinnerState;
    expect(served(later)[0]!.facts).toMatchObject({ method: 'another way' });
    expect(cookedBy(null)).toBe('another way');
    for (const m of METHODS) expect([m.id, cookedBy(m)]).not.toEqual([m.id, 'another way']);
  });
  test('the way of the plan of meals is not taken where it may not be', () => {
    const { book, chosen } = chosenOf(pack('a'));
    const planned = (raw: 'not raw' | 'not known' | 'conditions met', word: string): string =>
      wayOf(
        waysFor(
          toBeCooked({ book, species: byId, nowMs: NOW }, chosen),
          chosen,
          raw,
          '2026-09-12',
          false,
          SOME_KITCHEN,
        ),
        null,
        word,
      ).meal;
    expect(planned('not raw', 'raw')).not.toBe('raw');
    expect(planned('not known', 'raw')).not.toBe('raw');
    expect(planned('conditions met', 'raw')).toBe('raw');
    expect(planned('not raw', 'steamed')).toBe('steamed');
  });
});

describe('the probe in it', () => {
  test('before, in the fire, at rest', () => {
    expect(probed()).toMatchObject({ is: 'to come', readings: [], by: null, aboutC: 4, pulledC: null, peakC: null });
    const inFire = probed(begun, read(20, '19:15'));
    expect(inFire).toMatchObject({ is: 'in the fire', readings: [{ atS: 300, c: 20 }], pulledC: null });
    expect(inFire.by!.used).toBe(1);
    expect(inFire.aboutC).toBeGreaterThan(20);
    expect(probed(begun, read(52, '19:19'), done, read(58, '19:22'), read(61, '19:23'))).toMatchObject({
      is: 'at rest',
      pulledC: 52,
      peakC: 61,
      change: null,
    });
  });
  test('a reading that jumped is no middle: neither off at, nor at its warmest', () => {
    const p = probed(begun, read(30, '19:17'), read(95, '19:18'), done);
    expect(p.by!.refused.map((r) => r.atS)).toEqual([480]);
    expect(p.pulledC).toBe(30);
    expect(p.peakC).toBeNull();
  });
  test('two readings within the first second: one that is refused drops no other', () => {
    const at0 = (c: number, s: string): Entry => line('dinner.read', { dish: 'fish', c }, `19:10:0${s}`);
    const p = probed(begun, at0(5, '0'), at0(99, '0'), done);
    expect(p.readings).toHaveLength(2);
    expect(p.by!.refused).toHaveLength(1);
    expect(p.pulledC).toBe(5);
  });
  test('much slower than reckoned, other minutes are asked for', () => {
    const p = probed(begun, read(12, '19:15'), read(16, '19:17'));
    expect(p.change!.toMin).toBeGreaterThan(p.change!.fromMin);
  });
});

describe('served', () => {
  test('a dinner becomes a meal, and is over; its middle is what was read', () => {
    const d = dinner(begun, read(52, '19:19'), done, read(61, '19:23'));
    const lines = serveDishes(
      d,
      [
        {
          dish: d.dishes[0]!,
          meal: idOf('meal'),
          probed: probedDish(d, d.dishes[0]!, told, NOW),
          cues: looksOf(d.dishes[0]!).slice(0, 1),
        },
      ],
      true,
    );
    expect(lines.map((l) => l.kind)).toEqual(['meal.served', 'dinner.ended']);
    expect(lines[0]!.facts).toMatchObject({
      coreC: 61,
      pulledC: 52,
      beside: ['New potatoes'],
      method: 'roasted',
      cues: ['bones lift'],
    });
    const entries = lines.map((l) => anEntry(l.kind, l.subject, l.facts as never, { at: at('19:30') }));
    for (const e of entries) expect(validateEntry(JSON.parse(JSON.stringify(e)), NOW)).toMatchObject({ ok: true });
    const book = Book.EMPTY.withEntries([pack('a'), anEntry('dinner.set', DINNER, facts), ...entries]);
    expect(book.get('dinner', DINNER)!.ended).toMatchObject({ meal: idOf('meal') });
    expect(book.get('meal', idOf('meal'))).toMatchObject({ dinner: DINNER, coreC: 61 });
  });
  test('its packs meanwhile: as planned, partly eaten, gone, struck', () => {
    const stored = pack('a', { massG: 400 });
    const gone = (...more: Entry[]): string[] =>
      packsGone(
        { book: Book.EMPTY.withEntries([stored, ...more]), species: byId, day: (iso) => iso.slice(0, 10), nowMs: NOW },
        dinner(),
      );
    const taken = (massG: number): Entry =>
      anEntry('pack.taken', idOf('a'), { massG, is: 'given away' } as FactsOf<'pack.taken'>, { at: at('19:00') });
    expect(gone()).toEqual([]);
    expect(gone(taken(200))).toEqual(['Pack 1 holds 200 g, and 320 g were planned.']);
    expect(gone(taken(400))[0]).toMatch(/no longer in the larder/);
    expect(gone({ ...anEntry('log.struck', idOf('a'), {}), strikes: stored.id })[0]).toMatch(/crossed out/);
    expect(
      packsGone({ book: Book.EMPTY, species: byId, day: (iso) => iso.slice(0, 10), nowMs: NOW }, dinner()),
    ).toEqual(['A pack of this dinner is not in the book.']);
  });
  test('nothing was read: nothing is said of its middle; without a pack there is no meal', () => {
    const d = dinner();
    expect(served(d)[0]!.facts).not.toHaveProperty('coreC');
    expect(serveDishes(d, [], true)).toEqual([]);
  });
});
