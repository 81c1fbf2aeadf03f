import { type Entry, linksOf, projectSubject, type SubjectState } from '@dagboek/journal';
import type { EntityManager } from 'typeorm';
import { CutRow, FishRow, LinkRow, MealRow, PackRow, ThingRow, TripRow } from './rows.ts';

const PROJECTIONS = [TripRow, FishRow, CutRow, PackRow, MealRow, ThingRow] as const;

/** A state as it is kept: the log is left out, since the entries hold it. */
const stateJson = (s: SubjectState): string => JSON.stringify({ ...s, log: undefined });

/** Statement and values that keep a state. Plain SQL: this runs for every subject of every batch. */
function keepState(s: SubjectState): { sql: string; values: (string | number | null)[] } {
  const put = (table: string, columns: Record<string, string | number | null>) => {
    const names = ['id', 'state', ...Object.keys(columns)];
    const sql = `INSERT INTO ${table} (${names.join(', ')}) VALUES (${names.map(() => '?').join(', ')}) ON CONFLICT (id) DO UPDATE SET ${names
      .slice(1)
      .map((n) => `${n} = excluded.${n}`)
      .join(', ')}`;
    return { sql, values: [s.id, stateJson(s), ...Object.values(columns)] };
  };
  switch (s.kind) {
    case 'trip':
      return put('trip', { started_ms: Date.parse(s.startedAt), zone: s.zone });
    case 'fish':
      return put('fish', { trip: s.trip, species: s.species, angler: s.angler, landed_ms: Date.parse(s.landed.at) });
    case 'cut':
      return put('cut', { started_ms: Date.parse(s.startedAt) });
    case 'pack':
      return put('pack', { stored_ms: Date.parse(s.storedAt), held: s.discarded ? 0 : 1 });
    case 'meal':
      return put('meal', { served_ms: Date.parse(s.servedAt) });
    default:
      return put('thing', { kind: s.kind });
  }
}

/** SQLite takes some thousands of values in one statement; this stays well below. */
const SUBJECTS_AT_ONCE = 500;

/** Folds these subjects anew and keeps what comes out. Part of the transaction that wrote their entries. */
export async function refold(db: EntityManager, subjects: Iterable<string>): Promise<void> {
  const all = [...new Set(subjects)];
  for (let i = 0; i < all.length; i += SUBJECTS_AT_ONCE) await refoldSome(db, all.slice(i, i + SUBJECTS_AT_ONCE));
}

async function refoldSome(db: EntityManager, subjects: readonly string[]): Promise<void> {
  const marks = subjects.map(() => '?').join(',');
  const rows = (await db.query(`SELECT subject, body FROM entry WHERE subject IN (${marks}) ORDER BY seq`, [
    ...subjects,
  ])) as { subject: string; body: string }[];
  const entries = new Map<string, Entry[]>(subjects.map((s) => [s, []]));
  for (const r of rows) entries.get(r.subject)?.push(JSON.parse(r.body) as Entry);
  await db.query(`DELETE FROM link WHERE source IN (${marks})`, [...subjects]);
  const links: string[] = [];
  for (const [subject, list] of entries) {
    const state = projectSubject(subject, list);
    // What was struck counts nowhere here; it stays readable in the log.
    if (!state || state.struck) {
      for (const table of PROJECTIONS) await db.delete(table, subject);
      continue;
    }
    const { sql, values } = keepState(state);
    await db.query(sql, values);
    for (const l of linksOf(state)) links.push(l.from, l.to, l.role);
  }
  const LINKS_AT_ONCE = 900;
  for (let i = 0; i < links.length; i += LINKS_AT_ONCE) {
    const some = links.slice(i, i + LINKS_AT_ONCE);
    await db.query(
      `INSERT INTO link (source, target, role) VALUES ${Array.from({ length: some.length / 3 }, () => '(?, ?, ?)').join(', ')}`,
      some,
    );
  }
}

/** Everything the projections hold, in a fixed order, for comparing. */
export async function dumpProjections(db: EntityManager): Promise<string[]> {
  const out: string[] = [];
  for (const table of [...PROJECTIONS, LinkRow]) {
    const { tableName } = db.connection.getMetadata(table);
    for (const row of (await db.query(`SELECT * FROM ${tableName}`)) as object[])
      out.push(`${tableName} ${JSON.stringify(row)}`);
  }
  return out.sort();
}

/** Empties the projections and folds every subject of the log anew. Returns the rows that differ, by their old or new text. */
export async function rebuildProjections(db: EntityManager): Promise<{ subjects: number; differences: string[] }> {
  const before = new Set(await dumpProjections(db));
  for (const table of [...PROJECTIONS, LinkRow]) await db.clear(table);
  const subjects = ((await db.query('SELECT DISTINCT subject FROM entry')) as { subject: string }[]).map(
    (r) => r.subject,
  );
  await refold(db, subjects);
  const after = new Set(await dumpProjections(db));
  const differences = [
    ...[...before].filter((x) => !after.has(x)).map((x) => `- ${x}`),
    ...[...after].filter((x) => !before.has(x)).map((x) => `+ ${x}`),
  ];
  return { subjects: subjects.length, differences };
}
