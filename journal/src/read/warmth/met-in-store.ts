import { stretchesOf, type StoreCourse } from '@dagboek/core/larder';

/** What a store moved by less than this is one stretch, K. Our own assumption: a quarter of what a thermometer of the house is out by. */
const SAME_K = 0.25;

/** From an instant on, epoch ms, a store was so warm, degC. */
export interface StoreWarmth {
  readonly fromMs: number;
  readonly c: number;
}

/**
 * How warm it was about something that lay in a store from `fromMs` to `toMs`, epoch ms: stretches of nearly one warmth, each taken at
 * its warm end, the safe side for what spoils and for worms that are to be frozen alike.
 * Example: a fridge read at 4.0 and then at 4.1 degC is one stretch; one that went from 4 to 7 is some twelve.
 */
export function metInStore(course: StoreCourse, fromMs: number, toMs: number): StoreWarmth[] {
  const out: StoreWarmth[] = [];
  for (const s of stretchesOf(course, fromMs, toMs)) {
    const c = Math.max(s.fromC, s.toC);
    const held = out.at(-1);
    if (!held || Math.abs(c - held.c) >= SAME_K) out.push({ fromMs: s.fromMs, c });
  }
  return out;
}
