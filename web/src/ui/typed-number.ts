/** A typed number; decimal comma or point. NaN when it is none, null when nothing was typed. */
export function typedNumber(text: string): number | null {
  const t = text.trim().replace(',', '.');
  if (t === '') return null;
  return /^-?\d*\.?\d+$/.test(t) ? Number(t) : Number.NaN;
}

/** Why a typed text is no number, in a sentence; null when it is one, or nothing was typed. `say`: of what. */
export const numberTrouble = (text: string, what: string): string | null =>
  Number.isNaN(typedNumber(text))
    ? `“${text.trim()}” is not a number: ${what} was not saved. Write it like 12.5.`
    : null;

/** Why a typed text is no count from 0 to `most`, in a sentence; null when it is one, or nothing was typed. `what`: of what. */
export function countTrouble(text: string, what: string, most = 200): string | null {
  const n = typedNumber(text);
  if (n === null || (Number.isInteger(n) && n >= 0 && n <= most)) return null;
  return `“${text.trim()}” is not a number of ${what}: enter a whole number from 0 to ${most}.`;
}
