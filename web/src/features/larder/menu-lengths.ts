/** For how many days ahead meals can be planned. */
export const LENGTHS = ['3', '7', '10'] as const;
export type Length = (typeof LENGTHS)[number];
