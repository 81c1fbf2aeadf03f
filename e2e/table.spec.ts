import AxeBuilder from '@axe-core/playwright';
import { entriesOf, expect, mouse, type Page, type Server, test, thumb } from './fixtures.ts';

const key = (page: Page, name: RegExp | string) => page.getByRole('button', { name });
const chip = (page: Page, role: 'radio' | 'checkbox', name: RegExp | string) =>
  page.getByRole(role, { name }).click({ force: true });
const now = (page: Page) => page.getByRole('region', { name: 'Now' });
const settled = (page: Page) => expect(page.locator('.settling')).toHaveCount(0);

/** The pollack that thaws for Sunday, roasted, with two sides, for an hour of the demo's own day. */
async function pollackAt(page: Page, demo: Server, hour: string): Promise<void> {
  await page.goto(`${demo.url}/table/new`);
  await page.getByRole('checkbox', { name: /^95 Pollack, 2 fillets/ }).check();
  await chip(page, 'radio', 'Roasted');
  await chip(page, 'radio', /^moist, 60/);
  await chip(page, 'checkbox', 'New potatoes');
  await chip(page, 'checkbox', 'Peas and fennel');
  await page.getByLabel('Time', { exact: true }).fill(hour);
  await expect(page.getByRole('heading', { name: /^Off at 60°$/ })).toBeVisible();
  await settled(page);
  await mouse.press(key(page, /^Plan the cooking/));
  await expect(page).toHaveURL(/\/table\/dinner\//);
}

test('a pack becomes a dinner of three dishes: timed, planned back from the hour, cooked by timers that survive a reload, marked', async ({
  page,
  demo,
}) => {
  await pollackAt(page, demo, '15:40');
  const grid = page.locator('.dinner-grid');
  await expect(grid.locator('.dinner-flag')).toHaveText('15:40');
  await expect(page.getByText(/This is the latest start that still serves on time\./)).toBeVisible();
  await expect(page.getByText('Contains fish and milk.')).toBeVisible();
  expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);
  // Put by hand with the keys of the arrows: the others are planned round it, and it can be let go.
  const peas = page.getByRole('button', { name: /^Peas and fennel, Pod peas, slice fennel/ });
  const was = await peas.getAttribute('aria-label');
  await peas.focus();
  await page.keyboard.press('Space');
  // It is carried from a moment later on.
  await expect(peas).toHaveAttribute('aria-pressed', 'true');
  // What carries it hears the keys a moment after it says so: what was not heard is pressed again.
  await expect(async () => {
    if ((await peas.getAttribute('aria-pressed')) === 'true') {
      for (let i = 0; i < 3; i++) await page.keyboard.press('ArrowUp');
      await page.keyboard.press('Space');
    }
    await expect(peas).toHaveAttribute('aria-label', /moved by hand$/, { timeout: 3000 });
  }).toPass({ timeout: 20_000 });
  await mouse.press(key(page, 'Pod peas, slice fennel where it fits best'));
  await expect(peas).toHaveAttribute('aria-label', was!);
  // What is next is begun early; its timer runs on through a reload.
  await settled(page);
  await mouse.press(now(page).locator('.keys .key'));
  await expect(now(page).getByRole('timer')).toHaveCount(1);
  await page.reload();
  await expect(now(page).getByRole('timer')).toHaveCount(1);
  await mouse.press(now(page).getByRole('button', { name: /: two minutes more$/ }));
  await expect(page.getByText(/takes \d+ min\.|min/).first()).toBeVisible();
  // Begun by mistake: its line is struck, and it is to come again.
  await mouse.press(key(page, /: undo that it is begun$/).first());
  await expect(now(page).getByRole('timer')).toHaveCount(0);
  // The fish goes in, the probe is read: the estimate follows, and what cannot be is left out.
  await mouse.press(key(page, 'Begin: Cook the fish'));
  const read = async (c: string): Promise<void> => {
    await settled(page);
    await mouse.press(key(page, /^Measure the middle/));
    await page.getByLabel('The probe reads').fill(c);
    await mouse.press(key(page, 'Take it').first());
    await expect(page.getByRole('dialog')).toHaveCount(0);
  };
  await read('95');
  await expect(page.getByText(/A reading was ignored/)).toBeVisible();
  await mouse.press(key(page, 'Done: Cook the fish'));
  await read('61');
  await settled(page);
  await mouse.press(key(page, /^Served/));
  await expect(page.getByRole('heading', { name: 'Pollack, roasted', exact: true }).first()).toBeVisible();
  await expect(page.getByText('New potatoes, Peas and fennel')).toBeVisible();
  const ilse = page.getByRole('group', { name: 'Ilse’s mark' });
  await ilse.getByRole('radio', { name: '4' }).click({ force: true });
  await expect(page.getByText('Ilse gave it 4 of 5.')).toBeVisible();
  await ilse.getByRole('checkbox', { name: 'and a half' }).click({ force: true });
  await expect(page.getByText('Ilse gave it 4.5 of 5.')).toBeVisible();
  await mouse.press(key(page, 'Rate fish and cooking separately'));
  await page
    .getByRole('group', { name: 'Ilse’s mark for the fish' })
    .getByRole('radio', { name: '5' })
    .click({ force: true });
  await expect(page.getByText('Ilse gave it 4.5 of 5, the fish 5.')).toBeVisible();
  await page.getByLabel('Cooked, left over').fill('120');
  await settled(page);
  await mouse.press(key(page, /^Back to the larder/));
  await expect(page.getByRole('link', { name: /left over, 120 g/ })).toBeVisible();
  await page.getByLabel('What to change', { exact: true }).fill('Two minutes less.');
  await mouse.press(key(page, /^Note it/));
  await expect(page.locator('b', { hasText: 'Two minutes less.' })).toBeVisible();
  // The next time it is offered before anything else.
  await page.goto(`${demo.url}/table/new`);
  await page.getByRole('checkbox', { name: /^49 Pollack/ }).check();
  await chip(page, 'radio', 'Roasted');
  await expect(page.getByRole('region', { name: 'What to change' })).toContainText('Two minutes less.');
});

