import { type ScaleReading, type ScaleState, scaleState } from '@dagboek/core/scale';
import type { ScaleEvent } from '@dagboek/journal';
import { useEffect, useState } from 'react';

/** So many readings are kept: more than settling looks at. */
const KEPT = 40;

/** A number out of an id, so that the same fish weighs the same again on the simulated scale. */
const seedOf = (id: string): number => Number.parseInt(id.replace(/\D/g, '').slice(-9), 10) || 1;

/**
 * The scale, while `open`: what it says now. Readings come as server-sent events; a real scale behind the browser's own
 * Bluetooth or serial port would give the same events. `aboutG`: what hangs on it is reckoned at, g.
 */
export function useScale(open: boolean, fishId: string, aboutG: number): ScaleState & { readonly simulated: boolean } {
  const [said, setSaid] = useState<{ now: ScaleState; simulated: boolean }>({
    now: { state: 'lost' },
    simulated: true,
  });
  // The scale is outside React.
  useEffect(() => {
    if (!open) return;
    let readings: ScaleReading[] = [];
    let simulated = true;
    const look = (): void => setSaid({ now: scaleState(readings, Date.now()), simulated });
    const source = new EventSource(`/api/devices/scale?about=${Math.round(aboutG)}&seed=${seedOf(fishId)}`);
    source.onmessage = (e: MessageEvent<string>) => {
      const event = JSON.parse(e.data) as ScaleEvent;
      simulated = event.simulated;
      readings = [...readings, { atMs: Date.now(), g: event.g }].slice(-KEPT);
      look();
    };
    // A stream that ends or breaks would be begun anew, with another fish swinging on it.
    source.onerror = () => source.close();
    const watch = setInterval(look, 1000);
    return () => (source.close(), clearInterval(watch));
  }, [open, fishId, aboutG]);
  return { ...said.now, simulated: said.simulated };
}
