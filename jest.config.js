/** @type {import('jest').Config} */
export default {
  testMatch: ['<rootDir>/{src,demo,server}/**/*.test.ts'],
  transform: {
    '^.+\\.tsx?$': ['@swc/jest', { jsc: { target: 'es2022', parser: { syntax: 'typescript', tsx: true } }, module: { type: 'commonjs' } }],
  },
};
