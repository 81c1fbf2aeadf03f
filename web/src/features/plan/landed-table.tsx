import { leastOf, rulesAbout, sayShut, type RulePack } from '@dagboek/core/rules';
import {
  custodyOf,
  earlierLengths,
  fishNumbers,
  placeIn,
  type Book,
  type FishState,
  type Names,
  type TripState,
  RELEASE_WORDS,
} from '@dagboek/journal';
import { sayFish } from '../../asked/names.ts';
import { LENGTH_UNIT, lengthShown, shortLength } from '../../asked/units.ts';
import { FateMark } from '../../fish/verdict-mark.tsx';

/** How a length was read, when not on the board. */
const WITH = { mat: 'mat', tape: 'tape', photo: 'picture', eye: 'by eye' } as const;

function Lengths({ fish }: { fish: FishState }) {
  if (!fish.length) return <>not measured</>;
  return (
    <>
      {earlierLengths(fish)
        .filter((mm) => mm !== fish.length?.mm)
        .map((mm) => (
          <s key={mm}>{lengthShown(mm)} </s>
        ))}
      {lengthShown(fish.length.mm)}
      {fish.length.longestMm ? ` to ${lengthShown(fish.length.longestMm)}` : ''}
      {fish.length.kind === 'discWidth' ? ' wide' : fish.length.kind === 'fork' ? ' fork' : ''}
      {fish.length.method !== 'board' && ` ${WITH[fish.length.method]}`}
      {fish.length.sdMm !== null && ` (±${lengthShown(fish.length.sdMm)})`}
    </>
  );
}

/** Every fish landed in order, with the rule it was judged by, for whom it counts, and what became of it. */
export function LandedTable({
  fish,
  book,
  day,
  on,
  shortDay,
  time,
  timeBeside,
  rules,
  names,
  trip,
}: {
  fish: FishState[];
  book: Book;
  day: (at: string) => string;
  on: string;
  shortDay: (day: string) => string;
  time: (at: string) => string;
  timeBeside: (at: string, than: string) => string;
  rules: RulePack | null;
  names: Names;
  trip: TripState;
}) {
  const numbers = fishNumbers(book, trip.id);
  const state = (f: FishState): string => {
    if (!book.stands(f)) return `Crossed out${f.struck?.because ? `: ${f.struck.because}` : ''}`;
    if (f.released) return `${RELEASE_WORDS[f.released.reason]}. Back ${timeBeside(f.released.at, f.landed.at)}`;
    if (f.discarded) return `Kept, thrown away ${timeBeside(f.discarded.at, f.landed.at)}`;
    const line = custodyOf(book, f.id);
    if (!f.dispatched) return 'In hand, undecided';
    return line?.where === 'box' ? 'Kept. In ice' : `Kept. ${line?.where === 'bleeding' ? 'Bleeding' : 'Aboard'}`;
  };
  const rule = (f: FishState): string => {
    if (!rules || !f.species) return '';
    return [f.species, ...f.orElse]
      .map((id) => {
        const about = rulesAbout(rules, id, placeIn(rules, trip, f.landed.at).zone, day(f.landed.at));
        const least = leastOf(about);
        return (
          sayShut(about, day(f.landed.at)) ??
          (least ? `minimum ${shortLength(least.mm)}${least.kind === 'discWidth' ? ' wide' : ''}` : 'none')
        );
      })
      .join(' / ');
  };
  const moved = trip.moves.length > 0;
  return (
    <table className="w-full border-collapse">
      <thead>
        <tr>
          <th scope="col">No.</th>
          <th scope="col">Landed</th>
          {moved && <th scope="col">Zone</th>}
          <th scope="col">Species</th>
          <th scope="col" className="right text-right whitespace-nowrap">
            Length, {LENGTH_UNIT}
          </th>
          <th scope="col">Rule, {LENGTH_UNIT}</th>
          <th scope="col">Counts for</th>
          <th scope="col">State, or why released</th>
        </tr>
      </thead>
      <tbody>
        {fish.map((f) => (
          <tr key={f.id} className={!book.stands(f) ? 'struck' : f.released ? undefined : 'kept'}>
            <th className="font-bold" scope="row">
              {numbers.get(f.id)}
            </th>
            <td>
              {day(f.landed.at) === on ? '' : `${shortDay(day(f.landed.at))} `}
              {time(f.landed.at)}
            </td>
            {moved && <td>{rules ? names.zone(placeIn(rules, trip, f.landed.at).zone) : names.zone(trip.zone)}</td>}
            <td>{sayFish(f, names)}</td>
            <td className="right text-right whitespace-nowrap">
              <Lengths fish={f} />
            </td>
            <td>{rule(f)}</td>
            <td>{f.released || !book.stands(f) ? 'nobody' : names.member(f.angler)}</td>
            <td>
              <FateMark
                fate={!book.stands(f) ? 'struck' : f.released ? 'letGo' : f.dispatched ? 'keep' : 'again'}
                size={14}
              />{' '}
              {state(f)}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
