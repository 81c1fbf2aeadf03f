import { entriesOf, expect, test } from './fixtures.ts';

test('a corrected length stands struck beside the new one, and everything reckoned follows', async ({ page, demo }) => {
  await page.goto(`${demo.url}/book`);
  await page
    .getByRole('region', { name: 'Trip 27' })
    .getByRole('link', { name: /John Dory/ })
    .click();
  const log = page.getByRole('region', { name: 'Log' });
  await log.getByRole('button', { name: /^Correct: Length 29.6/ }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Length', { exact: true }).fill('31.2');
  await dialog.getByLabel(/^Reason/).fill('read at the wrong end');
  await dialog.getByRole('button', { name: /^Correct it/ }).click();
  await expect(log.locator('s', { hasText: 'Length 29.6 cm' })).toBeVisible();
  await expect(log).toContainText('Length 31.2 cm');
  await expect(log).toContainText('read at the wrong end');
  await page.reload();
  await expect(log.locator('s', { hasText: 'Length 29.6 cm' })).toBeVisible();
  await page.goto(`${demo.url}/book`);
  await expect(page.getByRole('link', { name: /John Dory/ }).first()).toContainText('31.2');
});

test('a struck line stays readable, no longer counts, and can be let stand again', async ({ page, demo }) => {
  const before = (await entriesOf(demo)).length;
  await page.goto(`${demo.url}/box`);
  await page.getByRole('link', { name: /Black seabream/ }).click();
  const log = page.getByRole('region', { name: 'Log' });
  await log.getByRole('button', { name: /^Correct: Onto ice/ }).click();
  await page
    .getByRole('dialog')
    .getByRole('button', { name: /^Cross it out/ })
    .click();
  await expect(log.locator('s', { hasText: 'Onto ice' })).toBeVisible();
  await page.goto(`${demo.url}/box`);
  await expect(page.getByRole('link', { name: /Black seabream/ })).toHaveCount(0);
  await page.goBack();
  await log.getByRole('button', { name: /^Restore it/ }).click();
  await expect(log.locator('s', { hasText: 'Onto ice' })).toHaveCount(0);
  await page.goto(`${demo.url}/box`);
  await expect(page.getByRole('link', { name: /Black seabream/ })).toHaveCount(1);
  // Nothing was changed or deleted for it: two entries were added.
  await expect.poll(async () => (await entriesOf(demo)).length).toBe(before + 2);
  expect((await entriesOf(demo)).slice(-2).map((e) => e.kind)).toEqual(['log.struck', 'log.struck']);
});

test('a fish caught by one and noted for another: the bags follow', async ({ page, demo }) => {
  await page.goto(`${demo.url}/deck`);
  const bags = page.getByRole('complementary', { name: 'Dinner and bags' });
  await expect(bags.getByRole('listitem').filter({ hasText: 'Black seabream' })).toContainText('Tomas');
  await page.getByRole('button', { name: /Black seabream: open its page/ }).click();
  await page
    .getByRole('region', { name: 'Log' })
    .getByRole('button', { name: /^Correct: Landed/ })
    .click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Caught by').selectOption({ label: 'Ilse' });
  await dialog.getByRole('button', { name: /^Correct it/ }).click();
  await page.goto(`${demo.url}/deck`);
  await expect(bags.getByRole('listitem').filter({ hasText: 'Black seabream' })).toContainText('Ilse');
});

test('the trip ends, and the next begins with the last one’s answers', async ({ page, demo }) => {
  await page.goto(`${demo.url}/plan`);
  await page.getByRole('button', { name: /^End the trip/ }).click();
  await expect(page.getByRole('dialog')).toContainText('2 fish are still in hand or bleeding');
  await page.getByRole('button', { name: /^End trip now/ }).click();
  // What it brought, and the next step.
  await expect(page.getByText(/^Home after .* kept/)).toBeVisible();
  await expect(page.getByRole('link', { name: /^To the board/ })).toBeVisible();
  await page.goto(`${demo.url}/plan`);
  await expect(page.getByRole('radio', { name: /North Skerries/ })).toBeChecked();
  await page.goto(`${demo.url}/deck`);
  await expect(page.getByRole('heading', { name: 'No trip is open' })).toBeVisible();
});

test('a pack is moved and thrown away, a meal is marked anew', async ({ page, demo }) => {
  await page.goto(`${demo.url}/larder`);
  await page.getByRole('region', { name: 'Chest in the shed' }).locator('a.as-row').first().click();
  await page.getByRole('button', { name: /^To lowest shelf/ }).click();
  await expect(page.getByText(/do not freeze it again raw/)).toBeVisible();
  await page.getByRole('button', { name: /^Throw away/ }).click();
  await page.getByRole('button', { name: /^Thrown away/ }).click();
  await expect(page.getByRole('alert')).toContainText('Say why');
  await page.getByLabel('Why', { exact: true }).fill('thawed by mistake');
  await page.getByRole('button', { name: /^Thrown away/ }).click();
  await expect(page.getByText('Thrown away: thawed by mistake.').first()).toBeVisible();
  await page.goto(`${demo.url}/table`);
  await page.getByRole('link', { name: /of 5/ }).first().click();
  const mark = page.getByRole('group', { name: /’s mark$/ }).first();
  await mark.getByRole('radio', { name: '1' }).click({ force: true });
  await expect(page.locator('s', { hasText: 'gave it' }).first()).toBeVisible();
});
