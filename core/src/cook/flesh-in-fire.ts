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

/** A bath while something was in it: at first, at its coldest, at last, degC. */
export interface BathCourse {
  readonly bathStartC: number;
  readonly bathLowC: number;
  readonly bathEndC: number;
}

/** Nothing rests for longer, s. */
const MOST_REST_S = 3600;

/** In a pan edges and the thin end are heated too, by fat and steam, as hard as a face. Fitted with the ways: `charts.ts`. */
const EDGES = 1;

/** How much of the volume of a piece lies within each edge of its cells, from the middle out or from one side of a slab to the other: 0 to 1. */
const withinEdges = (n: number, exponent: number): number[] =>
  Array.from({ length: n + 1 }, (_, i) => (i / n) ** (exponent + 1));

/** What lies within a share of the volume, J/m3 times that share: from cells and their edges. */
function heatWithin(cells: ArrayLike<number>, edges: readonly number[], share: number): number {
  let sum = 0;
  for (let i = 0; i < cells.length && edges[i]! < share; i++)
    sum += cells[i]! * (Math.min(share, edges[i + 1]!) - edges[i]!);
  return sum;
}

/** Cells between other edges of the same volume, by what lies within each: all that was in it stays in it. */
const relaid = (within: (share: number) => number, edges: readonly number[]): Float64Array =>
  Float64Array.from(edges.slice(1), (to, i) => (within(to) - within(edges[i]!)) / (to - edges[i]!));

/**
 * A piece on its way through one or several fires, reckoned on from where the last left it. A fire from one side sees it as a slab of its
 * whole thickness; one from all round as a body about its middle. Between them each layer keeps its share of the volume and the two sides
 * become one: that is exact for the middle of a slab, since what the sides differ by is nought there.
 */
export class FleshInFire {
  /** Since it was laid in, s; its middle, where that is coldest, and the bath, degC. */
  readonly atS: number[] = [0];
  readonly coreC: number[];
  readonly bathC: number[] = [];
  at = 0;
  private flesh: Conduction;
  private slab: boolean;
  private surfaceC: number;
  private otherC: number;
  private bath = Number.NaN;

  constructor(
    private readonly what: Cooked,
    first: Fire,
    private readonly fineness: Fineness = USUAL,
  ) {
    this.slab = first.other !== undefined;
    this.flesh = this.shaped(this.slab);
    this.coreC = [what.startC];
    this.bathC = [first.bath.startC];
    // Before the first step no side has met anything: its surface is as cold as it is.
    [this.surfaceC, this.otherC] = [what.startC, what.startC];
  }

  /** Its middle now, degC. */
  get middleC(): number {
    return this.coreC[this.coreC.length - 1]!;
  }

  /** Goes on in a fire for `seconds`. `sameBath`: that of the fire before, as warm as that has become. */
  cook(fire: Fire, seconds: number, sameBath = false): BathCourse {
    this.asSlab(fire.other !== undefined);
    const { what, flesh, slab, fineness } = this;
    // J in the whole of the pieces for one in the solver's own measure; each m2 of a slab, all round by the surface.
    const scale =
      ((what.pieces * what.body.volumeM3) / flesh.measure) * (slab ? 1 : what.body.radiusM ** what.body.exponent);
    let bath = sameBath && Number.isFinite(this.bath) ? this.bath : fire.bath.startC;
    const bathStartC = bath;
    let bathLowC = bath;
    let [gone, falls] = [0, 0];
    /** The bath in the middle of the stretch, as it has been falling: so that stretches err by their square. */
    let middle = bath;
    /** How much of the heat goes over by now. */
    let settled = 1;
    const turns = [...(fire.turns ?? [])].map((t) => t * seconds);
    const met = (side: Side, surfaceC: number): Boundary =>
      wetBoundary({ ...side, h: side.h * settled }, side.c === 'bath' ? middle : side.c, surfaceC);
    const drawn = (side: Side, was: number, now: number, dt: number): number =>
      side.c === 'bath' ? settled * (side.draws ?? side.h) * Math.max(0, middle - (was + now) / 2) * dt : 0;
    while (gone < seconds - 1e-9) {
      const nextTurn = turns.find((t) => t > gone + 1e-9) ?? Infinity;
      const off = fire.offAt !== undefined && gone < fire.offAt * seconds ? fire.offAt * seconds : Infinity;
      // Short at first, when the bath falls fastest.
      const dt = Math.min(
        fineness.stretchS * Math.min(1, 0.03 + gone / 30),
        seconds - gone,
        nextTurn - gone,
        Math.max(0.5, off - gone),
      );
      const turned = turns.filter((t) => t <= gone + 1e-9).length % 2 === 1;
      const [surface, other] = !fire.other
        ? [fire.surface, null]
        : turned
          ? [fire.other, fire.surface]
          : [fire.surface, fire.other];
      middle = bath + (falls * dt) / 2;
      settled = fire.settlesS && !sameBath ? Math.min(1, (gone + dt / 2) / fire.settlesS) : 1;
      flesh.march(dt, met(surface, this.surfaceC), other ? met(other, this.otherC) : INSULATED);
      const j =
        scale *
        (drawn(surface, this.surfaceC, flesh.surfaceC, dt) + (other ? drawn(other, this.otherC, flesh.otherC, dt) : 0));
      const heated = fire.offAt === undefined || gone < fire.offAt * seconds - 1e-9;
      const before = bath;
      bath = bathAfter(heated ? fire.bath : { ...fire.bath, powerW: 0 }, bath, dt, j);
      bathLowC = Math.min(bathLowC, bath);
      falls = (bath - before) / dt;
      gone += dt;
      this.bath = bath;
      this.keep(dt);
    }
    return { bathStartC, bathLowC, bathEndC: bath };
  }

