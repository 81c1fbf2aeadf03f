/** How long a frozen pack takes to thaw, h: in the fridge a day for two kilograms, a night for less; in cold water half an hour for each half pound. Source: USDA, The big thaw. */
export const thawHours = (massG: number, how: ThawWay): number =>
  how === 'fridge' ? Math.max(12, Math.ceil((massG / 2000) * 24)) : Math.max(0.5, Math.ceil(massG / 225) / 2);

export type ThawWay = 'fridge' | 'cold water';

/** The hour at which the table is reckoned to be laid. */
export const TABLE_HOUR = 19;
/** Nobody stands by a bowl of cold water for longer, h; and it is filled anew every half hour. */
const MOST_IN_WATER_H = 3;
/** When people go to a freezer: in the evening, and in the morning. */
const [EVENING, MORNING] = [21, 8] as const;

/** When to take a pack out so that it has thawed. */
export interface TakeOut {
  readonly how: ThawWay;
  /** Days from the first of the plan; negative: it was to be taken out before. */
  readonly day: number;
  readonly hour: number;
  /** There is no hour to wait for: it is late as it is. */
  readonly now: boolean;
}

/** The first day of a plan on which a frozen pack can be on the table. `nowHour`: of the first day, 0 to 24; below 0 while that is still to come. */
export function firstDayThawed(massG: number, nowHour: number): number {
  if (canThawInWater(massG, TABLE_HOUR - nowHour)) return 0;
  const short = thawHours(massG, 'fridge') - (TABLE_HOUR - nowHour);
  return Math.max(0, Math.ceil(short / 24 - 1e-9));
}

const canThawInWater = (massG: number, hours: number): boolean => {
  const need = thawHours(massG, 'cold water');
  return need <= MOST_IN_WATER_H && hours >= need;
};

/** When to take a pack out for a meal: the evening or the morning before that leaves it time enough; on the day itself into cold water. */
export function takeOut(massG: number, day: number, nowHour: number): TakeOut {
  const hours = thawHours(massG, 'fridge');
  const left = day * 24 + TABLE_HOUR - nowHour;
  if (left < hours && canThawInWater(massG, left)) {
    const at = Math.max(nowHour, TABLE_HOUR - thawHours(massG, 'cold water') - 0.5);
    return { how: 'cold water', day, hour: Math.floor(at * 2) / 2, now: false };
  }
  // Counted back from the meal: the latest of the hours at which people do such things.
  for (let back = 0; ; back++)
    for (const hour of [EVENING, MORNING])
      if (back * 24 + TABLE_HOUR - hour >= hours) {
        const at = { how: 'fridge', day: day - back, hour, now: false } as const;
        return at.day * 24 + at.hour < nowHour ? { how: 'fridge', day: 0, hour: nowHour, now: true } : at;
      }
}
