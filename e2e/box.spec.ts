import { endTripAndPlan, entriesOf, expect, mouse, onIce, type Page, type Server, test, thumb } from './fixtures.ts';

const blue = (page: Page) => page.getByRole('region', { name: 'the blue box' });

/** The same book seen at another hour: the page goes by the server's clock, and is told that it stands there. */
async function atHour(page: Page, now: string): Promise<void> {
  await page.route('**/api/health', async (route) => {
    const answer = (await (await route.fetch()).json()) as object;
    await route.fulfill({ json: { ...answer, now, clock: 'still' } });
  });
}
/** So many more fish on ice in the blue box, as another device would send them. */
const manyOnIce = (demo: Server, n: number): Promise<void> =>
  onIce(
    demo,
    Array.from({ length: n }, (_, i) => ({ species: i % 2 ? 'pollack' : 'mackerel', massG: 400 + 20 * i })),
    480_000,
  );

const last = async (demo: Server, n: number) => (await entriesOf(demo)).slice(-n).map((e) => [e.kind, e.facts]);

test('the box says how cold each fish is inside, and since when', async ({ page, demo }) => {
  await page.goto(`${demo.url}/box`);
  await expect(
    blue(page).getByText(/^−?\d+(\.5)?° inside, cold since \d\d:\d\d(, warm again at \d\d:\d\d)?$/),
  ).toHaveCount(6);
  await blue(page).locator('.line').last().getByRole('link').click();
  await expect(page.getByText(/inside, cold since 13:5\d/)).toBeVisible();
});

test('under ice: what to add by when, added as it says, and it is enough', async ({ page, demo }) => {
  await page.goto(`${demo.url}/box`);
  const box = blue(page);
  await expect(box.getByText('Not enough ice')).toBeVisible();
  await expect(box.getByText(/Melting 0\.\d kg an hour\. Runs out about .*Home is 20:15\./)).toBeVisible();
  await expect(box.getByText('Seen at 12:50: half the ice', { exact: false })).toBeVisible();
  await expect(page.locator('.settling')).toHaveCount(0);
  await box.getByRole('button', { name: /^Add \d(\.5)? kg by 1[89]:\d\d/ }).click();
  const dialog = page.getByRole('dialog', { name: 'Ice added' });
  const kg = Number(await dialog.getByRole('textbox', { name: 'Ice', exact: true }).inputValue());
  expect(kg).toBeGreaterThanOrEqual(0.5);
  await dialog.getByRole('textbox', { name: 'Ice', exact: true }).fill('');
  await dialog.getByRole('button', { name: /^Put in/ }).click();
  await expect(dialog.getByRole('alert')).toHaveText('Say how much ice went in.');
  await dialog.getByRole('textbox', { name: 'Ice', exact: true }).fill(String(kg));
  await dialog.getByRole('button', { name: /^Put in/ }).click();
  await expect(box.getByText('Cold enough')).toBeVisible();
  await expect.poll(() => last(demo, 1)).toEqual([['box.filled', { kg }]]);
  await page.reload();
  await expect(blue(page).getByText('Cold enough')).toBeVisible();
});

test('seen gone, what lies in it warms and says so; the large key wants ice now', async ({ page, demo }) => {
  await page.goto(`${demo.url}/box`);
  const box = blue(page);
  await box.getByRole('button', { name: /^Check the ice/ }).click();
  await mouse.choose(page.getByRole('radio', { name: '10 min ago' }));
  await page.getByRole('button', { name: 'gone', exact: true }).click();
  await expect(box.getByText('No ice', { exact: true })).toBeVisible();
  await expect(box.getByText(/Without ice since 14:1\d/)).toBeVisible();
  await expect(box.getByText(/The estimate was wrong by \d(\.\d)? kg and has been corrected\./)).toBeVisible();
  await expect(box.getByRole('button', { name: /^Add \d+(\.5)? kg now/ })).toBeVisible();
  await expect.poll(() => last(demo, 1)).toEqual([['box.looked', { ice: 'gone' }]]);
  // The line stands with the box, and can be mended there.
  await box.getByText(/^\d entries of this box since 06:40/).click();
  await box.getByRole('button', { name: /^Correct: Under the lid: the ice is gone/ }).click();
  await page.getByRole('dialog').getByLabel('Ice').selectOption('a few lumps');
  await page
    .getByRole('dialog')
    .getByRole('button', { name: /^Correct it/ })
    .click();
  await expect(box.getByText(/Seen at 14:1\d: a few lumps of ice/)).toBeVisible();
  await box.getByRole('button', { name: /^Check the ice/ }).click();
  await mouse.choose(page.getByRole('radio', { name: '10 min ago' }));
  await page.getByRole('button', { name: 'gone', exact: true }).click();
  await expect(box.getByText('No ice', { exact: true })).toBeVisible();
  await box.locator('.line').last().getByRole('link').click();
  await expect(page.getByText(/in the box without ice \d+ min/).first()).toBeVisible();
});

