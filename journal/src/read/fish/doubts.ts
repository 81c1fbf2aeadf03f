import { massBalance, outweighs, routeOf, stageName } from '@dagboek/core/cut';
import { sayGrams, sayTime, type Units } from '@dagboek/core/units';
import { epochMs } from '@dagboek/core/time';
import { packNumber } from '../bodies/pack-numbers.ts';
import type { Book } from '../../log/book/book.ts';
import type { CutState, SubjectState } from '../../log/state/states.ts';
import type { Entry } from '../../log/entry/entry.ts';
import { packLeft } from '../bodies/order.ts';

/** What a cut weighed, as core wants it. */
export const weighingsOf = (cut: CutState) => ({
  stages: Object.fromEntries(Object.entries(cut.stages).map(([k, v]) => [k, v.massG])),
  byproducts: cut.byproducts.reduce<Record<string, number>>(
    (sum, b) => ({ ...sum, [b.what]: (sum[b.what] ?? 0) + b.massG }),
    {},
  ),
});

/**
 * What cannot be true of a subject in the light of the others, as sentences: entries from two devices may meet only here.
 * Nothing is refused or changed for it; a person puts it right with a correction.
 */
export function doubtsOf(book: Book, s: SubjectState, units?: Units): string[] {
  const out: string[] = [];
  if (s.kind === 'fish') {
    const trip = book.get('trip', s.trip);
    if (trip && epochMs(s.landed.at) < epochMs(trip.startedAt))
      out.push('Caught before its trip began. One of the two times is wrong.');
    const killed = s.dispatched ?? s.bled;
    if (killed && epochMs(killed.at) < epochMs(s.landed.at))
      out.push('Killed before it was caught. One of the two times is wrong.');
    if (s.iced && killed && epochMs(s.iced.at) < epochMs(killed.at))
      out.push('On ice before it was killed. One of the two times is wrong.');
    if (s.discarded && (s.released || book.naming('pack', s.id).length > 0))
      out.push('Thrown away, and also released or packed. Cross out the one that did not happen.');
    if (s.released && (s.dispatched || s.iced))
      out.push('Both released and kept. Cross out the one that did not happen.');
  }
  if (s.kind === 'cut') {
    const b = massBalance(weighingsOf(s), (stage) => stageName(routeOf(s.route), stage), units);
    if (!b.ok) out.push(b.why);
  }
  if (s.kind === 'pack') {
    const { eatenG, takenG, splitG } = packLeft(book, s);
    const gone = eatenG + takenG + splitG;
    // Weighed again it may well have given more than its first weight said.
    if (outweighs(gone, Math.max(s.massG, ...s.weighed.map((w) => w.massG))))
      out.push(
        `${sayGrams(gone, units)} were ${gone === eatenG ? 'eaten from' : 'taken out of'} a pack of ${sayGrams(s.massG, units)}.`,
      );
  }
  for (const line of s.log)
    if (line.conflict.length > 0 && !line.struck)
      out.push(
        `Two devices corrected the same entry (${line.first.kind.split('.')[1]}). The later one counts. Look at both.`,
      );
  return out;
}

/**
 * Whether an entry about to be written stands at a time that can be: not before the trip it belongs to, nor before its fish was landed.
 * An end of a trip stands after all that was landed on it; a meal after its fish were caught.
 * A sentence when it cannot; null when it can. (The future is `validateEntry`'s business.)
 */
export function timeTrouble(
  book: Book,
  e: Pick<Entry, 'kind' | 'subject' | 'at' | 'facts'>,
  units?: Units,
): string | null {
  const hour = (at: string): string => sayTime(at.slice(11, 16), units);
  const at = epochMs(e.at);
  if (e.kind === 'trip.ended') {
    const last = book
      .naming('fish', e.subject)
      .map((f) => f.landed.at)
      .sort((a, b) => epochMs(a) - epochMs(b))
      .at(-1);
    if (last !== undefined && at < epochMs(last) - 60_000)
      return `The last fish of this trip was caught at ${hour(last)}, after that. Set a later end, or correct the fish first.`;
  }
  if (e.kind === 'meal.served') {
    const packs = (e.facts['packs'] as readonly { pack: string }[] | undefined) ?? [];
    const states = packs.flatMap((p) => book.get('pack', p.pack) ?? []);
    const begun = states.flatMap((p) => [
      { at: p.storedAt, what: `pack ${packNumber(book, p)} was packed` },
      ...p.fish.flatMap((f) => {
        const fish = book.get('fish', f);
        return fish ? [{ at: fish.landed.at, what: `the fish of pack ${packNumber(book, p)} was caught` }] : [];
      }),
    ]);
    const late = begun.filter((b) => at < epochMs(b.at) - 60_000).sort((a, b) => epochMs(b.at) - epochMs(a.at))[0];
    if (late) return `That is before ${late.what} (${late.at.slice(0, 10)}, ${hour(late.at)}). Set a later time.`;
  }
  const startOf = (): { at: string; what: string } | null => {
    if (e.kind === 'fish.landed') {
      const trip = book.get('trip', e.facts['trip'] as string);
      return trip && { at: trip.startedAt, what: 'the trip began' };
    }
    const fish = book.get('fish', e.subject);
    if (fish) return { at: fish.landed.at, what: fish.count > 1 ? 'the lot was landed' : 'the fish was landed' };
    const trip = e.kind === 'trip.started' ? null : book.get('trip', e.subject);
    if (trip) return { at: trip.startedAt, what: 'the trip began' };
    const cut = e.kind === 'cut.started' ? null : book.get('cut', e.subject);
    return cut && { at: cut.startedAt, what: 'the cutting began' };
  };
  const start = startOf();
  // A minute's grace: two taps in one minute may be set back to the same minute.
  if (!start || at >= epochMs(start.at) - 60_000) return null;
  return `That is before ${start.what} (${hour(start.at)}). Set a later time, or correct the earlier entry.`;
}
