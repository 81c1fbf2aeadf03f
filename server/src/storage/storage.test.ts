import 'reflect-metadata';
import { spawnSync } from 'node:child_process';
import {
  copyFileSync,
  existsSync,
  mkdirSync,
  readdirSync,
  readFileSync,
  renameSync,
  rmSync,
  statSync,
  truncateSync,
  writeFileSync,
} from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { afterEach, describe, expect, test } from '@jest/globals';
import type { NestExpressApplication } from '@nestjs/platform-express';
import request from 'supertest';
import { DataSource } from 'typeorm';
import { anEntry, idOf } from '../../../journal/src/builders.test-support.ts';
import { aFolder, aServer } from '../test-server.test-support.ts';
import { backUp, backupsOf, restore } from './backup.ts';
import { BOOK_FILE, LAST_KNOWN_FILE } from './look-at-folder.ts';
import { prove } from './prove.ts';

const open: NestExpressApplication[] = [];
afterEach(async () => {
  for (const app of open.splice(0)) await app.close();
});
const start = async (folder: string): Promise<NestExpressApplication> => {
  const app = await aServer(folder);
  open.push(app);
  return app;
};
const note = (n: number) =>
  anEntry(
    'fish.noted',
    idOf('f'),
    { text: `note ${n}` },
    { member: 'nobody', id: `01920000-0000-7000-8000-${String(n).padStart(12, '0')}` },
  );
const write = async (app: NestExpressApplication, from: number, to: number): Promise<void> => {
  const entries = Array.from({ length: to - from }, (_, i) => note(from + i));
  const res = await request(app.getHttpServer()).post('/api/journal').send({ entries });
  expect(res.body.receipts.every((r: { status: string }) => r.status === 'accepted')).toBe(true);
};
const held = async (app: NestExpressApplication): Promise<number> =>
  (await request(app.getHttpServer()).get('/api/health')).body.entries as number;
/** A book of some entries, closed in order; answers its folder. */
async function aBook(entries: number): Promise<string> {
  const folder = aFolder();
  const app = await aServer(folder);
  await write(app, 0, entries);
  await app.close();
  return folder;
}

describe('the one file', () => {
  test('holds the whole book after an orderly end: a copy of it alone is a copy of the book', async () => {
    const folder = await aBook(40);
    expect(statSync(join(folder, BOOK_FILE)).size).toBeGreaterThan(8192);
    const copy = aFolder();
    copyFileSync(join(folder, BOOK_FILE), join(copy, BOOK_FILE));
    expect(await held(await start(copy))).toBe(40);
  });
});

describe('a used folder never becomes a new book', () => {
  const refuses = async (folder: string, says: RegExp): Promise<void> => {
    const before = readdirSync(folder).sort();
    await expect(aServer(folder)).rejects.toThrow(says);
    expect(readdirSync(folder).sort()).toEqual(before);
  };
  test('when its file is empty', async () => {
    const folder = await aBook(3);
    truncateSync(join(folder, BOOK_FILE), 0);
    await refuses(folder, /is empty: a copy that was cut short/);
  });
  test('when its file is gone and its pictures are there', async () => {
    const folder = aFolder();
    mkdirSync(join(folder, 'photos'));
    await refuses(folder, /held a book \(photos\), and its file dagboek\.sqlite is gone/);
  });
  test('when its file is of another kind, or a copy that left its -wal behind', async () => {
    const other = aFolder();
    writeFileSync(join(other, BOOK_FILE), 'a shopping list, longer than a header');
    await refuses(other, /is no book: it is another kind of file/);
    // A server that runs has all of it in the -wal.
    const folder = aFolder();
    const app = await start(folder);
    await write(app, 0, 3);
    const copy = aFolder();
    copyFileSync(join(folder, BOOK_FILE), join(copy, BOOK_FILE));
    await expect(aServer(copy)).rejects.toThrow(/holds nothing: it was copied without/);
  });
  test('when its pages are damaged', async () => {
    const folder = await aBook(200);
    const file = join(folder, BOOK_FILE);
    // All but the first page, which says where everything lies.
    const pages = readFileSync(file);
    writeFileSync(file, pages.fill(0xff, 4096));
    await expect(aServer(folder)).rejects.toThrow(/is damaged/);
    // A copy that was cut in half: SQLite finds it before it is asked.
    const half = await aBook(200);
    truncateSync(join(half, BOOK_FILE), Math.floor(statSync(join(half, BOOK_FILE)).size / 8192) * 4096);
    await expect(aServer(half)).rejects.toThrow(/is damaged/);
  });
  test('when the folder is a file', async () => {
    const file = join(aFolder(), 'book');
    writeFileSync(file, 'x');
    await expect(aServer(file)).rejects.toThrow(/is a file, and the book needs a folder/);
  });
  test('an empty folder, and one that is not there yet, are new books', async () => {
    expect(await held(await start(aFolder()))).toBe(0);
    expect(await held(await start(join(aFolder(), 'new', 'book')))).toBe(0);
  });
});

