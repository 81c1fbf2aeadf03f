/** What to do with a pack, in bold on its label. */
export const LABEL_DOES = {
  notToEat: 'Do not eat.',
  bait: 'Bait.',
  boil: 'Boil.',
  heat: 'Heat it through, once.',
  notAtRisk: 'Not for people at risk.',
  cookThrough: 'Cook it through.',
  cook: 'Cook it.',
} as const;

/** What else matters on a label, one short sentence. Whoever has the bag in hand has no book: it says nothing that may change. */
export const LABEL_MINDS = {
  bait: 'Not for eating.',
  notAtRisk: 'Pregnant, very young, old or ill people: only cooked through.',
  venom: 'Its spines stay venomous.',
  worms: 'Worms were seen: cook it through.',
  thawed: 'Thawed: do not freeze it again raw.',
  vacuum: 'Open the bag before thawing.',
  notKnown: 'Its species is not known on this device.',
} as const;
