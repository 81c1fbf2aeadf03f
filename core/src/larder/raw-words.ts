import { sayTemperature, type Units } from '../units/index.ts';
import { FREEZING_LINES, type FreezingLine, type RawClock } from './raw-clock.ts';

/** Why a clock of freezing does not run, as a sentence. */
export const RAW_CLOCK_WHY: Readonly<Record<NonNullable<RawClock['why']>, string>> = {
  'not frozen': 'It is not in a freezer: the time has not started.',
  void: 'It was thawed before a limit was reached: the time starts again when it is frozen again.',
  'never read':
    'The freezer was not measured, so the time cannot start. Note its temperature on its page, then about once a day.',
  'too warm': 'The freezer is too warm, or the middle is not cold enough yet: the time does not count.',
  'not read lately': 'The freezer was not measured for a day and a half: the time waits for the next reading.',
};

/** What stands beside every clock. Source: US FDA Food Code 3-402.11; Regulation (EC) 853/2004 Annex III. */
export const RAW_CLOCK_NOTE =
  'Calculated for the middle of the pack, from the freezer’s readings. Flukes can survive freezing. Reaching a limit does not make it safe for everyone.';

/** What an authority asks of freezing, in a few words: "7 days at −20°, or 15 hours at −35°". */
export const sayFreezing = (by: FreezingLine['by'], units?: Units): string =>
  FREEZING_LINES.filter((l) => l.by === by)
    .map((l) => `${l.hours > 48 ? `${l.hours / 24} days` : `${l.hours} hours`} at ${sayTemperature(l.c, units)}`)
    .join(', or ');
