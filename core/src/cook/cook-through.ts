import { type Boundary, COARSE, Conduction, type ConductionBody, INSULATED } from '../heat/index.ts';
import { type Fire, type Side, wetBoundary } from './fire.ts';
import { bathAfter } from './vessel-heat.ts';

/** What is cooked: one of `pieces` alike. */
export interface Cooked {
  readonly body: ConductionBody & { readonly volumeM3: number };
  readonly pieces: number;
  readonly startC: number;
}

/** How fine it is reckoned: cells of the piece, and the longest stretch in which the bath is taken as constant, s. */
export interface Fineness {
  readonly cells: number;
  readonly stretchS: number;
}
export const USUAL: Fineness = { cells: 20, stretchS: 6 };

/** What became of it. `atS` since it was laid in; its middle, where that is coldest, and the bath, degC. */
export interface Course {
  readonly atS: readonly number[];
  readonly coreC: readonly number[];
  readonly bathC: readonly number[];
  readonly pulledS: number;
  readonly pulledC: number;
  readonly peakS: number;
  readonly peakC: number;
}

/** Nothing rests for longer, s. */
const MOST_REST_S = 3600;

/** J in the whole of the pieces for one in `Conduction`'s own measure. */
const scaleOf = ({ body, pieces }: Cooked, c: Conduction): number => (pieces * body.volumeM3) / c.measure;

/** In a pan edges and the thin end are heated too, by fat and steam, as hard as a face. Fitted with the ways: `charts.ts`. */
const EDGES = 1;

/**
 * The piece as the solver has it: where each side meets something else, a slab of its whole thickness, thinner by what comes in at its
 * edges.
 */
function startOf({ body, startC }: Cooked, slab: boolean, cells: number): Conduction {
  const through = (body.radiusM * 2) / Math.sqrt(1 + EDGES * body.exponent);
  const shape = slab ? { ...body, radiusM: through, exponent: 0 } : body;
  return new Conduction(shape, startC, cells, COARSE);
}

/**
 * A piece through its fire for `seconds`, then at rest until its middle has been at its warmest. The bath is cooled by what goes
 * in, in stretches of some seconds; a surface that boils gets no hotter.
 */
export function cookThrough(what: Cooked, fire: Fire, seconds: number, fineness: Fineness = USUAL): Course {
  const slab = fire.other !== undefined;
  const flesh = startOf(what, slab, fineness.cells);
  const scale = scaleOf(what, flesh);
  const [atS, bathC]: [number[], number[]] = [[0], [fire.bath.startC]];
  let [bath, at, turned, falls] = [fire.bath.startC, 0, 0, 0];
  /** The bath in the middle of the stretch, as it has been falling: so that stretches err by their square. */
  let middle = bath;
  const turns = [...(fire.turns ?? [])].map((t) => t * seconds);
  /** How much of the heat goes over by now. */
  let settled = 1;
  const met = (side: Side, surfaceC: number): Boundary =>
    wetBoundary({ ...side, h: side.h * settled }, side.c === 'bath' ? middle : side.c, surfaceC);
  const coreC = [what.startC];
  const keep = (): number => {
    atS.push(at);
    bathC.push(bath);
    const c = slab ? coldest(flesh.temperatures()) : flesh.coreC;
    coreC.push(c);
    return c;
  };
  // Before the first step no side has met anything: its surface is as cold as it is.
  let [surfaceC, otherC] = [what.startC, what.startC];
  while (at < seconds - 1e-9) {
    const nextTurn = turns.find((t) => t > at + 1e-9) ?? Infinity;
    const off = fire.offAt !== undefined && at < fire.offAt * seconds ? fire.offAt * seconds : Infinity;
    // Short at first, when the bath falls fastest.
    const dt = Math.min(
      fineness.stretchS * Math.min(1, 0.03 + at / 30),
      seconds - at,
      nextTurn - at,
      Math.max(0.5, off - at),
    );
    turned = turns.filter((t) => t <= at + 1e-9).length % 2;
    const [surface, other] = fire.other
      ? turned
        ? [fire.other, fire.surface]
        : [fire.surface, fire.other]
      : [fire.surface, null];
    middle = bath + (falls * dt) / 2;
    settled = fire.settlesS ? Math.min(1, (at + dt / 2) / fire.settlesS) : 1;
    flesh.march(dt, met(surface, surfaceC), other ? met(other, otherC) : INSULATED);
    const before = bath;
    const drawn = (side: Side, was: number, now: number): number =>
      side.c === 'bath' ? settled * (side.draws ?? side.h) * Math.max(0, middle - (was + now) / 2) * dt : 0;
    // Each m2 of a slab; all round by the surface in the solver's own measure.
    const face = slab ? 1 : what.body.radiusM ** what.body.exponent;
    const j =
      face * scale * (drawn(surface, surfaceC, flesh.surfaceC) + (other ? drawn(other, otherC, flesh.otherC) : 0));
    const heated = fire.offAt === undefined || at < fire.offAt * seconds - 1e-9;
    bath = bathAfter(heated ? fire.bath : { ...fire.bath, powerW: 0 }, bath, dt, j);
    falls = (bath - before) / dt;
    at += dt;
    [surfaceC, otherC] = [flesh.surfaceC, slab ? flesh.otherC : otherC];
    keep();
  }
  const pulled = coreC.length - 1;
  let peak = pulled;
  middle = bath;
  settled = 1;
  const restEnd = at + (fire.restMostS ?? MOST_REST_S);
  let [rested, quiet] = [0, 0];
  while (at < restEnd) {
    const dt = Math.min(fineness.stretchS, 1 + rested / 10, restEnd - at);
    flesh.march(dt, met(fire.rest, surfaceC), slab ? met(fire.rest, otherC) : INSULATED);
    [surfaceC, otherC] = [flesh.surfaceC, slab ? flesh.otherC : otherC];
    at += dt;
    rested += dt;
    if (keep() > coreC[peak]! + 1e-4) [peak, quiet] = [coreC.length - 1, 0];
    else if ((quiet += dt) > 30) break;
  }
  return { atS, coreC, bathC, pulledS: seconds, pulledC: coreC[pulled]!, peakS: atS[peak]!, peakC: coreC[peak]! };
}

