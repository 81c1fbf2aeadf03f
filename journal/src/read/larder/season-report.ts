import type { Asks } from '../asked.ts';
import { isUncooked } from '@dagboek/core/larder';
import { PLATE_G } from '@dagboek/core/plates';
import type { SpeciesFacts } from '@dagboek/core/species';
import { civilDay } from '@dagboek/core/time';
import { massOf } from '../bodies/mass-of.ts';
import { packLeft } from '../bodies/order.ts';
import type { Book } from '../../log/book/book.ts';
import type { FishState, PackState } from '../../log/state/states.ts';

/** What became of a kind, or of all, over some time. Grams as they were weighed, or estimated from the length. */
export interface ReportRow {
  /** Species id; null for all together. */
  readonly species: string | null;
  readonly caught: number;
  readonly caughtG: number;
  readonly letGo: number;
  readonly kept: number;
  readonly keptG: number;
  /** Of packs, g: what meals of the book took, and what was eaten elsewhere. */
  readonly eatenG: number;
  readonly givenG: number;
  readonly baitG: number;
  /** Thrown away: packs, parts of them, and fish that never came to the board, whole. */
  readonly thrownG: number;
  /** What a count did not find. */
  readonly lostG: number;
}

/** What was caught and what became of it, between two civil days, both included. */
export interface SeasonReport {
  readonly all: ReportRow;
  /** By kind, what was kept most first. */
  readonly rows: readonly ReportRow[];
  /** Eaten, in whole plates. */
  readonly plates: number;
  /** Of what left the packs, the share that was thrown away or lost, 0 to 1; null where nothing left them. */
  readonly wasted: number | null;
}

type ById = (id: string | null) => SpeciesFacts | null;
type Row = { -readonly [K in keyof ReportRow]: ReportRow[K] };
const empty = (species: string | null): Row => ({
  species,
  caught: 0,
  caughtG: 0,
  letGo: 0,
  kept: 0,
  keptG: 0,
  eatenG: 0,
  givenG: 0,
  baitG: 0,
  thrownG: 0,
  lostG: 0,
});
const FIELD = {
  'thrown away': 'thrownG',
  'given away': 'givenG',
  bait: 'baitG',
  'eaten elsewhere': 'eatenG',
  'not found': 'lostG',
} as const;

/**
 * The report of a season: fish by the day on which they were landed, what left the packs by the day on which it did. Leftovers of a meal
 * were eaten with it and are not counted again. `zone`: of the waters; `from`, `to`: civil days.
 */
export const seasonReport = (
  { book, species: byId, zone }: Asks<'book' | 'species' | 'zone'>,
  from: string,
  to: string,
): SeasonReport =>
  book.reckoned('season report', ['trip', 'fish', 'cut', 'pack', 'meal'], [from, to, byId, zone], () =>
    reckonReport({ book, species: byId, zone }, from, to),
  );

function reckonReport(
  { book, species: byId, zone }: Asks<'book' | 'species' | 'zone'>,
  from: string,
  to: string,
): SeasonReport {
  const within = (at: string): boolean => {
    const d = civilDay(at, zone);
    return d >= from && d <= to;
  };
  const rows = new Map<string, Row>();
  const rowOf = (species: string): Row => {
    const row = rows.get(species) ?? empty(species);
    rows.set(species, row);
    return row;
  };
  const start = Date.parse(`${from}T00:00:00Z`) - 86_400_000;
  const end = Date.parse(`${to}T00:00:00Z`) + 2 * 86_400_000;
  for (const f of book.landedAbout(start, end))
    if (within(f.landed.at)) countFish(rowOf(f.species ?? ''), f, byId, within);
  for (const p of book.all('pack')) if (isUncooked(p.form)) countPack(book, rowOf(p.species), p, within);
  const list = [...rows.values()].filter(
    (r) => r.caught > 0 || r.eatenG + r.givenG + r.baitG + r.thrownG + r.lostG > 0,
  );
  const all = list.reduce((sum, r) => {
    for (const k of Object.keys(sum) as (keyof Row)[]) if (k !== 'species') sum[k] += r[k];
    return sum;
  }, empty(null));
  const gone = all.eatenG + all.givenG + all.baitG + all.thrownG + all.lostG;
  return {
    all,
    rows: list.sort(
      (a, b) => b.keptG - a.keptG || b.caught - a.caught || ((a.species ?? '') < (b.species ?? '') ? -1 : 1),
    ),
    plates: Math.floor(all.eatenG / PLATE_G),
    wasted: gone > 0 ? (all.thrownG + all.lostG) / gone : null,
  };
}

function countFish(row: Row, f: FishState, byId: ById, within: (at: string) => boolean): void {
  const g = (massOf(f, byId(f.species))?.g ?? 0) * f.count;
  row.caught += f.count;
  row.caughtG += g;
  if (f.released) row.letGo += f.count;
  else if (f.dispatched || f.bled || f.iced) {
    row.kept += f.count;
    row.keptG += g;
    if (f.discarded && within(f.discarded.at)) row.thrownG += g;
  }
}

function countPack(book: Book, row: Row, p: PackState, within: (at: string) => boolean): void {
  for (const m of book.naming('meal', p.id))
    if (within(m.servedAt)) row.eatenG += m.packs.reduce((g, x) => g + (x.pack === p.id ? x.massG : 0), 0);
  for (const t of p.taken) if (within(t.at)) row[FIELD[t.is as keyof typeof FIELD] ?? 'lostG'] += t.massG;
  if (p.discarded && within(p.discarded.at)) {
    const { eatenG, takenG, splitG } = packLeft(book, p);
    row.thrownG += Math.max(0, p.massG - eatenG - takenG - splitG);
  }
}
