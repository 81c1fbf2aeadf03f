/**
 * Hours of the clock between which the sun may stand on a box: those of a long summer's day, so that rather too much sun is reckoned
 * with than too little. At night none does. Our own assumption.
 */
export const SUN_HOURS = [5, 21] as const;

const [HOUR_MS, DAY_MS] = [3_600_000, 86_400_000];

/**
 * The stretches between two instants in which the sun may stand on a box, epoch ms. `offsetMs`: how far the clock of the place is ahead of
 * UTC. Empty where `toMs` does not lie after `fromMs`. Example: from 18:00 for twelve hours gives 18:00 to 21:00 and 05:00 to 06:00.
 */
export function sunlit(fromMs: number, toMs: number, offsetMs: number): (readonly [number, number])[] {
  const out: (readonly [number, number])[] = [];
  const midnight = Math.floor((fromMs + offsetMs) / DAY_MS) * DAY_MS - offsetMs;
  for (let day = midnight; day < toMs; day += DAY_MS) {
    const from = Math.max(fromMs, day + SUN_HOURS[0] * HOUR_MS);
    const to = Math.min(toMs, day + SUN_HOURS[1] * HOUR_MS);
    if (to > from) out.push([from, to]);
  }
  return out;
}
