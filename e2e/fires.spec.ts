import AxeBuilder from '@axe-core/playwright';
import { entriesOf, expect, mouse, type Page, type Server, test, thumb } from './fixtures.ts';

const key = (page: Page, name: RegExp | string) => page.getByRole('button', { name });
const chip = (page: Page, role: 'radio' | 'checkbox', name: RegExp | string) =>
  page.getByRole(role, { name }).click({ force: true });
const settled = (page: Page) => expect(page.locator('.settling')).toHaveCount(0);

/** A new meal of the pollack in the fridge, by a way. */
async function pollack(page: Page, demo: Server, way: string): Promise<void> {
  await page.goto(`${demo.url}/table/new`);
  await page.getByRole('checkbox', { name: /^95 Pollack, 2 fillets/ }).check();
  await chip(page, 'radio', way);
}

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

  test('seared, roasted, basted: three fires, each from where the last left it, with what can hurt in each', async ({
    page,
    demo,
  }) => {
    await pollack(page, demo, 'Roasted');
    await chip(page, 'radio', /^moist, 60/);
    await expect(page.getByRole('heading', { name: /^Off at 60°$/ })).toBeVisible();
    await expect(page.getByText(/Wet fish spits/)).toHaveCount(0);
    await chip(page, 'radio', 'seared first');
    await chip(page, 'radio', 'basted in butter last');
    await expect(
      page.getByRole('heading', { name: /^Out at \d+°, then basted in butter: it will reach 60°$/ }),
    ).toBeVisible();
    await expect(
      page.getByText(/^Before that: sear the fish, 2 min at 220°\. After that: baste with butter/),
    ).toBeVisible();
    // The pan has its own dangers.
    await expect(page.getByText(/Wet fish spits/)).toBeVisible();
    // So long in the pan leaves nothing for the oven, and that is said.
    await page.getByLabel('Sear the fish').fill('20');
    await expect(page.getByText(/^The other fires alone bring the middle to \d+°/)).toBeVisible();
    await page.getByLabel('Sear the fish').fill('3');
    await expect(page.getByRole('heading', { name: /^Out at/ })).toBeVisible();
    expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);
    await settled(page);
    await thumb.press(key(page, /^Plan the cooking/));
    await expect(page).toHaveURL(/\/table\/dinner\//);
    const steps = page.getByRole('region', { name: 'Steps' });
    await expect(steps.getByText('Skin down in the hot pan', { exact: false })).toBeVisible();
    await expect(steps.getByText('Sear the fish')).toBeVisible();
    await expect(steps.getByText('Baste with butter')).toBeVisible();
    await expect(
      page.getByRole('heading', { name: /^Take it out at \d+°; baste with butter then, to 60°$/ }),
    ).toBeVisible();
    // It is kept as it was asked, and is there after a reload.
    await page.reload();
    await expect(page.getByRole('heading', { name: /^Take it out at/ })).toBeVisible();
    expect(
      await page.evaluate(() => document.documentElement.scrollWidth <= document.documentElement.clientWidth),
    ).toBe(true);
  });

  test('chips and battered fish in one pot: in rounds, and the pot never holds both; what is frozen goes into no oil', async ({
    page,
    demo,
  }) => {
    await page.goto(`${demo.url}/table/new`);
    await page.getByRole('checkbox', { name: /^65 Pollack, 4 fillets/ }).check();
    await page.getByRole('checkbox', { name: /^95 Pollack, 2 fillets/ }).check();
    await chip(page, 'radio', 'Battered and fried');
    await expect(page.getByText(/^Never lay frozen fish in hot oil/)).toBeVisible();
    await page.getByLabel('Fish starts at').fill('3');
    await expect(page.getByText(/^\d rounds of \d pieces?$/)).toBeVisible();
    await chip(page, 'checkbox', 'Potatoes fried twice');
    await page.getByLabel('Guests').fill('3');
    await settled(page);
    await thumb.press(key(page, /^Plan the cooking/));
    await expect(page).toHaveURL(/\/table\/dinner\//);
    const steps = page.getByRole('region', { name: 'Steps' });
    await expect(steps.getByText(/^Cook the fish, round 1 of \d$/)).toBeVisible();
    await expect(steps.getByText(/Keep these warm on a rack in the oven at 90°/).first()).toBeVisible();
    // Every step that names the pot, in the order of the clock: all of one dish, then all of the other.
    const inPot = await steps.locator('p', { hasText: 'large pot' }).allInnerTexts();
    const dishes = inPot.map((t) => (t.includes('Potatoes fried twice') ? 'chips' : 'fish'));
    const turns = dishes.filter((x, i) => x !== dishes[i - 1]);
    expect(turns.filter((x) => x === 'fish')).toHaveLength(1);
    expect(turns.length).toBeLessThanOrEqual(3);
    expect(inPot.length).toBeGreaterThan(5);
  });
});

test('a dinner that will be late says what would help, each calculated; one tap takes it', async ({ page, demo }) => {
  const sets = async (): Promise<number> =>
    (await entriesOf(demo)).filter((e) => ['dinner.set', 'dinner.without'].includes(e.kind)).length;
  const before = await sets();
  await pollack(page, demo, 'Roasted');
  await chip(page, 'checkbox', 'Roots from the oven');
  await page.getByLabel('Time', { exact: true }).fill('14:50');
  await expect(page.getByRole('heading', { name: /^Off at/ })).toBeVisible();
  await settled(page);
  await mouse.press(key(page, /^Plan the cooking/));
  const late = page.getByText(/^\d+ minutes? late: /);
  await expect(late).toBeVisible();
  const was = Number(/^\d+/.exec(await late.innerText())![0]);
  const helps = page.getByRole('region', { name: 'What would help' });
  await expect(helps).toBeVisible();
  const without = helps.getByRole('button', { name: /^Without roots from the oven/ });
  const told = await without.innerText();
  await mouse.press(without);
  await expect(page.getByText('Roots', { exact: true })).toHaveCount(0);
  // As it was said: on time, or so many minutes.
  const said = /(\d+) minutes? late/.exec(told);
  if (said) await expect(page.getByText(new RegExp(`^${said[1]} minutes? late: `))).toBeVisible();
  else await expect(page.getByText(/minutes? late: /)).toHaveCount(0);
  expect(said === null || Number(said[1]) < was).toBe(true);
  expect(await sets()).toBe(before + 2);
});
