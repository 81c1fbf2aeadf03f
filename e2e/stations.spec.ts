import { endTripAndPlan, entriesOf, expect, type Page, test } from './fixtures.ts';

const button = (page: Page, name: string | RegExp) => page.getByRole('button', { name });

test.describe('Plan', () => {
  test('a remark and a hurt hand are noted on the trip, in the name of the one who holds the pen', async ({
    page,
    demo,
  }) => {
    await page.goto(`${demo.url}/all`);
    await page.getByRole('radio', { name: 'Wren' }).check({ force: true });
    await page.goto(`${demo.url}/plan`);
    await page.getByLabel('Remark').fill('two gannets diving');
    await page.getByRole('button', { name: 'Note it', exact: true }).click();
    await expect(page.getByRole('listitem').filter({ hasText: 'two gannets diving' })).toBeVisible();
    await page.getByRole('link', { name: 'Someone is hurt first aid' }).click();
    await button(page, /^A hook in the flesh/).click();
    await expect(page.getByText('a doctor’s advice come first')).toBeVisible();
    await button(page, /^Keep the time/).click();
    await button(page, 'Note').click();
    await button(page, 'Noted').click();
    await expect(page.getByRole('dialog').getByRole('alert')).toBeVisible();
    await page
      .getByRole('textbox', { name: 'What was seen or done' })
      .fill('hook in the thumb, pushed through and cut');
    await button(page, 'Noted').click();
    await expect(page.getByRole('dialog')).toHaveCount(0);
    const wren = (await entriesOf(demo)).find((e) => e.facts['name'] === 'Wren')?.subject;
    await expect
      .poll(async () => (await entriesOf(demo)).slice(-3).map((e) => [e.kind, e.member]))
      .toEqual([
        ['trip.noted', wren],
        ['incident.begun', wren],
        ['incident.noted', wren],
      ]);
    await page.goto(`${demo.url}/book`);
    await expect(page.getByRole('region', { name: 'Trip 27' })).toContainText('hook in the thumb');
  });

  test('before you go: ticked and kept over a reload; the message for someone ashore says who, where and when', async ({
    page,
    demo,
  }) => {
    await page.goto(`${demo.url}/plan`);
    await endTripAndPlan(page, demo);
    const before = page.getByRole('region', { name: 'Before you go' });
    await expect(before.getByRole('checkbox')).toHaveCount(5);
    await before.getByRole('checkbox', { name: /^Everyone wears a lifejacket/ }).check();
    await page.getByRole('radio', { name: /North Skerries/ }).check();
    await page.reload();
    await expect(before.getByRole('checkbox', { name: /^Everyone wears a lifejacket/ })).toBeChecked();
    await expect(before.getByRole('checkbox', { name: /^Cold water/ })).not.toBeChecked();
    await before.getByText('Message for someone ashore').click();
    await expect(before.locator('.message')).toContainText(
      /at North Skerries\. Back by .*, \d\d:\d\d\. If you have not heard/,
    );
    const file = page.waitForEvent('download');
    await button(page, 'Save it as a file').click();
    expect((await file).suggestedFilename()).toBe('back-by.txt');
  });

  test('what holds there follows zone and day', async ({ page, demo }) => {
    await page.goto(`${demo.url}/plan`);
    await endTripAndPlan(page, demo);
    const rules = page.getByRole('complementary', { name: 'Rules for this area' });
    await page.getByRole('radio', { name: /Harrow Estuary/ }).check();
    await expect(rules.getByRole('row', { name: /Thornback ray/ })).toContainText('may not be kept');
    await expect(rules.getByRole('row', { name: /Plaice/ })).toContainText('28');
    await page.getByRole('radio', { name: /Gannet Hole/ }).check();
    await expect(rules.getByRole('row', { name: /Pollack/ })).toContainText('may not be kept');
    await page.getByRole('radio', { name: /North Skerries/ }).check();
    await page.getByRole('group', { name: 'Leaving' }).getByLabel('Day').fill('1 May 2026');
    await page.getByRole('group', { name: 'Leaving' }).getByLabel('Time').fill('8:00');
    await expect(rules.getByRole('row', { name: /Ballan wrasse/ })).toContainText('closed to 30 June');
    await page.getByLabel('Ice', { exact: true }).fill('-2');
    await button(page, /^Cast off/).click();
    await expect(page.getByRole('alert')).toContainText('less than 0');
    await expect(page.getByLabel('Ice', { exact: true })).toHaveValue('-2');
  });
});

