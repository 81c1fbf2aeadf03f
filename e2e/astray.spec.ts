import { cpSync, mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { entriesOf, expect, type Page, test } from './fixtures.ts';
import { DEMO_TEMPLATE, startServer } from './server.ts';

const button = (page: Page, name: string | RegExp) => page.getByRole('button', { name });
const remark = async (page: Page, text: string): Promise<void> => {
  await page.getByLabel('Remark').fill(text);
  await button(page, /^Note it/).click();
  await expect(page.getByRole('listitem').filter({ hasText: text })).toBeVisible();
};
const copy = (): string => {
  const data = mkdtempSync(join(tmpdir(), 'dagboek-e2e-astray-'));
  cpSync(`${DEMO_TEMPLATE}-whole`, data, { recursive: true });
  return data;
};
const texts = async (server: { url: string }): Promise<unknown[]> =>
  (await entriesOf(server as never)).map((e) => e.facts['text']);

test('a server put back to an older copy gets what it lost from the device, and it is said', async ({ page }) => {
  const first = await startServer({ data: copy(), demo: true });
  await page.goto(`${first.url}/plan`);
  await remark(page, 'two seals');
  await remark(page, 'wind backing');
  await expect(page.getByText('Saved and sent')).toBeVisible();
  // Pulled once more, so that the device knows the digest of what it has sent.
  await page.reload();
  await expect(page.getByText('Saved and sent')).toBeVisible();
  await first.stop();
  const older = await startServer({ data: copy(), demo: true, port: first.port });
  await page.goto(`${older.url}/unsent`);
  await expect(page.getByText('The book on the server was restored from an older copy.')).toBeVisible({
    timeout: 30_000,
  });
  await expect.poll(() => texts(older)).toEqual(expect.arrayContaining(['two seals', 'wind backing']));
  await expect(page.getByRole('heading', { name: 'Everything has been sent' })).toBeVisible();
  await older.stop();
});

test('a device whose clock is an hour ahead: its line waits, is said, and goes by the server’s clock when asked to', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/plan`);
  await expect(page.getByText('Saved and sent')).toBeVisible();
  await page.evaluate(() => {
    const { now } = Date;
    Date.now = () => now() + 3_600_000;
  });
  await remark(page, 'a whale');
  await page.getByRole('link', { name: /1 entry not sent yet/ }).click();
  await expect(page.getByText(/This device’s clock is 1 h .*ahead of the server’s/)).toBeVisible();
  await expect(page.getByText('waits: By the server’s clock it is still to come.')).toBeVisible();
  await button(page, /^Use the server’s clock/).click();
  await expect.poll(() => texts(demo)).toContain('a whale');
  const sent = (await entriesOf(demo)).find((e) => e.facts['text'] === 'a whale') as unknown as {
    at: string;
    aheadMs?: number;
  };
  expect(Math.abs((sent.aheadMs ?? 0) - 3_600_000)).toBeLessThan(5000);
  expect(sent.at).toMatch(/^2026-09-12T14:2/);
  await expect(page.getByText(/ahead of the server’s/)).toHaveCount(0);
  await page.getByRole('link', { name: 'Plan' }).first().click();
  await expect(page.getByRole('listitem').filter({ hasText: 'a whale' })).toContainText('By that device’s clock 15:2');
});

test('a refused line can be given another time', async ({ page, demo }) => {
  await page.route('**/api/journal', async (route) => {
    if (route.request().method() !== 'POST') return route.continue();
    const { entries } = route.request().postDataJSON() as { entries: { id: string; at: string }[] };
    if (!entries.some((e) => e.at > '2026-09-12T14:10')) return route.continue();
    const receipts = entries.map((e) => ({ id: e.id, status: 'refused', why: 'Not at that hour.', field: 'at' }));
    return route.fulfill({ json: { receipts, now: '2026-09-12T13:20:00Z' } });
  });
  await page.goto(`${demo.url}/plan`);
  await remark(page, 'a heron');
  await page.getByRole('link', { name: '1 entry refused' }).click();
  await button(page, 'Mend').click();
  await page.getByRole('dialog').getByLabel('Time').fill('13:55');
  await button(page, 'Save it like this').click();
  await expect.poll(() => texts(demo)).toContain('a heron');
  expect((await entriesOf(demo)).find((e) => e.facts['text'] === 'a heron')).toMatchObject({
    at: expect.stringContaining('T13:55'),
  });
});

test('a line corrected on two devices apart shows both; a person says which counts', async ({ page, demo }) => {
  await page.goto(`${demo.url}/plan`);
  await remark(page, 'thirty gannets');
  await expect.poll(() => texts(demo)).toContain('thirty gannets');
  const line = (await entriesOf(demo)).find((e) => e.facts['text'] === 'thirty gannets')!;
  const rival = (n: number, text: string, device: string, written: string) => ({
    ...line,
    id: `01940000-0000-7000-8000-00000000000${n}`,
    device,
    written,
    amends: line.id,
    facts: { text },
  });
  await fetch(`${demo.url}/api/journal`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({
      entries: [
        rival(1, 'three gannets', 'tablet', '2026-09-12T14:21:00+01:00'),
        rival(2, 'thirteen gannets', 'other', '2026-09-12T14:22:00+01:00'),
      ],
    }),
  });
  await page.reload();
  const row = page.getByRole('listitem').filter({ hasText: 'gannets' });
  await expect(row).toContainText('Corrected on two devices', { timeout: 30_000 });
  await expect(row).toContainText('three gannets');
  await row.getByRole('button', { name: /^Use this one instead: .*three gannets/ }).click();
  await expect(row).not.toContainText('Corrected on two devices');
  await expect(row.locator('b')).toContainText('three gannets');
  await expect
    .poll(async () => (await entriesOf(demo)).at(-1))
    .toMatchObject({
      amends: rival(2, '', '', '').id,
      over: [rival(1, '', '', '').id],
      facts: { text: 'three gannets' },
    });
});
