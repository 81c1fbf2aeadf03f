import { join } from 'node:path';
import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { entriesOf, expect, test, type Server } from './fixtures.ts';
import { ontoTheBoard, wholeWeighed } from './onto-the-board.ts';

const PRACTICE = join(import.meta.dirname, '../web/public/practice');
const button = (page: Page, name: string | RegExp) => page.getByRole('button', { name });
const kinds = async (demo: Server, from: number): Promise<string[]> =>
  (await entriesOf(demo)).slice(from).map((e) => e.kind);

test('a round fish, step by step with the space bar: one step a screen, each noted, weighed where it is due, and back to look', async ({
  page,
  demo,
}) => {
  await ontoTheBoard(page, demo, /Pollack/, /from the tail/);
  const from = (await entriesOf(demo)).length - 1;
  await page.getByRole('link', { name: /^Step by step/ }).click();
  await expect(page.getByRole('heading', { name: /Glove on your holding hand/ })).toBeVisible();
  await page.keyboard.press('Space');
  await expect(page.getByRole('heading', { name: /Wipe it with a dry cloth/ })).toBeVisible();
  // Back looks, and takes nothing back.
  await page.keyboard.press('ArrowLeft');
  await expect(page.getByRole('heading', { name: /Glove on your holding hand/ })).toBeVisible();
  await page.keyboard.press('PageDown');
  await page.keyboard.press('Space');
  await expect(page.getByRole('heading', { name: 'On the scale: whole.' })).toBeVisible();
  // An unlikely weight is asked about here too; a space in the field is no key.
  const field = page.getByLabel('Whole', { exact: true });
  await field.fill('50');
  await button(page, /^Whole/).click();
  await expect(page.getByRole('alert')).toContainText('Look again');
  await field.fill('790');
  await button(page, /^Whole/).click();
  await expect(page.getByRole('heading', { name: /Open the belly/ })).toBeVisible();
  await expect(page.locator('.step-screen svg').first()).toBeVisible();
  await expect(page.locator('.step-side')).toContainText('Gut and gall');
  expect((await new AxeBuilder({ page }).analyze()).violations.map((v) => v.id)).toEqual([]);
  // What was ticked does not take the pedal's next press.
  const aloud = page.getByRole('checkbox', { name: 'Read aloud' });
  if (await aloud.isVisible()) {
    await aloud.check();
    await aloud.uncheck();
  }
  // What was noted survives a reload, and the knife stands where it stood.
  await page.reload();
  await expect(page.getByRole('heading', { name: /Open the belly/ })).toBeVisible();
  await expect.poll(() => kinds(demo, from)).toEqual(['cut.started', 'cut.stepped', 'cut.stepped', 'cut.weighed']);
  for (const next of [/Draw the guts/, /Cut the gills/, /scrape the dark kidney/, /On the scale: gutted/]) {
    await page.keyboard.press('Space');
    await expect(page.getByRole('heading', { name: next })).toBeVisible();
  }
  // Not weighed: it goes on without.
  await button(page, /^Not weighed/).click();
  await expect(page.getByRole('heading', { name: /Notch it before the tail/ })).toBeVisible();
  await page.goBack();
  await expect(page.getByRole('list', { name: 'Steps', exact: true })).toBeVisible();
  await expect(page.getByText('Belly open.')).toBeVisible();
});

test('what it should yield is written down with the start, and the weighing stands against it', async ({
  page,
  demo,
}) => {
  await ontoTheBoard(page, demo, /Pollack/, /from the tail/);
  await expect.poll(async () => (await entriesOf(demo)).at(-1)?.kind).toBe('cut.started');
  const started = (await entriesOf(demo)).at(-1)!;
  const expected = started.facts['expected'] as { stage: string; low: number; mid: number; high: number; n: number }[];
  expect(expected.map((e) => e.stage)).toEqual(['gutted', 'fillets', 'trimmed']);
  expect(expected[2]!.n).toBeGreaterThan(3);
  await wholeWeighed(page);
  await page.getByLabel('Gutted', { exact: true }).fill('670');
  await button(page, /^Gutted weighed/).click();
  await page.getByLabel('Fillets, skin on', { exact: true }).fill('350');
  await button(page, /^Fillets weighed/).click();
  await page.getByLabel('Trimmed', { exact: true }).fill('260');
  await button(page, /^Trimmed weighed/).click();
  await expect(page.locator('.yield')).toContainText(/noted before the cut, from \d+ cuts/);
  await expect(page.locator('.yield')).toContainText(/under what was expected/);
  await expect(page.locator('.yield')).toContainText(/of a plate stayed on the bones/);
  await expect(page.getByRole('region', { name: 'How your filleting is going' })).toContainText(/Last 10 cuts/);
});

