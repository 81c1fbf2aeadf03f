import { fitHomography, type Point, project, shoot, type SimulatedCamera } from '@dagboek/core/measure/photo';
import { normal, seeded } from '@dagboek/core/random';
import { drawFish } from '@dagboek/figure';
import sharp from 'sharp';
import { loadSpecies } from '../load.ts';
import { thicknessShare } from '@dagboek/core/species';

/** What a practice picture shows, and what is true of it. */
export interface PracticePicture {
  readonly file: string;
  readonly title: string;
  /** What there is to learn from it. */
  readonly about: string;
  readonly species: string;
  readonly lengthMm: number;
  readonly boardMm: readonly [number, number];
  readonly size: readonly [number, number];
  /** Where the corners, the snout and the tail tip truly lie, px. */
  readonly corners: readonly Point[];
  readonly snout: Point;
  readonly tail: Point;
}

interface Scene {
  readonly file: string;
  readonly title: string;
  readonly about: string;
  readonly species: string;
  readonly lengthMm: number;
  readonly boardMm: readonly [number, number];
  readonly board: string;
  readonly ink: string;
  readonly ground: readonly [number, number, number];
  readonly planks: boolean;
  readonly camera: SimulatedCamera;
}

const SIZE = [1280, 960] as const;
const scene = (s: Omit<Scene, 'camera'> & { at: [number, number, number]; roll: number; focal?: number }): Scene => ({
  ...s,
  camera: {
    at: s.at,
    towards: [s.boardMm[0] / 2, s.boardMm[1] / 2],
    focalPx: s.focal ?? 1000,
    size: SIZE,
    roll: s.roll,
  },
});

const SCENES: readonly Scene[] = [
  scene({
    file: 'pollack.jpg',
    title: 'Pollack on the measuring board',
    about: 'A pale board on dark planks: its corners are found by themselves.',
    species: 'pollack',
    lengthMm: 412,
    boardMm: [600, 200],
    board: '#efe6d2',
    ink: '#22262a',
    ground: [74, 62, 50],
    planks: true,
    at: [240, 400, 620],
    roll: 0.08,
  }),
  scene({
    file: 'turbot.jpg',
    title: 'Turbot on a mat',
    about: 'Set back and belly too: how round it is parts it from a brill.',
    species: 'turbot',
    lengthMm: 318,
    boardMm: [500, 350],
    board: '#e9eef0',
    ink: '#1f3942',
    ground: [66, 84, 88],
    planks: false,
    at: [330, 430, 700],
    roll: -0.12,
  }),
  scene({
    file: 'mackerel.jpg',
    title: 'Mackerel on a dark board',
    about: 'A dark board on pale sand, seen from one side.',
    species: 'mackerel',
    lengthMm: 327,
    boardMm: [450, 150],
    board: '#3c464b',
    ink: '#e8e2d0',
    ground: [203, 190, 160],
    planks: false,
    at: [60, 340, 430],
    roll: 0.16,
  }),
  scene({
    file: 'trout.jpg',
    title: 'Trout, board and stones alike',
    about: 'A grey board on grey stones, taken from too low: set the corners by hand, and mind the warning.',
    species: 'brown-trout',
    lengthMm: 284,
    boardMm: [400, 120],
    board: '#9a978d',
    ink: '#4d4b46',
    ground: [146, 143, 135],
    planks: false,
    at: [200, 190, 235],
    roll: -0.04,
    focal: 600,
  }),
];

const PX_PER_MM = 3;

/** A ruled board as SVG, 3 px to the millimetre: nose stop on the left, centimetres along the upper edge. */
function boardSvg(s: Scene): string {
  const [w, h] = s.boardMm.map((x) => x * PX_PER_MM) as [number, number];
  const ticks = Array.from({ length: Math.floor(s.boardMm[0] / 10) }, (_, i) => {
    const x = (i * 10 + 10) * PX_PER_MM;
    const long = (i + 1) % 10 === 0 ? 42 : (i + 1) % 5 === 0 ? 30 : 18;
    const label =
      (i + 1) % 10 === 0 && i + 1 < s.boardMm[0] / 10
        ? `<text x="${x}" y="72" text-anchor="middle">${i + 1}</text>`
        : '';
    return `<path d="M${x} 0v${long}"/>${label}`;
  }).join('');
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${w}" height="${h}"><rect width="${w}" height="${h}" fill="${s.board}"/><g stroke="${s.ink}" stroke-width="2.4" fill="none">${ticks}</g><style>text{font:600 30px sans-serif;fill:${s.ink};stroke:none}</style></svg>`;
}

