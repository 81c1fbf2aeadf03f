import { RECIPES } from '@dagboek/core/recipes';
import type { Task } from '@dagboek/core/schedule';
import type { DinnerDish } from './log/facts/dinner.ts';
import fc from 'fast-check';
import { BOX, idOf, ILSE, TOMAS } from './builders.test-support.ts';
import { aRule, aRulePack, aSpecies } from './documents.test-support.ts';
import type { Entry } from './log/entry/entry.ts';
import { KINDS, type Kind, SUBJECTS, type SubjectKind, subjectKindOf } from './log/kinds/index.ts';

/** Three devices, and how far their clocks are off, ms. */
export const DEVICES = [
  { device: 'phone', offMs: 0 },
  { device: 'tablet', offMs: -3_600_000 },
  { device: 'old-phone', offMs: 400 * 86_400_000 },
] as const;

const some = (word: string): fc.Arbitrary<string> => fc.constantFrom(...[1, 2].map((n) => idOf(`${word} ${n}`)));
const grams = fc.integer({ min: 1, max: 900 });
const species = fc.constantFrom('pollack', 'mackerel', 'bay-eel');
const name = fc.constantFrom('Auk', 'Brae', 'Cleft');
const day = fc.constantFrom('2026-09-10', '2026-09-12');

/** A dish of a dinner, and a step of it, with everything that does not matter filled in. */
export const aDish = (more: Partial<DinnerDish> = {}): DinnerDish => ({
  id: 'd',
  name: 'Pollack on thyme',
  recipe: 'roast-thyme',
  packs: [],
  method: 'roast',
  mediumC: 200,
  thicknessMm: 24,
  startC: 4,
  toC: 60,
  pulledC: 53,
  cookMin: 9,
  lowMin: 7,
  highMin: 12,
  restMin: 3,
  fire: null,
  ...more,
});
export const aTask = (id: string, minutes: number, more: Partial<Task> = {}): Task => ({
  id,
  dish: 'Pollack on thyme',
  name: id.split('/').at(-1)!,
  minutes,
  hands: false,
  place: null,
  after: [],
  mayStand: null,
  spoils: 1,
  ...more,
});

