import { expect, type Page, test } from './fixtures.ts';

const button = (page: Page, name: string | RegExp) => page.getByRole('button', { name });

/** Names the fish in hand from the list and measures it. */
async function nameAndMeasure(page: Page, name: string, cm: string): Promise<void> {
  await page.getByLabel('Find a name').fill(name);
  await button(page, new RegExp(`^${name}`))
    .first()
    .click();
  await page.getByLabel(/^Length/).fill(cm);
  await button(page, /^Measured/).click();
}

test('a weever goes back by pliers in the water, never in wet hands; what it does and how bad stands before', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/deck`);
  await nameAndMeasure(page, 'Greater weever', '20');
  const strip = page.getByRole('note', { name: 'Hazards' });
  await expect(strip).toContainText('Serious.');
  await expect(strip).toContainText('First back fin, gill spines.');
  await expect(strip).toContainText('Long pliers on the lower jaw, or cut the line; gloves are pierced.');
  await strip.getByRole('button', { name: 'All of it' }).click();
  await expect(strip).toContainText('Fierce pain at once');
  await expect(strip).toContainText('Never a hand behind the head');
  const verdict = page.getByRole('region', { name: 'Verdict' });
  await expect(verdict).toContainText('turn the hook out with long pliers');
  await button(page, /^Why, when/).click();
  const dialog = page.getByRole('dialog', { name: 'Back in the water' });
  await expect(dialog).toContainText('turn the hook out with long pliers, or cut the line. Never by hand');
  await expect(dialog).not.toContainText(/wet hands/i);
});

test('a species without a rule gets no stamp, and keeping and letting go stand alike', async ({ page, demo }) => {
  await page.goto(`${demo.url}/deck`);
  await nameAndMeasure(page, 'Whiting', '35');
  const verdict = page.getByRole('region', { name: 'Verdict' });
  await expect(verdict).toContainText('No rule found');
  await expect(verdict.getByRole('img')).toHaveCount(0);
  for (const name of [/^Killed/, /^Let go/]) await expect(button(page, name)).not.toHaveClass(/\bact\b/);
});

test('eel is banned here, and its blood is warned of', async ({ page, demo }) => {
  await page.goto(`${demo.url}/deck`);
  await nameAndMeasure(page, 'European eel', '60');
  await button(page, 'All of it').click();
  await expect(page.getByRole('note', { name: 'Hazards' })).toContainText('Its blood is poisonous raw');
  await expect(page.getByRole('region', { name: 'Verdict' }).getByRole('img', { name: 'Let go' })).toBeVisible();
  await page.goto(`${demo.url}/catalogue/eel`);
  await expect(page.getByRole('region', { name: 'Where it lives' })).toContainText('Critically endangered');
  await expect(page.getByRole('region', { name: 'Handling' })).toContainText('Blood in the eye');
});

test('the briefing names all that stings in those waters, ruled or not, also where nothing may be kept', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/plan/briefing?zone=harrow-estuary&day=2026-09-12`);
  const stings = page.getByRole('list').filter({ hasText: 'Lesser weever' });
  for (const name of ['Common stingray', 'Lesser weever', 'Greater weever', 'Marbled electric ray'])
    await expect(stings).toContainText(name);
  await page.goto(`${demo.url}/plan/briefing?zone=gannet-hole&day=2026-09-12`);
  await expect(page.getByText('Nothing may be kept here today')).toBeVisible();
  await expect(page.getByRole('heading', { name: /^Stinging/ })).toBeVisible();
});

test('mackerel left warm: the larder says do not eat, the table refuses it', async ({ page, demo }) => {
  await page.goto(`${demo.url}/larder`);
  await expect(page.getByRole('note', { name: 'Do not eat' })).toContainText('without ice, 9 h at most');
  const pack = page.getByRole('link', { name: /do not eat: histamine/ });
  await expect(pack).toHaveCount(1);
  await pack.click();
  await expect(page.getByRole('note', { name: 'Do not eat' })).toBeVisible();
  await expect(button(page, /^Cook it/)).toHaveCount(0);
  await expect(page.getByText(/Keep vacuum-packed fish, raw, cured or smoked, at 3°/)).toBeVisible();
  await page.goto(`${demo.url}/table/new`);
  await page.getByRole('checkbox', { name: /Mackerel, 10 fillets/ }).check();
  await button(page, /^Plan the cooking/).click();
  await expect(page.getByRole('alert')).toContainText('is not eaten. It is over the histamine limit');
});

test('the strip stands on the board before the fish is weighed, and the cautions of every pack at the table', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/board`);
  await page.getByRole('checkbox', { name: /Black seabream/ }).check();
  await expect(page.getByRole('note', { name: 'Hazards' })).toContainText('spines of the back fin');
  await button(page, /^Onto the board/).click();
  await expect(page.getByRole('heading', { name: 'Weigh it whole, wiped.' })).toBeVisible();
  await expect(page.getByRole('note', { name: 'Hazards' })).toBeVisible();
  await page.getByLabel('What', { exact: true }).fill('liver');
  await expect(page.getByText(/high in vitamin A/)).toBeVisible();
  await page.goto(`${demo.url}/table/new`);
  await page
    .getByRole('checkbox', { name: /Pollack/ })
    .first()
    .check();
  await page
    .getByRole('checkbox', { name: /Thornback ray/ })
    .first()
    .check();
  await expect(page.getByLabel('Name of the dish')).toHaveAttribute(
    'placeholder',
    /^Pollack and thornback ray|^Thornback ray and pollack/,
  );
  await expect(page.getByText(/ammonia/).first()).toBeVisible();
  await expect(page.getByText(/anisakids/).first()).toBeVisible();
  await button(page, /other ways, and why not/).click();
  await button(page, 'Smoked cold').click();
  await expect(page.getByText(/Cold-smoked fish counts as raw/)).toBeVisible();
  await expect(page.getByText(/Thornback ray: not raw, not even after freezing/)).toBeVisible();
});

test('the key keeps to these waters until strays are asked for', async ({ page, demo }) => {
  await page.goto(`${demo.url}/deck`);
  await page.getByRole('radio', { name: 'With questions' }).check({ force: true });
  const candidates = page.getByRole('region', { name: 'Candidates' });
  await page.getByRole('button', { name: /^blunt, with a beak/i }).click();
  await expect(candidates).toContainText('None of these');
  await expect(candidates).not.toContainText(/pufferfish|porcupinefish/i);
  await page.getByLabel(/It could be from elsewhere/).check();
  await expect(candidates).toContainText(/pufferfish|porcupinefish/i);
  await expect(page.getByRole('note', { name: 'Hazards' })).toContainText('May be poisonous');
});
