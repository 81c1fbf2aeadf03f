import { type MeltTest, meltTestLeak } from '@dagboek/core/box';
import { epochMs } from '@dagboek/core/time';
import type { BoxState, Timed } from '../../log/state/states.ts';

/** Why a melt test says nothing, in a sentence; null when it does. */
export function meltTestTrouble(t: MeltTest): string | null {
  const leak = meltTestLeak(t);
  return typeof leak === 'string' ? leak : null;
}

/** The last melt test of a box, with what its walls let through by it, W for each degree; null without one. */
export function lastMeltTest(box: BoxState): (Timed<MeltTest> & { readonly uaWK: number }) | null {
  const last = [...box.tests].sort((a, b) => epochMs(a.at) - epochMs(b.at)).at(-1);
  const leak = last ? meltTestLeak(last) : null;
  return last && leak && typeof leak !== 'string' ? { ...last, uaWK: leak.uaWK } : null;
}
