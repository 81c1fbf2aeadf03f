import { describe, expect, test } from '@jest/globals';
import { readdirSync, readFileSync } from 'node:fs';
import { HELP, helpAt } from './help.ts';

const headings = new Map(
  readdirSync('docs/handbook').map((f) => [
    f.replace('.md', ''),
    [...readFileSync(`docs/handbook/${f}`, 'utf8').matchAll(/^## (.+)$/gm)].map((m) => m[1]),
  ]),
);
/** Pages that are help themselves, lead elsewhere, or ask one thing that they explain. */
const WITHOUT = ['/', '*', '/welcome', '/join', '/handbook/:id?'];

describe('help', () => {
  const paths = [...readFileSync('web/src/app/router.tsx', 'utf8').matchAll(/path: '([^']+)'/g)].map((m) => m[1]!);

  test('every page of the application says what it is for', () => {
    expect(paths.length).toBeGreaterThan(30);
    const address = (path: string): string => path.replace(/:\w+\??/g, 'x1');
    expect(paths.filter((p) => !WITHOUT.includes(p) && helpAt(address(p)) === null)).toEqual([]);
    expect(helpAt('/nowhere')).toBeNull();
  });

  test('a page has its own help, not that of a page with a longer or a shorter address', () => {
    expect(helpAt('/larder/plan')?.in).toEqual([['larder', 'Meals ahead']]);
    expect(helpAt('/larder/p1')?.says).toMatch(/^One pack/);
    expect(helpAt('/larder')?.says).toMatch(/^Every pack/);
    expect(helpAt('/board/c1/steps')?.says).toMatch(/^One step/);
    expect(helpAt('/table/new')?.says).toMatch(/^Choose the fish/);
  });

  test('it leads to places that the handbook has', () => {
    const missing = Object.values(HELP).flatMap((h) => h.in.filter(([page, at]) => !headings.get(page)?.includes(at)));
    expect(missing).toEqual([]);
  });

  test('every place in the handbook of a station is led to from one of its pages', () => {
    const led = new Set(Object.values(HELP).flatMap((h) => h.in.map(([page, at]) => `${page}: ${at}`)));
    for (const station of ['plan', 'deck', 'box', 'board', 'larder', 'table'])
      for (const at of headings.get(station) ?? [])
        if (!['Pictures', 'Diving'].includes(at ?? '')) expect(led).toContain(`${station}: ${at}`);
  });
});
