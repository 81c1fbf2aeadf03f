import type { MigrationInterface, QueryRunner } from 'typeorm';
import { nextDigest } from './log-chain.ts';

const NEVER_UPDATED =
  "CREATE TRIGGER entry_never_updated BEFORE UPDATE ON entry BEGIN SELECT RAISE(ABORT, 'An entry is never changed: amend it with another.'); END";
const PAGE = 20_000;

/**
 * Beside each line the digest of the log up to it, as it was when the line was taken: a letter that changes later, on a disk or in
 * a copy, is found, and in which line.
 */
export class Digests1790000000006 implements MigrationInterface {
  name = 'Digests1790000000006';

  async up(q: QueryRunner): Promise<void> {
    await q.query(`ALTER TABLE entry ADD COLUMN digest TEXT NOT NULL DEFAULT ''`);
    await q.query('DROP TRIGGER entry_never_updated');
    let digest = '';
    for (let after = 0; ;) {
      const rows = (await q.query('SELECT seq, body FROM entry WHERE seq > ? ORDER BY seq LIMIT ?', [after, PAGE])) as {
        seq: number;
        body: string;
      }[];
      for (const r of rows) {
        digest = nextDigest(digest, r.body);
        await q.query('UPDATE entry SET digest = ? WHERE seq = ?', [digest, r.seq]);
      }
      if (rows.length < PAGE) break;
      after = rows.at(-1)?.seq ?? after;
    }
    await q.query(NEVER_UPDATED);
  }

  async down(q: QueryRunner): Promise<void> {
    await q.query('ALTER TABLE entry DROP COLUMN digest');
  }
}