test('on a full disk what does not fit is refused, what is taken afterwards is kept, and the device is told', async () => {
  const folder = await aBook(5);
  const app = await aServer(folder);
  const db = app.get(DataSource);
  const [{ page_count: pages }] = (await db.query('PRAGMA page_count')) as [{ page_count: number }];
  await db.query(`PRAGMA max_page_count = ${pages + 6}`);
  const answers: number[] = [];
  for (let i = 0; i < 12; i++) {
    const entries = Array.from({ length: 20 }, (_, k) => note(100 + i * 20 + k));
    const res = await request(app.getHttpServer()).post('/api/journal').send({ entries });
    answers.push(res.status);
    if (res.status === 507) expect(res.body.detail).toContain('no room left');
  }
  expect(answers).toContain(200);
  expect(answers.at(-1)).toBe(507);
  await db.query('PRAGMA max_page_count = 1000000');
  await write(app, 900, 910);
  const before = await held(app);
  await app.close();
  expect(await held(await start(folder))).toBe(before);
  expect(before).toBe(5 + 20 * answers.filter((a) => a === 200).length + 10);
});

describe('a log that reaches less far than it did', () => {
  const lost = async (): Promise<string> => {
    const folder = await aBook(20);
    const old = aFolder();
    copyFileSync(join(folder, BOOK_FILE), join(old, BOOK_FILE));
    const app = await aServer(folder);
    await write(app, 20, 30);
    await app.close();
    copyFileSync(join(old, BOOK_FILE), join(folder, BOOK_FILE));
    return folder;
  };
  test('is said at the start, with the way out', async () => {
    await expect(aServer(await lost())).rejects.toThrow(/has 20 entries, and had 30 .* DAGBOEK_ACCEPT_LOSS=1/);
  });
  test('is noticed too where it was written to since, on another machine', async () => {
    const folder = await lost();
    const elsewhere = aFolder();
    copyFileSync(join(folder, BOOK_FILE), join(elsewhere, BOOK_FILE));
    const app = await aServer(elsewhere);
    await write(app, 40, 60);
    await app.close();
    copyFileSync(join(elsewhere, BOOK_FILE), join(folder, BOOK_FILE));
    await expect(aServer(folder)).rejects.toThrow(/does not say what it said/);
  });
  test('once accepted it goes on, and is accepted from then on', async () => {
    const folder = await lost();
    const app = await aServer(folder, true);
    expect(await held(app)).toBe(20);
    await app.close();
    expect(await held(await start(folder))).toBe(20);
  });
  test('restored on purpose, it is not lost; half a note of it is passed over', async () => {
    const folder = await aBook(5);
    const { folder: backup } = await backUp(folder, '2026-09-12T14:20:00Z');
    const app = await aServer(folder);
    await write(app, 5, 9);
    await app.close();
    restore(folder, backup, '2026-09-12T15:00:00Z');
    const again = await aServer(folder);
    expect(await held(again)).toBe(5);
    await again.close();
    writeFileSync(join(folder, LAST_KNOWN_FILE), '{"book": "x');
    expect(await held(await start(folder))).toBe(5);
  });
  test('with its file gone, the note alone says that it was used', async () => {
    const folder = await aBook(1);
    rmSync(join(folder, BOOK_FILE));
    await expect(aServer(folder)).rejects.toThrow(/held a book \(dagboek\.last\)/);
  });
});

describe('one server at a time', () => {
  test('a second one on the same folder says who has it, and the first goes on', async () => {
    const folder = aFolder();
    const app = await start(folder);
    await expect(aServer(folder)).rejects.toThrow(/Another server has the book in .* open/);
    await write(app, 0, 3);
    expect(await held(app)).toBe(3);
    await app.close();
    open.length = 0;
    expect(await held(await start(folder))).toBe(3);
  });
  test('nothing is put back under a server that runs', async () => {
    const folder = await aBook(5);
    const made = await backUp(folder, '2026-09-12T14:20:00.000Z');
    await start(folder);
    expect(() => restore(folder, made.folder, '2026-09-13T08:00:00.000Z')).toThrow(/Another server has the book/);
  });
  test('a file that is taken away while it runs takes no line with it: nothing is called written', async () => {
    const folder = aFolder();
    const app = await start(folder);
    await write(app, 0, 3);
    renameSync(join(folder, BOOK_FILE), join(folder, 'elsewhere'));
    const gone = await request(app.getHttpServer())
      .post('/api/journal')
      .send({ entries: [note(9)] });
    expect(gone.status).toBe(503);
    expect(gone.body.detail).toContain('was taken away while the server runs. Nothing was written.');
    expect(await held(app)).toBe(3);
    renameSync(join(folder, 'elsewhere'), join(folder, BOOK_FILE));
    await write(app, 9, 10);
  });
});

