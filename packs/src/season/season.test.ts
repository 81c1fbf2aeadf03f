import { describe, expect, test } from '@jest/globals';
import {
  Book,
  custodyOf,
  doubtsOf,
  fishNumbers,
  isHurtOn,
  freshnessOfPack,
  openTrip,
  packLeft,
  validateEntry,
} from '@dagboek/journal';
import { loadRulePacks, loadSpecies, SKERROW_NOW, skerrowSeason } from '../index.ts';

const SPECIES = loadSpecies();
const RULES = loadRulePacks(SPECIES)[0]!;
const ENTRIES = skerrowSeason(SPECIES, RULES);
const BOOK = Book.EMPTY.withEntries(ENTRIES);
const NOW = Date.parse(SKERROW_NOW);

describe('the made-up season', () => {
  test('the same seed writes the same book', () => {
    expect(skerrowSeason(SPECIES, RULES)).toEqual(ENTRIES);
    expect(skerrowSeason(SPECIES, RULES, 32)).not.toEqual(ENTRIES);
  });

  test('every entry is one the journal takes, with an id of its own, none from after now', () => {
    for (const e of ENTRIES) expect(validateEntry(e, NOW - 9 * 60_000)).toEqual({ ok: true, entry: e });
    expect(new Set(ENTRIES.map((e) => e.id)).size).toBe(ENTRIES.length);
  });

  test('it is lived in: at least 20 trips and 120 fish and lots, empty trips, releases, corrections and strikes, a sting', () => {
    expect(BOOK.all('trip').length).toBeGreaterThanOrEqual(20);
    expect(BOOK.all('fish').length).toBeGreaterThanOrEqual(120);
    expect(BOOK.all('trip').filter((t) => BOOK.naming('fish', t.id).length === 0).length).toBeGreaterThanOrEqual(3);
    expect(BOOK.all('fish').filter((f) => f.released).length).toBeGreaterThan(20);
    expect(ENTRIES.filter((e) => e.amends).length).toBeGreaterThan(2);
    expect(ENTRIES.filter((e) => e.strikes).length).toBeGreaterThan(0);
    expect(BOOK.all('incident').map((i) => [i.card, i.by, i.soaks.length, i.notes.map((n) => n.sign)])).toEqual([
      ['sting', 'lesser-weever', 5, [null, 'the same', 'easing']],
    ]);
    expect(BOOK.all('trip').filter((t) => isHurtOn(BOOK, t))).toHaveLength(1);
    expect(BOOK.all('meal').length).toBeGreaterThanOrEqual(60);
  });

  test('nothing in it cannot be true', () => {
    for (const s of [...BOOK.all('fish'), ...BOOK.all('cut'), ...BOOK.all('pack')])
      expect(doubtsOf(BOOK, s)).toEqual([]);
  });

  test('the open trip: six fish kept, a lot of mackerel, three let go, one in hand without a name', () => {
    const trip = openTrip(BOOK)!;
    const lines = BOOK.naming('fish', trip.id).map((f) => custodyOf(BOOK, f.id)!);
    expect(trip).toMatchObject({ zone: 'north-skerries', boat: 'Tern' });
    expect(lines.filter((l) => l.fish.count === 1 && (l.where === 'box' || l.where === 'bleeding'))).toHaveLength(6);
    expect(lines.filter((l) => l.fish.count > 1).map((l) => [l.fish.species, l.where])).toEqual([['mackerel', 'box']]);
    expect(lines.filter((l) => l.where === 'let go')).toHaveLength(3);
    expect(lines.filter((l) => l.where === 'in hand').map((l) => l.fish.species)).toEqual([null]);
  });

  test('the larder holds packs in the fridge and in the freezer, and one was thrown away', () => {
    const places = BOOK.all('pack')
      .filter((p) => !p.discarded && BOOK.naming('meal', p.id).length === 0)
      .map((p) => p.places.at(-1)?.place);
    expect(places).toContain('fridge');
    expect(places).toContain('freezer');
  });

  test('a fish noted twice is struck and keeps its number; a pack of mackerel left warm is not to eat', () => {
    const struck = BOOK.allAny('fish').filter((f) => !BOOK.stands(f));
    expect(struck.map((f) => f.struck?.because)).toEqual(['noted twice: it is the one before']);
    expect(fishNumbers(BOOK, struck[0]!.trip).get(struck[0]!.id)).toBe('12');
    const byId = (id: string | null) => SPECIES.find((s) => s.id === id) ?? null;
    const over = BOOK.all('pack').filter(
      (p) =>
        packLeft(BOOK, p).leftG > 1 &&
        freshnessOfPack({ book: BOOK, species: byId }, p, NOW)?.histamine?.state === 'over',
    );
    expect(over.map((p) => [p.what, p.discarded])).toEqual([['Mackerel, 10 fillets', null]]);
    for (const f of BOOK.all('fish')) expect(f.number).not.toBeNull();
  });

  test('a length corrected on two phones apart was settled by a person; a phone an hour ahead was set back', () => {
    const settled = BOOK.all('fish').flatMap((f) => f.log.filter((l) => l.now.over));
    expect(settled).toHaveLength(1);
    const { first, now, was, conflict } = settled[0]!;
    expect(conflict).toEqual([]);
    expect([first, ...was.slice(1), now].map((e) => e.device)).toEqual([
      'tern-phone',
      'ilse-phone',
      'tern-phone',
      'ilse-phone',
    ]);
    const mm = (e: typeof now) => e.facts['lengthMm'] as number;
    expect(was.slice(1).map((e) => mm(e) - mm(first))).toEqual([10, 5]);
    expect(mm(now) - mm(first)).toBe(10);
    const ahead = ENTRIES.filter((e) => e.aheadMs);
    expect(ahead.map((e) => [e.device, e.aheadMs])).toEqual([['oda-phone', 3_600_000]]);
    expect(BOOK.get('trip', ahead[0]!.subject)!.notes.map((n) => n.text)).toContain(ahead[0]!.facts['text']);
  });

  test('its story can be found: Tomas cuts better in the second year than in the first', () => {
    const yields = BOOK.all('cut').filter(
      (c) =>
        BOOK.get('member', c.by)?.name === 'Tomas' &&
        c.stages.round &&
        c.stages.trimmed &&
        BOOK.get('fish', c.fish[0])?.species === 'pollack',
    );
    const mean = (year: string): number => {
      const list = yields
        .filter((c) => c.startedAt.startsWith(year))
        .map((c) => c.stages.trimmed!.massG / c.stages.round!.massG);
      return list.reduce((a, b) => a + b, 0) / list.length;
    };
    expect(mean('2026')).toBeGreaterThan(mean('2025'));
  });

  test('its story can be found: meals from fish bled at once are marked higher', () => {
    const marks: { soon: number[]; late: number[] } = { soon: [], late: [] };
    for (const m of BOOK.all('meal')) {
      const fish = m.packs
        .flatMap((p) => BOOK.get('pack', p.pack)?.fish ?? [])
        .flatMap((f) => BOOK.get('fish', f) ?? []);
      if (fish.length === 0) continue;
      const soon = fish.every(
        (f) =>
          f.bled &&
          f.bled.cut !== 'none' &&
          f.dispatched &&
          Date.parse(f.bled.at) - Date.parse(f.dispatched.at) < 5 * 60_000,
      );
      marks[soon ? 'soon' : 'late'].push(...Object.values(m.marks));
    }
    const mean = (x: number[]): number => x.reduce((a, b) => a + b, 0) / x.length;
    expect(mean(marks.soon)).toBeGreaterThan(mean(marks.late) + 0.15);
  });
});

test('no fish of a lake has eaten what lives in the sea', () => {
  const seen = BOOK.all('cut').flatMap((c) => {
    const id = BOOK.getAny('fish', c.fish[0])?.species;
    const species = SPECIES.find((s) => s.id === id);
    const lake =
      species && Object.entries(species.grounds).every(([g, share]) => share === 0 || g === 'lake' || g === 'stream');
    if (!lake) return [];
    return [...c.findings.filter((f) => f.of === 'stomach').map((f) => f.is), ...c.found.map((f) => f.text)];
  });
  expect(seen.length).toBeGreaterThan(0);
  for (const what of seen) expect(what).not.toMatch(/crab|sand eel|shrimp|mussel|squid/i);
});
