import AxeBuilder from '@axe-core/playwright';
import { entriesOf, expect, fishAboard, test } from './fixtures.ts';

test('a rule is read out of its data, changed from a day on, tried on past catches, written, judged by, and struck', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/plan`);
  await page.getByRole('link', { name: 'All rules, and your own' }).click();
  await page.getByLabel('Find a rule').fill('pollack: at least');
  const rule = page.getByRole('listitem').filter({ hasText: 'Pollack: at least 38 cm' });
  await expect(rule).toContainText('Pollack: at least 38 cm total length.');
  await rule.getByRole('button', { name: /^Change from a certain day/ }).click();
  await page.getByLabel('Minimum length, cm').fill('');
  await expect(page.getByText('Enter the minimum length.')).toBeVisible();
  await page.getByLabel('Minimum length, cm').fill('46');
  await expect(
    page.getByText('Pollack: at least 46 cm total length, in force from 12 September 2026 on.'),
  ).toBeVisible();
  const tried = page.getByRole('region', { name: 'Tried on past catches' });
  await expect(tried).toContainText(/\d+ verdicts? changes?:/);
  await expect(tried.getByRole('listitem').first()).toContainText('now let go');
  const before = (await entriesOf(demo)).length;
  await page.getByRole('button', { name: /^Save the rule/ }).click();
  await expect
    .poll(async () => (await entriesOf(demo)).at(-1))
    .toMatchObject({ kind: 'rule.set', facts: { replaces: expect.any(String) } });
  expect((await entriesOf(demo)).length).toBe(before + 1);
  await page.getByLabel('Find a rule').fill('46 cm');
  await expect(page.getByText('Your own. written into this book')).toBeVisible();
  expect((await new AxeBuilder({ page }).analyze()).violations.map((v) => v.id)).toEqual([]);

  // The Deck judges by it at once, and by the old one again once it is struck.
  await page.goto(`${demo.url}/deck`);
  await page
    .getByRole('button', { name: /^Pollack/ })
    .first()
    .click();
  await page.getByLabel(/^Length/).fill('42');
  await page.getByRole('button', { name: /^Measured/ }).click();
  const verdict = page.getByRole('region', { name: 'Verdict' });
  await expect(verdict).toContainText('4 under 46');
  await expect(verdict).toContainText('What would change it: a reading 4.5 cm longer.');
  await page.goto(`${demo.url}/plan/rules`);
  await page.getByRole('button', { name: /^Cross out: Pollack: at least 46/ }).click();
  await expect(page.getByRole('button', { name: /^Cross out: Pollack: at least 46/ })).toHaveCount(0);
  await page.goto(`${demo.url}/deck`);
  await expect(verdict).toContainText('4 over 38');
});

test('a new rule for every kind in one zone, and one that cannot be', async ({ page, demo }) => {
  await page.goto(`${demo.url}/plan/rules`);
  await page.getByRole('button', { name: /^Add a rule/ }).click();
  await page.getByLabel('Text of the rule').selectOption('daily limit');
  await page.getByRole('button', { name: /^Save the rule/ }).click();
  await expect(page.getByRole('alert')).toContainText('Enter how many, as a whole number.');
  await page.getByLabel('How many fish').fill('10');
  await page.getByLabel('For', { exact: true }).selectOption('the whole boat');
  await page.getByLabel(/For which species/).fill('seelachs');
  await page.getByRole('button', { name: 'Add Saithe' }).click();
  await page.getByRole('checkbox', { name: 'Outer Bank' }).check({ force: true });
  await expect(
    page.getByText('Saithe: no more than 10 fish the boat a day, in Outer Bank, in force from 12 September 2026 on.'),
  ).toBeVisible();
  await page.getByRole('button', { name: /^Save the rule/ }).click();
  await page.getByLabel('Find a rule').fill('saithe');
  await expect(page.getByText('Saithe: no more than 10 fish the boat a day')).toBeVisible();
  await page.reload();
  await page.getByLabel('Find a rule').fill('saithe');
  await expect(page.getByText('Saithe: no more than 10 fish the boat a day')).toBeVisible();
});

test('a lot over the limit is split: some stay, the others go back as a line of their own', async ({ page, demo }) => {
  await page.goto(`${demo.url}/deck`);
  await page.getByText('Add another fish meanwhile').click();
  await page.getByLabel('How many').fill('6');
  await page.getByRole('button', { name: /^6 new fish/ }).click();
  await page
    .getByRole('button', { name: /^Plaice/ })
    .first()
    .click();
  await page
    .getByLabel(/^(Length|Shortest)/)
    .first()
    .fill('36');
  await page.getByRole('button', { name: /^Measured/ }).click();
  const verdict = page.getByRole('region', { name: 'Verdict' });
  await expect(verdict).toContainText('may keep 5 more today, and this lot is 6');
  await expect(verdict).toContainText('What would change it: a lot of 5.');
  await page.getByRole('button', { name: /^1 of 6 back/ }).click();
  const dialog = page.getByRole('dialog', { name: 'Release part of them' });
  await dialog.getByLabel('How many are released').fill('6');
  await dialog.getByRole('button', { name: /^Released/ }).click();
  await expect(dialog.getByRole('alert')).toContainText('A whole number from 1 to 5.');
  await dialog.getByLabel('How many are released').fill('1');
  await dialog.getByRole('button', { name: /^Released/ }).click();
  await expect(page.getByRole('heading', { name: /5 plaice/ })).toBeVisible();
  await expect(verdict.getByRole('img', { name: 'Keep' })).toBeVisible();
  await expect
    .poll(async () => (await entriesOf(demo)).slice(-1)[0])
    .toMatchObject({ kind: 'fish.released', facts: { reason: 'over the bag' } });
});

test('a rule asks for a licence; noted once, it counts for every fish, on the sheet and on the briefing', async ({
  page,
  own,
}) => {
  // This book goes by the real day: a permit with five days to go is good, and lapses within the briefing's two weeks.
  const until = '2026-09-17';
  await page.goto(own.url);
  await page.getByLabel('Name 1', { exact: true }).fill('Marit');
  await page.getByRole('radio', { name: /Tarnmere Lakes/ }).check({ force: true });
  await page.getByRole('button', { name: /Open my book/ }).click();
  await page.getByRole('radio', { name: /^Long Mere/ }).check({ force: true });
  await page.getByRole('button', { name: /Cast off/ }).click();
  await fishAboard(page);
  await page.getByRole('button', { name: /^Zander/ }).click();
  await page.getByLabel(/^Length/).fill('50');
  await page.getByRole('button', { name: /^Measured/ }).click();
  const verdict = page.getByRole('region', { name: 'Verdict' });
  await expect(verdict.getByRole('img', { name: 'Answer first' })).toBeVisible();
  await page.getByRole('button', { name: /^Papers of Marit/ }).click();
  const dialog = page.getByRole('dialog', { name: 'Marit: papers' });
  await expect(dialog).toBeVisible();
  // What has just opened takes no taps for a moment.
  await expect(page.locator('.settling')).toHaveCount(0);
  await dialog.getByRole('radio', { name: 'holds it' }).check({ force: true });
  await dialog.getByRole('button', { name: 'Save the papers' }).click();
  await expect(dialog.getByRole('alert')).toContainText('Enter the last day on which the lake permit is valid.');
  await dialog.getByLabel('Last day of the lake permit').fill(until);
  await dialog.getByRole('button', { name: 'Save the papers' }).click();
  await expect(verdict.getByRole('img', { name: 'Keep' })).toBeVisible();
  await expect(verdict).toContainText('lake permit, good to');
  await expect(verdict).toContainText('Not too long: 50 is 26.2 under 76.2');
  await page.goto(`${own.url}/plan/officer`);
  await expect(page.getByText(/^lake permit to \d/)).toBeVisible();
  await page.goto(`${own.url}/plan/briefing`);
  await expect(page.getByText(/^Marit: lake permit, to \d/)).toBeVisible();
  await page.goto(`${own.url}/all`);
  await page.getByRole('button', { name: 'Papers of Marit' }).click();
  await expect(page.getByLabel('Last day of the lake permit')).toHaveValue(new RegExp(until.slice(0, 4)));
});
