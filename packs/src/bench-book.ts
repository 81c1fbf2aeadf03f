import { METRIC } from '@dagboek/core/units';
import { stamp } from '@dagboek/core/time';
import {
  bagsOn,
  Book,
  custodyOf,
  type Entry,
  fishOfTrip,
  boxAt,
  currentFilling,
  diary,
  mealsFound,
  mealsListed,
  seasonReport,
  freshnessOf,
  freshnessOfFish,
  judgeFish,
  type Kind,
  nextFishNumber,
  openTrip,
  packsHeld,
} from '@dagboek/journal';
import { loadRulePacks, loadSpecies } from './load.ts';

/**
 * `npm run bench:book`: what one more entry, a verdict, a row of the log, the day's bags and the larder cost in books of
 * 1,000, 20,000 and 50,000 fish, each on a book that has just been written to, as on the Deck. The aim: at 50,000 fish at
 * most 1.5 times what it is at 1,000, but for what lists or adds up all of a year or of the book: that grows with what it lists.
 */
const SIZES = [1_000, 20_000, 50_000];
const FISH_A_TRIP = 40;
const ROUNDS = 60;
/** What is reckoned at length is asked in each so many rounds. */
const EVERY = 3;
const ZONE = 'Atlantic/Faroe';
const DAY_MS = 86_400_000;
/** The last trip lies on this day, the others on every day before it. */
const LAST = Date.parse('2026-09-12T06:00:00+01:00');
const species = loadSpecies();
const rules = loadRulePacks(species).find((p) => p.id === 'skerrow-isles');
if (!rules) throw new Error('the Skerrow rules are not there');
const bySpecies = new Map(species.map((s) => [s.id, s]));
const byId = (id: string | null) => (id ? (bySpecies.get(id) ?? null) : null);
const names = {
  units: METRIC,
  member: () => 'Ilse',
  species: (id: string) => id,
  box: () => 'box',
  store: () => 'the chest',
  zone: (id: string) => id,
};
const CREW = ['member-1', 'member-2', 'member-3'];
const KINDS = ['pollack', 'mackerel', 'ballan-wrasse', 'cod'];

let made = 0;
function entry(kind: Kind, subject: string, atMs: number, facts: object): Entry {
  made += 1;
  const at = stamp(atMs, ZONE);
  return {
    id: `entry-${made}`,
    kind,
    subject,
    at,
    written: at,
    member: 'member-1',
    device: 'bench',
    facts: facts as Entry['facts'],
  };
}

/** A book of `n` fish: a trip a day, each fish killed and iced, every fifth packed, nearly every pack eaten. */
function entriesOf(n: number): Entry[] {
  const out: Entry[] = [];
  const trips = Math.ceil(n / FISH_A_TRIP);
  out.push(entry('box.added', 'box-1', LAST - (trips + 1) * DAY_MS, { name: 'box', litres: 90 }));
  for (let t = 0; t < trips; t++) {
    const trip = `trip-${t}`;
    const began = LAST - (trips - 1 - t) * DAY_MS;
    out.push(
      entry('trip.started', trip, began, { zone: 'north-skerries', crew: CREW, boat: 'Tern', box: 'box-1', iceKg: 9 }),
    );
    for (let i = 0; i < FISH_A_TRIP && t * FISH_A_TRIP + i < n; i++) {
      const fish = `fish-${t}-${i}`;
      const at = began + i * 600_000;
      const angler = CREW[i % CREW.length];
      out.push(
        entry('fish.landed', fish, at, { trip, angler, count: 1, number: i + 1, gear: 'rod' }),
        entry('fish.named', fish, at + 10_000, { species: KINDS[i % KINDS.length] }),
        entry('fish.measured', fish, at + 20_000, { lengthMm: 400 + i, lengthKind: 'total', method: 'board' }),
        entry('fish.dispatched', fish, at + 60_000, { how: 'brain spike' }),
        entry('fish.iced', fish, at + 400_000, { box: 'box-1', how: 'slurry' }),
      );
      if (i % 5 === 0) {
        const pack = `pack-${t}-${i}`;
        const what = { number: out.length, what: 'fillets', species: KINDS[i % KINDS.length], form: 'fillets' };
        const stored = { ...what, massG: 400, wrapping: 'vacuum', place: 'freezer', fish: [fish] };
        out.push(entry('pack.stored', pack, at + 36_000_000, stored));
        if (t < trips - 3)
          out.push(
            entry('meal.served', `meal-${t}-${i}`, at + 80_000_000, {
              name: 'fried',
              cook: CREW[0],
              method: 'pan-fried',
              packs: [{ pack, massG: 400 }],
              eaters: CREW,
            }),
          );
      }
    }
    if (t < trips - 1) out.push(entry('trip.ended', trip, began + 32_000_000, {}));
  }
  return out;
}

