import { entriesOf, expect, fishAboard, nameAndMeasure, type Page, type Server, test } from './fixtures.ts';

/** A book of the lakes with one angler who holds the permit, in one of their zones, with a fish of a kind in hand. */
async function atTheLakes(page: Page, own: Server, zone: RegExp, kind: RegExp, cm: string): Promise<void> {
  const until = '2026-12-31';
  await page.goto(own.url);
  await page.getByLabel('Name 1', { exact: true }).fill('Marit');
  await page.getByRole('radio', { name: /Tarnmere Lakes/ }).check({ force: true });
  await page.getByRole('button', { name: /Open my book/ }).click();
  await page.getByRole('radio', { name: zone }).check({ force: true });
  await page.getByRole('button', { name: /Cast off/ }).click();
  // Written, before another page is opened.
  await expect(page.getByRole('button', { name: /^New fish/ })).toBeVisible();
  await page.goto(`${own.url}/all`);
  await page.getByRole('button', { name: 'Papers of Marit' }).click();
  const papers = page.getByRole('dialog', { name: 'Marit: papers' });
  // What has just opened takes no taps for a moment.
  await expect(page.locator('.settling')).toHaveCount(0);
  for (const held of await papers.getByRole('radio', { name: 'holds it' }).all()) await held.check({ force: true });
  for (const day of await papers.getByLabel(/^Last day of/).all()) await day.fill(until);
  await papers.getByLabel(/^Day of birth/).fill('1990-05-01');
  await papers.getByRole('button', { name: 'Save the papers' }).click();
  await page.goto(`${own.url}/deck`);
  await fishAboard(page);
  const every = page.getByRole('button', { name: /^All \d+ species/ });
  if (await every.isVisible()) await every.click();
  await nameAndMeasure(page, kind, cm);
}
const verdict = (page: Page) => page.getByRole('region', { name: 'Verdict' });

test('a stocked fish is exempt from the size of the wild ones; until that is said it is judged as wild', async ({
  own,
  page,
}) => {
  await atTheLakes(page, own, /^Stocked Ponds/, /^Rainbow trout/, '25');
  await expect(verdict(page).getByRole('img', { name: 'Let go' })).toBeVisible();
  await expect(page.getByText('Not answered: it is judged as wild, which is stricter.')).toBeVisible();
  await page.getByRole('radio', { name: 'stocked' }).click({ force: true });
  await expect(verdict(page).getByRole('img', { name: 'Keep' })).toBeVisible();
  await expect(verdict(page)).toContainText('Exempt:');
  await page.getByRole('radio', { name: 'wild', exact: true }).click({ force: true });
  await expect(verdict(page).getByRole('img', { name: 'Let go' })).toBeVisible();
});

test('a fish that must be reported is, to whom and by when, until that is noted', async ({ own, page }) => {
  await atTheLakes(page, own, /^Long Mere/, /^Atlantic salmon/, '80');
  const reports = page.getByRole('region', { name: 'To report' });
  await expect(reports).toContainText(/Atlantic salmon to the lake office by \d\d:\d\d on Sun 13 Sep, in 2[34] h/);
  await reports.getByRole('button', { name: /^Reported: / }).click();
  await expect(reports).toHaveCount(0);
  await expect
    .poll(async () => (await entriesOf(own)).at(-1))
    .toMatchObject({ kind: 'fish.reported', facts: { rule: 'salmon-report' } });
  await page.reload();
  await expect(verdict(page)).toBeVisible();
  await expect(reports).toHaveCount(0);
});

test('an error of one’s own makes a near thing clear, for what is measured after it', async ({ demo, page }) => {
  await page.goto(`${demo.url}/deck`);
  await nameAndMeasure(page, /^Pollack/, '38.3');
  await expect(verdict(page).getByRole('img', { name: 'Measure again' })).toBeVisible();
  await page.getByRole('button', { name: /^Measure again/ }).click();
  await page.getByRole('button', { name: 'Change', exact: true }).click();
  await page.getByLabel('On the board, good to').fill('0');
  await page.getByRole('button', { name: /^Note it/ }).click();
  await expect(page.getByRole('alert')).toContainText('0.5 mm');
  await page.getByLabel('On the board, good to').fill('0.1');
  await page.getByRole('button', { name: /^Note it/ }).click();
  await expect(page.getByText(/Accurate to ±0\.1 cm, your own value/)).toBeVisible();
  await page.getByLabel(/^Length/).fill('38.3');
  await page.getByRole('button', { name: /^Measured/ }).click();
  await expect(verdict(page).getByRole('img', { name: 'Keep' })).toBeVisible();
  await expect(page.getByText(/good to 0\.1 cm/).first()).toBeVisible();
});
