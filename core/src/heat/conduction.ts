import { type Boundary, INSULATED } from './boundary.ts';
import type { Material } from './flesh.ts';

/**
 * A body in which heat goes one way, from its middle to its surface: radius or half thickness `radiusM`, and the shape exponent
 * between a slab (0), a cylinder (1) and a sphere (2). A slab may meet something else on its other side: then `radiusM` is its
 * whole thickness, and the side at 0 has a boundary of its own.
 */
export interface ConductionBody {
  readonly radiusM: number;
  readonly exponent: number;
  readonly material: Material;
}

/** What a body is at an instant: see `save`. */
export interface ConductionState {
  readonly enthalpy: Float64Array;
  readonly heatIn: number;
  readonly stepS: number;
  readonly met: readonly [Boundary, Boundary];
}

/** So many cells from the middle to the surface: with these the exact series is met to 0.1 degC. */
const CELLS = 40;
/** Tolerance of each step, as a share of the heat that a degree is. */
const TOLERANCE = 1e-10;
const MOST_ITERATIONS = 60;
/** TR-BDF2: implicit weight, and weights of its three stages (Bank et al. 1985; gamma = 2 - sqrt 2). */
const D = 1 - Math.SQRT1_2;
const W = Math.SQRT2 / 4;
/** A step grows by so much after each. */
const GROWTH = 1.25;
/** How long steps may be. */
export interface Pace {
  /** As a share of R2/alpha. */
  readonly mostFo: number;
  /** Where no cell gains or loses the heat of so many degrees in a step, steps go on growing all the same. */
  readonly restK: number;
}
const FINE: Pace = { mostFo: 1 / 150, restK: 0.02 };
/** Long enough steps for what is known of a fish: within a tenth of a degree of the finest, and some ten times as fast. */
export const COARSE: Pace = { mostFo: 1 / 30, restK: 0.4 };
/** A medium that drifts by no more than this since the last march is followed without short steps, K. */
const DRIFT_K = 1;
/** The first step after a change, as a share of what a cell takes to follow. */
const FIRST_FO_OF_CELL = 0.25;

/**
 * The conduction equation of a body, solved by finite volumes in enthalpy form: implicit, second order in space and time
 * (TR-BDF2), the heat that left by the sides counted as it goes, so that what is missing inside has left by them.
 *
 * rho c(T) dT/dt = r^-G d/dr (r^G k(T) dT/dr)
 */
export class Conduction {
  /** Enthalpy of each cell, J/m3, from the middle (or the other side) to the surface. */
  readonly enthalpy: Float64Array;
  /** Heat that went in since the start through each side, J, of a slab for each m2; of a cylinder and a sphere by r^G dr. */
  heatIn = 0;
  private readonly volume: Float64Array;
  /** Area of the face beneath each cell, and of the surface last. */
  private readonly area: Float64Array;
  private readonly dr: number;
  private readonly n: number;
  private stepS = 0;
  private met: readonly [Boundary, Boundary] = [INSULATED, INSULATED];
  /** What comes in by both sides now, W; null before it is reckoned. */
  private inflow: number | null = null;
  // Laid out once: a step makes no garbage.
  private readonly start: Float64Array;
  private readonly flux1: Float64Array;
  private readonly flux2: Float64Array;
  private readonly flux3: Float64Array;
  private readonly t: Float64Array;
  private readonly k: Float64Array;
  private readonly slope: Float64Array;
  /** Conductance of the face beneath each cell, and of the surface last, W/K of `heat`'s measure. */
  private readonly through: Float64Array;
  /** The same where nothing is frozen. */
  private readonly wet: Float64Array;
  /** Whether nothing was frozen when the flux was last reckoned: then one round of Newton is exact. */
  private linear = false;
  private readonly lower: Float64Array;
  private readonly diag: Float64Array;
  private readonly upper: Float64Array;
  private readonly rest: Float64Array;
  private readonly correction: Float64Array;

