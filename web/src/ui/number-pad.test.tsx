/** @jest-environment ./scripts/lib/jsdom-environment.mjs */
import { afterEach, describe, expect, jest, test } from '@jest/globals';
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterKey, NumberPad } from './number-pad.tsx';

afterEach(cleanup);

describe('the number pad', () => {
  test.each([
    ['', '4', '4'],
    ['4', '3', '43'],
    ['', '.', '0.'],
    ['43', '.', '43.'],
    ['43.', '.', '43.'],
    ['43,5', '.', '43,5'],
    ['43', 'back', '4'],
    ['', 'back', ''],
    ['1234567', '8', '1234567'],
  ])('%j and the key %s give %j', (text, key, after) => expect(afterKey(text, key)).toBe(after));

  test('writes what is pressed; keys beside put a whole value in, or wait', () => {
    const onChange = jest.fn();
    const beside = [
      { name: '−½', says: 'Half a centimetre less', value: null },
      { name: '+½', says: 'Half a centimetre more', value: '43.5' },
    ];
    render(<NumberPad label="length" value="43" onChange={onChange} beside={beside} />);
    fireEvent.click(screen.getByRole('button', { name: '0' }));
    fireEvent.click(screen.getByRole('button', { name: 'Delete the last digit' }));
    fireEvent.click(screen.getByRole('button', { name: 'Half a centimetre more' }));
    fireEvent.click(screen.getByRole('button', { name: 'Half a centimetre less' }));
    expect(onChange.mock.calls.flat()).toEqual(['430', '4', '43.5']);
    expect(screen.getByRole('group', { name: 'Keys for length' })).toBeTruthy();
  });
});
