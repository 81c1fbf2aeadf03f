import { NowTime } from '../../ui/now-time.tsx';
import { stamp } from '@dagboek/core/time';
import { fishOfTrip, GEARS, type TripState } from '@dagboek/journal';
import { useState } from 'react';
import { type Species } from '../../asked/catalogue.ts';
import { useNames } from '../../asked/names.ts';
import { DeckKey } from '../../lines/deck-key.tsx';
import { useFormat } from '../../asked/format.ts';
import { useBook } from '../../offline/journal-context.tsx';
import { newId } from '../../asked/use-write.ts';
import { lazySoon } from '../../ui/lazy-soon.tsx';
import { Row } from '../../frame/page.tsx';
import { Chips, plain } from '../../ui/chips.tsx';
import { Dialog } from '../../ui/dialog.tsx';
import { CountKeys } from '../../ui/count-keys.tsx';
import { usePad } from '../../ui/number-pad.tsx';
import { NOW, type When, WhenField, whenMs } from '../../asked/when.tsx';
import { Quantity } from '../../asked/quantity.tsx';
import { numberTrouble, typedNumber } from '../../ui/typed-number.ts';
import { Trouble } from '../../ui/trouble.tsx';
import { useKept } from '../../ui/use-kept.ts';
import { useNow } from '../../ui/use-now.ts';
import { useNarrow } from '../../ui/use-width.ts';
import { DeckFoot } from './deck-foot.tsx';
import { NoteKey } from './note-key.tsx';
import { LikelyKeys } from './likely-keys.tsx';
import { useUndoWrite } from '../../lines/take-back.tsx';

const SpearBrief = lazySoon(async () => ({ default: (await import('./spear-brief.tsx')).SpearBrief }));

const HOUR_MS = 3_600_000;

/**
 * A fish comes aboard: one tap on a likely kind lands it with its name, the large key lands it without one. Who caught it, with
 * what, one or a lot stand as they were with the fish before. `small`: below a fish in hand, where it must not be the orange key.
 */
export function NextFish({
  trip,
  number,
  onLanded,
  small = false,
}: {
  trip: TripState;
  number: number;
  onLanded: (id: string) => void;
  small?: boolean;
}) {
  const { book } = useBook();
  const names = useNames();
  const { zone } = useFormat();
  const narrow = useNarrow();
  const pad = usePad();
  const before = fishOfTrip(book, trip.id).at(-1);
  // What is chosen for the next fish outlives a reload, and holds until a fish was landed with it.
  const of = `${trip.id} ${before?.id ?? ''}`;
  const [kept, setKept] = useKept<{ of: string; angler?: string; gear?: (typeof GEARS)[number] }>('deck.next', { of });
  const chosen = kept.of === of ? kept : { of };
  const angler = chosen.angler ?? before?.angler ?? trip.crew[0] ?? '';
  const gear = chosen.gear ?? (before?.gear as (typeof GEARS)[number] | null) ?? 'rod';
  const setAngler = (id: string): void => setKept({ ...chosen, angler: id });
  const setGear = (g: (typeof GEARS)[number]): void => setKept({ ...chosen, gear: g });
  const [lot, setLot] = useState('');
  const [several, setSeveral] = useState(false);
  const [asking, setAsking] = useState(false);
  const [when, setWhen] = useState<When>(NOW);
  const [trouble, setTrouble] = useState<string | null>(null);
  const { write } = useUndoWrite();
  const thisHour = stamp(Math.floor(useNow(60_000) / HOUR_MS) * HOUR_MS, zone);
  const many = typedNumber(lot);
  const land = async (species?: Species): Promise<void> => {
    const unread = numberTrouble(lot, 'how many');
    if (unread) return setTrouble(unread);
    const id = newId();
    const r = await write(
      'fish.landed',
      id,
      { trip: trip.id, number, angler, gear, count: many ?? 1, ...(species ? { species: species.id } : {}) },
      { atMs: whenMs(when) },
    );
    if (!r.ok) return setTrouble(r.why);
    setLot('');
    setSeveral(false);
    setAsking(false);
    setWhen(NOW);
    setTrouble(null);
    onLanded(id);
  };
  const fields = (
    <>
      <Chips
        label="Caught by"
        options={trip.crew.map((m) => ({ value: m, text: names.member(m) }))}
        value={angler}
        onChange={setAngler}
      />
      <Chips label="With" options={plain(GEARS)} value={gear} onChange={setGear} />
    </>
  );
  const count = <Quantity whole pad={pad} label="How many" unit="" placeholder="1" value={lot} onChange={setLot} />;
  const whenField = <WhenField value={when} onChange={setWhen} />;
  const ago = when.kind === 'set' ? ', at the chosen time' : when.minutes > 0 ? `, ${when.minutes} min ago` : '';
  const key = (
    <DeckKey
      act={!small}
      name={many && many > 1 ? `${many} new fish` : 'New fish'}
      note={
        narrow && !small
          ? `No. ${number}: ${names.member(angler)}, ${gear}${ago}`
          : many && many > 1
            ? `saves one entry, no. ${number}`
            : `saved as No. ${number}; then name it`
      }
      onClick={() => void land()}
    />
  );
  if (small)
    return (
      <Row className="next-small">
        <details>
          <summary className="min-h-11 flex items-center font-semibold underline underline-offset-3">
            Add another fish meanwhile
          </summary>
          <div className="flex flex-wrap gap-y-0.5 gap-x-6.5 items-end">
            {fields}
            {count}
            {whenField}
            <Trouble says={trouble} />
          </div>
          <div className="keys">{key}</div>
        </details>
      </Row>
    );
  return (
    <Row className="open-entry next" time={<NowTime>next</NowTime>}>
      <h2>
        <small className="mr-1 font-bold text-[1.25rem] leading-[normal] font-head text-ink">{number}</small> No fish at
        the moment
      </h2>
      {!narrow && (
        <div className="flex flex-wrap gap-y-0.5 gap-x-6.5 items-end">
          {fields}
          {count}
          {whenField}
        </div>
      )}
      {!(narrow && several) && (
        <>
          <p className="hint">Likely catches: tap one to add it.</p>
          <LikelyKeys trip={trip} gear={gear} at={thisHour} onLand={(s) => void land(s)} />
        </>
      )}
      {gear === 'spear' && <SpearBrief />}
      <DeckFoot tripId={trip.id} but={null} step="next" trouble={<Trouble says={trouble} />}>
        {narrow && several && (
          <div className="foot-fields flex-[1_0_100%] max-tablet:order--2">
            {count}
            <CountKeys label="how many" value={lot} onChange={setLot} />
            <LikelyKeys plain trip={trip} gear={gear} at={thisHour} onLand={(s) => void land(s)} />
          </div>
        )}
        {key}
        {!(narrow && several) && <NoteKey trip={trip} />}
        {narrow && (
          <>
            <DeckKey type="button" name="Angler, gear, time" onClick={() => setAsking(true)} />
            <DeckKey
              type="button"
              name={several ? 'One only' : 'Several'}
              note={several ? 'one fish' : 'one entry for several fish'}
              onClick={() => (setSeveral(!several), setLot(''))}
            />
            <Dialog title="Angler, gear, time" open={asking} onClose={() => setAsking(false)}>
              {fields}
              {whenField}
              <Trouble says={trouble} />
              <div className="keys">{key}</div>
            </Dialog>
          </>
        )}
      </DeckFoot>
    </Row>
  );
}
