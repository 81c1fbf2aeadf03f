import AxeBuilder from '@axe-core/playwright';
import { entriesOf, expect, keyboard, mouse, type Page, test, thumb } from './fixtures.ts';

const key = (page: Page, name: RegExp | string) => page.getByRole('button', { name });
const chip = (page: Page, role: 'radio' | 'checkbox', name: RegExp | string) =>
  page.getByRole(role, { name }).click({ force: true });
const settled = (page: Page) => expect(page.locator('.settling')).toHaveCount(0);
const noSideways = async (page: Page): Promise<void> =>
  expect(await page.evaluate(() => document.documentElement.scrollWidth <= document.documentElement.clientWidth)).toBe(
    true,
  );

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

  test('one turbot in three dishes: slices, roast and stock, shared out on its drawing, each served at its hour and a meal of its own', async ({
    page,
    demo,
  }) => {
    // Its bones, from another day’s board.
    await page.goto(`${demo.url}/larder`);
    await key(page, 'Add a pack that was not cut here').click();
    const dialog = page.getByRole('dialog');
    await dialog.getByLabel('Which species').fill('turbot');
    await page.keyboard.press('Enter');
    await dialog.getByLabel('Form').selectOption({ label: 'stock' });
    await dialog.getByLabel('It weighs').fill('900');
    await settled(page);
    await thumb.press(dialog.getByRole('button', { name: /^Into the larder/ }));
    await expect(page.getByRole('heading', { name: 'Turbot, frames for stock' })).toBeVisible();

    // The head end raw, at half past seven.
    await page.goto(`${demo.url}/table/new`);
    await page.getByRole('checkbox', { name: /^57 Turbot, 1 fillet/ }).check();
    await key(page, 'Only a part of it').click();
    await page.getByLabel('How much of pack 57').fill('200');
    await chip(page, 'radio', 'the head end');
    await expect(page.getByText(/^1 This dish: 200 g, the first \d/)).toBeVisible();
    await expect(page.getByText(/^Left in the pack: 278 g, the last \d/)).toBeVisible();
    await chip(page, 'radio', 'Raw slices');
    expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);
    await noSideways(page);
    await settled(page);
    await thumb.press(key(page, /^Plan the cooking/));
    await expect(page).toHaveURL(/\/table\/dinner\//);
    const dinner = page.url();

    // The tail end from the oven, forty minutes later: what the slices take is not there any more.
    await page.getByRole('link', { name: /^Another dish of fish/ }).click();
    await page.getByRole('checkbox', { name: /^57 Turbot, 1 fillet/ }).check();
    const grams = page.getByLabel('Grams of pack 57');
    await expect(grams).toHaveValue('278');
    await chip(page, 'radio', 'the tail end');
    await chip(page, 'radio', 'Roasted');
    await chip(page, 'radio', /40 min after$/);
    await grams.fill('400');
    await settled(page);
    await thumb.press(key(page, /^Add it to the dinner/));
    await expect(page.getByRole('alert')).toContainText('the other dishes of this dinner take 200 g of it');
    await grams.fill('278');
    await thumb.press(key(page, /^Add it to the dinner/));
    await expect(page).toHaveURL(dinner);
    await expect(page.getByRole('heading', { name: 'Dishes' })).toBeVisible();

    // Stock of the bones: nothing else is offered for them.
    await page.getByRole('link', { name: /^Another dish of fish/ }).click();
    await page.getByRole('checkbox', { name: /Turbot, frames for stock/ }).check();
    await expect(page.getByText('Suits it: bones and heads of white fish.')).toBeVisible();
    await settled(page);
    await thumb.press(key(page, /^Add it to the dinner/));
    await expect(page).toHaveURL(dinner);

    const shared = page.getByRole('region', { name: /is shared out$/ });
    await expect(shared.getByText(/^1 Turbot, raw: 200 g, the first \d.* from the head end$/)).toBeVisible();
    await expect(shared.getByText(/^2 Turbot, roasted: 278 g, the last \d.* at the tail$/)).toBeVisible();
    await expect(page.getByText('278 g, served at 20:10')).toBeVisible();
    // A course is put earlier, and what it waits for follows.
    await key(page, 'Turbot, roasted: 5 min earlier').click();
    await expect(page.getByText('278 g, served at 20:05')).toBeVisible();
    await page.reload();
    await expect(page.getByText('278 g, served at 20:05')).toBeVisible();
    await expect(page.getByRole('region', { name: 'The fish: Turbot, roasted' })).toBeVisible();
    expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);
    await noSideways(page);

    // Served one after the other, as they are chosen; a double tap serves one.
    const served = async () =>
      (await entriesOf(demo))
        .filter((e) => e.kind === 'meal.served' && 'dish' in e.facts && dinner.endsWith(String(e.facts['dinner'])))
        .map((e) => e.facts['name']);
    await settled(page);
    await key(page, /^Served/).dblclick();
    await expect.poll(served).toEqual(['Turbot, raw']);
    await expect(page.getByText('200 g, served', { exact: true })).toBeVisible();
    await chip(page, 'radio', /^Turbot, roasted$/);
    await settled(page);
    await thumb.press(key(page, /^Served/));
    await expect.poll(served).toHaveLength(2);
    await settled(page);
    await thumb.press(key(page, /^Served/));
    await expect(page).toHaveURL(/\/table\/[^/]+$/);
    await expect.poll(served).toHaveLength(3);
    // Each is a meal; the fillet is eaten up.
    await page.getByRole('link', { name: 'How it was planned and cooked' }).click();
    await expect(page.getByRole('link', { name: /: its marks and what to change$/ })).toHaveCount(3);
    await page.goto(`${demo.url}/table/new`);
    await expect(page.getByRole('checkbox', { name: /^61 Turbot/ })).toBeVisible();
    await expect(page.getByRole('checkbox', { name: /^57 Turbot/ })).toHaveCount(0);
  });

  test('on the shore with one pan: what it has no vessel for is said before it is chosen; fish and sauce follow each other in the pan', async ({
    page,
    demo,
  }) => {
    await page.goto(`${demo.url}/table/new`);
    await page.getByRole('checkbox', { name: /^95 Pollack, 2 fillets/ }).check();
    await chip(page, 'radio', 'on the shore');
    await expect(page.getByRole('radio', { name: 'In the pan', exact: true })).toBeVisible();
    await expect(page.getByRole('radio', { name: 'Roasted' })).toHaveCount(0);
    await key(page, /other ways, and why not$/).click();
    await expect(page.getByText('this kitchen needs an oven for it').first()).toBeVisible();
    await expect(page.getByText('this kitchen needs a pot for it').first()).toBeVisible();
    await chip(page, 'radio', 'In the pan');
    await expect(page.getByText(/Fish kettle/)).toHaveCount(0);
    // Potatoes need a pot, and there is none: bread over the fire is offered.
    await expect(page.getByRole('checkbox', { name: 'New potatoes' })).toHaveCount(0);
    await expect(page.getByRole('heading', { name: /^Off at/ })).toBeVisible();
    await settled(page);
    await thumb.press(key(page, /^Plan the cooking/));
    await expect(page).toHaveURL(/\/table\/dinner\//);
    await expect(page.getByText(/For 1 cook and 1 hob ring/)).toBeVisible();
    const steps = page.getByRole('region', { name: 'Steps' });
    await expect(steps.getByText(/iron pan/).first()).toBeVisible();

    // A second dish in the same pan comes before or after the first, whatever hour both are asked for.
    await page.getByRole('link', { name: /^Another dish of fish/ }).click();
    await page.getByRole('checkbox', { name: /^64 Pollack, 4 fillets/ }).check();
    await chip(page, 'radio', /20 min after$/);
    await expect(page.getByRole('radio', { name: 'at home' })).toHaveCount(0);
    await page.getByLabel('Fish starts at').fill('4');
    await page.getByLabel('Name of the dish').fill('Pollack again');
    await expect(page.getByRole('heading', { name: /^Off at/ })).toBeVisible();
    await settled(page);
    await thumb.press(key(page, /^Add it to the dinner/));
    await expect(page).toHaveURL(/\/table\/dinner\//);
    await expect(page.getByRole('heading', { name: 'Dishes' })).toBeVisible();
    await expect(steps.getByText('Pollack again', { exact: false }).first()).toBeVisible();
    const inPan = await steps.locator('p', { hasText: 'iron pan' }).allInnerTexts();
    const turns = inPan
      .map((t) => (t.includes('Pollack again') ? 'second' : 'first'))
      .filter((x, i, all) => x !== all[i - 1]);
    expect(turns).toEqual(['first', 'second']);
  });
});

