import AxeBuilder from '@axe-core/playwright';
import { entriesOf, expect, fishAboard, nameAndMeasure, test } from './fixtures.ts';

test('a closed zone is entered: the next fish there is let go, the one before it is not judged anew', async ({
  demo,
  page,
}) => {
  await page.goto(`${demo.url}/deck`);
  // The fish in hand was landed before the move.
  await nameAndMeasure(page, /^Pollack/, '45');
  const verdict = page.getByRole('region', { name: 'Verdict' });
  await expect(verdict.getByRole('img', { name: 'Keep' })).toBeVisible();
  await page.getByRole('link', { name: /North Skerries, 13/ }).click();
  await page.getByRole('radio', { name: 'Gannet Hole' }).check({ force: true });
  await expect(page.getByText(/is inside North Skerries, whose rules apply too/)).toBeVisible();
  await expect(page.getByText(/^Every species: .*Gannet Hole/).first()).toBeVisible();
  expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);
  await page.getByRole('button', { name: /^We are here/ }).click();
  await expect
    .poll(async () => (await entriesOf(demo)).at(-1))
    .toMatchObject({ kind: 'trip.moved', facts: { zone: 'gannet-hole', by: 'by hand' } });
  await page.getByRole('link', { name: 'Back to the deck' }).click();
  await expect(page.getByText('In Gannet Hole: nothing may be kept here.')).toBeVisible();
  await expect(page.getByText(/Caught by .*, in North Skerries\./)).toBeVisible();
  await expect(verdict.getByRole('img', { name: 'Keep' })).toBeVisible();
  await page.getByText('Add another fish meanwhile').click();
  await fishAboard(page);
  await nameAndMeasure(page, /^Pollack/, '45');
  await expect(verdict.getByRole('img', { name: 'Let go' })).toBeVisible();
  await expect(verdict).toContainText('No-take area');
  await expect(page.getByText(/Caught by .*, in Gannet Hole\./)).toBeVisible();
  // The plan says what holds where the boat is now.
  await page.goto(`${demo.url}/plan`);
  const holds = page.getByRole('complementary', { name: 'Rules for this area' });
  await expect(holds).toContainText('Gannet Hole, 12 September');
  await expect(holds.getByRole('row', { name: /^Pollack/ })).toContainText('may not be kept');
  await page.goto(`${demo.url}/plan/officer`);
  await expect(page.getByText('North Skerries, then Gannet Hole')).toBeVisible();
  await expect(page.getByRole('columnheader', { name: 'Zone' })).toBeVisible();
});

test('the mark is set by the keyboard and by a click, and only what was noted counts', async ({ demo, page }) => {
  await page.goto(`${demo.url}/plan/map`);
  const map = page.getByRole('application', { name: /Map of the zones/ });
  await map.focus();
  await page.keyboard.press('Shift+ArrowRight');
  await expect(page.getByText(/\d\d\.\d{4} N, 9\.\d{4} W/)).toBeVisible();
  const before = await page.getByText(/\d\d\.\d{4} N, 9\.\d{4} W/).innerText();
  await page.keyboard.press('ArrowUp');
  await expect(page.getByText(before)).toHaveCount(0);
  const box = await map.boundingBox();
  if (!box) throw new Error('no map');
  await map.click({ position: { x: box.width * 0.2, y: box.height * 0.5 } });
  await expect(page.getByRole('heading', { name: 'Outer Bank' })).toBeVisible();
  await map.click({ position: { x: box.width * 0.6, y: box.height * 0.93 } });
  await expect(page.getByText('Outside all drawn zones.')).toBeVisible();
  expect((await entriesOf(demo)).filter((e) => e.kind === 'trip.moved')).toEqual([]);
});

test('the position source is followed: a crossing is said on the deck, and noted with one press', async ({
  demo,
  page,
}) => {
  // The simulated boat is made to stand in the no-take area.
  await page.route('**/api/devices/position*', (route) =>
    route.fulfill({ json: { position: [-9.44, 58.955], at: '2026-09-12T13:21:00Z', goodToM: 8, simulated: true } }),
  );
  await page.goto(`${demo.url}/plan/map`);
  await page.getByRole('checkbox', { name: /Follow the position/ }).check();
  await expect(page.getByRole('heading', { name: 'Gannet Hole' })).toBeVisible();
  await page.goto(`${demo.url}/deck`);
  await expect(page.getByRole('alert').filter({ hasText: 'In Gannet Hole' })).toContainText(
    'the log still says North Skerries',
  );
  await page.getByRole('button', { name: /Note the move to Gannet Hole/ }).click();
  await expect(page.getByRole('link', { name: /Gannet Hole, 13/ })).toBeVisible();
  await expect
    .poll(async () => (await entriesOf(demo)).at(-1))
    .toMatchObject({ facts: { by: 'position source', position: [-9.44, 58.955] } });
  await page.unroute('**/api/devices/position*');
  await page.route('**/api/devices/position*', (route) => route.abort());
  await page.reload();
  await expect(page.getByText('In Gannet Hole: nothing may be kept here.')).toBeVisible();
});

test('the source that ships answers with a simulated place, and says so', async ({ demo, page }) => {
  await page.goto(`${demo.url}/plan/map`);
  await page.getByRole('checkbox', { name: /Follow the position/ }).check();
  await expect(page.getByText(/Simulated at \d\d:\d\d, good to 8 m/)).toBeVisible();
});
