import type { Asks } from '../asked.ts';
import { isUncooked } from '@dagboek/core/larder';
import {
  type Allowance,
  type AllowanceRule,
  allowancesLeft,
  isAllowance,
  type KeptFish,
  type RulePack,
} from '@dagboek/core/rules';
import { addDays, civilDay } from '@dagboek/core/time';
import { packLeft } from '../bodies/order.ts';
import type { Book } from '../../log/book/book.ts';
import type { FishState, TripState } from '../../log/state/states.ts';
import { dayLanded } from './day-landed.ts';
import { placeIn } from './place-in.ts';

/** First civil day that a rule looks back to, judged on `day`. */
function sinceFor(rule: AllowanceRule, day: string): string {
  if (rule.kind === 'possession') return addDays(day, 1 - rule.days);
  return rule.kind === 'yearlyBag' ? `${day.slice(0, 4)}-01-01` : day;
}

/** A zone's civil day is at most so far from the day in UTC. */
const ANY_ZONE_MS = 86_400_000;

/** Fish landed on the civil days that some allowance looks at, each once: of the day all, of earlier days what a rule asks for. */
function landedOn(book: Book, rules: RulePack, day: string): FishState[] {
  const end = Date.parse(`${day}T00:00:00Z`) + 2 * ANY_ZONE_MS;
  const about = (since: string, species: readonly string[] | null): FishState[] =>
    book.landedAbout(Date.parse(`${since}T00:00:00Z`) - ANY_ZONE_MS, end, species).filter((f) => {
      const d = dayLanded(f, rules.timeZone);
      return d >= since && d <= day;
    });
  const found = about(day, null);
  for (const r of rules.rules.filter(isAllowance)) {
    const since = sinceFor(r, day);
    if (since < day) found.push(...about(since, r.species.length > 0 ? r.species : null));
  }
  return [...new Set(found)];
}

const placeOf = (rules: RulePack, trip: TripState, at: string): { zone: string; alsoIn: readonly string[] } => {
  const { zone, alsoIn } = placeIn(rules, trip, at);
  return { zone, alsoIn };
};

/** Civil day on which the last of a fish was eaten or thrown away; null while some of it is there. */
function goneOn({ book, zone: timeZone }: Asks<'book' | 'zone'>, fishId: string): string | null {
  const raw = book.naming('pack', fishId).filter((p) => isUncooked(p.form));
  if (raw.length === 0 || raw.some((p) => packLeft(book, p).leftG >= 1)) return null;
  const ends = raw.flatMap((p) => [
    ...(p.discarded ? [p.discarded.at] : []),
    ...p.taken.map((t) => t.at),
    ...book.naming('meal', p.id).map((m) => m.servedAt),
  ]);
  const last = ends
    .map((at) => civilDay(at, timeZone))
    .sort()
    .at(-1);
  return last ?? null;
}

/**
 * Fish kept up to a civil day, as far back as the rules look, over every trip: landed, named, killed or iced, and not let
 * go. `except`: the fish being judged.
 */
export function keptOn(book: Book, rules: RulePack, day: string, except?: string): KeptFish[] {
  const possession = rules.rules.some((r) => r.kind === 'possession');
  return landedOn(book, rules, day).flatMap((f) => {
    if (f.id === except || !f.species || f.released || !(f.dispatched || f.iced || f.bled)) return [];
    const trip = book.get('trip', f.trip);
    return [
      {
        speciesId: f.species,
        orElse: f.orElse,
        anglerId: f.angler,
        boat: trip?.boat ?? null,
        ...(trip ? placeOf(rules, trip, f.landed.at) : {}),
        gear: f.gear,
        day: dayLanded(f, rules.timeZone),
        goneOn: possession ? goneOn({ book, zone: rules.timeZone }, f.id) : null,
        count: f.count,
        // Of a lot known by its shortest alone the others may be long.
        lengthMm: f.length?.longestMm ?? (f.count > 1 ? null : (f.length?.mm ?? null)),
      },
    ];
  });
}

/** Allowances for everyone aboard and for the boat, of the species kept so far and the one in hand. */
export function bagsOn(
  book: Book,
  rules: RulePack,
  day: string,
  crew: readonly string[],
  inHand: FishState | null,
  boat: string | null = null,
): Allowance[] {
  const kept = keptOn(book, rules, day, inHand?.id);
  const species = [
    ...new Set([
      ...(inHand?.species ? [inHand.species] : []),
      ...kept.flatMap((k) => [k.speciesId, ...(k.orElse ?? [])]),
    ]),
  ];
  const seen = new Set<string>();
  return species
    .flatMap((s) => allowancesLeft(rules, kept, s, crew, day, boat))
    .filter((a) => {
      // One rule for several species is one allowance, whichever of them led here.
      const key = `${a.ruleId} ${a.anglerId}`;
      if (seen.has(key) && rules.rules.some((r) => r.id === a.ruleId && isAllowance(r) && r.species.length !== 1))
        return false;
      seen.add(key);
      return a.used > 0 || (inHand?.species === a.speciesId && (a.anglerId === null || inHand.angler === a.anglerId));
    });
}
