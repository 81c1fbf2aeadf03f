import type { Page } from '@playwright/test';
import { entriesOf, expect, test } from './fixtures.ts';

const button = (page: Page, name: string | RegExp) => page.getByRole('button', { name });

test('first aid: when to call first, the card of the fish that did it, and what is its own', async ({ page, demo }) => {
  await page.goto(`${demo.url}/plan`);
  await page.getByRole('link', { name: 'Someone is hurt first aid' }).click();
  await expect(page.getByRole('region', { name: 'When to call' })).toContainText('Bleeding that does not stop');
  await button(page, 'Sting of a spine').click();
  await expect(page.getByText('Test the water first with the uninjured hand')).toBeVisible();
  await page.getByLabel(/^Which fish/).selectOption({ label: 'Reef stonefish' });
  await expect(page.getByText('There is an antivenom')).toBeVisible();
  // A fish alone opens its own card: the ray's barb is no spine.
  await page.goto(`${demo.url}/hurt?by=common-stingray`);
  await expect(page.getByRole('heading', { name: 'A ray’s barb' })).toBeVisible();
  await expect(page.getByText('Do not pull a deep barb out.')).toBeVisible();
});

test('cards and clock before there is a book, and with a number of one’s own to call', async ({ page, own }) => {
  await page.goto(`${own.url}/hurt`);
  await button(page, 'Burn or scald').click();
  await expect(page.getByText('Cool, running tap water on the burn for 20 minutes')).toBeVisible();
  await page.getByText(/^At sea: VHF 16/).click();
  await expect(page.getByText(/Mayday, Mayday, Mayday/)).toBeVisible();
  await button(page, 'Set the emergency number').click();
  await page.getByRole('textbox', { name: 'Emergency number' }).fill('999');
  await button(page, 'Done').click();
  await page.reload();
  await expect(page.getByRole('link', { name: 'Call 999' })).toHaveAttribute('href', 'tel:999');
  await button(page, /^Keep the time/).click();
  await button(page, 'Worse').click();
  await expect(page.getByRole('listitem').filter({ hasText: 'Worse.' })).toBeVisible();
  // Worse shows the call again, where the thumb is, also after a reload; better puts it away.
  const worse = page.getByRole('alert').filter({ hasText: 'Worse: call for help now' });
  await expect(worse.getByRole('link', { name: 'Call 999' })).toBeInViewport();
  await page.reload();
  await expect(page.getByRole('listitem').filter({ hasText: 'Worse.' })).toBeVisible();
  await expect(worse).toBeVisible();
  await button(page, 'Less pain').click();
  await expect(worse).toHaveCount(0);
});

