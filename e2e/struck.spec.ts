import { entriesOf, expect, type Page, test } from './fixtures.ts';

const button = (page: Page, name: string | RegExp) => page.getByRole('button', { name });

test('striking a landing asks first; the fish stays readable everywhere, counts nowhere, and can stand again', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/box`);
  await page.getByRole('link', { name: /Black seabream/ }).click();
  await expect(page).toHaveURL(/\/fish\//);
  await expect(page).toHaveURL(/fish/);
  const address = page.url();
  const log = page.getByRole('region', { name: 'Log' });
  await log.getByRole('button', { name: /^Correct: Landed/ }).click();
  const dialog = page.getByRole('dialog', { name: 'Correct this entry' });
  await button(page, /^Cross it out/).click();
  await expect(dialog.getByRole('alert')).toContainText('This entry starts the whole');
  await button(page, /^Cross it out anyway/).click();
  await expect(page.getByRole('status').filter({ hasText: 'does not count' })).toBeVisible();
  await page.goto(`${demo.url}/box`);
  await expect(page.getByRole('link', { name: /Black seabream/ })).toHaveCount(0);
  await page.goto(`${demo.url}/deck`);
  await page.getByRole('button', { name: 'Open', exact: true }).click();
  await expect(button(page, /^No. 8, Black seabream, crossed out/)).toBeVisible();
  // The officer reads it too, and the number of entries did not shrink.
  await page.goto(`${demo.url}/plan/officer`);
  await expect(page.getByRole('row', { name: /Black seabream/ })).toContainText('Crossed out');
  await expect(page.getByText(/1 crossed out, none removed/)).toBeVisible();
  await page.goto(address);
  await button(page, /^Restore it with everything/).click();
  await page.goto(`${demo.url}/box`);
  await expect(page.getByRole('link', { name: /Black seabream/ })).toHaveCount(1);
});

test('striking the start of a trip names what hangs on it, and the trip stays readable with its fish', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/plan`);
  await button(page, /^Correct: Left for North Skerries/).click();
  await button(page, /^Cross it out/).click();
  await expect(page.getByRole('dialog').getByRole('alert')).toContainText('18 fish would no longer count either');
  await button(page, /^Cross it out anyway/).click();
  await page.goto(`${demo.url}/book`);
  const struck = page.getByRole('region', { name: 'Crossed-out trip' });
  await expect(struck).toBeVisible();
  await struck.getByRole('link', { name: /Crossed-out trip: North Skerries/ }).click();
  await expect(page.getByRole('link', { name: /8 mackerel/ }).first()).toBeVisible();
  await button(page, /^Restore it with everything/).click();
  await page.goto(`${demo.url}/deck`);
  await expect(page.getByRole('heading', { name: /What is it/ })).toBeVisible();
});

test('a first reading that was measured again stands on the officer’s sheet', async ({ page, demo }) => {
  await page.goto(`${demo.url}/plan/officer`);
  const dory = page.getByRole('row', { name: /John Dory/ });
  await expect(dory.locator('s')).toHaveText('30.2');
  await expect(dory).toContainText('29.6');
  await expect(page.getByText(/let go/).first()).toBeVisible();
});

test('a double tap writes once; the second tap does not fall on what has appeared', async ({ page, demo }) => {
  await page.goto(`${demo.url}/deck`);
  await page.getByText('Add another fish meanwhile').click();
  await page.waitForTimeout(400);
  const before = (await entriesOf(demo)).length;
  const key = button(page, /^New fish/);
  await key.dblclick({ delay: 10 });
  await expect(page.getByRole('heading', { name: /^12 What is it/ })).toBeVisible();
  await page.waitForTimeout(600);
  const added = (await entriesOf(demo)).slice(before);
  expect(added.map((e) => e.kind)).toEqual(['fish.landed']);
  await expect(page.getByRole('heading', { name: /What is it/ })).toBeVisible();
});

test('the same line a moment later is asked about, and written when it is pressed once more', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/plan`);
  const remarks = async () => (await entriesOf(demo)).filter((e) => e.kind === 'trip.noted').length;
  const before = await remarks();
  const note = async () => {
    await page.getByLabel('Remark', { exact: true }).fill('a seal');
    await page.getByRole('button', { name: 'Note it', exact: true }).click();
  };
  await note();
  await expect(page.getByLabel('Remark', { exact: true })).toHaveValue('');
  await page.waitForTimeout(750);
  await note();
  await expect(page.getByRole('alert')).toContainText('Tap once more if it happened twice');
  await page.getByRole('button', { name: 'Note it', exact: true }).click();
  await expect(page.getByLabel('Remark', { exact: true })).toHaveValue('');
  await expect.poll(remarks).toBe(before + 2);
});

test('a trip that ended is reopened, ended again not before its last fish, and a fish left in hand is finished', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/plan`);
  await button(page, /^End the trip/).click();
  const dialog = page.getByRole('dialog', { name: 'End the trip' });
  await dialog.getByLabel('Time', { exact: true }).fill('13:00');
  await dialog.getByLabel(/^Rod hours/).fill('many');
  await expect(dialog.getByRole('alert').first()).toContainText('is not a number');
  await dialog.getByLabel(/^Rod hours/).fill('21');
  await button(page, /^End trip now/).click();
  await expect(dialog.getByRole('alert')).toContainText('last fish of this trip was caught at 14:19');
  await dialog.getByLabel('Time', { exact: true }).fill('14:20');
  await button(page, /^End trip now/).click();
  await expect(page).toHaveURL(/\/trip\//);
  await page.goto(`${demo.url}/book`);
  await page.getByRole('link', { name: /Trip 27: North Skerries/ }).click();
  await page.getByRole('link', { name: /^No. 11/ }).click();
  await button(page, /^Plaice/).click();
  await page.getByLabel(/^Length/).fill('33');
  await button(page, /^Measured/).click();
  await button(page, /^Killed/).click();
  await expect(button(page, /^Bled/)).toBeVisible();
  await page.getByRole('link', { name: 'its page' }).click();
  await button(page, /^Reopen the trip/).click();
  await page.goto(`${demo.url}/deck`);
  await expect(page.getByText('This trip has ended')).toHaveCount(0);
});
