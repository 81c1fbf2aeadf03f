import {
  celsius,
  fahrenheit,
  G_PER_OUNCE,
  G_PER_POUND,
  LITRES_PER_GALLON,
  M_PER_FOOT,
  METRIC,
  MM_PER_INCH,
  type Units,
} from './units.ts';

/** What is typed with a unit. `heavy`: a mass that is counted in kilograms or pounds, as ice; `depth`: of water. */
export type AmountKind = 'length' | 'mass' | 'heavy' | 'temperature' | 'volume' | 'depth';

/** An amount out of a typed text. */
export interface Amount {
  /** In the unit that is kept: mm, g, kg (`heavy`), °C, litres, m (`depth`). */
  readonly value: number;
  /** As it was typed, with its unit, when that is another than cm, g, kg, °C, l or m: "17.25 in". */
  readonly typed: string | null;
  /** Whether a unit was written behind it, other than the one the field stands in. */
  readonly named: boolean;
}

interface UnitOf {
  readonly words: readonly string[];
  readonly name: string;
  readonly toKept: (n: number) => number;
  readonly fromKept: (n: number) => number;
  /** A smaller unit that may follow: 2 lb 14 oz. */
  readonly then?: string;
}

const times = (factor: number): Pick<UnitOf, 'toKept' | 'fromKept'> => ({
  toKept: (n) => n * factor,
  fromKept: (n) => n / factor,
});
const OUNCE = { words: ['oz', 'ounce', 'ounces'], name: 'oz' };
const POUND = { words: ['lb', 'lbs', 'pound', 'pounds'], name: 'lb', then: 'oz' };

/** Units of each kind. The first is the one in which it is kept written. */
const UNITS: Readonly<Record<AmountKind, readonly UnitOf[]>> = {
  length: [
    { words: ['cm', 'centimetre', 'centimetres'], name: 'cm', ...times(10) },
    { words: ['mm'], name: 'mm', ...times(1) },
    { words: ['m'], name: 'm', ...times(1000) },
    { words: ['in', 'inch', 'inches', '"', '″', '”'], name: 'in', ...times(MM_PER_INCH) },
    { words: ['ft', 'foot', 'feet', "'", '′'], name: 'ft', then: 'in', ...times(12 * MM_PER_INCH) },
  ],
  mass: [
    { words: ['g', 'gram', 'grams'], name: 'g', ...times(1) },
    { words: ['kg', 'kilo', 'kilos'], name: 'kg', ...times(1000) },
    { ...OUNCE, ...times(G_PER_OUNCE) },
    { ...POUND, ...times(G_PER_POUND) },
  ],
  heavy: [
    { words: ['kg', 'kilo', 'kilos'], name: 'kg', ...times(1) },
    { words: ['g', 'gram', 'grams'], name: 'g', ...times(1 / 1000) },
    { ...OUNCE, ...times(G_PER_OUNCE / 1000) },
    { ...POUND, ...times(G_PER_POUND / 1000) },
  ],
  temperature: [
    { words: ['c', '°c', '°'], name: '°C', toKept: (n) => n, fromKept: (n) => n },
    { words: ['f', '°f'], name: '°F', toKept: celsius, fromKept: fahrenheit },
  ],
  volume: [
    { words: ['l', 'litre', 'litres', 'liter', 'liters'], name: 'l', ...times(1) },
    { words: ['gal', 'gallon', 'gallons'], name: 'gal', ...times(LITRES_PER_GALLON) },
  ],
  depth: [
    { words: ['m', 'metre', 'metres'], name: 'm', ...times(1) },
    { words: ['ft', 'foot', 'feet', "'", '′'], name: 'ft', ...times(M_PER_FOOT) },
    { words: ['fathom', 'fathoms', 'fm'], name: 'fathom', ...times(6 * M_PER_FOOT) },
  ],
};

/** Unit of a bare number in a field, by what is chosen. */
const BARE: Readonly<Record<AmountKind, (u: Units) => string>> = {
  length: (u) => u.length,
  mass: (u) => (u.mass === 'lb' ? 'oz' : 'g'),
  heavy: (u) => u.mass,
  temperature: (u) => `°${u.temperature}`,
  volume: (u) => u.volume,
  depth: (u) => (u.length === 'in' ? 'ft' : 'm'),
};

/** Decimals in which a kept amount is shown in a field. */
const DECIMALS: Readonly<Record<string, number>> = {
  cm: 2,
  in: 2,
  g: 1,
  oz: 1,
  kg: 3,
  lb: 2,
  '°C': 1,
  '°F': 1,
  l: 1,
  gal: 1,
  m: 1,
  ft: 0,
};

/** "cm", "oz": the unit that stands behind a field of this kind. */
export const fieldUnit = (kind: AmountKind, u: Units = METRIC): string => BARE[kind](u);

