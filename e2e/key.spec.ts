import AxeBuilder from '@axe-core/playwright';
import { entriesOf, expect, type Locator, test, type Page } from './fixtures.ts';

const button = (page: Page, name: string | RegExp) => page.getByRole('button', { name });
const question = (page: Page) => page.getByRole('region', { name: 'The question' });
const candidates = (page: Page) => page.getByRole('region', { name: 'Candidates' });

const heading = (region: Locator) => region.getByRole('heading', { level: 3 });
/** Answers the question that stands there now. */
const answer = (page: Page, words: string) =>
  question(page)
    .getByRole('button', { name: new RegExp(`^${words}`, 'i') })
    .first()
    .click();

/** Asks for one question and answers it. */
async function tell(page: Page, q: string, words: string): Promise<void> {
  if ((await heading(question(page)).textContent()) !== q)
    await page.getByLabel('Noticed something else?').selectOption({ label: q });
  await expect(heading(question(page))).toHaveText(q);
  await answer(page, words);
}

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
  await page.getByRole('radio', { name: 'With questions' }).check({ force: true });
  await expect(question(page)).toBeVisible();
}

test('a novice gets from a strange fish to a settled name in a few questions; danger is said before the name', async ({
  page,
  demo,
}) => {
  await openKey(page, demo.url);
  let asked = 0;
  while ((await heading(candidates(page)).textContent()) !== 'Settled') {
    const q = (await heading(question(page)).textContent()) ?? '';
    const told = question(page).getByRole('button', { name: new RegExp(`^${WEEVER[q] ?? 'no'}$`, 'i') });
    if ((await told.count()) > 0) await told.first().click();
    else await answer(page, 'Cannot tell');
    if (++asked > 9) throw new Error(`the key asks too much; last: ${q}`);
  }
  await expect(page.getByRole('note', { name: 'Hazards' })).toContainText('venom');
  await expect(candidates(page).getByRole('button', { name: /^Greater weever, near certain/ })).toBeVisible();
  await button(page, /^Greater weever near certain/).click();
  await expect(page.getByRole('heading', { name: /11 Greater weever/ })).toBeVisible();
  await expect
    .poll(async () => (await entriesOf(demo)).at(-1))
    .toMatchObject({ kind: 'fish.named', facts: { species: 'greater-weever' } });
});

