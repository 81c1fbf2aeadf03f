import { saySpan } from '@dagboek/core/time';
import { goByServer } from '../ui/clock.ts';
import { plural, wordFor } from '../asked/format.ts';
import { useAheadMs, useJournal, useOutbox } from '../offline/journal-context.tsx';
import { setBack } from '../offline/set-back.ts';
import { Key } from '../ui/key.tsx';

/** Clocks may differ by so much without a word, ms. */
const TOLERATED_MS = 2 * 60_000;

/** The clock of this device is another than the server's: which of the two is wrong only a person knows. */
export function ClockNotice() {
  const aheadMs = useAheadMs();
  const store = useJournal();
  // What the server had once was right by it then.
  const unsent = useOutbox().filter((i) => !i.again && (i.state === 'queued' || i.state === 'refused'));
  if (aheadMs === null || Math.abs(aheadMs) < TOLERATED_MS) return null;
  const ahead = aheadMs > 0;
  const goBy = (): void => {
    // At once: until the next answer the second of two quick taps would set it back once more.
    store.clockSet();
    goByServer(aheadMs);
    void store.replace(
      setBack(
        unsent.map((i) => i.entry),
        aheadMs,
      ),
      'Written anew by the server’s clock.',
    );
  };
  return (
    <div className="alert alert-warning" role="status">
      <p>
        <b>
          This device’s clock is {saySpan(Math.abs(aheadMs))} {ahead ? 'ahead of' : 'behind'} the server’s.
        </b>{' '}
        {ahead ? 'Entries dated later than the server’s clock wait, and are sent when that time comes. ' : ''}
        If the server’s clock is wrong, correct that clock. Nothing else is needed.
      </p>
      <div className="keys">
        <Key
          onClick={goBy}
          name="Use the server’s clock"
          note={
            unsent.length > 0
              ? `${plural(unsent.length, 'entry', 'entries')} not sent yet ${wordFor(unsent.length, 'is', 'are')} set ${ahead ? 'back' : 'on'} too`
              : 'for everything noted from now on'
          }
        />
      </div>
    </div>
  );
}
