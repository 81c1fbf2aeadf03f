import { inSpan, sayDate, weekday } from '../time/index.ts';
import type { CatchFacts, Rule, RulePack } from './rule.ts';
import { sunHours } from './sun-hours.ts';
import type { Said } from './verdict.ts';
import { sayShortLength, sayTime, sayAny } from '../units/index.ts';
import { andList } from './words.ts';

type Of<K extends Rule['kind']> = Extract<Rule, { kind: K }>;

const minutes = (hhmm: string): number => Number(hhmm.slice(0, 2)) * 60 + Number(hhmm.slice(3, 5));
const DAY = 1440;
const clock = (min: number): string => {
  const m = ((Math.round(min) % DAY) + DAY) % DAY;
  return `${String(Math.floor(m / 60)).padStart(2, '0')}:${String(m % 60).padStart(2, '0')}`;
};

/** Whether a time lies from one time to another, both included; wraps over midnight. */
export const withinHours = (time: string, from: string, to: string): boolean => {
  const [t, a, b] = [minutes(time), minutes(from), minutes(to)];
  return a <= b ? t >= a && t <= b : t >= a || t <= b;
};

/** What a closed or an open season says of a catch on its day. */
export function seasonSays(rule: Of<'closedSeason' | 'openSeason'>, f: CatchFacts): Said {
  const open = rule.kind === 'openSeason' ? rule.open : null;
  const span = rule.kind === 'closedSeason' ? rule.closed : rule.open;
  const says = `${open ? 'open' : 'closed'} from ${sayDate(span.from)} to ${sayDate(span.to)}.`;
  // On the 29th of February, after a span to the 28th, the stricter reading: still closed, no longer open.
  const shut = open ? !inSpan(f.day, span, 'after') : inSpan(f.day, span);
  if (!shut) return { outcome: 'keep', lead: 'Season', because: open ? says : `open; ${says}` };
  return {
    outcome: 'letGo',
    lead: 'Closed season:',
    because: says,
    change: open ? `from ${sayDate(open.from)}` : `after ${sayDate(span.to)}`,
  };
}

/** What closed days of the week say of a catch on its day. */
export function closedDaysSays(rule: Of<'closedDays'>, f: CatchFacts): Said {
  const today = weekday(f.day);
  const list = andList(rule.days);
  return rule.days.some((d) => d === today)
    ? { outcome: 'letGo', lead: 'Closed day:', because: `nothing is kept on ${list}.`, change: 'after midnight' }
    : { outcome: 'keep', lead: 'Days', because: `open; closed on ${list}.` };
}

/** What the hours of the clock or of the sun say of a catch at its time; the sun’s by the place of the waters. */
export function hoursSay(rule: Of<'clockHours' | 'sunHours'>, f: CatchFacts, pack: RulePack): Said {
  const hours = rule.kind === 'clockHours' ? { from: rule.from, to: rule.to, how: '' } : sunSpan(rule, f, pack);
  if (hours === 'always')
    return { outcome: 'keep', lead: 'Hours', because: 'between sun and sun there is no night now: open all day.' };
  if (hours === 'never')
    return { outcome: 'letGo', lead: 'Outside the hours:', because: 'the sun does not rise far enough today.' };
  const at = (hhmm: string): string => sayTime(hhmm, f.units);
  const says = `fishing from ${at(hours.from)} to ${at(hours.to)}${hours.how}.`;
  if (f.time === undefined) return { outcome: 'ask', lead: 'Time needed:', because: says, asks: { fact: 'time' } };
  return withinHours(f.time, hours.from, hours.to)
    ? { outcome: 'keep', lead: 'Hours', because: `open; ${says}` }
    : {
        outcome: 'letGo',
        lead: 'Outside the hours:',
        because: `caught at ${at(f.time)}; ${says}`,
        change: `after ${at(hours.from)}`,
      };
}

