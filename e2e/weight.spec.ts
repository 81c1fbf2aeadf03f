import AxeBuilder from '@axe-core/playwright';
import { expect, test } from './fixtures.ts';

test('own fish against the typical curve: a chart, the same in figures, and a way to each fish', async ({
  demo,
  page,
}) => {
  await page.goto(`${demo.url}/catalogue/pollack`);
  await page.getByRole('link', { name: 'Your own weights by length' }).click();
  await expect(page.getByRole('heading', { name: /At \d+ cm yours weigh/ })).toBeVisible();
  await expect(page.getByText(/90 % are between .* from \d+ fish of yours/)).toBeVisible();
  await expect(
    page.getByRole('img', { name: /Weight at length of Pollack/ }).locator('svg .apexcharts-series'),
  ).not.toHaveCount(0);
  expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);
  await page.getByText(/In figures/).click();
  await page.locator('.figures').getByRole('link').first().click();
  await expect(page).toHaveURL(/\/fish\//);
});

test('a species that was never weighed shows the typical curve alone, and an unknown one no page', async ({
  demo,
  page,
}) => {
  await page.goto(`${demo.url}/book/weight/zander`);
  await expect(page.getByRole('heading', { name: /A zander of \d+ cm usually weighs/ })).toBeVisible();
  await expect(page.getByText('starts your curve')).toBeVisible();
  await page.goto(`${demo.url}/book/weight/no-such-fish`);
  await expect(page.getByRole('heading', { name: 'Page not found', level: 2 })).toBeVisible();
});

test('a fish weighed in the wrong unit is asked about when it is written, and stands out in the book', async ({
  demo,
  page,
}) => {
  await page.goto(`${demo.url}/deck`);
  await page
    .getByRole('button', { name: /^Pollack/ })
    .first()
    .click();
  await page.getByLabel(/^Length/).fill('49');
  await expect(page.getByText(/from the length and \d+ of your own/)).toBeVisible();
  await page.getByLabel(/^Weight/).fill('4100');
  await page.getByRole('button', { name: /^Measured/ }).click();
  await expect(page.getByRole('alert')).toContainText('Which is wrong: length, weight or species?');
  await page.getByRole('button', { name: /^Measured/ }).click();
  await expect(page.getByRole('region', { name: 'Verdict' })).toBeVisible();
  await page.goto(`${demo.url}/book/weight/pollack`);
  await expect(page.getByRole('list', { name: 'Unlikely weights' })).toContainText('49.0 cm, 4.10 kg');
});