test.describe('Deck', () => {
  test('a lot is landed, measured by its shortest and longest, and kept as one line', async ({ page, demo }) => {
    await page.goto(`${demo.url}/deck`);
    await page.getByText('Add another fish meanwhile').click();
    await page.getByLabel('How many').fill('5');
    await page.getByRole('radio', { name: 'Ilse' }).check({ force: true });
    await button(page, /^5 new fish/).click();
    await button(page, /^Mackerel/).click();
    await page.getByLabel(/^Shortest/).fill('30');
    await page.getByLabel('Longest').fill('36');
    await page.getByLabel(/^Total weight/).fill('1500');
    await button(page, /^Measured/).click();
    await expect(page.getByRole('region', { name: 'Verdict' })).toContainText('5 fish make 13 of 20; 7 left');
    // A mackerel's head snapped back has bled it.
    await button(page, /^Killed and bled/).click();
    await button(page, /^Onto ice/).click();
    await page.goto(`${demo.url}/box`);
    await expect(page.getByRole('link', { name: /5 mackerel/ })).toContainText('1.50 kg');
  });

  test('without a name it can still go back', async ({ page, demo }) => {
    await page.goto(`${demo.url}/deck`);
    // Once the list has come, nothing moves under the finger any more.
    await expect(button(page, /^Turbot/)).toBeVisible();
    await button(page, /^Back in the water/).click();
    await expect(page.getByRole('dialog').getByRole('radio', { name: 'not identified' })).toBeChecked();
    await button(page, /^Released/).click();
    await expect(page.getByRole('heading', { name: /No fish at the moment/ })).toBeVisible();
    await expect
      .poll(async () => (await entriesOf(demo)).at(-1))
      .toMatchObject({ kind: 'fish.released', facts: { reason: 'not sure what it is' } });
  });

  test('a wrong name is given anew, and the verdict and the estimated weight follow', async ({ page, demo }) => {
    await page.goto(`${demo.url}/deck`);
    await button(page, /^Plaice/).click();
    await page.getByLabel(/^Length/).fill('36');
    await button(page, /^Measured/).click();
    const weight = page.locator('.reading-mass');
    const first = await weight.textContent();
    await expect(page.getByRole('region', { name: 'Verdict' })).toContainText('36 is 8 over 28');
    await button(page, /Change the species/).click();
    await button(page, /^Turbot/).click();
    await expect(page.getByRole('region', { name: 'Verdict' })).toContainText('36 is 2 under 38');
    expect(await weight.textContent()).not.toBe(first);
  });

  test('enough for dinner follows what is wanted', async ({ page, demo }) => {
    await page.goto(`${demo.url}/deck`);
    const margin = page.getByRole('complementary', { name: 'Dinner and bags' });
    await expect(margin.getByRole('img', { name: '3 of 3 plates' })).toBeVisible();
    for (let i = 0; i < 3; i++) await margin.getByRole('button', { name: 'One plate more' }).click();
    await expect(margin.getByRole('img', { name: '6 of 6 plates' })).toBeVisible();
    await expect(margin).toContainText('That is enough: release the next ones.');
    await page.reload();
    await expect(margin.getByRole('img', { name: '6 of 6 plates' })).toBeVisible();
  });

  test('a typed name finds its species, and a strange one says so', async ({ page, demo }) => {
    await page.goto(`${demo.url}/deck`);
    await page.getByLabel('Find a name').fill('zeus');
    await expect(page.locator('.species-key')).toHaveCount(1);
    await expect(button(page, /^John Dory/)).toBeVisible();
    await page.getByLabel('Find a name').fill('qqqzzz');
    await expect(page.getByText(/No species has a name like “qqqzzz”/)).toBeVisible();
  });
});

