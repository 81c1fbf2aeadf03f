import { describe, expect, test } from '@jest/globals';
import { loadSpecies } from '@dagboek/packs';
import fc from 'fast-check';
import { anEntry, at, idOf, landed, packStored, tripStarted } from '../../builders.test-support.ts';
import {
  Book,
  type Entry,
  heldPack,
  isNotToEat,
  labelOf,
  menuWishes,
  mergeable,
  type PackState,
  packsHeld,
  takenFor,
  whyNotToEat,
} from '../../index.ts';
import { larderFeed } from '../../calendar/larder-feed.ts';

const SPECIES = loadSpecies();
const byId = (id: string | null) => SPECIES.find((s) => s.id === id) ?? null;
const NEVER = SPECIES.filter((s) => s.raw.verdict === 'never').map((s) => s.id);
const day = (a: string): string => a.slice(0, 10);
const ZONE = 'Atlantic/Faroe';
const NOW = Date.parse('2026-09-12T21:00:00+01:00');
const bookOf = (...e: Entry[]): Book => Book.EMPTY.withEntries([tripStarted(), ...e]);
const held = (b: Book, word = 'p') =>
  heldPack({ book: b, species: byId, day, nowMs: NOW }, b.get('pack', idOf(word))!)!;
const label = (b: Book, word = 'p') => labelOf({ book: b, species: byId, day, nowMs: NOW }, held(b, word), 'It');

/** Nothing that anyone reads or plans of a pack lets it be eaten. */
function expectBanned(b: Book, word = 'p'): void {
  const h = held(b, word);
  expect(whyNotToEat(h)).not.toBeNull();
  const l = label(b, word);
  expect(l).toMatchObject({ does: 'Do not eat.', by: null });
  expect(l.minds.length).toBeGreaterThan(20);
  const { wishes } = menuWishes(
    { book: b, species: byId, nowMs: NOW, zone: ZONE },
    packsHeld({ book: b, species: byId, day, nowMs: NOW }),
    7,
  );
  expect(wishes.packs.map((p) => p.id)).not.toContain(idOf(word));
  expect(larderFeed({ book: b, nowMs: NOW, zone: ZONE }, [h])).not.toMatch(/Eat pack/);
  expect(takenFor({ book: b, species: byId, nowMs: NOW }, h.pack)).toEqual(['thrown away']);
}

describe('what is never eaten', () => {
  test('there are such species, and each carries its reason', () => {
    expect(NEVER.length).toBeGreaterThanOrEqual(8);
  });
  test.each(NEVER)('%s stays so in every form of a pack that the board never saw', (species) => {
    for (const form of ['whole', 'fillets', 'cured', 'smoked', 'cooked', 'stock', 'liver'])
      expectBanned(bookOf(packStored('p', { species, form, place: 'freezer', wrapping: 'vacuum' })));
  });
  test('a fish that may be one bans its pack, and the reason names which', () => {
    const b = bookOf(
      landed('f', '12:00', { species: 'dusky-grouper' }),
      anEntry('fish.named', idOf('f'), { species: 'dusky-grouper', orElse: ['twinspot-snapper'] }, { at: at('12:01') }),
      packStored('p', { species: 'dusky-grouper', fish: [idOf('f')] }),
    );
    expectBanned(b);
    expect(whyNotToEat(held(b))).toMatch(/^It may be Twinspot snapper\. /);
  });
  test('what is made out of such a pack stays so, and so do the leftovers of a meal of it', () => {
    const from = packStored('raw', { species: 'escolar' });
    expectBanned(bookOf(from, packStored('p', { form: 'smoked', from: [{ pack: idOf('raw'), massG: 200 }] })));
    const meal = anEntry(
      'meal.served',
      idOf('m'),
      { name: 'x', cook: idOf('ilse'), method: 'roasted', packs: [{ pack: idOf('raw'), massG: 100 }], eaters: [] },
      { at: at('19:00') },
    );
    expectBanned(bookOf(from, meal, packStored('p', { form: 'cooked', meal: idOf('m') }, at('19:30'))));
  });
  test('a poisonous part is, and the rest is not: the roe of a barbel, the liver of a reef fish', () => {
    expectBanned(bookOf(packStored('p', { species: 'barbel', form: 'roe' })));
    expect(isNotToEat(held(bookOf(packStored('p', { species: 'barbel', form: 'fillets' }))))).toBe(false);
    expectBanned(bookOf(packStored('p', { species: 'dusky-grouper', form: 'liver' })));
    expectBanned(bookOf(packStored('p', { species: 'dusky-grouper', form: 'stock' })));
    expect(isNotToEat(held(bookOf(packStored('p', { species: 'cod', form: 'roe' }))))).toBe(false);
  });
  test('a species that is not known on this device is cooked through, and planned by nobody', () => {
    const b = bookOf(packStored('p', { species: 'own-strange-fish' }));
    expect(label(b)).toMatchObject({ does: 'Cook it through.' });
    // Nor is one that only may be such a fish told to be known.
    const maybe = bookOf(
      landed('f', '12:00', { species: 'cod' }),
      anEntry('fish.named', idOf('f'), { species: 'cod', orElse: ['own-strange-fish'] }, { at: at('12:01') }),
      packStored('p', { species: 'cod', fish: [idOf('f')] }),
    );
    expect(label(maybe)).toMatchObject({ does: 'Cook it through.' });
    expect(
      menuWishes(
        { book: b, species: byId, nowMs: NOW, zone: ZONE },
        packsHeld({ book: b, species: byId, day, nowMs: NOW }),
        7,
      ).wishes.packs,
    ).toEqual([]);
  });
});