  /** `startC`: the temperature throughout, degC. Throws RangeError for a body that is none. */
  constructor(
    readonly body: ConductionBody,
    startC: number,
    cells = CELLS,
    private readonly pace: Pace = FINE,
  ) {
    const { radiusM, exponent } = body;
    if (!(radiusM > 0) || radiusM > 10) throw new RangeError('a body has a half thickness between 0 and 10 m');
    if (!(exponent >= 0 && exponent <= 2))
      throw new RangeError('a shape exponent lies between 0 (slab) and 2 (sphere)');
    if (!Number.isFinite(startC)) throw new RangeError('a body has a temperature in degC');
    this.n = cells;
    this.dr = radiusM / cells;
    const make = (length = cells): Float64Array => new Float64Array(length);
    this.enthalpy = make().fill(body.material.enthalpy(startC));
    this.volume = make();
    this.area = make(cells + 1);
    for (let i = 0; i <= cells; i++) this.area[i] = i === 0 && exponent > 0 ? 0 : (i * this.dr) ** exponent;
    for (let i = 0; i < cells; i++)
      this.volume[i] = (((i + 1) * this.dr) ** (exponent + 1) - (i * this.dr) ** (exponent + 1)) / (exponent + 1);
    [this.start, this.flux1, this.flux2, this.flux3] = [make(), make(), make(), make()];
    [this.t, this.lower, this.diag, this.upper, this.rest] = [make(), make(), make(), make(), make()];
    [this.correction, this.k, this.slope, this.through] = [make(), make(), make(), make(cells + 1)];
    this.wet = this.area.map((a) => (a * body.material.linear.k) / this.dr);
  }

  /** Temperature of the middle (of the other side of a slab), degC: through the two innermost cells, as flat as it lies there. */
  get coreC(): number {
    const [a, b] = [this.cellC(0), this.cellC(Math.min(1, this.n - 1))];
    return a + (a - b) / 8;
  }

  /** Temperature of the surface, degC, as the last boundary left it. */
  get surfaceC(): number {
    const last = this.cellC(this.n - 1);
    const { h, mediumC } = this.met[1];
    const inside = (2 * this.body.material.conductivity(last)) / this.dr;
    return (inside * last + h * mediumC) / (inside + h);
  }

  /** Temperature of a slab's other side, degC, as the last boundary left it. */
  get otherC(): number {
    const first = this.cellC(0);
    const { h, mediumC } = this.met[0];
    const inside = (2 * this.body.material.conductivity(first)) / this.dr;
    return (inside * first + h * mediumC) / (inside + h);
  }

  /** Temperature of each cell, from the middle (or the other side) to the surface, degC. */
  temperatures(): Float64Array {
    return this.enthalpy.map((h) => this.body.material.temperature(h));
  }

  /** Mean temperature by the heat in it: what it would come to if it were left alone, degC. */
  get meanC(): number {
    return this.body.material.temperature(this.heat / this.total);
  }

  /** Heat in the body, J (see `heatIn` for of how much of it). */
  get heat(): number {
    let sum = 0;
    for (let i = 0; i < this.n; i++) sum += this.enthalpy[i]! * this.volume[i]!;
    return sum;
  }

  /** What its own volume is in the measure of `heat` and `heatIn`: times `volumeM3` over this, they are J. */
  get measure(): number {
    return this.total;
  }

  /**
   * Sets what it is inside by a reading of its middle, degC: what it is above or below its medium is stretched to meet it, or all
   * of it shifted when it is nearly at rest.
   */
  read(coreC: number): void {
    if (!Number.isFinite(coreC)) throw new RangeError('a reading is a temperature in degC');
    const { h, mediumC } = this.met[1];
    const [was, off] = [this.coreC, this.coreC - mediumC];
    const share = (coreC - mediumC) / off;
    const stretch = h > 0 && Math.abs(off) > 1 && share > 0.2 && share < 5;
    // Between its medium and its middle all of it must lie.
    const [low, high] = h > 0 ? [Math.min(mediumC, coreC), Math.max(mediumC, coreC)] : [-Infinity, Infinity];
    const shifted = (t: number): number => Math.min(high, Math.max(low, t + coreC - was));
    for (let i = 0; i < this.n; i++) {
      const t = this.cellC(i);
      this.enthalpy[i] = this.body.material.enthalpy(stretch ? mediumC + (t - mediumC) * share : shifted(t));
    }
    this.inflow = null;
    this.stepS = 0;
  }

  /** Temperature at a share of the way from the middle to the surface, degC. */
  at(share: number): number {
    const x = Math.min(this.n - 1, Math.max(0, share * this.n - 0.5));
    const i = Math.min(this.n - 2, Math.floor(x));
    return this.cellC(i) + (x - i) * (this.cellC(i + 1) - this.cellC(i));
  }

  /** What it is now, so that a step can be tried and taken back. */
  save(): ConductionState {
    return { enthalpy: this.enthalpy.slice(), heatIn: this.heatIn, stepS: this.stepS, met: this.met };
  }