/** Facts of each kind, as `validateEntry` takes them; few values, so that they meet. Leaving a kind out does not compile. */
const FACTS: { readonly [K in Exclude<Kind, 'log.struck'>]: fc.Arbitrary<object> } = {
  'book.opened': fc.record({ name, waters: fc.constantFrom('bay', 'none'), from: fc.constantFrom('boat', 'shore') }),
  'book.error': fc.record({ method: fc.constantFrom('board', 'tape'), sdMm: fc.integer({ min: 1, max: 9 }) }),
  'book.way': fc.record({ of: fc.constantFrom('skin', 'rinse'), is: fc.constantFrom('on', 'off', 'sea water') }),
  'member.joined': fc.record({ name, licences: fc.constantFrom([], [{ name: 'permit', until: '2026-12-31' }]) }),
  'member.left': fc.constant({}),
  'box.added': fc.record({ name, litres: fc.integer({ min: 10, max: 90 }) }),
  'box.retired': fc.constant({}),
  'box.filled': fc.record({ kg: fc.integer({ min: 1, max: 9 }) }),
  'box.weighed': fc.record({ kg: fc.integer({ min: 0, max: 9 }) }),
  'box.drained': fc.constantFrom({}, { kg: 2 }),
  'box.read': fc.record({ c: fc.integer({ min: -1, max: 12 }) }),
  'box.stands': fc.record({ where: fc.constantFrom('sun', 'shade') }),
  'box.tested': fc.record({
    iceKg: fc.constant(4),
    leftKg: fc.integer({ min: 1, max: 3 }),
    hours: fc.constant(12),
    airC: fc.constant(18),
  }),
  'box.looked': fc.record({ ice: fc.constantFrom('full', 'gone') }),
  'trip.started': fc.record({
    waters: fc.constant('bay'),
    zone: fc.constantFrom('north-skerries', 'outer-bank'),
    from: fc.constantFrom('boat', 'shore'),
    crew: fc.constantFrom([ILSE], [ILSE, TOMAS]),
    box: fc.constant(BOX),
  }),
  'trip.moved': fc.record({ zone: fc.constantFrom('north-skerries', 'outer-bank'), by: fc.constant('by hand') }),
  'trip.ended': fc.constantFrom({}, { rodHours: 4 }),
  'trip.noted': fc.record({ text: name }),
  'trip.harm': fc.record({ who: fc.constant(ILSE), text: name }),
  'fish.landed': fc.record({
    trip: some('trip'),
    angler: fc.constantFrom(ILSE, TOMAS),
    count: fc.integer({ min: 1, max: 3 }),
    number: fc.integer({ min: 1, max: 3 }),
    species,
    gear: fc.constantFrom('rod', 'spear'),
  }),
  'fish.named': fc.record({ species, orElse: fc.constantFrom([], ['pollack'], ['mackerel']) }),
  'fish.discarded': fc.record({ why: name }),
  'fish.measured': fc.record({
    lengthMm: fc.integer({ min: 200, max: 600 }),
    lengthKind: fc.constantFrom('total', 'fork'),
    method: fc.constantFrom('board', 'photo'),
  }),
  'fish.weighed': fc.record({ massG: grams, how: fc.constantFrom('scale', 'estimated') }),
  'fish.released': fc.record({ reason: fc.constantFrom('too short', 'not needed') }),
  'fish.dispatched': fc.record({ how: fc.constant('brain spike'), signsSeen: fc.boolean() }),
  'fish.bled': fc.record({ cut: fc.constantFrom('both gills', 'none') }),
  'fish.iced': fc.record({ box: some('box'), how: fc.constantFrom('slurry', 'layered ice') }),
  'fish.moved': fc.record({ box: some('box') }),
  'fish.read': fc.record({ c: fc.integer({ min: -1, max: 20 }) }),
  'fish.noted': fc.record({ text: name }),
  'fish.reported': fc.record({ rule: fc.constant('mine'), to: name }),
  'fish.pictured': fc.record({
    photo: fc.constant('ab'.repeat(32)),
    width: fc.constant(800),
    height: fc.constant(600),
  }),
  'cut.started': fc.record({
    fish: fc.uniqueArray(some('fish'), { minLength: 1, maxLength: 2 }),
    route: fc.constant('fillet from the tail'),
    by: fc.constant(TOMAS),
  }),
  'cut.finding': fc.constantFrom(
    { of: 'gut', is: 'pierced' },
    { of: 'worms', is: 'round worms', count: 2 },
    { of: 'sex', is: 'hen' },
  ),
  'cut.stepped': fc.record({ step: fc.constantFrom('hands ready', 'guts out', 'unheard of') }),
  'cut.way': fc.record({ of: fc.constantFrom('skin', 'rinse'), is: fc.constantFrom('on', 'sea water') }),
  'cut.weighed': fc.record({ stage: fc.constantFrom('round', 'gutted', 'fillets'), massG: grams }),
  'cut.byproduct': fc.record({ what: name, massG: grams, use: fc.constantFrom('stock', 'bait') }),
  'cut.found': fc.record({ text: name }),
  'pack.stored': fc.record({
    number: fc.integer({ min: 1, max: 3 }),
    what: name,
    species,
    form: fc.constantFrom('whole', 'fillets'),
    massG: grams,
    wrapping: fc.constantFrom('bag', 'vacuum'),
    place: fc.constantFrom('fridge', 'freezer'),
    fish: fc.uniqueArray(some('fish'), { maxLength: 2 }),
    cut: some('cut'),
    from: fc
      .uniqueArray(some('pack'), { minLength: 1, maxLength: 2 })
      .map((l) => l.map((pack) => ({ pack, massG: 50 }))),
  }),
  'pack.taken': fc.record({ massG: grams, is: fc.constantFrom('bait', 'given away') }),
  'pack.tended': fc.record({ did: fc.constantFrom('towel', 'turn') }),
  'store.counted': fc.constantFrom({ there: 2, missing: 0 }, { there: 1, missing: 1 }),
  'store.tended': fc.constant({ did: 'ice' }),
  'pack.weighed': fc.record({ massG: grams }),
  'pack.moved': fc.oneof(
    fc.record({ place: fc.constantFrom('fridge', 'freezer') }),
    fc.record({ place: fc.constant('freezer'), store: some('store') }),
  ),
  'store.added': fc.record({
    name,
    is: fc.constantFrom('fridge', 'freezer'),
    standsFor: fc.constantFrom('fridge', 'freezer'),
  }),
  'store.read': fc.record({ c: fc.integer({ min: -25, max: 9 }) }),
  'store.power': fc.record({ is: fc.constantFrom('off', 'on') }),
  'store.retired': fc.constant({}),
  'day.planned': fc.record({
    day: fc.constantFrom('2026-09-12', '2026-09-13'),
    fish: fc.constantFrom('either', 'no'),
    packs: fc.uniqueArray(some('pack'), { maxLength: 2 }).map((l) => l.map((pack) => ({ pack }))),
  }),
  'dinner.set': fc.record({
    serveAtMs: fc.constantFrom(1_789_236_000_000, 1_789_239_600_000),
    dishes: some('pack').map((pack) => [aDish({ packs: [{ pack, massG: 200 }] })]),
    tasks: fc.constant([aTask('d/cook', 8)]),
    means: fc.constant({ hands: 1, rings: 2, ovens: 1, grills: 0 }),
    cook: fc.constant(ILSE),
    eaters: fc.constant([ILSE, TOMAS]),
  }),
  'dinner.dishes': some('pack').map((pack) => ({
    dishes: [aDish({ id: 'e', name: 'Slices', packs: [{ pack, massG: 100, from: 'head' }], servedMin: -20 })],
    tasks: [aTask('e/slice', 5)],
  })),
  'dinner.without': fc.record({ dish: fc.constantFrom('d', 'e') }),
  'dinner.put': fc.oneof(
    fc.record({ task: fc.constant('d/cook'), startMs: fc.constant(1_789_235_000_000) }),
    fc.record({ task: fc.constant('d/cook') }),
  ),
  'dinner.step': fc.record({ task: fc.constantFrom('d/cook', 'd/rest'), did: fc.constantFrom('begun', 'done') }),
  'dinner.lasts': fc.record({ task: fc.constant('d/cook'), minutes: fc.integer({ min: 1, max: 20 }) }),
  'dinner.moved': fc.record({ serveAtMs: fc.constantFrom(1_789_236_600_000, 1_789_237_200_000) }),
  'dinner.read': fc.record({ dish: fc.constant('d'), c: fc.integer({ min: 3, max: 66 }) }),
  'dinner.ended': fc.constant({}),
  'recipe.written': fc.record({ recipe: fc.constantFrom(RECIPES[0]!, RECIPES[1]!).map((r) => ({ ...r })) }),
  'recipe.retired': fc.constant({}),
  'book.kitchen': fc.record({
    means: fc.constantFrom({ hands: 1, rings: 2, ovens: 1, grills: 0 }, { hands: 2, rings: 4, ovens: 1, grills: 1 }),
    vessels: fc.constant([]),
  }),
  'book.pantry': fc.record({ has: fc.constantFrom([], ['salt', 'oil']) }),
  'meal.pictured': fc.record({ photo: fc.constant('a'.repeat(64)) }),
  'member.eats': fc.record({ plates: fc.constantFrom(0.5, 1) }),
  'book.room': fc.record({ massG: fc.constantFrom(0, 900) }),
  'pack.discarded': fc.record({ why: name }),
  'meal.served': fc.record({
    name,
    cook: fc.constantFrom(ILSE, TOMAS),
    method: fc.constantFrom('grilled', 'raw'),
    packs: fc.array(fc.record({ pack: some('pack'), massG: grams }), { minLength: 1, maxLength: 2 }),
    eaters: fc.constant([ILSE]),
  }),
  'meal.rated': fc.record({ eater: fc.constantFrom(ILSE, TOMAS), mark: fc.integer({ min: 1, max: 5 }) }),
  'meal.noted': fc.record({ text: name }),
  'incident.begun': fc.record({ card: fc.constantFrom('sting', 'cut'), who: fc.constantFrom(ILSE, TOMAS) }),
  'incident.soaked': fc.record({ waterC: fc.integer({ min: 40, max: 45 }) }),
  'incident.noted': fc.record({ text: name, sign: fc.constantFrom('easing', 'worse') }),
  'incident.ended': fc.record({ how: name }),
  'species.added': fc.record({
    pack: fc.constant('own'),
    packName: fc.constant('Own'),
    species: name.map((n) => aSpecies({ name: n })),
  }),
  'rules.added': fc.record({
    pack: fc.integer({ min: 1, max: 4 }).map((most) => aRulePack({ version: String(most), rules: [aRule({ most })] })),
    from: day,
  }),
  'rule.set': fc.record({
    waters: fc.constant('bay'),
    rule: fc
      .record({ id: fc.constantFrom('one', 'two', 'three'), most: fc.integer({ min: 1, max: 9 }), from: day })
      .map(({ from, ...r }) => aRule({ ...r, inForce: { from } })),
    replaces: fc.constantFrom('mine', 'one'),
  }),
};

