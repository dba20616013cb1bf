import js from '@eslint/js';
import reactHooks from 'eslint-plugin-react-hooks';
import globals from 'globals';
import ts from 'typescript-eslint';
import { areasOf } from './tools/lib/areas.mjs';

/** Into another area: by its index only. */
const insideOf = (src) => ({
  regex: `^(\\.\\./)+(${areasOf(src).join('|')})/`,
  message: 'Import from the area’s index, or move what is shared down.',
});
const noAreaOf = (src) => ({
  regex: `^(\\.\\./)+(${areasOf(src).join('|')}|app)(/|$)`,
  message: 'The areas stand on this; it knows none of them.',
});
const restricted = (files, patterns, ignores = []) => ({
  files,
  ignores,
  rules: { 'no-restricted-imports': ['error', { patterns }] },
});
const NOT_IN_A_BROWSER = { group: ['@nestjs/*', 'typeorm', 'node:*'], message: 'This does not run in a browser.' };
const WEB = 'apps/web/src';
const SERVER = 'apps/server/src';

/** Arrows run one way: web and server -> contract -> core. */
const arrows = (files, forbidden) => ({
  files,
  rules: {
    'no-restricted-imports': [
      'error',
      { patterns: [{ group: forbidden, message: 'Arrows run one way: web and server -> contract -> core.' }] },
    ],
  },
});

export default ts.config(
  { ignores: ['**/dist/**', '**/node_modules/**', '.pelvo/**', 'test-results/**'] },
  js.configs.recommended,
  ...ts.configs.strict,
  {
    languageOptions: { globals: globals.node },
    rules: {
      '@typescript-eslint/no-non-null-assertion': 'off',
      '@typescript-eslint/no-extraneous-class': 'off',
      '@typescript-eslint/no-invalid-void-type': 'off',
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      eqeqeq: 'error',
      'max-lines': ['error', { max: 400, skipBlankLines: true, skipComments: true }],
    },
  },
  {
    files: ['**/*.ts', '**/*.tsx'],
    languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
    rules: {
      '@typescript-eslint/no-floating-promises': 'error',
      // What the core says is data: pasted into a text it would read [object Object].
      '@typescript-eslint/restrict-template-expressions': ['error', { allowNumber: true, allowBoolean: true, allowNullish: true }],
      '@typescript-eslint/no-base-to-string': 'error',
      '@typescript-eslint/no-misused-promises': ['error', { checksVoidReturn: { attributes: false } }],
      '@typescript-eslint/switch-exhaustiveness-check': ['error', { considerDefaultExhaustiveForUnions: true }],
    },
  },
  arrows(['packages/core/{src,test}/**'], ['@pelvo/*', 'react*', '@nestjs/*', 'typeorm', 'node:*']),
  arrows(['packages/contract/**'], ['@pelvo/server', '@pelvo/web', 'react*', '@nestjs/*', 'typeorm', 'node:*']),
  {
    files: ['apps/web/src/**'],
    languageOptions: { globals: globals.browser },
    plugins: { 'react-hooks': reactHooks },
    rules: { ...reactHooks.configs.recommended.rules },
  },
  // An area shows one face to the others, its index. App.tsx and Screens.tsx alone know every page; that there is no ring is a test's.
  restricted([`${WEB}/**`], [insideOf(WEB), NOT_IN_A_BROWSER], [`${WEB}/app/App.tsx`, `${WEB}/app/Screens.tsx`]),
  restricted([`${WEB}/design/**`, `${WEB}/device/**`], [noAreaOf(WEB), NOT_IN_A_BROWSER]),
  restricted([`${SERVER}/**`], [insideOf(SERVER), { group: ['@pelvo/web', 'react*'], message: 'This does not run on the server.' }]),
  restricted([`${SERVER}/platform/**`, `${SERVER}/migrations/**`], [noAreaOf(SERVER)]),
  // Data, a row a line.
  { files: ['packages/core/test/corpus/**'], rules: { 'max-lines': 'off' } },
  { files: ['tools/**', '*.js'], rules: { 'no-console': 'off' } },
);
