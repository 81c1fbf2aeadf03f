import { SALT_D } from './salt-in.ts';
import { normalCdf, normalQuantile } from '../stats/index.ts';
/** How fast acid goes into flesh, m2/s: citric acid, about two thirds of its way through water (6.6e-10 at 20 degC). */
const ACID_D = 4.5e-10;
/** Flesh turns white where the acid has come to so much of what it lies in: juice of pH 2.3 comes to near 4.8. */
const WHITE_AT = 0.07;

/** Complementary error function, from the normal distribution: erfc(x) = 2 Φ(-x√2). `erfc(1)` is 0.1573. */
export const erfc = (x: number): number => 2 * normalCdf(-x * Math.SQRT2);

/** Its inverse, 0 < y < 2. */
const inverseErfc = (y: number): number => -normalQuantile(y / 2) / Math.SQRT2;

const FRONT = inverseErfc(WHITE_AT);

/**
 * How deep the white has gone from each face after so many minutes in citrus, mm: the depth where the acid that goes in by diffusion (half
 * space, exact) has come to what sets the flesh. It kills no worms. RangeError for a time below nought.
 */
export function whiteFrontMm(minutes: number): number {
  if (!(minutes >= 0)) throw new RangeError('minutes are 0 or more');
  return 2 * FRONT * Math.sqrt(ACID_D * minutes * 60) * 1000;
}

/** How long until a piece of so many mm is white through, minutes; both faces lie in it. */
export const whiteThroughMin = (thicknessMm: number): number => (thicknessMm / 2 / whiteFrontMm(1)) ** 2;

/** In the middle of a die acid comes from three pairs of faces: each has to bring so much of what sets it. */
const WHITE_AT_OF_DIE = (1 - Math.cbrt(1 - WHITE_AT)) / 2;
const FRONT_OF_DIE = inverseErfc(WHITE_AT_OF_DIE);
/** What was set through so many times as long is chalky and tough. Our own assumption. */
const TOUGH_AFTER = 3;

/**
 * How long until a die of so many mm is white through in citrus, and from when on it turns tough, minutes. Acid comes from all six faces, so
 * that a die is through in half the time of a slice as thick. Dice of 10 mm: through after 73, tough from 220 on. It kills no worms.
 */
export function diceInCitrus(mm: number): { readonly throughMin: number; readonly toughMin: number } {
  if (!(mm > 0)) throw new RangeError('dice have a size above 0');
  const throughMin = whiteThroughMin(mm) * (FRONT / FRONT_OF_DIE) ** 2;
  return { throughMin, toughMin: throughMin * TOUGH_AFTER };
}

/** Salt on a fish: what it draws, and how long. */
export interface SaltCure {
  readonly saltG: number;
  /** Hours in the fridge; dry salt goes in by its square of thickness. */
  readonly hours: number;
  /** Of the fish it then is, percent. */
  readonly percent: number;
}

/** Dry salt by share of the mass: what lies on it is what it takes up in the end. Hours until its middle has nine tenths of that. */
export function saltCure(massG: number, thicknessMm: number, percent: number): SaltCure {
  if (!(massG > 0) || !(thicknessMm > 0) || !(percent > 0 && percent <= 30))
    throw new RangeError('a cure has a mass, a thickness and 0 to 30 percent of salt');
  const half = thicknessMm / 2000;
  // A slab from both faces: 1 - 4/pi exp(-pi2 D t / 4 R2) = 0.9.
  const seconds = (Math.log(4 / Math.PI / 0.1) * 4 * half ** 2) / (Math.PI ** 2 * SALT_D);
  return { saltG: (massG * percent) / 100, hours: seconds / 3600, percent };
}

/** No cure lies longer in a fridge than this at home, h: it is raw fish, and weak salt keeps nothing. Source: US FDA cold storage chart. */
export const CURE_MOST_H = 48;
/** From so much salt in its water on, percent, it counts for something against what grows. Source: US FDA Hazards Guide, ch. 13. */
const KEEPS_FROM_WPS = 3.5;

/** What forbids a cure, or is to be minded, in sentences; `stop`: it is not done so. */
export function cureTroubles(
  cure: SaltCure,
  thicknessMm: number,
): { readonly stop: readonly string[]; readonly mind: readonly string[] } {
  const wps = (100 * cure.percent) / (cure.percent + 100 * WATER_SHARE);
  const thinMm = Math.floor(thicknessMm * Math.sqrt(CURE_MOST_H / cure.hours));
  return {
    stop:
      cure.hours > CURE_MOST_H
        ? [
            `Too thick: the salt needs ${Math.round(cure.hours)} h to reach the middle. Raw fish may cure at most ${CURE_MOST_H} h in the fridge. Slice it to ${thinMm} mm or thinner.`,
          ]
        : [],
    mind:
      wps < KEEPS_FROM_WPS
        ? [
            `So little salt keeps nothing: it comes to ${wps.toFixed(1)} % of its water, and below ${KEEPS_FROM_WPS} it is fish like any other. Eat it within two days of catch or thaw.`,
          ]
        : [],
  };
}

/** Flesh is so much water, by mass. */
const WATER_SHARE = 0.78;

/**
 * Salt for a brine in which fish comes to `percent` of salt when both are even: g for each of so many litres. The brine's water and the
 * fish's share it.
 */
export function brineSaltG(litres: number, fishG: number, percent: number): number {
  if (!(litres > 0) || !(fishG >= 0) || !(percent > 0 && percent <= 20))
    throw new RangeError('a brine has litres, a fish and 0 to 20 percent of salt');
  const water = litres * 1000 + fishG * WATER_SHARE;
  return (percent / 100) * (water / (1 - percent / 100));
}

/** Salt for a liquid of so many litres at a strength in percent of the whole, g. */
export const saltFor = (litres: number, percent: number): number => (litres * 1000 * percent) / (100 - percent);
