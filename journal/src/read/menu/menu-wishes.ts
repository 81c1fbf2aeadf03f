import type { Asks } from '../asked.ts';
import { mayEatRaw } from '@dagboek/core/cook';
import { countsAsRaw, formFacts, isBody, isFood } from '@dagboek/core/larder';
import {
  firstDayThawed,
  type Menu,
  type MenuDay,
  type MenuEater,
  type MenuMeal,
  type MenuPack,
  type MenuPart,
  type MenuWishes,
  MERCURY_UNITS,
  needOf,
  sayTakeOut,
  takeOut,
} from '@dagboek/core/menu';
import { PLATE_G } from '@dagboek/core/plates';
import type { RulePack } from '@dagboek/core/rules';
import type { Units } from '@dagboek/core/units';
import { addDays, civilDay, daysBetween, epochMs, stamp, wallTime } from '@dagboek/core/time';
import { dayId } from '../../log/kinds/of-day.ts';
import { mealsInOrder } from '../bodies/order.ts';
import type { Book } from '../../log/book/book.ts';
import type { DayState, MealState, MemberState } from '../../log/state/states.ts';
import type { Writing } from '../../log/book/writing.ts';
import { meatOfPack } from '../keeping/look-in-larder.ts';
import { type HeldPack, isNotToEat } from '../keeping/packs-held.ts';
import { rawBy } from '../keeping/raw-by.ts';
import { rawPackOf } from '../keeping/raw-verdict-of.ts';
import type { RawFacts } from '../keeping/raw-standing.ts';
import { kindsOfPack } from '../keeping/kinds-of-pack.ts';
import { atRiskOf } from '../keeping/at-risk.ts';

/** What the plan of meals asks of a species. */
export type MenuSpecies = RawFacts & { readonly mercury: 'low' | 'some' | 'high' };
/** So many packs go into a plan, those that press most; of more nobody would eat in its days, and reckoning would take minutes. */
export const MOST_PLANNED = 36;
const MONTH_MS = 30 * 86_400_000;
/** Whoever was at fewer of the last month's meals than this share does not mostly eat at home. */
const MOSTLY = 0.5;

/** What was planned for a day; null when nothing was. */
export const plannedDay = (book: Book, day: string): DayState | null => book.get('day', dayId(day));

const hourOf = (nowMs: number, zone: string): number => {
  const [h, m] = wallTime(stamp(nowMs, zone), zone).split(':').map(Number);
  return h! + m! / 60;
};

/** The meals of the last 30 days before an instant. */
const lastMeals = ({ book, nowMs }: Asks<'book' | 'nowMs'>) => {
  const late: MealState[] = [];
  for (const m of mealsInOrder(book)) {
    const ms = epochMs(m.servedAt);
    if (ms <= nowMs - MONTH_MS) break;
    if (ms <= nowMs) late.push(m);
  }
  return late;
};

/** From this hour on nobody plans today's dinner any more. */
const TOO_LATE_H = 20;
/** A meal of fish after this hour was the dinner. */
const DINNER_FROM_H = 15;

/** The first day of a plan: today, or tomorrow when the evening is over or its fish was served. */
export function firstDayOf(asked: Asks<'book' | 'nowMs' | 'zone'>): string {
  const { nowMs, zone } = asked;
  const today = civilDay(stamp(nowMs, zone), zone);
  const served = lastMeals(asked).some(
    (m) => civilDay(m.servedAt, zone) === today && hourOf(epochMs(m.servedAt), zone) >= DINNER_FROM_H,
  );
  return served || hourOf(nowMs, zone) >= TOO_LATE_H ? addDays(today, 1) : today;
}

/** The hour now, of the first day of a plan: below 0 while that is still to come. */
export const hourOfPlan = (nowMs: number, zone: string, first: string): number =>
  hourOf(nowMs, zone) - 24 * daysBetween(civilDay(stamp(nowMs, zone), zone), first);

