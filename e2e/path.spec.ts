import { entriesOf, expect, keyboard, mouse, test, thumb } from './fixtures.ts';
import { fromWaterToPlate } from './journey.ts';

test.describe('from the water to the plate', () => {
  test('by keyboard alone', async ({ page, own }) => {
    test.setTimeout(180_000);
    await fromWaterToPlate(page, own, keyboard(page));
    const kinds = (await entriesOf(own)).map((e) => e.kind);
    expect(kinds.filter((k) => k === 'fish.dispatched')).toHaveLength(1);
    expect(kinds).toEqual(
      expect.arrayContaining([
        'book.opened',
        'trip.started',
        'fish.landed',
        'fish.released',
        'fish.iced',
        'cut.weighed',
        'pack.stored',
        'meal.served',
        'meal.rated',
      ]),
    );
  });

  test('by mouse', async ({ page, own }) => {
    await fromWaterToPlate(page, own, mouse);
  });
});

test.describe('by thumb', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

  test('from the water to the plate on a phone', async ({ page, own }) => {
    await fromWaterToPlate(page, own, thumb);
  });

  test('no page is wider than the phone, and every key is large enough for a wet thumb', async ({ page, demo }) => {
    for (const path of [
      '/deck',
      '/plan',
      '/box',
      '/board',
      '/larder',
      '/table',
      '/table/new',
      '/book',
      '/all',
      '/unsent',
    ]) {
      await page.goto(demo.url + path);
      await expect(page.locator('main')).toBeVisible();
      expect([path, await page.evaluate(() => document.documentElement.scrollWidth)]).toEqual([path, 390]);
      const small = await page.evaluate(() =>
        [...document.querySelectorAll('.key, .species-key, .tabs a')]
          .filter((e) => e.getClientRects().length > 0 && e.getBoundingClientRect().height < 55)
          .map((e) => e.textContent),
      );
      expect([path, small]).toEqual([path, []]);
    }
  });
});
