import AxeBuilder from '@axe-core/playwright';
import { expect, fishAboard, nameAndMeasure, test } from './fixtures.ts';

/** Pages of a PDF, counted in its page objects. */
const pagesOf = (pdf: Buffer): number => (pdf.toString('latin1').match(/\/Type\s*\/Page[^s]/g) ?? []).length;

test('the officer’s sheet: every fish of the trip with length, rule and fate, corrections shown, on one printed page', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/plan`);
  await page.getByRole('link', { name: /Officer’s sheet/ }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Officer’s sheet' })).toBeVisible();
  await expect(page.getByText('Skerrow Isles sample rules, not law')).toBeVisible();
  const table = page.getByRole('table').first();
  await expect(table.getByRole('row')).toHaveCount(12);
  await expect(table.getByRole('row').nth(3)).toContainText('46.0 44.0');
  await expect(table.getByRole('row').nth(2)).toContainText('nobody');
  await expect(table.getByRole('row').nth(2)).toContainText('too short');
  await expect(page.getByText(/Log of this trip: \d+ entries, \d+ crossed out, none removed/)).toBeVisible();
  // By night it is black on white all the same.
  await page.evaluate(() => (document.documentElement.dataset['theme'] = 'dagboek-night'));
  expect(pagesOf(await page.pdf({ preferCSSPageSize: true }))).toBe(1);
  expect((await new AxeBuilder({ page }).analyze()).violations.map((v) => v.id)).toEqual([]);
});

test('the briefing: what is open there on that day, what goes back, the sun, and what changes soon', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/plan`);
  await page.getByRole('link', { name: 'Briefing (one page to print)' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Briefing' })).toBeVisible();
  await expect(page.getByText('06:59 to 20:06')).toBeVisible();
  await expect(page.getByRole('row', { name: /Pollack/ })).toContainText('38');
  await expect(page.getByText(/Rarely caught here, but with their own rules: .*Perch/)).toBeVisible();
  expect(pagesOf(await page.pdf({ preferCSSPageSize: true }))).toBe(1);
  expect((await new AxeBuilder({ page }).analyze()).violations.map((v) => v.id)).toEqual([]);
  await page.goto(`${demo.url}/plan/briefing?zone=north-skerries&day=2026-11-25`);
  await expect(
    page.getByText('1 December: closes: Pollack: closed from 1 December to 28 February, each year.'),
  ).toBeVisible();
  await page.goto(`${demo.url}/plan/briefing?zone=north-skerries&day=2026-12-05`);
  await expect(page.getByRole('heading', { name: 'Must be released today' })).toBeVisible();
  await page.goto(`${demo.url}/plan/briefing?zone=gannet-hole`);
  await expect(page.getByRole('heading', { name: 'Nothing may be kept here today' })).toBeVisible();
});

test('a rule that bans a gear asks how the fish was caught, and the answer corrects its landing', async ({
  page,
  own,
}) => {
  await page.goto(own.url);
  await page.getByLabel('Name 1', { exact: true }).fill('Marit');
  await page.getByRole('radio', { name: /Skerrow Isles/ }).check({ force: true });
  await page.getByRole('button', { name: /Open my book/ }).click();
  await page.getByRole('radio', { name: /Harrow Estuary/ }).check({ force: true });
  await page.getByRole('button', { name: /Cast off/ }).click();
  await page.getByRole('radio', { name: 'spear' }).check({ force: true });
  await fishAboard(page);
  await page.getByRole('button', { name: /^Plaice/ }).click();
  await page.getByLabel(/^Length/).fill('36');
  await page.getByRole('button', { name: /^Measured/ }).click();
  const verdict = page.getByRole('region', { name: 'Verdict' });
  await expect(verdict.getByRole('img', { name: 'Let go' })).toBeVisible();
  await expect(verdict).toContainText('Not with this gear: spear is not allowed here.');
});

test('after midnight plan and sheet say which day it is, and the fish in hand is counted on its own', async ({
  demo,
  page,
}) => {
  // The evening goes on: the page believes that it is half past twelve at night.
  await page.route('**/api/health', async (route) => {
    const answer = (await (await route.fetch()).json()) as object;
    await route.fulfill({ json: { ...answer, now: '2026-09-13T00:30:00+01:00', clock: 'still' } });
  });
  await page.goto(`${demo.url}/deck`);
  // The fish in hand was landed yesterday: its day's bags stand beside it.
  await nameAndMeasure(page, /^Pollack/, '45');
  await expect(page.getByRole('complementary', { name: 'Dinner and bags' })).toContainText(/Pollack\s*Wren/);
  await page.goto(`${demo.url}/plan`);
  await expect(page.getByRole('complementary', { name: 'Rules for this area' })).toContainText('13 September');
  await page.goto(`${demo.url}/plan/officer`);
  await expect(page.getByText('Sun 13 Sep 2026, 00:30')).toBeVisible();
  await expect(page.getByText('Sat 12 Sep, 06:40')).toBeVisible();
});