/** Who mostly eats at home: at half of the last month's meals or more; everyone, when there were none. */
export function mostlyHome(asked: Asks<'book' | 'nowMs'>): MemberState[] {
  const { book } = asked;
  const members = book
    .all('member')
    .filter((m) => m.leftAt === null)
    .sort((a, b) => epochMs(a.joinedAt) - epochMs(b.joinedAt) || (a.id < b.id ? -1 : 1));
  const meals = lastMeals(asked);
  const mostly = members.filter((m) => meals.filter((x) => x.eaters.includes(m.id)).length >= meals.length * MOSTLY);
  return meals.length === 0 || mostly.length === 0 ? members : mostly;
}

/** Somebody who eats, as the plan of meals knows them. */
export function eaterOf(
  asked: Asks<'book' | 'species' | 'nowMs', MenuSpecies>,
  m: MemberState,
  today: string,
): MenuEater {
  const { book, species: byId } = asked;
  const units = lastMeals(asked)
    .filter((x) => x.eaters.includes(m.id))
    .reduce((n, x) => {
      // Of a species that is not known here some is counted.
      const kinds = x.packs.map((p) => byId(book.getAny('pack', p.pack)?.species ?? null)?.mercury ?? 'some');
      return n + Math.max(0, ...kinds.map((k) => MERCURY_UNITS[k]));
    }, 0);
  const plates = m.eats?.plates ?? 1;
  return {
    id: m.id,
    name: m.name,
    plates,
    dislikes: m.eats?.dislikes ?? [],
    allergic: m.eats?.allergic ?? [],
    noFish: m.eats?.noFish ?? false,
    atRisk: atRiskOf(book, [m.id], today).length > 0,
    mercuryUnits: units * plates,
  };
}

/** The last day on which a pack may be eaten, counted from the first of the plan; below 0 when it may not. */
function lastDayOf(h: HeldPack, today: string, zone: string): number {
  const { form } = h.pack;
  if (isNotToEat(h) || !isFood(form) || formFacts(form).plates === 'none') return -1;
  // A clock of histamine that runs on may end before the authority's day.
  const over = h.histamine?.overAtMs ?? null;
  const overDay =
    over === null || h.place === 'freezer' ? Infinity : daysBetween(today, civilDay(stamp(over, zone), zone)) - 1;
  return Math.min(daysBetween(today, h.keeps.authority), overDay);
}

const WORST_FIRST = ['high', 'some', 'low'] as const;
/** Of all species that a pack may hold, the one with the most. */
const worstMercury = (all: readonly ('low' | 'some' | 'high')[]): 'low' | 'some' | 'high' =>
  WORST_FIRST.find((m) => all.includes(m)) ?? 'some';

function menuPack(
  asked: Asks<'book' | 'species' | 'zone' | 'nowMs' | 'rules', MenuSpecies>,
  h: HeldPack,
  today: string,
  hour: number,
): MenuPack {
  const { book, species: byId, zone } = asked;
  const species = byId(h.pack.species);
  const { form } = h.body;
  const frozen = h.place === 'freezer';
  const lastDay = lastDayOf(h, today, zone);
  return {
    id: h.pack.id,
    number: h.number,
    name: h.pack.what,
    species: h.pack.species,
    form,
    fat: species?.fat ?? 'oily',
    meatG: Math.round(meatOfPack(h)),
    massG: Math.round(h.leftG),
    place: h.place,
    firstDay: frozen ? firstDayThawed(h.leftG, hour) : 0,
    bestDay: Math.min(lastDay, daysBetween(today, h.keeps.eatBy)),
    lastDay,
    atOnce: frozen || h.thawed || isBody(form),
    thawed: h.thawed,
    mercury: worstMercury(kindsOfPack(book, h.pack).map((id) => byId(id)?.mercury ?? 'some')),
    // One verdict about raw: the table asks the same. Who eats is asked of each day.
    rawMet: mayEatRaw([rawPackOf(asked, h, today)], [], 0, rawBy(book)).verdict === 'conditions met',
    countsAsRaw: countsAsRaw(form),
  };
}

