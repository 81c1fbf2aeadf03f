import { type Boundary, COARSE, Conduction, FLESH, INSULATED, meets } from '../heat/index.ts';
import type { BoxFish, BoxEvent, BoxInput, BoxSample, BoxCorrected, BoxCourse } from './box-types.ts';
import { Pool } from './pool.ts';
import { ICE_BELOW_K, type IceFinding, shareSeen } from './seen.ts';
import { ICE, liningJK, openingJ } from './walls.ts';

/** Steps of the box while a fish still cools, later, when the ice is just gone, and when it has warmed for a while, s. */
const [EARLY_S, LATER_S, WARM_S, WARMED_S] = [600, 3600, 900, 1800];
const [YOUNG_MS, WARMING_MS] = [3 * 3_600_000, 5 * 3_600_000];
/** Cells of a fish in the box: its heat is what counts here. */
const CELLS = 12;
/** Water at least so much of the fish covers them, so that they warm in water and not in air. */
const COVERED = 0.25;
/** Where the ice ends within a step, the step ends there; none is shorter than so many s for it. */
const TO_THE_END_S = 20;
/** A reading so far over the melting point means that there is no ice; one below it that there is some, a lump at least. */
const LUMP_KG = 0.2;
/** A fish so near to its ice is as cold as that, K. */
const REST_K = 0.03;
/** A step in which the ice ends leaves the water no warmer than this, K, unless it is as short as that, s. */
const [LEFT_OVER_K, SHORTEST_S] = [0.2, 0.5];
/** A guessed medium agrees with what comes of it to so much, K; it is tried again so far beside. */
const [AGREED_K, PROBE_K] = [0.1, 0.8];
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

interface Happening {
  readonly atMs: number;
  readonly event: BoxEvent | null;
  readonly comes: BoxFish | null;
  readonly goes: string | null;
  readonly found: IceFinding | null;
}

/** Air about the box at an instant: the last that was said. */
function airAt(input: BoxInput, ms: number): number {
  let c = input.air[0]?.c ?? 18;
  for (const a of input.air) if (a.atMs <= ms) c = a.c;
  return c;
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
  /** How fast it warmed in the last step without ice, K/s; null when something happened since. */
  let rateK: number | null = null;
  const happen = (h: Happening): void => {
    rateK = null;
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
  /** Lets the fish go on in a medium of so many degrees; what they give it, J. */
  const fishIn = (mediumC: number, seconds: number, covered: boolean): number => {
    let j = 0;
    for (const i of inside.values()) {
      // As cold as what it lies in: nothing goes through its skin.
      const rest = Math.abs(i.flesh.surfaceC - mediumC) < REST_K && Math.abs(i.flesh.coreC - mediumC) < REST_K;
      if (rest && hasIce()) continue;
      const was = i.flesh.heatIn;
      i.flesh.march(seconds, meet(mediumC, i.fish.how, covered), INSULATED);
      j -= (i.flesh.heatIn - was) * i.scale;
    }
    return j;
  };
  const save = (): (() => void) => {
    const kept = [...inside.values()].map((i) => ({ i, state: i.flesh.save() }));
    return () => {
      for (const { i, state } of kept) i.flesh.restore(state);
    };
  };
  const take = (seconds: number, walls: number, fishJ: number, overC: number): void => {
    pool.j += walls + fishJ;
    power = (walls + fishJ) / seconds;
    L.wallsJ += walls;
    L.fishJ += fishJ;
    otherJ += fishJ;
    degreeS += overC * seconds;
    at += seconds * 1000;
  };
  /** With ice the medium stands; a step in which the ice ends is made shorter until hardly anything is left over. */
  const onIce = (seconds: number): void => {
    const airC = airAt(input, at);
    const walls = uaWK * (airC - meltC) * seconds;
    // The most that the skins can give: where the ice is more than that, nothing is to be taken back.
    let most = walls;
    for (const i of inside.values())
      most += i.skinM2 * meet(meltC, i.fish.how, false).h * Math.max(0, i.flesh.surfaceC - meltC) * seconds;
    const back = !forEver && most > -pool.j ? save() : null;
    const fishJ = fishIn(meltC, seconds, isCovered());
    if (back && pool.j + walls + fishJ > LEFT_OVER_K * pool.heatJK && seconds > SHORTEST_S) {
      back();
      return onIce(seconds / 2);
    }
    take(seconds, walls, fishJ, airC - meltC);
    rateK = null;
  };
  /**
   * Without ice the medium warms with its walls and the skins of the fish, which may be far more than it: its mean over the step is
   * guessed from the skins as they are, and mended once from what the fish then give (they answer in proportion), so that a cupful of
   * water among many fish neither rings nor overshoots.
   */
  const warmOn = (seconds: number): void => {
    const airC = airAt(input, at);
    const covered = isCovered();
    const [fromC, cap] = [pool.c, pool.heatJK];
    let [pull, weight] = [uaWK * (airC - fromC), uaWK];
    for (const i of inside.values()) {
      const g = i.skinM2 * meet(fromC, i.fish.how, covered).h;
      pull += g * (i.flesh.surfaceC - fromC);
      weight += g;
    }
    // Second order where it may be, and where it must not ring wholly implicit.
    const theta = (weight * seconds) / cap > 1 ? 1 : 0.5;
    const back = save();
    const tried = (c: number): { walls: number; fishJ: number; off: number } => {
      const walls = uaWK * (airC - c) * seconds;
      const fishJ = fishIn(c, seconds, covered);
      return { walls, fishJ, off: fromC + (walls + fishJ) / cap - (fromC + (c - fromC) / theta) };
    };
    // As it warmed in the last step, where that is known; else as the skins are.
    let c =
      rateK === null
        ? fromC + (theta * seconds * pull) / (cap + theta * seconds * weight)
        : fromC + theta * seconds * rateK;
    let now = tried(c);
    if (Math.abs(now.off) > AGREED_K) {
      back();
      const [first, firstOff] = [c, now.off];
      const second = first + Math.max(-PROBE_K, Math.min(PROBE_K, firstOff * theta));
      const { off } = tried(second);
      back();
      c = off === firstOff ? second : second - (off * (second - first)) / (off - firstOff);
      now = tried(c);
    }
    take(seconds, now.walls, now.fishJ, airC - c);
    rateK = (pool.c - fromC) / seconds;
  };
  const goOn = (seconds: number): void => (hasIce() ? onIce(seconds) : warmOn(seconds));
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
