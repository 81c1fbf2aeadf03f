import { sayInches } from './say-inches.ts';
import {
  fahrenheit,
  G_PER_OUNCE,
  G_PER_POUND,
  KM_PER_NAUTICAL_MILE,
  LITRES_PER_GALLON,
  METRIC,
  MM_PER_INCH,
  M_PER_FOOT,
  type Units,
} from './units.ts';

/** Up to so many decimals, without idle zeros. */
const upTo = (n: number, decimals: number): string => String(Number(n.toFixed(decimals)));

/** "cm" or "in". */
export const lengthUnit = (u: Units = METRIC): string => (u.length === 'in' ? 'in' : 'cm');

/** A length in mm as a number for columns: "44.0" cm, "17.32" in. A hundredth of an inch is a quarter of a millimetre, so that what was typed comes back. */
export const lengthNumber = (mm: number, u: Units = METRIC): string =>
  u.length === 'in' ? (mm / MM_PER_INCH).toFixed(2) : (mm / 10).toFixed(1);

/** A length in mm as a number for sentences, without idle zeros: "44", "43.9"; inches as `sayInches` has them. */
export const shortLength = (mm: number, u: Units = METRIC): string =>
  u.length === 'in' ? sayInches(mm) : upTo(Math.round(mm) / 10, 1);

/** How far apart two lengths are, for "… over 38" and "… under 38": "2.4", "0.39"; less than the unit shows is "a hair". `mm` 0 or more. */
export function sayBy(mm: number, u: Units = METRIC): string {
  const by = shortLength(mm, u);
  return by === '0' ? 'a hair' : by;
}

/** A length in mm as it is shown before its unit: "44.0" cm, "17 1/4" in. */
export const lengthShown = (mm: number, u: Units = METRIC): string =>
  u.length === 'in' ? sayInches(mm) : lengthNumber(mm, u);

/** "44.0 cm", "17 1/4 in" from mm. */
export const sayLength = (mm: number, u: Units = METRIC): string => `${lengthShown(mm, u)} ${lengthUnit(u)}`;

/** "44 cm", "17 1/4 in", "3 ft 2 in" from mm, without idle zeros. */
export const sayShortLength = (mm: number, u: Units = METRIC): string => `${shortLength(mm, u)} ${lengthUnit(u)}`;

/** How thick a piece of fish is, from mm: "24 mm", "0.94 in". */
export const sayThickness = (mm: number, u: Units = METRIC): string =>
  u.length === 'in' ? `${sayInches(mm)} in` : `${upTo(mm, 1)} mm`;

/** A small difference of lengths: "6 mm", "0.24 in"; rounded up, so that it is enough. */
export const sayDifference = (mm: number, u: Units = METRIC): string =>
  u.length === 'in'
    ? `${(Math.ceil((mm / MM_PER_INCH) * 100 - 1e-9) / 100).toFixed(2)} in`
    : `${(Math.ceil(mm - 1e-9) / 10).toFixed(1)} cm`;

/**
 * A mass in g as number and unit: "1.31" kg, "790" g; "12.4" oz below a pound, "2 lb 14.2" oz, from ten pounds on
 * "12 lb 4" oz.
 */
export function massParts(g: number, u: Units = METRIC): [string, string] {
  if (u.mass === 'kg') return g >= 1000 ? [(g / 1000).toFixed(2), 'kg'] : [String(Math.round(g)), 'g'];
  const sign = g < 0 ? '−' : '';
  const step = Math.abs(g) >= 10 * G_PER_POUND ? 1 : 0.1;
  // Rounded before it is split, so that there are never sixteen ounces.
  const ounces = Math.round(Math.abs(g) / G_PER_OUNCE / step) * step;
  const pounds = Math.floor((ounces + 1e-9) / 16);
  const rest = upTo(Math.abs(ounces - pounds * 16), 1);
  if (pounds === 0) return [`${sign}${rest}`, 'oz'];
  return rest === '0' ? [`${sign}${pounds}`, 'lb'] : [`${sign}${pounds} lb ${rest}`, 'oz'];
}

/** "1.31 kg", "790 g", "2 lb 14.2 oz" from g. */
export const sayMass = (g: number, u: Units = METRIC): string => massParts(g, u).join(' ');

/** A mass from a kitchen scale: "1240 g" to the gram whatever its size, or pounds and ounces. */
export const sayGrams = (g: number, u: Units = METRIC): string =>
  u.mass === 'kg' ? `${Math.round(g)} g` : sayMass(g, u);

