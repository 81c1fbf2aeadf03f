import AxeBuilder from '@axe-core/playwright';
import { entriesOf, expect, keyboard, mouse, test, thumb } from './fixtures.ts';

test('packs are found by a word, by number and by kind; the search survives a reload', async ({ page, demo }) => {
  await page.goto(`${demo.url}/larder`);
  const field = page.getByLabel('Find a pack');
  await keyboard(page).type(field, 'mackerel vacuum');
  await expect(page.getByText(/^4 packs of 22: /)).toBeVisible();
  await expect(page.locator('a.as-row').filter({ hasText: 'Pollack' })).toHaveCount(0);
  await page.reload();
  await expect(field).toHaveValue('mackerel vacuum');
  await field.fill('nothing like it');
  await expect(page.getByText('No pack found.')).toBeVisible();
  await field.fill('95');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Pollack, 2 fillets' })).toBeVisible();
  await page.goto(`${demo.url}/larder`);
  await page.getByRole('radio', { name: 'by species' }).click({ force: true });
  const mackerel = page.getByRole('region', { name: 'Mackerel', exact: true });
  await expect(mackerel.getByRole('heading')).toContainText(/8 packs, 6\.47 kg, 35 plates/);
  await mouse.choose(page.getByRole('radio', { name: 'this week' }));
  await expect(page).toHaveURL(/by=kind&only=soon/);
  await expect(page.locator('a.as-row').filter({ hasText: 'Plaice' })).toHaveCount(0);
  expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);
});

test('labels: those chosen, on a sheet from a free place on, or one a page; the code opens the pack', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/larder`);
  await page.getByRole('link', { name: 'Print labels' }).click();
  await page.getByText('Which packs').click();
  await page.getByRole('checkbox', { name: /^95 Pollack/ }).check();
  await page.getByRole('checkbox', { name: /^86 Mackerel/ }).check();
  const label = page.getByRole('article', { name: 'Label of pack 95' });
  await expect(label).toContainText('2 fillets, only wiped, in a bag');
  await expect(label).toContainText('Sun 13 Sep');
  await expect(label).toContainText('Cook it. Thawed: do not freeze it again raw.');
  await expect(page.getByRole('article', { name: 'Label of pack 86' })).toContainText('Do not eat.');
  await page.getByLabel('First free place').selectOption('3');
  await expect(page.getByText('Peeled off already')).toHaveCount(2);
  await page.reload();
  await expect(page.getByText('Peeled off already')).toHaveCount(2);
  const box = await label.boundingBox();
  expect([Math.round(box!.width / 3.7795), Math.round(box!.height / 3.7795)]).toEqual([99, 68]);
  expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);
  const pdf = await page.pdf({ preferCSSPageSize: true });
  expect(pdf.toString('latin1').match(/\/Type \/Page\b/g)).toHaveLength(1);
  await page.getByRole('checkbox', { name: 'One label a page' }).check();
  const single = await page.pdf({ preferCSSPageSize: true });
  expect(single.toString('latin1').match(/\/Type \/Page\b/g)).toHaveLength(await page.getByRole('article').count());
});

test.describe('by thumb', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

  test('a label is scanned where the browser can; another code, and no camera, are said', async ({ page, demo }) => {
    const pack = (await entriesOf(demo)).findLast((e) => e.kind === 'pack.stored')!.subject;
    await page.addInitScript((id) => {
      // Long enough to be read: a camera looks four times a second.
      const seen = [...Array<string>(12).fill('https://example.org/anything'), `https://tern.example/larder/${id}`];
      Object.assign(window, {
        BarcodeDetector: class {
          detect = (): Promise<{ rawValue: string }[]> =>
            Promise.resolve([{ rawValue: (seen.length > 1 ? seen.shift() : seen[0]) ?? '' }]);
        },
      });
      Object.defineProperty(navigator, 'mediaDevices', {
        value: {
          getUserMedia: () => {
            if (sessionStorage.getItem('no camera')) return Promise.reject(new Error('denied'));
            const canvas = document.createElement('canvas');
            canvas.getContext('2d')?.fillRect(0, 0, 10, 10);
            return Promise.resolve(canvas.captureStream());
          },
        },
      });
    }, pack);
    await page.goto(`${demo.url}/larder`);
    await thumb.press(page.getByRole('button', { name: 'Scan a label' }));
    await expect(page.getByText('This is not a pack label.')).toBeVisible();
    await expect(page).toHaveURL(new RegExp(`/larder/${pack}$`));
    await page.evaluate(() => sessionStorage.setItem('no camera', '1'));
    await page.goto(`${demo.url}/larder`);
    await thumb.press(page.getByRole('button', { name: 'Scan a label' }));
    await expect(page.getByText(/The camera cannot be used here/)).toBeVisible();
  });

  test('the freezer door: what is in here, take this one', async ({ page, demo }) => {
    await page.goto(`${demo.url}/larder`);
    await page
      .getByRole('link', { name: /Chest in the shed/i })
      .first()
      .tap();
    await thumb.press(page.getByRole('button', { name: /^Take pack 77 out/ }));
    // It stays in its place, so that the second tap of a double tap takes no other.
    await expect(page.getByRole('status').filter({ hasText: 'in lowest shelf' })).toBeVisible();
    await expect(page.getByRole('button', { name: /^Take pack 77 out/ })).toHaveCount(0);
    await expect.poll(async () => (await entriesOf(demo)).at(-1)?.kind).toBe('pack.moved');
    const n = (await entriesOf(demo)).length;
    await page.getByRole('button', { name: /^Take pack 73 out/ }).dblclick();
    await expect(page.getByRole('status').filter({ hasText: 'in lowest shelf' })).toHaveCount(2);
    await expect.poll(async () => (await entriesOf(demo)).length).toBe(n + 1);
    expect((await entriesOf(demo)).at(-1)?.kind).toBe('pack.moved');
    // What is not to be eaten is not taken for dinner.
    await expect(page.getByRole('button', { name: /^Take pack 86 out/ })).toHaveCount(0);
  });
});

