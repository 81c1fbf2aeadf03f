import { expect, type Hand, keyboard, onIce, type Page, test, thumb } from './fixtures.ts';
import { ontoTheBoard } from './onto-the-board.ts';

/** Goes on, step by step, to the end: each weighing by its share of the whole, each other step with one key. */
async function toTheEnd(
  page: Page,
  hand: Hand,
  wholeG: number,
  shares: Readonly<Record<string, number>>,
): Promise<string[]> {
  const seen: string[] = [];
  const heading = page.locator('.step-sentence');
  for (;;) {
    const sentence = await heading.innerText();
    if (sentence === 'Every step is done.') return seen;
    seen.push(sentence);
    const scale = /^On the scale: (.*)\.$/.exec(sentence)?.[1];
    if (scale) {
      const share = Object.entries(shares).find(([name]) => scale.includes(name))?.[1] ?? 1;
      await page.locator('.weigh-field input').fill(String(Math.round(wholeG * share)));
    }
    const key = page.locator('.step-keys button').last();
    await hand.press(key);
    if (await page.getByRole('alert').isVisible()) await hand.press(key);
    await expect(heading).not.toHaveText(sentence);
  }
}

for (const { name, touch, species, row, route, wholeG, shares, mustSay, form } of [
  {
    name: 'a flatfish in four, by keyboard',
    touch: false,
    species: 'plaice',
    row: /Plaice/,
    route: /four fillets/,
    wholeG: 900,
    shares: { gutted: 0.9, fillet: 0.46, trimmed: 0.43 },
    mustSay: /Cut down the side line.*out to the fin edge/,
    form: /fillets/,
  },
  {
    name: 'a ray to wings, by touch',
    touch: true,
    species: 'thornback-ray',
    row: /Thornback ray/,
    route: /wings/,
    wholeG: 2600,
    shares: { wing: 0.42, trimmed: 0.38 },
    mustSay: /wing/i,
    form: /wings/,
  },
  {
    name: 'a large fish to steaks, by touch',
    touch: true,
    species: 'seabass',
    row: /bass/i,
    route: /steaks/,
    wholeG: 3200,
    shares: { gutted: 0.9, steak: 0.6, trimmed: 0.58 },
    mustSay: /steak/i,
    form: /steaks/,
  },
] as const)
  test.describe(name, () => {
    test.use(touch ? { viewport: { width: 390, height: 844 }, hasTouch: true } : {});
    test('from the box to the pack, each step drawn on its own figure', async ({ page, demo }) => {
      const hand = touch ? thumb : keyboard(page);
      await onIce(demo, [{ species, massG: wholeG }]);
      await ontoTheBoard(page, demo, row, route);
      await hand.press(page.getByRole('link', { name: /^Step by step/ }));
      const seen = await toTheEnd(page, hand, wholeG, shares);
      expect(seen.join(' ')).toMatch(mustSay);
      expect(seen.length).toBeGreaterThan(5);
      await hand.press(page.getByRole('link', { name: /^To the packs/ }));
      await hand.press(page.getByRole('button', { name: /^Packed/ }));
      await expect(page.locator('.packs-made')).toContainText(form);
    });
  });
