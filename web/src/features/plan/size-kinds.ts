/** Kinds of rules that are about how long a fish is. */
export const SIZES: ReadonlySet<string> = new Set([
  'minimumSize',
  'maximumSize',
  'keepSlot',
  'releaseSlot',
  'overLength',
]);
