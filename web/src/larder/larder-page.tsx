import {
  type HeldPack,
  isNotToEat,
  larderByKind,
  mealDayOf,
  meatOfPack,
  packsFound,
  packsHeld,
  packsPressing,
  sayPressing,
  shelvesOf,
  storeNow,
} from '@dagboek/journal';
import { formFacts, WRAPPING_FACTS } from '@dagboek/core/larder';
import { daysBetween, sayDate, sayDay, sayShortDate, stamp, weekday } from '@dagboek/core/time';
import { useCallback, useMemo, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { useCatalogue, useNames } from '../kit/catalogue.ts';
import { DeckKey } from '../kit/deck-key.tsx';
import { FigureView } from '../kit/figure-view.tsx';
import { plural, useFormat } from '../kit/format.ts';
import { useBook } from '../kit/journal/journal-context.tsx';
import { Chips } from '../kit/ui/chips.tsx';
import { Key, LineKey } from '../kit/ui/key.tsx';
import { AddPack } from './add-pack.tsx';
import { Paged } from '../kit/ui/paged.tsx';
import { SearchField } from '../kit/ui/search-field.tsx';
import { canScan, packOfNumber, ScanDialog } from './find-pack.tsx';
import { Page, Row } from '../kit/page.tsx';
import { useAddressed } from '../kit/use-addressed.ts';
import { capital } from '../kit/names-in-text.ts';
import { useNow } from '../kit/use-now.ts';
import { platesFrom } from '@dagboek/core/plates';
import { type Axis, KeepingHead, KeepingLine } from './keeping-line.tsx';
import { FREEZING_FOR_RAW } from '@dagboek/core/harm';
import { HistamineNote } from '../kit/histamine-note.tsx';
import { degrees, massParts } from '../kit/units.ts';
import { sayStoreNow } from './say-store.ts';
import { CalendarKeys } from './calendar-keys.tsx';
import { Chores } from './chores.tsx';
import { WeekAhead } from './week-ahead.tsx';
import { StoresList } from './stores-list.tsx';

const FRIDGE: Axis = { from: -4, to: 5 };
const FREEZER: Axis = { from: -110, to: 240 };

/** So few are seen at a glance. */
const FEW = 6;

/** What is kept, in the order in which to eat it. */
export function LarderPage() {
  const { book } = useBook();
  const { byId } = useCatalogue();
  const names = useNames();
  const { day, zone } = useFormat();
  const now = useNow(60_000);
  const navigate = useNavigate();
  const today = day(stamp(now, zone));
  // Reckoned by what the book says and by the minute, not at every letter that is typed.
  const held = useMemo(() => packsHeld(book, byId, day, now), [book, byId, day, now]);
  const notToEat = held.filter(isNotToEat);
  const edible = held.filter((h) => !isNotToEat(h));
  const [text, setText] = useAddressed('q');
  const [by, setBy] = useAddressed('by');
  const [only, setOnly] = useAddressed('only');
  const [adding, setAdding] = useState(false);
  const [scan, setScan] = useState(false);
  const closeScan = useCallback(() => setScan(false), []);
  const word = text ?? '';
  const within = only === 'soon' ? packsPressing(held, today) : held;
  const shown = packsFound(within, word, names.species);
  const shelves = by === 'kind' ? [] : shelvesOf(book, shown);
  const kinds = by === 'kind' ? larderByKind(shown, byId) : [];
  const first = edible.find((h) => today <= h.keeps.authority) ?? edible[0];
  const total = edible.filter((h) => formFacts(h.pack.form).plates !== 'none').reduce((g, h) => g + h.leftG, 0);
  // A whole fish feeds by what it yields, not by its head and bones.
  const meat = edible.reduce((g, h) => g + meatOfPack(h, byId), 0);
  const past = edible.filter((h) => today > h.keeps.authority);
  const next = edible.find((h) => today <= h.keeps.authority);
  const soon = edible.filter((h) => today <= h.keeps.authority && daysBetween(today, h.keeps.eatBy) <= 2);
  return (
    <Page
      title="Larder"
      first={{ label: 'Packs', value: held.length }}
      cells={[
        { label: 'Day', value: sayDay(today) },
        { label: 'Together', value: `${massParts(total).join(' ')}, ${plural(platesFrom(meat).plates, 'plate')}` },
        { label: 'Order', value: 'eat first on top' },
      ]}
    >
      <div className="with-margin">
        <div>
          {held.length === 0 && (
            <Row className="pad">
              <h2>The larder is empty</h2>
              <p className="lead">
                What comes off the board is packed, and stands here in the order in which to eat it.
              </p>
            </Row>
          )}
          {notToEat.map((h) => (
            <Row key={h.pack.id} className="note-row">
              <HistamineNote of={`Pack ${h.number}, ${h.pack.what}`} clock={h.histamine} />
            </Row>
          ))}
          <Chores held={held} />
          {held.length > FEW && (
            <Row className="pad look-row">
              <div className="look-bar">
                <SearchField
                  label="Find a pack"
                  placeholder="number, kind, wrapping, store"
                  value={word}
                  onChange={setText}
                  onEnter={() => {
                    const id = packOfNumber(book, word) ?? (shown.length === 1 ? shown[0]!.pack.id : null);
                    if (id) void navigate(`/larder/${id}`);
                  }}
                />
                <Chips
                  label="By"
                  hideLabel
                  options={[
                    { value: 'store', text: 'by store' },
                    { value: 'kind', text: 'by kind' },
                  ]}
                  value={by === 'kind' ? 'kind' : 'store'}
                  onChange={(b) => setBy(b === 'kind' ? 'kind' : null)}
                />
                <Chips
                  label="Which"
                  hideLabel
                  options={[
                    { value: 'all', text: 'all' },
                    { value: 'soon', text: 'this week' },
                  ]}
                  value={only === 'soon' ? 'soon' : 'all'}
                  onChange={(o) => setOnly(o === 'soon' ? 'soon' : null)}
                />
                {canScan() && <Key small name="Scan a label" onClick={() => setScan(true)} />}
              </div>
              <p className="hint" role="status">
                {shown.length === held.length
                  ? ''
                  : shown.length === 0
                    ? 'No pack is found so.'
                    : `${plural(shown.length, 'pack')} of ${held.length}: ${massParts(shown.reduce((g, h) => g + h.leftG, 0)).join(' ')}.`}
              </p>
            </Row>
          )}
          {kinds.map((k) => (
            <Shelf
              key={k.species}
              name={capital(names.species(k.species))}
              state={`${plural(k.packs.length, 'pack')}, ${massParts(k.massG).join(' ')}, ${plural(k.plates, 'plate')}`}
              unit="months"
              axis={FREEZER}
              packs={k.packs}
              today={today}
              figureOf={byId}
              first={first}
            />
          ))}
          {shelves.map(({ store, packs }) => (
            <Shelf
              key={store.id}
              name={capital(store.name)}
              to={`/larder/store/${store.id}`}
              state={sayStoreNow(storeNow(book, store, now))}
              unit={store.place === 'freezer' ? 'months' : 'days'}
              axis={store.place === 'freezer' ? FREEZER : FRIDGE}
              packs={packs}
              today={today}
              figureOf={byId}
              first={first}
            />
          ))}
          {held.length > 0 && (
            <Row className="pad legend-row">
              <ul className="legend">
                <li>
                  <svg width="10" height="22" aria-hidden="true">
                    <path d="M5 1V21" stroke="var(--ink)" strokeWidth="2.4" strokeDasharray="4 3" />
                  </svg>
                  careful keeper’s line
                </li>
                <li>
                  <svg width="14" height="22" aria-hidden="true">
                    <path d="M4 1V21M4 7l6 -4M4 14l6 -4M4 21l6 -4" stroke="var(--ink)" strokeWidth="1.6" />
                  </svg>
                  authority’s line
                </li>
                <li>
                  <svg width="18" height="22" aria-hidden="true">
                    <circle cx="9" cy="11" r="6" fill="none" stroke="var(--ink)" strokeWidth="2.2" />
                  </svg>
                  planned meal
                </li>
                <li>Sources: FDA cold storage chart, FSA chilling advice; keeping times are typical.</li>
              </ul>
            </Row>
          )}
        </div>
        <aside className="margin">
          <h2>Eat first</h2>
          {!first && <p>Nothing to eat up.</p>}
          {past.length > 0 && (
            <p className="asks">
              <b>Past the authority’s line:</b> {past.map((h) => `pack ${h.number}`).join(', ')}. When in doubt, throw
              it out, and note it.
            </p>
          )}
          {soon.length > 0 && (
            <ul className="plain-list">
              {soon.map((h) => (
                <li key={h.pack.id}>
                  <Link to={`/larder/${h.pack.id}`}>
                    <b>{h.number}</b> {h.pack.what}
                  </Link>
                  <small>{h.keeps.eatBy <= today ? 'today' : `by ${weekday(h.keeps.eatBy)}`}</small>
                </li>
              ))}
            </ul>
          )}
          {soon.length === 0 && first && past.length === 0 && (
            <p>
              Nothing presses: the first is pack {first.number}, by {sayDate(first.keeps.eatBy)}.
            </p>
          )}
          {(soon[0] ?? next) && (
            <div className="keys">
              <DeckKey
                act
                name="Cook"
                note={`pack ${(soon[0] ?? next)?.number}: ${(soon[0] ?? next)?.pack.what}`}
                onClick={() => void navigate(`/table/new?pack=${(soon[0] ?? next)?.pack.id}`)}
              />
            </div>
          )}
          <WeekAhead held={held} />
          <StoresList />
          <ul className="plain-list">
            <li>
              <LineKey onClick={() => setAdding(true)}>A pack that the board never saw</LineKey>
            </li>
            {held.length > 0 && (
              <>
                <li>
                  <Link to="/larder/labels">Labels to print</Link>
                </li>
                <li>
                  <CalendarKeys held={held} />
                </li>
              </>
            )}
            <li>
              <Link to="/larder/season">The year: caught, eaten, given, thrown out</Link>
            </li>
          </ul>
          <h2 className="ruled">Raw?</h2>
          <p>
            Nothing here is marked safe to eat raw. Freezing that makes it safer counts from a cold core:{' '}
            {degrees(FREEZING_FOR_RAW)} Lemon, salt and smoke kill no worms.
          </p>
        </aside>
      </div>
      {adding && <AddPack onClose={() => setAdding(false)} />}
      {scan && <ScanDialog onClose={closeScan} />}
    </Page>
  );
}

function Shelf({
  name,
  to,
  state,
  unit,
  axis,
  packs,
  today,
  figureOf,
  first,
}: {
  name: string;
  /** Its own page, where it has one. */
  to?: string;
  /** How cold it is there, or how much there is. */
  state: string;
  unit: 'days' | 'months';
  axis: Axis;
  packs: readonly HeldPack[];
  today: string;
  figureOf: (id: string) => ReturnType<ReturnType<typeof useCatalogue>['byId']>;
  first: HeldPack | undefined;
}) {
  const { book } = useBook();
  return (
    <section aria-label={name}>
      <Row className="shelf-head">
        <div className="pack-grid head">
          <h2>
            {to ? <Link to={to}>{name}</Link> : name}{' '}
            <small>
              {state}; {unit === 'days' ? 'day by day' : 'month by month'}
            </small>
          </h2>
          <KeepingHead axis={axis} today={today} unit={unit} />
        </div>
      </Row>
      <Paged items={packs} keyOf={(h) => h.pack.id} more="More packs">
        {(h) => {
          const s = figureOf(h.pack.species);
          const [n, u] = massParts(h.leftG);
          const pressing = sayPressing(h, today);
          return (
            <Row
              className={`line pack-line${h === first ? ' first' : ''}`}
              time={
                <>
                  <b>{unit === 'days' ? weekday(h.keeps.eatBy).slice(0, 3) : sayShortDate(h.keeps.eatBy)}</b>
                  {unit === 'days' && <span>{sayShortDate(h.keeps.eatBy)}</span>}
                </>
              }
            >
              <Link to={`/larder/${h.pack.id}`} className="pack-grid as-row">
                <span className="no">{h.number}</span>
                <span className="icon">{s && <FigureView spec={s.figure} size={64} plain />}</span>
                <span className="name">
                  {h.pack.what}
                  <small>
                    {h.pieces !== null && h.pack.pieces !== null && h.pieces < h.pack.pieces
                      ? `${h.pieces} of ${h.pack.pieces} left; `
                      : ''}
                    {h === first ? <b>Eat first. </b> : null}
                    {pressing && (
                      <>{pressing.grave ? <b className="not-to-eat">{pressing.says}; </b> : `${pressing.says}; `}</>
                    )}
                    {WRAPPING_FACTS[h.pack.wrapping].says}
                  </small>
                </span>
                <span className="num mass">
                  {n}
                  <u>{u}</u>
                </span>
                <KeepingLine held={h} axis={axis} today={today} mealDay={mealDayOf(book, h.pack.id, today)} />
              </Link>
            </Row>
          );
        }}
      </Paged>
    </section>
  );
}
