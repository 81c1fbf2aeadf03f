import { cpSync, mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { entriesOf, expect, test, type Page } from './fixtures.ts';
import { DEMO_TEMPLATE, startServer } from './server.ts';

test.use({ serviceWorkers: 'allow' });

const button = (page: Page, name: string | RegExp) => page.getByRole('button', { name });

/** Opens the demo's deck with the service worker in charge, so that a reload works without a network. */
async function openDeck(page: Page, url: string): Promise<void> {
  await page.goto(`${url}/deck`);
  await expect(page.getByRole('heading', { name: /What is it/ })).toBeVisible();
  await page.evaluate(() => navigator.serviceWorker.ready);
  await page.reload();
  await expect(page.getByRole('button', { name: /^Turbot/ })).toBeVisible();
  await expect(page.getByText('Saved and sent')).toBeVisible();
}

test('with the network off in the middle: at once on the page, marked, kept over a reload, sent once', async ({
  page,
  context,
  demo,
}) => {
  await openDeck(page, demo.url);
  const before = (await entriesOf(demo)).length;
  await context.setOffline(true);
  await button(page, /^Black seabream/).click();
  await page.getByLabel(/^Length/).fill('33.5');
  await button(page, /^Measured/).click();
  await button(page, /^Killed/).click();
  await expect(page.getByText(/Saved here, 3 entries not sent yet/)).toBeVisible();
  await page.reload();
  await expect(page.getByText(/Saved here, 3 entries not sent yet/)).toBeVisible();
  await expect(page.getByRole('heading', { name: /Black seabream/ })).toBeVisible();
  await expect(button(page, /^Bled/)).toBeVisible();
  await button(page, /^Cross out/).click();
  await expect(page.getByRole('dialog').getByText('not sent yet').first()).toBeVisible();
  await page.getByRole('button', { name: 'Close' }).click();
  expect((await entriesOf(demo)).length).toBe(before);

  await context.setOffline(false);
  await expect(page.getByText('Saved and sent')).toBeVisible({ timeout: 40_000 });
  const after = await entriesOf(demo);
  expect(after.length).toBe(before + 3);
  expect(after.slice(before).map((e) => e.kind)).toEqual(['fish.named', 'fish.measured', 'fish.dispatched']);
  expect(new Set(after.map((e) => e.id)).size).toBe(after.length);
});

test('a first visit that loses its network says that the book is not here yet, offers no new one, and opens when it is back', async ({
  page,
  demo,
}) => {
  await page.route('**/api/journal?*', (route) => route.abort());
  await page.goto(`${demo.url}/deck`);
  await expect(page.getByRole('heading', { name: 'No signal, and no book on this device yet' })).toBeVisible();
  await page.route('**/api/health', (route) => route.abort());
  await page.reload();
  await expect(page.getByRole('heading', { name: 'No signal, and no book on this device yet' })).toBeVisible();
  await page.unroute('**/api/health');
  await page.unroute('**/api/journal?*');
  await button(page, 'Try again').click();
  await expect(page.getByRole('heading', { name: /What is it/ })).toBeVisible();
});

test('species and rules are on the shelf from the first minute, and stay when kept answers are thrown out', async ({
  page,
  context,
  demo,
}) => {
  await page.goto(`${demo.url}/deck`);
  await expect(page.getByRole('button', { name: /^Turbot/ })).toBeVisible();
  await page.evaluate(() => navigator.serviceWorker.ready);
  const onShelf = () =>
    page.evaluate(async () =>
      (await (await caches.open('catalogue-and-rules')).keys()).map((r) => new URL(r.url).pathname).sort(),
    );
  await expect.poll(onShelf).toEqual(['/api/catalogue', '/api/rulebook']);
  // As an update does, or a browser that clears what was not used: the kept answers are gone, and there is no network.
  await page.evaluate(
    () =>
      new Promise((resolve) => {
        const open = indexedDB.open('dagboek-answers');
        open.onsuccess = () => {
          const all = open.result.transaction('kv', 'readwrite');
          all.objectStore('kv').clear();
          all.oncomplete = resolve;
        };
      }),
  );
  await context.setOffline(true);
  await page.reload();
  await page.getByRole('button', { name: /^Turbot/ }).click();
  await expect(page.getByText(/1 entry not sent yet/)).toBeVisible();
});

test('every station opens without a network', async ({ page, context, demo }) => {
  await openDeck(page, demo.url);
  await context.setOffline(true);
  for (const [path, says] of [
    ['/plan', 'Log of this trip'],
    ['/box', 'The blue box'],
    ['/board', 'Onto the board'],
    ['/larder', 'Chest in the shed'],
    ['/table', 'Meals'],
    ['/book', 'Trip 27'],
  ] as const) {
    await page.goto(demo.url + path);
    await expect(page.getByRole('heading', { name: new RegExp(says) }).first()).toBeVisible();
  }
});

test('with the server down: noted, then sent when it is back', async ({ page }) => {
  const data = mkdtempSync(join(tmpdir(), 'dagboek-e2e-'));
  cpSync(`${DEMO_TEMPLATE}-whole`, data, { recursive: true });
  let server = await startServer({ data, demo: true });
  await openDeck(page, server.url);
  const { port } = server;
  await server.stop();
  await button(page, /^Turbot/).click();
  await expect(page.getByText(/1 entry not sent yet/)).toBeVisible();
  server = await startServer({ data, demo: true, port });
  await expect(page.getByText('Saved and sent')).toBeVisible({ timeout: 40_000 });
  expect((await entriesOf(server)).at(-1)).toMatchObject({ kind: 'fish.named', facts: { species: 'turbot' } });
  await server.stop();
});

test('what another device writes appears here, and a refused line can be mended', async ({ page, demo }) => {
  await page.goto(`${demo.url}/deck`);
  await expect(page.getByRole('heading', { name: /What is it/ })).toBeVisible();
  const all = await entriesOf(demo);
  const unnamed = all.filter((e) => e.kind === 'fish.landed').at(-1)!;
  const other = {
    id: '01920000-0000-7000-8000-000000000001',
    kind: 'fish.named',
    subject: unnamed.subject,
    at: '2026-09-12T14:20:00+01:00',
    written: '2026-09-12T14:20:00+01:00',
    member: unnamed.member,
    device: 'tablet',
    facts: { species: 'john-dory' },
  };
  await fetch(`${demo.url}/api/journal`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ entries: [other] }),
  });
  await expect(page.getByRole('heading', { name: /John Dory/ })).toBeVisible({ timeout: 40_000 });

  // The server refuses one line; it is shown, mended, and taken.
  await page.route('**/api/journal', async (route) => {
    if (route.request().method() !== 'POST') return route.continue();
    const { entries } = route.request().postDataJSON() as { entries: { id: string; facts: { text?: string } }[] };
    if (!entries.some((e) => e.facts.text === 'too rude')) return route.continue();
    return route.fulfill({
      json: {
        receipts: entries.map((e) => ({ id: e.id, status: 'refused', why: 'Say it more kindly.', field: 'text' })),
      },
    });
  });
  await page.goto(`${demo.url}/plan`);
  await page.getByLabel('Remark').fill('too rude');
  await page.getByRole('button', { name: 'Note it', exact: true }).click();
  await page.getByRole('link', { name: '1 entry refused' }).click();
  await expect(page.getByText('refused: Say it more kindly.')).toBeVisible();
  await button(page, 'Mend').click();
  await page.getByRole('dialog').getByLabel('Remark').fill('a seal came by');
  await button(page, 'Save it like this').click();
  await expect(page.getByText('set aside, does not count: Say it more kindly.')).toBeVisible();
  await expect.poll(async () => (await entriesOf(demo)).some((e) => e.facts['text'] === 'a seal came by')).toBe(true);
});

