import { type CustodyLine, fishOnIce, freshnessOf, massOf, type TripState, tripsInOrder } from '@dagboek/journal';
import { WARM_SIDE } from '@dagboek/core/fresh';
import { saySpan } from '@dagboek/core/time';
import { Link } from 'react-router';
import { sayFish, useCatalogue, useNames } from '../kit/catalogue.ts';
import { CustodyHead, CustodyRow } from '../kit/custody/custody-row.tsx';
import { FigureView } from '../kit/figure-view.tsx';
import { massParts, plural, useFormat } from '../kit/format.ts';
import { useBook } from '../kit/journal/journal-context.tsx';
import { Page, Row } from '../kit/page.tsx';
import { useNow } from '../kit/use-now.ts';
import { UsedCell } from '../kit/custody/used-cell.tsx';
import { HistamineNote } from '../kit/histamine-note.tsx';

/** What lies on ice now, box by box. */
export function BoxPage() {
  const { book } = useBook();
  const { byId } = useCatalogue();
  const now = useNow(60_000);
  const lines = fishOnIce(book);
  // A box that is used no more still stands here while something lies in it.
  const boxes = book
    .allAny('box')
    .filter((b) => (book.stands(b) && b.retiredAt === null) || lines.some((l) => l.fish.iced?.box === b.id));
  const kg = lines.reduce((g, l) => g + (massOf(l.fish, byId(l.fish.species))?.g ?? 0) * l.fish.count, 0);
  return (
    <Page
      title="Box"
      first={{ label: 'Boxes', value: boxes.length }}
      cells={[
        {
          label: 'On ice',
          value: plural(
            lines.reduce((n, l) => n + l.fish.count, 0),
            'fish',
            'fish',
          ),
        },
        { label: 'Together', value: massParts(kg).join(' ') },
      ]}
    >
      {boxes.map((b) => (
        <BoxSection
          key={b.id}
          boxId={b.id}
          name={b.name}
          litres={b.litres}
          lines={lines.filter((l) => l.fish.iced?.box === b.id)}
          trip={tripsInOrder(book).findLast((t) => t.box === b.id && !t.endedAt) ?? null}
          now={now}
        />
      ))}
    </Page>
  );
}

function BoxSection({
  boxId,
  name,
  litres,
  lines,
  trip,
  now,
}: {
  boxId: string;
  name: string;
  litres: number;
  lines: readonly CustodyLine[];
  trip: TripState | null;
  now: number;
}) {
  const { byId } = useCatalogue();
  const { book } = useBook();
  const names = useNames();
  const { time, day, dayOfMs, shortDay } = useFormat();
  const order = [...lines].sort((a, b) => Date.parse(a.fish.iced?.at ?? '') - Date.parse(b.fish.iced?.at ?? ''));
  return (
    <section aria-label={name}>
      <Row className="pad box-head">
        <h2>
          {name.charAt(0).toUpperCase() + name.slice(1)} <small>{litres} l</small>
        </h2>
        <p>
          {trip
            ? `${trip.iceKg ?? 'No noted'} kg of ice at ${time(trip.startedAt)}, ${saySpan(now - Date.parse(trip.startedAt))} ago. Look under the lid: when the ice no longer covers the fish, add some.`
            : lines.length
              ? 'Its trip has ended; take the fish to the board while they are cold.'
              : 'Empty.'}
        </p>
        {lines.length > 0 && <p className="hint">Used up: {WARM_SIDE}</p>}
      </Row>
      {order.length > 0 && (
        <Row time="Iced" className="head-row">
          <div className="log-grid head boxed">
            <span />
            <span>Fish</span>
            <span className="num-cell">weight</span>
            <CustodyHead />
            <span className="used">used</span>
          </div>
        </Row>
      )}
      {order.map((l) => {
        const s = byId(l.fish.species);
        const fresh = freshnessOf(l, s, book.get('trip', l.fish.trip)?.waterC ?? null, now);
        const mass = massOf(l.fish, s);
        return (
          <div key={l.fish.id + boxId}>
            {fresh?.histamine && fresh.histamine.state !== 'within' && (
              <Row className="note-row">
                <HistamineNote of={sayFish(l.fish, names)} clock={fresh.histamine} />
              </Row>
            )}
            <Row
              time={
                l.fish.iced && (
                  <>
                    {l.fish.iced.about ? '~' : ''}
                    {time(l.fish.iced.at)}
                    {day(l.fish.iced.at) !== dayOfMs(now) && <span>{shortDay(day(l.fish.iced.at))}</span>}
                  </>
                )
              }
              className="line"
            >
              <Link to={`/fish/${l.fish.id}`} className="log-grid as-row boxed">
                <span className="icon">{s && <FigureView spec={s.figure} size={64} plain />}</span>
                <span className="name">{sayFish(l.fish, names)}</span>
                <span className="num-cell">{mass ? massParts(mass.g * l.fish.count).join(' ') : ''}</span>
                <CustodyRow line={l} fresh={fresh} />
                <UsedCell fresh={fresh} />
              </Link>
            </Row>
          </div>
        );
      })}
    </section>
  );
}
