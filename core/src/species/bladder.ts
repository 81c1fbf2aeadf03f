/**
 * The swim bladder of a kind, as it matters to one brought up from the deep: `closed` (the gas cannot leave, it swells),
 * `open` (a duct leads into the gullet), `none`.
 */
export const BLADDERS = ['closed', 'open', 'none'] as const;
export type Bladder = (typeof BLADDERS)[number];
