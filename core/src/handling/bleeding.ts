/** Minutes a bled fish wants before it goes onto ice: [least, most]. Typical: 3-5 below 1 kg, 5-10 to 3 kg, 10-20 above. */
export function bleedingMinutes(massG: number): readonly [number, number] {
  if (massG < 1000) return [3, 5];
  if (massG <= 3000) return [5, 10];
  return [10, 20];
}

/** Beyond this many minutes warm after death, the wait does more harm than the bleeding does good. */
export const BLEEDING_LIMIT_MIN = 30;