/** What a plan of meals starts from, and what it leaves out. */
export interface MenuAsked {
  readonly wishes: MenuWishes;
  /** Packs that press less than those that are planned. */
  readonly beyond: number;
  /** The hour, of the first day: below 0 while that is still to come. */
  readonly hour: number;
}

/**
 * What a plan of meals starts from: what is held, who eats at home, what was wished and put on a day. `held`: `packsHeld`, the first to be
 * eaten first; `days`: how many, from `firstDayOf`.
 */
export function menuWishes(
  asked: Asks<'book' | 'species' | 'nowMs' | 'zone', MenuSpecies>,
  held: readonly HeldPack[],
  days: number,
  rules: RulePack | null = null,
): MenuAsked {
  const { book, species: byId, nowMs, zone } = asked;
  const today = firstDayOf(asked);
  const hour = hourOfPlan(nowMs, zone, today);
  const usual = mostlyHome(asked);
  const eaters = new Map<string, MenuEater>();
  const eater = (id: string): MenuEater[] => {
    const m = book.get('member', id);
    if (!m) return [];
    const known = eaters.get(id) ?? eaterOf(asked, m, today);
    eaters.set(id, known);
    return [known];
  };
  const states = Array.from({ length: days }, (_, d) => plannedDay(book, addDays(today, d)));
  const locks = states.flatMap((s, day) =>
    (s?.packs ?? []).filter((p) => p.locked).map((p) => ({ pack: p.pack, day })),
  );
  // Of a species that is not known here nothing is known of poison, worms and mercury: nobody plans it.
  const fit = held.filter(
    (h) => lastDayOf(h, today, zone) >= 0 && kindsOfPack(book, h.pack).every((id) => byId(id) !== null),
  );
  const locked = new Set(locks.map((l) => l.pack));
  const first = [...fit.filter((h) => locked.has(h.pack.id)), ...fit.filter((h) => !locked.has(h.pack.id))];
  // Only of those that are planned the freezing for raw is asked: that is the dear part.
  const packs = first
    .slice(0, Math.max(MOST_PLANNED, locked.size))
    .map((h) => menuPack({ ...asked, rules }, h, today, hour));
  const there = new Set(packs.map((p) => p.id));
  return {
    wishes: {
      packs,
      days: states.map((s, d): MenuDay => ({
        day: addDays(today, d),
        fish: s?.fish ?? 'either',
        eaters: (s?.home ?? usual.map((m) => m.id)).flatMap(eater),
        guests: s?.guests ?? 0,
      })),
      // A pack that was eaten meanwhile is on no day any more.
      locks: locks.filter((l) => there.has(l.pack)),
      freezerG: book.all('book')[0]?.roomG ?? null,
    },
    beyond: first.length - packs.length,
    hour,
  };
}

/** The facts of a day as they stand, to be written anew with a change. */
export const dayFacts = (book: Book, day: string): Writing['facts'] => {
  const s = plannedDay(book, day);
  return {
    day,
    fish: s?.fish ?? 'either',
    ...(s?.home ? { home: [...s.home] } : {}),
    ...(s?.guests ? { guests: s.guests } : {}),
    ...(s?.packs.length ? { packs: s.packs.map(packFacts) } : {}),
    ...(s?.method ? { method: s.method } : {}),
  };
};
const packFacts = (p: DayState['packs'][number]): object => ({
  pack: p.pack,
  ...(p.meatG === null ? {} : { meatG: p.meatG }),
  ...(p.locked ? { locked: true } : {}),
});

/** A day with a change, as a writing. */
export const changeDay = (book: Book, day: string, change: Readonly<Record<string, unknown>>): Writing => ({
  kind: 'day.planned',
  subject: dayId(day),
  facts: Object.fromEntries(Object.entries({ ...dayFacts(book, day), ...change }).filter(([, v]) => v !== undefined)),
});

/**
 * Puts a pack on a day, to stay there: it leaves the day on which it was. `to` null: it is on no day any more. Nothing when it is there.
 */
