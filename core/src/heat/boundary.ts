/** What a side of a body meets: heat goes through at `h` W/(m2 K) for each degree to a medium at `mediumC` degC. */
export interface Boundary {
  readonly h: number;
  readonly mediumC: number;
}

/** No heat goes through: the middle of a body, or a side that is kept from all. */
export const INSULATED: Boundary = { h: 0, mediumC: 0 };

/**
 * Heat transfer coefficients, W/(m2 K), typical: docs/domain.md, section 5. Fires have theirs with their ways (`core/cook`).
 */
export const TRANSFER = {
  'still air': 6,
  fridge: 8,
  'wet ice': 100,
  'still water': 120,
  'still slurry': 250,
  'sloshing slurry': 500,
} as const;
export type Transfer = keyof typeof TRANSFER;

/** A medium that a side meets. Throws RangeError for a temperature that is none. */
export function meets(how: Transfer, mediumC: number): Boundary {
  if (!Number.isFinite(mediumC)) throw new RangeError('a medium has a temperature in degC');
  return { h: TRANSFER[how], mediumC };
}
