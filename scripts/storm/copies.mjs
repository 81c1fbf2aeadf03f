import { spawnSync } from 'node:child_process';
import { cpSync, mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import Database from 'better-sqlite3';
import { backUp, lookAtBackup, restore } from '../../server/dist/storage/backup.js';
import { idsOf, post, startServer } from './kills.mjs';
import { randomUUID } from 'node:crypto';

const STEPS = ['proven', 'noted', 'copied', 'pictures', 'set aside', 'swapped'];
const folder = () => mkdtempSync(join(tmpdir(), 'dagboek-storm-'));

const note = (i) => {
  const at = new Date(Date.now() - 60_000).toISOString();
  const id = randomUUID().replace(/^(.{14})4/, '$17');
  return {
    id,
    kind: 'fish.noted',
    subject: id,
    at,
    written: at,
    member: 'nobody',
    device: 'd',
    facts: { text: `caught ${1000 + i} of them` },
  };
};
async function stop(child) {
  const ended = new Promise((r) => child.once('exit', r));
  child.kill('SIGTERM');
  await ended;
}
/** A book of so many lines, ended in order. */
async function aBook(lines) {
  const data = folder();
  const { child, url } = await startServer(data);
  for (let i = 0; i < lines; i += 100)
    await post(
      url,
      Array.from({ length: Math.min(100, lines - i) }, (_, k) => note(i + k)),
    );
  await stop(child);
  return data;
}

/** A restore that is killed after each of its steps: told at the start, and whole once it is done again. */
export async function restoresKilled(times) {
  const source = await aBook(300);
  const { folder: copy } = await backUp(source, new Date().toISOString());
  let [lost, broken, tried] = [0, 0, 0];
  for (let i = 0; i < times; i++)
    for (const step of STEPS) {
      tried++;
      const data = folder();
      const before = await aBook(20);
      cpSync(before, data, { recursive: true });
      const work = `
        import { restore } from './server/dist/storage/backup.js';
        restore(${JSON.stringify(data)}, ${JSON.stringify(copy)}, new Date().toISOString(), false,
          (s) => s === ${JSON.stringify(step)} && process.kill(process.pid, 'SIGKILL'));`;
      spawnSync(process.execPath, ['--input-type=module', '-e', work]);
      const told = await startServer(data).then(
        async ({ child, url }) => {
          const n = (await idsOf(url)).size;
          await stop(child);
          return n;
        },
        (e) => String(e),
      );
      // Before anything was touched the old book opens; afterwards it is said. Never a new one.
      if (step === 'proven' ? told !== 20 : !/cut short/.test(String(told))) broken++;
      restore(data, copy, new Date(Date.now() + 1000).toISOString());
      const { child, url } = await startServer(data);
      lost += 300 - (await idsOf(url)).size;
      await stop(child);
      const aside = readdirSync(data).some(
        (f) => f.startsWith('set-aside-') && readdirSync(join(data, f)).includes('dagboek.sqlite'),
      );
      if (!aside) lost += 20;
      for (const d of [data, before]) rmSync(d, { recursive: true, force: true });
    }
  rmSync(source, { recursive: true, force: true });
  return { tried: `${tried} kills, after each of ${STEPS.length} steps`, lost, broken };
}

const linesOf = (file) => {
  const db = new Database(file, { readonly: true });
  try {
    return JSON.stringify(db.prepare('SELECT seq, id, kind, body FROM entry ORDER BY seq').all());
  } finally {
    db.close();
  }
};

/** Copies with one digit or one byte that is another: each that says something else is found. */
export async function damagedCopies(times, rng) {
  const source = await aBook(300);
  const { folder: copy } = await backUp(source, new Date().toISOString());
  const file = join(copy, 'dagboek.sqlite');
  const [whole, said] = [readFileSync(file), linesOf(file)];
  let [found, harmless, broken] = [0, 0, 0];
  for (let i = 0; i < times; i++) {
    const bytes = Buffer.from(whole);
    const at = Math.floor(rng() * bytes.length);
    // A digit of a line, or any byte.
    const from = i % 2 === 0 ? bytes.indexOf('caught 1', at) + 7 : at;
    bytes[from] = i % 2 === 0 ? 0x39 : bytes[from] ^ (1 << Math.floor(rng() * 8));
    writeFileSync(file, bytes);
    let troubles;
    try {
      ({ troubles } = lookAtBackup(copy));
    } catch (e) {
      troubles = [String(e)];
    }
    let same;
    try {
      same = linesOf(file) === said;
    } catch {
      same = false;
    }
    if (troubles.length > 0) found++;
    else if (same) harmless++;
    else broken++;
  }
  rmSync(source, { recursive: true, force: true });
  return { tried: `${times} copies; ${found} told, ${harmless} say what they said`, lost: 0, broken };
}
