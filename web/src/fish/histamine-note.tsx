import { useNow } from '../ui/use-now.ts';
import { HISTAMINE_LIMITS, type HistamineClock } from '@dagboek/core/fresh';
import { STORE_FACTS } from '@dagboek/core/larder';
import { useFormat } from '../asked/format.ts';
import { WarningTriangle } from './hazard-strip.tsx';
import { sayTemperature } from '../asked/units.ts';
import { Term } from '../ui/words/term.tsx';

const hours = (h: number): string => `${h.toFixed(h < 10 ? 1 : 0).replace(/\.0$/, '')} h`;

/** Said of what lies in a fridge that nobody read. */
const sayUnread = (): string =>
  `This fridge was not measured, so it is assumed to be ${sayTemperature(STORE_FACTS.fridge.typicalC)}. Add it as your own store, and note what its thermometer shows.`;

/**
 * What the clock of histamine says of a fish, a lot or a pack, by name: crimson once it is over the line, a plain sentence
 * while it runs out; nothing while all is well.
 */
export function HistamineNote({
  of,
  clock,
  unread = false,
}: {
  of: string;
  clock: HistamineClock | null | undefined;
  /** It lies in a fridge that nobody read: it is reckoned as warm as most are, and a reading would help. */
  unread?: boolean;
}) {
  const { timeBesideMs } = useFormat();
  const now = useNow();
  if (!clock || clock.state === 'within') return null;
  const how =
    clock.limit === 'to ice'
      ? `${hours(clock.hours)} from death without ice, ${hours(clock.limitH)} at most`
      : `${hours(clock.hours)} above ${sayTemperature(HISTAMINE_LIMITS.aboveC)} after it was chilled, ${hours(clock.limitH)} at most`;
  if (clock.state === 'near')
    return (
      <p className="alert alert-warning">
        <b>
          {of}: <Term of="Histamine">histamine</Term> forms.
        </b>{' '}
        {how}. {unread && sayUnread()}
        {clock.overAtMs !== null && ` Put it on ice before ${timeBesideMs(clock.overAtMs, now)}, or do not eat it.`}
      </p>
    );
  return (
    <div className="hazard-strip" role="note" aria-label="Do not eat">
      <WarningTriangle size={30} />
      <strong className="font-bold text-[1.1875rem] leading-[normal] font-head">Do not eat</strong>
      <p className="leading-[1.3] text-[1rem] max-tablet:col-span-full max-tablet:text-[0.9375rem]">
        {of}: {how}. <Term of="Histamine">Histamine</Term> may have formed. Cooking and freezing do not destroy it, and
        it has no smell. Throw it away. {unread && sayUnread()}{' '}
        <small className="text-inherit">{HISTAMINE_LIMITS.source}; temperatures are assumed rather high.</small>
      </p>
    </div>
  );
}
