import { spawn } from 'node:child_process';
import { mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { Agent, request } from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { gzipSync } from 'node:zlib';
import { Book, type Entry, MOST_ENTRIES } from '@dagboek/journal/log';
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

/** A server of its own, as it runs at home, and how it is sent a body that is ready. */
async function aServer(): Promise<{ post: (body: string) => Promise<void>; stop: () => void }> {
  const env = { ...process.env, DAGBOEK_DATA: aFolder(), DAGBOEK_PORT: '0', DAGBOEK_LOG: 'silent' };
  const main = fileURLToPath(new URL('main.js', import.meta.url));
  const child = spawn(process.execPath, [main], { env, stdio: ['ignore', 'pipe', 'inherit'] });
  const url = await new Promise<string>((resolve) =>
    child.stdout.on('data', (said: Buffer) => {
      const found = /http:\S+(?=\/\s)/.exec(String(said))?.[0];
      if (found) resolve(found);
    }),
  );
  const agent = new Agent({ keepAlive: true });
  const headers = { 'content-type': 'application/json' };
  const post = (body: string): Promise<void> =>
    new Promise((resolve, reject) => {
      const sent = request(`${url}/api/journal`, { method: 'POST', agent, headers }, (answer) => {
        answer.resume().on('end', resolve);
        if (answer.statusCode !== 200) reject(new Error(`The server answered ${answer.statusCode}.`));
      });
      sent.on('error', reject).end(body);
    });
  return { post, stop: () => void child.kill() };
}

/** The same rows in the same transactions, by the driver alone: entries a second. */
function bareWrites(batches: readonly Entry[][]): number {
  const db = new Database(join(aFolder(), 'bare.sqlite'));
  for (const p of ['journal_mode = WAL', 'synchronous = FULL']) db.pragma(p);
  db.exec(
    'CREATE TABLE entry (seq INTEGER PRIMARY KEY AUTOINCREMENT, id TEXT NOT NULL UNIQUE, subject TEXT NOT NULL, kind TEXT NOT NULL, body TEXT NOT NULL); CREATE INDEX entry_subject ON entry (subject)',
  );
  const insert = db.prepare('INSERT INTO entry (id, subject, kind, body) VALUES (?, ?, ?, ?)');
  const write = db.transaction((list: Entry[]) => {
    for (const e of list) insert.run(e.id, e.subject, e.kind, JSON.stringify(e));
  });
  const from = performance.now();
  for (const b of batches) write(b);
  const seconds = (performance.now() - from) / 1000;
  db.close();
  return batches.flat().length / seconds;
}

/** Lines through the API against the bare driver, in turn, the middle of five rounds of each. */
async function journalAgainstBare(): Promise<void> {
  const { post, stop } = await aServer();
  const inBatches = (entries: Entry[], size: number): Entry[][] =>
    Array.from({ length: Math.ceil(entries.length / size) }, (_, i) => entries.slice(i * size, (i + 1) * size));
  const send = async (batches: readonly Entry[][]): Promise<number> => {
    const bodies = batches.map((list) => JSON.stringify({ entries: list }));
    const from = performance.now();
    for (const body of bodies) await post(body);
    return batches.flat().length / ((performance.now() - from) / 1000);
  };
  await send(inBatches(fishOf(2000).flat(), BATCH));
  for (const [size, who] of [
    [BATCH, 'one at work on a trip'],
    [MOST_ENTRIES, 'a phone that comes home'],
  ] as const) {
    const [through, bare]: [number[], number[]] = [[], []];
    for (let round = 0; round < 5; round++) {
      const batches = inBatches(fishOf(1000).flat(), size);
      through.push(await send(batches));
      bare.push(bareWrites(batches));
    }
    console.log(
      `POST /api/journal, batches of ${size} (${who}): ${Math.round(median(through))} entries/s; bare better-sqlite3, same rows and transactions: ${Math.round(median(bare))} entries/s; ratio 1 : ${(median(bare) / median(through)).toFixed(1)}`,
    );
  }
  stop();
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
