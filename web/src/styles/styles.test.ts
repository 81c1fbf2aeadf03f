import { readdirSync, readFileSync } from 'node:fs';
import { basename, join } from 'node:path';
import { expect, test } from '@jest/globals';

const SRC = join(import.meta.dirname, '..');
/** Theme and page: everyone's. */
const SHARED = ['styles/page.css', 'styles/kit.css'];
const all = readdirSync(SRC, { recursive: true, encoding: 'utf8' }).filter((f) => f.endsWith('.css'));
const read = (file: string): string => readFileSync(join(SRC, file), 'utf8').replace(/\/\*[\s\S]*?\*\//g, '');

/** The class that a selector begins with: what it reaches by itself, wherever that stands. */
function beginnings(file: string): Set<string> {
  const selectors = [...read(file).matchAll(/([^{}]+)\{/g)]
    .map((m) => (m[1] ?? '').trim())
    .filter((s) => !s.startsWith('@'));
  return new Set(
    selectors
      .flatMap((s) => s.split(','))
      .flatMap((s) => /^(\.[a-z][a-z0-9-]*(?:\.[a-z][a-z0-9-]*)*)/.exec(s.trim())?.[1] ?? []),
  );
}

test('styles lie beside their feature, and none begins with a class that another file begins with', () => {
  const features = all.filter((f) => f.startsWith('features/'));
  expect(features.length).toBeGreaterThan(5);
  const begun = new Map([...features, ...SHARED].map((f) => [f, beginnings(f)]));
  // The name of a reading in hand, of a mark of danger and of a key in a line are the kit's; a phone on the deck makes them larger.
  const lent = new Set([
    '.line-key',
    '.log-state',
    '.line-links',
    '.hazard-strip.short',
    '.verdict',
    '.hurts',
    '.pricks',
  ]);
  const leaks = features.flatMap((f) =>
    [...(begun.get(f) ?? [])].flatMap((c) =>
      lent.has(c) ? [] : [...begun].flatMap(([o, b]) => (o !== f && b.has(c) ? [`${c} of ${f} in ${o}`] : [])),
    ),
  );
  expect(leaks).toEqual([]);
});

test('every file of styles is taken in by the one that the page loads', () => {
  const app = readFileSync(join(SRC, 'styles/app.css'), 'utf8');
  for (const f of all) if (basename(f) !== 'app.css') expect(app).toContain(`${basename(f)}'`);
});

test('what is styled by a class of our own is used somewhere', () => {
  const tsx = readdirSync(SRC, { recursive: true, encoding: 'utf8' })
    .filter((f) => /\.tsx?$/.test(f) && !f.includes('.test.'))
    .map((f) => readFileSync(join(SRC, f), 'utf8'))
    .join('\n');
  const unused = all
    .filter((f) => !f.startsWith('styles/theme') && !f.startsWith('styles/app'))
    .flatMap((f) =>
      [...read(f).matchAll(/([^{}]+)\{/g)].flatMap((m) =>
        [...(m[1] ?? '').matchAll(/\.([a-z][a-z0-9-]*)/g)].map((c) => c[1]!),
      ),
    )
    .filter((c) => !new RegExp(`[\\s"'\`{]${c}[\\s"'\`$]`).test(tsx) && !/^(apexcharts|is-)/.test(c));
  expect([...new Set(unused)]).toEqual([]);
});
