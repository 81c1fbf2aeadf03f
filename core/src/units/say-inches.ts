import { MM_PER_INCH } from './units.ts';

const QUARTER_MM = MM_PER_INCH / 4;
const FRACTIONS = ['', '1/4', '1/2', '3/4'] as const;
/** Longer lengths are said in feet and inches, in. */
const LONGEST_IN_INCHES = 36;

/**
 * A length in mm as people say inches: "17 1/4" where it was set to a quarter, "17.32" where it was not, "3 ft 2 1/2" over 36 inches;
 * the unit "in" follows. A whole number of mm may be a quarter that was rounded to it, and is taken for one up to half a mm away.
 */
export function sayInches(mm: number): string {
  const quarters = Math.round(mm / QUARTER_MM);
  const isQuarter = Math.abs(quarters * QUARTER_MM - mm) <= (Number.isInteger(mm) ? 0.5 : 0.05);
  const inches = isQuarter ? quarters / 4 : Number((mm / MM_PER_INCH).toFixed(2));
  const feet = inches > LONGEST_IN_INCHES ? Math.floor(inches / 12) : 0;
  const rest = inches - feet * 12;
  const whole = Math.floor(rest);
  const fraction = FRACTIONS[quarters % 4] ?? '';
  const said = isQuarter
    ? [whole > 0 || fraction === '' ? String(whole) : '', fraction].filter(Boolean).join(' ')
    : String(Number(rest.toFixed(2)));
  return feet > 0 ? `${feet} ft ${said}` : said;
}
