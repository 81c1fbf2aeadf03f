import { describe, expect, test } from '@jest/globals';
import { buildAnatomy } from './anatomy.ts';
import { cutOverlay } from './cuts/cut-overlay.ts';
import { describeFigure } from './describe.ts';
import { drawFish } from './fish-figure.ts';
import { landmarks, targetsOf, traitAnchors } from './landmarks.ts';
import type { FigureSpec } from './spec.ts';

/** A plain round fish, to see what the drawing derives from it. */
const FISH: FigureSpec = {
  id: 'plain',
  name: 'Plain fish',
  latin: 'Piscis simplex',
  plan: 'round',
  body: {
    dorsal: [
      [0.03, 0.03],
      [0.1, 0.07],
      [0.25, 0.11],
      [0.45, 0.1],
      [0.65, 0.06],
      [0.86, 0.03],
    ],
    ventral: [
      [0.03, 0.03],
      [0.1, 0.07],
      [0.25, 0.11],
      [0.45, 0.1],
      [0.65, 0.06],
      [0.86, 0.03],
    ],
  },
  mouth: { length: 0.07, angle: 15, jaw: 'equal', harm: 'harmless' },
  eye: { at: [0.1, -0.3], r: 0.02 },
  gill: { u: 0.24, harm: 'harmless' },
  lateral: {
    path: [
      [0.22, -0.4],
      [0.5, -0.1],
      [0.85, 0],
    ],
  },
  fins: [
    {
      name: 'first dorsal',
      on: 'dorsal',
      from: 0.3,
      to: 0.42,
      spines: 6,
      height: [
        [0, 0.06],
        [0.4, 0.09],
        [1, 0.02],
      ],
      harm: 'sharp',
    },
    { name: 'anal', on: 'anal', from: 0.55, to: 0.7, soft: 10, height: 0.05 },
  ],
  paired: {
    pectoral: { at: [0.26, 0.1], length: 0.1, angle: 5 },
    pelvic: { at: [0.25, 0.98], length: 0.06, angle: 30, behind: true },
  },
  tail: { shape: 'forked', span: 0.2 },
  colors: { back: '#405060', flank: '#8090a0', belly: '#e0e0d0', fin: '#708090' },
};
const an = buildAnatomy(FISH);

describe('anatomy', () => {
  test('nose first, tail last, the fork between', () => {
    const lm = landmarks(an);
    expect(lm.snout[0]).toBeLessThan(20);
    expect(lm.tailTip[0]).toBeGreaterThan(980);
    expect(lm.fork?.[0]).toBeGreaterThan(860);
    expect(lm.fork?.[0]).toBeLessThan(lm.tailTip[0]);
  });

  test('the place to spike lies behind the eye, above it, and in front of the gill edge', () => {
    const lm = landmarks(an);
    expect(lm.brain[0]).toBeGreaterThan(lm.eye[0]);
    expect(lm.brain[0]).toBeLessThan(240);
    expect(lm.brain[1]).toBeLessThan(lm.eye[1]);
    expect(lm.brain[1]).toBeGreaterThan(an.body.topAt(lm.brain[0] / 1000));
  });

  test('the bleeding cut runs along the gill cover to the throat', () => {
    const { bleed, hidden } = targetsOf(an);
    expect(hidden).toBe(false);
    expect(bleed.every(([x]) => x > 80 && x < 260)).toBe(true);
    expect(bleed.at(-1)![1]).toBeGreaterThan(bleed[0]![1]);
  });

  test('(u, v) hugs the body: -1 is the back, +1 the belly', () => {
    for (const u of [0.1, 0.3, 0.6]) {
      expect(an.body.at(u, -1)[1]).toBeCloseTo(an.body.topAt(u), 6);
      expect(an.body.at(u, 1)[1]).toBeCloseTo(an.body.bottomAt(u), 6);
      expect(an.body.at(u, 0)[1]).toBeGreaterThan(an.body.topAt(u));
    }
  });

  test('parts can be pointed at by name', () => {
    expect(Object.keys(traitAnchors(an))).toEqual(
      expect.arrayContaining(['first dorsal', 'anal', 'pectoral', 'tail', 'mouth', 'eye', 'lateral line']),
    );
  });
});

