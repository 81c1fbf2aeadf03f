import { addDays } from './civil.ts';

const MONTHS = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec'];

/**
 * A civil day out of what a person types, YYYY-MM-DD; null when it is none. Day before month: `12.9.2026`, `12 9 26`,
 * `12/9`, `12 Sep`, `12 september 2026`, `2026-09-12`, `today`, `yesterday`, `tomorrow`. Without a year: the one in which
 * it lies nearest to `today`. A day that does not exist (31 February) is none.
 */
export function readDay(text: string, today: string): string | null {
  const t = text.trim().toLowerCase();
  const named = { today: 0, yesterday: -1, tomorrow: 1 }[t];
  if (named !== undefined) return addDays(today, named);
  const iso = /^(\d{4})-(\d{1,2})-(\d{1,2})$/.exec(t);
  if (iso) return dayOf(Number(iso[1]), Number(iso[2]), Number(iso[3]));
  const m = /^(?:[a-z]{2,9},? )?(\d{1,2})(?:[./ -]+)(\d{1,2}|[a-z]{3,9})\.?(?:[./ ,-]+(\d{4}|\d{2}))?\.?$/.exec(t);
  if (!m) return null;
  const month = /^\d/.test(m[2] ?? '') ? Number(m[2]) : MONTHS.indexOf((m[2] ?? '').slice(0, 3)) + 1;
  const day = Number(m[1]);
  if (m[3] !== undefined) return dayOf(m[3].length === 2 ? 2000 + Number(m[3]) : Number(m[3]), month, day);
  const year = Number(today.slice(0, 4));
  const near = [year - 1, year, year + 1].flatMap((y) => dayOf(y, month, day) ?? []);
  const apart = (d: string): number => Math.abs(Date.parse(d) - Date.parse(today));
  return near.sort((a, b) => apart(a) - apart(b))[0] ?? null;
}

function dayOf(y: number, m: number, d: number): string | null {
  const ms = Date.UTC(y, m - 1, d);
  const day = Number.isFinite(ms) ? new Date(ms).toISOString().slice(0, 10) : '';
  const typed = `${String(y).padStart(4, '0')}-${String(m).padStart(2, '0')}-${String(d).padStart(2, '0')}`;
  return day === typed ? day : null;
}

/** A time of day out of what a person types, HH:MM; null when it is none: `23:50`, `9:05`, `2350`, `9.05`, `7`, `7 pm`, `12 am`. */
export function readTime(text: string): string | null {
  const m = /^(\d{1,2})(?:[:.h ]?(\d{2}))? ?(am|pm)?$/.exec(text.trim().toLowerCase());
  if (!m) return null;
  const [typed, min] = [Number(m[1]), Number(m[2] ?? 0)];
  if (m[3] && (typed < 1 || typed > 12)) return null;
  const h = m[3] ? (typed % 12) + (m[3] === 'pm' ? 12 : 0) : typed;
  return h < 24 && min < 60 ? `${String(h).padStart(2, '0')}:${String(min).padStart(2, '0')}` : null;
}
