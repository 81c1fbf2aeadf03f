import { readFileSync } from 'node:fs';
import AxeBuilder from '@axe-core/playwright';
import { entriesOf, expect, keyboard, mouse, test, thumb } from './fixtures.ts';

const CHEST = /Chest in the shed/i;

test('a freezer that reads too warm: asked about, written, and its packs are told what it costs them', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/larder`);
  await page.getByRole('region', { name: CHEST }).getByRole('link', { name: CHEST }).click();
  await expect(page.getByText(/^Read −21° on Saturday 12 September/)).toBeVisible();
  await expect(page.locator('a.as-row').filter({ hasText: /Mackerel, 10 fillets/ })).toContainText(
    'do not eat: histamine',
  );
  await mouse.press(page.getByRole('button', { name: /^Read it/ }));
  const dialog = page.getByRole('dialog', { name: /^Read chest/ });
  await dialog.getByRole('textbox', { name: 'Or typed' }).fill('warm');
  await dialog.getByRole('button', { name: /as it was typed/ }).click();
  await expect(dialog.getByRole('alert').first()).toContainText('cannot be read');
  await dialog.getByRole('textbox', { name: 'Or typed' }).fill('15');
  await dialog.getByRole('button', { name: /as it was typed/ }).click();
  await expect(dialog.getByText(/warm for a freezer/)).toBeVisible();
  await dialog.getByRole('textbox', { name: 'Or typed' }).fill('-12');
  await dialog.getByRole('button', { name: /as it was typed/ }).click();
  await expect(dialog).toHaveCount(0);
  await expect(page.getByText(/its days go 1\.9 times as fast here/).first()).toBeVisible();
  await expect.poll(async () => (await entriesOf(demo)).at(-1)?.facts).toEqual({ c: -12 });
  // The pack says so too, with the source, and its clock for raw stands still.
  await page
    .getByRole('link', { name: /Pollack, 3 fillets/ })
    .first()
    .click();
  await page.getByText('Why this day').click();
  await expect(page.getByText(/The store is at −12°: one day there uses 1\.9 days of the pack’s time/)).toBeVisible();
  expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);
});

test('without current: what thaws when, and back again', async ({ page, demo }) => {
  await page.goto(`${demo.url}/larder`);
  await page.getByRole('region', { name: CHEST }).getByRole('link', { name: CHEST }).click();
  // A double tap: the key that comes to mean the other thing takes no second one.
  await expect(page.locator('.settling')).toHaveCount(0);
  await page.getByRole('button', { name: /^Power failed/ }).dblclick();
  await expect(page.getByText(/^Without power for/)).toBeVisible();
  await expect(page.getByText(/the outside starts to thaw about (Saturday|Sunday)/)).toBeVisible();
  await page.reload();
  await expect(page.locator('.settling')).toHaveCount(0);
  await mouse.press(page.getByRole('button', { name: /^Power is back/ }));
  await expect(page.getByText(/^Without power for/)).toHaveCount(0);
  await expect
    .poll(async () => (await entriesOf(demo)).slice(-2).map((e) => [e.kind, e.facts]))
    .toEqual([
      ['store.power', { is: 'off' }],
      ['store.power', { is: 'on' }],
    ]);
});

test.describe('by thumb', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });
  test('a second freezer of one’s own takes a pack; thawed, it asks before it is frozen again', async ({
    page,
    demo,
  }) => {
    await page.goto(`${demo.url}/larder`);
    await thumb.press(page.getByRole('button', { name: 'Add your own store' }));
    const dialog = page.getByRole('dialog');
    await expect(page.locator('.settling')).toHaveCount(0);
    await thumb.press(dialog.getByRole('button', { name: /^Add it/ }));
    await expect(dialog.getByRole('alert')).toContainText('Enter a name');
    await dialog.getByLabel('Name').fill('drawer of the fridge');
    await thumb.press(dialog.getByRole('button', { name: /^Add it/ }));
    await expect(page.getByRole('heading', { name: 'drawer of the fridge', level: 2 })).toBeVisible();
    await expect(page.getByText(/Not measured yet: assumed to be −18°/)).toBeVisible();
    await page.goto(`${demo.url}/larder`);
    await thumb.press(page.getByRole('link', { name: /Plaice, 2 fillets/ }));
    await thumb.press(page.getByRole('button', { name: /^Move it/ }));
    await expect(page.locator('.settling')).toHaveCount(0);
    await thumb.press(page.getByRole('button', { name: /^To drawer of the fridge/ }));
    await expect(page.getByText('Into drawer of the fridge.').first()).toBeVisible();
    // Out to thaw, and back.
    await thumb.press(page.getByRole('button', { name: /^Move it/ }));
    await expect(page.locator('.settling')).toHaveCount(0);
    await thumb.press(page.getByRole('button', { name: /^To ice tray/ }));
    await expect(page.getByText('Into ice tray.').first()).toBeVisible();
    await thumb.press(page.getByRole('button', { name: /^Move it/ }));
    await expect(page.locator('.settling')).toHaveCount(0);
    await thumb.press(page.getByRole('button', { name: /^To chest in the shed/ }));
    await expect(page.getByRole('dialog', { name: 'Freeze it again?' })).toBeVisible();
    await expect(page.locator('.settling')).toHaveCount(0);
    await thumb.press(page.getByRole('button', { name: /it stayed icy or cold/ }));
    await expect(page.getByText(/Thawed once and frozen again/)).toBeVisible();
    // What the chest had met before it thawed stays met: worms that died stay dead.
    await expect(page.getByRole('region', { name: 'Raw' }).getByText('met', { exact: true }).first()).toBeVisible();
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  });
});

test('a pack taken apart, weighed again and put together: nothing is lost on the way, by keyboard', async ({
  page,
  demo,
}) => {
  const hand = keyboard(page);
  const line = page.locator('a.as-row').filter({ hasText: /^69\s*Mackerel, 11 fillets/ });
  const left = page.locator('.lead').first();
  await page.goto(`${demo.url}/larder`);
  await expect(line).toContainText('9 of 11 left');
  await hand.press(line);
  await expect(left).toContainText(/320 g taken out; 9 of 11 pieces/);
  await hand.press(page.getByRole('button', { name: /^Take some out/ }));
  const take = page.getByRole('dialog', { name: /^Take some out of pack/ });
  await expect(page.locator('.settling')).toHaveCount(0);
  await hand.type(take.getByLabel('How much'), '5000');
  await hand.press(take.getByRole('button', { name: /^Taken out/ }));
  await expect(take.getByRole('alert')).toContainText(/^Only .* are left in pack \d+/);
  // Counted alone, it weighs its share.
  await hand.type(take.getByLabel('How much'), ' ');
  await hand.type(take.getByLabel('Pieces'), '3');
  await hand.press(take.getByRole('button', { name: /^Taken out/ }));
  await expect(page.getByRole('heading', { name: 'Mackerel, 3 fillets', level: 2 })).toBeVisible();
  await expect(page.getByRole('link', { name: /^Pack \d+, Mackerel, 11 fillets/ })).toBeVisible();
  const made = (await entriesOf(demo)).at(-1)!;
  expect(made.facts).toMatchObject({ form: 'fillets', pieces: 3, place: 'freezer' });
  // Weighed again, an unlikely weight is asked about.
  await hand.press(page.getByRole('button', { name: /^Weigh again/ }));
  const weigh = page.getByRole('dialog', { name: /again$/ });
  await expect(page.locator('.settling')).toHaveCount(0);
  await hand.type(weigh.getByLabel('It weighs'), '900');
  await hand.press(weigh.getByRole('button', { name: /^Weighed/ }));
  await expect(weigh.getByRole('alert')).toContainText('Look again');
  await hand.type(weigh.getByLabel('It weighs'), '230');
  await hand.press(weigh.getByRole('button', { name: /^Weighed/ }));
  await expect(left).toContainText(/^230\s*g left of/);
  // Put together with what it came from.
  await hand.press(page.getByRole('button', { name: /^Put together/ }));
  const merge = page.getByRole('dialog', { name: /^Put with pack/ });
  await expect(page.locator('.settling')).toHaveCount(0);
  await hand.press(merge.getByRole('button', { name: /^Put together/ }));
  await expect(merge.getByRole('alert')).toContainText('Choose a pack to combine');
  await hand.choose(merge.getByRole('checkbox', { name: /^69 Mackerel, 11 fillets/ }));
  await hand.press(merge.getByRole('button', { name: /^Put together/ }));
  await expect(page.getByRole('heading', { name: 'Mackerel, 9 fillets', level: 2 })).toBeVisible();
  await expect.poll(async () => (await entriesOf(demo)).at(-1)?.facts['from']).toHaveLength(2);
  await page.goto(`${demo.url}/larder`);
  await expect(page.locator('a.as-row').filter({ hasText: 'Mackerel, 9 fillets' })).toBeVisible();
  await expect(line).toHaveCount(0);
});

test('a part is given away: it is noted, and the shelf holds the rest', async ({ page, demo }) => {
  await page.goto(`${demo.url}/larder`);
  await page
    .locator('a.as-row')
    .filter({ hasText: /John Dory, 4 fillets/ })
    .click();
  await mouse.press(page.getByRole('button', { name: /^Take some out/ }));
  const take = page.getByRole('dialog');
  await expect(page.locator('.settling')).toHaveCount(0);
  await take.getByLabel('How much').fill('200');
  await mouse.choose(take.getByRole('radio', { name: 'given away' }));
  await take.getByLabel(/^To whom/).fill('Maren');
  expect((await new AxeBuilder({ page }).include('dialog').analyze()).violations).toEqual([]);
  await take.getByRole('button', { name: /^Taken out/ }).click();
  await expect(page.getByText('Taken out: 200 g, given away: Maren.').first()).toBeVisible();
  await expect(page.locator('.lead').first()).toContainText('200 g taken out');
  await expect.poll(async () => (await entriesOf(demo)).at(-1)?.kind).toBe('pack.taken');
});

test('chores: one tap each, written in the name of who does it; the calendar file holds what is to come', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/larder`);
  const todo = page.getByRole('region', { name: 'To do' });
  await expect(todo.getByText(/^Drain the ice tray, and add ice/)).toBeVisible();
  await todo.getByRole('button', { name: /^Done: Drain the ice tray/ }).dblclick();
  await expect(todo.getByRole('heading', { name: 'Nothing to do now' })).toBeVisible();
  await expect(todo.getByRole('listitem').filter({ hasText: 'Drain the ice tray' }).locator('.done-chore')).toHaveText(
    'done',
  );
  await expect(todo.getByText(/^Next: .* Sunday morning/)).toBeVisible();
  await expect.poll(async () => (await entriesOf(demo)).at(-1)?.kind).toBe('store.tended');
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Calendar file' }).click();
  const file = await download;
  expect(file.suggestedFilename()).toBe('dagboek-larder.ics');
  const text = readFileSync(await file.path(), 'utf8').replace(/\r\n /g, '');
  expect(text).toMatch(/SUMMARY:Read the thermometer of the chest in the shed/);
  expect(text).toMatch(/SUMMARY:Eat pack \d+\\, Mackerel/);
  expect(text).not.toMatch(/DTSTART:20260912T0/);
  // What is not to be eaten is no appointment.
  expect(text).not.toMatch(/Eat pack 86/);
  // The same as an address that a calendar asks by itself.
  await page.getByRole('button', { name: 'Feed for a calendar' }).click();
  const feed = await page.getByLabel('Address of the feed').inputValue();
  const told = await page.request.get(feed);
  expect((await told.text()).replace(/\r\n /g, '')).toMatch(/SUMMARY:Read the thermometer of the chest in the shed/);
});