/** Mean milliseconds of one round of something. */
function msOf(times: readonly number[]): number {
  const sorted = [...times].sort((a, b) => a - b);
  // The middle half: a round that met the collector of garbage says nothing.
  const mid = sorted.slice(Math.floor(sorted.length / 4), Math.ceil((sorted.length * 3) / 4));
  return mid.reduce((s, x) => s + x, 0) / mid.length;
}

const ROWS = [
  'one more entry',
  'a verdict',
  'a row of the log',
  'bags of the day',
  'the trip under way',
  'the larder',
  'an older trip of the Book, 40 rows, the first time',
  'the same trip, asked again',
  'the season’s report',
  'meals of the Table, found by a word',
  'the diary of the Book, all of it',
  'the box as it is reckoned',
];
const table = new Map<number, { open: number; entries: number; ms: Map<string, number> }>();
for (const n of SIZES) {
  const entries = entriesOf(n);
  const t0 = performance.now();
  let book = Book.EMPTY.withEntries(entries);
  const open = performance.now() - t0;
  const times = new Map<string, number[]>(ROWS.map((r) => [r, []]));
  const time = <T>(row: string, work: () => T): T => {
    const from = performance.now();
    const out = work();
    times.get(row)?.push(performance.now() - from);
    return out;
  };
  const trip = openTrip(book);
  if (!trip) throw new Error('no trip is open');
  const day = '2026-09-12';
  for (let r = 0; r < ROUNDS; r++) {
    const fish = `new-${n}-${r}`;
    const at = LAST + 25_000_000 + r * 30_000;
    const number = nextFishNumber(book, trip.id);
    for (const e of [
      entry('fish.landed', fish, at, { trip: trip.id, angler: CREW[0], count: 1, number, gear: 'rod' }),
      entry('fish.named', fish, at, { species: 'pollack' }),
      entry('fish.measured', fish, at, { lengthMm: 420, lengthKind: 'total', method: 'board' }),
      // Let go, so that the trip does not grow under the measure.
      entry('fish.released', fish, at + 1_000, { reason: 'over the bag', state: 'swam off' }),
    ])
      book = time('one more entry', () => book.withEntries([e]));
    const state = book.get('fish', fish);
    if (!state) throw new Error('the fish is not there');
    time('a verdict', () => judgeFish(book, rules, state, { byId, names }, day));
    time('a row of the log', () => {
      const line = custodyOf(book, fish);
      return line && freshnessOf({ book, species: byId, nowMs: at }, line);
    });
    time('bags of the day', () => bagsOn(book, rules, day, CREW, null, 'Tern'));
    time('the trip under way', () => fishOfTrip(book, openTrip(book)?.id ?? ''));
    // As many trips in each book, none asked before: what was reckoned once is kept, and would say nothing of the rest.
    if (r % EVERY === 0) {
      const old = `trip-${1 + Math.floor((r / ROUNDS) * (n / FISH_A_TRIP - 3))}`;
      const rows = (): unknown =>
        fishOfTrip(book, old).map((f) => freshnessOfFish({ book, species: byId, nowMs: at }, f.id));
      time('an older trip of the Book, 40 rows, the first time', rows);
      time('the same trip, asked again', rows);
      const zone = ZONE;
      time('the season’s report', () => seasonReport({ book, species: byId, zone }, '2026-01-01', day));
    }
    time('meals of the Table, found by a word', () => mealsFound(book, mealsListed(book), 'fried', names).slice(0, 20));
    time('the diary of the Book, all of it', () =>
      diary({ book, day: (iso) => iso.slice(0, 10) }, { who: null, species: null, zone: null }),
    );
    time('the box as it is reckoned', () => {
      const f = currentFilling({ book, species: byId }, 'box-1');
      return f && boxAt(f, at);
    });
    time('the larder', () => packsHeld({ book, species: byId, day: (iso) => iso.slice(0, 10), nowMs: at }));
  }
  table.set(n, { open, entries: entries.length, ms: new Map([...times].map(([k, v]) => [k, msOf(v)])) });
}

const line = (cells: readonly string[]): string => `| ${cells.join(' | ')} |`;
const first = table.get(SIZES[0] ?? 0);
console.log(line(['', ...SIZES.map((n) => `${n.toLocaleString('en')} fish`), 'largest / smallest']));
console.log(line(['---', ...SIZES.map(() => '---:'), '---:']));
for (const row of ROWS) {
  const ms = SIZES.map((n) => table.get(n)?.ms.get(row) ?? 0);
  const ratio = (ms.at(-1) ?? 0) / Math.max(first?.ms.get(row) ?? 0, 1e-6);
  console.log(line([row, ...ms.map((x) => `${x.toFixed(3)} ms`), `${ratio.toFixed(1)} x`]));
}
console.log(
  line(['the whole book folded', ...SIZES.map((n) => `${((table.get(n)?.open ?? 0) / 1000).toFixed(2)} s`), '']),
);
console.log(line(['entries', ...SIZES.map((n) => (table.get(n)?.entries ?? 0).toLocaleString('en')), '']));