test('on the rack: its day, its weights, when it is ready; fillets are not hung without being asked about', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/larder`);
  const turbot = page.locator('a.as-row').filter({ hasText: 'Turbot, whole, gutted' });
  await expect(turbot).toContainText('day 5 of ageing, ready');
  await turbot.click();
  await expect(page.getByRole('heading', { name: 'On the rack, day 5' })).toBeVisible();
  await expect(page.getByText(/^Ready from Friday 11 September to Sunday 13 September/)).toBeVisible();
  await mouse.press(page.getByRole('button', { name: /^Weigh again/ }));
  await expect(page.locator('.settling')).toHaveCount(0);
  await page.getByLabel('It weighs').fill('2000');
  await mouse.press(page.getByRole('button', { name: /^Weighed/ }));
  await expect(page.getByText(/2000 g at its last weighing, 6\.5 % less/)).toBeVisible();
  expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);
  // A reading that is too warm: not aged any more.
  await page.goto(`${demo.url}/larder`);
  await page
    .getByRole('link', { name: /Rail in the cellar/i })
    .first()
    .click();
  await mouse.press(page.getByRole('button', { name: /^Read it/ }));
  await page.getByLabel(/^Humidity/).fill('92');
  await page.getByRole('textbox', { name: 'Or typed' }).fill('5');
  await page.getByRole('button', { name: /as it was typed/ }).click();
  await expect(page.getByText(/^Read 5°, 92 % damp/)).toBeVisible();
  await page
    .getByRole('link', { name: /Turbot, whole, gutted/ })
    .first()
    .click();
  await expect(page.getByRole('alert')).toContainText('The rack reads 5°: above 3° it spoils rather than ages.');
  // Fillets onto the rack.
  await page.goto(`${demo.url}/larder?q=95`);
  await page
    .locator('a.as-row')
    .filter({ hasText: /Pollack, 2 fillets/ })
    .click();
  await mouse.press(page.getByRole('button', { name: /^To rail in the cellar/ }));
  await expect(page.getByRole('dialog')).toContainText('Only a whole fish is aged: a cut surface spoils and dries.');
  await expect(page.locator('.settling')).toHaveCount(0);
  await mouse.press(page.getByRole('button', { name: /^Leave it/ }));
  await expect(page.getByRole('dialog')).toHaveCount(0);
});

test('part of a pack is smoked: a new pack, whose days begin with the smoke', async ({ page, demo }) => {
  await page.goto(`${demo.url}/larder?q=93`);
  await page
    .locator('a.as-row')
    .filter({ hasText: /Mackerel, 11 fillets/ })
    .click();
  await mouse.press(page.getByRole('button', { name: /^Take some out/ }));
  const take = page.getByRole('dialog');
  await expect(page.locator('.settling')).toHaveCount(0);
  await take.getByLabel('Pieces').fill('4');
  await mouse.choose(take.getByRole('radio', { name: 'smoked' }));
  await mouse.choose(take.getByRole('radio', { name: 'lowest shelf' }));
  await expect(take.getByRole('radio', { name: 'glaze' })).toHaveCount(0);
  await mouse.press(take.getByRole('button', { name: /^Taken out/ }));
  await expect(page.getByRole('heading', { name: 'Mackerel, 4 smoked pieces' })).toBeVisible();
  // The shelf was read at 4°: ten days are for 3° or colder, and it is three.
  await expect(page.getByText(/^Eat by Tuesday 15 September/)).toBeVisible();
  await page.getByText('Why this day').click();
  await expect(page.getByText('US FDA Hazards Guide, ch. 13; PNW 238, Smoking fish at home')).toBeVisible();
});

test('a pack that the board never saw: kind by any name, its days from when it was packed; by keyboard', async ({
  page,
  demo,
}) => {
  const hand = keyboard(page);
  await page.goto(`${demo.url}/larder`);
  await hand.press(page.getByRole('button', { name: 'Add a pack that was not cut here' }));
  const dialog = page.getByRole('dialog');
  await expect(page.locator('.settling')).toHaveCount(0);
  await hand.press(dialog.getByRole('button', { name: /^Into the larder/ }));
  await expect(dialog.getByRole('alert')).toContainText('Which species');
  await dialog.getByLabel('Which species').fill('kabeljau');
  await page.keyboard.press('Enter');
  await expect(dialog.getByText('Cod', { exact: true })).toBeVisible();
  await dialog.getByLabel('It weighs').fill('600');
  await dialog.getByLabel('Pieces').fill('2');
  await hand.choose(dialog.getByRole('radio', { name: 'yesterday' }));
  await expect(dialog.getByText(/Eat by 13 September/)).toBeVisible();
  expect((await new AxeBuilder({ page }).include('dialog').analyze()).violations).toEqual([]);
  await hand.press(dialog.getByRole('button', { name: /^Into the larder/ }));
  await expect(page.getByRole('heading', { name: 'Cod, 2 fillets' })).toBeVisible();
  await expect(page.getByText(/Eat by Sunday 13 September/)).toBeVisible();
  await expect
    .poll(async () => (await entriesOf(demo)).at(-1))
    .toMatchObject({ kind: 'pack.stored', about: true, at: '2026-09-11T18:00:00+01:00', facts: { fish: [] } });
});

test('a drill of the current: what is still good after some hours, and nothing is saved', async ({ page, demo }) => {
  const before = (await entriesOf(demo)).length;
  await page.goto(`${demo.url}/larder`);
  await page
    .getByRole('link', { name: /Chest in the shed/i })
    .first()
    .click();
  await page.getByText('If the power failed now').click();
  const slider = page.getByRole('slider');
  await slider.focus();
  await page.keyboard.press('Home');
  await expect(page.getByText(/All of it is still frozen/)).toBeVisible();
  await page.keyboard.press('End');
  await expect(page.getByText(/The outside has been thawing for/)).toBeVisible();
  await expect(page.getByText(/Packs that still have ice crystals/)).toBeVisible();
  expect((await entriesOf(demo)).length).toBe(before);
});

test('what is never eaten stays so when it is given: said before it is written, on its page and on its label', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/larder`);
  await page.getByRole('button', { name: 'Add a pack that was not cut here' }).click();
  await page.getByLabel('Which species').fill('silver-cheeked');
  await page.keyboard.press('Enter');
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByRole('note')).toContainText('do not eat it. Poisonous: never eat any part of it');
  await expect(dialog.getByText(/^Eat by/)).toHaveCount(0);
  await dialog.getByLabel('It weighs').fill('400');
  await mouse.press(dialog.getByRole('button', { name: /^Into the larder/ }));
  await expect(page.getByRole('heading', { name: 'Silver-cheeked pufferfish, fillets' })).toBeVisible();
  await expect(page.getByRole('note').filter({ hasText: 'do not eat it. Poisonous' })).toBeVisible();
  await expect(page.getByRole('button', { name: /^Cook it/ })).toHaveCount(0);
  // It is given to nobody.
  await mouse.press(page.getByRole('button', { name: /^Take some out/ }));
  await expect(page.getByRole('radio', { name: 'given away' })).toHaveCount(0);
  await page.keyboard.press('Escape');
  await page.getByRole('link', { name: 'Print its label' }).click();
  await expect(page.getByText('Do not eat.')).toBeVisible();
  await expect(page.getByText(/Poisonous: never eat any part of it/)).toBeVisible();
});
