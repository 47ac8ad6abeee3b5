import js from '@eslint/js';
import hooks from 'eslint-plugin-react-hooks';
import globals from 'globals';
import ts from 'typescript-eslint';
import { operationKeys } from './lint/operation-keys.mjs';

/** Packages a workspace may not import; which workspace may import which is said in .dependency-cruiser.mjs. */
const without = (workspace, group, message) => ({
  files: [`${workspace}/src/**/*.{ts,tsx}`],
  ignores: ['**/*.test.ts', '**/*.fixture.ts', '**/fixture.ts'],
  rules: { 'no-restricted-imports': ['error', { patterns: [{ group, message }] }] },
});

const PURE = 'The core is pure: pass it in.';

export default ts.config(
  {
    ignores: [
      '**/dist/**',
      '**/dist-new/**',
      '**/node_modules/**',
      '.data/**',
      '**/test-results/**',
      '**/playwright-report/**',
      'app/.expo/**',
      '**/*.json',
    ],
  },
  js.configs.recommended,
  ...ts.configs.recommended,
  {
    linterOptions: { reportUnusedDisableDirectives: 'error' },
    rules: {
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      '@typescript-eslint/consistent-type-imports': ['error', { fixStyle: 'inline-type-imports' }],
      eqeqeq: 'error',
      'no-console': 'off',
    },
  },
  {
    files: ['scripts/**/*.mjs', 'lint/**/*.mjs', '*.mjs', '*.js', '**/*.config.*', 'app/*.js'],
    languageOptions: { globals: globals.node },
    rules: { '@typescript-eslint/no-require-imports': 'off' },
  },
  {
    files: ['mutation/*.js'],
    languageOptions: { globals: { ...globals.node, ...globals.jest } },
    rules: { '@typescript-eslint/no-require-imports': 'off' },
  },
  // What runs inside a photographed or measured page.
  {
    files: ['scripts/screenshots.mjs', 'scripts/bench/pages.mjs'],
    languageOptions: { globals: globals.browser },
  },
  {
    files: ['app/src/**/*.{ts,tsx}'],
    languageOptions: { globals: globals.browser },
    plugins: { 'react-hooks': hooks },
    rules: { 'react-hooks/rules-of-hooks': 'error', 'react-hooks/exhaustive-deps': 'error' },
  },
  without(
    'core',
    ['react', 'react-*', 'expo*', 'node:*', 'fs', 'path', 'express', 'pg', 'zod', 'swr', 'fast-check'],
    'The core imports nothing but its own files.',
  ),
  without(
    'words',
    ['react', 'react-*', 'expo*', 'node:*', 'express', 'pg', 'zod', 'swr'],
    'Words are plain text.',
  ),
  without(
    'contract',
    ['react', 'react-*', 'expo*', 'node:*', 'express', 'pg'],
    'The contract is read by server and page alike.',
  ),
  without('server', ['react', 'react-*', 'expo*'], 'The server draws nothing.'),
  without('app', ['node:*', 'express', 'pg'], 'The page has no server inside.'),
  {
    files: ['core/src/plan/**/*.ts', 'core/src/choose/**/*.ts', 'app/src/**/*.{ts,tsx}'],
    ignores: ['**/*.test.{ts,tsx}', '**/*.fixture.ts', 'app/src/areas/cut/operation/**'],
    languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
    plugins: { house: { rules: { 'operation-keys': operationKeys } } },
    rules: { 'house/operation-keys': 'error' },
  },
  {
    files: ['app/src/**/*.{ts,tsx}'],
    ignores: ['app/src/theme/sheet.ts'],
    rules: {
      'no-restricted-properties': [
        'error',
        {
          object: 'StyleSheet',
          property: 'create',
          message: 'Sizes of type follow the browser’s text: make the sheet with theme/sheet.',
        },
      ],
    },
  },
  {
    files: ['core/src/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-globals': [
        'error',
        ...[
          'window',
          'document',
          'fetch',
          'localStorage',
          'process',
          'setTimeout',
          'setInterval',
          'performance',
          'navigator',
          'crypto',
        ].map((name) => ({ name, message: PURE })),
      ],
      'no-restricted-syntax': [
        'error',
        {
          selector:
            "MemberExpression[object.name='Date'][property.name='now'], NewExpression[callee.name='Date'][arguments.length=0]",
          message: PURE,
        },
        { selector: "MemberExpression[object.name='Math'][property.name='random']", message: PURE },
        {
          selector: "MemberExpression[property.name=/^toLocale/], MemberExpression[object.name='Intl']",
          message: PURE,
        },
      ],
    },
  },
);
