import { readdirSync } from 'node:fs';
import { describe, expect, test } from '@jest/globals';
import { hazardParts } from '@dagboek/catalogue';
import { expectedStage } from '@dagboek/core/cut';
import { expectedWeight } from '@dagboek/core/measure';
import { loadPacks, loadSpecies } from './index.ts';

const SPECIES = loadSpecies();
const byId = (id: string) => {
  const s = SPECIES.find((x) => x.id === id);
  if (!s) throw new Error(`no ${id}`);
  return s;
};
const inPack = (id: string) => SPECIES.filter((s) => s.pack === id);

describe('the three packs', () => {
  test('hold as many species as they promise, each once, and every figure belongs to one', () => {
    expect(loadPacks().map((p) => p.id)).toEqual(['cold-coast', 'lakes-rivers', 'warm-blue']);
    expect(inPack('cold-coast').length).toBeGreaterThanOrEqual(32);
    expect(inPack('lakes-rivers').length).toBeGreaterThanOrEqual(14);
    expect(inPack('warm-blue').length).toBeGreaterThanOrEqual(20);
    const ids = SPECIES.map((s) => s.id);
    expect(new Set(ids).size).toBe(ids.length);
    const figures = readdirSync(new URL('../figures', import.meta.url)).map((f) => f.replace('.json', ''));
    expect(figures.sort()).toEqual(ids.sort());
  });

  test.each([
    ['turbot', 'brill'],
    ['plaice', 'flounder'],
    ['plaice', 'dab'],
    ['pollack', 'saithe'],
    ['cod', 'whiting'],
    ['thick-lipped-mullet', 'golden-grey-mullet'],
    ['thick-lipped-mullet', 'thin-lipped-mullet'],
    ['black-seabream', 'gilthead-seabream'],
    ['tub-gurnard', 'red-gurnard'],
    ['tub-gurnard', 'grey-gurnard'],
    ['greater-weever', 'lesser-weever'],
    ['lesser-weever', 'dragonet'],
    ['mackerel', 'chub-mackerel'],
    ['mackerel', 'horse-mackerel'],
    ['mackerel', 'atlantic-bonito'],
    ['ballan-wrasse', 'corkwing-wrasse'],
    ['smooth-hound', 'tope'],
    ['smooth-hound', 'spurdog'],
    ['thornback-ray', 'spotted-ray'],
    ['brown-trout', 'atlantic-salmon'],
    ['brown-trout', 'arctic-char'],
    ['perch', 'ruffe'],
    ['perch', 'zander'],
    ['roach', 'rudd'],
    ['roach', 'chub'],
    ['crevalle-jack', 'giant-trevally'],
    ['northern-red-snapper', 'twinspot-snapper'],
    ['dusky-grouper', 'leopard-coral-grouper'],
    ['stoplight-parrotfish', 'mediterranean-parrotfish'],
    ['grey-triggerfish', 'titan-triggerfish'],
    ['red-scorpionfish', 'stonefish'],
    ['silver-cheeked-puffer', 'porcupinefish'],
  ])('know the confusion of %s and %s, with the mark that decides', (a, b) => {
    expect(byId(a).lookalikes.find((l) => l.id === b)?.mark).toMatch(/\w{4,}.*\.$/);
  });
});

describe('a species', () => {
  test.each(SPECIES.map((s) => [s.id, s] as const))('%s holds together', (_, s) => {
    const [small, large] = s.usualMm.map((mm) => expectedWeight(s, mm).massG) as [number, number];
    expect(small).toBeGreaterThan(3);
    expect(large).toBeGreaterThan(1.8 * small);
    expect(large).toBeLessThan(60_000);
    if (s.yieldClass === 'none') expect(s.yields).toEqual({});
    else {
      const [g, f, t] = (['gutted', 'fillets', 'trimmed'] as const).map(
        (st) => expectedStage(s, st, 1000) as readonly [number, number],
      );
      expect(g![0]).toBeGreaterThan(f![1]);
      expect(f![0]).toBeGreaterThan(t![0]);
    }
    expect(s.sources.length).toBeGreaterThanOrEqual(3);
    expect(Object.keys(s.names).length).toBeGreaterThanOrEqual(2);
    for (const sentence of [
      s.look,
      s.grip,
      s.dispatch,
      s.bleeding,
      s.raw.why,
      ...s.eating,
      ...s.lookalikes.map((l) => l.mark),
    ])
      expect(sentence).toMatch(/^[A-Z].*[.]$/);
  });

  test('what the figure draws as dangerous the words tell, and the other way round', () => {
    for (const s of SPECIES) {
      const told = new Set(s.hazards.map((h) => h.part));
      for (const [part, harm] of Object.entries(hazardParts(s.figure)))
        if (harm === 'venomous') expect([s.id, part, told.has(part)]).toEqual([s.id, part, true]);
      const toxin = s.figure.toxin !== undefined;
      if (toxin) expect([s.id, s.hazards.some((h) => h.kind === 'poison')]).toEqual([s.id, true]);
      expect([s.id, s.raw.verdict === 'never']).toEqual([
        s.id,
        s.raw.verdict === 'never' && s.hazards.some((h) => h.kind === 'poison'),
      ]);
    }
  });

  test('body depth told for the heat model agrees with the drawing', () => {
    for (const s of SPECIES) {
      if (s.figure.plan === 'ray' || s.figure.plan === 'squid') continue;
      const depth =
        Math.max(...s.figure.body.dorsal.map(([, h]) => h)) + Math.max(...s.figure.body.ventral.map(([, h]) => h));
      expect([s.id, depth > s.shape.depth[0] * 0.75 && depth < s.shape.depth[1] * 1.3]).toEqual([s.id, true]);
    }
  });
});

