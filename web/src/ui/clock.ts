import type { Health } from '@dagboek/journal';

/**
 * The interface's one source of "now": the device's own clock, or the server's where that was set (demo, tests, screenshots).
 * The offset is remembered, so that a reload without a network keeps the same time.
 */
let offsetMs = 0;
let stillMs: number | null = null;
/** How far this device's clock is ahead, ms, where someone chose to go by the server's. */
let setBack = 0;
const KEY = 'dagboek.clock';
const SET_BACK_KEY = 'dagboek.clock.ahead';

export function setClock(h: Pick<Health, 'now' | 'clock'>): void {
  recallSetBack();
  stillMs = h.clock === 'still' ? Date.parse(h.now) : null;
  offsetMs = h.clock === 'set' ? Date.parse(h.now) - Date.now() : 0;
  localStorage.setItem(KEY, JSON.stringify({ offsetMs, stillMs }));
}

export function recallClock(): void {
  recallSetBack();
  try {
    const kept = JSON.parse(localStorage.getItem(KEY) ?? '{}') as { offsetMs?: number; stillMs?: number | null };
    offsetMs = kept.offsetMs ?? 0;
    stillMs = kept.stillMs ?? null;
  } catch {
    // A broken note about the clock is worth nothing; the device's own clock is right enough.
  }
}

export const nowMs = (): number => stillMs ?? Date.now() + offsetMs - setBack;

const recallSetBack = (): void => void (setBack = Number(localStorage.getItem(SET_BACK_KEY) ?? 0) || 0);

/** From now on this device goes by the server's clock. `aheadMs`: how far its own, as it is gone by now, is ahead. */
export function goByServer(aheadMs: number): void {
  setBack += Math.round(aheadMs);
  localStorage.setItem(SET_BACK_KEY, String(setBack));
}

/** By how much the clock of this device is set back, ms; 0 for nearly every one. */
export const setBackMs = (): number => setBack;
