/** @jest-environment ./scripts/lib/jsdom-environment.mjs */
import { afterEach, expect, test } from '@jest/globals';
import { cleanup, render, screen } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import { ChooseUnits } from './choose-units.tsx';

afterEach(cleanup);

const line = (): string => screen.getByRole('status').textContent ?? '';

test('a line of the log shows what each choice does before it is taken', async () => {
  render(<ChooseUnits />);
  expect(line()).toBe('14:20: 43.5 cm, 1.31 kg; 8 kg of ice in the 52 l box, water 12.5°.');
  await userEvent.click(screen.getByRole('radio', { name: 'Fahrenheit' }));
  await userEvent.click(screen.getByRole('radio', { name: '12 hours, am and pm' }));
  expect(line()).toBe('2:20 pm: 43.5 cm, 1.31 kg; 8 kg of ice in the 52 l box, water 54.5°F.');
  expect(screen.getByRole('button', { name: /^Use these/ }).textContent).toBe('Use thesereloads the page');
  await userEvent.click(screen.getByRole('button', { name: /^All customary/ }));
  expect(line()).toBe('2:20 pm: 17.13 in, 2 lb 14.2 oz; 17.6 lb of ice in the 13.7 gal box, water 54.5°F.');
  await userEvent.click(screen.getByRole('button', { name: /^All metric/ }));
  expect(line()).toContain('14:20: 43.5 cm');
  expect(screen.getByRole('button', { name: /^Use these/ }).textContent).toBe('Use theseas it is now');
});
