import js from '@eslint/js';
import hooks from 'eslint-plugin-react-hooks';
import a11y from 'eslint-plugin-jsx-a11y-x';
import ts from 'typescript-eslint';

export default ts.config(
  {
    ignores: [
      '**/dist/',
      '**/node_modules/',
      'data/',
      'packages/server/drizzle/',
      'test-results/',
      'playwright-report/',
    ],
  },
  js.configs.recommended,
  ...ts.configs.recommended,
  {
    rules: {
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      '@typescript-eslint/consistent-type-imports': 'error',
      eqeqeq: 'error',
      'no-console': 'off',
      'no-self-compare': 'off',
    },
  },
  {
    // Numbers are rounded in one place, half away from zero.
    files: ['packages/*/src/**/*.{ts,tsx}'],
    rules: {
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'round', message: 'Use roundTo: it rounds half away from zero.' },
      ],
      // At 350 lines find the second subject.
      'max-lines': ['error', { max: 350 }],
      // Longer than a screen: find its parts.
      'max-lines-per-function': ['error', { max: 60 }],
    },
  },
  { files: ['packages/web/src/**/*.{ts,tsx}'], ...hooks.configs.flat['recommended-latest'] },
  {
    files: ['packages/web/src/**/*.tsx'],
    ...a11y.configs.strict,
    rules: {
      ...a11y.configs.strict.rules,
      // Our own small choice is a control.
      'jsx-a11y-x/label-has-associated-control': ['error', { controlComponents: ['Pick', 'Field', 'FieldInAddress'] }],
      // What scrolls is reached by the keyboard.
      'jsx-a11y-x/no-noninteractive-tabindex': ['error', { roles: ['region'], tags: [] }],
    },
  },
  {
    files: ['packages/core/src/**/*.ts'],
    rules: {
      'no-restricted-globals': ['error', 'window', 'document', 'process', 'fetch', 'performance'],
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random' },
        { object: 'Date', property: 'now' },
        { object: 'Math', property: 'round', message: 'Use roundTo: it rounds half away from zero.' },
      ],
    },
  },
  {
    files: ['packages/web/public/*.js'],
    languageOptions: {
      globals: { self: 'readonly', caches: 'readonly', URL: 'readonly', fetch: 'readonly', Response: 'readonly' },
    },
  },
  {
    files: ['tools/**/*.mjs', '*.mjs', '**/vite.config.mjs'],
    languageOptions: {
      globals: { process: 'readonly', console: 'readonly', URL: 'readonly', setTimeout: 'readonly', fetch: 'readonly' },
    },
  },
);
