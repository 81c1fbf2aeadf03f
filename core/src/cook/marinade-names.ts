/** What fish lies in before its fire, in a sentence, by its id. Apart from what it does: the log says it, and the first page carries the log. */
export const MARINADE_NAMES = {
  salted: 'under salt',
  brine: 'in brine of 6 %',
  milk: 'in milk',
  buttermilk: 'in buttermilk',
  lemon: 'in lemon and oil',
  oil: 'in oil and herbs',
  soy: 'in soy and sugar',
  yoghurt: 'in yoghurt and spice',
  paste: 'under a sweet paste',
} as const;

/** How one is said, by its id: "in buttermilk"; null of one that this version does not know. */
export const marinadeName = (id: string): string | null =>
  Object.hasOwn(MARINADE_NAMES, id) ? MARINADE_NAMES[id as keyof typeof MARINADE_NAMES] : null;