  /** Lies on `side` for so long before it goes into the next fire. */
  wait(side: Side, seconds: number): void {
    for (let rested = 0; rested < seconds - 1e-9;) rested += this.lie(side, rested, seconds - rested);
  }

  /** Lies on `side` until its middle has been at its warmest, no longer than `mostS`. Returns which of its moments that was. */
  rest(side: Side, mostS = MOST_REST_S): number {
    let [rested, quiet, peak] = [0, 0, this.coreC.length - 1];
    while (rested < mostS) {
      const dt = this.lie(side, rested, mostS - rested);
      rested += dt;
      if (this.middleC > this.coreC[peak]! + 1e-4) [peak, quiet] = [this.coreC.length - 1, 0];
      else if ((quiet += dt) > 30) break;
    }
    return peak;
  }

  private lie(side: Side, restedS: number, leftS: number): number {
    const dt = Math.min(this.fineness.stretchS, 1 + restedS / 10, leftS);
    const met = (surfaceC: number): Boundary => wetBoundary(side, side.c === 'bath' ? this.bath : side.c, surfaceC);
    this.flesh.march(dt, met(this.surfaceC), this.slab ? met(this.otherC) : INSULATED);
    this.keep(dt);
    return dt;
  }

  private keep(dt: number): void {
    const { flesh, slab } = this;
    [this.surfaceC, this.otherC] = [flesh.surfaceC, slab ? flesh.otherC : this.otherC];
    this.at += dt;
    this.atS.push(this.at);
    this.bathC.push(Number.isFinite(this.bath) ? this.bath : this.bathC[0]!);
    this.coreC.push(slab ? coldest(flesh.temperatures()) : flesh.coreC);
  }

  /** As the solver has it: where each side meets something else, a slab of its whole thickness, thinner by what comes in at its edges. */
  private shaped(slab: boolean): Conduction {
    const { body, startC } = this.what;
    const through = (body.radiusM * 2) / Math.sqrt(1 + EDGES * body.exponent);
    const shape = slab ? { ...body, radiusM: through, exponent: 0 } : body;
    return new Conduction(shape, startC, this.fineness.cells, COARSE);
  }

  /** Sees it as the next fire does. */
  private asSlab(slab: boolean): void {
    if (slab === this.slab) return;
    const { exponent } = this.what.body;
    const n = this.fineness.cells;
    const was = this.flesh.enthalpy;
    const [across, round] = [withinEdges(n, 0), withinEdges(n, exponent)];
    const next = this.shaped(slab);
    const cells = slab
      ? // From one side through the middle to the other: the same on both.
        relaid((v) => (Math.sign(v - 0.5) / 2) * heatWithin(was, round, Math.abs(2 * v - 1)), across)
      : relaid((v) => heatWithin(was, across, 0.5 + v / 2) - heatWithin(was, across, 0.5 - v / 2), round);
    next.restore({ ...next.save(), enthalpy: cells });
    const warm = (this.surfaceC + this.otherC) / 2;
    [this.surfaceC, this.otherC] = slab ? [this.surfaceC, this.surfaceC] : [warm, warm];
    [this.flesh, this.slab] = [next, slab];
  }
}

/** The coldest in the middle two fifths of a slab: where a probe's tip is looked for. */
const coldest = (cells: Float64Array): number => {
  const [from, to] = [Math.floor(cells.length * 0.3), Math.ceil(cells.length * 0.7)];
  let c = Infinity;
  for (let i = from; i < to; i++) c = Math.min(c, cells[i]!);
  return c;
};
