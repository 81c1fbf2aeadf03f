import { matchPath } from 'react-router';

/** What a page is for, in one sentence, and where the handbook tells of it: a page of the handbook and a heading on it. */
export interface Help {
  readonly says: string;
  readonly in: readonly (readonly [page: string, heading: string])[];
}

/** By the address of the page; the first that matches. */
export const HELP: Readonly<Record<string, Help>> = {
  '/plan': {
    says: 'Plan a trip here: where you go, who comes, how much ice to carry, and which rules apply that day.',
    in: [
      ['plan', 'Start a trip'],
      ['plan', 'Ice to carry'],
      ['plan', 'Rules for this area'],
    ],
  },
  '/plan/officer': {
    says: 'Every fish of this trip with its length and its rule, on one page to show or print.',
    in: [
      ['plan', 'Papers for an officer'],
      ['book', 'Correcting'],
    ],
  },
  '/plan/briefing': {
    says: 'What is open where and when, on one page to print.',
    in: [
      ['plan', 'Papers for an officer'],
      ['plan', 'Rules for this area'],
    ],
  },
  '/plan/map': {
    says: 'See the zones and where you are, and set the zone whose rules count.',
    in: [
      ['plan', 'Map'],
      ['plan', 'Rules for this area'],
    ],
  },
  '/plan/rules': {
    says: 'Read every rule in plain words, change one, or write your own.',
    in: [
      ['plan', 'Rules for this area'],
      ['plan', 'Rules of your own'],
      ['plan', 'Rules as files'],
    ],
  },
  '/deck': {
    says: 'Note each fish here: its species, its length, whether you may keep it, and what you did with it.',
    in: [
      ['deck', 'Land a fish'],
      ['deck', 'Which species'],
      ['deck', 'Measuring'],
      ['deck', 'Keep or let go'],
      ['deck', 'Kill, bleed and ice'],
      ['deck', 'Notes and mistakes'],
    ],
  },
  '/box': {
    says: 'See how cold every fish in the box is, and how long the ice lasts.',
    in: [
      ['box', 'Under the lid'],
      ['box', 'Check the ice'],
      ['box', 'Melt test'],
      ['box', 'Move a fish'],
    ],
  },
  '/board/yields': {
    says: 'See what changed your yields: stiffness, season and size of the fish.',
    in: [['board', 'Weigh']],
  },
  '/board/:id/steps': {
    says: 'One step of the cut at a time, for wet hands and an arm’s length.',
    in: [
      ['board', 'Step by step'],
      ['board', 'What you find inside'],
    ],
  },
  '/board/:id?': {
    says: 'Choose a way to cut the fish, weigh what it yields, and put it into packs.',
    in: [
      ['board', 'Choose a way to cut'],
      ['board', 'Step by step'],
      ['board', 'Weigh'],
      ['board', 'What you find inside'],
      ['board', 'Pack it'],
    ],
  },
  '/larder/plan': {
    says: 'Give each day its packs, so that nothing goes to waste and everyone has enough.',
    in: [['larder', 'Meals ahead']],
  },
  '/larder/season': {
    says: 'What was caught, eaten, given away and thrown out in a year.',
    in: [['larder', 'Count and look back']],
  },
  '/larder/labels': {
    says: 'Print the labels of your packs, nine on a sheet or one on a page.',
    in: [['larder', 'Find a pack, print labels']],
  },
  '/larder/store/:id/count': {
    says: 'Compare what is in a store with what the book says.',
    in: [['larder', 'Count and look back']],
  },
  '/larder/store/:id': {
    says: 'How cold this store is, what lies in it, and what to do if the power fails.',
    in: [
      ['larder', 'Fridge, freezer, rack'],
      ['larder', 'Take out, move, join'],
    ],
  },
  '/larder/:id': {
    says: 'One pack: by when to eat it and why, and what to do with it.',
    in: [
      ['larder', 'What to eat first'],
      ['larder', 'Take out, move, join'],
      ['larder', 'Raw fish'],
      ['larder', 'Age a fish'],
    ],
  },
  '/larder': {
    says: 'Every pack in the order to eat it, and the fridges and freezers where packs lie.',
    in: [
      ['larder', 'What to eat first'],
      ['larder', 'Fridge, freezer, rack'],
      ['larder', 'Find a pack, print labels'],
      ['larder', 'Meals ahead'],
    ],
  },
  '/table/recipes/:id?': {
    says: 'Recipes for the fish you have, with what to buy and which allergens they contain.',
    in: [['table', 'Recipes']],
  },
  '/table/kitchen': {
    says: 'Tell the app what your kitchen has, so that a dinner can be planned and a fish fitted into a pan.',
    in: [
      ['table', 'The kitchen'],
      ['table', 'Whole fish and pans'],
      ['table', 'Your kitchen'],
    ],
  },
  '/table/dinner/:id': {
    says: 'Every step of the dinner on the clock, back from the hour of serving.',
    in: [
      ['table', 'The clock of a dinner'],
      ['table', 'How long it takes'],
      ['table', 'Several fires'],
      ['table', 'What it lies in first'],
      ['table', 'Cheeks, collars, roe, liver, squid'],
      ['table', 'At the table'],
      ['table', 'Rounds and pots'],
      ['table', 'One fish in several dishes'],
      ['table', 'Two dinners in one evening'],
    ],
  },
  '/table/fire': {
    says: 'A fish goes from the deck into the fire, without scale or pack.',
    in: [['table', 'From the deck into the fire']],
  },
  '/table/:id/record': {
    says: 'Everything known about the fish of this meal, on one sheet for a doctor.',
    in: [
      ['table', 'After the meal'],
      ['harm', 'Histamine'],
    ],
  },
  '/table/new': {
    says: 'Choose the fish, the way to cook it, and when to serve.',
    in: [
      ['table', 'Cook a meal'],
      ['table', 'How long it takes'],
      ['table', 'Several fires'],
      ['table', 'Rounds and pots'],
      ['table', 'Whole fish and pans'],
      ['table', 'Can it be eaten raw?'],
    ],
  },
  '/table/:id?': {
    says: 'Cook a meal from your packs, and rate it afterwards.',
    in: [
      ['table', 'Cook a meal'],
      ['table', 'The clock of a dinner'],
      ['table', 'After the meal'],
      ['table', 'Recipes'],
    ],
  },
  '/book/weight/:species': {
    says: 'How heavy your fish of a species are at their length.',
    in: [['book', 'Weight at length']],
  },
  '/book': {
    says: 'Everything that was noted, day by day.',
    in: [
      ['book', 'The diary'],
      ['book', 'Correcting'],
    ],
  },
  '/trip/:id': {
    says: 'One trip: every fish, the hours, the weather and the log.',
    in: [
      ['book', 'The diary'],
      ['book', 'Correcting'],
    ],
  },
  '/fish/:id': {
    says: 'One fish from the water to the plate, and every entry about it.',
    in: [
      ['book', 'A fish’s page'],
      ['book', 'Correcting'],
    ],
  },
  '/hurt/:id/sheet': {
    says: 'What happened, with its times, on one sheet for a doctor.',
    in: [['harm', 'Keep the time']],
  },
  '/hurt/:id?': {
    says: 'What to do now, when to call for help, and a clock that keeps the times for a doctor.',
    in: [
      ['harm', 'First aid'],
      ['harm', 'Keep the time'],
    ],
  },
  '/crew': {
    says: 'Add or rename the people, the boxes and the places of this book.',
    in: [['book', 'People, boxes and places']],
  },
  '/catalogue/packs': {
    says: 'Add species that the catalogue does not have.',
    in: [['book', 'Species of your own']],
  },
  '/catalogue/*': {
    says: 'Look up a species: how to tell it, handle it, store it and eat it.',
    in: [
      ['deck', 'Which species'],
      ['harm', 'Before you handle a fish'],
      ['book', 'Species of your own'],
    ],
  },
  '/phones/:id?': {
    says: 'Add or remove the phones of the crew.',
    in: [['server', 'Phones of the crew']],
  },
  '/unsent': {
    says: 'What this device has saved and the server does not have yet.',
    in: [
      ['book', 'Without a signal'],
      ['book', 'Nothing goes astray'],
    ],
  },
  '/all': {
    says: 'Settings of this device, and pages that belong to no station.',
    in: [
      ['book', 'Units'],
      ['book', 'Days and times'],
      ['server', 'Backups'],
    ],
  },
};

/** The help of the page at an address; null where there is none, as in the handbook itself. */
export const helpAt = (pathname: string): Help | null =>
  Object.entries(HELP).find(([pattern]) => matchPath(pattern, pathname))?.[1] ?? null;
