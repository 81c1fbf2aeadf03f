import type { MenuDay, MenuEater, MenuPack } from './index.ts';

export const menuPack = (id: string, more: Partial<MenuPack> = {}): MenuPack => ({
  id,
  number: id,
  name: 'pollack',
  species: 'pollack',
  form: 'fillets',
  fat: 'lean',
  meatG: 320,
  massG: 320,
  place: 'fridge',
  firstDay: 0,
  bestDay: 2,
  lastDay: 2,
  atOnce: true,
  mercury: 'low',
  rawMet: false,
  countsAsRaw: false,
  thawed: false,
  ...more,
});

export const eater = (id: string, more: Partial<MenuEater> = {}): MenuEater => ({
  id,
  name: id,
  plates: 1,
  dislikes: [],
  allergic: [],
  noFish: false,
  atRisk: false,
  mercuryUnits: 0,
  ...more,
});

export const menuDay = (day: string, eaters: readonly MenuEater[], more: Partial<MenuDay> = {}): MenuDay => ({
  day,
  fish: 'either',
  eaters,
  guests: 0,
  ...more,
});
