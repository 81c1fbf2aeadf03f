import type { Freshness } from '@dagboek/core/fresh';
import { percent } from '../format.ts';
import { TONE_COLOR, TONE_WORD } from './slots.ts';

/** Freshness used, in the tone of its line, with the figure. Empty while nothing can be said. */
export function UsedCell({ fresh }: { fresh: Freshness | null }) {
  if (!fresh) return <span className="used" />;
  return (
    <span className="used" style={{ color: TONE_COLOR[fresh.tone] }} title={TONE_WORD[fresh.tone]}>
      {percent(fresh.used)}
    </span>
  );
}
