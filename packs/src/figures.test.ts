import { describe, expect, test } from '@jest/globals';
import { buildAnatomy, drawFish, type FigureSpec, hazardsOf, PARTS, silentParts } from '@dagboek/figure';
import { loadSpecies } from './index.ts';

const SPECIES = loadSpecies();
const FIGURES: [string, FigureSpec][] = SPECIES.flatMap((s) => [
  [s.id, s.figure] as [string, FigureSpec],
  ...(s.forms ?? []).flatMap((f): [string, FigureSpec][] => (f.figure ? [[`${s.id}, ${f.id}`, f.figure]] : [])),
]);
const figure = (id: string): FigureSpec => {
  const s = SPECIES.find((x) => x.id === id);
  if (!s) throw new Error(`no ${id}`);
  return s.figure;
};

describe('figures', () => {
  test.each(FIGURES)('%s is drawn at three sizes without a broken number, less of it when small', (_, spec) => {
    const drawn = [64, 320, 900].map((size) => drawFish(spec, { size, hazards: true, target: size > 400 }));
    for (const [i, d] of drawn.entries()) {
      expect(d.svg.replace(/<(title|desc).*?<\/\1>/g, '')).not.toMatch(/NaN|undefined|Infinity/);
      expect(d.svg).toContain('<title');
      expect(Math.abs(d.tailX - d.noseX)).toBeGreaterThan(d.width * 0.55);
      for (const part of PARTS) {
        const [x, y] = d.parts[part];
        expect([i, part, x > -1 && x < d.width + 1 && y > -1 && y < d.height + 1]).toEqual([i, part, true]);
      }
    }
    expect(drawn[0]!.svg.length).toBeLessThan(drawn[1]!.svg.length);
    expect(drawn[1]!.svg.length).toBeLessThan(drawn[2]!.svg.length);
  });

  test('the same spec gives the same drawing', () => {
    for (const id of ['plaice', 'lionfish', 'squid'])
      expect(drawFish(figure(id), { size: 320 }).svg).toBe(drawFish(structuredClone(figure(id)), { size: 320 }).svg);
  });

  test('right-eyed flatfish face right, all others left', () => {
    const right = new Set(['plaice', 'flounder', 'dab', 'sole']);
    for (const s of SPECIES) {
      const d = drawFish(s.figure, { size: 64 });
      expect([s.id, d.noseX < d.tailX]).toEqual([s.id, !right.has(s.id)]);
    }
  });

  test('a figure that is silent about a spine, a gill cover or a mouth is refused, and named', () => {
    const perch = structuredClone(figure('perch'));
    delete perch.fins![0]!.harm;
    delete (perch.mouth as { harm?: unknown }).harm;
    expect(silentParts(perch)).toEqual(['fin "first dorsal"', 'mouth']);
    expect(() => drawFish(perch)).toThrow(/perch: say harmless, sharp or venomous of the fin "first dorsal", mouth/);
  });

  test('only dangerous parts are marked', () => {
    const marks = (id: string): string[] => hazardsOf(buildAnatomy(figure(id))).map((h) => `${h.kind}: ${h.label}`);
    expect(marks('greater-weever')).toEqual(['venomous: first dorsal spines', 'venomous: gill-cover spine']);
    expect(marks('pollack')).toEqual([]);
    expect(marks('thornback-ray')).toEqual(['bite: mouth below', 'sharp: thorns']);
    expect(marks('common-stingray')).toEqual(['bite: mouth below', 'venomous: tail barb']);
    expect(marks('cuttlefish')).toEqual(['bite: beak']);
    expect(marks('spurdog')).toEqual([
      'venomous: first dorsal spines',
      'venomous: second dorsal spines',
      'bite: teeth',
    ]);
  });

  test('fins are where and how many they should be', () => {
    const fins = (id: string, on: 'dorsal' | 'anal') =>
      (figure(id).fins ?? []).filter((f) => f.on === on && !/adipose|spines/.test(f.name)).length;
    for (const s of SPECIES.filter((x) => x.figure.plan !== 'squid' && x.figure.plan !== 'ray'))
      for (const [n, state] of [
        [1, 'one'],
        [2, 'two'],
        [3, 'three'],
      ] as const)
        if ((s.traits['back-fins']?.[state] ?? 0) > 0.75 && s.id !== 'ruffe')
          expect([s.id, fins(s.id, 'dorsal')]).toEqual([s.id, n]);
    for (const s of SPECIES.filter((x) => !['squid', 'ray'].includes(x.figure.plan)))
      for (const [n, state] of [
        [0, 'none'],
        [1, 'one'],
        [2, 'two'],
      ] as const)
        if ((s.traits['hind-fins']?.[state] ?? 0) > 0.75) expect([s.id, fins(s.id, 'anal')]).toEqual([s.id, n]);
    expect(fins('spurdog', 'anal')).toBe(0);
    expect(fins('cod', 'anal')).toBe(2);
    for (const s of SPECIES) {
      expect([s.id, s.figure.fins?.some((f) => f.name === 'adipose fin') ?? false]).toEqual([
        s.id,
        (s.traits['adipose']?.['yes'] ?? 0) > 0.5,
      ]);
      expect([s.id, (s.figure.finlets?.length ?? 0) > 0]).toEqual([s.id, (s.traits['finlets']?.['yes'] ?? 0) > 0.5]);
      expect([s.id, (s.figure.mouth?.barbels?.length ?? 0) > 0]).toEqual([
        s.id,
        (s.traits['barbel']?.['no'] ?? 0) < 0.5,
      ]);
    }
  });

  test('two figures on a page do not share ids when asked not to', () => {
    const ids = (svg: string): string[] => [...svg.matchAll(/ id="([^"]+)"/g)].map((m) => m[1]!);
    const a = new Set(ids(drawFish(figure('perch'), { idPrefix: 'one' }).svg));
    expect(ids(drawFish(figure('perch'), { idPrefix: 'two' }).svg).some((id) => a.has(id))).toBe(false);
  });
});
