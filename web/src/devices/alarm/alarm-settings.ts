import { useKept } from '../../ui/use-kept.ts';

/** What a timer does at its end on this device, and whether the screen stays lit while one runs. */
export interface AlarmSettings {
  readonly sound: boolean;
  readonly vibrate: boolean;
  readonly awake: boolean;
}

const NAME = 'alarm';
const ALL: AlarmSettings = { sound: true, vibrate: true, awake: true };

export const useAlarmSettings = (): [AlarmSettings, (s: AlarmSettings) => void] => useKept<AlarmSettings>(NAME, ALL);

/** As they stand this moment, for what rings outside of any page. */
export function alarmSettings(): AlarmSettings {
  try {
    return { ...ALL, ...(JSON.parse(localStorage.getItem(`dagboek.${NAME}`) ?? '{}') as Partial<AlarmSettings>) };
  } catch {
    return ALL;
  }
}
