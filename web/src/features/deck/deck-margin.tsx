import { useAsked } from '../../asked/asked.ts';
import type { DinnerMeat } from '@dagboek/core/plates';
import {
  bagsOn,
  countingDay,
  type CustodyLine,
  type Dinner,
  dinnerOf,
  type FishState,
  type FreezerRoom,
  freezerRoom,
  type TripState,
} from '@dagboek/journal';
import { useState } from 'react';
import { Link } from 'react-router';
import { useNames, useRules } from '../../asked/names.ts';
import { plural } from '../../asked/format.ts';
import { useBook, useBookValue } from '../../offline/journal-context.tsx';
import { BagBoxes, PlatesRow } from '../../fish/plates-row.tsx';
import { orNames } from '../../ui/names-in-text.ts';
import { Chips, plain } from '../../ui/chips.tsx';
import { useHabit } from '../../ui/use-kept.ts';
import { useNow } from '../../ui/use-now.ts';
import { Reports } from './reports.tsx';
import { sayGrams, sayMass, sayVolume } from '../../asked/units.ts';

/** What an allowance looks at, beside its day. */
const SPAN = { dailyBag: '', overLength: ', long ones', possession: ', in hand', yearlyBag: ', this year' } as const;

const PLATES_KEY = 'dagboek.plates';
/** What one fishes for. */
const WAYS = ['tonight', 'the freezer'] as const;

/** The margin of the deck: is it enough for dinner, and what is left of the day's bags. */
export function DeckMargin({
  trip,
  lines,
  current,
}: {
  trip: TripState;
  lines: readonly CustodyLine[];
  current: FishState | null;
}) {
  const { book } = useBook();
  const rules = useRules();
  const names = useNames();
  const now = useNow(60_000);
  const asked = useAsked(now);
  const dinner = dinnerOf(asked, trip.id, current);
  const [way, setWay] = useHabit('dinner-way', WAYS);
  const bags = rules
    ? bagsOn(book, rules, countingDay(trip, current, now, rules.timeZone), trip.crew, current, trip.boat)
    : [];
  return (
    <aside className="margin" aria-label="Dinner and bags">
      <Reports fish={lines.map((l) => l.fish)} />
      {way === 'tonight' ? <Tonight trip={trip} dinner={dinner} /> : <Freezer dinner={dinner} />}
      <Chips label="Fish for" hideLabel options={plain(WAYS)} value={way} onChange={setWay} />
      <h2 className="ruled">Daily limit, per person</h2>
      {bags.length === 0 && <p>Nothing counted yet.</p>}
      <ul className="mt-2">
        {bags.map((a) => {
          const mine =
            current?.species === a.speciesId && (a.anglerId === null || current.angler === a.anglerId)
              ? current.count
              : 0;
          return (
            <li
              className="py-[7px] px-0 gap-2.5 border-t grid grid-cols-[minmax(0,1fr)_auto_auto] items-center leading-[1.2] border-rule"
              key={`${a.ruleId} ${a.anglerId ?? ''} ${a.speciesId}`}
            >
              <span>
                {a.together.length === 0
                  ? 'All species'
                  : orNames(a.together.map(names.species)).replaceAll(' or ', ', ')}
                <small className="block">
                  {a.anglerId === null ? 'the boat' : names.member(a.anglerId)}
                  {SPAN[a.kind]}
                </small>
              </span>
              <BagBoxes most={a.most} used={a.used} now={mine} />
              <span>
                <b>{a.left === 0 ? 'full' : `${a.left} left`}</b>
                <small className="block">{a.left === 0 ? 'let go' : `of ${a.most}`}</small>
              </span>
            </li>
          );
        })}
      </ul>
      {rules?.sample && <small>Made-up rules, not law</small>}
      <p className="line-links ruled">
        <Link to="/hurt">Someone is hurt</Link>
      </p>
    </aside>
  );
}

/** "2 plates, 1 to 3 in 9 of 10 cases": the number that stands large, with its range. */
const sayPlates = (d: DinnerMeat): string =>
  `${plural(d.plates, 'plate')}${d.lowPlates === d.highPlates ? '' : `, ${d.lowPlates} to ${d.highPlates} in 9 of 10 cases`}`;
