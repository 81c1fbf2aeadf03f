import {
  type HeldPack,
  larderByKind,
  mealDayOf,
  packsFound,
  packsPressing,
  sayPressing,
  shelvesOf,
  storeNow,
} from '@dagboek/journal';
import { WRAPPING_FACTS } from '@dagboek/core/larder';
import { sayShortDate, weekday } from '@dagboek/core/time';
import { memo, useCallback, useDeferredValue, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { useCatalogue } from '../../asked/catalogue.ts';
import { useNames } from '../../asked/names.ts';
import { FigureView } from '../../fish/figure-view.tsx';
import { plural } from '../../asked/format.ts';
import { useBook } from '../../offline/journal-context.tsx';
import { capital } from '../../ui/names-in-text.ts';
import { Row } from '../../frame/page.tsx';
import { Chips } from '../../ui/chips.tsx';
import { Key } from '../../ui/key.tsx';
import { Paged } from '../../frame/paged.tsx';
import { SearchField } from '../../ui/search-field.tsx';
import { massParts, sayMass } from '../../asked/units.ts';
import { useAddressed } from '../../ui/use-addressed.ts';
import { canScan, packOfNumber, ScanDialog } from './find-pack.tsx';
import { type Axis, KeepingHead, KeepingLine } from './keeping-line.tsx';
import { sayStoreNow } from './say-store.ts';

const FRIDGE: Axis = { from: -4, to: 5 };
const FREEZER: Axis = { from: -110, to: 240 };
/** So few are seen at a glance. */
const FEW = 6;

interface Listed {
  held: readonly HeldPack[];
  today: string;
  /** The one to be eaten first. */
  first: HeldPack | undefined;
  now: number;
}

/** The packs of the larder, by the store in which they lie or by kind; found by a word, by number, by the code on their label. */
export function PackList({ held, today, first, now }: Listed) {
  const { book } = useBook();
  const names = useNames();
  const navigate = useNavigate();
  const [text, setText] = useAddressed('q');
  const [by, setBy] = useAddressed('by');
  const [only, setOnly] = useAddressed('only');
  const [scan, setScan] = useState(false);
  const closeScan = useCallback(() => setScan(false), []);
  const word = text ?? '';
  // The field keeps up with the fingers; four hundred packs follow a moment later.
  const sought = useDeferredValue(word);
  const within = only === 'soon' ? packsPressing(held, today) : held;
  return (
    <>
      {held.length > FEW && (
        <Row className="pad look-row">
          <div className="look-bar flex flex-wrap gap-y-1.5 gap-x-4.5 items-end">
            <SearchField
              label="Find a pack"
              placeholder="number, species, wrapping, store"
              value={word}
              onChange={setText}
              onEnter={() => {
                const found = packsFound(within, word, names.species);
                const id = packOfNumber(book, word) ?? (found.length === 1 ? found[0]!.pack.id : null);
                if (id) void navigate(`/larder/${id}`);
              }}
            />
            <Chips
              label="By"
              hideLabel
              options={[
                { value: 'store', text: 'by store' },
                { value: 'kind', text: 'by species' },
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
          <Shown held={held} sought={sought} only={only} today={today} />
        </Row>
      )}
      <Shelves held={held} sought={sought} only={only} by={by} today={today} first={first} now={now} />
      {scan && <ScanDialog onClose={closeScan} />}
    </>
  );
}

/** How many are found, when not all. */
function Shown({
  held,
  sought,
  only,
  today,
}: Pick<Listed, 'held' | 'today'> & { sought: string; only: string | null }) {
  const names = useNames();
  const shown = packsFound(only === 'soon' ? packsPressing(held, today) : held, sought, names.species);
  return (
    <p className="hint" role="status">
      {shown.length === held.length
        ? ''
        : shown.length === 0
          ? 'No pack found.'
          : `${plural(shown.length, 'pack')} of ${held.length}: ${massParts(shown.reduce((g, h) => g + h.leftG, 0)).join(' ')}.`}
    </p>
  );
}

/** Drawn anew only when what is sought has settled. */
const Shelves = memo(function Shelves({
  held,
  sought,
  only,
  by,
  today,
  first,
  now,
}: Listed & { sought: string; only: string | null; by: string | null }) {
  const { book } = useBook();
  const { byId } = useCatalogue();
  const names = useNames();
  const shown = packsFound(only === 'soon' ? packsPressing(held, today) : held, sought, names.species);
  const shelves = by === 'kind' ? [] : shelvesOf(book, shown);
  const kinds = by === 'kind' ? larderByKind(shown) : [];
  return (
    <>
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
          state={sayStoreNow(storeNow({ book, nowMs: now }, store))}
          unit={store.place === 'freezer' ? 'months' : 'days'}
          axis={store.place === 'freezer' ? FREEZER : FRIDGE}
          packs={packs}
          today={today}
          figureOf={byId}
          first={first}
        />
      ))}
    </>
  );
});

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
        <div className="pack-grid items-end">
          <h2 className="px-0 pt-2.5 pb-1 col-[1_/_5] max-tablet:col-span-full">
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
                <span className="font-bold text-[1.125rem] leading-[normal] font-text">{h.number}</span>
                <span className="icon max-tablet:hidden">{s && <FigureView spec={s.figure} size={64} plain />}</span>
                <span className="name font-semibold text-[1rem] leading-[1.15] in-[.pack-line.first]:font-bold in-[.pack-line.first]:text-[1.1875rem] in-[.pack-line.first]:font-head">
                  {h.pack.what}
                  <small className="[.pack-line.first_.name_&]:font-text">
                    {h.pieces !== null && h.pack.pieces !== null && h.pieces < h.pack.pieces
                      ? `${h.pieces} of ${h.pack.pieces} left; `
                      : ''}
                    {h === first ? <b>Eat first: </b> : null}
                    {pressing && (
                      <>
                        {pressing.grave ? (
                          <b className="text-crimson font-bold">{pressing.says}; </b>
                        ) : (
                          `${pressing.says}; `
                        )}
                      </>
                    )}
                    {WRAPPING_FACTS[h.pack.wrapping].says}
                    {h.body.meatG > 0 && h.body.meatG < h.leftG * 0.97
                      ? `; some ${sayMass(Math.round(h.body.meatG / 10) * 10)} meat`
                      : ''}
                  </small>
                </span>
                <span className="num text-right text-[1.375rem]">
                  {n}
                  <u className="text-[0.8125rem]">{u}</u>
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
