import js from '@eslint/js';
import globals from 'globals';
import reactHooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

/** Imports run one way: app and pages → parts → ui, pages → data and workers → core. */
const layers = {
  core: ['data', 'workers', 'app', 'pages', 'parts', 'ui'],
  data: ['workers', 'app', 'pages', 'parts', 'ui'],
  workers: ['data', 'app', 'pages', 'parts', 'ui'],
  ui: ['data', 'workers', 'app', 'pages', 'parts'],
  parts: ['app', 'pages'],
  pages: ['app'],
};

/**
 * The rooms of the core from the ground up: record → facts → offset → belief → forecast → view (docs/architecture.md). Each may look into
 * those before it, and into none after it.
 */
const rooms = [
  'units',
  'body',
  'catalogue',
  'inference',
  'records',
  'alteration',
  'make',
  'fabric',
  'arithmetic',
  'ledger',
  'garment',
  'forecast',
  'wear',
  'versions',
  'shorthand',
  'drawing',
  'measure',
  'lay',
  'cost',
  'symptom',
  'decide',
  'plan',
  'schedule',
  'wardrobe',
  'statement',
  'archive',
  'engine',
];

const OUTSIDE = ['react', 'react-dom', 'react-router', 'dexie', '@tanstack/*', '@headlessui/*', 'comlink'];

const oneWay = Object.entries(layers).map(([layer, forbidden]) => ({
  files: [`src/${layer}/**/*.{ts,tsx}`],
  rules: {
    'no-restricted-imports': [
      'error',
      {
        patterns: [
          {
            group: forbidden.flatMap((f) => [`**/${f}/**`, `../${f}`]),
            message: `src/${layer} may not import from there: imports run one way (docs/architecture.md).`,
          },
        ],
      },
    ],
  },
}));

// Tests may look anywhere in the core: they ask it as its users do.
const upwards = rooms.map((room, i) => ({
  files: [`src/core/${room}/**/*.ts`],
  ignores: ['**/*.test.ts', '**/sample-*.ts'],
  rules: {
    'no-restricted-imports': [
      'error',
      {
        patterns: [
          { group: layers.core.flatMap((f) => [`**/../${f}/**`]), message: 'The core knows no interface and no storage.' },
          { group: OUTSIDE, message: 'The core knows no interface and no storage.' },
          ...(i + 1 < rooms.length
            ? [
                {
                  group: rooms.slice(i + 1).flatMap((r) => [`../${r}/**`, `../../${r}/**`]),
                  message: `src/core/${room} may not look up there: the rooms of the core are in order (docs/architecture.md).`,
                },
              ]
            : []),
        ],
      },
    ],
  },
}));

export default tseslint.config(
  { ignores: ['dist', 'node_modules', 'test-results', 'playwright-report', '.ready'] },
  js.configs.recommended,
  tseslint.configs.recommended,
  {
    // With types: a promise nobody waits for and an assertion that asserts nothing are seen only so.
    files: ['src/**/*.{ts,tsx}', 'server/**/*.ts', 'cli/**/*.ts'],
    languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
    rules: {
      '@typescript-eslint/no-floating-promises': 'error',
      '@typescript-eslint/no-misused-promises': 'error',
      '@typescript-eslint/await-thenable': 'error',
      '@typescript-eslint/no-unnecessary-type-assertion': 'error',
      '@typescript-eslint/no-for-in-array': 'error',
      '@typescript-eslint/no-implied-eval': 'error',
      '@typescript-eslint/only-throw-error': 'error',
      '@typescript-eslint/prefer-promise-reject-errors': 'error',
      '@typescript-eslint/restrict-plus-operands': 'error',
      '@typescript-eslint/no-unsafe-argument': 'error',
      '@typescript-eslint/no-unsafe-return': 'error',
      '@typescript-eslint/no-unsafe-call': 'error',
      '@typescript-eslint/switch-exhaustiveness-check': ['error', { considerDefaultExhaustiveForUnions: true }],
    },
  },
  {
    rules: {
      // What a library lets be declared further is declared so: `interface GlobalMeta extends …`.
      '@typescript-eslint/no-empty-object-type': ['error', { allowInterfaces: 'with-single-extends' }],
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_', destructuredArrayIgnorePattern: '^_' }],
    },
  },
  { files: ['src/**/*.{ts,tsx}'], languageOptions: { globals: globals.browser } },
  {
    // The core knows no React, and tests have no hooks of their own: its rules, which compile every file they look at, find nothing there.
    files: ['src/**/*.{ts,tsx}'],
    ignores: ['src/core/**', '**/*.test.*'],
    plugins: { 'react-hooks': reactHooks },
    rules: { ...reactHooks.configs.recommended.rules },
  },
  { files: ['scripts/**', 'server/**', 'bench/**', 'cli/**', 'e2e/**', '*.js'], languageOptions: { globals: globals.node } },
  {
    files: ['src/core/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-globals': ['error', 'window', 'document', 'localStorage', 'fetch'],
      'no-restricted-properties': [
        'error',
        { object: 'Date', property: 'now', message: 'Pass the date in.' },
        { object: 'Math', property: 'random', message: 'Pass a seed in.' },
      ],
    },
  },
  ...oneWay,
  ...upwards,
);
