/** Where those who cut disagree, by names that stand in the log for ever; what each is about stands in `ways.ts`. */
export const WAY_NAMES = ['spines', 'rinse', 'skin', 'scales', 'skinning', 'pin bones', 'dark line', 'guts'] as const;
export type WayName = (typeof WAY_NAMES)[number];
/** The choice of one way. */
export interface WayChoice {
  readonly of: WayName;
  readonly is: string;
}
/** The house way, way by way; what is left out is the first school of each. */
export type Ways = Readonly<Partial<Record<WayName, string>>>;
