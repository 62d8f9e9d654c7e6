import tseslint from 'typescript-eslint';
import reactHooks from 'eslint-plugin-react-hooks';
import { wordsFromCatalogue } from './scripts/lint/wordsFromCatalogue.mjs';

/** The arrows of the architecture: web and server point to contracts, contracts point to core, never back. */
const forbid = (files, group, message) => ({
  files,
  rules: { 'no-restricted-imports': ['error', { patterns: [{ group, message }] }] },
});

const FROM_THE_WEB = ['react', 'react-*', '@bright-sprout/web*', '**/apps/web/**', '**/web/src/**'];
const NOT_THE_WEB = 'The server never imports the web application.';

const ONE_CLOCK = 'Ask core/src/clock/clock: the one clock that can be set.';

/** What is read by no user: words that are recognised, the demo’s own texts, what an operator is told, rows and queries. */
const NO_WORDS = [
  'packages/core/src/formats/table/{headWords,stateWords}.ts',
  'packages/core/src/conclude/claim/wordsOfReach.ts',
  'packages/core/src/kept/**',
  'packages/core/src/simulate/**',
  'apps/server/src/{demo,database}/**',
  'apps/server/src/{settings,prepare,demoPictures,openApi}.ts',
];

export default tseslint.config(
  { ignores: ['**/dist/', '**/node_modules/', 'var/', 'test-results/'] },
  ...tseslint.configs.recommended,
  {
    rules: {
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_' }],
      '@typescript-eslint/consistent-type-imports': ['error', { fixStyle: 'inline-type-imports' }],
      eqeqeq: 'error',
      'no-restricted-syntax': [
        'error',
        { selector: "NewExpression[callee.name='Date'][arguments.length=0]", message: ONE_CLOCK },
        { selector: "CallExpression[callee.name='Date']", message: ONE_CLOCK },
        { selector: "CallExpression[callee.object.name='Date'][callee.property.name='now']", message: ONE_CLOCK },
      ],
      'no-console': ['error', { allow: ['warn', 'error'] }],
    },
  },
  {
    // What is longer has a seam.
    files: ['packages/*/src/**/*.ts', 'apps/*/src/**/*.{ts,tsx}'],
    ignores: ['**/*.test.{ts,tsx}', 'apps/server/src/{demo,database}/**'],
    rules: { 'max-lines-per-function': ['error', { max: 100 }] },
  },
  {
    // Nest reads constructor parameter types at run time, so these imports must stay values.
    files: ['apps/server/**/*.ts', 'packages/contracts/**/*.ts'],
    rules: { '@typescript-eslint/consistent-type-imports': 'off' },
  },
  { files: ['**/*.cjs'], rules: { '@typescript-eslint/no-require-imports': 'off' } },
  {
    // What somebody reads comes from a catalogue.
    files: ['packages/{core,contracts}/src/**/*.ts', 'apps/server/src/**/*.ts', 'apps/web/src/**/*.{ts,tsx}'],
    ignores: ['**/*.test.{ts,tsx}', ...NO_WORDS],
    plugins: { words: { rules: { 'from-catalogue': wordsFromCatalogue } } },
    rules: { 'words/from-catalogue': 'error' },
  },
  // The clock itself, and what runs without the core or measures how long something takes.
  {
    files: ['packages/core/src/clock/*.ts', 'scripts/*.mjs'],
    rules: { 'no-restricted-syntax': 'off' },
  },
  { files: ['scripts/**', 'e2e/**'], rules: { 'no-console': 'off' } },
  {
    files: ['apps/web/**/*.{ts,tsx}'],
    plugins: { 'react-hooks': reactHooks },
    rules: { 'react-hooks/rules-of-hooks': 'error', 'react-hooks/exhaustive-deps': 'error' },
  },
  forbid(
    ['packages/core/src/**/*.ts'],
    [
      'react',
      'react-*',
      '@nestjs/*',
      'typeorm',
      'class-validator',
      'class-transformer',
      'node:*',
      'fs',
      'http',
      '@bright-sprout/*',
      '!@bright-sprout/words',
      '@tanstack/*',
      'plotly*',
    ],
    'The core is pure science: no framework, no I/O; of the other workspaces only the words.',
  ),
  forbid(
    ['packages/contracts/src/**/*.ts'],
    ['react', 'react-*', '@nestjs/*', 'typeorm', 'node:*', '@bright-sprout/server*', '@bright-sprout/web*', '**/apps/**'],
    'Contracts only know the core and the validators.',
  ),
  forbid(
    ['apps/web/src/**/*.{ts,tsx}'],
    ['@nestjs/*', 'typeorm', 'mysql2', '@bright-sprout/server*', '**/apps/server/**', '**/server/src/**'],
    'The web application never imports the server.',
  ),
  forbid(['apps/server/src/**/*.ts'], FROM_THE_WEB, NOT_THE_WEB),
  {
    // The schemas of answers are checked where they are sent: pages, and a team's phone, know their types only.
    files: ['apps/web/src/**/*.{ts,tsx}'],
    rules: {
      '@typescript-eslint/no-restricted-imports': [
        'error',
        {
          patterns: [
            {
              group: ['@bright-sprout/contracts/answers/*'],
              allowTypeImports: true,
              message: 'Of answers the web application takes types only.',
            },
          ],
        },
      ],
    },
  },
  {
    // One way to the database: what begins a unit of work, and what reads and writes in it, is in one place.
    files: ['apps/server/src/**/*.{service,controller}.ts'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [{ group: FROM_THE_WEB, message: NOT_THE_WEB }],
          paths: [
            {
              name: 'typeorm',
              importNames: ['DataSource', 'EntityManager', 'getRepository'],
              message: 'Go through database/database: the one way to the tables.',
            },
          ],
        },
      ],
    },
  },
);
