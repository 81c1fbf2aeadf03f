import { type Entry, linksOf, projectSubject, type SubjectState } from '@dagboek/journal';
import type { EntityManager } from 'typeorm';
import { CutRow, EntryRow, FishRow, LinkRow, MealRow, PackRow, ThingRow, TripRow } from './rows.ts';

const PROJECTIONS = [TripRow, FishRow, CutRow, PackRow, MealRow, ThingRow] as const;

/** A state as it is kept: the log is left out, since the entries hold it. */
const stateJson = (s: SubjectState): string => JSON.stringify({ ...s, log: undefined });

/** The row that keeps a state, and the table it belongs to. */
function rowOf(s: SubjectState): { table: (typeof PROJECTIONS)[number]; row: object } {
  const shared = { id: s.id, state: stateJson(s) };
  switch (s.kind) {
    case 'trip':
      return { table: TripRow, row: { ...shared, startedMs: Date.parse(s.startedAt), zone: s.zone } };
    case 'fish':
      return { table: FishRow, row: { ...shared, trip: s.trip, species: s.species, angler: s.angler, landedMs: Date.parse(s.landed.at) } };
    case 'cut':
      return { table: CutRow, row: { ...shared, startedMs: Date.parse(s.startedAt) } };
    case 'pack':
      return { table: PackRow, row: { ...shared, storedMs: Date.parse(s.storedAt), held: s.discarded ? 0 : 1 } };
    case 'meal':
      return { table: MealRow, row: { ...shared, servedMs: Date.parse(s.servedAt) } };
    default:
      return { table: ThingRow, row: { ...shared, kind: s.kind } };
  }
}

/** Entries of one subject, from the log. */
export async function entriesOf(db: EntityManager, subject: string): Promise<Entry[]> {
  const rows = await db.find(EntryRow, { where: { subject }, order: { seq: 'ASC' } });
  return rows.map((r) => JSON.parse(r.body) as Entry);
}

/** Folds these subjects anew and keeps what comes out. Part of the transaction that wrote their entries. */
export async function refold(db: EntityManager, subjects: Iterable<string>): Promise<void> {
  for (const subject of subjects) {
    const entries = await entriesOf(db, subject);
    const state = projectSubject(subject, entries);
    await db.query('DELETE FROM link WHERE source = ?', [subject]);
    if (!state) {
      for (const table of PROJECTIONS) await db.delete(table, subject);
      continue;
    }
    const { table, row } = rowOf(state);
    await db.upsert(table, row, ['id']);
    const links = linksOf(state).map((l) => ({ source: l.from, target: l.to, role: l.role }));
    if (links.length > 0) await db.insert(LinkRow, links);
  }
}

/** Everything the projections hold, in a fixed order, for comparing. */
export async function dumpProjections(db: EntityManager): Promise<string[]> {
  const out: string[] = [];
  for (const table of [...PROJECTIONS, LinkRow]) {
    const { tableName } = db.connection.getMetadata(table);
    for (const row of (await db.query(`SELECT * FROM ${tableName}`)) as object[]) out.push(`${tableName} ${JSON.stringify(row)}`);
  }
  return out.sort();
}

/** Empties the projections and folds every subject of the log anew. Returns the rows that differ, by their old or new text. */
export async function rebuildProjections(db: EntityManager): Promise<{ subjects: number; differences: string[] }> {
  const before = new Set(await dumpProjections(db));
  for (const table of [...PROJECTIONS, LinkRow]) await db.clear(table);
  const subjects = ((await db.query('SELECT DISTINCT subject FROM entry')) as { subject: string }[]).map((r) => r.subject);
  await refold(db, subjects);
  const after = new Set(await dumpProjections(db));
  const differences = [...[...before].filter((x) => !after.has(x)).map((x) => `- ${x}`), ...[...after].filter((x) => !before.has(x)).map((x) => `+ ${x}`)];
  return { subjects: subjects.length, differences };
}
