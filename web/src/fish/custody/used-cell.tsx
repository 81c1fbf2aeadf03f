import type { Freshness } from '@dagboek/core/fresh';
import { percent } from '../../asked/format.ts';
import { TONE_COLOR, TONE_WORD } from './slots.ts';

/** Freshness used, in the tone of its line, with the figure; "do not eat" once the clock of histamine has run out. Empty while nothing can be said. */
export function UsedCell({ fresh }: { fresh: Freshness | null }) {
  if (!fresh) return <span className="used text-right font-bold whitespace-nowrap" />;
  if (fresh.histamine?.state === 'over')
    return (
      <span
        className="used reckoned text-right font-bold whitespace-nowrap text-crimson"
        style={{ color: TONE_COLOR.past }}
        title="Histamine: over the limit"
      >
        do not eat
      </span>
    );
  return (
    <span
      className="used reckoned text-right font-bold whitespace-nowrap"
      style={{ color: TONE_COLOR[fresh.tone] }}
      title={TONE_WORD[fresh.tone]}
    >
      {percent(fresh.used)}{' '}
      <small className="hidden max-tablet:block max-tablet:text-[length:var(--t-xs,0.8125rem)] max-tablet:leading-none">
        used
      </small>
    </span>
  );
}
