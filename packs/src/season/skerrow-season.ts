import { dinnersRead } from './dinners-read.ts';
import type { RulePack } from '@dagboek/core/rules';
import { addDays, civilDay, epochMs, instantOf, stamp } from '@dagboek/core/time';
import type { Entry } from '@dagboek/journal';
import type { Species } from '../load.ts';
import { meltTested } from './box-story.ts';
import { openTheBook } from './crew.ts';
import { cutAndPack, type Learned, type MadePack, serve } from './kitchen.ts';
import { correctedApart, fastClock, leftWarm, notedTwice, stung } from './mishaps.ts';
import { DAY, HOUR, MIN, Scribe } from './scribe.ts';
import { mealsAhead } from './menu-story.ts';
import { onTheRail, storesOfTheTern } from './stores-story.ts';
import { theTable } from './table-story.ts';
import { partsKept } from './parts-kept.ts';
import { oneTurbotTwice } from './two-dishes.ts';
import { writeToday } from './today.ts';
import { type Kept, writeTrip } from './trip.ts';

/** "Now" of the demo, of tests and of screenshots. */
export const SKERROW_NOW = '2026-09-12T14:20:00+01:00';

interface Outing {
  readonly daysAgo: number;
  readonly zone: string;
  readonly fish: number;
  readonly remark?: string;
}

/** Trips before today, oldest first. Some come home with nothing. */
const OUTINGS: readonly Outing[] = [
  { daysAgo: 534, zone: 'harrow-estuary', fish: 0, remark: 'Weed on every cast.' },
  { daysAgo: 512, zone: 'mere-tarn', fish: 9 },
  { daysAgo: 483, zone: 'north-skerries', fish: 6, remark: 'First pollack of the year on the reef wall.' },
  { daysAgo: 462, zone: 'harrow-estuary', fish: 7 },
  { daysAgo: 441, zone: 'north-skerries', fish: 10 },
  { daysAgo: 420, zone: 'north-skerries', fish: 11, remark: 'Mackerel all round the boat at slack.' },
  { daysAgo: 399, zone: 'outer-bank', fish: 9 },
  { daysAgo: 392, zone: 'north-skerries', fish: 10 },
  { daysAgo: 371, zone: 'harrow-estuary', fish: 6 },
  { daysAgo: 350, zone: 'north-skerries', fish: 8, remark: 'Swell 1.8 m, home early.' },
  { daysAgo: 322, zone: 'mere-tarn', fish: 8 },
  { daysAgo: 287, zone: 'harrow-estuary', fish: 0, remark: 'Cold. One lost at the net.' },
  { daysAgo: 231, zone: 'mere-tarn', fish: 5 },
  { daysAgo: 189, zone: 'north-skerries', fish: 0, remark: 'Too much wind to hold the ground.' },
  { daysAgo: 161, zone: 'harrow-estuary', fish: 7 },
  { daysAgo: 140, zone: 'north-skerries', fish: 8 },
  { daysAgo: 119, zone: 'north-skerries', fish: 9 },
  { daysAgo: 98, zone: 'outer-bank', fish: 9, remark: 'Drifted the bank edge, 62 m.' },
  { daysAgo: 84, zone: 'mere-tarn', fish: 10 },
  { daysAgo: 70, zone: 'north-skerries', fish: 11 },
  { daysAgo: 56, zone: 'north-skerries', fish: 10 },
  { daysAgo: 42, zone: 'harrow-estuary', fish: 8 },
  { daysAgo: 28, zone: 'north-skerries', fish: 10, remark: 'Two seals kept us company.' },
  { daysAgo: 14, zone: 'harrow-estuary', fish: 6 },
  { daysAgo: 6, zone: 'harrow-estuary', fish: 0, remark: 'Weed on every cast. One lost at the net, about 14:20.' },
  { daysAgo: 2, zone: 'north-skerries', fish: 7 },
];

/**
 * The book of the Tern: some eighteen months as entries, the open trip of today last. The same seed gives the same book.
 * It is written with the application's own rules and models, plus noise, and holds nothing later than `SKERROW_NOW`.
 */
