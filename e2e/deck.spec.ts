import type { Page } from '@playwright/test';
import { entriesOf, expect, nameAndMeasure, test } from './fixtures.ts';

const button = (page: Page, name: string | RegExp) => page.getByRole('button', { name });
const SIZES = [
  { width: 360, height: 640 },
  { width: 390, height: 844 },
  { width: 1280, height: 800 },
];

/** Presses keys one after another, each once it may be pressed, and counts them. */
async function taps(page: Page, keys: readonly (string | RegExp)[]): Promise<number> {
  for (const [i, name] of keys.entries()) {
    // The digits after a name are those of the length.
    if (/^\d$/.test(String(name)) && keys[i - 1] instanceof RegExp)
      await expect(button(page, /^Measured/)).toBeVisible();
    const key = typeof name === 'string' ? page.getByRole('button', { name, exact: true }) : button(page, name);
    await expect(page.locator('.settling')).toHaveCount(0);
    await key.first().tap();
  }
  return keys.length;
}
/** Those of a trip that ends in nothing in hand: what the demo leaves in hand goes back. */
async function emptyHands(page: Page, url: string): Promise<void> {
  await page.goto(`${url}/deck`);
  await button(page, /^Back in the water/).tap();
  await button(page, /^Released/).tap();
  await expect(page.getByRole('heading', { name: /No fish at the moment/ })).toBeVisible();
}
const kindsAfter = async (demo: Parameters<typeof entriesOf>[0], before: number): Promise<string[]> =>
  (await entriesOf(demo)).slice(before).map((e) => e.kind);

test.describe('with one wet thumb', () => {
  test.use({ viewport: { width: 360, height: 640 }, hasTouch: true, isMobile: true });

  test('a usual fish takes nine taps from the water onto the ice, a lot of mackerel eight, one that goes back five', async ({
    page,
    demo,
  }) => {
    await emptyHands(page, demo.url);
    await expect.poll(async () => (await entriesOf(demo)).at(-1)?.kind).toBe('fish.released');
    const before = (await entriesOf(demo)).length;
    const usual = await taps(page, [
      /^Pollack/,
      '4',
      '3',
      /^Measured/,
      /^Killed/,
      /^Bled/,
      /^Onto ice/,
      /^Onto ice now/,
    ]);
    expect(usual).toBeLessThanOrEqual(9);
    await expect
      .poll(() => kindsAfter(demo, before))
      .toEqual(['fish.landed', 'fish.measured', 'fish.dispatched', 'fish.bled', 'fish.iced']);
    const lot = await taps(page, ['Several', '8', /^Mackerel/, '3', '0', /^Measured/, /^Killed and bled/, /^Onto ice/]);
    expect(lot).toBeLessThanOrEqual(8);
    await expect.poll(() => kindsAfter(demo, before + 5)).toHaveLength(5);
    const back = await taps(page, [/^Pollack/, '2', '7', /^Measured/, /^Back in the water/]);
    expect(back).toBeLessThanOrEqual(5);
    await expect.poll(() => kindsAfter(demo, before + 10)).toEqual(['fish.landed', 'fish.measured', 'fish.released']);
    const all = await entriesOf(demo);
    expect(all[before + 5]?.facts).toMatchObject({ species: 'mackerel', count: 8 });
    expect(all.at(-1)?.facts).toEqual({ reason: 'too short' });
    // How it swam off is asked once it is back.
    await page.getByRole('radio', { name: 'slow' }).check({ force: true });
    await expect
      .poll(async () => (await entriesOf(demo)).at(-1)?.facts)
      .toEqual({ reason: 'too short', state: 'slow' });
  });

  test('our own keys put a length in: half a centimetre more, as the one before, a figure off', async ({
    page,
    demo,
  }) => {
    await page.goto(`${demo.url}/deck`);
    await button(page, /^Pollack/).tap();
    const length = page.getByLabel(/^Length/);
    await expect(length).toHaveAttribute('inputmode', 'none');
    await button(page, 'Same as the last fish: 43.0 cm').tap();
    await button(page, 'Half a centimetre more').tap();
    await expect(length).toHaveValue('43.5');
    await button(page, 'Delete the last digit').tap();
    await button(page, '2').tap();
    await expect(length).toHaveValue('43.2');
    await page.getByLabel('Weight (optional)').tap();
    for (const d of ['7', '9', '0']) await page.getByRole('button', { name: d, exact: true }).tap();
    await expect(page.getByLabel('Weight (optional)')).toHaveValue('790');
    await button(page, /^Measured/).tap();
    await expect(page.getByText('790 g by the scale')).toBeAttached();
  });

  test('a named fish goes back, or on without a length', async ({ page, demo }) => {
    await page.goto(`${demo.url}/deck`);
    await button(page, /^Pollack/).tap();
    await button(page, 'No length').tap();
    await expect(page.getByText('Not measured: drawn at a usual size.')).toBeAttached();
    await button(page, 'Measure it').tap();
    await button(page, 'Let go').tap();
    await button(page, /^Released/).tap();
    await expect
      .poll(async () => (await entriesOf(demo)).at(-1))
      .toMatchObject({ kind: 'fish.released', facts: { reason: 'not needed' } });
  });
});