test('the purpose proposes the route, the pan says whether it fits, and the house way decides the steps', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/board`);
  await page
    .locator('.board-row')
    .filter({ hasText: /Black seabream/ })
    .first()
    .click();
  await page.getByRole('radio', { name: 'cooked whole' }).check({ force: true });
  await expect(page.getByRole('radio', { name: /^whole for the pan/ })).toBeChecked();
  await expect(page.getByText(/cm are too long for a pan of 28(\.0)? cm; without its head/)).toBeVisible();
  await page.getByLabel('Pan or dish length').fill('40');
  await expect(page.getByText(/fit in a pan of 40/)).toBeVisible();
  // The house leaves the scales on, from now on.
  await page.getByText('House ways').click();
  await page.getByRole('group', { name: 'Scales' }).getByRole('radio', { name: 'on' }).click({ force: true });
  await expect.poll(async () => (await entriesOf(demo)).at(-1)?.facts).toEqual({ of: 'scales', is: 'on' });
  await button(page, /^Onto the board/).click();
  const steps = page.getByRole('list', { name: 'Steps before this weighing' });
  await expect(steps).toContainText('Wipe it with a dry cloth');
  await wholeWeighed(page);
  await expect(steps).toContainText('Cut the fins off');
  await expect(steps).not.toContainText('Scale it');
  // Against the house way, this time: at its step.
  await page.getByRole('link', { name: /^Step by step/ }).click();
  await expect(page.getByRole('heading', { name: /Cut the fins off/ })).toBeVisible();
  for (const next of [/Open the belly/, /Draw the guts out/]) {
    await page.keyboard.press('Space');
    await expect(page.getByRole('heading', { name: next })).toBeVisible();
  }
  await page.getByText(/^Guts go to/).click();
  await button(page, /This time: the bin/).click();
  await expect.poll(async () => (await entriesOf(demo)).at(-1)?.facts).toEqual({ of: 'guts', is: 'the bin' });
  await expect(page.getByText(/not your usual way/)).toBeVisible();
});

test.describe('by touch', () => {
  test.use({ viewport: { width: 360, height: 640 }, hasTouch: true, isMobile: true });

  test('a lot is butterflied with gloves: the keys are large, nothing is wider than the phone, a double tap notes one step', async ({
    page,
    demo,
  }) => {
    await page.goto(`${demo.url}/board`);
    await page
      .locator('.board-row')
      .filter({ hasText: /mackerel/ })
      .first()
      .tap();
    await button(page, /^Onto the board/).tap();
    await page.getByRole('link', { name: /^Step by step/ }).tap();
    await expect(page.locator('.settling')).toHaveCount(0);
    for (const key of await page.locator('.step-keys .key').all()) {
      const box = (await key.boundingBox())!;
      expect(box.height).toBeGreaterThanOrEqual(64);
    }
    const id = new URL(page.url()).pathname.split('/')[2];
    await button(page, /^Hands ready/).dblclick();
    await expect(page.getByRole('heading', { name: /Wipe it/ })).toBeVisible();
    await expect
      .poll(async () => (await entriesOf(demo)).filter((e) => e.kind === 'cut.stepped' && e.subject === id).length)
      .toBe(1);
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(360);
    await expect(page.locator('.settling')).toHaveCount(0);
    await button(page, /^Wiped/).tap();
    await button(page, /^From the scale/).tap();
    await button(page, /^Take 2/).tap({ timeout: 20_000 });
    await expect(page.getByLabel('Whole', { exact: true })).toHaveValue(/2/);
  });
});

test('part of a lot goes onto the board with its history; the others stay on ice', async ({ page, demo }) => {
  await page.goto(`${demo.url}/board`);
  await page
    .locator('.board-row')
    .filter({ hasText: /8 mackerel/ })
    .click();
  await page.getByLabel('How many').fill('9');
  await button(page, /^Onto the board/).click();
  await expect(page.getByRole('alert')).toContainText('a whole number from 1 to 8');
  await page.getByLabel('How many').fill('3');
  await button(page, /^Onto the board/).click();
  await expect(page.getByRole('heading', { name: 'Weigh it whole, wiped.' })).toBeVisible();
  await expect(page.getByText('3 mackerel', { exact: false }).first()).toBeVisible();
  // Three eighths of 2,440 g.
  await expect(page.getByLabel('Whole', { exact: true })).toHaveValue('915');
  await page.goto(`${demo.url}/board`);
  await expect(page.locator('.board-row').filter({ hasText: /5 mackerel/ })).toBeVisible();
  await expect(page.locator('.board-row').filter({ hasText: /3 mackerel/ })).toHaveCount(0);
});

test('worms seen are noted with what follows, go with the pack, and stand before the meal', async ({ page, demo }) => {
  await ontoTheBoard(page, demo, /Ballan wrasse/, /from the tail/);
  await wholeWeighed(page);
  await page.getByRole('radio', { name: 'Worms', exact: true }).click({ force: true });
  await page.getByRole('radio', { name: 'round worms' }).click({ force: true });
  await page.getByRole('radio', { name: 'in the flesh' }).click({ force: true });
  await page.getByLabel('Number, if counted').fill('-2');
  await button(page, /^Add the find/).click();
  await expect(page.getByRole('alert')).toContainText('A count is a whole number');
  await page.getByLabel('Number, if counted').fill('2');
  await expect(page.getByText(/60° in the middle for a minute kills round worms and tapeworm/)).toBeVisible();
  const picture = page.getByLabel('Picture of the find');
  await picture.setInputFiles({ name: 'a.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('no picture') });
  await expect(page.getByRole('alert')).toHaveText(/cannot read this file as a picture/);
  await picture.setInputFiles(join(PRACTICE, 'pollack.jpg'));
  await expect(page.getByAltText('The picture for the find')).toBeVisible();
  await button(page, /^Add the find/).click();
  await expect(page.getByText('Found: 2 round worms in the flesh.')).toBeVisible();
  await expect
    .poll(async () => (await entriesOf(demo)).at(-1)?.facts)
    .toMatchObject({
      of: 'worms',
      is: 'round worms',
      count: 2,
      where: 'in the flesh',
      photo: expect.stringMatching(/^[0-9a-f]{64}$/),
    });
  const shown = page.getByRole('list', { name: 'Pictures of what was found' }).getByRole('img');
  await expect.poll(() => shown.evaluate((i) => (i as HTMLImageElement).naturalWidth)).toBeGreaterThan(100);
  for (const [label, g] of [
    ['Gutted', '720'],
    ['Fillets, skin on', '380'],
    ['Trimmed', '310'],
  ] as const) {
    await page.getByLabel(label, { exact: true }).fill(g);
    await button(page, /weighed/).click();
  }
  await button(page, /^Packed/).click();
  await page.locator('.packs-made').getByRole('link').click();
  await expect(page.getByText(/Worms were seen: do not eat it raw/)).toBeVisible();
  await button(page, /^Cook it/).click();
  await expect(page.getByText('No lower temperature here.')).toBeVisible();
  await button(page, /other ways, and why not/).click();
  await button(page, 'Raw slices').click();
  await expect(page.getByRole('region', { name: 'Can it be eaten raw?' })).toContainText(/Worms were seen/i);
  await expect(page.getByText(/Pack \d+: worms were seen: do not eat it raw/).first()).toBeVisible();
  // What they had eaten stands with the kind.
  await page.goto(`${demo.url}/catalogue/pollack`);
  await expect(page.getByText(/stomachs looked into/)).toBeVisible();
});

test('spines that sting stand first, and again where a hand comes near them', async ({ page, demo }) => {
  // A weever out of the water, onto ice, onto the board.
  await page.goto(`${demo.url}/deck`);
  await button(page, /^Greater weever/).click();
  await page.getByLabel(/^Length/).fill('36.4');
  await button(page, /^Measured/).click();
  for (const key of [/^Killed/, /^Bled/, /^Onto ice/, /^Onto ice now/]) {
    await expect(page.locator('.settling')).toHaveCount(0);
    await button(page, key).first().click();
  }
  await ontoTheBoard(page, demo, /Greater weever/, /tail on the bone/);
  await expect(page.getByRole('note', { name: 'Hazards' })).toContainText('Venomous');
  const steps = page.getByRole('list', { name: 'Steps before this weighing' });
  await expect(steps.getByRole('listitem').nth(1)).toContainText('Cut the venomous spines off before anything else');
  await page.getByRole('link', { name: /^Step by step/ }).click();
  for (const at of [/Glove on your holding hand/, /Cut the venomous spines off/]) {
    await expect(page.getByRole('heading', { name: at })).toBeVisible();
    await expect(page.getByRole('note', { name: 'Hazards' })).toContainText('Venomous');
    if (String(at).includes('Glove')) await page.keyboard.press('Space');
  }
  // The other school, one tap away.
  await page.getByText(/^Venomous spines:/).click();
  await button(page, /This time: left, and cut round/).click();
  await expect(page.getByRole('heading', { name: /Leave the spines where they are/ })).toBeVisible();
});

test('opened on another device before the list of species is there it says so; a step noted by mistake is struck where it is looked at', async ({
  page,
  demo,
  browser,
}) => {
  await ontoTheBoard(page, demo, /Pollack/, /from the tail/);
  await expect.poll(async () => (await entriesOf(demo)).at(-1)?.kind).toBe('cut.started');
  const other = await (await browser.newContext({ serviceWorkers: 'block' })).newPage();
  let release = (): void => undefined;
  const held = new Promise<void>((r) => (release = r));
  await other.route('**/api/catalogue', async (route) => (await held, await route.continue()));
  await other.goto(`${page.url()}/steps`);
  await expect(other.getByRole('heading', { name: 'One moment' })).toBeVisible();
  release();
  await expect(other.getByRole('heading', { name: /Glove on your holding hand/ })).toBeVisible();
  await expect(button(other, /^Cross it out/)).toHaveCount(0);
  await other.keyboard.press('Space');
  await expect(other.getByRole('heading', { name: /Wipe it/ })).toBeVisible();
  await other.keyboard.press('ArrowLeft');
  await button(other, /^Cross it out/).click();
  await expect.poll(async () => (await entriesOf(demo)).at(-1)?.kind).toBe('log.struck');
  await expect(button(other, /^Cross it out/)).toHaveCount(0);
  await other.context().close();
});

test('one side after the other: pieces add up, survive a reload, and are compared when written', async ({
  page,
  demo,
}) => {
  await ontoTheBoard(page, demo, /Pollack/, /from the tail/);
  const wholeG = await wholeWeighed(page);
  const of = (share: number): number => Math.round(wholeG * share);
  await page.getByLabel('Gutted', { exact: true }).fill(String(of(0.88)));
  await button(page, /^Gutted weighed/).click();
  const field = page.getByLabel('Fillets, skin on', { exact: true });
  await button(page, /^Add the next piece/).click();
  await expect(page.getByRole('alert')).toContainText('Give the weight');
  await field.fill(String(of(0.21)));
  await button(page, /^Add the next piece/).click();
  await expect(page.getByRole('status').filter({ hasText: 'so far' })).toContainText(`${of(0.21)} g`);
  await field.fill('99000');
  await button(page, /^Add the next piece/).click();
  await expect(page.getByRole('alert')).toContainText('cannot');
  await page.reload();
  await expect(page.getByRole('status').filter({ hasText: 'so far' })).toContainText(`${of(0.21)} g`);
  await page.getByLabel('Fillets, skin on', { exact: true }).fill(String(of(0.185)));
  await button(page, /^Fillets weighed/).click();
  await expect(
    page.getByText(
      `First side ${of(0.21)} g, second ${of(0.185)} g: ${of(0.21) - of(0.185)} g more stayed on the frame under the second`,
    ),
  ).toBeVisible();
  await expect
    .poll(async () => (await entriesOf(demo)).at(-1)?.facts)
    .toEqual({ stage: 'fillets', massG: of(0.21) + of(0.185), pieces: [of(0.21), of(0.185)] });
});

test('what moved the yield: by kind, with its range, and sayable where it is too little', async ({ page, demo }) => {
  await page.goto(`${demo.url}/board`);
  await page.getByRole('link', { name: 'How stiffness changed your own yields' }).click();
  await expect(page.getByRole('heading', { name: 'How stiff it was' })).toBeVisible();
  await expect(page.getByText(/too few to say/).first()).toBeVisible();
  await page.locator('.yields-page').getByRole('radio', { checked: false }).first().click({ force: true });
  await expect(page).toHaveURL(/kind=[a-z-]+$/);
  await expect(page.getByText(/, the others compared within their own species/)).toBeVisible();
  expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);
  await page.goto(`${demo.url}/board/yields?kind=conger`);
  await expect(page.getByText(/No conger was weighed whole and trimmed yet/)).toBeVisible();
});
