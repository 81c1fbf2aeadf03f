import { entriesOf, expect, onIce, type Page, type Server, test } from './fixtures.ts';

/** What depends on species, rules or waters: hours, days, weights, degrees, shares, warnings. */
const DEPENDS =
  /\b\d{1,2}:\d\d\b|\b\d+(?:\.\d+)? ?(?:g|kg|cm|mm|l)\b|\d°|\d ?%|throw it out|not to eat|do not eat|eat by|without fish|no fish needed today/i;
/** A warning, and what it names. */
const WARNINGS = /[^.\n]*(?:throw it out|past the official|do not eat|not eaten)[^.\n]*/gi;

/** Every page that tells of fish, hours or rules. */
async function pagesOf(server: Server): Promise<readonly (readonly [string, string])[]> {
  const entries = await entriesOf(server);
  const of = (kind: string): string => entries.findLast((e) => e.kind === kind)!.subject;
  return [
    ['deck', '/deck'],
    ['plan', '/plan'],
    ['map', '/plan/map'],
    ['rules', '/plan/rules'],
    ['officer’s sheet', '/plan/officer'],
    ['box', '/box'],
    ['board', '/board'],
    ['cut', `/board/${of('cut.started')}`],
    ['larder', '/larder'],
    ['store', '/larder/store/freezer'],
    ['pack', `/larder/${of('pack.stored')}`],
    ['labels', '/larder/labels'],
    ['table', '/table'],
    ['new meal', '/table/new'],
    ['dinner', `/table/dinner/${of('dinner.set')}`],
    ['meal', `/table/${of('meal.served')}`],
    ['book', '/book'],
    ['trip', `/trip/${of('trip.started')}`],
    ['fish', `/fish/${of('fish.landed')}`],
    ['catalogue', '/catalogue'],
  ];
}

/** Holds what an address answers until it is let go. */
async function held(page: Page, what: RegExp): Promise<{ letGo: () => void }> {
  let letGo = (): void => undefined;
  const gate = new Promise<void>((r) => (letGo = r));
  await page.route(what, async (route) => {
    await gate;
    await route.continue().catch(() => undefined);
  });
  return { letGo };
}

const main = (page: Page) => page.locator('main, .print-ground').first();
const waits = (page: Page) => page.getByRole('heading', { name: /^Waiting for/ });
/** What the page says, without the clocks that run by the second. */
const saysBesideClocks = (page: Page): Promise<string> =>
  main(page).evaluate((el) => {
    const clocks = [...el.querySelectorAll('[role=timer], .running-row .num, .come-clock')].map(
      (c) => (c as HTMLElement).innerText,
    );
    return clocks.reduce((text, clock) => text.replaceAll(clock, ''), (el as HTMLElement).innerText);
  });
const hoursIn = (text: string): string[] => [...new Set(text.match(/\b\d{1,2}:\d\d\b/g) ?? [])];
const warningsIn = (text: string): string[] => [...new Set(text.match(WARNINGS) ?? [])].map((s) => s.trim());
/** What a page says once nothing on it changes any more. */
async function settledText(page: Page): Promise<string> {
  let before = '';
  await expect
    .poll(async () => {
      const now = await saysBesideClocks(page);
      const same = now === before;
      before = now;
      return same;
    })
    .toBe(true);
  return before;
}

for (const [name, what, says] of [
  ['the species', /\/api\/catalogue$/, 'Waiting for the species'],
  ['the rules', /\/api\/rulebook$/, 'Waiting for the rules and zones'],
] as const)
  test(`while ${name} are on their way no page shows an hour, a weight or a warning; then it shows none that it takes back`, async ({
    page,
    demo,
  }) => {
    test.setTimeout(600_000);
    for (const [of, path] of await pagesOf(demo)) {
      await test.step(of, async () => {
        await page.evaluate(() => indexedDB.deleteDatabase('dagboek-answers')).catch(() => undefined);
        const gate = await held(page, what);
        await page.goto(`${demo.url}${path}`);
        // After a second it says what it waits for, and where help is all the same.
        await expect(page.getByRole('heading', { name: says })).toBeVisible();
        await expect(page.getByRole('link', { name: /Someone is hurt/ })).toBeVisible();
        expect([of, (await main(page).innerText()).match(DEPENDS)?.[0] ?? null]).toEqual([of, null]);
        gate.letGo();
        await expect(waits(page)).toHaveCount(0);
        await expect(main(page)).not.toHaveText(/^\s*$/);
        const first = await saysBesideClocks(page);
        const last = await settledText(page);
        // What it said first still stands: no hour of another zone, no warning that was none.
        const gone = hoursIn(first).filter((h) => !hoursIn(last).includes(h));
        expect([of, gone]).toEqual([of, []]);
        expect([of, warningsIn(first).filter((w) => !last.includes(w))]).toEqual([of, []]);
        await page.unroute(what);
      });
    }
  });