for (const size of SIZES)
  test(`at ${size.width}x${size.height} what can hurt, the verdict and the next key are in sight together`, async ({
    page,
    demo,
  }) => {
    await page.setViewportSize(size);
    for (const [kind, cm, stamp, key] of [
      ['Greater weever', '36.4', 'Keep', /^Killed/],
      ['Pollack', '31', 'Let go', /^Back in the water/],
    ] as const) {
      await page.goto(`${demo.url}/deck`);
      await nameAndMeasure(page, new RegExp(`^${kind}`), cm);
      const verdict = page.getByRole('region', { name: 'Verdict' });
      await expect(verdict.getByRole('img', { name: stamp })).toBeInViewport({ ratio: 1 });
      await expect(button(page, key)).toBeInViewport({ ratio: 1 });
      if (kind === 'Greater weever')
        await expect(page.getByRole('note', { name: 'Hazards' }).getByText(/Long pliers/)).toBeInViewport({ ratio: 1 });
      // The key lies over nothing of the stamp.
      const [a, b] = [
        await verdict.getByRole('img', { name: stamp }).boundingBox(),
        await page.locator('.deck-foot').boundingBox(),
      ];
      expect((a?.y ?? 0) + (a?.height ?? 0)).toBeLessThanOrEqual((b?.y ?? 0) + 1);
      if (stamp === 'Keep') {
        await button(page, /^Let go/).click();
        await button(page, /^Released/).click();
        await expect(page.getByRole('heading', { name: /No fish at the moment/ })).toBeVisible();
      }
    }
  });

test('a wrong tap is taken back by one tap within ten seconds, and stays readable', async ({ page, demo }) => {
  await page.goto(`${demo.url}/deck`);
  // A wrong name too.
  await button(page, /^Turbot/).click();
  await button(page, 'Undo').click();
  await expect(page.getByRole('heading', { name: /What is it/ })).toBeVisible();
  await nameAndMeasure(page, /^Pollack/, '45');
  await button(page, /^Killed/).click();
  const back = page.getByRole('button', { name: 'Undo' });
  await expect(page.locator('.take-back')).toContainText('Killed, blow to the head.');
  await back.click();
  await expect(button(page, /^Killed/)).toBeVisible();
  await expect(back).toHaveCount(0);
  await expect.poll(async () => (await entriesOf(demo)).at(-1)?.kind).toBe('log.struck');
  await button(page, /^Cross out/).click();
  await expect(page.getByRole('dialog').locator('s', { hasText: 'Killed' })).toBeVisible();
  await page.getByRole('button', { name: 'Close' }).click();
  // After ten seconds it is one of the lines.
  await button(page, /^Killed/).click();
  await expect(back).toBeVisible();
  await expect(back).toHaveCount(0, { timeout: 15_000 });
});

test('a bleeding fish stays in sight, and asks before it goes onto ice too soon', async ({ page, demo }) => {
  await page.goto(`${demo.url}/deck`);
  // The demo's tenth fish bleeds since 14:15: it stands over the keys, whatever is in hand.
  await expect(button(page, /^10 Pollack, bleeding/)).toBeInViewport();
  await nameAndMeasure(page, /^Pollack/, '45');
  await button(page, /^Killed/).click();
  await button(page, /^Bled/).click();
  await expect(page.getByRole('timer')).toContainText(/^00:0/);
  await button(page, /^Next fish/).click();
  await expect(page.getByRole('heading', { name: /No fish at the moment/ })).toBeVisible();
  await expect(button(page, /^11 Pollack, bleeding/)).toBeInViewport();
  await button(page, /^11 Pollack, bleeding/).click();
  await button(page, /^Onto ice/).click();
  await expect(button(page, /^Onto ice now/)).toBeVisible();
  await button(page, /^Onto ice now/).click();
  await expect(page.getByRole('heading', { name: /No fish at the moment/ })).toBeVisible();
});