test.describe('with the service worker', () => {
  test.use({ serviceWorkers: 'allow' });
  test('answers in any order, withdrawn, kept over a reload and without a network', async ({ page, context, demo }) => {
    await page.goto(`${demo.url}/deck`);
    await page.evaluate(() => navigator.serviceWorker.ready);
    await openKey(page, demo.url);
    await page
      .getByLabel('Noticed something else?')
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
});

test('answers that fit nothing leave none of these open', async ({ page, demo }) => {
  await openKey(page, demo.url);
  for (const [q, words] of [
    ['What build is it?', 'a flat disc'],
    ['A barbel under the chin or at the mouth?', 'one whisker'],
    ['Small finlets before the tail?', 'a row above and below'],
    ['Is the head armoured?', 'hard plates and ridges'],
    ['Long threads from the back fin?', 'yes'],
    ['Bony plates along the side line?', 'all along it'],
  ] as const)
    await tell(page, q, words);
  await expect(candidates(page).getByRole('listitem').first()).toContainText('None of these');
});

test('not settled between two, both are noted, the stricter rule applies, and the name is settled later', async ({
  page,
  demo,
}) => {
  await openKey(page, demo.url);
  await tell(page, 'What build is it?', 'flat, both eyes on the left');
  await tell(page, 'What is the skin like?', 'cannot tell');
  await tell(page, 'How far back does the closed mouth reach?', 'behind the eye');
  await tell(page, 'The line along the side?', 'kinked');
  await tell(page, 'How does the tail end?', 'rounded');
  await candidates(page)
    .getByRole('button', { name: /not identified: the stricter rule applies/ })
    .click();
  await expect(page.getByRole('heading', { name: /(Turbot or brill|Brill or turbot)/ })).toBeVisible();
  await page.getByLabel(/^Length/).fill('36');
  await button(page, /^Measured/).click();
  const verdict = page.getByRole('region', { name: 'Verdict' });
  await expect(verdict.getByRole('img', { name: 'Let go' })).toBeVisible();
  await expect(verdict).toContainText('the stricter rule applies, that of turbot');
  await button(page, /Change the species/).click();
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
    .toEqual([
      expect.objectContaining({
        orElse: [expect.any(String)],
        seen: expect.objectContaining({ skin: 'cannot tell' }) as object,
      }),
      { species: 'brill' },
    ]);
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

test('the part that strikes one is tapped and asked about; a suspected name asks for the marks against its lookalikes', async ({
  page,
  demo,
}) => {
  await openKey(page, demo.url);
  const soFar = page.getByRole('region', { name: 'Your answers so far' });
  await soFar.getByRole('button', { name: 'tail', exact: true }).click();
  await expect(soFar.getByRole('button', { name: 'tail', exact: true })).toHaveAttribute('aria-pressed', 'true');
  await expect(heading(question(page))).toContainText(/tail/i);
  await soFar.getByRole('button', { name: 'tail', exact: true }).click();
  await page.getByLabel(/Do you have a guess/).fill('glattbut');
  await page.getByRole('button', { name: /^Is it a brill/ }).click();
  const suspected = page.getByRole('region', { name: 'Suspected name' });
  await expect(suspected).toContainText('Is it a brill?');
  await expect(question(page)).toContainText('If it is a brill, this distinguishes it from a turbot.');
  const first = (await heading(question(page)).textContent()) ?? '';
  expect(first).toMatch(/fringe|skin/i);
  await answer(page, /fringe/i.test(first) ? 'yes' : 'smooth');
  await expect(suspected).toContainText('For it:');
  // The suspicion outlives a reload, and is left without losing an answer.
  await page.reload();
  await expect(suspected).toContainText('For it:');
  await page.getByRole('button', { name: 'Leave that' }).click();
  await expect(page.getByRole('list', { name: 'Answers' }).getByRole('listitem')).toHaveCount(1);
});

test('with two left, the look that splits them is cut from both drawings, and what hangs on it is said', async ({
  page,
  demo,
}) => {
  await openKey(page, demo.url);
  for (const [q, words] of [
    ['What build is it?', 'flat, both eyes on the left'],
    ['How far back does the closed mouth reach?', 'behind the eye'],
    ['What is the skin like?', 'cannot tell'],
    ['How does the tail end?', 'rounded'],
    ['The line along the side?', 'kinked'],
    ['Which jaw stands out, mouth shut?', 'the lower'],
  ] as const)
    await tell(page, q, words);
  await expect(question(page)).toContainText(/Two are left\. This separates (brill from turbot|turbot from brill)\./);
  await expect(question(page).getByRole('button', { name: /A brill’s/ })).toBeVisible();
  await expect(page.getByRole('region', { name: 'Why the name matters' })).toContainText('As a turbot: minimum 38 cm.');
  await question(page)
    .getByRole('button', { name: /A turbot’s/ })
    .click();
  await expect(candidates(page).getByRole('listitem').first()).toContainText('Turbot');
  await expect(candidates(page)).toContainText('Small mark: before your last answer.');
});

test('the first of a kind is marked as it happens, on the deck, in the book and on its own page', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/deck`);
  await page.getByLabel('Find a name').fill('tub gurnard');
  await page.getByLabel('Find a name').fill('red mullet');
  await button(page, /^Red mullet/).click();
  await expect(page.getByText(/’s first red mullet\./)).toBeVisible();
  await expect(page.getByText('Added to the life list.')).toBeVisible();
  await page.goto(`${demo.url}/catalogue/red-mullet`);
  await page.getByRole('link', { name: /’s first/ }).click();
  await expect(page).toHaveURL(/\/fish\//);
  await expect(page.getByRole('heading', { level: 2, name: /Red mullet.*’s first/ })).toBeVisible();
});

test('a fish left open at sea is settled at home from its own page', async ({ page, demo }) => {
  await openKey(page, demo.url);
  await tell(page, 'What build is it?', 'flat, both eyes on the left');
  await tell(page, 'How far back does the closed mouth reach?', 'behind the eye');
  await tell(page, 'How does the tail end?', 'rounded');
  await candidates(page)
    .getByRole('button', { name: /not identified: the stricter rule applies/ })
    .click();
  await expect.poll(async () => (await entriesOf(demo)).at(-1)?.kind).toBe('fish.named');
  const fish = (await entriesOf(demo)).at(-1)!;
  await page.goto(`${demo.url}/fish/${fish.subject}`);
  const settle = page.getByRole('region', { name: 'Decide the species' });
  await expect(settle).toContainText('the stricter rule was applied');
  await settle.getByRole('button', { name: /^Brill/ }).click();
  await expect(settle).toHaveCount(0);
  await expect(page.getByText(/Named by the key from build: flat, both eyes on the left/)).toBeVisible();
  await expect
    .poll(async () => (await entriesOf(demo)).at(-1))
    .toMatchObject({ kind: 'fish.named', facts: { species: 'brill', seen: { tail: 'rounded' } } });
});