test.describe('Board', () => {
  test('one kind at a time; several fish of a kind together; by-products and packs cannot outweigh the fish', async ({
    page,
    demo,
  }) => {
    await page.goto(`${demo.url}/board`);
    const pollack = page.getByRole('checkbox', { name: /Pollack/ });
    await pollack.first().check();
    await page.getByRole('checkbox', { name: /Ballan wrasse/ }).click();
    await expect(page.getByRole('alert')).toContainText('one species at a time');
    await pollack.nth(1).check();
    await page.getByRole('radio', { name: /^fillet from the tail/ }).check();
    await button(page, /Onto the board/).click();
    await expect(page.getByLabel('Whole', { exact: true })).toHaveValue('2100');
    await button(page, /^Whole weighed/).click();
    // 180 g of two kilos is asked about, once, and forgotten when another weight is typed.
    await page.getByLabel('Gutted', { exact: true }).fill('180');
    await button(page, /^Gutted weighed/).click();
    await expect(page.getByRole('alert')).toContainText('Gutted 180 g is 9 % of the whole');
    await page.getByLabel('Gutted', { exact: true }).fill('1800');
    await expect(page.getByRole('alert')).toHaveCount(0);
    await button(page, /^Gutted weighed/).click();
    await page.getByLabel('Fillets, skin on', { exact: true }).fill('980');
    await button(page, /^Fillets weighed/).click();
    await page.getByLabel('Weight').fill('1500');
    await button(page, 'Add the part').click();
    await expect(page.getByRole('alert')).toContainText('The parts come to 2480 g, more than the whole fish of 2100 g');
    await page.getByLabel('Weight').fill('700');
    await button(page, 'Add the part').click();
    await expect(page.getByText('Frame and head: 700 g, for stock.').first()).toBeVisible();
    await page.getByLabel(/^Anything else/).fill('sand eels');
    await button(page, 'Note it').click();
    await expect(page.getByText('sand eels Ilse')).toBeVisible();
    await page.getByLabel('Trimmed', { exact: true }).fill('800');
    await button(page, /^Trimmed weighed/).click();
    const packs = page.locator('.by-row').filter({ hasText: 'Where' });
    await packs.getByLabel(/^Pack \d/).fill('900');
    await button(page, /^Packed/).click();
    await expect(page.getByRole('alert')).toContainText('900 g in packs is more than the 800 g on the board');
    await packs.getByLabel(/^Pack \d/).fill('500');
    await expect(page.getByText(/^Pollack, 3 fillets\. Eat by/)).toBeVisible();
    await button(page, /^Packed/).click();
    await expect(page.getByText(/^Pollack, 1 fillet\. Eat by/)).toBeVisible();
    await expect(packs.getByLabel(/^Pack \d/)).toHaveValue('300');
    await packs.getByRole('radio', { name: 'chest in the shed' }).check({ force: true });
    await button(page, /^Packed/).click();
    await expect(page.getByText('Everything is packed.')).toBeVisible();
    await page.goto(`${demo.url}/larder`);
    await expect(page.getByRole('region', { name: 'Lowest shelf' })).toContainText('500g');
    await expect(page.getByRole('region', { name: 'Chest in the shed' })).toContainText('300g');
  });
});

