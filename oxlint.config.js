import { defineConfig } from 'oxlint';

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
  'drawing',
  'measure',
  'lay',
  'cost',
  'symptom',
  'decide',
  'plan',
  'shorthand',
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
  excludeFiles: ['**/*.test.ts', '**/sample-*.ts'],
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

/** What is asked of all files beyond what is simply wrong. */
const everywhere = [
  'no-case-declarations',
  'no-empty',
  'no-fallthrough',
  'no-prototype-builtins',
  'no-regex-spaces',
  'no-unassigned-vars',
  'no-unexpected-multiline',
  'no-unreachable',
  'no-useless-assignment',
  'no-var',
  'prefer-const',
  'prefer-rest-params',
  'prefer-spread',
  'preserve-caught-error',
  'typescript/ban-ts-comment',
  'typescript/no-array-constructor',
  'typescript/no-explicit-any',
  'typescript/no-namespace',
  'typescript/no-require-imports',
  'typescript/no-unnecessary-type-constraint',
  'typescript/no-unsafe-function-type',
];

/** A promise nobody waits for and an assertion that asserts nothing are seen only with types. */
const withTypes = [
  'typescript/no-floating-promises',
  'typescript/no-misused-promises',
  'typescript/await-thenable',
  'typescript/no-unnecessary-type-assertion',
  'typescript/no-for-in-array',
  'typescript/no-implied-eval',
  'typescript/only-throw-error',
  'typescript/prefer-promise-reject-errors',
  'typescript/restrict-plus-operands',
  'typescript/no-unsafe-argument',
  'typescript/no-unsafe-return',
  'typescript/no-unsafe-call',
];

const hooks = [
  'rules-of-hooks',
  'exhaustive-deps',
  'static-components',
  'use-memo',
  'preserve-manual-memoization',
  'incompatible-library',
  'immutability',
  'globals',
  'refs',
  'set-state-in-effect',
  'error-boundaries',
  'purity',
  'set-state-in-render',
  'unsupported-syntax',
];

const asErrors = (rules) => Object.fromEntries(rules.map((rule) => [rule, 'error']));

export default defineConfig({
  plugins: ['eslint', 'typescript', 'oxc', 'react'],
  categories: { correctness: 'error' },
  options: { typeAware: true },
  ignorePatterns: ['dist', 'node_modules', 'test-results', 'playwright-report', '.ready'],
  rules: {
    ...asErrors(everywhere),
    // What a library lets be declared further is declared so: `interface GlobalMeta extends …`.
    'typescript/no-empty-object-type': ['error', { allowInterfaces: 'with-single-extends' }],
    // Asked by default, and no help here: `String(error)` of whatever was thrown, `void` before a call that gives nothing, defaults for what a
    // library's types only promise, a name among keys, numbers in what a bench prints.
    'typescript/no-base-to-string': 'off',
    'typescript/no-meaningless-void-operator': 'off',
    'typescript/no-useless-default-assignment': 'off',
    'typescript/no-redundant-type-constituents': 'off',
    'typescript/restrict-template-expressions': 'off',
    'no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_', destructuredArrayIgnorePattern: '^_' }],
  },
  overrides: [
    {
      files: ['src/**/*.{ts,tsx}', 'server/**/*.ts', 'cli/**/*.ts'],
      rules: { ...asErrors(withTypes), 'typescript/switch-exhaustiveness-check': ['error', { considerDefaultExhaustiveForUnions: true }] },
    },
    {
      // Tests put methods of the browser's in others' place, take plain texts and stores apart, and compare lists whatever their order.
      files: ['**/*.test.{ts,tsx}', 'e2e/**'],
      rules: { 'typescript/unbound-method': 'off', 'typescript/no-misused-spread': 'off', 'typescript/require-array-sort-compare': 'off' },
    },
    {
      // The core knows no React, and tests have no hooks of their own.
      files: ['src/**/*.{ts,tsx}'],
      excludeFiles: ['src/core/**', '**/*.test.*'],
      rules: asErrors(hooks.map((rule) => `react/${rule}`)),
    },
    {
      files: ['src/core/**/*.ts'],
      excludeFiles: ['**/*.test.ts'],
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
  ],
});
