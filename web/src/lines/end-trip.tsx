import type { TripState } from '@dagboek/journal';
import { useState } from 'react';
import { nowMs } from '../ui/clock.ts';
import { DeckKey } from './deck-key.tsx';
import { plural } from '../asked/format.ts';
import { useWrite } from '../asked/use-write.ts';
import { Dialog } from '../ui/dialog.tsx';
import { Quantity } from '../asked/quantity.tsx';
import { Trouble } from '../ui/trouble.tsx';
import { numberTrouble, typedNumber } from '../ui/typed-number.ts';
import { DateTimeField, NO_TIME } from '../asked/when.tsx';

/** The end of a trip: when, and how many rod hours. `startMs`: the time that stands ready. */
export function EndTrip({
  trip,
  unfinished,
  startMs,
  onClose,
}: {
  trip: TripState;
  unfinished: number;
  startMs?: number;
  /** `ended`: its end was written. */
  onClose: (ended?: boolean) => void;
}) {
  const { write } = useWrite();
  const [atMs, setAt] = useState<number | null>(startMs ?? nowMs);
  const [hours, setHours] = useState('');
  const [trouble, setTrouble] = useState<string | null>(null);
  const end = async (): Promise<void> => {
    if (atMs === null) return setTrouble(NO_TIME);
    const unread = numberTrouble(hours, 'rod hours');
    if (unread) return setTrouble(unread);
    const rodHours = typedNumber(hours);
    const r = await write('trip.ended', trip.id, rodHours === null ? {} : { rodHours }, { atMs });
    if (r.ok) onClose(true);
    else setTrouble(r.why);
  };
  return (
    <Dialog title="End the trip" open onClose={() => onClose()}>
      {unfinished > 0 && (
        <p className="alert alert-warning">
          {plural(unfinished, 'fish is', 'fish are')} still in hand or bleeding. You can still end the trip; the fish
          stays open.
        </p>
      )}
      <DateTimeField label="When" valueMs={atMs} onChange={setAt} />
      <Quantity
        label="Rod hours (only if not everyone fished the whole time)"
        unit="h"
        value={hours}
        onChange={setHours}
      />
      <p className="hint">If empty, everyone aboard counts for the whole trip.</p>
      <Trouble says={trouble} />
      <div className="keys">
        <DeckKey act name="End trip now" note="saves the end of the trip" onClick={() => void end()} />
      </div>
    </Dialog>
  );
}
