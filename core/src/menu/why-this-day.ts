import { sayMass, sayTime, type Units, sayAll } from '../units/index.ts';
import { addDays, sayDate, weekday } from '../time/index.ts';
import type { MenuMeal, MenuPack, MenuPart, MenuWishes } from './menu.ts';
import type { TakeOut } from './thaw-in-time.ts';
import type { Wish } from './clash.ts';
import { heedOn, type MustNot } from './must-not.ts';

const dayAt = (w: MenuWishes, d: number): string => addDays(w.days[0]!.day, d);
/** Within so many days a day is named by its weekday. */
const near = (w: MenuWishes, d: number): string => (d < 7 ? weekday(dayAt(w, d)) : sayDate(dayAt(w, d)));

/** Why a pack is on the table on this day, in a few words each; at most three, the most pressing first. */
export function whyThisDay(w: MenuWishes, meals: readonly MenuMeal[], meal: MenuMeal, part: MenuPart): string[] {
  const { pack } = part;
  const d = meal.day;
  const out: string[] = [];
  if (part.locked) out.push('you put it here');
  if (pack.lastDay === d) out.push('its last day by the official limit');
  else if (pack.lastDay - d <= 2) out.push(`to be eaten by ${near(w, pack.lastDay)}`);
  else if (d > pack.bestDay) out.push(`past its best since ${near(w, pack.bestDay)}`);
  else if (pack.bestDay - d <= 3) out.push(`at its best until ${near(w, pack.bestDay)}`);
  else if (w.freezerG !== null && pack.place === 'freezer') out.push('makes room in the freezer');
  else if (w.days[d]!.fish === 'yes') out.push(`fish is asked for; at its best until ${near(w, pack.bestDay)}`);
  else out.push(`the next to be eaten: at its best until ${near(w, pack.bestDay)}`);
  const before = meals.find((m) => m.day === d - 1)?.parts.map((p) => p.pack.species) ?? [];
  const instead = w.packs.some(
    (p) => p.id !== pack.id && before.includes(p.species) && p.firstDay <= d && p.lastDay >= d,
  );
  if (!part.locked && before.length > 0 && !before.includes(pack.species) && instead)
    out.push('a different species than the day before');
  return out.slice(0, 3);
}

/** How much there is for how many: "538 g for four". */
export function sayEnough(w: MenuWishes, meal: MenuMeal, units?: Units): string {
  const day = w.days[meal.day]!;
  const heads = day.eaters.length + day.guests;
  const plates = meal.needG > 0 ? meal.eatenG / meal.needG : 1;
  const much = sayMass(meal.eatenG, units);
  const enough = plates < 0.8 ? ', a small meal' : plates > 1.05 ? ', a large meal' : '';
  const over = meal.leftOverG >= 10 ? `; ${sayMass(meal.leftOverG, units)} left over for the next day` : '';
  const before = meal.fromBeforeG >= 10 ? `, ${sayMass(meal.fromBeforeG, units)} of it from the day before` : '';
  return `${much} for ${heads}${before}${enough}${over}`;
}

/** When to take a pack out, as a sentence. */
export function sayTakeOut(w: MenuWishes, pack: MenuPack, at: TakeOut, vacuum: boolean, units?: Units): string {
  const when =
    at.how === 'cold water'
      ? `${weekday(dayAt(w, at.day))} at ${sayTime(clock(at.hour), units)} into cold water in a tight bag, changed every half hour, and cooked at once`
      : at.now
        ? 'now, into the fridge, on a tray'
        : `${weekday(dayAt(w, at.day))} ${at.hour >= 17 ? 'evening' : 'morning'}, into the fridge, on a tray`;
  return `Pack ${pack.number} out of the freezer ${when}${vacuum ? (at.how === 'cold water' ? '; open its bag as soon as it has thawed' : '; open its bag first') : ''}.`;
}

const clock = (h: number): string => `${String(Math.floor(h)).padStart(2, '0')}:${h % 1 === 0 ? '00' : '30'}`;

/** What becomes of a pack that has no meal: what to do about it now, or nothing. */
export function sayUnplanned(w: MenuWishes, p: MenuPack): string | null {
  if (p.lastDay >= w.days.length) return null;
  const by = near(w, Math.max(0, p.lastDay));
  if (p.place === 'freezer')
    return `Pack ${p.number}, ${p.name}: its last day is ${by}, and it is in no meal. Give it away, or invite someone.`;
  return p.thawed
    ? `Pack ${p.number}, ${p.name}: its last day is ${by}, and no meal takes it. It does not go back into the freezer raw: cook it, or give it away.`
    : `Pack ${p.number}, ${p.name}: its last day is ${by}, and no meal takes it. Freeze it today, or give it away.`;
}

/** What somebody must not eat, in words. */
const whatOf = (w: MenuWishes, why: MustNot): string =>
  why === 'no fish'
    ? 'fish'
    : why === 'raw'
      ? 'what was cured or smoked at home'
      : why === 'mercury'
        ? 'fish high in mercury'
        : (w.packs.find((x) => x.species === why.species)?.name ?? why.species);

/** A wish as its owner would say it. */
export function sayWish(w: MenuWishes, wish: Wish, units?: Units): string {
  const pack = (id: string): string => {
    const p = w.packs.find((x) => x.id === id);
    return p ? `pack ${p.number}, ${p.name},` : 'a pack';
  };
  switch (wish.of) {
    case 'lock':
      return `${pack(wish.pack)} on ${weekday(dayAt(w, wish.day))}`;
    case 'fish':
      return `fish on ${weekday(dayAt(w, wish.day))}`;
    case 'no fish':
      return `no fish on ${weekday(dayAt(w, wish.day))}`;
    case 'freezer':
      return `${sayMass(w.freezerG ?? 0, units)} out of the freezer by ${weekday(dayAt(w, w.days.length - 1))}`;
    case 'must not': {
      const e = w.days.flatMap(heedOn).find((x) => x.id === wish.eater);
      return `${e?.name ?? 'someone'} must not eat ${whatOf(w, wish.why)}`;
    }
  }
}

/** Why wishes clash, as sentences. */
export function sayClash(
  w: MenuWishes,
  clash: {
    readonly wishes: readonly Wish[];
    readonly smallest: boolean;
    readonly impossible: readonly { readonly pack: MenuPack; readonly day: number }[];
  },
  units?: Units,
): string {
  if (clash.impossible.length > 0)
    return clash.impossible
      .map(({ pack, day }) =>
        day > pack.lastDay
          ? `Pack ${pack.number}, ${pack.name}, cannot wait until ${weekday(dayAt(w, day))}: its last day is ${near(w, Math.max(0, pack.lastDay))}.`
          : `Pack ${pack.number}, ${pack.name}, is not thawed by ${weekday(dayAt(w, day))}: ${near(w, pack.firstDay)} at the earliest.`,
      )
      .join(' ');
  const says = clash.wishes.map((x) => sayWish(w, x, units));
  if (says.length === 1) return `This cannot be: ${says[0]}. There is not enough fish that may be eaten then.`;
  return `These cannot all be: ${sayAll(says)}. Give up one of them${clash.smallest ? '' : '; there may be others that clash'}.`;
}
