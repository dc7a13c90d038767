/** Unit and property tests: as modules, compiled by swc. */
export default {
  testEnvironment: '<rootDir>/scripts/testing/environment.mjs',
  testEnvironmentOptions: { globalsCleanup: 'off' }, // the database in memory is used to the end
  roots: ['<rootDir>/core', '<rootDir>/web', '<rootDir>/server', '<rootDir>/demo', '<rootDir>/scripts'],
  setupFiles: ['<rootDir>/scripts/testing/browser.ts'],
  testMatch: ['**/*.test.ts'],
  testTimeout: 60_000,
  maxWorkers: 2,
  extensionsToTreatAsEsm: ['.ts'],
  transform: {
    '^.+\\.ts$': [
      '@swc/jest',
      {
        jsc: {
          parser: { syntax: 'typescript' },
          target: 'es2022',
          experimental: { keepImportAttributes: true },
        },
        module: { type: 'es6' },
      },
    ],
  },
  moduleNameMapper: { '^@core/(.*)$': '<rootDir>/core/$1/index.ts', '^@web/(.*)$': '<rootDir>/web/$1' },
}