test.describe('counting, by thumb', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });
  test('what is really there: ticks survive a reload, what was not found is asked about and taken out', async ({
    page,
    demo,
  }) => {
    await page.goto(`${demo.url}/larder`);
    await thumb.press(page.getByRole('link', { name: CHEST }).first());
    await thumb.press(page.getByRole('link', { name: /^Count it/ }));
    const boxes = page.locator('.count-list').getByRole('checkbox');
    await expect(boxes.first()).toBeVisible();
    const n = await boxes.count();
    expect(n).toBeGreaterThan(10);
    for (let i = 0; i < n - 1; i++) await thumb.choose(boxes.nth(i));
    await page.reload();
    await expect(boxes.nth(0)).toBeChecked();
    await expect(page.locator('.settling')).toHaveCount(0);
    await thumb.press(page.getByRole('button', { name: /^Counted/ }));
    await expect(page.getByRole('alert')).toContainText('1 pack not found');
    await page.waitForTimeout(750);
    await thumb.press(page.getByRole('button', { name: /^Counted/ }));
    await expect(page.getByText(`Counted: ${n - 1} there, 1 not found.`)).toBeVisible();
    await expect
      .poll(async () => (await entriesOf(demo)).slice(-2).map((e) => e.kind))
      .toEqual(['pack.taken', 'store.counted']);
    // The year names it.
    await page.goto(`${demo.url}/larder/season`);
    await expect(page.getByRole('columnheader', { name: 'not found' })).toBeVisible();
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  });
});

test('the year: what was caught and what became of it, by kind; an earlier one is one tap away', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/larder`);
  await page.getByRole('link', { name: /^The year:/ }).click();
  await expect(page.getByText(/fish caught, \d+ let go, \d+ kept up to 12 September/)).toBeVisible();
  await expect(page.getByRole('row', { name: /^Mackerel/ })).toBeVisible();
  await expect(page.getByRole('columnheader', { name: 'given' })).toBeVisible();
  await page.getByRole('radio', { name: '2025' }).click({ force: true });
  await expect(page).toHaveURL(/year=2025/);
  await expect(page.getByText(/fish caught, \d+ let go, \d+ kept\. Fish kept/)).toBeVisible();
});
