/** @type {import('jest').Config} */
export default {
  testMatch: ['<rootDir>/{src,demo,server,cli,bench,docs}/**/*.test.{ts,tsx}'],
  // By itself it would leave one of two cores idle, where lint and types no longer run beside it.
  maxWorkers: '100%',
  // A test that hangs must end, yet a slow machine is no fault: the limit is far above what the longest takes.
  testTimeout: 120_000,
  // Looked up in the sandbox of a test file it is slow, and most of what is tested reckons.
  sandboxInjectedGlobals: ['Math'],
  // Every test file has a sandbox of its own, which goes with it; to take it apart first is half of the work of some of them.
  testEnvironmentOptions: { globalsCleanup: 'off' },
  setupFiles: ['<rootDir>/scripts/browser-here.ts'],
  // Jest reads no modules of packages: it takes other builds of the same.
  moduleNameMapper: {
    '^@zip\\.js/zip\\.js/lib/zip-core-native\\.js$': '@zip.js/zip.js',
    '^(d3-[\\w-]+|internmap)$': '<rootDir>/node_modules/$1/dist/$1.js',
    '^earcut$': '<rootDir>/node_modules/earcut/dist/earcut.min.js',
    // Half of what reading the shapes' library takes is its messages in fifty languages; ours are English.
    '^\\.\\./locales/index\\.cjs$': '<rootDir>/node_modules/zod/v4/locales/en.cjs',
    // Read anew by each test file: of one only what is asked for, the other with its seed and only where it is used.
    '^date-fns$': '<rootDir>/scripts/date-fns-by-name.cjs',
    '^fast-check$': '<rootDir>/scripts/seeded-fast-check.ts',
  },
  transform: {
    '^.+\\.tsx?$': [
      '@swc/jest',
      {
        jsc: { target: 'es2022', parser: { syntax: 'typescript', tsx: true }, transform: { react: { runtime: 'automatic' } } },
        module: { type: 'commonjs' },
      },
    ],
  },
};
