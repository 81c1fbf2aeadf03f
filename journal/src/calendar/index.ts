export { larderCalendar } from './larder-calendar.ts';
export type { CalendarChore, CalendarDay } from './larder-calendar.ts';
export { larderFeed } from './larder-feed.ts';
