import { execFileSync } from 'node:child_process';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { ensureInstalled } from './lib/ensure-installed.mjs';

/**
 * `npm run mutants`: changes the heart in thousands of small ways, and counts which of them the tests find. With folders
 * (`npm run mutants -- core/src/rules core/src/cut`) only those, against their own tests, and only their rows of
 * docs/mutants.md. All of it takes hours.
 */
const TABLE = 'docs/mutants.md';
const REPORT = '.stryker-tmp/mutants.json';
const HEAD = '| folder | mutants | found | not found | found, of all |\n| --- | ---: | ---: | ---: | ---: |\n';

ensureInstalled();
const folders = process.argv.slice(2).filter((a) => !a.startsWith('-'));
const only = folders.flatMap((f) => [
  `${f}/**/*.ts`,
  `!${f}/**/*.test.ts`,
  `!${f}/**/*.test-support.ts`,
  `!${f}/**/index.ts`,
]);
execFileSync(
  process.execPath,
  [
    join('node_modules', '@stryker-mutator', 'core', 'bin', 'stryker.js'),
    'run',
    ...(only.length ? ['-m', only.join(',')] : []),
  ],
  { stdio: 'inherit', env: { ...process.env, ...(folders.length ? { DAGBOEK_MUTANTS: folders.join(' ') } : {}) } },
);

const found = new Map();
for (const [file, { mutants }] of Object.entries(JSON.parse(readFileSync(REPORT, 'utf8')).files)) {
  const row = found.get(dirname(file)) ?? { killed: 0, survived: 0 };
  for (const { status } of mutants) {
    if (status === 'Killed' || status === 'Timeout') row.killed++;
    else if (status === 'Survived' || status === 'NoCoverage') row.survived++;
  }
  found.set(dirname(file), row);
}

const before = existsSync(TABLE) ? readFileSync(TABLE, 'utf8') : '';
const rows = new Map(
  [...before.matchAll(/^\| ((?:core|journal)\/\S+)\s*\|.*$/gm)].map(([line, folder]) => [
    folder,
    line
      .split('|')
      .slice(2, 6)
      .map((cell) => cell.trim()),
  ]),
);
for (const [folder, { killed, survived }] of found)
  if (killed + survived > 0)
    rows.set(folder, [killed + survived, killed, survived, `${Math.round((100 * killed) / (killed + survived))} %`]);
const table =
  HEAD +
  [...rows]
    .sort(([a], [b]) => (a < b ? -1 : 1))
    .map(([folder, cells]) => `| ${folder} | ${cells.join(' | ')} |\n`)
    .join('');
const text = before.split('| folder ')[0] || '# Mutants\n\n';
writeFileSync(TABLE, `${text}${table}`);
execFileSync(process.execPath, [
  join('node_modules', 'prettier', 'bin', 'prettier.cjs'),
  '--write',
  '--log-level',
  'warn',
  TABLE,
]);
console.log(table);
