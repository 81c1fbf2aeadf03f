import { sayWithoutCurrent, warmthWords } from '@dagboek/core/larder';
import { sayDate, sayDay, saySpan, stamp } from '@dagboek/core/time';
import {
  type HeldPack,
  heldPack,
  isNotToEat,
  packsIn,
  sayPressing,
  type Store,
  storeById,
  storeNow,
  thawStore,
  withoutCurrentOf,
} from '@dagboek/journal';
import { useRef, useState } from 'react';
import { Link, useParams } from 'react-router';
import { useAsked } from '../../asked/asked.ts';
import { plural, useFormat } from '../../asked/format.ts';
import { massParts, sayMass, sayTemperature, units } from '../../asked/units.ts';
import { MissingPage } from '../../frame/missing-page.tsx';
import { Page, Row } from '../../frame/page.tsx';
import { Paged } from '../../frame/paged.tsx';
import { StruckBanner } from '../../frame/struck-banner.tsx';
import { DeckKey } from '../../lines/deck-key.tsx';
import { LogLines } from '../../lines/log-lines.tsx';
import { useUndoWrite } from '../../lines/take-back.tsx';
import { useBook } from '../../offline/journal-context.tsx';
import { nowMs } from '../../ui/clock.ts';
import { Dialog } from '../../ui/dialog.tsx';
import { Key, LineKey } from '../../ui/key.tsx';
import { Title } from '../../ui/title.tsx';
import { Trouble } from '../../ui/trouble.tsx';
import { useNow } from '../../ui/use-now.ts';
import { CurrentDrill } from './current-drill.tsx';
import { ReadDialog } from './read-dialog.tsx';
import { sayStoreNow, storeName } from './say-store.ts';
import { StoreChart } from './store-chart.tsx';
import { StoreForm } from './store-form.tsx';
import { StoreKeys } from './store-keys.tsx';

/** One store: how cold it is and was, what that does to the packs in it; its thermometer, its current. */
export function StorePage() {
  const { id = '' } = useParams();
  const { book } = useBook();
  const struck = book.getAny('store', id);
  const store = storeById(book, id);
  if (store) return <StoreView store={store} />;
  if (!struck) return <MissingPage />;
  return (
    <Page title={struck.name} first={{ label: 'Store', value: '' }} cells={[]}>
      <StruckBanner state={struck} />
      <Row className="pad">
        <h2>{struck.name}</h2>
        <LogLines lines={struck.log} />
      </Row>
    </Page>
  );
}

