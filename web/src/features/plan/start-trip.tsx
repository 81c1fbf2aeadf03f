import { type Book, type BoxState, icePlan, tripsInOrder } from '@dagboek/journal';
import { stamp } from '@dagboek/core/time';
import { useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import { type Species, useCatalogue, useNames, useRules } from '../../asked/catalogue.ts';
import { nowMs } from '../../ui/clock.ts';
import { DeckKey } from '../../lines/deck-key.tsx';
import { useFormat } from '../../asked/format.ts';
import { useBook } from '../../offline/journal-context.tsx';
import { newId, useWrite } from '../../asked/use-write.ts';
import { Row } from '../../frame/page.tsx';
import { Chips, ManyChips } from '../../ui/chips.tsx';
import { LineKey } from '../../ui/key.tsx';
import { useSky } from '../../devices/sky.ts';
import { useKept } from '../../ui/use-kept.ts';
import { Quantity } from '../../asked/quantity.tsx';
import { Trouble } from '../../ui/trouble.tsx';
import { DateTimeField, NO_TIME } from '../../asked/when.tsx';
import { Link } from 'react-router';
import { useCrew } from '../../asked/crew.ts';
import { type BoxOnTheDay, IceToCarry } from './ice-to-carry.tsx';
import { BeforeYouGo } from './before-you-go.tsx';
import { RulesHere } from './rules-here.tsx';
import { amountTrouble, asTyped, inField, sayVolume, typedAmount } from '../../asked/units.ts';

const HOUR_MS = 3_600_000;
/** Where nobody knows how long a trip lasts. */
const USUAL_H = 7;

/** A typed amount; null while there is none, or none that can be read. */
function numberIn(kind: 'heavy' | 'temperature', text: string): number | null {
  const value = typedAmount(kind, text)?.value;
  return value === undefined || Number.isNaN(value) ? null : value;
}

/** Hours that a trip to a zone usually lasts in this book. */
function usualHours(
  book: Book,
  box: BoxState | null,
  zone: string,
  byId: (id: string | null) => Species | null,
): number {
  if (!box) return USUAL_H;
  const plan = icePlan({ book, zone, nowMs: nowMs(), species: byId }, box);
  return plan.from === 'assumed' ? USUAL_H : Math.max(1, Math.round(plan.hours * 2) / 2);
}

/** Waters and zone, when, who, which box, how much ice. The last trip's answers stand ready. */
export function StartTrip() {
  const { book } = useBook();
  const rules = useRules();
  const names = useNames();
  const navigate = useNavigate();
  const { write } = useWrite();
  const { day, zone: tz } = useFormat();
  const last = tripsInOrder(book).at(-1) ?? null;
  const bookState = book.all('book')[0];
  const { members, boxes } = useCrew();
  // A plan that is not finished outlives a reload, until the next trip.
  const of = last?.id ?? 'first';
  const [kept, setKept] = useKept<{ of: string; zone?: string; ice?: string; water?: string }>('plan.next', { of });
  const draft = kept.of === of ? kept : { of };
  const zone = draft.zone ?? last?.zone ?? null;
  const setZone = (id: string): void => setKept({ ...draft, zone: id });
  const [from, setFrom] = useState<'boat' | 'shore'>(last?.from ?? bookState?.from ?? 'boat');
  const [crew, setCrew] = useState<string[]>(
    last ? last.crew.filter((id) => members.some((m) => m.id === id)) : members.map((m) => m.id),
  );
  const [box, setBox] = useState<string | null>(boxes.find((b) => b.id === last?.box)?.id ?? boxes[0]?.id ?? null);
  const [ice, water] = [draft.ice ?? '', draft.water ?? ''];
  const setIce = (text: string): void => setKept({ ...draft, ice: text });
  const setWater = (text: string): void => setKept({ ...draft, water: text });
  const [onTheDay, onDay] = useState<BoxOnTheDay[]>([]);
  // Undefined: as long as a usual trip; null: what was typed is no time.
  const [home, setHome] = useState<number | null | undefined>(undefined);
  const [leaving, setLeaving] = useState<number | null>(() => nowMs());
  const [trouble, setTrouble] = useState<{ field?: string; why: string } | null>(null);
  const { byId } = useCatalogue();
  const chosenBox = boxes.find((b) => b.id === box) ?? null;
  const hours = useMemo(() => usualHours(book, chosenBox, zone ?? '', byId), [book, chosenBox, zone, byId]);
  const atMs = leaving ?? nowMs();
  const homeMs = home === undefined ? atMs + hours * HOUR_MS : home;
  const timeTrouble =
    leaving === null || homeMs === null
      ? NO_TIME
      : homeMs <= atMs
        ? 'The return lies before leaving. Set a later time to be back, or an earlier one to leave.'
        : null;
  const sky = useSky(rules?.id ?? '', zone ?? '');
  const zones = rules?.zones ?? [{ id: 'anywhere', name: 'Anywhere', about: 'no rules known' }];
  const start = async (): Promise<void> => {
    if (timeTrouble || homeMs === null) return setTrouble({ field: 'homeAt', why: timeTrouble ?? NO_TIME });
    const read = { iceKg: typedAmount('heavy', ice), waterC: typedAmount('temperature', water) };
    const [iceKg, waterC] = [read.iceKg?.value ?? null, read.waterC?.value ?? null];
    const odd = ['ice', 'water'].find((f) => Number.isNaN(f === 'ice' ? iceKg : waterC));
    if (odd)
      return setTrouble({
        field: odd === 'ice' ? 'iceKg' : 'waterC',
        why: amountTrouble(odd === 'ice' ? 'heavy' : 'temperature', odd === 'ice' ? ice : water, odd) ?? '',
      });
    const id = newId();
    const r = await write(
      'trip.started',
      id,
      {
        waters: rules?.id ?? 'none',
        zone: zone ?? (zones.length === 1 ? (zones[0]?.id ?? '') : ''),
        from,
        crew,
        ...(from === 'boat' && bookState?.boat ? { boat: bookState.boat } : {}),
        ...(box ? { box } : {}),
        ...(iceKg !== null ? { iceKg } : {}),
        ...(waterC !== null ? { waterC } : {}),
        ...(sky.reading ? { airC: sky.reading.weather.airC } : {}),
        homeAt: stamp(homeMs, tz),
        ...asTyped(read),
      },
      { atMs },
    );
    if (r.ok && box && onTheDay.includes('in the sun')) await write('box.stands', box, { where: 'sun' }, { atMs });
    if (r.ok) void navigate('/deck');
    else setTrouble(r);
  };
  const at = (f: string): string | null => (trouble?.field === f ? trouble.why : null);
  return (
    <div className="with-margin">
      <form
        onSubmit={(e) => {
          e.preventDefault();
          void start();
        }}
      >
        <Row className="pad" time={<b className="q">1</b>}>
          <h2>Where?</h2>
          {!last && <p className="lead">Choose a zone, say how much ice you take, and press Cast off.</p>}
          <div role="radiogroup" aria-label="Zone">
            {zones.map((z) => (
              <label
                className="gap-3 border-b grid grid-cols-[26px_minmax(120px,200px)_minmax(0,1fr)] items-center min-h-12 cursor-pointer border-rule max-tablet:py-1.5 max-tablet:px-0 max-tablet:grid-cols-[26px_minmax(0,1fr)]"
                key={z.id}
              >
                <input
                  type="radio"
                  name="zone"
                  className="radio border-2 border-ink [--size:1.6rem] text-ink flex-none"
                  checked={z.id === zone}
                  onChange={() => setZone(z.id)}
                />
                <b>{z.name}</b>
                <span className="text-ink-2 max-tablet:col-[2]">{z.about}</span>
              </label>
            ))}
          </div>
          <Chips
            label="From"
            options={[
              { value: 'boat', text: bookState?.boat ? `${bookState.boat}, the boat` : 'a boat' },
              { value: 'shore', text: 'the shore' },
            ]}
            value={from}
            onChange={setFrom}
          />
        </Row>
        <Row className="pad question" time={<b className="q">2</b>}>
          <h2>Who, and when?</h2>
          <ManyChips
            label="Aboard"
            options={members.map((m) => ({ value: m.id, text: names.member(m.id) }))}
            values={crew}
            onChange={setCrew}
          />
          <p className="line-links">
            <Link to="/crew">Another person, box or place</Link> <Link to="/hurt">Someone is hurt</Link>
          </p>
          <DateTimeField label="Leaving" valueMs={leaving} onChange={setLeaving} />
          <DateTimeField label="Back at about" valueMs={homeMs} onChange={setHome} />
          {home !== undefined && <Trouble says={timeTrouble === NO_TIME ? null : timeTrouble} />}
        </Row>
        <Row className="pad question" time={<b className="q">3</b>}>
          <h2>The cold</h2>
          <Chips
            label="Box"
            options={boxes.map((b) => ({ value: b.id, text: `${b.name}, ${sayVolume(b.litres)}` }))}
            value={box}
            onChange={setBox}
          />
          <div className="measure-row">
            <Quantity label="Ice" amount="heavy" value={ice} onChange={setIce} error={at('iceKg')} />
            <Quantity
              label="Water, if read"
              amount="temperature"
              value={water}
              onChange={setWater}
              error={at('waterC')}
            />
            {sky.reading && sky.water && (
              <LineKey onClick={() => setWater(inField('temperature', sky.reading?.weather.waterC ?? 0))}>
                {sky.water}, says the {sky.reading.simulated ? 'simulated ' : ''}source
              </LineKey>
            )}
          </div>
          {sky.weather && (
            <p className="hint">
              Now there: {sky.weather}.{sky.tide ? ` ${sky.tide}.` : ''}
              {sky.reading?.simulated ? ' Simulated, not a forecast.' : ''}
            </p>
          )}
          {trouble && !['iceKg', 'waterC'].includes(trouble.field ?? '') && (
            <p className="alert alert-outline" role="alert">
              {trouble.why}
            </p>
          )}
          <BeforeYouGo
            of={of}
            boat={from === 'boat' ? (bookState?.boat ?? 'The boat') : 'From the shore'}
            zone={zone ?? ''}
            crew={crew}
            homeMs={homeMs}
          />
          <div className="keys">
            <DeckKey act type="submit" name="Cast off" note="writes the start of the trip" />
          </div>
          {/* Beneath the key: what it reckons comes late, and nothing is to move under the finger. */}
          {chosenBox && homeMs !== null && (
            <IceToCarry
              box={chosenBox}
              zone={zone ?? ''}
              startMs={atMs}
              homeMs={homeMs}
              iceKg={numberIn('heavy', ice)}
              airC={sky.reading?.weather.airC ?? null}
              waterC={numberIn('temperature', water)}
              onTheDay={onTheDay}
              onDay={onDay}
              onTake={(kg) => setIce(inField('heavy', kg))}
            />
          )}
        </Row>
      </form>
      <RulesHere zone={zone} day={day(stamp(atMs, tz))} />
    </div>
  );
}
