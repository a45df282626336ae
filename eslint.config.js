// What a page of code may look like, held by rules. Places that don't keep them yet stand in
// eslint-suppressions.json, with a reason for each in lint-exceptions.json; both lists only shrink.
import astro from 'eslint-plugin-astro';
import jsdoc from 'eslint-plugin-jsdoc';
import hooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

const lines = (max) => ['error', { max }];
const handedIn = (selector, what) => ({ selector, message: `The core is handed ${what}.` });
const tests = ['src/**/*.test.ts', 'src/**/*.test.tsx', 'tests/**/*.ts', 'e2e/**/*.ts'];

export default tseslint.config(
  {
    ignores: [
      'dist/',
      '.astro/',
      '.cache/',
      'coverage/',
      'docs/reference/',
      'node_modules/',
      'test-results/',
      // Draws files at random; handed over from another workshop and kept as it is there.
      'training/grow/',
      'playwright-report/',
      '*.cjs',
    ],
  },
  ...tseslint.configs.recommendedTypeChecked,
  {
    languageOptions: {
      parserOptions: {
        projectService: { allowDefaultProject: ['*.js', '*.mjs', 'scripts/*.mjs'] },
      },
    },
  },
  {
    files: ['**/*.js', '**/*.mjs', '**/*.astro'],
    ...tseslint.configs.disableTypeChecked,
  },
  ...astro.configs.recommended,
  {
    rules: {
      '@typescript-eslint/no-unused-vars': [
        'error',
        { argsIgnorePattern: '^_', varsIgnorePattern: '^_', ignoreRestSiblings: true },
      ],
      '@typescript-eslint/consistent-type-imports': 'error',
      complexity: ['error', 12],
      curly: ['error', 'all'],
      eqeqeq: 'error',
      'max-depth': ['error', 3],
      'max-params': ['error', 4],
      'max-lines': lines(300),
      'max-lines-per-function': lines(60),
      'no-console': 'error',
      'no-nested-ternary': 'error',
    },
  },
  {
    files: ['**/*.ts', '**/*.tsx'],
    rules: {
      // Two steps end by throwing what is no error: a refusal of one question, and of one row. `fit` and the stand-in
      // catch thousands of them in a run, and a stack for each would cost more than the work.
      '@typescript-eslint/only-throw-error': [
        'error',
        {
          allow: [{ from: 'file', name: ['Refusal', 'Reason'] }],
          allowRethrowing: true,
        },
      ],
    },
  },
  {
    files: ['scripts/**', 'tests/bench/**', 'e2e/**', 'training/**'],
    rules: { 'no-console': 'off' },
  },
  {
    // What a test does is awaited by the harness whether it waits for anything itself or not.
    files: tests,
    rules: { '@typescript-eslint/require-await': 'off' },
  },
  {
    files: ['src/islands/**/*.tsx', 'src/islands/**/*.ts'],
    plugins: { 'react-hooks': hooks },
    rules: { 'react-hooks/rules-of-hooks': 'error', 'react-hooks/exhaustive-deps': 'error' },
  },
  {
    // The interface is made of the component library; the grid, the seam and the text editor are our own drawing.
    files: ['src/islands/**/*.tsx'],
    ignores: ['src/islands/bank/CellEditor.tsx', 'src/islands/layouts/blank/*.tsx'],
    rules: {
      'no-restricted-syntax': [
        'error',
        {
          selector: 'JSXOpeningElement[name.name=/^(button|select|input|table|textarea)$/]',
          message:
            'Use the component of the library; only the grid, the seam and the editor draw their own.',
        },
      ],
    },
  },
  // A component holds the words of its picture as well.
  { files: ['src/islands/**/*.tsx'], rules: { 'max-lines-per-function': lines(100) } },
  {
    // The core is handed the clock and chance; reaching for them would make its results differ from run to run.
    files: ['src/core/**/*.ts'],
    ignores: ['src/core/**/*.test.ts'],
    plugins: { jsdoc },
    rules: {
      'max-lines': lines(250),
      'jsdoc/require-jsdoc': [
        'error',
        {
          publicOnly: true,
          enableFixer: false,
          require: { FunctionDeclaration: true, ClassDeclaration: true },
          contexts: [
            'ExportNamedDeclaration > VariableDeclaration > VariableDeclarator > ArrowFunctionExpression',
          ],
        },
      ],
      'no-restricted-syntax': [
        'error',
        handedIn(
          "NewExpression[callee.name='Date'][arguments.length=0]",
          'the clock (Surroundings.now)',
        ),
        handedIn(
          "CallExpression[callee.object.name='Date'][callee.property.name='now']",
          'the clock (Surroundings.now)',
        ),
        handedIn(
          "CallExpression[callee.object.name='Math'][callee.property.name='random']",
          'chance (shared/chance.ts with a seed)',
        ),
        handedIn("CallExpression[callee.object.name='performance']", 'the clock'),
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
  {
    // A test is a list of cases: its length and its parameters say nothing about how it reads.
    files: tests,
    rules: {
      'max-lines-per-function': 'off',
      'max-params': 'off',
      '@typescript-eslint/no-unsafe-assignment': 'off',
      '@typescript-eslint/no-unsafe-member-access': 'off',
      '@typescript-eslint/no-unsafe-argument': 'off',
      '@typescript-eslint/no-unsafe-call': 'off',
      '@typescript-eslint/no-unsafe-return': 'off',
    },
  },
);
