import AxeBuilder from '@axe-core/playwright';
import { entriesOf, expect, type Page, test } from './fixtures.ts';

async function choose(page: Page, url: string, preset: RegExp): Promise<void> {
  await page.goto(`${url}/all`);
  await page.getByRole('button', { name: preset }).click();
  await page.getByRole('button', { name: /^Use these/ }).click();
  await expect(page.getByRole('button', { name: /^Use these as it is now/ })).toBeVisible();
}

test('a fish measured in inches stands in inches, keeps what was typed, and reads in cm for whoever wants cm', async ({
  demo,
  page,
}) => {
  await page.goto(`${demo.url}/all`);
  await page.getByRole('radio', { name: 'inches' }).check({ force: true });
  await expect(page.getByText('14:20: 17.13 in, 1.31 kg; 8 kg of ice in the 52 l box, water 12.5°.')).toBeVisible();
  expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);
  await choose(page, demo.url, /^All customary/);
  await page.goto(`${demo.url}/deck`);
  await expect(page.getByText('19.8 lb of ice in the blue box')).toBeVisible();
  await page
    .getByRole('button', { name: /^Pollack/ })
    .first()
    .click();
  await page.getByLabel(/^Length/).fill('17 1/4');
  await page.getByLabel(/^Weight/).fill('790 g');
  await expect(page.getByText('= 1 lb 11.9 oz')).toBeVisible();
  await page.getByRole('button', { name: /^Measured/ }).click();
  const verdict = page.getByRole('region', { name: 'Verdict' });
  await expect(verdict).toContainText('17 1/4 is 2.29 over 14.96 in');
  await expect
    .poll(async () => (await entriesOf(demo)).filter((e) => e.kind === 'fish.measured').at(-1)?.facts)
    .toMatchObject({ lengthMm: 438.15, typed: { lengthMm: '17.25 in' } });
  expect((await entriesOf(demo)).filter((e) => e.kind === 'fish.weighed').at(-1)?.facts).toEqual({
    massG: 790,
    how: 'scale',
  });
  const { subject } = (await entriesOf(demo)).filter((e) => e.kind === 'fish.measured').at(-1)!;
  await page.goto(`${demo.url}/fish/${subject}`);
  await expect(page.getByText('Length 17 1/4 in, on the board')).toBeVisible();
  // The printed sheet too, and its clock.
  await page.goto(`${demo.url}/plan/officer`);
  await expect(page.getByRole('columnheader', { name: 'Length, in' })).toBeVisible();
  await expect(page.getByText('6:40 am').first()).toBeVisible();
  // Degrees that can scald are never left in the other scale.
  await page.goto(`${demo.url}/hurt?card=sting`);
  await expect(page.getByText(/water as hot as can be borne, 104 to 113°F and never above 113°F/)).toHaveCount(1);
  await choose(page, demo.url, /^All metric/);
  await page.goto(`${demo.url}/fish/${subject}`);
  await expect(page.getByText('Length 43.8 cm (typed 17.25 in), on the board')).toBeVisible();
});

test('a correction in inches shows the length in inches, and leaves it as exact as it was when it is not touched', async ({
  demo,
  page,
}) => {
  await choose(page, demo.url, /^All customary/);
  await page.goto(`${demo.url}/book?species=pollack`);
  await page.locator('a[href^="/fish/"]').first().click();
  const line = page.getByRole('button', { name: /^Correct: Length/ }).first();
  await line.click();
  const dialog = page.getByRole('dialog');
  const before = await dialog.getByLabel('Length', { exact: true }).inputValue();
  expect(before).toMatch(/^\d\d(\.\d+)?$/);
  await page.waitForTimeout(400);
  await dialog.getByLabel('Measured with').selectOption('tape');
  await dialog.getByRole('button', { name: /^Correct/ }).click();
  await expect(dialog).toHaveCount(0);
  const corrected = async () => (await entriesOf(demo)).filter((e) => e.kind === 'fish.measured').at(-1)?.facts;
  await expect.poll(corrected).toMatchObject({ method: 'tape' });
  // Whole millimetres, as it was read on the board.
  expect(Number((await corrected())?.['lengthMm']) % 1).toBe(0);
});
