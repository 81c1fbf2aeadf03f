import { readFileSync } from 'node:fs';
import AxeBuilder from '@axe-core/playwright';
import { entriesOf, expect, nameAndMeasure, type Page, type Server, test } from './fixtures.ts';

interface Pack {
  id: string;
  version: string;
  name: string;
  rules: { id: string; kind: string; leastMm?: number; sentence: string }[];
}
const packOf = async (server: Server, id: string): Promise<Pack> =>
  ((await (await fetch(`${server.url}/api/rulebook`)).json()) as { packs: Pack[] }).packs.find(
    (p) => p.id === id,
  ) as Pack;
const file = (data: unknown, name = 'rules.json') => ({
  name,
  mimeType: 'application/json',
  buffer: Buffer.from(typeof data === 'string' ? data : JSON.stringify(data)),
});
const give = async (page: Page, data: unknown): Promise<void> => {
  await expect(page.getByRole('button', { name: /^Save these rules/ })).toBeVisible();
  await page.getByLabel('Rule pack').setInputFiles(file(data));
};
const preview = (page: Page) => page.getByRole('region', { name: 'The file' });

/** The fish just landed, named a pollack of 45 cm. */
async function measured(page: Page, server: Server): Promise<void> {
  await page.goto(`${server.url}/deck`);
  await nameAndMeasure(page, /^Pollack/, '45');
  await expect(page.getByRole('region', { name: 'Verdict' }).getByRole('img', { name: 'Keep' })).toBeVisible();
}

test('a new version is read in, looked at, written, judges from its day on, and is struck again', async ({
  demo,
  page,
}) => {
  await measured(page, demo);
  const pack = await packOf(demo, 'skerrow-isles');
  const next = {
    ...pack,
    version: '2026.9',
    rules: pack.rules
      .filter((r) => r.id !== 'least-mackerel')
      .map((r) =>
        r.id === 'least-pollack'
          ? { ...r, leastMm: 500, sentence: 'Pollack: at least 50 cm from snout to tail tip.' }
          : r,
      ),
  };
  await page.goto(`${demo.url}/plan/rules`);
  await give(page, next);
  await expect(preview(page).getByRole('heading', { name: /2026\.9/ })).toBeVisible();
  await expect(preview(page)).toContainText('Pollack: at least 50 cm');
  await expect(preview(page)).toContainText(/Would end the day before.*at least 28 cm/s);
  expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);
  expect((await entriesOf(demo)).some((e) => e.kind === 'rules.added')).toBe(false);
  await page.getByRole('button', { name: /^Save this version/ }).click();
  await expect(page.getByText(/^Written: .*2026\.9/)).toBeVisible();
  await page.goto(`${demo.url}/deck`);
  const verdict = page.getByRole('region', { name: 'Verdict' });
  await expect(verdict.getByRole('img', { name: 'Let go' })).toBeVisible();
  await expect(verdict).toContainText('45 is 5 under 50');
  await page.reload();
  await expect(verdict.getByRole('img', { name: 'Let go' })).toBeVisible();
  await page.goto(`${demo.url}/plan/rules`);
  await page.getByRole('button', { name: /Cross out: .*2026\.9/ }).click();
  await page.goto(`${demo.url}/deck`);
  await expect(verdict.getByRole('img', { name: 'Keep' })).toBeVisible();
});

test('what is saved is read back without a change', async ({ demo, page }) => {
  await page.goto(`${demo.url}/plan/rules`);
  const saving = page.waitForEvent('download');
  await page.getByRole('button', { name: /^Save these rules/ }).click();
  const saved = await saving;
  expect(saved.suggestedFilename()).toMatch(/^skerrow-isles-.*\.json$/);
  const text = readFileSync((await saved.path()) ?? '', 'utf8');
  expect((JSON.parse(text) as Pack).rules.length).toBe((await packOf(demo, 'skerrow-isles')).rules.length);
  await give(page, text);
  await expect(preview(page)).toContainText('No rule would begin');
  await expect(preview(page)).toContainText('No rule would end');
  await page.getByRole('button', { name: /^Leave it/ }).click();
  await expect(preview(page)).toHaveCount(0);
});

test('what is no rule pack is refused with a sentence that names the place, and nothing is saved', async ({
  demo,
  page,
}) => {
  const pack = await packOf(demo, 'skerrow-isles');
  await page.goto(`${demo.url}/plan/rules`);
  await expect(page.getByRole('button', { name: /^Read a rule file/ })).toBeVisible();
  for (const [data, says] of [
    ['{ "id": ', /not JSON/],
    [{ ...pack, rules: undefined }, /"rules" is missing/],
    [{ ...pack, rules: [...pack.rules, pack.rules[0]] }, /Two rules have the id/],
    [{ ...pack, timeZone: 'Atlantic/Nowhere' }, /is not a time zone/],
  ] as const) {
    await give(page, data);
    await expect(page.getByRole('alert')).toContainText(says);
    await expect(preview(page)).toHaveCount(0);
  }
  expect((await entriesOf(demo)).some((e) => e.kind === 'rules.added')).toBe(false);
});

test('a pack of other waters is kept, and the book can be moved to it and back', async ({ demo, page }) => {
  const pack = await packOf(demo, 'tarnmere-lakes');
  await page.goto(`${demo.url}/plan/rules`);
  await give(page, { ...pack, id: 'far-lakes', name: 'Far Lakes sample rules' });
  await expect(preview(page)).toContainText('These are other waters than this book uses');
  await page.getByRole('button', { name: /^Save this version/ }).click();
  await page.getByRole('button', { name: 'Go by Far Lakes sample rules' }).click();
  await expect(page.getByText(/^Far Lakes sample rules, /).first()).toBeVisible();
});
