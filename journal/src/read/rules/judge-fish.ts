import { judgeUnsettled, type RulePack, type UnsettledVerdict } from '@dagboek/core/rules';
import { ageOn, civilDay, wallTime } from '@dagboek/core/time';
import type { SpeciesFacts } from '@dagboek/core/species';
import type { Names } from '../../log/kinds/say.ts';
import type { Book } from '../../log/book/book.ts';
import type { FishState } from '../../log/state/states.ts';
import { keptOn } from './kept-on.ts';
import { placeIn } from './place-in.ts';

/**
 * The verdict on a fish of the book by a pack of rules, as of the moment it was landed, the strictest over what it may be;
 * null without a name or a trip. `today`: the day on which the screen is read.
 */
export function judgeFish(
  book: Book,
  rules: RulePack,
  fish: FishState,
  around: { readonly byId: (id: string | null) => SpeciesFacts | null; readonly names: Names },
  today: string,
): UnsettledVerdict | null {
  const species = around.byId(fish.species);
  const trip = book.get('trip', fish.trip);
  if (!species || !trip) return null;
  const day = civilDay(fish.landed.at, rules.timeZone);
  const member = book.get('member', fish.angler);
  const place = placeIn(rules, trip, fish.landed.at);
  const facts = {
    zone: place.zone,
    alsoIn: place.alsoIn,
    day,
    time: wallTime(fish.landed.at, rules.timeZone),
    anglerId: fish.angler,
    anglerName: around.names.member(fish.angler),
    angler: {
      ...(member?.bornOn ? { age: ageOn(member.bornOn, day) } : {}),
      ...(member?.licences ? { licences: member.licences } : {}),
    },
    boat: trip.boat,
    gear: fish.gear,
    origin: fish.origin,
    count: fish.count,
    length: fish.length
      ? { mm: fish.length.mm, kind: fish.length.kind, method: fish.length.method, sdMm: fish.length.sdMm }
      : null,
    longestMm: fish.length?.longestMm ?? null,
    units: around.names.units,
  };
  return judgeUnsettled(
    rules,
    [species.id, ...fish.orElse].map((id) => ({
      ...facts,
      speciesId: id,
      speciesName: around.names.species(id),
      conversions: around.byId(id)?.conversions ?? [],
    })),
    keptOn(book, rules, day, fish.id),
    today,
  );
}