test('the hours of the box: as it was and as it will be, by keys, and back to now', async ({ page, demo }) => {
  await page.goto(`${demo.url}/box`);
  const box = blue(page);
  const ice = async (): Promise<number> =>
    Number(/([\d.]+)/.exec((await box.locator('.huge-num').innerText()).trim())?.[1]);
  const now = await ice();
  const slider = box.getByRole('slider', { name: /The box/ });
  await slider.press('Home');
  await expect(box.getByText(/as it was at 06:4\d/)).toBeVisible();
  expect(await ice()).toBeGreaterThan(now + 2);
  await expect(box.getByText('No fish in it yet.')).toBeVisible();
  await slider.press('End');
  await expect(box.getByText(/as it will be at .*if you do nothing/)).toBeVisible();
  expect(await ice()).toBe(0);
  await box.getByRole('button', { name: 'Back to now' }).click();
  expect(Math.abs((await ice()) - now)).toBeLessThan(0.15);
});

test('a thermometer in a fish sets its reckoning right, and says by how much; a wild reading is refused', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/box`);
  const box = blue(page);
  await box.getByRole('button', { name: /^9, Pollack/ }).click();
  await box.getByRole('button', { name: /^Thermometer/ }).click();
  const dialog = page.getByRole('dialog', { name: 'Thermometer' });
  await expect(dialog.getByText('simulated thermometer')).toBeVisible();
  await dialog.getByRole('textbox', { name: 'Or typed' }).fill('99');
  await dialog.getByRole('button', { name: /^Read/ }).click();
  await expect(dialog.getByText(/No raw fish is that warm/)).toBeVisible();
  await dialog.getByRole('button', { name: /^Take [−\d]/ }).click({ timeout: 25_000 });
  await expect(dialog).toHaveCount(0);
  await expect(
    box.getByText(/inside, .*(as a thermometer said|set by a thermometer that said .* (more|less))/),
  ).toBeVisible();
  await expect.poll(async () => (await last(demo, 1))[0]?.[0]).toBe('fish.read');
});

test('a fish is laid elsewhere by keys, and carried to another layer by hand', async ({ page, demo }) => {
  await page.goto(`${demo.url}/box`);
  const box = blue(page);
  await box.getByRole('button', { name: /^8, Black seabream/ }).click();
  await box.getByRole('button', { name: 'Move it' }).click();
  const dialog = page.getByRole('dialog');
  await mouse.choose(dialog.getByRole('radio', { name: /the deck tub/ }));
  await mouse.choose(dialog.getByRole('radio', { name: 'on ice, dry' }));
  await dialog.getByRole('button', { name: /^Laid there/ }).click();
  const tub = page.getByRole('region', { name: 'the deck tub' });
  await expect(tub.getByRole('button', { name: /^8, Black seabream/ })).toBeVisible();
  await tub.getByText('How sure is this?').click();
  await expect(tub.getByText(/Nobody noted how much ice went in/).first()).toBeVisible();
  // Carried: from its key in the tray onto the upper third of the drawing.
  const key = box.getByRole('button', { name: /^3, Pollack/ });
  await key.scrollIntoViewIfNeeded();
  const [from, to] = [await key.boundingBox(), await box.locator('.box-picture').boundingBox()];
  if (!from || !to) throw new Error('the drawing is not there');
  await page.mouse.move(from.x + 20, from.y + 20);
  await page.mouse.down();
  await page.mouse.move(to.x + to.width / 2, to.y + to.height * 0.25, { steps: 12 });
  await page.mouse.up();
  await expect.poll(() => last(demo, 1)).toMatchObject([['fish.moved', { layer: 'top' }]]);
});

test('carried into another box that stands further down the page', async ({ page, demo }) => {
  await page.goto(`${demo.url}/box`);
  const key = blue(page).getByRole('button', { name: /^3, Pollack/ });
  await key.scrollIntoViewIfNeeded();
  const from = await key.boundingBox();
  if (!from) throw new Error('the key is not there');
  await page.mouse.move(from.x + 20, from.y + 20);
  await page.mouse.down();
  await page.mouse.move(from.x + 60, from.y + 60, { steps: 4 });
  const target = await page.locator('.other-boxes > div', { hasText: 'the soft bag' }).boundingBox();
  if (!target) throw new Error('the boxes are not at hand');
  await page.mouse.move(target.x + target.width / 2, target.y + 30, { steps: 12 });
  await page.mouse.up();
  const bag = page.getByRole('region', { name: 'the soft bag' });
  await expect(bag.getByRole('button', { name: /^3, Pollack/ })).toBeVisible();
  await expect.poll(async () => (await last(demo, 1))[0]?.[0]).toBe('fish.moved');
});

test('forty fish in one box: reckoned beside the page, and the page answers meanwhile', async ({ page, demo }) => {
  await manyOnIce(demo, 40);
  await page.goto(`${demo.url}/box`);
  const box = blue(page);
  await expect(box.getByText(/and \d+ more, below/)).toBeVisible();
  await box.getByRole('button', { name: /^Check the ice/ }).click();
  await page.getByRole('button', { name: 'a few lumps' }).click();
  // What stood there stands until it is reckoned anew, and then follows what was seen.
  await expect(box.getByText(/Seen at 14:2\d: a few lumps of ice/)).toBeVisible();
  await expect(box.getByText(/Too full|Not enough ice|No ice/).first()).toBeVisible();
});

test('the day goes on: the ice ends, the fish warm, and a mackerel crosses the clock of histamine, here and at the board', async ({
  page,
  demo,
}) => {
  await atHour(page, '2026-09-13T09:30:00+01:00');
  await page.goto(`${demo.url}/box`);
  await expect(blue(page).getByText('No ice', { exact: true })).toBeVisible();
  await expect(page.getByRole('note', { name: 'Do not eat' })).toHaveCount(0);
  await expect(
    blue(page)
      .getByText(/inside, and not getting cold where it lies/)
      .first(),
  ).toBeVisible();
  await page.unroute('**/api/health');
  await atHour(page, '2026-09-13T15:30:00+01:00');
  await page.reload();
  const strip = page.getByRole('note', { name: 'Do not eat' });
  await expect(strip).toHaveCount(1);
  await expect(strip).toContainText(/8 mackerel: \d+(\.\d)? h above 4\.4° after it was chilled, [48] h at most/);
  await expect(strip).toContainText('Cooking and freezing do not destroy it');
  await page.goto(`${demo.url}/board`);
  await page.getByRole('checkbox').first().check();
  await expect(page.getByRole('note', { name: 'Do not eat' })).toBeVisible();
  // It is not cut, and can be thrown away; then it waits nowhere.
  await page.getByRole('button', { name: /^Onto the board/ }).click();
  await expect(page.getByRole('alert')).toContainText('8 mackerel is over the histamine limit: do not eat it');
  await expect(page.locator('.settling')).toHaveCount(0);
  await page.getByRole('button', { name: /^Thrown away/ }).click();
  await expect(page.getByRole('checkbox', { name: /mackerel/ })).toHaveCount(0);
});

test('a melt test at home: begun, kept over a reload, and told what the walls let through', async ({ page, demo }) => {
  await page.goto(`${demo.url}/box`);
  const tub = page.getByRole('region', { name: 'the deck tub' });
  await tub.getByRole('button', { name: 'Melt test' }).click();
  const dialog = page.getByRole('dialog', { name: 'Melt test' });
  await dialog.getByRole('button', { name: /^It is closed/ }).click();
  await expect(dialog.getByRole('alert')).toContainText('at least half a kilo of ice');
  await dialog.getByRole('textbox', { name: 'Ice put in' }).fill('4');
  await dialog.getByRole('button', { name: /^It is closed/ }).click();
  await page.reload();
  await tub.getByRole('button', { name: 'Melt test' }).click();
  await expect(dialog.getByText(/Begun at 14:2\d/)).toBeVisible();
  await dialog.getByRole('textbox', { name: 'Ice left' }).fill('4.5');
  await dialog.getByRole('textbox', { name: 'Hours' }).fill('12');
  await dialog.getByRole('textbox', { name: 'Air around the box' }).fill('18');
  await dialog.getByRole('button', { name: /^Tested/ }).click();
  await expect(dialog.getByRole('alert')).toContainText('More ice left than went in');
  await dialog.getByRole('textbox', { name: 'Ice left' }).fill('2.5');
  await dialog.getByRole('button', { name: /^Tested/ }).click();
  await expect(tub.getByText(/Tested on Sat 12 Sep in 18°: 0\.6 watts per degree/)).toBeVisible();
});

test('the ice is planned: how much, twenty days, what the sun costs; cast off with it', async ({ page, demo }) => {
  await page.goto(`${demo.url}/plan`);
  await endTripAndPlan(page, demo);
  const needs = page.getByText(/On 19 of 20 days like this, .* of ice lasts the whole trip/);
  await expect(needs).toBeVisible({ timeout: 20_000 });
  const take = page.getByRole('button', { name: /^Take [\d.]+ kg/ });
  const before = Number(/[\d.]+/.exec(await take.innerText())?.[0]);
  await page.getByRole('textbox', { name: 'Ice', exact: true }).fill('1');
  await expect(page.getByText(/of 20 days like this, 1 kg of ice lasts the whole trip/)).toBeVisible();
  await expect(page.getByRole('img', { name: /20 days like this: on \d+ of them the ice ends before/ })).toBeVisible();
  await mouse.choose(page.getByRole('checkbox', { name: 'in the sun' }));
  await expect(page.getByText(/In the shade: \d+ of 20/)).toBeVisible();
  const after = Number(/[\d.]+/.exec(await take.innerText())?.[0]);
  expect(after).toBeGreaterThan(before);
  await take.click();
  await expect(page.getByRole('textbox', { name: 'Ice', exact: true })).toHaveValue(String(after));
  await page.getByRole('button', { name: /^Cast off/ }).click();
  await expect(page).toHaveURL(/deck/);
  await expect
    .poll(async () => (await entriesOf(demo)).slice(-2).map((e) => [e.kind, (e.facts as { iceKg?: number }).iceKg]))
    .toEqual([
      ['trip.started', after],
      ['box.stands', undefined],
    ]);
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });
  test('one glance says whether it is cold enough, until when, and what to do', async ({ page, demo }) => {
    await page.goto(`${demo.url}/box`);
    const box = blue(page);
    for (const glance of [
      box.getByText('Not enough ice'),
      box.locator('.huge-num'),
      box.getByRole('button', { name: /^Add/ }),
    ])
      await expect(glance).toBeInViewport();
    const wide = await page.evaluate(() => document.documentElement.scrollWidth);
    expect(wide).toBeLessThanOrEqual(390);
    await expect(page.locator('.settling')).toHaveCount(0);
    await thumb.press(box.getByRole('button', { name: /^Drain water/ }));
    const dialog = page.getByRole('dialog', { name: 'Drain water' });
    await dialog.getByRole('textbox', { name: 'Water, if weighed' }).fill('3.5');
    await expect(page.locator('.settling')).toHaveCount(0);
    await thumb.press(dialog.getByRole('button', { name: /^Let out/ }));
    await expect(box.getByRole('button', { name: /Drain water.*hardly any yet/ })).toBeVisible();
    await expect.poll(() => last(demo, 1)).toEqual([['box.drained', { kg: 3.5 }]]);
  });
});
