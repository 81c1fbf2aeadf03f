import { readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { expect, test } from '@playwright/test';

/** What a phone in a harbour fetches before it shows anything, bytes of compressed script. A benchmark of size, not of time. */
const LIMIT = 230_000;

test('the script of the first page stays small', () => {
  const dist = join(import.meta.dirname, '../web/dist');
  const html = readFileSync(join(dist, 'index.html'), 'utf8');
  const files = [...html.matchAll(/(?:src|href)="(\/assets\/[^"]+\.js)"/g)].map((m) => join(dist, m[1]!));
  expect(files.length).toBeGreaterThan(3);
  const size = (file: string): number => statSync(`${file}.br`, { throwIfNoEntry: false })?.size ?? statSync(file).size;
  const bytes = files.reduce((sum, f) => sum + size(f), 0);
  expect(bytes).toBeGreaterThan(50_000);
  expect(bytes).toBeLessThan(LIMIT);
});
