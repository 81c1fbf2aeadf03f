import { describe, expect, test } from '@jest/globals';
import { loadSpecies } from '@dagboek/packs';
import { type DishAsked, methodOf, reckonDish, SOME_KITCHEN, usualSetting } from '@dagboek/core/cook';
import { RECIPES } from '@dagboek/core/recipes';
import { planDinner } from '@dagboek/core/schedule';
import { anEntry, at, idOf, ILSE, TOMAS } from '../../builders.test-support.ts';
import {
  Book,
  deckStartC,
  dinnerFacts,
  dinnerWork,
  type Entry,
  estimateG,
  fishInPack,
  intoTheFire,
  packForTheFire,
  stepIs,
  validateEntry,
} from '../../index.ts';

const NOW = Date.parse(at('18:12')) + 31_000;
const DINNER = idOf('dinner');
const cod = loadSpecies().find((s) => s.id === 'cod')!;
const trip = anEntry('trip.started', idOf('trip'), { from: 'shore', place: 'bay', crew: [ILSE] } as never);
const landed = (count = 1): Entry =>
  anEntry('fish.landed', idOf('fish'), { trip: idOf('trip'), species: 'cod', count } as never);
const weighed = anEntry('fish.weighed', idOf('fish'), { massG: 1000, how: 'estimated' });
const fishOf = (...more: Entry[]) => Book.EMPTY.withEntries([trip, ...more]).get('fish', idOf('fish'))!;

describe('a fish without board, scale or pack', () => {
  test('what it weighs in the pan: whole, gutted, its fillets; of a lot all of it; not known without weight or length', () => {
    const of = (form: 'whole' | 'gutted' | 'fillets', ...more: Entry[]) => estimateG(fishOf(...more), cod, form);
    expect(of('whole', landed(), weighed)).toBe(1000);
    expect(of('gutted', landed(), weighed)).toBeGreaterThan(750);
    expect(of('gutted', landed(), weighed)).toBeLessThan(1000);
    expect(of('fillets', landed(), weighed)).toBeLessThan(of('gutted', landed(), weighed)!);
    expect(of('whole', landed(3), weighed)).toBe(1000);
    expect(of('whole', landed())).toBeNull();
  });
  test('it is as warm inside as it was calculated to be since it was killed; not known of one that was not', () => {
    const killed = anEntry('fish.dispatched', idOf('fish'), { method: 'brain spike' } as never, { at: at('12:00') });
    const at0 = (book: Book, time: string): number | null =>
      deckStartC({ book, species: () => cod, nowMs: Date.parse(at(time)) }, { id: idOf('fish') });
    const book = Book.EMPTY.withEntries([trip, landed(), weighed, killed]);
    const [soon, later] = [at0(book, '12:10')!, at0(book, '19:00')!];
    // A cod that was just killed is as warm as its water, and no fridge has cooled it.
    expect(soon).toBeGreaterThan(7);
    expect(later).not.toBe(soon);
    expect(soon * 10).toBeCloseTo(Math.round(soon * 10), 9);
    expect(at0(Book.EMPTY.withEntries([trip, landed(), weighed]), '12:10')).toBeNull();
  });
  test('it becomes a pack like any other, with its fish in it', () => {
    const book = Book.EMPTY.withEntries([trip, landed(), weighed]);
    const w = packForTheFire({ book }, book.get('fish', idOf('fish'))!, cod, 'fillets', 380, idOf('pack'));
    const entry = anEntry(w.kind, w.subject, w.facts as never);
    expect(validateEntry(JSON.parse(JSON.stringify(entry)), NOW)).toMatchObject({ ok: true });
    const after = book.withEntries([entry]);
    expect(after.get('pack', idOf('pack'))).toMatchObject({ what: 'Cod, 2 fillets', massG: 380, form: 'fillets' });
    expect(fishInPack(after, after.get('pack', idOf('pack'))!)).toEqual([idOf('fish')]);
    expect(after.unfinishedFish()).toEqual([]);
  });
});

describe('into the fire at this minute', () => {
  const method = methodOf('pan')!;
  const fire: DishAsked = {
    method: 'pan',
    setting: usualSetting(method.heat!),
    piece: { cut: 'portion', thicknessMm: 22, massG: 160, fat: 'lean', bone: false, skin: true, slashed: false },
    pieces: 2,
    startC: 8,
    toC: 63,
    thicknessBy: 'by ruler',
    species: null,
  };
  const facts = (sides: string[] = []) =>
    dinnerFacts({
      name: 'Cod in brown butter',
      method,
      recipe: RECIPES.find((r) => r.method === 'pan')!,
      packs: [{ pack: idOf('pack'), massG: 320 }],
      fire,
      told: reckonDish(fire),
      sides: RECIPES.filter((r) => sides.includes(r.id)),
      plates: 2,
      serveAtMs: NOW,
      kitchen: SOME_KITCHEN,
      vessel: 'pan',
      cook: TOMAS,
      eaters: [ILSE, TOMAS],
      guests: 0,
    });
  const begun = (sides: string[] = []) => {
    const lines = intoTheFire(DINNER, facts(sides), NOW)!;
    const entries = lines.map((w) => anEntry(w.kind, w.subject, w.facts as never, { at: at('18:12') }));
    for (const e of entries)
      expect(validateEntry(JSON.parse(JSON.stringify(e)), NOW + 60_000)).toMatchObject({ ok: true });
    return Book.EMPTY.withEntries(entries).get('dinner', DINNER)!;
  };
  test('what comes before is done, the fish is in the fire, and it is served as early as it is ready', () => {
    const d = begun();
    expect(stepIs(d, 'fish/cook')).toBe('running');
    const cook = d.tasks.find((t) => t.id === 'fish/cook')!;
    for (const a of cook.after) expect(stepIs(d, a.task)).toBe('done');
    const waits = Math.round((d.serveAtMs - Date.parse(at('18:12'))) / 60_000);
    expect(waits).toBeGreaterThanOrEqual(cook.minutes);
    expect(waits).toBeLessThan(cook.minutes + 12);
    const plan = planDinner(dinnerWork(d, Date.parse(at('18:12'))));
    expect(plan).toMatchObject({ ok: true, lateMin: 0 });
  });
  test('sides are still to come, and the hour waits for them', () => {
    const d = begun(['new-potatoes']);
    expect(d.tasks.filter((t) => t.id.startsWith('side1/')).every((t) => stepIs(d, t.id) === 'to come')).toBe(true);
    expect(d.serveAtMs).toBeGreaterThan(begun().serveAtMs);
  });
  test('what is in no fire is not laid in one', () => {
    const { tasks, ...rest } = facts();
    expect(intoTheFire(DINNER, { ...rest, tasks: tasks.filter((t) => t.id !== 'fish/cook') }, NOW)).toBeNull();
  });
});