describe('dangers that must not be missed', () => {
  const kinds = (id: string) => byId(id).hazards.map((h) => `${h.kind} ${h.part}`);
  test.each([
    ['greater-weever', ['venomous first dorsal', 'venomous gill spines']],
    ['lesser-weever', ['venomous first dorsal', 'venomous gill spines']],
    ['common-stingray', ['venomous tail barb']],
    ['spurdog', ['venomous first dorsal', 'venomous second dorsal']],
    ['red-scorpionfish', ['venomous dorsal', 'venomous anal', 'venomous pelvic']],
    ['stonefish', ['venomous dorsal', 'venomous anal', 'venomous pelvic']],
    ['lionfish', ['venomous dorsal', 'venomous anal', 'venomous pelvic']],
    ['dusky-rabbitfish', ['venomous dorsal', 'venomous anal', 'venomous pelvic']],
    ['silver-cheeked-puffer', ['poison flesh', 'bite mouth']],
    ['porcupinefish', ['poison flesh', 'sharp thorns']],
    ['giant-moray', ['bite mouth', 'poison flesh']],
    ['ocean-surgeonfish', ['sharp tail blade']],
    ['pike', ['bite mouth']],
    ['conger', ['bite mouth']],
  ])('%s: %s', (id, expected) => expect(kinds(id)).toEqual(expect.arrayContaining(expected)));

  test('no other species is called venomous', () => {
    expect(
      SPECIES.filter((s) => s.hazards.some((h) => h.kind === 'venomous'))
        .map((s) => s.id)
        .sort(),
    ).toEqual([
      'common-stingray',
      'dusky-rabbitfish',
      'greater-weever',
      'lesser-weever',
      'lionfish',
      'red-scorpionfish',
      'spurdog',
      'stonefish',
    ]);
  });

  test('histamine formers are the mackerels, tunas, jacks, garfish, dolphinfish and escolar, and say so', () => {
    const formers = SPECIES.filter((s) => s.histamine);
    for (const s of formers) expect([s.id, s.eating.join(' ')]).toEqual([s.id, expect.stringMatching(/histamine/i)]);
    const families = /Scombridae|Carangidae|Belonidae|Coryphaenidae|Gempylidae/;
    for (const s of SPECIES) expect([s.id, s.histamine]).toEqual([s.id, families.test(s.family)]);
  });

  test('ciguatera is told of reef fish of warm seas only, and every one told says so to the eater', () => {
    for (const s of SPECIES.filter((x) => x.ciguatera)) {
      expect(s.pack).toBe('warm-blue');
      expect([s.id, s.eating.join(' ')]).toEqual([s.id, expect.stringMatching(/ciguatera/i)]);
    }
  });

  test('fresh-water fish warn of tapeworm or worms, never only of sea worms; nothing may be eaten raw straight away', () => {
    for (const s of inPack('lakes-rivers'))
      expect([s.id, `${s.raw.why} ${s.eating.join(' ')}`]).toEqual([
        s.id,
        expect.stringMatching(/tapeworm|poisonous raw/i),
      ]);
    for (const s of SPECIES) expect(['never', 'cook', 'frozen first']).toContain(s.raw.verdict);
    expect(byId('eel').raw.verdict).toBe('cook');
    expect(byId('conger').raw.verdict).toBe('cook');
    for (const id of [
      'silver-cheeked-puffer',
      'porcupinefish',
      'giant-moray',
      'escolar',
      'twinspot-snapper',
      'great-barracuda',
      'titan-triggerfish',
    ])
      expect([id, byId(id).raw.verdict]).toEqual([id, 'never']);
    // Flukes stand freezing better than roundworms and tapeworms do.
    for (const s of SPECIES.filter((x) => /Cyprinidae|Leuciscidae|Tincidae/.test(x.family)))
      expect([s.id, s.raw.verdict]).toEqual([s.id, 'cook']);
  });
});
