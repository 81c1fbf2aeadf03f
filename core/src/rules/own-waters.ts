import type { RulePack } from './rule.ts';

/** A place of one's own: its name and the kinds of ground there, for what is likely. */
export interface OwnPlace {
  readonly id: string;
  readonly name: string;
  readonly grounds: readonly string[];
}

/** Id of the waters of a book that goes by no rule pack. */
export const NO_PACK = 'none';

/**
 * The waters of a book that goes by no rule pack: its own places, and no rule but those that are written. Without a place
 * there is one, "Anywhere". `today`: there is nothing in it that could have grown old.
 */
export function ownWaters(places: readonly OwnPlace[], timeZone: string, today: string): RulePack {
  const anywhere = { id: 'anywhere', name: 'Anywhere', grounds: [] };
  return {
    id: NO_PACK,
    name: 'Rules of your own',
    version: today.slice(0, 4),
    authority: 'your own reading of the local text',
    checked: today,
    sample: false,
    timeZone,
    zones: (places.length > 0 ? places : [anywhere]).map((p) => ({
      id: p.id,
      name: p.name,
      about: p.grounds.length > 0 ? p.grounds.join(', ') : 'a place of your own',
      grounds: p.grounds,
    })),
    rules: [],
  };
}
