import { Column, DataSource, Entity, type MigrationInterface, PrimaryColumn, type QueryRunner } from 'typeorm';
import { join } from 'node:path';

/** A phone, tablet or machine that was let in. One that was put out stays listed. */
@Entity({ name: 'joined_device' })
export class JoinedDeviceRow {
  @PrimaryColumn({ type: 'text' }) id!: string;
  @Column({ type: 'text' }) name!: string;
  /** SHA-256 of what it shows at the door; the thing itself is on the device alone. */
  @Column({ type: 'text', unique: true }) proof!: string;
  /** ISO instants. */
  @Column({ type: 'text' }) joined!: string;
  @Column({ type: 'text' }) seen!: string;
  @Column({ type: 'text', nullable: true }) out!: string | null;
  /** The secret in the address of its calendar, once it asked for one: it ends with the device. */
  @Column({ type: 'text', nullable: true }) feed!: string | null;
  /** Those it wrote for so far, by id, with blanks between. */
  @Column({ type: 'text', default: '' }) members!: string;
}

class JoinedDevices1790000000003 implements MigrationInterface {
  name = 'JoinedDevices1790000000003';

  async up(q: QueryRunner): Promise<void> {
    await q.query(
      `CREATE TABLE joined_device (id TEXT PRIMARY KEY, name TEXT NOT NULL, proof TEXT NOT NULL UNIQUE, joined TEXT NOT NULL, seen TEXT NOT NULL, out TEXT)`,
    );
  }

  async down(q: QueryRunner): Promise<void> {
    await q.query('DROP TABLE joined_device');
  }
}

class FeedsAndWriters1790000000005 implements MigrationInterface {
  name = 'FeedsAndWriters1790000000005';

  async up(q: QueryRunner): Promise<void> {
    await q.query('ALTER TABLE joined_device ADD COLUMN feed TEXT');
    await q.query(`ALTER TABLE joined_device ADD COLUMN members TEXT NOT NULL DEFAULT ''`);
  }

  async down(q: QueryRunner): Promise<void> {
    await q.query('ALTER TABLE joined_device DROP COLUMN feed');
    await q.query('ALTER TABLE joined_device DROP COLUMN members');
  }
}

/**
 * The list of those who were let in, in a file of its own beside the certificates: a book that is put back from a copy must
 * not let in again whom somebody put out since.
 */
export async function openDoorFile(folder: string): Promise<DataSource> {
  const source = new DataSource({
    type: 'better-sqlite3',
    database: join(folder, 'joined.sqlite'),
    entities: [JoinedDeviceRow],
    migrations: [JoinedDevices1790000000003, FeedsAndWriters1790000000005],
    migrationsRun: true,
    synchronize: false,
    prepareDatabase: (db: { pragma: (s: string) => unknown }) => {
      for (const p of ['journal_mode = WAL', 'synchronous = FULL', 'busy_timeout = 5000']) db.pragma(p);
    },
  });
  return source.initialize();
}
