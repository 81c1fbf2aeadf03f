import AxeBuilder from '@axe-core/playwright';
import { entriesOf, expect, type Page, test, thumb } from './fixtures.ts';

const key = (page: Page, name: RegExp | string) => page.getByRole('button', { name });
const chip = (page: Page, name: RegExp | string) => page.getByRole('radio', { name }).click({ force: true });
const settled = (page: Page) => expect(page.locator('.settling')).toHaveCount(0);
const noSideways = async (page: Page): Promise<void> =>
  expect(await page.evaluate(() => document.documentElement.scrollWidth <= document.documentElement.clientWidth)).toBe(
    true,
  );

test.describe('on a small phone', () => {
  test.use({ viewport: { width: 360, height: 640 }, hasTouch: true });

  test('fillets lie in soy and sugar first: how salty, no hotter than sugar bears, on the clock, bought, and kept with the meal', async ({
    page,
    demo,
  }) => {
    await page.goto(`${demo.url}/table/new`);
    await page.getByRole('checkbox', { name: /^65 Pollack, 4 fillets/ }).check();
    await chip(page, 'In the pan');
    await chip(page, 'in soy and sugar');
    await expect(page.getByText(/^About 0\.\d % salt by then: (lightly|hardly) seasoned\./)).toBeVisible();
    await expect(page.getByText('Thaw it in the fridge first: nothing goes into frozen fish.')).toBeVisible();
    await expect(page.getByText(/it is no sauce before it has boiled for a full minute/)).toBeVisible();
    await expect(page.getByText(/^Takes .*soy sauce and \d+ g sugar/)).toBeVisible();
    // Sugar burns: one tap turns the pan down.
    await expect(page.getByText(/^It burns\. The pan: 160° at most/)).toBeVisible();
    await thumb.press(key(page, 'Set 160°'));
    await expect(page.getByText(/^It burns/)).toHaveCount(0);
    await expect(page.getByLabel('Pan at')).toHaveValue('160');
    // Too long is refused with its reason, and nothing is lost.
    await page.getByLabel('How long').fill('300');
    await expect(page.getByText('After four hours its edges are hard and too salty.')).toBeVisible();
    await settled(page);
    await thumb.press(key(page, /^Plan the cooking/));
    await expect(page.getByRole('alert')).toContainText('After four hours');
    await page.getByLabel('How long').fill('20');
    expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);
    await noSideways(page);
    await settled(page);
    await thumb.press(key(page, /^Plan the cooking/));
    await expect(page).toHaveURL(/\/table\/dinner\//);
    await expect(page.getByText('Take it out and dry it').locator('visible=true').first()).toBeVisible();
    await expect(
      page
        .getByText(/soy sauce/)
        .locator('visible=true')
        .first(),
    ).toBeVisible();
    await noSideways(page);
    const set = (await entriesOf(demo)).filter((e) => e.kind === 'dinner.set').at(-1);
    expect((set?.facts as { dishes: { lay?: unknown }[] }).dishes[0]?.lay).toEqual({ in: 'soy', minutes: 20 });
    await page.reload();
    await expect(page.getByText('It lies in soy and sugar').locator('visible=true').first()).toBeVisible();
  });

  test('cheeks have ways, signs and a recipe of their own', async ({ page, demo }) => {
    await page.goto(`${demo.url}/table/new`);
    await page.getByRole('checkbox', { name: /^98 Pollack, 2 cheeks/ }).check();
    await chip(page, 'In the pan');
    await expect(page.getByRole('radio', { name: 'Cheeks in butter and parsley' })).toBeChecked();
    await expect(page.getByText(/gives under a finger and springs back/i)).toBeVisible();
    await key(page, /other ways, and why not/).click();
    await expect(page.getByText('not for cheeks').first()).toBeVisible();
    await noSideways(page);
  });

  test('a whole turbot on the dinner’s page: taken apart, its bones, how it goes round', async ({ page, demo }) => {
    await page.goto(`${demo.url}/table/new`);
    await page.getByRole('checkbox', { name: /^96 Turbot, whole, gutted/ }).check();
    await chip(page, 'Roasted');
    await settled(page);
    await thumb.press(key(page, /^Plan the cooking/));
    await expect(page).toHaveURL(/\/table\/dinner\//);
    await page.getByText(/: taking it apart at the table$/).click();
    const apart = page.locator('.take-apart');
    await expect(apart.getByText('Push both upper fillets outward off the bone.')).toBeVisible();
    await expect(apart.getByText(/^Fringe: a comb of fine bones/)).toBeVisible();
    await expect(apart.getByText(/(plates|each side across into \d).* off the bone/)).toBeVisible();
    await expect(apart.locator('svg')).toHaveCount(2);
    expect((await new AxeBuilder({ page }).include('.take-apart').analyze()).violations).toEqual([]);
    await noSideways(page);
  });
});

test('the table says the best way with each fish, and the page of a meal how its fish was liked', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/table`);
  const heading = page.getByRole('heading', { name: 'Best way with each fish' });
  await expect(heading).toBeVisible();
  await expect(page.getByText(/^\d\.\d of 5, \d+ meals?(, \d+\.\d\d a plate)?$/).first()).toBeVisible();
  await page.goto(`${demo.url}/table/new`);
  await page.getByRole('checkbox', { name: /^65 Pollack/ }).check();
  await page.getByText('How it was liked so far').click();
  await expect(page.getByText(/^\d\.\d of 5, \d+ meals?/).first()).toBeVisible();
});

test('every species that is eaten is drawn taken apart in the catalogue; squid and what is never eaten is not', async ({
  page,
  demo,
}) => {
  for (const [id, says] of [
    ['pike', 'Forked bones'],
    ['thornback-ray', 'A fan of soft rods'],
    ['pollack', 'Pin bones'],
  ] as const) {
    await page.goto(`${demo.url}/catalogue/${id}`);
    await page.getByText('Taking it apart, cooked whole').click();
    await expect(page.locator('.take-apart').getByText(new RegExp(`^${says}`))).toBeVisible();
  }
  await page.goto(`${demo.url}/catalogue/silver-cheeked-puffer`);
  await expect(page.getByRole('heading', { name: 'On the plate' })).toBeVisible();
  await expect(page.getByText('Taking it apart, cooked whole')).toHaveCount(0);
});