test.describe('from the deck', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

  test('a fish goes into the fire without scale or pack, and is a meal in four taps', async ({ page, demo }) => {
    await page.goto(`${demo.url}/table/fire`);
    await page
      .getByRole('radio', { name: /Pollack/ })
      .first()
      .click({ force: true });
    expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);
    await settled(page);
    await thumb.press(key(page, /^Choose the way/));
    await expect(page).toHaveURL(/\/table\/new\?pack=/);
    await expect(page.getByRole('heading', { name: /^(Off|Out) at/ })).toBeVisible();
    await settled(page);
    await thumb.press(key(page, /^Into the fire now/));
    await expect(page).toHaveURL(/\/table\/dinner\//);
    await settled(page);
    // It is in the fire: what is done before is done, and its clock runs.
    await expect(
      page
        .getByRole('region', { name: 'Now' })
        .getByText(/Cook the fish/i)
        .first(),
    ).toBeVisible();
    await thumb.press(key(page, /^Served/));
    await expect(page).toHaveURL(/\/table\/[^/]+$/);
    const kinds = (await entriesOf(demo)).slice(-12).map((e) => e.kind);
    for (const kind of ['pack.stored', 'dinner.set', 'dinner.step', 'meal.served', 'dinner.ended'])
      expect(kinds).toContain(kind);
  });
});

