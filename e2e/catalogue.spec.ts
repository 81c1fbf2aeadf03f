import { expect, test } from './fixtures.ts';

test('a kind is found by a name in another language, also misspelt, and the list is narrowed', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/all`);
  await page.getByRole('link', { name: 'Catalogue' }).click();
  const list = page.getByRole('region', { name: 'Species' });
  await expect(list.getByRole('status')).toHaveText('103 species');
  await page.getByLabel('Find a species').fill('petermannchen');
  await expect(list.getByRole('link').first()).toContainText('Greater weever');
  await expect(list.getByRole('link').first()).toContainText('Petermännchen');
  await page.getByLabel('Find a species').fill('qqqzzz');
  await expect(list.getByRole('status')).toHaveText('No species matches. Remove a filter above.');
  await page.getByLabel('Find a species').fill('');
  await page.getByLabel('Waters').selectOption('fresh water');
  await page.getByLabel('Danger').selectOption('poisonous to eat');
  await expect(list.getByRole('link', { name: /puffer/i })).toHaveCount(0);
  await page.getByLabel('Waters').selectOption('any');
  await expect(list.getByRole('link', { name: /Silver-cheeked puffer/ })).toBeVisible();
  // What was chosen stands in the address, and so outlives a reload.
  await page.reload();
  await expect(page.getByLabel('Danger')).toHaveValue('poison');
  await page.getByLabel('Danger').selectOption('any');
  await page.getByLabel('In this book').check();
  await expect(list.getByRole('link', { name: /Lionfish/ })).toHaveCount(0);
  await expect(list.getByRole('link', { name: /Pollack/ })).toBeVisible();
});

test('the page of a kind: dangers first, marks numbered on the drawing, its record in this book, and what it is taken for', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/catalogue/greater-weever`);
  await expect(page.getByRole('heading', { level: 2, name: 'Greater weever' })).toBeVisible();
  await expect(page.getByRole('note', { name: 'Hazards' })).toContainText('venomous');
  await expect(page.getByRole('img', { name: 'Greater weever, with numbered marks' })).toBeVisible();
  await page.getByRole('radio', { name: 'Dangers' }).check({ force: true });
  await expect(page.getByText(/^V venomous, S sharp, B bites, T poison in the flesh, E electric organ/)).toBeVisible();
  await page.goto(`${demo.url}/catalogue/pollack`);
  const record = page.getByRole('region', { name: 'In this book' });
  await expect(record.getByRole('img', { name: /lengths from .* to .* cm, minimum size 38.0/ })).toBeVisible();
  await expect(record.getByRole('link', { name: /’s first/ }).first()).toBeVisible();
  await page
    .getByRole('region', { name: 'Taken for' })
    .getByRole('listitem')
    .filter({ hasText: 'Cod' })
    .getByRole('link', { name: 'Side by side' })
    .click();
  await expect(page.getByRole('heading', { level: 2, name: 'Pollack or cod?' })).toBeVisible();
});

test('a form of a kind is drawn as it looks', async ({ page, demo }) => {
  await page.goto(`${demo.url}/catalogue/brown-trout`);
  const drawing = page.getByRole('img', { name: /Brown trout.*, with numbered marks/ }).locator('image');
  const before = await drawing.getAttribute('href');
  await page.getByRole('group', { name: 'Form' }).getByRole('radio').nth(1).check({ force: true });
  await expect.poll(() => drawing.getAttribute('href')).not.toBe(before);
});

test('side by side: what decides, what hangs on it by the rules, a third laid beside them, and an address that names none', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/catalogue/compare?of=turbot,brill`);
  await expect(page.getByText(/marks? decides?/).first()).toBeVisible();
  await expect(page.getByRole('img', { name: 'Turbot, with the marks linked to their words' })).toBeVisible();
  const why = page.getByRole('complementary', { name: 'Why the name matters' });
  await expect(why).toContainText('From 34 to 38 the name decides.');
  await expect(why).toContainText('Made-up rules, not law');
  await page.goto(`${demo.url}/catalogue/compare?of=plaice,flounder`);
  await page.getByRole('link', { name: 'Dab', exact: true }).click();
  await expect(page.getByRole('heading', { level: 2, name: 'Plaice, flounder or dab?' })).toBeVisible();
  await expect(page.getByRole('img', { name: 'Dab, with numbered marks' })).toBeVisible();
  await page.goto(`${demo.url}/catalogue/compare?of=plaice,unicorn`);
  await expect(page.getByRole('heading', { name: 'Page not found' }).first()).toBeVisible();
});

test.describe('with the service worker', () => {
  test.use({ serviceWorkers: 'allow' });
  test('the catalogue opens without a network', async ({ page, context, demo }) => {
    await page.goto(`${demo.url}/catalogue`);
    await expect(page.getByRole('status').first()).toHaveText('103 species');
    await page.evaluate(() => navigator.serviceWorker.ready);
    await page.goto(`${demo.url}/catalogue/turbot`);
    await expect(page.getByRole('heading', { level: 2, name: 'Turbot' })).toBeVisible();
    await context.setOffline(true);
    await page.reload();
    await expect(page.getByRole('heading', { level: 2, name: 'Turbot' })).toBeVisible();
    await expect(page.getByRole('img', { name: 'Turbot, with numbered marks' })).toBeVisible();
  });
});
