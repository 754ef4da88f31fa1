import js from '@eslint/js';
import reactHooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';
import { noKindIds } from './scripts/lib/kindIds.mjs';

/** Imports a folder may not make: knowledge points one way, web → core and server → core. */
const border = (files, group, message) => ({
  files,
  rules: { 'no-restricted-imports': ['error', { patterns: [{ group, message }] }] },
});

export default tseslint.config(
  {
    ignores: [
      '**/dist/**',
      '.types/**',
      '.aviarum/**',
      'node_modules/**',
      '**/test-results/**',
      'core/fixtures/**',
    ],
  },
  js.configs.recommended,
  {
    files: ['**/*.ts', '**/*.tsx'],
    extends: [tseslint.configs.strictTypeChecked],
    languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
    rules: {
      '@typescript-eslint/restrict-template-expressions': ['error', { allowNumber: true }],
      // `return fail(…)` in a void function reads better than two lines.
      '@typescript-eslint/no-confusing-void-expression': 'off',
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      '@typescript-eslint/no-misused-spread': ['error', { allow: ['string'] }],
      // There are no enums, and no class stands for another: these two look at every assignment for what cannot be there.
      '@typescript-eslint/no-unsafe-enum-assignment': 'off',
      '@typescript-eslint/no-unsafe-class-instance-assignment': 'off',
      'no-restricted-syntax': [
        'error',
        { selector: 'TSEnumDeclaration', message: 'A union of strings says it.' },
      ],
      '@typescript-eslint/consistent-type-imports': 'error',
      '@typescript-eslint/switch-exhaustiveness-check': [
        'error',
        { considerDefaultExhaustiveForUnions: true },
      ],
    },
  },
  {
    files: ['web/**/*.tsx', 'web/**/*.ts'],
    plugins: { 'react-hooks': reactHooks },
    rules: { 'react-hooks/rules-of-hooks': 'error', 'react-hooks/exhaustive-deps': 'error' },
  },
  {
    files: ['core/src/**/*.ts', 'server/src/**/*.ts', 'web/src/**/*.ts', 'web/src/**/*.tsx'],
    ignores: ['**/*.test.ts', '**/*.test.tsx', '**/testing/**'],
    rules: {
      'max-lines-per-function': ['error', { max: 80, skipComments: true }],
      'max-depth': ['error', 4],
    },
  },
  {
    files: ['core/src/**/*.ts', 'server/src/**/*.ts', 'web/src/**/*.ts', 'web/src/**/*.tsx'],
    ignores: ['**/*.test.ts', '**/*.test.tsx', '**/testing/**'],
    plugins: { rows: { rules: { 'no-kind-ids': noKindIds } } },
    rules: { 'rows/no-kind-ids': 'error' },
  },
  border(
    ['core/src/**/*.ts'],
    [
      'react*',
      'hono*',
      'knex',
      'pg',
      'zustand*',
      'node:*',
      'fs',
      'path',
      '@aviarum/*',
      '**/server/**',
      '**/web/**',
    ],
    'core is pure: it knows no interface, no server and no machine.',
  ),
  border(
    ['core/src/**/*.test.ts'],
    ['react*', 'hono*', 'knex', 'pg', '@aviarum/*', '**/server/**', '**/web/**'],
    'core is tested on its own.',
  ),
  border(
    ['server/src/**/*.ts'],
    ['react*', '@aviarum/web*', '**/web/**', '../../core/**'],
    'server knows core through its front door only.',
  ),
  border(
    ['web/src/**/*.ts', 'web/src/**/*.tsx'],
    ['hono*', 'knex', 'pg', 'node:*', '@aviarum/server*', '**/server/src/**', '../../core/**'],
    'web knows core through its front door only.',
  ),
  // Tests may look at files; the borders between packages hold for them too.
  border(
    ['web/src/**/*.test.ts'],
    ['hono*', 'knex', 'pg', '@aviarum/server*', '**/server/src/**'],
    'web knows core through its front door only.',
  ),
  {
    files: ['server/src/routes/**/*.ts', 'server/src/app.ts'],
    rules: {
      'no-restricted-imports': [
        'error',
        { patterns: [{ group: ['knex', 'pg'], message: 'SQL lives in server/src/store.' }] },
      ],
    },
  },
  {
    files: ['**/*.mjs', '**/*.js'],
    languageOptions: {
      globals: {
        process: 'readonly',
        console: 'readonly',
        URL: 'readonly',
        setTimeout: 'readonly',
        clearTimeout: 'readonly',
        fetch: 'readonly',
        performance: 'readonly',
        setInterval: 'readonly',
        clearInterval: 'readonly',
        Buffer: 'readonly',
        AbortSignal: 'readonly',
        crypto: 'readonly',
        structuredClone: 'readonly',
      },
    },
  },
);
