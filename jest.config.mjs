/** Jest over core, contract and server; swc strips the types. Screens are tested through the browser, in e2e/. */
export default {
  testEnvironment: 'node',
  // A busy machine is no reason to fail.
  testTimeout: 60_000,
  setupFiles: ['<rootDir>/packages/core/test/seed.ts'],
  roots: ['<rootDir>/packages'],
  testMatch: ['**/*.test.ts'],
  transform: {
    '^.+\\.ts$': [
      '@swc/jest',
      { jsc: { parser: { syntax: 'typescript' }, target: 'es2022' }, module: { type: 'commonjs' } },
    ],
  },
  moduleNameMapper: {
    '^@hardy-sextant/core/starters$': '<rootDir>/packages/core/src/starters/index.ts',
    '^@hardy-sextant/(core|contract|files)$': '<rootDir>/packages/$1/src/index.ts',
    '^@hardy-sextant/files/(\\w+)$': '<rootDir>/packages/files/src/$1.ts',
  },
};
