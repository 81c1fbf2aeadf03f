/** @jest-environment ./scripts/lib/jsdom-environment.mjs */
import { afterEach, describe, expect, jest, test } from '@jest/globals';
import { cleanup, screen, waitFor } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import { Book } from '@dagboek/journal';
import { anEntry, at, idOf, ILSE, landed, tripStarted } from '../../../../journal/src/builders.test-support.ts';
import { inABook, SPECIES } from '../../asked/in-a-book.test-support.tsx';
import { MeasureForm } from './measure-form.tsx';

afterEach(cleanup);

const pollack = SPECIES.find((s) => s.id === 'pollack')!;
const NOW = Date.parse(at('14:20'));

async function open(count = 1) {
  const entries = [
    anEntry('member.joined', ILSE, { name: 'Ilse' }, { at: at('06:00') }),
    tripStarted(),
    landed('a', '14:10', { count }),
  ];
  const fish = Book.EMPTY.withEntries(entries).get('fish', idOf('a'))!;
  const onDone = jest.fn();
  const page = await inABook(entries, <MeasureForm fish={fish} species={pollack} wants={null} onDone={onDone} />, NOW);
  const measured = () => screen.getByRole('button', { name: /^Measured/ });
  return { ...page, onDone, press: () => userEvent.click(measured()) };
}
const length = () => screen.getByLabelText(/^(Length|Shortest)/);

describe('measuring', () => {
  test('writes the length in mm with its way of measuring, and the weight in grams', async () => {
    const { written, press, onDone } = await open();
    await userEvent.type(length(), '43,5');
    await userEvent.type(screen.getByLabelText(/^Weight/), '790');
    await userEvent.click(screen.getByRole('radio', { name: 'mat' }));
    await press();
    await waitFor(() => expect(onDone).toHaveBeenCalledTimes(1));
    expect(written().map((e) => [e.kind, e.facts])).toEqual([
      ['fish.measured', { lengthMm: 435, lengthKind: 'total', method: 'mat' }],
      ['fish.weighed', { massG: 790, how: 'scale' }],
    ]);
  });

  test('a weight that does not fit is asked about once, and is written when it is pressed again', async () => {
    const { written, press } = await open();
    await userEvent.type(length(), '43.5');
    await userEvent.type(screen.getByLabelText(/^Weight/), '7900');
    await press();
    expect(screen.getByRole('alert').textContent).toContain('Which is wrong: length, weight or species?');
    expect(written()).toEqual([]);
    await press();
    await waitFor(() => expect(written()).toHaveLength(2));
  });

  test('nothing, or what cannot be, is refused at its field and nothing is saved', async () => {
    const { written, press } = await open();
    await press();
    expect(screen.getByRole('alert').textContent).toBe('Enter the length as a number, for example 36.4.');
    await userEvent.type(length(), '435');
    await press();
    expect(screen.getByRole('alert').textContent).toContain('No pollack is 435 cm');
    expect(length().getAttribute('aria-invalid')).toBe('true');
    expect(written()).toEqual([]);
  });

  test('of a lot the longest cannot be shorter than the shortest', async () => {
    const { written, press } = await open(8);
    await userEvent.type(length(), '44');
    await userEvent.type(screen.getByLabelText('Longest'), '40');
    await press();
    expect(screen.getByRole('alert').textContent).toContain('Swap them?');
    await userEvent.clear(screen.getByLabelText('Longest'));
    await userEvent.type(screen.getByLabelText('Longest'), '19 in');
    await press();
    await waitFor(() => expect(written()).toHaveLength(1));
    expect(written()[0]?.facts).toMatchObject({ lengthMm: 440, longestMm: 482.6, typed: { longestMm: '19 in' } });
  });

  test('without a weight it says what the length is worth, and reckons anew while it is typed', async () => {
    await open();
    await userEvent.type(length(), '44');
    const said = () => screen.getByText(/^Not weighed: estimated at about/).textContent!;
    const at44 = said();
    await userEvent.clear(length());
    await userEvent.type(length(), '50');
    expect(said()).not.toBe(at44);
  });
});