  restore({ enthalpy, heatIn, stepS, met }: ConductionState): void {
    this.enthalpy.set(enthalpy);
    [this.heatIn, this.stepS, this.met, this.inflow] = [heatIn, stepS, met, null];
  }

  /**
   * Goes on for `seconds` with the surface meeting `surface`. `other`: what the other side of a slab meets; left out: nothing,
   * or the middle. Steps are short after a change and grow; `seen` is told the seconds gone after each.
   */
  march(
    seconds: number,
    surface: Boundary,
    other: Boundary = INSULATED,
    seen?: (goneS: number) => boolean | void,
  ): void {
    if (!(seconds >= 0) || !Number.isFinite(seconds)) throw new RangeError('time goes on by a number of seconds');
    const changed =
      surface.h !== this.met[1].h || Math.abs(surface.mediumC - this.met[1].mediumC) > DRIFT_K || this.stepS === 0;
    this.meet(other, surface);
    const alpha = this.diffusivity();
    const most = (this.pace.mostFo * this.body.radiusM ** 2) / alpha;
    if (changed) this.stepS = Math.min(most, (FIRST_FO_OF_CELL * this.dr ** 2) / alpha);
    let gone = 0;
    while (gone < seconds) {
      // The last two share what is left, so that none is a crumb.
      const left = seconds - gone;
      const dt = left <= this.stepS ? left : left < 2 * this.stepS ? left / 2 : this.stepS;
      this.step(dt);
      gone = dt === left ? seconds : gone + dt;
      const grown = dt * GROWTH;
      if (dt < this.stepS) this.stepS = Math.min(this.stepS, most);
      else this.stepS = grown <= most || this.moved < this.pace.restK ? grown : Math.max(most, dt / GROWTH);
      if (seen?.(gone) === true) return;
    }
  }

  /** One step of so many seconds, with the boundaries as they are. For studies of the solver; others use `march`. */
  step(dt: number, boundaries?: readonly [other: Boundary, surface: Boundary]): void {
    if (boundaries) this.meet(...boundaries);
    const { n, start, flux1, flux2, flux3, enthalpy } = this;
    start.set(enthalpy);
    // The last step ended with the flux that this one begins with, unless the sides meet something else now.
    if (this.inflow !== null) flux1.set(flux3);
    const q1 = this.inflow ?? this.flow(flux1);
    flux2.set(flux1);
    // First stage: trapezoid to gamma; its flux at the start counts as much as that at its end.
    for (let i = 0; i < n; i++) this.rest[i] = start[i]! * this.volume[i]! + dt * D * flux1[i]!;
    const q2 = this.implicit(dt * D, flux2, q1);
    flux3.set(flux2);
    // Second stage: backward difference to the end.
    for (let i = 0; i < n; i++) this.rest[i] = start[i]! * this.volume[i]! + dt * W * (flux1[i]! + flux2[i]!);
    const q3 = this.implicit(dt * D, flux3, q2);
    this.inflow = q3;
    this.heatIn += dt * (W * (q1 + q2) + D * q3);
  }

  private meet(other: Boundary, surface: Boundary): void {
    if (other !== this.met[0] || surface !== this.met[1]) this.inflow = null;
    this.met = [other, surface];
  }

  /** The most that a cell gained or lost in the last step, as degrees of what is not frozen. */
  private get moved(): number {
    let most = 0;
    for (let i = 0; i < this.n; i++) most = Math.max(most, Math.abs(this.enthalpy[i]! - this.start[i]!));
    return most * this.body.material.slope(1);
  }

  private get total(): number {
    let sum = 0;
    for (let i = 0; i < this.n; i++) sum += this.volume[i]!;
    return sum;
  }

  private cellC(i: number): number {
    return this.body.material.temperature(this.enthalpy[i]!);
  }

  /** The fastest that heat goes anywhere in it, m2/s. */
  private diffusivity(): number {
    const { material } = this.body;
    let alpha = 0;
    for (let i = 0; i < this.n; i++) {
      const h = this.enthalpy[i]!;
      alpha = Math.max(alpha, material.conductivity(material.temperature(h)) * material.slope(h));
    }
    return alpha;
  }

  /** Conductance from a cell at the edge to what it meets: half a cell, then the film. */
  private out(cell: number, face: number, { h }: Boundary): number {
    return h <= 0 ? 0 : this.area[face]! / (1 / h + this.dr / (2 * this.k[cell]!));
  }

