import 'reflect-metadata';
import { spawnSync } from 'node:child_process';
import {
  existsSync,
  mkdirSync,
  readdirSync,
  readFileSync,
  rmSync,
  statSync,
  truncateSync,
  writeFileSync,
} from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { describe, expect, jest, test } from '@jest/globals';
import Database from 'better-sqlite3';
import request from 'supertest';
import { anEntry, idOf } from '../../../journal/src/builders.test-support.ts';
import { aFolder, aServer } from '../test-server.test-support.ts';
import { backUp, backupsOf, lookAtBackup, restore, type RestoreStep } from './backup.ts';
import { BOOK_FILE } from './look-at-folder.ts';
import { prove } from './prove.ts';

const HASH = 'ab'.repeat(32);
const AT = '2026-09-12T14:20:00.000Z';
const note = (n: number) =>
  anEntry(
    'fish.noted',
    idOf('f'),
    { text: `note ${1000 + n}` },
    { member: 'nobody', id: `01920000-0000-7000-8000-${String(n).padStart(12, '0')}` },
  );
const picture = anEntry('fish.pictured', idOf('f'), { photo: HASH, width: 1600, height: 1200 } as never, {
  member: 'nobody',
});
type App = Awaited<ReturnType<typeof aServer>>;
const send = async (app: App, entries: object[]) =>
  (await request(app.getHttpServer()).post('/api/journal').send({ entries })).body.receipts as { status: string }[];
const held = async (folder: string): Promise<number> => {
  const app = await aServer(folder);
  const { entries } = (await request(app.getHttpServer()).get('/api/health')).body as { entries: number };
  await app.close();
  return entries;
};
async function aBook(lines: number): Promise<string> {
  const folder = aFolder();
  const app = await aServer(folder);
  const receipts = await send(app, [...Array.from({ length: lines - 1 }, (_, i) => note(i)), picture]);
  expect(receipts.map((r) => r.status)).toEqual(receipts.map(() => 'accepted'));
  await app.close();
  mkdirSync(join(folder, 'photos'));
  for (const size of ['large', 'small'])
    writeFileSync(join(folder, 'photos', `${HASH}.${size}.jpg`), `picture ${size}`);
  return folder;
}
/** Changes bytes of a file, as a disk does that fails: wherever they stand, since a page may lie there twice. */
function damage(file: string, from: string, to: string): void {
  const bytes = readFileSync(file);
  let i = bytes.indexOf(from);
  expect(i).toBeGreaterThan(0);
  for (; i > 0; i = bytes.indexOf(from, i)) bytes.write(to, i, 'latin1');
  writeFileSync(file, bytes);
}
/** A script of the server, as it is built. */
function script(name: string, data: string, ...args: string[]) {
  const file = fileURLToPath(new URL(`../../dist/${name}.js`, import.meta.url));
  const run = spawnSync(process.execPath, [file, ...args], {
    env: { ...process.env, DAGBOEK_DATA: data },
    encoding: 'utf8',
  });
  return { status: run.status, said: run.stdout + run.stderr };
}

describe('a restore that is cut short', () => {
  const steps: RestoreStep[] = ['proven', 'noted', 'copied', 'pictures', 'set aside', 'swapped'];
  test.each(steps)(
    'after “%s” is told at the start, never a new book, and done once more it is whole',
    async (last) => {
      const source = await aBook(20);
      const { folder: backup } = await backUp(source, AT);
      const folder = await aBook(5);
      rmSync(join(folder, 'photos'), { recursive: true });
      const cut = () =>
        restore(folder, backup, AT, false, (done) => {
          if (done === last) throw new Error('the power went');
        });
      expect(cut).toThrow('the power went');
      if (last === 'proven') expect(await held(folder)).toBe(5);
      else await expect(aServer(folder)).rejects.toThrow(/A copy was being put back .* cut short\. Nothing is lost/);
      const { entries, missing } = restore(folder, backup, '2026-09-12T14:21:00.000Z');
      expect([entries, missing, await held(folder)]).toEqual([20, [], 20]);
      // What lay there before is whole in what was set aside.
      const aside = readdirSync(folder).filter(
        (f) => f.startsWith('set-aside-') && existsSync(join(folder, f, BOOK_FILE)),
      );
      expect(aside.map((f) => prove(join(folder, f, BOOK_FILE)).entries)).toContain(5);
    },
  );

  test('of an earlier version, by what it left: the folder held a book', async () => {
    for (const left of ['set-aside-2026-09-12T14-20-00-000', `${BOOK_FILE}.part`]) {
      const folder = aFolder();
      mkdirSync(join(folder, left));
      await expect(aServer(folder)).rejects.toThrow(/held a book/);
    }
  });
});

