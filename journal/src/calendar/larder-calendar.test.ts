import { expect, test } from '@jest/globals';
import { larderCalendar } from './larder-calendar.ts';

const NOW = Date.parse('2026-09-12T14:20:00+01:00');

test('chores at their hour with a reminder, days as whole days, names that stay', () => {
  const text = larderCalendar(
    [
      {
        id: 'towel-a-2026-09-12-evening',
        atMs: Date.parse('2026-09-12T19:00:00+01:00'),
        says: 'Change the towel; pack 84, and dry it',
      },
    ],
    [{ id: 'eat-a', day: '2026-10-02', says: 'Eat pack 84' }],
    NOW,
  );
  const lines = text.replace(/\r\n /g, '').split('\r\n');
  expect(lines[0]).toBe('BEGIN:VCALENDAR');
  expect(lines.at(-1)).toBe('END:VCALENDAR');
  expect(lines).toContain('UID:towel-a-2026-09-12-evening@dagboek');
  expect(lines).toContain('DTSTART:20260912T180000Z');
  expect(lines).toContain('DTSTAMP:20260912T132000Z');
  expect(lines).toContain('SUMMARY:Change the towel\\; pack 84\\, and dry it');
  expect(lines).toContain('BEGIN:VALARM');
  expect(lines).toContain('DTSTART;VALUE=DATE:20261002');
  expect(larderCalendar([], [], NOW)).not.toContain('VEVENT');
});

test('five hundred chores are one file, each line no longer than 75 bytes', () => {
  const many = Array.from({ length: 500 }, (_, i) => ({
    id: `c${i}`,
    atMs: NOW + i * 3_600_000,
    says: `Change the towel of pack ${i}, Greater weever, 60 letters long, and some more`,
  }));
  const text = larderCalendar(many, [], NOW);
  expect(text.match(/BEGIN:VEVENT/g)).toHaveLength(500);
  for (const l of text.split('\r\n')) expect(new TextEncoder().encode(l).length).toBeLessThanOrEqual(75);
});

test('a name with signs that nobody sees leaves none of them in the file', () => {
  const odd = { id: 'a', atMs: NOW, says: 'Change\u0000 the\u202e towel\u2028of pack 3' };
  const text = larderCalendar([odd], [{ id: 'b', day: '2026-10-02', says: 'Eat\u0007 pack 3' }], NOW);
  expect(text).not.toMatch(/[\u0000\u0007\u202e\u2028]/);
  expect(text).toContain('SUMMARY:Change the towel\\nof pack 3');
});
