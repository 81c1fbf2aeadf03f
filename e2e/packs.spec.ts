import { readFileSync } from 'node:fs';
import { entriesOf, expect, test, type Page } from './fixtures.ts';

const button = (page: Page, name: string | RegExp) => page.getByRole('button', { name });
const wrong = (page: Page) => page.getByRole('alert', { name: 'What is wrong' });
const preview = (page: Page) => page.getByRole('status', { name: 'What would change' });

async function choose(page: Page, name: string, text: string | Buffer): Promise<void> {
  await page.getByLabel('File of a pack').setInputFiles({
    name,
    mimeType: name.endsWith('.csv') ? 'text/csv' : 'application/json',
    buffer: typeof text === 'string' ? Buffer.from(text) : text,
  });
}

async function byHand(page: Page, name: string): Promise<void> {
  await page.getByLabel('Its name', { exact: true }).fill(name);
  await page.getByLabel('Most like').selectOption('Pollack');
  await button(page, /^Add a difference/).click();
  await page.getByLabel('Difference 1', { exact: true }).selectOption('A barbel under the chin or at the mouth?');
  await page.getByLabel('It shows').selectOption('one whisker');
  await button(page, /^Preview/).click();
}

test('a species by hand: seen before it is written, found in the catalogue, known to the key, saved, and taken back', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/catalogue/packs`);
  const before = (await entriesOf(demo)).length;
  await byHand(page, 'Skerrow ling');
  await expect(preview(page)).toContainText('Skerrow ling Pollachius sp.: new');
  expect((await entriesOf(demo)).length).toBe(before);
  await button(page, /^Add it to the book/).click();
  await expect(page.getByText('1 species of “My own species” written into the book.')).toBeVisible();
  await expect.poll(async () => (await entriesOf(demo)).at(-1)?.kind).toBe('species.added');
  await page.getByRole('link', { name: 'Skerrow ling' }).click();
  await expect(page.getByRole('heading', { level: 2, name: 'Skerrow ling' })).toBeVisible();
  await expect(page.getByText('Not sure of: everything but the traits.')).toBeVisible();

  // A fish of that name in the log: the pack is not taken back from under it.
  await page.goto(`${demo.url}/deck`);
  await page.getByLabel('Find a name').fill('skerrow ling');
  await button(page, /^Skerrow ling/).click();
  await expect(page.getByText(/’s first Skerrow ling|’s first skerrow ling/)).toBeVisible();
  await page.goto(`${demo.url}/catalogue/packs`);
  await button(page, 'Remove My own species').click();
  await expect(page.getByRole('alert')).toContainText(
    'A fish in the log carries the name Skerrow ling. Change the species first',
  );
  await expect(page.getByRole('link', { name: 'Skerrow ling' })).toBeVisible();

  const saved = page.waitForEvent('download');
  await button(page, 'Save My own species as a file').click();
  const file = JSON.parse(readFileSync(await (await saved).path(), 'utf8')) as { species: { id: string }[] };
  expect(file.species.map((s) => s.id)).toEqual(['skerrow-ling']);

  await page.goto(`${demo.url}/deck`);
  await button(page, /Change the species/).click();
  await button(page, /^Pollack/).click();
  await page.goto(`${demo.url}/catalogue/packs`);
  await button(page, 'Remove My own species').click();
  await expect(page.getByText('“My own species” is removed')).toBeVisible();
  await button(page, 'Restore it').click();
  await expect(page.getByRole('link', { name: 'Skerrow ling' })).toBeVisible();
  await page.reload();
  await expect(page.getByRole('link', { name: 'Skerrow ling' })).toBeVisible();
});

test('a trait matrix that the book saved is read back under other ids, and changed by reading it anew', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/catalogue/packs`);
  const saved = page.waitForEvent('download');
  await button(page, 'Save the traits of Lakes and rivers as CSV').click();
  const [head = '', ...lines] = readFileSync(await (await saved).path(), 'utf8').split('\r\n');
  const two = lines.filter((l) => /^(roach|rudd),/.test(l)).map((l) => l.replace(/^(\w+),(\w+)/, 'tarn-$1,Tarn $2'));
  await choose(page, 'tarn.csv', [head, ...two].join('\r\n'));
  await expect(preview(page)).toContainText('Tarn Roach');
  await button(page, /^Add it to the book/).click();
  await expect(page.getByText('2 species of “tarn” written into the book.')).toBeVisible();
  // The same file with one species left out takes it away, and says so before it does.
  await choose(page, 'tarn.csv', [head, ...two.slice(0, 1)].join('\r\n'));
  await expect(preview(page)).toContainText('taken out, since the file does not have it any more');
  await button(page, /^Cancel/).click();
  await expect(page.getByRole('link', { name: 'Tarn Rudd' })).toBeVisible();
});

