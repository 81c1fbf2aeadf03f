import type { BoxEvent, BoxFish, BoxInput } from './box-types.ts';
import type { IceFinding } from './seen.ts';

/** Something that happens to a box at an instant, epoch ms: one of the four. */
export interface Happening {
  readonly atMs: number;
  readonly event: BoxEvent | null;
  readonly comes: BoxFish | null;
  readonly goes: string | null;
  readonly found: IceFinding | null;
}

const NOTHING = { event: null, comes: null, goes: null, found: null } as const;

/** What happens to a box within the time for which it is followed, in the order of time. What lies outside of it is left out. */
export function happeningsOf(input: BoxInput): Happening[] {
  const { fromMs, untilMs } = input;
  const all: Happening[] = [
    ...input.events.map((e) => ({ ...NOTHING, atMs: e.atMs, event: e })),
    ...(input.found ?? []).map((f) => ({ ...NOTHING, atMs: f.atMs, found: f })),
    ...input.fish.flatMap((f) => [
      { ...NOTHING, atMs: Math.max(f.inMs, fromMs), comes: f },
      ...(f.outMs === null ? [] : [{ ...NOTHING, atMs: Math.max(f.outMs, f.inMs, fromMs), goes: f.id }]),
    ]),
  ];
  return all.filter((h) => h.atMs >= fromMs && h.atMs <= untilMs).sort((a, b) => a.atMs - b.atMs);
}

/** Air that is taken where nobody said any: a mild day, degC; our own assumption. */
const USUAL_AIR_C = 18;

/** The temperature of the air about a box at an instant, degC: the last that was said up to then. */
export function airAt(input: Pick<BoxInput, 'air'>, ms: number): number {
  let c = input.air[0]?.c ?? USUAL_AIR_C;
  for (const a of input.air) if (a.atMs <= ms) c = a.c;
  return c;
}

/** Throws a RangeError, with a sentence, for a box that cannot be. */
export function checkBox(input: BoxInput): void {
  if (!(input.uaWK >= 0) || !Number.isFinite(input.uaWK)) throw new RangeError('walls let through 0 W/K or more');
  if (!(input.iceKg >= 0) || !Number.isFinite(input.iceKg)) throw new RangeError('ice weighs 0 kg or more');
  if (!(input.untilMs >= input.fromMs)) throw new RangeError('a box is followed from an instant to a later one');
  for (const f of input.fish)
    if (!(f.massKg > 0) || !(f.count > 0) || !Number.isFinite(f.massKg * f.count))
      throw new RangeError('a fish in the box weighs more than nothing');
}
