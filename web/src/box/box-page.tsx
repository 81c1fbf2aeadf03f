import {
  boxRoom,
  coreTemperatureOf,
  iceNow,
  custodyOf,
  fishOnIce,
  type FishState,
  freshnessOfFish,
  massOf,
  sayIce,
  type TripState,
  tripsInOrder,
} from '@dagboek/journal';
import { warmSide } from '@dagboek/core/fresh';
import { saySpan } from '@dagboek/core/time';
import { Link } from 'react-router';
import { sayFish, useCatalogue, useNames } from '../kit/catalogue.ts';
import { CustodyHead, CustodyRow } from '../kit/custody/custody-row.tsx';
import { FigureView } from '../kit/figure-view.tsx';
import { IceKeys } from './ice-keys.tsx';
import { nowMs } from '../kit/clock.ts';
import { capital } from '../kit/names-in-text.ts';
import { CORE_HOW, sayCore } from '../kit/core-words.ts';
import { plural, useFormat } from '../kit/format.ts';
import { useBook } from '../kit/journal/journal-context.tsx';
import { Page, Row } from '../kit/page.tsx';
import { useNow } from '../kit/use-now.ts';
import { Paged } from '../kit/ui/paged.tsx';
import { UsedCell } from '../kit/custody/used-cell.tsx';
import { HistamineNote } from '../kit/histamine-note.tsx';
import { massParts, sayHeavy, sayVolume, units } from '../kit/units.ts';

/** What lies on ice now, box by box. */
export function BoxPage() {
  const { book } = useBook();
  const { byId } = useCatalogue();
  // Drawn anew by the minute; what was noted a moment ago lies not in the future.
  const now = Math.max(useNow(60_000), nowMs());
  const lines = fishOnIce(book);
  // A box that is used no more still stands here while something lies in it.
  const boxes = book
    .allAny('box')
    .filter((b) => (book.stands(b) && b.retiredAt === null) || lines.some((f) => f.iced?.box === b.id));
  const known = new Set(boxes.map((b) => b.id));
  const astray = lines.filter((f) => !known.has(f.iced?.box ?? ''));
  const kg = lines.reduce((g, f) => g + (massOf(f, byId(f.species))?.g ?? 0) * f.count, 0);
  return (
    <Page
      title="Box"
      first={{ label: 'Boxes', value: boxes.length }}
      cells={[
        {
          label: 'On ice',
          value: plural(book.countOnIce, 'fish', 'fish'),
        },
        { label: 'Together', value: massParts(kg).join(' ') },
      ]}
    >
      {boxes.map((b) => (
        <BoxSection
          key={b.id}
          id={b.id}
          name={b.name}
          litres={b.litres}
          lines={lines.filter((f) => f.iced?.box === b.id)}
          trip={tripsInOrder(book).findLast((t) => t.box === b.id && !t.endedAt) ?? null}
          now={now}
        />
      ))}
      {astray.length > 0 && (
        <BoxSection
          id={null}
          name="In a box that this book does not know"
          litres={null}
          lines={astray}
          trip={null}
          now={now}
        />
      )}
    </Page>
  );
}

function BoxSection({
  id,
  name,
  litres,
  lines,
  trip,
  now,
}: {
  /** Null for what lies in a box that is not known. */
  id: string | null;
  name: string;
  litres: number | null;
  lines: readonly FishState[];
  trip: TripState | null;
  now: number;
}) {
  const { byId } = useCatalogue();
  const { book } = useBook();
  const names = useNames();
  const format = useFormat();
  const { time, day, dayOfMs, shortDay } = format;
  const state = id === null ? null : book.getAny('box', id);
  const ice = state && iceNow(state, now, trip?.iceKg ? trip.startedAt : null);
  const idle = lines.length === 0 && trip === null;
  const saidIce = (): string => {
    if (idle) return 'Empty.';
    const on = (at: string): string =>
      day(at) === dayOfMs(now) ? `at ${time(at)}` : `on ${shortDay(day(at))} at ${time(at)}`;
    const known = ice?.last
      ? `${capital(on(ice.last.at))}: ${sayIce(ice.last, units)}`
      : trip &&
        `${capital(on(trip.startedAt))}: ${trip.iceKg === null ? 'no ice noted' : `${sayHeavy(trip.iceKg)} of ice`}`;
    if (known === null) return 'Its trip has ended; take the fish to the board while they are cold.';
    const left = ice?.goneMs ? ice.goneMs - now : null;
    const lasts =
      left === null
        ? ''
        : left > 0
          ? `; taken to last ${saySpan(left)} more`
          : `; taken to be gone for ${saySpan(-left)}`;
    return `${known}${lasts}. Look under the lid: when the ice no longer covers the fish, add some.`;
  };
  const room = state && boxRoom(book, state, trip, byId);
  const order = [...lines].sort((a, b) => Date.parse(a.iced?.at ?? '') - Date.parse(b.iced?.at ?? ''));
  return (
    <section aria-label={name}>
      <Row className="pad box-head">
        <h2>
          {capital(name)} {litres !== null && <small>{sayVolume(litres)}</small>}
        </h2>
        <p>{saidIce()}</p>
        {state && <IceKeys box={state} />}
        {room && lines.length > 0 && (
          <p className={room.tooFull ? 'asks' : undefined}>
            {room.tooFull && (
              <b>Too full: not every fish lies in ice. Bring another box, or send the next ones back. </b>
            )}
            The fish fill some {sayVolume(Math.round(room.fishL))}
            {room.iceL > 0 ? `, the ice filled ${sayVolume(Math.round(room.iceL))} when it was put in` : ''}
            {room.unweighed > 0 ? `; ${plural(room.unweighed, 'fish', 'fish')} of no weight not counted` : ''}.
          </p>
        )}
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
      <Paged items={order} keyOf={(f) => f.id} more="More fish">
        {(f) => {
          const s = byId(f.species);
          const fresh = freshnessOfFish(book, f.id, byId, now);
          const line = custodyOf(book, f.id);
          const mass = massOf(f, s);
          const core = coreTemperatureOf(book, f.id, byId, now);
          return (
            <>
              {fresh?.histamine && fresh.histamine.state !== 'within' && (
                <Row className="note-row">
                  <HistamineNote of={sayFish(f, names)} clock={fresh.histamine} />
                </Row>
              )}
              <Row
                time={
                  f.iced && (
                    <>
                      {f.iced.about ? '~' : ''}
                      {time(f.iced.at)}
                      {day(f.iced.at) !== dayOfMs(now) && <span>{shortDay(day(f.iced.at))}</span>}
                    </>
                  )
                }
                className="line"
              >
                <Link to={`/fish/${f.id}`} className="log-grid as-row boxed">
                  <span className="icon">{s && <FigureView spec={s.figure} size={64} plain />}</span>
                  <span className="name">
                    {sayFish(f, names)}
                    {core && <small>{sayCore(core, format, now)}</small>}
                  </span>
                  <span className="num-cell">{mass ? massParts(mass.g * f.count).join(' ') : ''}</span>
                  {line && <CustodyRow line={line} fresh={fresh} />}
                  <UsedCell fresh={fresh} />
                </Link>
              </Row>
            </>
          );
        }}
      </Paged>
      {lines.length > 0 && (
        <Row className="pad">
          <p className="hint">
            Used up: {warmSide(units)} {CORE_HOW}
          </p>
        </Row>
      )}
    </section>
  );
}
