import { useEffect } from 'react';
import { alarmSettings } from './alarm-settings.ts';

/** Keeps the screen lit while `on`, where the browser can and the device wants it. */
export function useAwake(on: boolean): void {
  // The lock is the browser's, and is lost whenever the page is hidden.
  useEffect(() => {
    if (!on || !alarmSettings().awake || !('wakeLock' in navigator)) return;
    let lock: WakeLockSentinel | null = null;
    let gone = false;
    const take = (): void => {
      if (document.visibilityState !== 'visible') return;
      // Refused when the battery is low: then it goes dark, as it would have.
      navigator.wakeLock.request('screen').then(
        (l) => (gone ? void l.release() : (lock = l)),
        () => undefined,
      );
    };
    take();
    document.addEventListener('visibilitychange', take);
    return () => {
      gone = true;
      document.removeEventListener('visibilitychange', take);
      void lock?.release();
    };
  }, [on]);
}
