import { FoldKey } from '../../ui/fold-key.tsx';
import { useNow } from '../../ui/use-now.ts';
import { useAsked } from '../../asked/asked.ts';
import { custodyOf, type FishState, freshnessOf, sayTripNote, type TripState } from '@dagboek/journal';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { sayFish, useNames } from '../../asked/names.ts';
import { CustodyHead, CustodyRow } from '../../fish/custody/custody-row.tsx';
import { FirstMark } from '../../fish/first-mark.tsx';
import { plural, useFormat } from '../../asked/format.ts';
import { useBook } from '../../offline/journal-context.tsx';
import { LengthCell } from '../../fish/length-cell.tsx';
import { Row } from '../../frame/page.tsx';
import { useNarrow } from '../../ui/use-width.ts';
import { FateMark } from '../../fish/verdict-mark.tsx';
import { UsedCell } from '../../fish/custody/used-cell.tsx';
import { HistamineNote } from '../../fish/histamine-note.tsx';
import { LENGTH_UNIT, sayHeavy } from '../../asked/units.ts';

/** Fish, not lines: a lot of eight is eight. */
const count = (list: readonly FishState[]): number => list.reduce((n, f) => n + f.count, 0);

/** How many rows stand open before the older ones fold into one line; on a phone they all fold. */
const OPEN_ROWS = 3;

/** A line of the trip: a fish, or something else that was noted. */
type Item =
  | { readonly at: string; readonly fish: FishState }
  | { readonly at: string; readonly note: TripState['notes'][number] };

/** The trip's lines so far, one a fish; the older ones fold, so that the fish in hand stays in reach. */
export function DeckLog({
  trip,
  fish,
  numberOf,
  onChoose,
}: {
  trip: TripState;
  fish: readonly FishState[];
  numberOf: (id: string) => string;
  onChoose: (id: string) => void;
}) {
  const [open, setOpen] = useState(false);
  const { time } = useFormat();
  const names = useNames();
  const rows = useNarrow() ? 0 : OPEN_ROWS;
  // On a phone the counts alone, once there are any.
  const brief = rows === 0 && fish.length > 0;
  // What was seen stands among the fish, each with its hour.
  const items: Item[] = [
    ...fish.map((f) => ({ at: f.landed.at, fish: f })),
    ...trip.notes.map((n) => ({ at: n.at, note: n })),
  ].sort((a, b) => Date.parse(a.at) - Date.parse(b.at));
  // The last few fish stand open, with what was noted between them.
  const firstOpen = rows > 0 ? fish.at(-Math.min(rows, fish.length)) : undefined;
  const openFrom = firstOpen ? items.findIndex((i) => 'fish' in i && i.fish.id === firstOpen.id) : items.length;
  const hidden = open || fish.length + trip.notes.length <= rows ? [] : items.slice(0, openFrom);
  const folded = hidden.flatMap((i) => ('fish' in i ? i.fish : []));
  const notes = hidden.length - folded.length;
  const { book } = useBook();
  const standing = folded.filter((f) => book.stands(f));
  const kept = count(standing.filter((f) => !f.released));
  const back = count(standing.filter((f) => f.released));
  const taken = folded.length - standing.length;
  const first = folded[0];
  const last = folded.at(-1);
  return (
    <>
      <Row time="Time" className="head-row">
        <div className="log-grid min-h-6 text-cap text-ink-2 max-tablet:hidden">
          <span>No.</span>
          <span />
          <span>Fish</span>
          <span className="num-cell text-right whitespace-nowrap">{LENGTH_UNIT}</span>
          <CustodyHead />
          <span className="used text-right font-normal whitespace-nowrap">used</span>
        </div>
      </Row>
      <Row time={time(trip.startedAt)} className="line quiet-line">
        <p className="log-sentence py-[7px] px-0 text-ink-2">
          {!brief && (
            <>
              Left for {names.zone(trip.zone)}.
              {trip.iceKg ? ` ${sayHeavy(trip.iceKg)} of ice${trip.box ? ` in ${names.box(trip.box)}` : ''}.` : ''}{' '}
            </>
          )}
          {first && last && (
            <>
              {!brief && `Nos. ${numberOf(first.id)} to ${numberOf(last.id)} are folded: `}
              {kept} kept, {back} let go
              {taken > 0 ? `, ${taken} crossed out` : ''}
              {notes > 0 ? `, ${plural(notes, 'remark')}` : ''}.{' '}
            </>
          )}
          {(hidden.length > 0 || open) && (
            <FoldKey aria-expanded={open} onClick={() => setOpen(!open)}>
              {open ? 'Fold' : 'Open'}
            </FoldKey>
          )}
        </p>
      </Row>
      {items.slice(hidden.length).map((i) =>
        'fish' in i ? (
          <DeckRow key={i.fish.id} fish={i.fish} number={numberOf(i.fish.id)} onChoose={onChoose} />
        ) : (
          <Row key={`${i.at} ${i.note.text}`} className="line" time={time(i.at)}>
            <p className="log-sentence py-[7px] px-0 text-ink-2">
              {sayTripNote(i.note, names.units)} <i>{names.member(i.note.by)}</i>
            </p>
          </Row>
        ),
      )}
    </>
  );
}

function DeckRow({ fish, number, onChoose }: { fish: FishState; number: string; onChoose: (id: string) => void }) {
  const { book } = useBook();
  const names = useNames();
  const navigate = useNavigate();
  const asked = useAsked(useNow(60_000));
  const { time } = useFormat();
  const line = custodyOf(book, fish.id);
  if (!line) return null;
  const fresh = freshnessOf(asked, line);
  const struck = line.where === 'struck';
  const unfinished = line.where === 'in hand' || line.where === 'bleeding';
  const name = sayFish(fish, names);
  return (
    <>
      {fresh?.histamine && fresh.histamine.state !== 'within' && (
        <Row className="note-row">
          <HistamineNote of={`No. ${number}, ${name}`} clock={fresh.histamine} />
        </Row>
      )}
      <Row time={time(fish.landed.at)} className={struck ? 'line struck-row' : 'line'}>
        <button
          type="button"
          className="log-grid as-row"
          aria-label={`No. ${number}, ${name}${struck ? ', crossed out' : ''}: ${unfinished ? 'take in hand' : 'open its page'}`}
          onClick={() => (unfinished ? onChoose(fish.id) : void navigate(`/fish/${fish.id}`))}
        >
          <span className="font-bold text-[1rem] leading-[normal] font-text in-[.struck-row]:line-through in-[.struck-row]:text-ink-3">
            {number}
          </span>
          <FateMark fate={struck ? 'struck' : fish.released ? 'letGo' : line.where === 'in hand' ? 'again' : 'keep'} />
          <span className="name font-semibold text-[1rem] leading-[1.15] in-[.struck-row]:line-through in-[.struck-row]:text-ink-3">
            {name}
            <FirstMark fish={fish} small />
          </span>
          <LengthCell fish={fish} />
          <CustodyRow line={line} fresh={fresh} />
          <UsedCell fresh={fresh} />
        </button>
      </Row>
    </>
  );
}