test('whom else to call, each set on this device; where we are in words, and on the sheet only when that is ticked', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/hurt?card=blackout`);
  await expect(page.getByText('Mask off. Blow on the face')).toBeVisible();
  await page.getByText(/^At sea: VHF 16/).click();
  await expect(page.locator('.call-others')).toContainText(/Read aloud: .*North Skerries/);
  for (const [name, number] of [
    ['Poison centre', '0800 111'],
    ['Divers’ line', '0800 222'],
  ] as const) {
    await button(page, `Set the ${name.toLowerCase()}`).click();
    await page.getByRole('textbox', { name }).fill(number);
    await button(page, 'Done').click();
    await expect(page.getByRole('link', { name: number })).toBeVisible();
  }
  await button(page, /^Keep the time/).click();
  await page.getByRole('link', { name: /^Sheet/ }).click();
  const sheet = page.getByRole('main', { name: 'For the doctor' });
  await expect(sheet).toContainText('poison centre 0800 111, divers’ line 0800 222');
  await expect(sheet).not.toContainText('North Skerries');
  await page.getByRole('checkbox', { name: 'Include the position' }).check();
  await expect(sheet).toContainText('North Skerries');
});

test('one key leads there from every page; without a network and a book the cards stand alone', async ({
  page,
  demo,
}) => {
  for (const path of ['/deck', '/box', '/table', '/book', '/catalogue']) {
    await page.goto(demo.url + path);
    await page.getByRole('link', { name: 'Hurt?' }).click();
    await expect(page.getByRole('heading', { name: 'What happened?' })).toBeVisible();
  }
  await page.goto(`${demo.url}/larder`);
  await expect(page.getByRole('region', { name: 'Chest in the shed' })).toBeVisible();
  await page.keyboard.press('Alt+0');
  await expect(page).toHaveURL(`${demo.url}/hurt`);
});

test('a first visit that finds no server still has the cards', async ({ page, own }) => {
  await page.route('**/api/journal?*', (route) => route.abort());
  await page.route('**/api/health', (route) => route.abort());
  await page.goto(`${own.url}/deck`);
  const cards = page.getByRole('region', { name: 'Someone is hurt' });
  await expect(cards.getByRole('link', { name: 'Call 112' })).toBeVisible();
  await cards.getByText('Burn or scald').click();
  await expect(cards.getByText('Cool, running tap water on the burn for 20 minutes')).toBeVisible();
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 360, height: 640 }, hasTouch: true, isMobile: true });

  test('a sting: from the strip to hot water, topped up, signs with their times, one sheet for a doctor', async ({
    page,
    demo,
  }) => {
    await page.goto(`${demo.url}/deck`);
    await button(page, /^Greater weever/).tap();
    await page.getByRole('link', { name: 'If someone is hurt' }).tap();
    await expect(page.getByLabel(/^Which fish/)).toHaveValue('greater-weever');
    await page.getByRole('radio', { name: 'Tomas' }).check({ force: true });
    await expect(button(page, /^Keep the time/)).toBeInViewport({ ratio: 1 });
    await button(page, /^Keep the time/).tap();
    await expect(page.getByText('Do not cut, suck, rub or use a tourniquet on it.')).toBeAttached();
    await button(page, /^Into hot water/).tap();
    await expect(page.getByRole('timer')).toContainText(/^00:0/);
    await expect(page.getByText('Top up in 10 min.')).toBeAttached();
    // No made-up reading stands beside a limb: the stand-in reads in a drill alone, and a banner says so.
    await expect(page.getByText(/simulated/)).toHaveCount(1);
    await page.getByRole('checkbox', { name: /^This is a drill/ }).check();
    await expect(page.getByRole('note').getByText('This is a drill: nobody is hurt.')).toBeAttached();
    await expect(page.getByText('simulated thermometer', { exact: true })).toBeAttached();
    await page.getByRole('checkbox', { name: /^This is a drill/ }).uncheck();
    await expect(button(page, /^Topped up/)).toBeInViewport({ ratio: 1 });
    await button(page, 'Less pain').tap();
    await button(page, 'Note').tap();
    await page.getByRole('textbox', { name: 'What was seen or done' }).fill('Swollen to the wrist.');
    await button(page, 'Noted').tap();
    await expect(page.getByRole('dialog')).toHaveCount(0);
    // It goes on after a reload, and is found again from the cards.
    await page.goto(`${demo.url}/hurt`);
    await page.getByRole('link', { name: /The timer is running/ }).tap();
    await expect(page.getByRole('timer')).toBeVisible();
    await button(page, /^It has ended/).tap();
    await expect(page.getByText('Over, 14:2')).toBeVisible();
    await page.getByRole('link', { name: /^Sheet/ }).tap();
    const sheet = page.getByRole('main', { name: 'For the doctor' });
    for (const said of [
      'Greater weever (Trachinus draco)',
      'Tomas',
      'In hot water.',
      'Swollen to the wrist.',
      'better',
    ])
      await expect(sheet).toContainText(said);
    await expect(sheet).not.toContainText('North Skerries');
    await expect
      .poll(async () => (await entriesOf(demo)).slice(-6).map((e) => e.kind))
      .toEqual([
        'fish.named',
        'incident.begun',
        'incident.soaked',
        'incident.noted',
        'incident.noted',
        'incident.ended',
      ]);
    await page.goto(`${demo.url}/book`);
    await expect(page.getByText(/Sting of a spine, Greater weever: Tomas\./)).toBeVisible();
  });
});
