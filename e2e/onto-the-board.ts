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

/** Weighs the fish on the board whole: as weighed on deck, else what its length says, typed by hand. Gives the grams. */
export async function wholeWeighed(page: Page): Promise<number> {
  const field = page.getByLabel('Whole', { exact: true });
  await expect(field).toBeVisible();
  if ((await field.inputValue()) === '') {
    const told = /about ([\d.]+) (k?g)/.exec(await page.getByText(/^From its length about/).innerText())!;
    await field.fill(String(Math.round(Number(told[1]) * (told[2] === 'kg' ? 1000 : 1))));
  }
  const grams = Number(await field.inputValue());
  await page.getByRole('button', { name: /^Whole weighed/ }).click();
  return grams;
}
