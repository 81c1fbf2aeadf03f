import { sayAny } from '../units/index.ts';
import type { Method } from './method.ts';
import type { Vessel } from './vessel.ts';
import { type Kitchen, USES } from './vessels.ts';

/** A place to cook at, as a task names it. */
type At = 'ring' | 'oven' | 'grill';
const COUNT = { ring: 'rings', oven: 'ovens', grill: 'grills' } as const;
const PLACES: Readonly<Record<At, string>> = { ring: 'a hob ring', oven: 'an oven', grill: 'a grill or an open fire' };
const VESSELS: Readonly<Record<Vessel['use'], string>> = {
  pan: 'a pan',
  pot: 'a pot',
  kettle: 'a fish kettle',
  steamer: 'a steamer',
  grill: 'a grate',
  tray: 'an oven tray',
};

/** Whether there is any of a place to cook at. */
const has = (kitchen: Kitchen, at: At): boolean => kitchen[COUNT[at]] > 0;

/** What a kitchen lacks for some places and kinds of vessel, in words ("an oven"); of `uses` one will do. Null where it lacks nothing. */
function lacking(kitchen: Kitchen, at: readonly At[], uses: readonly Vessel['use'][]): string | null {
  const place = at.find((x) => !has(kitchen, x));
  if (place) return PLACES[place];
  return uses.length === 0 || kitchen.vessels.some((v) => uses.includes(v.use))
    ? null
    : sayAny(uses.map((u) => VESSELS[u]));
}

/** What a kitchen lacks for a way to cook, in words: "an oven", "a steamer or a pot". Null where it has all. */
export function missingFor(kitchen: Kitchen, method: Method): string | null {
  const place = method.heat?.place ?? null;
  // Embers are of an open fire.
  const at: At[] = place === null ? [] : [place === 'embers' ? 'grill' : place];
  return lacking(kitchen, at, USES[method.id] ?? []);
}

/** The same for the steps of a recipe: each with its place and its own vessel. */
export function missingForSteps(
  kitchen: Kitchen,
  steps: readonly { readonly place: At | null; readonly in?: Vessel['use'] }[],
): string | null {
  for (const s of steps) {
    const lacks = lacking(kitchen, s.place === null ? [] : [s.place], s.in ? [s.in] : []);
    if (lacks !== null) return lacks;
  }
  return null;
}
