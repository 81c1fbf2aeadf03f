/** @jest-environment ./scripts/lib/jsdom-environment.mjs */
import { afterEach, expect, jest, test } from '@jest/globals';
import { act, cleanup, fireEvent, render, screen } from '@testing-library/react';
import { DeckKey } from './deck-key.tsx';

afterEach(() => {
  cleanup();
  jest.useRealTimers();
});

test('a key that has just appeared lets taps pass by, for as long as a double tap lasts', () => {
  jest.useFakeTimers();
  render(<DeckKey act name="Killed" note="now" />);
  const key = screen.getByRole('button', { name: 'Killed now' });
  expect(key.className).toBe('btn key btn-primary act settling');
  act(() => void jest.advanceTimersByTime(349));
  expect(key.className).toContain('settling');
  act(() => void jest.advanceTimersByTime(1));
  expect(key.className).toBe('btn key btn-primary act');
});

test('a key that waits says for what, and does nothing', () => {
  const onClick = jest.fn();
  render(<DeckKey name="Onto ice" waits="in 3 min" onClick={onClick} />);
  const key = screen.getByRole('button', { name: 'Onto ice in 3 min' });
  fireEvent.click(key);
  expect(key.getAttribute('aria-disabled')).toBe('true');
  expect(onClick).not.toHaveBeenCalled();
});
