/** @type {import('jest').Config} */
export default {
  testMatch: ['<rootDir>/{src,demo,server,cli}/**/*.test.ts'],
  setupFiles: ['<rootDir>/scripts/property-seed.ts'],
  transform: {
    '^.+\\.tsx?$': ['@swc/jest', { jsc: { target: 'es2022', parser: { syntax: 'typescript', tsx: true } }, module: { type: 'commonjs' } }],
  },
};
