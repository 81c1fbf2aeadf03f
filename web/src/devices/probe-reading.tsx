import { useState } from 'react';
import { DeckKey } from '../lines/deck-key.tsx';
import { sayTemperature } from '../asked/units.ts';
import { useProbe } from './use-probe.ts';

const WORDS = {
  lost: 'No reading. Is it switched on?',
  settles: 'The reading is still changing: leave the thermometer in.',
  settled: 'Settled.',
  jumps: 'The reading jumps: push the thermometer in again, and check its plug. Not saved.',
  stuck: 'The thermometer shows exactly the same value again: it is stuck. Switch it off and on. Not saved.',
  'out of range': 'Nothing here can be that warm or that cold: the thermometer is broken. Not saved.',
} as const;
/** What the thermometer reads, and the key that takes it once it has settled. */
export function ProbeReading({ aboutC, onTake }: { aboutC: number; onTake: (c: number) => void }) {
  const [go, setGo] = useState(0);
  const probe = useProbe(true, aboutC, go);
  const c = 'c' in probe ? Math.round(probe.c * 10) / 10 : null;
  return (
    <>
      <p>
        <span className="num mr-3 text-[3.5rem]">{c === null ? '–' : sayTemperature(c)}</span>
        {probe.simulated && <small>simulated thermometer</small>}
      </p>
      <p role="status">{WORDS[probe.state]}</p>
      <div className="keys">
        <DeckKey
          act
          name={probe.state === 'settled' && c !== null ? `Take ${sayTemperature(c)}` : 'Take it'}
          waits={probe.state === 'settled' ? undefined : 'when it has settled'}
          onClick={() => c !== null && onTake(c)}
        />
        <DeckKey name="Off and on" note="starts reading again" onClick={() => setGo(go + 1)} />
      </div>
    </>
  );
}