function sunSpan(
  rule: Of<'sunHours'>,
  f: CatchFacts,
  pack: RulePack,
): { from: string; to: string; how: string } | 'always' | 'never' {
  const at = pack.zones.find((z) => z.id === f.zone)?.at ?? pack.zones.find((z) => z.at)?.at;
  if (!at) return 'always';
  const sun = sunHours(f.day, at, pack.timeZone);
  if (sun.rise === null) return sun.all === 'day' ? 'always' : 'never';
  const [rise, set] = [minutes(sun.rise), minutes(sun.set)];
  const from = rise - rule.beforeSunriseMin;
  // In the far north it sets after midnight: that is still this day's evening.
  const to = (set < rise ? set + DAY : set) + rule.afterSunsetMin;
  if (to - from >= DAY) return 'always';
  if (to <= from) return 'never';
  return {
    from: clock(from),
    to: clock(to),
    how: `, sun up ${sayTime(sun.rise, f.units)} to ${sayTime(sun.set, f.units)}`,
  };
}

/** What a ban of gear says of a catch; it asks where nobody has said how it was caught. */
export function gearBanSays(rule: Of<'gearBan'>, f: CatchFacts): Said {
  const list = sayAny(rule.banned);
  if (!f.gear)
    return { outcome: 'ask', lead: 'How was it caught?', because: `not with ${list} here.`, asks: { fact: 'gear' } };
  return rule.banned.includes(f.gear)
    ? { outcome: 'letGo', lead: 'Not with this gear:', because: `${list} is not allowed here.` }
    : { outcome: 'keep', lead: 'Gear', because: `${f.gear} is allowed; ${list} is not.` };
}

/** What a licence that is needed says of whoever caught it; it asks where the book knows of none. */
export function licenceSays(rule: Of<'licence'>, f: CatchFacts): Said {
  const held = f.angler?.licences?.filter((l) => l.name === rule.licence);
  if (!held)
    return {
      outcome: 'ask',
      lead: 'Licence?',
      because: `${f.anglerName} needs the ${rule.licence}; the book does not know of one.`,
      asks: { fact: 'licence' },
    };
  const good = held
    .filter((l) => l.until >= f.day && (l.from === undefined || l.from <= f.day))
    .map((l) => l.until)
    .sort()
    .at(-1);
  if (good !== undefined)
    return { outcome: 'keep', lead: 'Licence', because: `${rule.licence}, good to ${sayDate(good)}.` };
  const coming = held.flatMap((l) => (l.from !== undefined && l.from > f.day ? [l.from] : [])).sort()[0];
  if (coming !== undefined)
    return {
      outcome: 'letGo',
      lead: 'Licence does not hold yet:',
      because: `${rule.licence}, from ${sayDate(coming)} on.`,
      change: `from ${sayDate(coming)}`,
    };
  const last = held
    .map((l) => l.until)
    .sort()
    .at(-1);
  return last === undefined
    ? { outcome: 'letGo', lead: 'No licence:', because: `${f.anglerName} needs the ${rule.licence}.` }
    : { outcome: 'letGo', lead: 'Licence has lapsed:', because: `${rule.licence}, to ${sayDate(last)}.` };
}

/** Rules that never forbid keeping, but ask for something, or tell something. */
export function dutySays(
  rule: Of<'landAs' | 'minimumFillet' | 'noOffal' | 'report' | 'advice'>,
  f: Pick<CatchFacts, 'units'>,
): Said {
  const duty = { outcome: 'keep', duty: true } as const;
  switch (rule.kind) {
    case 'landAs':
      return { ...duty, lead: `Land it ${rule.form}:`, because: rule.sentence };
    case 'minimumFillet':
      return {
        ...duty,
        lead: 'Fillets:',
        because: `none shorter than ${sayShortLength(rule.leastMm, f.units)} may be aboard.`,
      };
    case 'noOffal':
      return { ...duty, lead: 'Guts and frames:', because: rule.sentence };
    case 'report':
      return { ...duty, lead: 'Report it:', because: `to ${rule.to}, within ${rule.withinHours} hours.` };
    case 'advice':
      return { ...duty, lead: 'For the table:', because: rule.sentence };
  }
}
