import { expect, type Hand, type Page, type Server } from './fixtures.ts';

/** From an empty book to a plate: the ten steps, worked with one kind of hand. */
export async function fromWaterToPlate(page: Page, server: Server, hand: Hand): Promise<void> {
  const button = (name: string | RegExp) => page.getByRole('button', { name });
  const radio = (name: string | RegExp) => page.getByRole('radio', { name });
  // On a phone what is seldom changed lies behind a key.
  const phone = (page.viewportSize()?.width ?? 1280) < 760;
  const behind = async (key: string): Promise<void> => {
    if (phone) await hand.press(button(key));
  };

  // The welcome asks its three questions.
  await page.goto(server.url);
  await expect(page.getByRole('heading', { name: 'A new book' })).toBeVisible();
  await hand.type(page.getByLabel('Name 1', { exact: true }), 'Marit');
  await hand.type(page.getByLabel('Name 2', { exact: true }), 'Jonas');
  await hand.type(page.getByLabel(/Boat’s name/), 'Petrel');
  await hand.choose(radio(/Skerrow Isles/));
  await hand.press(button(/Open my book/));

  // 1. A trip.
  await expect(page.getByRole('heading', { name: 'Where?' })).toBeVisible();
  await hand.choose(radio(/North Skerries/));
  await hand.type(page.getByLabel('Ice', { exact: true }), '9');
  await hand.press(button(/Cast off/));

  // 2. A fish in hand, named from the list; its hazards stand before anything else.
  await behind('Angler, gear, time');
  await hand.choose(radio('Marit'));
  await hand.press(button(/^New fish/).last());
  await expect(page.getByRole('heading', { name: /What is it/ })).toBeVisible();
  await hand.press(button(/^Greater weever/));
  await expect(page.getByRole('note', { name: 'Hazards' })).toContainText('Venomous');

  // 3. Length, and a weight estimated from it.
  await hand.type(page.getByLabel(/^Length/), '36.4');
  await expect(page.getByText(/Not weighed: estimated at about/)).toBeVisible();
  await hand.press(button(/^Measured/));

  // 4. The verdict.
  const verdict = page.getByRole('region', { name: 'Verdict' });
  await expect(verdict.getByRole('img', { name: 'Keep' })).toBeVisible();
  await expect(verdict).toContainText('36.4 is 11.4 over 25');
  await expect(verdict).toContainText('the 1st of 6; 5 left');
  await expect(verdict).toContainText('Made-up rules, not law');

  // 5. Kept: dispatched, bled with a clock that a reload does not stop, onto ice.
  await hand.press(button('How, when'));
  await hand.choose(radio('4 min ago'));
  await hand.press(button(/^Killed/).last());
  await expect(page.getByRole('alert').last()).toContainText('before the fish was landed');
  await hand.choose(radio('now'));
  await hand.press(button(/^Killed/).last());
  await hand.press(button(/^Bled/));
  await expect(page.getByRole('timer')).toBeVisible();
  await page.reload();
  await expect(page.getByRole('timer')).toBeVisible();
  await hand.press(button(/^Next fish/));
  await hand.press(button(/1 Greater weever, bleeding/));
  // Before its time it is asked about once.
  await hand.press(button(/^Onto ice/));
  await hand.press(button(/^Onto ice now/));
  await expect(page.getByRole('heading', { name: /No fish at the moment/ })).toBeVisible();

  // 5b. Another goes back.
  await hand.press(button(/^Pollack/));
  await hand.type(page.getByLabel(/^Length/), '31');
  await hand.press(button(/^Measured/));
  await expect(verdict.getByRole('img', { name: 'Let go' })).toBeVisible();
  await hand.press(button(/^Back in the water/));
  await expect(page.getByRole('heading', { name: /No fish at the moment/ })).toBeVisible();
  await hand.choose(radio('slow'));

  // 6. The board: chosen, cut, weighed stage by stage; what cannot be is refused.
  await page.goto(`${server.url}/board`);
  await hand.choose(page.getByRole('checkbox').first());
  await hand.press(button(/Onto the board/));
  await hand.type(page.getByLabel('Whole', { exact: true }), '330');
  await hand.press(button(/^Whole weighed/));
  // A weever is cut to its tail: head, first fin and guts come off in one.
  await hand.type(page.getByLabel('Tail', { exact: true }), '400');
  await hand.press(button(/^Tail weighed/));
  await expect(page.getByRole('alert')).toContainText('Tail 400 g cannot weigh more than whole 330 g');
  await hand.type(page.getByLabel('Tail', { exact: true }), '126');
  await hand.press(button(/^Tail weighed/));
  await expect(page.getByText('38 %').first()).toBeVisible();
  await hand.type(page.getByLabel('Weight'), '120');
  await hand.press(button('Add the part'));
  await hand.press(button(/^Packed/));
  await expect(page.getByText('Everything is packed.')).toBeVisible();

  // 7. The larder: what, how much, by when.
  await page.goto(`${server.url}/larder`);
  const pack = page.getByRole('link', { name: /Greater weever/ }).first();
  await expect(pack).toContainText('126');
  await hand.press(pack);
  await expect(page.getByText(/Eat by/)).toBeVisible();

  // 8. The table: a meal, marks, and what is left over.
  await hand.press(button(/^Cook it/));
  await hand.type(page.getByLabel('Name of the dish'), 'Weever in oatmeal');
  await hand.choose(radio('eaten already'));
  await hand.choose(page.getByRole('radio', { name: 'moist', exact: true }));
  await hand.press(button(/^Served/));
  await expect(page.getByRole('heading', { name: 'Weever in oatmeal' }).first()).toBeVisible();
  const marks = page.getByRole('group', { name: 'Marit’s mark' });
  await marks.getByRole('radio', { name: '4' }).click({ force: true });
  await expect(page.getByText('Marit gave it 4 of 5.')).toBeVisible();
  await marks.getByRole('checkbox', { name: 'and a half' }).click({ force: true });
  await expect(page.getByText('Marit gave it 4.5 of 5.')).toBeVisible();
  await hand.type(page.getByLabel('Cooked, left over'), '40');
  await hand.press(button(/^Back to the larder/));
  await expect(page.getByRole('link', { name: /left over, 40 g/ })).toBeVisible();

  // 9. The fish's own page, from the water to the plate.
  await hand.press(page.getByRole('link', { name: /Greater weever/ }).first());
  await expect(page.getByText('from the water to the plate')).toBeVisible();
  for (const said of [
    'Landed',
    'Length 36.4 cm',
    'Killed',
    'Bled',
    'Onto ice',
    'Trimmed: 126 g',
    'Pack 1',
    'Weever in oatmeal',
  ])
    await expect(page.getByRole('region', { name: 'Log' })).toContainText(said);

  // 10. The book, narrowed to one species, opens the fish's page.
  await page.goto(`${server.url}/book`);
  await expect(page.getByRole('heading', { name: /Trip 1: North Skerries, from Petrel/ })).toBeVisible();
  await page.goto(`${server.url}/book?species=greater-weever`);
  await expect(page.getByRole('link', { name: /Pollack/ })).toHaveCount(0);
  await hand.press(page.getByRole('region', { name: 'Trip 1' }).getByRole('link', { name: /Greater weever/ }));
  await expect(page).toHaveURL(/\/fish\//);
}
