import { loadRulePacks, loadSpecies } from '@dagboek/packs';
import { startServer } from './kills.mjs';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

/** Somebody else waits no longer than this, ms: fifty of the server, and what a busy machine adds. */
const MOST_MS = 100;

const AT = '2026-09-12T12:00:00+01:00';
let n = 0;
const id = () => `01950000-0000-7000-8000-${String(++n).padStart(12, '0')}`;
const entry = (kind, facts) => ({
  id: id(),
  kind,
  subject: id(),
  at: AT,
  written: AT,
  member: 'nobody',
  device: 'd',
  facts,
});

function documents() {
  const [pack] = loadRulePacks(loadSpecies());
  const rules = (more) => entry('rules.added', { pack: { ...pack, version: `v${n}`, ...more }, from: '2026-09-12' });
  const odd = (many) => rules({ rules: Array.from({ length: many }, () => ({ a: 1 })) });
  const long = () =>
    rules({
      rules: Array.from({ length: Math.floor(360_000 / JSON.stringify(pack.rules[3]).length) }, (_, i) => ({
        ...pack.rules[3],
        id: `r${i}`,
      })),
    });
  const round = (k) =>
    Array.from({ length: 5000 }, (_, i) => [
      Math.round(1000 * (k + 0.3 * Math.cos(i / 796))) / 1000,
      Math.round(300 * Math.sin(i / 796)) / 1000,
    ]);
  return [
    [odd(4500)],
    Array.from({ length: 12 }, () => odd(4500)),
    [odd(20_000)],
    [long()],
    [long(), long()],
    [rules({ rules: [], coast: [0, 1, 2, 3].map(round) })],
    [
      rules({
        rules: [],
        coast: [Array.from({ length: 4999 }, (_, i) => [i % 2 ? 10 : 0, Math.round(i * 10) / 1000])],
      }),
    ],
    Array.from({ length: 60 }, () =>
      entry('species.added', {
        pack: 'own',
        packName: 'Own',
        species: Object.fromEntries(Array.from({ length: 1500 }, (_, i) => [`f${i}`, 1])),
      }),
    ),
    Array.from({ length: 250 }, () => entry('fish.noted', { text: 'x'.repeat(200) })),
  ];
}

/** Documents that cost much to read, while somebody else asks. */
export async function costly(times) {
  // Written before anybody is timed: the reader shares this process.
  const bodies = Array.from({ length: times }, () => documents().map((entries) => JSON.stringify({ entries }))).flat();
  const data = mkdtempSync(join(tmpdir(), 'dagboek-storm-'));
  const { child, url } = await startServer(data, { DAGBOEK_LOG: 'silent' });
  let [on, worst, sent, broken] = [true, 0, 0, 0];
  const reader = (async () => {
    while (on) {
      const asked = performance.now();
      await fetch(`${url}/api/health`).then((r) => r.json());
      worst = Math.max(worst, performance.now() - asked);
      await new Promise((r) => setTimeout(r, 3));
    }
  })();
  await new Promise((r) => setTimeout(r, 1000));
  worst = 0;
  for (const body of bodies) {
    const res = await fetch(`${url}/api/journal`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body,
    });
    sent++;
    if (res.status >= 500 || !(await res.json()).receipts?.every((r) => r.status === 'accepted' || r.why)) broken++;
  }
  on = false;
  await reader;
  const ended = new Promise((r) => child.once('exit', r));
  child.kill('SIGTERM');
  await ended;
  rmSync(data, { recursive: true, force: true });
  return {
    tried: `${sent} batches; somebody else waited ${Math.round(worst)} ms at most`,
    lost: 0,
    broken: broken + (worst < MOST_MS ? 0 : 1),
  };
}
