/** The units in which a person reads and types. What is kept stands in the core's own units (mm, g, °C, litres) whatever is chosen. */
export interface Units {
  readonly length: 'cm' | 'in';
  /** `lb`: pounds and ounces. */
  readonly mass: 'kg' | 'lb';
  readonly temperature: 'C' | 'F';
  /** `nm`: nautical miles. */
  readonly distance: 'km' | 'nm';
  /** `gal`: US gallons. */
  readonly volume: 'l' | 'gal';
  /** Hours of the day. */
  readonly clock: '24' | '12';
}

/** As a book is read until somebody chooses otherwise. */
export const METRIC: Units = { length: 'cm', mass: 'kg', temperature: 'C', distance: 'km', volume: 'l', clock: '24' };

/** Inches, pounds, Fahrenheit, nautical miles, gallons and the clock of twelve hours. */
export const CUSTOMARY: Units = {
  length: 'in',
  mass: 'lb',
  temperature: 'F',
  distance: 'nm',
  volume: 'gal',
  clock: '12',
};

/** What can be chosen of each, with its name; the first is the usual one. */
export const UNIT_CHOICES: {
  readonly [K in keyof Units]: { readonly label: string; readonly options: readonly (readonly [Units[K], string])[] };
} = {
  length: {
    label: 'Lengths',
    options: [
      ['cm', 'centimetres'],
      ['in', 'inches'],
    ],
  },
  mass: {
    label: 'Weights',
    options: [
      ['kg', 'grams and kilograms'],
      ['lb', 'pounds and ounces'],
    ],
  },
  temperature: {
    label: 'Temperatures',
    options: [
      ['C', 'Celsius'],
      ['F', 'Fahrenheit'],
    ],
  },
  distance: {
    label: 'Distances',
    options: [
      ['km', 'kilometres'],
      ['nm', 'nautical miles'],
    ],
  },
  volume: {
    label: 'Volumes',
    options: [
      ['l', 'litres'],
      ['gal', 'US gallons'],
    ],
  },
  clock: {
    label: 'Clock',
    options: [
      ['24', '24 hours'],
      ['12', '12 hours, am and pm'],
    ],
  },
};

/** Units out of what was kept somewhere (any JSON value): what is missing or unknown is as usual. */
export function readUnits(kept: unknown): Units {
  const of = (typeof kept === 'object' && kept !== null ? kept : {}) as Readonly<Record<string, unknown>>;
  const known = Object.entries(UNIT_CHOICES).map(([k, { options }]) => {
    const chosen = options.find(([value]) => value === of[k]) ?? options[0];
    return [k, chosen?.[0]];
  });
  return Object.fromEntries(known) as unknown as Units;
}

/** Exact by definition: the international inch, the avoirdupois pound, the US liquid gallon, the nautical mile. */
export const MM_PER_INCH = 25.4;
export const M_PER_FOOT = (12 * MM_PER_INCH) / 1000;
export const G_PER_POUND = 453.592_37;
export const G_PER_OUNCE = G_PER_POUND / 16;
export const LITRES_PER_GALLON = 3.785_411_784;
export const KM_PER_NAUTICAL_MILE = 1.852;
/** degC as degF: 63 is 145.4. */
export const fahrenheit = (c: number): number => (c * 9) / 5 + 32;
/** degF as degC: 145.4 is 63. */
export const celsius = (f: number): number => ((f - 32) * 5) / 9;
