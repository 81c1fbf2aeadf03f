/** A typed number; decimal comma or point. NaN when it is none, null when nothing was typed. */
export function typedNumber(text: string): number | null {
  const t = text.trim().replace(',', '.');
  if (t === '') return null;
  return /^-?\d*\.?\d+$/.test(t) ? Number(t) : Number.NaN;
}
