/** `tsx`: components of the interface. */
const swc = (tsx) => [
  '<rootDir>/jest.transform.js',
  {
    jsc: {
      target: 'es2022',
      parser: { syntax: 'typescript', tsx, decorators: true },
      transform: {
        legacyDecorator: true,
        decoratorMetadata: true,
        useDefineForClassFields: false,
        react: { runtime: 'automatic' },
      },
    },
  },
];

/** One run for every workspace; the browser's side is proven by Playwright in e2e/. */
export default {
  testEnvironment: 'node',
  // Hung, not slow: on a loaded machine the first rendering of a page takes longer than the usual five seconds.
  testTimeout: 30_000,
  roots: ['core', 'journal', 'figure', 'catalogue', 'packs', 'server', 'web'].map((room) => `<rootDir>/${room}/src`),
  setupFiles: ['<rootDir>/jest.setup.js'],
  testMatch: ['**/*.test.ts', '**/*.test.tsx'],
  extensionsToTreatAsEsm: ['.ts', '.tsx'],
  transform: { '^.+\\.ts$': swc(false), '^.+\\.tsx$': swc(true) },
  moduleNameMapper: {
    '^@dagboek/core/(.*)$': '<rootDir>/core/src/$1/index.ts',
    '^@dagboek/journal/(log|calendar)$': '<rootDir>/journal/src/$1/index.ts',
    '^@dagboek/(journal|figure|catalogue|packs)$': '<rootDir>/$1/src/index.ts',
  },
};
