import hooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

export default tseslint.config(
  {
    ignores: [
      '**/dist/',
      '**/node_modules/',
      'test-results/',
      // What a run of mutants that was killed leaves behind.
      '.stryker-tmp/',
      '.dagboek/',
      '**/*.mjs',
      '*.js',
      '*.cjs',
      'web/vite.config.ts',
    ],
  },
  ...tseslint.configs.recommended,
  {
    files: ['**/*.ts', '**/*.tsx'],
    languageOptions: {
      parserOptions: { project: ['tsconfig.lint.json'], tsconfigRootDir: import.meta.dirname },
    },
    rules: {
      '@typescript-eslint/no-floating-promises': 'error',
      '@typescript-eslint/no-misused-promises': ['error', { checksVoidReturn: { attributes: false } }],
      '@typescript-eslint/consistent-type-imports': [
        'error',
        { fixStyle: 'inline-type-imports', prefer: 'type-imports', disallowTypeAnnotations: false },
      ],
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      '@typescript-eslint/no-unused-expressions': 'off',
      'no-restricted-syntax': ['error', { selector: 'ExportDefaultDeclaration', message: 'Export by name.' }],
      'max-lines': ['error', { max: 450, skipBlankLines: true, skipComments: true }],
    },
  },
  // Nest reads the types of constructor parameters at run time: those imports must stay.
  { files: ['server/**/*.ts'], rules: { '@typescript-eslint/consistent-type-imports': 'off' } },
  { files: ['e2e/playwright.config.ts', 'e2e/*.ts'], rules: { 'no-restricted-syntax': 'off' } },
  {
    files: ['web/src/**/*.{ts,tsx}'],
    plugins: { 'react-hooks': hooks },
    rules: { 'react-hooks/rules-of-hooks': 'error', 'react-hooks/exhaustive-deps': 'error' },
  },
  // Its types are checked together with the tests', which know Node.
  {
    files: ['web/src/**/*.{ts,tsx}'],
    ignores: ['**/*.test.*', '**/*.test-support.*'],
    rules: {
      'no-restricted-globals': ['error', 'process', 'Buffer', 'global', 'require', 'setImmediate', '__dirname'],
      'no-restricted-imports': ['error', { patterns: ['node:*'] }],
    },
  },
);
