import AxeBuilder from '@axe-core/playwright';
import { expect, mouse, type Page, test, thumb } from './fixtures.ts';

const key = (page: Page, name: RegExp | string) => page.getByRole('button', { name });

/** Plans a pack of the demo's larder as a dinner of its own, at the hour that is usual. */
async function plan(page: Page, url: string, pack: RegExp, name: string): Promise<void> {
  await page.goto(`${url}/table/new`);
  await page.getByRole('checkbox', { name: pack }).check();
  await page.getByLabel('Name of the dish').fill(name);
  await expect(page.getByRole('heading', { name: /^Off at/ })).toBeVisible();
}

test('two dinners of one evening share one cook and the pans: each page has one plan for both, and what is begun in one is seen in the other', async ({
  page,
  demo,
}) => {
  await plan(page, demo.url, /^64 Pollack, 4 fillets/, 'Early fish');
  await expect(page.getByText('is served in this kitchen at')).toHaveCount(0);
  await mouse.press(key(page, /^Plan the cooking/));
  await expect(page.getByRole('region', { name: 'Steps' })).toBeVisible();
  await expect(page.getByText('Planned together with')).toHaveCount(0);

  await plan(page, demo.url, /^95 Pollack, 2 fillets/, 'Late fish');
  await expect(page.getByText('Early fish is served in this kitchen at 19:30.')).toBeVisible();
  await expect(page.getByText('Both are planned together')).toBeVisible();
  await mouse.press(key(page, /^Plan the cooking/));
  await expect(page.getByText(/^Planned together with: Early fish, \d\d:\d\d\. 1 cook/)).toBeVisible();

  // The hands are at one thing at a time: no two steps for them begin in the same minute, of whichever dinner.
  const steps = page.getByRole('region', { name: 'Steps' });
  await expect(steps.getByText(/, for Early fish$/).first()).toBeVisible();
  await page
    .getByRole('link', { name: /^Early fish/ })
    .first()
    .click();
  await expect(page.getByText(/^Planned together with: Late fish/)).toBeVisible();
  await expect(steps.getByText(/, for Late fish$/).first()).toBeVisible();
  expect((await new AxeBuilder({ page }).include('main').analyze()).violations).toEqual([]);

  // Moved by two hours they are two evenings again.
  await page
    .getByRole('link', { name: /^Late fish/ })
    .first()
    .click();
  await expect(page.getByText(/^Planned together with: Early fish/)).toBeVisible();
  await page.reload();
  await expect(page.getByText(/^Planned together with: Early fish/)).toBeVisible();
  await key(page, /^Cancel/)
    .first()
    .click();
  await expect(page.getByText('Planned together with')).toHaveCount(0);
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 360, height: 640 }, hasTouch: true });
  test('what is begun for one dinner while the hands are at the other ends that there; names of sixty letters are not cut off', async ({
    page,
    demo,
  }) => {
    const long = 'Pollack with brown butter, capers and the last new potatoes';
    await plan(page, demo.url, /^64 Pollack, 4 fillets/, long);
    await thumb.press(key(page, /^Plan the cooking/));
    await expect(page.getByRole('region', { name: 'Steps' })).toBeVisible();
    await plan(page, demo.url, /^95 Pollack, 2 fillets/, 'Late fish');
    await thumb.press(key(page, /^Plan the cooking/));
    await expect(page.getByText(/^Planned together with: /)).toBeVisible();
    const steps = page.getByRole('region', { name: 'Steps' });
    await steps
      .getByRole('button', { name: /^Begin: / })
      .first()
      .click();
    await expect(steps.getByRole('button', { name: /^Done: / }).first()).toBeVisible();
    expect(
      await page.evaluate(() => document.documentElement.scrollWidth <= document.documentElement.clientWidth),
    ).toBe(true);
    await page.getByRole('link', { name: long }).first().click();
    // Seen there as under way, until the cook begins something here.
    await expect(steps.getByText(/^Under way: .*, for Late fish$/)).toBeVisible();
    await steps
      .getByRole('button', { name: /^Begin: / })
      .first()
      .click();
    await expect(steps.getByText(/^Under way: .*, for Late fish$/)).toHaveCount(0);
    expect(
      await page.evaluate(() => document.documentElement.scrollWidth <= document.documentElement.clientWidth),
    ).toBe(true);
  });
});
