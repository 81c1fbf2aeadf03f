import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import AxeBuilder from '@axe-core/playwright';
import sharp from 'sharp';
import { entriesOf, expect, type Page, test } from './fixtures.ts';

const PRACTICE = join(import.meta.dirname, '../web/public/practice');

/** The fish just landed in the demo book, named, with the picture reader open over its measuring. */
async function openReader(page: Page, url: string, name: RegExp): Promise<void> {
  await page.goto(`${url}/deck`);
  await page.getByRole('button', { name }).first().click();
  await page.getByRole('button', { name: /^Picture/ }).click();
  await expect(page.getByRole('dialog')).toContainText('Practice pictures');
}
const reader = (page: Page) => page.getByRole('dialog');

test('a fish is measured from a picture: corners proposed, ends set by the keyboard, length, error and picture kept', async ({
  demo,
  page,
}) => {
  await openReader(page, demo.url, /^Pollack/);
  await reader(page)
    .getByRole('button', { name: /Pollack on the measuring board/ })
    .click();
  await expect(reader(page)).toContainText(/4[01]\.\d\s*cm\s*good to 0\.\d/);
  // The corners the program found lie on the drawn board's.
  const truth = (
    JSON.parse(readFileSync(join(PRACTICE, 'practice.json'), 'utf8')) as { file: string; corners: [number, number][] }[]
  ).find((p) => p.file === 'pollack.jpg');
  const label =
    (await reader(page)
      .getByRole('button', { name: /^Corner 1/ })
      .getAttribute('aria-label')) ?? '';
  const [x = 0, y = 0] = (/: (-?\d+) across, (-?\d+) down/.exec(label) ?? []).slice(1).map(Number);
  expect(Math.hypot(x - (truth?.corners[0]?.[0] ?? 0), y - (truth?.corners[0]?.[1] ?? 0))).toBeLessThan(8);
  // Arrows move a mark; the length follows it.
  const before = await reader(page).locator('.reading .num').innerText();
  await reader(page).getByRole('button', { name: /^Tail/ }).focus();
  for (let i = 0; i < 5; i++) await page.keyboard.press('Shift+ArrowRight');
  await expect(reader(page).locator('.reading .num')).not.toHaveText(before);
  for (let i = 0; i < 5; i++) await page.keyboard.press('Shift+ArrowLeft');
  await expect(reader(page).locator('.reading .num')).toHaveText(before);
  expect((await new AxeBuilder({ page }).include('dialog').analyze()).violations).toEqual([]);
  await reader(page)
    .getByRole('button', { name: /^Measured/ })
    .click();
  await expect(page.getByText(/From a picture.*good to 0\.\d cm/)).toBeVisible();
  await expect(page.getByRole('region', { name: 'Verdict' })).toContainText('over 38');
  await expect.poll(async () => (await entriesOf(demo)).filter((e) => e.kind === 'fish.pictured').length).toBe(1);
  const entries = await entriesOf(demo);
  const measured = entries.filter((e) => e.kind === 'fish.measured').at(-1);
  expect(measured?.facts['method']).toBe('photo');
  expect(measured?.facts['sdMm']).toBeGreaterThan(3);
  const hash = String(entries.find((e) => e.kind === 'fish.pictured')?.facts['photo']);
  await expect.poll(async () => (await fetch(`${demo.url}/api/photos/${hash}`)).status).toBe(200);
  await page.goto(`${demo.url}/fish/${measured?.subject}`);
  const picture = page.getByRole('img', { name: /Pollack, picture of/ });
  await expect(picture).toBeVisible();
  await expect.poll(() => picture.evaluate((i) => (i as HTMLImageElement).naturalWidth)).toBeGreaterThan(100);
});

test('a mark is dragged with a loupe over it, and corners that cross are refused with a sentence', async ({
  demo,
  page,
}) => {
  await openReader(page, demo.url, /^Pollack/);
  await reader(page)
    .getByRole('button', { name: /Pollack on the measuring board/ })
    .click();
  await expect(reader(page)).toContainText(/good to/);
  const handle = reader(page).getByRole('button', { name: /^Corner 2/ });
  const box = await handle.boundingBox();
  if (!box) throw new Error('no handle');
  const other = await reader(page)
    .getByRole('button', { name: /^Corner 3/ })
    .boundingBox();
  await page.mouse.move(box.x + 22, box.y + 22);
  await page.mouse.down();
  await page.mouse.move((other?.x ?? 0) + 30, (other?.y ?? 0) + 90, { steps: 8 });
  await expect(reader(page).locator('.loupe')).toBeVisible();
  await page.mouse.up();
  await expect(reader(page)).toContainText(/one lies|corners cross|lie on one line|inside the others|wrong way round/i);
  await expect(reader(page).getByRole('button', { name: /^Measured/ })).toHaveAttribute('aria-disabled', 'true');
  await page.keyboard.press('Escape');
  await expect(reader(page)).toHaveCount(0);
});

test('a board that looks like its ground is set by hand, and a low camera is warned of', async ({ demo, page }) => {
  await openReader(page, demo.url, /^Pollack/);
  await reader(page)
    .getByRole('button', { name: /board and stones alike/ })
    .click();
  await expect(reader(page)).toContainText('The board was not found');
  await expect(reader(page).getByRole('button', { name: /^Corner 4/ })).toBeVisible();
});

