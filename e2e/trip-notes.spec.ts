import { entriesOf, expect, fishAboard, mouse, test, type Page } from './fixtures.ts';

const button = (page: Page, name: string | RegExp) => page.getByRole('button', { name });

/** The demo's deck, with its nameless fish shaken off. */
async function clearDeck(page: Page, url: string): Promise<void> {
  await page.goto(`${url}/deck`);
  await button(page, /^Back in the water/).click();
  await button(page, /^Released/).click();
  await expect(button(page, /^New fish/)).toBeVisible();
}

async function openNote(page: Page, topic: string): Promise<void> {
  await button(page, /^Note/).first().click();
  await expect(page.getByRole('dialog')).toBeVisible();
  await mouse.choose(page.getByRole('radio', { name: topic, exact: true }));
}

test('a depth that is noted says how a fish from there goes back; a bad one is refused and nothing is lost', async ({
  page,
  demo,
}) => {
  await clearDeck(page, demo.url);
  await openNote(page, 'ground');
  await page.getByLabel(/^Depth/).fill('deep');
  await button(page, 'sounded').click();
  await expect(page.getByRole('alert').last()).toHaveText(/cannot be read/);
  await page.getByLabel(/^Depth/).fill('20 fathoms');
  await button(page, 'sounded').click();
  await expect
    .poll(async () => (await entriesOf(demo)).at(-1))
    .toMatchObject({
      kind: 'trip.noted',
      facts: { topic: 'ground', text: 'sounded', depthM: 36.58, typed: { depthM: '20 fathom' } },
    });
  await fishAboard(page);
  await button(page, /^Pollack/)
    .first()
    .click();
  await button(page, /^Let go/).click();
  await expect(page.getByText('Up from 37 m it is swollen inside', { exact: false })).toBeVisible();
  await button(page, /^Released/).click();
  // A mackerel has no bladder to swell. Landed with its name by one tap: the very same line again would be asked about.
  await button(page, /^Mackerel/)
    .first()
    .click();
  await button(page, /^Let go/).click();
  await expect(page.getByText(/Leave a deep hook in/)).toBeVisible();
  await expect(page.getByText(/swollen/)).toHaveCount(0);
});

test('what a trip cost is summed, and said for a plate; weather and tide come from the source by one tap', async ({
  page,
  demo,
}) => {
  await clearDeck(page, demo.url);
  await openNote(page, 'cost');
  await page.getByLabel('How much').fill('7,5');
  await button(page, /^ice$/).click();
  await openNote(page, 'tide');
  await button(page, /^(Flood|Ebb|Slack).*simulated source/).click();
  await expect
    .poll(async () => (await entriesOf(demo)).slice(-2).map((e) => e.facts))
    .toEqual([
      { topic: 'cost', text: 'ice', cost: 7.5 },
      { topic: 'tide', text: expect.stringMatching(/^Flood runs, high at 15:2\d \(4\.\d m\)$/) },
    ]);
  // Without an answer from the source the phrases stand as before.
  await page.route('**/api/devices/sky*', (r) => r.abort());
  await page.reload();
  await openNote(page, 'weather');
  await expect(button(page, 'fog')).toBeVisible();
  await expect(button(page, /simulated source/)).toHaveCount(0);
  const trip = (await entriesOf(demo)).at(-1)!.subject;
  await page.goto(`${demo.url}/trip/${trip}`);
  await expect(page.getByRole('heading', { name: 'Cost 44.90' })).toBeVisible();
  await expect(page.getByText('fuel 28.40, bait 9.00, ice 7.50.')).toBeVisible();
});

test('for the freezer: the room that is left in one’s own freezers, in plates', async ({ page, demo }) => {
  await page.goto(`${demo.url}/deck`);
  // The margin moves until the kinds are there.
  await expect(page.getByText(/of boneless fish/)).toBeVisible();
  await mouse.choose(page.getByRole('radio', { name: 'the freezer' }));
  await expect(page.getByRole('heading', { name: 'Room in the freezer' })).toBeVisible();
  await expect(page.getByText(/packs of .* in 160 l of freezer leave room for about/)).toBeVisible();
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Room in the freezer' })).toBeVisible();
});

test('held in the left hand, the pad and the keys at the foot are laid out for it, also after a reload', async ({
  browser,
  demo,
}) => {
  const context = await browser.newContext({ viewport: { width: 360, height: 640 }, hasTouch: true, isMobile: true });
  const page = await context.newPage();
  await page.goto(`${demo.url}/deck`);
  await button(page, /^Pollack/)
    .first()
    .click();
  const x = async (name: string): Promise<number> => (await button(page, name).first().boundingBox())!.x;
  await expect(button(page, 'Delete the last digit')).toBeVisible();
  expect(await x('Delete the last digit')).toBeGreaterThan(await x('9'));
  await page.goto(`${demo.url}/all`);
  await mouse.choose(page.getByRole('radio', { name: 'left', exact: true }));
  await page.goto(`${demo.url}/deck`);
  await expect(button(page, 'Delete the last digit')).toBeVisible();
  expect(await x('Delete the last digit')).toBeLessThan(await x('7'));
  expect(await x('7')).toBeLessThan(await x('9'));
  await context.close();
});
