/** What a side of a body meets: heat goes through at `h` W/(m2 K) for each degree to a medium at `mediumC` degC. */
export interface Boundary {
  readonly h: number;
  readonly mediumC: number;
}

/** No heat goes through: the middle of a body, or a side that is kept from all. */
export const INSULATED: Boundary = { h: 0, mediumC: 0 };

/**
 * Heat transfer coefficients, W/(m2 K), typical: domain.md section 5. `contact`: ice, pan or board against the skin, a film of
 * water between.
 */
export const TRANSFER = {
  'still air': 6,
  fridge: 8,
  wind: 20,
  'wet ice': 100,
  'still water': 120,
  'still slurry': 250,
  stream: 400,
  'sloshing slurry': 500,
  oven: 25,
  'fan oven': 40,
  poaching: 800,
  steam: 1500,
  'deep fat': 600,
  pan: 250,
} as const;
export type Transfer = keyof typeof TRANSFER;

/** A medium that a side meets. Throws RangeError for a temperature that is none. */
export function meets(how: Transfer, mediumC: number): Boundary {
  if (!Number.isFinite(mediumC)) throw new RangeError('a medium has a temperature in degC');
  return { h: TRANSFER[how], mediumC };
}
