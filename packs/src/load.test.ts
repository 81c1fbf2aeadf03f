import { describe, expect, test } from '@jest/globals';
import { expectedWeight } from '@dagboek/core/measure';
import { expectedStage } from '@dagboek/core/cut';
import { drawFish, hazardsOf, buildAnatomy, silentParts } from '@dagboek/figure';
import { loadRulePacks, loadSpecies } from './index.ts';

const SPECIES = loadSpecies();
const PACKS = loadRulePacks(SPECIES);

describe('species that ship', () => {
  test('there are twelve, each once', () => {
    expect(SPECIES.map((s) => s.id).sort()).toEqual([
      'ballan-wrasse',
      'black-seabream',
      'brill',
      'greater-weever',
      'john-dory',
      'mackerel',
      'perch',
      'plaice',
      'pollack',
      'thornback-ray',
      'tub-gurnard',
      'turbot',
    ]);
  });

  test.each(SPECIES.map((s) => [s.id, s] as const))('%s holds together', (_, s) => {
    expect(s.usualMm[0]).toBeLessThan(s.usualMm[1]);
    expect(s.usualMm[1]).toBeLessThan(s.maxMm);
    const [small, large] = s.usualMm.map((mm) => expectedWeight(s, mm).massG) as [number, number];
    expect(small).toBeGreaterThan(30);
    expect(large).toBeGreaterThan(2 * small);
    expect(large).toBeLessThan(8000);
    const [g, f, t] = (['gutted', 'fillets', 'trimmed'] as const).map(
      (st) => expectedStage(s, st, 1000) as readonly [number, number],
    );
    expect(g![0]).toBeGreaterThan(f![1]);
    expect(f![0]).toBeGreaterThan(t![0]);
    expect(s.sources.length).toBeGreaterThan(0);
    expect(s.eating.length).toBeGreaterThan(0);
  });

  test('what the figure marks as dangerous, the hazards put into words, and the other way round', () => {
    for (const s of SPECIES) {
      const drawn = new Set(hazardsOf(buildAnatomy(s.figure)).map((h) => (h.kind === 'bite' ? 'bite' : h.kind)));
      const said = new Set<string>(s.hazards.map((h) => h.kind));
      for (const kind of drawn)
        if (kind !== 'toxin' && s.id !== 'mackerel')
          expect([s.id, [...said]]).toEqual([s.id, expect.arrayContaining([kind])]);
      if (said.has('venomous')) expect(drawn.has('venomous')).toBe(true);
    }
  });

  test('the venomous one says so, with where and how to grip', () => {
    const weever = SPECIES.find((s) => s.id === 'greater-weever');
    expect(weever?.hazards[0]).toMatchObject({ kind: 'venomous' });
    expect(weever?.hazards[0]?.where).toMatch(/back fin.*gill-cover/);
    expect(weever?.hazards[0]?.grip).toMatch(/[Gg]love|[Pp]liers/);
  });

  test('the histamine former and the fresh-water fish carry their cautions', () => {
    expect(SPECIES.find((s) => s.id === 'mackerel')?.eating.join(' ')).toMatch(/histamine/);
    expect(SPECIES.find((s) => s.id === 'perch')?.eating.join(' ')).toMatch(/tapeworm/);
  });
});

describe('figures', () => {
  test.each(SPECIES.map((s) => [s.id, s.figure] as const))(
    '%s is drawn at three sizes, always the same, without a broken number',
    (_, spec) => {
      for (const size of [64, 320, 900]) {
        const a = drawFish(spec, { size, hazards: true });
        expect(drawFish(spec, { size, hazards: true }).svg).toBe(a.svg);
        expect(a.svg.replace(/<(title|desc).*?<\/\1>/g, '')).not.toMatch(/NaN|undefined|Infinity/);
        expect(a.svg).toContain('<title');
        expect(Math.abs(a.tailX - a.noseX)).toBeGreaterThan(size * 0.8);
      }
    },
  );

  test('icons are much smaller than plates', () => {
    for (const s of SPECIES)
      expect(drawFish(s.figure, { size: 64 }).svg.length * 3).toBeLessThan(
        drawFish(s.figure, { size: 900 }).svg.length,
      );
  });

  test('a right-eyed flatfish faces right, the others left', () => {
    for (const s of SPECIES) {
      const d = drawFish(s.figure, { size: 320 });
      expect([s.id, d.noseX < d.tailX]).toEqual([s.id, s.id !== 'plaice']);
    }
  });

  test('a figure that is silent about a spine, a gill cover or a mouth is refused, and named', () => {
    const perch = structuredClone(SPECIES.find((s) => s.id === 'perch')!.figure);
    delete perch.fins![0]!.harm;
    delete (perch.mouth as { harm?: unknown }).harm;
    expect(silentParts(perch)).toEqual(['fin "first dorsal"', 'mouth']);
    expect(() => drawFish(perch)).toThrow(/perch: say harmless, sharp or venomous of the fin "first dorsal", mouth/);
  });

  test('only dangerous parts are marked', () => {
    const marks = (id: string): string[] =>
      hazardsOf(buildAnatomy(SPECIES.find((s) => s.id === id)!.figure)).map((h) => `${h.kind}: ${h.label}`);
    expect(marks('greater-weever')).toEqual(['venomous: first dorsal spines', 'venomous: gill-cover spine']);
    expect(marks('pollack')).toEqual([]);
    expect(marks('thornback-ray')).toEqual(['sharp: thorns']);
  });

  test('two figures on a page do not share ids when asked not to', () => {
    const spec = SPECIES[0]!.figure;
    const ids = (svg: string): string[] => [...svg.matchAll(/ id="([^"]+)"/g)].map((m) => m[1]!);
    const a = new Set(ids(drawFish(spec, { idPrefix: 'one' }).svg));
    expect(ids(drawFish(spec, { idPrefix: 'two' }).svg).some((id) => a.has(id))).toBe(false);
  });
});

describe('rules that ship', () => {
  test('the Skerrow Isles are marked as a sample, with zones, an authority and a day of checking', () => {
    expect(PACKS).toHaveLength(1);
    expect(PACKS[0]).toMatchObject({
      id: 'skerrow-isles',
      sample: true,
      timeZone: 'Atlantic/Faroe',
      checked: '2026-06-01',
    });
    expect(PACKS[0]?.zones.map((z) => z.id)).toEqual([
      'north-skerries',
      'harrow-estuary',
      'gannet-hole',
      'mere-tarn',
      'tarn-burn',
      'outer-bank',
    ]);
  });

  test('every species has a least size and a bag; every rule a sentence and a source, and an id of its own', () => {
    const rules = PACKS[0]!.rules;
    for (const s of SPECIES) {
      expect(rules.some((r) => r.kind === 'minimumSize' && r.species.includes(s.id))).toBe(true);
      expect(rules.some((r) => r.kind === 'dailyBag' && r.species.includes(s.id))).toBe(true);
    }
    expect(new Set(rules.map((r) => r.id)).size).toBe(rules.length);
    for (const r of rules) expect(r.sentence.endsWith('.')).toBe(true);
  });

  test('a rule asks for a length that the species can be measured by', () => {
    for (const r of PACKS[0]!.rules)
      if (r.kind === 'minimumSize')
        for (const id of r.species) expect(SPECIES.find((s) => s.id === id)?.lengthKinds).toContain(r.length);
  });

  test('a rule that names a species that is not there is refused with its name', () => {
    expect(() => loadRulePacks(SPECIES.filter((s) => s.id !== 'turbot'))).toThrow(/names "turbot", which is not there/);
  });
});
