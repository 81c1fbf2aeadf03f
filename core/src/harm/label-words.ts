/** What to do with a pack, in bold on its label. */
export const LABEL_DOES = {
  notToEat: 'Do not eat.',
  bait: 'Bait.',
  boil: 'Boil.',
  heat: 'Heat it through, once.',
  notAtRisk: 'Not for those at risk.',
  cookThrough: 'Cook it through.',
  cook: 'Cook it.',
} as const;

/** What else matters on a label, one short sentence. Whoever has the bag in hand has no book: it says nothing that may change. */
export const LABEL_MINDS = {
  bait: 'Not for the table.',
  notAtRisk: 'The pregnant, the small, the old and the weak eat it cooked.',
  venom: 'Its spines stay venomous.',
  worms: 'Worms were seen: cook it through.',
  thawed: 'Thawed: not frozen again raw.',
  vacuum: 'Open the bag before it thaws.',
  notKnown: 'Its species is not known on this device.',
} as const;
