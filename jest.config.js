/** One run for every workspace; the browser's side is proven by Playwright in e2e/. */
export default {
  testEnvironment: 'node',
  roots: ['core', 'journal', 'figure', 'catalogue', 'packs', 'server', 'web'].map((room) => `<rootDir>/${room}/src`),
  setupFiles: ['<rootDir>/jest.setup.js'],
  testMatch: ['**/*.test.ts'],
  extensionsToTreatAsEsm: ['.ts', '.tsx'],
  transform: {
    '^.+\\.tsx?$': [
      '@swc/jest',
      {
        jsc: {
          target: 'es2022',
          parser: { syntax: 'typescript', tsx: false, decorators: true },
          transform: { legacyDecorator: true, decoratorMetadata: true, useDefineForClassFields: false },
        },
      },
    ],
  },
  moduleNameMapper: {
    '^@dagboek/core/(.*)$': '<rootDir>/core/src/$1/index.ts',
    '^@dagboek/(journal|figure|catalogue|packs)$': '<rootDir>/$1/src/index.ts',
  },
};
