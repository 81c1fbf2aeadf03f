/** @jest-environment ./scripts/lib/jsdom-environment.mjs */
import { afterEach, expect, test } from '@jest/globals';
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import { InCitrus } from './without-fire.tsx';

afterEach(cleanup);
// What is drawn has a width of its own here: nothing is laid out.
class Still {
  observe(): void {}
  unobserve(): void {}
  disconnect(): void {}
}
globalThis.ResizeObserver ??= Still as typeof ResizeObserver;

const after = (minutes: number): void =>
  void fireEvent.change(screen.getByRole('slider'), { target: { value: String(minutes) } });
const text = (): string => document.body.textContent ?? '';

test('citrus by the size of the dice: clear, through, tough; never without the worms', async () => {
  render(<InCitrus thicknessMm={30} />);
  // A thick fillet is diced as usual: 15 mm.
  expect(text()).toMatch(/Dice of 15 mm are white through after about 2 h 40 min/);
  expect(text()).toMatch(/They turn tough after about 8 h 10 min/);
  await userEvent.type(screen.getByLabelText('Size of the dice'), '8');
  expect(text()).toMatch(/Dice of 8 mm are white through after about 50 min/);
  after(60);
  expect(text()).toMatch(/White through\..*They turn tough after about 2 h 20 min\./);
  after(180);
  expect(text()).toMatch(/By now they turn chalky and tough\./);
  expect(text()).toMatch(/Citrus kills no worms\./);
  // What is no number leaves the usual dice.
  await userEvent.clear(screen.getByLabelText('Size of the dice'));
  await userEvent.type(screen.getByLabelText('Size of the dice'), 'x');
  expect(text()).toMatch(/They turn tough after about 8 h 10 min/);
});

test('a thin fillet makes no larger dice than it is thick', () => {
  render(<InCitrus thicknessMm={9} />);
  expect(text()).toMatch(/Dice of 9 mm/);
});
