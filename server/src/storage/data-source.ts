import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { DataSource } from 'typeorm';
import { Journal1790000000001 } from './migration-1-journal.ts';
import { OneBook1790000000002 } from './migration-2-one-book.ts';
import { ROWS } from './rows.ts';

/** Opens the book's file in a folder (made if need be) and brings it up to date. WAL; an acknowledged write is on disk. */
export async function openDataSource(folder: string): Promise<DataSource> {
  mkdirSync(folder, { recursive: true });
  const source = new DataSource({
    type: 'better-sqlite3',
    database: join(folder, 'dagboek.sqlite'),
    entities: ROWS,
    migrations: [Journal1790000000001, OneBook1790000000002],
    migrationsRun: true,
    synchronize: false,
    prepareDatabase: (db: { pragma: (s: string) => unknown }) => {
      for (const p of ['journal_mode = WAL', 'synchronous = FULL', 'foreign_keys = ON', 'busy_timeout = 5000'])
        db.pragma(p);
    },
  });
  return source.initialize();
}