test('a file that takes long is read beside the page: how far it is, and a way out; one that is too long is turned down', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/catalogue/packs`);
  await expect(page.getByText('None yet. Read a pack')).toBeVisible();
  const { traits } = (await (await fetch(`${demo.url}/api/catalogue`)).json()) as { traits: { id: string }[] };
  const head = ['id', 'name', 'latin', 'like', ...traits.map((t) => t.id)].join(',');
  const rows = (n: number): string =>
    [
      head,
      ...Array.from({ length: n }, (_, i) => `f-${i},Fish ${i},Piscis n,pollack${','.repeat(traits.length)}`),
    ].join('\n');
  await choose(page, 'many.csv', rows(10_000));
  await expect(wrong(page)).toContainText('has more than 500 species');
  await choose(page, 'some.csv', rows(400));
  await expect(page.getByText(/^Reading the file: \d+ %/)).toBeVisible();
  // The page is at hand meanwhile.
  await button(page, 'Cancel').click();
  await expect(page.getByText(/^Reading the file/)).toHaveCount(0);
  await expect(preview(page)).toHaveCount(0);
  await choose(page, 'few.csv', rows(2));
  await expect(preview(page)).toContainText('Fish 1');
});

test('files that cannot be read: a sentence each, and nothing changed', async ({ page, demo }) => {
  await page.goto(`${demo.url}/catalogue/packs`);
  await expect(page.getByText('None yet. Read a pack')).toBeVisible();
  const before = (await entriesOf(demo)).length;
  const pack = (...species: object[]): string =>
    JSON.stringify({ id: 'isles', name: 'Isles', about: 'Ours.', species });
  for (const [name, text, says] of [
    ['big.json', Buffer.alloc(20_000_000, ' '), 'big.json is 20 MB long, and at most 2 MB are read.'],
    ['empty.json', '', 'empty.json is empty'],
    ['torn.json', '{"id": "isles", ', 'torn.json is not JSON'],
    ['fields.json', pack({ id: 'x-fish' }), 'x-fish: the field "name" is missing.'],
    [
      'semi.csv',
      'id;name;latin;like\nx;X;X x;pollack\n',
      'semi.csv separates its columns with semicolons. Save it with commas',
    ],
    ['odd.csv', 'id,name,latin,like,wings\nx,X,X x,pollack,yes\n', 'the column "wings" is not a trait of the key'],
    ['sum.csv', 'id,name,latin,like,barbel\nx-fish,X,X x,pollack,"yes 0.5, no 0.2"\n', 'sum to 0.7, not 1'],
    [
      'taken.csv',
      'id,name,latin,like,barbel\npollack,X,X x,pollack,yes\n',
      'pollack ships with the book and is never overwritten',
    ],
  ] as const) {
    await choose(page, name, text);
    await expect(wrong(page)).toContainText(says);
    await expect(wrong(page)).toContainText('Nothing has been changed.');
  }
  expect((await entriesOf(demo)).length).toBe(before);
  await page.getByLabel('Its name', { exact: true }).fill('');
  await button(page, /^Preview/).click();
  await expect(page.getByText('Enter a name.')).toBeVisible();
});
