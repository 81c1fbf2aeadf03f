import { openTrip, tripsInOrder } from '@dagboek/journal';
import { sayDay } from '@dagboek/core/time';
import { useFormat } from '../../asked/format.ts';
import { useBook } from '../../offline/journal-context.tsx';
import { Page } from '../../frame/page.tsx';
import { useNow } from '../../ui/use-now.ts';
import { OpenTrip } from './open-trip.tsx';
import { StartTrip } from './start-trip.tsx';

/** Before leaving: start a trip; with one open, its remarks and its end. */
export function PlanPage() {
  const { book } = useBook();
  const trip = openTrip(book);
  const { dayOfMs } = useFormat();
  const now = useNow(60_000);
  const number = trip ? tripsInOrder(book).indexOf(trip) + 1 : tripsInOrder(book).length + 1;
  return (
    <Page
      title="Plan"
      first={{ label: 'Trip', value: number }}
      cells={[
        { label: 'Day', value: sayDay(dayOfMs(now)) },
        { label: 'State', value: trip ? 'under way' : 'not begun' },
      ]}
    >
      {trip ? <OpenTrip trip={trip} /> : <StartTrip />}
    </Page>
  );
}