test('a kitchen away from home in a minute, and gone again; a dish becomes one of a dinner at the same hour', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/table/kitchen`);
  const hand = keyboard(page);
  await settled(page);
  await hand.press(key(page, 'Another kitchen'));
  await settled(page);
  await mouse.press(key(page, /^Add this kitchen/));
  await expect(page.getByRole('alert')).toContainText('Enter a name');
  await page.getByLabel('Where it is').fill('in the hut');
  await chip(page, 'radio', 'a fire with one pan');
  await mouse.press(key(page, /^Add this kitchen/));
  await expect(page.getByRole('heading', { name: 'The kitchen, in the hut' })).toBeVisible();
  await expect(page.getByText('Fish kettle')).toHaveCount(0);
  await page.reload();
  await expect(page.getByRole('heading', { name: 'The kitchen, in the hut' })).toBeVisible();
  await key(page, 'Remove this kitchen').click();
  await expect(page.getByRole('radio', { name: 'in the hut' })).toHaveCount(0);
  await expect(page.getByText('Fish kettle')).toBeVisible();

  // Two dinners at one hour: the second becomes a dish of the first.
  for (const [pack, name] of [
    [/^95 Pollack, 2 fillets/, 'First'],
    [/^64 Pollack, 4 fillets/, 'Second'],
  ] as const) {
    await page.goto(`${demo.url}/table/new`);
    await page.getByRole('checkbox', { name: pack }).check();
    await page.getByLabel('Name of the dish').fill(name);
    if (name === 'First') {
      await expect(page.getByRole('heading', { name: /^Off at/ })).toBeVisible();
      // It is planned for tomorrow already.
      await expect(page.getByText('Pack 95 is planned for Pollack in brown butter.')).toBeVisible();
      await settled(page);
      await mouse.press(key(page, /^Plan the cooking/));
      await expect(page).toHaveURL(/\/table\/dinner\//);
    }
  }
  await page.getByRole('link', { name: 'make this a dish of that dinner' }).click();
  await expect(page.getByRole('heading', { name: 'When in the dinner?' })).toBeVisible();
  await expect(page.getByRole('checkbox', { name: /^64 Pollack, 4 fillets/ })).toBeChecked();
  await page.getByLabel('Fish starts at').fill('4');
  await expect(page.getByRole('heading', { name: /^Off at/ })).toBeVisible();
  await settled(page);
  await mouse.press(key(page, /^Add it to the dinner/));
  await expect(page.getByRole('heading', { name: 'Dishes' })).toBeVisible();
  // Left out again, it is one dinner with one dish.
  await key(page, /^Leave out Pollack/)
    .last()
    .click();
  await expect(page.getByRole('heading', { name: 'Dishes' })).toHaveCount(0);
});
