import { createHash, X509Certificate } from 'node:crypto';
import { cpSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import AxeBuilder from '@axe-core/playwright';
import { chromium } from '@playwright/test';
import { entriesOf, expect, test } from './fixtures.ts';
import { DEMO_TEMPLATE, startServer } from './server.ts';

test('a phone learns to trust, joins by the code, works at sea, is put out with a line unsent, and joins again', async ({
  page: desk,
}) => {
  const data = mkdtempSync(join(tmpdir(), 'dagboek-e2e-'));
  cpSync(`${DEMO_TEMPLATE}-whole`, data, { recursive: true });
  const server = await startServer({ data, demo: true, lan: true });
  // What a phone does once it trusts the authority: it believes the key of this one certificate.
  const key = new X509Certificate(readFileSync(join(data, 'door/127.0.0.1.crt'))).publicKey;
  const digest = createHash('sha256')
    .update(key.export({ type: 'spki', format: 'der' }))
    .digest('base64');
  const browser = await chromium.launch({
    executablePath: process.env['DAGBOEK_CHROMIUM'] ?? '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-gpu', '--disable-quic', `--ignore-certificate-errors-spki-list=${digest}`],
  });
  const context = await browser.newContext({
    viewport: { width: 360, height: 640 },
    hasTouch: true,
    isMobile: true,
    serviceWorkers: 'allow',
    locale: 'en-GB',
    timezoneId: 'Atlantic/Faroe',
  });
  const phone = await context.newPage();
  phone.setDefaultTimeout(12_000);

  // By its address alone a browser is not the server's own screen; by the key that the terminal shows it is.
  await desk.goto(`${server.url}/phones`);
  await desk.getByLabel(/^Key that the terminal/).fill('aaaaaaaaaa');
  await desk.getByRole('button', { name: /^This is the server/ }).click();
  await expect(desk.getByRole('alert')).toHaveText(/not the key/);
  expect((await new AxeBuilder({ page: desk }).analyze()).violations.map((v) => v.id)).toEqual([]);
  await desk.goto('about:blank');
  await desk.goto(server.screen);
  const sign = desk.getByLabel(/^SHA-256 of the certificate/);
  await expect(sign).toHaveAttribute('aria-label', new RegExp(server.home!.fingerprint!));
  expect(new URL(desk.url()).hash).toBe('');
  await desk.getByText('Android', { exact: true }).click();
  expect((await new AxeBuilder({ page: desk }).analyze()).violations.map((v) => v.id)).toEqual([]);
  await desk.getByRole('button', { name: /^Show a code/ }).dblclick();
  const digits = async (): Promise<string> =>
    ((await desk.locator('.code-digits b').textContent()) ?? '').replace(/\s/g, '');
  await expect(desk.locator('.code-digits b')).toHaveText(/^\d{3} \d{3}$/);
  await expect(desk.getByRole('img', { name: /^A code to scan: it opens http:/ })).toBeVisible();
  await expect(desk.getByRole('img', { name: /^A code to scan: it opens https:.* and joins/ })).toBeVisible();
  const first = await digits();

  // The plain page shows no sign to compare, and hears no code.
  await phone.goto(server.home!.trustUrls[0]!);
  await expect(phone.getByText(/cannot prove itself/)).toBeVisible();
  expect(await phone.content()).not.toContain(server.home!.fingerprint!.slice(0, 8));
  expect((await new AxeBuilder({ page: phone }).analyze()).violations.map((v) => v.id)).toEqual([]);
  await phone.getByRole('button', { name: 'Go on to the book' }).tap();
  await expect(phone.getByRole('heading', { name: 'Join the book' })).toBeVisible();
  // What helps the hurt stands there too, joined or not.
  await expect(phone.getByRole('link', { name: /^Call/ }).first()).toBeVisible();
  await expect(phone.getByLabel(/^Code/)).toHaveValue('');
  await phone.goto(`${server.home!.urls[0]}/join#${first}`);
  await phone.reload();
  await expect(phone.getByLabel(/^Code/)).toHaveValue(first);
  await phone.getByLabel(/^Code/).fill('12');
  await phone.getByRole('button', { name: /^Join the book/ }).tap();
  await expect(phone.getByRole('alert')).toHaveText(/six digits/);
  await phone.getByLabel(/^Code/).fill(first === '000000' ? '000001' : '000000');
  await phone.getByRole('button', { name: /^Join the book/ }).tap();
  await expect(phone.getByRole('alert')).toHaveText(/not the code/);
  await phone.getByLabel(/^Code/).fill(first);
  await phone.getByLabel(/^Name of this device/).fill('Phone of the one who cooks');
  await phone.getByRole('button', { name: /^Join the book/ }).tap();
  await expect(phone.getByRole('heading', { name: /What is it/ })).toBeVisible({ timeout: 30_000 });
  await expect(desk.locator('.let-in').getByText('Phone of the one who cooks')).toBeVisible();
  expect(await digits()).not.toBe(first);

  // At sea: the phone starts anew without a network.
  await phone.evaluate(() => navigator.serviceWorker.ready);
  await phone.reload();
  await expect(phone.getByRole('button', { name: /^Turbot/ })).toBeVisible();
  await context.setOffline(true);
  await phone.reload();
  await phone.getByRole('button', { name: /^Turbot/ }).tap();
  await expect(phone.getByText(/1 entry not sent yet/)).toBeVisible();

  // Put out meanwhile: its line stays on it, and it is said why it waits.
  await desk.getByRole('button', { name: 'Remove', exact: true }).click();
  await desk.getByRole('button', { name: 'Remove this device' }).click();
  await expect(desk.getByText(/removed Sat 12 Sep/).first()).toBeVisible();
  await context.setOffline(false);
  await phone
    .getByRole('link', { name: /not sent yet/ })
    .first()
    .tap();
  await expect(phone.getByText(/has not joined the book, or was removed/).first()).toBeVisible({ timeout: 30_000 });
  const kinds = async (): Promise<(string | undefined)[]> => (await entriesOf(server)).slice(-1).map((e) => e.kind);
  expect(await kinds()).not.toEqual(['fish.named']);

  await phone.getByRole('link', { name: 'Join the book' }).tap();
  await phone.getByLabel(/^Code/).fill(await digits());
  await phone.getByRole('button', { name: /^Join the book/ }).tap();
  await expect.poll(kinds, { timeout: 30_000 }).toEqual(['fish.named']);
  await expect(phone.getByText('Saved and sent')).toBeVisible();
  await desk.reload();
  await expect(desk.getByRole('button', { name: 'Remove', exact: true })).toHaveCount(1);

  // The server noted which device sent it: shown, and struck when the phone is lost.
  await expect(desk.getByText(/joined, from 127\.0\.0\.1/).first()).toBeVisible();
  await desk.getByRole('link', { name: /^What .* sent$/ }).click();
  await expect(desk.locator('.log-lines li')).toHaveCount(1);
  await desk.getByRole('button', { name: /^Cross out its entries/ }).click();
  await desk.getByRole('button', { name: /^Cross out 1 entry/ }).click();
  await expect(desk.locator('.log-lines s')).toHaveCount(1);
  await expect.poll(kinds).toEqual(['log.struck']);
  expect((await new AxeBuilder({ page: desk }).analyze()).violations.map((v) => v.id)).toEqual([]);

  // It can go by itself.
  await phone.goto(`${server.home!.urls[0]}/phones`);
  await phone.getByRole('button', { name: /^Leave/ }).tap();
  await expect(phone.getByRole('heading', { name: 'This device has not joined' })).toBeVisible();
  await browser.close();
  await server.stop();
  rmSync(data, { recursive: true, force: true });
});

test('served to this machine alone, the page of phones says how to begin', async ({ page, own }) => {
  await page.goto(`${own.url}/phones`);
  await expect(page.getByText('npm start -- --lan')).toBeVisible();
  await expect(page.getByRole('button', { name: /^Show a code/ })).toHaveCount(0);
});
