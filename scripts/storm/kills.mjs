import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { randomUUID } from 'node:crypto';

/** The built server as a process of its own; resolves with its address once it listens. */
export function startServer(data, more = {}) {
  const child = spawn(process.execPath, ['server/dist/main.js'], {
    env: { ...process.env, DAGBOEK_DATA: data, DAGBOEK_PORT: '0', DAGBOEK_WEB: '', ...more },
    stdio: ['ignore', 'pipe', 'pipe'],
  });
  return new Promise((resolve, reject) => {
    let said = '';
    const hear = (d) => {
      said += String(d);
      const url = /http:\S+?(?=\/\s)/.exec(said)?.[0];
      if (url) resolve({ child, url });
    };
    child.stdout.on('data', hear);
    child.stderr.on('data', (d) => (said += String(d)));
    child.on('exit', () => reject(new Error(`the server stopped: ${said}`)));
  });
}

const note = () => {
  const at = new Date(Date.now() - 60_000).toISOString();
  // An id of version 7 in form; its time does not matter here.
  const id = randomUUID().replace(/^(.{14})4/, '$17');
  return {
    id,
    kind: 'fish.noted',
    subject: id,
    at,
    written: at,
    member: 'nobody',
    device: 'd',
    facts: { text: 'x'.repeat(200) },
  };
};
export const post = async (url, entries) =>
  (
    await fetch(`${url}/api/journal`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ entries }),
    })
  ).json();
export async function idsOf(url) {
  const ids = new Set();
  for (let after = 0, more = true; more;) {
    const page = await (await fetch(`${url}/api/journal?after=${after}&limit=5000`)).json();
    for (const e of page.entries) ids.add(e.id);
    ({ last: after, more } = page);
  }
  return ids;
}

/** Kills the server so many times while four writers send; what was acknowledged must be there. */
export async function kills(times, rng) {
  const data = mkdtempSync(join(tmpdir(), 'dagboek-storm-'));
  const acknowledged = new Set();
  let broken = 0;
  for (let i = 0; i < times; i++) {
    const { child, url } = await startServer(data);
    let alive = true;
    child.once('exit', () => (alive = false));
    const writer = async () => {
      while (alive) {
        const batch = Array.from({ length: 5 }, note);
        const answer = await post(url, batch).catch(() => null);
        for (const r of answer?.receipts ?? []) if (r.status === 'accepted') acknowledged.add(r.id);
      }
    };
    const writers = [writer(), writer(), writer(), writer()];
    await new Promise((r) => setTimeout(r, 30 + rng() * 250));
    child.kill('SIGKILL');
    await Promise.all(writers);
  }
  const { child, url } = await startServer(data);
  const held = await idsOf(url);
  const lost = [...acknowledged].filter((id) => !held.has(id)).length;
  if ((await (await fetch(`${url}/api/health`)).json()).entries !== held.size) broken++;
  const ended = new Promise((r) => child.once('exit', r));
  child.kill('SIGTERM');
  await ended;
  rmSync(data, { recursive: true, force: true });
  return { tried: `${times} kills, ${acknowledged.size} acknowledged lines`, lost, broken };
}

/** A file that may not grow any more: what does not fit is refused, what was acknowledged stays, and the server goes on. */
export async function fullDisk(rng) {
  const data = mkdtempSync(join(tmpdir(), 'dagboek-storm-'));
  const first = await startServer(data);
  const acknowledged = new Set();
  const take = (answer) => {
    for (const r of answer?.receipts ?? []) if (r.status === 'accepted') acknowledged.add(r.id);
  };
  take(await post(first.url, Array.from({ length: 50 }, note)));
  let ended = new Promise((r) => first.child.once('exit', r));
  first.child.kill('SIGTERM');
  await ended;
  // The limit of the shell stands in for a full disk: writes beyond it fail as they do there.
  const child = spawn('bash', ['-c', `trap '' XFSZ; ulimit -f 600; exec ${process.execPath} server/dist/main.js`], {
    env: { ...process.env, DAGBOEK_DATA: data, DAGBOEK_PORT: '0', DAGBOEK_WEB: '', DAGBOEK_LOG: 'silent' },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  const url = await new Promise((resolve, reject) => {
    child.stdout.on('data', (d) => {
      const m = /http:\S+?(?=\/\s)/.exec(String(d));
      if (m) resolve(m[0]);
    });
    child.on('exit', () => reject(new Error('the server on a full disk stopped')));
  });
  let refused = 0;
  for (let i = 0; i < 60; i++) {
    const answer = await post(url, Array.from({ length: 10 + Math.floor(rng() * 40) }, note));
    if (answer.receipts) take(answer);
    else refused++;
  }
  const reads = (await fetch(`${url}/api/journal`)).status === 200;
  ended = new Promise((r) => child.once('exit', r));
  child.kill('SIGTERM');
  await ended;
  const after = await startServer(data);
  const held = await idsOf(after.url);
  const lost = [...acknowledged].filter((id) => !held.has(id)).length;
  ended = new Promise((r) => after.child.once('exit', r));
  after.child.kill('SIGTERM');
  await ended;
  rmSync(data, { recursive: true, force: true });
  return {
    tried: `60 batches, ${refused} of them beyond the room there was`,
    lost,
    broken: (reads ? 0 : 1) + (refused > 0 ? 0 : 1),
  };
}
