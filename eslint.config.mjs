import js from '@eslint/js';
import hooks from 'eslint-plugin-react-hooks';
import globals from 'globals';
import ts from 'typescript-eslint';

/** Floors of the house, from the ground up: imports only go down. */
const FLOORS = ['core', 'contract', 'server', 'app'];
const MAY_USE = { core: [], contract: ['core'], server: ['core', 'contract'], app: ['core', 'contract'] };

/** What a workspace may not import: the floors beside and above it, by package name or by a path that leaves it. */
const keepsToItsFloor = (floor, more = []) => ({
  files: [`${floor}/src/**/*.{ts,tsx}`],
  rules: {
    'no-restricted-imports': [
      'error',
      {
        patterns: [
          ...FLOORS.filter((other) => other !== floor && !MAY_USE[floor].includes(other)).map((other) => ({
            group: [`@pike-stone/${other}`, `@pike-stone/${other}/*`, `**/${other}/src/**`],
            message: `${floor} may not import ${other}: imports only go down.`,
          })),
          ...MAY_USE[floor].map((other) => ({
            group: [`**/../${other}/**`],
            message: `Import @pike-stone/${other} by its name.`,
          })),
          ...more,
        ],
      },
    ],
  },
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
    files: ['scripts/**/*.mjs', '*.mjs', '*.js', '**/*.config.*', 'app/*.js'],
    languageOptions: { globals: globals.node },
    rules: { '@typescript-eslint/no-require-imports': 'off' },
  },
  // What runs inside a photographed or measured page.
  { files: ['scripts/screenshots.mjs', 'scripts/bench.mjs'], languageOptions: { globals: globals.browser } },
  {
    files: ['app/src/**/*.{ts,tsx}'],
    languageOptions: { globals: globals.browser },
    plugins: { 'react-hooks': hooks },
    rules: { 'react-hooks/rules-of-hooks': 'error', 'react-hooks/exhaustive-deps': 'error' },
  },
  {
    files: ['core/reference/**', 'core/src/calc/**'],
    rules: { '@typescript-eslint/no-explicit-any': 'off' },
  },
  keepsToItsFloor('core', [
    {
      group: ['react', 'react-*', 'expo*', 'node:*', 'fs', 'path', 'express', 'pg', 'zod', 'swr'],
      message: 'The core imports nothing but its own files and tables.',
    },
  ]),
  keepsToItsFloor('contract', [
    {
      group: ['react', 'react-*', 'expo*', 'node:*', 'express', 'pg'],
      message: 'The contract is read by server and page alike.',
    },
  ]),
  keepsToItsFloor('server', [{ group: ['react', 'react-*', 'expo*'], message: 'The server draws nothing.' }]),
  keepsToItsFloor('app', [{ group: ['node:*', 'express', 'pg'], message: 'The page has no server inside.' }]),
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
  { files: ['core/src/**/*.test.ts'], rules: { 'no-restricted-imports': 'off' } },
);
