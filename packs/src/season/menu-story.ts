import { dayId } from '@dagboek/journal';
import { addDays, civilDay, stamp } from '@dagboek/core/time';
import type { openTheBook } from './crew.ts';
import type { MadePack } from './kitchen.ts';
import { HOUR, type Scribe } from './scribe.ts';

/** What the house means to eat in the next days: the pack that thaws tomorrow, an old one later; a day without fish, a guest; what Wren will not eat. */
export function mealsAhead(
  s: Scribe,
  tern: ReturnType<typeof openTheBook>,
  frozen: readonly MadePack[],
  thawing: MadePack | undefined,
  nowMs: number,
  zone: string,
): void {
  const today = civilDay(stamp(nowMs, zone), zone);
  const atMs = nowMs - 3 * HOUR;
  const plan = (after: number, facts: object): void => {
    const day = addDays(today, after);
    s.aside('day.planned', dayId(day), atMs, tern.ilse, { day, fish: 'either', ...facts });
  };
  s.aside('member.eats', tern.wren, atMs, tern.ilse, { plates: 0.75, dislikes: ['ling'] });
  s.aside('member.eats', tern.tomas, atMs, tern.ilse, { plates: 1.25 });
  if (thawing) plan(1, { packs: [{ pack: thawing.id, locked: true }], method: 'pan-fried' });
  plan(2, { fish: 'no' });
  // Of another kind, lean, so that it is still good, and enough for four.
  const old = frozen.find((p) => p.species.fat === 'lean' && p.species.id !== thawing?.species.id && p.massG > 500);
  if (old)
    plan(3, {
      fish: 'yes',
      guests: 1,
      packs: [{ pack: old.id }],
      method: 'simmered in a sauce',
    });
}
