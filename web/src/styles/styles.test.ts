import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { expect, test } from '@jest/globals';

/** Styles of stations, which may not reach outside of their own; kit and page are everyone's. */
const STATIONS = ['catalogue.css', 'key.css', 'map.css', 'photos.css'];
const SHARED = ['kit.css', 'page.css', 'app.css', 'charts.css'];

/** The class that a selector begins with: what it reaches by itself, wherever that stands. */
function beginnings(file: string): Set<string> {
  const css = readFileSync(join(import.meta.dirname, file), 'utf8').replace(/\/\*[\s\S]*?\*\//g, '');
  const selectors = [...css.matchAll(/([^{}]+)\{/g)].map((m) => (m[1] ?? '').trim()).filter((s) => !s.startsWith('@'));
  return new Set(
    selectors
      .flatMap((s) => s.split(','))
      .flatMap((s) => /^(\.[a-z][a-z0-9-]*(?:\.[a-z][a-z0-9-]*)*)/.exec(s.trim())?.[1] ?? []),
  );
}

test('no station’s style begins with a class that another file begins with: what is styled here stays here', () => {
  const all = new Map([...STATIONS, ...SHARED].map((f) => [f, beginnings(f)]));
  const leaks = STATIONS.flatMap((f) =>
    [...(all.get(f) ?? [])].flatMap((c) =>
      [...all].flatMap(([other, begun]) => (other !== f && begun.has(c) ? [`${c} of ${f} in ${other}`] : [])),
    ),
  );
  expect(leaks).toEqual([]);
  expect(all.get('photos.css')?.size).toBeGreaterThan(5);
});