describe('drawing', () => {
  test('the words for a screen reader come from the parts', () => {
    expect(describeFigure(FISH)).toBe(
      'Plain fish, seen from the side, head left: one dorsal fin, one anal fin, forked tail.',
    );
  });

  test('names in the drawing are escaped', () => {
    const svg = drawFish({ ...FISH, name: 'Cod & "ling" <fish>' }).svg;
    expect(svg).toContain('Cod &amp; &quot;ling&quot; &lt;fish&gt;');
  });

  test('text that could break out of the drawing is refused, wherever it stands', () => {
    for (const bad of [
      { colors: { ...FISH.colors, flank: '#fff" onload="alert(1)' } },
      { pattern: [{ type: 'spots' as const, color: '<script>' }] },
      { pattern: [{ type: 'spots' as const, color: '#000000', count: 1e9 }] },
    ])
      expect(() => drawFish({ ...FISH, ...bad })).toThrow(/cannot be drawn/);
  });

  test('a crop is as wide as asked, shows the part, and keeps to the fish', () => {
    const whole = drawFish(FISH, { size: 400 });
    const crop = drawFish(FISH, { size: 200, crop: { part: 'tail', span: 0.5 } });
    expect([crop.width, crop.height]).toEqual([200, 150]);
    const [x, y, w] = /viewBox="([^"]+)"/.exec(crop.svg)![1]!.split(' ').map(Number) as [number, number, number];
    const [x0, , w0] = /viewBox="([^"]+)"/.exec(whole.svg)![1]!.split(' ').map(Number) as [number, number, number];
    expect(x).toBeGreaterThanOrEqual(x0 - 1);
    expect(x + w).toBeLessThanOrEqual(x0 + w0 + 1);
    expect(Number.isFinite(y)).toBe(true);
    expect(crop.parts.tail[0]).toBeGreaterThan(0);
    expect(crop.parts.tail[0]).toBeLessThan(200);
  });

  test('mirrored, the nose is on the right and nothing else changes in size', () => {
    const left = drawFish(FISH, { size: 320 });
    const right = drawFish({ ...FISH, facing: 'right' }, { size: 320 });
    expect(right.noseX).toBeCloseTo(320 - left.noseX, 0);
    expect([right.width, right.height]).toEqual([left.width, left.height]);
  });

  test('overlays appear when asked, and never on icons', () => {
    const plain = drawFish(FISH, { size: 900 }).svg;
    for (const o of [
      { measure: 'total' as const },
      { hazards: true },
      { target: true },
      { cuts: cutOverlay({ now: ['belly'] }) },
      { traits: ['tail'] },
    ]) {
      expect(drawFish(FISH, { size: 900, ...o }).svg.length).toBeGreaterThan(plain.length);
      expect(drawFish(FISH, { size: 64, ...o }).svg).toBe(drawFish(FISH, { size: 64 }).svg);
    }
  });

  test('steps of a cut are lettered, traits numbered, so that they are not mistaken for each other', () => {
    expect(drawFish(FISH, { size: 900, cuts: cutOverlay({ later: ['belly'], named: true }) }).svg).toMatch(
      />a<\/text>/,
    );
    expect(drawFish(FISH, { size: 900, cuts: cutOverlay({ now: ['belly'], numbers: { belly: '4' } }) }).svg).toMatch(
      />4<\/text>/,
    );
    expect(drawFish(FISH, { size: 900, traits: ['tail'] }).svg).toMatch(/>1<\/text>/);
  });

  test('the fork measure ends before the tail tip', () => {
    const d = drawFish(FISH, { size: 900 });
    expect(d.forkX).toBeGreaterThan(d.noseX);
    expect(d.forkX).toBeLessThan(d.tailX - 10);
  });
});
