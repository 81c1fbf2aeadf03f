import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { setTimeout as wait } from 'node:timers/promises';
import { chromium } from '@playwright/test';
import { ensureBuilt } from './lib/ensure-built.mjs';
import { ensureChromium } from './lib/ensure-chromium.mjs';
import { ensureInstalled } from './lib/ensure-installed.mjs';

/**
 * `npm run bench:browser`: what every view and the taps of the Deck cost in the browser with the demo's book, and with one
 * of 5,000 and of 20,000 fish, in one run. Wall: from the tap to the last change of the page; script: what the page's own
 * thread was busy with. The aim: 1.5 times the demo's at 5,000 fish, twice at 20,000.
 */
ensureInstalled();
ensureBuilt();
const executablePath = ensureChromium();
const { loadRulePacks, loadSpecies, olderSeasons, skerrowSeason } = await import('@dagboek/packs');

const NOW = '2026-09-12T14:20:00+01:00';
/** Fish that the demo has, roughly: so many copies make a book of so many fish. */
const [, , ...asked] = process.argv;
const SIZES = (asked.length > 0 ? asked.map(Number) : [0, 5_000, 20_000]).sort((a, b) => a - b);
const ROUNDS = 3;
/** Nothing changed for so long: the view stands. */
const QUIET_MS = 600;
const LONGEST_MS = 60_000;
const VIEWS = [
  '/plan',
  '/deck',
  '/box',
  '/board',
  '/larder',
  '/larder/season',
  '/table',
  '/table/new',
  '/book',
  '/catalogue',
  '/board/yields',
  '/plan/map',
  '/plan/rules',
  '/plan/officer',
  '/hurt',
  '/all',
];

const species = loadSpecies();
const rules = loadRulePacks(species).find((p) => p.id === 'skerrow-isles');
const servers = [];
const season = skerrowSeason(species, rules);
const fishOfDemo = season.filter((e) => e.kind === 'fish.landed').length;

async function serverWith(fish) {
  const data = mkdtempSync(join(tmpdir(), 'dagboek-bench-'));
  const env = { DAGBOEK_DATA: data, DAGBOEK_PORT: '0', DAGBOEK_WEB: 'web/dist', DAGBOEK_DEMO: '1' };
  const child = spawn(process.execPath, ['server/dist/main.js'], {
    env: { ...process.env, ...env, DAGBOEK_NOW: NOW, DAGBOEK_CLOCK: 'still', DAGBOEK_LOG: 'silent' },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  servers.push(child);
  const url = await new Promise((resolve) =>
    child.stdout.on('data', (d) => {
      const found = /http:\S+(?=\/\s)/.exec(String(d))?.[0];
      if (found) resolve(found);
    }),
  );
  const older = olderSeasons(season, Math.max(0, Math.round((fish - fishOfDemo) / fishOfDemo)), rules.timeZone);
  for (let i = 0; i < older.length; i += 250) {
    const res = await fetch(`${url}/api/journal`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ entries: older.slice(i, i + 250) }),
    });
    const { receipts } = await res.json();
    const odd = receipts.find((r) => r.status !== 'accepted');
    if (odd) throw new Error(`The older seasons do not keep the rules: ${JSON.stringify(odd)}`);
  }
  return {
    url,
    entries: older.length + season.length,
    stop: () => (child.kill(), rmSync(data, { recursive: true, force: true })),
  };
}

/** An answer, or something else where the page is too busy to give one. */
const within = (asked, otherwise) => Promise.race([asked.catch(() => otherwise), wait(2000, otherwise)]);

const median = (xs) => [...xs].sort((a, b) => a - b)[Math.floor(xs.length / 2)] ?? 0;

