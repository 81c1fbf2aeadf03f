/** @jest-environment ./scripts/lib/jsdom-environment.mjs */
import { afterEach, expect, test } from '@jest/globals';
import { cleanup, render, screen } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import { Paged } from './paged.tsx';

afterEach(cleanup);

test('a long list shows a page, says how many are left, and goes on when it is asked to', async () => {
  const items = Array.from({ length: 130 }, (_, i) => `fish ${i + 1}`);
  render(
    <Paged items={items} keyOf={(x) => x} more="Older fish">
      {(x) => <p>{x}</p>}
    </Paged>,
  );
  expect(screen.getAllByText(/^fish/)).toHaveLength(60);
  await userEvent.click(screen.getByRole('button', { name: 'Older fish 70 more' }));
  expect(screen.getAllByText(/^fish/)).toHaveLength(120);
  await userEvent.click(screen.getByRole('button', { name: 'Older fish 10 more' }));
  expect(screen.getAllByText(/^fish/)).toHaveLength(130);
  expect(screen.queryByRole('button')).toBeNull();
});
