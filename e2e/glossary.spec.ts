import AxeBuilder from '@axe-core/playwright';
import { expect, test } from './fixtures.ts';

test('a word of the craft is explained where it stands, by key and by thumb, and leads to all of them', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/larder`);
  const term = page.getByRole('button', { name: 'official limit' });
  await term.focus();
  await page.keyboard.press('Enter');
  const dialog = page.getByRole('dialog', { name: 'Official limit' });
  await expect(dialog).toContainText('The last day by the advice of food authorities.');
  expect((await new AxeBuilder({ page }).analyze()).violations.map((v) => v.id)).toEqual([]);
  await page.keyboard.press('Escape');
  await expect(dialog).toHaveCount(0);
  await expect(term).toBeFocused();
  await term.click();
  await dialog.getByRole('link', { name: 'All words of the craft' }).click();
  await expect(page.getByRole('heading', { name: 'Words of the craft', level: 2 })).toBeVisible();
  await expect(page.getByText('Official limit', { exact: true })).toBeInViewport();
  await expect(page.getByText('Adipose fin', { exact: true })).not.toBeInViewport();
  expect((await new AxeBuilder({ page }).analyze()).violations.map((v) => v.id)).toEqual([]);
});

test('a word in a warning is explained on paper, not in the colours of the warning', async ({ page, demo }) => {
  await page.goto(`${demo.url}/larder`);
  await page.getByRole('note', { name: 'Do not eat' }).getByRole('button', { name: 'Histamine' }).first().click();
  const dialog = page.getByRole('dialog', { name: 'Histamine' });
  await expect(dialog).toContainText('Cooking and freezing do not remove it.');
  expect((await new AxeBuilder({ page }).analyze()).violations.map((v) => v.id)).toEqual([]);
});

test('where meanings and help are not on the device yet, the tap says so', async ({ page, demo }) => {
  await page.route(/\/assets\/(term-meaning|help-places)-/, (r) => r.abort());
  await page.goto(`${demo.url}/larder`);
  await page.getByRole('button', { name: 'official limit' }).click();
  await expect(page.getByRole('dialog', { name: 'Official limit' })).toContainText('not on this device yet');
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Help for this page' }).click();
  await expect(page.getByRole('dialog', { name: /^Help/ })).toContainText('not on this device yet');
});

test('a drawing shows what two sentences cannot, on a phone too', async ({ page, demo }) => {
  await page.setViewportSize({ width: 360, height: 640 });
  await page.goto(`${demo.url}/handbook/words#fork-length`);
  const fork = page.locator('#fork-length');
  await expect(fork).toBeInViewport();
  await expect(fork.locator('svg')).toBeVisible();
  const width = await page.evaluate(() => document.documentElement.scrollWidth);
  expect(width).toBeLessThanOrEqual(360);
});

test('help on a page says what it is for, and opens the handbook at that place', async ({ page, demo }) => {
  await page.goto(`${demo.url}/deck`);
  await page.getByRole('button', { name: 'Help for this page' }).click();
  const dialog = page.getByRole('dialog', { name: /^Help: Deck/ });
  await expect(dialog).toContainText('Note each fish here');
  await dialog.getByRole('link', { name: 'Measuring' }).click();
  await expect(page).toHaveURL(/\/handbook\/deck#measuring$/);
  await expect(page.getByRole('heading', { name: 'Measuring', level: 3 })).toBeInViewport();
  await expect(page.getByRole('heading', { name: 'Deck', level: 2 })).not.toBeInViewport();
  await page.goBack();
  await expect(page).toHaveURL(/\/deck$/);
});

test('before there is a book, help and the words of the craft are there already', async ({ page, own }) => {
  await page.goto(own.url);
  await expect(page).toHaveURL(/\/welcome$/);
  await page.getByRole('button', { name: 'Help for this page' }).click();
  await page.getByRole('dialog').getByRole('link', { name: 'Words of the craft' }).click();
  await expect(page.getByRole('heading', { name: 'Words of the craft', level: 2 })).toBeVisible();
});

test.describe('without a signal', () => {
  test.use({ serviceWorkers: 'allow' });
  test('words and help are on the device', async ({ page, context, demo }) => {
    await page.goto(`${demo.url}/larder`);
    await page.evaluate(() => navigator.serviceWorker.ready);
    await page.reload();
    await context.setOffline(true);
    await page.reload();
    await page.getByRole('button', { name: 'cautious limit' }).click();
    await expect(page.getByRole('dialog', { name: 'Cautious limit' })).toContainText('careful cook');
    await page.keyboard.press('Escape');
    await page.getByRole('button', { name: 'Help for this page' }).click();
    await page.getByRole('dialog').getByRole('link', { name: 'Meals ahead' }).click();
    await expect(page.getByRole('heading', { name: 'Meals ahead', level: 3 })).toBeInViewport();
  });
});
