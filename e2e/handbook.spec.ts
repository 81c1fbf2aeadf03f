import AxeBuilder from '@axe-core/playwright';
import { expect, test } from './fixtures.ts';

test.use({ serviceWorkers: 'allow' });

test('the handbook opens from All, is searched as a whole, leads to its pages, and is there without a network', async ({
  page,
  context,
  demo,
}) => {
  await page.goto(`${demo.url}/all`);
  await page.getByRole('link', { name: 'Handbook' }).click();
  await expect(page.getByRole('heading', { name: 'Plan', level: 2 })).toBeVisible();
  expect((await new AxeBuilder({ page }).analyze()).violations.map((v) => v.id)).toEqual([]);
  await page.getByRole('link', { name: 'The machine that keeps the book' }).click();
  await expect(page.getByRole('heading', { name: 'Backups' })).toBeVisible();
  // Nothing leads to what is not in the application.
  const links = await page
    .locator('main a')
    .evaluateAll((all) => all.map((a) => (a as HTMLAnchorElement).getAttribute('href')));
  for (const to of links) expect(to).toMatch(/^\/(handbook|api|unsent|hurt)/);
  await page.evaluate(() => navigator.serviceWorker.ready);
  await page.reload();
  await context.setOffline(true);
  await page.reload();
  await page.getByLabel('Search the handbook').fill('pedal');
  await expect(page.getByRole('heading', { name: 'Step by step', level: 3 })).toBeVisible();
  await page.getByLabel('Search the handbook').fill('zebra crossing');
  await expect(page.getByText('Nothing found')).toBeVisible();
});