test('too late for the hour: what clashes, and the hour that can be met; two cooks at two devices', async ({
  page,
  demo,
  browser,
}) => {
  await pollackAt(page, demo, '14:45');
  await expect(page.getByText(/minutes late: 1[45]:\d\d, not 14:45\./)).toBeVisible();
  await expect(page.getByText(/min from its first step|not enough for this time/)).toBeVisible();
  await settled(page);
  await mouse.press(key(page, /^Serve at 1[45]:/));
  await expect(page.getByText(/minutes? late/)).toHaveCount(0);
  await settled(page);
  await mouse.press(now(page).locator('.keys .key'));
  await expect(now(page).getByRole('timer')).toHaveCount(1);
  await expect(page.getByText('Saved and sent')).toBeVisible();
  const other = await (await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true })).newPage();
  await other.goto(page.url());
  await expect(now(other).getByRole('timer')).toHaveCount(1);
  await expect(other.locator('.dinner-grid')).toBeHidden();
  await settled(other);
  await thumb.press(now(other).locator('.keys .key'));
  await expect(now(other).getByRole('timer')).toHaveCount(2);
  // Five minutes later by the clock of the page, what should have begun has not: from there on anew.
  await other.clock.install();
  await other.clock.fastForward('30:00');
  await expect(other.getByText(/minutes late: 1[45]:\d\d/)).toBeVisible({ timeout: 20_000 });
  await other.context().close();
});

test('a whole fish: laid to scale in what the kitchen has, covered, salted; so little liquid does not hold the heat', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/table/new`);
  await page.getByRole('checkbox', { name: /^96 Turbot/ }).check();
  await chip(page, 'radio', 'Poached, heat off');
  await expect(page.getByRole('region', { name: 'Does it fit' })).toContainText(/it (fits|is cut across)/);
  await expect(page.getByRole('img', { name: /to scale$/ })).toBeVisible();
  await expect(page.getByText(/of liquid cover it in the .* by a finger\. .* take \d+ g of salt/)).toBeVisible();
  await page.getByLabel('Liquid', { exact: true }).fill('1');
  await expect(page.getByText(/^So little liquid cools down too much/)).toBeVisible();
  await settled(page);
  await mouse.press(key(page, /^Plan the cooking/));
  await expect(page.getByRole('alert')).toContainText('So little liquid');
  await chip(page, 'radio', 'Poached, laid in hot');
  await expect(page.getByRole('region', { name: 'When is it done' })).toContainText(/by weight\s*\d+ min/);
  await page.getByLabel('Thickest').fill('0');
  await expect(page.getByText(/at least 2 mm thick/)).toBeVisible();
});

test('no lower choice for who is at risk; raw is not known without a freezing on record, each reason with its source', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/table/new`);
  await page.getByRole('checkbox', { name: /^95 Pollack/ }).check();
  await key(page, /other ways, and why not/).click();
  await key(page, 'Raw slices').click();
  const verdict = page.getByRole('region', { name: 'Can it be eaten raw?' });
  await expect(verdict).toContainText(/Not known, so not raw|Not raw/);
  await expect(verdict).toContainText('853/2004');
  await expect(verdict).not.toContainText(/\bsafe\b/);
  await chip(page, 'radio', 'In the pan');
  await expect(page.getByRole('radio', { name: /^glassy, 51/ })).toHaveCount(1);
  await page.getByRole('group', { name: 'Who eats' }).getByRole('checkbox', { name: 'Oda' }).click({ force: true });
  await expect(page.getByText('No lower temperature here.')).toBeVisible();
  await expect(page.getByRole('radio', { name: /^glassy, 51/ })).toHaveCount(0);
});

