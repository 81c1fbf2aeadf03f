import { sayDate, stamp, wallTime } from '@dagboek/core/time';
import { earlierLengths, methodError, openTrip, tripsInOrder } from '@dagboek/journal';
import { useNames, useRules } from '../../asked/names.ts';
import { plural, useFormat, wordFor } from '../../asked/format.ts';
import { sayLength, sayTime } from '../../asked/units.ts';
import { MissingPage } from '../../frame/missing-page.tsx';
import { PrintPage, TenCentimetres } from '../../frame/print-page.tsx';
import { useBook, useOutbox } from '../../offline/journal-context.tsx';
import { useNow } from '../../ui/use-now.ts';
import { AllowanceTable } from './allowance-table.tsx';
import { CrewTable } from './crew-table.tsx';
import { LandedTable } from './landed-table.tsx';

/** Today's fish, kept and let go, for whoever may ask: one page that needs no explanation. */
export function OfficerSheet() {
  const { book } = useBook();
  const outbox = useOutbox();
  const rules = useRules();
  const names = useNames();

  const { day, dayOfMs, time, timeBeside, shortDay } = useFormat();
  const now = useNow(60_000);
  const trip = openTrip(book) ?? tripsInOrder(book).at(-1);
  if (!trip) return <MissingPage />;

  // Struck ones too: nothing is removed from what an officer reads.
  const fish = book
    .namingAny('fish', trip.id)
    .sort((a, b) => Date.parse(a.landed.at) - Date.parse(b.landed.at) || (a.id < b.id ? -1 : 1));
  const standing = fish.filter((f) => book.stands(f));
  const on = day(trip.startedAt);
  const today = dayOfMs(now);
  const kept = standing.filter((f) => !f.released);

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
        `Log of this trip: ${plural(trip.log.length + lines.length, 'entry', 'entries')}, ${lines.filter((l) => l.struck).length} crossed out, none removed, ${outbox.length} not sent yet.`,
        'Zone only, no marks.',
      ]}
    >
      <p className="mt-2">
        <b className="ml-3.5 font-bold text-[28px] leading-[normal] font-head first:ml-0">
          {kept.reduce((n, f) => n + f.count, 0)}
        </b>{' '}
        fish aboard, in {plural(kept.length, 'row')},{' '}
        <b className="ml-3.5 font-bold text-[28px] leading-[normal] font-head">
          {standing.filter((f) => f.released).reduce((n, f) => n + f.count, 0)}
        </b>{' '}
        let go <b className="ml-3.5 font-bold text-[28px] leading-[normal] font-head">{corrected}</b>{' '}
        {wordFor(corrected, 'length', 'lengths')} corrected; both are shown
      </p>
      <h2>Every fish landed, in order</h2>
      <LandedTable
        fish={fish}
        book={book}
        day={day}
        on={on}
        shortDay={shortDay}
        time={time}
        timeBeside={timeBeside}
        rules={rules}
        names={names}
        trip={trip}
      />
      {fish.length === 0 && <p>No fish was caught on this trip.</p>}
      <p className="mt-1.5 text-[13px]">
        Measured on a board unless noted otherwise; good to {sayLength(goodTo)} (two readings in three). Crossed-out
        lengths were corrected, and stay readable. Kept fish may measure 1 to 3 % shorter after a day on ice. A fish
        counts for the person who caught it.
      </p>
      <div className="gap-5.5 grid grid-cols-[3fr_2fr] max-tablet:grid-cols-[1fr]">
        <AllowanceTable trip={trip} names={names} shortDay={shortDay} rules={rules} book={book} />
        <CrewTable trip={trip} names={names} book={book} fish={fish} />
      </div>
      <h2>Check the print: this line is 10 cm</h2>
      <TenCentimetres />
      <div className="print-sign mt-[16mm] gap-6 grid grid-cols-[1fr_1fr_120px]">
        <span className="pt-0.5 border-t border-black">Skipper</span>
        <span className="pt-0.5 border-t border-black">Officer</span>
        <span className="pt-0.5 border-t border-black">Hour</span>
      </div>
    </PrintPage>
  );
}