test('proportions from a picture reach the key: how round it is speaks for the turbot, against the brill', async ({
  demo,
  page,
}) => {
  await page.goto(`${demo.url}/deck`);
  await page.getByRole('radio', { name: 'With questions' }).check({ force: true });
  await page.getByRole('button', { name: /^Picture/ }).click();
  await reader(page)
    .getByRole('button', { name: /Turbot on a mat/ })
    .click();
  await expect(reader(page)).toContainText(/good to/);
  await reader(page)
    .getByRole('button', { name: /Proportions too/ })
    .click();
  // The deepest places of this one lie farther out than on most fish.
  for (const [name, key] of [
    [/^Back/, 'ArrowUp'],
    [/^Belly/, 'ArrowDown'],
  ] as const) {
    await reader(page).getByRole('button', { name }).focus();
    for (let i = 0; i < 60; i++) {
      if (/Depth (6[2-9]) %/.test(await reader(page).getByRole('list', { name: 'Proportions' }).innerText())) break;
      await page.keyboard.press(`Shift+${key}`);
      if (i > 8 && name.source === '^Back') break;
    }
  }
  await expect(reader(page).getByRole('list', { name: 'Proportions' })).toContainText(/Depth 6[2-9] %/);
  await reader(page)
    .getByRole('button', { name: /^Measured/ })
    .click();
  await expect(reader(page)).toHaveCount(0);
  await expect(page.getByRole('list', { name: 'Answers' })).toContainText(/By its picture: depth 6[2-9]/);
  // What it may be, in the order of the odds, the last ones in the words of the key that keeps them all.
  const said = (await page.getByRole('region', { name: 'Candidates' }).innerText()).toLowerCase();
  expect(said).toContain('turbot');
  expect(said.includes('brill') && said.indexOf('brill') < said.indexOf('turbot')).toBe(false);
});

test.describe('with the service worker', () => {
  test.use({ serviceWorkers: 'allow' });
  test('without a network the picture waits on the device, is shown from it, and is sent later', async ({
    demo,
    page,
    context,
  }) => {
    await openReader(page, demo.url, /^Pollack/);
    await context.setOffline(true);
    await reader(page).getByLabel('Picture from a file').setInputFiles(join(PRACTICE, 'pollack.jpg'));
    await expect(reader(page)).toContainText(/good to/);
    await reader(page)
      .getByRole('button', { name: /^Measured/ })
      .click();
    // It closes once all is kept on this device.
    await expect(reader(page)).toHaveCount(0);
    await context.setOffline(false);
    await page.reload();
    await expect.poll(async () => (await entriesOf(demo)).filter((e) => e.kind === 'fish.pictured').length).toBe(1);
    const hash = String((await entriesOf(demo)).find((e) => e.kind === 'fish.pictured')?.facts['photo']);
    await expect.poll(async () => (await fetch(`${demo.url}/api/photos/${hash}`)).status).toBe(200);
  });
});

test('a file that is no picture is answered with a sentence, and nothing is saved', async ({ demo, page }) => {
  await openReader(page, demo.url, /^Pollack/);
  await reader(page)
    .getByLabel('Picture from a file')
    .setInputFiles({ name: 'notes.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('no picture at all') });
  await expect(reader(page).getByRole('alert')).toContainText('cannot read this file as a picture');
  expect((await entriesOf(demo)).filter((e) => e.kind === 'fish.pictured')).toEqual([]);
});

test('the picture’s own time is offered as the time of the catch; its place is kept only when ticked', async ({
  demo,
  page,
}) => {
  const picture = await sharp(join(PRACTICE, 'pollack.jpg'))
    .withExif({
      IFD0: { Make: 'Simulated' },
      IFD2: { DateTimeOriginal: '2026:09:12 14:10:00' },
      IFD3: { GPSLatitudeRef: 'N', GPSLatitude: '58/1 57/1 0/1', GPSLongitudeRef: 'W', GPSLongitude: '9/1 24/1 0/1' },
    })
    .jpeg()
    .toBuffer();
  const pictured = async (): Promise<Record<string, unknown>[]> =>
    (await entriesOf(demo)).filter((e) => e.kind === 'fish.pictured').map((e) => e.facts);
  await openReader(page, demo.url, /^Pollack/);
  await reader(page)
    .getByLabel('Picture from a file')
    .setInputFiles({ name: 'fish.jpg', mimeType: 'image/jpeg', buffer: picture });
  await expect(reader(page)).toContainText('Taken at 14:10');
  await reader(page).getByRole('button', { name: 'Use it as the time of the catch' }).click();
  await expect(reader(page)).toContainText('The catch is now noted at 14:10.');
  await reader(page)
    .getByRole('button', { name: /^Only the picture/ })
    .click();
  await expect.poll(pictured).toHaveLength(1);
  expect((await pictured())[0]).toMatchObject({ takenAt: '2026-09-12T14:10:00' });
  expect((await pictured())[0]).not.toHaveProperty('position');
  await page.getByRole('button', { name: /^Picture/ }).click();
  await reader(page)
    .getByLabel('Picture from a file')
    .setInputFiles({ name: 'fish.jpg', mimeType: 'image/jpeg', buffer: picture });
  await reader(page)
    .getByRole('checkbox', { name: /Keep the position/ })
    .check();
  await reader(page)
    .getByRole('button', { name: /^Only the picture/ })
    .click();
  await expect.poll(pictured).toHaveLength(2);
  expect((await pictured())[1]?.['position']).toEqual([-9.4, 58.95]);
});

test.describe('a device that was never given the whole of Dagboek', () => {
  test.use({ serviceWorkers: 'block' });

  test('where the worker never came to this device, the corners are set by hand, and it says why', async ({
    demo,
    page,
  }) => {
    await page.route('**/*compute.worker*', (route) => route.abort());
    await openReader(page, demo.url, /^Pollack/);
    await reader(page)
      .getByRole('button', { name: /board and stones alike/ })
      .click();
    await expect(reader(page)).toContainText('The board was not searched for', { timeout: 20_000 });
    await expect(reader(page).getByRole('button', { name: /^Corner 4/ })).toBeVisible();
  });
});
