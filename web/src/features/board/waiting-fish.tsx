import type { Freshness, Stiffness, StiffNow } from '@dagboek/core/fresh';
import {
  type Asked,
  cannotBeChosen,
  type FishState,
  type massOf,
  type Names,
  type TripState,
  type Whereabouts,
} from '@dagboek/journal';
import { type Species } from '../../asked/catalogue.ts';
import { sayFish } from '../../asked/names.ts';
import { shortStiff } from '../../asked/stiff-words.ts';
import { massParts, sayLength } from '../../asked/units.ts';
import { UsedCell } from '../../fish/custody/used-cell.tsx';
import { FigureView } from '../../fish/figure-view.tsx';
import { Row } from '../../frame/page.tsx';
import { inSentence } from '../../ui/names-in-text.ts';

/** One fish that waits for the knife: what it is, where it lies, how long and heavy it is, how fresh. */
export function WaitingFish({
  on,
  trip,
  shortDay,
  day,
  f,
  s,
  names,
  where,
  mass,
  fresh,
  setTrouble,
  setSpoilt,
  setPart,
  chosen,
  setChosen,
  asked,
  stiffOf,
}: {
  on: boolean;
  trip: TripState | null;
  shortDay: (day: string) => string;
  day: (at: string) => string;
  f: FishState;
  s: Species | null;
  names: Names;
  where: Whereabouts | undefined;
  mass: ReturnType<typeof massOf>;
  fresh: Freshness | null;
  setTrouble: (to: string | null) => void;
  setSpoilt: (to: string | null) => void;
  setPart: (to: string) => void;
  chosen: string[];
  setChosen: (to: readonly string[]) => void;
  asked: Asked<Species>;
  stiffOf: (id: string) => (Stiffness & { readonly now: StiffNow }) | null;
}) {
  const toggle = (f: FishState): void => {
    setTrouble(null);
    setSpoilt(null);
    setPart('');
    if (chosen.includes(f.id)) return setChosen(chosen.filter((x) => x !== f.id));
    const cannot = cannotBeChosen(asked, f, chosen, (id) => inSentence(names.species(id)));
    if (cannot) return setTrouble(cannot);
    setChosen([...chosen, f.id]);
  };
  const stiffIn = (id: string): string[] => {
    const s = stiffOf(id);
    return s ? [shortStiff(s)] : [];
  };
  return (
    <Row
      className={`line${on ? ' chosen' : ''}`}
      time={
        trip ? (
          <>
            <b>{shortDay(day(trip.startedAt)).slice(0, 3)}</b>
            <span>{shortDay(day(trip.startedAt)).slice(4)}</span>
          </>
        ) : (
          ''
        )
      }
    >
      <label className="board-row gap-2 grid grid-cols-[30px_84px_minmax(110px,1fr)_90px_110px_60px] items-center min-h-14 cursor-pointer max-tablet:py-1.5 max-tablet:px-0 max-tablet:grid-cols-[30px_minmax(0,1fr)_auto]">
        <input
          type="checkbox"
          className="checkbox max-tablet:row-[1_/_span_3]"
          checked={on}
          onChange={() => toggle(f)}
        />
        <span className="icon max-tablet:hidden">{s && <FigureView spec={s.figure} size={96} plain />}</span>
        <span className="name font-semibold text-[1rem] leading-[1.15] max-tablet:row-[1_/_span_3] max-tablet:col-[2]">
          {sayFish(f, names)}
          <small>{[...(where !== 'box' && where ? [where] : []), ...stiffIn(f.id)].join(', ')}</small>
        </span>
        <span className="num-cell text-right whitespace-nowrap max-tablet:col-[3] max-tablet:text-cap">
          {f.length ? sayLength(f.length.mm) : ''}
        </span>
        <span className="num-cell text-right whitespace-nowrap max-tablet:col-[3] max-tablet:text-cap">
          {mass ? `${massParts(mass.g * f.count).join(' ')}${mass.how === 'estimated' ? ' est.' : ''}` : ''}
        </span>
        <UsedCell fresh={fresh} />
      </label>
    </Row>
  );
}
