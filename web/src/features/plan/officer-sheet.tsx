import { bagsOn, keptDays, methodError, placeIn } from '@dagboek/journal';
import { leastOf, rulesAbout, sayShut } from '@dagboek/core/rules';
import { custodyOf, earlierLengths, fishNumbers, type FishState, openTrip, tripsInOrder } from '@dagboek/journal';
import { sayDate, stamp, wallTime } from '@dagboek/core/time';
import { MissingPage } from '../../frame/missing-page.tsx';
import { sayFish, useCatalogue, useNames, useRules } from '../../asked/catalogue.ts';
import { plural, useFormat } from '../../asked/format.ts';
import { useBook, useOutbox } from '../../offline/journal-context.tsx';
import { useNow } from '../../ui/use-now.ts';
import { FateMark } from '../../fish/verdict-mark.tsx';
import { PrintPage, TenCentimetres } from '../../frame/print-page.tsx';
import { LENGTH_UNIT, lengthNumber, sayLength, sayTime, shortLength } from '../../asked/units.ts';

/** How a length was read, when not on the board. */
const WITH = { mat: 'mat', tape: 'tape', photo: 'picture', eye: 'by eye' } as const;

function Lengths({ fish }: { fish: FishState }) {
  if (!fish.length) return <>not measured</>;
  return (
    <>
      {earlierLengths(fish)
        .filter((mm) => mm !== fish.length?.mm)
        .map((mm) => (
          <s key={mm}>{lengthNumber(mm)} </s>
        ))}
      {lengthNumber(fish.length.mm)}
      {fish.length.longestMm ? ` to ${lengthNumber(fish.length.longestMm)}` : ''}
      {fish.length.kind === 'discWidth' ? ' wide' : fish.length.kind === 'fork' ? ' fork' : ''}
      {fish.length.method !== 'board' && ` ${WITH[fish.length.method]}`}
      {fish.length.sdMm !== null && ` (±${lengthNumber(fish.length.sdMm)})`}
    </>
  );
}

const sayLicences = (list: readonly { name: string; until: string }[] | null): string =>
  list === null
    ? 'not noted'
    : list.length === 0
      ? 'none'
      : list.map((l) => `${l.name} to ${sayDate(l.until)} ${l.until.slice(0, 4)}`).join(', ');