/** The coldest in the middle two fifths of a slab: where a probe's tip is looked for. */
const coldest = (cells: Float64Array): number => {
  const [from, to] = [Math.floor(cells.length * 0.3), Math.ceil(cells.length * 0.7)];
  let c = Infinity;
  for (let i = from; i < to; i++) c = Math.min(c, cells[i]!);
  return c;
};

/** What the middle comes to, as far as that may be counted on: its peak, but no further above its pull than it may coast, degC. */
export const reachedC = ({ pulledC, peakC }: Course, { coastMostK = Infinity }: Fire): number =>
  Math.min(peakC, pulledC + coastMostK);

/** Longer nothing is cooked, s. */
export const MOST_COOK_S = 4 * 3600;
/** The time is found to so many seconds, or the middle to so many degrees. */
const [TO_S, TO_K] = [1, 0.02];
/** A bath that gives no more in so much more time does not get there, K. */
const NO_MORE_K = 0.05;

/**
 * How long it stays in the fire so that its middle comes to `toC` there or, as far as it may coast, at rest; null where it never does. The
 * longer it stays the warmer it gets: the time is bracketed from `guessS` on, then found by false position (Illinois).
 */
export function cookUntil(
  what: Cooked,
  fire: Fire,
  toC: number,
  fineness: Fineness = USUAL,
  guessS = 240,
): Course | null {
  const after = (s: number): Course => cookThrough(what, fire, s, fineness);
  const reached = (c: Course): number => reachedC(c, fire);
  let high = after(guessS);
  let low: Course | null = null;
  while (reached(high) < toC) {
    const s = high.pulledS * 1.8;
    if (s > MOST_COOK_S) return null;
    const next = after(s);
    if (s > 1800 && reached(next) < toC && reached(next) - reached(high) < NO_MORE_K) return null;
    [low, high] = [high, next];
  }
  for (let s = guessS / 1.8; low === null; s /= 1.8) {
    const next = after(s);
    if (reached(next) < toC) low = next;
    else if (s < 2) return next;
    else high = next;
  }
  let [a, fa, b, fb] = [low.pulledS, reached(low) - toC, high.pulledS, reached(high) - toC];
  let best = high;
  for (let i = 0; i < 40 && b - a > TO_S && reached(best) - toC > TO_K; i++) {
    const s = Math.min(b - TO_S / 4, Math.max(a + TO_S / 4, (a * fb - b * fa) / (fb - fa)));
    const next = after(s);
    const f = reached(next) - toC;
    if (f >= 0) {
      [b, fb, best] = [s, f, next];
      fa /= 2;
    } else {
      [a, fa] = [s, f];
      fb /= 2;
    }
  }
  return best;
}
