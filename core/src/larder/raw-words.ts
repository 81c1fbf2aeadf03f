import type { RawClock } from './raw-clock.ts';

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