/** Rows of one book: what was done, and its wall and script in ms, the middle of some rounds. */
async function measure(fish) {
  const server = await serverWith(fish);
  const profile = mkdtempSync(join(tmpdir(), 'dagboek-bench-browser-'));
  const context = await chromium.launchPersistentContext(profile, {
    executablePath,
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    serviceWorkers: 'block',
    args: ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking'],
  });
  await context.addInitScript(() => {
    globalThis.changedAt = 0;
    new MutationObserver(() => (globalThis.changedAt = performance.timeOrigin + performance.now())).observe(document, {
      subtree: true,
      childList: true,
      attributes: true,
      characterData: true,
    });
  });
  const rows = new Map();
  const opened = async () => {
    const page = await context.newPage();
    const cdp = await context.newCDPSession(page);
    page.setDefaultTimeout(15_000);
    await cdp.send('Performance.enable');
    return { page, cdp };
  };
  const scriptMs = async (cdp) =>
    (await cdp.send('Performance.getMetrics')).metrics.find((m) => m.name === 'ScriptDuration').value * 1000;
  /** Does something, waits until the page changes no more, and notes what it took. */
  const timed = async (name, { page, cdp }, act, count = true) => {
    if (process.env.LOUD) console.error(name, new Date().toISOString());
    const [from, script] = [Date.now(), await scriptMs(cdp)];
    await act(page);
    let [done, busy] = [from, script];
    for (const until = from + LONGEST_MS; Date.now() < until; await wait(50)) {
      const [at, now] = [
        await within(
          page.evaluate(() => globalThis.changedAt),
          0,
        ),
        await scriptMs(cdp),
      ];
      if (at > done || now > busy + 15) [done, busy] = [Math.max(at, done), now];
      else if (Date.now() - Math.max(done, from) > QUIET_MS) break;
    }
    if (!count) return;
    const row = rows.get(name) ?? { wall: [], script: [] };
    row.wall.push(done - from);
    row.script.push((await scriptMs(cdp)) - script);
    rows.set(name, row);
  };
  const go = (path) => (page) =>
    page.evaluate((to) => {
      history.pushState({}, '', to);
      dispatchEvent(new PopStateEvent('popstate', { state: {} }));
    }, path);
  /** The address is opened, and the book stands: until then the page may be silent for long. */
  const toTheDeck = async (p) => {
    await p.goto(`${server.url}/deck`, { waitUntil: 'load' });
    await p
      .getByRole('button', { name: /^Pollack/ })
      .first()
      .waitFor({ timeout: LONGEST_MS });
  };
  const tab = await opened();
  await timed('first open', tab, toTheDeck);
  for (let i = 0; i < ROUNDS; i++) {
    await tab.page.goto('about:blank');
    await timed('open again', tab, toTheDeck);
  }
  const { trips } = await (await fetch(`${server.url}/api/trips?limit=3`)).json();
  const trip = trips[1];
  const views = [...VIEWS, `/trip/${trip.trip?.id ?? trip.id}`, `/fish/${trip.fish[0].id}`];
  const named = (v) => v.replace(/[0-9a-f-]{36}/, '…');
  for (let round = 0; round <= ROUNDS; round++)
    // The first round fetches what a view is made of.
    for (const v of views) await timed(named(v), tab, go(v), round > 0);
  await timed('', tab, go('/deck'), false);
  for (let round = 0; round < ROUNDS; round++) {
    await timed('tap: a species', tab, (p) =>
      p
        .getByRole('button', { name: /^Pollack/ })
        .first()
        .click(),
    );
    // From the second round on the fish has its length, and is measured anew.
    if (round > 0)
      await tab.page
        .getByRole('button', { name: /^Measure again/ })
        .first()
        .click();
    await tab.page.getByLabel(/^Length/).fill('46.2');
    await timed('tap: Measured', tab, (p) =>
      p
        .getByRole('button', { name: /^Measured/ })
        .first()
        .click(),
    );
    await timed('tap: change the species', tab, (p) =>
      p
        .getByRole('button', { name: /Change the species/ })
        .first()
        .click(),
    );
  }
  await context.close();
  rmSync(profile, { recursive: true, force: true });
  server.stop();
  return {
    entries: server.entries,
    rows: new Map([...rows].map(([k, r]) => [k, { wall: median(r.wall), script: median(r.script) }])),
  };
}

process.on('exit', () => servers.forEach((child) => child.kill()));
const all = [];
for (const fish of SIZES) {
  const m = await measure(fish);
  all.push(m);
  console.error(`${Math.max(fish, fishOfDemo)} fish, ${m.entries} lines: measured`);
}
const line = (cells) => console.log(`| ${cells.join(' | ')} |`);
line([
  '',
  ...SIZES.flatMap((f) => [`${Math.max(f, fishOfDemo).toLocaleString('en')} fish, wall`, 'script']),
  ...SIZES.slice(1).map((f) => `${f.toLocaleString('en')}: wall, script`),
]);
line(['---', ...SIZES.flatMap(() => ['---:', '---:']), ...SIZES.slice(1).map(() => '---:')]);
for (const [name, base] of all[0].rows) {
  const of = all.map((m) => m.rows.get(name));
  const ratio = (a, b) => (a / Math.max(b, 1)).toFixed(1);
  line([
    name,
    ...of.flatMap((r) => [`${Math.round(r.wall)} ms`, `${Math.round(r.script)} ms`]),
    ...of.slice(1).map((r) => `${ratio(r.wall, base.wall)}x, ${ratio(r.script, base.script)}x`),
  ]);
}
process.exit(0);
