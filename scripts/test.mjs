import { ensureBuilt } from './lib/ensure-built.mjs';
import { ensureChromium } from './lib/ensure-chromium.mjs';
import { ensureInstalled } from './lib/ensure-installed.mjs';
import { run } from './lib/run.mjs';

/** `npm test`: everything, from a clean checkout on. `npm test -- --quick` leaves the browser out. */
ensureInstalled();
const node = process.execPath;
const quick = process.argv.includes('--quick');
const chromium = quick ? '' : ensureChromium();
run('types', node, ['node_modules/typescript/bin/tsc', '-b']);
run('types of the interface and of all tests', node, ['node_modules/typescript/bin/tsc', '-p', 'tsconfig.tests.json']);
run('lint', node, ['node_modules/eslint/bin/eslint.js', '.', '--max-warnings', '0']);
run('import rules', node, [
  'node_modules/dependency-cruiser/bin/dependency-cruise.mjs',
  '--config',
  '.dependency-cruiser.cjs',
  'core',
  'journal',
  'figure',
  'catalogue',
  'packs',
  'server',
  'web',
]);
run('links', node, ['scripts/links.mjs']);
run('the house', node, ['scripts/house.mjs', '--check']);
run('the sentences', node, ['scripts/messages.mjs', '--check']);
run('format', node, ['node_modules/prettier/bin/prettier.cjs', '--check', '--log-level', 'warn', '.']);
ensureBuilt();
run('unit and server tests', node, [
  '--max-semi-space-size=64',
  '--experimental-vm-modules',
  '--no-warnings',
  'node_modules/jest/bin/jest.js',
]);
if (!quick)
  run('browser tests', node, ['node_modules/@playwright/test/cli.js', 'test', '--config', 'e2e/playwright.config.ts'], {
    DAGBOEK_CHROMIUM: chromium,
  });