test('first aid needs neither species nor rules: its cards and the number to call stand at once', async ({
  page,
  demo,
}) => {
  const gate = await held(page, /\/api\/(catalogue|rulebook)$/);
  await page.goto(`${demo.url}/hurt?card=sting`);
  await expect(page.getByRole('link', { name: 'Call 112' })).toBeVisible();
  await expect(page.getByText('Do not cut, suck, rub or use a tourniquet on it.')).toBeAttached();
  await expect(page.getByRole('button', { name: /^Keep the time/ })).toBeVisible();
  await expect(page.getByLabel(/^Which fish/)).toHaveCount(0);
  gate.letGo();
  await expect(page.getByLabel(/^Which fish/)).toBeVisible();
});

test('while a plan of meals is reckoned no day is told to be without fish', async ({ page, demo }) => {
  const gate = await held(page, /compute\.worker/);
  await page.goto(`${demo.url}/larder/plan`);
  await expect(page.getByText('Planning…')).toBeVisible();
  await expect(page.getByText('No fish needed today.')).toHaveCount(0);
  await expect(page.getByText('Nothing goes off.')).toHaveCount(0);
  await expect(page.getByRole('button', { name: /^Save this plan/ })).toHaveCount(0);
  gate.letGo();
  await expect(page.getByText('Planning…')).toHaveCount(0, { timeout: 60_000 });
  await expect(page.getByText(/Nothing goes off|cannot be eaten in time/)).toBeVisible();
});

test('an answer of the fire to other choices is gone at once, and stands for these only when it was reckoned', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/table/new`);
  await page.getByRole('checkbox').first().check({ force: true });
  const aside = page.getByRole('region', { name: 'When is it done' });
  await expect(aside).toBeVisible();
  const gate = await held(page, /compute\.worker/);
  await page.getByLabel('Thickest').fill('60');
  await expect(aside).toHaveCount(0);
  await expect(page.getByText('Calculating.')).toBeVisible();
  gate.letGo();
  await expect(aside).toContainText('60 mm');
});

test('a first visit to a slow server waits, says so, and goes on by itself; one without an answer is asked again', async ({
  page,
  demo,
}) => {
  let slow = true;
  let letGo = (): void => undefined;
  const gate = new Promise<void>((r) => (letGo = r));
  await page.route(/\/api\/health$/, async (route) => {
    if (slow) await gate;
    await route.continue().catch(() => undefined);
  });
  await page.goto(`${demo.url}/book`);
  await expect(page.getByText(/The server is slow to answer/)).toBeVisible();
  await expect(page.getByText(/no book on this device yet/)).toHaveCount(0);
  slow = false;
  letGo();
  await expect(page.getByRole('region', { name: /^Trip \d+/ }).first()).toBeVisible();
  // Another device, and nobody answers at first.
  const other = await page.context().browser()!.newContext();
  const second = await other.newPage();
  let away = true;
  await second.route(/\/api\/health$/, (route) => (away ? route.abort() : route.continue()));
  await second.goto(`${demo.url}/book`);
  await expect(second.getByRole('heading', { name: 'No signal, and no book on this device yet' })).toBeVisible();
  away = false;
  await expect(second.getByRole('region', { name: /^Trip \d+/ }).first()).toBeVisible({ timeout: 30_000 });
  await other.close();
});

test('a large box is reckoned beside the page: what it said before stands pale until then', async ({ page, demo }) => {
  await onIce(
    demo,
    Array.from({ length: 12 }, () => ({ species: 'pollack', massG: 700 })),
  );
  const beside = page.waitForResponse(/reckon-beside/);
  await page.goto(`${demo.url}/box`);
  const box = page.getByRole('region', { name: 'the blue box' });
  await expect(box.getByText(/of ice left/)).toBeVisible();
  await beside;
  const gate = await held(page, /compute\.worker/);
  await expect(page.locator('.settling')).toHaveCount(0);
  await box.getByRole('button', { name: /^Check the ice/ }).click();
  await page.getByRole('button', { name: 'a few lumps', exact: true }).click();
  await expect(page.locator('html[data-reckoning]')).toHaveCount(1);
  await expect(box.getByText('Calculating.')).toBeVisible();
  await expect(box.locator('.box-said')).toHaveCSS('opacity', '0.35');
  gate.letGo();
  await expect(page.locator('html[data-reckoning]')).toHaveCount(0, { timeout: 30_000 });
  await expect(box.locator('.box-said')).toHaveCSS('opacity', '1');
  await expect(box.getByText(/Seen at 14:2\d: a few lumps of ice/)).toBeVisible();
});
