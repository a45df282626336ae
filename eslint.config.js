import astro from 'eslint-plugin-astro';
import hooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

export default tseslint.config(
  {
    ignores: [
      'dist/',
      '.astro/',
      '.cache/',
      'node_modules/',
      'test-results/',
      'playwright-report/',
      '*.cjs',
    ],
  },
  ...tseslint.configs.recommended,
  ...astro.configs.recommended,
  {
    rules: {
      '@typescript-eslint/no-unused-vars': [
        'error',
        { argsIgnorePattern: '^_', varsIgnorePattern: '^_', ignoreRestSiblings: true },
      ],
      '@typescript-eslint/consistent-type-imports': 'error',
      eqeqeq: 'error',
      'no-console': 'error',
    },
  },
  { files: ['scripts/**', 'tests/bench/**', 'e2e/**'], rules: { 'no-console': 'off' } },
  {
    files: ['src/islands/**/*.tsx', 'src/islands/**/*.ts'],
    plugins: { 'react-hooks': hooks },
    rules: { 'react-hooks/rules-of-hooks': 'error', 'react-hooks/exhaustive-deps': 'error' },
  },
  {
    // The core is handed the clock and chance; reaching for them would make its results differ from run to run.
    files: ['src/core/**/*.ts'],
    ignores: ['src/core/**/*.test.ts'],
    rules: {
      'no-restricted-syntax': [
        'error',
        {
          selector: "NewExpression[callee.name='Date'][arguments.length=0]",
          message: 'The core is handed the clock (Surroundings.now).',
        },
        {
          selector: "CallExpression[callee.object.name='Date'][callee.property.name='now']",
          message: 'The core is handed the clock (Surroundings.now).',
        },
        {
          selector: "CallExpression[callee.object.name='Math'][callee.property.name='random']",
          message: 'The core is handed chance (shared/chance.ts with a seed).',
        },
        {
          selector: "CallExpression[callee.object.name='performance']",
          message: 'The core is handed the clock.',
        },
      ],
      'no-restricted-globals': [
        'error',
        'window',
        'document',
        'fetch',
        'indexedDB',
        'localStorage',
        'process',
        'Buffer',
        'crypto',
        'setTimeout',
      ],
    },
  },
);
