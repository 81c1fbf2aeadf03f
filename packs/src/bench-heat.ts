import { type BoxInput, runBox } from '@dagboek/core/box';
import {
  COARSE,
  Conduction,
  exactLeft,
  type ExactShape,
  fishBody,
  flesh,
  INSULATED,
  meets,
  plainMaterial,
  solveTridiagonal,
} from '@dagboek/core/heat';
import { loadSpecies } from './index.ts';

/** `npm run bench:heat`: what the conduction solver errs by, and its speed as a ratio to the bare tridiagonal solve. */
const [K, RHO_C, R] = [0.5, 3.78e6, 0.02];
const ALPHA = K / RHO_C;
const PLAIN = plainMaterial(RHO_C, K);
const SHAPES: readonly [ExactShape, number][] = [
  ['slab', 0],
  ['cylinder', 1],
  ['sphere', 2],
];
const say = (cells: readonly string[]): void => console.log(`| ${cells.join(' | ')} |`);
const times = (n: number): string => n.toExponential(1);

/** Error of the middle at Fo 0.4, Bi 3, as a share of the step. */
function error(shape: ExactShape, exponent: number, cells: number, steps: number): number {
  const c = new Conduction({ radiusM: R, exponent, material: PLAIN }, 1, cells);
  const dt = (0.4 * R * R) / ALPHA / steps;
  for (let i = 0; i < steps; i++) c.step(dt, [INSULATED, { h: (3 * K) / R, mediumC: 0 }]);
  return Math.abs(c.coreC - exactLeft(shape, 3, 0, [0.4])[0]!);
}

console.log('\nWorst error against the exact series, as a share of the step, by cells (4000 steps):\n');
const CELLS = [5, 10, 20, 40, 80];
say(['shape', ...CELLS.map(String), 'order']);
say(['---', ...CELLS.map(() => '---'), '---']);
for (const [shape, exponent] of SHAPES) {
  const e = CELLS.map((n) => error(shape, exponent, n, 4000));
  say([shape, ...e.map(times), (Math.log2(e[1]! / e[3]!) / 2).toFixed(2)]);
}

console.log('\nThe same by steps, against 8192 steps (80 cells):\n');
const STEPS = [8, 16, 32, 64, 128];
say(['shape', ...STEPS.map(String), 'order']);
say(['---', ...STEPS.map(() => '---'), '---']);
for (const [shape, exponent] of SHAPES) {
  const fine = signed(exponent, 8192);
  const e = STEPS.map((n) => Math.abs(signed(exponent, n) - fine));
  say([shape, ...e.map(times), (Math.log2(e[1]! / e[3]!) / 2).toFixed(2)]);
}
function signed(exponent: number, steps: number): number {
  const c = new Conduction({ radiusM: R, exponent, material: PLAIN }, 1, 80);
  const dt = (0.4 * R * R) / ALPHA / steps;
  for (let i = 0; i < steps; i++) c.step(dt, [INSULATED, { h: (3 * K) / R, mediumC: 0 }]);
  return c.coreC;
}

/** Seconds of the fastest of a few goes. */
function fastest(work: () => void): number {
  let best = Number.POSITIVE_INFINITY;
  for (let i = 0; i < 7; i++) {
    const t = performance.now();
    work();
    best = Math.min(best, performance.now() - t);
  }
  return best / 1000;
}
const N = 40;
const STEPS_TIMED = 4000;
const bare = fastest(() => {
  const make = (v: number): Float64Array => new Float64Array(N).fill(v);
  const [lower, diag, upper, x] = [make(-1), make(4), make(-1), make(1)];
  // Two solves are a step.
  for (let i = 0; i < STEPS_TIMED * 2; i++) {
    diag.fill(4);
    x.fill(1);
    solveTridiagonal(lower, diag, upper, x);
  }
});
const timed = (material: ReturnType<typeof plainMaterial>, from: number, to: number): number =>
  fastest(() => {
    const c = new Conduction({ radiusM: R, exponent: 1, material }, from, N);
    for (let i = 0; i < STEPS_TIMED; i++) c.step(5, [INSULATED, { h: 100, mediumC: to }]);
  });
const [cooling, freezing] = [timed(flesh('lean'), 14, 0), timed(flesh('lean'), 4, -18)];
console.log(
  `\nSteps a second: cooling ${Math.round(STEPS_TIMED / cooling)}, freezing ${Math.round(STEPS_TIMED / freezing)}; the bare solve ${Math.round(STEPS_TIMED / bare)}.`,
);
console.log(
  `A step against its two bare solves: cooling ${(cooling / bare).toFixed(1)} times, freezing ${(freezing / bare).toFixed(1)} times.`,
);

const pollack = loadSpecies().find((s) => s.id === 'pollack')!;
const day = fastest(() => {
  for (let i = 0; i < 40; i++) {
    const c = new Conduction(fishBody(pollack, 600 + 30 * i), 14, 24);
    c.march(900, meets('still air', 16));
    c.march(12 * 3600, meets('wet ice', 0));
  }
});

/** A box of so many fish over twelve hours, an hour of each coming in after the other. */
const inBox = (n: number): BoxInput => ({
  litres: 120,
  uaWK: 2,
  fromMs: 0,
  untilMs: 12 * 3_600_000,
  iceKg: 40,
  air: [{ atMs: 0, c: 16 }],
  precooled: false,
  meltC: 0,
  events: [],
  fish: Array.from({ length: n }, (_, i) => ({
    id: String(i),
    body: fishBody(pollack, 600 + 30 * i),
    massKg: 0.6 + 0.03 * i,
    count: 1,
    inMs: (i / Math.max(1, n)) * 6 * 3_600_000,
    outMs: null,
    startC: 14,
    before: [],
    how: 'wet ice' as const,
  })),
});
const [box, alone] = [
  fastest(() => void runBox(inBox(40))),
  fastest(() => {
    for (const f of inBox(40).fish) {
      const c = new Conduction(f.body, f.startC, 12, COARSE);
      c.march(12 * 3600 - f.inMs / 1000, meets('wet ice', 0));
    }
  }),
];
console.log(
  `The box of forty fish over twelve hours: ${(box * 1000).toFixed(0)} ms, ${(box / alone).toFixed(1)} times its fish alone.`,
);
console.log(`Forty fish over twelve hours on ice: ${(day * 1000).toFixed(0)} ms.`);
