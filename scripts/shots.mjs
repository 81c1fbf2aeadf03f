import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { ensureBuilt } from './lib/ensure-built.mjs';
import { ensureChromium } from './lib/ensure-chromium.mjs';
import { ensureInstalled } from './lib/ensure-installed.mjs';

/** `npm run shots`: one current picture of each main view, from the demo season, into docs/screenshots. */
ensureInstalled();
ensureBuilt();
const executablePath = ensureChromium();
const NOW = '2026-09-12T14:20:00+01:00';

function server(env) {
  const data = mkdtempSync(join(tmpdir(), 'dagboek-shots-'));
  const child = spawn(process.execPath, ['server/dist/main.js'], {
    env: {
      ...process.env,
      DAGBOEK_DATA: data,
      DAGBOEK_PORT: '0',
      DAGBOEK_WEB: 'web/dist',
      DAGBOEK_NOW: NOW,
      DAGBOEK_CLOCK: 'still',
      ...env,
    },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  return new Promise((resolve) =>
    child.stdout.on('data', (d) => {
      const url = /http:\S+(?=\/\s)/.exec(String(d))?.[0];
      if (url) resolve({ url, stop: () => (child.kill(), rmSync(data, { recursive: true, force: true })) });
    }),
  );
}

process.on('uncaughtException', (e) => (console.error(e), process.exit(1)));
const demo = await server({ DAGBOEK_DEMO: '1' });
// The key is shown on a fish that has no name yet, so in a book of its own.
const fresh = await server({ DAGBOEK_DEMO: '1' });
const pictured = await server({ DAGBOEK_DEMO: '1' });
// A clock that runs, so that hot water has been hot for a while.
const running = await server({ DAGBOEK_DEMO: '1', DAGBOEK_CLOCK: '' });
const { trips } = await (await fetch(`${demo.url}/api/trips?limit=12`)).json();
let line = null;
for (const t of trips.slice(1))
  for (const f of t.fish) {
    const l = await (await fetch(`${demo.url}/api/fish/${f.id}`)).json();
    if (!line && l.fish.species === 'pollack' && l.meals[0] && l.cuts[0]) line = l;
  }
const browser = await chromium.launch({
  executablePath,
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
  ],
});

async function shot(name, url, { phone = false, night = false, focused = false, clock = false, to = null, act } = {}) {
  const context = await browser.newContext({
    viewport: phone ? { width: 390, height: 844 } : { width: 1280, height: 800 },
    hasTouch: phone,
    locale: 'en-GB',
  });
  await context.addInitScript((t) => localStorage.setItem('dagboek.theme', t), night ? 'dagboek-night' : 'dagboek');
  const page = await context.newPage();
  page.setDefaultTimeout(15_000);
  if (clock) await page.clock.install();
  await page.goto(url);
  await page.waitForLoadState('networkidle');
  if (act) await act(page);
  if (!focused) await page.evaluate(() => document.activeElement?.blur());
  await page.evaluate(() => scrollTo(0, 0));
  if (to) await page.getByRole('heading', { name: to }).evaluate((el) => el.scrollIntoView({ block: 'start' }));
  await page.waitForTimeout(400);
  await page.screenshot({ path: `docs/screenshots/${name}.png` });
  await context.close();
}
const key = (page, name) => page.getByRole('button', { name }).first().click();
const hand = (species, cm) => async (page) => {
  await key(page, species);
  await page.getByLabel(/^Length/).fill(cm);
  await key(page, /^Measured/);
};

// First the views that change nothing, then those that write into the book.
await shot('box', `${demo.url}/box`);
await shot('larder', `${demo.url}/larder`);
await shot('menu-phone', `${demo.url}/larder/plan`, {
  phone: true,
  // Until the solver has answered.
  act: (p) => p.getByText(/goes off|cannot be eaten/).waitFor({ timeout: 60_000 }),
});
await shot('officer', `${demo.url}/plan/officer`);
await shot('meal', `${demo.url}/table/${line.meals[0].id}`);
await shot('table', `${demo.url}/table`, {
  act: async (p) => {
    await p.getByRole('link', { name: /To the stove/ }).click();
    await p.getByText(/This is the latest start/).waitFor();
  },
});
await shot('book', `${demo.url}/book`);
await shot('fish', `${demo.url}/fish/${line.fish.id}`);
await shot('catalogue', `${demo.url}/catalogue`);
await shot('kind', `${demo.url}/catalogue/greater-weever`);
await shot('aid-phone', `${running.url}/hurt?by=greater-weever`, {
  phone: true,
  clock: true,
  act: async (p) => {
    await p.getByRole('radio', { name: 'Ilse' }).check({ force: true });
    await key(p, /^Keep the time/);
    await p.clock.runFor('02:00');
    await key(p, /^Into hot water/);
    await p.getByRole('checkbox', { name: /thermometer/ }).check();
    await p.clock.runFor('05:40');
    await p.getByText('simulated thermometer').waitFor();
  },
});
await shot('deck-picture', `${pictured.url}/deck`, {
  act: async (p) => {
    await key(p, /^Pollack/);
    await key(p, /^Picture/);
    await key(p, /Pollack on the measuring board/);
    await p.getByText(/good to/).waitFor();
    await key(p, /^Proportions too/);
    await p.getByRole('button', { name: /^Tail/ }).focus();
  },
  focused: true,
});
await shot('deck', `${demo.url}/deck`, { act: hand(/^Greater weever/, '36.4') });
await shot('deck-let-go', `${demo.url}/deck`, {
  act: async (p) => (
    await key(p, /Change the species/),
    await key(p, /^Plaice/),
    await key(p, /^Measure again/),
    await p.getByLabel(/^Length/).fill('27.1'),
    await key(p, /^Measured/)
  ),
});
/** Opens the key and answers it: question, words. */
const keyed =
  (...answers) =>
  async (p) => {
    await p.getByRole('radio', { name: 'With questions' }).check({ force: true });
    const question = p.getByRole('region', { name: 'The question' });
    for (const [q, words] of answers) {
      const heading = question.getByRole('heading', { level: 3 });
      if ((await heading.textContent()) !== q) await p.getByLabel('Noticed something else?').selectOption({ label: q });
      await question.getByRole('button', { name: words }).first().click();
    }
  };
await shot('deck-key', `${fresh.url}/deck`, {
  act: keyed(
    ['What build is it?', /torpedo/],
    ['What is on the back and the flanks?', /^Slanting/],
    ['Which jaw stands out, mouth shut?', /Cannot tell/],
  ),
});
await shot('deck-phone', `${demo.url}/deck`, { phone: true });
let cutUnderTheKnife = '';
await shot('board', `${demo.url}/board`, {
  act: async (p) => {
    await p.getByRole('checkbox').nth(1).check();
    await p.getByRole('radio', { name: /^fillet from the tail/ }).check();
    await key(p, /Onto the board/);
    await key(p, /^Whole weighed/);
    await p.getByLabel('Gutted').fill('668');
    await key(p, /^Gutted weighed/);
    await p.getByRole('heading', { name: /^Take both sides/ }).waitFor();
    cutUnderTheKnife = new URL(p.url()).pathname;
  },
});
await shot('board-phone', `${demo.url}${cutUnderTheKnife}/steps`, {
  phone: true,
  act: async (p) => {
    await key(p, /^Notched at the tail/);
    await p.getByRole('heading', { name: /^In at the tail/ }).waitFor();
  },
});
await shot('plan', `${demo.url}/plan`, {
  act: async (p) => {
    await key(p, /End the trip/);
    await key(p, /End trip now/);
    await p.waitForURL(/\/trip\//);
    await p.goto(`${demo.url}/plan`);
    await p.getByText(/19 of 20 days like this/).waitFor();
    await p.getByRole('checkbox', { name: 'in the sun' }).check({ force: true });
    await p.getByText(/In the shade/).waitFor();
  },
  to: 'Ice to carry',
});
await browser.close();
demo.stop();
fresh.stop();
pictured.stop();
running.stop();
process.exit(0);
