import { epochMs } from '@dagboek/core/time';
import type { Entry, FactsOf } from '@dagboek/journal';
import type { Tern } from './crew.ts';
import { HOUR, MIN, type Scribe } from './scribe.ts';

/** A fish noted twice by two hands; the second line is struck and stays readable. */
export function notedTwice(s: Scribe, t: Tern, tripId: string, atMs: number, number: number): void {
  const facts = { trip: tripId, number, angler: t.tomas, count: 1, species: 'pollack', gear: 'rod' } as const;
  const line = s.note('fish.landed', s.id(atMs), atMs, t.wren, facts);
  s.strike(line, t.ilse, 'noted twice: it is the one before', 12);
}

/**
 * Five mackerel left in the bucket on the jetty until late, then filleted and frozen without a thought: over the clock of
 * histamine, so that the larder has a pack that nobody may eat.
 */
export function leftWarm(s: Scribe, t: Tern, tripId: string, atMs: number, number: number, pack: number): void {
  const lot = s.id(atMs);
  s.note('fish.landed', lot, atMs, t.wren, {
    trip: tripId,
    number,
    angler: t.tomas,
    count: 5,
    species: 'mackerel',
    gear: 'rod',
  });
  s.note('fish.measured', lot, atMs + MIN, t.wren, {
    lengthMm: 310,
    longestMm: 350,
    lengthKind: 'total',
    method: 'board',
  });
  s.note('fish.weighed', lot, atMs + 2 * MIN, t.wren, { massG: 1520, how: 'scale' });
  s.note('fish.dispatched', lot, atMs + 2 * MIN, t.tomas, { how: 'blow to the head' });
  s.note('fish.bled', lot, atMs + 3 * MIN, t.tomas, { cut: 'throat', medium: 'sea-water bucket' });
  s.note('fish.noted', lot, atMs + 12 * HOUR, t.tomas, {
    text: 'Forgotten in the bucket on the jetty till after dark.',
  });
  const cut = s.id(atMs + 12 * HOUR);
  const startMs = atMs + 12 * HOUR + 10 * MIN;
  s.note('cut.started', cut, startMs, t.tomas, { fish: [lot], route: 'fillet from the tail', by: t.tomas });
  s.note('cut.weighed', cut, startMs + 2 * MIN, t.tomas, { stage: 'round', massG: 1505 });
  s.note('cut.weighed', cut, startMs + 40 * MIN, t.tomas, { stage: 'trimmed', massG: 790 });
  s.note('pack.stored', s.id(startMs + 45 * MIN), startMs + 45 * MIN, t.tomas, {
    number: pack,
    what: 'Mackerel, 10 fillets',
    species: 'mackerel',
    form: 'fillets',
    massG: 790,
    pieces: 10,
    wrapping: 'vacuum',
    place: 'freezer',
    fish: [lot],
    cut,
  });
}

/**
 * One length corrected on two phones, out of each other's reach; at home Ilse, who held the fish, says which counts.
 * `read`: the line as it was first written, of one fish, measured.
 */
export function correctedApart(s: Scribe, t: Tern, read: Entry): void {
  const facts = read.facts as unknown as FactsOf<'fish.measured'>;
  const at = epochMs(read.at);
  const reading = (byMm: number): FactsOf<'fish.measured'> => ({ ...facts, lengthMm: facts.lengthMm + byMm });
  const wren = s.note('fish.measured', read.subject, at, t.wren, reading(5), {
    amends: read.id,
    because: 'tail was not pressed together',
    lagMin: 4,
  });
  const ilse = s.note('fish.measured', read.subject, at, t.ilse, reading(10), {
    amends: read.id,
    because: 'read at the stop, mouth shut',
    lagMin: 3,
    device: 'ilse-phone',
  });
  s.note('fish.measured', read.subject, at, t.ilse, reading(10), {
    amends: wren.id,
    over: [ilse.id],
    lagMin: 7 * 60,
    device: 'ilse-phone',
  });
}

/** Oda's phone is still on the clock of where she came from, an hour ahead; what she noted was set back by that. */
export function fastClock(s: Scribe, t: Tern, tripId: string, atMs: number): void {
  s.note(
    'trip.noted',
    tripId,
    atMs,
    t.oda,
    { text: 'Porpoises off the bow, three of them.' },
    { device: 'oda-phone', aheadMs: HOUR },
  );
}

/** Ilse is stung in the weed by a small weever; the hot water is kept up for 55 minutes, and the times are kept for a doctor. */
export function stung(s: Scribe, t: Tern, tripId: string, atMs: number): void {
  const hurt = s.id(atMs);
  const after = (min: number): number => atMs + min * MIN;
  s.note('incident.begun', hurt, atMs, t.tomas, { card: 'sting', by: 'lesser-weever', who: t.ilse, trip: tripId });
  s.note('incident.noted', hurt, after(1), t.tomas, { text: 'Right hand, in the weed. Out of the water, lying down.' });
  s.note('incident.soaked', hurt, after(4), t.tomas, { waterC: 43 });
  for (const min of [13, 24, 34, 45]) s.note('incident.soaked', hurt, after(min), t.tomas, { waterC: 42 });
  s.note('incident.noted', hurt, after(26), t.tomas, { sign: 'the same', text: 'No change.' });
  s.note('incident.noted', hurt, after(50), t.tomas, { sign: 'easing', text: 'Pain is easing.' });
  s.note('incident.ended', hurt, after(59), t.tomas, { how: 'eased after 50 min; doctor at home, tetanus renewed.' });
}

/** What else was seen today, noted by one tap each. */
export function seenToday(s: Scribe, t: Tern, tripId: string, at: (time: string) => number): void {
  s.aside('box.stands', t.blueBox, at('11:40'), t.ilse, { where: 'sun' });
  s.aside('trip.noted', tripId, at('11:41'), t.wren, { topic: 'weather', text: 'sun out', airC: 17.5 });
  s.aside('box.looked', t.blueBox, at('12:50'), t.ilse, { ice: 'half' });
  s.aside('trip.noted', tripId, at('08:05'), t.wren, { topic: 'ground', text: 'drifting', depthM: 24 });
  s.aside('trip.noted', tripId, at('07:05'), t.wren, { topic: 'cost', text: 'fuel', cost: 28.4 });
  s.aside('trip.noted', tripId, at('07:06'), t.wren, { topic: 'cost', text: 'bait', cost: 9 });
  s.note('trip.noted', tripId, at('09:30'), t.wren, { topic: 'sighting', text: 'bait fish at the top' });
  s.note('trip.noted', tripId, at('10:12'), t.tomas, { topic: 'lost fish', text: 'threw the hook' });
  s.note('trip.noted', tripId, at('13:05'), t.ilse, { topic: 'tide', text: 'flood runs' });
}
