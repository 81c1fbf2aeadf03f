import AxeBuilder from '@axe-core/playwright';
import { expect, test, type Page, type Server } from './fixtures.ts';

/** A page of each view, with the states that have their own pieces. */
async function views(page: Page, server: Server): Promise<[string, string][]> {
  const trips = (
    (await (await fetch(`${server.url}/api/trips?limit=8`)).json()) as {
      trips: { id: string; fish: { id: string; dispatched: unknown }[] }[];
    }
  ).trips;
  for (const t of trips.slice(1))
    for (const f of t.fish) {
      const line = (await (await fetch(`${server.url}/api/fish/${f.id}`)).json()) as {
        cuts: { id: string }[];
        packs: { id: string }[];
        meals: { id: string }[];
      };
      if (line.meals[0] && line.cuts[0] && line.packs[0])
        return [
          ['deck', '/deck'],
          ['plan', '/plan'],
          ['box', '/box'],
          ['board', '/board'],
          ['cut', `/board/${line.cuts[0].id}`],
          ['larder', '/larder'],
          ['pack', `/larder/${line.packs[0].id}`],
          ['table', '/table'],
          ['new meal', '/table/new'],
          ['meal', `/table/${line.meals[0].id}`],
          ['book', '/book'],
          ['fish', `/fish/${f.id}`],
          ['weight', '/book/weight/pollack'],
          ['map', '/plan/map'],
          ['rules', '/plan/rules'],
          ['catalogue', '/catalogue'],
          ['kind', '/catalogue/greater-weever'],
          ['pair', '/catalogue/compare?of=turbot,brill'],
          ['three', '/catalogue/compare?of=plaice,flounder,dab'],
          ['packs', '/catalogue/packs'],
          ['trip', `/trip/${t.id}`],
          ['crew', '/crew'],
          ['hurt', '/hurt?by=stonefish'],
          ['all', '/all'],
          ['unsent', '/unsent'],
          ['missing', '/nowhere'],
        ];
    }
  throw new Error('the demo has no fish that was eaten');
}

async function axe(page: Page): Promise<string[]> {
  const { violations } = await new AxeBuilder({ page })
    .withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'])
    .analyze();
  return violations.flatMap((v) =>
    v.nodes.map((n) => `${v.id}: ${n.target.join(' ')} ${n.failureSummary?.split('\n')[1] ?? ''}`),
  );
}

for (const [name, theme, viewport] of [
  ['by day', 'dagboek', { width: 1280, height: 800 }],
  ['by night', 'dagboek-night', { width: 1280, height: 800 }],
  ['on a phone', 'dagboek', { width: 390, height: 844 }],
] as const)
  test(`axe finds nothing on any view ${name}`, async ({ page, demo }) => {
    test.setTimeout(300_000);
    await page.setViewportSize(viewport);
    await page.addInitScript((t) => localStorage.setItem('dagboek.theme', t), theme);
    const found: string[] = [];
    for (const [view, path] of await views(page, demo)) {
      await page.goto(demo.url + path);
      await expect(page.locator('main')).toBeVisible();
      await page.waitForLoadState('networkidle');
      found.push(...(await axe(page)).map((f) => `${view}: ${f}`));
    }
    // The fish in hand with hazards and a verdict, and a dialog over it.
    await page.goto(`${demo.url}/deck`);
    await page.getByRole('button', { name: /^Greater weever/ }).click();
    found.push(...(await axe(page)).map((f) => `measure: ${f}`));
    await page.getByLabel(/^Length/).fill('24.9');
    await page.getByRole('button', { name: /^Measured/ }).click();
    found.push(...(await axe(page)).map((f) => `verdict: ${f}`));
    await page.getByRole('button', { name: /^Strike a line/ }).click();
    found.push(...(await axe(page)).map((f) => `dialog: ${f}`));
    expect(found).toEqual([]);
  });

test('axe finds nothing on the welcome', async ({ page, own }) => {
  await page.goto(own.url);
  await expect(page.getByRole('heading', { name: 'An empty book' })).toBeVisible();
  expect(await axe(page)).toEqual([]);
});

test('text at 200 % keeps the next action in reach', async ({ page, demo }) => {
  await page.setViewportSize({ width: 640, height: 800 });
  await page.goto(`${demo.url}/deck`);
  await page.getByRole('button', { name: /^Greater weever/ }).click();
  await page.getByLabel(/^Length/).fill('36.4');
  await page.getByRole('button', { name: /^Measured/ }).click();
  await page.addStyleTag({ content: 'html{font-size:200%} body{font-size:30px}' });
  await page.getByRole('button', { name: /^Dispatched/ }).click();
  await expect(page.getByRole('button', { name: /^Bled/ })).toBeVisible();
});

test('Alt and a number opens each station', async ({ page, demo }) => {
  await page.goto(`${demo.url}/deck`);
  await expect(page.getByRole('heading', { name: /What is it/ })).toBeVisible();
  for (const [key, path] of [
    ['1', '/plan'],
    ['3', '/box'],
    ['4', '/board'],
    ['5', '/larder'],
    ['6', '/table'],
    ['7', '/book'],
    ['2', '/deck'],
  ] as const) {
    await page.keyboard.press(`Alt+${key}`);
    await expect(page).toHaveURL(demo.url + path);
  }
});

test('the first useful page ships under 350 kB of compressed script, charts not among it', async ({ page, demo }) => {
  let bytes = 0;
  const names: string[] = [];
  page.on('response', async (r) => {
    if (!r.url().endsWith('.js') || r.url().endsWith('sw.js')) return;
    names.push(r.url());
    const size = (await r.request().sizes()).responseBodySize;
    bytes += size;
  });
  await page.goto(`${demo.url}/deck`);
  await expect(page.getByRole('heading', { name: /What is it/ })).toBeVisible();
  await page.waitForTimeout(500);
  expect(bytes).toBeGreaterThan(50_000);
  expect(bytes).toBeLessThan(350_000);
  expect(names.filter((n) => /apex/i.test(n))).toEqual([]);
});

test('an address that is opened anew begins at its top, wherever the page before it stood', async ({ page, demo }) => {
  await page.setViewportSize({ width: 390, height: 640 });
  await page.goto(`${demo.url}/board`);
  await expect(page.getByRole('heading', { name: 'Onto the board' })).toBeVisible();
  await page.evaluate(() => window.scrollTo(0, 500));
  await expect.poll(() => page.evaluate(() => window.scrollY)).toBeGreaterThan(300);
  await page.goto(`${demo.url}/larder`);
  await expect(page.getByRole('region', { name: 'Freezer' })).toBeVisible();
  expect(await page.evaluate(() => window.scrollY)).toBe(0);
});
