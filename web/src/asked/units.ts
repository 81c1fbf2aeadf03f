import * as core from '@dagboek/core/units';
import type { Amount, AmountKind, Units } from '@dagboek/core/units';

const KEY = 'dagboek.units';

function keptUnits(): Units {
  try {
    return core.readUnits(JSON.parse(globalThis.localStorage.getItem(KEY) ?? 'null'));
  } catch {
    return core.METRIC;
  }
}

/** The units of this device. They hold from one opening of the page to the next, so that no two numbers on a screen differ in them. */
export const units: Units = keptUnits();

/** Chooses units for this device, and opens the page anew with them. */
export function chooseUnits(chosen: Units): void {
  localStorage.setItem(KEY, JSON.stringify(chosen));
  location.reload();
}

export const LENGTH_UNIT = core.lengthUnit(units);
export const HEAVY_UNIT = core.heavyUnit(units);
/** From mm and g as they are shown: see core/units for each of these. */
export const shortLength = (mm: number): string => core.shortLength(mm, units);
export const sayBy = (mm: number): string => core.sayBy(mm, units);
export const lengthShown = (mm: number): string => core.lengthShown(mm, units);
export const sayLength = (mm: number): string => core.sayLength(mm, units);
export const sayThickness = (mm: number): string => core.sayThickness(mm, units);
export const sayShortLength = (mm: number): string => core.sayShortLength(mm, units);
export const massParts = (g: number): [string, string] => core.massParts(g, units);
export const sayMass = (g: number): string => core.sayMass(g, units);
export const sayGrams = (g: number): string => core.sayGrams(g, units);
export const sayGramsRange = (low: number, high: number): string => core.sayGramsRange(low, high, units);
/** "650 g, of which about 560 g meat": where a pack holds bone and skin both are named; else its mass alone. */
export const sayOfMeat = (massG: number, meatG: number): string =>
  meatG <= 0 || meatG > massG * 0.97
    ? sayMass(massG)
    : `${sayMass(massG)}, of which about ${sayMass(Math.round(meatG / 10) * 10)} meat`;
export const sayDepth = (m: number): string => core.sayDepth(m, units);
export const sayDepths = (low: number, high: number): string => core.sayDepths(low, high, units);
export const heavyNumber = (kg: number): string => core.heavyNumber(kg, units);
export const sayHeavy = (kg: number): string => core.sayHeavy(kg, units);
export const sayTemperature = (c: number): string => core.sayTemperature(c, units);
export const sayTemperatureDifference = (k: number): string => core.sayTemperatureDifference(k, units);
export const sayVolume = (l: number): string => core.sayVolume(l, units);
export const sayDistance = (km: number): string => core.sayDistance(km, units);
export const sayTime = (hhmm: string): string => core.sayTime(hhmm, units);

/** A sentence with temperatures in it, in the degrees of this device. */
export const degrees = (text: string): string => core.sayDegrees(text, units);

/** The unit that stands behind a field of this kind. */
export const fieldUnit = (kind: AmountKind): string => core.fieldUnit(kind, units);
/** Which keys a phone shows for it: letters for "2 lb 14". */
export const amountKeys = (kind: AmountKind): 'decimal' | 'text' => (fieldUnit(kind) === 'oz' ? 'text' : 'decimal');
/** A kept amount as the number that stands in a field. */
export const inField = (kind: AmountKind, kept: number): string => core.writeAmount(kind, kept, units);

/**
 * What was typed into a field of this kind: null when nothing, `value` NaN when it is none. `given`: the amount that stood
 * in the field before; left as it stood it stays as exact as it was.
 */
export const typedAmount = (kind: AmountKind, text: string, given?: number): Amount | null =>
  given !== undefined && text.trim() === inField(kind, given)
    ? { value: given, typed: null, named: false }
    : core.readAmount(kind, text, units);

/** `typed` of an entry's facts, by the name of each amount; nothing where all stand in the units that are kept. */
export function asTyped(read: Readonly<Record<string, Amount | null>>): { typed?: Record<string, string> } {
  const typed = Object.entries(read).flatMap(([name, a]) => (a?.typed ? [[name, a.typed] as const] : []));
  return typed.length > 0 ? { typed: Object.fromEntries(typed) } : {};
}

const EXAMPLES: Readonly<Record<AmountKind, string>> = {
  length: units.length === 'in' ? '17 1/4' : '43.5',
  mass: units.mass === 'lb' ? '2 lb 14 oz, or 46' : '790, or 1.2 kg',
  heavy: '8',
  temperature: units.temperature === 'F' ? '54' : '12.5',
  volume: units.volume === 'gal' ? '14' : '52',
  depth: units.length === 'in' ? '80' : '24',
};

/** Why a typed text is no amount, in a sentence; null when it is one, or nothing was typed. `what`: of what. */
export const amountTrouble = (kind: AmountKind, text: string, what: string): string | null =>
  Number.isNaN(typedAmount(kind, text)?.value)
    ? `“${text.trim()}” cannot be read: ${what} was not saved. Write it like ${EXAMPLES[kind]}.`
    : null;

const SAY: Readonly<Record<AmountKind, (kept: number) => string>> = {
  length: sayLength,
  mass: sayMass,
  heavy: sayHeavy,
  temperature: sayTemperature,
  volume: sayVolume,
  depth: sayDepth,
};

/** What an amount typed with a unit of its own comes to in the units of this device; null where none was named. */
export function sayNamed(kind: AmountKind, text: string): string | null {
  const read = typedAmount(kind, text);
  return read?.named && Number.isFinite(read.value) ? SAY[kind](read.value) : null;
}
