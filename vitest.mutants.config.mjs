import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vitest/config';

const at = (path) => fileURLToPath(new URL(path, import.meta.url));

/** Folders that are mutated, and whose own tests are asked; all of core and journal when none is named. */
const folders = (process.env.DAGBOEK_MUTANTS ?? 'core/src journal/src').split(' ');

/** Only for `npm run mutants`: Jest's ES modules start too slowly to be started once a mutant. The tests are the same. */
export default defineConfig({
  resolve: {
    alias: [
      { find: '@jest/globals', replacement: 'vitest' },
      { find: /^@dagboek\/core\/(.*)$/, replacement: at('core/src/$1/index.ts') },
      { find: /^@dagboek\/journal\/(log|calendar)$/, replacement: at('journal/src/$1/index.ts') },
      { find: /^@dagboek\/(journal|figure|catalogue|packs)$/, replacement: at('$1/src/index.ts') },
    ],
  },
  test: {
    // A test of chances takes seconds; beside other work, many.
    testTimeout: 240_000,
    include: folders.map((f) => `${f}/**/*.test.ts`),
    setupFiles: ['jest.setup.js'],
  },
});
