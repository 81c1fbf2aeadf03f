/** @jest-environment ./scripts/lib/jsdom-environment.mjs */
import { afterEach, describe, expect, test } from '@jest/globals';
import { cleanup, screen } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import { anEntry, idOf } from '../../../journal/src/builders.test-support.ts';
import { inABook } from './in-a-book.test-support.tsx';
import { useState } from 'react';
import { DateTimeField, NOW, type When, WhenField, whenMs } from './when.tsx';

afterEach(cleanup);

const OPENED = anEntry('book.opened', idOf('book'), { name: 'Tern', waters: 'skerrow-isles', from: 'boat' });
const ms = (iso: string): number => Date.parse(iso);
const iso = (at: number): string => new Date(at).toISOString().slice(0, 16);

describe('a time set back', () => {
  const open = async (now: string) => {
    let last: When = NOW;
    function Field() {
      const [when, setWhen] = useState<When>(NOW);
      return <WhenField value={when} onChange={(w) => (setWhen(w), (last = w))} />;
    }
    await inABook([OPENED], <Field />, ms(now));
    return { value: () => last, field: screen.getByLabelText('At this time') };
  };

  test('a time that is still to come was yesterday, and is said to be', async () => {
    const { value, field } = await open('2026-09-13T00:10:00+01:00');
    await userEvent.type(field, '23:50');
    expect(iso(whenMs(value()))).toBe('2026-09-12T22:50');
    expect(screen.getByText('yesterday')).toBeTruthy();
    await userEvent.clear(field);
    await userEvent.type(field, '0005');
    expect(iso(whenMs(value()))).toBe('2026-09-12T23:05');
    expect(screen.queryByText('yesterday')).toBeNull();
  });

  test('what is no time counts as now and says so; a tap on a step takes it away', async () => {
    const { value, field } = await open('2026-09-12T14:20:00+01:00');
    await userEvent.type(field, '25:70');
    expect(screen.getByRole('alert').textContent).toContain('is not a time, so it counts as now');
    expect(value()).toEqual(NOW);
    await userEvent.click(screen.getByRole('radio', { name: '4 min ago' }));
    expect(screen.queryByRole('alert')).toBeNull();
    expect(iso(whenMs(value()))).toBe('2026-09-12T13:16');
  });
});

test('in the hour that occurs twice both are offered, and the one that is chosen counts', async () => {
  let at = ms('2026-10-25T01:30:00+01:00');
  function Field() {
    const [value, setValue] = useState<number | null>(at);
    return <DateTimeField label="Landed" valueMs={value} onChange={(v) => (setValue(v), (at = v ?? Number.NaN))} />;
  }
  await inABook([OPENED], <Field />, ms('2026-10-25T12:00:00Z'));
  const [first, second] = screen.getAllByRole('radio') as [HTMLInputElement, HTMLInputElement];
  expect([first.checked, second.checked]).toEqual([true, false]);
  await userEvent.click(second);
  expect(at - ms('2026-10-25T01:30:00+01:00')).toBe(3_600_000);
});

test('a time that is none is told as none, until it is one again', async () => {
  const told: (number | null)[] = [];
  function Field() {
    const [value, setValue] = useState<number | null>(ms('2026-09-12T13:20:00+01:00'));
    return <DateTimeField label="Landed" valueMs={value} onChange={(v) => (setValue(v), told.push(v))} />;
  }
  await inABook([OPENED], <Field />, ms('2026-09-12T13:20:00Z'));
  const time = screen.getByLabelText('Time');
  await userEvent.clear(time);
  await userEvent.type(time, 'abc');
  expect(told.at(-1)).toBeNull();
  // Another day does not make it one.
  const day = screen.getByLabelText('Day');
  await userEvent.clear(day);
  await userEvent.type(day, '11.9.2026');
  expect(told.at(-1)).toBeNull();
  await userEvent.clear(time);
  await userEvent.type(time, '14:10');
  expect(told.at(-1)).toBe(ms('2026-09-11T14:10:00+01:00'));
  await userEvent.clear(day);
  await userEvent.type(day, 'some day');
  expect(told.at(-1)).toBeNull();
});
