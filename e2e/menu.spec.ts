import AxeBuilder from '@axe-core/playwright';
import { type Page } from '@playwright/test';
import { entriesOf, expect, mouse, test, thumb } from './fixtures.ts';

const row = (page: Page, day: string) => page.getByRole('region', { name: day, exact: true });
const status = (page: Page) => page.locator('.menu-state').getByRole('status');
/** Until the solver in its worker has answered. */
const planned = async (page: Page): Promise<void> =>
  expect(status(page).filter({ hasText: /goes off|cannot be eaten/ })).toBeVisible({ timeout: 40_000 });

test('a plan for the week, with its reasons; kept, it stands in the larder and after a reload', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/larder`);
  await page.getByRole('link', { name: 'The plan and its reasons' }).click();
  await planned(page);
  // What thaws was put on Sunday by Ilse, and its last day is then.
  await expect(row(page, 'Sunday')).toContainText(/95.*Pollack, 2 fillets/);
  await expect(row(page, 'Sunday')).toContainText('you put it here; its last day by the official limit');
  await expect(row(page, 'Monday')).toContainText('No fish, by choice.');
  await expect(row(page, 'Tuesday')).toContainText('and 1 guest at home; fish is wished');
  await expect(row(page, 'Monday')).toContainText(/Pack \d+ out of the freezer Monday evening, into the fridge/);
  expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);
  await mouse.press(page.getByRole('button', { name: /^Save this plan/ }));
  await expect(page.getByText('This plan is saved.')).toBeVisible({ timeout: 40_000 });
  await expect.poll(async () => (await entriesOf(demo)).at(-1)?.kind).toBe('day.planned');
  const n = (await entriesOf(demo)).length;
  await page.reload();
  await planned(page);
  await expect(page.getByText('This plan is saved.')).toBeVisible();
  await page.goto(`${demo.url}/larder`);
  await expect(page.getByRole('img', { name: /planned for 13 September/ })).toHaveCount(1);
  expect((await entriesOf(demo)).length).toBe(n);
});

test('another day by the list and by the keys: it stays there, the rest is planned anew; let go, the plan chooses', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/larder/plan`);
  await planned(page);
  await page.getByLabel('Day of pack 95').selectOption({ label: 'Sat 12 Sep' });
  await expect(row(page, 'Saturday')).toContainText(/Pollack, 2 fillets/, { timeout: 40_000 });
  await expect(row(page, 'Saturday')).toContainText('you put it here');
  await expect.poll(async () => (await entriesOf(demo)).filter((e) => e.kind === 'day.planned').length).toBe(5);
  await planned(page);
  // Picked up with the space bar, carried a day down, and set down.
  const grip = page.getByRole('button', { name: /^Pack 95, Pollack.*carry to another day/ });
  await grip.focus();
  await page.keyboard.press('Space');
  await expect(row(page, 'Saturday')).toHaveClass(/over/);
  await page.keyboard.press('ArrowDown');
  await expect(row(page, 'Sunday')).toHaveClass(/over/);
  await page.keyboard.press('Space');
  await expect(row(page, 'Sunday')).toContainText(/Pollack, 2 fillets/, { timeout: 40_000 });
  await planned(page);
  await page.getByRole('button', { name: 'Pack 95 stays on this day' }).click();
  await planned(page);
  await expect(page.getByRole('button', { name: 'Pack 95 stays on this day' })).toHaveAttribute(
    'aria-pressed',
    'false',
  );
});

test('wishes that clash are named; what was kept stays, and giving one up is enough', async ({ page, demo }) => {
  await page.goto(`${demo.url}/larder/plan`);
  await planned(page);
  await row(page, 'Sunday')
    .getByText(/at home/)
    .click();
  await row(page, 'Sunday').getByRole('radio', { name: 'no fish', exact: true }).click({ force: true });
  await expect(status(page)).toContainText(
    'These cannot all be: no fish on Sunday and pack 95, Pollack, 2 fillets, on Sunday. Give up one of them.',
    { timeout: 40_000 },
  );
  await expect(row(page, 'Sunday')).toContainText('Pollack, 2 fillets');
  await page.getByRole('button', { name: 'Pack 95 stays on this day' }).click();
  await planned(page);
  await expect(row(page, 'Sunday')).toContainText('No fish, by choice.');
  // A day after its last cannot be.
  await page.getByText(/without a meal/).click();
  const day = page.getByLabel('Put pack 95 on');
  if (await day.isVisible()) await day.selectOption({ label: 'Friday' });
  else await page.getByLabel('Day of pack 95').selectOption({ label: 'Fri 18 Sep' });
  await expect(status(page)).toContainText(
    'Pack 95, Pollack, 2 fillets, cannot wait until Friday: its last day is Sunday.',
    { timeout: 40_000 },
  );
});

test('a solver that cannot be fetched: said so, and what was kept stands', async ({ page, demo }) => {
  await page.route('**/*.wasm', (r) => r.abort());
  await page.goto(`${demo.url}/larder/plan`);
  await expect(status(page)).toContainText('is not on this device yet', { timeout: 40_000 });
  await expect(row(page, 'Sunday')).toContainText('Pollack, 2 fillets');
  await expect(page.getByRole('button', { name: /^Save this plan/ })).toHaveCount(0);
  await page.unroute('**/*.wasm');
  await page.getByRole('button', { name: 'Plan again' }).click();
  await planned(page);
});

test.describe('by thumb', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });
  test('who is at home, who eats what, and room in the freezer: the plan follows', async ({ page, demo }) => {
    await page.goto(`${demo.url}/larder/plan`);
    await planned(page);
    await row(page, 'Sunday')
      .getByText(/at home/)
      .tap();
    await row(page, 'Sunday').getByRole('checkbox', { name: 'Wren' }).click({ force: true });
    await expect(row(page, 'Sunday')).toContainText('Ilse and Tomas at home');
    await planned(page);
    await thumb.press(page.getByRole('button', { name: 'Who eats what' }));
    const dialog = page.getByRole('dialog');
    await expect(page.locator('.settling')).toHaveCount(0);
    await dialog.getByLabel('Pollack', { exact: true }).selectOption('must not');
    expect((await new AxeBuilder({ page }).include('dialog').analyze()).violations).toEqual([]);
    await thumb.press(dialog.getByRole('button', { name: /^Noted/ }));
    // Ilse must not eat what she locked.
    await expect(status(page)).toContainText('Ilse must not eat Pollack', { timeout: 40_000 });
    await thumb.press(page.getByRole('button', { name: 'Pack 95 stays on this day' }));
    await planned(page);
    await thumb.press(page.getByRole('button', { name: 'Make room' }));
    await page.getByLabel('Use up from the freezer').fill('1500');
    await thumb.press(page.getByRole('button', { name: 'Wished' }));
    await planned(page);
    await expect(page.getByText(/out of the freezer\. /)).toBeVisible();
    await expect(page.locator('.menu-packs')).not.toHaveCount(0);
    const wide = await page.evaluate(() => document.documentElement.scrollWidth);
    expect(wide).toBeLessThanOrEqual(390);
  });
});
