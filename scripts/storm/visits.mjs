import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { Config } from '../../server/dist/common/config.js';
import { serve } from '../../server/dist/serve.js';

const FLAGS = ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking'];
/** A first visit over a slow line may take so long, ms; nobody is told that there is no book meanwhile. */
const PATIENCE_MS = 15 * 60_000;

/** What stands in the server's place answers a line that is sent. */
const PORTALS = [
  ['a page with 200', { status: 200, contentType: 'text/html', body: '<h1>Welcome to the marina</h1>' }],
  ['JSON with 200 and no receipt', { status: 200, contentType: 'application/json', body: '{"receipts":[]}' }],
  [
    'JSON with receipts of nothing',
    { status: 200, contentType: 'application/json', body: '{"receipts":[{"id":"x","status":"accepted"}]}' },
  ],
  ['a way to a login', { status: 302, headers: { location: '/login' }, body: '' }],
  ['403', { status: 403, contentType: 'text/html', body: 'no' }],
  ['413 of a proxy', { status: 413, contentType: 'text/html', body: 'too large' }],
  ['500', { status: 500, contentType: 'text/html', body: 'oh' }],
];

async function withBrowser(work) {
  const data = mkdtempSync(join(tmpdir(), 'dagboek-storm-'));
  const served = await serve(
    Config.from({
      DAGBOEK_DATA: data,
      DAGBOEK_PORT: '0',
      DAGBOEK_LOG: 'silent',
      DAGBOEK_DEMO: '1',
      DAGBOEK_WEB: 'web/dist',
      DAGBOEK_NOW: '2026-09-12T14:20:00+01:00',
    }),
  );
  const browser = await chromium.launch({
    executablePath: process.env.DAGBOEK_CHROMIUM ?? '/usr/bin/chromium',
    args: FLAGS,
  });
  try {
    return await work(served, browser);
  } finally {
    await browser.close();
    await served.close();
    rmSync(data, { recursive: true, force: true });
  }
}

const entries = async (url) => (await (await fetch(`${url}/api/health`)).json()).entries;

/** Something answers in the server's place: the line stays, says that it waits, and goes once when it is gone, without a reload. */
export async function portals() {
  let [lost, broken] = [0, 0];
  for (const [, answer] of PORTALS)
    await withBrowser(async (served, browser) => {
      const page = await (await browser.newContext({ locale: 'en-GB' })).newPage();
      await page.goto(`${served.url}/deck`);
      const turbot = page.getByRole('button', { name: /^Turbot/ });
      await turbot.waitFor();
      await page.getByText('Saved and sent').first().waitFor();
      const before = await entries(served.url);
      await page.route('**/api/journal', (r) => r.fulfill(answer));
      await turbot.click();
      await page
        .getByText(/1 entry not sent yet/)
        .first()
        .waitFor();
      await page.waitForTimeout(2500);
      if ((await entries(served.url)) !== before) broken++;
      await page.unroute('**/api/journal');
      const sent = await page
        .getByText('Saved and sent')
        .first()
        .waitFor({ timeout: 90_000 })
        .then(
          () => true,
          () => false,
        );
      if (!sent || (await entries(served.url)) !== before + 1) lost++;
    });
  return { tried: `${PORTALS.length} ways to answer in its place`, lost, broken };
}

/** First visits to a server that answers after 8 s, and over 64 kbit/s. */
export const firstVisits = () =>
  withBrowser(async (served, browser) => {
    let broken = 0;
    const took = [];
    for (const how of ['8 s', '64 kbit/s']) {
      const context = await browser.newContext({ locale: 'en-GB', serviceWorkers: 'block' });
      const page = await context.newPage();
      page.setDefaultTimeout(PATIENCE_MS);
      let gaveUp = false;
      if (how === '8 s')
        await page.route('**/api/health', async (r) => {
          await new Promise((done) => setTimeout(done, 8000));
          await r.continue();
        });
      else {
        const cdp = await context.newCDPSession(page);
        await cdp.send('Network.enable');
        await cdp.send('Network.emulateNetworkConditions', {
          offline: false,
          latency: 600,
          downloadThroughput: 8000,
          uploadThroughput: 8000,
        });
      }
      const began = Date.now();
      await page.goto(`${served.url}/deck`, { timeout: PATIENCE_MS });
      const watch = setInterval(
        () =>
          void page
            .getByText(/no book here yet/)
            .count()
            .then(
              (n) => (gaveUp ||= n > 0),
              () => undefined,
            ),
        500,
      );
      await page
        .getByRole('button', { name: /^Turbot/ })
        .waitFor()
        .catch(() => broken++);
      clearInterval(watch);
      took.push(`${how}: open after ${Math.round((Date.now() - began) / 1000)} s`);
      if (gaveUp) broken++;
      await context.close();
    }
    return { tried: took.join('; '), lost: 0, broken };
  });
