import type { MigrationInterface, QueryRunner } from 'typeorm';

/**
 * The server answers from one book in memory, folded by the same code as in the browser; the tables that held a second
 * fold go. Nothing is lost with them: they were made from the entries, which stay as they are.
 */
export class OneBook1790000000002 implements MigrationInterface {
  name = 'OneBook1790000000002';

  async up(q: QueryRunner): Promise<void> {
    for (const table of ['thing', 'meal', 'pack', 'cut', 'fish', 'trip', 'link']) await q.query(`DROP TABLE ${table}`);
  }

  async down(): Promise<void> {
    await Promise.reject(new Error('The tables of version 1 are not made again. Go back to a copy of the folder.'));
  }
}
