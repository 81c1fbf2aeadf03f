import AxeBuilder from '@axe-core/playwright';
import { entriesOf, expect, test, type Page } from './fixtures.ts';

const button = (page: Page, name: string | RegExp) => page.getByRole('button', { name });
const question = (page: Page) => page.getByRole('region', { name: 'The question' });
const candidates = (page: Page) => page.getByRole('region', { name: 'Candidates' });

/** What a person sees on a greater weever, question by question. */
const WEEVER: Record<string, string> = {
  'What build is it?': 'long and round, like a torpedo',
  'Which way does the mouth look?': 'steeply upward',
  'What is on the back and the flanks?': 'slanting streaks',
  'A short first back fin, mostly black?': 'yes',
  'How many fins along the back?': 'two',
  'Is the front of the back fin spiny?': 'stiff sharp spines',
  'Which jaw stands out, mouth shut?': 'the lower',
};

async function openKey(page: Page, url: string): Promise<void> {
  await page.goto(`${url}/deck`);
  await page.getByRole('radio', { name: 'With the key' }).check({ force: true });
  await expect(question(page)).toBeVisible();
}

test('a novice gets from a strange fish to a settled name in a few questions; danger is said before the name', async ({
  page,
  demo,
}) => {
  await openKey(page, demo.url);
  let asked = 0;
  while ((await candidates(page).getByRole('heading').textContent()) !== 'Settled') {
    const q = (await question(page).getByRole('heading').textContent()) ?? '';
    await question(page)
      .getByRole('button', { name: WEEVER[q] ?? 'no', exact: true })
      .or(question(page).getByRole('button', { name: 'Cannot tell' }))
      .first()
      .click();
    if (++asked > 9) throw new Error('the key asks too much');
  }
  await expect(page.getByRole('note', { name: 'Hazards' })).toContainText('venom');
  await expect(candidates(page).getByRole('button', { name: /^Greater weever, near certain/ })).toBeVisible();
  await button(page, /^Greater weever near certain/).click();
  await expect(page.getByRole('heading', { name: /11 Greater weever/ })).toBeVisible();
  await expect
    .poll(async () => (await entriesOf(demo)).at(-1))
    .toMatchObject({ kind: 'fish.named', facts: { species: 'greater-weever' } });
});

test('answers in any order, withdrawn, kept over a reload and without a network', async ({ page, context, demo }) => {
  await page.goto(`${demo.url}/deck`);
  await page.evaluate(() => navigator.serviceWorker.ready);
  await openKey(page, demo.url);
  await page
    .getByLabel('Something else strikes you?')
    .selectOption({ label: 'One round dark mark in the middle of the flank?' });
  await question(page)
    .getByRole('button', { name: /like a thumbprint/ })
    .click();
  await expect(candidates(page).getByRole('listitem').first()).toContainText('John Dory');
  await context.setOffline(true);
  await page.reload();
  await expect(candidates(page).getByRole('listitem').first()).toContainText('John Dory');
  await button(page, /^Withdraw: One round dark mark/).click();
  await expect(page.getByRole('list', { name: 'Answers' })).toHaveCount(0);
  await expect(candidates(page).getByRole('listitem').first()).not.toContainText('John Dory');
});

test('answers that fit nothing leave none of these open', async ({ page, demo }) => {
  await openKey(page, demo.url);
  for (const [q, a] of [
    ['A barbel under the chin?', 'yes, a whisker'],
    ['Small finlets before the tail?', 'a row above and below'],
    ['Is the head armoured?', 'hard plates and ridges'],
    ['Long threads from the back fin?', 'yes'],
  ] as const) {
    const select = page.getByLabel('Something else strikes you?');
    if ((await question(page).getByRole('heading').textContent()) !== q) await select.selectOption({ label: q });
    await question(page).getByRole('button', { name: a, exact: true }).click();
  }
  await expect(candidates(page).getByRole('listitem').first()).toContainText('None of these');
});

test('not settled between two, both are noted, the stricter rule applies, and the name is settled later', async ({
  page,
  demo,
}) => {
  await openKey(page, demo.url);
  const strikes = page.getByLabel('Something else strikes you?');
  await strikes.selectOption({ label: 'What build is it?' }).catch(() => undefined);
  await question(page).getByRole('button', { name: 'flat, both eyes on the left' }).click();
  await candidates(page)
    .getByRole('button', { name: /not settled: the stricter rule applies/ })
    .click();
  await expect(page.getByRole('heading', { name: /(Turbot or brill|Brill or turbot)/ })).toBeVisible();
  await page.getByLabel(/^Length/).fill('36');
  await button(page, /^Measured/).click();
  const verdict = page.getByRole('region', { name: 'Verdict' });
  await expect(verdict.getByRole('img', { name: 'Let go' })).toBeVisible();
  await expect(verdict).toContainText('the stricter rule applies, that of turbot');
  await button(page, /Name it anew/).click();
  await page.getByRole('radio', { name: 'From the list' }).check({ force: true });
  await button(page, /^Brill/).click();
  await expect(page.getByRole('heading', { name: /11 Brill/ })).toBeVisible();
  await expect(verdict.getByRole('img', { name: 'Keep' })).toBeVisible();
  await expect
    .poll(async () =>
      (await entriesOf(demo))
        .filter((e) => e.kind === 'fish.named')
        .slice(-2)
        .map((e) => e.facts),
    )
    .toEqual([expect.objectContaining({ orElse: [expect.any(String)] }), { species: 'brill' }]);
});

for (const [name, viewport] of [
  ['at a desk', { width: 1280, height: 800 }],
  ['on a phone', { width: 390, height: 844 }],
] as const)
  test(`axe finds nothing on the key ${name}`, async ({ page, demo }) => {
    await page.setViewportSize(viewport);
    await openKey(page, demo.url);
    await question(page).getByRole('button').first().click();
    const { violations } = await new AxeBuilder({ page }).analyze();
    expect(violations.flatMap((v) => v.nodes.map((n) => `${v.id}: ${n.target.join(' ')}`))).toEqual([]);
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBe(viewport.width);
  });
