/** @jest-environment ./scripts/lib/jsdom-environment.mjs */
import { afterEach, expect, jest, test } from '@jest/globals';
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { CountKeys } from './count-keys.tsx';

afterEach(cleanup);

test.each([
  ['', '8', '8'],
  ['', 'One more', '2'],
  ['8', 'One fewer', '7'],
  ['1', 'One fewer', '1'],
  ['many', 'One more', '2'],
])('%j and the key %s give %s', (value, key, after) => {
  const onChange = jest.fn();
  render(<CountKeys label="how many" value={value} onChange={onChange} />);
  fireEvent.click(screen.getByRole('button', { name: key }));
  expect(onChange).toHaveBeenCalledWith(after);
});
