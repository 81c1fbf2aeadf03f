import { plural, sayAll } from '@dagboek/core/units';
import { sayDay } from '@dagboek/core/time';
import { DayPlanned } from '../facts/day.ts';
import { kindOf, subjectOf } from './define-kind.ts';

const kind = kindOf<'day'>();

/**
 * The subject of a civil day: the same on whatever device it is planned. A UUID of version 8, whose bits are free, with the day written in
 * it: 2026-09-12 is 00000000-2026-8091-8200-000000000000.
 */
export const dayId = (day: string): string => {
  const mmdd = day.slice(5, 7) + day.slice(8, 10);
  return `00000000-${day.slice(0, 4)}-8${mmdd.slice(0, 3)}-8${mmdd.slice(3)}00-000000000000`;
};

export const DAY = subjectOf<'day', DayPlanned>({
  begins: 'day.planned',
  readableWhenStruck: false,
  begin: (s) => ({
    day: s.day,
    fish: s.fish,
    home: s.home ?? null,
    guests: s.guests ?? 0,
    packs: (s.packs ?? []).map((p) => ({ pack: p.pack, meatG: p.meatG ?? null, locked: p.locked ?? false })),
    method: s.method ?? null,
    plannedAt: s.at,
  }),
  links: (s) => s.packs.map((p) => ({ to: p.pack, role: 'pack' as const })),
  hangsOn: () => ({}),
});

const FISH = { either: '', yes: ' fish.', no: ' no fish.' } as const;

export const DAY_KINDS = {
  'day.planned': kind({
    facts: DayPlanned,
    fold: 'begins',
    say: (d, names) => {
      const home = d.home ? ` ${d.home.length === 0 ? 'Nobody' : sayAll(d.home.map(names.member))} at home` : '';
      const guests = d.guests ? `${home ? ', and' : ''} ${d.guests} more` : '';
      const n = d.packs?.length ?? 0;
      const packs = n === 0 ? '' : ` ${plural(n, 'pack')} for its meal${d.method ? `, ${d.method}` : ''}.`;
      return `${sayDay(d.day)}:${FISH[d.fish]}${home}${guests}${home || guests ? '.' : ''}${packs || (home || guests || d.fish !== 'either' ? '' : ' nothing planned.')}`;
    },
    fields: [],
  }),
};
