import { expect, type Page, type Server } from './fixtures.ts';

/** A fish of the box onto the board, by a way. */
export async function ontoTheBoard(page: Page, demo: Server, row: RegExp, way: RegExp): Promise<void> {
  await page.goto(`${demo.url}/board`);
  await page.locator('.board-row').filter({ hasText: row }).first().click();
  const more = page.getByRole('button', { name: /^All \d+ ways/ });
  if (await more.isVisible()) await more.click();
  await page.getByRole('radio', { name: way }).check();
  await page.getByRole('button', { name: /^Onto the board/ }).click();
  await expect(page.getByRole('heading', { name: 'Weigh it whole, wiped.' })).toBeVisible();
}