test('started on such a folder, the server says one sentence and ends', () => {
  const folder = aFolder();
  writeFileSync(join(folder, BOOK_FILE), '');
  const main = fileURLToPath(new URL('../../dist/main.js', import.meta.url));
  const run = spawnSync(process.execPath, [main], {
    env: { ...process.env, DAGBOEK_DATA: folder, DAGBOEK_PORT: '0', DAGBOEK_WEB: '' },
    encoding: 'utf8',
  });
  expect(run.status).toBe(1);
  expect(run.stderr.trim().split('\n')).toEqual([
    `${join(folder, BOOK_FILE)} is empty: a copy that was cut short. Put a backup back with \`npm run restore\`, or, for a new book, start with DAGBOEK_DATA set to an empty folder.`,
  ]);
});

describe('a backup', () => {
  test('is made while the server writes, with the pictures, is read again, and can be put back', async () => {
    const folder = aFolder();
    const app = await start(folder);
    await write(app, 0, 30);
    mkdirSync(join(folder, 'photos'));
    writeFileSync(join(folder, 'photos', 'aa.large.jpg'), 'picture');
    const made = await backUp(folder, '2026-09-12T14:20:00.000Z');
    expect(made).toMatchObject({ entries: 30, pictures: 1, dropped: [] });
    await write(app, 30, 50);
    await app.close();
    open.length = 0;
    const back = restore(folder, made.folder, '2026-09-13T08:00:00.000Z');
    expect(back.entries).toBe(30);
    expect(await held(await start(folder))).toBe(30);
    // What was there is set aside, whole.
    expect(prove(join(back.aside!, BOOK_FILE)).entries).toBe(50);
  });

  test('goes into a folder that holds nothing yet', async () => {
    const folder = await aBook(5);
    mkdirSync(join(folder, 'photos'));
    writeFileSync(join(folder, 'photos', 'aa.small.jpg'), 'picture');
    const made = await backUp(folder, '2026-09-12T14:20:00.000Z');
    const elsewhere = join(aFolder(), 'new');
    expect(restore(elsewhere, made.folder, '2026-09-13T08:00:00.000Z')).toEqual({
      entries: 5,
      aside: null,
      missing: [],
    });
    expect(existsSync(join(elsewhere, 'photos', 'aa.small.jpg'))).toBe(true);
    expect(await held(await start(elsewhere))).toBe(5);
  });

  test('of a folder without a book says so', async () => {
    await expect(backUp(aFolder(), '2026-09-12T14:20:00.000Z')).rejects.toThrow(/There is no book in/);
  });

  test('of a damaged file is refused, and nothing is set aside for it', async () => {
    const folder = await aBook(5);
    const bad = aFolder();
    writeFileSync(join(bad, BOOK_FILE), 'no book at all, but long enough to be read as one');
    expect(() => restore(folder, bad, '2026-09-13T08:00:00.000Z')).toThrow(/no book that can be read/);
    expect(await held(await start(folder))).toBe(5);
  });

  test('the last of the newest seven days stay, and of older ones the last of each month', async () => {
    const folder = await aBook(1);
    const days = [
      '2026-06-01',
      '2026-06-20',
      '2026-07-04',
      '2026-07-31',
      '2026-08-01',
      '2026-08-02',
      '2026-08-03',
      '2026-08-04',
      '2026-08-05',
      '2026-08-06',
      '2026-08-07',
    ];
    for (const d of days) await backUp(folder, `${d}T12:00:00.000Z`);
    expect(backupsOf(folder).map((b) => b.slice(-23, -13))).toEqual(['2026-06-20', '2026-07-31', ...days.slice(4)]);
    // Seven taps in a minute take away none of the other days.
    for (let i = 0; i < 7; i++) await backUp(folder, `2026-08-07T18:00:0${i}.000Z`);
    expect(backupsOf(folder).map((b) => b.slice(-23, -13))).toEqual([
      '2026-06-20',
      '2026-07-31',
      ...days.slice(4),
      '2026-08-07',
    ]);
    await expect(backUp(folder, '2026-08-07T18:00:06.000Z')).rejects.toThrow('backup of this moment already');
  });
});