const NUMBER = String.raw`-?(?:\d+[ -]\d+\/\d+|\d+\/\d+|\d*[.,]?\d+[¼½¾⅛⅜⅝⅞]?|[¼½¾⅛⅜⅝⅞])`;
const FRACTIONS: Readonly<Record<string, number>> = {
  '¼': 0.25,
  '½': 0.5,
  '¾': 0.75,
  '⅛': 0.125,
  '⅜': 0.375,
  '⅝': 0.625,
  '⅞': 0.875,
};
const ONE = new RegExp(String.raw`^(${NUMBER})\s*([^\d\s.,/¼½¾⅛⅜⅝⅞-]*)$`);
const TWO = new RegExp(String.raw`^(${NUMBER})\s*([^\d\s.,/¼½¾⅛⅜⅝⅞-]+)[\s,]*(${NUMBER})\s*([^\d\s.,/¼½¾⅛⅜⅝⅞-]*)$`);

/** "17", "17.25", "17,25", "17 1/4", "17¼", "1/2" as a number. */
function number(text: string): number {
  const sign = text.startsWith('-') ? -1 : 1;
  const t = text.replace(/^-/, '');
  const vulgar = FRACTIONS[t.slice(-1)];
  if (vulgar !== undefined) return sign * (Number(t.slice(0, -1).replace(',', '.') || 0) + vulgar);
  const m = /^(?:(\d+)[ -])?(\d+)\/(\d+)$/.exec(t);
  if (m) return sign * (Number(m[1] ?? 0) + Number(m[2]) / Number(m[3]));
  return sign * Number(t.replace(',', '.'));
}

const unitCalled = (kind: AmountKind, word: string): UnitOf | undefined =>
  UNITS[kind].find((x) => x.words.includes(word) || x.name === word);

/**
 * An amount out of what a person types: null when nothing was typed, `value` NaN when it is none. A bare number stands in
 * the unit of the field; any other may be written behind it ("17 1/4 in", "2 lb 14 oz", "440 mm", "54 F"), whatever is
 * chosen. Decimal comma or point, fractions too.
 */
export function readAmount(kind: AmountKind, text: string, units: Units = METRIC): Amount | null {
  const t = text.trim().toLowerCase().replace('−', '-');
  if (t === '') return null;
  const none: Amount = { value: Number.NaN, typed: null, named: false };
  const bare = BARE[kind](units).toLowerCase();
  const one = ONE.exec(t);
  const two = one ? null : TWO.exec(t);
  const m = one ?? two;
  const unit = m && unitCalled(kind, m[2] || bare);
  if (!m || !unit) return none;
  let kept = unit.toKept(number(m[1] ?? ''));
  let said = `${plain(number(m[1] ?? ''))} ${unit.name}`;
  if (two) {
    const small = unit.then === undefined ? undefined : unitCalled(kind, unit.then);
    if (!small || (two[4] && !small.words.includes(two[4]))) return none;
    const n = number(two[3] ?? '');
    kept += small.toKept(n) * (kept < 0 ? -1 : 1);
    said += ` ${plain(n)} ${small.name}`;
  }
  // Long division of an inch says nothing more: a hundredth of a mm, of a g, of a degree.
  const value = Math.round(kept * 100) / 100;
  if (!Number.isFinite(value)) return none;
  const [own] = UNITS[kind];
  return {
    value,
    typed: unit.name === own?.name ? null : said,
    named: m[2] !== '' && unit.name !== unitCalled(kind, bare)?.name,
  };
}

const plain = (n: number): string => String(Math.round(n * 1000) / 1000);

/** A kept amount as the number that stands in a field: mm 440 as "44" cm or "17.32" in. */
export function writeAmount(kind: AmountKind, kept: number, units: Units = METRIC): string {
  const name = BARE[kind](units);
  const unit = unitCalled(kind, name.toLowerCase()) ?? unitCalled(kind, name);
  if (!unit) throw new RangeError(`writeAmount: no unit ${name}`);
  return String(Number(unit.fromKept(kept).toFixed(DECIMALS[name] ?? 2)));
}

/** Units that read as each other's multiples: what was typed in kg needs no second reading by one who reads g. */
const FAMILIES: readonly (readonly string[])[] = [
  ['mm', 'cm', 'm'],
  ['in', 'ft', 'fathom'],
  ['g', 'kg'],
  ['oz', 'lb'],
];

/** How an amount was typed, where that was in another kind of unit than the one in which it is read; else null. */
export function typedElsewhere(kind: AmountKind, typed: string | undefined, units: Units = METRIC): string | null {
  if (!typed) return null;
  const own = BARE[kind](units);
  const read = FAMILIES.find((f) => f.includes(own)) ?? [own];
  return typed.split(' ').some((word) => read.includes(word)) ? null : typed;
}
