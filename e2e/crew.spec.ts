import { endTripAndPlan, entriesOf, expect, fishAboard, type Page, test } from './fixtures.ts';

const button = (page: Page, name: string | RegExp) => page.getByRole('button', { name });

test('people and boxes are added, renamed, retired and brought back; a used book is never opened twice', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/welcome`);
  await expect(page).toHaveURL(/\/crew$/);
  await page.getByLabel('Another person').fill('ilse');
  await button(page, 'Add the person').click();
  await expect(page.getByRole('alert')).toContainText('already has this name');
  await page.getByLabel('Another person').fill('Runa');
  await button(page, 'Add the person').click();
  await button(page, 'Rename Runa').click();
  await page.getByRole('dialog').getByLabel('Name', { exact: true }).fill('Runa M.');
  await button(page, /^Correct it/).click();
  await expect(page.getByText('Runa M.', { exact: true })).toBeVisible();
  await button(page, 'No longer comes: Oda').click();
  await expect(button(page, 'Comes again: Oda')).toBeVisible();
  await page.getByLabel('Another box').fill('the red box');
  await page.getByLabel('Holds').fill('many');
  await button(page, 'Add the box').click();
  await expect(page.getByRole('alert').first()).toContainText('cannot be read');
  await page.getByLabel('Holds').fill('30');
  await button(page, 'Add the box').click();
  await button(page, 'No longer used: the soft bag').click();
  await page.goto(`${demo.url}/plan`);
  await endTripAndPlan(page, demo);
  const aboard = page.getByRole('group', { name: 'Aboard' });
  await expect(aboard).toContainText('Runa M.');
  await expect(aboard).not.toContainText('Oda');
  await expect(page.getByRole('group', { name: 'Box' })).toContainText('the red box');
  await expect(page.getByRole('group', { name: 'Box' })).not.toContainText('soft bag');
  await page.goto(`${demo.url}/crew`);
  await button(page, 'Comes again: Oda').click();
  await expect(button(page, 'No longer comes: Oda')).toBeVisible();
});

test('a book without a rule pack: places of its own, species by their ground, and a rule written at once', async ({
  page,
  own,
}) => {
  await page.goto(own.url);
  await page.getByLabel('Name 1', { exact: true }).fill('Marit');
  await page.getByRole('radio', { name: /None yet/ }).check({ force: true });
  await button(page, /Open my book/).click();
  await page.getByRole('link', { name: /Add a person, box or place/ }).click();
  await page.getByLabel('Another place').fill('Hidden Pool');
  await page.getByRole('checkbox', { name: 'lake' }).check({ force: true });
  await button(page, 'Add the place').click();
  await page.getByLabel('Another place').fill('The Wall');
  await page.getByRole('checkbox', { name: 'lake' }).uncheck({ force: true });
  await page.getByRole('checkbox', { name: 'rock and kelp' }).check({ force: true });
  await button(page, 'Add the place').click();
  await expect(page.getByText('The Wall', { exact: true })).toBeVisible();
  await page.goto(`${own.url}/plan`);
  await page.getByRole('radio', { name: /Hidden Pool/ }).check();
  await button(page, /Cast off/).click();
  await fishAboard(page);
  await expect(page.locator('.species-key').first()).toContainText(/perch|roach|pike|trout|tench|zander/i);
  await button(page, /^Perch/).click();
  await page.getByLabel(/^Length/).fill('20');
  await button(page, /^Measured/).click();
  const verdict = page.getByRole('region', { name: 'Verdict' });
  await expect(verdict).toContainText('No rule found');
  await page.goto(`${own.url}/plan/rules`);
  await button(page, /^Add a rule/).click();
  await page.getByLabel('Minimum length, cm').fill('25');
  await page.getByLabel(/For which species/).fill('perch');
  await button(page, 'Add Perch').click();
  await button(page, /^Save the rule/).click();
  await expect(page.getByText('Perch: at least 25 cm total length').first()).toBeVisible();
  await page.goto(`${own.url}/deck`);
  await expect(verdict).toContainText('Too short');
  await expect(verdict).toContainText('20 is 5 under 25');
  await expect(verdict.getByRole('img', { name: 'Let go' })).toBeVisible();
});

test('a copy of the book is made from its own page, holds what was just written, and says when there is no signal', async ({
  page,
  context,
  demo,
}) => {
  await page.goto(`${demo.url}/all`);
  const before = (await entriesOf(demo)).length;
  await page.getByRole('button', { name: /^Back up the book/ }).click();
  await expect(
    page.getByText(new RegExp(`^${before} entries copied to .*backups.*, checked and complete\\.$`)),
  ).toBeVisible();
  await context.setOffline(true);
  await page.getByRole('button', { name: /^Back up the book/ }).click();
  await expect(page.getByRole('alert')).toContainText('The copy is made on the server: try again with a signal.');
});
