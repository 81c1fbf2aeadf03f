import { appendFileSync, cpSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { entriesOf, expect, test } from './fixtures.ts';
import { DEMO_TEMPLATE, startServer } from './server.ts';

const PRACTICE = join(import.meta.dirname, '../web/public/practice');
const MB = 1024 * 1024;

test('a device that is full says so of a picture, and lines still go', async ({ page, demo }) => {
  // The browser’s shelf as it is on a full device: nothing more goes in, until what is laid by for lines is thrown out.
  await page.addInitScript(() => {
    const { put, clear } = IDBObjectStore.prototype;
    const device = Object.assign(window, { isFull: false });
    IDBObjectStore.prototype.clear = function () {
      if (this.name === 'ballast') device.isFull = false;
      return clear.call(this);
    };
    IDBObjectStore.prototype.put = function (value: unknown, key?: IDBValidKey) {
      if (device.isFull) throw new DOMException('no room', 'QuotaExceededError');
      return put.call(this, value, key);
    };
  });
  await page.goto(`${demo.url}/deck`);
  await page
    .getByRole('button', { name: /^Pollack/ })
    .first()
    .click();
  await expect(page.getByText('Saved and sent')).toBeVisible();
  const laid = () => page.evaluate(async () => (await navigator.storage.estimate()).usage ?? 0);
  await expect.poll(laid).toBeGreaterThan(4 * MB);
  await page.evaluate(() => Object.assign(window, { isFull: true }));
  await page.getByRole('button', { name: /^Picture/ }).click();
  const reader = page.getByRole('dialog');
  await reader.getByLabel('Picture from a file').setInputFiles(join(PRACTICE, 'pollack.jpg'));
  await expect(reader).toContainText(/good to/);
  await reader.getByRole('button', { name: /^Measured/ }).click();
  await expect(reader.getByRole('alert')).toHaveText(
    /The picture was not kept\. There is no space for pictures on this device; other entries still work\./,
  );
  await reader.getByRole('button', { name: 'Close' }).click();
  await page.getByLabel(/^Length/).fill('43.5');
  await page.getByRole('button', { name: /^Measured/ }).click();
  await expect
    .poll(async () => (await entriesOf(demo)).slice(-1).map((e) => [e.kind, e.facts['lengthMm']]))
    .toEqual([['fish.measured', 435]]);
  expect((await entriesOf(demo)).filter((e) => e.kind === 'fish.pictured')).toEqual([]);
});

test.describe('a newer version comes in the middle', () => {
  test.use({ serviceWorkers: 'allow' });
  test('of a measuring, with lines unsent: it is said, nothing is lost, and it is taken when asked', async ({
    page,
    context,
  }) => {
    const [data, web] = ['data', 'web'].map((n) => mkdtempSync(join(tmpdir(), `dagboek-e2e-${n}-`))) as [
      string,
      string,
    ];
    cpSync(`${DEMO_TEMPLATE}-whole`, data, { recursive: true });
    cpSync(join(import.meta.dirname, '../web/dist'), web, { recursive: true });
    const server = await startServer({ data, demo: true, web });
    await page.goto(`${server.url}/deck`);
    await page.evaluate(() => navigator.serviceWorker.ready);
    await page.reload();
    await context.setOffline(true);
    await page
      .getByRole('button', { name: /^Pollack/ })
      .first()
      .click();
    await expect(page.getByText(/1 entry not sent yet/)).toBeVisible();
    await page.getByLabel(/^Length/).fill('43.5');

    appendFileSync(join(web, 'sw.js'), '\n// A newer version.\n');
    await page.route('**/api/journal', (r) => r.abort());
    await context.setOffline(false);
    await page.evaluate(async () => (await navigator.serviceWorker.ready).update());
    await expect(page.getByText('A newer version is here.')).toBeVisible({ timeout: 30_000 });
    // What was being typed stands, and goes on.
    await expect(page.getByLabel(/^Length/)).toHaveValue('43.5');
    await page.getByRole('button', { name: /^Measured/ }).click();
    await expect(page.getByText(/2 entries not sent yet/)).toBeVisible();
    await page.getByRole('button', { name: 'Use it now' }).click();
    // The old one ends what it is answering first.
    await expect(page.getByText('A newer version is here.')).toHaveCount(0, { timeout: 30_000 });
    await expect(page.getByText(/2 entries not sent yet/)).toBeVisible();
    await page.unroute('**/api/journal');
    await expect
      // Which arrives first is no matter: the one that was tried before waits longer.
      .poll(
        async () =>
          (await entriesOf(server))
            .slice(-2)
            .map((e) => e.kind)
            .sort(),
        { timeout: 60_000 },
      )
      .toEqual(['fish.measured', 'fish.named']);
    await server.stop();
    for (const folder of [data, web]) rmSync(folder, { recursive: true, force: true });
  });
});

test('the measuring form does not come to the device: it is said, nothing is lost, and it comes by itself', async ({
  page,
  demo,
}) => {
  const form = '**/assets/measure-form-*.js';
  await page.route(form, (r) => r.abort());
  await page.goto(`${demo.url}/deck`);
  await page.getByRole('button', { name: /^Turbot/ }).click();
  await expect(page.getByText(/This part is not on this device yet/)).toBeVisible();
  await expect(page.getByRole('heading', { name: /Turbot/ })).toBeVisible();
  await page.unroute(form);
  await page.getByLabel(/^Length/).fill('45');
  await page.getByRole('button', { name: /^Measured/ }).click();
  await expect(page.getByRole('region', { name: 'Verdict' })).toContainText('45');
});
