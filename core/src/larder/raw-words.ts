import { sayTemperature, type Units } from '../units/index.ts';
import { FREEZING_LINES, type FreezingLine, type RawClock } from './raw-clock.ts';

/** Why a clock of freezing does not run, as a sentence. */
export const RAW_CLOCK_WHY: Readonly<Record<NonNullable<RawClock['why']>, string>> = {
  'not frozen': 'It lies in no freezer: the clock has not begun.',
  void: 'It was thawed before a line was met: the clock begins anew when it is frozen again.',
  'never read': 'Nobody read its freezer: the clock cannot begin. Read it on its page, and every day or so after.',
  'too warm': 'Its freezer is too warm, or its core is not cold enough yet: the clock does not run.',
  'not read lately': 'Its freezer was not read for a day and a half: the clock waits for the next reading.',
};

/** What stands beside every clock. Source: US FDA Food Code 3-402.11; Regulation (EC) 853/2004 Annex III. */
export const RAW_CLOCK_NOTE =
  'Reckoned in the middle of the pack, by how its freezer was read. Flukes stand freezing. That a line is met does not make it safe for everyone.';

/** What an authority asks of freezing, in a few words: "7 days at −20°, or 15 hours at −35°". */
export const sayFreezing = (by: FreezingLine['by'], units?: Units): string =>
  FREEZING_LINES.filter((l) => l.by === by)
    .map((l) => `${l.hours > 48 ? `${l.hours / 24} days` : `${l.hours} hours`} at ${sayTemperature(l.c, units)}`)
    .join(', or ');
