import { type ProbeReading, type ProbeState, probeState } from '@dagboek/core/probe';
import type { ThermometerEvent } from '@dagboek/journal';
import { useEffect, useState } from 'react';

/** So many readings are kept: more than settling and hanging look at. */
const KEPT = 60;

/**
 * The thermometer for fish and ice, while `on`: what it says now. Readings come as server-sent events; a real one behind the
 * browser's own Bluetooth would give the same. `aboutC`: what it is put into is reckoned at; `go`: which time it is put in.
 */
export function useProbe(on: boolean, aboutC: number, go: number): ProbeState & { readonly simulated: boolean } {
  const [said, setSaid] = useState<{ now: ProbeState; simulated: boolean }>({
    now: { state: 'lost' },
    simulated: true,
  });
  // What is reckoned moves on while it reads: the stand-in keeps to where it began.
  const [about] = useState(() => Math.round(aboutC * 10) / 10);
  // The thermometer is outside React.
  useEffect(() => {
    if (!on) return;
    let readings: ProbeReading[] = [];
    let simulated = true;
    const look = (): void => setSaid({ now: probeState(readings, Date.now()), simulated });
    const source = new EventSource(
      `/api/devices/probe?about=${about}&seed=${Math.floor(about * 1000 + 50_000 + go * 7919)}`,
    );
    source.onmessage = (e: MessageEvent<string>) => {
      const event = JSON.parse(e.data) as ThermometerEvent;
      simulated = event.simulated;
      readings = [...readings, { atMs: Date.now(), c: event.c }].slice(-KEPT);
      look();
    };
    // A stream that ends or breaks would be begun anew, put into another fish.
    source.onerror = () => source.close();
    const watch = setInterval(look, 1000);
    return () => (source.close(), clearInterval(watch));
  }, [on, about, go]);
  return { ...said.now, simulated: said.simulated };
}
