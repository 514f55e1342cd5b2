import js from '@eslint/js';
import globals from 'globals';
import reactHooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

/** Imports run one way: pages → parts → ui, pages → data → core, workers → core. */
const layers = {
  core: ['data', 'workers', 'app', 'pages', 'parts', 'ui'],
  data: ['workers', 'app', 'pages', 'parts', 'ui'],
  workers: ['data', 'app', 'pages', 'parts', 'ui'],
  ui: ['data', 'workers', 'app', 'pages', 'parts'],
  parts: ['app', 'pages'],
  pages: [],
};

const oneWay = Object.entries(layers).map(([layer, forbidden]) => ({
  files: [`src/${layer}/**/*.{ts,tsx}`],
  rules: {
    'no-restricted-imports': [
      'error',
      {
        patterns: [
          ...(forbidden.length
            ? [
                {
                  group: forbidden.flatMap((f) => [`**/${f}/**`, `../${f}`]),
                  message: `src/${layer} may not import from there: imports run one way (see README).`,
                },
              ]
            : []),
          ...(layer === 'core'
            ? [
                {
                  group: ['react', 'react-dom', 'react-router', 'dexie', '@tanstack/*', '@headlessui/*', 'comlink'],
                  message: 'The core knows no interface and no storage.',
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
    rules: {
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_', destructuredArrayIgnorePattern: '^_' }],
    },
  },
  {
    files: ['src/**/*.{ts,tsx}'],
    languageOptions: { globals: globals.browser },
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
);
