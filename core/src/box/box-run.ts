import {
  type Boundary,
  COARSE,
  Conduction,
  type ConductionBody,
  FLESH,
  INSULATED,
  meets,
  type Transfer,
} from '../heat/index.ts';
import { ICE_BELOW_K, type IceFinding, shareSeen } from './seen.ts';
import { ICE, liningJK, openingJ, SUN_K } from './walls.ts';

/** Air about the box from an instant on, degC. */
export interface AirFrom {
  readonly atMs: number;
  readonly c: number;
}

/** One fish, or a lot of equal ones, that lies in the box for a while. */
export interface BoxFish {
  readonly id: string;
  readonly body: ConductionBody;
  /** Of one, kg. */
  readonly massKg: number;
  readonly count: number;
  readonly inMs: number;
  /** Null while it lies there. */
  readonly outMs: number | null;
  /** Temperature throughout when it was killed, and what its skin met until it came in. */
  readonly startC: number;
  readonly before: readonly { readonly seconds: number; readonly boundary: Boundary }[];
  /** How it lies while there is ice. */
  readonly how: Extract<Transfer, 'wet ice' | 'still slurry' | 'sloshing slurry'>;
}

/** What is done with the box. */
export type BoxEvent =
  | { readonly atMs: number; readonly kind: 'ice'; readonly kg: number }
  | { readonly atMs: number; readonly kind: 'water'; readonly kg: number; readonly c: number }
  | { readonly atMs: number; readonly kind: 'drained' }
  | { readonly atMs: number; readonly kind: 'opened' };

export interface BoxInput {
  readonly litres: number;
  /** Heat through its walls, W/K. */
  readonly uaWK: number;
  readonly fromMs: number;
  readonly untilMs: number;
  /** Ice in it at first, kg. */
  readonly iceKg: number;
  /** In the order of time; the first holds from the beginning. */
  readonly air: readonly AirFrom[];
  readonly sun: boolean;
  /** Its lining was cooled before. */
  readonly precooled: boolean;
  /** What its ice melts at: 0, or SLURRY_C with sea water. */
  readonly meltC: number;
  readonly events: readonly BoxEvent[];
  readonly fish: readonly BoxFish[];
  /** What was found out about it: the box is set right by it. */
  readonly found?: readonly IceFinding[];
  /** As if the ice lasted for ever: for what melts it, whatever the walls. */
  readonly iceForEver?: boolean;
}

/** The box at an instant. */
export interface BoxSample {
  readonly atMs: number;
  readonly iceKg: number;
  readonly waterKg: number;
  readonly mediumC: number;
  /** Whether its water covers the fish, were there no ice. */
  readonly covered: boolean;
  /** Since the beginning: air above the medium times seconds, K s; heat by all but walls, J; ice that was put in, kg. */
  readonly degreeS: number;
  readonly otherJ: number;
  readonly addedKg: number;
}

/** Heat and mass that came and went: `startJ` + what came - what went = `endJ`, and so with mass. */
export interface BoxLedger {
  readonly startJ: number;
  readonly wallsJ: number;
  readonly openingsJ: number;
  readonly fishJ: number;
  /** Of ice and water put in, and water let out, against water at the melting point. */
  readonly addedJ: number;
  readonly drainedJ: number;
  readonly endJ: number;
  readonly startKg: number;
  readonly addedKg: number;
  readonly drainedKg: number;
  readonly endKg: number;
  /** What findings set right. */
  readonly correctedJ: number;
  readonly correctedKg: number;
}

/** A finding that set the box right: what was reckoned, and what it was. */
export interface BoxCorrected {
  readonly atMs: number;
  readonly kind: IceFinding['kind'];
  readonly reckonedKg: number;
  readonly isKg: number;
  readonly reckonedC: number;
  readonly isC: number;
}

export interface BoxCourse {
  readonly samples: readonly BoxSample[];
  /** When the ice was gone and none came after, epoch ms; null while it lasts. */
  readonly goneMs: number | null;
  /** When there was none, each from when to when; the last without an end when none came. */
  readonly without: readonly { readonly fromMs: number; readonly toMs: number | null }[];
  readonly ledger: BoxLedger;
  readonly corrected: readonly BoxCorrected[];
}

