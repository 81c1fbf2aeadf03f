import { mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { Book, type Entry } from '@dagboek/journal/log';
import Database from 'better-sqlite3';
import { v7 } from 'uuid';
import { Clock } from './common/clock.ts';
import { Config } from './common/config.ts';
import { createApp } from './create-app.ts';
import { FishController } from './fish/fish.controller.ts';
import { JournalService } from './journal/journal.service.ts';

/** `npm run bench`: speed as ratios, on temporary databases. Nothing here is a test; numbers differ from machine to machine. */
const BATCH = 50;
const folders: string[] = [];
const aFolder = (): string => {
  const f = mkdtempSync(join(tmpdir(), 'dagboek-bench-'));
  folders.push(f);
  return f;
};
const median = (xs: number[]): number => [...xs].sort((a, b) => a - b)[Math.floor(xs.length / 2)] ?? 0;

/** A fish of four entries on one of many trips. */
function aFish(trip: string, minute: number): Entry[] {
  const subject = v7();
  const at = new Date(Date.now() - 86_400_000 + minute * 1000).toISOString();
  const entry = (kind: string, facts: Record<string, unknown>): Entry => ({
    id: v7(),
    kind,
    subject,
    at,
    written: at,
    member: 'bench',
    device: 'bench',
    facts,
  });
  return [
    entry('fish.landed', { trip, angler: 'bench', count: 1, species: 'pollack' }),
    entry('fish.measured', { lengthMm: 440, lengthKind: 'total', method: 'board' }),
    entry('fish.dispatched', { how: 'brain spike' }),
    entry('fish.iced', { box: 'box', how: 'slurry' }),
  ];
}
const fishOf = (n: number): Entry[][] => {
  let trip = v7();
  return Array.from({ length: n }, (_, i) => {
    if (i % 12 === 0) trip = v7();
    return aFish(trip, i);
  });
};

async function journalAgainstBare(): Promise<void> {
  const entries = fishOf(1000).flat();
  const batches = Array.from({ length: entries.length / BATCH }, (_, i) => entries.slice(i * BATCH, (i + 1) * BATCH));
  const app = await createApp(new Config('127.0.0.1', 0, aFolder(), null, false, false, null, 'silent'), new Clock());
  const server = await app.listen(0, '127.0.0.1');
  const { port } = server.address() as { port: number };
  const post = (list: Entry[]): Promise<Response> =>
    fetch(`http://127.0.0.1:${port}/api/journal`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ entries: list }),
    });
  for (const b of fishOf(50)) await (await post(b)).json();
  let t = performance.now();
  for (const b of batches) await (await post(b)).json();
  const throughServer = entries.length / ((performance.now() - t) / 1000);
  await app.close();

  const db = new Database(join(aFolder(), 'bare.sqlite'));
  for (const p of ['journal_mode = WAL', 'synchronous = FULL']) db.pragma(p);
  db.exec(
    'CREATE TABLE entry (seq INTEGER PRIMARY KEY AUTOINCREMENT, id TEXT NOT NULL UNIQUE, subject TEXT NOT NULL, kind TEXT NOT NULL, body TEXT NOT NULL); CREATE INDEX entry_subject ON entry (subject)',
  );
  const insert = db.prepare('INSERT INTO entry (id, subject, kind, body) VALUES (?, ?, ?, ?)');
  const write = db.transaction((list: Entry[]) => {
    for (const e of list) insert.run(e.id, e.subject, e.kind, JSON.stringify(e));
  });
  t = performance.now();
  for (const b of batches) write(b);
  const bare = entries.length / ((performance.now() - t) / 1000);
  db.close();
  console.log(
    `POST /api/journal, batches of ${BATCH}: ${Math.round(throughServer)} entries/s; bare better-sqlite3, same rows and transactions: ${Math.round(bare)} entries/s; ratio 1 : ${(bare / throughServer).toFixed(1)}`,
  );
}

async function fishPage(): Promise<void> {
  const app = await createApp(new Config('127.0.0.1', 0, aFolder(), null, false, false, null, 'silent'), new Clock());
  await app.init();
  const journal = app.get(JournalService);
  const service = app.get(FishController);
  const times: number[] = [];
  let held = 0;
  const ids: string[] = [];
  for (const size of [1000, 20_000]) {
    for (const chunk = 200; held < size; held += chunk) {
      const fish = fishOf(chunk);
      ids.push(...fish.map((f) => f[0]?.subject ?? ''));
      await journal.append(fish.flat());
    }
    const runs: number[] = [];
    for (let i = 0; i < 400; i++) {
      const id = ids[(i * 7919) % ids.length] ?? '';
      const t = performance.now();
      service.line(id);
      runs.push(performance.now() - t);
    }
    times.push(median(runs));
    console.log(`Fish page's query at ${size} fish: median ${median(runs).toFixed(2)} ms`);
  }
  console.log(`  20,000 against 1,000 fish: ${((times[1] ?? 0) / (times[0] ?? 1)).toFixed(2)} times as long`);
  await app.close();
}

function folding(): void {
  for (const n of [500, 5000]) {
    const entries = fishOf(n).flat();
    const t = performance.now();
    const book = Book.EMPTY.withEntries(entries);
    const whole = performance.now() - t;
    const extra = aFish(v7(), 1);
    const u = performance.now();
    book.withEntries(extra);
    console.log(
      `Folding ${n} fish (${entries.length} entries): ${whole.toFixed(0)} ms; one more fish on top: ${(performance.now() - u).toFixed(1)} ms`,
    );
  }
}

function firstLoad(): void {
  const dist = new URL('../../web/dist/', import.meta.url);
  const html = readFileSync(new URL('index.html', dist), 'utf8');
  const first = [...html.matchAll(/(?:src|href)="\/(assets\/[^"]+\.js)"/g)].map((m) => m[1] ?? '');
  const size = (f: string): number => gzipSync(readFileSync(new URL(f, dist))).length;
  const all = readdirSync(new URL('assets/', dist)).filter((f) => f.endsWith('.js'));
  console.log(
    `Script before the first paint: ${Math.round(first.reduce((n, f) => n + size(f), 0) / 1000)} kB gzip of at most 350; the whole interface, loaded page by page: ${Math.round(all.reduce((n, f) => n + size(`assets/${f}`), 0) / 1000)} kB`,
  );
}

await journalAgainstBare();
await fishPage();
folding();
firstLoad();
for (const f of folders) rmSync(f, { recursive: true, force: true });
