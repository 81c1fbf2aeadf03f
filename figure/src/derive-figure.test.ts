import { describe, expect, test } from '@jest/globals';
import { type FigureFile, resolveFigure } from './derive-figure.ts';
import { drawFish } from './fish-figure.ts';
import { silentParts } from './hazards.ts';
import { plainFigure } from './plain-figure.ts';
import type { FigureSpec } from './spec.ts';

const BASE: FigureSpec = {
  id: 'bass',
  name: '',
  latin: '',
  plan: 'round',
  body: {
    dorsal: [
      [0.03, 0.03],
      [0.25, 0.11],
      [0.86, 0.03],
    ],
    ventral: [
      [0.03, 0.03],
      [0.25, 0.11],
      [0.86, 0.03],
    ],
  },
  mouth: { length: 0.07, jaw: 'equal', harm: 'harmless' },
  eye: { at: [0.1, -0.3], r: 0.02 },
  gill: { u: 0.24, harm: 'sharp' },
  lateral: {
    path: [
      [0.22, -0.4],
      [0.85, 0],
    ],
  },
  fins: [
    { name: 'first dorsal', on: 'dorsal', from: 0.3, to: 0.45, spines: 9, height: 0.08, harm: 'venomous' },
    { name: 'anal', on: 'anal', from: 0.55, to: 0.68, soft: 9, height: 0.06, color: '#aa0000' },
  ],
  tail: { shape: 'forked', span: 0.2 },
  colors: { back: '#445566', flank: '#99aabb', belly: '#eeeeee', fin: '#778899' },
};
const FILES: Record<string, FigureFile> = {
  bass: BASE,
  like: { id: 'like', like: 'bass', harms: { 'first dorsal': 'sharp', 'gill cover': 'harmless', mouth: 'harmless' } },
  round: { id: 'round', like: 'round' },
};
const look = (id: string): FigureFile | undefined => FILES[id];
const derive = (file: FigureFile): FigureSpec => resolveFigure(file, look);

describe('a figure told as changes to another', () => {
  test('takes over nothing about harm: what is not said is refused when drawn', () => {
    const spec = derive({ id: 'new', like: 'bass' });
    expect(silentParts(spec)).toEqual(['fin "first dorsal"', 'gill cover', 'mouth']);
    expect(() => drawFish(spec)).toThrow(/new: say harmless, sharp or venomous/);
    expect(derive(FILES['like']!).fins?.[0]?.harm).toBe('sharp');
  });

  test('merges objects, replaces arrays and values, and takes out what is null', () => {
    const spec = derive({
      id: 'new',
      like: 'like',
      mouth: { length: 0.1 },
      lateral: null,
      body: { dorsal: [[0.03, 0.05]] },
      fins: { anal: { to: 0.7, color: null }, 'first dorsal': null },
      addFins: [{ name: 'second dorsal', on: 'dorsal', from: 0.5, to: 0.6, soft: 8, height: 0.05 }],
    });
    expect(spec.mouth).toEqual({ length: 0.1, jaw: 'equal' });
    expect(spec.lateral).toBeUndefined();
    expect(spec.body.dorsal).toEqual([[0.03, 0.05]]);
    expect(spec.body.ventral).toEqual(BASE.body.ventral);
    expect(spec.fins?.map((f) => f.name)).toEqual(['anal', 'second dorsal']);
    expect(spec.fins?.[0]).toMatchObject({ to: 0.7, from: 0.55 });
    expect(spec.fins?.[0]).not.toHaveProperty('color');
  });

  test('scales the depth above and below, but not a body of its own', () => {
    const spec = derive({ id: 'new', like: 'bass', scale: { back: 2, belly: 0.5 } });
    expect(spec.body.dorsal[1]).toEqual([0.25, 0.22]);
    expect(spec.body.ventral[1]).toEqual([0.25, 0.055]);
    const own = derive({ id: 'new', like: 'bass', scale: { back: 2 }, body: { dorsal: [[0.1, 0.1]] } });
    expect(own.body.dorsal).toEqual([[0.1, 0.1]]);
  });

  test('leaves the figure it is like as it was', () => {
    const before = JSON.stringify(FILES);
    derive({
      id: 'a',
      like: 'like',
      gill: { spines: [{ at: [0.2, 0], length: 0.02 }] },
      harms: { 'gill spines': 'sharp' },
    });
    derive({ id: 'b', like: 'like', gill: { spines: null } });
    expect(JSON.stringify(FILES)).toBe(before);
  });

  test.each([
    [{ id: 'x', like: 'nobody' }, 'x: is like "nobody", which is not there'],
    [{ id: 'x', like: 'round' }, 'goes round in a circle'],
    [{ id: 'x', like: 'bass', fins: { dorsal: { to: 0.5 } } }, 'x: there is no fin "dorsal" to change'],
    [{ id: 'x', like: 'bass', harms: { pelvic: 'sharp' } }, 'x: harms: there is no pelvic on this figure'],
  ] as [FigureFile, string][])('%j is refused: %s', (file, say) => {
    expect(() => derive(file)).toThrow(say);
  });
});

test('a plain figure has paper and ink and only the named parts in teal', () => {
  const plain = plainFigure(BASE, ['anal', 'tail']);
  expect(plain.fins?.map((f) => f.color)).toEqual(['#fcf8ec', '#0a4c52']);
  expect(plain.tail?.color).toBe('#0a4c52');
  expect(plain.pattern).toEqual([]);
  expect(drawFish(plain, { size: 160 }).svg).not.toContain('#445566');
});

test('a crop shows the surroundings of one part, square to its span', () => {
  const spec = derive(FILES['like']!);
  const whole = drawFish(spec, { size: 320 });
  const crop = drawFish(spec, { size: 320, crop: { part: 'eye', span: 0.2 } });
  const [x, y] = crop.parts.eye;
  expect(x).toBeCloseTo(160, 0);
  expect(y).toBeCloseTo(120, 0);
  expect(crop.height).toBe(240);
  // The eye stands where it is in the whole, seen through a glass five times or so as large.
  expect((crop.parts.mouth[0] - x) / (whole.parts.mouth[0] - whole.parts.eye[0])).toBeGreaterThan(4);
});
