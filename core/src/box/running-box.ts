import type { BoxCorrected, BoxCourse, BoxInput, BoxSample } from './box-types.ts';
import { airAt, type Happening } from './box-happenings.ts';
import { FishInside } from './fish-inside.ts';
import { Pool } from './pool.ts';
import { ICE_BELOW_K, type IceFinding, shareSeen } from './seen.ts';
import { ICE, liningJK, openingJ } from './walls.ts';
import { warmMedium } from './warm-medium.ts';

/** Longest steps while a fish still cools, later, when the ice is just gone, and when the box has warmed for a while, s. */
const [EARLY_S, LATER_S, WARM_S, WARMED_S] = [600, 3600, 900, 1800];
/** For so long a fish that was laid in still cools, and a box warms fast after its ice is gone, ms. */
const [YOUNG_MS, WARMING_MS] = [3 * 3_600_000, 5 * 3_600_000];
/** Water of at least this share of the mass of the fish covers them, so that they warm in water and not in air. */
const COVERED = 0.25;
/** A step that ends where the ice ends is no shorter than this, s. */
const TO_THE_END_S = 20;
/** Ice that there is at the least where a reading stands at the melting point, kg. */
const LUMP_KG = 0.2;
/** A step in which the ice ends leaves the water no warmer than this, K, unless the step is as short as that, s. */
const [LEFT_OVER_K, SHORTEST_S] = [0.2, 0.5];
/**
 * A box at an instant: ice, water, lining and fish share one medium, which stays at the melting point while there is ice and warms
 * afterwards. `step` lets time pass, `happen` is for what is done to it, `sample` notes how it is. Heat and mass are kept to rounding.
 */