test('recipes: found, scaled, saved as schema.org and read back; one is written; nonsense is told', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/table/recipes?q=whole`);
  await expect(page.getByText(/^\d+ recipes of \d+\.$/)).toBeVisible();
  await page.getByRole('link', { name: /^Whole on the bone, basted/ }).click();
  await expect(page.getByText('40 g butter')).toBeVisible();
  await page.getByLabel('Plates').fill('8');
  await expect(page.getByText('80 g butter')).toBeVisible();
  const download = page.waitForEvent('download');
  await key(page, /^Save as a file/).click();
  const path = await (await download).path();
  await page.goto(`${demo.url}/table/recipes`);
  await page
    .getByLabel('Recipe file')
    .setInputFiles({ name: 'x.json', mimeType: 'application/json', buffer: Buffer.from('{') });
  await expect(page.getByRole('alert')).toContainText('not JSON');
  await page.getByLabel('Recipe file').setInputFiles(path);
  await expect(page).toHaveURL(/\/table\/recipes\/0/);
  await expect(page.getByText('Whole on the bone, basted').first()).toBeVisible();
  await expect(key(page, /^Change it/)).toBeVisible();
  await page.goto(`${demo.url}/table/recipes/new`);
  await page.getByLabel('Name of the dish').fill('Skerrow pie');
  await page.getByLabel('One per line: amount, unit, name').fill('400 g potatoes\n2 eggs\nsalt');
  await settled(page);
  await key(page, /^Save the recipe/).click();
  await expect(page.getByRole('alert')).toContainText('Each step needs a name');
  await page.getByLabel('Name', { exact: true }).fill('Bake it');
  await page.getByLabel('Minutes').fill('35');
  await key(page, /^Save the recipe/).click();
  await expect(page).toHaveURL(/\/table\/recipes\/0/);
  await expect(page.getByText('400 g potatoes')).toBeVisible();
  await page.reload();
  await expect(page.getByText('2 eggs')).toBeVisible();
  expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);
});

test('the kitchen: how much at once, a pan of one’s own; a pan of nothing is refused', async ({ page, demo }) => {
  await page.goto(`${demo.url}/table/kitchen`);
  await page.getByRole('group', { name: 'Hob rings' }).getByRole('radio', { name: '4' }).click({ force: true });
  await expect(page.getByText('1 at work, 4 rings')).toBeVisible();
  await page.getByLabel('Name', { exact: true }).fill('Copper pan');
  await page.getByLabel('Across, inside').fill('1');
  await page.getByLabel('Deep').fill('5');
  await settled(page);
  await mouse.press(key(page, /^Add it/));
  await expect(page.getByRole('alert')).toContainText('between 5 and 200 cm');
  await page.getByLabel('Across, inside').fill('30');
  await mouse.press(key(page, /^Add it/));
  await expect(page.getByText('Copper pan')).toBeVisible();
  await page.reload();
  await expect(page.getByText(/pan, 30(\.0)? cm across, 5(\.0)? cm deep/)).toBeVisible();
  await mouse.press(key(page, 'Copper pan: no longer used'));
  await expect(page.getByText('Copper pan', { exact: true })).toHaveCount(0);
  expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);
});

test('meals by month, found by a word; someone fell ill: the record of its fish on a sheet for a doctor', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/table`);
  await expect(page.getByRole('heading', { name: 'September 2026' })).toBeVisible();
  await page.getByLabel('Find a meal').fill('sorrel poached');
  await expect(page.getByText(/^\d+ meals? found\.$/)).toBeVisible();
  await page.reload();
  await expect(page.getByLabel('Find a meal')).toHaveValue('sorrel poached');
  await page.locator('a.meal-grid').first().click();
  await mouse.press(key(page, 'Note who is ill, and see what to do'));
  await page.getByRole('radio', { name: 'Ilse' }).click({ force: true });
  await expect(page).toHaveURL(/\/hurt\//);
  const begun = (await entriesOf(demo)).at(-1)!;
  expect(begun.kind).toBe('incident.begun');
  await page.goto(`${demo.url}/table/${String((begun.facts as { meal?: string }).meal)}`);
  await expect(page.getByText('1 person fell ill after this meal.')).toBeVisible();
  await page.getByRole('link', { name: 'Record of the fish, for a doctor' }).click();
  const sheet = page.getByRole('main');
  await expect(sheet).toContainText('Eaten by');
  await expect(sheet).toContainText(/Landed: .*Caught by/);
  await expect(sheet).toContainText(/Fell ill\s*Ilse/);
  expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);
});