/** Today's fish, kept and let go, for whoever may ask: one page that needs no explanation. */
export function OfficerSheet() {
  const { book } = useBook();
  const outbox = useOutbox();
  const rules = useRules();
  const names = useNames();
  const { byId } = useCatalogue();
  const { day, dayOfMs, time, shortDay } = useFormat();
  const now = useNow(60_000);
  const trip = openTrip(book) ?? tripsInOrder(book).at(-1);
  if (!trip) return <MissingPage />;
  const numbers = fishNumbers(book, trip.id);
  // Struck ones too: nothing is removed from what an officer reads.
  const fish = book
    .namingAny('fish', trip.id)
    .sort((a, b) => Date.parse(a.landed.at) - Date.parse(b.landed.at) || (a.id < b.id ? -1 : 1));
  const standing = fish.filter((f) => book.stands(f));
  const on = day(trip.startedAt);
  const today = dayOfMs(now);
  const kept = standing.filter((f) => !f.released);
  const state = (f: FishState): string => {
    if (!book.stands(f)) return `Struck${f.struck?.because ? `: ${f.struck.because}` : ''}`;
    if (f.released) return `${f.released.reason}. Back ${time(f.released.at)}`;
    if (f.discarded) return `Kept, thrown away ${time(f.discarded.at)}`;
    const line = custodyOf(book, f.id);
    if (!f.dispatched) return 'In hand, not decided';
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
          (least ? `least ${shortLength(least.mm)}${least.kind === 'discWidth' ? ' wide' : ''}` : 'none')
        );
      })
      .join(' / ');
  };
  const moved = trip.moves.length > 0;
  // A trip that passes midnight has a bag for each day, as its verdicts have.
  const days = rules ? keptDays({ book, zone: rules.timeZone }, trip.id) : [];
  const bags = days.flatMap((d) =>
    (rules ? bagsOn(book, rules, d, trip.crew, null, trip.boat) : []).map((b) => ({ ...b, day: d })),
  );
  const rows = [...new Set(bags.map((b) => `${b.day} ${b.ruleId}`))].map((id) =>
    bags.filter((b) => `${b.day} ${b.ruleId}` === id),
  );
  const papers = trip.crew.some((m) => book.get('member', m)?.licences);
  const ofBoat = bags.some((b) => b.anglerId === null);
  const lines = fish.flatMap((f) => f.log);
  const corrected = standing.filter((f) => earlierLengths(f).length > 0).length;
  const goodTo = methodError(book, 'board').sdMm;
  return (
    <PrintPage
      title="Officer’s sheet"
      aside={
        rules ? (
          <>
            {rules.name}
            {rules.sample ? ', not law' : ''}
            <br />
            version {rules.version}, checked {sayDate(rules.checked)} {rules.checked.slice(0, 4)}
          </>
        ) : (
          'This book goes by no rules'
        )
      }
      cells={[
        ['Boat', trip.boat || 'from the shore'],
        [
          'Day and hour',
          `${shortDay(today)} ${today.slice(0, 4)}, ${rules ? sayTime(wallTime(stamp(now, rules.timeZone), rules.timeZone)) : ''}`,
        ],
        ['Zone', [...new Set([trip.zone, ...trip.moves.map((m) => m.zone)])].map(names.zone).join(', then ')],
        ['Left', `${on === today ? '' : `${shortDay(on)}, `}${time(trip.startedAt)}`],
      ]}
      foot={[
        `Log of this trip: ${plural(trip.log.length + lines.length, 'entry', 'entries')}, ${lines.filter((l) => l.struck).length} struck, none removed, ${outbox.length} not yet sent.`,
        'Zone only, no marks.',
      ]}
    >
      <p className="mt-2">
        <b className="ml-3.5 font-bold text-[28px] leading-[normal] font-head first:ml-0">
          {kept.reduce((n, f) => n + f.count, 0)}
        </b>{' '}
        fish aboard, in {plural(kept.length, 'line')},{' '}
        <b className="ml-3.5 font-bold text-[28px] leading-[normal] font-head">
          {standing.filter((f) => f.released).reduce((n, f) => n + f.count, 0)}
        </b>{' '}
        let go <b className="ml-3.5 font-bold text-[28px] leading-[normal] font-head">{corrected}</b>{' '}
        {corrected === 1 ? 'length' : 'lengths'} corrected, both shown
      </p>
      <h2>Every fish landed, in order</h2>
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
            <th scope="col">State, or why let go</th>
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
      {fish.length === 0 && <p>Nothing has been landed on this trip.</p>}
      <p className="mt-1.5 text-[13px]">
        Measured as noted, on a board unless it says otherwise; good to {sayLength(goodTo)} (two readings in three).
        Struck lengths were corrected, and stay readable. Kept fish may measure 1 to 3 % shorter after a day on ice. A
        fish counts for whoever caught it.
      </p>
      <div className="gap-5.5 grid grid-cols-[3fr_2fr] max-tablet:grid-cols-[1fr]">
        <section>
          <h2>Kept, against the allowance</h2>
          <table className="w-full border-collapse">
            <thead>
              <tr>
                <th scope="col">Species</th>
                {trip.crew.map((m) => (
                  <th scope="col" key={m}>
                    {names.member(m)}
                  </th>
                ))}
                {ofBoat && <th scope="col">Boat</th>}
              </tr>
            </thead>
            <tbody>
              {rows.map((list) => {
                const [first] = list;
                if (!first) return null;
                const of = (who: string | null) => list.find((b) => b.anglerId === who);
                return (
                  <tr key={`${first.day} ${first.ruleId}`}>
                    <th className="font-bold" scope="row">
                      {first.together.length === 0
                        ? 'All species'
                        : first.together.map((id) => byId(id)?.name ?? id).join(', ')}
                      {first.kind === 'possession' ? ', in hand' : first.kind === 'yearlyBag' ? ', this year' : ''}
                      {days.length > 1 ? `, ${shortDay(first.day)}` : ''}
                    </th>
                    {trip.crew.map((m) => (
                      <td key={m}>{of(m) ? `${of(m)?.used} of ${of(m)?.most}` : '0'}</td>
                    ))}
                    {ofBoat && <td>{of(null) ? `${of(null)?.used} of ${of(null)?.most}` : ''}</td>}
                  </tr>
                );
              })}
            </tbody>
          </table>
          {rows.length === 0 && <p>Nothing kept counts yet.</p>}
        </section>
        <section>
          <h2>Aboard</h2>
          <table className="w-full border-collapse">
            <thead>
              <tr>
                <th scope="col">Name</th>
                {papers && <th scope="col">Licences</th>}
                <th scope="col">Gear used</th>
              </tr>
            </thead>
            <tbody>
              {trip.crew.map((m) => (
                <tr key={m}>
                  <th className="font-bold" scope="row">
                    {names.member(m)}
                  </th>
                  {papers && <td>{sayLicences(book.get('member', m)?.licences ?? null)}</td>}
                  <td>
                    {[...new Set(fish.filter((f) => f.angler === m).flatMap((f) => f.gear ?? []))].join(', ') ||
                      'none yet'}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </section>
      </div>
      <h2>Check the print: this is 10 cm</h2>
      <TenCentimetres />
      <div className="print-sign mt-[16mm] gap-6 grid grid-cols-[1fr_1fr_120px]">
        <span className="pt-0.5 border-t border-black">Skipper</span>
        <span className="pt-0.5 border-t border-black">Officer</span>
        <span className="pt-0.5 border-t border-black">Hour</span>
      </div>
    </PrintPage>
  );
}
