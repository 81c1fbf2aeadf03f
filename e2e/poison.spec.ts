import { cpSync, mkdtempSync, readFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import Database from 'better-sqlite3';
import { expect, test } from './fixtures.ts';
import { DEMO_TEMPLATE, startServer } from './server.ts';

const id = (n: number): string => `01930000-0000-7000-8000-${n.toString(16).padStart(12, '0')}`;

/** The demo with lines in its file that no door of today lets in, as older ones did. */
function poisoned(): string {
  const data = mkdtempSync(join(tmpdir(), 'dagboek-e2e-poison-'));
  cpSync(`${DEMO_TEMPLATE}-whole`, data, { recursive: true });
  const db = new Database(join(data, 'dagboek.sqlite'));
  const subjectOf = (kind: string): string =>
    (db.prepare('SELECT subject FROM entry WHERE kind = ? ORDER BY seq DESC').get(kind) as { subject: string }).subject;
  const [fish, trip] = [subjectOf('fish.landed'), subjectOf('trip.started')];
  const { member } = JSON.parse(
    (db.prepare("SELECT body FROM entry WHERE kind = 'fish.landed'").get() as { body: string }).body,
  ) as { member: string };
  const base = {
    at: '2026-09-12T13:00:00+01:00',
    written: '2026-09-12T13:00:00+01:00',
    member,
    device: 'old',
    facts: {},
  };
  const rule = { id: 'r', kind: 'dailyBag', species: [], sentence: 'x' };
  const pack = {
    id: 'skerrow-isles',
    name: 'x',
    version: '9',
    rules: [null],
    zones: [null],
    timeZone: 'Nowhere/At all',
  };
  const known = JSON.parse(
    readFileSync(new URL('../packs/species/cold-coast/pollack.json', import.meta.url), 'utf8'),
  ) as object;
  const squid = {
    ...known,
    id: 'odd-fish',
    name: 'Odd fish',
    figure: { id: 'odd-fish', like: 'pollack', scale: { back: -1 } },
  };
  const odd: object[] = [
    { kind: 'fish.noted', subject: fish, facts: { text: 'noted on a day that never was' }, at: '2026-02-31T12:00:00Z' },
    { kind: 'fish.noted', subject: fish, facts: { text: 'at midnight' }, written: '2026-09-12T24:00:00Z' },
    { kind: 'trip.noted', subject: trip, facts: { text: 'too exact' }, at: '2026-09-12T12:00:00.1234567891Z' },
    { kind: 'fish.landed', subject: id(900), facts: { trip, angler: member, count: 1 }, at: '2026-09-12T25:00:00Z' },
    { kind: 'pack.moved', subject: fish, facts: { place: 'freezer' } },
    { kind: 'rule.set', subject: id(901), facts: { waters: 'skerrow-isles', rule } },
    {
      kind: 'rule.set',
      subject: id(902),
      facts: { waters: 'skerrow-isles', rule: { ...rule, inForce: 7, most: 'two' } },
    },
    { kind: 'rules.added', subject: id(903), facts: { pack, from: '2026-02-31' } },
    { kind: 'species.added', subject: id(904), facts: { pack: 'own', packName: 'Own', species: squid } },
    ...Array.from({ length: 3000 }, (_, i) => ({
      kind: 'log.struck',
      subject: fish,
      strikes: i === 0 ? id(0) : id(1000 + i - 1),
      id: id(1000 + i),
    })),
  ];
  const put = db.prepare('INSERT INTO entry (id, subject, kind, body) VALUES (?, ?, ?, ?)');
  odd.forEach((o, i) => {
    const e = { id: id(i), ...base, ...o } as unknown as { id: string; subject: string; kind: string };
    put.run(e.id, e.subject, e.kind, JSON.stringify(e));
  });
  db.close();
  return data;
}

test('lines that nobody can read take no page down: they are set apart, shown as they were written, and can be struck', async ({
  page,
}) => {
  // Sixteen pages, each opened anew.
  test.setTimeout(240_000);
  const server = await startServer({ data: poisoned(), demo: true });
  const pages = [
    '/plan',
    '/deck',
    '/box',
    '/board',
    '/larder',
    '/table',
    '/book',
    '/book/weight/pollack',
    '/plan/map',
    '/plan/rules',
    '/catalogue',
    '/catalogue/pollack',
    '/catalogue/packs',
    '/crew',
    '/hurt',
    '/unsent',
  ];
  for (const path of pages) {
    await page.goto(`${server.url}${path}`);
    await expect(page.getByRole('heading', { level: 2 }).first(), path).toBeVisible();
    await expect(page.getByText(/page stopped working|cannot be shown/), path).toHaveCount(0);
  }
  await page.goto(`${server.url}/all`);
  const apart = page.locator('.row', { has: page.getByRole('heading', { name: 'Entries that cannot be read' }) });
  await expect(apart).toContainText('9 entries are set apart');
  await expect(apart.getByRole('listitem')).toHaveCount(9);
  await expect(apart).toContainText('Its time, "2026-02-31T12:00:00Z", is not a time of the calendar.');
  await expect(apart).toContainText('It is written of a fish, and says something of a pack.');
  await expect(apart).toContainText('scale.back');
  const first = apart.getByRole('listitem').filter({ hasText: 'a day that never was' });
  await first.getByText('As it was first written').click();
  await expect(first.locator('pre')).toContainText('"2026-02-31T12:00:00Z"');
  await first.getByRole('button', { name: /^Correct/ }).click();
  await page
    .getByRole('dialog')
    .getByRole('button', { name: /^Cross it out/ })
    .click();
  await expect(apart).toContainText('8 entries are set apart');
  await page.reload();
  await expect(apart.getByRole('listitem')).toHaveCount(8);
  await server.stop();
});