const tens = (g: number): string => sayGrams(Math.round(g / 10) * 10);

/** What is aboard as meat, with its range. */
const Aboard = ({ kept }: { kept: DinnerMeat }) =>
  kept.meatG > 0 ? (
    <>
      The fish kept so far give about <b>{tens(kept.meatG)}</b> of boneless fish: {sayPlates(kept)}.{' '}
    </>
  ) : (
    'Nothing kept yet. '
  );

/** Only what tonight's dinner needs. */
function Tonight({ trip, dinner: { kept, withThis } }: { trip: TripState; dinner: Dinner }) {
  const [want, setWant] = useState(Number(localStorage.getItem(PLATES_KEY)) || Math.max(2, trip.crew.length));
  const { plates } = kept;
  const change = (n: number): void => {
    const next = Math.min(24, Math.max(1, n));
    localStorage.setItem(PLATES_KEY, String(next));
    setWant(next);
  };
  return (
    <>
      <h2>Enough for dinner{plates >= want ? '' : '?'}</h2>
      <p className="gap-2 flex items-center leading-[1.15] text-m">
        <span className="num text-[3.5rem]">{Math.min(plates, want)}</span>
        <span>
          of {want}
          <br />
          plates
        </span>
        <span className="ml-auto gap-1 flex">
          <button
            className="size-8.5 border-[1.5px] border-rule-2 text-[1.25rem] leading-none cursor-pointer rounded-box max-tablet:min-w-12 max-tablet:min-h-12"
            type="button"
            aria-label="One plate fewer"
            onClick={() => change(want - 1)}
          >
            −
          </button>
          <button
            className="size-8.5 border-[1.5px] border-rule-2 text-[1.25rem] leading-none cursor-pointer rounded-box max-tablet:min-w-12 max-tablet:min-h-12"
            type="button"
            aria-label="One plate more"
            onClick={() => change(want + 1)}
          >
            +
          </button>
        </span>
      </p>
      <PlatesRow have={Math.min(plates, want)} want={want} />
      <p>
        <Aboard kept={kept} />
        {kept.lowPlates >= want ? (
          <b>That is enough: release the next ones.</b>
        ) : plates >= want ? (
          <b>That should be enough.</b>
        ) : (
          ''
        )}
        {withThis && plates < want ? ` With this one: ${sayPlates(withThis)}.` : ''}
      </p>
    </>
  );
}

/** As much as the freezer takes. */
function Freezer({ dinner: { kept, withThis } }: { dinner: Dinner }) {
  const room = useBookValue(freezerRoom, sameRoom);
  if (!room)
    return (
      <>
        <h2>Room in the freezer?</h2>
        <p>
          <Aboard kept={kept} />
          The size of your freezer is not known: <Link to="/larder/store/freezer">add your freezer and its size</Link>.
        </p>
      </>
    );
  const left = Math.max(0, room.plates - kept.plates);
  return (
    <>
      <h2>Room in the freezer{left > 0 ? '' : ': none'}</h2>
      <p className="gap-2 flex items-center leading-[1.15] text-m">
        <span className="num text-[3.5rem]">{left}</span>
        <span>
          plates
          <br />
          more
        </span>
      </p>
      <p>
        <Aboard kept={kept} />
        {plural(room.packs, 'pack')} of {sayMass(room.heldG)} in {sayVolume(room.litres)} of freezer leave room for
        about {sayMass(room.freeG)}.{' '}
        {kept.lowG >= room.freeG && kept.meatG > 0 ? (
          <b>What is aboard fills it: release the next ones.</b>
        ) : withThis && left > 0 ? (
          `With this one: ${sayPlates(withThis)}.`
        ) : (
          ''
        )}
      </p>
    </>
  );
}

const sameRoom = (a: FreezerRoom | null, b: FreezerRoom | null): boolean =>
  a?.freeG === b?.freeG && a?.packs === b?.packs && a?.litres === b?.litres;