interface Layer {
  readonly width: number;
  readonly height: number;
  readonly data: Buffer;
}
async function raster(svg: string): Promise<Layer> {
  const { data, info } = await sharp(Buffer.from(svg)).ensureAlpha().raw().toBuffer({ resolveWithObject: true });
  return { width: info.width, height: info.height, data };
}

/** Colour and alpha of a layer at a point between its pixels; nothing outside of it. */
function sample(l: Layer, x: number, y: number): [number, number, number, number] {
  const [x0, y0] = [Math.floor(x), Math.floor(y)];
  if (x0 < 0 || y0 < 0 || x0 >= l.width - 1 || y0 >= l.height - 1) return [0, 0, 0, 0];
  const [fx, fy] = [x - x0, y - y0];
  return [0, 1, 2, 3].map((c) => {
    const at = (i: number, j: number): number => l.data[((y0 + j) * l.width + x0 + i) * 4 + c] ?? 0;
    return (at(0, 0) * (1 - fx) + at(1, 0) * fx) * (1 - fy) + (at(0, 1) * (1 - fx) + at(1, 1) * fx) * fy;
  }) as [number, number, number, number];
}

/** First and last column of a drawn fish that hold anything, with the middle of what is in them, px. */
function endsOf(l: Layer): [Point, Point] {
  const column = (x: number): number | null => {
    let sum = 0;
    let n = 0;
    for (let y = 0; y < l.height; y++)
      if ((l.data[(y * l.width + x) * 4 + 3] ?? 0) > 140) {
        sum += y;
        n++;
      }
    return n > 0 ? sum / n : null;
  };
  const xs = Array.from({ length: l.width }, (_, x) => x).filter((x) => column(x) !== null);
  const [a, b] = [xs[0] ?? 0, xs.at(-1) ?? l.width - 1];
  return [
    [a, column(a) ?? 0],
    [b + 1, column(b) ?? 0],
  ];
}

