import AxeBuilder from '@axe-core/playwright';
import { entriesOf, expect, test, type Page, type Server } from './fixtures.ts';

/** A page of each view, with the states that have their own pieces. */
async function views(page: Page, server: Server): Promise<[string, string][]> {
  const trips = (
    (await (await fetch(`${server.url}/api/trips?limit=8`)).json()) as {
      trips: { id: string; fish: { id: string; dispatched: unknown }[] }[];
    }
  ).trips;
  const entries = await entriesOf(server);
  const hurt = entries.find((e) => e.kind === 'incident.begun');
  const dinner = entries.find((e) => e.kind === 'dinner.set');
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
          ['yields', '/board/yields'],
          ['steps', `/board/${line.cuts[0].id}/steps`],
          ['larder', '/larder'],
          ['store', '/larder/store/freezer'],
          ['count', '/larder/store/freezer/count'],
          ['season', '/larder/season'],
          ['meals ahead', '/larder/plan'],
          ['labels', '/larder/labels'],
          ['pack', `/larder/${line.packs[0].id}`],
          ['table', '/table'],
          ['new meal', '/table/new'],
          ['recipes', '/table/recipes'],
          ['recipe', '/table/recipes/batter-beer'],
          ['recipe written', '/table/recipes/new'],
          ['kitchen', '/table/kitchen'],
          ['dinner', `/table/dinner/${dinner?.subject}`],
          ['meal for a doctor', `/table/${line.meals[0].id}/record`],
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
          ['phones', '/phones'],
          ['trip', `/trip/${t.id}`],
          ['crew', '/crew'],
          ['hurt', '/hurt?by=stonefish'],
          ['incident', `/hurt/${hurt?.subject}`],
          ['sheet for a doctor', `/hurt/${hurt?.subject}/sheet`],
          ['all', '/all'],
          ['unsent', '/unsent'],
          ['missing', '/nowhere'],
        ];
    }
  throw new Error('the demo has no fish that was eaten');
}

/** What axe finds on the page as it stands; `contrast`: its colours alone. */
async function axe(page: Page, contrast = false): Promise<string[]> {
  const builder = new AxeBuilder({ page });
  if (contrast) builder.withRules('color-contrast');
  else builder.withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice']);
  const { violations } = await builder.analyze();
  const found: string[] = [];
  for (const v of violations)
    for (const n of v.nodes) {
      const why = n.failureSummary?.split('\n')[1] ?? '';
      if (why.includes('partially obscured') && (await scrollsClear(page, n.target.join(' ')))) continue;
      found.push(`${v.id}: ${n.target.join(' ')} ${why}`);
    }
  return found;
}

/** Whether a target that the foot of the page lies over can be scrolled from beneath it. */
const scrollsClear = (page: Page, target: string): Promise<boolean> =>
  page
    .locator(target)
    .first()
    .evaluate((e) => {
      const before = scrollY;
      e.scrollIntoView({ block: 'center' });
      const { left, top, width, height } = e.getBoundingClientRect();
      const on = [0.1, 0.5, 0.9].map((y) => document.elementFromPoint(left + width / 2, top + height * y));
      scrollTo(0, before);
      return on.every((x) => x !== null && e.contains(x));
    });

// In halves, so that each has its time on a slow machine.
for (const [name, viewport, nights, half] of [
  ['of the first half by day, nor by night', { width: 1280, height: 800 }, true, 0],
  ['of the other half by day, nor by night', { width: 1280, height: 800 }, true, 1],
  ['of the first half on a phone', { width: 390, height: 844 }, false, 0],
  ['of the other half on a phone', { width: 390, height: 844 }, false, 1],
] as const)
  test(`axe finds nothing on any view ${name}`, async ({ page, demo }) => {
    test.setTimeout(300_000);
    await page.setViewportSize(viewport);
    const found: string[] = [];
    const look = async (view: string): Promise<void> => {
      found.push(...(await axe(page)).map((f) => `${view}: ${f}`));
      if (!nights) return;
      // Night changes the colours and nothing else.
      const theme = (to: string) => page.evaluate((t) => void (document.documentElement.dataset['theme'] = t), to);
      await theme('dagboek-night');
      found.push(...(await axe(page, true)).map((f) => `${view} by night: ${f}`));
      await theme('dagboek');
    };
    const mine = (await views(page, demo)).filter((_, i) => i % 2 === half);
    expect(mine.length).toBeGreaterThan(15);
    for (const [view, path] of mine) {
      await page.goto(demo.url + path);
      // What stands while the page itself is fetched is not the page.
      await expect(page.locator('main:not(.notice)')).toBeVisible();
      await page.waitForLoadState('networkidle');
      await look(view);
    }
    if (half === 1) return expect(found).toEqual([]);
    // The fish in hand with hazards and a verdict, and a dialog over it.
    await page.goto(`${demo.url}/deck`);
    await page.getByRole('button', { name: /^Greater weever/ }).click();
    await expect(page.getByRole('button', { name: /^Measured/ })).toBeVisible();
    await look('measure');
    await page.getByLabel(/^Length/).fill('24.9');
    await page.getByRole('button', { name: /^Measured/ }).click();
    await expect(page.getByRole('region', { name: 'Verdict' })).toBeVisible();
    await look('verdict');
    await page.getByRole('button', { name: /^Cross out/ }).click();
    await expect(page.getByRole('dialog')).toBeVisible();
    await look('dialog');
    expect(found).toEqual([]);
  });

test('axe finds nothing on the welcome', async ({ page, own }) => {
  await page.goto(own.url);
  await expect(page.getByRole('heading', { name: 'A new book' })).toBeVisible();
  expect(await axe(page)).toEqual([]);
});

test('text at 200 % keeps the next action in reach', async ({ page, demo }) => {
  await page.setViewportSize({ width: 640, height: 800 });
  await page.goto(`${demo.url}/deck`);
  await page.getByRole('button', { name: /^Greater weever/ }).click();
  await page.getByLabel(/^Length/).fill('36.4');
  await page.getByRole('button', { name: /^Measured/ }).click();
  await page.addStyleTag({ content: 'html{font-size:200%} body{font-size:30px}' });
  await page.getByRole('button', { name: /^Killed/ }).click();
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
  // What is fetched a second or more after the page stands is not of the first page, however slow this machine is.
  await page.addInitScript(() => {
    const soon = window.setTimeout;
    window.setTimeout = ((f: TimerHandler, ms = 0, ...of: unknown[]) =>
      ms >= 1000 ? 0 : soon(f, ms, ...of)) as typeof window.setTimeout;
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
  await expect(page.getByRole('region', { name: 'Chest in the shed' })).toBeVisible();
  expect(await page.evaluate(() => window.scrollY)).toBe(0);
});
