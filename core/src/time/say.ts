const MONTHS = [
  'January',
  'February',
  'March',
  'April',
  'May',
  'June',
  'July',
  'August',
  'September',
  'October',
  'November',
  'December',
];
const WEEKDAYS = ['Sunday', 'Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday'];

/** "12 September" from YYYY-MM-DD, or from MM-DD. */
export function sayDate(day: string): string {
  const [m, d] = day.slice(-5).split('-').map(Number);
  return `${d} ${MONTHS[(m ?? 1) - 1]}`;
}

/** "September 2026" of 2026-09. */
export const sayMonth = (month: string): string =>
  `${MONTHS[Number(month.slice(5, 7)) - 1] ?? ''} ${month.slice(0, 4)}`;
/** "12 Sep". */
export const sayShortDate = (day: string): string => sayDate(day).replace(/([A-Z][a-z]{2})[a-z]*/, '$1');

/** Weekday name of a civil day (YYYY-MM-DD), proleptic Gregorian. */
export function weekday(day: string): string {
  return WEEKDAYS[new Date(`${day}T12:00:00Z`).getUTCDay()] ?? '';
}

/** "Saturday 12 September". */
export const sayDay = (day: string): string => `${weekday(day)} ${sayDate(day)}`;

/** "6 h 34 min", "48 min", "2 days 3 h" from milliseconds; negative spans read as zero. */
export function saySpan(ms: number): string {
  const min = Math.max(0, Math.round(ms / 60_000));
  if (min < 60) return `${min} min`;
  const h = Math.floor(min / 60);
  if (h < 48) return min % 60 === 0 ? `${h} h` : `${h} h ${min % 60} min`;
  return h % 24 === 0 ? `${h / 24} days` : `${Math.floor(h / 24)} days ${h % 24} h`;
}
