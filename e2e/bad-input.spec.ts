import { endTripAndPlan, entriesOf, expect, type Page, test } from './fixtures.ts';

const button = (page: Page, name: string | RegExp) => page.getByRole('button', { name });
const measure = async (page: Page, cm: string): Promise<void> => {
  await page.getByLabel(/^Length/).fill(cm);
  await button(page, /^Measured/).click();
};

test('lengths that cannot be are refused with a sentence, and what was typed stays', async ({ page, demo }) => {
  const before = (await entriesOf(demo)).length + 1;
  await page.goto(`${demo.url}/deck`);
  await button(page, /^Mackerel/).click();
  // The name is a line of its own.
  await expect.poll(async () => (await entriesOf(demo)).length).toBe(before);
  for (const [typed, says] of [
    ['0', 'above 0'],
    ['-12', 'above 0'],
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
  await expect(page.getByRole('alert')).toContainText('Which is wrong: length, weight or species?');
  await button(page, /^Measured/).click();
  await expect(page.getByText('4.00 kg by the scale')).toBeVisible();
});

test('too near the limit it says measure again, and measured again it decides', async ({ page, demo }) => {
  await page.goto(`${demo.url}/deck`);
  await button(page, /^Plaice/).click();
  await measure(page, '28.2');
  const verdict = page.getByRole('region', { name: 'Verdict' });
  await expect(verdict.getByRole('img', { name: 'Measure again' })).toBeVisible();
  await expect(verdict).toContainText('closer than the board can tell');
  await button(page, /^Measure again/)
    .first()
    .click();
  await measure(page, '27.1');
  await expect(verdict.getByRole('img', { name: 'Let go' })).toBeVisible();
  await expect(verdict).toContainText('0.9 under 28');
  await expect(verdict).toContainText('does not count towards your limit');
});

test('a ray is asked for its width, which its rule names', async ({ page, demo }) => {
  await page.goto(`${demo.url}/deck`);
  await button(page, /^Thornback ray/).click();
  await page.getByRole('radio', { name: 'total' }).check({ force: true });
  await measure(page, '61.5');
  await expect(page.getByLabel(/^Length, disc width/)).toBeVisible();
  await page.getByRole('radio', { name: 'disc width' }).check({ force: true });
  await measure(page, '48');
  await expect(page.getByRole('region', { name: 'Verdict' }).getByRole('img', { name: 'Keep' })).toBeVisible();
});

test('times in the future and before the trip are refused where they are corrected', async ({ page, demo }) => {
  await page.goto(`${demo.url}/deck`);
  await button(page, /^Cross out/).click();
  await page
    .getByRole('dialog')
    .getByRole('button', { name: /^Correct: Landed/ })
    .click();
  const dialog = page.getByRole('dialog', { name: 'Correct this entry' });
  await dialog.getByLabel('Time', { exact: true }).fill('5:00');
  await dialog.getByRole('button', { name: /^Correct it/ }).click();
  await expect(dialog.getByRole('alert')).toContainText('before the trip began (06:40)');
  await dialog.getByLabel('Time', { exact: true }).fill('1800');
  await dialog.getByRole('button', { name: /^Correct it/ }).click();
  await expect(dialog.getByRole('alert')).toContainText('in the future');
  await dialog.getByLabel('Time', { exact: true }).fill('14:10');
  await dialog.getByRole('button', { name: /^Correct it/ }).click();
  await expect(dialog).toHaveCount(0);
});

test('a full bag says so, and names whom it counts for', async ({ page, demo }) => {
  await page.goto(`${demo.url}/deck`);
  // Wren has kept two pollack of four; a lot of three is too many.
  await page.getByText('Add another fish meanwhile').click();
  await page.getByRole('radio', { name: 'Wren' }).check({ force: true });
  await page.getByLabel('How many').fill('3');
  await button(page, /^3 new fish/).click();
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
  await button(page, /^Plan the cooking/).click();
  await expect(page.getByRole('alert')).toContainText('is more than that');
  await expect(page.getByLabel(/^Grams of pack/)).toHaveValue('99999');
});

test('an address that is no page, and a fish that is none', async ({ page, demo }) => {
  await page.goto(`${demo.url}/nowhere`);
  await expect(page.getByRole('heading', { name: 'Page not found' }).first()).toBeVisible();
  await page.goto(`${demo.url}/fish/nobody`);
  await expect(page.getByRole('heading', { name: 'Page not found' }).first()).toBeVisible();
});

test('a name of sixty letters without a space wraps on a phone, wherever it stands', async ({ page, demo }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(`${demo.url}/crew`);
  const long = 'Wilhelmina'.repeat(6);
  await page.getByLabel('Another person').fill(long);
  await button(page, 'Add the person').click();
  await expect(page.getByText(long, { exact: true })).toBeVisible();
  await page.getByLabel('Another box').fill(`box${long.slice(3)}`);
  await page.getByLabel('Holds').fill('20');
  await button(page, 'Add the box').click();
  await page.goto(`${demo.url}/plan`);
  await endTripAndPlan(page, demo);
  await page.getByRole('checkbox', { name: long }).check({ force: true });
  await page.getByRole('radio', { name: /^boxhelmina/ }).check({ force: true });
  await button(page, /^Cast off/).click();
  await expect(page.getByRole('heading', { name: /No fish at the moment/ })).toBeVisible();
  for (const path of ['/deck', '/plan', '/crew', '/all', '/board', '/table/new', '/book', '/plan/officer', '/box']) {
    await page.goto(demo.url + path);
    await page.waitForLoadState('networkidle');
    expect([path, await page.evaluate(() => document.documentElement.scrollWidth)]).toEqual([path, 390]);
  }
});

test('the letters follow the browser’s text size, and at twice the size a phone still shows the next key', async ({
  page,
  demo,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(`${demo.url}/deck`);
  const size = () => page.getByRole('heading', { name: /What is it/ }).evaluate((e) => getComputedStyle(e).fontSize);
  const before = Number.parseFloat(await size());
  await page.addStyleTag({ content: 'html { font-size: 200% }' });
  expect(Number.parseFloat(await size())).toBeCloseTo(before * 2, 0);
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBe(390);
  await expect(button(page, /^Back in the water/)).toBeInViewport();
});