export class RunningBox {
  private readonly pool: Pool;
  private readonly fish = new FishInside();
  private readonly samples: BoxSample[] = [];
  private readonly without: { fromMs: number; toMs: number | null }[] = [];
  private readonly corrected: BoxCorrected[] = [];
  private readonly ledger = {
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
  private readonly startJ: number;
  private readonly startKg: number;
  private readonly forEver: boolean;
  /** Epoch ms. */
  private at: number;
  /** Kelvin-seconds by which the air was over the medium so far. */
  private degreeS = 0;
  /** What warmed the medium otherwise than through the walls so far, J. */
  private otherJ: number;
  private iceAdded = 0;
  /** Until when a fish that was laid in still cools, epoch ms. */
  private youngMs = 0;
  /** What came into the pool in the last step, W. */
  private power: number;
  /** The most ice that lay in it so far, kg. */
  private mostKg: number;
  /** How fast it warmed in the last step without ice, K/s; null when something happened since. */
  private rateK: number | null = null;

  constructor(private readonly input: BoxInput) {
    const { fromMs, meltC, litres } = input;
    this.forEver = input.iceForEver ?? false;
    this.pool = new Pool(input.iceKg, input.precooled ? meltC : airAt(input, fromMs), meltC, liningJK(litres));
    [this.startJ, this.startKg] = [this.pool.j, this.pool.kg];
    this.at = fromMs;
    this.otherJ = input.precooled ? 0 : this.pool.j + this.pool.kg * ICE.fusionJ;
    this.power = input.uaWK * airAt(input, fromMs);
    this.mostKg = input.iceKg;
  }

  /** Where it stands in time, epoch ms. */
  get atMs(): number {
    return this.at;
  }

  private get hasIce(): boolean {
    return this.forEver || this.pool.iceKg > 0;
  }

  /** Whether its water covers the fish, were there no ice. */
  private get covered(): boolean {
    return this.pool.kg - this.pool.iceKg > COVERED * this.fish.kg;
  }

  /** Notes how it is, and whether it is without ice. */
  sample(): void {
    const { iceKg, kg, c } = this.pool;
    this.samples.push({
      atMs: this.at,
      iceKg,
      waterKg: kg - iceKg,
      mediumC: c,
      covered: this.covered,
      degreeS: this.degreeS,
      otherJ: this.otherJ,
      addedKg: this.iceAdded,
    });
    const last = this.without.at(-1);
    const open = last?.toMs === null;
    if (this.hasIce && open) this.without[this.without.length - 1] = { fromMs: last.fromMs, toMs: this.at };
    else if (!this.hasIce && !open) this.without.push({ fromMs: this.at, toMs: null });
  }

  /** What is done to it now. */
  happen(h: Happening): void {
    this.rateK = null;
    if (h.found) {
      this.opened();
      this.correct(h.found);
    }
    if (h.comes) {
      this.fish.enter(h.comes);
      this.youngMs = this.at + YOUNG_MS;
      this.opened();
    }
    if (h.goes !== null) {
      this.fish.leave(h.goes);
      this.opened();
    }
    const e = h.event;
    if (!e) return;
    if (e.kind === 'drained') return this.drain();
    if (e.kind === 'ice') {
      this.put(e.kg, -e.kg * ICE.fusionJ);
      this.iceAdded += e.kg;
      this.mostKg = Math.max(this.mostKg, this.pool.iceKg);
    } else if (e.kind === 'water') {
      const j = e.kg * ICE.waterJ * (e.c - this.input.meltC);
      this.put(e.kg, j);
      this.otherJ += j;
    }
    this.opened();
  }

  /** Air comes in under the lid. */
  private opened(): void {
    const { input, pool } = this;
    const j = openingJ(input.litres, airAt(input, this.at), this.forEver ? input.meltC : pool.c);
    pool.j += j;
    this.ledger.openingsJ += j;
    this.otherJ += j;
  }

  private drain(): void {
    const kg = this.pool.kg - this.pool.iceKg;
    const j = kg * ICE.waterJ * (this.pool.c - this.input.meltC);
    this.pool.kg -= kg;
    this.pool.j -= j;
    this.ledger.drainedKg += kg;
    this.ledger.drainedJ += j;
  }

  private put(kg: number, j: number): void {
    this.pool.kg += kg;
    this.pool.j += j;
    this.ledger.addedKg += kg;
    this.ledger.addedJ += j;
  }

  /** What somebody saw, weighed or read is so from now on. */
  private correct(f: IceFinding): void {
    if (this.forEver || f.kind === 'poured') return;
    const { pool } = this;
    const [reckonedKg, reckonedC, j, kg] = [pool.iceKg, pool.c, pool.j, pool.kg];
    if (f.kind === 'read') {
      if (f.overK > ICE_BELOW_K) pool.warm(this.input.meltC + f.overK);
      else if (reckonedKg === 0) pool.setIce(LUMP_KG);
    } else {
      const [least, most] = f.kind === 'weighed' ? [f.kg, f.kg] : shareSeen(f.word).map((s) => s * this.mostKg);
      pool.setIce(Math.min(Math.max(reckonedKg, least!), most!));
    }
    this.ledger.correctedJ += pool.j - j;
    this.ledger.correctedKg += pool.kg - kg;
    this.corrected.push({ atMs: f.atMs, kind: f.kind, reckonedKg, isKg: pool.iceKg, reckonedC, isC: pool.c });
  }

  /** Lets time pass up to an instant, epoch ms, or less far where it has to be looked at more closely. */
  step(untilMs: number): void {
    const seconds = Math.min(this.longestS(), (untilMs - this.at) / 1000);
    if (this.hasIce) this.onIce(seconds);
    else this.warmOn(seconds);
    this.sample();
  }

  private longestS(): number {
    if (!this.hasIce) {
      const goneMs = this.without.at(-1)?.fromMs ?? this.at;
      return this.at < Math.max(this.youngMs, goneMs + WARMING_MS) ? WARM_S : WARMED_S;
    }
    const most = this.at < this.youngMs ? EARLY_S : LATER_S;
    // As long as the ice surely lasts.
    const ends = !this.forEver && this.pool.iceKg > 0 && this.power > 0;
    return ends ? Math.min(most, Math.max(TO_THE_END_S, -this.pool.j / this.power)) : most;
  }

  private take(seconds: number, walls: number, fishJ: number, overC: number): void {
    this.pool.j += walls + fishJ;
    this.power = (walls + fishJ) / seconds;
    this.ledger.wallsJ += walls;
    this.ledger.fishJ += fishJ;
    this.otherJ += fishJ;
    this.degreeS += overC * seconds;
    this.at += seconds * 1000;
  }

  /** With ice the medium stands; a step in which the ice ends is made shorter until hardly anything is left over. */
  private onIce(seconds: number): void {
    const { meltC, uaWK } = this.input;
    const { pool } = this;
    const airC = airAt(this.input, this.at);
    const walls = uaWK * (airC - meltC) * seconds;
    // The most that the skins can give: where the ice is more than that, nothing is to be taken back.
    const most = walls + this.fish.skins({ c: meltC, hasIce: true, covered: false }).most * seconds;
    const back = !this.forEver && most > -pool.j ? this.fish.save() : null;
    const fishJ = this.fish.march({ c: meltC, hasIce: true, covered: this.covered }, seconds);
    if (back && pool.j + walls + fishJ > LEFT_OVER_K * pool.heatJK && seconds > SHORTEST_S) {
      back();
      return this.onIce(seconds / 2);
    }
    this.take(seconds, walls, fishJ, airC - meltC);
    this.rateK = null;
  }

  /** Without ice the medium warms with its walls and with the fish. */
  private warmOn(seconds: number): void {
    const airC = airAt(this.input, this.at);
    const fromC = this.pool.c;
    const { uaWK } = this.input;
    const warming = { fromC, capJK: this.pool.heatJK, uaWK, airC, seconds, covered: this.covered, rateK: this.rateK };
    const { walls, fishJ, meanC } = warmMedium(this.fish, warming);
    this.take(seconds, walls, fishJ, airC - meanC);
    this.rateK = (this.pool.c - fromC) / seconds;
  }

  /** All that was noted of it. */
  course(): BoxCourse {
    const { startJ, startKg, samples, without, corrected } = this;
    const last = without.at(-1);
    return {
      samples,
      without,
      goneMs: last && last.toMs === null ? last.fromMs : null,
      corrected,
      ledger: { ...this.ledger, startJ, startKg, endJ: this.pool.j, endKg: this.pool.kg },
    };
  }
}
