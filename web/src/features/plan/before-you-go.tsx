import { BEFORE_YOU_GO, type BeforeYouGo as Sentence, sayReturn } from '@dagboek/core/harm';
import { stamp } from '@dagboek/core/time';
import { useState } from 'react';
import { useEmergencyNumber, useOtherNumbers } from '../../frame/emergency-number.tsx';
import { useNames } from '../../asked/names.ts';
import { useFormat } from '../../asked/format.ts';
import { saveFile } from '../../ui/save-file.ts';
import { LineKey } from '../../ui/key.tsx';
import { useKept } from '../../ui/use-kept.ts';

/** They call when nothing was heard so long after the return, ms. */
const LATE_MS = 2 * 3_600_000;

/** Five sentences to tick before the lines are cast off, and the message for someone ashore. Ticks hold for this trip alone. */
export function BeforeYouGo({
  of,
  boat,
  zone,
  crew,
  homeMs,
}: {
  /** The trip before this one: with another the ticks begin anew. */
  of: string;
  boat: string;
  zone: string;
  crew: readonly string[];
  homeMs: number | null;
}) {
  const names = useNames();
  const { time, day, shortDay, zone: tz } = useFormat();
  const [kept, keep] = useKept<{ of: string; ticked: readonly Sentence['id'][] }>('before-you-go', { of, ticked: [] });
  const [emergency] = useEmergencyNumber();
  const others = useOtherNumbers();
  const [told, setTold] = useState<string | null>(null);
  const ticked = kept.of === of ? kept.ticked : [];
  const tick = (id: Sentence['id'], on: boolean): void =>
    keep({ of, ticked: on ? [...ticked, id] : ticked.filter((t) => t !== id) });
  const when = (ms: number): string => {
    const at = stamp(ms, tz);
    return `${shortDay(day(at))}, ${time(at)}`;
  };
  const message =
    homeMs === null || zone === '' || crew.length === 0
      ? null
      : sayReturn({
          boat,
          where: names.zone(zone),
          who: crew.map((id) => names.member(id)),
          back: when(homeMs),
          call: when(homeMs + LATE_MS),
          number: others['coast guard'] || emergency,
        });
  const copy = async (): Promise<void> => {
    try {
      await navigator.clipboard.writeText(message ?? '');
      setTold('Copied. Paste it into a message to someone ashore.');
    } catch {
      setTold('This device does not let the page copy. Select the text, or save it as a file.');
    }
  };
  return (
    <section className="my-3.5 mx-0" aria-label="Before you go">
      <h3>Before you go</h3>
      <ul className="plain-list">
        {BEFORE_YOU_GO.map((s) => (
          <li className="py-0.5 px-0" key={s.id}>
            <label className="check items-start">
              <input
                type="checkbox"
                className="checkbox"
                checked={ticked.includes(s.id)}
                onChange={(e) => tick(s.id, e.target.checked)}
              />{' '}
              {s.say}
            </label>
          </li>
        ))}
      </ul>
      {message === null ? (
        <p className="hint mt-2.5">
          Choose a place, who is aboard and the expected return, and a message for someone ashore appears here.
        </p>
      ) : (
        <details className="mt-2.5">
          <summary>Message for someone ashore</summary>
          <p className="message">{message}</p>
          <p>
            <LineKey onClick={() => void copy()}>Copy it</LineKey>{' '}
            <LineKey onClick={() => saveFile('back-by.txt', message, 'text/plain')}>Save it as a file</LineKey>
          </p>
          <p role="status">{told}</p>
        </details>
      )}
    </section>
  );
}
