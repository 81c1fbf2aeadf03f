/** Ways in which a fish is killed. A word stands in the log for ever: none is dropped. */
export const KILLS = [
  'brain spike',
  'blow to the head',
  'knife through the brain',
  'killed by the shot',
  'head snapped back',
] as const;
export type Kill = (typeof KILLS)[number];

/** Where a fish is cut so that it bleeds. */
export const BLEEDS = [
  'both gills',
  'throat',
  'tail',
  'one gill',
  'throat and gills',
  'gills and tail',
  'throat and tail',
  'behind the breast fins',
  'behind the head',
  'underside',
  'underside and tail',
  'head snapped back',
] as const;
export type Bleed = (typeof BLEEDS)[number];

/** What is needed of a species to say how it is killed and bled. Left out: nothing is known of its own ways. */
export interface Handled {
  readonly kills?: readonly Kill[];
  readonly bleeds?: readonly Bleed[];
}

/** Ways, those that suit this fish first; `own`: how many of them its own file, or the shot, asks for. */
export interface Ways<W extends string> {
  readonly ways: readonly W[];
  readonly own: number;
}

const ordered = <W extends string>(own: readonly W[], all: readonly W[]): Ways<W> => ({
  ways: [...new Set([...own, ...all])],
  own: new Set(own).size,
});

/**
 * How this fish is killed: of a speared one the shot and the knife first, else as its species' file says. All others follow,
 * since what was done is written, not what should have been. A shot is no way for what was not speared.
 */
export function killsFor(species: Handled | null, speared: boolean): Ways<Kill> {
  const own = species?.kills ?? [];
  if (speared) return ordered(['killed by the shot', 'knife through the brain', ...own], KILLS);
  return ordered<Kill>(
    own,
    KILLS.filter((k) => k !== 'killed by the shot'),
  );
}

/** Where this fish is cut, as its species' file says; `own` 0 of a file that says nothing is bled, or says nothing. */
export const bleedsFor = (species: Handled | null): Ways<Bleed> => ordered(species?.bleeds ?? [], BLEEDS);

/** Whether its file says that it is not bled: too small, nothing to bleed, or not for the board. */
export const isNotBled = (species: Handled | null): boolean => species?.bleeds?.length === 0;

/** Whether killing it so has bled it too: a mackerel's head snapped back opens its throat. */
export const killBleeds = (species: Handled | null, kill: Kill): kill is 'head snapped back' =>
  kill === 'head snapped back' && (species?.bleeds ?? []).includes(kill);

/** The way that is offered: the one this hand chose last where it is among those that suit, else the first of them. */
export const offeredWay = <W extends string>({ ways, own }: Ways<W>, habit: W | null): W => {
  const fitting = own > 0 ? ways.slice(0, own) : ways;
  return habit !== null && fitting.includes(habit) ? habit : (fitting[0] as W);
};