const kinds = Object.keys(FACTS) as (keyof typeof FACTS)[];
const anything = fc.constantFrom(...kinds).chain((kind) =>
  fc.record({
    kind: fc.constant(kind as string),
    facts: FACTS[kind],
    // Now and then about a subject of another kind: nothing keeps a device from it.
    of: fc.oneof(
      { arbitrary: fc.constant(subjectKindOf(kind) as SubjectKind), weight: 30 },
      { arbitrary: fc.constantFrom(...(Object.keys(SUBJECTS) as SubjectKind[])), weight: 1 },
    ),
  }),
);

/** One thing that a device writes: something new, a correction or a strike of something that is there. */
const act = fc.record({
  by: fc.nat({ max: DEVICES.length - 1 }),
  does: fc.oneof(
    { arbitrary: fc.constant('writes' as const), weight: 6 },
    { arbitrary: fc.constant('amends' as const), weight: 3 },
    { arbitrary: fc.constant('strikes' as const), weight: 2 },
  ),
  what: anything,
  which: fc.nat({ max: 1 }),
  target: fc.nat({ max: 30 }),
  minutes: fc.nat({ max: 600 }),
  putsAside: fc.boolean(),
});

const START = Date.parse('2026-09-12T06:00:00Z');
const stampOf = (ms: number): string => new Date(ms).toISOString().replace('.000Z', 'Z');

