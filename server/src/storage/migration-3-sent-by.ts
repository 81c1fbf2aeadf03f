import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Which joined device sent a line, noted by the server as it takes it: what a line says of itself proves nothing. */
export class SentBy1790000000004 implements MigrationInterface {
  name = 'SentBy1790000000004';

  async up(q: QueryRunner): Promise<void> {
    await q.query('CREATE TABLE sent_by (entry TEXT PRIMARY KEY, device TEXT NOT NULL) WITHOUT ROWID');
    await q.query('CREATE INDEX sent_by_device ON sent_by (device)');
  }

  async down(q: QueryRunner): Promise<void> {
    await q.query('DROP TABLE sent_by');
  }
}