/** Two masses from a kitchen scale: "400 to 520 g", "14.1 oz to 1 lb 2.3 oz". */
export const sayGramsRange = (low: number, high: number, u: Units = METRIC): string =>
  `${u.mass === 'kg' ? Math.round(low) : sayMass(low, u)} to ${sayGrams(high, u)}`;

/** Water so deep, m, as a whole number of m or ft. */
const depthNumber = (m: number, u: Units): string => String(Math.round(u.length === 'in' ? m / M_PER_FOOT : m));
const depthUnit = (u: Units): string => (u.length === 'in' ? 'ft' : 'm');

/** A depth of water in m: "24 m", "79 ft". */
export const sayDepth = (m: number, u: Units = METRIC): string => `${depthNumber(m, u)} ${depthUnit(u)}`;

/** A height of the tide in m: "3.9 m", "12.8 ft". */
export const sayTideHeight = (m: number, u: Units = METRIC): string =>
  `${(u.length === 'in' ? m / M_PER_FOOT : m).toFixed(1).replace('-', '−')} ${depthUnit(u)}`;

/** Two depths of water in m: "5 to 40 m", "16 to 131 ft". */
export const sayDepths = (low: number, high: number, u: Units = METRIC): string =>
  `${depthNumber(low, u)} to ${sayDepth(high, u)}`;

/** "kg" or "lb": of what is counted in them, as ice and a day's catch. */
export const heavyUnit = (u: Units = METRIC): string => (u.mass === 'lb' ? 'lb' : 'kg');

/** Kilograms as a number of `heavyUnit`, to a tenth without idle zeros: "8", "17.6". */
export const heavyNumber = (kg: number, u: Units = METRIC): string =>
  upTo(u.mass === 'lb' ? (kg * 1000) / G_PER_POUND : kg, u.mass === 'lb' ? 1 : 2);

/** "8 kg", "17.6 lb" from kg. */
export const sayHeavy = (kg: number, u: Units = METRIC): string => `${heavyNumber(kg, u)} ${heavyUnit(u)}`;

/** "°C" or "°F". */
export const temperatureUnit = (u: Units = METRIC): string => (u.temperature === 'F' ? '°F' : '°C');

/** "12.5°", "54.5°F" from °C; a true minus. Fahrenheit is named each time, since a figure of it can be taken for the other. */
export function sayTemperature(c: number, u: Units = METRIC): string {
  const n = u.temperature === 'F' ? fahrenheit(c) : c;
  return `${upTo(n, 1).replace('-', '−')}°${u.temperature === 'F' ? 'F' : ''}`;
}

/** "52 l", "13.7 gal" from litres. */
export const sayVolume = (litres: number, u: Units = METRIC): string =>
  u.volume === 'gal' ? `${upTo(litres / LITRES_PER_GALLON, 1)} gal` : `${upTo(litres, 1)} l`;

/** "2 km", "1.1 nm" from km. */
export const sayDistance = (km: number, u: Units = METRIC): string =>
  u.distance === 'nm' ? `${upTo(km / KM_PER_NAUTICAL_MILE, 1)} nm` : `${upTo(km, 1)} km`;

/** A time of day HH:MM as it is read: "14:20", "2:20 pm". */
export function sayTime(hhmm: string, u: Units = METRIC): string {
  if (u.clock === '24') return hhmm;
  const h = Number(hhmm.slice(0, 2));
  return `${h % 12 === 0 ? 12 : h % 12}:${hhmm.slice(3, 5)} ${h < 12 ? 'am' : 'pm'}`;
}

/** A difference of temperatures in °C, which has no zero to be moved: "3°", "5.4°F". */
export const sayTemperatureDifference = (c: number, u: Units = METRIC): string =>
  u.temperature === 'F' ? `${upTo((c * 9) / 5, 1)}°F` : `${upTo(c, 1)}°`;

const DEGREES = /([−-]?\d+(?:\.\d+)?)( to |–)?([−-]?\d+(?:\.\d+)?)?°(?!F)C?/g;

/**
 * A sentence written with temperatures in degrees Celsius ("40 to 45°", "−20°"), for whoever reads Fahrenheit: each is
 * another number then, to a whole degree, and is named. Differences of temperature are not to be given to it.
 */
export function sayDegrees(text: string, u: Units = METRIC): string {
  if (u.temperature !== 'F') return text;
  const f = (n: string): string => String(Math.round(fahrenheit(Number(n.replace('−', '-'))))).replace('-', '−');
  return text.replace(DEGREES, (whole, a: string, to: string | undefined, b: string | undefined) => {
    if (to && b) return `${f(a)}${to}${f(b)}°F`;
    return to || b ? whole : `${f(a)}°F`;
  });
}
