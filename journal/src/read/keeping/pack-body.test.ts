import { describe, expect, test } from '@jest/globals';
import { thicknessOfFish } from '@dagboek/core/cook';
import { CUT_ROUTES, proposeRoutes, type RouteName, routesFor } from '@dagboek/core/cut';
import { whyNeverEaten } from '@dagboek/core/harm';
import { formFacts, meatIn, PACK_FORMS, type PackForm, shareOfRound } from '@dagboek/core/larder';
import { PLATE_G, platesFrom } from '@dagboek/core/plates';
import { loadSpecies } from '@dagboek/packs';
import fc from 'fast-check';
import { anEntry, at, idOf, ILSE, landed, TOMAS, tripStarted } from '../../builders.test-support.ts';
import {
  Book,
  type Entry,
  labelOf,
  larderByKind,
  meatOfPack,
  meatTaken,
  menuWishes,
  packAsIf,
  packBody,
  packsHeld,
  piecesOfPack,
  toBeCooked,
} from '../../index.ts';

const SPECIES = loadSpecies();
const byId = (id: string | null) => SPECIES.find((s) => s.id === id) ?? null;
const ZONE = 'Atlantic/Faroe';
const day = (iso: string): string => iso.slice(0, 10);
const NOW = Date.parse(at('20:00'));
const pack = (word: string, facts: object): Entry =>
  anEntry(
    'pack.stored',
    idOf(word),
    {
      number: 1,
      what: word,
      species: 'mackerel',
      form: 'whole',
      massG: 650,
      wrapping: 'cloth',
      place: 'fridge',
      fish: [],
      ...facts,
    } as never,
    { at: at('19:00') },
  );
const heldIn = (book: Book) => packsHeld({ book, species: byId, day, nowMs: NOW })[0]!;

