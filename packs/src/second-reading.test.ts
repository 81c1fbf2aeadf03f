import { readFileSync } from 'node:fs';
import { expect, test } from '@jest/globals';
import { loadSpecies } from './index.ts';
import { secondReading } from './second-reading.ts';

const SPECIES = loadSpecies();
const TEXT = secondReading(SPECIES);

test('the page for the second reading is what the files say now (npm run second-reading)', () => {
  expect(readFileSync(new URL('../../docs/second-reading.md', import.meta.url), 'utf8')).toBe(TEXT);
});

test('every hazard, grip, release, first-aid, raw and eating sentence stands on it, with who should check it', () => {
  const flat = (s: string): string => s.replace(/\|/g, '\\|').replace(/\s+/g, ' ').trim();
  for (const s of SPECIES)
    for (const say of [
      ...s.hazards.flatMap((h) => [h.where, h.does, h.grip]),
      s.grip,
      s.release ?? '',
      s.aid ?? '',
      s.raw.why,
      ...s.eating,
      s.conservation?.note ?? '',
    ])
      expect([s.id, TEXT.includes(flat(say))]).toEqual([s.id, true]);
  for (const line of TEXT.split('\n').filter((l) => l.startsWith('|') && !l.includes('---') && !/\| check \|$/.test(l)))
    expect(line).toMatch(/\| [CFHA](, H)? \|$/);
});
