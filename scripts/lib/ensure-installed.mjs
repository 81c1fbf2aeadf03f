import { createHash } from 'node:crypto';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { run } from './run.mjs';

const STAMP = 'node_modules/.dagboek-installed';

/** Installs the packages of the lock file when they are not there yet, and builds the one that is compiled here (SQLite). */
export function ensureInstalled() {
  const lock = createHash('sha256').update(readFileSync('package-lock.json')).digest('hex');
  if (existsSync(STAMP) && readFileSync(STAMP, 'utf8') === lock) return;
  console.log('Installing packages (the first time takes some minutes: SQLite is compiled here).');
  run('packages', 'npm', ['ci', '--no-progress']);
  run('SQLite', 'npm', ['rebuild', 'better-sqlite3', '--ignore-scripts=false', '--no-progress']);
  writeFileSync(STAMP, lock);
}
