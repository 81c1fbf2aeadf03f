/** What a step leaves to be known of the meat, in the larder and at the table. */
const LEAVES: Readonly<Record<string, string>> = {
  skinned: 'skin off',
  'skin pulled off': 'skin off',
  'tail skinned': 'skin off',
  'wings skinned': 'skin off',
  'mantle skinned': 'skin off',
  scaled: 'scaled',
  'ribs off': 'ribs off',
  'pin bones out': 'pin bones out',
  'pin bones cut out': 'pin bones out',
  'dark line out': 'dark line out',
  'dark line off the loins': 'dark line out',
  'spines off': 'venomous spines cut off',
  'spines left on': 'venomous spines left on',
  wiped: 'only wiped',
  'rinsed in sea water': 'rinsed in sea water',
  'rinsed in fresh water': 'rinsed in fresh water',
  'blood line scraped': 'blood line out',
};

/** What is known of the meat from the steps that were noted, each once, in their order; nothing of what was not noted. */
export const doneToMeat = (steps: readonly string[]): string[] => [
  ...new Set(steps.flatMap((s) => (Object.hasOwn(LEAVES, s) ? [LEAVES[s]!] : []))),
];
