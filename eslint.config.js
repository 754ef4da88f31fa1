import js from '@eslint/js';
import reactHooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

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
    // Rules that ask for types stand in .oxlintrc.json: a linter that checks types natively takes a twentieth of the time for them.
    extends: [tseslint.configs.strict],
    rules: {
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      'no-restricted-syntax': [
        'error',
        { selector: 'TSEnumDeclaration', message: 'A union of strings says it.' },
      ],
      '@typescript-eslint/consistent-type-imports': 'error',
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