test.describe('Table', () => {
  test('from two packs, raw is warned of, and what is left stays in its pack', async ({ page, demo }) => {
    await page.goto(`${demo.url}/table/new`);
    await page.getByRole('radio', { name: 'eaten already' }).check({ force: true });
    await button(page, /^Served/).click();
    await expect(page.getByRole('alert')).toContainText('Choose at least one pack');
    const boxes = page.locator('.choose-packs').getByRole('checkbox');
    await boxes.nth(0).check();
    await boxes.nth(1).check();
    // Raw is one of the other ways here: each says why not, and the verdict every reason.
    await page.getByRole('button', { name: /other ways, and why not/ }).click();
    await page.getByRole('button', { name: 'Raw slices' }).click();
    await expect(page.getByRole('region', { name: 'Can it be eaten raw?' })).toContainText(/^Not (raw|known)/);
    await page.getByRole('radio', { name: 'Simmered in a sauce' }).check({ force: true });
    await page
      .getByLabel(/^Grams of pack/)
      .first()
      .fill('100');
    await page.getByLabel('Name of the dish').fill('Two fish steamed');
    await page.getByLabel('Core temperature (optional)').fill('60');
    await button(page, /^Served/).click();
    await expect(page.getByRole('heading', { name: 'Two fish steamed' }).first()).toBeVisible();
    await expect(page.getByText(/That is 3° under the lower official limit\. Official limit: 63°/)).toBeVisible();
    await expect(page.getByRole('link', { name: /still has/ })).toBeVisible();
    await page.getByLabel('What to change', { exact: true }).fill('one minute less');
    await button(page, 'Note it').click();
    await expect(page.locator('b', { hasText: 'one minute less' })).toBeVisible();
    await page.getByLabel('Cooked, left over').fill('99999');
    await button(page, /^Back to the larder/).click();
    await expect(page.getByRole('alert')).toContainText('More is left than was cooked');
  });
});

test.describe('Book', () => {
  test('narrowed by person, species and zone; what is narrowed stands in the address', async ({ page, demo }) => {
    await page.goto(`${demo.url}/book`);
    await page.getByLabel('Zone').selectOption({ label: 'Mere Tarn' });
    await expect(page).toHaveURL(/zone=mere-tarn/);
    await expect(page.getByRole('heading', { name: /Mere Tarn/ }).first()).toBeVisible();
    await expect(page.getByRole('heading', { name: /North Skerries/ })).toHaveCount(0);
    await page.getByLabel('Species').selectOption({ label: 'Mackerel' });
    await expect(page.getByRole('heading', { name: 'Nothing in the book matches' })).toBeVisible();
    await page.reload();
    await expect(page.getByLabel('Species')).toHaveValue('mackerel');
    await page.getByLabel('Zone').selectOption('');
    await page.getByLabel('Who').selectOption({ label: 'Wren' });
    await expect(page.getByRole('heading', { name: /Trip \d+/ }).first()).toBeVisible();
  });

  test('earlier days are asked for, folded fish opened', async ({ page, demo }) => {
    await page.goto(`${demo.url}/book`);
    const trips = page.getByRole('region', { name: /^Trip / });
    const before = await trips.count();
    await button(page, /^Earlier days/).click();
    expect(await trips.count()).toBeGreaterThan(before);
    const folded = button(page, /more entries?: .*let go/).first();
    const said = await folded.textContent();
    await folded.click();
    await expect(page.getByText(String(said))).toHaveCount(0);
  });

  test.describe('on a phone', () => {
    test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });
    test('the filters are there too', async ({ page, demo }) => {
      await page.goto(`${demo.url}/book`);
      await page.getByLabel('Species').selectOption({ label: 'Perch' });
      await expect(page.getByRole('heading', { name: /Mere Tarn/ }).first()).toBeVisible();
      await expect(page.getByRole('heading', { name: /North Skerries/ })).toHaveCount(0);
    });
  });
});

test('the night is kept over a reload, and a settings line can be corrected', async ({ page, demo }) => {
  await page.goto(`${demo.url}/all`);
  await button(page, 'Night colours').click();
  await page.reload();
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'dagboek-night');
  await button(page, 'Day colours').click();
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'dagboek');
  await page.goto(`${demo.url}/crew`);
  await page
    .getByRole('button', { name: /^Correct: The deck tub/ })
    .first()
    .click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Holds').fill('0');
  await dialog.getByRole('button', { name: /^Correct it/ }).click();
  await expect(dialog.getByRole('alert')).toContainText('at least 1 litre');
  await dialog.getByLabel('Holds').fill('25');
  await dialog.getByRole('button', { name: /^Correct it/ }).click();
  await expect(dialog).toHaveCount(0);
  await page.goto(`${demo.url}/box`);
  await expect(page.getByText('25 l')).toBeVisible();
});