function StoreView({ store }: { store: Store }) {
  const { book } = useBook();
  const { day, time, zone } = useFormat();
  const { write } = useUndoWrite();
  // Looked at again each minute, and at once after each line: what was just written is not in the future.
  useNow(60_000);
  const now = nowMs();
  const asked = useAsked(now);
  const [open, setOpen] = useState<'read' | 'own' | 'retire' | null>(null);
  const [taken, setTaken] = useState<readonly HeldPack[]>([]);
  const [trouble, setTrouble] = useState<string | null>(null);
  const [lines, setLines] = useState(12);
  // On a phone the packs stand a screen below: one tap, and one is at the door.
  const list = useRef<HTMLHeadingElement>(null);
  const { own } = store;
  const warmth = warmthWords(store.place, units);
  const off = withoutCurrentOf({ book, nowMs: now }, store);
  const state = storeNow({ book, nowMs: now }, store);
  const byDay = (a: HeldPack, b: HeldPack): number =>
    a.keeps.eatBy < b.keeps.eatBy ? -1 : a.keeps.eatBy > b.keeps.eatBy ? 1 : a.pack.number - b.pack.number;
  const held = packsIn(book, store.id)
    .flatMap((p) => heldPack(asked, p) ?? [])
    .sort(byDay);
  // What was taken out a moment ago stays in its place: nothing moves under the finger, and a second tap takes no other.
  const gone = taken.filter((t) => !held.some((h) => h.pack.id === t.pack.id));
  const listed = [...held, ...gone].sort(byDay);
  const grams = held.reduce((g, h) => g + h.leftG, 0);
  const fridge = thawStore(book);
  const takeOut = async (h: HeldPack): Promise<void> => {
    const r = await write('pack.moved', h.pack.id, {
      place: 'fridge',
      ...(fridge.own ? { store: fridge.id } : {}),
    });
    setTrouble(r.ok ? null : r.why);
    if (r.ok) setTaken([...taken, h]);
  };
  const put = async (kind: 'store.power' | 'store.retired', facts: object): Promise<void> => {
    const r = await write(kind, store.id, facts as never);
    setTrouble(r.ok ? null : r.why);
    if (r.ok) setOpen(null);
  };
  return (
    <Page
      title={store.name}
      first={{ label: 'Packs', value: held.length }}
      cells={[
        { label: 'Store', value: storeName(store) },
        { label: 'Now', value: sayStoreNow(state) },
        { label: 'In it', value: held.length === 0 ? 'nothing' : massParts(grams).join(' ') },
      ]}
    >
      <div className="with-margin">
        <div>
          {own && <StruckBanner state={own} />}
          <Row className="pad">
            <Title>{store.name}</Title>
            <p className="lead">
              {state.read ? (
                <>
                  Read {sayTemperature(state.read.c)}
                  {state.read.damp === null ? '' : `, ${state.read.damp} % damp,`} on {sayDay(day(state.read.at))} at{' '}
                  {time(state.read.at)}.
                </>
              ) : (
                <>
                  Not measured yet: assumed to be {sayTemperature(store.setC)}
                  {own?.setC === null || !own ? ', as is usual' : ', as it is set'}.
                </>
              )}
            </p>
            {listed.length > 0 && (
              <p>
                <LineKey onClick={() => list.current?.focus()}>{`Its ${plural(held.length, 'pack')}`}</LineKey>
              </p>
            )}
            {off && <WithoutCurrent off={off} />}
            <StoreChart store={store} now={now} />
            <p className="hint">
              Circles are readings, with straight lines between; the last one is assumed to continue. Dashes:{' '}
              {store.place === 'freezer' ? 'the temperature that storage times assume' : 'the limit for raw fish'}.
            </p>
            {!off && own?.retiredAt === null && held.length > 0 && <CurrentDrill store={store} now={now} />}
            <Trouble says={trouble} />
            <StoreKeys own={own} setOpen={setOpen} off={off} put={put} held={held} store={store} day={day} />
            {own && own.retiredAt !== null && (
              <p className="alert alert-warning">No longer used since {sayDay(day(own.retiredAt))}.</p>
            )}
          </Row>
          <Row className="pad ruled">
            <h2 ref={list} tabIndex={-1}>
              Contents
            </h2>
            {held.length === 0 && <p>Nothing.</p>}
          </Row>
          <Paged items={listed} keyOf={(h) => h.pack.id} more="More packs">
            {(h) => (
              <PackLine
                held={h}
                today={day(stamp(now, zone))}
                door={gone.includes(h) ? storeName(fridge) : store.place === 'freezer' ? () => void takeOut(h) : null}
              />
            )}
          </Paged>
          {own && (
            <Row className="pad ruled">
              <h2>Log of this store</h2>
              <LogLines lines={own.log.slice(-lines)} />
              {own.log.length > lines && (
                <Key
                  small
                  name="Earlier entries"
                  note={`${own.log.length - lines} more`}
                  onClick={() => setLines(lines + 40)}
                />
              )}
            </Row>
          )}
        </div>
        <aside className="margin">
          <h2>Effect of warmth</h2>
          {warmth.says.map((says) => (
            <p key={says}>{says}</p>
          ))}
          <small>Sources: {warmth.source}.</small>
        </aside>
      </div>
      {open === 'read' && <ReadDialog store={store} aboutC={state.c} onClose={() => setOpen(null)} />}
      {open === 'own' && <StoreForm instead={store} onClose={() => setOpen(null)} />}
      {open === 'retire' && (
        <Dialog title={`${store.name}: no longer used`} open onClose={() => setOpen(null)}>
          <p>It is no longer offered. Its entries stay. Crossing out this entry brings it back.</p>
          <div className="keys">
            <DeckKey act name="No longer used" note="saves the entry" onClick={() => void put('store.retired', {})} />
          </div>
        </Dialog>
      )}
    </Page>
  );
}

/** `door`: takes it out; or where it lies since it was taken out just now. */
function PackLine({ held: h, today, door }: { held: HeldPack; today: string; door: (() => void) | string | null }) {
  const pressing = sayPressing(h, today);
  const rate = h.rates.now[h.place === 'freezer' ? 'careful' : 'authority'];
  return (
    <Row className="line door-line" time={<b>{h.number}</b>}>
      <Link to={`/larder/${h.pack.id}`} className="store-line as-row">
        <span className="name">
          {h.pack.what}
          <small>
            {pressing?.grave ? (
              <b className="text-crimson font-bold">{pressing.says}</b>
            ) : (
              <>
                {pressing ? `${pressing.says}; ` : ''}
                {rate > 1.05 ? `its days go ${rate.toFixed(1)} times as fast here; ` : ''}
                eat by {sayDate(h.keeps.eatBy)}
              </>
            )}
          </small>
        </span>
        <span className="num flex-none">{sayMass(h.leftG)}</span>
      </Link>
      {typeof door === 'string' && (
        <b role="status" className="done-chore py-3 px-0 min-h-12 text-ink-2">
          in {door}
        </b>
      )}
      {typeof door === 'function' && !isNotToEat(h) && (
        <Key small name="Take it" aria-label={`Take pack ${h.number} out, into the fridge`} onClick={door} />
      )}
    </Row>
  );
}

/** A store without current: since when, and what to do, in the order of doing it. */
function WithoutCurrent({ off }: { off: NonNullable<ReturnType<typeof withoutCurrentOf>> }) {
  const { day, time, zone } = useFormat();
  const say = (ms: number): string => `${sayDay(day(stamp(ms, zone)))}, ${time(stamp(ms, zone))}`;
  const [first, ...then] = sayWithoutCurrent(off, say, units);
  return (
    <div className="alert alert-warning" role="status">
      <p>
        <b>Without power for {saySpan(off.nowMs - off.sinceMs)}.</b> {first}
      </p>
      {then.map((says) => (
        <p key={says}>{says}</p>
      ))}
    </div>
  );
}