test('what reckons is not on this device: said, and the meal can be noted all the same', async ({ page, demo }) => {
  await page.route(/compute\.worker/, (route) => route.abort());
  await page.goto(`${demo.url}/table/new`);
  await page.getByRole('checkbox', { name: /^95 Pollack/ }).check();
  await expect(page.getByText(/^The part that calculates this is not on this device yet/)).toBeVisible({
    timeout: 15_000,
  });
  await chip(page, 'radio', 'eaten already');
  await settled(page);
  await mouse.press(key(page, /^Served/));
  await expect(page.getByRole('heading', { name: 'Who liked it' })).toBeVisible();
});

test('steaks seared on a phone, by thumb: a middle that stays raw counts as raw, timed and planned all the same', async ({
  browser,
  demo,
}) => {
  const all = await entriesOf(demo);
  const at = '2026-09-12T09:00:00+01:00';
  const facts = {
    number: 400,
    what: 'Bonito, 2 steaks',
    species: 'atlantic-bonito',
    form: 'steaks',
    pieces: 2,
    massG: 440,
  };
  const stored = {
    id: '01910000-0000-7000-8000-000000000abc',
    kind: 'pack.stored',
    subject: '01910000-0000-7000-8000-000000000abd',
    at,
    written: at,
    member: all.at(-1)!.member,
    device: 'tests',
    facts: { ...facts, wrapping: 'cloth', place: 'fridge', fish: [] },
  };
  const took = await fetch(`${demo.url}/api/journal`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ entries: [stored] }),
  });
  expect(took.ok).toBe(true);
  const page = await (await browser.newContext({ viewport: { width: 360, height: 640 }, hasTouch: true })).newPage();
  await page.goto(`${demo.url}/table/new`);
  await page.getByRole('checkbox', { name: /Bonito, 2 steaks/ }).tap();
  const seared = page.getByRole('radio', { name: 'Seared, raw in the middle' });
  if ((await seared.count()) > 0) await seared.click({ force: true });
  else {
    await thumb.press(key(page, /other ways, and why not/));
    await thumb.press(key(page, 'Seared, raw in the middle'));
  }
  await expect(page.getByRole('region', { name: 'Can it be eaten raw?' })).toContainText(/Not (known|raw)/);
  await chip(page, 'radio', /^just set, 45/);
  await expect(page.getByRole('heading', { name: /^Off at \d+°; it will rise to 4\d°$/ })).toBeVisible();
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(360);
  await settled(page);
  await thumb.press(key(page, /^Plan the cooking/));
  await expect(page).toHaveURL(/\/table\/dinner\//);
  await expect(now(page).locator('.keys .key')).toBeVisible();
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(360);
  await page.context().close();
});

test('a double tap plans one dinner, begins one step, serves one meal', async ({ page, demo }) => {
  const count = async (kind: string): Promise<number> => (await entriesOf(demo)).filter((e) => e.kind === kind).length;
  const before = [await count('dinner.set'), await count('meal.served'), await count('dinner.step')];
  await page.goto(`${demo.url}/table/new`);
  await page.getByRole('checkbox', { name: /^95 Pollack/ }).check();
  await expect(page.getByRole('heading', { name: /^Off at/ })).toBeVisible();
  await settled(page);
  await key(page, /^Plan the cooking/).dblclick();
  await expect(page).toHaveURL(/\/table\/dinner\//);
  await settled(page);
  await now(page).locator('.keys .key').dblclick();
  await expect(now(page).getByRole('timer')).toHaveCount(1);
  await settled(page);
  await key(page, /^Served/).dblclick();
  await expect(page.getByRole('heading', { name: 'Who liked it' })).toBeVisible();
  await expect(page.getByText('Saved and sent')).toBeVisible();
  expect([await count('dinner.set'), await count('meal.served'), await count('dinner.step')]).toEqual(
    before.map((n) => n + 1),
  );
});