/**
 * Histories that three devices may write together, over every kind, tangled: about the same few things, with corrections of
 * corrections, strikes of strikes, rivals, and clocks that are an hour slow and a year fast. In the order of writing.
 */
export const anyHistory = (maxLength = 40): fc.Arbitrary<Entry[]> =>
  fc.array(act, { minLength: 1, maxLength }).map((acts) => {
    const all: Entry[] = [];
    acts.forEach((a, n) => {
      const { device, offMs } = DEVICES[a.by]!;
      const target = all.at(-1 - (a.target % Math.max(1, all.length)));
      const base = {
        id: `01910000-0000-7000-8000-${n.toString(16).padStart(12, '0')}`,
        at: stampOf(START + a.minutes * 60_000),
        written: stampOf(START + 36_000_000 + Math.floor(n / 3) * 60_000 + offMs),
        member: ILSE,
        device,
      };
      if (a.does === 'strikes' && target)
        all.push({ ...base, kind: 'log.struck', subject: target.subject, facts: {}, strikes: target.id });
      else if (a.does === 'amends' && target && target.kind !== 'log.struck') {
        const facts = fc.sample(FACTS[target.kind as keyof typeof FACTS], { numRuns: 1, seed: n + a.minutes })[0]!;
        const rival = all.find((e) => e.amends === target.amends && e.amends !== undefined && e.id !== target.id);
        const over = a.putsAside && rival ? { over: [rival.id] } : {};
        all.push({
          ...base,
          kind: target.kind,
          subject: target.subject,
          facts: facts as never,
          amends: target.id,
          ...over,
        });
      } else
        all.push({
          ...base,
          kind: a.what.kind,
          subject: idOf(`${a.what.of} ${a.which + 1}`),
          facts: JSON.parse(JSON.stringify(a.what.facts)) as Record<string, unknown>,
        });
    });
    return all;
  });

/** The same entries as they may reach a device: in any order, some of them twice, in batches. */
export const arrivalsOf = (all: readonly Entry[]): fc.Arbitrary<Entry[][]> =>
  fc
    .tuple(
      fc.shuffledSubarray([...all], { minLength: all.length }),
      fc.subarray([...all]),
      fc.array(fc.integer({ min: 1, max: 9 }), { minLength: 1, maxLength: 60 }),
    )
    .map(([order, again, sizes]) => {
      const rest = [...order, ...again];
      const batches: Entry[][] = [];
      for (let i = 0; rest.length > 0; i++) batches.push(rest.splice(0, sizes[i % sizes.length]));
      return batches;
    });

export const ALL_KINDS = Object.keys(KINDS);
