import { visible } from '@dagboek/core/text';
import ical from 'ical-generator';

/** A chore at its hour. */
export interface CalendarChore {
  readonly id: string;
  readonly atMs: number;
  readonly says: string;
}
/** A day by which something is to be eaten. */
export interface CalendarDay {
  readonly id: string;
  /** Civil day, YYYY-MM-DD. */
  readonly day: string;
  readonly says: string;
}

const CHORE_MIN = 10;

/**
 * An iCalendar file (RFC 5545): chores as events of ten minutes with a reminder at their hour, days as events of the whole day. An event
 * has the same name each time, so that reading the file again changes it and makes no second one.
 */
export function larderCalendar(chores: readonly CalendarChore[], days: readonly CalendarDay[], nowMs: number): string {
  const calendar = ical({ name: 'Dagboek, larder', prodId: { company: 'Dagboek', product: 'Larder', language: 'EN' } });
  for (const c of chores)
    calendar
      .createEvent({
        id: `${c.id}@dagboek`,
        stamp: new Date(nowMs),
        start: new Date(c.atMs),
        end: new Date(c.atMs + CHORE_MIN * 60_000),
        summary: visible(c.says),
      })
      .createAlarm({ trigger: 0 });
  for (const d of days) {
    // A civil day has no zone; the package writes that of UTC.
    const [y, m, n] = d.day.split('-').map(Number) as [number, number, number];
    calendar.createEvent({
      id: `${d.id}@dagboek`,
      stamp: new Date(nowMs),
      start: new Date(Date.UTC(y, m - 1, n)),
      allDay: true,
      summary: visible(d.says),
    });
  }
  return calendar.toString();
}
