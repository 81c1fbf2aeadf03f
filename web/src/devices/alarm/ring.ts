import { alarmSettings } from './alarm-settings.ts';

/** Three short notes, Hz and s: heard over wind, and not shrill. */
const NOTES = [
  { hz: 880, at: 0 },
  { hz: 660, at: 0.28 },
  { hz: 880, at: 0.56 },
] as const;
const NOTE_S = 0.2;
const LOUD = 0.35;
/** ms on, off, on, … */
const SHAKE = [300, 120, 300, 120, 300];

let audio: AudioContext | null = null;

/** A browser gives no sound before it was touched: the first tap makes it ready. */
export function readySound(): void {
  const ready = (): void => {
    if (typeof AudioContext === 'undefined') return;
    audio ??= new AudioContext();
    void audio.resume();
  };
  for (const kind of ['pointerdown', 'keydown'] as const) addEventListener(kind, ready, { once: true, passive: true });
}

/** The end of a timer: sound and vibration, as this device has them. Says what it did. */
export function ring(): { sound: boolean; vibrate: boolean } {
  const set = alarmSettings();
  const sound = set.sound && audio !== null;
  if (set.sound && audio) {
    const ctx = audio;
    for (const { hz, at } of NOTES) {
      const tone = ctx.createOscillator();
      const loud = ctx.createGain();
      tone.frequency.value = hz;
      loud.gain.setValueAtTime(LOUD, ctx.currentTime + at);
      loud.gain.exponentialRampToValueAtTime(0.001, ctx.currentTime + at + NOTE_S);
      tone.connect(loud).connect(ctx.destination);
      tone.start(ctx.currentTime + at);
      tone.stop(ctx.currentTime + at + NOTE_S);
    }
  }
  const vibrate = set.vibrate && typeof navigator.vibrate === 'function' && navigator.vibrate(SHAKE);
  return { sound, vibrate };
}
