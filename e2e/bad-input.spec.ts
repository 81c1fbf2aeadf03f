import { entriesOf, expect, test, type Page } from './fixtures.ts';

const button = (page: Page, name: string | RegExp) => page.getByRole('button', { name });
const measure = async (page: Page, cm: string): Promise<void> => {
  await page.getByLabel(/^Length/).fill(cm);
  await button(page, /^Measured/).click();
};

test('lengths that cannot be are refused with a sentence, and what was typed stays', async ({ page, demo }) => {
  await page.goto(`${demo.url}/deck`);
  await button(page, /^Mackerel/).click();
  await expect(page.getByText('Saved here and sent')).toBeVisible();
  const before = (await entriesOf(demo)).length;
  for (const [typed, says] of [
    ['0', 'more than 0 cm'],
    ['-12', 'more than 0 cm'],
    ['400', 'No mackerel is 400 cm'],
    ['long', 'as a number'],
    ['', 'as a number'],
  ] as const) {
    await measure(page, typed);
    await expect(page.getByRole('alert')).toContainText(says);
    await expect(page.getByLabel(/^Length/)).toHaveValue(typed);
  }
  expect((await entriesOf(demo)).length).toBe(before);
  await measure(page, '34,5');
  await expect(page.getByRole('region', { name: 'Verdict' })).toContainText('34.5 is 6.5 over 28');
});

test('a weight that no such fish has asks, and does not block', async ({ page, demo }) => {
  await page.goto(`${demo.url}/deck`);
  await button(page, /^Mackerel/).click();
  await page.getByLabel(/^Weight/).fill('4000');
  await measure(page, '34.5');
  await expect(page.getByRole('alert')).toContainText('Length, weight or name: which is wrong?');
  await button(page, /^Measured/).click();
  await expect(page.getByText('4.00 kg by the scale')).toBeVisible();
});

test('too near the limit it says measure again, and measured again it decides', async ({ page, demo }) => {
  await page.goto(`${demo.url}/deck`);
  await button(page, /^Plaice/).click();
  await measure(page, '28.2');
  const verdict = page.getByRole('region', { name: 'Verdict' });
  await expect(verdict.getByRole('img', { name: 'Measure again' })).toBeVisible();
  await expect(verdict).toContainText('within what the board errs');
  await button(page, /^Measure again/)
    .first()
    .click();
  await measure(page, '27.1');
  await expect(verdict.getByRole('img', { name: 'Let go' })).toBeVisible();
  await expect(verdict).toContainText('0.9 short of 28');
  await expect(verdict).toContainText('Counts for nobody');
});

test('a ray is asked for its width, which its rule names', async ({ page, demo }) => {
  await page.goto(`${demo.url}/deck`);
  await button(page, /^Thornback ray/).click();
  await page.getByRole('radio', { name: 'total' }).check({ force: true });
  await measure(page, '70');
  await expect(page.getByLabel(/^Length, disc width/)).toBeVisible();
  await page.getByRole('radio', { name: 'disc width' }).check({ force: true });
  await measure(page, '48');
  await expect(page.getByRole('region', { name: 'Verdict' }).getByRole('img', { name: 'Keep' })).toBeVisible();
});

test('times in the future and before the trip are refused where they are corrected', async ({ page, demo }) => {
  await page.goto(`${demo.url}/deck`);
  await button(page, /^Strike a line/).click();
  await page
    .getByRole('dialog')
    .getByRole('button', { name: /^Correct: Landed/ })
    .click();
  const dialog = page.getByRole('dialog', { name: 'Correct this line' });
  await dialog.getByLabel('When').fill('2026-09-12T05:00');
  await dialog.getByRole('button', { name: /^Correct it/ }).click();
  await expect(dialog.getByRole('alert')).toContainText('before the trip began (06:40)');
  await dialog.getByLabel('When').fill('2026-09-12T18:00');
  await dialog.getByRole('button', { name: /^Correct it/ }).click();
  await expect(dialog.getByRole('alert')).toContainText('still to come');
  await dialog.getByLabel('When').fill('2026-09-12T14:10');
  await dialog.getByRole('button', { name: /^Correct it/ }).click();
  await expect(dialog).toHaveCount(0);
});

test('a full bag says so, and names whom it counts for', async ({ page, demo }) => {
  await page.goto(`${demo.url}/deck`);
  // Wren has kept two pollack of four; a lot of three is too many.
  await page.getByText('Another fish aboard meanwhile').click();
  await page.getByRole('radio', { name: 'Wren' }).check({ force: true });
  await page.getByLabel('How many').fill('3');
  await button(page, /^3 aboard/).click();
  await button(page, /^Pollack/).click();
  await page.getByLabel(/^Shortest/).fill('45');
  await page.getByLabel('Longest').fill('40');
  await button(page, /^Measured/).click();
  await expect(page.getByRole('alert')).toContainText('shorter than the shortest');
  await page.getByLabel('Longest').fill('52');
  await button(page, /^Measured/).click();
  await expect(page.getByRole('region', { name: 'Verdict' })).toContainText(
    'Wren may keep 2 more today, and this lot is 3',
  );
});

test('one cannot take more from a pack than it holds, nor pack more than was cut', async ({ page, demo }) => {
  await page.goto(`${demo.url}/larder`);
  await page
    .getByRole('link', { name: /fillets/ })
    .first()
    .click();
  await button(page, /^Cook it/).click();
  await page.getByLabel(/^Grams of pack/).fill('99999');
  await button(page, /^Served/).click();
  await expect(page.getByRole('alert')).toContainText('cannot come out of it');
  await expect(page.getByLabel(/^Grams of pack/)).toHaveValue('99999');
});

test('an address that is no page, and a fish that is none', async ({ page, demo }) => {
  await page.goto(`${demo.url}/nowhere`);
  await expect(page.getByRole('heading', { name: 'No such page' }).first()).toBeVisible();
  await page.goto(`${demo.url}/fish/nobody`);
  await expect(page.getByRole('heading', { name: 'No such page' }).first()).toBeVisible();
});