test('each kind is killed and bled as its own page says; a speared one by the shot', async ({ page, demo }) => {
  await page.goto(`${demo.url}/deck`);
  await nameAndMeasure(page, /^Greater weever/, '36');
  await expect(button(page, /^Killed/)).toContainText('blow to the head');
  await button(page, /^Killed/).click();
  await expect(button(page, /^Bled/)).toContainText('throat');
  await button(page, 'How, when').click();
  await button(page, 'Another way').click();
  await page.getByRole('radio', { name: 'behind the breast fins' }).check({ force: true });
  await page.getByRole('dialog').getByRole('button', { name: /^Bled/ }).click();
  await button(page, /^Next fish/).click();
  await page.getByRole('radio', { name: 'spear' }).check({ force: true });
  await button(page, /^Pollack/).click();
  await page.getByLabel(/^Length/).fill('50');
  await button(page, /^Measured/).click();
  await button(page, 'How, when').click();
  await expect(page.getByRole('radio', { name: 'killed by the shot' })).toBeChecked();
  await page.getByRole('checkbox', { name: 'Shot through the gut' }).check();
  await page
    .getByRole('dialog')
    .getByRole('button', { name: /^Killed/ })
    .click();
  await expect(page.getByText(/The gut was pierced: gut it soon/)).toBeVisible();
  await expect
    .poll(async () => (await entriesOf(demo)).filter((e) => e.kind === 'fish.dispatched').at(-1)?.facts)
    .toMatchObject({ how: 'killed by the shot', gutPierced: true });
});

test('a bleeding that is long enough is heard and said on every page; each of sound and vibration can be off', async ({
  page,
  demo,
}) => {
  await page.clock.install();
  await page.addInitScript(() => {
    const done: string[] = [];
    Object.assign(window, { done });
    navigator.vibrate = (p) => (done.push(`shook ${String(Array.isArray(p))}`), true);
    Object.defineProperty(navigator, 'wakeLock', {
      value: { request: () => (done.push('awake'), Promise.resolve({ release: () => Promise.resolve() })) },
    });
  });
  const done = () => page.evaluate(() => (window as unknown as { done: string[] }).done);
  await page.goto(`${demo.url}/deck`);
  await nameAndMeasure(page, /^Pollack/, '45');
  await button(page, /^Killed/).click();
  await button(page, /^Bled/).click();
  await expect(page.getByRole('timer')).toBeVisible();
  await page.getByRole('link', { name: /^Box/ }).first().click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(/Box/);
  expect(await done()).toContain('awake');
  expect(await done()).not.toContain('shook true');
  await page.clock.fastForward('03:20');
  const said = page.getByRole('alert').filter({ hasText: 'Pollack has bled enough: put it on ice' });
  await expect(said).toBeVisible();
  expect(await done()).toContain('shook true');
  await said.getByRole('link').click();
  await expect(button(page, /^Onto ice/)).toHaveClass(/\bact\b/);
  await button(page, /^Onto ice/).click();
  await expect(page.getByRole('heading', { name: /No fish at the moment/ })).toBeVisible();
  await page.goto(`${demo.url}/all`);
  for (const name of [/^Play a sound/, /^Vibrate/]) await page.getByRole('checkbox', { name }).uncheck();
  await button(page, 'Try it').click();
  await expect(page.getByText('This device made no sound and did not vibrate.')).toBeVisible();
});

test('one fish noted by two hands on two phones becomes one line; what only one of them had is kept', async ({
  page,
  demo,
  browser,
}) => {
  await page.goto(`${demo.url}/deck`);
  await nameAndMeasure(page, /^Pollack/, '45');
  const other = await (await browser.newContext()).newPage();
  await other.goto(`${demo.url}/deck`);
  await other.getByText('Add another fish meanwhile').click();
  await button(other, /^New fish/).click();
  await expect(other.getByRole('heading', { name: /^12 What is it/ })).toBeVisible();
  await button(other, /^Pollack/).click();
  await other.getByLabel(/^Length/).fill('45.5');
  await button(other, /^Measured/).click();
  await button(other, /^Killed/).click();
  // Its page said so before, too: what counts is that the line has come.
  await expect.poll(async () => (await entriesOf(demo)).at(-1)?.kind).toBe('fish.dispatched');
  await other.context().close();
  await page.reload();
  await expect(page.getByRole('heading', { name: /^12 Pollack/ })).toBeVisible();
  await button(page, /^Cross out/).click();
  await page
    .getByRole('dialog')
    .getByRole('button', { name: /^Same as no. 11/ })
    .click();
  await expect(page.getByRole('heading', { name: /^11 Pollack/ })).toBeVisible();
  await expect(button(page, /^Bled/)).toBeVisible();
  await expect(page.getByText('45.0')).toBeVisible();
  await expect
    .poll(async () => (await entriesOf(demo)).slice(-2).map((e) => e.kind))
    .toEqual(['fish.dispatched', 'log.struck']);
});

