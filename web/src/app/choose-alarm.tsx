import { sayAll } from '@dagboek/core/units';
import { useState } from 'react';
import { type AlarmSettings, useAlarmSettings } from '../devices/alarm/alarm-settings.ts';
import { ring } from '../devices/alarm/ring.ts';
import { DeckKey } from '../lines/deck-key.tsx';

const WHAT: readonly (readonly [keyof AlarmSettings, string])[] = [
  ['sound', 'Play a sound when a timer ends'],
  ['vibrate', 'Vibrate when a timer ends'],
  ['awake', 'The screen stays on while a timer runs'],
];

/** What a timer does on this device. */
export function ChooseAlarm() {
  const [set, change] = useAlarmSettings();
  const [tried, setTried] = useState<string | null>(null);
  const attempt = (): void => {
    const did = ring();
    const done = [...(did.sound ? ['sounded'] : []), ...(did.vibrate ? ['shook'] : [])];
    setTried(done.length > 0 ? `It ${sayAll(done)}.` : 'This device made no sound and did not vibrate.');
  };
  return (
    <>
      <h2>Timers</h2>
      <p>For this device: when a fish has bled long enough, when hot water needs topping up.</p>
      <div className="flex flex-wrap gap-y-0 gap-x-5.5">
        {WHAT.map(([name, words]) => (
          <label key={name} className="tick">
            <input
              type="checkbox"
              className="checkbox"
              checked={set[name]}
              onChange={(e) => change({ ...set, [name]: e.target.checked })}
            />{' '}
            {words}
          </label>
        ))}
      </div>
      <div className="keys">
        <DeckKey name="Try it" onClick={attempt} />
      </div>
      <p role="status">{tried}</p>
    </>
  );
}