describe('one pack, one meat', () => {
  test('over all forms and species: larder, label, plan of meals, table and what is cooked name the same', () => {
    const forms = Object.keys(PACK_FORMS) as PackForm[];
    fc.assert(
      fc.property(
        fc.constantFrom(...forms),
        fc.constantFrom(...SPECIES.filter((s) => s.raw.verdict !== 'never')),
        fc.integer({ min: 40, max: 9000 }),
        fc.option(fc.integer({ min: 1, max: 24 }), { nil: undefined }),
        (form, species, massG, pieces) => {
          const book = Book.EMPTY.withEntries([
            pack('a', { form, species: species.id, massG, ...(pieces ? { pieces } : {}) }),
          ]);
          const h = heldIn(book);
          // What is never eaten, the head of a reef fish, is meat for nobody.
          if (whyNeverEaten(form, [species])) return void expect(meatOfPack(h)).toBe(0);
          const meat = h.body.meatG;
          expect(meat).toBeGreaterThanOrEqual(0);
          expect(meat).toBeLessThanOrEqual(massG + 1e-9);
          expect(meatOfPack(h)).toBe(meat);
          expect(packBody({ book, species: byId }, h.pack)).toEqual(h.body);
          expect(meatTaken([{ held: h, massG: h.leftG }])).toBeCloseTo(meat, 9);
          expect(meatTaken([{ held: h, massG: h.leftG / 2 }])).toBeCloseTo(meat / 2, 9);
          const plates = platesFrom(meat).plates;
          expect(larderByKind([h])[0]!.plates).toBe(plates);
          expect(labelOf({ book, species: byId, day, nowMs: NOW }, h, species.name).plates ?? 0).toBe(
            formFacts(form).plates === 'none' ? 0 : plates,
          );
          const planned = menuWishes({ book, species: byId, nowMs: NOW, zone: ZONE }, [h], 3).wishes.packs[0];
          if (planned) expect(planned.meatG).toBe(Math.round(meat));
          const fire = piecesOfPack({ book, species: byId, nowMs: NOW }, h, massG);
          expect(fire.thicknessMm).toBe(h.body.thicknessMm);
          expect(fire.pieces * fire.pieceG).toBeCloseTo(massG, 6);
          expect(toBeCooked({ book, species: byId, nowMs: NOW }, [{ held: h, massG }])!.thicknessMm).toBe(
            h.body.thicknessMm,
          );
        },
      ),
      { numRuns: 300 },
    );
  });

  test('cheeks, collars, roe and liver are as thick as their own mass makes them, whatever fish they were of', () => {
    const of = (form: PackForm, massG: number, pieces?: number) =>
      heldIn(Book.EMPTY.withEntries([pack('a', { form, species: 'cod', massG, ...(pieces ? { pieces } : {}) })])).body;
    // Nobody counted: a fish has two.
    expect(of('cheeks', 30)).toMatchObject({ cut: 'cheek', pieces: 2, thicknessMm: 14, thicknessBy: 'of the mass' });
    expect(of('cheeks', 120, 8).thicknessMm).toBe(14);
    expect(of('collars', 300)).toMatchObject({ cut: 'collar', pieces: 2, meatG: 135 });
    expect(of('collars', 300).thicknessMm).toBe(26);
    expect(of('roe', 160)).toMatchObject({ cut: 'roe', pieces: null, meatG: 0 });
    expect(of('roe', 160).thicknessMm).toBeGreaterThan(of('liver', 160).thicknessMm);
    expect(of('tubes', 400, 2)).toMatchObject({ cut: 'tube', thicknessMm: 8 });
  });

  test('the board promises what the pack then holds, by every route of every species', () => {
    for (const s of SPECIES)
      for (const p of proposeRoutes(s as never, {
        massG: 1000,
        count: 1,
        purpose: 'pan',
        stiff: null,
        lengthMm: null,
        panMm: null,
      })) {
        const { form } = CUT_ROUTES.find((r) => r.name === p.route)!;
        const book = Book.EMPTY.withEntries([pack('a', { form, species: s.id, massG: Math.round(p.offBoardG) })]);
        expect([s.id, p.route, Math.round(heldIn(book).body.meatG - p.meatG)]).toEqual([
          s.id,
          p.route,
          expect.closeTo(0, -0.5),
        ]);
      }
  });

  test('a fish has so much meat, however it is cut', () => {
    for (const s of SPECIES) {
      const meats = (['whole', 'gutted', 'butterflied', 'tail', 'steaks', 'fillets'] as const).map((f) =>
        meatIn(f, 1000 * shareOfRound(f, s), s),
      );
      for (const m of meats) expect([s.id, m]).toEqual([s.id, expect.closeTo(meats[0]!, 6)]);
    }
  });
});