export function skerrowSeason(species: readonly Species[], rules: RulePack, seed = 31): Entry[] {
  // The story keeps to the fish that the sample rules speak of.
  const catalogue = species.filter((x) => rules.rules.some((r) => r.kind === 'dailyBag' && r.species.includes(x.id)));
  const s = new Scribe(seed, rules.timeZone);
  // What other devices wrote has chance of its own, and leaves the story as it was.
  const others = new Scribe(seed + 1000, rules.timeZone);
  const nowMs = epochMs(SKERROW_NOW);
  const today = civilDay(SKERROW_NOW, rules.timeZone);
  const tern = openTheBook(s, nowMs - 540 * DAY);
  let packNumber = 0;
  const nextNumber = (): number => ++packNumber;
  const freezer: MadePack[] = [];
  const learned: Learned = new Map();
  OUTINGS.forEach((o, i) => {
    const day = addDays(today, -o.daysAgo);
    const startMs = epochMs(instantOf(day, s.pick(['06:30', '07:10', '08:00', '09:20']), rules.timeZone));
    const crew = s.chance(0.7) ? [tern.ilse, tern.tomas, tern.wren] : [tern.ilse, tern.tomas];
    const progress = i / OUTINGS.length;
    const trip = writeTrip(s, tern, catalogue, rules, {
      startMs,
      hours: 5 + s.rng() * 3,
      zone: o.zone,
      crew,
      fish: o.fish,
      sloppy: 0.45 - 0.3 * progress,
      ...(o.remark ? { remark: o.remark } : {}),
    });
    // The story after it keeps the chances that it had.
    if (o.daysAgo === 14) s.id(startMs);
    if (o.daysAgo === 14) stung(others, tern, trip.tripId, startMs + 2.5 * HOUR);
    if (o.daysAgo === 56) fastClock(others, tern, trip.tripId, startMs + 3 * HOUR);
    if (o.daysAgo === 42) correctedApart(others, tern, readOnce(s.entries, trip.kept));
    if (o.daysAgo === 70) notedTwice(s, tern, trip.tripId, trip.endMs - 40 * MIN, o.fish + 1);
    if (trip.kept.length > 0)
      homeward(
        s,
        rules.timeZone,
        tern,
        trip.kept,
        trip.endMs,
        0.25 + 0.55 * progress,
        nextNumber,
        freezer,
        nowMs,
        learned,
      );
    if (o.daysAgo === 28) leftWarm(s, tern, trip.tripId, trip.endMs - 30 * MIN, o.fish + 1, nextNumber());
  });
  // A pack that was forgotten, and thrown away knowingly.
  const forgotten = freezer.find((p) => nowMs - p.storedMs > 250 * DAY);
  if (forgotten)
    s.note('pack.discarded', forgotten.id, nowMs - 20 * DAY, tern.tomas, { why: 'freezer burn, bag had a hole' });
  const { tray } = storesOfTheTern(s, tern, nowMs);
  // Tonight's dinner thaws on ice, should nothing be caught.
  const tonight = freezer.at(-1);
  if (tonight) s.note('pack.moved', tonight.id, nowMs - 7 * HOUR, tern.tomas, { place: 'fridge', store: tray });
  s.aside('book.way', tern.book, nowMs - 300 * DAY, tern.tomas, { of: 'guts', is: 'bait' });
  // Some of a pack went to a neighbour.
  const given = freezer.find((p) => p.species.id === 'mackerel' && p.massG > 1000 && nowMs - p.storedMs > 20 * DAY);
  if (given)
    s.aside('pack.taken', given.id, nowMs - 9 * DAY, tern.ilse, {
      massG: 320,
      is: 'given away',
      why: 'to the harbour master',
    });
  meltTested(s, tern.blueBox, nowMs - 265 * DAY, tern.tomas);
  writeToday(s, others, tern, rules, today);
  const held = freezer.filter((p) => p !== forgotten && p !== given);
  mealsAhead(s, tern, held, tonight, nowMs, rules.timeZone);
  onTheRail(s, tern, nowMs, nextNumber());
  theTable(s, tern, tern.book, tonight, nowMs, rules.timeZone);
  dinnersRead(s, tern, nowMs);
  const turbot = held.find((p) => p.species.id === 'turbot' && p.massG > 600);
  partsKept(s, tern, held, nextNumber);
  if (turbot) oneTurbotTwice(s, tern, turbot, nowMs - 33 * DAY + 5 * HOUR);
  return [...s.entries, ...others.entries].filter((e) => epochMs(e.at) <= nowMs && epochMs(e.written) <= nowMs);
}

/** The reading of the first of some fish that was kept alone, and measured without a correction. */
function readOnce(entries: readonly Entry[], kept: readonly Kept[]): Entry {
  const single = new Set(kept.filter((k) => k.count === 1).map((k) => k.id));
  const amended = new Set(entries.flatMap((e) => e.amends ?? []));
  const read = entries.find((e) => e.kind === 'fish.measured' && single.has(e.subject) && !amended.has(e.id));
  if (!read) throw new Error('the season has no fish to be corrected');
  return read;
}

/** After a trip: the board in the evening, a meal from each fresh pack within days, now and then one from the freezer. */
const DINNERS = ['18:30', '19:00', '19:30', '20:00'];

function homeward(
  s: Scribe,
  tz: string,
  tern: ReturnType<typeof openTheBook>,
  kept: readonly Kept[],
  endMs: number,
  skill: number,
  nextNumber: () => number,
  freezer: MadePack[],
  nowMs: number,
  learned: Learned,
): void {
  const cutter = s.chance(0.8) ? tern.tomas : tern.ilse;
  const packs = cutAndPack(
    s,
    tern,
    kept,
    endMs + (1 + s.rng() * 2) * HOUR,
    cutter,
    cutter === tern.tomas ? skill : 0.5,
    nextNumber,
    learned,
    nowMs - endMs < 30 * DAY,
  );
  packs
    .filter((p) => !p.frozen)
    .forEach((p, i) => {
      const night = civilDay(stamp(p.storedMs + (1 + i) * DAY, tz), tz);
      const served = epochMs(instantOf(night, s.pick(DINNERS), tz));
      if (served < nowMs - 2 * HOUR) serve(s, tern, p, served, nextNumber);
    });
  freezer.push(...packs.filter((p) => p.frozen));
  const oldest = freezer[0];
  if (freezer.length > 3 && oldest && endMs + 6 * DAY < nowMs) {
    freezer.shift();
    serve(
      s,
      tern,
      oldest,
      epochMs(instantOf(civilDay(stamp(endMs + 5 * DAY, tz), tz), s.pick(DINNERS), tz)),
      nextNumber,
    );
  }
}
