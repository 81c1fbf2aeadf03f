import { randomUUID } from 'node:crypto';
import type { MigrationInterface, QueryRunner } from 'typeorm';

/** The log with its guards, and the projections. Never edited once released; later changes are later migrations. */
export class Journal1790000000001 implements MigrationInterface {
  name = 'Journal1790000000001';

  async up(q: QueryRunner): Promise<void> {
    await q.query(
      'CREATE TABLE entry (seq INTEGER PRIMARY KEY AUTOINCREMENT, id TEXT NOT NULL UNIQUE, subject TEXT NOT NULL, kind TEXT NOT NULL, body TEXT NOT NULL)',
    );
    await q.query('CREATE INDEX entry_subject ON entry (subject)');
    await q.query(
      "CREATE TRIGGER entry_never_updated BEFORE UPDATE ON entry BEGIN SELECT RAISE(ABORT, 'An entry is never changed: amend it with another.'); END",
    );
    await q.query(
      "CREATE TRIGGER entry_never_deleted BEFORE DELETE ON entry BEGIN SELECT RAISE(ABORT, 'An entry is never deleted: strike it with another.'); END",
    );
    await q.query(
      'CREATE TABLE link (source TEXT NOT NULL, target TEXT NOT NULL, role TEXT NOT NULL, PRIMARY KEY (source, target, role)) WITHOUT ROWID',
    );
    await q.query('CREATE INDEX link_target ON link (target, role)');
    await q.query(
      'CREATE TABLE trip (id TEXT PRIMARY KEY, state TEXT NOT NULL, started_ms INTEGER NOT NULL, zone TEXT NOT NULL) WITHOUT ROWID',
    );
    await q.query('CREATE INDEX trip_started ON trip (started_ms)');
    await q.query(
      'CREATE TABLE fish (id TEXT PRIMARY KEY, state TEXT NOT NULL, trip TEXT NOT NULL, species TEXT, angler TEXT NOT NULL, landed_ms INTEGER NOT NULL) WITHOUT ROWID',
    );
    await q.query('CREATE INDEX fish_trip ON fish (trip)');
    await q.query(
      'CREATE TABLE cut (id TEXT PRIMARY KEY, state TEXT NOT NULL, started_ms INTEGER NOT NULL) WITHOUT ROWID',
    );
    await q.query(
      'CREATE TABLE pack (id TEXT PRIMARY KEY, state TEXT NOT NULL, stored_ms INTEGER NOT NULL, held INTEGER NOT NULL) WITHOUT ROWID',
    );
    await q.query(
      'CREATE TABLE meal (id TEXT PRIMARY KEY, state TEXT NOT NULL, served_ms INTEGER NOT NULL) WITHOUT ROWID',
    );
    // Which book this is, so that a browser never mixes the entries of two books that were served at one address.
    await q.query('CREATE TABLE identity (id TEXT PRIMARY KEY) WITHOUT ROWID');
    await q.query('INSERT INTO identity VALUES (?)', [randomUUID()]);
    await q.query('CREATE TABLE thing (id TEXT PRIMARY KEY, state TEXT NOT NULL, kind TEXT NOT NULL) WITHOUT ROWID');
  }

  async down(q: QueryRunner): Promise<void> {
    for (const table of ['thing', 'identity', 'meal', 'pack', 'cut', 'fish', 'trip', 'link', 'entry'])
      await q.query(`DROP TABLE ${table}`);
  }
}