describe('by any history', () => {
  // As if mackerel were a species that is never eaten: the histories hold it as a pack, a fish, one of two, a part, a leftover.
  const banned = (id: string | null) => {
    const s = byId(id);
    return s && id === 'mackerel' ? { ...s, raw: { verdict: 'never' as const, why: 'It is never eaten.' } } : s;
  };
  /** Told anew, and plainly: every species that ever stood on a way into the pack. */
  const reaches = (b: Book, pack: PackState, seen: string[] = []): boolean => {
    if (seen.includes(pack.id)) return false;
    const fish = pack.fish.flatMap((f) => b.getAny('fish', f) ?? []);
    const from = [...pack.from.map((f) => f.pack), ...(b.getAny('meal', pack.meal)?.packs ?? []).map((p) => p.pack)];
    return (
      pack.species === 'mackerel' ||
      fish.some((f) => f.species === 'mackerel' || f.orElse.includes('mackerel')) ||
      from.some((id) => {
        const p = b.getAny('pack', id);
        return p !== null && reaches(b, p, [...seen, pack.id]);
      })
    );
  };
  const kind = fc.constantFrom('mackerel', 'pollack', 'pollack', 'cod');
  const SOME = [0, 1, 2, 3];
  const some = (word: string) => fc.constantFrom(...SOME.map((n) => idOf(`${word} ${n}`)));
  const minute = fc.integer({ min: 0, max: 59 }).map((m) => ({ at: at(`18:${String(m).padStart(2, '0')}`) }));
  const act: fc.Arbitrary<Entry> = fc.oneof(
    fc
      .record({ fish: some('fish'), is: kind, orElse: fc.constantFrom<string[]>([], [], ['mackerel']), on: minute })
      .map((x) => anEntry('fish.named', x.fish, { species: x.is, orElse: x.orElse }, x.on)),
    fc
      .record({
        pack: some('pack'),
        is: kind,
        form: fc.constantFrom('fillets', 'whole', 'smoked', 'cooked'),
        place: fc.constantFrom('fridge', 'freezer'),
        fish: fc.uniqueArray(some('fish'), { maxLength: 2 }),
        from: fc.uniqueArray(some('pack'), { maxLength: 2 }),
        meal: fc.constantFrom(null, null, idOf('meal 0')),
        on: minute,
      })
      .map((x) =>
        anEntry(
          'pack.stored',
          x.pack,
          {
            number: 1,
            what: 'x',
            species: x.is,
            form: x.form,
            massG: 400,
            wrapping: 'bag',
            place: x.place,
            fish: x.fish,
            ...(x.from.length ? { from: x.from.map((pack) => ({ pack, massG: 20 })) } : {}),
            ...(x.meal ? { meal: x.meal } : {}),
          } as never,
          x.on,
        ),
      ),
    fc
      .record({ pack: some('pack'), place: fc.constantFrom('fridge', 'freezer'), on: minute })
      .map((x) => anEntry('pack.moved', x.pack, { place: x.place } as never, x.on)),
    fc
      .record({ pack: some('pack'), on: minute })
      .map((x) =>
        anEntry(
          'meal.served',
          idOf('meal 0'),
          { name: 'x', cook: idOf('ilse'), method: 'roasted', packs: [{ pack: x.pack, massG: 50 }], eaters: [] },
          x.on,
        ),
      ),
  );
  const landings = SOME.map((n) => landed(`fish ${n}`, '12:00'));

  test('no way of writing ends with one on a plan, on a label without its ban, or put together with another', () => {
    let [met, free] = [0, 0];
    fc.assert(
      fc.property(fc.array(act, { minLength: 2, maxLength: 24 }), (entries) => {
        const b = bookOf(...landings, ...entries);
        const all = packsHeld({ book: b, species: banned, day, nowMs: NOW });
        const { wishes } = menuWishes({ book: b, species: banned, nowMs: NOW, zone: ZONE }, all, 7);
        for (const h of all) {
          if (!reaches(b, h.pack)) {
            free++;
            expect(whyNotToEat(h)).toBeNull();
            continue;
          }
          met++;
          expect(labelOf({ book: b, species: banned, day, nowMs: NOW }, h, 'It')).toMatchObject({
            does: 'Do not eat.',
            by: null,
          });
          expect(wishes.packs.map((p) => p.id)).not.toContain(h.pack.id);
          expect(mergeable({ book: b, species: banned, nowMs: NOW }, h.pack)).toEqual([]);
          expect(takenFor({ book: b, species: banned, nowMs: NOW }, h.pack)).toEqual(['thrown away']);
          expect(larderFeed({ book: b, nowMs: NOW, zone: ZONE }, [h])).not.toMatch(/Eat pack/);
        }
      }),
      { numRuns: 200, seed: 28 },
    );
    expect(met).toBeGreaterThan(100);
    expect(free).toBeGreaterThan(20);
  });
});
