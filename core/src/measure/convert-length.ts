import type { LengthConversion, LengthKind, SpeciesFacts } from '../species/index.ts';

/** A length of another kind, mm: constant + slope * length. */
export const convertLength = (lengthMm: number, c: Pick<LengthConversion, 'slope' | 'constantMm'>): number =>
  (c.constantMm ?? 0) + c.slope * lengthMm;

/**
 * A length as the species' first kind, which its weight curve goes by: as read when it is of that kind, converted either
 * way where the species says how; null when it does not (nothing is reckoned from it then).
 */
export function asFirstKind(
  species: Pick<SpeciesFacts, 'lengthKinds'> & { readonly conversions?: readonly LengthConversion[] },
  lengthMm: number,
  kind: LengthKind,
): number | null {
  const [first] = species.lengthKinds;
  if (kind === first) return lengthMm;
  const there = species.conversions?.find((c) => c.from === kind && c.to === first);
  if (there) return convertLength(lengthMm, there);
  const back = species.conversions?.find((c) => c.from === first && c.to === kind);
  return back ? (lengthMm - (back.constantMm ?? 0)) / back.slope : null;
}
