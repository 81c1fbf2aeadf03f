import { createHash } from 'node:crypto';
import { existsSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { writeLicences } from './licences.mjs';
import { run } from './run.mjs';

const STAMP = 'web/dist/.stamp';
const ROOMS = [
  'core/src',
  'journal/src',
  'figure/src',
  'catalogue/src',
  'packs',
  'server/src',
  'web/src',
  'docs/handbook',
  'web/public',
  'web/index.html',
  'web/vite.config.ts',
  // What a package says of its side effects decides what the first page fetches.
  ...['core', 'journal', 'figure', 'catalogue', 'web'].map((p) => `${p}/package.json`),
  'tsconfig.base.json',
  'package-lock.json',
  'scripts/lib/licences.mjs',
];

function* files(path) {
  if (!statSync(path).isDirectory()) return void (yield path);
  for (const name of readdirSync(path).sort())
    if (name !== 'dist' && name !== 'node_modules') yield* files(join(path, name));
}

/** Builds server and interface when a source has changed since the last build. */
export function ensureBuilt() {
  const hash = createHash('sha256');
  for (const room of ROOMS) for (const f of files(room)) hash.update(f).update(readFileSync(f));
  const now = hash.digest('hex');
  if (existsSync(STAMP) && readFileSync(STAMP, 'utf8') === now && existsSync('server/dist/main.js')) return;
  run('server', process.execPath, ['node_modules/typescript/bin/tsc', '-b']);
  run('interface', process.execPath, ['node_modules/vite/bin/vite.js', 'build', 'web', '--logLevel', 'warn']);
  writeLicences('web/dist');
  writeFileSync(STAMP, now);
}