/** Steps of the box while a fish still cools, later, when the ice is just gone, and when it has warmed for a while, s. */
const [EARLY_S, LATER_S, WARM_S, WARMED_S] = [600, 3600, 900, 1800];
const [YOUNG_MS, WARMING_MS] = [3 * 3_600_000, 5 * 3_600_000];
/** Cells of a fish in the box: its heat is what counts here. */
const CELLS = 12;
/** Water at least so much of the fish covers them, so that they warm in water and not in air. */
const COVERED = 0.25;
/** Ice below this is none, kg. */
const CRUMB_KG = 1e-6;
/** Where the ice ends within a step, the step ends there; none is shorter than so many s for it. */
const TO_THE_END_S = 20;
/** A reading so far over the melting point means that there is no ice; one below it that there is some, a lump at least. */
const LUMP_KG = 0.2;
/** A fish so near to its ice is as cold as that, K. */
const REST_K = 0.03;
/** What happens within so many ms happens at once. */
const AT_ONCE_MS = 0.5;

interface Inside {
  readonly fish: BoxFish;
  readonly flesh: Conduction;
  /** J of all of the lot for each of the solver's own measure; m2 of skin of all of the lot. */
  readonly scale: number;
  readonly skinM2: number;
}

function enter(fish: BoxFish): Inside {
  const flesh = new Conduction(fish.body, fish.startC, CELLS, COARSE);
  for (const b of fish.before) flesh.march(b.seconds, b.boundary);
  const { radiusM, exponent } = fish.body;
  const volume = (fish.massKg / FLESH.density) * fish.count;
  const scale = volume / flesh.measure;
  return { fish, flesh, scale, skinM2: (volume * (exponent + 1)) / radiusM };
}

/** The ice, the water and the lining as one: heat against water at the melting point, and what it comes to. */
class Pool {
  kg: number;
  j: number;
  constructor(
    iceKg: number,
    liningC: number,
    readonly meltC: number,
    readonly liningJK: number,
  ) {
    this.kg = iceKg;
    this.j = -iceKg * ICE.fusionJ + liningJK * (liningC - meltC);
  }
  get iceKg(): number {
    const kg = this.j >= 0 ? 0 : Math.min(this.kg, -this.j / ICE.fusionJ);
    return kg < CRUMB_KG ? 0 : kg;
  }
  /** J/K of what is not ice. */
  get heatJK(): number {
    return this.kg * ICE.waterJ + this.liningJK;
  }
  /** So much of it is ice, the rest water at the melting point. */
  setIce(kg: number): void {
    if (kg === this.iceKg) return;
    this.kg = Math.max(this.kg, kg);
    this.j = -kg * ICE.fusionJ;
  }
  /** No ice, and so warm. */
  warm(c: number): void {
    this.j = this.heatJK * Math.max(0, c - this.meltC);
  }
  get c(): number {
    // Colder than all frozen it cannot get: nothing here is colder than its ice.
    return this.j <= 0 ? this.meltC : this.meltC + this.j / this.heatJK;
  }
}

interface Happening {
  readonly atMs: number;
  readonly event: BoxEvent | null;
  readonly comes: BoxFish | null;
  readonly goes: string | null;
  readonly found: IceFinding | null;
}

/** Air about the box at an instant: the last that was said, with the sun. */
function airAt(input: BoxInput, ms: number): number {
  let c = input.air[0]?.c ?? 18;
  for (const a of input.air) if (a.atMs <= ms) c = a.c;
  return c + (input.sun ? SUN_K : 0);
}

function check(input: BoxInput): void {
  if (!(input.uaWK >= 0) || !Number.isFinite(input.uaWK)) throw new RangeError('walls let through 0 W/K or more');
  if (!(input.iceKg >= 0) || !Number.isFinite(input.iceKg)) throw new RangeError('ice weighs 0 kg or more');
  if (!(input.untilMs >= input.fromMs)) throw new RangeError('a box is followed from an instant to a later one');
  for (const f of input.fish)
    if (!(f.massKg > 0) || !(f.count > 0) || !Number.isFinite(f.massKg * f.count))
      throw new RangeError('a fish in the box weighs more than nothing');
}

/**
 * A box from `fromMs` to `untilMs`: ice, water, lining and fish share one medium, which stays at the melting point while there is
 * ice and warms afterwards; the fish are conduction bodies. Heat and mass are kept to rounding. What lies outside the time is
 * left out; order does not matter. Throws RangeError for what cannot be.
 */