/** Draws one scene as its camera sees it: ground, board, the fish's shadow, and the fish raised by half its thickness. */
async function shootScene(s: Scene, seed: number): Promise<{ jpeg: Buffer; truth: PracticePicture }> {
  const species = loadSpecies().find((x) => x.id === s.species);
  if (!species) throw new RangeError(`practice pictures: no species "${s.species}"`);
  const board = await raster(boardSvg(s));
  const fish = await raster(drawFish({ ...species.figure, facing: 'left' }, { size: 1100 }).svg);
  const [nose, tip] = endsOf(fish);
  const scale = s.lengthMm / (tip[0] - nose[0]);
  const raised = (s.lengthMm * thicknessShare(species.shape)) / 2;
  // The nose against the stop, a little below the middle of the board, clear of the rule.
  const place = ([x, y]: Point): Point => [
    6 + (x - nose[0]) * scale,
    s.boardMm[1] * 0.54 + (y - (nose[1] + tip[1]) / 2) * scale,
  ];
  const plane = (z: number): ((p: Point) => Point) => {
    const square: Point[] = [
      [0, 0],
      [500, 0],
      [500, 300],
      [0, 300],
    ];
    const map = fitHomography(square.map((to) => ({ from: shoot(s.camera, to[0], to[1], z), to })));
    if (!map) throw new RangeError('practice pictures: the camera lies in the board');
    return (p) => project(map, p);
  };
  const onBoard = plane(0);
  const onFish = plane(raised);
  const toFish = ([x, y]: Point): Point => [
    (x - 6) / scale + nose[0],
    (y - s.boardMm[1] * 0.54) / scale + (nose[1] + tip[1]) / 2,
  ];
  const rng = seeded(seed);
  const stones = Array.from(
    { length: 260 },
    () => [rng() * 1400 - 400, rng() * 1200 - 400, 15 + rng() * 60, rng()] as const,
  );
  const out = Buffer.alloc(SIZE[0] * SIZE[1] * 3);
  for (let py = 0; py < SIZE[1]; py++)
    for (let px = 0; px < SIZE[0]; px++) {
      const [x, y] = onBoard([px + 0.5, py + 0.5]);
      let [r, g, b] = groundAt(s, x, y, stones);
      const shade = inside(s, x - 8, y - 8) && !inside(s, x, y) ? 0.72 : 1;
      [r, g, b] = [r * shade, g * shade, b * shade];
      if (inside(s, x, y)) [r, g, b] = sample(board, x * PX_PER_MM, y * PX_PER_MM);
      const shadow = sample(fish, ...toFish([x - 4, y - 5]))[3] / 255;
      const dark = 1 - 0.35 * shadow;
      [r, g, b] = [r * dark, g * dark, b * dark];
      const [fr, fg, fb, fa] = sample(fish, ...toFish(onFish([px + 0.5, py + 0.5])));
      const a = fa / 255;
      // Light falls from the upper left; every pixel has a little noise of its own.
      const light = 1.06 - 0.16 * (px / SIZE[0]) - 0.06 * (py / SIZE[1]);
      const noise = normal(rng, 0, 3.2);
      const k = (py * SIZE[0] + px) * 3;
      [r * (1 - a) + fr * a, g * (1 - a) + fg * a, b * (1 - a) + fb * a].forEach((v, c) => {
        out[k + c] = Math.max(0, Math.min(255, Math.round(v * light + noise)));
      });
    }
  const jpeg = await sharp(out, { raw: { width: SIZE[0], height: SIZE[1], channels: 3 } })
    .blur(0.6)
    .jpeg({ quality: 80, mozjpeg: true })
    .toBuffer();
  const [l, w] = s.boardMm;
  const round = (p: Point): Point => [Math.round(p[0] * 100) / 100, Math.round(p[1] * 100) / 100];
  const end = (p: Point): Point => {
    const [x, y] = place(p);
    return round(shoot(s.camera, x, y, raised));
  };
  return {
    jpeg,
    truth: {
      file: s.file,
      title: s.title,
      about: s.about,
      species: s.species,
      lengthMm: s.lengthMm,
      boardMm: s.boardMm,
      size: SIZE,
      corners: (
        [
          [0, 0],
          [l, 0],
          [l, w],
          [0, w],
        ] as Point[]
      ).map(([x, y]) => round(shoot(s.camera, x, y))),
      snout: end(nose),
      tail: end(tip),
    },
  };
}

const inside = (s: Scene, x: number, y: number): boolean => x >= 0 && y >= 0 && x < s.boardMm[0] && y < s.boardMm[1];

/** Planks with dark joints and grain, or stones of many greys. */
function groundAt(
  s: Scene,
  x: number,
  y: number,
  stones: readonly (readonly [number, number, number, number])[],
): [number, number, number] {
  const [r, g, b] = s.ground;
  if (s.planks) {
    const plank = Math.floor((y + 1000) / 95);
    const joint = (y + 1000) % 95 < 5 ? 0.45 : 1;
    const grain = 1 + 0.07 * Math.sin(x / 23 + plank * 2.1 + Math.sin(y / 6)) + 0.08 * Math.sin(plank * 7.3);
    return [r * joint * grain, g * joint * grain, b * joint * grain];
  }
  let tone = 1;
  for (const [sx, sy, radius, t] of stones)
    if ((x - sx) ** 2 + ((y - sy) * 1.3) ** 2 < radius * radius) tone = 0.86 + 0.24 * t;
  return [r * tone, g * tone, b * tone];
}

/** Every practice picture as a JPEG, with what is true of it. The same each time. */
export async function practicePictures(): Promise<{ jpeg: Buffer; truth: PracticePicture }[]> {
  const out = [];
  for (const [i, s] of SCENES.entries()) out.push(await shootScene(s, 71 + i));
  return out;
}
