import type { ThermometerEvent } from '@dagboek/journal';
import { useEffect, useState } from 'react';

/** A reading older than this says nothing of now, ms. */
const OLD_MS = 8000;

/** What the thermometer reads. `lost`: it is on, and nothing came through lately. */
export interface Thermometer {
  readonly c: number | null;
  readonly simulated: boolean;
  readonly lost: boolean;
}

/**
 * The thermometer in hot water, while it is on. Readings come as server-sent events; a real one behind the browser's own
 * Bluetooth would give the same. `since`: when the water was made hot last, ISO, for the stand-in; null: not yet.
 */
export function useThermometer(on: boolean, since: string | null): Thermometer {
  const [said, setSaid] = useState<{ event: ThermometerEvent; atMs: number; of: string } | null>(null);
  const [nowMs, setNow] = useState(() => Date.now());
  // The thermometer is outside React.
  useEffect(() => {
    if (!on || since === null) return;
    const source = new EventSource(`/api/devices/thermometer?since=${encodeURIComponent(since)}`);
    source.onmessage = (e: MessageEvent<string>) => {
      const event = JSON.parse(e.data) as ThermometerEvent;
      // One that did not come through leaves the last as it was.
      if (event.c !== null) setSaid({ event, atMs: Date.now(), of: since });
    };
    const watch = setInterval(() => setNow(Date.now()), 1000);
    return () => (source.close(), clearInterval(watch));
  }, [on, since]);
  const fresh = on && said !== null && said.of === since && nowMs - said.atMs < OLD_MS;
  return { c: fresh ? said.event.c : null, simulated: said?.event.simulated ?? true, lost: on && !fresh };
}