test('a page left open over another data folder writes nothing into that book, says so, and keeps its line', async ({
  page,
}) => {
  const data = mkdtempSync(join(tmpdir(), 'dagboek-e2e-'));
  cpSync(`${DEMO_TEMPLATE}-whole`, data, { recursive: true });
  const first = await startServer({ data, demo: true });
  await openDeck(page, first.url);
  await first.stop();
  const empty = mkdtempSync(join(tmpdir(), 'dagboek-e2e-'));
  const other = await startServer({ data: empty, port: first.port });
  await button(page, /^Pollack/)
    .first()
    .click();
  await expect(page.getByRole('heading', { name: /11 Pollack/ })).toBeVisible();
  await page
    .getByRole('link', { name: /not sent yet/ })
    .first()
    .click();
  await expect(page.getByText('Another book is kept at this address now')).toBeVisible();
  expect(await entriesOf(other)).toEqual([]);
  await other.stop();
  // The right folder again: the line goes there by itself.
  const again = await startServer({ data, demo: true, port: first.port });
  await expect.poll(async () => (await entriesOf(again)).at(-1)?.kind, { timeout: 60_000 }).toBe('fish.named');
  await again.stop();
});

test.describe('before there is a service worker', () => {
  test.use({ serviceWorkers: 'block' });
  test('a first visit through a guard or a portal says what stands in front, keeps nothing of it, and opens once it is gone', async ({
    page,
    demo,
  }) => {
    await page.route('**/api/**', (r) =>
      r.fulfill({ status: 401, contentType: 'text/html', body: '<h1>who are you?</h1>' }),
    );
    await page.goto(`${demo.url}/deck`);
    await expect(
      page.getByRole('heading', { name: 'Server not reached, and no book on this device yet' }),
    ).toBeVisible();
    await expect(page.getByText('Something in front of the server asks who is there.')).toBeVisible();
    await page.unroute('**/api/**');
    await page.route('**/api/**', (r) => r.fulfill({ json: {} }));
    await button(page, 'Try again').click();
    await expect(page.getByText('Something in front of the server answered in its place.')).toBeVisible();
    expect(await page.evaluate(() => localStorage.getItem('dagboek.book'))).toBeNull();
    await page.unroute('**/api/**');
    await button(page, 'Try again').click();
    await expect(page.getByRole('heading', { name: /What is it/ })).toBeVisible();
  });
});

test('it can be put on a home screen: a manifest with icons that are there, of the sizes they name', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/deck`);
  const href = await page.locator('link[rel="manifest"]').getAttribute('href');
  const manifest = (await (await fetch(new URL(String(href), demo.url))).json()) as {
    display: string;
    start_url: string;
    icons: { src: string; sizes: string; purpose: string }[];
  };
  expect(manifest).toMatchObject({ display: 'standalone', start_url: '/' });
  expect(manifest.icons.map((i) => `${i.sizes} ${i.purpose}`)).toEqual(
    expect.arrayContaining(['any any', '192x192 any', '512x512 any', '512x512 maskable']),
  );
  for (const { src, sizes } of manifest.icons.filter((i) => i.sizes !== 'any')) {
    const wide = await page.evaluate(async (url) => {
      const img = new Image();
      img.src = url;
      await img.decode();
      return img.naturalWidth;
    }, src);
    expect(`${wide}x${wide}`).toBe(sizes);
  }
});
