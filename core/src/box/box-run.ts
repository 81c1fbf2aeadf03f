import type { BoxCourse, BoxInput } from './box-types.ts';
import { checkBox, happeningsOf } from './box-happenings.ts';
import { RunningBox } from './running-box.ts';

/** What happens within so many ms happens at once. */
const AT_ONCE_MS = 0.5;

/**
 * Follows a box from `fromMs` to `untilMs`: its ice and water in kg, the temperature of what the fish lie in, degC, and every joule that
 * came and went. What lies outside of that time is left out; the order of what is given does not matter. Throws a RangeError for a box
 * that cannot be. Source: the balance of heat and mass of `docs/domain.md`, section 6. Example: 4 kg of ice in a box whose walls let
 * through 1 W/K melt in air of 20 degC within 4 * 333,550 J / 20 W = 18.5 h.
 */
export function runBox(input: BoxInput): BoxCourse {
  checkBox(input);
  const { fromMs, untilMs } = input;
  const happens = happeningsOf(input);
  const airTurns = input.air.map((a) => a.atMs).filter((ms) => ms > fromMs && ms < untilMs);
  const box = new RunningBox(input);
  box.sample();
  let k = 0;
  while (box.atMs < untilMs || k < happens.length) {
    const next = happens[k];
    if (next && next.atMs <= box.atMs + AT_ONCE_MS) {
      box.happen(next);
      k++;
      const after = happens[k];
      if (!after || after.atMs > box.atMs + AT_ONCE_MS) box.sample();
      continue;
    }
    const turn = airTurns.find((ms) => ms > box.atMs) ?? untilMs;
    box.step(Math.min(untilMs, turn, next?.atMs ?? untilMs));
  }
  return box.course();
}