test('what is no fish is noted by a tap or two, stands in the log with its hour, and in the diary', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/deck`);
  await button(page, /^Back in the water/).click();
  await button(page, /^Released/).click();
  await expect(page.getByRole('heading', { name: /No fish at the moment/ })).toBeVisible();
  await button(page, /^Note/).click();
  await button(page, 'broke off').click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await expect(page.locator('.log-sentence', { hasText: 'Lost fish: broke off.' })).toBeVisible();
  await button(page, /^Note/).click();
  await expect(page.locator('.settling')).toHaveCount(0);
  await page.getByRole('radio', { name: 'cost' }).check({ force: true });
  await page.getByLabel('In your own words').fill('fuel, 12 litres');
  await button(page, 'Noted').click();
  await expect
    .poll(async () => (await entriesOf(demo)).slice(-2).map((e) => e.facts))
    .toEqual([
      { topic: 'lost fish', text: 'broke off' },
      { topic: 'cost', text: 'fuel, 12 litres' },
    ]);
  await button(page, 'Undo').click();
  await expect(page.locator('.log-sentence', { hasText: 'fuel' })).toHaveCount(0);
  await page.goto(`${demo.url}/book`);
  await expect(page.getByRole('region', { name: 'Trip 27' })).toContainText('Sighting: bait fish at the top.');
  await page.getByLabel('Find in remarks').fill('Seals kept');
  await expect(page.getByRole('region', { name: /^Trip / })).toHaveCount(1);
  await expect(page.getByText('Two seals kept us company.')).toBeVisible();
});

test('the scale swings, settles, and its reading is taken by one tap; it says that it is simulated', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/deck`);
  await button(page, /^Pollack/).click();
  await page.getByLabel(/^Length/).fill('45');
  await button(page, /^Scale/).click();
  const scale = page.getByRole('dialog', { name: 'On the scale' });
  await expect(scale).toContainText('simulated scale');
  await expect(scale.getByText('It swings: wait a moment.')).toBeVisible();
  // On a slow machine readings come late, and it is unsettled again for a moment: a tap then takes nothing, as it should.
  await expect(async () => {
    await scale.getByRole('button', { name: /^Take \d/ }).click({ timeout: 2000 });
    await expect(scale).toHaveCount(0, { timeout: 1000 });
  }).toPass();
  const weight = page.getByLabel('Weight (optional)');
  await expect(weight).toHaveValue(/^[5-9]\d\d$|^1\d\d\d$/);
  const said = Number(await weight.inputValue());
  await button(page, /^Measured/).click();
  await expect(page.getByText(/by the scale/).first()).toBeVisible();
  await expect
    .poll(async () => (await entriesOf(demo)).at(-1))
    .toMatchObject({ kind: 'fish.weighed', facts: { massG: said, how: 'scale' } });
});

test('with the spear: never alone, and twice as long at the surface as the dive was', async ({ page, demo }) => {
  await page.clock.install();
  await page.goto(`${demo.url}/deck`);
  await button(page, /^Back in the water/).click();
  await page.clock.runFor(1000);
  await button(page, /^Released/).click();
  await expect(page.getByRole('heading', { name: /No fish at the moment/ })).toBeVisible();
  await page.clock.runFor(1000);
  await page.getByRole('radio', { name: 'spear' }).check({ force: true });
  const brief = page.getByRole('region', { name: 'With the spear' });
  await expect(brief).toContainText('one up, one down');
  await brief.getByRole('button', { name: 'The rest of it' }).click();
  await expect(brief).toContainText('before anyone climbs aboard');
  await page.clock.runFor(1000);
  await brief.getByRole('button', { name: /^Down/ }).click();
  await page.clock.runFor('01:00');
  await expect(brief.getByRole('status')).toContainText('under.');
  await brief.getByRole('button', { name: /^Up/ }).click();
  await page.clock.runFor(1000);
  await expect(brief.getByRole('status')).toContainText(
    /Rest at least 0[12]:\d\d more \(02:0\d after a dive of 01:0\d\)/,
  );
  await page.clock.runFor('02:05');
  await expect(brief.getByRole('status')).toContainText('Rested long enough');
});
