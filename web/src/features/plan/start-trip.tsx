import { stamp } from '@dagboek/core/time';
import { type Book, type BoxState, icePlan, tripsInOrder } from '@dagboek/journal';
import { useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import { type Species, useCatalogue } from '../../asked/catalogue.ts';
import { useRules } from '../../asked/names.ts';
import { useCrew } from '../../asked/crew.ts';
import { useFormat } from '../../asked/format.ts';
import { amountTrouble, asTyped, inField, typedAmount } from '../../asked/units.ts';
import { newId, useWrite } from '../../asked/use-write.ts';
import { NO_TIME } from '../../asked/when.tsx';
import { useSky } from '../../devices/sky.ts';
import { Row } from '../../frame/page.tsx';
import { DeckKey } from '../../lines/deck-key.tsx';
import { useBook } from '../../offline/journal-context.tsx';
import { nowMs } from '../../ui/clock.ts';
import { useKept } from '../../ui/use-kept.ts';
import { BeforeYouGo } from './before-you-go.tsx';
import { ColdFields } from './cold-fields.tsx';
import { type BoxOnTheDay, IceToCarry } from './ice-to-carry.tsx';
import { RulesHere } from './rules-here.tsx';
import { WhereFields } from './where-fields.tsx';
import { WhoAndWhen } from './who-and-when.tsx';

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

/** What is wrong with the hours of leaving and of being back; null where nothing is. */
function troubleOfTimes(leaving: number | null, homeMs: number | null): string | null {
  if (leaving === null || homeMs === null) return NO_TIME;
  return homeMs <= leaving ? 'The return time is before departure. Correct one of the two.' : null;
}

/** Waters and zone, when, who, which box, how much ice. The last trip's answers stand ready. */
export function StartTrip() {
  const { book } = useBook();
  const rules = useRules();
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

  const [from, setFrom] = useState<'boat' | 'shore'>(last?.from ?? bookState?.from ?? 'boat');
  const [crew, setCrew] = useState<string[]>(
    last ? last.crew.filter((id) => members.some((m) => m.id === id)) : members.map((m) => m.id),
  );
  const [box, setBox] = useState<string | null>(boxes.find((b) => b.id === last?.box)?.id ?? boxes[0]?.id ?? null);
  const [ice, water] = [draft.ice ?? '', draft.water ?? ''];
  const setIce = (text: string): void => setKept({ ...draft, ice: text });
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
  const timeTrouble = troubleOfTimes(leaving, homeMs);
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

  return (
    <div className="with-margin">
      <form
        onSubmit={(e) => {
          e.preventDefault();
          void start();
        }}
      >
        <WhereFields
          last={last}
          zones={zones}
          zone={zone}
          bookState={bookState}
          from={from}
          setFrom={setFrom}
          setKept={setKept}
          draft={draft}
        />
        <Row className="pad question" time={<b className="q">2</b>}>
          <WhoAndWhen
            members={members}
            crew={crew}
            setCrew={setCrew}
            leaving={leaving}
            setLeaving={setLeaving}
            homeMs={homeMs}
            setHome={setHome}
            home={home}
            timeTrouble={timeTrouble}
          />
        </Row>
        <Row className="pad question" time={<b className="q">3</b>}>
          <h2>Ice and box</h2>
          <ColdFields
            boxes={boxes}
            box={box}
            setBox={setBox}
            ice={ice}
            setIce={setIce}
            water={water}
            sky={sky}
            setKept={setKept}
            draft={draft}
            trouble={trouble}
          />
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
            <DeckKey act type="submit" name="Cast off" note="starts the trip" />
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
