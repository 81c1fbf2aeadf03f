/** @jest-environment ./scripts/lib/jsdom-environment.mjs */
import { afterEach, describe, expect, jest, test } from '@jest/globals';
import { cleanup, render, screen } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import type { AmountKind } from '@dagboek/core/units';
import { useState } from 'react';
import { Quantity } from './quantity.tsx';

afterEach(cleanup);

function Field({ amount, onEnter }: { amount?: AmountKind; onEnter?: () => void }) {
  const [value, setValue] = useState('');
  return (
    <Quantity
      label="Length"
      {...(amount ? { amount } : { unit: 'of 8' })}
      {...(onEnter ? { onEnter } : {})}
      value={value}
      onChange={setValue}
    />
  );
}
const field = () => screen.getByLabelText('Length') as HTMLInputElement;

describe('a field for a number', () => {
  test('says what a unit of its own comes to, and nothing for a plain number', async () => {
    render(<Field amount="length" />);
    await userEvent.type(field(), '17 1/4 in');
    expect(screen.getByText('= 43.8 cm')).toBeTruthy();
    await userEvent.clear(field());
    await userEvent.type(field(), '43,8');
    expect(screen.queryByText(/^=/)).toBeNull();
    expect(screen.queryByRole('alert')).toBeNull();
  });

  test('tells what cannot be read while it is typed, at the field, and leaves it as it was typed', async () => {
    render(<Field amount="length" />);
    await userEvent.type(field(), '4o');
    const alert = screen.getByRole('alert');
    expect(alert.textContent).toBe('“4o” cannot be read: length was not saved. Write it like 43.5.');
    expect(field().getAttribute('aria-invalid')).toBe('true');
    expect(field().getAttribute('aria-describedby')).toBe(alert.id);
    expect(field().value).toBe('4o');
  });

  test('of a plain count a unit is no number', async () => {
    render(<Field />);
    await userEvent.type(field(), '3 kg');
    expect(screen.getByRole('alert').textContent).toContain('“3 kg” is not a number');
  });

  test('grows with what is typed, and Enter does what the key does', async () => {
    const onEnter = jest.fn();
    render(<Field amount="mass" onEnter={onEnter} />);
    await userEvent.type(field(), '2 lb 14 oz{Enter}');
    expect(field().style.width).toBe('11ch');
    expect(onEnter).toHaveBeenCalledTimes(1);
  });
});
