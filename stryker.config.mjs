/**
 * Mutation tests of the heart, `npm run mutants`: not part of `npm test`. Which folders: `npm run mutants -- core/src/rules`.
 * The table of all of them stands in docs/mutants.md.
 */
export default {
  testRunner: 'vitest',
  vitest: { configFile: 'vitest.mutants.config.mjs' },
  plugins: ['@stryker-mutator/vitest-runner'],
  mutate: ['core/src/**/*.ts', 'journal/src/**/*.ts', '!**/*.test.ts', '!**/*.test-support.ts', '!**/index.ts'],
  // A sentence with a letter changed is no fault that a test of judgement must find; arithmetic and branches are.
  mutator: { excludedMutations: ['StringLiteral', 'ObjectLiteral', 'ArrayDeclaration', 'Regex'] },
  // What is computed once when a module is read (tables of kinds, of words) is tried by the tests that run, not by mutants.
  ignoreStatic: true,
  coverageAnalysis: 'perTest',
  timeoutMS: 4000,
  reporters: ['progress-append-only', 'clear-text', 'json'],
  clearTextReporter: { logTests: false, reportTests: false, allowColor: false },
  jsonReporter: { fileName: '.stryker-tmp/mutants.json' },
  cleanTempDir: 'always',
  ignorePatterns: ['docs', 'e2e', '**/dist'],
};
