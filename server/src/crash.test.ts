import 'reflect-metadata';
import { spawn, type ChildProcess } from 'node:child_process';
import { existsSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { afterEach, expect, test } from '@jest/globals';
import type { Entry } from '@dagboek/journal/log';
import { v7 } from 'uuid';
import { aFolder } from './test-server.test-support.ts';

const MAIN = fileURLToPath(new URL('../dist/main.js', import.meta.url));
const running: ChildProcess[] = [];
afterEach(() => running.splice(0).forEach((p) => p.kill('SIGKILL')));

/** The built server as a process of its own; resolves with its address once it listens. */
function start(folder: string): Promise<{ process: ChildProcess; url: string }> {
  const child = spawn(process.execPath, [MAIN], {
    env: { ...process.env, DAGBOEK_DATA: folder, DAGBOEK_PORT: '0', DAGBOEK_WEB: '' },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  running.push(child);
  return new Promise((resolve, reject) => {
    let said = '';
    child.stdout?.on('data', (d: Buffer) => {
      said += String(d);
      const url = /http:\S+?(?=\/\s)/.exec(said)?.[0];
      if (url) resolve({ process: child, url });
    });
    child.on('exit', () => reject(new Error(`the server stopped: ${said}`)));
  });
}

const note = (subject: string, i: number): Entry => {
  const at = new Date(Date.now() - 60_000).toISOString();
  return {
    id: v7(),
    kind: 'fish.noted',
    subject,
    at,
    written: at,
    member: 'm',
    device: 'd',
    facts: { text: `note ${i}` },
  };
};

test('killed in the middle of a stream of writes, every acknowledged entry is there after a restart', async () => {
  expect(existsSync(MAIN)).toBe(true);
  const folder = aFolder();
  const subject = v7();
  const acknowledged = new Set<string>();
  let server = await start(folder);
  for (let round = 0; round < 3; round++) {
    const { url, process: child } = server;
    // Killed while a later batch is on its way: by count, so that a slow machine has written something too.
    const killAt = 6 + round * 5;
    try {
      for (let i = 0; ; i++) {
        if (i === killAt) setTimeout(() => child.kill('SIGKILL'), round * 2);
        const batch = Array.from({ length: 5 }, (_, k) => note(subject, i * 5 + k));
        const res = await fetch(`${url}/api/journal`, {
          method: 'POST',
          headers: { 'content-type': 'application/json' },
          body: JSON.stringify({ entries: batch }),
        });
        const { receipts } = (await res.json()) as { receipts: { id: string; status: string }[] };
        for (const r of receipts) if (r.status === 'accepted') acknowledged.add(r.id);
      }
    } catch {
      // The connection broke: that is the kill.
    }
    server = await start(folder);
    const held = new Set<string>();
    for (let after = 0, more = true; more;) {
      const page = (await (await fetch(`${server.url}/api/journal?after=${after}`)).json()) as {
        entries: Entry[];
        last: number;
        more: boolean;
      };
      for (const e of page.entries) {
        expect(held.has(e.id)).toBe(false);
        held.add(e.id);
      }
      ({ last: after, more } = page);
    }
    expect(acknowledged.size).toBeGreaterThan(0);
    expect([...acknowledged].filter((id) => !held.has(id))).toEqual([]);
  }
}, 60_000);
