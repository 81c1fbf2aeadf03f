import { bleedingOf, fishInHand, fishNumbers, type FishState } from '@dagboek/journal';
import { useSearchParams } from 'react-router';
import { useCatalogue } from '../../asked/catalogue.ts';
import { Knot } from '../../fish/custody/knot.tsx';
import { useBook } from '../../offline/journal-context.tsx';
import { useNow } from '../../ui/use-now.ts';
import { minutesSeconds } from '../../ui/minutes-seconds.ts';
import { BLEEDING_SAYS } from './bleeding-clock.tsx';

/** So many bleedings stand in the foot; the others below the open entry. */
export const RUNNING_ROWS = 2;

/** Bleedings of a trip, the one that has run longest first; `but`: not this fish. */
export const bleedingsOf = (book: Parameters<typeof fishInHand>[0], tripId: string, but: string | null): FishState[] =>
  fishInHand(book, tripId)
    .bleeding.filter((f) => f.id !== but)
    .sort((a, b) => Date.parse(a.bled?.at ?? '') - Date.parse(b.bled?.at ?? ''));

/** The bleedings that have run longest, each on a line of its own that takes the fish in hand again. */
export function Running({ tripId, but }: { tripId: string; but: string | null }) {
  const { book } = useBook();
  const list = bleedingsOf(book, tripId, but);
  const numbers = fishNumbers(book, tripId);
  if (list.length === 0) return null;
  return (
    <div className="running pt-0.5 min-[1000px]:grid min-[1000px]:grid-cols-[1fr_1fr] min-[1000px]:gap-y-0 min-[1000px]:gap-x-7">
      {list.slice(0, RUNNING_ROWS).map((f) => (
        <RunningRow key={f.id} fish={f} number={numbers.get(f.id) ?? '?'} />
      ))}
      {list.length > RUNNING_ROWS && <p>and {list.length - RUNNING_ROWS} more, below.</p>}
    </div>
  );
}

function RunningRow({ fish, number }: { fish: FishState; number: string }) {
  const [, setSearch] = useSearchParams();
  const { byId } = useCatalogue();
  const species = byId(fish.species);
  const b = bleedingOf(fish, species, useNow(1000));
  if (!b) return null;
  return (
    <button
      type="button"
      className="running-row gap-2.5 border-b [border-bottom-style:dashed] flex items-center w-full min-h-12 text-left cursor-pointer border-rule-2 max-tablet:text-[0.9375rem]"
      onClick={() => setSearch({ fish: fish.id }, { replace: true, preventScrollReset: true })}
    >
      <svg width="22" height="26" viewBox="-11 -13 22 26" aria-hidden="true">
        <Knot kind="bled" x={0} y={0} r={8} look={b.state === 'runs' ? 'done' : 'now'} />
      </svg>
      <span className="leading-[1.15] min-w-0">
        <b className="font-semibold">
          {number} {species?.name ?? 'Fish'}, bleeding
        </b>
        <small className={b.state === 'runs' ? undefined : 'due'}>
          {b.state === 'runs' ? `of ${b.leastMin} to ${b.mostMin} min` : BLEEDING_SAYS[b.state]}
        </small>
      </span>
      <span className="num ml-auto text-[1.5rem] whitespace-nowrap">{minutesSeconds(b.goneMs)}</span>
    </button>
  );
}
