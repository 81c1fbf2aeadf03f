import { openTrip } from '@dagboek/journal';
import { useBookValue } from '../offline/journal-context.tsx';
import { KeyLink } from '../ui/key.tsx';

/** Where an empty page leads on: to the trip under way, or to a new one. */
export function TripNext() {
  const underWay = useBookValue((book) => openTrip(book) !== null);
  return (
    <div className="keys">
      {underWay ? (
        <KeyLink act to="/deck" name="To the deck" note="note the next fish" />
      ) : (
        <KeyLink act to="/plan" name="Start a trip" note="where, who, how much ice" />
      )}
    </div>
  );
}