export function movePack(book: Book, days: readonly string[], pack: string, to: string | null): Writing[] {
  return days.flatMap((day): Writing[] => {
    const s = plannedDay(book, day);
    const on = s?.packs ?? [];
    const has = on.find((p) => p.pack === pack);
    if (day === to)
      return has?.locked
        ? []
        : [
            changeDay(book, day, {
              packs: [...on.filter((p) => p.pack !== pack).map(packFacts), { pack, locked: true }],
            }),
          ];
    const rest = on.filter((p) => p.pack !== pack).map(packFacts);
    return has
      ? [
          changeDay(book, day, {
            packs: rest.length > 0 ? rest : undefined,
            ...(rest.length > 0 ? {} : { method: undefined }),
          }),
        ]
      : [];
  });
}

/** Lets a pack that stands on a day stay there, or lets the plan choose again; it stays on its day meanwhile. */
export const lockPack = (book: Book, day: string, pack: string, locked: boolean): Writing[] => {
  const on = plannedDay(book, day)?.packs ?? [];
  if (!on.some((p) => p.pack === pack && p.locked !== locked)) return [];
  return [changeDay(book, day, { packs: on.map((p) => packFacts(p.pack === pack ? { ...p, locked } : p)) })];
};

/** What was kept of the days of a plan, as meals: while none is reckoned, or none can be. */
export const keptMeals = (book: Book, w: MenuWishes): MenuMeal[] =>
  w.days.flatMap((d, day): MenuMeal[] => {
    const parts = (plannedDay(book, d.day)?.packs ?? []).flatMap((p): MenuPart[] => {
      const pack = w.packs.find((x) => x.id === p.pack);
      return pack ? [{ pack, meatG: p.meatG ?? pack.meatG, locked: p.locked }] : [];
    });
    const eatenG = parts.reduce((g, p) => g + p.meatG, 0);
    return parts.length === 0 ? [] : [{ day, parts, needG: needOf(d, PLATE_G), eatenG, fromBeforeG: 0, leftOverG: 0 }];
  });

/** What is taken out of the freezer for some meals, and on which day of the plan that is said. */
export const takeOutsFor = (
  book: Book,
  meals: readonly MenuMeal[],
  { wishes, hour }: MenuAsked,
  units?: Units,
): { readonly day: number; readonly says: string }[] =>
  meals
    .flatMap((m) => m.parts.map((p) => ({ m, pack: p.pack })))
    .filter(({ pack }) => pack.place === 'freezer')
    .map(({ m, pack }) => {
      const at = takeOut(pack.massG, m.day, hour);
      const vacuum = book.get('pack', pack.id)?.wrapping === 'vacuum';
      return { day: Math.max(0, at.day), says: sayTakeOut(wishes, pack, at, vacuum, units) };
    });

/** What is written down when a plan is kept: the days whose packs, or way of cooking, change. `methods`: one for each meal; null for none. */
export function keepMenu(book: Book, w: MenuWishes, menu: Menu, methods: readonly (string | null)[]): Writing[] {
  return w.days.flatMap(({ day }, d): Writing[] => {
    const at = menu.meals.findIndex((m) => m.day === d);
    const packs = (menu.meals[at]?.parts ?? []).map((p) => ({
      pack: p.pack.id,
      ...(p.meatG < p.pack.meatG ? { meatG: p.meatG } : {}),
      ...(p.locked ? { locked: true } : {}),
    }));
    const method = methods[at] ?? undefined;
    const s = plannedDay(book, day);
    const before = JSON.stringify([(s?.packs ?? []).map(packFacts), s?.method ?? undefined]);
    if (before === JSON.stringify([packs, method])) return [];
    return [changeDay(book, day, { packs: packs.length > 0 ? packs : undefined, method })];
  });
}

/** The day on which a pack is planned, from today on; null when on none. */
export function mealDayOf(book: Book, pack: string, today: string): string | null {
  const days = book
    .naming('day', pack)
    .map((d) => d.day)
    .filter((d) => d >= today)
    .sort();
  return days[0] ?? null;
}