describe('a copy that is not as it was made', () => {
  test('by one digit is found, with its line, and not put back unasked', async () => {
    const folder = await aBook(30);
    const { folder: backup } = await backUp(folder, AT);
    damage(join(backup, BOOK_FILE), 'note 1007', 'note 1907');
    expect(lookAtBackup(backup).troubles[0]).toBe('Not as it was taken: line 8 (fish.noted).');
    expect(() => restore(folder, backup, AT)).toThrow(/line 8 \(fish\.noted\).*--anyway/);
    expect(await held(folder)).toBe(30);
    expect(restore(folder, backup, AT, true).entries).toBe(30);
    // What cannot be trusted is set apart; the rest opens.
    expect(await held(folder)).toBe(29);
    expect(script('check-book', folder)).toMatchObject({
      status: 1,
      said: expect.stringContaining('line 8 (fish.noted)'),
    });
  });

  test.each([
    ['id', 'x'],
    ['subject', 'x'],
    ['kind', 'fish.icEd'],
  ])('beside a line, by its %s, is found too', async (column, value) => {
    const folder = await aBook(9);
    const { folder: backup } = await backUp(folder, AT);
    const db = new Database(join(backup, BOOK_FILE));
    db.exec(`DROP TRIGGER entry_never_updated; UPDATE entry SET ${column} = '${value}' WHERE seq = 5`);
    db.close();
    expect(lookAtBackup(backup).troubles[0]).toContain('line 5 (');
  });

  test('by a line that is gone: it is named, and the rest opens', async () => {
    const folder = await aBook(9);
    const { folder: backup } = await backUp(folder, AT);
    const db = new Database(join(backup, BOOK_FILE));
    db.exec('DROP TRIGGER entry_never_deleted; DELETE FROM entry WHERE seq = 5');
    db.close();
    expect(lookAtBackup(backup).troubles[0]).toBe('Not as it was taken: line 5 (missing).');
    restore(folder, backup, AT, true);
    expect(await held(folder)).toBe(8);
  });

  test('by the byte that makes a line unreadable: the rest opens, is sent and written on, and the line is not taken twice', async () => {
    const folder = await aBook(12);
    damage(join(folder, BOOK_FILE), '"note 1003"', '"note\n1003"');
    const app = await aServer(folder);
    const page = (await request(app.getHttpServer()).get('/api/journal')).body as {
      entries: { id: string }[];
      last: number;
    };
    expect([page.entries.length, page.last]).toEqual([11, 12]);
    expect(page.entries.map((e) => e.id)).not.toContain(note(3).id);
    expect((await send(app, [note(3), note(50)])).map((r) => r.status)).toEqual(['known', 'accepted']);
    await app.close();
    expect(await held(folder)).toBe(12);
    const told = script('check-book', folder);
    expect(told.said).toContain('line 4 (fish.noted)');
    expect(told.said).not.toContain('SyntaxError');
  });

  test('whose pictures are gone or cut short: they are named', async () => {
    const folder = await aBook(4);
    const { folder: backup } = await backUp(folder, AT);
    const file = join(backup, 'photos', `${HASH}.large.jpg`);
    rmSync(file);
    writeFileSync(file, '');
    expect(lookAtBackup(backup).troubles).toEqual([`Pictures that it had are gone or cut short: ${HASH}.large.jpg.`]);
    const elsewhere = aFolder();
    expect(restore(elsewhere, backup, AT, true).missing).toEqual([HASH]);
    expect(script('check-book', elsewhere).said).toContain(`nowhere: ${HASH}`);
    expect(script('check-book', folder).said).toContain('gone or cut short');
  });

  test('hides none of the good ones', async () => {
    const folder = await aBook(6);
    const bad = (await backUp(folder, AT)).folder;
    const good = (await backUp(folder, '2026-09-13T14:20:00.000Z')).folder;
    truncateSync(join(bad, BOOK_FILE), 5000);
    const { status, said } = script('restore-book', folder);
    expect(status).toBe(0);
    expect(said).toMatch(new RegExp(`${bad}  cannot be used: .*\n${good}  6 entries, as it was made`));
  });

  test('a book of an earlier version has its digests from its first start on', async () => {
    const folder = await aBook(5);
    const db = new Database(join(folder, BOOK_FILE));
    db.exec("DELETE FROM migrations WHERE name LIKE 'Digests%'; ALTER TABLE entry DROP COLUMN digest;");
    db.close();
    expect(prove(join(folder, BOOK_FILE)).damaged).toEqual([]);
    expect(await held(folder)).toBe(5);
    damage(join(folder, BOOK_FILE), 'note 1001', 'note 1901');
    expect(prove(join(folder, BOOK_FILE)).damaged).toMatchObject([{ seq: 2, kind: 'fish.noted' }]);
  });
});

describe('a copy', () => {
  test('is for its owner alone, by the script as by the server', async () => {
    const folder = await aBook(3);
    expect(script('back-up-book', folder).status).toBe(0);
    const [backup] = backupsOf(folder);
    for (const f of ['.', BOOK_FILE, 'copy.json', 'photos'])
      expect([f, statSync(join(backup!, f)).mode & 0o077]).toEqual([f, 0]);
    const elsewhere = join(aFolder(), 'new');
    expect(script('restore-book', elsewhere, backup!).status).toBe(0);
    for (const f of ['.', BOOK_FILE, 'photos']) expect([f, statSync(join(elsewhere, f)).mode & 0o077]).toEqual([f, 0]);
    const told = readFileSync(join(elsewhere, 'door', 'log.jsonl'), 'utf8');
    expect(told).toContain('"restored"');
  });

  test('for which there is no room leaves no half of it, and says so in the words of a server', async () => {
    const folder = await aBook(3);
    const full = jest.spyOn(Database.prototype, 'backup').mockImplementation(function (this: unknown, to: string) {
      writeFileSync(to, 'half');
      return Promise.reject(Object.assign(new Error('full'), { code: 'SQLITE_FULL' }));
    } as never);
    try {
      await expect(backUp(folder, AT)).rejects.toThrow(/no room left for a copy .* Nothing half was left/);
      expect(readdirSync(join(folder, 'backups'))).toEqual([]);
      const app = await aServer(folder);
      const { book } = (await request(app.getHttpServer()).get('/api/health')).body as { book: string };
      const res = await request(app.getHttpServer()).post('/api/backups').set('dagboek-book', book);
      expect([res.status, res.body.detail]).toEqual([507, expect.stringContaining('no room left for a copy')]);
      await app.close();
    } finally {
      full.mockRestore();
    }
  });

  test('in a folder that cannot be written is told in a sentence', () => {
    const { status, said } = script('back-up-book', '/proc/dagboek');
    expect([status, said.trim().split('\n').length]).toEqual([1, 1]);
    expect(said).not.toContain('    at ');
  });
});