export function runBox(input: BoxInput): BoxCourse {
  check(input);
  const { fromMs, untilMs, uaWK, litres, meltC } = input;
  const forEver = input.iceForEver ?? false;
  const pool = new Pool(input.iceKg, input.precooled ? meltC : airAt(input, fromMs), meltC, liningJK(litres));
  const within = (ms: number): boolean => ms >= fromMs && ms <= untilMs;
  const nothing = { event: null, comes: null, goes: null, found: null };
  const happens: Happening[] = [
    ...input.events.map((e) => ({ ...nothing, atMs: e.atMs, event: e })),
    ...(input.found ?? []).map((f) => ({ ...nothing, atMs: f.atMs, found: f })),
    ...input.fish.flatMap((f) => [
      { ...nothing, atMs: Math.max(f.inMs, fromMs), comes: f },
      ...(f.outMs === null ? [] : [{ ...nothing, atMs: Math.max(f.outMs, f.inMs, fromMs), goes: f.id }]),
    ]),
  ]
    .filter((h) => within(h.atMs))
    .sort((a, b) => a.atMs - b.atMs);
  const inside = new Map<string, Inside>();
  const corrected: BoxCorrected[] = [];
  const L = {
    correctedJ: 0,
    correctedKg: 0,
    wallsJ: 0,
    openingsJ: 0,
    fishJ: 0,
    addedJ: 0,
    drainedJ: 0,
    addedKg: 0,
    drainedKg: 0,
  };
  const [startJ, startKg] = [pool.j, pool.kg];
  const samples: BoxSample[] = [];
  const without: { fromMs: number; toMs: number | null }[] = [];
  let [at, degreeS, otherJ, iceAdded, youngMs] = [
    fromMs,
    0,
    input.precooled ? 0 : pool.j + pool.kg * ICE.fusionJ,
    0,
    0,
  ];
  /** What came into the pool in the last step, W. */
  let power = uaWK * airAt(input, fromMs);
  const hasIce = (): boolean => forEver || pool.iceKg > 0;
  /** Whether its water covers the fish, were there no ice. */
  const isCovered = (): boolean => {
    let fishKg = 0;
    for (const i of inside.values()) fishKg += i.fish.massKg * i.fish.count;
    return pool.kg - pool.iceKg > COVERED * fishKg;
  };
  const sample = (): void => {
    const iceKg = pool.iceKg;
    const covered = isCovered();
    samples.push({
      atMs: at,
      iceKg,
      waterKg: pool.kg - iceKg,
      mediumC: pool.c,
      covered,
      degreeS,
      otherJ,
      addedKg: iceAdded,
    });
    const open = without.at(-1)?.toMs === null;
    if (hasIce() && open) without[without.length - 1] = { fromMs: without.at(-1)!.fromMs, toMs: at };
    else if (!hasIce() && !open) without.push({ fromMs: at, toMs: null });
  };
  const opened = (): void => {
    const j = openingJ(litres, airAt(input, at), forEver ? meltC : pool.c);
    pool.j += j;
    L.openingsJ += j;
    otherJ += j;
  };
  const drain = (): void => {
    const kg = pool.kg - pool.iceKg;
    const j = kg * ICE.waterJ * (pool.c - meltC);
    pool.kg -= kg;
    pool.j -= j;
    L.drainedKg += kg;
    L.drainedJ += j;
  };
  const put = (kg: number, j: number): void => {
    pool.kg += kg;
    pool.j += j;
    L.addedKg += kg;
    L.addedJ += j;
  };
  /** The most ice that lay in it so far, kg. */
  let mostKg = input.iceKg;
  const correct = (f: IceFinding): void => {
    if (forEver || f.kind === 'poured') return;
    const [reckonedKg, reckonedC, j, kg] = [pool.iceKg, pool.c, pool.j, pool.kg];
    if (f.kind === 'read') {
      if (f.overK > ICE_BELOW_K) pool.warm(meltC + f.overK);
      else if (reckonedKg === 0) pool.setIce(LUMP_KG);
    } else {
      const [least, most] = f.kind === 'weighed' ? [f.kg, f.kg] : shareSeen(f.word).map((s) => s * mostKg);
      pool.setIce(Math.min(Math.max(reckonedKg, least!), most!));
    }
    L.correctedJ += pool.j - j;
    L.correctedKg += pool.kg - kg;
    corrected.push({ atMs: f.atMs, kind: f.kind, reckonedKg, isKg: pool.iceKg, reckonedC, isC: pool.c });
  };
  const happen = (h: Happening): void => {
    if (h.found) {
      opened();
      correct(h.found);
    }
    if (h.comes) {
      inside.set(h.comes.id, enter(h.comes));
      youngMs = at + YOUNG_MS;
      opened();
    }
    if (h.goes !== null) {
      inside.delete(h.goes);
      opened();
    }
    const e = h.event;
    if (!e) return;
    if (e.kind === 'ice') {
      put(e.kg, -e.kg * ICE.fusionJ);
      iceAdded += e.kg;
      mostKg = Math.max(mostKg, pool.iceKg);
      opened();
    } else if (e.kind === 'water') {
      const j = e.kg * ICE.waterJ * (e.c - meltC);
      put(e.kg, j);
      otherJ += j;
      opened();
    } else if (e.kind === 'drained') drain();
    else opened();
  };
  const meet = (mediumC: number, how: BoxFish['how'], covered: boolean): Boundary =>
    meets(hasIce() ? how : covered ? 'still water' : 'still air', mediumC);
  const goOn = (seconds: number): void => {
    const airC = airAt(input, at);
    const ice = hasIce();
    const before = pool.c;
    const covered = isCovered();
    let mediumC = before;
    if (!ice) {
      // Where the medium will be, by what its walls and skins give it, implicitly: so that little water does not overshoot.
      let [pull, weight] = [uaWK * airC, uaWK];
      for (const i of inside.values()) {
        const g = i.skinM2 * meet(before, i.fish.how, covered).h;
        pull += g * i.flesh.surfaceC;
        weight += g;
      }
      const cap = pool.heatJK / seconds;
      mediumC = (before + (cap * before + pull) / (cap + weight)) / 2;
    } else if (forEver) mediumC = meltC;
    let fishJ = 0;
    for (const i of inside.values()) {
      // As cold as what it lies in: nothing goes through its skin.
      if (ice && Math.abs(i.flesh.surfaceC - mediumC) < REST_K && Math.abs(i.flesh.coreC - mediumC) < REST_K) continue;
      const was = i.flesh.heatIn;
      i.flesh.march(seconds, meet(mediumC, i.fish.how, covered), INSULATED);
      fishJ -= (i.flesh.heatIn - was) * i.scale;
    }
    const walls = uaWK * (airC - mediumC) * seconds;
    pool.j += walls + fishJ;
    power = (walls + fishJ) / seconds;
    L.wallsJ += walls;
    L.fishJ += fishJ;
    otherJ += fishJ;
    degreeS += (airC - mediumC) * seconds;
    at += seconds * 1000;
  };
  sample();
  const airTurns = input.air.map((a) => a.atMs).filter((ms) => ms > fromMs && ms < untilMs);
  let k = 0;
  while (at < untilMs || k < happens.length) {
    if (k < happens.length && happens[k]!.atMs <= at + AT_ONCE_MS) {
      happen(happens[k]!);
      k++;
      if (k === happens.length || happens[k]!.atMs > at + AT_ONCE_MS) sample();
      continue;
    }
    const turn = airTurns.find((ms) => ms > at) ?? untilMs;
    const until = Math.min(untilMs, turn, happens[k]?.atMs ?? untilMs);
    // As long as the ice surely lasts.
    const goneMs = without.at(-1)?.fromMs ?? at;
    const most = hasIce()
      ? at < youngMs
        ? EARLY_S
        : LATER_S
      : at < Math.max(youngMs, goneMs + WARMING_MS)
        ? WARM_S
        : WARMED_S;
    const ends = !forEver && pool.iceKg > 0 && power > 0 ? Math.max(TO_THE_END_S, -pool.j / power) : most;
    goOn(Math.min(most, ends, (until - at) / 1000));
    sample();
  }
  const last = without.at(-1);
  return {
    samples,
    without,
    goneMs: last && last.toMs === null ? last.fromMs : null,
    corrected,
    ledger: { ...L, startJ, startKg, endJ: pool.j, endKg: pool.kg },
  };
}
