import { readdirSync } from 'node:fs';
import { describe, expect, test } from '@jest/globals';
import { hazardParts, UNDRAWN_PARTS } from '@dagboek/catalogue';
import { cardsFor, isDangerous, isGrave, releaseSentences } from '@dagboek/core/harm';
import { expectedStage } from '@dagboek/core/cut';
import { expectedWeight } from '@dagboek/core/measure';
import { loadPacks, loadSpecies, shippedFaults } from './index.ts';

const SPECIES = loadSpecies();
const byId = (id: string) => {
  const s = SPECIES.find((x) => x.id === id);
  if (!s) throw new Error(`no ${id}`);
  return s;
};
const inPack = (id: string) => SPECIES.filter((s) => s.pack === id);

describe('the three packs', () => {
  test('hold together: each file with the schema, the key, its figure and the others', () => {
    expect(shippedFaults()).toEqual([]);
  });

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

  test('what the figure draws as dangerous the words tell, and the other way round, part by part', () => {
    for (const s of SPECIES) {
      const undrawn = new Set<string>(UNDRAWN_PARTS);
      const drawn = Object.entries(hazardParts(s.figure))
        .filter(([part, harm]) => harm !== 'harmless' && !undrawn.has(part))
        .map(([part, harm]) => `${part}: ${harm === 'venomous' ? 'venom' : 'no venom'}`);
      const told = s.hazards
        .filter((h) => !undrawn.has(h.part))
        .map((h) => `${h.part}: ${h.kind === 'venomous' ? 'venom' : 'no venom'}`);
      expect([s.id, told.sort()]).toEqual([s.id, drawn.sort()]);
      const toxin = s.figure.toxin !== undefined;
      if (toxin) expect([s.id, s.hazards.some((h) => h.kind === 'poison')]).toEqual([s.id, true]);
      if (s.raw.verdict === 'never')
        expect([s.id, s.hazards.some((h) => h.kind === 'poison' && h.part === 'flesh')]).toEqual([s.id, true]);
    }
  });

  test('one hazard a part, each with what it does and what to do with the hands', () => {
    for (const s of SPECIES) {
      expect(new Set(s.hazards.map((h) => h.part)).size).toBe(s.hazards.length);
      for (const h of s.hazards) for (const t of [h.where, h.does, h.grip]) expect(t).toMatch(/^[A-Z].*[.]$/);
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
      'black-scorpionfish',
      'common-stingray',
      'dusky-rabbitfish',
      'eagle-ray',
      'greater-weever',
      'lesser-weever',
      'lionfish',
      'red-scorpionfish',
      'spotted-weever',
      'spurdog',
      'starry-weever',
      'stonefish',
      'striped-eel-catfish',
    ]);
    expect(SPECIES.filter((s) => s.hazards.some((h) => h.kind === 'electric')).map((s) => s.id)).toEqual([
      'marbled-torpedo',
    ]);
    expect(
      SPECIES.filter((s) => s.hazards.some((h) => h.kind === 'blood'))
        .map((s) => s.id)
        .sort(),
    ).toEqual(['conger', 'eel', 'giant-moray']);
  });

  test('no flat fish, ray, shark, squid or weever has a swim bladder; cod and perch kinds cannot empty theirs, carp and trout kinds can', () => {
    const of = (family: RegExp) => [...new Set(SPECIES.filter((s) => family.test(s.family)).map((s) => s.bladder))];
    expect(of(/^(Pleuronectidae|Soleidae|Scophthalmidae|Rajidae|Triakidae|Squalidae|Loliginidae|Trachinidae)/)).toEqual(
      ['none'],
    );
    expect(of(/^(Gadidae|Percidae|Labridae|Sparidae|Lutjanidae|Epinephelidae|Moronidae)/)).toEqual(['closed']);
    expect(of(/^(Cyprinidae|Salmonidae|Esocidae|Alosidae)/)).toEqual(['open']);
    expect(byId('mackerel').bladder).toBe('none');
    expect(byId('chub-mackerel').bladder).toBe('closed');
  });

  test('what stings, shocks or bites badly is never let go by hand, and no glove stands in for pliers where spines pierce it', () => {
    for (const s of SPECIES) expect([s.id, s.release]).toEqual([s.id, expect.stringMatching(/^[A-Z].*[.]$/)]);
    for (const s of SPECIES.filter(isDangerous).filter((x) =>
      x.hazards.some((h) => isGrave(h) && h.part !== 'flesh' && h.part !== 'roe'),
    )) {
      const [release] = releaseSentences([s]);
      expect([s.id, release]).toEqual([s.id, expect.stringMatching(/pliers|cut the line|never by hand/i)]);
      expect([s.id, release]).not.toEqual([s.id, expect.stringMatching(/wet hands/i)]);
    }
    for (const s of SPECIES.filter((x) => x.hazards.some((h) => h.kind === 'venomous' && /dorsal|gill/.test(h.part))))
      for (const text of [s.grip, ...s.hazards.filter((h) => h.kind === 'venomous').map((h) => h.grip)])
        if (s.id !== 'spurdog')
          expect([s.id, text]).not.toEqual([s.id, expect.stringMatching(/glove[^.]*behind the head/i)]);
    expect(byId('greater-weever').grip).toMatch(/pliers on the lower jaw.*gloves are pierced/);
  });

  test('what first aid has of its own for a kind is told: antivenom, breath, the barb that stays', () => {
    expect(byId('stonefish').aid).toMatch(/antivenom/);
    for (const id of ['silver-cheeked-puffer', 'porcupinefish']) expect(byId(id).aid).toMatch(/rescue breathing/);
    for (const id of ['common-stingray', 'eagle-ray']) expect(byId(id).aid).toMatch(/stays in.*emergency/);
    const fits = (id: string) =>
      cardsFor([byId(id)])
        .filter((c) => c.fits)
        .map((c) => c.card.id);
    expect(fits('silver-cheeked-puffer')).toContain('poison');
    expect(fits('marbled-torpedo')).toContain('shock');
    // Its barb is no spine of a fin.
    expect(fits('common-stingray')).toEqual(['barb', 'bite', 'cut']);
    expect(fits('greater-weever')[0]).toBe('sting');
    expect(fits('eel')).toEqual(expect.arrayContaining(['blood', 'poison']));
  });

  test('mercury is told to the eater of every kind that can hold it', () => {
    for (const s of SPECIES.filter((x) => x.mercury !== 'low'))
      expect([s.id, s.eating.join(' ')]).toEqual([s.id, expect.stringMatching(/mercury/i)]);
    for (const id of ['crevalle-jack', 'great-barracuda']) expect(byId(id).mercury).toBe('high');
    for (const id of ['seabass', 'red-scorpionfish', 'red-mullet', 'common-stingray', 'dolphinfish'])
      expect(byId(id).mercury).toBe('some');
    expect(byId('smooth-hound').eating.join(' ')).not.toMatch(/large predator/);
  });

  test('no perch-like, pike or grayling is said to carry flukes; every carp fish warns of its gall', () => {
    for (const id of ['grayling', 'perch', 'pike', 'zander', 'ruffe'])
      expect(`${byId(id).raw.why} ${byId(id).eating.join(' ')}`).not.toMatch(/fluke/i);
    for (const s of SPECIES.filter((x) => /Cyprinidae|Leuciscidae|Tincidae/.test(x.family)))
      expect([s.id, s.eating.join(' ')]).toEqual([s.id, expect.stringMatching(/gall bladder/i)]);
  });

  test('weights at the greatest length stay near what has ever been weighed', () => {
    const heaviestKg: Record<string, number> = { escolar: 75, oilfish: 85, wahoo: 90, 'yellowfin-tuna': 210 };
    for (const [id, kg] of Object.entries(heaviestKg)) {
      const s = byId(id);
      expect([id, expectedWeight(s, s.maxMm).massG / 1000 < kg * 1.2]).toEqual([id, true]);
    }
    expect(byId('arctic-char').maxMm).toBe(1000);
  });

  test('what the odds say of marks that are easily missed leaves room for missing them', () => {
    for (const id of ['greater-weever', 'lesser-weever'])
      for (const t of ['black-fin', 'gill-spine'])
        expect([id, t, (byId(id).traits[t]?.['yes'] ?? 0) <= 0.8]).toEqual([id, t, true]);
    expect(byId('stonefish').traits['front-spines']?.['yes']).toBeCloseTo(0.55);
    expect(byId('spurdog').traits['shark-spine']?.['yes']).toBeCloseTo(0.85);
    expect(byId('sole').traits['breast-spot']?.['no']).toBeGreaterThan(0.8);
  });

  test('histamine formers are the mackerels, tunas, jacks, garfish, dolphinfish, escolar and herring family, and say so', () => {
    const formers = SPECIES.filter((s) => s.histamine);
    for (const s of formers) expect([s.id, s.eating.join(' ')]).toEqual([s.id, expect.stringMatching(/histamine/i)]);
    const families = /Scombridae|Carangidae|Belonidae|Coryphaenidae|Gempylidae|Alosidae/;
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
        expect.stringMatching(/tapeworm|poisonous raw|not for the table/i),
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
