import { cpSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { type BrowserContext, expect, type Locator, type Page, test as base } from '@playwright/test';
import { DEMO_TEMPLATE, endHost, type Server, startServer } from './server.ts';

/** The clock of a server runs on from the moment of the tests: a minute later the hours on a page would be others. */
const FRESH_MS = 40_000;

/** Servers of one kind, one after another: a test gets the last one again while nothing was written to it, else a new one. */
class Servers {
  private server: (Server & { readonly data: string; readonly startedMs: number; readonly entries: number }) | null =
    null;
  private stopped = false;

  constructor(
    private readonly demo: boolean,
    private readonly prepare: (data: string) => void,
  ) {}

  async take(): Promise<Server> {
    if (this.server && (await this.isUntouched())) return this.server;
    await this.end();
    const data = mkdtempSync(join(tmpdir(), 'dagboek-e2e-'));
    this.prepare(data);
    const server = await startServer({ data, demo: this.demo });
    this.stopped = false;
    const stop = async (): Promise<void> => {
      this.stopped = true;
      await server.stop();
    };
    this.server = { ...server, stop, data, startedMs: Date.now(), entries: await entriesIn(server.url) };
    return this.server;
  }

  async end(): Promise<void> {
    if (!this.server) return;
    if (!this.stopped) await this.server.stop();
    rmSync(this.server.data, { recursive: true, force: true });
    this.server = null;
  }

  private async isUntouched(): Promise<boolean> {
    const s = this.server;
    if (!s || this.stopped || Date.now() - s.startedMs > FRESH_MS) return false;
    return (await entriesIn(s.url).catch(() => -1)) === s.entries;
  }
}

const entriesIn = async (url: string): Promise<number> =>
  ((await (await fetch(`${url}/api/health`)).json()) as { entries: number }).entries;

/** So late come species and rules in every test, ms: what a page shows before they are here is seen by the tests too. */
const LATE_MS = 400;
/** Holds back what a page cannot do without. */
const holdBack = (context: BrowserContext): Promise<unknown> =>
  context.route(/\/api\/(catalogue|rulebook)$/, async (route) => {
    await new Promise((r) => setTimeout(r, LATE_MS));
    await route.continue().catch(() => undefined);
  });

/** A server for each test: `demo` with the season of the Skerrow Isles, `own` with an empty book. */
export const test = base.extend<
  { demo: Server; own: Server; noFaults: void },
  { demoServers: Servers; ownServers: Servers; host: void }
>({
  // Every context of the suite, also those that a test opens by itself.
  browser: [
    async ({ browser }, use) => {
      const open = browser.newContext.bind(browser);
      browser.newContext = async (options) => {
        const context = await open(options);
        await holdBack(context);
        return context;
      };
      await use(browser);
    },
    { scope: 'worker' },
  ],
  host: [
    async ({}, use) => {
      await use();
      endHost();
    },
    { scope: 'worker', auto: true },
  ],
  demoServers: [
    async ({ host: _ }, use) => {
      const servers = new Servers(true, (data) => cpSync(`${DEMO_TEMPLATE}-whole`, data, { recursive: true }));
      await use(servers);
      await servers.end();
    },
    { scope: 'worker' },
  ],
  ownServers: [
    async ({ host: _ }, use) => {
      const servers = new Servers(false, () => undefined);
      await use(servers);
      await servers.end();
    },
    { scope: 'worker' },
  ],
  demo: async ({ demoServers }, use) => use(await demoServers.take()),
  own: async ({ ownServers }, use) => use(await ownServers.take()),
  // No page may throw, whatever a test looks at.
  noFaults: [
    async ({ page }, use) => {
      const faults: string[] = [];
      page.on('pageerror', (e) => faults.push(e.message));
      await use();
      expect(faults).toEqual([]);
    },
    { auto: true },
  ],
});

export { expect };
export type { Locator, Page, Server };

/** How a person works the page: with a mouse, with the keyboard alone, or with a thumb. */
export interface Hand {
  press(target: Locator): Promise<void>;
  type(target: Locator, text: string): Promise<void>;
  choose(target: Locator): Promise<void>;
}

/** Walks with Tab (or back) until the target has the focus: what cannot be reached so cannot be worked by keyboard. */
async function tabTo(page: Page, target: Locator): Promise<void> {
  await target.waitFor({ state: 'attached' });
  const there = (): Promise<boolean> => target.evaluate((el) => el === document.activeElement);
  for (let i = 0; i < 240; i++) {
    if (await there()) return;
    await page.keyboard.press('Tab');
  }
  throw new Error(`Tab does not reach ${String(target)}`);
}

export const keyboard = (page: Page): Hand => ({
  press: async (t) => {
    await tabTo(page, t);
    await page.keyboard.press('Enter');
  },
  type: async (t, text) => {
    await tabTo(page, t);
    await page.keyboard.press('Control+A');
    await page.keyboard.type(text);
  },
  // Radio groups are one stop of Tab and are walked with the arrows; a box is ticked with Space.
  choose: async (t) => {
    await t.waitFor({ state: 'attached' });
    if (await t.evaluate((el) => (el as HTMLInputElement).checked)) return;
    const radio = (await t.getAttribute('type')) === 'radio';
    if (!radio) {
      await tabTo(page, t);
      await page.keyboard.press('Space');
      return;
    }
    const name = await t.getAttribute('name');
    const group = page.locator(`input[type=radio][name="${name}"]`);
    const inGroup = (): Promise<boolean> =>
      page.evaluate((n) => (document.activeElement as HTMLInputElement | null)?.name === n, name);
    await group.first().waitFor({ state: 'attached' });
    for (let i = 0; i < 240 && !(await inGroup()); i++) await page.keyboard.press('Tab');
    for (let i = 0; i < 30; i++) {
      if (await t.evaluate((el) => (el as HTMLInputElement).checked)) return;
      if (i === 0) await page.keyboard.press('Space');
      else await page.keyboard.press('ArrowDown');
    }
    throw new Error('the arrows do not reach it');
  },
});

export const thumb: Hand = {
  press: (t) => t.tap(),
  type: async (t, text) => {
    await t.tap();
    await t.fill(text);
  },
  choose: async (t) => {
    if (!(await t.isChecked())) await t.tap();
  },
};

export const mouse: Hand = {
  press: (t) => t.click(),
  type: (t, text) => t.fill(text),
  // What has just appeared takes no taps yet.
  choose: async (t) => {
    await expect(t.page().locator('.settling')).toHaveCount(0);
    await t.check({ force: true });
  },
};

/** An entry as the tests look at it. */
export interface Written {
  readonly id: string;
  readonly kind: string;
  readonly subject: string;
  readonly member: string;
  readonly facts: Record<string, unknown>;
}

/** What the server holds, in order of arrival. What was just written may still be on its way: poll. */
export async function entriesOf(server: Server): Promise<Written[]> {
  return (
    (await (await fetch(`${server.url}/api/journal?limit=5000`)).json()) as {
      entries: Written[];
    }
  ).entries;
}

/** Lands a fish without a name, and waits until it is in hand: the likely kinds stand on the page before, too. */
export async function fishAboard(page: Page): Promise<void> {
  await page.getByRole('button', { name: /^New fish/ }).click();
  await expect(page.getByRole('heading', { name: /What is it/ })).toBeVisible();
}

/** Ends the trip from its plan; its page says what it brought, and the plan of the next is opened. */
export async function endTripAndPlan(page: Page, server: Server): Promise<void> {
  await page.getByRole('button', { name: /^End the trip/ }).click();
  await page.getByRole('button', { name: /^End trip now/ }).click();
  await expect(page).toHaveURL(/\/trip\//);
  await page.goto(`${server.url}/plan`);
}

/** Names the fish in hand and measures it on the board, as the deck stands open. */
export async function nameAndMeasure(page: Page, kind: RegExp, cm: string): Promise<void> {
  await page.getByRole('button', { name: kind }).first().click();
  await page.getByLabel(/^Length/).fill(cm);
  await page.getByRole('button', { name: /^Measured/ }).click();
}

/** More fish on ice in the blue box of the demo book, each `everyMs` after the last from 8 in the morning, as another device would send them. */
export async function onIce(
  demo: Server,
  fish: readonly { readonly species: string; readonly massG: number }[],
  everyMs = 60_000,
): Promise<void> {
  const all = await entriesOf(demo);
  const trip = all.filter((e) => e.kind === 'trip.started').at(-1)!;
  const box = all.find((e) => e.kind === 'box.added')!.subject;
  const uuid = (i: number): string => `01910000-0000-7000-8000-${i.toString(16).padStart(12, '0')}`;
  let made = 1;
  const entries = fish.flatMap(({ species, massG }, i) => {
    const at = new Date(Date.parse('2026-09-12T08:00:00+01:00') + i * everyMs).toISOString().replace('.000Z', 'Z');
    const line = (kind: string, facts: object) => ({
      id: uuid(++made),
      kind,
      subject: uuid(50_000 + i),
      at,
      written: at,
      member: trip.member,
      device: 'tests',
      facts,
    });
    return [
      line('fish.landed', { trip: trip.subject, angler: trip.member, count: 1, species, number: 100 + i }),
      line('fish.weighed', { massG, how: 'scale' }),
      line('fish.dispatched', { how: 'brain spike' }),
      line('fish.iced', { box, how: 'layered ice' }),
    ];
  });
  const res = await fetch(`${demo.url}/api/journal`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ entries }),
  });
  expect(res.ok).toBe(true);
}
