import type { Health } from '@dagboek/journal';

/**
 * The interface's one source of "now": the device's own clock, or the server's where that was set (demo, tests, screenshots).
 * The offset is remembered, so that a reload without a network keeps the same time.
 */
let offsetMs = 0;
let stillMs: number | null = null;
const KEY = 'dagboek.clock';

export function setClock(h: Pick<Health, 'now' | 'clock'>): void {
  stillMs = h.clock === 'still' ? Date.parse(h.now) : null;
  offsetMs = h.clock === 'set' ? Date.parse(h.now) - Date.now() : 0;
  localStorage.setItem(KEY, JSON.stringify({ offsetMs, stillMs }));
}

export function recallClock(): void {
  try {
    const kept = JSON.parse(localStorage.getItem(KEY) ?? '{}') as { offsetMs?: number; stillMs?: number | null };
    offsetMs = kept.offsetMs ?? 0;
    stillMs = kept.stillMs ?? null;
  } catch {
    // A broken note about the clock is worth nothing; the device's own clock is right enough.
  }
}

export const nowMs = (): number => stillMs ?? Date.now() + offsetMs;
