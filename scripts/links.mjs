import { existsSync, readdirSync, readFileSync, statSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';

/** `npm run links` (part of `npm test`): no page of the documentation, and no docstring, names a file or a page that is not there. */
const ROOMS = ['core', 'journal', 'figure', 'catalogue', 'packs', 'server', 'web', 'e2e', 'scripts', 'docs'];
function* filesIn(folder, pattern) {
  for (const name of readdirSync(folder)) {
    if (name === 'dist' || name === 'node_modules' || name === 'test-results') continue;
    const path = join(folder, name);
    if (statSync(path).isDirectory()) yield* filesIn(path, pattern);
    else if (pattern.test(name)) yield path;
  }
}
/** A file or folder by its path, or by that of its room without `src` and its ending: `core/heat`, `core/larder/store-course`. */
const isThere = (named) => {
  const [room, ...rest] = named.replace(/\/$/, '').split('/');
  return [named, `${room}/src/${rest.join('/')}`, `${room}/src/${rest.join('/')}.ts`].some((p) => existsSync(p));
};
const troubles = [];
const pages = ['README.md', ...[...filesIn('docs', /\.md$/)], ...ROOMS.flatMap((r) => [...filesIn(r, /\.md$/)])];
for (const page of new Set(pages)) {
  const text = readFileSync(page, 'utf8');
  for (const [, to] of text.matchAll(/\]\(([^)\s]+)\)/g)) {
    if (/^(https?:|#|mailto:)/.test(to)) continue;
    if (!existsSync(resolve(dirname(page), to.replace(/#.*$/, '')))) troubles.push(`${page}: ${to}`);
  }
  const rooms = new RegExp(`\`((?:${ROOMS.join('|')})/[\\w./-]+)\``, 'g');
  for (const [, named] of text.matchAll(rooms))
    if (!/[{*]/.test(named) && !isThere(named)) troubles.push(`${page}: ${named}`);
}
for (const room of ROOMS)
  for (const file of filesIn(room, /\.(tsx?|mjs)$/)) {
    const text = readFileSync(file, 'utf8');
    for (const [, named] of text.matchAll(/(?:^|[\s(])(docs\/[\w./-]+\.md)/gm))
      if (!existsSync(named)) troubles.push(`${file}: ${named}`);
  }
for (const t of troubles) console.error(`Not there: ${t}`);
if (troubles.length === 0) console.log('every file and page that is named is there');
process.exitCode = troubles.length === 0 ? 0 : 1;
