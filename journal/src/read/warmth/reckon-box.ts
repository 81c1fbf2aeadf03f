import {
  type BoxCourse,
  type BoxEvent,
  type BoxInput,
  ICE,
  icePosterior,
  type IcePosterior,
  iceWith,
  leakGrid,
  leakLikelihood,
  type Melting,
  runBox,
  together,
  usualWeights,
  weightsOf,
} from '@dagboek/core/box';
import { flesh } from '@dagboek/core/heat';
import { Remembered } from './remembered.ts';
import type { FillingFacts } from './filling-facts.ts';
import type { LeakFacts } from './leak-facts.ts';

/** What a box is reckoned from: numbers and words alone, so that it can be done beside the page. */
export interface BoxToReckon {
  readonly own: FillingFacts;
  readonly leak: LeakFacts;
}

/** A box, reckoned: what melts it, what is known of its ice and leak, and its course. */
export interface BoxReckoned {
  readonly melting: Melting;
  readonly known: IcePosterior;
  readonly course: BoxCourse;
}

const HOUR_MS = 3_600_000;
/** A box is followed so long after what was last noted, and so long after its ice is gone, h; never longer than this. */
const [AFTER_H, WARM_H, MOST_H] = [72, 48, 14 * 24];

const melts = new Remembered<Melting>(120);
const likelihoods = new Remembered<Float64Array>(200);
const keys = new WeakMap<FillingFacts, string>();

/** Facts as one text: the same text, the same box. */
export function keyOf(f: FillingFacts): string {
  const key = keys.get(f) ?? JSON.stringify(f);
  keys.set(f, key);
  return key;
}

/** When the last thing of a filling happened, epoch ms. */
const lastOf = (f: FillingFacts): number =>
  Math.max(
    f.fromMs,
    ...f.events.map((e) => e.atMs),
    ...f.found.map((e) => e.atMs),
    ...f.fish.flatMap((x) => (x.outMs === null ? [x.inMs] : [x.inMs, x.outMs])),
  );

/** The input of the box model for a filling up to an instant. */
const inputOf = (f: FillingFacts, untilMs: number): Omit<BoxInput, 'uaWK' | 'iceKg'> => ({
  litres: f.litres,
  fromMs: f.fromMs,
  untilMs: Math.max(f.fromMs, untilMs),
  air: f.air,
  // The box stood open in the air before: its lining is as warm as that.
  precooled: false,
  meltC: f.meltC,
  events: f.events,
  fish: f.fish.map(({ radiusM, exponent, fat, ...x }) => ({ ...x, body: { radiusM, exponent, material: flesh(fat) } })),
});

function meltingOf(f: FillingFacts): Melting {
  const until = Math.min(f.nextMs, f.closedMs ?? lastOf(f) + AFTER_H * HOUR_MS);
  return melts.of(keyOf(f), () => {
    const looked = f.found.map((x): BoxEvent => ({ atMs: x.atMs, kind: 'opened' }));
    const input = inputOf(f, until);
    return {
      samples: runBox({ ...input, events: [...input.events, ...looked], uaWK: 1, iceKg: 0, iceForEver: true }).samples,
      drainedMs: f.events.flatMap((e) => (e.kind === 'drained' ? [e.atMs] : [])).sort((a, b) => a - b),
      found: f.found,
    };
  });
}

/** How likely each leak of a grid is, by the walls, the tests and the trips of a box. */
export function leakWeights({ usual, tests, taught }: LeakFacts): { grid: Float64Array; weights: Float64Array } {
  const grid = leakGrid(usual);
  let weights = usualWeights();
  for (const leak of tests) weights = together(weights, weightsOf(grid, leak));
  for (const f of taught) {
    const likely = likelihoods.of(`${usual.uaWK} ${usual.sdLn} ${keyOf(f)}`, () =>
      leakLikelihood(meltingOf(f), grid, f.firstIce),
    );
    weights = together(weights, likely);
  }
  return { grid, weights };
}

/** Until when a filling is to be followed: until its ice is long gone, or it is closed. */
function horizonOf(f: FillingFacts, known: IcePosterior, melting: Melting): number {
  if (f.closedMs !== null) return Math.min(f.nextMs, f.closedMs);
  const last = lastOf(f);
  const end = melting.samples.at(-1)!;
  const before = melting.samples.findLast((s) => s.atMs <= end.atMs - 6 * HOUR_MS) ?? melting.samples[0]!;
  const watts = (known.leak.uaWK * (end.degreeS - before.degreeS)) / Math.max(1, (end.atMs - before.atMs) / 1000);
  const ice = iceWith(melting, known.leak.uaWK, known.firstKg);
  const left = ice.at(-1) ?? 0;
  const gone =
    left === 0
      ? (melting.samples[ice.findLastIndex((v) => v > 0) + 1]?.atMs ?? end.atMs)
      : end.atMs + (watts > 0.1 ? ((left * ICE.fusionJ) / watts) * 1000 : MOST_H * HOUR_MS);
  const until = Math.max(last + AFTER_H * HOUR_MS, gone + WARM_H * HOUR_MS);
  return Math.min(f.nextMs, until, last + MOST_H * HOUR_MS);
}

/** Reckons a box: what melts it, what is known of its leak and first ice by what was found, and its course by that. */
export function reckonBox({ own, leak }: BoxToReckon): BoxReckoned {
  const { grid, weights } = leakWeights(leak);
  const melting = meltingOf(own);
  const known = icePosterior(melting, grid, weights, own.firstIce);
  const input = { ...inputOf(own, horizonOf(own, known, melting)), uaWK: known.leak.uaWK, iceKg: known.firstKg };
  return { melting, known, course: runBox({ ...input, found: own.found }) };
}
