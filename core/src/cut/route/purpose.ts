/** What the meat is for; it decides what comes off. A name stands in the log for ever. */
export const PURPOSES = ['pan', 'whole', 'raw', 'freezer', 'stock'] as const;
export type Purpose = (typeof PURPOSES)[number];