  /** Heat that flows into each cell now, W, into `flux`; returns what comes in by both sides together. */
  private flow(flux: Float64Array): number {
    const { n, t, k, through, area, dr, enthalpy } = this;
    const { linear } = this.body.material;
    const [other, surface] = this.met;
    this.linear = true;
    for (let i = 0; i < n; i++) if (enthalpy[i]! < linear.from) this.linear = false;
    if (this.linear) return this.flowWet(flux, other, surface);
    this.body.material.lookUp(enthalpy, t, k, this.slope);
    through[0] = this.out(0, 0, other);
    through[n] = this.out(n - 1, n, surface);
    let below = through[0] * (other.mediumC - t[0]!);
    const inner = below;
    for (let i = 1; i < n; i++) {
      const [a, b] = [k[i - 1]!, k[i]!];
      // In series: half a cell of each.
      const g = (area[i]! * 2 * a * b) / ((a + b) * dr);
      through[i] = g;
      const q = g * (t[i - 1]! - t[i]!);
      flux[i - 1] = below - q;
      below = q;
    }
    const outer = through[n]! * (surface.mediumC - t[n - 1]!);
    flux[n - 1] = below + outer;
    return inner + outer;
  }

  /** The same where nothing is frozen: everything is in proportion. */
  private flowWet(flux: Float64Array, other: Boundary, surface: Boundary): number {
    const { n, t, k, slope, through, wet, enthalpy } = this;
    const { c0, perJ } = this.body.material.linear;
    k[0] = k[n - 1] = this.body.material.linear.k;
    slope.fill(perJ);
    through.set(wet);
    through[0] = this.out(0, 0, other);
    through[n] = this.out(n - 1, n, surface);
    let before = c0 + enthalpy[0]! * perJ;
    t[0] = before;
    let below = through[0] * (other.mediumC - before);
    const inner = below;
    for (let i = 1; i < n; i++) {
      const here = c0 + enthalpy[i]! * perJ;
      const q = wet[i]! * (before - here);
      flux[i - 1] = below - q;
      t[i] = here;
      below = q;
      before = here;
    }
    const outer = through[n]! * (surface.mediumC - before);
    flux[n - 1] = below + outer;
    return inner + outer;
  }

  /**
   * Solves `volume enthalpy - a flux(enthalpy) = rest` by Newton's method on the enthalpy, whose temperature grows with it, so
   * that it comes down to the one answer also where it freezes. `flux` holds that of the enthalpy as it stands, `inflow` what
   * comes in by the sides with it; both are those of the answer afterwards.
   */
  private implicit(a: number, flux: Float64Array, inflow: number): number {
    const { n, enthalpy, volume, rest, lower, diag, upper, correction, slope, through } = this;
    const enough = TOLERANCE / this.body.material.slope(1);
    let q = inflow;
    for (let round = 0; ; round++) {
      const wasLinear = this.linear;
      let done = true;
      for (let i = 0; i < n; i++) {
        const residual = volume[i]! * enthalpy[i]! - a * flux[i]! - rest[i]!;
        if (Math.abs(residual) > enough * volume[i]!) done = false;
        correction[i] = -residual;
      }
      if (done || round === MOST_ITERATIONS) return q;
      for (let i = 0; i < n; i++) {
        const [below, above] = [a * through[i]!, a * through[i + 1]!];
        lower[i] = i > 0 ? -below * slope[i - 1]! : 0;
        diag[i] = volume[i]! + (below + above) * slope[i]!;
        upper[i] = i < n - 1 ? -above * slope[i + 1]! : 0;
      }
      solveTridiagonal(lower, diag, upper, correction);
      for (let i = 0; i < n; i++) enthalpy[i]! += correction[i]!;
      q = this.flow(flux);
      // What is in proportion before and after is met by one round.
      if (wasLinear && this.linear) return q;
    }
  }
}

/** Solves a tridiagonal system in place (Thomas); the answer stands in `x`. `diag` and `x` are used up. */
export function solveTridiagonal(lower: Float64Array, diag: Float64Array, upper: Float64Array, x: Float64Array): void {
  const n = x.length;
  for (let i = 1; i < n; i++) {
    const m = lower[i]! / diag[i - 1]!;
    diag[i]! -= m * upper[i - 1]!;
    x[i]! -= m * x[i - 1]!;
  }
  x[n - 1]! /= diag[n - 1]!;
  for (let i = n - 2; i >= 0; i--) x[i] = (x[i]! - upper[i]! * x[i + 1]!) / diag[i]!;
}