describe('what was packed of a cut', () => {
  const cutBy = (route: RouteName, form: PackForm, massG: number, species = 'mackerel', more: object = {}): Entry[] => [
    tripStarted(),
    landed('f', '10:00', { species }),
    anEntry('fish.weighed', idOf('f'), { massG: 1000, how: 'scale' } as never, { at: at('10:05') }),
    anEntry('cut.started', idOf('cut'), { fish: [idOf('f')], route, by: TOMAS }, { at: at('18:00') }),
    pack('a', { form, massG, species, cut: idOf('cut'), fish: [idOf('f')], ...more }),
  ];
  const bodyOf = (...entries: Entry[]) => heldIn(Book.EMPTY.withEntries(entries)).body;

  test('a pack of an earlier version that said whole is what its route made of it', () => {
    expect(bodyOf(...cutBy('butterfly', 'whole', 640)).form).toBe('butterflied');
    expect(bodyOf(...cutBy('tail on the bone', 'whole', 480, 'grey-gurnard')).form).toBe('tail');
    expect(bodyOf(...cutBy('gutted whole', 'whole', 850)).form).toBe('gutted');
    expect(bodyOf(pack('a', {})).form).toBe('whole');
  });
  test('a butterflied fish is as thick as it lies open, and thinner than it was', () => {
    const open = bodyOf(...cutBy('butterfly', 'butterflied', 640));
    expect(open.thicknessMm).toBe(Math.round(thicknessOfFish(byId('mackerel')!, 1000, 'fillet')));
    expect(open.thicknessMm).toBeLessThan(bodyOf(...cutBy('gutted whole', 'gutted', 850)).thicknessMm * 0.6);
    expect(open.cut).toBe('fillet');
  });
  test('a fillet of more than a plate and a half is cooked in portions', () => {
    const cut = (plates: number): string =>
      packBody(
        { book: Book.EMPTY.withEntries([]), species: byId },
        heldIn(Book.EMPTY.withEntries([pack('a', { form: 'fillets', pieces: 2, massG: 2 * PLATE_G * plates })])).pack,
      ).cut;
    expect([1.5, 1.6, 1.65].map(cut)).toEqual(['fillet', 'fillet', 'portion']);
  });
  test('a tail is meat but for its bone, and gutted fish more than a third', () => {
    const gurnard = SPECIES.find((s) => routesFor(s as never).includes('tail on the bone'))!;
    const tail = bodyOf(...cutBy('tail on the bone', 'tail', 480, gurnard.id));
    expect(tail.meatG / tail.massG).toBeGreaterThan(0.55);
    const gutted = bodyOf(...cutBy('gutted whole', 'gutted', 850, 'pollack'));
    expect(gutted.meatG / gutted.massG).toBeGreaterThan(0.42);
  });
  test('what is eaten of it leaves so much less meat', () => {
    const meal = anEntry(
      'meal.served',
      idOf('m'),
      { name: 'x', cook: ILSE, method: 'grilled', packs: [{ pack: idOf('a'), massG: 320 }], eaters: [ILSE] },
      { at: at('19:30') },
    );
    const all = bodyOf(...cutBy('butterfly', 'butterflied', 640));
    expect(bodyOf(...cutBy('butterfly', 'butterflied', 640), meal).meatG).toBeCloseTo(all.meatG / 2, 6);
  });
});

describe('what a form promises', () => {
  test('is what is written: any form, wrapping and store, days ago or now', () => {
    const shed = idOf('shed');
    const stores = [
      anEntry('store.added', shed, { name: 'shed', is: 'freezer' } as never, { at: at('06:00') }),
      anEntry('store.read', shed, { c: -14 }, { at: at('06:10') }),
    ];
    fc.assert(
      fc.property(
        fc.constantFrom(...(Object.keys(PACK_FORMS) as PackForm[])),
        fc.constantFrom('mackerel', 'pollack', 'thornback-ray'),
        fc.constantFrom('bag', 'vacuum', 'cloth'),
        fc.constantFrom<object>({ place: 'fridge' }, { place: 'freezer' }, { place: 'freezer', store: shed }),
        fc.boolean(),
        (form, species, wrapping, where, cut) => {
          const before = [
            tripStarted(),
            landed('f', '10:00', { species }),
            anEntry('fish.dispatched', idOf('f'), { how: 'brain spike' }, { at: at('10:02') }),
            anEntry(
              'cut.started',
              idOf('cut'),
              { fish: [idOf('f')], route: 'fillet from the head', by: TOMAS },
              { at: at('18:00') },
            ),
            ...stores,
          ];
          const book = Book.EMPTY.withEntries(before);
          const facts = {
            number: 7,
            what: 'x',
            species,
            form,
            massG: 400,
            wrapping,
            ...where,
            fish: cut ? [idOf('f')] : [],
            ...(cut ? { cut: idOf('cut') } : {}),
          };
          const later = Date.parse(at('19:00'));
          const told = packAsIf(
            { book, species: byId, day, nowMs: later, zone: ZONE },
            { kind: 'pack.stored', subject: idOf('a'), facts },
          );
          const written = book.withEntries([anEntry('pack.stored', idOf('a'), facts as never, { at: at('19:00') })]);
          const held = packsHeld({ book: written, species: byId, day, nowMs: later })[0];
          expect(told?.keeps).toEqual(held?.keeps);
          // Nothing of it stays in the book.
          expect(packsHeld({ book, species: byId, day, nowMs: later })).toEqual([]);
        },
      ),
      { numRuns: 60 },
    );
  });
});
